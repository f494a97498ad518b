// What is shown of the shot: only the latest request counts, an older one is dropped.
import { getFloats, getJson, keptAddress } from "./api.js";
import { wholeOf, within } from "./begins.js";
import { afterFirstPicture } from "./later.js";
import { itemOf } from "./scene.js";

export function createShown(root, state, setup, say) {
  let pending = null;

  async function load() {
    pending?.abort();
    const mine = (pending = new AbortController());
    const variant = state.get("trial") ?? state.get("trying")?.variant ?? state.get("side");
    const revision = state.get("revision"), changed = state.get("seen") !== revision;
    const at = (name, query = {}) => keptAddress(setup, revision, name, query);
    try {
      const scene = changed ? await getJson(at("scene.json"), mine.signal) : { ...state.get("scene") };
      const who = scene.performers.some((p) => p.id === state.get("who")) ? state.get("who") : scene.performers[0].id;
      // a correction that is tried concerns one performer; the others stand as they are
      const others = variant === "before" ? "before" : "now";
      const [data, ...motions] = await Promise.all([
        getJson(at("reading.json", { as: variant, who }), mine.signal),
        ...scene.performers.map((p) => getFloats(at("motion.f32", { as: p.id === who ? variant : others, who: p.id }), mine.signal))]);
      if (mine !== pending) return;
      pending = null;
      const byId = Object.fromEntries(scene.performers.map((p, i) => [p.id, motions[i]]));
      // what stands now stays in view behind what is tried
      const held = state.get("trying") ? state.get("held") : { motion: byId[who], data };
      const pick = itemOf(scene, state.get("pick")) ? state.get("pick") : "";
      // frames that what is tried adds or takes away
      [scene.first, scene.last] = data.range;
      const whole = wholeOf(scene), sameRange = whole.join() === state.get("whole").join();
      state.set({
        scene, seen: revision, who, pick, hover: null, physics: null, frame: within(scene, state.get("frame")), motion: byId[who], motions: byId, data,
        variant, held, ...(sameRange ? {} : { whole, view: whole }),
      });
      Object.assign(root.dataset, { variant, who, revision });
      loadPhysics(at("physics.json", { as: variant, who }), data);
    } catch (error) {
      if (error.name === "AbortError") return;
      state.set({ trying: null, trial: null });
      say(error.message);
    }
  }

  // Footing, balance and pushes come after the first picture; they belong to the reading they were asked with
  async function loadPhysics(address, data) {
    await afterFirstPicture(() => {});
    if (state.get("data") !== data) return;
    try {
      const physics = await getJson(address);
      if (state.get("data") === data) state.set({ physics });
    } catch (error) { say(error.message); }
  }

  // While a slider is dragged, the newest weight waits for the answer under way; those between are dropped
  let weightUnderWay = false, nextWeight = null;

  async function tryWeight(layer, percent) {
    nextWeight = `weigh-${layer}-${percent}`;
    if (weightUnderWay) return;
    weightUnderWay = true;
    while (nextWeight) {
      state.set({ trial: nextWeight });
      nextWeight = null;
      await load();
    }
    weightUnderWay = false;
  }

  // A weight that still waits to be tried is none once an edit was made
  function forgetWeight() { nextWeight = null; }

  return { load, tryWeight, forgetWeight };
}
