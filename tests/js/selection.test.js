// What is selected in Block: keys one by one, and what tools act on.
import assert from "node:assert/strict";
import { test } from "node:test";

import { createOverlay } from "../../src/ironarc/web/static/js/block/overlay.js";
import { apart, scaleOf, unitsOf } from "../../src/ironarc/web/static/js/trestle/curves.js";
import { curveKeysOf, isSelected, keysByPart, listed, movedBy, partsInScope, replacedBy, rowsMoved, scopeWords, stillThere } from "../../src/ironarc/web/static/js/block/selection.js";

const ROWS = [
  { name: "Pose", part: "", keys: [[1, 1], [8, 0.5], [20, 1]] },
  { name: "left arm", part: "left arm", keys: [[1, 2], [8, 2], [20, 2]] },
  { name: "head", part: "head", keys: [[1, 1], [20, 1]] },
];
const BLOCK = { grips: [{ name: "left hand", part: "left arm" }, { name: "left elbow", part: "left arm" }, { name: "head", part: "head" }] };

test("two keys are two keys, not every part on every frame", () => {
  assert.deepEqual(keysByPart(["left arm|8", "head|20"]), { "left arm": [8], head: [20] });
  assert.ok(!isSelected(["left arm|8", "head|20"], "head", 8));
});

test("a pose has the keys of all its parts", () => {
  assert.ok(isSelected(["|8"], "left arm", 8));
  assert.ok(!isSelected(["|8"], "left arm", 20));
});

test("what is gone is not selected", () => {
  assert.deepEqual(stillThere(["left arm|8", "head|8", "|20"], ROWS), ["left arm|8", "|20"]);
});

test("keys that another one lands on are told, but not those that move away themselves", () => {
  assert.deepEqual(replacedBy(["left arm|8"], 12, ROWS), ["left arm|20"]);
  assert.deepEqual(replacedBy(["left arm|1", "left arm|8"], 7, ROWS), []);
  assert.deepEqual(movedBy(["left arm|8", "|20"], -3), ["left arm|5", "|17"]);
});

test("rows show what was moved before the server has said so", () => {
  const [, arm, head] = rowsMoved(ROWS, ["left arm|8", "head|20"], 12, false);
  assert.deepEqual(arm.keys, [[1, 2], [20, 2]]);
  assert.deepEqual(head.keys, [[1, 1], [32, 1]]);
  assert.deepEqual(rowsMoved(ROWS, ["left arm|8"], 2, true)[1].keys, [[1, 2], [8, 2], [10, 2], [20, 2]]);
});

test("tools act on the parts of selected keys, then on selected parts, then on the pose, and say so", () => {
  assert.deepEqual(partsInScope(["head|8"], BLOCK, ["left hand"]), ["head"]);
  assert.deepEqual(partsInScope([], BLOCK, ["left hand", "left elbow"]), ["left arm"]);
  assert.deepEqual(partsInScope(["|8", "head|8"], BLOCK, []), []);
  assert.equal(scopeWords(["left arm|8", "left arm|20", "head|1"], BLOCK, []), "left arm, head, 3 keys");
  assert.equal(scopeWords(["|8"], BLOCK, []), "the whole pose, 1 key");
  assert.equal(scopeWords([], BLOCK, []), "the whole pose");
  assert.equal(listed(["a", "b", "c", "d"]), "a, b and 2 more");
});

test("keys of curves go to the server curve by curve", () => {
  assert.deepEqual(curveKeysOf(["Hips|ty|8", "Hips|ty|20", "Head|rx|8"]), [["Hips", "ty", [8, 20]], ["Head", "rx", [8]]]);
});

test("a pose that is not saved stands over each motion that comes, until it is in it", () => {
  const overlay = createOverlay(), first = new Float32Array(21), com = [[0, 0, 0], [0, 0, 0], [0, 0, 0]];
  overlay.on("p1", first, com, () => true);
  overlay.put("p1", 1, { pose: [1, 2, 3, 4, 5, 6, 7], com: [1, 1, 1] });
  assert.deepEqual([...first.slice(7, 14)], [1, 2, 3, 4, 5, 6, 7]);
  const second = new Float32Array(21).fill(9), path = [[9, 9, 9], [9, 9, 9], [9, 9, 9]];
  overlay.on("p1", second, path, () => true);
  assert.equal(second[7], 1);
  assert.deepEqual(path[1], [1, 1, 1]);
  overlay.take("p1", 1); // put back: what lies under it is the newer motion's
  assert.equal(second[7], 9);
  overlay.put("p1", 2, { pose: [1, 2, 3, 4, 5, 6, 7], com: [1, 1, 1] });
  const third = new Float32Array(21).fill(5);
  overlay.on("p1", third, path.map(() => [5, 5, 5]), () => false);
  assert.equal(third[14], 5);
  assert.equal(overlay.size, 0);
});

test("what stands over another performer's motion waits for it", () => {
  const overlay = createOverlay(), motion = new Float32Array(14);
  overlay.on("p2", motion, [[0, 0, 0], [0, 0, 0]], () => true);
  overlay.put("p1", 1, { pose: [1, 2, 3, 4, 5, 6, 7], com: [1, 1, 1] });
  assert.equal(motion[7], 0);
});

test("two units have two scales, and names of curves stand apart", () => {
  const curves = [{ unit: "cm", values: [0, 100], keys: [] }, { unit: "°", values: [0, 10], keys: [] }];
  assert.deepEqual(unitsOf(curves), ["cm", "°"]);
  const [places, angles] = unitsOf(curves).map((unit) => scaleOf(curves, [0, 1], unit));
  assert.ok(Math.abs(places.y(100) - angles.y(10)) < 1e-9); // both use the whole height
  assert.deepEqual(apart([50, 52, 20]), [50, 61, 20]);
  assert.ok(Math.max(...apart([140, 145, 146, 147])) <= 147 + 1e-9);
});
