// Pointer and wheel over trestle and plots: one cursor, scrubbing, zoom and pan along the frames.
import { GUTTER } from "./timeview.js";

export function createTimearea(body, state, setup, timeview) {
  const cursor = document.getElementById("cursor-line"), hover = document.getElementById("hover-line");
  const frameOf = (event) => timeview.frameAt(event.clientX - body.getBoundingClientRect().left);

  function lines() {
    // as high as what stands there, not as what the lines themselves stretch it to
    const tall = ["lanes", "curves", "plots"].reduce((sum, id) => sum + (document.getElementById(id)?.getBoundingClientRect().height ?? 0), 0);
    const height = `${Math.max(tall, body.clientHeight)}px`, [a, b] = state.get("view");
    const put = (line, frame) => {
      const inside = frame !== null && frame >= a && frame <= b;
      line.classList.toggle("hidden", !inside);
      if (inside) { line.style.transform = `translateX(${timeview.x(frame) - 1}px)`; line.style.height = height; }
    };
    put(cursor, state.get("frame"));
    put(hover, state.get("hover"));
  }

  let scrubbing = false, panFrom = null;
  body.addEventListener("pointerdown", (event) => {
    if (event.button === 2) return; // that one opens a menu
    if (event.target.closest(".flight, .flag, .fall, .pier-end, .strip-end, .row-name") && event.button === 0) return;
    if (event.clientX - body.getBoundingClientRect().left < GUTTER) return;
    // a pier is scrubbed over too, and has its own click
    if (!event.target.closest(".pier-of")) body.setPointerCapture(event.pointerId);
    if (event.button === 1 || event.altKey) { panFrom = event.clientX; event.preventDefault(); return; }
    scrubbing = true;
    state.set({ playing: false, frame: frameOf(event) });
  });
  body.addEventListener("pointermove", (event) => {
    if (panFrom !== null) {
      const [a, b] = state.get("view");
      timeview.pan(((panFrom - event.clientX) / (body.clientWidth - GUTTER)) * (b - a));
      panFrom = event.clientX;
      return;
    }
    const inside = event.clientX - body.getBoundingClientRect().left >= GUTTER;
    if (scrubbing) state.set({ frame: frameOf(event) });
    state.set({ hover: inside && !scrubbing ? frameOf(event) : null });
  });
  for (const end of ["pointerup", "pointercancel"]) body.addEventListener(end, () => { scrubbing = false; panFrom = null; });
  body.addEventListener("pointerleave", () => state.set({ hover: null }));
  body.addEventListener("wheel", (event) => {
    // plain wheel zooms; sideways or with Shift it pans; with Ctrl left to the browser
    if (event.ctrlKey) return;
    event.preventDefault();
    const [a, b] = state.get("view");
    const sideways = event.shiftKey ? event.deltaY || event.deltaX : event.deltaX;
    if (Math.abs(sideways) > Math.abs(event.shiftKey ? 0 : event.deltaY)) timeview.pan((sideways / 600) * (b - a));
    else timeview.zoom(Math.exp(event.deltaY * 0.0016), frameOf(event));
  }, { passive: false });

  state.on(["frame", "hover", "view", "width", "data", "plots"], lines);
  state.on(["step", "block", "tab", "openParts", "grips", "curves", "plots", "plotHeight"], () => requestAnimationFrame(() => requestAnimationFrame(lines)));
  new ResizeObserver(() => { state.set({ width: body.clientWidth }); lines(); }).observe(body);
}
