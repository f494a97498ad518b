// The trestle: planted spans as piers, flights as arches as high as their rise, keys below. `lanes.js` says what stands
// where; what differs from what is there is changed.
import { lanesOf } from "./lanes.js";
import { node, patch } from "./svg.js";
import { EDGE, GUTTER } from "./timeview.js";

// words : a second sheet, over the playhead's line, for what must be read through it
export function createTrestle(svg, words, state, setup, timeview, actions) {
  function draw() {
    const data = state.get("data"), width = state.get("width");
    if (!data || !width) return;
    const held = state.get("trying") ? state.get("held")?.data ?? null : null;
    const { height, names, lanes, words: says } = lanesOf({ data, scene: setup, who: state.get("who"), held, x: timeview.x, view: state.get("view"), width });
    svg.setAttribute("height", height);
    svg.setAttribute("viewBox", `0 0 ${width} ${height}`);
    words.setAttribute("height", height);
    words.setAttribute("viewBox", `0 0 ${width} ${height}`);
    patch(words, [node("g", { "clip-path": "url(#lanes-clip)" }, says, "words")]);
    const window = node("rect", { x: GUTTER - 2, y: 0, width: width - GUTTER - EDGE + 4, height });
    patch(svg, [
      node("defs", {}, [node("clipPath", { id: "lanes-clip" }, [window])]),
      // lane names stand in the gutter, outside the clip
      node("g", {}, names, "names"),
      node("g", { "clip-path": "url(#lanes-clip)" }, Object.entries(lanes).map(([name, nodes]) => node("g", { "data-lane": name }, nodes, name)), "moving"),
    ]);
  }

  function choose(event) {
    const flight = event.target.closest?.(".flight"), flag = event.target.closest?.(".flag");
    if (flight) actions.chooseFlight(state.get("data").flights.find((f) => f.start === Number(flight.dataset.flight)));
    else if (flag) actions.go(...Array(3).fill(Number(flag.dataset.frame)));
    return Boolean(flight || flag);
  }
  svg.addEventListener("click", choose);
  svg.addEventListener("keydown", (event) => { if (event.key === "Enter" && choose(event)) event.preventDefault(); });

  state.on(["data", "scene", "who", "view", "width", "trying"], draw);
}
