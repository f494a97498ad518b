// Lines that hatch a convex polygon of [x, z], `step` apart, as [x0, z0, x1, z1]
export function hatchOf(corners, step) {
  const across = corners.map(([x, z]) => x + z), out = [];
  for (let at = Math.ceil(Math.min(...across) / step) * step; at <= Math.max(...across); at += step) {
    const hits = [];
    corners.forEach(([x, z], i) => {
      const [u, w] = corners[(i + 1) % corners.length], a = x + z - at, b = u + w - at;
      if (a * b < 0) hits.push([x + ((u - x) * a) / (a - b), z + ((w - z) * a) / (a - b)]);
    });
    if (hits.length === 2) out.push([...hits[0], ...hits[1]]);
  }
  return out;
}
