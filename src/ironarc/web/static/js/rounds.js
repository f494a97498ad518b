// Loops that go round: which clip is looked at as a loop, and what carries one round of it to the next.

export const ROUNDS = 3; // that are played before it begins again where it is

// The clip that loops and is played by itself; where nothing is, the shortest about a frame; null for none
export function loopAt(strips, frame, range = null) {
  const loops = strips.filter((s) => s.round && s.start <= frame && frame <= s.end);
  if (range) return loops.find((s) => s.start === range[0] && s.end === range[1]) ?? null;
  return loops.sort((a, b) => (a.end - a.start) - (b.end - b.start))[0] ?? null;
}

// A frame beyond either end of a loop: the one that plays then, and how many rounds away
export function wrapped({ start, end }, frame) {
  const long = end - start + 1, rounds = Math.floor((frame - start) / long);
  return { frame: frame - rounds * long, rounds };
}

// Shares of a round, as { x, y, z, yaw }: it turns a point about the upright and then moves it. Two halves are the whole
export function shareOf({ place: [x, y, z], yaw }, share) {
  const half = yaw / 2, turn = yaw * share;
  const long = Math.abs(half) < 1e-9 ? share : Math.sin(turn / 2) / Math.sin(half), about = turn / 2 - half;
  return { x: long * (Math.cos(about) * x + Math.sin(about) * z), y: share * y, z: long * (Math.cos(about) * z - Math.sin(about) * x), yaw: turn };
}
