// Curves of the parts taken, on the trestle's own frame axis: keys are dragged in time and value, slopes by their ends.
import { curveKeysOf } from "../block/selection.js";
import { EDGE, GUTTER } from "./timeview.js";
import { node, patch } from "./svg.js";

const HEIGHT = 150, TOP = 20, BOTTOM = 10, ARM_PX = 34, LEAST_SPAN = { "°": 10, cm: 4 }, DRAG_PX = 3;
const DASHES = ["", "7 3", "2 3"];
const INKS = ["#20252B", "#2B5876", "#9E3A1B", "#7d5610", "#33766A", "#7f9bb0"];

export const curveName = ({ joint, channel }) => `${joint}|${channel}`;
const WORDS = { rx: "turn x", ry: "turn y", rz: "turn z", tx: "x", ty: "up", tz: "z", height: "over the floor" };
export const curveWords = ({ joint, channel }) => `${joint} ${WORDS[channel] ?? channel}`;

// How a value lies across the height, of the curves of one unit
export function scaleOf(curves, frames, unit = curves[0]?.unit ?? "°") {
  const own = curves.filter((curve) => curve.unit === unit);
  let low = Infinity, high = -Infinity;
  for (const { values, keys } of own) for (const v of [...values.slice(frames[0], frames[1] + 1), ...keys.map((k) => k.value)]) { low = Math.min(low, v); high = Math.max(high, v); }
  if (!Number.isFinite(low)) { low = -1; high = 1; }
  const least = LEAST_SPAN[unit], middle = (low + high) / 2, half = Math.max(high - low, least) / 2 * 1.15;
  const per = (HEIGHT - TOP - BOTTOM) / (2 * half);
  return { unit, per, y: (v) => TOP + (middle + half - v) * per, value: (y) => middle + half - (y - TOP) / per };
}

// Units in the order they are met, two at most
export const unitsOf = (curves) => [...new Set(curves.map((curve) => curve.unit))].slice(0, 2);

// Heights for names, none nearer to the next than a line; in the order they are given
export function apart(heights, line = 11) {
  const order = heights.map((y, i) => [y, i]).sort((one, other) => one[0] - other[0]), out = [...heights];
  let last = -Infinity;
  for (const [y, i] of order) { out[i] = Math.max(y, last + line); last = out[i]; }
  const over = last - (HEIGHT - 3);
  return over > 0 ? out.map((y) => y - over) : out;
}

export function createCurves(root, state, setup, { timeview, commit, fetchCurves }) {
  const svg = document.createElementNS("http://www.w3.org/2000/svg", "svg");
  svg.setAttribute("class", "curves block w-full select-none");
  svg.setAttribute("height", HEIGHT);
  svg.id = "curves";
  root.before(svg);
  let drag = null, scales = {};

  const shownCurves = () => {
    const chosen = state.get("curvesShown");
    return state.get("curves").filter((curve) => !chosen.length || chosen.includes(curveName(curve)));
  };
  const visible = () => state.get("step") === "block" && state.get("tab") === "curves";

  // A key as it stands while it is dragged
  function dragged(curve, key) {
    if (!drag) return key;
    if (drag.mode === "keys" && state.get("curveKeys").includes(`${curveName(curve)}|${key.frame}`)) return { ...key, frame: key.frame + drag.byFrames, value: key.value + (curve.unit === drag.scale.unit ? drag.byValue : 0) };
    if (drag.mode === "slope" && drag.name === curveName(curve) && drag.frame === key.frame) return { ...key, [drag.side]: drag.slope, ...(drag.broken ? {} : { in: drag.slope, out: drag.slope }) };
    return key;
  }

  function draw() {
    const width = state.get("width");
    svg.style.display = visible() ? "" : "none";
    if (!visible() || !width) return;
    const curves = shownCurves(), [a, b] = state.get("view"), from = Math.max(Math.floor(a) - setup.first, 0), to = Math.min(Math.ceil(b) - setup.first, setup.last - setup.first);
    const units = unitsOf(curves);
    if (!drag) scales = Object.fromEntries((units.length ? units : ["°"]).map((unit) => [unit, scaleOf(curves, [from, to], unit)]));
    svg.setAttribute("viewBox", `0 0 ${width} ${HEIGHT}`);
    const { x } = timeview, taken = new Set(state.get("curveKeys")), first = scales[units[0] ?? "°"];
    const lineY = first.y(state.get("curveLine"));
    const ground = [node("rect", { x: GUTTER, y: 0, width: Math.max(width - GUTTER - EDGE, 1), height: HEIGHT, class: "curve-ground" }, [], "ground")], lines = [], marks = [];
    if (lineY > TOP - 4 && lineY < HEIGHT) ground.push(node("line", { x1: GUTTER, x2: width - EDGE, y1: lineY, y2: lineY, class: "curve-line" }, [], "line"));
    const pathOf = (values, scale) => values.slice(from, to + 1).map((v, k) => `${k ? "L" : "M"}${x(setup.first + from + k).toFixed(1)} ${scale.y(v).toFixed(1)}`).join("");
    curves.forEach((curve, i) => {
      const scale = scales[curve.unit];
      if (!scale) return;
      const ink = INKS[i % INKS.length], dash = DASHES[Math.floor(i / 2) % DASHES.length], d = pathOf(curve.values, scale);
      lines.push(node("path", { d, class: "curve", stroke: ink, "stroke-dasharray": dash }, [], `c${curveName(curve)}`));
      if (curve.keys.length) lines.push(node("path", { d, class: "curve-hit", "data-hit": curveName(curve) }, [node("title", {}, `${curveWords(curve)}: a click takes its nearest key`)], `h${curveName(curve)}`));
      const before = state.get("curvesWere").find((was) => curveName(was) === curveName(curve));
      if (before) lines.push(node("path", { d: pathOf(before.values, scale), class: "curve was" }, [], `w${curveName(curve)}`));
      for (const standing of curve.keys) {
        const key = dragged(curve, standing), name = `${curveName(curve)}|${standing.frame}`, kx = x(key.frame), ky = scale.y(key.value), on = taken.has(name);
        if (on) for (const side of ["in", "out"]) {
          const way = side === "in" ? -1 : 1, pxFrame = x(1) - x(0), rise = -key[side] * scale.per, size = Math.hypot(pxFrame, rise);
          const ex = kx + way * (pxFrame / size) * ARM_PX, ey = ky + way * (rise / size) * ARM_PX;
          marks.push(node("line", { x1: kx, y1: ky, x2: ex, y2: ey, class: "slope-arm" }, [], `a${side}${name}`));
          marks.push(node("rect", { x: ex - 3.5, y: ey - 3.5, width: 7, height: 7, class: "slope-end", "data-slope": `${name}|${side}` }, [node("title", {}, `slope ${side}: drag; Alt breaks it`)], `e${side}${name}`));
        }
        marks.push(node("circle", { cx: kx, cy: ky, r: on ? 5 : 4, class: `curve-key${on ? " is-taken" : ""}${key.meant === "broken" ? " is-broken" : ""}`, fill: ink, "data-curve-key": name }, [node("title", {}, `${curveWords(curve)} ${key.value.toFixed(1)} ${curve.unit}, frame ${key.frame}`)], `k${name}`));
      }
    });
    if (!curves.length) marks.push(node("text", { x: GUTTER + 8, y: 13, class: "curve-words" }, "No curve: select a part that has keys on this layer", "words"));
    // each curve's name at its end, in its own ink
    const named = curves.filter((curve) => scales[curve.unit]), ends = apart(named.map((curve) => scales[curve.unit].y(curve.values[to] ?? 0) - 4));
    named.forEach((curve, k) => marks.push(node("text", { x: width - EDGE - 6, y: ends[k], "text-anchor": "end", class: "curve-name", fill: INKS[curves.indexOf(curve) % INKS.length] }, `${curveWords(curve)}, ${curve.unit}`, `n${curveName(curve)}`)));
    units.forEach((unit, side) => {
      const scale = scales[unit];
      for (const [where, v] of [["top", scale.value(TOP + 6)], ["low", scale.value(HEIGHT - BOTTOM - 2)]]) {
        // the second unit's numbers stand inside the first one's
        const y = scale.y(v) + 4 + side * (where === "top" ? 14 : -14);
        marks.push(node("text", { x: GUTTER - 8, "text-anchor": "end", y, class: "curve-number" }, `${v.toFixed(Math.abs(v) < 10 ? 1 : 0)}${units.length > 1 ? ` ${unit}` : ""}`, `${where}${side}`));
      }
    });
    // no curve lies over another one's keys
    patch(svg, [...ground, ...lines, ...marks]);
  }

  async function load() {
    if (!visible()) { draw(); return; }
    const curves = await fetchCurves(), there = new Set(curves.flatMap((curve) => curve.keys.map((key) => `${curveName(curve)}|${key.frame}`)));
    // what is gone is not selected
    state.set({ curves, curveKeys: state.get("curveKeys").filter((name) => there.has(name)) });
  }

  // The key of a curve nearest to a place along the frames
  function nearestKey(name, x) {
    const keys = state.get("curves").find((curve) => curveName(curve) === name)?.keys ?? [];
    const near = keys.reduce((best, key) => (!best || Math.abs(timeview.x(key.frame) - x) < Math.abs(timeview.x(best.frame) - x) ? key : best), null);
    return near && `${name}|${near.frame}`;
  }

  const where = (event) => { const r = svg.getBoundingClientRect(); return [event.clientX - r.left, event.clientY - r.top]; };
  const layerOf = () => { const block = state.get("block"); return block.layer_is_new ? "" : block.layer; };

  svg.addEventListener("pointerdown", (event) => {
    const [x, y] = where(event), slope = event.target.closest?.("[data-slope]");
    const key = event.target.closest?.("[data-curve-key]")?.dataset.curveKey ?? nearestKey(event.target.closest?.("[data-hit]")?.dataset.hit, x);
    if (event.button || x < GUTTER) return;
    event.stopPropagation();
    event.preventDefault();
    svg.setPointerCapture(event.pointerId);
    if (slope) {
      const [joint, channel, frame, side] = slope.dataset.slope.split("|");
      const curve = state.get("curves").find((c) => c.joint === joint && c.channel === channel), standing = curve.keys.find((k) => k.frame === Number(frame));
      drag = { mode: "slope", name: `${joint}|${channel}`, joint, channel, frame: Number(frame), side, slope: standing[side], broken: event.altKey || standing.meant === "broken", scale: scales[curve.unit], at: [timeview.x(standing.frame), scales[curve.unit].y(standing.value)] };
      return;
    }
    if (key) {
      const name = key, had = state.get("curveKeys"), curve = state.get("curves").find((c) => name.startsWith(`${curveName(c)}|`));
      state.set({ curveKeys: event.shiftKey ? [...new Set([...had, name])] : had.includes(name) ? had : [name], lastTaken: "curves" });
      drag = { mode: "keys", x, y, byFrames: 0, byValue: 0, level: event.ctrlKey, scale: scales[curve.unit] };
      return;
    }
    drag = { mode: "box", x, y, more: event.shiftKey };
  });

  svg.addEventListener("pointermove", (event) => {
    if (!drag) return;
    event.stopPropagation();
    const [x, y] = where(event);
    if (Math.hypot(x - (drag.x ?? x), y - (drag.y ?? y)) > DRAG_PX || drag.mode === "slope") drag.moved = true;
    if (!drag.moved) return;
    if (drag.mode === "keys") {
      drag.byFrames = timeview.frameAt(x) - timeview.frameAt(drag.x);
      drag.byValue = (drag.y - y) / drag.scale.per;
      state.set({ dragSays: `${drag.byFrames >= 0 ? "+" : "−"}${Math.abs(drag.byFrames)} f, ${drag.byValue >= 0 ? "+" : "−"}${Math.abs(drag.byValue).toFixed(1)} ${drag.scale.unit}` });
    }
    if (drag.mode === "slope") {
      const frames = (x - drag.at[0]) / (timeview.x(1) - timeview.x(0)), way = drag.side === "in" ? Math.min(frames, -0.05) : Math.max(frames, 0.05);
      drag.slope = (drag.at[1] - y) / drag.scale.per / way;
      drag.broken ||= event.altKey;
      state.set({ dragSays: `slope ${drag.slope.toFixed(1)} ${drag.scale.unit} a frame${drag.broken ? ", broken" : ""}` });
    }
    draw();
  });

  async function letGo(event, keep) {
    if (!drag) return;
    event.stopPropagation();
    const { mode, moved, byFrames, byValue, joint, channel, frame, side, slope, broken, x, y, more } = drag;
    state.set({ dragSays: null });
    const [x1, y1] = where(event), performer = state.get("who"), layer = layerOf();
    if (mode === "box") {
      drag = null;
      if (!moved) { state.set({ curveKeys: [], frame: timeview.frameAt(x), playing: false }); return; }
      const inside = [...svg.querySelectorAll("[data-curve-key]")].filter((dot) => {
        const cx = Number(dot.getAttribute("cx")), cy = Number(dot.getAttribute("cy"));
        return cx >= Math.min(x, x1) && cx <= Math.max(x, x1) && cy >= Math.min(y, y1) && cy <= Math.max(y, y1);
      }).map((dot) => dot.dataset.curveKey);
      state.set({ curveKeys: more ? [...new Set([...state.get("curveKeys"), ...inside])] : inside, lastTaken: "curves" });
      return;
    }
    const unit = drag.scale?.unit;
    drag = null;
    if (keep && moved) {
      if (mode === "slope") commit({ kind: "set_slope", performer, joint, channel, frame, side, slope, layer, broken });
      else if (byFrames || Math.abs(byValue) > 1e-6) moveBy(byFrames, byValue, unit);
    }
    draw();
  }

  // Selected keys move by frames, and those of a unit (the first one's where none is told) by a value: at once on the
  // screen, then in the shot
  function moveBy(byFrames, byValue, unit = null) {
    const names = new Set(state.get("curveKeys"));
    if (!names.size) return;
    const of = (name) => state.get("curves").find((curve) => name.startsWith(`${curveName(curve)}|`))?.unit, valued = unit ?? of([...names][0]);
    const send = (some, value) => some.length && commit({ kind: "move_curve_keys", performer: state.get("who"), keys: curveKeysOf(some), by_frames: byFrames, by_value: value, layer: layerOf() });
    const same = [...names].filter((name) => !byValue || of(name) === valued), others = [...names].filter((name) => !same.includes(name));
    state.set({
      curves: state.get("curves").map((curve) => ({
        ...curve,
        keys: curve.keys.map((key) => (names.has(`${curveName(curve)}|${key.frame}`) ? { ...key, frame: key.frame + byFrames, value: key.value + (curve.unit === valued ? byValue : 0) } : key)).sort((one, other) => one.frame - other.frame),
      })),
      curveKeys: [...names].map((name) => { const [j, c, f] = name.split("|"); return `${j}|${c}|${Number(f) + byFrames}`; }),
    });
    send(same, byValue);
    if (byFrames) send(others, 0);
  }
  svg.addEventListener("pointerup", (event) => letGo(event, true));
  svg.addEventListener("pointercancel", (event) => letGo(event, false));

  state.on(["block", "grips", "step", "tab"], load);
  state.on(["curves", "curvesShown", "curveKeys", "curveLine", "curvesWere", "view", "width"], draw);
  return {
    // Keys that are selected, for the panel's tools
    keys: () => curveKeysOf(state.get("curveKeys")),
    selectAll() { state.set({ curveKeys: shownCurves().flatMap((curve) => curve.keys.map((key) => `${curveName(curve)}|${key.frame}`)), lastTaken: "curves" }); },
    nudge: (byFrames, byValue) => moveBy(byFrames, byValue),
    cancel() { const was = Boolean(drag); drag = null; draw(); return was; },
  };
}
