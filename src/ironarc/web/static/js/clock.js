// Playback by the clock: the frame shown is the one the clock asks for. Frames are dropped, never stretched.

import { frameAfter } from "./playing.js";

export function createClock(state, setup) {
  let startedAt = 0, startFrame = 0, request = 0;
  let drawn = [];

  const range = () => state.get("playRange") ?? [setup.first, setup.last];

  function tick(now) {
    if (!state.get("playing")) return;
    const [first, last] = range(), fps = setup.fps * state.get("speed");
    // the first callback's time can lie a little before the moment play was pressed
    const elapsed = Math.max(now - startedAt, 0);
    const { frame, ended, round } = frameAfter({ start: startFrame, first, last, fps, loop: state.get("loop") }, elapsed / 1000);
    if (ended) { state.set({ frame, playing: false, rate: null }); return; }
    if (frame !== state.get("frame")) {
      drawn.push(now);
      state.set({ frame, round });
    }
    drawn = drawn.filter((at) => now - at < 1000);
    const since = Math.min(elapsed, 1000);
    if (since > 400) state.set({ rate: Math.min(drawn.length / (since / 1000), fps) });
    request = requestAnimationFrame(tick);
  }

  function start() {
    cancelAnimationFrame(request);
    const [first, last] = range();
    if (state.get("frame") >= last || state.get("frame") < first) state.set({ frame: first });
    startFrame = state.get("frame");
    startedAt = performance.now();
    drawn = [];
    state.set({ round: 0 });
    request = requestAnimationFrame(tick);
  }

  state.on(["playing"], ({ playing }) => {
    if (playing) { start(); return; }
    cancelAnimationFrame(request);
    state.set({ rate: null, round: 0 });
  });
  state.on(["speed"], ({ playing }) => { if (playing) start(); });
}
