// The mannequin: one rigid solid for each part of the body, all in one geometry.
// Every vertex follows one joint, so a pose is drawn in a single call and ghosts share the same shape.
import * as THREE from "../../vendor/three.js";

const AROUND = 14;

// Profiles: [share along the axis, share of the half-axes], from the proximal end out
const PROFILES = {
  "thigh": [[-0.09, 0], [-0.07, 0.6], [0, 0.98], [0.2, 1.12], [0.55, 0.98], [0.85, 0.76], [1.0, 0.66], [1.05, 0.45], [1.07, 0]],
  "shank": [[-0.06, 0], [-0.04, 0.6], [0.03, 0.95], [0.25, 1.22], [0.5, 1.08], [0.85, 0.7], [1.0, 0.62], [1.05, 0.4], [1.06, 0]],
  "upper arm": [[-0.12, 0], [-0.1, 0.55], [0, 1.1], [0.3, 1.12], [0.7, 0.95], [1.0, 0.8], [1.05, 0.5], [1.07, 0]],
  "forearm": [[-0.06, 0], [-0.04, 0.6], [0.05, 1.02], [0.25, 1.14], [0.6, 0.92], [1.0, 0.62], [1.04, 0.4], [1.05, 0]],
  "hand": [[-0.05, 0], [0, 0.55], [0.3, 0.95], [0.8, 1.0], [1.3, 0.85], [1.75, 0.55], [1.85, 0]],
  "neck": [[-0.2, 0], [-0.15, 0.75], [0, 0.75], [0.6, 0.6], [1.0, 0.58], [1.1, 0]],
  "skull": [[0, 0], [0.03, 0.34], [0.12, 0.66], [0.3, 0.95], [0.52, 1.1], [0.7, 1.07], [0.83, 0.9], [0.92, 0.66], [0.975, 0.38], [0.995, 0.16], [1.0, 0]],
  "pelvis": [[-0.32, 0], [-0.28, 0.5], [-0.12, 0.88], [0.15, 1.0], [0.55, 0.92], [1.0, 0.84], [1.06, 0.55], [1.08, 0]],
  "waist": [[-0.12, 0], [-0.08, 0.6], [0, 0.82], [0.5, 0.82], [1.0, 0.9], [1.08, 0.6], [1.12, 0]],
  "chest": [[-0.08, 0], [-0.05, 0.6], [0.02, 0.86], [0.3, 0.98], [0.62, 1.08], [0.82, 1.0], [0.95, 0.66], [1.02, 0.34], [1.04, 0]],
  "foot": [[-0.02, 0], [0, 0.5], [0.08, 0.85], [0.3, 0.95], [0.65, 1.05], [0.9, 0.8], [1.0, 0.35], [1.01, 0]],
  "other": [[-0.05, 0], [0, 0.7], [0.3, 1], [0.8, 0.9], [1, 0.6], [1.04, 0]],
};

// How a part is drawn: profile, how round its section is (2 = ellipse, more = boxier), and stretch of its half-axes
function styleOf(part, parts) {
  const trunk = parts.filter((p) => p.segment === "trunk");
  if (part.segment === "trunk") {
    if (part === trunk[0]) return { profile: "pelvis", power: 2.4, wide: 0.86, deep: 1.02 };
    if (part === trunk[trunk.length - 1]) return { profile: "chest", power: 2.6, wide: 1.0, deep: 1.02 };
    return { profile: "waist", power: 2.4, wide: 0.92, deep: 0.98 };
  }
  if (part.segment === "head") {
    const head = parts.filter((p) => p.segment === "head");
    return head.length > 1 && part === head[0] ? { profile: "neck", power: 2, wide: 1, deep: 1 } : { profile: "skull", power: 2.1, wide: 0.98, deep: 1.12 };
  }
  const limb = { "upper arm": 1.06, "forearm": 1.04, "thigh": 1, "shank": 1 };
  if (part.segment in limb) {
    // limbs are drawn round: the table's two sections differ for the arm's flesh, not for its outline
    const round = Math.sqrt(part.width * part.depth) * limb[part.segment];
    return { profile: part.segment, power: 2, wide: round / part.width, deep: round / part.depth };
  }
  if (part.segment === "hand") return { profile: "hand", power: 2.3, wide: 0.75, deep: 0.8 };
  if (part.segment === "foot") return { profile: "foot", power: 3, wide: 1.05, deep: 1.0 };
  return { profile: "other", power: 2, wide: 1, deep: 1 };
}

// Radius of a unit superellipse in direction a
function superellipse(a, power) {
  const c = Math.abs(Math.cos(a)), s = Math.abs(Math.sin(a));
  return 1 / Math.pow(Math.pow(c, power) + Math.pow(s, power), 1 / power);
}

// A single head bone runs from the base of the neck to the crown: draw a neck and a skull on it
function splitHead(parts) {
  const head = parts.filter((p) => p.segment === "head");
  if (head.length !== 1) return parts;
  const [bone] = head;
  const cut = bone.start.map((v, i) => v + 0.29 * (bone.end[i] - v));
  const at = parts.indexOf(bone);
  const neck = { ...bone, end: cut, width: bone.width * 0.8, depth: bone.depth * 0.8 };
  return [...parts.slice(0, at), neck, { ...bone, start: cut, width: bone.width * 0.88, depth: bone.depth * 0.95 }, ...parts.slice(at + 1)];
}

function solid(part, style) {
  const start = new THREE.Vector3(...part.start), end = new THREE.Vector3(...part.end);
  const axis = end.clone().sub(start);
  const side = new THREE.Vector3(...part.across[0]), front = new THREE.Vector3(...part.across[1]);
  const rings = PROFILES[style.profile];
  const points = [], faces = [];
  for (const [along, size] of rings) {
    const centre = start.clone().addScaledVector(axis, along);
    for (let i = 0; i < AROUND; i++) {
      const a = (i / AROUND) * Math.PI * 2;
      const r = Math.max(size, 0.001) * superellipse(a, style.power);
      const p = centre.clone().addScaledVector(side, Math.cos(a) * r * part.width * style.wide);
      p.addScaledVector(front, Math.sin(a) * r * part.depth * style.deep);
      points.push(p.x, p.y, p.z);
    }
  }
  for (let ring = 0; ring + 1 < rings.length; ring++) {
    for (let i = 0; i < AROUND; i++) {
      const a = ring * AROUND + i, b = ring * AROUND + ((i + 1) % AROUND), c = a + AROUND, d = b + AROUND;
      faces.push(a, c, b, b, c, d);
    }
  }
  return { points, faces };
}

// One geometry of all solids; `swell` (m) pushes it outwards and shows its far side, for outlines
export function mannequinGeometry(figure, swell = 0) {
  const positions = [], indices = [], joints = [];
  const parts = splitHead(figure.parts);
  parts.forEach((part) => {
    const { points, faces } = solid(part, styleOf(part, parts));
    const offset = positions.length / 3;
    positions.push(...points);
    indices.push(...faces.map((f) => f + offset));
    for (let v = 0; v < points.length / 3; v++) joints.push(part.joint, 0, 0, 0);
  });
  const geometry = new THREE.BufferGeometry();
  geometry.setAttribute("position", new THREE.Float32BufferAttribute(positions, 3));
  geometry.setIndex(indices);
  geometry.computeVertexNormals();
  orientOutwards(geometry);
  if (swell) {
    const p = geometry.attributes.position, n = geometry.attributes.normal;
    for (let i = 0; i < p.count; i++) p.setXYZ(i, p.getX(i) + n.getX(i) * swell, p.getY(i) + n.getY(i) * swell, p.getZ(i) + n.getZ(i) * swell);
    // an outline is the far side of the swollen body: turned inside out here, it needs no shader program of its own
    const index = geometry.index.array;
    for (let i = 0; i < index.length; i += 3) [index[i + 1], index[i + 2]] = [index[i + 2], index[i + 1]];
  }
  const weights = new Float32Array(joints.length);
  for (let i = 0; i < weights.length; i += 4) weights[i] = 1;
  geometry.setAttribute("skinIndex", new THREE.Uint16BufferAttribute(joints, 4));
  geometry.setAttribute("skinWeight", new THREE.BufferAttribute(weights, 4));
  return geometry;
}

// A part whose axes make a left-handed frame comes out inside out: turn its faces by its signed volume
function orientOutwards(geometry) {
  const index = geometry.index.array, p = geometry.attributes.position;
  const volumes = new Map();
  const a = new THREE.Vector3(), b = new THREE.Vector3(), c = new THREE.Vector3();
  const partOf = partFinder(geometry);
  for (let i = 0; i < index.length; i += 3) {
    a.fromBufferAttribute(p, index[i]); b.fromBufferAttribute(p, index[i + 1]); c.fromBufferAttribute(p, index[i + 2]);
    const part = partOf(index[i]);
    volumes.set(part, (volumes.get(part) ?? 0) + a.dot(b.cross(c)));
  }
  for (let i = 0; i < index.length; i += 3) {
    if (volumes.get(partOf(index[i])) < 0) [index[i + 1], index[i + 2]] = [index[i + 2], index[i + 1]];
  }
  geometry.computeVertexNormals();
}

// Parts are told apart by walking the index: no face joins two parts
function partFinder(geometry) {
  const index = geometry.index.array;
  const group = new Int32Array(geometry.attributes.position.count).map((_, i) => i);
  const find = (i) => { while (group[i] !== i) { group[i] = group[group[i]]; i = group[i]; } return i; };
  for (let i = 0; i < index.length; i += 3) {
    group[find(index[i + 1])] = find(index[i]);
    group[find(index[i + 2])] = find(index[i]);
  }
  return find;
}
