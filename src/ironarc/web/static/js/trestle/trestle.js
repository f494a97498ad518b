// The trestle: planted spans as piers, flights as arches as high as their rise, keys below. `lanes.js` says what stands
// where; what differs from what is there is changed.
import { lanesOf, pierAt } from "./lanes.js";
import { node, patch } from "./svg.js";
import { EDGE, GUTTER } from "./timeview.js";

const DRAG_PX = 4;

// words : a second sheet, over the playhead's line, for what must be read through it
export function createTrestle(svg, words, state, setup, timeview, actions) {
  let dragged = null;

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
    const { height, names, lanes, words: says } = lanesOf({ data, scene: setup, who: state.get("who"), held, dragged, x: timeview.x, view: state.get("view"), width, ...rows });
    svg.setAttribute("height", height);
    svg.setAttribute("viewBox", `0 0 ${width} ${height}`);
    words.setAttribute("height", height);
    words.setAttribute("viewBox", `0 0 ${width} ${height}`);
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
    if (event.key === "Escape" && dragged) { letGo(false); return true; }
    if (!pier || !alone()) return false;
    if (by) actions.movePier(pier, pier.start + (end.dataset.end === "start" ? by : 0), pier.end + (end.dataset.end === "end" ? by : 0));
    else if (event.key === "Delete") actions.liftPier(pier);
    else if (event.key === "Enter") actions.choosePier(pier);
    else return false;
    event.stopPropagation();
    return true;
  }

  let downAt = 0;
  svg.addEventListener("pointerdown", (event) => { downAt = event.clientX; });

  function choose(event) {
    // a drag over a pier is no click on it
    if (event.type === "click" && Math.abs(event.clientX - downAt) > DRAG_PX) return false;
    const pier = event.target.closest?.(".pier-of") && pierOf(event.target);
    if (pier) { actions.choosePier(pier); return true; }
    const flight = event.target.closest?.(".flight"), flag = event.target.closest?.(".flag");
    if (flight) actions.chooseFlight(state.get("data").flights.find((f) => f.start === Number(flight.dataset.flight)));
    else if (flag) actions.go(...Array(3).fill(Number(flag.dataset.frame)));
    return Boolean(flight || flag);
  }
  svg.addEventListener("click", choose);
  svg.addEventListener("keydown", (event) => { if (keyOn(event)) event.preventDefault(); else if (event.key === "Enter" && choose(event)) event.preventDefault(); });

  state.on(["data", "scene", "who", "view", "width", "trying", "block", "step", "openParts", "keysTaken", "keyDrag", "pinDrag", "keyBox", "grips", "gripHover", "tab"], draw);
}
