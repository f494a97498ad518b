// Small sums with vectors and quaternions, for grips and drags: plain arrays, quaternions as w x y z.

const NEAR_M = 0.05, TRUNK = ["hips", "chest", "neck", "head"];

export const sub = (a, b) => a.map((v, i) => v - b[i]);
export const add = (a, b) => a.map((v, i) => v + b[i]);
export const scale = (a, s) => a.map((v) => v * s);
export const dot = (a, b) => a.reduce((sum, v, i) => sum + v * b[i], 0);
export const length = (a) => Math.sqrt(dot(a, a));
export const cross = ([a, b, c], [x, y, z]) => [b * z - c * y, c * x - a * z, a * y - b * x];

export function rotate([w, x, y, z], v) {
  const u = [x, y, z], t = scale(cross(u, v), 2);
  return add(add(v, scale(t, w)), cross(u, t));
}

// The rotation vector (rad) of the shortest turn from one direction to another
export function turnBetween(from, to) {
  const a = scale(from, 1 / length(from)), b = scale(to, 1 / length(to)), axis = cross(a, b), sine = length(axis);
  if (sine < 1e-9) return [0, 0, 0];
  return scale(axis, Math.atan2(sine, dot(a, b)) / sine);
}

// Where a grip is: motion as floats, x y z w x y z a joint
export function gripAt(motion, joints, index, grip) {
  const at = (index * joints + grip.joint) * 7;
  return add([motion[at], motion[at + 1], motion[at + 2]], rotate([motion[at + 3], motion[at + 4], motion[at + 5], motion[at + 6]], grip.at));
}

// The joint a grip turns: as a rule an elbow, a knee or a shoulder is the far end of the bone above it; bone : as Turn has it
export function turnedJoint(grip, joints, bone) {
  const above = bone === "ends" || (!bone && ["elbow", "knee", "shoulder"].includes(grip.kind));
  return above ? Math.max(joints[grip.joint].parent, 0) : grip.joint;
}

// What a drag of a grip brings along as it turns: an arm from what stays to what swings; null for the trunk, whose bones
// all run up and which the mouse turns by how far it goes. A foot rolls over its ball, or its heel, by the other one; what
// a bone begins at turns by its far end.
export function armOf(motion, index, { joints, grips }, grip, bone) {
  const place = (g) => gripAt(motion, joints.length, index, g), from = place(grip);
  const other = { ball: "heel", heel: "ball" }[grip.kind];
  if (other && !bone) {
    const there = grips.find((g) => g.kind === other && g.part === grip.part);
    return there ? sub(place(there), from) : null;
  }
  const joint = turnedJoint(grip, joints, bone), at = (index * joints.length + joint) * 7;
  const arm = sub(from, [motion[at], motion[at + 1], motion[at + 2]]);
  if (length(arm) > NEAR_M) return arm;
  if (TRUNK.includes(grip.kind)) return null;
  const far = rotate([motion[at + 3], motion[at + 4], motion[at + 5], motion[at + 6]], joints[joint].bone);
  return length(far) > 1e-4 ? far : null;
}
