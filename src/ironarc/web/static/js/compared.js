// What the motion that is shown is compared with: what stands behind a trial, or the shot before its corrections (after
// them, where before is shown). Brought only where somebody looks at it.
import { STRIDE } from "./stage/skin.js";

// How far the furthest joint lies from where the other motion has it, in cm, on every frame that both have
export function furthest(a, b, joints) {
  const row = joints * STRIDE, frames = Math.min(a.length, b.length) / row, out = new Array(frames);
  for (let f = 0; f < frames; f++) {
    let most = 0;
    for (let at = f * row; at < (f + 1) * row; at += STRIDE) most = Math.max(most, Math.hypot(a[at] - b[at], a[at + 1] - b[at + 1], a[at + 2] - b[at + 2]));
    out[f] = most * 100;
  }
  return out;
}

export function createCompared(state, setup, { shown, say }) {
  const wanted = () => state.get("shown").changed || state.get("shown").beside || state.get("plots").includes("changed");
  let asked = null, told = null;

  async function look() {
    const { data, motion } = { data: state.get("data"), motion: state.get("motion") };
    if (!wanted() || !data || !motion) { if (state.get("compared")) state.set({ compared: null, beside: null }); return; }
    const held = state.get("trying") && state.get("held");
    if (held?.motion) {
      state.set({ compared: held.motion, beside: { data: held.data, motions: { ...state.get("motions"), [state.get("who")]: held.motion }, physics: null } });
      return;
    }
    if (state.get("shown").beside && !data.corrections && told !== data) {
      told = data;
      say("No correction has been taken yet, so before and after are the same.", true);
    }
    const variant = state.get("side") === "now" ? "before" : "now", who = state.get("who"), now = `${state.get("revision")} ${variant} ${who}`;
    if (asked === now && state.get("compared")) return;
    asked = now;
    try {
      const brought = await shown.bring(variant, false);
      if (asked === now && !state.get("trying")) state.set({ compared: brought.motions[who], beside: brought });
    } catch (error) { say(error.message); }
  }
  state.on(["shown", "plots", "data", "motion", "trying", "side", "who"], look);
}
