import assert from "node:assert/strict";
import { test } from "node:test";
import { added, keysOf, moved, textOf } from "../../src/ironarc/web/static/js/curve.js";

test("keys are read and written as they are kept", () => {
  assert.deepEqual(keysOf("0:0.4;0.5:0.06"), [[0, 0.4], [0.5, 0.06]]);
  assert.deepEqual(keysOf(""), []);
  assert.equal(textOf([[0.1234, 0.4], [0.5, 0.0649]]), "0.12:0.4;0.5:0.06");
});

test("a key stays between its neighbours, and within the picture", () => {
  const keys = [[0, 0.4], [0.5, 0.1], [1, 0.1]];
  assert.deepEqual(moved(keys, 1, [0.7, 1.4])[1], [0.7, 1]);
  assert.ok(moved(keys, 1, [2, 0.2])[1][0] < 1);
  assert.ok(moved(keys, 1, [-1, 0.2])[1][0] > 0);
  assert.deepEqual(moved(keys, 0, [-0.3, -1])[0], [0, 0]);
  assert.deepEqual(keys[1], [0.5, 0.1]);
});

test("a key is added where none stands, in its place, and not without end", () => {
  const keys = [[0, 0.4], [1, 0.1]];
  assert.deepEqual(added(keys, [0.3, 0.9]), [[0, 0.4], [0.3, 0.9], [1, 0.1]]);
  assert.equal(added(keys, [0.01, 0.9]), keys);
  const many = Array.from({ length: 12 }, (_, i) => [i / 11, 0.5]);
  assert.equal(added(many, [0.05, 0.5]), many);
});
