// The Read panel: the punch list's filters, what is left as it is, limits, the footing a person sets, the floor.
import { postJson } from "../api.js";

const PERCENT = 100;
// Kinds whose limits are shown in another unit than they are kept in
const TIMES = { hang: PERCENT, arc: 100, balance: 100, hover: 100, sink: 100, slide: 100, jerk: 100, through: 100, spin: PERCENT, stretch: PERCENT };

export const limitOf = (kind, text) => Number.parseFloat(text.replace(",", ".")) / (TIMES[kind] ?? 1);

export function createReadPanel(panel, state, setup, actions) {
  const who = () => state.get("who");
  let filters = {};

  // The list of what is asked for, from its first card on
  function filter() {
    const list = panel.querySelector("#punch-list");
    if (!list) return;
    const query = new URLSearchParams({ who: who(), as: state.get("side"), ...filters });
    window.htmx.ajax("GET", `/shots/${setup.shot}/r/${state.get("revision")}/cards?${query}`, { target: list, swap: "innerHTML" });
  }

  // What was chosen before stays chosen in a panel drawn anew, where there still is such a thing
  function settle() {
    for (const field of panel.querySelectorAll("[data-filter]")) {
      const wanted = filters[field.dataset.filter] ?? "";
      if ([...field.options].some((option) => option.value === wanted)) field.value = wanted;
      else filters[field.dataset.filter] = "";
    }
    if (Object.values(filters).some(Boolean)) filter();
    showPier();
  }

  function showPier() {
    const form = panel.querySelector("#pier-form"), pier = state.get("pier");
    if (!form || !pier) return;
    form.elements.part.value = pier.part;
    form.elements.surface.value = pier.surface;
    form.elements.start.value = pier.start;
    form.elements.end.value = pier.end;
    form.elements.pulls.checked = pier.pulls;
  }

  function pierOf(form) {
    const frame = (name) => Number.parseInt(form.elements[name].value, 10);
    const pier = { part: form.elements.part.value, start: frame("start"), end: frame("end") };
    if (Number.isInteger(pier.start) && Number.isInteger(pier.end)) return pier;
    actions.say("A pier runs from its first to its last frame: type two frame numbers.");
    return null;
  }

  panel.addEventListener("change", (event) => {
    const name = event.target.dataset.filter;
    if (!name) return;
    filters = { ...filters, [name]: event.target.value };
    filter();
  });

  panel.addEventListener("click", (event) => {
    const button = event.target.closest("button");
    if (!button || button.disabled) return;
    const { action, findings, performer, how, prop, start, end, pier: pierDo, kind, where } = button.dataset;
    if (action === "all-findings") { filters = {}; settle(); filter(); }
    if (action === "take-up") actions.edit({ kind: "take_up_findings", performer, findings: findings.split("|") });
    if (action === "reset-limit") resetLimit(kind, where);
    if (action === "settle") actions.edit({ kind: "settle_doubt", performer: who(), how, prop: prop ?? "", start: Number(start), end: Number(end) });
    if (action === "all-detected") actions.edit({ kind: "detected_contacts", performer: who() });
    if (action === "floor-estimate") actions.edit({ kind: "set_floor", floor_m: null });
    if (action === "floor-other") actions.edit({ kind: "set_floor", floor_m: Number(button.dataset.height) });
    if (action === "floor-tilt") actions.edit({ kind: "estimate_slope" });
    if (!pierDo) return;
    const pier = pierOf(button.form);
    if (!pier) return;
    const frame = state.get("frame");
    if (pierDo === "lift") actions.edit({ kind: "lift_contact", performer: who(), ...pier });
    if (pierDo === "split") actions.edit({ kind: "lift_contact", performer: who(), ...pier, start: frame, end: frame });
    if (pierDo === "detected") actions.edit({ kind: "detected_contacts", performer: who(), ...pier });
  });

  function setLimit(form, way) {
    const kind = form.dataset.kind, [strained, cracked] = ["strained", "cracked"].map((name) => limitOf(kind, form.elements[name].value));
    if (way.startsWith("reset")) resetLimit(kind, way.slice(6));
    else if (!(Number.isFinite(strained) && Number.isFinite(cracked))) actions.say("A limit is a number.");
    else if (way === "shot") actions.edit({ kind: "set_limit", finding: kind, strained, cracked });
    else setHouse({ finding: kind, strained, cracked });
  }

  function resetLimit(kind, where) {
    if (where === "shot") actions.edit({ kind: "reset_limits", finding: kind });
    else setHouse({ finding: kind });
  }

  async function setHouse(limit) {
    try {
      await postJson("/house/limits", limit);
      // every shot is judged anew, and every address changes
      window.location.reload();
    } catch (error) { actions.say(error.message); }
  }

  panel.addEventListener("submit", (event) => {
    const form = event.target;
    if (form.matches(".leave-form")) actions.edit({ kind: "leave_findings", performer: form.dataset.performer, findings: form.dataset.findings.split("|"), reason: form.elements.reason.value });
    else if (form.matches(".limit-form")) setLimit(form, event.submitter?.value ?? "shot");
    else if (form.id === "pier-form") {
      const pier = pierOf(form);
      if (pier) actions.edit({ kind: "set_contact", performer: who(), ...pier, surface: form.elements.surface.value, pulls: form.elements.pulls.checked });
    } else if (form.id === "floor-form") {
      const number = (name) => Number.parseFloat(form.elements[name].value.replace(",", ".")) / 100;
      const [floor, x, z] = ["height", "slope_x", "slope_z"].map(number);
      if ([floor, x, z].every(Number.isFinite)) actions.edit({ kind: "set_floor", floor_m: floor, slope_x: x, slope_z: z });
      else actions.say("The floor has a height in cm and slopes in percent: type numbers.");
    } else return;
    event.preventDefault();
  });

  state.on(["pier"], showPier);
  return { settle };
}
