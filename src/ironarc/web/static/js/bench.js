// The bench: puts state, stage, trestle, plots and panel together, and makes the edits.
import { getFloats, getJson, postJson } from "./api.js";
import { createClock } from "./clock.js";
import { createKeyboard } from "./keyboard.js";
import { createPanel } from "./panel.js";
import { createPlots } from "./plots.js";
import { createStage } from "./stage/stage.js";
import { createState } from "./state.js";
import { createTimearea } from "./timearea.js";
import { createTimeview } from "./timeview.js";
import { createTransport } from "./transport.js";
import { createTrestle } from "./trestle.js";

const root = document.getElementById("bench");
const setup = JSON.parse(root.dataset.setup);
const address = new URL(window.location.href);
const asked = Number(address.searchParams.get("frame") ?? NaN);
const state = createState({
  revision: setup.standing.revision, standing: setup.standing, step: root.dataset.step,
  frame: Number.isInteger(asked) ? Math.min(Math.max(asked, setup.first), setup.last) : setup.first,
  playing: false, loop: true, rate: null, hover: null, side: "now", trying: null, trial: null,
  data: null, motion: null, held: null, view: [setup.first - 0.5, setup.last + 0.5], width: 0,
  plots: ["height"], shown: { com: true, path: true, asked: true, ghosts: true, grid: true }, saving: false,
});
const messageBox = document.getElementById("bench-message");

function say(message) {
  messageBox.replaceChildren();
  messageBox.classList.toggle("hidden", !message);
  if (!message) return;
  const text = document.createElement("p");
  text.className = "message";
  text.textContent = message;
  messageBox.append(text);
}

// --- what is shown: only the latest request counts, an older one is dropped ---------------------------

let pending = null;

async function loadShown() {
  pending?.abort();
  const mine = (pending = new AbortController());
  const variant = state.get("trial") ?? state.get("trying")?.variant ?? state.get("side");
  const base = `/shots/${setup.shot}/r/${state.get("revision")}`;
  try {
    const [data, motion] = await Promise.all([
      getJson(`${base}/reading.json?as=${variant}`, mine.signal), getFloats(`${base}/motion.f32?as=${variant}`, mine.signal)]);
    if (mine !== pending) return;
    pending = null;
    // what stands now stays in view behind what is tried
    const held = state.get("trying") ? null : { motion, data };
    state.set({ motion, data, variant, held: held ?? state.get("held") });
    root.dataset.variant = variant;
    root.dataset.revision = state.get("revision");
  } catch (error) {
    if (error.name === "AbortError") return;
    state.set({ trying: null, trial: null });
    say(error.message);
  }
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

// One after the other: each names the revision the one before it made
function change(path, body) {
  queue = queue.then(async () => {
    say("");
    state.set({ saving: true, playing: false });
    try {
      const standing = await postJson(`/shots/${setup.shot}/${path}`, { revision: state.get("revision"), ...body });
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

const actions = {
  edit: (edit) => change("edits", { edit }),
  undo: () => { if (state.get("standing").undo_says) change("undo", {}); },
  redo: () => { if (state.get("standing").redo_says) change("redo", {}); },
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
  tryArc(frame) {
    say("");
    state.set({ trying: { variant: `arc-${frame}`, frame }, side: "now" });
    actions.go(frame, frame, frame);
    loadShown();
  },
  take() { const trying = state.get("trying"); if (trying) actions.edit({ kind: "true_arc", frame: trying.frame }); },
  putBack() { if (state.get("trying")) { state.set({ trying: null }); loadShown(); } },
  setSide(side) { if (state.get("data")?.corrections) { state.set({ side, trying: null }); loadShown(); } },
  tryWeight,
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
    const name = window.prompt("Name of this shot", document.getElementById("shot-name").textContent);
    if (name === null) return;
    change("edits", { edit: { kind: "rename_shot", name } }).then((done) => {
      if (done) document.getElementById("shot-name").textContent = name.trim().replace(/\s+/g, " ");
    });
  },
};

// Without WebGL the readings still serve: trestle, plots and panel work on
function openStage() {
  try {
    return createStage(root.querySelector(".stage-canvas"), state, setup);
  } catch {
    say("This browser can't draw in 3D here: WebGL is switched off or missing. Trestle, plots and punch list still work.");
    return { fit() {}, setView() {} };
  }
}

const timeview = createTimeview(state, setup);
const stage = openStage();
createTrestle(document.getElementById("lanes"), state, setup, timeview, actions);
createPlots(document.getElementById("plots"), document.getElementById("chips"), state, setup).refresh();
createTimearea(document.getElementById("trestle-body"), state, setup, timeview);
const panel = createPanel(root, state, setup, actions);
createClock(state, setup);
const transport = createTransport(root, state, setup, { actions, stage, timeview });
createKeyboard(state, transport, actions);

state.on(["side", "data"], actions.markSide);
state.on(["trying", "data"], () => {
  const trying = state.get("trying"), box = document.getElementById("trying");
  const ready = trying && state.get("variant") === trying.variant;
  box.classList.toggle("hidden", !ready);
  if (ready) document.getElementById("trying-cost").textContent = state.get("data").cost;
});
// frame and step belong in the address, so that a link shows the same moment; written when things are at rest
let addressTimer = 0;
state.on(["frame", "step"], () => {
  clearTimeout(addressTimer);
  addressTimer = setTimeout(() => {
    address.searchParams.set("frame", state.get("frame"));
    address.searchParams.set("step", state.get("step"));
    window.history.replaceState(null, "", address);
  }, 250);
});
loadShown();
