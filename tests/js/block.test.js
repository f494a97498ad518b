// Block's own sums: ease charts, spans, rows of keys, curves, grips, and that only the latest try counts.
import assert from "node:assert/strict";
import { test } from "node:test";

import { latestOnly } from "../../src/ironarc/web/static/js/block/latest.js";
import { easeOf, easeThrough, spanAround, spanShares } from "../../src/ironarc/web/static/js/block/shares.js";
import { armOf, gripAt, length, rotate, sub, turnBetween, turnedJoint } from "../../src/ironarc/web/static/js/block/turning.js";
import { roomSays } from "../../src/ironarc/web/static/js/panels/block_forms.js";
import { scaleOf } from "../../src/ironarc/web/static/js/trestle/curves.js";
import { kindAt, pinRows, rowLane, rowsHeight, rowsOf } from "../../src/ironarc/web/static/js/trestle/keyrows.js";

const near = (a, b, within = 1e-9) => assert.ok(Math.abs(a - b) <= within, `${a} is not ${b}`);

test("an even ease has even ticks, and a dragged tick comes to where it is dragged", () => {
  spanShares(1, 1, 3).forEach((share, i) => near(share, (i + 1) / 4));
  const [leaves, arrives] = easeThrough(0.5, 0.5, 2, 5, 0.4);
  near(spanShares(leaves, arrives, 5)[1], 0.4);
  assert.deepEqual(easeThrough(0, 0, 1, 1, 2), [3, 0]); // no further than the steepest
});

test("the span around a frame is that of its neighbouring keys", () => {
  assert.deepEqual(spanAround([1, 8, 20], 8), [8, 20]);
  assert.deepEqual(spanAround([1, 8, 20], 12), [8, 20]);
  assert.deepEqual(spanAround([1, 8, 20], 40), [8, 20]);
  assert.equal(spanAround([8], 8), null);
});

test("the chart begins with how the span is eased now", () => {
  const rows = [{ part: "head", eases: [[1, 8, 0, 1]] }, { part: "hips", eases: [[1, 8, 1, 2], [8, 20, 0, 0]] }];
  assert.deepEqual(easeOf({ rows }, [1, 8], []), [0.5, 1.5]);
  assert.deepEqual(easeOf({ rows }, [1, 8], ["hips"]), [1, 2]);
  assert.equal(easeOf({ rows }, [1, 20], []), null);
});

test("a turn between two directions brings one to the other", () => {
  const v = turnBetween([1, 0, 0], [0, 1, 0]), angle = length(v), axis = v.map((x) => x / angle);
  const q = [Math.cos(angle / 2), ...axis.map((x) => x * Math.sin(angle / 2))];
  assert.ok(length(sub(rotate(q, [1, 0, 0]), [0, 1, 0])) < 1e-12);
});

test("a grip lies where its joint carries it", () => {
  const half = Math.SQRT1_2, motion = new Float32Array([0, 0, 0, 1, 0, 0, 0, 1, 2, 3, half, 0, 0, half]);
  const at = gripAt(motion, 2, 0, { joint: 1, at: [1, 0, 0] });
  [1, 3, 3].forEach((v, i) => near(at[i], v, 1e-6));
});

test("an elbow turns the bone above it, a hand itself, unless said otherwise", () => {
  const joints = [{ parent: -1 }, { parent: 0 }, { parent: 1 }];
  assert.equal(turnedJoint({ kind: "elbow", joint: 2 }, joints, ""), 1);
  assert.equal(turnedJoint({ kind: "hand", joint: 2 }, joints, ""), 2);
  assert.equal(turnedJoint({ kind: "hand", joint: 2 }, joints, "ends"), 1);
  assert.equal(turnedJoint({ kind: "elbow", joint: 2 }, joints, "begins"), 2);
});

const block = {
  rows: [
    { part: "head", of: 2, keys: [[1, 2], [10, 1]], joints: [{ joint: "Neck", channels: { turn: [1] } }, { joint: "Head", channels: { turn: [1, 10] } }] },
    { part: "hips", of: 1, keys: [[1, 1]], joints: [{ joint: "Hips", channels: { turn: [1], ty: [1] } }] },
  ],
  grips: [{ name: "left foot", part: "left leg" }], beats: [{ frame: 10, kind: "breakdown" }], pins: [{ id: "pin1", part: "left foot", start: 3, end: 8, ease_in: 1, ease_out: 2, to: "the world", muted: false, grips: false }],
};
const x = (frame) => frame * 10;

test("rows of keys open to joints and channels", () => {
  assert.deepEqual(rowsOf(block, []).map((row) => row.name), ["Pose", "head", "hips"]);
  assert.deepEqual(rowsOf(block, ["head", "Head"]).map((row) => row.name), ["Pose", "head", "Neck", "Head", "turn", "hips"]);
  assert.deepEqual(rowsOf(block, [], ["hips"]).map((row) => row.name), ["Pose", "hips"]);
  assert.ok(rowsHeight(block, ["head"]) > rowsHeight(block, []));
});

test("a key's kind is what a person said, else told by how much of the body is keyed", () => {
  assert.equal(kindAt(block, 10, 1), "breakdown");
  assert.equal(kindAt(block, 1, 1), "extreme");
  assert.equal(kindAt(block, 5, 0.2), "in-between");
});

test("keys that are dragged are drawn where they would come to", () => {
  const at = { block, open: [], only: null, dense: false, x, view: [0, 20], keys: 0, first: 1, last: 20 };
  const keyOf = (nodes) => nodes.find((n) => n.attributes["data-key"] === "head|10");
  const still = keyOf(rowLane({ ...at, taken: [], drag: null }));
  const moved = keyOf(rowLane({ ...at, taken: ["head|10"], drag: { by: 3 } }));
  assert.match(still.attributes.d, /^M96|^M95|^M100/);
  assert.match(moved.attributes.d, /^M126|^M125|^M130/);
  assert.match(moved.attributes.class, /is-taken/);
});

test("a pin's bar slopes over its eases", () => {
  const [bar] = pinRows({ block, open: [], only: null, pinDrag: null, x, keys: 0 });
  assert.match(bar.attributes.d, /^M25 .*L35 .*H65L85/);
  const [dragged] = pinRows({ block, open: [], only: null, pinDrag: { id: "pin1", start: 3, end: 12 }, x, keys: 0 });
  assert.match(dragged.attributes.d, /L125/);
  assert.deepEqual(pinRows({ block, open: [], only: ["head"], pinDrag: null, x, keys: 0 }), []);
});

test("a curve's scale holds its values and keys", () => {
  const scale = scaleOf([{ unit: "cm", values: [0, 10, 20], keys: [{ value: 30 }] }], [0, 2]);
  assert.ok(scale.y(30) > 15 && scale.y(0) < 150);
  near(scale.value(scale.y(12)), 12);
});

test("of many tries only the latest is sent next, and none is shown after it was put back", async () => {
  const sent = [], shown = [];
  let release;
  const tries = latestOnly((what) => { sent.push(what); return new Promise((resolve) => { release = () => resolve(what); }); }, (answer) => shown.push(answer), () => {});
  const done = tries.ask(1);
  tries.ask(2);
  tries.ask(3);
  release();
  await new Promise(setImmediate);
  release();
  await done;
  assert.deepEqual(sent, [1, 3]);
  assert.deepEqual(shown, [3]);
  const again = tries.ask(4);
  tries.drop();
  release();
  await again;
  assert.deepEqual(shown, [3]);
});

test("what a drag turns swings by its far end: an ankle by its toes, a ball by the heel, and a trunk by the mouse", () => {
  // a shin from (0, 1, 0) down to an ankle at (0, 0.1, 0); the foot's bone runs ahead
  const motion = new Float32Array([0, 1, 0, 1, 0, 0, 0, 0, 0.1, 0, 1, 0, 0, 0]);
  const joints = [{ parent: -1, bone: [0, -0.9, 0] }, { parent: 0, bone: [0, -0.1, 0.2] }];
  const grip = (kind, at, joint = 1) => ({ kind, at, joint, part: "left leg" });
  const block = { joints, grips: [grip("heel", [0, -0.1, -0.05]), grip("ball", [0, -0.1, 0.15])] };
  const near = (a, b) => a.forEach((v, i) => assert.ok(Math.abs(v - b[i]) < 1e-6, `${a} is not ${b}`));
  near(armOf(motion, 0, block, grip("foot", [0, 0, 0]), ""), [0, -0.1, 0.2]);
  near(armOf(motion, 0, block, block.grips[1], ""), [0, 0, -0.2]);
  near(armOf(motion, 0, block, block.grips[0], ""), [0, 0, 0.2]);
  near(armOf(motion, 0, block, grip("knee", [0, 0, 0], 1), ""), [0, -0.9, 0]);
  assert.equal(armOf(motion, 0, block, grip("hips", [0, 0, 0], 0), ""), null);
});

test("room within a height that was handed on, or within a correction, says that it stalls", () => {
  const layer = (name, more) => ({ name, base: false, dense: true, muted: false, role: "keyed", span: [10, 30], ...more });
  const layers = [layer("Height of the ball"), layer("Keys", { dense: false }), layer("As brought in", { base: true }), layer("Muted", { muted: true })];
  assert.match(roomSays(layers, 20, 4), /^Height of the ball is stretched over the 4 f of room, so the body stalls there\. Set it anew/);
  assert.match(roomSays([layer("True the arc", { role: "correction" })], 20, -3), /lost 3 f there, so the body jumps\. Make it anew in True/);
  assert.equal(roomSays(layers, 9, 4), "");
  assert.equal(roomSays(layers, 30, 4), "");
});
