// Loops that go round: which one is looked at, what plays past its ends, and where a round leads.
import assert from "node:assert/strict";
import test from "node:test";
import { loopAt, shareOf, wrapped } from "../../src/ironarc/web/static/js/rounds.js";

const round = { place: [0.4, 0, 1.2], yaw: 0.3 };
const strips = [
  { name: "all", start: 1, end: 60, round }, { name: "stride", start: 10, end: 29, round }, { name: "once", start: 12, end: 14, round: null },
];

test("the loop about a frame is the shortest, or the one that is played", () => {
  assert.equal(loopAt(strips, 13).name, "stride");
  assert.equal(loopAt(strips, 40).name, "all");
  assert.equal(loopAt(strips, 13, [1, 60]).name, "all");
  assert.equal(loopAt(strips, 13, [12, 14]), null); // a clip that is played once goes round nothing
  assert.equal(loopAt(strips, 61), null);
  assert.equal(loopAt([strips[2]], 13), null);
});

test("past its ends a loop plays on from its other end", () => {
  assert.deepEqual(wrapped(strips[1], 29), { frame: 29, rounds: 0 });
  assert.deepEqual(wrapped(strips[1], 30), { frame: 10, rounds: 1 });
  assert.deepEqual(wrapped(strips[1], 9), { frame: 29, rounds: -1 });
  assert.deepEqual(wrapped(strips[1], 52), { frame: 12, rounds: 2 });
});

test("shares of a round add up, and a straight one goes straight", () => {
  const move = ([x, y, z], { x: a, y: b, z: c, yaw }) => [Math.cos(yaw) * x + Math.sin(yaw) * z + a, y + b, Math.cos(yaw) * z - Math.sin(yaw) * x + c];
  const twice = move(move([0.3, 1, -0.4], shareOf(round, 1)), shareOf(round, 1));
  move([0.3, 1, -0.4], shareOf(round, 2)).forEach((v, i) => assert.ok(Math.abs(v - twice[i]) < 1e-12));
  const halves = move(move([0.3, 1, -0.4], shareOf(round, 0.5)), shareOf(round, 0.5));
  move([0.3, 1, -0.4], shareOf(round, 1)).forEach((v, i) => assert.ok(Math.abs(v - halves[i]) < 1e-12));
  assert.deepEqual(shareOf({ place: [0, 0, 2], yaw: 0 }, 1.5), { x: 0, y: 0, z: 3, yaw: 0 });
});
