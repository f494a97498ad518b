// Hands on the rows of keys: taken by click, marquee, row or frame; dragged, copied, nudged.
import { rowsOf } from "./keyrows.js";

const DRAG_PX = 3, TWICE_MS = 400;

export function createKeyHands(svg, state, setup, { timeview, commit }) {
  let drag = null;
  const taken = () => state.get("keysTaken");
  const where = (event) => { const r = svg.getBoundingClientRect(); return [event.clientX - r.left, event.clientY - r.top]; };
  const rows = () => rowsOf(state.get("block"), state.get("openParts"));
  const inBlock = () => state.get("step") === "block" && Boolean(state.get("block"));

  function take(parts, frames, more) {
    const had = more ? taken() : { parts: [], frames: [] };
    const join = (a, b) => [...new Set([...a, ...b])];
    state.set({ keysTaken: { parts: join(had.parts, parts), frames: join(had.frames, frames).sort((a, b) => a - b) }, lastTaken: "keys" });
  }

  // The names the server knows: the whole pose is no part
  const partsOf = ({ parts }) => (parts.includes("") ? [] : parts);

  function edit(kind, more) {
    const { frames } = taken();
    if (!frames.length) return null;
    return commit({ kind, performer: state.get("who"), frames, parts: partsOf(taken()), layer: layerOf(), ...more });
  }
  const layerOf = () => { const block = state.get("block"); return block.layer_is_new ? "" : block.layer; };

  async function moveBy(by, stays = false) {
    const was = taken();
    const made = await edit("move_keys", { by, stays });
    if (made) state.set({ keysTaken: { parts: was.parts, frames: was.frames.map((f) => f + by) } });
  }

  svg.addEventListener("pointerdown", (event) => {
    if (!inBlock() || event.button) return;
    const end = event.target.closest?.("[data-pin-end]");
    if (end) {
      const [id, side] = end.dataset.pinEnd.split("|"), pin = state.get("block").pins.find((p) => p.id === id);
      drag = { mode: "pin", x: event.clientX, id, side, start: pin.start, end: pin.end };
      svg.setPointerCapture(event.pointerId);
      event.stopPropagation();
      event.preventDefault();
      return;
    }
    const key = event.target.closest?.("[data-key]"), row = event.target.closest?.("[data-row]");
    if (!key && !row) return;
    const [x, y] = where(event);
    event.stopPropagation();
    event.preventDefault();
    svg.setPointerCapture(event.pointerId);
    if (row && !key) { drag = { mode: "marquee", x, y, more: event.shiftKey }; return; }
    const [part, frame] = key.dataset.key.split("|");
    const had = taken().parts.includes(part) && taken().frames.includes(Number(frame));
    if (!had || event.shiftKey) take([part], [Number(frame)], event.shiftKey);
    drag = { mode: "move", x, from: Number(frame), stays: event.altKey };
  }, true);

  svg.addEventListener("pointermove", (event) => {
    if (!drag) return;
    event.stopPropagation();
    const [x, y] = where(event);
    if (Math.abs(x - drag.x) > DRAG_PX || Math.abs(y - (drag.y ?? y)) > DRAG_PX) drag.moved = true;
    if (!drag.moved) return;
    if (drag.mode === "marquee") { state.set({ keyBox: [Math.min(drag.x, x), Math.min(drag.y, y), Math.max(drag.x, x), Math.max(drag.y, y)] }); return; }
    if (drag.mode === "pin") {
      const at = timeview.frameAt(x), { id, side, start, end } = drag;
      const pinDrag = side === "start" ? { id, start: Math.min(at, end), end } : { id, start, end: Math.max(at, start) };
      state.set({ pinDrag, dragSays: `pin from ${pinDrag.start} to ${pinDrag.end}` });
      return;
    }
    const by = timeview.frameAt(x) - drag.from;
    if (by !== state.get("keyDrag")?.by) state.set({ keyDrag: { by, stays: drag.stays }, dragSays: `keys ${by >= 0 ? "+" : "−"}${Math.abs(by)} f${drag.stays ? ", copied" : ""}` });
  });

  // A second click on a frame's key takes every key on that frame
  let last = { frame: null, at: 0 };
  function clicked(frame, at) {
    if (frame === last.frame && at - last.at < TWICE_MS) take(rows().filter((row) => row.keys.some(([f]) => f === frame)).map((row) => row.part), [frame], false);
    last = { frame, at };
  }

  function letGo(event, keep) {
    if (!drag) return;
    const { mode, moved, more, stays, x, from } = drag, by = state.get("keyDrag")?.by ?? 0, box = state.get("keyBox");
    const pin = state.get("pinDrag"), id = drag.id;
    drag = null;
    state.set({ keyDrag: null, keyBox: null, dragSays: null, pinDrag: null });
    if (mode === "pin" && keep && pin) commit({ kind: "set_pin", performer: state.get("who"), pin: id, start: pin.start, end: pin.end });
    if (event) event.stopPropagation();
    if (!keep || mode === "pin") return;
    if (mode === "move") {
      if (moved && by) moveBy(by, stays);
      if (!moved) clicked(from, event.timeStamp);
      return;
    }
    if (!moved) { state.set({ keysTaken: { parts: [], frames: [] }, frame: timeview.frameAt(x), playing: false }); return; }
    const inside = [...svg.querySelectorAll("[data-key]")].filter((node) => {
      const b = node.getBBox(), cx = b.x + b.width / 2, cy = b.y + b.height / 2;
      return cx >= box[0] && cx <= box[2] && cy >= box[1] && cy <= box[3];
    }).map((node) => node.dataset.key.split("|"));
    take(inside.map(([part]) => part), inside.map(([, frame]) => Number(frame)), more);
  }
  svg.addEventListener("pointerup", (event) => letGo(event, true));
  svg.addEventListener("pointercancel", (event) => letGo(event, false));

  // A row that is pointed at lights its part on the stage
  svg.addEventListener("pointerover", (event) => {
    if (!inBlock()) return;
    const part = event.target.closest?.("[data-row-name]")?.dataset.rowName ?? event.target.closest?.("[data-row]")?.dataset.row.split("|")[0];
    const grip = part && state.get("block").grips.find((g) => g.part === part || state.get("block").joints[g.joint].name === part);
    state.set({ gripHover: grip?.name ?? null });
  });
  svg.addEventListener("pointerleave", () => state.set({ gripHover: null }));

  function onName(event) {
    const name = event.target.closest?.("[data-row-name]");
    if (!inBlock() || !name) return false;
    const part = name.dataset.rowName, open = state.get("openParts");
    if (event.shiftKey || !name.classList.contains("opens")) {
      const row = rows().find((r) => r.part === part);
      take([part], row.keys.map(([f]) => f), false);
    } else state.set({ openParts: open.includes(part) ? open.filter((p) => p !== part) : [...open, part] });
    event.preventDefault();
    return true;
  }
  svg.addEventListener("click", onName);
  svg.addEventListener("keydown", (event) => {
    if (event.key === "Enter") onName(event);
    const end = event.target.closest?.("[data-pin-end]"), by = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
    if (!end || !(by || event.key === "Delete")) return;
    const [id, side] = end.dataset.pinEnd.split("|"), pin = state.get("block").pins.find((p) => p.id === id), performer = state.get("who");
    if (by) commit({ kind: "set_pin", performer, pin: id, start: pin.start + (side === "start" ? by : 0), end: pin.end + (side === "end" ? by : 0) });
    else commit({ kind: "remove_pin", performer, pin: id });
    event.preventDefault();
    event.stopPropagation();
  });

  return {
    edit, partsOf: () => partsOf(taken()), layerOf,
    nudge(by) { if (taken().frames.length) moveBy(by); },
    copyTo(frame) { const { frames } = taken(); if (frames.length && frame !== frames[0]) moveBy(frame - frames[0], true); },
    async remove() { if (await edit("delete_keys", {})) state.set({ keysTaken: { parts: [], frames: [] } }); },
    cancel() { const was = Boolean(drag); letGo(null, false); return was; },
  };
}
