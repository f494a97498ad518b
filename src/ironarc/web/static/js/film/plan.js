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

// Frames of a strip or a contact sheet: every so many from the first on, and the last
export function posesOf({ from, to, every }) {
  const out = [];
  for (let frame = from; frame < to; frame += every) out.push(frame);
  return [...out, to];
}

export const MOST_POSES = 64;
export function wrongWithPoses({ from, to, every }) {
  if (!Number.isInteger(every) || every < 1) return "Poses stand every so many whole frames: 1 or more.";
  const many = posesOf({ from, to, every }).length;
  return many > MOST_POSES ? `Frames ${from} to ${to} with a pose every ${every} are ${many} poses; up to ${MOST_POSES} fit. Take them farther apart.` : null;
}

// Columns and rows of a contact sheet whose pictures are as wide as the sheet: as square as can be
export function gridOf(many) {
  const columns = Math.ceil(Math.sqrt(many));
  return { columns, rows: Math.ceil(many / columns) };
}

// How long each picture of a GIF stands, in its own hundredths of a second, so that none drifts
export function delaysOf(frames) {
  let told = 0;
  return frames.map(({ at, lasts }) => {
    const delay = Math.max(Math.round((at + lasts) * 100 - 1e-6) - told, 1);
    told += delay;
    return delay;
  });
}

// Seconds into the film at which a limb comes down on what bears it. lanes : [{ limb, spans: [{ start, end, doubt }] }]
export function ticksOf(frames, lanes) {
  const bears = (spans, frame) => spans.some((span) => span.start <= frame && frame <= span.end && !span.doubt);
  const begins = new Set(lanes.flatMap(({ spans }) => spans.filter((span) => !span.doubt && !bears(spans, span.start - 1)).map((span) => span.start)));
  return frames.filter(({ frame }, i) => begins.has(frame) && frames[i - 1]?.frame !== frame && i > 0).map(({ at }) => at);
}

// A click: a knock of wood that dies away in 40 ms, mono samples at `rate`
const KNOCK_S = 0.04, HIGH_HZ = 1250, LOW_HZ = 310;
export function knocks(seconds, ticks, rate) {
  const out = new Float32Array(Math.ceil(seconds * rate));
  for (const tick of ticks) {
    const begin = Math.round(tick * rate);
    for (let i = 0; i < KNOCK_S * rate && begin + i < out.length; i++) {
      const t = i / rate;
      out[begin + i] += Math.exp(-t / 0.006) * (0.45 * Math.sin(2 * Math.PI * HIGH_HZ * t) + 0.4 * Math.sin(2 * Math.PI * LOW_HZ * t));
    }
  }
  return out;
}
