// Hands on the rows of keys: selected by click, box, row or frame; dragged, copied, nudged. What is moved stands where it
// was left at once; the server's answer comes after it.
import { isSelected, keyName, keysByPart, movedBy, partsInScope, replacedBy, rowsMoved, stillThere } from "../block/selection.js";
import { rowsOf } from "./keyrows.js";

const DRAG_PX = 3, TWICE_MS = 400;

export function createKeyHands(svg, state, setup, { timeview, commit, note }) {
  let drag = null;
  const taken = () => state.get("keysTaken");
  const where = (event) => { const r = svg.getBoundingClientRect(); return [event.clientX - r.left, event.clientY - r.top]; };
  const rows = () => rowsOf(state.get("block"), state.get("openParts"));
  const inBlock = () => state.get("step") === "block" && Boolean(state.get("block"));

  function take(names, more) {
    state.set({ keysTaken: more ? [...new Set([...taken(), ...names])] : names, lastTaken: "keys" });
  }

  // All rows there are, down to the joints'
  const allRows = () => { const block = state.get("block"); return rowsOf(block, [...block.rows.map((row) => row.part)]); };
  const layerOf = () => { const block = state.get("block"); return block.layer_is_new ? "" : block.layer; };

  function edit(kind, more) {
    if (!taken().length) return null;
    return commit({ kind, performer: state.get("who"), keys: keysByPart(taken()), layer: layerOf(), ...more });
  }

  const onTop = (by) => replacedBy(taken(), by, allRows()).length;

  async function moveBy(by, stays = false) {
    const replaced = onTop(by), block = state.get("block"), made = edit("move_keys", { by, stays });
    if (!made) return;
    state.set({ keysTaken: movedBy(taken(), by), block: { ...block, rows: movedRows(block, by, stays) } });
    if (await made && replaced) note(`${replaced === 1 ? "1 key was" : `${replaced} keys were`} replaced there. Ctrl Z brings ${replaced === 1 ? "it" : "them"} back.`);
  }

  // Joints and channels of a part go along with it
  function movedRows(block, by, stays) {
    const names = taken();
    return rowsMoved(block.rows, names, by, stays).map((row) => ({
      ...row,
      joints: row.joints.map(({ joint, channels }) => ({
        joint,
        channels: Object.fromEntries(Object.entries(channels).map(([channel, frames]) => {
          const goes = (frame) => isSelected(names, row.part, frame) || isSelected(names, joint, frame);
          const moved = frames.filter(goes).map((frame) => frame + by), left = frames.filter((frame) => (stays || !goes(frame)) && !moved.includes(frame));
          return [channel, [...left, ...moved].sort((x, y) => x - y)];
        })),
      })),
    }));
  }

  state.on(["block"], () => {
    if (!state.get("block")) return;
    const left = stillThere(taken(), allRows());
    if (left.length < taken().length) state.set({ keysTaken: left });
  });

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
    const name = key.dataset.key, [part, frame] = name.split("|"), had = isSelected(taken(), part, Number(frame));
    if (event.shiftKey && taken().includes(name)) state.set({ keysTaken: taken().filter((other) => other !== name) });
    else if (!had || event.shiftKey) take([name], event.shiftKey);
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
    if (by === state.get("keyDrag")?.by) return;
    const replaced = by ? onTop(by) : 0;
    state.set({ keyDrag: { by, stays: drag.stays }, dragSays: `keys ${by >= 0 ? "+" : "−"}${Math.abs(by)} f${drag.stays ? ", copied" : ""}${replaced ? `; replaces ${replaced}` : ""}` });
  });

  // A second click on a frame's key selects every key on that frame
  let last = { frame: null, at: 0 };
  function clicked(frame, at) {
    if (frame === last.frame && at - last.at < TWICE_MS) take(rows().filter((row) => row.keys.some(([f]) => f === frame)).map((row) => keyName(row.part, frame)), false);
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
    if (!moved) { state.set({ keysTaken: [], frame: timeview.frameAt(x), playing: false }); return; }
    const inside = [...svg.querySelectorAll("[data-key]")].filter((node) => {
      const b = node.getBBox(), cx = b.x + b.width / 2, cy = b.y + b.height / 2;
      return cx >= box[0] && cx <= box[2] && cy >= box[1] && cy <= box[3];
    }).map((node) => node.dataset.key);
    take(inside, more);
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
      take(row.keys.map(([f]) => keyName(part, f)), false);
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
    edit, layerOf,
    // parts that tools over a span of time act on
    partsOf: () => partsInScope(taken(), state.get("block"), state.get("grips")),
    nudge(by) { if (taken().length) moveBy(by); },
    copyTo(frame) { const first = Math.min(...Object.values(keysByPart(taken())).flat()); if (taken().length && frame !== first) moveBy(frame - first, true); },
    remove: () => edit("delete_keys", {}),
    cancel() { const was = Boolean(drag); letGo(null, false); return was; },
  };
}
