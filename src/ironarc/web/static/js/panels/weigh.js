// The Weigh panel: masses, loads, what is shown. Buttons say what they do in data-weigh, fields in data-weigh-change.
import { getJson, postJson } from "../api.js";
import { createFields } from "./fields.js";

export function createWeighPanel(panel, state, setup, actions) {
  const who = () => state.get("who"), frame = () => state.get("frame");
  const byId = (id) => panel.querySelector(`#${id}`);
  const { number, whole, all } = createFields(actions.say);
  const weigh = (kind, fields = {}) => actions.edit({ kind, performer: who(), ...fields });
  const jointOf = (node) => node.closest("[data-joint]").dataset.joint;
  const loadOf = (node) => node.closest("[data-load]").dataset.load;

  async function fit(name, weighing) {
    const made = await weigh("fit_weighing", { name, weighing });
    const says = state.get("standing").undo_says;
    if (made && says.includes("not in this rig")) actions.say(`${says}. The rest was used.`);
  }

  const presses = {
    lock: ({ on }, button) => weigh("lock_part", { joint: jointOf(button), locked: on === "1" }),
    reset: (_, button) => weigh("reset_parts", { joint: jointOf(button) }),
    "settle-shape": () => weigh("settle_shape", {}),
    "take-suggestion": ({ role }, button) => weigh("assign_joint", { joint: jointOf(button), role }),
    "reset-all": () => weigh("reset_parts"),
    mirror: ({ from }) => weigh("mirror_weighing", { from_side: from }),
    "add-load": () => weigh("add_load", { joints: byId("grip").value.split(","), frame: frame() }),
    "remove-load": (_, button) => weigh("remove_load", { load: loadOf(button) }),
    "add-point"() {
      const kg = number(byId("point-kg"), "The point mass"), spot = byId("point-joint").selectedOptions[0];
      if (all(kg)) weigh("add_point", { name: `On ${spot.textContent}`.slice(0, 40), joint: spot.dataset.jointName, at_m: JSON.parse(spot.dataset.at), kg });
    },
    "remove-point": (data) => weigh("remove_point", { number: Number(data.number) }),
    async keep() {
      const field = byId("keep-name"), name = field.value.trim() || field.placeholder;
      delete field.dataset.typed;
      await told(() => postJson("/weighings", { shot: setup.shot, revision: state.get("revision"), performer: who(), name }));
    },
    async use(_, button) {
      const id = button.closest("[data-kept]").dataset.kept;
      try {
        const { name, weighing } = await getJson(`/weighings/${id}.json`);
        await fit(name, weighing);
      } catch (error) { actions.say(error.message); }
    },
    forget: (_, button) => told(() => postJson(`/weighings/${button.closest("[data-kept]").dataset.kept}/remove`, {})),
    bring: () => byId("weighing-file").click(),
  };

  // What is kept outside of the shot changes the panel and no revision
  async function told(send) {
    actions.say("");
    try { await send(); } catch (error) { actions.say(error.message); }
    await actions.refreshPanel();
  }

  async function bringIn(file) {
    let weighing = null;
    try { weighing = JSON.parse(await file.text()); } catch { /* said below */ }
    if (!weighing || typeof weighing !== "object") { actions.say(`${file.name} is not JSON. Choose a weighing exported from here.`); return; }
    await fit(file.name.replace(/\.json$/i, "").slice(0, 60), weighing);
  }

  const changes = {
    total(field) { const value = number(field, "The whole"); if (all(value)) weigh("weigh_total", { kg: Math.round((value / Number(field.dataset.perKg)) * 1e6) / 1e6 }); },
    female: (field) => weigh("weigh_build", { female: Number(field.value) / 100 }),
    preset: (field) => weigh("weigh_preset", { preset: field.value }),
    height(field) { const cm = number(field, "The height"); if (all(cm)) weigh("figure_height", { height_m: cm / 100 }); },
    density(field) { const density_kgm3 = number(field, "A density"); if (all(density_kgm3)) weigh("weigh_length", { density_kgm3 }); },
    part(field) { const kg = number(field, "A mass"); if (all(kg)) weigh("weigh_part", { joint: jointOf(field), kg }); },
    range(field) {
      const { range: part } = field.closest("[data-range]").dataset;
      if (!field.value.trim()) { weigh("set_joint_range", { part, degrees: null }); return; }
      const degrees = number(field, "A range");
      if (all(degrees)) weigh("set_joint_range", { part, degrees });
    },
    assign: (field) => weigh("assign_joint", { joint: jointOf(field), role: field.value || null }),
    girth(field) { const percent = number(field, "A girth"); if (all(percent)) weigh("weigh_length", { joint: jointOf(field), girth: percent / 100 }); },
    share(field) {
      if (!field.value.trim()) { weigh("weigh_length", { joint: jointOf(field), share: null }); return; }
      const percent = number(field, "A share");
      if (all(percent)) weigh("weigh_length", { joint: jointOf(field), share: percent / 100 });
    },
  };

  function loadChange(field) {
    const load = loadOf(field), name = field.dataset.loadChange;
    if (name === "name") { weigh("set_load", { load, name: field.value }); return; }
    if (name === "joints") { weigh("set_load", { load, joints: field.value.split(",") }); return; }
    const value = name === "kg" ? number(field, "A mass") : whole(field, "A frame");
    if (all(value)) weigh("set_load", { load, [name]: value });
  }

  function lists(field) {
    const fields = [...field.closest("[data-load]").querySelectorAll(`[data-load-list="${field.dataset.loadList}"]`)];
    const values = fields.map((f) => number(f) / 100);
    if (all(...values)) weigh("set_load", { load: loadOf(field), [field.dataset.loadList]: values });
  }

  function display() {
    const value = (name) => panel.querySelector(`[data-display="${name}"]`);
    actions.edit({ kind: "set_display", marker: value("marker").checked, foot: value("foot").checked, parts: value("parts").checked, path_of: value("path_of").value, size: Number(value("size").value) / 100 });
  }

  panel.addEventListener("click", (event) => {
    const button = event.target.closest("[data-weigh]");
    if (button) presses[button.dataset.weigh](button.dataset, button);
  });
  panel.addEventListener("change", (event) => {
    const { weighChange, loadChange: ofLoad, loadList, display: shown, offset } = event.target.dataset;
    if (weighChange) changes[weighChange](event.target);
    else if (ofLoad) loadChange(event.target);
    else if (loadList) lists(event.target);
    else if (shown) display();
    else if (offset !== undefined) {
      const values = [...panel.querySelectorAll("[data-offset]")].map((f) => number(f, "An offset") / 100);
      if (all(...values)) weigh("set_offset", { offset_m: values });
    } else if (event.target.id === "weighing-file" && event.target.files.length) { bringIn(event.target.files[0]); event.target.value = ""; }
  });
  panel.addEventListener("input", (event) => { if (event.target.id === "female") event.target.parentElement.querySelector("output").textContent = `${event.target.value} %`; });

  // A bar is dragged to another mass; the field beside it says which
  let dragged = null;
  const massAt = (event) => {
    const r = dragged.getBoundingClientRect();
    return Math.max(((event.clientX - r.left) / r.width) * Number(dragged.dataset.full), 0.01);
  };
  panel.addEventListener("pointerdown", (event) => {
    dragged = event.target.closest(".weigh-bar");
    if (dragged) { dragged.setPointerCapture(event.pointerId); event.preventDefault(); }
  });
  panel.addEventListener("pointermove", (event) => {
    if (!dragged) return;
    const kg = massAt(event);
    dragged.querySelector("rect").setAttribute("width", Math.min((kg / Number(dragged.dataset.full)) * 100, 100));
    dragged.closest(".weigh-row").querySelector("[data-weigh-change=part]").value = kg.toFixed(2);
  });
  panel.addEventListener("pointerup", (event) => {
    if (!dragged) return;
    const [joint, kg] = [jointOf(dragged), Math.round(massAt(event) * 100) / 100];
    dragged = null;
    weigh("weigh_part", { joint, kg });
  });
  panel.addEventListener("pointercancel", () => { dragged = null; });

  // Hovering a row lights the part, and pointing at a part lights its row
  panel.addEventListener("pointerover", (event) => {
    const row = event.target.closest(".weigh-row");
    state.set({ part: row ? Number(row.dataset.index) : null });
  });
  panel.addEventListener("pointerleave", () => state.set({ part: null }));
  panel.addEventListener("focusin", (event) => { const row = event.target.closest(".weigh-row"); if (row) state.set({ part: Number(row.dataset.index) }); });
  state.on(["step"], () => state.set({ part: null }));
  state.on(["part"], ({ part }) => {
    for (const row of panel.querySelectorAll(".weigh-row")) row.classList.toggle("is-lit", Number(row.dataset.index) === part);
  });
  return { bringIn };
}
