// The panel at the right: server-rendered, refreshed by htmx; its buttons say what they do in data-action.

import { createLater } from "../later.js";
import { bring, placeOf, takeDown } from "./memory.js";

const QUIET_MS = 250;

// drawn : called after the panel was drawn anew
export function createPanel(root, state, setup, actions, { drawn, opened }) {
  const panel = document.getElementById("panel");

  // Where the keyboard stands in a panel, so that a refresh does not throw it out
  function focusedControl() {
    const at = document.activeElement;
    if (panel.contains(at) && at.id) return `#${at.id}`;
    if (panel.contains(at) && "pick" in at.dataset) return `[data-pick="${at.dataset.pick}"]`;
    const part = panel.contains(at) && at.closest("[data-joint]"), weighing = part && ["data-weigh-change", "data-weigh"].find((name) => at.hasAttribute(name));
    if (weighing) return `[data-joint="${part.dataset.joint}"] [${weighing}="${at.getAttribute(weighing)}"]`;
    const row = panel.contains(at) && at.closest("[data-item]");
    if (row && at.dataset.set) return `[data-item="${row.dataset.item}"] [data-set="${at.dataset.set}"]`;
    const layer = panel.contains(at) && at.closest("[data-layer]");
    if (!layer) return null;
    const own = ["data-weight", "data-action-change", "data-action"].find((name) => at.hasAttribute(name));
    return own && `[data-layer="${layer.dataset.layer}"] [${own}="${at.getAttribute(own)}"]`;
  }

  // What stands open stays open: told by the joint it belongs to, or by its first words
  const nameOf = (details) => details.closest("[data-joint]")?.dataset.joint ?? (details.closest("[data-finding]") && `${details.closest("[data-finding]").dataset.finding} ${details.className}`) ?? details.querySelector("summary").textContent.trim().slice(0, 24);

  const controls = () => [...panel.querySelectorAll("input, select, textarea, button, summary, a[href]")];

  // A name that is being typed where it stands is not thrown out: the panel is drawn anew once it is closed
  let waits = false;
  panel.addEventListener("htmx:beforeSwap", (event) => {
    if (event.target !== panel || !panel.querySelector("[data-naming]")) return;
    event.detail.shouldSwap = false;
    waits = true;
  });
  panel.addEventListener("named", () => { if (waits) { waits = false; refresh(); } });

  // What a panel is about: what was typed about something else is not brought along
  const ofWhat = () => ["step", "who", "pick"].map(state.get).join("|");
  let drawnOf = ofWhat();

  // One after the other: what is asked for last is what stands
  let under = Promise.resolve();
  const refresh = () => (under = under.catch(() => {}).then(() => drawAnew({})));
  // fault : the field that asked for what was refused, or null
  const refused = (fault) => (under = under.catch(() => {}).then(() => drawAnew({ refused: true, fault })));

  async function drawAnew(how) {
    if (state.get("early")) return; // it is drawn once there is a reading
    // a field with no name of its own is told by its place among all of them
    const before = controls(), place = before.indexOf(document.activeElement);
    const were = takeDown(panel), of = ofWhat(), same = of === drawnOf, fault = how.fault ? placeOf(panel, how.fault) : -1;
    const focused = focusedControl(), open = new Set([...panel.querySelectorAll("details[open]")].map(nameOf));
    const address = `/shots/${setup.shot}/r/${state.get("revision")}/panels/${state.get("step")}?${new URLSearchParams({ who: state.get("who"), pick: state.get("pick"), as: state.get("side"), finding: opened() })}`;
    await window.htmx.ajax("GET", address, { target: panel, swap: "innerHTML" });
    for (const link of root.querySelectorAll("[data-step-link]")) {
      if (link.dataset.stepLink === state.get("step")) link.setAttribute("aria-current", "step");
      else link.removeAttribute("aria-current");
    }
    actions.markSide();
    drawn();
    for (const details of panel.querySelectorAll("details")) if (open.has(nameOf(details))) details.open = true;
    drawnOf = of;
    if (same) bring(panel, were, { refused: how.refused, fault });
    const now = controls();
    if (focused) panel.querySelector(focused)?.focus();
    else if (place >= 0 && now.length === before.length) now[place].focus();
  }

  panel.addEventListener("input", (event) => {
    const { target } = event, inForm = target.closest("[data-form]");
    if (target.matches("input:not([type=range], [type=checkbox], [type=file]), textarea") || (inForm && target.matches("select, [type=checkbox]"))) target.dataset.typed = "";
  });
  // who asks for what is asked now: a field, or the first one of the form, until the hand's event is over
  let asking = null;
  for (const kind of ["change", "submit", "click"]) {
    panel.addEventListener(kind, (event) => {
      const form = event.target.closest("form");
      asking = event.target.matches("input, select, textarea") ? event.target : form?.querySelector("input:not([type=hidden]), select") ?? null;
      setTimeout(() => { asking = null; });
    }, true);
  }
  // a field that sends what it holds is done with it
  panel.addEventListener("change", (event) => { if (Object.keys(event.target.dataset).some((key) => /change|list|one|offset/i.test(key))) delete event.target.dataset.typed; }, true);

  // arrow keys change a slider step by step: one edit for a run of them
  const later = createLater(QUIET_MS);
  function weighSoon(layer, weight) {
    const performer = state.get("who");
    later(layer, () => actions.edit({ kind: "set_layer_weight", layer_id: layer, weight, performer }));
  }

  const layerOf = (node) => node.closest("[data-layer]").dataset.layer;

  panel.addEventListener("click", (event) => {
    const button = event.target.closest("[data-action]");
    if (!button) return;
    const { action } = button.dataset;
    if (action === "go") {
      for (const other of panel.querySelectorAll(".is-chosen")) other.classList.remove("is-chosen");
      button.closest(".finding")?.classList.add("is-chosen");
      actions.go(Math.floor((Number(button.dataset.start) + Number(button.dataset.end)) / 2), Number(button.dataset.start), Number(button.dataset.end));
    }
    if (action === "try") actions.tryCorrection({ variant: button.dataset.try, correction: button.dataset.correction, label: button.dataset.label, options: JSON.parse(button.dataset.options) });
    if (action === "mute") actions.edit({ kind: "mute_layer", layer_id: layerOf(button), muted: button.dataset.muted === "1", performer: state.get("who") });
    if (action === "delete") actions.edit({ kind: "delete_layer", layer_id: layerOf(button), performer: state.get("who") });
  });
  // hovering a finding puts the cursor on its middle frame
  panel.addEventListener("pointerover", (event) => {
    const go = event.target.closest('[data-action="go"]');
    state.set({ hover: go ? Math.floor((Number(go.dataset.start) + Number(go.dataset.end)) / 2) : null });
  });
  panel.addEventListener("pointerleave", () => state.set({ hover: null }));
  panel.addEventListener("input", (event) => {
    if (!("weight" in event.target.dataset)) return;
    event.target.parentElement.querySelector("output").textContent = `${event.target.value} %`;
    actions.tryWeight(layerOf(event.target), Number(event.target.value));
  });
  panel.addEventListener("change", (event) => {
    if ("weight" in event.target.dataset) weighSoon(layerOf(event.target), Number(event.target.value) / 100);
    if (event.target.dataset.actionChange === "rename") actions.edit({ kind: "rename_layer", layer_id: layerOf(event.target), name: event.target.value, performer: state.get("who") });
  });
  panel.addEventListener("keydown", (event) => {
    if (event.key === "Enter" && event.target.dataset.actionChange) event.target.blur();
  });
  // a range the shot does not have is said here, not on a page of its own
  panel.addEventListener("submit", async (event) => {
    if (event.target.id !== "export") return;
    event.preventDefault();
    const address = `${event.submitter?.getAttribute("formaction") ?? event.target.getAttribute("action")}?${new URLSearchParams(new FormData(event.target))}`;
    const says = document.getElementById("export-message");
    says.replaceChildren();
    const answer = await fetch(address, { headers: { "HX-Request": "true" } });
    if (answer.ok) { window.location.assign(address); return; }
    says.innerHTML = await answer.text();
  });

  for (const link of root.querySelectorAll("[data-step-link]")) {
    link.addEventListener("click", (event) => { event.preventDefault(); state.set({ step: link.dataset.stepLink }); });
  }
  state.on(["step", "revision", "who", "pick", "side", "early"], refresh);
  return { refresh, refused, asking: () => asking };
}
