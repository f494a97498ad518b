// What Block asks the server for as parts are taken: curves of them, and the path of the last one.
import { getJson, keptAddress } from "../api.js";

export function createFetches(state, setup, { block, say }) {
  // Curves of the parts that are taken, on the layer that is keyed
  async function fetchCurves() {
    const data = state.get("block"), taken = state.get("grips");
    if (!data || !taken.length) return [];
    const grips = data.grips.filter((grip) => taken.includes(grip.name)), joints = [...new Set(grips.map((grip) => data.joints[grip.joint].name))];
    const query = { who: block.who(), layer: data.layer_is_new ? "" : data.layer, joints: joints.join(","), part: taken.at(-1) };
    try { return await getJson(keptAddress(setup, state.get("seen"), "curves.json", query)); } catch (error) { say(error.message); return []; }
  }

  // The path of the part that was taken last
  async function fetchPath() {
    const part = state.get("grips").at(-1), seen = state.get("seen");
    if (state.get("step") !== "block" || !part || !state.get("shown").partPath) { state.set({ partPath: [] }); return; }
    try {
      const path = await getJson(keptAddress(setup, seen, "path.json", { who: block.who(), part }));
      if (state.get("seen") === seen && state.get("grips").at(-1) === part) state.set({ partPath: path });
    } catch (error) { say(error.message); }
  }

  return { fetchCurves, fetchPath };
}
