// What stands on the trestle, worked out without a browser.
import assert from "node:assert/strict";
import { test } from "node:test";

import { flagsOf, flightNode, keyLane, lanesOf, pierAt, pierLane, rulerNumbers, tickStep, timingLane } from "../../src/ironarc/web/static/js/trestle/lanes.js";
import { kindOfFiles } from "../../src/ironarc/web/static/js/drop.js";
import { bodyHeight } from "../../src/ironarc/web/static/js/layout.js";
import { fittedName, sideBySide } from "../../src/ironarc/web/static/js/trestle/labels.js";
import { balanceSays } from "../../src/ironarc/web/static/js/bar/transport.js";
import { limitOf } from "../../src/ironarc/web/static/js/panels/read.js";
import { hatchOf } from "../../src/ironarc/web/static/js/stage/hatch.js";
import { compare } from "../../src/ironarc/web/static/js/trying.js";
import { matched, node } from "../../src/ironarc/web/static/js/trestle/svg.js";

const x = (frame) => 84 + frame * 10;
const parabola = Array.from({ length: 11 }, (_, i) => [0, 1 + i * (10 - i) * 0.01, 0]);
const flight = {
  start: 2, end: 10, take_off: 1, landing: 11, rise_m: 0.25, drop_m: 0.25, label: "9 f · 0.38 s · 25 cm", grade: "sound",
  gravity_arc: parabola.slice(1, 10), gravity_rise_m: 0.25,
};
const pierFrom = (part, kind, start, end, more = {}) => ({ part, kind, surface: "floor", start, end, hand: false, pulls: false, doubt: false, points: [], ...more });
const foot = pierFrom("left foot", "foot", 1, 1), seat = pierFrom("seat", "other", 4, 6, { doubt: true });
const data = { com: parabola, flights: [flight], loads: [], piers: [{ limb: "left leg", spans: [foot] }, { limb: "trunk", spans: [seat] }] };
const scene = {
  first: 1, last: 11, performers: [{ id: "performer1", keys: { dense: false, frames: [[1, 0.9], [6, 0.2]] }, plays: [1, 11], seams: [] }],
  props: [], references: [], guides: [], cameras: [],
};
const at = { data, scene, who: "performer1", held: null, x, view: [0.5, 11.5], width: 400 };
const tags = (nodes, cls) => nodes.filter((n) => n.attributes.class === cls);

test("ruler steps are 1, 2 or 5 times ten, with room for their numbers", () => {
  assert.equal(tickStep(72, 900), 5);
  assert.equal(tickStep(10, 900), 1);
  assert.equal(tickStep(20000, 900), 2000);
});

test("a flight's arch is as high as its rise, and stands on its take-off and landing", () => {
  const all = flightNode(flight, { data, first: 1, x, width: 400, deck: 100, scale: 200, held: null });
  const [arch] = tags(all.children, "arch");
  const points = arch.attributes.d.slice(1).split("L").map((p) => p.split(" ").map(Number));
  assert.deepEqual(points[0], [x(1), 100]);
  assert.deepEqual(points.at(-1), [x(11), 100]);
  assert.equal(Math.min(...points.map((p) => p[1])), 50); // 25 cm at 200 px a metre
  assert.equal(tags(all.children, "strut").length, 9);
  assert.equal(tags(all.children, "was").length, 0);
});

test("while a correction is tried, the arch that stood is drawn too, and what gravity asks is said if it is far", () => {
  const held = { com: parabola.map(([a, y, b]) => [a, 1 + (y - 1) / 2, b]), flights: [flight] };
  const low = { ...flight, gravity_arc: flight.gravity_arc.map(([a, y, b]) => [a, 1 + (y - 1) * 2, b]), gravity_rise_m: 0.5 };
  const all = flightNode(low, { data, first: 1, x, width: 400, deck: 100, scale: 200, held });
  assert.equal(tags(all.children, "was").length, 1);
  const words = (flights) => tags(lanesOf({ ...at, data: { ...data, flights } }).words, "gravity-label").map((n) => n.text);
  assert.deepEqual(words([low]), ["gravity asks 50 cm"]);
  assert.deepEqual(words([flight]), []); // both arches are one
});

test("words over arches stand side by side, none on another, shorter or not at all where there is no room", () => {
  const at3 = sideBySide([{ x: 100, half: 40 }, { x: 110, half: 40 }, { x: 390, half: 40 }], 0, 400);
  const ends = at3.map((x, i) => [x - 40, x + 40]).sort((a, b) => a[0] - b[0]);
  for (let i = 1; i < 3; i++) assert.ok(ends[i][0] >= ends[i - 1][1]);
  assert.ok(ends[0][0] >= 0 && ends[2][1] <= 400);
  assert.deepEqual(sideBySide([{ x: 20, half: 80 }, { x: 250, half: 80 }, { x: 515, half: 80 }], 0, 520), [80, 254, 440]);
  assert.deepEqual(sideBySide([{ x: 10, half: 40 }, { x: 20, half: 40 }], 0, 100), [40, null]);
  const hops = Array.from({ length: 4 }, (_, i) => ({ ...flight, start: 2 + i, end: 3 + i, take_off: 1 + i, landing: 4 + i, gravity_arc: parabola.slice(1 + i, 3 + i) }));
  const said = tags(lanesOf({ ...at, data: { ...data, flights: hops } }).words, "arch-label").map((n) => n.text);
  assert.ok(said.length && said.every((text) => text === "9 f"));
  // of more flights than have room the lowest go without
  const many = Array.from({ length: 12 }, (_, i) => ({ ...hops[0], start: 2 + (i % 8), end: 3 + (i % 8), rise_m: 0.1 + 0.01 * i }));
  const told = tags(lanesOf({ ...at, width: 250, data: { ...data, flights: many } }).words, "arch-label");
  assert.ok(told.length < 12 && told.some((n) => n.key === `arch-label${many[11].start}`));
});

test("the trestle takes whole plots, or as much as there is", () => {
  assert.equal(bodyHeight({ room: 500, lanes: 220, plots: 3, plot: 83 }), 220 + 3 * 83);
  assert.equal(bodyHeight({ room: 400, lanes: 220, plots: 3, plot: 83 }), 220 + 2 * 83);
  assert.equal(bodyHeight({ room: 200, lanes: 220, plots: 1, plot: 83 }), 200);
});

test("what is dropped is told by its name, and what can't be taken is refused in words", () => {
  const MOTIONS = { endings: ["bvh", "abc"], words: "BVH or ABC", beside: ["bin"] };
  assert.equal(kindOfFiles([{ name: "hop.abc", size: 9 }], MOTIONS).kind, "motion");
  assert.equal(kindOfFiles([{ name: "Hop.BVH", size: 9 }], MOTIONS).kind, "motion");
  assert.equal(kindOfFiles([{ name: "a_1.png", size: 9 }, { name: "a_2.png", size: 9 }], MOTIONS).kind, "reference");
  assert.equal(kindOfFiles([{ name: "heavy.json", size: 9 }], MOTIONS).kind, "weighing");
  assert.equal(kindOfFiles([{ name: "crate.lump", size: 9 }], { ...MOTIONS, meshes: ["lump"] }).kind, "mesh");
  assert.match(kindOfFiles([{ name: "notes.txt", size: 9 }], MOTIONS).refused, /notes.txt can't be brought in here/);
  assert.match(kindOfFiles([{ name: "hop.mp4", size: 1e9 }], MOTIONS).refused, /larger than 64 MB/);
  assert.match(kindOfFiles([{ name: "a.bvh", size: 1 }, { name: "b.bvh", size: 1 }], MOTIONS).refused, /one motion at a time; 2/);
  assert.equal(kindOfFiles([{ name: "a.abc", size: 1 }, { name: "a.BIN", size: 1 }], MOTIONS).kind, "motion");
  assert.match(kindOfFiles([{ name: "a.abc", size: 1 }, { name: "a.txt", size: 1 }], MOTIONS).refused, /These 2 files/);
});

test("what is tried stands beside what is, number by number", () => {
  const judged = { take_off: 1, landing: 11, aloft_frames: 17.04, rise_m: 0.31, drop_m: 0.39, implied_g: 5.5, arc_max_m: 0.13, spin: { turns_per_s: -0.01 } };
  const was = { flights: [judged], findings: [1, 2], grade: "cracked" };
  const now = { flights: [{ ...judged, rise_m: 0.51, implied_g: 9.81, arc_max_m: 0.001 }], findings: [], grade: "sound" };
  const rows = Object.fromEntries(compare(was, now, 5, 9.81).map(([what, a, b]) => [what, [a, b]]));
  assert.deepEqual(rows.Hang, ["17.0 f", "17.0 f"]);
  assert.deepEqual(rows["Gravity, as it plays"], ["56 %", "100 %"]);
  assert.deepEqual(rows.Findings, ["2", "0"]);
  assert.deepEqual(rows.Verdict, ["cracked", "sound"]);
  assert.equal(compare({ ...was, flights: [{ ...judged, implied_g_se: 0.4 }] }, now, 5, 9.81)[3][1], "56 ± 4 %");
  // a frame of no flight is compared with none, not with the first there is
  assert.deepEqual(compare(was, now, 40, 9.81).map(([what]) => what), ["Findings", "Verdict"]);
  assert.deepEqual(compare({ ...was, flights: [] }, now, 5, 9.81).map(([what]) => what), ["Findings", "Verdict"]);
});

test("a name that is too long for the gutter loses its middle, and one that fits stays", () => {
  assert.equal(fittedName("▸ UpperChest", 78), "▸ UpperChest");
  const cut = fittedName("▸ RightHandThumbTip2", 66);
  assert.equal(cut.length, 12);
  assert.ok(cut.startsWith("▸ Rig") && cut.endsWith("Tip2") && cut.includes("…"));
  assert.equal(fittedName("LeftFoot", 0).length, 3);
});

test("the frames' numbers stand over their ticks, on a sheet of their own", () => {
  const numbers = rulerNumbers({ x, view: [0, 20], width: 400 }).filter((n) => n.text !== "Frame");
  const ticks = lanesOf({ ...at, view: [0, 20], width: 400 }).lanes.ruler;
  assert.ok(numbers.length >= 3);
  assert.deepEqual(numbers.map((n) => n.attributes.x), ticks.map((n) => n.attributes.x1));
  assert.ok(ticks.every((n) => n.tag === "line"));
});

test("lanes lie below one another and are named", () => {
  const { height, names, lanes } = lanesOf(at);
  assert.deepEqual(names.map((n) => n.text), ["Flights", "Left leg", "Trunk", "Keys"]);
  const ys = names.map((n) => n.attributes.y);
  assert.deepEqual(ys, [...ys].sort((a, b) => a - b));
  assert.ok(height > ys.at(-1));
  assert.deepEqual(lanes.piers.map((n) => n.attributes.class), ["pier-of", "pier-of in-doubt"]);
  assert.equal(lanesOf({ ...at, data: { ...data, flights: [] } }).lanes.flights[0].text, "No flight: something holds the body throughout");
});

test("a pier tells its part by its shape, says what it is, and has two ends to be dragged", () => {
  const hand = pierFrom("right hand", "hand", 2, 8, { pulls: true, hand: true });
  const [pier] = pierLane({ data: { piers: [{ limb: "right arm", spans: [hand] }] }, x, view: [0.5, 12.5], piers: 100, dragged: null });
  assert.equal(pier.attributes.class, "pier-of by-hand pulls");
  const [block] = pier.children;
  assert.equal(block.attributes.x, x(1.5));
  assert.equal(block.attributes.width, x(8.5) - x(1.5));
  assert.match(block.children[0].text, /Right hand, frames 2 to 8, set by hand, may pull/);
  assert.equal(tags(pier.children, "pier-notch").length, 1);
  assert.deepEqual(tags(pier.children, "pier-end").map((n) => n.attributes["data-end"]), ["start", "end"]);
  assert.equal(tags(pierLane({ data, x, view: [0.5, 12.5], piers: 0, dragged: null })[1].children, "pier-notch").length, 0);
  const [moved] = pierLane({ data: { piers: [{ limb: "right arm", spans: [hand] }] }, x, view: [0.5, 12.5], piers: 100, dragged: { pier: hand, start: 4, end: 8 } });
  assert.equal(moved.children[0].attributes.x, x(3.5));
  assert.equal(pierAt({ piers: [{ spans: [] }, { spans: [foot, hand] }] }, "1:right hand:floor:2"), hand);
  assert.equal(pierAt({ piers: [] }, "0:left foot:floor:1"), null);
});

test("a support area is hatched within its corners", () => {
  const square = [[0, 0], [1, 0], [1, 1], [0, 1]], lines = hatchOf(square, 0.25);
  assert.ok(lines.length >= 6);
  for (const line of lines) for (const value of line) assert.ok(value >= -1e-9 && value <= 1 + 1e-9);
  for (const [a, b, c, d] of lines) assert.ok(Math.abs(a + b - (c + d)) < 1e-9);
});

test("a limit is kept in its own unit", () => {
  assert.equal(limitOf("hang", "12"), 0.12);
  assert.equal(limitOf("phantom", "0.3"), 0.3);
  assert.ok(Number.isNaN(limitOf("arc", "far")));
});

test("how a body stands is said in a line, and nothing where nothing bears it", () => {
  const stands = { margin: 7.7, xcom_margin: -2.2, tips_s: 0.61, holds_on: false }, flies = { margin: null, xcom_margin: null, tips_s: null, holds_on: false };
  const physics = { at: (index) => [stands, flies, { ...stands, holds_on: true }][index] };
  assert.equal(balanceSays(physics, 0), " · standing 8 cm inside, moving 2 cm outside, let go tips in 0.6 s");
  assert.equal(balanceSays(physics, 1), "");
  assert.equal(balanceSays(physics, 2), " · holds on by its hands");
  assert.equal(balanceSays(null, 0), "");
});

test("keys of the whole body are diamonds, of a few joints ticks, of a capture a band", () => {
  const [pose, tick] = keyLane(scene.performers[0].keys, { x, first: 1, last: 11, keys: 0 });
  assert.match(pose.attributes.d, /l4 5-4 5-4-5z/);
  assert.match(tick.attributes.d, /h1v6h-1z/);
  assert.equal(keyLane({ dense: true, frames: [] }, { x, first: 1, last: 11, keys: 0 })[0].attributes.width, x(11.5) - x(0.5));
});

test("where a motion does not play is hatched, and one pose alone is not", () => {
  const range = { x, first: 1, last: 11, height: 90 };
  assert.equal(timingLane({ plays: [3, 9], seams: [5.5] }, range).length, 3);
  assert.equal(timingLane({ plays: [1, 1], seams: [] }, range).length, 0);
});

test("marks of hidden references have no flags, and key poses of stills have", () => {
  const film = { hidden: false, name: "Film", marks: [{ frame: 8, word: "apex" }], pose_frame: null };
  const still = { hidden: false, name: "Still", marks: [], pose_frame: 3 };
  const blow = { frame: 9.77, by: "Tansy Vale's right hand" };
  assert.deepEqual(flagsOf([film], [], [blow]).map((f) => f.word), ["apex", "hit 9.8"]);
  assert.deepEqual(flagsOf([film, still, { ...film, hidden: true }]).map((f) => f.frame), [3, 8]);
});

test("nodes that stay are kept, also where others come between them", () => {
  const had = [node("path", {}, [], "a"), node("path", {}, [], "b"), node("text", {}, "x")];
  const wanted = [node("path", {}, [], "b"), node("line", {}, [], "c"), node("text", {}, "y")];
  assert.deepEqual(matched(had, wanted), { kept: [1, null, 2], gone: [0] });
  // the same key on another tag is another node
  assert.deepEqual(matched([node("path", {}, [], "a")], [node("line", {}, [], "a")]), { kept: [null], gone: [0] });
});
