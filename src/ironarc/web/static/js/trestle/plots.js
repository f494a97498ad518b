// Reading plots on the trestle's own frame axis, chosen by chips.
import uPlot from "../../vendor/uPlot.esm.js";
import { furthest } from "../compared.js";
import { performerOf } from "../scene.js";
import { EDGE, GUTTER } from "./timeview.js";

const FIRST_HEIGHT = 82, LEAST = 56, MOST = 220, KEPT = "iron-arc-plots";
const WAS = "#9a958a", STEEL = "#2B5876", BRASS = "#B07D1E", OXIDE = "#9E3A1B";
// Parts that carry spin, told apart by shade and by the order they stand in
const SHADES = ["#20252B", "#2B5876", "#7f9bb0", "#9E3A1B", "#d19a85", "#8d887c"];
export const PLOTS = {
  height: { chip: "Height", name: "Center of gravity over the floor", unit: "cm", digits: 0 },
  speed: { chip: "Speed", name: "Vertical speed; along its path in dashes", unit: "m/s", digits: 1, zero: true, second: "pace", beads: true },
  acceleration: { chip: "Acceleration", name: "Vertical acceleration", unit: "g", digits: 1, zero: true, beads: true },
  balance: {
    chip: "Balance", name: "Inside the footing: standing, and moving in dashes", unit: "cm", digits: 1, zero: true,
    from: "margin", second: "xcom_margin", clip: 30, edge: true,
  },
  pushes: {
    chip: "Pushes", name: "Ground reaction, and phantom force in oxide", unit: "bw", digits: 2, zero: true, from: "grf", second: "phantom_size", odd: true,
  },
  parts: { chip: "By part", name: "Spin carried by", unit: "kg·m²/s", digits: 0, zero: true, stacked: true },
  guide: { chip: "Off the guide", name: "Distance from the guide curve", unit: "cm", digits: 1, zero: true, only: (data) => data.off_guide.length > 0 },
  spin: { chip: "Spin", name: "Spin, angular momentum about the center of gravity", unit: "kg·m²/s", digits: 0 },
  changed: { chip: "Difference", name: "Largest difference", unit: "cm", digits: 1, zero: true, only: (_, { corrected }, { trying, against }) => corrected || trying || against },
};

export function createPlots(root, chips, state, setup) {
  let frames = [], height = Number(window.localStorage?.getItem(KEPT)) || FIRST_HEIGHT;
  const rows = new Map();

  // All plots share a height, dragged by the lower edge of any of them
  function setHeight(to) {
    height = Math.min(Math.max(Math.round(to), LEAST), MOST);
    window.localStorage?.setItem(KEPT, String(height));
    for (const { row, chart } of rows.values()) { row.style.height = `${height + 1}px`; chart.setSize({ width: state.get("width"), height }); }
    state.set({ plotHeight: height });
  }

  let from = null;
  root.addEventListener("pointerdown", (event) => {
    if (!event.target.matches(".plot-edge")) return;
    from = { y: event.clientY, height };
    event.target.setPointerCapture(event.pointerId);
    event.stopPropagation();
    event.preventDefault();
  });
  root.addEventListener("pointermove", (event) => { if (from) { setHeight(from.height + event.clientY - from.y); event.stopPropagation(); } });
  for (const end of ["pointerup", "pointercancel"]) root.addEventListener(end, () => { from = null; });
  root.addEventListener("dblclick", (event) => { if (event.target.matches(".plot-edge")) setHeight(FIRST_HEIGHT); });
  root.addEventListener("keydown", (event) => {
    const by = { ArrowUp: -10, ArrowDown: 10 }[event.key];
    if (!by || !event.target.matches(".plot-edge")) return;
    setHeight(height + by);
    event.preventDefault();
    event.stopPropagation();
  });

  for (const [key, plot] of Object.entries(PLOTS)) {
    const chip = document.createElement("button");
    chip.className = "chip";
    chip.dataset.plot = key;
    // where there is little room, the short word stands
    chip.innerHTML = '<span class="wide-only"></span><span class="narrow-only"></span>';
    chip.firstChild.textContent = plot.chip;
    chip.lastChild.textContent = plot.short ?? plot.chip;
    chip.addEventListener("click", () => {
      const shown = state.get("plots");
      state.set({ plots: shown.includes(key) ? shown.filter((k) => k !== key) : [...shown, key] });
    });
    chips.append(chip);
  }

  // Values of the plots that come with the physics, cut where one would flatten all the rest
  const clipped = (values, most) => (most ? values.map((v) => (v === null || Math.abs(v) > most ? null : v)) : values);

  // Running sums of what the parts carry, the first at the bottom
  function stacked(physics) {
    const sums = [], total = frames.map(() => 0);
    for (const { spin } of physics.parts) sums.push(spin.map((v, i) => (total[i] += v ?? 0)));
    return sums;
  }

  // what gravity asks for on the flights: a brass line where there is one to draw
  function idealOf(key, data) {
    const second = PLOTS[key].second, physics = state.get("physics");
    if (second) return physics ? clipped(physics.plot(second), PLOTS[key].clip) : [];
    const out = frames.map(() => null);
    for (const flight of data.flights) {
      for (let f = flight.start; f <= flight.end; f++) {
        if (key === "height") out[f - setup.first] = (flight.gravity_arc[f - flight.start][1] - data.floor) * 100;
        if (key === "acceleration") out[f - setup.first] = -1;
      }
    }
    return out;
  }

  // The edge of the footing: inside lies above it
  function zeroLine(chart) {
    const { ctx, bbox } = chart, y = Math.round(chart.valToPos(0, "y", true));
    ctx.save();
    ctx.fillStyle = "#20252B";
    ctx.fillRect(bbox.left, y, bbox.width, 1.5);
    ctx.restore();
  }

  function build(key) {
    const plot = PLOTS[key];
    const row = document.createElement("div");
    row.className = "plot-row";
    row.innerHTML = '<span class="plot-name"></span><span class="plot-value num"></span><span class="plot-edge" role="separator" tabindex="0" aria-label="Height of the plots" title="Drag for higher or lower plots; double-click for the first height"></span>';
    row.style.height = `${height + 1}px`;
    row.querySelector(".plot-name").textContent = `${plot.name}, ${plot.unit}`;
    root.append(row);
    const chart = new uPlot({
      width: Math.max(state.get("width"), 200), height, padding: [16, EDGE, 6, 0], pxAlign: false,
      hooks: plot.edge ? { drawAxes: [zeroLine] } : {},
      cursor: { show: false }, legend: { show: false }, select: { show: false },
      scales: {
        x: { time: false, range: () => state.get("view") },
        y: { range: (_, low, high) => {
          const [a, b] = plot.zero ? [Math.min(low, 0), Math.max(high, 0)] : [low, high];
          const pad = Math.max((b - a) * 0.08, 0.02);
          return [a - pad, b + pad];
        } },
      },
      axes: [{ show: false }, { size: GUTTER, font: '12px "IBM Plex Mono"', stroke: "#5f5e58", space: 22, gap: 8,
        grid: { stroke: "#e6e0d3", width: 1 }, ticks: { show: false } }],
      ...seriesOf(key, plot),
    }, [frames], row);
    rows.set(key, { row, chart });
  }

  function seriesOf(key, plot) {
    const line = (stroke, more = {}) => ({ stroke, width: 2, points: { show: false }, ...more });
    if (!plot.stacked) {
      const second = plot.odd ? line(OXIDE) : line(plot.second ? STEEL : BRASS, { dash: [6, 4] });
      // a bead a frame, where there is room for them: their spacing is the change from frame to frame
      const beads = plot.beads ? { points: { show: true, size: 4, fill: STEEL, space: 5 } } : {};
      return { series: [{}, line(WAS, { width: 1.25 }), second, line(STEEL, beads)] };
    }
    const parts = state.get("physics")?.parts ?? [];
    return {
      series: [{}, ...parts.map((_, i) => line(SHADES[i % SHADES.length], { width: 1.5 }))],
      bands: parts.slice(1).map((_, i) => ({ series: [i + 2, i + 1], fill: `${SHADES[(i + 1) % SHADES.length]}66` })),
    };
  }

  // Behind what is tried, the values as they stand; none of what comes with the physics
  function wasOf(key) {
    const stood = state.get("trying") ? state.get("held")?.data.plots[key] : null;
    return stood ? frames.map((_, i) => stood[i] ?? null) : [];
  }

  function changedBy() {
    const motion = state.get("motion"), other = state.get("compared");
    return motion && other ? furthest(motion, other, performerOf(setup, state.get("who")).figure.joints) : [];
  }

  // Values of a plot over the frames; those off a guide are of the one picked, or of the first
  function valuesOf(key, data) {
    const plot = PLOTS[key], physics = state.get("physics");
    if (plot.from) return physics ? clipped(physics.plot(plot.from), plot.clip) : [];
    if (plot.stacked) return physics ? stacked(physics).at(-1) ?? [] : [];
    if (key === "changed") return changedBy();
    if (key !== "guide") return data.plots[key];
    return (data.off_guide.find((guide) => guide.id === state.get("pick")) ?? data.off_guide[0])?.cm ?? [];
  }

  function drop(key) {
    const { row, chart } = rows.get(key);
    chart.destroy();
    row.remove();
    rows.delete(key);
  }

  function refresh() {
    const data = state.get("data");
    const offered = (key) => !PLOTS[key].only || Boolean(data && PLOTS[key].only(data, performerOf(setup, state.get("who")), { trying: Boolean(state.get("trying")), against: state.get("against") }));
    const shown = state.get("plots").filter(offered);
    frames = Array.from({ length: setup.last - setup.first + 1 }, (_, i) => setup.first + i);
    for (const chip of chips.children) chip.classList.toggle("hidden", !offered(chip.dataset.plot));
    for (const chip of chips.children) chip.setAttribute("aria-pressed", String(shown.includes(chip.dataset.plot)));
    for (const key of [...rows.keys()]) if (!shown.includes(key)) drop(key);
    if (!data || !state.get("width")) return;
    for (const key of Object.keys(PLOTS)) if (shown.includes(key)) {
      const parts = PLOTS[key].stacked ? state.get("physics")?.parts ?? [] : [];
      // bodies differ in the parts they have
      if (rows.has(key) && PLOTS[key].stacked && rows.get(key).chart.series.length !== parts.length + 1) drop(key);
      if (!rows.has(key)) build(key);
      root.append(rows.get(key).row);
      rows.get(key).chart.setData(PLOTS[key].stacked ? [frames, ...stacked(state.get("physics") ?? { parts })] : [frames, wasOf(key), idealOf(key, data), valuesOf(key, data)]);
      if (PLOTS[key].stacked) rows.get(key).row.querySelector(".plot-name").replaceChildren(`${PLOTS[key].name} `, ...parts.flatMap(({ name }, i) => {
        const word = document.createElement("b");
        word.textContent = name;
        word.style.color = SHADES[i % SHADES.length];
        return i ? [", ", word] : [word];
      }), `, ${PLOTS[key].unit}`);
    }
    value();
  }

  function value() {
    const data = state.get("data");
    if (!data) return;
    const at = (state.get("hover") ?? state.get("frame")) - setup.first;
    for (const [key, { row }] of rows) {
      const now = valuesOf(key, data)[at];
      row.querySelector(".plot-value").textContent = now == null ? "" : `${now.toFixed(PLOTS[key].digits)} ${PLOTS[key].unit}`;
    }
  }

  state.on(["plots", "data", "pick", "physics", "trying", "compared", "against"], refresh);
  state.on(["width"], ({ width }) => { for (const { chart } of rows.values()) chart.setSize({ width, height }); if (!rows.size) refresh(); });
  state.on(["view"], () => { for (const { chart } of rows.values()) chart.redraw(true, true); });
  state.on(["frame", "hover"], value);
  return { refresh };
}
