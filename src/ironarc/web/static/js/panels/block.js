// The Block panel: what is taken and what can be done with it, by pages. The pages are drawn by the server; what
// changes with every pose (what is taken, pins, layers, curves, the shelf) is filled in here.
import { getJson } from "../api.js";
import { createEaseChart } from "../block/easechart.js";
import { framesOf, keysByPart, listed, scopeWords } from "../block/selection.js";
import { easeOf, spanAround } from "../block/shares.js";
import { curveName, curveWords } from "../trestle/curves.js";
import { performerOf } from "../scene.js";
import { kindAt, rowsOf, WHOLE } from "../trestle/keyrows.js";
import { createBlockForms } from "./block_forms.js";
import { carriedRow, element, layerRow, pinRow, showHolderParts } from "./block_lists.js";
import { createFields } from "./fields.js";
import { used } from "./memory.js";
import { createShelf } from "./shelf.js";

const HINTS = {
  reach: "Drag a grip; Alt and arrows nudge by 1 cm, with Shift by 1 mm. Tab walks along the body.",
  turn: "Drag a grip to swing its bone, its collar to twist it.",
};

export function createBlockPanel(panel, state, setup, { actions, block, keys, curves }) {
  const fields = createFields(actions.say);
  const chart = createEaseChart(panel, { commit: ease });
  const shelf = createShelf(panel, state, setup, { actions, block, keys });
  const who = () => block.who(), frame = () => state.get("frame");
  const there = () => state.get("step") === "block" && panel.querySelector(".block-head");
  const layer = () => keys.layerOf();
  const one = (css) => panel.querySelector(css);
  const edit = (kind, more) => block.commit({ kind, performer: who(), ...more });

  // --- what is taken, and what is chosen ------------------------------------------------------------
  function showTaken() {
    const taken = state.get("grips"), says = one("#taken");
    says.replaceChildren();
    if (!taken.length) says.append(element("span", "text-quiet", "No part selected: tools act on the whole pose."));
    for (const name of taken) {
      const chip = element("button", "chip mr-1 mb-1", `${name} ×`);
      chip.title = `Deselect ${name}`;
      chip.dataset.drop = name;
      says.append(chip);
    }
    const hover = state.get("gripHover");
    one("#block-hint").textContent = hover && !taken.includes(hover) ? `${hover}: click to select it, Shift to add it` : HINTS[state.get("options").tool];
    const side = taken.some((name) => /foot|heel|ball|toe/.test(name));
    one('[data-form="roll"]').classList.toggle("opacity-50", !side);
  }

  function showAnswer() {
    const tried = state.get("tried"), box = one("#block-answer");
    box.classList.toggle("hidden", !tried);
    one("#block-hint").classList.toggle("hidden", Boolean(tried));
    if (tried) {
      const up = ((tried.com[1] - setup.floor) * 100).toFixed(0), parts = [`CoG ${up} cm up`];
      if (tried.margin_cm !== null) parts.push(tried.margin_cm >= 0 ? `would stand, ${tried.margin_cm.toFixed(0)} cm inside` : `would tip, ${(-tried.margin_cm).toFixed(0)} cm outside`);
      else parts.push(tried.holds_on ? "holds on by its hands" : "nothing bears it");
      if (tried.off_arc_cm !== null) parts.push(`${tried.off_arc_cm.toFixed(1)} cm off the arc`);
      for (const { part, cm } of tried.missed) parts.push(`${part} falls ${cm.toFixed(1)} cm short`);
      box.textContent = [...parts, ...tried.says].join(" · ");
    }
    const pending = state.get("pending").length > 0;
    one("#pending").classList.toggle("hidden", !pending);
    one("#pending").classList.toggle("flex", pending);
    const lost = one("#not-saved");
    lost.classList.toggle("hidden", !state.get("notSaved"));
    lost.textContent = state.get("notSaved");
  }

  function showOptions() {
    const options = state.get("options"), beat = beatHere();
    for (const group of panel.querySelectorAll("[data-choice]")) {
      const { choice } = group.dataset, now = { beat, look: state.get("trial") ?? "", kind: null }[choice] ?? options[choice];
      for (const button of group.children) button.setAttribute("aria-pressed", String(button.dataset.value === now));
    }
    for (const box of panel.querySelectorAll("[data-option]")) box.checked = options[box.dataset.option];
    for (const part of panel.querySelectorAll("[data-for-tool]")) part.classList.toggle("hidden", part.dataset.forTool !== options.tool);
    const unit = options.tool === "turn" ? "°" : "cm";
    for (const sign of panel.querySelectorAll('[data-form="typed"] i')) sign.textContent = unit;
    showTab();
    showTaken();
  }

  // What each tool acts on, beside it
  function showScope() {
    const [selected, grips, data] = ["keysTaken", "grips", "block"].map(state.get), curved = state.get("curveKeys").length;
    const says = {
      span: scopeWords(selected, data, grips),
      parts: listed(grips) || "the whole pose",
      curves: curved ? `${curved} curve ${curved === 1 ? "key" : "keys"}` : "nothing selected",
    };
    for (const place of panel.querySelectorAll("[data-scope]")) place.textContent = says[place.dataset.scope];
    for (const button of panel.querySelectorAll("[data-needs=keys]")) button.disabled = !selected.length;
    one("#let-go").classList.toggle("hidden", !(selected.length || grips.length || curved));
  }

  function showTab() {
    for (const tab of panel.querySelectorAll("[data-tab]")) tab.setAttribute("aria-pressed", String(tab.dataset.tab === state.get("tab")));
    for (const page of panel.querySelectorAll("[data-page]")) page.classList.toggle("hidden", page.dataset.page !== state.get("tab"));
  }

  const poseRow = () => rowsOf(state.get("block"), [])[0];
  function beatHere() {
    const data = state.get("block");
    if (!data) return null;
    const key = poseRow().keys.find(([f]) => f === frame());
    return data.beats.find((b) => b.frame === frame())?.kind ?? (key ? kindAt(data, frame(), key[1]) : null);
  }

  const keyedFrames = () => {
    const selected = state.get("keysTaken"), frames = framesOf(selected);
    if (frames.length === 2) return frames;
    const parts = keys.partsOf(), rows = rowsOf(state.get("block"), state.get("openParts")), own = rows.filter((row) => row.part && parts.includes(row.part));
    if (own.length) return own[0].keys.map(([f]) => f);
    // poses of the whole body, as far as there are any: what is keyed between them belongs to the way
    const poses = rows[0].keys.filter(([, share]) => share >= WHOLE);
    return (poses.length > 1 ? poses : rows[0].keys).map(([f]) => f);
  };
  const span = () => (state.get("block") ? spanAround(keyedFrames(), frame()) : null);

  function showKeys() {
    const selected = state.get("keysTaken"), frames = framesOf(selected), words = listed(Object.keys(keysByPart(selected)).map((p) => p || "the pose"), 4);
    one("#keys-taken").textContent = frames.length ? `${words}: ${frames.slice(0, 8).join(", ")}${frames.length > 8 ? "…" : ""}` : "None. Click a key on the trestle, or drag round some.";
    showScope();
    const now = span();
    one("#ease-span").textContent = now ? `${now[0]} to ${now[1]}: drag a tick, and the spacing follows` : "Two keys with frames between them have an ease.";
    chart.show(now, now && easeOf(state.get("block"), now, keys.partsOf()));
    const others = state.get("block") ? keyedFrames().filter((f) => f !== frame()) : [], around = spanAround(others, frame());
    fill('[data-form="between"]', { a: around?.[0] ?? setup.first, b: around?.[1] ?? setup.last });
    fill('[data-form="stretch"]', { about: frames[0] ?? frame() });
    fill('[data-form="hold"]', { to: Math.min(frame() + 8, setup.last) });
    const { plays } = performerOf(setup, state.get("who")), moves = plays[0] < plays[1];
    const all = moves ? [Math.max(Math.ceil(plays[0]), setup.first), Math.min(Math.floor(plays[1]), setup.last)] : [setup.first, setup.last];
    const [start, end] = frames.length > 1 ? [frames[0], frames.at(-1)] : all;
    for (const name of ["steps", "smooth", "feet"]) fill(`[data-form="${name}"]`, { start, end });
    offerHeight();
    fill('[data-form="pin"]', { start: frame(), end: Math.min(frame() + 12, setup.last) });
    const choice = one('[data-choice="beat"]');
    for (const button of choice.children) button.setAttribute("aria-pressed", String(button.dataset.value === beatHere()));
  }

  // The curve that was picked or drawn last, over the frames it runs on, for the point that it was drawn for
  function offerHeight(source = null) {
    const form = one('[data-form="height"]');
    if (!form) return;
    const { elements } = form;
    if (!source && !("typed" in elements.source.dataset) && [...elements.source.options].some((o) => o.value === state.get("pick"))) elements.source.value = state.get("pick");
    const guide = setup.guides.find((g) => g.id === elements.source.value);
    fill('[data-form="height"]', guide ? { start: guide.first, end: guide.first + guide.path.length - 1 } : { start: setup.first, end: setup.last });
    if (guide && !("typed" in elements.of.dataset)) elements.of.value = guide.of === "com" ? "com" : "root";
  }

  // Fields that nobody has typed into follow the playhead
  function fill(css, values) {
    const form = one(css);
    if (form) for (const [name, value] of Object.entries(values)) if (!("typed" in form.elements[name].dataset)) form.elements[name].value = value;
  }

  function showLayers() {
    const data = state.get("block"), choose = one("#key-layer");
    if (!data) return;
    choose.replaceChildren(...(data.layer_is_new ? [new Option("keys → a new layer", "", true, true)] : []),
      ...data.layers.filter((l) => !l.dense).map((l) => new Option(`keys → ${l.name}`, l.id, false, l.id === data.layer)));
    one("#layer-list").replaceChildren(...data.layers.map((l) => layerRow(l, data.layer, frame())));
  }

  function showPins() {
    const data = state.get("block"), form = one('[data-form="pin"]'), carry = one('[data-form="carry"]');
    if (!data) return;
    const was = form.elements.to.value;
    form.elements.to.replaceChildren(new Option("the world", ""), ...data.holders.map((h) => new Option(h.name, h.id)));
    if ([...form.elements.to.options].some((o) => o.value === was)) form.elements.to.value = was;
    showHolderParts(form, data.holders);
    carry.classList.toggle("hidden", !data.props.length);
    carry.elements.prop.replaceChildren(...data.props.map((prop) => new Option(prop.name, prop.id)));
    one("#carry-list").replaceChildren(...data.carried.map(carriedRow));
    one("#pin-list").replaceChildren(...data.pins.map(pinRow));
  }

  function showCurves() {
    const list = one("#curve-list"), shown = state.get("curvesShown");
    list.replaceChildren(...state.get("curves").map((curve) => {
      const label = element("label", "flex items-center gap-1.5 text-xs"), box = Object.assign(element("input", "accent-steel"), { type: "checkbox", checked: !shown.length || shown.includes(curveName(curve)) });
      box.dataset.curve = curveName(curve);
      label.append(box, `${curveWords(curve)}, ${curve.unit}${curve.keys.length ? "" : " · a value on every frame"}`);
      return label;
    }));
    one("#curves-says").textContent = state.get("curves").length ? "Drag keys and the ends of slopes; Alt breaks a slope in two." : "Select a part that has keys on this layer, and its curves stand under the trestle.";
  }

  async function showSets() {
    try {
      const own = await getJson("/sets.json"), data = state.get("block");
      if (!there() || !data) return;
      const list = one("#set-list"), body = Object.entries(data.sets), byPart = (parts) => data.grips.filter((g) => parts.includes(g.part) || parts.includes(g.name)).map((g) => g.name);
      const sets = [...data.parts.map((part) => [part, [part]]), ...body, ["all", data.parts], ...Object.entries(own)];
      list.replaceChildren(...sets.map(([name, parts]) => { const chip = element("button", "chip", name); chip.dataset.set = JSON.stringify(byPart(parts)); chip.title = `Select ${name}`; return chip; }));
    } catch (error) { actions.say(error.message); }
  }

  function ease([start, end], [leaves, arrives]) {
    return edit("ease_span", { start, end, leaves, arrives, parts: keys.partsOf(), layer: layer() });
  }

  const { DO, FORMS, LAYER_DO, PIN_DO, betweenOf, preview } = createBlockForms(panel, state, setup, { actions, block, keys, curves, shelf, fields, look: { span, showSets } });

  panel.addEventListener("click", (event) => {
    if (!there()) return;
    const button = event.target.closest("button");
    if (!button || button.disabled) return;
    const { block: what, tab, value, drop, mirror, ease: shape, nudge, slopes, set, layerDo, pinDo } = button.dataset;
    const group = button.closest("[data-choice]")?.dataset.choice;
    if (what) DO[what]();
    if (tab) state.set({ tab });
    if (group) choose(group, value);
    if (drop) block.take(state.get("grips").filter((name) => name !== drop));
    if (mirror) block.finish([{ do: "mirror", how: mirror }]);
    if (shape) { const now = span(); if (now) ease(now, state.get("block").eases[shape]); else actions.say("Put the playhead between two keys first."); }
    if (nudge) keys.nudge(Number(nudge));
    if (slopes) { const found = curves.keys(); if (found.length) edit("set_slopes", { keys: found, how: slopes, layer: layer() }); else actions.say("No curve key selected. Click one on the curves, or press All shown."); }
    if (set) block.take(JSON.parse(set));
    if (layerDo) { const row = button.closest("[data-layer]"), id = row.dataset.layer; LAYER_DO[layerDo](id, state.get("block").layers.find((l) => l.id === id), row); }
    if (button.dataset.putDown) { const [item, hold] = button.dataset.putDown.split("|"); block.commit({ kind: "put_down", item, hold }); }
    if (pinDo) PIN_DO[pinDo](state.get("block").pins.find((p) => p.id === button.closest("[data-pin]").dataset.pin));
  });

  function choose(group, value) {
    if (group === "beat") edit("mark_beat", { frame: frame(), beat: beatHere() === value && state.get("block").beats.some((b) => b.frame === frame()) ? "" : value });
    else if (group === "look") actions.look(value);
    else if (group === "kind") { const now = span(); if (now) edit("set_span_kind", { start: now[0], end: now[1], how: value, parts: keys.partsOf(), layer: layer() }); } else block.setOptions({ [group]: value });
  }

  panel.addEventListener("submit", (event) => {
    const form = event.target.dataset.form;
    if (!there() || !form || !FORMS[form]) return;
    event.preventDefault();
    FORMS[form](event.target, event.submitter);
    used(event.target);
  });

  panel.addEventListener("change", (event) => {
    if (!there()) return;
    const { target } = event;
    if (target.dataset.option) block.setOptions({ [target.dataset.option]: target.checked });
    if (target.id === "key-layer") state.set({ keyLayer: target.value });
    if ("layerName" in target.dataset) edit("rename_layer", { layer_id: target.closest("[data-layer]").dataset.layer, name: target.value });
    if (target.name === "to" && target.form?.dataset.form === "pin") showHolderParts(target.form, state.get("block").holders);
    if (target.dataset.curve) state.set({ curvesShown: [...panel.querySelectorAll("[data-curve]")].filter((box) => box.checked).map((box) => box.dataset.curve) });
    if (target.form?.dataset.form === "height") {
      if (target.name === "source") offerHeight(target.value);
      preview(target.form);
    }
    if (target.name === "about" && target.form?.dataset.form === "scale-curve") state.set({ curveLine: Number.parseFloat(target.value) || 0 });
  });

  // The breakdown is seen while its slider is drawn
  panel.addEventListener("input", (event) => {
    const { target } = event, form = target.form;
    if (!there() || form?.dataset.form !== "between" || target.name !== "slide") return;
    form.elements.share.value = target.value;
    const move = betweenOf(form);
    if (move) block.tryMoves([move]);
  });

  function settle() {
    if (!there()) return;
    showOptions();
    showAnswer();
    if (!state.get("block")) return;
    showKeys();
    showLayers();
    showPins();
    showCurves();
    showSets();
    shelf.show();
  }

  const when = (keys_, work) => state.on(keys_, () => { if (there() && state.get("block")) work(); });
  state.on(["options", "trial", "tab", "grips"], () => { if (there()) showOptions(); });
  state.on(["grips", "curveKeys", "keysTaken"], () => { if (there()) showScope(); });
  state.on(["gripHover"], () => { if (there()) showTaken(); });
  state.on(["tried", "pending", "notSaved"], () => { if (there()) showAnswer(); });
  when(["frame", "keysTaken", "block"], showKeys);
  when(["block"], () => { showLayers(); showPins(); showSets(); });
  when(["frame"], showLayers);
  when(["curves", "curvesShown"], showCurves);
  return { settle };
}
