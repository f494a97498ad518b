// The Block step: what is taken, which moves are tried, how the body answers, and what is kept of it.
import { getJson, keptAddress, postJson } from "../api.js";
import { performerOf } from "../scene.js";
import { latestOnly } from "./latest.js";

const STRIDE = 7, AGAIN_MS = 1500, KEPT = "iron-arc-block";
const FIRST = { tool: "reach", how: "limb", along: "view", keep: "", rest: "rides", bone: "", auto: "changed", touching: true, gaze: false, snap: false, stretch: false };

function keptOptions() {
  try { return { ...FIRST, ...JSON.parse(window.localStorage?.getItem(KEPT) ?? "{}") }; } catch { return { ...FIRST }; }
}

export function createBlock(state, setup, actions) {
  const address = `/shots/${setup.shot}`;
  let restore = null; // puts the motion back as it was before a pose was tried
  state.set({ options: keptOptions() });

  const who = () => performerOf(setup, state.get("who")).id;
  const inBlock = () => state.get("step") === "block";

  // --- what the step draws ---------------------------------------------------------------------------
  let latest = 0;
  async function load() {
    if (!inBlock() || !state.get("data")) return;
    const mine = ++latest, layer = state.get("keyLayer"), performer = who();
    const seen = state.get("seen");
    try {
      const block = await getJson(keptAddress(setup, seen, "block.json", { who: performer, layer }));
      if (mine !== latest) return;
      document.getElementById("bench").dataset.block = seen;
      const names = new Set(block.grips.map((grip) => grip.name));
      state.set({ block, grips: state.get("grips").filter((name) => names.has(name)) });
    } catch (error) { actions.say(error.message); }
  }

  // --- taking hold ------------------------------------------------------------------------------------
  function take(names, { add = false } = {}) {
    const had = state.get("grips");
    const next = add ? (names.every((n) => had.includes(n)) ? had.filter((n) => !names.includes(n)) : [...new Set([...had, ...names])]) : names;
    state.set({ grips: next, lastTaken: "grips" });
  }

  // The next grip along the body, or the one before
  function walk(by) {
    const { grips } = state.get("block") ?? { grips: [] };
    if (!grips.length) return;
    const at = grips.findIndex((grip) => grip.name === state.get("grips").at(-1));
    take([grips[(at + by + grips.length) % grips.length].name]);
  }

  // Parts that are taken: those grips lie on whose part is meant as a whole
  const partsTaken = () => state.get("grips");

  // --- trying -----------------------------------------------------------------------------------------
  function show(answer) {
    const motion = state.get("motion"), { joints } = performerOf(setup, state.get("who")).figure;
    const index = state.get("frame") - setup.first, at = index * joints * STRIDE;
    if (!restore) {
      const was = motion.slice(at, at + joints * STRIDE), com = state.get("data").com[index], { data } = { data: state.get("data") };
      restore = () => { motion.set(was, at); data.com[index] = com; };
    }
    motion.set(answer.pose, at);
    state.get("data").com[index] = answer.com;
    state.set({ tried: answer });
  }

  const body = (moves) => ({
    revision: state.get("revision"), performer: who(), frame: state.get("frame"), moves, layer: state.get("block")?.layer_is_new ? "" : state.get("block")?.layer ?? "",
    which: state.get("options").auto === "whole" ? "whole" : "changed", part: state.get("grips").at(-1) ?? "",
  });

  // Only the latest try is under way; an older answer that comes after it is dropped
  const tries = latestOnly(async (moves) => {
    const answer = await postJson(`${address}/try`, body(moves));
    answer.moves = moves;
    return answer;
  }, (answer) => { if (inBlock()) show(answer); }, (error) => { if (error.name !== "AbortError") actions.say(error.message); });

  const pending = () => state.get("pending");
  const tryMoves = (more) => tries.ask([...pending(), ...more]);

  function putBack() {
    const was = Boolean(restore || pending().length);
    tries.drop();
    restore?.();
    restore = null;
    if (was) state.set({ tried: null, pending: [] });
    return was;
  }

  // Keeps moves: at once, or, where keys are set by hand, until they are asked for
  async function finish(more) {
    const moves = [...pending(), ...more];
    if (state.get("options").auto === "off") {
      state.set({ pending: moves });
      await tries.ask(moves);
      return;
    }
    await tries.ask(moves);
    await keep(moves);
  }

  async function keep(moves = pending()) {
    if (!moves.length) return setKeys(partsTaken());
    const { performer, frame, layer, which } = body(moves);
    const made = await commit({ kind: "pose", performer, frame, moves, layer, which });
    // what was tried is now what stands, or was refused and goes back
    if (made) { restore = null; state.set({ tried: null, pending: [] }); }
    else putBack();
    return made;
  }

  // An edit that is sent again for as long as the server can't be reached; the pose stays on the screen
  function commit(edit) {
    state.set({ curvesWere: [] });
    return actions.change(async (revision) => {
      for (let lost = false; ;) {
        try {
          const standing = await postJson(`${address}/edits`, { revision, edit });
          state.set({ notSaved: "" });
          return standing;
        } catch (error) {
          if (error.status) {
            state.set({ notSaved: "" });
            // what was lost on the way back had been kept
            if (lost && error.status === 409) return getJson(`${address}/standing.json`);
            throw error;
          }
          lost = true;
          state.set({ notSaved: "Not saved: the server can't be reached. The pose stays here and is sent again." });
          await new Promise((resolve) => { setTimeout(resolve, AGAIN_MS); });
        }
      }
    });
  }

  function setKeys(parts) {
    const { performer, frame, layer } = body([]);
    return commit({ kind: "set_keys", performer, frame, parts, layer });
  }

  // --- the clipboard ----------------------------------------------------------------------------------
  async function copy() {
    try {
      const parts = partsTaken().join(","), frame = state.get("frame");
      const found = await getJson(keptAddress(setup, state.get("seen"), "pose.json", { who: who(), frame, parts }));
      window.localStorage?.setItem("iron-arc-pose", JSON.stringify(found.pose));
      actions.note(`${found.says} is copied${parts ? `: ${partsTaken().join(", ")}` : ""}.`);
    } catch (error) { actions.say(error.message); }
  }

  function paste({ share = 1, mirrored = false, place = false } = {}) {
    const pose = window.localStorage?.getItem("iron-arc-pose");
    if (!pose) { actions.say("Nothing was copied yet: copy a pose first (Ctrl C)."); return; }
    finish([{ do: "paste", pose: JSON.parse(pose), parts: [], share, mirrored, place }]);
  }

  function setOptions(changes) {
    const options = { ...state.get("options"), ...changes };
    window.localStorage?.setItem(KEPT, JSON.stringify(options));
    state.set({ options });
  }

  state.on(["step", "data", "keyLayer"], load);
  state.on(["frame"], () => {
    if (!restore) return;
    const frame = pending().length;
    putBack();
    if (frame) actions.note("The pose that was not keyed was put back.");
  });
  state.on(["step"], () => { if (!inBlock()) putBack(); });
  // a motion that was read anew is no longer the one that was tried on
  state.on(["motion"], () => { restore = null; });

  return { take, walk, partsTaken, tryMoves, finish, keep, commit, putBack, setKeys, copy, paste, setOptions, load, who, inBlock };
}
