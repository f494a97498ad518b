// What is in the shot, as the server told it last: a view of the state's scene, so that there is only one of it.

// Steps in which what is picked can be set
export const SETTING = new Set(["set", "strike"]);

const OF_SCENE = ["fps", "rate", "first", "last", "floor", "g", "name", "display", "performers", "props", "references", "guides", "cameras", "marker_sets", "remarks"];

// `fixed` : what stays while the bench is open. Everything else is read from the state as it is now
export function createSetup(state, fixed) {
  const setup = { ...fixed };
  for (const key of OF_SCENE) Object.defineProperty(setup, key, { get: () => state.get("scene")[key], enumerable: true });
  return Object.freeze(setup);
}

export const itemsOf = (scene) => [...scene.performers, ...scene.props, ...scene.references, ...scene.guides, ...scene.cameras, ...scene.marker_sets];

export const performerOf = (scene, id) => scene.performers.find((p) => p.id === id) ?? scene.performers[0];

export const itemOf = (scene, id) => itemsOf(scene).find((item) => item.id === id) ?? null;

export const isPerformer = (scene, id) => scene.performers.some((p) => p.id === id);

// The frame whose pose and pictures are seen: held on twos or threes it lags behind the playhead
export function heldFrame(state, scene) {
  const frame = state.get("frame"), hold = state.get("hold");
  return scene.first + Math.floor((frame - scene.first) / hold) * hold;
}

// Row of a prop's track on a frame: [x, y, z, w, x, y, z]; a prop that rests has one row
export const propRow = (scene, prop, frame) => prop.track[prop.track.length > 1 ? frame - scene.first : 0];
