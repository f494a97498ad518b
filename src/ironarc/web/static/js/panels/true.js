// The True panel: ways to settle a finding, what is aimed for, plans and whole spans in the background, and corrections
// whose options are opened again.
import { getJson, postJson } from "../api.js";

const LOOK_MS = 300;
const ENDED = ["stopped", "done", "failed"];

// A correction with its options as an address names it; truth is written as the server reads it
export function tryText(correction, options) {
  const plain = (v) => (v === true ? "True" : v === false ? "False" : String(v));
  return `${correction}(${Object.entries(options).map(([k, v]) => `${k}=${plain(v)}`).join(",")})`;
}

// "name(a=1,b=True)" → { correction, options }; numbers and truths are read, other words stay words
export function readTry(text) {
  const [, correction, inside] = /^([a-z_]+)\((.*)\)$/.exec(text) ?? [];
  if (!correction) return null;
  const read = (v) => (v === "True" ? true : v === "False" ? false : v !== "" && Number.isFinite(Number(v)) ? Number(v) : v);
  const options = Object.fromEntries(inside.split(",").filter(Boolean).map((part) => { const at = part.indexOf("="); return [part.slice(0, at), read(part.slice(at + 1))]; }));
  return { correction, options };
}

// Points of how work goes, as a path in a picture of a size; the first is highest
export function workPath(points, width, height) {
  if (points.length < 2) return "";
  const most = Math.max(...points.map(([, y]) => y), 1e-9), last = points.length - 1;
  return points.map(([, y], i) => `${i ? "L" : "M"}${((i / last) * width).toFixed(1)} ${(2 + (1 - y / most) * (height - 4)).toFixed(1)}`).join("");
}

// What work is called, by what was asked
export function nameOfWork({ what, asked }) {
  if (what === "plan") return `Plan: ${asked}`;
  const found = readTry(asked);
  return found?.correction === "true_span" ? `The nearest motion, ${found.options.start}–${found.options.end}` : (found?.correction ?? asked).replaceAll("_", " ");
}

export function createTruePanel(panel, state, setup, actions) {
  const who = () => state.get("who");
  let work = null, opened = "", timer = 0;

  async function openWays(button) {
    const id = button.dataset.finding, box = panel.querySelector(`[data-ways="${CSS.escape(id)}"]`);
    const open = button.getAttribute("aria-expanded") === "true";
    button.setAttribute("aria-expanded", String(!open));
    if (open) { box.replaceChildren(); opened = ""; return; }
    opened = id;
    box.innerHTML = '<p class="mt-1.5 text-quiet">Trying every way…</p>';
    const query = new URLSearchParams({ finding: id, who: who(), v: setup.mark });
    try {
      const answer = await fetch(`/shots/${setup.shot}/r/${state.get("revision")}/ways?${query}`, { headers: { "HX-Request": "true" } });
      box.innerHTML = await answer.text();
    } catch { box.innerHTML = '<p class="mt-1.5 text-quiet">The server can’t be reached. Try again.</p>'; }
  }

  // All that can be tried on the playhead's frame, whether anything is found there or not
  async function openWaysAt() {
    const box = panel.querySelector("#ways-at"), query = new URLSearchParams({ frame: state.get("frame"), who: who(), v: setup.mark });
    box.innerHTML = '<p class="mt-1.5 text-quiet">Looking…</p>';
    try {
      const answer = await fetch(`/shots/${setup.shot}/r/${state.get("revision")}/ways-at?${query}`, { headers: { "HX-Request": "true" } });
      box.innerHTML = await answer.text();
    } catch { box.innerHTML = '<p class="mt-1.5 text-quiet">The server can’t be reached. Try again.</p>'; }
  }

  const spanForm = () => panel.querySelector("#span-form");

  function spanOptions(quick) {
    const form = spanForm(), frame = (name) => Number.parseInt(form.elements[name].value, 10);
    const [start, end] = [frame("start"), frame("end")];
    if (!Number.isInteger(start) || !Number.isInteger(end)) { actions.say("A span has a first and a last frame: type two frame numbers."); return null; }
    const parts = [...form.querySelectorAll("[data-part]")].filter((s) => s.value !== "100").map((s) => `${s.dataset.part}:${Number(s.value) / 100}`).join(";");
    const keep = form.elements.keep.value.split(/[^0-9-]+/).filter(Boolean).join(";");
    return { start, end, ...(keep && { keep }), ...(parts && { parts }), ...(quick && { quick }) };
  }

  function tryOut(correction, options, label) {
    actions.tryCorrection({ variant: tryText(correction, options), correction, label, options });
  }

  const numbers = (form, ...names) => names.map((name) => Number.parseFloat(form.elements[name].value.replace(",", ".")));
  const atPlayhead = () => panel.querySelectorAll('#let-go [name="start"], #blow [name="frame"]');

  async function begin(what, asked, name, more = {}) {
    try {
      const answer = await postJson(`/shots/${setup.shot}/work`, { revision: state.get("revision"), performer: who(), what, asked, ...more });
      work = { id: answer.work, name, revision: state.get("revision"), state: "waiting", share: 0, says: "Waits for a worker.", picture: [], what, asked };
      actions.say("");
      showWork();
      watch();
    } catch (error) { actions.say(error.message); }
  }

  // What was begun before the page was opened is told on, and what came of it; what somebody closed is not
  const CLOSED = "ironarc-work-closed";
  async function comeBack() {
    try {
      const { work: found } = await getJson(`/shots/${setup.shot}/work.json`);
      if (!found || work || Number(window.localStorage?.getItem(CLOSED)) >= found.work) return;
      work = { id: found.work, name: nameOfWork(found), ...found };
      showWork();
      if (ENDED.includes(found.state)) { if (found.state === "done") offerDone(); } else watch();
    } catch { /* nothing is lost: the panel can be asked again */ }
  }

  // It is shown as tried at once while somebody waits for it, and offered to one who comes back
  function offerDone() {
    work.says = work.revision === state.get("revision") ? "It is done. Look at it before the shot is changed." : "It is done, but the shot was changed meanwhile. Work it out anew.";
    work.shows = work.revision === state.get("revision");
    showWork();
  }

  const lookAt = () => actions.tryCorrection({ variant: `work-${work.id}`, correction: "", label: work.name, options: {}, work: work.id });

  async function watch() {
    clearTimeout(timer);
    if (!work || ENDED.includes(work.state)) return;
    try {
      Object.assign(work, await getJson(`/shots/${setup.shot}/work/${work.id}.json`));
    } catch (error) {
      work.says = error.message;
      if (error.status === 404) work.state = "failed"; // its shot was taken away
    }
    showWork();
    if (!ENDED.includes(work.state)) { timer = setTimeout(watch, LOOK_MS); return; }
    if (work.state === "done" && work.revision === state.get("revision")) lookAt();
    else if (work.state === "done") work.says = "It is done, but the shot was changed meanwhile. Work it out anew.";
    showWork();
  }

  function showWork() {
    const box = panel.querySelector("#work");
    if (!box) return;
    box.classList.toggle("hidden", !work);
    if (!work) return;
    box.dataset.state = work.state;
    box.querySelector("#work-name").textContent = work.name;
    box.querySelector("#work-share").value = work.share;
    box.querySelector("#work-says").textContent = work.says;
    const stop = box.querySelector("#work-stop");
    stop.textContent = ENDED.includes(work.state) ? "Close" : "Cancel";
    box.querySelector("#work-look").classList.toggle("hidden", !work.shows);
    const points = work.what === "plan" ? [] : work.picture;
    box.querySelector("#work-picture").innerHTML = points.length > 1 ? `<path d="${workPath(points, 240, 44)}"/>` : "";
    box.querySelector("#work-picture").classList.toggle("hidden", points.length < 2);
  }

  async function stopWork() {
    if (!work) return;
    if (ENDED.includes(work.state)) { window.localStorage?.setItem(CLOSED, String(work.id)); work = null; showWork(); return; }
    try { Object.assign(work, await postJson(`/shots/${setup.shot}/work/${work.id}/stop`, {})); } catch (error) { actions.say(error.message); }
    showWork();
    watch();
  }

  panel.addEventListener("click", (event) => {
    const button = event.target.closest("button");
    if (!button || button.disabled) return;
    if (button.dataset.plan) { setPlan(button.dataset.plan === "all" ? [] : planSteps(), button.dataset.plan === "steps"); return; }
    if (button.dataset.planDrop) { setPlan(planSteps().filter((_, i) => i !== Number(button.dataset.planDrop)), true); return; }
    if (button.id === "work-stop") { stopWork(); return; }
    if (button.id === "work-look") { lookAt(); return; }
    const does = button.dataset.true, layer = button.closest("[data-layer]")?.dataset.layer;
    if (does === "ways") openWays(button);
    if (does === "ways-at") openWaysAt();
    if (does === "open-ways") { opened = button.dataset.finding; state.set({ step: "true" }); }
    if (does === "pier") {
      const [start, end] = ["start", "end"].map((name) => Number.parseInt(button.form.elements[name].value, 10));
      if (Number.isInteger(start) && Number.isInteger(end)) tryOut("true_footing", { start, end }, `The footing, ${start}–${end}`);
      else actions.say("A pier runs from its first to its last frame: type two frame numbers.");
    }
    if (does === "up" || does === "down") actions.edit({ kind: "move_layer", layer_id: layer, way: does, performer: who() });
    if (does === "anew") actions.edit({ kind: "true_again", layer_id: layer, options: {}, performer: who() });
    if (does === "key-weight") {
      const weight = Number(button.closest("[data-layer]").querySelector("[data-weight]").value) / 100;
      actions.edit({ kind: "key_layer_weight", layer_id: layer, frame: state.get("frame"), weight, performer: who() });
    }
    if (does === "again") {
      const asked = readTry(button.dataset.again);
      actions.tryCorrection({ variant: `again-${layer}-${button.dataset.again}`, ...asked, label: "", layer });
    }
    if (does === "quick") { const options = spanOptions(true); if (options) tryOut("true_span", options, "A quick look at the whole span"); }
    if (does === "cracked") everythingFound();
    if (does === "keep-this") {
      const field = spanForm().elements.keep, frame = String(state.get("frame"));
      if (!field.value.split(/[^0-9-]+/).includes(frame)) field.value = field.value ? `${field.value}; ${frame}` : frame;
    }
  });

  // --- a plan, step by step: [] with `building` false is everything that is found --------------------------
  const PLAN = "ironarc-plan-steps";
  const planKept = () => { try { return JSON.parse(window.localStorage?.getItem(PLAN)) ?? { steps: [], building: false }; } catch { return { steps: [], building: false }; } };
  const planSteps = () => planKept().steps;

  function setPlan(steps, building) {
    window.localStorage?.setItem(PLAN, JSON.stringify({ steps: building ? steps : planSteps(), building }));
    showPlan();
  }

  function showPlan() {
    const { steps, building } = planKept(), add = panel.querySelector("#plan-add");
    panel.querySelector("#plan-text").value = building ? steps.join(", ") : "all";
    for (const button of panel.querySelectorAll("[data-plan]")) button.setAttribute("aria-pressed", String((button.dataset.plan === "steps") === building));
    panel.querySelector("#plan-build").classList.toggle("hidden", !building);
    panel.querySelector("#plan-steps").replaceChildren(...steps.map((step, i) => {
      const row = document.createElement("li"), drop = Object.assign(document.createElement("button"), { type: "button", textContent: "×", title: "Remove this step" });
      drop.dataset.planDrop = i;
      drop.setAttribute("aria-label", `Remove step ${i + 1}`);
      row.append([...add.options].find((option) => option.value === step)?.textContent ?? step, drop);
      return row;
    }));
  }
  panel.addEventListener("change", (event) => {
    if (event.target.id !== "plan-add" || !event.target.value) return;
    const step = event.target.value;
    event.target.value = "";
    setPlan([...planSteps(), step], true);
  });

  function everythingFound() {
    const found = state.get("data")?.findings ?? [], form = spanForm();
    if (!found.length) { actions.say("Nothing is found on this performer, so there is no span to take."); return; }
    const beside = Math.round(setup.fps / 2);
    form.elements.start.value = Math.max(Math.min(...found.map((f) => f.start)) - beside, setup.first);
    form.elements.end.value = Math.min(Math.max(...found.map((f) => f.end)) + beside, setup.last);
  }

  panel.addEventListener("input", (event) => {
    if (event.target.closest("#let-go, #blow")) event.target.dataset.typed = "";
    if (event.target.dataset.part) event.target.nextElementSibling.textContent = `${event.target.value} %`;
  });

  panel.addEventListener("click", (event) => {
    const lets = event.target.closest("[data-lets]");
    if (!lets) return;
    for (const [name, value] of Object.entries(JSON.parse(lets.dataset.lets))) {
      const field = lets.form.elements[name];
      field[field.type === "checkbox" ? "checked" : "value"] = value;
      field.dispatchEvent(new Event("input", { bubbles: true }));
    }
  });

  panel.addEventListener("submit", (event) => {
    const form = event.target;
    if (form.matches("[data-true-aim]")) {
      const by = event.submitter?.value ?? "hang", value = Number.parseFloat(form.elements[by].value.replace(",", "."));
      if (!Number.isFinite(value)) actions.say("Aim for a number of frames, or of centimetres.");
      else tryOut("true_arc", { frame: Number(form.dataset.trueAim), [by]: by === "hang" ? Math.round(value) : value }, by === "hang" ? `${Math.round(value)} frames in the air` : `A rise of ${value} cm`);
    } else if (form.id === "plan-form") {
      const plan = form.elements.plan.value;
      if (!plan) { actions.say("The plan has no step yet. Add one, or choose Everything found."); event.preventDefault(); return; }
      begin("plan", plan, `Plan: ${plan}`);
    } else if (form.id === "let-go") {
      const [start, end, tone, tone_end, back] = numbers(form, "start", "end", "tone", "tone_end", "back");
      const { what, first, brace } = form.elements, others = [...form.querySelectorAll("[name=others]:checked")].map((box) => box.value).join(";");
      const how = { what: what.value, first: first.value, brace: brace.checked, ...(others && { others }) };
      if (![start, end, tone, tone_end, back].every(Number.isFinite)) actions.say("Letting go needs numbers: the first and last frame, the tone at the start and the end, and the frames to blend back.");
      else tryOut("let_go", { start: Math.round(start), end: Math.round(end), tone: tone / 100, tone_end: tone_end / 100, back: Math.round(back), ...how }, `Let go at ${Math.round(start)}`);
    } else if (form.id === "blow") {
      const [frame, impulse, tone] = numbers(form, "frame", "impulse", "tone"), [heading, up] = form.elements.from.value.split(",").map(Number);
      if (![frame, impulse, tone].every(Number.isFinite)) actions.say("A blow takes a frame, how hard it is in N·s, and the tone, all as numbers.");
      else {
        const steps = event.submitter?.value === "stagger", on = Math.round(frame);
        tryOut(steps ? "stagger" : "react", { frame: on, part: form.elements.part.value, impulse, heading, up, tone: tone / 100 }, `${steps ? "Stagger" : "A blow"} on ${on}`);
      }
    } else if (form.id === "span-form") {
      const options = spanOptions(false);
      if (options) begin("correction", tryText("true_span", options), `The nearest motion, ${options.start}–${options.end}`);
    } else return;
    event.preventDefault();
  });

  // What was open or under way stays so in a panel drawn anew
  function settle() {
    if (panel.querySelector("#plan-text")) showPlan();
    for (const field of atPlayhead()) field.value ||= state.get("frame");
    showWork();
    if (state.get("step") !== "true") return;
    const button = opened && panel.querySelector(`[data-true="ways"][data-finding="${CSS.escape(opened)}"]`);
    if (button) openWays(button);
    else opened = "";
  }

  // a body is let go, or struck, where the playhead is, unless somebody typed otherwise
  state.on(["frame", "step"], () => {
    for (const field of atPlayhead()) if (!("typed" in field.dataset)) field.value = state.get("frame");
  });
  comeBack();
  state.on(["revision"], () => { if (work && ENDED.includes(work.state)) { work = null; showWork(); } });
  return { settle, get opened() { return opened; } };
}
