// What the bench's one state begins with, by who it belongs to.

const within = (scene, frame) => Math.min(Math.max(frame, scene.first), scene.last);
const wholeOf = (scene) => [scene.first - 0.5, scene.last + 0.5];

// Smooth edges cost where drawing is in software; whether somebody wants them is kept by the browser
const SMOOTH = "iron-arc-smooth";
function keptSmooth() { try { return window.localStorage.getItem(SMOOTH) !== "no"; } catch { return true; } }
export function keepSmooth(on) { try { window.localStorage.setItem(SMOOTH, on ? "yes" : "no"); } catch { /* it is smooth again next time */ } }

// The shot as it stands, and what is picked in it
// early : before anybody is read
const shotOf = ({ standing, scene, who, pick, early }, named) => ({
  revision: standing.revision, standing, seen: standing.revision, early, scene, who, pick,
  frame: Number.isInteger(named) ? within(scene, named) : scene.first, saving: false,
});

const PLAYING = { playing: false, playRange: null, round: 0, loop: true, rate: null, speed: 1, hold: 1 };

// What is shown of it: a side, what is tried in its place, and the data and motions these have
const shownOf = (step) => ({
  step, side: "now", trying: null, trial: null, variant: null, data: null, motion: null, motions: {}, held: null, physics: null, gap: null, compared: null, against: "", beside: null,
  shown: {
    footing: true, pushes: true, phantom: true, spin: false, line: false, com: true, path: true, gravity: true, ghosts: true, keyGhosts: false, silhouette: false, changed: false, beside: false, horizon: false,
    partPath: true, grid: true, props: true, guides: true, markers: true, references: true,
    smooth: keptSmooth(), "small-lens": false, "small-front": false, "small-side": false, "small-top": false, "small-free": false,
  },
});

const trestleOf = (scene) => ({ hover: null, view: wholeOf(scene), whole: wholeOf(scene), width: 0, plots: ["height"], plotHeight: 0, pier: null });

// Set and Weigh: what is drawn on the stage or on a picture, and what a drag says
const DRAWN = { view3d: "free", drawing: null, sketch: null, line: null, part: null, dragSays: null };

// Block: what it draws, what is taken, how the hand works, and what is tried but not kept
const BLOCK = {
  block: null, grips: [], gripHover: null, options: {}, keyLayer: "", keysTaken: [], keyDrag: null, keyBox: null, pinDrag: null,
  openParts: [], tab: "pose", tried: null, pending: [], notSaved: "", partPath: [], lastTaken: "grips", ghostFrames: [],
  curves: [], curvesShown: [], curveKeys: [], curveLine: 0, curvesWere: [],
};

// begins : as the page has it; step : of the rail; named : the frame that the address names, if it does
export const beginnings = (begins, step, named) => ({
  ...shotOf(begins, named), ...PLAYING, ...shownOf(step), ...trestleOf(begins.scene), ...DRAWN, ...BLOCK,
});

export { wholeOf, within };
