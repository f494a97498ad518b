// The bench: puts state, stage, trestle, plots and panel together, and makes the edits.
import { getFloats, getJson, keptAddress, postForm, postJson } from "./api.js";
import { createKeyboard } from "./bar/keyboard.js";
import { createBlock } from "./block/session.js";
import { createTransport } from "./bar/transport.js";
import { createClock } from "./clock.js";
import { kindOfFiles, letDrop } from "./drop.js";
import { afterFirstPicture, firstPictureDrawn } from "./later.js";
import { createLayout } from "./layout.js";
import { nameInPlace } from "./naming.js";
import { createBlockPanel } from "./panels/block.js";
import { createPanel } from "./panels/panel.js";
import { createPlannerDrawer } from "./panels/planner.js";
import { createReadPanel } from "./panels/read.js";
import { createTruePanel } from "./panels/true.js";
import { createReferences } from "./panels/references.js";
import { createSetPanel } from "./panels/set.js";
import { createWeighPanel } from "./panels/weigh.js";
import { createSetup, isPerformer, itemOf, itemsOf } from "./scene.js";
import { createStage } from "./stage/stage.js";
import { createState } from "./state.js";
import { createTrying } from "./trying.js";
import { createCurves } from "./trestle/curves.js";
import { createKeyHands } from "./trestle/keyhands.js";
import { createPlots } from "./trestle/plots.js";
import { createTimearea } from "./trestle/timearea.js";
import { createTimeview } from "./trestle/timeview.js";
import { createTrestle } from "./trestle/trestle.js";

const root = document.getElementById("bench");
const begins = JSON.parse(root.dataset.setup);
const address = new URL(window.location.href);
const asked = Number(address.searchParams.get("frame") ?? NaN);
const within = (scene, frame) => Math.min(Math.max(frame, scene.first), scene.last);
const wholeOf = (scene) => [scene.first - 0.5, scene.last + 0.5];
const state = createState({
  revision: begins.standing.revision, standing: begins.standing, step: root.dataset.step, who: begins.who, pick: begins.pick,
  frame: Number.isInteger(asked) ? within(begins.scene, asked) : begins.scene.first, scene: begins.scene, seen: begins.standing.revision,
  playing: false, loop: true, rate: null, speed: 1, hold: 1, hover: null, side: "now", trying: null, trial: null, variant: null,
  data: null, motion: null, motions: {}, held: null, view: wholeOf(begins.scene), whole: wholeOf(begins.scene), width: 0,
  plots: ["height"], saving: false, drawing: null, line: null, part: null, dragSays: null, gap: null,
  physics: null, pier: null, plotHeight: 0,
  // Block: what it draws, what is taken, how the hand works, and what is tried but not kept
  block: null, grips: [], gripHover: null, options: {}, keyLayer: "", keysTaken: { parts: [], frames: [] }, keyDrag: null, keyBox: null, pinDrag: null,
  openParts: [], tab: "pose", tried: null, pending: [], notSaved: "", partPath: [], lastTaken: "grips",
  curves: [], curvesShown: [], curveKeys: [], curveLine: 0, curvesWere: [],
  ghostFrames: [],
  shown: { footing: true, pushes: true, phantom: true, spin: false, line: false, com: true, path: true, asked: true, ghosts: true, keyGhosts: false, partPath: true, grid: true, props: true, guides: true, references: true },
});
const setup = createSetup(state, { shot: begins.shot, mark: begins.mark, mark_words: begins.mark_words });
const NOTE_MS = 5000;
const messageBox = document.getElementById("bench-message");

// note : said of something that went well
let noteTimer = 0;
function say(message, note = false) {
  clearTimeout(noteTimer);
  if (note) noteTimer = setTimeout(() => say(""), NOTE_MS);
  messageBox.replaceChildren();
  messageBox.classList.toggle("hidden", !message);
  if (!message) return;
  const text = document.createElement("p");
  text.className = note ? "message is-note" : "message";
  text.textContent = message;
  messageBox.append(text);
}

// --- what is shown: only the latest request counts, an older one is dropped ---------------------------

let pending = null;

async function loadShown() {
  pending?.abort();
  const mine = (pending = new AbortController());
  const variant = state.get("trial") ?? state.get("trying")?.variant ?? state.get("side");
  const revision = state.get("revision"), changed = state.get("seen") !== revision;
  const at = (name, asked = {}) => keptAddress(setup, revision, name, asked);
  try {
    const scene = changed ? await getJson(at("scene.json"), mine.signal) : { ...state.get("scene") };
    const who = scene.performers.some((p) => p.id === state.get("who")) ? state.get("who") : scene.performers[0].id;
    // a correction that is tried concerns one performer; the others stand as they are
    const others = variant === "before" ? "before" : "now";
    const [data, ...motions] = await Promise.all([
      getJson(at("reading.json", { as: variant, who }), mine.signal),
      ...scene.performers.map((p) => getFloats(at("motion.f32", { as: p.id === who ? variant : others, who: p.id }), mine.signal))]);
    if (mine !== pending) return;
    pending = null;
    const byId = Object.fromEntries(scene.performers.map((p, i) => [p.id, motions[i]]));
    // what stands now stays in view behind what is tried
    const held = state.get("trying") ? state.get("held") : { motion: byId[who], data };
    const pick = itemOf(scene, state.get("pick")) ? state.get("pick") : "";
    // frames that what is tried adds or takes away
    [scene.first, scene.last] = data.range;
    const whole = wholeOf(scene), sameRange = whole.join() === state.get("whole").join();
    state.set({
      scene, seen: revision, who, pick, hover: null, physics: null, frame: within(scene, state.get("frame")), motion: byId[who], motions: byId, data,
      variant, held, ...(sameRange ? {} : { whole, view: whole }),
    });
    Object.assign(root.dataset, { variant, who, revision });
    loadPhysics(at("physics.json", { as: variant, who }), data);
  } catch (error) {
    if (error.name === "AbortError") return;
    state.set({ trying: null, trial: null });
    say(error.message);
  }
}

// Footing, balance and pushes come after the first picture; they belong to the reading they were asked with
async function loadPhysics(address, data) {
  await afterFirstPicture(() => {});
  if (state.get("data") !== data) return;
  try {
    const physics = await getJson(address);
    if (state.get("data") === data) state.set({ physics });
  } catch (error) { say(error.message); }
}

// While a slider is dragged, the newest weight waits for the answer under way; those between are dropped
let weightUnderWay = false, nextWeight = null;

async function tryWeight(layer, percent) {
  nextWeight = `weigh-${layer}-${percent}`;
  if (weightUnderWay) return;
  weightUnderWay = true;
  while (nextWeight) {
    state.set({ trial: nextWeight });
    nextWeight = null;
    await loadShown();
  }
  weightUnderWay = false;
}

// --- edits --------------------------------------------------------------------------------------------

let queue = Promise.resolve();

// One after the other: each names the revision the one before it made. Resolves to whether it was made.
function change(send) {
  queue = queue.then(async () => {
    say("");
    state.set({ saving: true, playing: false });
    try {
      const standing = await send(state.get("revision"));
      nextWeight = null;
      state.set({ standing, trying: null, trial: null, side: "now", revision: standing.revision });
      await loadShown();
      return true;
    } catch (error) {
      say(error.message);
      state.set({ trial: null });
      await panel.refresh();
      await loadShown();
      return false;
    } finally {
      state.set({ saving: false });
    }
  });
  return queue;
}

const post = (path, body) => change((revision) => postJson(`/shots/${setup.shot}/${path}`, { revision, ...body }));

// Picks the newest item an edit added
async function pickAdded(made) {
  const before = new Set(itemsOf(setup).map((item) => item.id));
  if (!(await made)) return false;
  const added = itemsOf(setup).find((item) => !before.has(item.id));
  if (added) actions.pick(added.id);
  return Boolean(added);
}

const actions = {
  say,
  note: (message) => say(message, true),
  change,
  // The whole shot stepped, straight or eased, only to be looked at; "" for as it is keyed
  look(variant) {
    state.set({ trial: variant || null, trying: null });
    loadShown();
  },
  reach: (by_m) => stage.nudgeBy(by_m),
  edit: (edit) => post("edits", { edit }),
  add: (edit) => pickAdded(actions.edit(edit)),
  upload: (path, files, fields) => pickAdded(change((revision) => postForm(`/shots/${setup.shot}/${path}`, files, { revision, ...fields }))),
  undo: () => { if (state.get("standing").undo_says) post("undo", {}); },
  redo: () => { if (state.get("standing").redo_says) post("redo", {}); },
  // what is picked on the scene sheet; a performer that is picked is read too
  pick(id) {
    state.set({ pick: id, line: null, step: "set" });
    if (isPerformer(setup, id)) actions.read(id);
  },
  read(who) {
    if (who === state.get("who")) return;
    state.set({ who, trying: null, trial: null });
    loadShown();
  },
  go(frame, start, end) {
    state.set({ frame, playing: false });
    timeview.reveal(start);
    timeview.reveal(end);
    timeview.reveal(frame);
  },
  chooseFlight(flight) {
    actions.go(flight.apex, flight.start, flight.end);
    if (state.get("step") !== "true") state.set({ step: "true" });
  },
  // tried : { variant, correction, label, options }, as a button of the panel has them; layer : of one that is made
  // anew; work : what it was worked out by
  tryCorrection(tried) {
    say("");
    const goes = tried.variant !== state.get("trying")?.variant && tried.correction !== state.get("trying")?.correction;
    state.set({ trying: tried, side: "now" });
    if (goes && Number.isInteger(tried.options.frame)) actions.go(tried.options.frame, tried.options.frame, tried.options.frame);
    loadShown();
  },
  take() {
    const trying = state.get("trying");
    if (!trying) return;
    if (trying.work) post(`work/${trying.work}/take`, {});
    else if (trying.layer) actions.edit({ kind: "true_again", layer_id: trying.layer, options: trying.options, performer: state.get("who") });
    else actions.edit({ kind: "true", correction: trying.correction, options: trying.options, performer: state.get("who") });
  },
  putBack() {
    if (stage.cancel() || keyHands.cancel() || curves.cancel() || block.putBack()) return;
    if (state.get("drawing")) state.set({ drawing: null });
    else if (state.get("line")) state.set({ line: null });
    else if (state.get("trying")) { state.set({ trying: null }); loadShown(); }
  },
  setSide(side) { if (state.get("data")?.corrections) { state.set({ side, trying: null }); loadShown(); } },
  tryWeight,
  // a pier of the trestle, to be changed in the panel's fields
  choosePier(pier) {
    state.set({ pier, step: "read" });
    actions.go(state.get("frame"), pier.start, pier.end);
  },
  movePier(pier, start, end) {
    actions.edit({ kind: "move_contact", performer: state.get("who"), part: pier.part, surface: pier.surface, start: pier.start, end: pier.end, to_start: start, to_end: end });
  },
  liftPier: ({ part, start, end }) => actions.edit({ kind: "lift_contact", performer: state.get("who"), part, start, end }),
  refreshPanel: () => panel.refresh(),
  markSide() {
    const none = state.get("data")?.corrections === 0;
    for (const button of root.querySelectorAll("[data-side]")) {
      button.setAttribute("aria-pressed", String(button.dataset.side === state.get("side")));
      // with nothing corrected there is nothing to compare
      button.disabled = none;
      if (none) button.title = "No correction has been taken yet";
      else button.title = button.dataset.side === "before" ? "Without any correction (B)" : "With all corrections (B)";
    }
  },
  rename() {
    nameInPlace(document.getElementById("shot-name"), { name: setup.name, keep: (name) => actions.edit({ kind: "rename_shot", name }) });
  },
};

// Without WebGL the readings still serve: trestle, plots and panel work on
function openStage() {
  try {
    return createStage(root.querySelector(".stage-canvas"), state, setup, actions, references, block);
  } catch (error) {
    console.warn(error);
    say("This browser can't draw in 3D here: WebGL is switched off or missing. Trestle, plots and punch list still work.");
    firstPictureDrawn(); // what waits for it need not wait for ever
    return { fit() {}, setView() {}, cancel: () => false, nudge: () => null, nudgeBy: () => null };
  }
}

// Curves of the parts that are taken, on the layer that is keyed
async function fetchCurves() {
  const data = state.get("block"), taken = state.get("grips");
  if (!data || !taken.length) return [];
  const grips = data.grips.filter((grip) => taken.includes(grip.name)), joints = [...new Set(grips.map((grip) => data.joints[grip.joint].name))];
  const query = { who: block.who(), layer: data.layer_is_new ? "" : data.layer, joints: joints.join(","), part: taken.at(-1) };
  try { return await getJson(keptAddress(setup, state.get("seen"), "curves.json", query)); } catch (error) { say(error.message); return []; }
}

// The path of the part that was taken last
async function fetchPath() {
  const part = state.get("grips").at(-1), seen = state.get("seen");
  if (state.get("step") !== "block" || !part || !state.get("shown").partPath) { state.set({ partPath: [] }); return; }
  try {
    const path = await getJson(keptAddress(setup, seen, "path.json", { who: block.who(), part }));
    if (state.get("seen") === seen && state.get("grips").at(-1) === part) state.set({ partPath: path });
  } catch (error) { say(error.message); }
}

const timeview = createTimeview(state, setup);
const references = createReferences(document.getElementById("references"), state, setup, actions);
const block = createBlock(state, setup, actions);
const stage = openStage();
const keyHands = createKeyHands(document.getElementById("lanes"), state, setup, { timeview, commit: block.commit });
createTrestle(document.getElementById("lanes"), document.getElementById("lane-words"), state, setup, timeview, actions);
createPlots(document.getElementById("plots"), document.getElementById("chips"), state, setup).refresh();
const curves = createCurves(document.getElementById("plots"), state, setup, { timeview, commit: block.commit, fetchCurves });
createTimearea(document.getElementById("trestle-body"), state, setup, timeview);
const readPanel = createReadPanel(document.getElementById("panel"), state, setup, actions);
const blockPanel = createBlockPanel(document.getElementById("panel"), state, setup, { actions, block, keys: keyHands, curves });
const truePanel = createTruePanel(document.getElementById("panel"), state, setup, actions);
const settle = () => { readPanel.settle(); blockPanel.settle(); truePanel.settle(); };
const panel = createPanel(root, state, setup, actions, settle);
settle();
const planner = createPlannerDrawer(state, setup, actions);
const weighings = createWeighPanel(document.getElementById("panel"), state, setup, actions);
createSetPanel(document.getElementById("panel"), state, setup, { actions, planner });
createClock(state, setup);
const transport = createTransport(root, state, setup, { actions, stage, timeview, references, planner });
createKeyboard(state, transport, actions, { block, stage, keys: keyHands, curves });
createLayout(root, state);
letDrop({
  show: (on) => document.getElementById("drop-hint").classList.toggle("hidden", !on),
  async take(files) {
    const { kind, refused } = kindOfFiles(files), fields = { frame: state.get("frame") };
    if (refused) say(refused);
    else if (kind === "weighing") weighings.bringIn(files[0]);
    else await actions.upload(kind === "motion" ? "performers" : "references", files, fields);
  },
});

state.on(["side", "data"], actions.markSide);
// where keys are worked on, their rows have the room that plots have elsewhere; those that were shown come back
let plotsElsewhere = null;
function sharePlots() {
  const blocking = state.get("step") === "block";
  if (blocking === (plotsElsewhere !== null)) return;
  const plots = blocking ? [] : plotsElsewhere;
  plotsElsewhere = blocking ? state.get("plots") : null;
  state.set({ plots });
}
state.on(["step"], sharePlots);
sharePlots();
state.on(["grips", "data", "step", "shown"], fetchPath);
createTrying(root, state, setup, actions);
// frame, step and selection belong in the address, so that a link shows the same moment; written when things are at rest
let addressTimer = 0;
state.on(["frame", "step", "who", "pick"], () => {
  clearTimeout(addressTimer);
  addressTimer = setTimeout(() => {
    for (const key of ["frame", "step", "who", "pick"]) address.searchParams.set(key, state.get(key));
    if (!state.get("pick")) address.searchParams.delete("pick");
    if (setup.performers.length < 2) address.searchParams.delete("who");
    window.history.replaceState(null, "", address);
  }, 250);
});
loadShown();
