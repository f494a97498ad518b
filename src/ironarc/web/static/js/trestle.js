// The trestle: planted spans as piers, flights as arches as high as their rise, keys below.
import { performerOf } from "./scene.js";
import { EDGE, GUTTER } from "./timeview.js";

const RULER = 24, FLAGS = 18, STRAP = 17, ARCH = 92, HEADROOM = 30, PIER = 15, KEYS = 18, GAP = 5;
const WHOLE_POSE = 0.5; // share of the joints keyed on a frame that makes it a pose
const LIMBS = { foot: "foot", hand: "hand", knee: "knee", elbow: "elbow", shoulder: "shoulder", seat: "seat", back: "back", head: "head", tip: "tip" };
const NS = "http://www.w3.org/2000/svg";

function add(parent, tag, attributes = {}, text = "") {
  const node = document.createElementNS(NS, tag);
  for (const [key, value] of Object.entries(attributes)) node.setAttribute(key, value);
  if (text) node.textContent = text;
  parent.append(node);
  return node;
}

// The smallest step of 1, 2, 5, 10 … frames that leaves room for its numbers
function tickStep(frames, width) {
  const least = (frames / width) * 52;
  for (let ten = 1; ; ten *= 10) for (const n of [1, 2, 5]) if (n * ten >= least) return n * ten;
}

export function createTrestle(svg, state, setup, timeview, actions) {
  function drawRuler(root, width) {
    const [a, b] = state.get("view");
    const step = tickStep(b - a, width);
    for (let f = Math.ceil(a / step) * step; f <= b; f += step) {
      const x = timeview.x(f);
      add(root, "line", { x1: x, x2: x, y1: RULER - 6, y2: svg.dataset.height, class: "tick" });
      add(root, "text", { x, y: RULER - 9, "text-anchor": "middle" }, String(f));
    }
    add(root, "text", { x: 12, y: RULER - 9, class: "lane-name" }, "Frame");
  }

  function arcPath(points, base, scale) {
    return points.map(([frame, height], i) => `${i ? "L" : "M"}${timeview.x(frame).toFixed(1)} ${(base - height * scale).toFixed(1)}`).join("");
  }

  function drawFlight(root, flight, data, base, scale) {
    const g = add(root, "g", { class: "flight", tabindex: 0, role: "button", "data-flight": flight.start,
      "aria-label": `Flight ${flight.start} to ${flight.end}: ${flight.label}, ${flight.grade}` });
    const level = (frame) => data.com[frame - setup.first][1];
    const from = level(flight.take_off), to = level(flight.landing), run = Math.max(flight.landing - flight.take_off, 1);
    // both arches stand on the line from take-off to landing
    const over = (frame, y) => [frame, y - (from + ((to - from) * (frame - flight.take_off)) / run)];
    const ends = [[flight.take_off, 0], [flight.landing, 0]];
    const own = [], asked = [];
    for (let f = flight.start; f <= flight.end; f++) {
      own.push(over(f, level(f)));
      asked.push(over(f, flight.asked[f - flight.start][1]));
    }
    const actual = [ends[0], ...own, ends[1]], ideal = [ends[0], ...asked, ends[1]];
    const was = state.get("trying") && state.get("held");
    if (was) {
      const stood = own.map(([f]) => over(f, was.data.com[f - setup.first][1]));
      add(g, "path", { d: arcPath([ends[0], ...stood, ends[1]], base, scale), class: "was" });
    }
    add(g, "path", { d: arcPath(ideal, base, scale), class: "asked" });
    add(g, "path", { d: `${arcPath(actual, base, scale)}Z`, class: "arch-fill" });
    for (const [frame, height] of own) add(g, "line", { x1: timeview.x(frame), x2: timeview.x(frame), y1: base, y2: base - height * scale, class: "strut" });
    add(g, "path", { d: arcPath(actual, base, scale), class: "arch" });
    // centred over the arch, but never over the edge of the lanes (a mono digit is 7.2 px wide)
    const half = flight.label.length * 3.6 + 4;
    const x = Math.min(Math.max(timeview.x((flight.take_off + flight.landing) / 2), GUTTER + half), state.get("width") - EDGE - half);
    const top = Math.max(...own.map((p) => p[1])) * scale, idealTop = Math.max(...asked.map((p) => p[1])) * scale;
    const away = idealTop - top;
    add(g, "text", { x, y: base - Math.max(away > 30 || away < -4 ? top : Math.max(top, idealTop), 8) - 7, "text-anchor": "middle", class: "arch-label" }, flight.label);
    if (Math.abs(away) > 14) {
      const says = `gravity asks ${Math.round(flight.asked_rise_m * 100)} cm`;
      if (away > 30) add(g, "text", { x, y: base - idealTop - 7, "text-anchor": "middle", class: "asked-label" }, says);
      else add(g, "text", { x: Math.max(timeview.x(flight.landing) + 8, x + half + 4), y: base - Math.max(idealTop, 14) + 4, class: "asked-label" }, says);
    }
    g.addEventListener("click", () => actions.chooseFlight(flight));
    g.addEventListener("keydown", (event) => {
      if (event.key === "Enter") { event.preventDefault(); actions.chooseFlight(flight); }
    });
  }

  function drawPiers(root, data, top) {
    data.piers.forEach((row, i) => {
      const y = top + i * PIER;
      const side = row.side ? row.side[0].toUpperCase() + row.side.slice(1) + " " : "";
      const name = side ? side + LIMBS[row.limb] : row.limb[0].toUpperCase() + row.limb.slice(1);
      add(root, "text", { x: 12, y: y + 11, class: "lane-name" }, name);
      for (const [a, b] of row.spans) {
        const x0 = timeview.x(a - 0.5), x1 = timeview.x(b + 0.5);
        const pier = add(root, "rect", { x: x0, y: y + 3, width: Math.max(x1 - x0, 2), height: PIER - 5, class: "pier" });
        add(pier, "title", {}, `${name} planted, frames ${a} to ${b}`);
        for (const x of [x0, x1 - 2]) add(root, "rect", { x, y: y + 1, width: 2, height: PIER - 2, class: "pier-cap" });
      }
    });
  }

  // Flags of the references' marks, and of the key poses stills belong to
  function flags() {
    const seen = setup.references.filter((r) => !r.hidden);
    const marks = seen.flatMap((r) => r.marks.map((m) => ({ frame: m.frame, word: m.word, of: r.name })));
    const poses = seen.filter((r) => r.pose_frame !== null).map((r) => ({ frame: r.pose_frame, word: r.name, of: "key pose", pose: true }));
    return [...marks, ...poses].sort((a, b) => a.frame - b.frame);
  }

  function drawFlags(root, all) {
    add(root, "text", { x: 12, y: RULER + 12, class: "lane-name" }, "Marks");
    all.forEach((flag, i) => {
      const x = timeview.x(flag.frame), y = RULER + 3;
      const g = add(root, "g", { class: `flag${flag.pose ? " is-pose" : ""}`, role: "button", tabindex: 0, "aria-label": `${flag.word}, frame ${flag.frame}` });
      add(g, "title", {}, `${flag.word} (${flag.of}), frame ${flag.frame}`);
      add(g, "path", { d: `M${x - 0.75} ${y - 3}h1.5v${FLAGS - 2}h-1.5zM${x} ${y - 3}l8 4-8 4z` });
      // the word stands there only if the next flag leaves room for it
      const room = i + 1 < all.length ? timeview.x(all[i + 1].frame) - x : state.get("width") - EDGE - x;
      if (room > flag.word.length * 6.4 + 16) add(g, "text", { x: x + 11, y: y + 7 }, flag.word);
      const go = () => actions.go(flag.frame, flag.frame, flag.frame);
      g.addEventListener("click", go);
      g.addEventListener("keydown", (event) => { if (event.key === "Enter") { event.preventDefault(); go(); } });
    });
  }

  // Where the performer's motion does not play, and where frames were cut out
  function drawTiming(root, height) {
    const { plays, seams } = performerOf(setup, state.get("who"));
    const moves = plays[0] < plays[1]; // one pose alone stands throughout
    for (const [a, b] of moves ? [[setup.first, plays[0] - 1], [plays[1] + 1, setup.last]] : []) {
      if (a > b) continue;
      const x0 = timeview.x(a - 0.5), x1 = timeview.x(b + 0.5);
      const idle = add(root, "rect", { x: x0, y: RULER, width: Math.max(x1 - x0, 0), height: height - RULER, class: "idle" });
      add(idle, "title", {}, "The motion does not play here: its end pose holds");
    }
    for (const seam of seams) {
      const line = add(root, "line", { x1: timeview.x(seam), x2: timeview.x(seam), y1: RULER, y2: height, class: "seam" });
      add(line, "title", {}, "Frames were cut out here");
    }
  }

  // What is held, as straps over the footing that tighten and slacken with how much of it counts
  function drawStraps(root, data, top) {
    data.loads.forEach((load, i) => {
      const y = top + i * STRAP + STRAP - 4, says = `${load.name} ${Number(load.kg.toPrecision(3))} kg`;
      add(root, "text", { x: 12, y: y - 1, class: "lane-name" }, "Held");
      const held = load.counts.flatMap((c, f) => (c > 0 ? [[timeview.x(setup.first + f), y - c * (STRAP - 8)]] : []));
      if (!held.length) return;
      const [x0, x1] = [held[0][0] - 4, held.at(-1)[0] + 4];
      const strap = add(root, "path", { d: `M${x0} ${y}${held.map(([x, h]) => `L${x.toFixed(1)} ${h.toFixed(1)}`).join("")}L${x1} ${y}Z`, class: "strap" });
      add(strap, "title", {}, `${says}, held on frames ${load.start} to ${load.end}`);
      add(root, "text", { x: x0 + 8, y: y - 1, class: "strap-name" }, says);
    });
  }

  function drawKeys(root, top) {
    const { dense, frames } = performerOf(setup, state.get("who")).keys;
    add(root, "text", { x: 12, y: top + 13, class: "lane-name" }, "Keys");
    if (dense) {
      const x0 = timeview.x(setup.first - 0.5), x1 = timeview.x(setup.last + 0.5);
      add(root, "rect", { x: x0, y: top + 5, width: x1 - x0, height: 8, class: "key-band" });
      return;
    }
    for (const [f, share] of frames) {
      const x = timeview.x(f), y = top + 9;
      // a pose of the whole body is a diamond, a key on a few joints a tick
      const d = share > WHOLE_POSE ? `M${x} ${y - 5}l4 5-4 5-4-5z` : `M${x - 0.5} ${y - 3}h1v6h-1z`;
      add(root, "path", { d, class: "key" });
    }
  }

  function draw() {
    const data = state.get("data");
    if (!data || !state.get("width")) return;
    const width = state.get("width");
    const marks = flags();
    // with no flight there is no arch to leave room for
    const deck = RULER + (marks.length ? FLAGS : 0) + (data.flights.length ? HEADROOM + ARCH : 22);
    const strapsTop = deck + GAP + data.piers.length * PIER;
    const keysTop = strapsTop + data.loads.length * STRAP + 2;
    const height = keysTop + KEYS + 4;
    svg.dataset.height = height;
    svg.setAttribute("height", height);
    svg.setAttribute("viewBox", `0 0 ${width} ${height}`);
    svg.replaceChildren();
    const clip = add(add(svg, "defs"), "clipPath", { id: "lanes-clip" });
    add(clip, "rect", { x: GUTTER - 2, y: 0, width: width - GUTTER - EDGE + 4, height });
    const names = add(svg, "g");
    const moving = add(svg, "g", { "clip-path": "url(#lanes-clip)" });
    drawRuler(moving, width);
    add(names, "text", { x: 12, y: deck - 4, class: "lane-name" }, "Flights");
    const tallest = Math.max(0.05, ...data.flights.map((f) => Math.max(f.rise_m, f.drop_m, ...f.asked.map((p) => p[1] - Math.min(f.asked[0][1], f.asked[f.asked.length - 1][1])))));
    if (!data.flights.length) add(moving, "text", { x: GUTTER + 8, y: deck - 6, class: "lane-none" }, "No flight: something holds the body throughout");
    for (const flight of data.flights) drawFlight(moving, flight, data, deck, ARCH / tallest);
    add(moving, "line", { x1: GUTTER, x2: width - EDGE, y1: deck, y2: deck, class: "deck" });
    drawPiers(moving, data, deck + GAP);
    drawStraps(moving, data, strapsTop);
    drawKeys(moving, keysTop);
    drawTiming(moving, height);
    if (marks.length) drawFlags(moving, marks);
    // lane names stand in the gutter, outside the clip
    for (const name of moving.querySelectorAll(".lane-name")) names.append(name);
  }

  state.on(["data", "view", "width"], draw);
  return { draw };
}
