// What is in the shot, as the server told it last: the bench's modules read it from `setup`, which keeps up with it.

export function takeScene(setup, scene) {
  Object.assign(setup, scene);
}

export const performerOf = (setup, id) => setup.performers.find((p) => p.id === id) ?? setup.performers[0];

export const itemOf = (setup, id) =>
  [...setup.performers, ...setup.props, ...setup.references, ...setup.guides].find((item) => item.id === id) ?? null;

export const isPerformer = (setup, id) => setup.performers.some((p) => p.id === id);

// Row of a prop's track on a frame: [x, y, z, w, x, y, z]; a prop that rests has one row
export const propRow = (setup, prop, frame) => prop.track[prop.track.length > 1 ? frame - setup.first : 0];
