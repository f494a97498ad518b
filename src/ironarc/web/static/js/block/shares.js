// The ease chart's sums, as the server has them: how far a span has come on the frames between its two keys, and which
// slopes bring one of these frames to a share.

export const STEEPEST = 3;

export function spanShares(leaves, arrives, count) {
  return Array.from({ length: count }, (_, i) => {
    const t = (i + 1) / (count + 1);
    return t * t * (3 - 2 * t) + leaves * t * (1 - t) ** 2 - arrives * t * t * (1 - t);
  });
}

// The slopes nearest to those there are that bring tick number `tick` (from 1) of `count` to `share`; what one slope can't
// give any more, the other gives
export function easeThrough(leaves, arrives, tick, count, share) {
  const t = tick / (count + 1), pull = [t * (1 - t) ** 2, -t * t * (1 - t)];
  let slopes = [leaves, arrives], free = [1, 1];
  for (let pass = 0; pass < 2; pass++) {
    const lack = share - spanShares(...slopes, count)[tick - 1], size = Math.max(free[0] * pull[0] ** 2 + free[1] * pull[1] ** 2, 1e-12);
    const wanted = slopes.map((v, i) => v + (free[i] * pull[i] * lack) / size);
    slopes = wanted.map((v) => Math.min(Math.max(v, 0), STEEPEST));
    free = slopes.map((v, i) => (v === wanted[i] ? 1 : 0));
  }
  return slopes;
}

// The two neighbouring keys around a frame, among the frames keyed: [before or at, after]; null where there are none
export function spanAround(frames, frame) {
  const before = frames.filter((f) => f <= frame).at(-1), after = frames.find((f) => f > frame);
  if (before !== undefined && after !== undefined) return [before, after];
  return frames.length > 1 ? (before === undefined ? frames.slice(0, 2) : frames.slice(-2)) : null;
}

// How a span between two keys is eased now: the mean of the parts that are keyed on both, or of some of them; null for none
export function easeOf(block, [start, end], parts) {
  const rows = block.rows.filter((row) => !parts.length || parts.includes(row.part));
  const found = rows.flatMap((row) => row.eases.filter(([a, b]) => a === start && b === end));
  if (!found.length) return null;
  return [2, 3].map((i) => Math.min(Math.max(found.reduce((sum, ease) => sum + ease[i], 0) / found.length, 0), STEEPEST));
}
