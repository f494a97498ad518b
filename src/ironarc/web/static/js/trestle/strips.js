// Named clips on the trestle: a bar each, dragged by its ends, in as few rows as they fit in.
import { node } from "./svg.js";

export const STRIP = 17;
const WORD_PX = 6.6;

// Which row each clip stands in: the first that is free where it begins
export function rowsOf(strips) {
  const ends = [];
  return strips.map((strip) => {
    const free = ends.findIndex((end) => end < strip.start), row = free < 0 ? ends.length : free;
    ends[row] = strip.end;
    return row;
  });
}

export const stripsHeight = (strips) => (strips.length ? (Math.max(...rowsOf(strips)) + 1) * STRIP + 4 : 0);

// `stripDrag` : { id, start, end } while an end is dragged
export function stripLane({ strips, x, top, stripDrag }) {
  const rows = rowsOf(strips);
  return strips.map((strip, i) => {
    const { start, end } = stripDrag?.id === strip.id ? stripDrag : strip, y = top + rows[i] * STRIP, loops = strip.played !== "once";
    const x0 = x(start - 0.5), x1 = x(end + 0.5), wide = Math.max(x1 - x0, 3), says = `${strip.name}, ${start} to ${end}, ${strip.played}`;
    const handle = (side, at) => node("rect", {
      x: at - 4, y, width: 8, height: STRIP - 2, class: "strip-end", "data-end": side, role: "slider", tabindex: 0,
      "aria-label": `${strip.name}, ${side === "start" ? "first" : "last"} frame`, "aria-valuenow": side === "start" ? start : end,
    }, [], side);
    return node("g", { class: `strip${loops ? " is-loop" : ""}`, "data-strip": strip.id }, [
      node("rect", { x: x0, y, width: wide, height: STRIP - 3, rx: 2, class: "strip-bar" }, [node("title", {}, says)], "bar"),
      loops && wide > 26 && node("path", { d: `M${x1 - 14} ${y + 4}a3.6 3.6 0 1 1-1 4.6M${x1 - 14} ${y + 4}v3.4M${x1 - 14} ${y + 4}h3.2`, class: "strip-loop" }, [], "loop"),
      wide > strip.name.length * WORD_PX + 26 && node("text", { x: x0 + 7, y: y + 11, class: "strip-name" }, strip.name, "name"),
      handle("start", x0), handle("end", x1),
    ].filter(Boolean), strip.id);
  });
}

// Hands on the ends: dragged with the mouse, moved by the arrow keys
export function createStripHands(svg, state, { timeview, edit, stripsOf, draw, alone }) {
  let drag = null;
  const at = (target) => {
    const end = target.closest?.(".strip-end"), strip = end && stripsOf().find((s) => s.id === end.closest("[data-strip]").dataset.strip);
    return strip ? { strip, side: end.dataset.end } : null;
  };
  const frameAt = (event) => timeview.frameAt(event.clientX - svg.getBoundingClientRect().left);
  const moved = ({ strip, side }, frame) => (side === "start" ? { start: Math.min(frame, strip.end) } : { end: Math.max(frame, strip.start) });
  function keep(found, to) {
    if (Object.entries(to).some(([side, frame]) => found.strip[side] !== frame)) edit({ kind: "set_clip", performer: state.get("who"), clip: found.strip.id, ...to });
  }
  svg.addEventListener("pointerdown", (event) => {
    const found = alone() && !event.button && at(event.target);
    if (!found) return;
    // an end lies between two frames: it moves by as many as the hand does
    drag = { ...found, to: {}, by: found.strip[found.side] - frameAt(event) };
    svg.setPointerCapture(event.pointerId);
    event.preventDefault();
  });
  svg.addEventListener("pointermove", (event) => {
    if (!drag) return;
    drag.to = moved(drag, frameAt(event) + drag.by);
    const { start, end } = { ...drag.strip, ...drag.to };
    state.set({ frame: drag.to[drag.side], dragSays: `${drag.strip.name}: ${start} to ${end}` });
    draw();
  });
  function letGo(keeps) {
    if (!drag) return;
    const done = drag;
    drag = null;
    state.set({ dragSays: null });
    if (keeps) keep(done, done.to);
    draw();
  }
  svg.addEventListener("pointerup", () => letGo(true));
  svg.addEventListener("pointercancel", () => letGo(false));
  svg.addEventListener("keydown", (event) => {
    if (event.key === "Escape" && drag) { letGo(false); event.stopPropagation(); return; }
    const found = at(event.target), by = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
    if (!found || !by || !alone()) return;
    keep(found, moved(found, found.strip[found.side] + by));
    event.preventDefault();
    event.stopPropagation();
  }, true);
  return { drag: () => drag && { id: drag.strip.id, ...drag.strip, ...drag.to } };
}
