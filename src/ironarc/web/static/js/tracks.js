// What blocks of frames hold, as the stage, the trestle and the plots ask for it.
import { FRAMES } from "./blocks.js";

const widthOf = (columns) => Object.values(columns).reduce((sum, wide) => sum + wide, 0);
const startsOf = (columns) => {
  let at = 0;
  return Object.fromEntries(Object.entries(columns).map(([name, wide]) => { const from = at; at += wide; return [name, from]; }));
};
const numberOf = (value) => (Number.isNaN(value) ? null : value);

// A column of the tables that blocks begin with, over all frames; null where there is no number
function column(blocks, rows, width, at) {
  const out = [];
  blocks.forEach((block, i) => { for (let row = 0; row < rows[i]; row++) out.push(numberOf(block[row * width + at])); });
  return out;
}

// The reading's tracks: com, and computed where it is set off, as [x, y, z] a frame; plots a value a frame
export function tracksOf(columns, blocks) {
  const width = widthOf(columns), starts = startsOf(columns), rows = blocks.map((block) => block.length / width);
  const places = (from) => blocks.flatMap((block, i) => Array.from({ length: rows[i] }, (_, row) => [...block.subarray(row * width + from, row * width + from + 3)]));
  const plots = Object.fromEntries(["height", "speed", "acceleration", "spin"].map((name) => [name, column(blocks, rows, width, starts[name])]));
  return { com: places(starts.com), computed: "computed" in starts ? places(starts.computed) : null, plots };
}

// Footing, balance and pushes. at(index) : of one frame; plots, parts : over all, made when they are asked for
export function physicsOf(head, blocks, frames) {
  const { columns, groups, spinning, blows, slides, thrown } = head;
  const starts = startsOf(columns), fixed = widthOf(columns), width = fixed + spinning.length;
  const rows = blocks.map((_, i) => Math.min(FRAMES, frames - i * FRAMES));
  // where each frame's corners, marks and pushes begin in its block, found when one of its frames is looked at
  const listed = [];
  const LISTS = [["hull", 2], ["marks", 4], ["pushes", 7]];

  function listsOf(i) {
    if (listed[i]) return listed[i];
    const block = blocks[i], out = {};
    let at = rows[i] * width;
    for (const [name, wide] of LISTS) {
      const begins = new Uint32Array(rows[i] + 1);
      begins[0] = at;
      for (let row = 0; row < rows[i]; row++) begins[row + 1] = begins[row] + block[row * width + starts[name]] * wide;
      at = begins[rows[i]];
      out[name] = begins;
    }
    return (listed[i] = out);
  }

  const known = new Map();
  const once = (name, make) => { if (!known.has(name)) known.set(name, make()); return known.get(name); };
  const over = (at) => once(at, () => column(blocks, rows, width, at));

  return {
    blows, slides, thrown,
    at(index) {
      const i = Math.floor(index / FRAMES), row = index - i * FRAMES, block = blocks[i];
      if (!block || row >= rows[i]) return null;
      const from = row * width, lists = listsOf(i);
      const value = (name) => numberOf(block[from + starts[name]]);
      const values = (name, wide) => block.subarray(from + starts[name], from + starts[name] + wide);
      const list = (name, wide) => {
        const out = [];
        for (let at = lists[name][row]; at < lists[name][row + 1]; at += wide) out.push(block.subarray(at, at + wide));
        return out;
      };
      const phantom = values("phantom", 3), hull = list("hull", 2);
      return {
        hull: hull.length ? hull : null, marks: list("marks", 4), pushes: list("pushes", 7).map(([k, ...rest]) => [groups[k], ...rest]),
        xcom: values("xcom", 2), phantom: Number.isNaN(phantom[0]) ? null : phantom, spin: values("spin", 3), inertia: value("inertia"),
        tips_s: value("tips_s"), holds_on: Boolean(value("holds_on")), doubt: Boolean(value("doubt")), margin: value("margin"), xcom_margin: value("xcom_margin"),
      };
    },
    plot: (name) => over(starts[name]),
    get parts() { return once("parts", () => spinning.map((name, k) => ({ name, spin: over(fixed + k) }))); },
  };
}
