// Which frames the trestle and the plots show, and where a frame lies across them.

export const GUTTER = 104, EDGE = 14;

export function createTimeview(state, setup) {
  const wholeRange = () => [setup.first - 0.5, setup.last + 0.5];
  const width = () => Math.max(state.get("width") - GUTTER - EDGE, 50);
  const clamp = ([a, b]) => {
    const whole = wholeRange();
    const span = Math.min(Math.max(b - a, Math.min(8, whole[1] - whole[0])), whole[1] - whole[0]);
    const middle = (a + b) / 2;
    const start = Math.min(Math.max(middle - span / 2, whole[0]), whole[1] - span);
    return [start, start + span];
  };
  return {
    x(frame) { const [a, b] = state.get("view"); return GUTTER + ((frame - a) / (b - a)) * width(); },
    frameAt(x) {
      const [a, b] = state.get("view");
      const frame = Math.round(a + ((x - GUTTER) / width()) * (b - a));
      return Math.min(Math.max(frame, setup.first), setup.last);
    },
    zoom(factor, about) {
      const [a, b] = state.get("view");
      const at = about ?? state.get("frame");
      state.set({ view: clamp([at - (at - a) * factor, at + (b - at) * factor]) });
    },
    pan(frames) { const [a, b] = state.get("view"); state.set({ view: clamp([a + frames, b + frames]) }); },
    all() { state.set({ view: wholeRange() }); },
    reveal(frame) {
      const [a, b] = state.get("view");
      if (frame < a || frame > b) state.set({ view: clamp([frame - (b - a) / 2, frame + (b - a) / 2]) });
    },
  };
}
