// Rows of keys in Block: the whole pose, then a row a part, opened to its joints and their channels. What a key is stands
// in its shape: an extreme is a diamond, a breakdown half a disc, an in-between a tick.
import { isSelected } from "../block/selection.js";
import { fittedName } from "./labels.js";
import { node } from "./svg.js";
import { GUTTER } from "./timeview.js";

export const ROW = 15;
export const WHOLE = 0.5; // share of the joints keyed that makes a frame a pose

const CHANNELS = { turn: "turn", rx: "turn x", ry: "turn y", rz: "turn z", tx: "x", ty: "up", tz: "z" };

// Rows as they stand: { name, level, part, joint, channel, keys: [[frame, share], …] }
// only : names of the parts whose rows are wanted, or null for all
export function rowsOf(block, open, only = null) {
  const total = new Map();
  let joints = 0;
  for (const row of block.rows) {
    joints += row.joints.length;
    for (const [frame, count] of row.keys) total.set(frame, (total.get(frame) ?? 0) + count);
  }
  const out = [{ name: "Pose", level: 0, part: "", keys: [...total].sort((a, b) => a[0] - b[0]).map(([f, n]) => [f, n / Math.max(joints, 1)]) }];
  for (const row of block.rows) {
    if (only && !only.includes(row.part)) continue;
    out.push({ name: row.part, level: 0, part: row.part, opens: row.joints.length > 0, keys: row.keys.map(([f, n]) => [f, n / row.of]) });
    if (!open.includes(row.part)) continue;
    for (const { joint, channels } of row.joints) {
      const frames = [...new Set(Object.values(channels).flat())].sort((a, b) => a - b);
      out.push({ name: joint, level: 1, part: joint, opens: true, keys: frames.map((f) => [f, 1]) });
      if (open.includes(joint)) for (const [channel, keys] of Object.entries(channels)) out.push({ name: CHANNELS[channel], level: 2, part: joint, channel, keys: keys.map((f) => [f, 1]) });
    }
  }
  return out;
}

// The kind of pose on a frame: as a person said, or an extreme where most of the body is keyed
export const kindAt = (block, frame, share) => block.beats.find((b) => b.frame === frame)?.kind ?? (share >= WHOLE ? "extreme" : "in-between");

function shapeOf(kind, x, y, small) {
  const s = small ? 3.2 : 4.6;
  if (kind === "extreme") return `M${x} ${y - s}l${s} ${s}-${s} ${s}-${s}-${s}z`;
  if (kind === "breakdown") return `M${x - s} ${y + s * 0.7}a${s} ${s * 1.5} 0 0 1 ${2 * s} 0z`;
  return `M${x - 1} ${y - s}h2v${2 * s}h-2z`;
}

// Nodes of all rows; taken : names of the selected keys; drag : { by, copy } while keys are dragged
export function rowLane({ block, open, only, taken, drag, dense, x, view, keys: top, first, last }) {
  const [a, b] = view, rows = rowsOf(block, open, only), shares = new Map(rows[0].keys);
  return rows.flatMap((row, i) => {
    const y = top + i * ROW + ROW / 2, whole = row.level === 0 && row.part === "";
    const line = node("rect", { x: x(first - 0.5), y: top + i * ROW + 1, width: Math.max(x(last + 0.5) - x(first - 0.5), 1), height: ROW - 2, class: `key-row${dense && !row.keys.length ? " is-dense" : ""}`, "data-row": `${row.part}|${row.channel ?? ""}` }, [], `row${i}`);
    const marks = row.keys.filter(([f]) => f >= a - 1 && f <= b + 1).map(([f]) => {
      const isTaken = isSelected(taken, row.part, f), at = x(isTaken && drag ? f + drag.by : f), kind = kindAt(block, f, shares.get(f) ?? 0);
      const says = `${row.name}, frame ${f}: ${kind}`;
      return node("path", {
        d: shapeOf(kind, at, y, !whole), class: `key-mark${isTaken ? " is-taken" : ""}`, "data-key": `${row.part}|${f}`, role: "button", tabindex: -1, "aria-label": says, "aria-pressed": String(isTaken),
      }, [node("title", {}, says)], `key${row.part}${row.channel ?? ""}${f}`);
    });
    return [line, ...marks];
  });
}

// A name in the gutter: all of it is told on hover where it is cut
function gutterName(name, x, y, attributes, key, sign = "") {
  const says = fittedName(`${sign}${name}`, GUTTER - x - 6);
  return node("text", { x, y, ...attributes }, [node("tspan", {}, says), says.includes("…") && node("title", {}, name)], key);
}

export function rowNames({ block, open, only, keys: top, grips }) {
  return rowsOf(block, open, only).map((row, i) => gutterName(row.name, 12 + row.level * 8, top + i * ROW + 11, {
    class: `lane-name row-name${row.opens ? " opens" : ""}${grips.includes(row.part) ? " is-lit" : ""}`,
    "data-row-name": row.part, ...(row.opens ? { role: "button", tabindex: 0, "aria-expanded": String(open.includes(row.part)) } : {}),
  }, `name${i}${row.name}`, row.opens ? (open.includes(row.part) ? "▾ " : "▸ ") : ""));
}

// Pins that are shown: all, or those of parts whose rows are
function pinsOf({ pins, grips }, only) {
  return only ? pins.filter((pin) => only.includes(grips.find((grip) => grip.name === pin.part)?.part)) : pins;
}

// Parts that are pinned, one row each: a bar with the frames it eases on and off over, dragged by its ends
const pinnedParts = (block, only) => [...new Set(pinsOf(block, only).map((pin) => pin.part))];

export function pinRows({ block, open, only, pinDrag, x, keys: top }) {
  const from = top + rowsOf(block, open, only).length * ROW + 2;
  return pinsOf(block, only).flatMap((standing) => {
    const pin = pinDrag?.id === standing.id ? { ...standing, ...pinDrag } : standing;
    const y = from + pinnedParts(block, only).indexOf(pin.part) * ROW, x0 = x(pin.start - 0.5), x1 = x(pin.end + 0.5), per = x(1) - x(0);
    const inside = [x0 + pin.ease_in * per, x1 - pin.ease_out * per], says = `${pin.part} held to ${pin.to}, frames ${pin.start} to ${pin.end}${pin.muted ? ", muted" : ""}`;
    const end = (side, at) => node("rect", {
      x: at - 4, y, width: 8, height: ROW, class: "pin-end", "data-pin-end": `${pin.id}|${side}`, role: "slider", tabindex: 0,
      "aria-label": `${pin.part}, ${side === "start" ? "first" : "last"} frame of its pin`, "aria-valuenow": pin[side],
    }, [], `${side}${pin.id}`);
    return [
      node("path", { d: `M${x0} ${y + ROW - 3}L${inside[0]} ${y + 3}H${inside[1]}L${x1} ${y + ROW - 3}Z`, class: `pin-bar${pin.muted ? " is-muted" : ""}${pin.pulls ? " pulls" : ""}` }, [node("title", {}, says)], `bar${pin.id}`),
      end("start", x0), end("end", x1),
    ];
  });
}

export function pinNames({ block, open, only, keys: top }) {
  const from = top + rowsOf(block, open, only).length * ROW + 2;
  return pinnedParts(block, only).map((part, i) => gutterName(`${part} ⟂`, 12, from + i * ROW + 11, { class: "lane-name pin-name" }, `pin${part}`));
}

export const rowsHeight = (block, open, only) => (rowsOf(block, open, only).length + pinnedParts(block, only).length) * ROW + 6;
