// The bar at the top and the buttons on the stage: playback, moments, views, what to show.

import { keepSmooth } from "../begins.js";
import { momentsOf, nextMoment } from "../playing.js";
import { SETTING } from "../scene.js";

// How the body stands at a frame: how far inside its footing, standing and moving, and how soon it would tip
export function balanceSays(physics, index) {
  const now = physics?.at(index);
  if (!now) return "";
  const { margin: standing, xcom_margin: moving, tips_s: tips } = now;
  if (now.holds_on) return " · holds on by its hands";
  if (standing === null || moving === null) return "";
  const far = (cm) => `${Math.abs(cm).toFixed(0)} cm ${cm < 0 ? "outside" : "inside"}`;
  return ` · standing ${far(standing)}, moving ${far(moving)}${tips === null ? "" : `, let go tips in ${tips.toFixed(1)} s`}`;
}

export function createTransport(root, state, setup, { actions, stage, timeview, references, planner }) {
  const frameField = document.getElementById("frame"), meter = document.getElementById("meter");
  const clamp = (frame) => Math.min(Math.max(frame, setup.first), setup.last);
  const moveTo = (frame) => { state.set({ frame: clamp(frame), playing: false }); timeview.reveal(state.get("frame")); };

  const flights = () => state.get("data")?.flights ?? [];
  const frames = () => momentsOf(flights()).map((m) => m[0]);

  const doing = {
    first: () => moveTo(setup.first),
    last: () => moveTo(setup.last),
    back: () => moveTo(state.get("frame") - 1),
    on: () => moveTo(state.get("frame") + 1),
    play: () => state.set({ playing: !state.get("playing") }),
    loop: () => state.set({ loop: !state.get("loop") }),
    fit: () => stage.fit(),
    "zoom-in": () => timeview.zoom(0.6),
    "zoom-out": () => timeview.zoom(1 / 0.6),
    "zoom-all": () => timeview.all(),
    "previous-moment": () => moveTo(frames().filter((f) => f < state.get("frame")).pop() ?? setup.first),
    "next-moment": () => moveTo(frames().find((f) => f > state.get("frame")) ?? setup.last),
    "fold-panel": () => root.classList.toggle("panel-folded"),
    "previous-mark": () => references.step(-1),
    "next-mark": () => references.step(1),
    planner: () => planner.toggle(),
    remove: () => { if (SETTING.has(state.get("step")) && state.get("pick")) actions.edit({ kind: "remove_item", item: state.get("pick") }); },
    side: () => actions.setSide(state.get("side") === "now" ? "before" : "now"),
  };

  function jump(name) {
    const at = nextMoment(flights(), name, state.get("frame"));
    if (at !== null) moveTo(at);
  }

  function setView(name) {
    if (name === "lens" && !setup.cameras.length) { actions.say("There is no camera in this shot yet. Add one on the scene sheet in Set: it will stand where you are looking from."); return; }
    for (const button of root.querySelectorAll("[data-view]")) button.setAttribute("aria-pressed", String(button.dataset.view === name));
    stage.setView(name);
    state.set({ view3d: name });
  }

  const menu = document.getElementById("show-menu"), menuButton = document.getElementById("show-button");
  const openMenu = (open) => { menu.classList.toggle("hidden", !open); menuButton.setAttribute("aria-expanded", String(open)); };
  menuButton.addEventListener("click", () => openMenu(menu.classList.contains("hidden")));
  document.addEventListener("pointerdown", (event) => { if (!event.target.closest("#show-menu, #show-button")) openMenu(false); });
  menu.addEventListener("keydown", (event) => { if (event.key === "Escape") { openMenu(false); menuButton.focus(); } });
  menu.addEventListener("change", (event) => {
    const { show } = event.target.dataset, on = event.target.checked;
    if (show === "smooth") keepSmooth(on);
    state.set({ shown: { ...state.get("shown"), [show]: on } });
  });
  menu.querySelector('[data-show="smooth"]').checked = state.get("shown").smooth;

  root.addEventListener("click", (event) => {
    const button = event.target.closest("[data-do], [data-view], [data-moment], [data-side]");
    if (!button) return;
    if (button.dataset.do) doing[button.dataset.do]();
    else if (button.dataset.view) setView(button.dataset.view);
    else if (button.dataset.moment) jump(button.dataset.moment);
    else actions.setSide(button.dataset.side);
  });
  const who = document.getElementById("who");
  who.addEventListener("change", () => actions.read(who.value));
  document.getElementById("speed").addEventListener("change", (event) => state.set({ speed: Number(event.target.value) }));
  document.getElementById("hold").addEventListener("change", (event) => state.set({ hold: Number(event.target.value) }));
  document.getElementById("undo").addEventListener("click", actions.undo);
  document.getElementById("redo").addEventListener("click", actions.redo);
  document.getElementById("take").addEventListener("click", actions.take);
  document.getElementById("put-back").addEventListener("click", actions.putBack);
  document.getElementById("shot-name").addEventListener("click", actions.rename);
  document.getElementById("keys-button").addEventListener("click", () => document.getElementById("keys").showModal());
  frameField.addEventListener("change", () => {
    const wanted = Number.parseInt(frameField.value, 10);
    if (Number.isNaN(wanted)) frameField.value = state.get("frame");
    else { moveTo(wanted); frameField.value = state.get("frame"); }
  });
  frameField.addEventListener("focus", () => frameField.select());
  frameField.addEventListener("keydown", (event) => { if (event.key === "Enter") frameField.blur(); });

  function aboutShot() {
    root.querySelector('[data-view="lens"]').classList.toggle("hidden", !setup.cameras.length);
    for (const box of menu.querySelectorAll('[data-show="small-lens"]')) box.disabled = !setup.cameras.length;
    document.getElementById("shot-name").textContent = setup.name;
    document.getElementById("shot-facts").textContent = `${setup.rate} fps · ${setup.first}–${setup.last}`;
    who.classList.toggle("hidden", setup.performers.length < 2);
    who.replaceChildren(...setup.performers.map((p) => new Option(p.name, p.id, false, p.id === state.get("who"))));
  }

  function readout() {
    const data = state.get("data");
    if (!data) return;
    const drag = state.get("dragSays");
    if (drag) { document.getElementById("readout").textContent = drag; return; }
    const i = state.get("frame") - setup.first, speed = data.plots.speed[i];
    const flight = data.flights.find((f) => f.start <= state.get("frame") && state.get("frame") <= f.end);
    const moves = Math.abs(speed) < 0.05 ? ", level" : `, ${speed > 0 ? "rising" : "falling"} ${Math.abs(speed).toFixed(1)} m/s`;
    const way = speed === null ? "" : moves; // not known before it is read
    document.getElementById("readout").textContent = `center of gravity ${data.plots.height[i].toFixed(0)} cm up${way}${flight ? ` · in flight, frame ${state.get("frame") - flight.start + 1} of ${flight.hang_frames}` : ""}${balanceSays(state.get("physics"), i)}`;
    for (const button of root.querySelectorAll("[data-moment]")) button.disabled = !data.flights.length;
  }

  state.on(["frame"], ({ frame }) => { if (document.activeElement !== frameField || state.get("playing")) frameField.value = frame; });
  state.on(["frame", "data", "dragSays", "physics"], readout);
  state.on(["scene", "who"], aboutShot);
  aboutShot();
  state.on(["loop"], ({ loop }) => document.getElementById("loop").setAttribute("aria-pressed", String(loop)));
  state.on(["playing"], ({ playing }) => {
    root.querySelector('[data-icon="play"]').className = playing ? "hidden" : "contents";
    root.querySelector('[data-icon="stop"]').className = playing ? "contents" : "hidden";
  });
  const SPEEDS = { 1: "true speed", 0.5: "half speed", 0.25: "quarter speed", 0.1: "tenth speed" };
  state.on(["playing", "rate", "speed"], ({ playing, rate, speed }) => {
    const fps = setup.fps * speed, says = SPEEDS[speed];
    if (!playing) meter.textContent = "stopped";
    else if (rate === null) meter.textContent = says;
    else meter.textContent = `${says}, ${rate >= fps * 0.96 ? "every frame drawn" : `${rate.toFixed(0)} of ${Number(fps.toPrecision(4))} fps drawn`}`;
    meter.dataset.rate = rate ?? "";
  });

  function standing() {
    const { undo_says: undo, redo_says: redo } = state.get("standing");
    for (const [id, word, says, keys] of [["undo", "Undo", undo, "Ctrl Z"], ["redo", "Redo", redo, "Ctrl Y"]]) {
      const button = document.getElementById(id);
      button.disabled = !says;
      button.title = says ? `${word}: ${says} (${keys})` : `Nothing to ${word.toLowerCase()}`;
    }
  }
  state.on(["standing"], standing);
  state.on(["saving"], ({ saving }) => { document.getElementById("saved").textContent = saving ? "Saving…" : "Saved"; });
  standing();
  frameField.value = state.get("frame");
  return { doing, setView, planner };
}
