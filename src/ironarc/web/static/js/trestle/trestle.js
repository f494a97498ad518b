// The trestle: planted spans as piers, flights as arches as high as their rise, keys below. `lanes.js` says what stands
// where; what differs from what is there is changed.
import { lanesOf, pierAt, RULER, rulerNumbers } from "./lanes.js";
import { tryText } from "../panels/true.js";
import { performerOf } from "../scene.js";
import { createStripHands } from "./strips.js";
import { node, patch } from "./svg.js";
import { EDGE, GUTTER } from "./timeview.js";

const DRAG_PX = 4;
const NUDGE_CM = 5;

// words : a second sheet, over the playhead's line, for what must be read through it; ruler : a third, which stays at the
// top of what is scrolled
export function createTrestle(svg, { words, ruler }, state, setup, timeview, actions) {
  let dragged = null, archDrag = null, stripHands = null;

  // Parts of the grips that are taken or pointed at
  const litParts = (block) => (block?.grips ?? []).filter((g) => state.get("grips").includes(g.name) || g.name === state.get("gripHover")).flatMap((g) => [g.part, block.joints[g.joint].name]);

  function draw() {
    const data = state.get("data"), width = state.get("width");
    if (!data || !width) return;
    const held = state.get("trying") ? state.get("held")?.data ?? null : null;
    const block = state.get("step") === "block" ? state.get("block") : null, box = state.get("keyBox");
    // beside curves only the rows of what is taken have room
    const only = state.get("tab") === "curves" ? state.get("block")?.grips.filter((g) => state.get("grips").includes(g.name)).map((g) => g.part) ?? null : null;
    const rows = { block, only, open: state.get("openParts"), taken: state.get("keysTaken"), drag: state.get("keyDrag"), pinDrag: state.get("pinDrag"), grips: litParts(block) };
    const { height, names, lanes, words: says } = lanesOf({ data, scene: setup, who: state.get("who"), held, dragged, archDrag, stripDrag: stripHands?.drag() ?? null, handles: state.get("step") === "true" && state.get("side") === "now", x: timeview.x, view: state.get("view"), width, ...rows });
    svg.setAttribute("height", height);
    svg.setAttribute("viewBox", `0 0 ${width} ${height}`);
    words.setAttribute("height", height);
    words.setAttribute("viewBox", `0 0 ${width} ${height}`);
    ruler.setAttribute("height", RULER);
    ruler.setAttribute("viewBox", `0 0 ${width} ${RULER}`);
    patch(ruler, rulerNumbers({ x: timeview.x, view: state.get("view"), width }));
    patch(words, [node("g", { "clip-path": "url(#lanes-clip)" }, says, "words")]);
    const window = node("rect", { x: GUTTER - 2, y: 0, width: width - GUTTER - EDGE + 4, height });
    patch(svg, [
      node("defs", {}, [
        node("clipPath", { id: "lanes-clip" }, [window]),
        node("pattern", { id: "doubt", width: 6, height: 6, patternUnits: "userSpaceOnUse", patternTransform: "rotate(45)" }, [
          node("rect", { width: 6, height: 6, class: "doubt-paper" }), node("rect", { width: 2, height: 6, class: "doubt-line" })]),
      ]),
      // lane names stand in the gutter, outside the clip
      node("g", {}, names, "names"),
      node("g", { "clip-path": "url(#lanes-clip)" }, Object.entries(lanes).map(([name, nodes]) => node("g", { "data-lane": name }, nodes, name)), "moving"),
      box && node("rect", { x: box[0], y: box[1], width: box[2] - box[0], height: box[3] - box[1], class: "key-box" }, [], "box"),
    ].filter(Boolean));
  }

  const pierOf = (target) => { const name = target.closest?.("[data-pier]")?.dataset.pier; return name ? pierAt(state.get("data"), name) : null; };
  const alone = () => state.get("side") === "now" && !state.get("trying");

  // An arch is dragged by its top for the height, by its end for the time: gravity gives the other. Let go, it is tried.
  const flightOf = (target) => state.get("data").flights.find((f) => f.start === Number(target.closest(".flight")?.dataset.flight));

  function aim(flight, how, value) {
    const g = setup.g, fps = setup.fps, level = flight.rise_m - flight.drop_m;
    if (how === "end") {
      const hang = Math.max(Math.round(value), 2), t = hang / fps, v = (level + (g * t * t) / 2) / t;
      return { flight, hang, rise: Math.max((v * v) / (2 * g), 0) * 100, options: { frame: flight.apex, hang } };
    }
    const rise = Math.max(value, level * 100 + 1, 1), h = rise / 100;
    const hang = Math.max(Math.round((Math.sqrt((2 * h) / g) + Math.sqrt((2 * (h - level)) / g)) * fps), 2);
    return { flight, hang, rise, options: { frame: flight.apex, rise: Math.round(rise) } };
  }
  function tryArch({ options, hang, rise }, how) {
    const label = how === "end" ? `${hang} frames in the air` : `A rise of ${Math.round(rise)} cm`;
    actions.tryCorrection({ variant: tryText("true_arc", options), correction: "true_arc", options, label });
  }
  svg.addEventListener("pointerdown", (event) => {
    const end = event.target.closest(".arch-end"), flight = end && flightOf(end);
    if (!flight || event.button) return;
    const how = end.dataset.arch, px = event.clientY, scale = Number(end.getAttribute("cy"));
    archDrag = { ...aim(flight, how, how === "end" ? flight.hang_frames : flight.rise_m * 100), how, from: px, top: scale, base: flight.rise_m * 100, moved: false };
    svg.setPointerCapture(event.pointerId);
    event.preventDefault();
    event.stopPropagation();
  });
  svg.addEventListener("pointermove", (event) => {
    if (!archDrag) return;
    const { flight, how, from } = archDrag, box = svg.getBoundingClientRect();
    // the arch follows the hand: as many centimetres as it is high, for as many pixels as it is drawn
    const perPx = archDrag.base / Math.max(svg.querySelector(".deck").y1.baseVal.value - archDrag.top, 8);
    const value = how === "end" ? timeview.frameAt(event.clientX - box.left) - flight.take_off - 1 : archDrag.base + (from - event.clientY) * perPx;
    archDrag = { ...archDrag, ...aim(flight, how, value), moved: true };
    state.set({ dragSays: `${archDrag.hang} f in the air, a rise of ${Math.round(archDrag.rise)} cm` });
    draw();
  });
  svg.addEventListener("pointerup", () => {
    if (!archDrag) return;
    const done = archDrag;
    archDrag = null;
    state.set({ dragSays: null });
    if (done.moved) tryArch(done, done.how);
    draw();
  });
  svg.addEventListener("pointercancel", () => { archDrag = null; state.set({ dragSays: null }); draw(); });

  // An end of a pier is dragged to another frame; let go, the pier reaches from there
  svg.addEventListener("pointerdown", (event) => {
    const end = event.target.closest(".pier-end"), pier = end && pierOf(end);
    if (!pier || event.button || !alone()) return;
    dragged = { pier, end: pier.end, start: pier.start, side: end.dataset.end };
    svg.setPointerCapture(event.pointerId);
    event.preventDefault();
  });
  svg.addEventListener("pointermove", (event) => {
    if (!dragged) return;
    const frame = timeview.frameAt(event.clientX - svg.getBoundingClientRect().left);
    if (dragged.side === "start") dragged.start = Math.min(frame, dragged.end);
    else dragged.end = Math.max(frame, dragged.start);
    state.set({ frame: dragged[dragged.side], dragSays: `${dragged.pier.part}: ${dragged.start} to ${dragged.end}` });
    draw();
  });
  function letGo(keep) {
    if (!dragged) return;
    const { pier, start, end } = dragged;
    dragged = null;
    state.set({ dragSays: null });
    if (keep && (start !== pier.start || end !== pier.end)) actions.movePier(pier, start, end);
    draw();
  }
  svg.addEventListener("pointerup", () => letGo(true));
  svg.addEventListener("pointercancel", () => letGo(false));

  function keyOn(event) {
    const end = event.target.closest?.(".pier-end"), pier = end && pierOf(end), by = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
    if (event.key === "Escape" && archDrag) { archDrag = null; state.set({ dragSays: null }); draw(); return true; }
    const arch = event.target.closest?.(".arch-end"), up = { ArrowUp: 1, ArrowRight: 1, ArrowDown: -1, ArrowLeft: -1 }[event.key];
    if (arch && up) {
      const how = arch.dataset.arch, flight = flightOf(arch);
      tryArch(aim(flight, how, how === "end" ? flight.hang_frames + up : flight.rise_m * 100 + up * NUDGE_CM), how);
      event.stopPropagation();
      return true;
    }
    if (event.key === "Escape" && dragged) { letGo(false); return true; }
    if (!pier || !alone()) return false;
    if (by) actions.movePier(pier, pier.start + (end.dataset.end === "start" ? by : 0), pier.end + (end.dataset.end === "end" ? by : 0));
    else if (event.key === "Delete") actions.liftPier(pier);
    else if (event.key === "Enter") actions.choosePier(pier);
    else return false;
    event.stopPropagation();
    return true;
  }

  stripHands = createStripHands(svg, state, { timeview, edit: actions.edit, stripsOf: () => performerOf(setup, state.get("who")).strips ?? [], draw, alone });

  let downAt = 0;
  svg.addEventListener("pointerdown", (event) => { downAt = event.clientX; });

  function choose(event) {
    // a drag over a pier is no click on it
    if (event.type === "click" && (Math.abs(event.clientX - downAt) > DRAG_PX || event.target.closest?.(".arch-end"))) return false;
    const pier = event.target.closest?.(".pier-of") && pierOf(event.target);
    if (pier) { actions.choosePier(pier); return true; }
    const fall = event.target.closest?.("[data-fall]");
    if (fall) { actions.edit({ kind: "mute_layer", layer_id: fall.dataset.fall, muted: fall.getAttribute("aria-pressed") === "true", performer: state.get("who") }); return true; }
    const flight = event.target.closest?.(".flight"), flag = event.target.closest?.(".flag");
    if (flight) actions.chooseFlight(state.get("data").flights.find((f) => f.start === Number(flight.dataset.flight)));
    else if (flag) actions.go(...Array(3).fill(Math.round(Number(flag.dataset.frame))));
    return Boolean(flight || flag);
  }
  svg.addEventListener("click", choose);
  svg.addEventListener("keydown", (event) => { if (keyOn(event)) event.preventDefault(); else if (event.key === "Enter" && choose(event)) event.preventDefault(); });

  state.on(["data", "scene", "who", "view", "width", "trying", "block", "step", "openParts", "keysTaken", "keyDrag", "pinDrag", "keyBox", "grips", "gripHover", "tab", "side"], draw);
}
