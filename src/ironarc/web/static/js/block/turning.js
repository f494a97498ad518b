// Small sums with vectors and quaternions, for grips and drags: plain arrays, quaternions as w x y z.

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
