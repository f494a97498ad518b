// A mannequin's skin: taken apart, hung on its bones, and brought once.
import assert from "node:assert/strict";
import test from "node:test";
import { bonesOf, hang, trianglesOn, unpackedSkin } from "../../src/ironarc/web/static/js/stage/skin.js";
import { createSkins } from "../../src/ironarc/web/static/js/stage/skins.js";

// Two joints, the second a metre up the first, and a half bone between; a vertex on each, and one on the half bone
const HEAD = { vertices: 3, triangles: 1, parents: [-1, 0], halves: [1], rotation: [1, 0, 0, 0, 1, 0, 0, 0], position: [0, 0, 0, 0, 1, 0], paint_most: 0.08 };
const POINTS = [0, 0.5, 0, 0, 1.5, 0, 0.1, 1, 0];
const NORMALS = [0, 0, 127, 127, 127, 0, 0, 127, 0, 0, 127, 63]; // and shade

function packed(head = HEAD, shares = [255, 0, 0, 0, 255, 0, 0, 0, 255, 0, 0, 0]) {
  const text = JSON.stringify(head), room = text.padEnd(Math.ceil(text.length / 4) * 4);
  const parts = [
    new Uint32Array([room.length]), new TextEncoder().encode(room), new Float32Array(POINTS), new Int8Array(NORMALS),
    new Int8Array([127, 0, -127, 64, 0, 0, 0, 0, 0, 0, 0, 0]), new Uint16Array([0, 0, 0, 0, 1, 0, 0, 0, 2, 0, 0, 0]), new Uint8Array(shares), new Uint32Array([0, 1, 2]),
  ].map((part) => new Uint8Array(part.buffer, part.byteOffset, part.byteLength));
  const out = new Uint8Array(parts.reduce((sum, part) => sum + part.length, 0));
  let at = 0;
  for (const part of parts) { out.set(part, at); at += part.length; }
  return out.buffer;
}

const quarter = Math.SQRT1_2;
const hung = (skin, motion, limbs = []) => {
  const places = new Float32Array(skin.vertices * 3), normals = new Float32Array(skin.vertices * 3);
  hang(skin, bonesOf(skin, limbs, new Float32Array(motion), 0), places, normals);
  return { places: [...places], normals: [...normals] };
};
const near = (found, wanted) => found.forEach((v, i) => assert.ok(Math.abs(v - wanted[i]) < 1e-6, `${i}: ${v} for ${wanted[i]}`));

test("what the server packs is taken apart", () => {
  const skin = unpackedSkin(packed());
  assert.deepEqual([...skin.triangles], [0, 1, 2]);
  near([...skin.normals.slice(0, 3)], [0, 0, 1]);
  near([skin.shade[0], skin.shade[2]], [1, 63 / 127]);
  near([skin.paint[0], skin.paint[2]], [0.08, -0.08]);
  assert.equal(skin.joints, 2);
});

test("in the pose it is built in the skin stands as it is built, anywhere", () => {
  near(hung(unpackedSkin(packed()), [2, 0, 0, 1, 0, 0, 0, 2, 1, 0, 1, 0, 0, 0]).places, [2, 0.5, 0, 2, 1.5, 0, 2.1, 1, 0]);
});

test("a half bone turns half as far about the joint, by the shorter way whatever the signs", () => {
  for (const sign of [1, -1]) {
    // the upper joint bent by a quarter about z: its skin lies along −x, the half bone's has turned by an eighth
    const { places, normals } = hung(unpackedSkin(packed()), [0, 0, 0, 1, 0, 0, 0, 0, 1, 0, sign * quarter, 0, 0, sign * quarter]);
    near(places.slice(3), [-0.5, 1, 0, 0.1 * Math.cos(Math.PI / 4), 1 + 0.1 * Math.sin(Math.PI / 4), 0]);
    near(normals.slice(3, 6), [0, 1, 0]);
  }
});

test("a stretched limb ends where the next bone begins", () => {
  const limb = { joint: 0, to: 1, length: 1, along: [0, 1, 0] };
  const { places } = hung(unpackedSkin(packed()), [0, 0, 0, 1, 0, 0, 0, 0, 1.5, 0, 1, 0, 0, 0], [limb]);
  near(places.slice(0, 6), [0, 0.75, 0, 0, 2, 0]);
});

test("triangles ride on the joint that most of each corner hangs on, or on its half bone", () => {
  const skin = unpackedSkin(packed());
  skin.bones.set([1, 0, 0, 0, 1, 0, 0, 0, 2, 0, 0, 0]);
  assert.deepEqual(trianglesOn(skin, 1), [0, 1, 2]);
  assert.deepEqual(trianglesOn(skin, 0), []);
});

test("a skin is brought once for all who look the same, and asked for again where that failed", async () => {
  let asked = 0, fails = true;
  const skins = createSkins({ shot: 1, mark: "m" }, async () => { asked += 1; if (fails) throw new Error("cut"); return packed(); });
  const crew = ["a", "b"].map((id) => ({ id, figure: { shape: "same" } }));
  await assert.rejects(skins.first(3, crew), /cut/);
  assert.equal(skins.get("same", "light"), null);
  fails = false;
  await skins.first(3, crew);
  await skins.first(4, crew);
  assert.equal(asked, 2);
  assert.equal(skins.get("same", "light").vertices, 3);
});
