// Time: the clock's frames, moments of flights, what the trestle shows of the frames, sliders that wait.
import assert from "node:assert/strict";
import { test } from "node:test";

import { keptAddress } from "../../src/ironarc/web/static/js/api.js";
import { createLater } from "../../src/ironarc/web/static/js/later.js";
import { frameAfter, momentsOf, nextMoment } from "../../src/ironarc/web/static/js/playing.js";
import { createState } from "../../src/ironarc/web/static/js/state.js";
import { GUTTER, createTimeview } from "../../src/ironarc/web/static/js/trestle/timeview.js";

test("the clock drops frames and never stretches them", () => {
  const shot = { start: 10, first: 1, last: 72, fps: 24, loop: true };
  assert.equal(frameAfter(shot, 0).frame, 10);
  assert.equal(frameAfter(shot, -0.01).frame, 10);
  assert.equal(frameAfter(shot, 1.0).frame, 34);
  assert.equal(frameAfter(shot, 1 + 62 / 24).frame, 24); // 96 frames on, round once
  assert.deepEqual([0, 62, 63, 135].map((on) => frameAfter(shot, on / 24 + 1e-6).round), [0, 0, 1, 2]);
  assert.deepEqual(frameAfter({ ...shot, loop: false }, 60), { frame: 72, ended: true, round: 0 });
});

test("the next moment is the one after the frame, or the first again", () => {
  const flights = [{ take_off: 29, apex: 38, landing: 46 }, { take_off: 60, apex: 64, landing: 68 }];
  assert.deepEqual(momentsOf(flights).map((m) => m[0]), [29, 38, 46, 60, 64, 68]);
  assert.equal(nextMoment(flights, "apex", 38), 64);
  assert.equal(nextMoment(flights, "apex", 64), 38);
  assert.equal(nextMoment([], "apex", 1), null);
});

test("a frame lies where it is looked for, and the view stays within the range", () => {
  const state = createState({ view: [0.5, 72.5], width: 998, frame: 36 });
  const view = createTimeview(state, { first: 1, last: 72 });
  for (const frame of [1, 30, 72]) assert.equal(view.frameAt(view.x(frame)), frame);
  assert.equal(view.frameAt(GUTTER - 50), 1);
  view.zoom(0.25, 30);
  const [a, b] = state.get("view");
  assert.equal(b - a, 18);
  assert.ok(a < 30 && 30 < b);
  view.pan(500);
  assert.equal(state.get("view")[1], 72.5);
  view.zoom(100);
  assert.deepEqual(state.get("view"), [0.5, 72.5]);
});

test("two sliders wait apart: the second does not lose the first one's change", () => {
  const timers = new Map(), sent = [];
  let next = 1;
  const clock = {
    setTimeout(work) { timers.set(next, work); return next++; },
    clearTimeout: (timer) => timers.delete(timer),
  };
  const later = createLater(250, clock);
  later("layer1", () => sent.push("layer1 40"));
  later("layer2", () => sent.push("layer2 70"));
  later("layer1", () => sent.push("layer1 45"));
  for (const work of timers.values()) work();
  assert.deepEqual(sent.sort(), ["layer1 45", "layer2 70"]);
});

test("an address that is kept names revision, database and rules", () => {
  const address = keptAddress({ shot: 3, mark: "ab12-cd34" }, 9, "reading.json", { as: "true_arc(frame=37)", who: "performer1" });
  const url = new URL(address, "http://127.0.0.1");
  assert.equal(url.pathname, "/shots/3/r/9/reading.json");
  assert.deepEqual(Object.fromEntries(url.searchParams), { as: "true_arc(frame=37)", who: "performer1", v: "ab12-cd34" });
});
