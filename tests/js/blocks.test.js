// Blocks of frames: taken apart, brought once, and read frame by frame.
import assert from "node:assert/strict";
import test from "node:test";
import { createBlocks, joined, unpacked } from "../../src/ironarc/web/static/js/blocks.js";
import { whole } from "../../src/ironarc/web/static/js/shown.js";
import { physicsOf, tracksOf } from "../../src/ironarc/web/static/js/tracks.js";

const named = (letter) => letter.repeat(24);

// An answer as the server sends it
function answer(...blocks) {
  const parts = blocks.map(([name, values]) => {
    const floats = new Float32Array(values), out = new Uint8Array(28 + floats.byteLength);
    new DataView(out.buffer).setUint32(0, floats.byteLength, true);
    out.set(new TextEncoder().encode(named(name)), 4);
    out.set(new Uint8Array(floats.buffer), 28);
    return out;
  });
  const all = new Uint8Array(parts.reduce((sum, part) => sum + part.length, 0));
  let at = 0;
  for (const part of parts) { all.set(part, at); at += part.length; }
  return all.buffer;
}

test("an answer comes apart into its blocks", () => {
  const [[a, one], [b, two]] = unpacked(answer(["a", [1, 2]], ["b", [3]]));
  assert.deepEqual([a, b], [named("a"), named("b")]);
  assert.deepEqual([...joined([one, two])], [1, 2, 3]);
});

test("what is here is not brought again, and the rest comes in one request", async () => {
  const asked = [], sent = [answer(["a", [1]], ["b", [2]]), answer(["c", [3]])];
  const blocks = createBlocks({ shot: 7, mark: "m" }, async (address) => { asked.push(new URL(address, "http://x").searchParams.getAll("want")); return sent.shift(); });
  const want = (names) => ({ kind: "motion", who: "p", as: "now", names: names.map(named) });
  const [first] = await blocks.bring(3, [want(["a", "b"])]);
  assert.deepEqual([...joined(first)], [1, 2]);
  const [second] = await blocks.bring(4, [want(["a", "c"])]);
  assert.deepEqual([...joined(second)], [1, 3]);
  await blocks.bring(3, [want(["a", "b"])]); // undone
  assert.deepEqual(asked, [["motion|p|now|"], ["motion|p|now|1"]]);
  assert.equal(blocks.bytes, 12);
});

test("tracks are places and plots", () => {
  const columns = { com: 3, height: 1, speed: 1, acceleration: 1, spin: 1 };
  const { com, computed, plots } = tracksOf(columns, [new Float32Array([1, 2, 3, 10, 20, 30, 40, 4, 5, 6, 11, 21, 31, 41]), new Float32Array([7, 8, 9, 12, 22, 32, 42])]);
  assert.deepEqual(com.map((c) => [...c]), [[1, 2, 3], [4, 5, 6], [7, 8, 9]]);
  assert.deepEqual(plots.speed, [20, 21, 22]);
  assert.equal(computed, null);
});

test("footing and pushes are found frame by frame", () => {
  const columns = { xcom: 2, tips_s: 1, holds_on: 1, spin: 3, inertia: 1, doubt: 1, phantom: 3, margin: 1, xcom_margin: 1, grf: 1, phantom_size: 1, pace: 1, hull: 1, marks: 1, pushes: 1 };
  const row = (hull, marks, pushes, margin, phantom) => [1, 2, NaN, 0, 3, 4, 5, 6, 1, phantom, 0, 0, margin, 8, 9, 10, 11, hull, marks, pushes, 99];
  const block = new Float32Array([
    ...row(0, 1, 1, NaN, NaN), ...row(2, 0, 0, 7, 0.5), // two frames
    20, 21, 22, 23, // corners of the second
    30, 31, 32, 1, // a mark of the first
    1, 40, 41, 42, 43, 44, 45, // and its push
  ]);
  const physics = physicsOf({ columns, groups: ["left foot", "right foot"], spinning: ["left arm"], blows: [], slides: [], thrown: [] }, [block], 2);
  const first = physics.at(0), second = physics.at(1);
  assert.equal(first.hull, null);
  assert.deepEqual(first.marks.map((m) => [...m]), [[30, 31, 32, 1]]);
  assert.deepEqual(first.pushes, [["right foot", 40, 41, 42, 43, 44, 45]]);
  assert.deepEqual([first.margin, first.phantom, first.tips_s, first.doubt], [null, null, null, true]);
  assert.deepEqual(second.hull.map((c) => [...c]), [[20, 21], [22, 23]]);
  assert.deepEqual([...second.phantom], [0.5, 0, 0]);
  assert.deepEqual(physics.plot("margin"), [null, 7]);
  assert.deepEqual(physics.parts, [{ name: "left arm", spin: [99, 99] }]);
  assert.equal(physics.at(2), null);
});

test("blocks that came along with something else are not asked for", async () => {
  const want = (names) => ({ kind: "motion", who: "p", as: "now", names: names.map(named) });
  const asked = [], blocks = createBlocks({ shot: 7, mark: "m" }, async (address) => { asked.push(address); return answer(["b", [3]]); });
  blocks.take(Buffer.from(answer(["a", [1, 2]])).toString("base64"));
  const [[first]] = await blocks.bring(3, [want(["a"])]);
  assert.deepEqual([...first], [1, 2]);
  assert.equal(asked.length, 0);
  await blocks.bring(3, [want(["a", "b"])]);
  assert.equal(asked.length, 1);
});

test("a reading that points into the one before is made whole of both", () => {
  const had = { flights: ["f0", "f1"], findings: ["x", "y", "z"], piers: [{ limb: "left leg", spans: ["p0", "p1"] }, { limb: "right leg", spans: ["p2"] }] };
  const told = { fps: 24, flights: [1, { new: 1 }], findings: [2, 0], piers: [{ limb: "left leg", spans: [0] }, { limb: "right leg", spans: [{ new: 2 }, 2] }] };
  assert.deepEqual(whole(told, had), {
    fps: 24, flights: ["f1", { new: 1 }], findings: ["z", "x"], piers: [{ limb: "left leg", spans: ["p0"] }, { limb: "right leg", spans: [{ new: 2 }, "p2"] }],
  });
  const all = { flights: ["f"], findings: [], piers: [] };
  assert.deepEqual(whole(all, null), all);
});
