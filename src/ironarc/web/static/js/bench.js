// The bench: puts state, stage, trestle, plots and panel together, and makes the edits.
import { createActions } from "./actions.js";
import { keepAddress } from "./address.js";
import { createKeyboard } from "./bar/keyboard.js";
import { createTransport } from "./bar/transport.js";
import { beginnings } from "./begins.js";
import { createFetches } from "./block/fetches.js";
import { createBlockMenus } from "./block/menus.js";
import { createBlock } from "./block/session.js";
import { createClock } from "./clock.js";
import { createCompared } from "./compared.js";
import { kindOfFiles, letDrop } from "./drop.js";
import { createFilming } from "./film/filming.js";
import { firstPictureDrawn } from "./later.js";
import { createLayout } from "./layout.js";
import { createMessage } from "./message.js";
import { createNewer } from "./newer.js";
import { createBlockPanel } from "./panels/block.js";
import { createPanel } from "./panels/panel.js";
import { createPlannerDrawer } from "./panels/planner.js";
import { createReadPanel } from "./panels/read.js";
import { createTruePanel } from "./panels/true.js";
import { createReferences } from "./panels/references.js";
import { createSetPanel } from "./panels/set.js";
import { createShowPanel } from "./panels/show.js";
import { createWeighPanel } from "./panels/weigh.js";
import { createSetup } from "./scene.js";
import { createShown } from "./shown.js";
import { createSkins } from "./stage/skins.js";
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
const named = new URL(window.location.href).searchParams.get("frame");
const state = createState(beginnings(begins, root.dataset.step, Number(named ?? NaN)));
const setup = createSetup(state, { shot: begins.shot, mark: begins.mark, mark_words: begins.mark_words });
const say = createMessage(document.getElementById("bench-message"));
const skins = createSkins(setup);
const shown = createShown(root, state, setup, { say, skins });
const parts = {}; // what actions reach, put in as it is made
const actions = createActions(root, state, setup, { say, shown, parts });

// Without WebGL the readings still serve: trestle, plots and panel work on
function openStage() {
  try {
    return createStage(root.querySelector(".stage-canvas"), state, setup, actions, { references, block, skins });
  } catch (error) {
    console.warn(error);
    say("This browser can't draw in 3D here: WebGL is switched off or missing. Trestle, plots and punch list still work.");
    firstPictureDrawn(); // what waits for it need not wait for ever
    return { fit() {}, setView() {}, stands: () => null, cancel: () => false, nudge: () => null, nudgeBy: () => null, filming: () => { throw new Error("This browser can't draw in 3D here, so no film or still can be made."); } };
  }
}

const timeview = createTimeview(state, setup);
const references = createReferences(document.getElementById("references"), state, setup, actions);
const block = createBlock(state, setup, actions);
const { fetchCurves, fetchPath } = createFetches(state, setup, { block, say });
const stage = openStage();
const keyHands = createKeyHands(document.getElementById("lanes"), state, setup, { timeview, commit: block.commit, note: actions.note });
createTrestle(document.getElementById("lanes"), { words: document.getElementById("lane-words"), ruler: document.getElementById("ruler") }, state, setup, timeview, actions);
createPlots(document.getElementById("plots"), document.getElementById("chips"), state, setup).refresh();
const curves = createCurves(document.getElementById("plots"), state, setup, { timeview, commit: block.commit, fetchCurves });
createTimearea(document.getElementById("trestle-body"), state, setup, timeview);
const readPanel = createReadPanel(document.getElementById("panel"), state, setup, actions);
const blockPanel = createBlockPanel(document.getElementById("panel"), state, setup, { actions, block, keys: keyHands, curves });
const truePanel = createTruePanel(document.getElementById("panel"), state, setup, actions);
const showPanel = createShowPanel(document.getElementById("panel"), state, setup, actions);
const settle = () => { readPanel.settle(); blockPanel.settle(); truePanel.settle(); showPanel.settle(); };
const panel = createPanel(root, state, setup, actions, { drawn: settle, opened: () => truePanel.opened });
settle();
const planner = createPlannerDrawer(state, setup, actions);
Object.assign(parts, { timeview, block, stage, keyHands, curves, panel });
const weighings = createWeighPanel(document.getElementById("panel"), state, setup, actions);
createFilming(document.getElementById("panel"), state, setup, { stage, shown, actions });
createSetPanel(document.getElementById("panel"), state, setup, { actions, planner });
createClock(state, setup);
const transport = createTransport(root, state, setup, { actions, stage, timeview, references, planner });
parts.transport = transport;
createCompared(state, setup, { shown, say });
state.on(["shown"], () => document.getElementById("changed-scale").classList.toggle("hidden", !state.get("shown").changed));
createKeyboard(state, transport, actions, { block, stage, keys: keyHands, curves });
createLayout(root, state);
createBlockMenus(root.querySelector(".stage-canvas").parentElement, document.getElementById("lanes"), state, { block, keys: keyHands });
letDrop({
  show: (on) => document.getElementById("drop-hint").classList.toggle("hidden", !on),
  async take(files) {
    const { kind, refused } = kindOfFiles(files), fields = { frame: state.get("frame") };
    if (refused) say(refused);
    else if (kind === "weighing") weighings.bringIn(files[0]);
    else await actions.upload({ motion: "performers", mesh: "props" }[kind] ?? "references", files, fields);
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
// after the stage, which must have what is new before it draws
state.on(["grips", "data", "step", "shown"], fetchPath);
createTrying(root, state, setup, actions);
createNewer(document.getElementById("newer"), state, setup, {
  show(standing) { state.set({ standing, trying: null, trial: null, side: "now", revision: standing.revision }); shown.load(); },
});
const viewed = new URL(window.location.href).searchParams.get("view");
if (["front", "side", "top"].includes(viewed) || (viewed === "lens" && setup.cameras.length)) transport.setView(viewed);
keepAddress(state, setup);
shown.load();
