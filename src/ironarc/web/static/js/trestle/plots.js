// Reading plots on the trestle's own frame axis, chosen by chips.
import uPlot from "../../vendor/uPlot.esm.js";
import { EDGE, GUTTER } from "./timeview.js";

const HEIGHT = 82;
const STEEL = "#2B5876", BRASS = "#B07D1E";
export const PLOTS = {
  height: { chip: "Height", name: "Center of gravity over the floor", unit: "cm", digits: 0 },
  speed: { chip: "Vertical speed", short: "Speed", name: "Vertical speed", unit: "m/s", digits: 1, zero: true },
  acceleration: { chip: "Vertical acceleration", short: "Acceleration", name: "Vertical acceleration", unit: "g", digits: 1, zero: true },
  guide: { chip: "Off the guide", name: "Distance from the guide curve", unit: "cm", digits: 1, zero: true, only: (data) => data.off_guide.length > 0 },
  spin: { chip: "Spin", name: "Spin, angular momentum about the center of gravity", unit: "kg·m²/s", digits: 0 },
};

export function createPlots(root, chips, state, setup) {
  let frames = [];
  const rows = new Map();

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

  // what gravity asks for on the flights: a brass line where there is one to draw
  function idealOf(key, data) {
    const out = frames.map(() => null);
    for (const flight of data.flights) {
      for (let f = flight.start; f <= flight.end; f++) {
        if (key === "height") out[f - setup.first] = (flight.asked[f - flight.start][1] - data.floor) * 100;
        if (key === "acceleration") out[f - setup.first] = -1;
      }
    }
    return out;
  }

  function build(key) {
    const plot = PLOTS[key];
    const row = document.createElement("div");
    row.className = "plot-row";
    row.innerHTML = '<span class="plot-name"></span><span class="plot-value num"></span>';
    row.querySelector(".plot-name").textContent = `${plot.name}, ${plot.unit}`;
    root.append(row);
    const chart = new uPlot({
      width: Math.max(state.get("width"), 200), height: HEIGHT, padding: [16, EDGE, 6, 0], pxAlign: false,
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
      series: [{}, { stroke: BRASS, width: 2, dash: [6, 4], points: { show: false } }, { stroke: STEEL, width: 2, points: { show: false } }],
    }, [frames, [], []], row);
    rows.set(key, { row, chart });
  }

  // Values of a plot over the frames; those off a guide are of the one picked, or of the first
  function valuesOf(key, data) {
    if (key !== "guide") return data.plots[key];
    return (data.off_guide.find((guide) => guide.id === state.get("pick")) ?? data.off_guide[0])?.cm ?? [];
  }

  function refresh() {
    const data = state.get("data");
    const offered = (key) => !PLOTS[key].only || Boolean(data && PLOTS[key].only(data));
    const shown = state.get("plots").filter(offered);
    frames = Array.from({ length: setup.last - setup.first + 1 }, (_, i) => setup.first + i);
    for (const chip of chips.children) chip.classList.toggle("hidden", !offered(chip.dataset.plot));
    for (const chip of chips.children) chip.setAttribute("aria-pressed", String(shown.includes(chip.dataset.plot)));
    for (const [key, { row, chart }] of rows) if (!shown.includes(key)) { chart.destroy(); row.remove(); rows.delete(key); }
    if (!data || !state.get("width")) return;
    for (const key of Object.keys(PLOTS)) if (shown.includes(key)) {
      if (!rows.has(key)) build(key);
      root.append(rows.get(key).row);
      rows.get(key).chart.setData([frames, idealOf(key, data), valuesOf(key, data)]);
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

  state.on(["plots", "data", "pick"], refresh);
  state.on(["width"], ({ width }) => { for (const { chart } of rows.values()) chart.setSize({ width, height: HEIGHT }); if (!rows.size) refresh(); });
  state.on(["view"], () => { for (const { chart } of rows.values()) chart.redraw(true, true); });
  state.on(["frame", "hover"], value);
  return { refresh };
}
