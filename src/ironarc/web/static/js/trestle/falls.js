// Spans that a body was let go on: a bar each on the trestle, switched off and on by a click or by Enter.
import { STRIP } from "./strips.js";
import { node } from "./svg.js";

export const fallsHeight = (falls) => (falls.length ? STRIP + 2 : 0);

export function fallLane({ falls, x, fallsTop }) {
  return falls.map(({ layer, name, start, end, muted }) => {
    const x0 = x(start - 0.5), wide = Math.max(x(end + 0.5) - x0, 3), says = `${name}, ${start} to ${end}${muted ? ", off" : ""}`;
    return node("g", { class: `fall${muted ? " is-off" : ""}`, "data-fall": layer, role: "button", tabindex: 0, "aria-pressed": String(!muted), "aria-label": says }, [
      node("rect", { x: x0, y: fallsTop, width: wide, height: STRIP - 3, class: "fall-bar" }, [node("title", {}, `${says}: click to switch it ${muted ? "on" : "off"}`)], "bar"),
      wide > 60 && node("text", { x: x0 + 7, y: fallsTop + 11, class: "strip-name" }, muted ? "off" : "falls", "name"),
    ].filter(Boolean), layer);
  });
}
