// What a hand can ask of the bench: edits, one after the other, and what is looked at.
import { postForm, postJson } from "./api.js";
import { nameInPlace } from "./naming.js";
import { isPerformer, itemsOf } from "./scene.js";

// shown : what is shown of the shot; parts : stage, timeview, panel and the hands, put in as they are made
export function createActions(root, state, setup, { say, shown, parts }) {
  let queue = Promise.resolve(), waiting = 0, refused = null, idle = null, newest = null;

  // One after the other: each names the revision the one before it made; what is shown comes when the last is saved.
  // Resolves, once that is shown, to whether it was made.
  function change(send) {
    say("");
    waiting += 1;
    const asking = parts.panel?.asking() ?? null;
    state.set({ saving: true, playing: false });
    const sent = queue.then(async () => {
      try {
        const standing = await send(state.get("revision"));
        shown.forgetWeight();
        state.set({ standing, trying: null, trial: null, side: "now", revision: standing.revision });
        return true;
      } catch (error) {
        say(error.message);
        state.set({ trial: null });
        refused = { by: asking };
        return false;
      }
    });
    queue = sent;
    return sent.then(settled);
  }

  async function settled(made) {
    waiting -= 1;
    idle ??= Promise.withResolvers();
    const shownNow = idle.promise;
    if (!waiting) {
      const mine = newest = idle;
      idle = null;
      if (refused) await parts.panel.refused(refused.by);
      refused = null;
      await shown.load();
      // one that came meanwhile shows what both brought
      if (mine !== newest) await newest.promise;
      else if (!waiting) state.set({ saving: false });
      mine.resolve();
    }
    await shownNow;
    return made;
  }

  const post = (path, body) => change((revision) => postJson(`/shots/${setup.shot}/${path}`, { revision, ...body }));

  // With the last that waits comes what is shown then
  async function postEdit(revision, edit) {
    const who = waiting > 1 ? "" : state.get("who"), had = shown.readingOf(revision, who);
    const { scene, reading, physics, blocks, ...standing } = await postJson(`/shots/${setup.shot}/edits`, { revision, edit, shows: who, has: had?.mark ?? "" });
    shown.came(standing.revision, who, { scene, reading, physics, blocks }, had);
    return standing;
  }

  // An edit worked out from the shot as it stands once all before it is saved; saved() is told when it is
  const editOn = (make, saved) => change(async (revision) => {
    if (state.get("seen") !== revision) await shown.load();
    const edit = make();
    if (!edit) throw new Error("What was moved is no longer in the shot.");
    const standing = await postEdit(revision, edit);
    saved();
    return standing;
  });

  // Picks the newest item an edit added; `stay` leaves the step that is open
  async function pickAdded(made, { stay = false } = {}) {
    const before = new Set(itemsOf(setup).map((item) => item.id));
    if (!(await made)) return false;
    const added = itemsOf(setup).find((item) => !before.has(item.id));
    if (added && stay) state.set({ pick: added.id, line: null });
    else if (added) actions.pick(added.id);
    return Boolean(added);
  }

  // Undo and redo wait their turn too: what they undo may be on its way still
  function step(way) {
    const can = () => Boolean(state.get("standing")[`${way}_says`]);
    if (!waiting && !can()) return;
    change(async (revision) => (can() ? postJson(`/shots/${setup.shot}/${way}`, { revision }) : state.get("standing")));
  }

  async function sent(path, files, performer) {
    let says = "";
    const done = await change(async (revision) => {
      const standing = await postForm(`/shots/${setup.shot}/${path}`, files, { revision, performer });
      says = standing.says;
      return standing;
    });
    if (done && says) say(says, "stays");
  }

  const actions = {
    say,
    note: (message) => say(message, true),
    change,
    editOn,
    // The whole shot stepped, straight or eased, only to be looked at; "" for as it is keyed
    look(variant) {
      state.set({ trial: variant || null, trying: null });
      shown.load();
    },
    reach: (by_m) => parts.stage.nudgeBy(by_m),
    turn: (swing_rad) => parts.stage.turnBy(swing_rad),
    postEdit,
    edit: (edit) => change((revision) => postEdit(revision, edit)),
    add: (edit, how) => pickAdded(actions.edit(edit), how),
    // what it brings, and what was assumed of it
    async upload(path, files, fields) {
      let says = "";
      await pickAdded(change(async (revision) => {
        const standing = await postForm(`/shots/${setup.shot}/${path}`, files, { revision, performer: state.get("who"), ...fields });
        says = standing.says ?? "";
        return standing;
      }));
      if (says) say(says, "stays");
    },
    stands: () => parts.stage.stands(),
    view: (name) => parts.transport.setView(name),
    // a new take, or a skin, and what came of it
    newTake: (files) => sent("take", files, state.get("who")),
    wearSkin: (files, who) => sent("skin", files, who),
    undo: () => step("undo"),
    redo: () => step("redo"),
    // what is picked on the scene sheet; a performer that is picked is read too
    pick(id) {
      const stays = state.get("step") === "strike" && setup.props.some((p) => p.id === id);
      state.set({ pick: id, line: null, ...(stays ? {} : { step: "set" }) });
      if (isPerformer(setup, id)) actions.read(id);
    },
    read(who) {
      if (who === state.get("who")) return;
      state.set({ who, trying: null, trial: null });
      shown.load();
    },
    go(frame, start, end) {
      state.set({ frame, playing: false });
      parts.timeview.reveal(start);
      parts.timeview.reveal(end);
      parts.timeview.reveal(frame);
    },
    chooseFlight(flight) {
      actions.go(flight.apex, flight.start, flight.end);
      if (state.get("step") !== "true") state.set({ step: "true" });
    },
    // tried : { variant, correction, label, options }, as a button of the panel has them; layer : of one that is made
    // anew; work : what it was worked out by
    tryCorrection(tried) {
      say("");
      const goes = tried.variant !== state.get("trying")?.variant && tried.correction !== state.get("trying")?.correction;
      state.set({ trying: tried, side: "now" });
      if (goes && Number.isInteger(tried.options.frame)) actions.go(tried.options.frame, tried.options.frame, tried.options.frame);
      shown.load();
    },
    take() {
      const trying = state.get("trying");
      if (!trying) return;
      if (trying.work) post(`work/${trying.work}/take`, {});
      else if (trying.layer) actions.edit({ kind: "true_again", layer_id: trying.layer, options: trying.options, performer: state.get("who") });
      else actions.edit({ kind: "true", correction: trying.correction, options: trying.options, performer: state.get("who") });
    },
    putBack() {
      if (parts.stage.cancel() || parts.keyHands.cancel() || parts.curves.cancel() || parts.block.putBack() || parts.block.letGo()) return;
      if (state.get("drawing")) state.set({ drawing: null });
      else if (state.get("sketch")) state.set({ sketch: null });
      else if (state.get("line")) state.set({ line: null });
      else if (state.get("trying")) { state.set({ trying: null }); shown.load(); }
    },
    setSide(side) { if (state.get("data")?.corrections) { state.set({ side, trying: null }); shown.load(); } },
    tryWeight: shown.tryWeight,
    // a pier of the trestle, to be changed in the panel's fields
    choosePier(pier) {
      state.set({ pier, step: "read" });
      actions.go(state.get("frame"), pier.start, pier.end);
    },
    movePier(pier, start, end) {
      actions.edit({ kind: "move_contact", performer: state.get("who"), part: pier.part, surface: pier.surface, start: pier.start, end: pier.end, to_start: start, to_end: end });
    },
    liftPier: ({ part, start, end }) => actions.edit({ kind: "lift_contact", performer: state.get("who"), part, start, end }),
    refreshPanel: () => parts.panel.refresh(),
    markSide() {
      const none = state.get("data")?.corrections === 0;
      for (const button of root.querySelectorAll("[data-side]")) {
        button.setAttribute("aria-pressed", String(button.dataset.side === state.get("side")));
        // with nothing corrected there is nothing to compare
        button.disabled = none;
        if (none) button.title = "No correction has been taken yet";
        else button.title = button.dataset.side === "before" ? "Without any correction (B)" : "With all corrections (B)";
      }
    },
    rename() {
      nameInPlace(document.getElementById("shot-name"), { name: setup.name, keep: (name) => actions.edit({ kind: "rename_shot", name }) });
    },
  };

  return actions;
}
