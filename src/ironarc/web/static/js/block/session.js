// The Block step: what is taken, which moves are tried, how the body answers, and what is kept of it.
import { getJson, keptAddress, postJson } from "../api.js";
import { performerOf } from "../scene.js";
import { rowsOf, WHOLE } from "../trestle/keyrows.js";
import { latestOnly } from "./latest.js";
import { createOverlay } from "./overlay.js";
import { partsInScope } from "./selection.js";

const AGAIN_MS = 1500, KEPT = "iron-arc-block";
const HELD = 12; // frames that a part is pinned for unless somebody says otherwise
const FIRST = { tool: "reach", how: "limb", along: "view", keep: "", rest: "rides", bone: "", auto: "changed", touching: true, hand: false, gaze: false, snap: false, stretch: false, bare: false };

function keptOptions() {
  try { return { ...FIRST, ...JSON.parse(window.localStorage?.getItem(KEPT) ?? "{}") }; } catch { return { ...FIRST }; }
}

export function createBlock(state, setup, actions) {
  const address = `/shots/${setup.shot}`;
  const overlay = createOverlay();
  // A spot is a performer and a frame. Moves that were let go of wait here, in order, until they are saved; the spot that
  // is tried now is one where a hand, or a slider, is at work.
  let unsaved = [], trying = null;
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
      // while edits wait, what was done stands as it was left; the last of them brings what is
      if (mine !== latest || state.get("saving")) return;
      document.getElementById("bench").dataset.block = seen;
      const names = new Set(block.grips.map((grip) => grip.name));
      state.set({ block, grips: state.get("grips").filter((name) => names.has(name)) });
    } catch (error) { actions.say(error.message); }
  }

  // --- selecting ------------------------------------------------------------------------------------
  function take(names, { add = false } = {}) {
    const had = state.get("grips");
    const next = add ? (names.every((n) => had.includes(n)) ? had.filter((n) => !names.includes(n)) : [...new Set([...had, ...names])]) : names;
    state.set({ grips: next, lastTaken: "grips" });
  }

  // All grips of the limb, or of the part, that a grip is on
  function takeLimb(name) {
    const { grips } = state.get("block"), part = grips.find((grip) => grip.name === name)?.part;
    take(grips.filter((grip) => grip.part === part && !grip.small).map((grip) => grip.name));
  }

  // Deselects all; says whether anything was
  function letGo() {
    if (!inBlock() || !(state.get("grips").length || state.get("keysTaken").length || state.get("curveKeys").length)) return false;
    state.set({ grips: [], keysTaken: [], curveKeys: [] });
    return true;
  }

  // The next grip along the body, or the one before
  function walk(by) {
    const { grips } = state.get("block") ?? { grips: [] };
    if (!grips.length) return;
    const at = grips.findIndex((grip) => grip.name === state.get("grips").at(-1));
    take([grips[(at + by + grips.length) % grips.length].name]);
  }

  // To the next pose that is keyed, of what is selected or of the whole body, or the one before
  function stepPose(by) {
    if (!state.get("block")) return;
    const rows = rowsOf(state.get("block"), []), parts = partsInScope(state.get("keysTaken"), state.get("block"), state.get("grips"));
    const poses = rows[0].keys.filter(([, share]) => share >= WHOLE), own = rows.filter((row) => row.part && parts.includes(row.part)).flatMap((row) => row.keys);
    const frames = [...new Set((own.length ? own : poses.length > 1 ? poses : rows[0].keys).map(([frame]) => frame))].sort((a, b) => a - b);
    const at = state.get("frame"), to = by > 0 ? frames.find((f) => f > at) : frames.filter((f) => f < at).at(-1);
    if (to !== undefined) actions.go(to, to, to);
  }

  // Selected parts, by their grips
  const partsTaken = () => state.get("grips");

  // --- trying -----------------------------------------------------------------------------------------
  const here = () => ({ performer: who(), frame: state.get("frame") });
  const sameSpot = (a, b) => a.performer === b.performer && a.frame === b.frame;
  const unsavedAt = (spot) => unsaved.filter((kept) => sameSpot(kept, spot)).flatMap((kept) => kept.moves);
  const layerOf = () => { const block = state.get("block"); return !block || block.layer_is_new ? "" : block.layer; };
  const which = () => (state.get("options").auto === "whole" ? "whole" : "changed");

  function show(answer) {
    overlay.put(answer.spot.performer, answer.spot.frame - setup.first, answer);
    state.set({ tried: sameSpot(answer.spot, here()) ? answer : null });
  }

  // Only the latest try is under way; an older answer that comes after it is dropped. What is not saved yet comes first.
  const tries = latestOnly(async ({ spot, moves }) => {
    const body = { revision: state.get("revision"), ...spot, moves: [...unsavedAt(spot), ...moves], layer: layerOf(), which: which(), part: state.get("grips").at(-1) ?? "" };
    return { ...await postJson(`${address}/try`, body), spot };
  }, (answer) => { if (inBlock()) show(answer); }, (error) => { if (error.name !== "AbortError") actions.say(error.message); });

  const pending = () => state.get("pending");

  function tryMoves(more, spot = here(), held = false) {
    trying = { ...spot, held };
    return tries.ask({ spot, moves: [...pending(), ...more] });
  }

  // What is tried goes back; what was let go of and is not saved yet stays
  function putBack() {
    if (!trying && !pending().length) return false;
    const spot = trying ?? here();
    tries.drop();
    trying = null;
    overlay.take(spot.performer, spot.frame - setup.first);
    state.set({ tried: null, pending: [] });
    if (unsavedAt(spot).length) tries.ask({ spot, moves: [] });
    return true;
  }

  // Keeps moves: at once, or, where keys are set by hand, until they are asked for
  function finish(more, spot = here()) {
    if (state.get("options").auto === "off") {
      const asked = tryMoves(more, spot);
      state.set({ pending: [...pending(), ...more] });
      return asked;
    }
    return keep([...pending(), ...more], spot);
  }

  async function keep(moves = pending(), spot = here()) {
    if (!moves.length) return setKeys(partsTaken());
    trying = null;
    tries.ask({ spot, moves });
    const kept = { ...spot, moves, saved: false };
    unsaved.push(kept);
    state.set({ pending: [] });
    const made = await commit({ kind: "pose", ...spot, moves, layer: layerOf(), which: which() }, () => { kept.saved = true; });
    unsaved = unsaved.filter((other) => other !== kept);
    if (!trying && !unsavedAt(here()).length) { tries.drop(); state.set({ tried: null }); }
    return made;
  }

  // An edit that is sent again for as long as the server can't be reached; the pose stays on the screen
  function commit(edit, saved = () => {}) {
    state.set({ curvesWere: [] });
    return actions.change(async (revision) => {
      for (let lost = false; ;) {
        try {
          const standing = await actions.postEdit(revision, edit);
          state.set({ notSaved: "" });
          saved();
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
    return commit({ kind: "set_keys", ...here(), parts, layer: layerOf() });
  }

  // Holds a part where it is, from this frame on for a while
  const pinHere = (name) => commit({ kind: "add_pin", performer: who(), parts: [name], start: state.get("frame"), end: Math.min(state.get("frame") + HELD, setup.last), frame: state.get("frame") });

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
  state.on(["saving"], ({ saving }) => { if (!saving) load(); });
  state.on(["frame"], () => {
    // a drag is ended by its own tool, which keeps it
    if (trying?.held) return;
    const lost = pending().length;
    if (putBack() && lost) actions.note("The pose that was not keyed was put back.");
    else state.set({ tried: null });
  });
  state.on(["step"], () => { if (!inBlock()) putBack(); });
  state.on(["revision"], () => { unsaved = unsaved.filter((kept) => !kept.saved); });
  // Poses that are not saved yet stand over the motion that comes; those that are saved are in it
  state.on(["motion"], () => {
    const older = state.get("seen") !== state.get("revision");
    const stays = (performer, index) => {
      const spot = { performer, frame: setup.first + index };
      return older || unsavedAt(spot).length > 0 || Boolean(trying && sameSpot(trying, spot)) || (pending().length > 0 && sameSpot(spot, here()));
    };
    if (state.get("motion")) overlay.on(who(), state.get("motion"), state.get("data").com, stays);
  });

  return { take, takeLimb, stepPose, letGo, walk, partsTaken, tryMoves, finish, keep, commit, putBack, pinHere, here, setKeys, copy, paste, setOptions, load, who, inBlock };
}
