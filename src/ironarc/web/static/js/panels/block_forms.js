// What the Block panel's buttons and forms do, by name.
import { getJson, keptAddress, postJson } from "../api.js";
import { element } from "./block_lists.js";

// What becomes of layers with a value on every frame (a height that was handed on, a correction) when room is made or
// pulled in within them; "" for nothing
export function roomSays(layers, after, by) {
  const across = layers.filter((l) => !l.base && l.dense && !l.muted && l.span && l.span[0] <= after && after < l.span[1]);
  if (!across.length) return "";
  const names = across.map((l) => l.name).join(", "), one = across.length === 1;
  const again = across.every((l) => l.role === "correction") ? "Make it anew in True." : "Set it anew over the new frames.";
  return by > 0 ? `${names} ${one ? "is" : "are"} stretched over the ${by} f of room, so the body stalls there. ${again}` : `${names} lost ${-by} f there, so the body jumps. ${again}`;
}

// fields : readers of typed numbers; look : what the panel knows of the moment (span, showSets)
export function createBlockForms(panel, state, setup, { actions, block, keys, curves, shelf, fields, look }) {
  const { number, whole, all } = fields, { span, showSets } = look;
  const who = () => block.who(), frame = () => state.get("frame"), layer = () => keys.layerOf();
  const one = (css) => panel.querySelector(css);
  const edit = (kind, more) => block.commit({ kind, performer: who(), ...more });

  const DO = {
    "let-go": () => block.letGo(),
    "key-it": () => block.keep(), "put-back": () => block.putBack(), "set-keys": () => block.setKeys(state.get("grips")), "set-pose": () => block.setKeys([]),
    ghost: () => { const had = state.get("ghostFrames"); state.set({ ghostFrames: had.includes(frame()) ? had.filter((f) => f !== frame()) : [...had, frame()].slice(-4) }); },
    copy: () => block.copy(), "copy-keys": () => keys.copyTo(frame()), "delete-keys": () => keys.remove(), "pin-touching": () => edit("pin_touching", { frame: frame() }),
    "all-curves": () => curves.selectAll(),
    reverse: () => { const found = curveKeys(), frames = found?.flatMap(([, , at]) => at); if (found) edit("reverse_curve", { curves: found.map(([joint, channel]) => [joint, channel]), start: Math.min(...frames), end: Math.max(...frames), layer: layer() }); },
    "about-floor": () => { const form = one('[data-form="scale-curve"]'); form.elements.about.value = (setup.floor * 100).toFixed(1); state.set({ curveLine: setup.floor * 100 }); },
  };

  const field = (form, name) => form.elements[name];
  const FORMS = {
    typed(form) {
      const by = ["x", "y", "z"].map((name) => (form.elements[name].value.trim() ? number(form.elements[name], name) : 0));
      if (!all(...by)) return;
      if (!state.get("grips").length) { actions.say("No part selected. Click a grip on the figure first."); return; }
      if (state.get("options").tool === "turn") block.finish(actions.turn(by.map((v) => (v * Math.PI) / 180)));
      else block.finish([actions.reach(by.map((v) => v / 100))]);
    },
    reset: (form) => block.finish([{ do: "reset", to: field(form, "to").value, parts: state.get("grips") }]),
    paste(form) { const share = number(field(form, "share"), "The share"); if (all(share)) block.paste({ share: share / 100, mirrored: field(form, "mirrored").checked, place: field(form, "place").checked }); },
    between(form) { const move = betweenOf(form); if (move) block.finish([move]); },
    favour(form) { const share = number(field(form, "share"), "The middle"), now = span(); if (all(share) && now) edit("favour_span", { start: now[0], end: now[1], share: share / 100, parts: keys.partsOf(), layer: layer() }); },
    stretch(form) { const factor = number(field(form, "factor"), "The stretch"), about = whole(field(form, "about")); if (all(factor, about)) keys.edit("stretch_keys", { about, factor: factor / 100 }); },
    async room(form) {
      const by = whole(field(form, "by")), after = frame(), stalls = roomSays(state.get("block").layers, after, by);
      if (all(by) && await edit("make_room", { after, by, everyone: field(form, "everyone").checked }) && stalls) actions.note(stalls);
    },
    hold(form) { const to = whole(field(form, "to")), drift = number(field(form, "drift"), "The drift"); if (all(to, drift)) edit("hold_pose", { frame: frame(), to, parts: keys.partsOf(), layer: layer(), drift: drift / 100 }); },
    steps(form) { const [start, end] = ["start", "end"].map((n) => whole(field(form, n))); if (all(start, end)) edit("on_steps", { start, end, step: Number(field(form, "step").value), parts: keys.partsOf(), layer: layer() }); },
    chain(form, submitter) {
      const by = field(form, "by").value.split(",").map((v) => Number.parseInt(v, 10));
      if (!by.every(Number.isInteger)) { actions.say("Frames are whole numbers, with commas between."); return; }
      if (submitter?.name === "delay") edit("delay_part", { parts: chainParts(), by: by[0], layer: layer() });
      else edit("offset_chain", { parts: chainParts(), by, layer: layer() });
    },
    trail(form) {
      const [length, stiffness_hz, damping, gravity] = [["long", "The length"], ["stiffness", "The stiffness"], ["damping", "The damping"], ["gravity", "The gravity"]].map(([n, words]) => number(field(form, n), words));
      if (all(length, stiffness_hz, damping, gravity)) edit("trail_part", { parts: chainParts(), length, stiffness_hz, damping, gravity });
    },
    height(form) {
      const [start, end] = ["start", "end"].map((n) => whole(field(form, n))), typed = field(form, "scale").value.trim();
      const scale = typed ? number(field(form, "scale"), "The scale") / 100 : null;
      if (all(start, end) && (scale === null || all(scale))) edit("take_height", { source: field(form, "source").value, start, end, of: field(form, "of").value, scale });
    },
    "scale-curve"(form) { const factor = number(field(form, "factor"), "The scale"), about = number(field(form, "about"), "The line"); const found = all(factor, about) && curveKeys(); if (found) edit("scale_curve", { keys: found, factor: factor / 100, about, layer: layer() }); },
    "shift-curve"(form) { const by = number(field(form, "by"), "The shift"); const found = all(by) && curveKeys(); if (found) edit("shift_curve", { keys: found, by, layer: layer() }); },
    async smooth(form) {
      const [start, end] = ["start", "end"].map((n) => whole(field(form, n))), strength = number(field(form, "strength"), "The bumps");
      if (!all(start, end, strength)) return;
      const were = state.get("curves");
      if (await edit("smooth_curve", { parts: state.get("grips"), start, end, strength, layer: shownLayer() })) state.set({ curvesWere: were });
    },
    thin(form) { const within_mm = number(field(form, "within"), "What is kept"); if (all(within_mm)) edit("thin", { within_mm, parts: state.get("grips"), layer: shownLayer() }); },
    async pin(form) {
      const [start, end, ease_in, ease_out] = ["start", "end", "ease_in", "ease_out"].map((n) => whole(field(form, n))), weight = number(field(form, "weight"), "The weight") / 100;
      if (!all(start, end, ease_in, ease_out, weight)) return;
      const typed = ["x", "y", "z"].map((n) => field(form, n).value.trim()), at_cm = typed.every(Boolean) ? typed.map(Number) : null;
      const [place, direction, pulls] = ["place", "direction", "pulls"].map((n) => field(form, n).checked), to = field(form, "to").value;
      const joint = to && !field(form, "joint").classList.contains("hidden") ? field(form, "joint").value : "";
      await edit("add_pin", { parts: state.get("grips"), start, end, frame: frame(), to, joint, at_cm, ease_in, ease_out, weight, place, direction, pulls });
    },
    roll(form) {
      const pin = one('[data-form="pin"]').elements, sides = [...new Set(state.get("grips").map((name) => name.match(/^(left|right) (foot|heel|ball|toe)$/)?.[1]).filter(Boolean))];
      const [start, end, to_ball, to_toe] = [whole(pin.start), whole(pin.end), whole(field(form, "ball")), whole(field(form, "toe"))];
      if (all(start, end, to_ball, to_toe)) edit("roll_foot", { sides, start, to_ball, to_toe, end });
    },
    carry(form) {
      const pin = one('[data-form="pin"]').elements, [start, end] = [whole(pin.start), whole(pin.end)], part = state.get("grips").at(-1);
      if (!part) actions.say("No part selected. Click the hand that is to carry it first.");
      else if (all(start, end)) edit("carry_prop", { item: field(form, "prop").value, part, start, end, frame: frame() });
    },
    feet(form) { const [start, end] = ["start", "end"].map((n) => whole(field(form, n))); if (all(start, end)) edit("feet_to_floor", { start, end, how: field(form, "how").value }); },
    async "new-layer"(form) { if (await edit("add_hand_layer", { name: field(form, "name").value, parts: field(form, "only").checked ? state.get("grips") : [] })) { field(form, "name").value = ""; state.set({ keyLayer: state.get("block").layers[0].id }); } },
    shelve: (form) => shelf.keep(field(form, "name").value),
    async "keep-set"(form) {
      try { await postJson("/sets", { name: field(form, "name").value, parts: state.get("grips") }); field(form, "name").value = ""; showSets(); } catch (error) { actions.say(error.message); }
    },
  };

  // Keys of curves that are selected; null, with words, where none is
  function curveKeys() {
    const found = curves.keys();
    if (!found.length) actions.say("No curve key selected. Click one on the curves, or press All shown.");
    return found.length ? found : null;
  }

  // A part is selected by any of its grips; a chain is the part as a whole
  const chainParts = () => keys.partsOf();
  // Smoothing and thinning work on motion with a value on every frame too, which nothing else can key
  const shownLayer = () => (state.get("block").layer_is_new ? "" : state.get("block").layer);

  function betweenOf(form) {
    const a = whole(field(form, "a")), b = whole(field(form, "b")), share = number(field(form, "share"), "What it favours") / 100;
    return all(a, b, share) ? { do: "between", a, b, share, parts: state.get("grips") } : null;
  }

  const LAYER_DO = {
    mute: (id, l) => edit("mute_layer", { layer_id: id, muted: !l.muted }), only: (id) => edit("only_layer", { layer_id: id }), up: (id) => edit("move_layer", { layer_id: id, way: "up" }), down: (id) => edit("move_layer", { layer_id: id, way: "down" }),
    split: (id) => edit("split_layer", { layer_id: id, parts: state.get("grips") }), merge: (id) => edit("merge_layer", { layer_id: id }), delete: (id) => edit("delete_layer", { layer_id: id }),
    copy: (id) => copyLayer(id),
    "key-weight": (id, l, row) => edit("key_layer_weight", { layer_id: id, frame: frame(), weight: l.weight_keys.some(([f]) => f === frame()) ? null : Number(row.querySelector("[data-weight]").value) / 100 }),
  };

  async function copyLayer(id) {
    try {
      const others = (await getJson("/shots.json")).filter((s) => s.id !== setup.shot), row = one(`[data-layer="${id}"]`);
      const choose = element("select", "field mt-1 h-[28px] w-full text-xs");
      choose.append(new Option("to which shot?", ""), ...others.map((s) => new Option(s.name, s.id)));
      choose.setAttribute("aria-label", "Shot the layer is copied to");
      choose.addEventListener("change", async () => {
        try {
          const { says } = await postJson(`/shots/${setup.shot}/copy-layer`, { revision: state.get("revision"), performer: who(), layer: id, to_shot: Number(choose.value) });
          actions.note(says);
        } catch (error) { actions.say(error.message); }
        choose.remove();
      });
      row.append(choose);
      choose.focus();
    } catch (error) { actions.say(error.message); }
  }

  const PIN_DO = {
    take: (pin) => block.take([pin.part]), mute: (pin) => edit("set_pin", { pin: pin.id, muted: !pin.muted }), remove: (pin) => edit("remove_pin", { pin: pin.id }),
    change(pin) {
      const form = one('[data-form="pin"]').elements, w = number(form.weight, "The weight") / 100, [start, end, ease_in, ease_out] = ["start", "end", "ease_in", "ease_out"].map((n) => whole(form[n]));
      if (all(w, start, end, ease_in, ease_out)) edit("set_pin", { pin: pin.id, start, end, ease_in, ease_out, weight: w, place: form.place.checked, direction: form.direction.checked, pulls: form.pulls.checked });
    },
  };

  async function preview(form) {
    const query = Object.fromEntries(["source", "start", "end", "of", "scale"].map((n) => [n, form.elements[n].value]));
    try {
      const found = await getJson(keptAddress(setup, state.get("seen"), "handed.json", { who: who(), ...query }));
      one("#handed").textContent = `Scaled to ${(found.scale * 100).toFixed(0)} %: ${found.rise_cm.toFixed(0)} cm up, which hangs ${found.hang_frames.toFixed(1)} f; the span has ${found.span_frames}.`;
    } catch (error) { one("#handed").textContent = error.message; }
  }

  return { DO, FORMS, LAYER_DO, PIN_DO, betweenOf, preview };
}
