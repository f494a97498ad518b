// What a film is made of: which frame is drawn when, and the words that are written in.

// [{ frame, at, lasts }, …] in seconds, over `rounds` rounds; held on twos or threes a pose lasts as many frames
export function framesOf({ from, to, fps, speed = 1, rounds = 1, hold = 1 }) {
  const out = [], lasts = 1 / (fps * speed);
  for (let round = 0; round < rounds; round++) {
    for (let frame = from; frame <= to; frame++) out.push({ frame: from + Math.floor((frame - from) / hold) * hold, at: out.length * lasts, lasts });
  }
  return out;
}

// What is wrong with a wish, in a sentence; null for nothing
export function wrongWith({ from, to, rounds }, { first, last }) {
  if (![from, to, rounds].every(Number.isInteger)) return "Frames and rounds are whole numbers.";
  if (from < first || to > last) return `This shot has frames ${first} to ${last}; a film of ${from} to ${to} reaches beyond them.`;
  if (from > to) return `A film from frame ${from} to ${to} has no frames. Let it end after it begins.`;
  if (rounds < 1 || rounds > 20) return "A film goes through its frames 1 to 20 times.";
  return null;
}

const SPEEDS = { 1: "", 0.5: "half speed", 0.25: "quarter speed" };

// The shot, and its speed where it is not the true one
export const titleOf = ({ name, speed }) => [name, SPEEDS[speed] ?? `${speed} of true speed`].filter(Boolean).join(" · ");

// Frame, time and how high the center of gravity is, the most telling first
export function wordsOf({ fps, first }, data, frame) {
  const index = frame - first, flight = data.flights.find((f) => f.start <= frame && frame <= f.end);
  return [
    `frame ${frame}`, `${(index / fps).toFixed(2)} s`, `center of gravity ${data.plots.height[index].toFixed(0)} cm up`,
    ...(flight ? [`in flight, frame ${frame - flight.start + 1} of ${flight.hang_frames}`] : []),
  ];
}

// Bits a second that line drawings need: more for more pixels and for faster frames
export const bitsFor = (width, height, perSecond) => Math.round(Math.min(Math.max(width * height * perSecond * 0.14, 1.5e6), 24e6));

// "4 s left", from how long what is done took
export function leftSays(done, total, seconds) {
  if (done < 3) return "";
  const left = (seconds / done) * (total - done);
  return left < 1.5 ? "almost done" : `${left < 90 ? `${Math.round(left)} s` : `${Math.round(left / 60)} min`} left`;
}
