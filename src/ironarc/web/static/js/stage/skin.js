// A mannequin's skin: what the server packs of it, and its places and normals in a pose. It is turned here once a pose
// and shared by body, outline and shadow: where drawing is in software, three times in shaders would cost three times.

export const STRIDE = 7; // of a motion's floats, a joint: x y z, w x y z
const TURN = 12; // of a bone: rows of its turn, then its shift

// { vertices, points, normals, shade, paint, bones, shares, triangles, joints, … } of what `skins.py` packs; a
// performer's own skin in colours also has { groups, tints, uv, pictures }
export function unpackedSkin(buffer) {
  const long = new DataView(buffer).getUint32(0, true);
  const head = JSON.parse(new TextDecoder().decode(new Uint8Array(buffer, 4, long)));
  const n = head.vertices;
  let at = 4 + long;
  const next = (Kind, count) => { const out = new Kind(buffer, at, count); at += count * Kind.BYTES_PER_ELEMENT; return out; };
  const skin = { ...head, joints: head.parents.length };
  if (!n) return skin;
  skin.points = next(Float32Array, n * 3);
  const shaded = next(Int8Array, n * 4);
  skin.paint = Float32Array.from(next(Int8Array, n * 4), (v) => (v / 127) * head.paint_most);
  skin.bones = next(Uint16Array, n * 4);
  skin.shares = Float32Array.from(next(Uint8Array, n * 4), (v) => v / 255);
  skin.triangles = next(Uint32Array, head.triangles * 3);
  skin.normals = new Float32Array(n * 3);
  skin.shade = new Float32Array(n);
  if (head.groups) {
    skin.tints = next(Float32Array, n * 3);
    skin.uv = next(Float32Array, n * 2);
    skin.pictures = head.pictures.map(([type, size]) => new Blob([next(Uint8Array, size)], { type }));
  }
  for (let i = 0; i < n; i++) {
    for (let k = 0; k < 3; k++) skin.normals[3 * i + k] = shaded[4 * i + k] / 127;
    skin.shade[i] = shaded[4 * i + 3] / 127;
  }
  return skin;
}

// Turn of a quaternion w x y z into the rows at `out`
function turned(out, at, w, x, y, z) {
  out[at] = 1 - 2 * (y * y + z * z); out[at + 1] = 2 * (x * y - w * z); out[at + 2] = 2 * (x * z + w * y);
  out[at + 3] = 2 * (x * y + w * z); out[at + 4] = 1 - 2 * (x * x + z * z); out[at + 5] = 2 * (y * z - w * x);
  out[at + 6] = 2 * (x * z - w * y); out[at + 7] = 2 * (y * z + w * x); out[at + 8] = 1 - 2 * (x * x + y * y);
}

function shifted(out, at, joint, built, x, y, z) {
  const [a, b, c] = [built[3 * joint], built[3 * joint + 1], built[3 * joint + 2]];
  out[at + 9] = x - (out[at] * a + out[at + 1] * b + out[at + 2] * c);
  out[at + 10] = y - (out[at + 3] * a + out[at + 4] * b + out[at + 5] * c);
  out[at + 11] = z - (out[at + 6] * a + out[at + 7] * b + out[at + 8] * c);
}

const STRETCHED = 1.002;

// A limb that is stretched is drawn longer, so that it ends where the next bone begins
function stretch(out, skin, turns, motion, from, { joint, to, length, along }) {
  const a = from + joint * STRIDE, b = from + to * STRIDE;
  const far = Math.hypot(motion[b] - motion[a], motion[b + 1] - motion[a + 1], motion[b + 2] - motion[a + 2]) / length;
  if (far < STRETCHED && far > 1 / STRETCHED) return;
  const now = rotated(motion, a + 3, along), built = rotated(skin.rotation, 4 * joint, along);
  for (let r = 0; r < 3; r++) for (let c = 0; c < 3; c++) out[joint * TURN + 3 * r + c] += (far - 1) * now[r] * built[c];
  shifted(out, joint * TURN, joint, skin.position, motion[a], motion[a + 1], motion[a + 2]);
}

function rotated(q, at, [x, y, z]) {
  const [w, a, b, c] = [q[at], q[at + 1], q[at + 2], q[at + 3]];
  const [s, t, u] = [2 * (b * z - c * y), 2 * (c * x - a * z), 2 * (a * y - b * x)];
  return [x + w * s + b * u - c * t, y + w * t + c * s - a * u, z + w * u + a * t - b * s];
}

// Turns and shifts of the skin on each bone, joints first, then half bones; `index` : of the motion's frame
export function bonesOf(skin, limbs, motion, index) {
  const { joints, halves, parents, rotation, position } = skin, from = index * joints * STRIDE;
  const out = new Float32Array((joints + halves.length) * TURN), turns = new Float32Array(joints * 4);
  for (let j = 0, at = from; j < joints; j++, at += STRIDE) {
    // the joint's turn after the one it is built in, taken back
    const [w, x, y, z] = [motion[at + 3], motion[at + 4], motion[at + 5], motion[at + 6]];
    const [a, b, c, d] = [rotation[4 * j], -rotation[4 * j + 1], -rotation[4 * j + 2], -rotation[4 * j + 3]];
    const q = [w * a - x * b - y * c - z * d, w * b + x * a + y * d - z * c, w * c - x * d + y * a + z * b, w * d + x * c - y * b + z * a];
    turns.set(q, 4 * j);
    turned(out, j * TURN, ...q);
    shifted(out, j * TURN, j, position, motion[at], motion[at + 1], motion[at + 2]);
  }
  for (const bone of limbs) stretch(out, skin, turns, motion, from, bone);
  for (const [h, j] of halves.entries()) {
    // half-way between the skins of the two bones, by the shorter way, about the joint itself
    const up = 4 * parents[j], own = 4 * j, at = from + j * STRIDE, bone = (joints + h) * TURN;
    let dot = 0;
    for (let k = 0; k < 4; k++) dot += turns[up + k] * turns[own + k];
    const s = dot < 0 ? -1 : 1, q = [0, 1, 2, 3].map((k) => turns[up + k] + s * turns[own + k]), long = Math.hypot(...q) || 1;
    turned(out, bone, ...q.map((v) => v / long));
    shifted(out, bone, j, position, motion[at], motion[at + 1], motion[at + 2]);
  }
  return out;
}

// Places and normals of a skin on its bones, written into two arrays
export function hang({ vertices, points: p, normals: n, bones: of, shares }, bones, places, normals) {
  for (let i = 0, k = 0, w = 0; i < vertices; i++, k += 3, w += 4) {
    let a = 0, b = 0, c = 0, d = 0, e = 0, f = 0, g = 0, h = 0, l = 0, x = 0, y = 0, z = 0;
    for (let q = w; q < w + 4; q++) {
      const t = shares[q], m = of[q] * TURN;
      if (t === 0) continue;
      a += t * bones[m]; b += t * bones[m + 1]; c += t * bones[m + 2];
      d += t * bones[m + 3]; e += t * bones[m + 4]; f += t * bones[m + 5];
      g += t * bones[m + 6]; h += t * bones[m + 7]; l += t * bones[m + 8];
      x += t * bones[m + 9]; y += t * bones[m + 10]; z += t * bones[m + 11];
    }
    const u = p[k], v = p[k + 1], s = p[k + 2], nu = n[k], nv = n[k + 1], ns = n[k + 2];
    places[k] = a * u + b * v + c * s + x; places[k + 1] = d * u + e * v + f * s + y; places[k + 2] = g * u + h * v + l * s + z;
    normals[k] = a * nu + b * nv + c * ns; normals[k + 1] = d * nu + e * nv + f * ns; normals[k + 2] = g * nu + h * nv + l * ns;
  }
}

// Triangles that ride on a joint: most of a vertex is its own, or its half bone's
export function trianglesOn({ bones, shares, triangles, halves, joints }, joint) {
  const own = (v) => {
    let most = 4 * v;
    for (let q = most + 1; q < 4 * v + 4; q++) if (shares[q] > shares[most]) most = q;
    return bones[most] === joint || halves[bones[most] - joints] === joint;
  };
  const out = [];
  for (let i = 0; i < triangles.length; i += 3) {
    const corners = triangles.subarray(i, i + 3);
    if (corners.every(own)) out.push(...corners);
  }
  return out;
}
