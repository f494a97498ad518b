// Words over the arches, laid out so that none stands on another, on an arch or on the playhead: they have two rows of
// their own above the arches, and a sheet of their own over the playhead's line.
import { node } from "./svg.js";
import { EDGE, GUTTER } from "./timeview.js";

const SANS_PX = 5.5, MONO_PX = 7.2, GAP_PX = 14, LINE = 14;

// A name within so many pixels: where it is too long without its middle, for names begin alike and end apart
export function fittedName(name, room) {
  const letters = Math.max(Math.floor(room / SANS_PX), 3), head = Math.floor((letters - 1) / 2);
  return name.length <= letters ? name : `${name.slice(0, head)}…${name.slice(head - letters + 1)}`;
}

// Puts boxes { x, half } (middle and half width) side by side within [low, high], each as near as can be to its place;
// null for one there is no room for
export function sideBySide(boxes, low, high) {
  const order = boxes.map((box, i) => i).sort((a, b) => boxes[a].x - boxes[b].x), out = boxes.map(() => null);
  let from = low;
  const put = [];
  for (const i of order) {
    const { x, half } = boxes[i];
    // at the far edge a box stands before its place, where nothing is in the way
    const at = Math.max(Math.min(x, high - half), from + half);
    if (at + half > high) {
      // there is room only if those before it can move towards the start
      const over = at + half - high, slack = put.length ? Math.min(...put.map((p) => out[p] - boxes[p].half)) - low : 0;
      if (!put.length || slack < over) { if (!put.length && high - low >= 2 * half) { out[i] = high - half; put.push(i); from = high; } continue; }
      for (const p of put) out[p] -= over;
      out[i] = at - over;
    } else out[i] = at;
    from = out[i] + half + GAP_PX;
    put.push(i);
  }
  return out;
}

// What is said over a flight, the longest first: all of it, or only the frames in the air
const saysOf = (flight) => [flight.label, flight.label.split(" · ")[0]];

// Where brief words stand; where even these have no room, the lowest flights go without: they are told on hover
function fitted(row, middles, low, high) {
  const kept = row.map((_, i) => i).sort((a, b) => row[b].flight.rise_m - row[a].flight.rise_m);
  for (; kept.length; kept.pop()) {
    const here = kept.slice().sort((a, b) => a - b);
    const places = sideBySide(here.map((i) => ({ x: middles[i], half: (row[i].says[1].length * MONO_PX) / 2 })), low, high);
    if (!places.includes(null)) return row.map((_, i) => places[here.indexOf(i)] ?? null);
  }
  return row.map(() => null);
}

// Text nodes for all flights in view; top : where the first row's line stands
export function labelLane({ data, x, width, view, labels: top }) {
  const [a, b] = view, low = GUTTER + 2, high = width - EDGE - 2;
  const seen = data.flights.filter((f) => f.landing >= a && f.take_off <= b);
  const rows = [
    seen.map((flight) => ({ flight, says: saysOf(flight), cls: "arch-label" })),
    seen.filter((flight) => flight.asks_apart).map((flight) => ({ flight, says: [`gravity asks ${Math.round(flight.gravity_rise_m * 100)} cm`, `asks ${Math.round(flight.gravity_rise_m * 100)}`], cls: "gravity-label" })),
  ];
  return rows.flatMap((row, number) => {
    const middles = row.map(({ flight }) => x((Math.max(flight.take_off, a) + Math.min(flight.landing, b)) / 2));
    const long = sideBySide(row.map(({ says }, i) => ({ x: middles[i], half: (says[0].length * MONO_PX) / 2 })), low, high);
    const brief = long.includes(null);
    const places = brief ? fitted(row, middles, low, high) : long;
    return row.map(({ flight, says, cls }, i) => places[i] !== null
      && node("text", { x: Math.round(places[i]), y: top + number * LINE, "text-anchor": "middle", class: cls }, says[brief ? 1 : 0], `${cls}${flight.start}`)).filter(Boolean);
  });
}
