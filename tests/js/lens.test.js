import assert from "node:assert/strict";
import test from "node:test";

import { furthest, laidOver, readingMoved } from "../../src/ironarc/web/static/js/compared.js";
import { pictureOn, roomOf, shapeSays, smallSpots, tallOf } from "../../src/ironarc/web/static/js/stage/lens.js";

test("a full-frame 50 mm sees 36 mm of sensor at 50 mm: 39.6° across", () => {
  const tall = tallOf({ sensor: 36, aspect: 16 / 9 }, 50), wide = tall * (16 / 9);
  assert.ok(Math.abs((2 * Math.atan(wide) * 180) / Math.PI - 39.598) < 0.01);
});

test("a picture's frame lies whole on a stage of any shape, as wide as it is high by its own", () => {
  for (const [w, h] of [[900, 400], [400, 900], [500, 500]]) for (const aspect of [16 / 9, 2.39, 9 / 16, 1]) {
    const spot = pictureOn(aspect, w, h);
    assert.ok(spot.x >= 0 && spot.y >= 0 && spot.x + spot.w <= w && spot.y + spot.h <= h, `${aspect} on ${w} × ${h}`);
    assert.ok(Math.abs(spot.w / spot.h - aspect) < 1e-9);
    // what the camera shows upwards is the picture, and the room around it
    assert.ok(Math.abs(spot.h * roomOf(aspect, w / h) - h) < 1e-9);
  }
});

test("small views lie beside one another within the stage, or not at all", () => {
  const spots = smallSpots(["side", "top", "free"], 900, 420);
  assert.equal(spots.length, 3);
  for (const [i, s] of spots.entries()) {
    assert.ok(s.x + s.w <= 900 && s.y + s.h <= 420);
    if (i) assert.ok(s.y >= spots[i - 1].y + spots[i - 1].h);
  }
  assert.deepEqual(smallSpots(["side", "top", "free"], 900, 120), []);
  assert.deepEqual(smallSpots([], 900, 420), []);
});

test("shapes are told by the names they are chosen by", () => {
  assert.equal(shapeSays(16 / 9), "16:9");
  assert.equal(shapeSays(1.5), "1.50");
});

test("the furthest joint tells how much a frame has changed, where both have it", () => {
  const pose = (x, y) => [x, 0, 0, 1, 0, 0, 0, 0, y, 0, 1, 0, 0, 0];
  const a = Float32Array.from([...pose(0, 0), ...pose(0.1, 0), ...pose(0, 0)]), b = Float32Array.from([...pose(0, 0), ...pose(0, 0.25)]);
  assert.deepEqual(furthest(a, b, 2).map(Math.round), [0, 25]);
});

test("another's motion begins where this one does, over the floor, and goes its own way from there", () => {
  const rows = (...roots) => Float32Array.from(roots.flatMap(([x, y, z]) => [x, y, z, 1, 0, 0, 0, x + 0.5, y, z, 1, 0, 0, 0]));
  const onto = rows([1, 0.9, 2], [1.5, 0.9, 2]), motion = rows([4, 1, 0], [4, 1.5, 1]), { motion: laid, by } = laidOver(motion, onto);
  assert.deepEqual(by, [-3, 2]);
  assert.deepEqual([...laid], [...rows([1, 1, 2], [1, 1.5, 3])]);
  assert.deepEqual([...motion], [...rows([4, 1, 0], [4, 1.5, 1])]);
  const moved = readingMoved({ com: [[4, 1, 0]], computed: null, flights: [{ start: 3, gravity_arc: [[4, 2, 0]] }], floor: 0 }, by);
  assert.deepEqual(moved, { com: [[1, 1, 2]], computed: null, flights: [{ start: 3, gravity_arc: [[1, 2, 2]] }], floor: 0 });
});
