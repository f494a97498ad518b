// The one state, and what reads it.
import assert from "node:assert/strict";
import { test } from "node:test";

import { createSetup, isPerformer, itemOf, propRow } from "../../src/ironarc/web/static/js/scene.js";
import { createState } from "../../src/ironarc/web/static/js/state.js";

test("those who listen are told once, of what changed and of nothing else", () => {
  const state = createState({ frame: 1, hover: null, side: "now" });
  const told = [];
  state.on(["frame", "hover"], ({ frame }, changed) => told.push([frame, [...changed].sort()]));
  state.set({ side: "before" });
  state.set({ frame: 1 });
  state.set({ frame: 2, hover: 5, side: "before" });
  assert.deepEqual(told, [[2, ["frame", "hover"]]]);
});

test("nobody changes the state behind its back, and it holds nothing unheard of", () => {
  const state = createState({ frame: 1 });
  state.on(["frame"], (values) => assert.throws(() => { values.frame = 9; }, TypeError));
  state.set({ frame: 2 });
  assert.equal(state.get("frame"), 2);
  assert.throws(() => state.set({ frames: 3 }), /no frames/);
  assert.throws(() => state.get("hoover"), /no hoover/);
  assert.throws(() => state.on(["hoover"], () => {}), /no hoover/);
});

test("what is in the shot is read from the state as it is now", () => {
  const scene = (first) => ({ first, last: 9, performers: [{ id: "performer1" }], props: [{ id: "prop1", track: [[0], [1]] }], references: [], guides: [], cameras: [], marker_sets: [] });
  const state = createState({ scene: scene(1) });
  const setup = createSetup(state, { shot: 7 });
  state.set({ scene: scene(101) });
  assert.deepEqual([setup.shot, setup.first], [7, 101]);
  assert.throws(() => { setup.first = 3; }, TypeError);
  assert.equal(itemOf(setup, "prop1").id, "prop1");
  assert.equal(itemOf(setup, "gone"), null);
  assert.deepEqual([isPerformer(setup, "performer1"), isPerformer(setup, "prop1")], [true, false]);
  assert.deepEqual(propRow(setup, setup.props[0], 102), [1]);
});
