// Which frame the clock asks for, and the moments of flights one can go to.

// Frames are dropped, never stretched: { frame, ended, round } for seconds passed since `start`; round : times gone round
export function frameAfter({ start, first, last, fps, loop }, seconds) {
  const frame = start + Math.floor(Math.max(seconds, 0) * fps);
  if (frame <= last) return { frame, ended: false, round: 0 };
  if (!loop) return { frame: last, ended: true, round: 0 };
  const long = last - first + 1;
  return { frame: first + ((frame - first) % long), ended: false, round: Math.floor((frame - first) / long) };
}

// The moments of all flights in order: [[frame, name], …]
export function momentsOf(flights) {
  const all = flights.flatMap((f) => [[f.take_off, "take_off"], [f.apex, "apex"], [f.landing, "landing"]]);
  return all.sort((a, b) => a[0] - b[0]);
}

// The next such moment after the frame, or the first one again; null for none
export function nextMoment(flights, name, frame) {
  const all = momentsOf(flights).filter((m) => m[1] === name).map((m) => m[0]);
  return all.find((f) => f > frame) ?? all[0] ?? null;
}
