import assert from "node:assert/strict";
import { test } from "node:test";
import { rowsOf, stripsHeight } from "../../src/ironarc/web/static/js/trestle/strips.js";

test("clips that overlap stand in rows of their own, others share one", () => {
  const strips = [{ start: 1, end: 18 }, { start: 3, end: 18 }, { start: 19, end: 60 }, { start: 18, end: 30 }];
  assert.deepEqual(rowsOf(strips), [0, 1, 0, 2]);
  assert.equal(stripsHeight([]), 0);
  assert.ok(stripsHeight(strips) > stripsHeight(strips.slice(0, 1)) * 2);
});
