// What stands on the trestle, as descriptions: every lane a function of the reading and of where frames lie.
import { performerOf } from "../scene.js";
import { pinNames, pinRows, rowLane, rowNames, rowsHeight } from "./keyrows.js";
import { labelLane } from "./labels.js";
import { fallLane, fallsHeight } from "./falls.js";
import { stripLane, stripsHeight } from "./strips.js";
import { node } from "./svg.js";
import { EDGE, GUTTER } from "./timeview.js";

export const RULER = 24;
const FLAGS = 18, STRAP = 17, ARCH = 84, LOW_ARCH = 40, HEADROOM = 38, FIRST_LABEL = 13, NO_ARCH = 22, PIER = 15, KEYS = 18, GAP = 5;
const WHOLE_POSE = 0.5; // share of the joints keyed on a frame that makes it a pose
const TICK_PX = 52; // the least room for a number of the ruler
const HARD_MS = 0.5; // at which a prop must meet something for it to be marked
const WORD_PX = 6.4; // a letter of a mark's word

const STRUT_PX = 2; // a frame, under which struts would be a grey block
const NARROW_PX = 5; // under which a pier has no ends to take; zoom in for them

// Whether frames from start to end are seen in the view
const seen = ({ view: [a, b] }, start, end) => end >= a - 1 && start <= b + 1;

const laneName = (y, says, key) => node("text", { x: 12, y, class: "lane-name" }, says, key);

// The smallest step of 1, 2, 5, 10 … frames that leaves room for its numbers
export function tickStep(frames, width) {
  const least = (frames / width) * TICK_PX;
  for (let ten = 1; ; ten *= 10) for (const n of [1, 2, 5]) if (n * ten >= least) return n * ten;
}

// Flags of the references' marks, of the key poses stills belong to, and of what flying props meet,
// and of the limbs that strike the performer
// and of the notes of a review
export function flagsOf(references, props = [], blows = [], remarks = []) {
  const hits = props.filter((p) => !p.hidden && p.flight).flatMap((p) => p.flight.touches.filter((t) => t.speed >= HARD_MS).map((t) => ({ frame: t.frame, word: `hit ${t.frame.toFixed(1)}`, of: p.name })));
  const seen = references.filter((r) => !r.hidden);
  const marks = seen.flatMap((r) => r.marks.map((m) => ({ frame: m.frame, word: m.word, of: r.name })));
  const poses = seen.filter((r) => r.pose_frame !== null).map((r) => ({ frame: r.pose_frame, word: r.name, of: "key pose", pose: true }));
  const struck = blows.map((b) => ({ frame: b.frame, word: `hit ${b.frame.toFixed(1)}`, of: b.by }));
  const said = remarks.map((r) => ({ frame: r.frame, word: "note", of: `${r.by || "a note"}: ${r.text}`, note: true }));
  return [...marks, ...poses, ...hits, ...struck, ...said].sort((a, b) => a.frame - b.frame);
}

// Where each lane begins, and how high they are together
export function layoutOf(data, flags, rows = KEYS, arch = ARCH) {
  // with no flight there is no arch to leave room for
  const deck = RULER + (flags.length ? FLAGS : 0) + (data.flights.length ? HEADROOM + arch : NO_ARCH);
  const labels = RULER + (flags.length ? FLAGS : 0) + FIRST_LABEL;
  const straps = deck + GAP + data.piers.length * PIER, keys = straps + data.loads.length * STRAP + 2;
  return { deck, labels, piers: deck + GAP, straps, keys, height: keys + rows + 4 };
}

export function rulerLane({ x, view, width, height }) {
  const [a, b] = view, step = tickStep(b - a, width), out = [];
  for (let f = Math.ceil(a / step) * step; f <= b; f += step) {
    out.push(node("line", { x1: x(f), x2: x(f), y1: RULER - 6, y2: height, class: "tick" }, [], `tick${f}`));
  }
  return out;
}

// The frames' numbers, on a sheet of their own that stays at the top while rows are scrolled
export function rulerNumbers({ x, view, width }) {
  const [a, b] = view, step = tickStep(b - a, width), out = [laneName(RULER - 9, "Frame", "frame")];
  for (let f = Math.ceil(a / step) * step; f <= b; f += step) out.push(node("text", { x: x(f), y: RULER - 9, "text-anchor": "middle" }, String(f), `number${f}`));
  return out;
}

function arcPath(points, x, base, scale) {
  return points.map(([frame, height], i) => `${i ? "L" : "M"}${x(frame).toFixed(1)} ${(base - height * scale).toFixed(1)}`).join("");
}

// `held` : what stood before a correction that is tried, or null
// Where an arch is taken: its top for the height, its end for the time
function archHandles(flight, { x, base, scale, over, level }) {
  const [, h] = over(flight.apex, level(flight.apex)), top = base - h * scale, end = x(flight.landing);
  const slider = (name, says, value, at) => node("circle", {
    ...at, r: 5, class: "arch-end", "data-arch": name, role: "slider", tabindex: 0, "aria-label": says, "aria-valuenow": value,
  }, [node("title", {}, says)], `end-${name}`);
  return [
    flight.take_off < flight.start && flight.landing > flight.end && slider("top", "The rise of this flight, in centimetres", Math.round(flight.rise_m * 100), { cx: x(flight.apex), cy: top }),
    flight.landing > flight.end && slider("end", "The time of this flight, in frames", flight.hang_frames, { cx: end, cy: base - 1 }),
  ].filter(Boolean);
}

// While an arch is dragged: the one that was asked for, in outline
function draggedArch({ flight, rise, hang }, { data, first, x, deck: base, scale }) {
  const level = (frame) => data.com[frame - first][1], from = level(flight.take_off), to = level(flight.landing);
  const end = flight.take_off + hang + 1, steps = 24;
  const height = rise / 100, drop = Math.max(height - (to - from), 0), up = Math.sqrt(height) / (Math.sqrt(height) + Math.sqrt(drop) || 1);
  const points = Array.from({ length: steps + 1 }, (_, i) => {
    const u = i / steps, y = u < up ? height * (1 - (1 - u / up) ** 2) : height - drop * ((u - up) / (1 - up || 1)) ** 2;
    return [flight.take_off + u * (end - flight.take_off), y - (to - from) * u];
  });
  return node("path", { d: arcPath(points, x, base, scale), class: "arch-dragged" }, [], "dragged-arch");
}

// The flight that stood where one is tried, over its own line from take-off to landing
function stoodOf(flight, held, first) {
  const was = held.flights.find((f) => f.take_off <= flight.landing && flight.take_off <= f.landing);
  if (!was) return null;
  const level = (frame) => held.com[frame - first][1], from = level(was.take_off), run = Math.max(was.landing - was.take_off, 1);
  const line = (frame) => from + ((level(was.landing) - from) * (frame - was.take_off)) / run;
  const frames = Array.from({ length: was.end - was.start + 1 }, (_, i) => was.start + i);
  return [[was.take_off, 0], ...frames.map((f) => [f, level(f) - line(f)]), [was.landing, 0]];
}

export function flightNode(flight, { data, first, x, deck: base, scale, held, handles }) {
  const level = (frame) => data.com[frame - first][1];
  const from = level(flight.take_off), to = level(flight.landing), run = Math.max(flight.landing - flight.take_off, 1);
  // both arches stand on the line from take-off to landing
  const over = (frame, y) => [frame, y - (from + ((to - from) * (frame - flight.take_off)) / run)];
  const ends = [[flight.take_off, 0], [flight.landing, 0]];
  const frames = Array.from({ length: flight.end - flight.start + 1 }, (_, i) => flight.start + i);
  const own = frames.map((f) => over(f, level(f)));
  const wanted = frames.map((f) => over(f, flight.gravity_arc[f - flight.start][1]));
  const curve = (points) => arcPath([ends[0], ...points, ends[1]], x, base, scale);
  const asks = Math.round(flight.gravity_rise_m * 100);
  const was = held && stoodOf(flight, held, first);
  const stood = was && arcPath(was, x, base, scale);
  return node("g", {
    class: "flight", tabindex: 0, role: "button", "data-flight": flight.start,
    "aria-label": `Flight ${flight.start} to ${flight.end}: ${flight.label}, ${flight.grade}`,
  }, [
    node("title", {}, `Frames ${flight.start} to ${flight.end}: ${flight.label}${asks >= 1 ? `; gravity asks ${asks} cm` : ""}`, "title"),
    stood && node("path", { d: stood, class: "was" }, [], "was"),
    node("path", { d: curve(wanted), class: "gravity" }, [], "gravity"),
    node("path", { d: `${curve(own)}Z`, class: "arch-fill" }, [], "fill"),
    ...(x(1) - x(0) < STRUT_PX ? [] : own).map(([f, h]) => node("line", { x1: x(f), x2: x(f), y1: base, y2: base - h * scale, class: "strut" }, [], `strut${f}`)),
    node("path", { d: curve(own), class: "arch" }, [], "arch"),
    ...(handles ? archHandles(flight, { x, base, scale, over, level }) : []),
  ], `flight${flight.start}`);
}

// How high an arch and the one gravity asks for stand over the line from take-off to landing, m
function topsOf(flight, data, first) {
  const level = (frame) => data.com[frame - first][1], from = level(flight.take_off), run = Math.max(flight.landing - flight.take_off, 1);
  const line = (frame) => from + ((level(flight.landing) - from) * (frame - flight.take_off)) / run;
  const top = (of) => Math.max(...Array.from({ length: flight.end - flight.start + 1 }, (_, i) => of(flight.start + i) - line(flight.start + i)));
  return { own: top(level), wanted: top((f) => flight.gravity_arc[f - flight.start][1]) };
}

// Flights in the view, with whether what gravity asks for is far enough from what is there to be said
function withGravity(at) {
  const scale = archScale(at);
  return at.data.flights.filter((f) => seen(at, f.take_off, f.landing)).map((flight) => {
    const { own, wanted } = topsOf(flight, at.data, at.first);
    return { ...flight, asks_apart: Math.abs(wanted - own) * scale > 14 };
  });
}

// Pixels a metre of height, so that the tallest arch fills its room
export function archScale({ data, first, arch = ARCH }) {
  const { flights } = data;
  return arch / Math.max(0.05, ...flights.flatMap((f) => Object.values(topsOf(f, data, first))));
}

export function flightLane(at) {
  const { data, deck, width } = at, scale = archScale(at);
  return [
    !data.flights.length && node("text", { x: GUTTER + 8, y: deck - 6, class: "lane-none" }, data.early ? "Not read yet" : "No flight: something holds the body throughout", "none"),
    node("line", { x1: GUTTER, x2: width - EDGE, y1: deck, y2: deck, class: "deck" }, [], "deck"),
    ...data.flights.filter((f) => seen(at, f.take_off, f.landing)).map((flight) => flightNode(flight, { ...at, scale })),
    at.archDrag && draggedArch(at.archDrag, { ...at, scale }),
  ].filter(Boolean);
}

const capital = (word) => word[0].toUpperCase() + word.slice(1);
export const pierName = ({ limb }) => capital(limb);

// What a pier looks like: a foot is a full block, a hand a block with a notch, anything else a low one
const HEIGHTS = { foot: [3, PIER - 5], hand: [3, PIER - 5], other: [7, PIER - 9] };

// `dragged` : { pier, start, end } while an end is dragged
export function pierLane({ data, x, view, piers: top, dragged }) {
  return data.piers.flatMap((row, i) => row.spans.filter((pier) => seen({ view }, pier.start, pier.end)).map((pier) => {
    const moved = dragged && samePier(dragged.pier, pier) ? dragged : pier;
    const [down, high] = HEIGHTS[pier.kind], y = top + i * PIER;
    const x0 = x(moved.start - 0.5), x1 = x(moved.end + 0.5), width = Math.max(x1 - x0, 2);
    const state = `${pier.doubt ? " in-doubt" : ""}${pier.hand ? " by-hand" : ""}${pier.pulls ? " pulls" : ""}`;
    const says = `${capital(pier.part)}${pier.surface === "floor" ? "" : " on a prop"}, frames ${pier.start} to ${pier.end}${pier.doubt ? ", in doubt" : ""}${pier.hand ? ", set by hand" : ""}${pier.pulls ? ", may pull" : ""}`;
    const end = (side, at) => node("rect", {
      x: at - 4, y, width: 8, height: PIER, class: "pier-end", "data-end": side, role: "slider", tabindex: 0,
      "aria-label": `${capital(pier.part)}, ${side === "start" ? "first" : "last"} frame`, "aria-valuenow": moved[side],
    }, [], side);
    return node("g", { class: `pier-of${state}`, "data-pier": `${i}:${pier.part}:${pier.surface}:${pier.start}` }, [
      node("rect", { x: x0, y: y + down, width, height: high, class: `pier is-${pier.kind}` }, [node("title", {}, says)], "block"),
      pier.kind === "hand" && width > 10 && node("path", { d: `M${x0 + width / 2 - 4} ${y + down}h8l-4 4z`, class: "pier-notch" }, [], "notch"),
      pier.pulls && node("path", { d: `M${x0 + 5} ${y + 2}v${PIER - 4}M${x1 - 5} ${y + 2}v${PIER - 4}`, class: "pier-grip" }, [], "grip"),
      node("rect", { x: x0, y: y + 1, width: 2, height: PIER - 2, class: "pier-cap" }, [], "cap0"),
      node("rect", { x: x1 - 2, y: y + 1, width: 2, height: PIER - 2, class: "pier-cap" }, [], "cap1"),
      width > NARROW_PX && end("start", x0), width > NARROW_PX && end("end", x1),
    ].filter(Boolean), `${pier.part}${pier.surface}${pier.start}`);
  }));
}

export const samePier = (a, b) => a.part === b.part && a.surface === b.surface && a.start === b.start;

// The pier a node of the lane stands for: "lane:part:surface:start"
export function pierAt(data, name) {
  const [lane, part, surface, start] = name.split(":");
  return data.piers[Number(lane)]?.spans.find((pier) => pier.part === part && pier.surface === surface && pier.start === Number(start)) ?? null;
}

export function flagLane(flags, { x }) {
  return flags.map((flag) => {
    const at = x(flag.frame), y = RULER + 3;
    return node("g", {
      class: `flag${flag.pose ? " is-pose" : ""}${flag.note ? " is-note" : ""}`, role: "button", tabindex: 0, "data-frame": flag.frame,
      "aria-label": `${flag.word}, frame ${flag.frame}`,
    }, [
      node("title", {}, `${flag.word} (${flag.of}), frame ${flag.frame}`),
      node("path", { d: `M${at - 0.75} ${y - 3}h1.5v${FLAGS - 2}h-1.5zM${at} ${y - 3}l8 4-8 4z` }),
    ], `${flag.of}${flag.word}${flag.frame}`);
  });
}

// The flags' words, each only if the next flag leaves room for it
export function flagWords(flags, { x, width }) {
  return flags.map((flag, i) => {
    const at = x(flag.frame), room = i + 1 < flags.length ? x(flags[i + 1].frame) - at : width - EDGE - at;
    return room > flag.word.length * WORD_PX + 16
      && node("text", { x: at + 11, y: RULER + 10, class: flag.pose ? "flag-word is-pose" : "flag-word" }, flag.word, `${flag.of}${flag.word}${flag.frame}`);
  }).filter(Boolean);
}

// Where the performer's motion does not play, and where frames were cut out
export function timingLane({ plays, seams }, { x, first, last, height }) {
  const moves = plays[0] < plays[1]; // one pose alone stands throughout
  const idle = (moves ? [[first, plays[0] - 1], [plays[1] + 1, last]] : []).filter(([a, b]) => a <= b);
  return [
    ...idle.map(([a, b]) => node("rect", { x: x(a - 0.5), y: RULER, width: Math.max(x(b + 0.5) - x(a - 0.5), 0), height: height - RULER, class: "idle" },
      [node("title", {}, "The motion does not play here: its end pose holds")], `idle${a}`)),
    ...seams.map((seam) => node("line", { x1: x(seam), x2: x(seam), y1: RULER, y2: height, class: "seam" },
      [node("title", {}, "Frames were cut out here")], `seam${seam}`)),
  ];
}

// What is held, as straps over the footing that tighten and slacken with how much of it counts
export function strapLane({ data, x, first, straps: top }) {
  return data.loads.flatMap((load, i) => {
    const y = top + i * STRAP + STRAP - 4, says = `${load.name} ${Number(load.kg.toPrecision(3))} kg`;
    const held = load.counts.flatMap((c, f) => (c > 0 ? [[x(first + f), y - c * (STRAP - 8)]] : []));
    if (!held.length) return [];
    const [x0, x1] = [held[0][0] - 4, held.at(-1)[0] + 4];
    const along = held.map(([at, h]) => `L${at.toFixed(1)} ${h.toFixed(1)}`).join("");
    return [
      node("path", { d: `M${x0} ${y}${along}L${x1} ${y}Z`, class: "strap" },
        [node("title", {}, `${says}, held on frames ${load.start} to ${load.end}`)], `strap${i}`),
      node("text", { x: x0 + 8, y: y - 1, class: "strap-name" }, says, `says${i}`),
    ];
  });
}

export function keyLane({ dense, frames }, { x, first, last, keys: top }) {
  if (dense) {
    const x0 = x(first - 0.5), x1 = x(last + 0.5);
    return [node("rect", { x: x0, y: top + 5, width: x1 - x0, height: 8, class: "key-band" })];
  }
  const y = top + 9;
  return frames.map(([f, share]) => {
    // a pose of the whole body is a diamond, a key on a few joints a tick
    const d = share > WHOLE_POSE ? `M${x(f)} ${y - 5}l4 5-4 5-4-5z` : `M${x(f) - 0.5} ${y - 3}h1v6h-1z`;
    return node("path", { d, class: "key" }, [], `key${f}`);
  });
}

// Names of the lanes, in the gutter
export function laneNames(data, flags, { deck, piers, straps, keys, block: rows }) {
  return [
    laneName(deck - 4, "Flights", "flights"),
    ...data.piers.map((row, i) => laneName(piers + i * PIER + 11, pierName(row), pierName(row))),
    ...data.loads.map((load, i) => laneName(straps + i * STRAP + STRAP - 5, "Held", `held${i}`)),
    !rows && laneName(keys + 13, "Keys", "keys"),
    flags.length && laneName(RULER + 12, "Marks", "marks"),
  ].filter(Boolean);
}

// All lanes by name, each a list of nodes; `at` : { data, scene, who, held, x, view, width }
export function lanesOf(at) {
  // where rows of keys are worked on, the arches make room for them
  const { data, scene, who, block } = at, performer = performerOf(scene, who), flags = flagsOf(scene.references, scene.props, data.blows, scene.remarks), arch = block ? LOW_ARCH : ARCH;
  const rows = layoutOf(data, flags, block ? rowsHeight(block, at.open, at.only) : KEYS, arch), strips = performer.strips ?? [], falls = performer.falls ?? [];
  const all = { ...at, first: scene.first, last: scene.last, arch, ...rows, strips, falls, top: rows.height, fallsTop: rows.height + stripsHeight(strips), height: rows.height + stripsHeight(strips) + fallsHeight(falls) };
  return {
    height: all.height,
    names: [...laneNames(data, flags, all), ...(strips.length ? [laneName(all.top + 11, "Clips", "clips")] : []), ...(falls.length ? [laneName(all.fallsTop + 11, "Let go", "falls")] : []), ...(block ? [...rowNames(all), ...pinNames(all)] : [])],
    words: [...flagWords(flags, all), ...labelLane({ ...all, data: { ...data, flights: withGravity(all) } })],
    lanes: {
      ruler: rulerLane(all), flights: flightLane(all), piers: pierLane(all), straps: strapLane(all),
      keys: block ? rowLane({ ...all, dense: performer.keys.dense }) : keyLane(performer.keys, all), timing: timingLane(performer, all), flags: flagLane(flags, all), pins: block ? pinRows(all) : [], strips: stripLane({ ...all, straps: undefined }), falls: fallLane(all),
    },
  };
}
