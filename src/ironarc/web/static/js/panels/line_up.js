// Lining up two points: what was chosen stays chosen, and both points with the gap between them are seen before anything moves.
import { getJson } from "../api.js";
import { createLater } from "../later.js";

const QUIET_MS = 90, FIELDS = ["line-point", "line-other", "line-other-point", "line-how"];

export function createLineUp(panel, state, setup) {
  const byId = (id) => panel.querySelector(`#${id}`);
  const chosen = new Map(); // picked id: { field id: value }
  const later = createLater(QUIET_MS);
  let latest = 0;

  // Only the points of what is chosen are offered
  function otherPoints() {
    const other = byId("line-other"), points = byId("line-other-point");
    let first = null;
    for (const option of points.options) {
      option.hidden = option.disabled = option.dataset.of !== other.value;
      if (!option.hidden) first ??= option;
    }
    if (points.selectedOptions[0]?.hidden !== false && first) first.selected = true;
  }

  function restore() {
    const kept = chosen.get(state.get("pick")) ?? {};
    for (const id of FIELDS) {
      const field = byId(id), option = [...field.options].find((o) => o.value === kept[id] && (id !== "line-other-point" || o.dataset.of === byId("line-other").value));
      if (option) option.selected = true;
    }
    otherPoints();
  }

  const ask = () => ({
    item: state.get("pick"), point: byId("line-point").value, other: byId("line-other").value,
    other_point: byId("line-other-point").value, frame: state.get("frame"),
  });

  async function measure() {
    if (!byId("line-up")) { state.set({ gap: null }); return; }
    const mine = (latest += 1);
    try {
      const gap = await getJson(`/shots/${setup.shot}/r/${state.get("revision")}/line-up.json?${new URLSearchParams(ask())}`);
      if (mine !== latest || !byId("line-gap")) return;
      byId("line-gap").textContent = gap.gap_cm < 0.05 ? "they meet" : `${gap.gap_cm.toFixed(1)} cm apart`;
      state.set({ gap });
    } catch { if (mine === latest) state.set({ gap: null }); }
  }

  panel.addEventListener("change", (event) => {
    if (!FIELDS.includes(event.target.id)) return;
    otherPoints();
    chosen.set(state.get("pick"), Object.fromEntries(FIELDS.map((id) => [id, byId(id).value])));
    measure();
  });
  state.on(["frame", "data", "step"], () => { if (state.get("step") === "set") later("gap", measure); else state.set({ gap: null }); });
  return {
    edit: () => ({ kind: "line_up", ...ask(), how: byId("line-how").value }),
    // A panel was drawn anew
    begin() { if (byId("line-up")) restore(); measure(); },
  };
}
