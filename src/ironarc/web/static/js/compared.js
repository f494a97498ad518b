// What the motion that is shown is compared with: what stands behind a trial, the shot before its corrections (after
// them, where before is shown), or another performer of the same joints. Brought only where somebody looks at it.
import { itemOf, performerOf } from "./scene.js";
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

// A motion moved over the floor so that its root begins where another's does, and by how much: { motion, by: [x, z] }
export function laidOver(motion, onto) {
  const by = [onto[0] - motion[0], onto[2] - motion[2]], out = Float32Array.from(motion);
  for (let at = 0; at < out.length; at += STRIDE) { out[at] += by[0]; out[at + 2] += by[1]; }
  return { motion: out, by };
}

// A reading moved along with it, as far as the stage draws it
export function readingMoved(data, [x, z]) {
  const moved = (places) => places && places.map((place) => [place[0] + x, place[1], place[2] + z]);
  return { ...data, com: moved(data.com), computed: moved(data.computed), flights: data.flights.map((f) => ({ ...f, gravity_arc: moved(f.gravity_arc) })) };
}

export const without = (all, id) => Object.fromEntries(Object.entries(all).filter(([key]) => key !== id));

const sameJoints = (a, b) => a.joints.length === b.joints.length && a.joints.every((name, i) => name === b.joints[i]);

export function createCompared(state, setup, { shown, say }) {
  const wanted = () => state.get("shown").changed || state.get("shown").beside || state.get("plots").includes("changed");
  let asked = null, told = null;

  // The performer it is compared with; null for itself, before or after its corrections
  function another() {
    const who = performerOf(setup, state.get("who")), other = itemOf(setup, state.get("against"));
    return other && other.id !== who.id && other.joints && sameJoints(who, other) ? other : null;
  }

  // Only those it can be laid over are offered
  const choice = document.getElementById("against"), row = choice.closest("label"), scale = document.getElementById("changed-scale");
  function offer() {
    const who = performerOf(setup, state.get("who")), others = setup.performers.filter((p) => p.id !== who.id && sameJoints(p, who));
    choice.replaceChildren(new Option("itself, before corrections", ""), ...others.map((p) => new Option(p.name, p.id)));
    choice.value = another()?.id ?? "";
    row.classList.toggle("hidden", !others.length);
    scale.title = `How far each part lies from ${another() ? `where ${another().name} has it` : "before the corrections"}`;
  }
  choice.addEventListener("change", () => { say(""); state.set({ against: choice.value }); });

  async function look() {
    const { data, motion } = { data: state.get("data"), motion: state.get("motion") };
    if (!wanted() || !data || !motion) { if (state.get("compared")) state.set({ compared: null, beside: null }); return; }
    const held = state.get("trying") && state.get("held"), who = state.get("who"), motions = state.get("motions");
    if (held?.motion) {
      state.set({ compared: held.motion, beside: { data: held.data, motions: { ...motions, [who]: held.motion }, physics: null, words: ["As it stands", "Tried"] } });
      return;
    }
    const other = another();
    if (!other && state.get("shown").beside && !data.corrections && told !== data) {
      told = data;
      say("No correction has been taken yet, so before and after are the same.", true);
    }
    const variant = other ? state.get("variant") : state.get("side") === "now" ? "before" : "now";
    const now = [state.get("revision"), variant, who, other?.id].join(" ");
    if (asked === now && state.get("compared")) return;
    asked = now;
    try {
      const brought = other ? await laid(other, motion, who) : { ...(await shown.bring(variant, false)), words: ["Before", "After"] };
      if (asked === now && !state.get("trying")) state.set({ compared: brought.motions[who], beside: brought });
    } catch (error) { say(error.message); }
  }

  // The other's motion on this one's figure, from the same place on
  async function laid(other, motion, who) {
    const { data, motions } = await shown.bring("now", false, other.id), { motion: theirs, by } = laidOver(motions[other.id], motion);
    return { data: readingMoved(data, by), motions: { ...without(state.get("motions"), other.id), [who]: theirs }, physics: null, words: [other.name, performerOf(setup, who).name], other: other.id };
  }

  state.on(["who", "scene", "against"], offer);
  state.on(["shown", "plots", "data", "motion", "trying", "side", "who", "against"], look);
  offer();
}
