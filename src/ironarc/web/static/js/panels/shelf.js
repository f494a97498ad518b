// The shelf: poses and short runs with their pictures, searched, put on, taken home and brought in.
import { getJson, postForm, postJson } from "../api.js";
import { framesOf } from "../block/selection.js";

const NS = "http://www.w3.org/2000/svg", WIDE = 120, HIGH = 96, QUIET_MS = 200;

// A pose's picture: thick lines for its parts, standing on a line
export function pictureOf(lines) {
  const svg = document.createElementNS(NS, "svg");
  svg.setAttribute("viewBox", `0 0 ${WIDE} ${HIGH}`);
  svg.setAttribute("class", "shelf-picture");
  if (!lines.length) return svg;
  const xs = lines.flatMap((l) => [l[0], l[2]]), top = Math.max(...lines.flatMap((l) => [l[1], l[3]])), wide = Math.max(Math.max(...xs) - Math.min(...xs), 0.3);
  const scale = Math.min((HIGH - 14) / Math.max(top, 0.3), (WIDE - 12) / wide), middle = (Math.max(...xs) + Math.min(...xs)) / 2;
  const x = (v) => (WIDE / 2 + (v - middle) * scale).toFixed(1), y = (v) => (HIGH - 8 - v * scale).toFixed(1);
  const ground = document.createElementNS(NS, "path");
  ground.setAttribute("d", `M6 ${HIGH - 6}H${WIDE - 6}`);
  ground.setAttribute("class", "shelf-ground");
  svg.append(ground);
  for (const [x0, y0, x1, y1, w] of lines) {
    const line = document.createElementNS(NS, "path");
    line.setAttribute("d", `M${x(x0)} ${y(y0)}L${x(x1)} ${y(y1)}`);
    line.setAttribute("stroke-width", Math.max(w * scale * 0.8, 2).toFixed(1));
    svg.append(line);
  }
  return svg;
}

export function createShelf(panel, state, setup, { actions, block, keys }) {
  const one = (css) => panel.querySelector(css);
  let timer = 0;

  async function show() {
    const list = one("#shelf-list");
    if (!list || state.get("tab") !== "shelf") return;
    try {
      const found = await getJson(`/shelf.json?${new URLSearchParams({ words: one("#shelf-words").value })}`);
      list.replaceChildren(...found.map(card));
      if (!found.length) list.append(Object.assign(document.createElement("li"), { className: "col-span-2 text-quiet", textContent: one("#shelf-words").value ? "Nothing on the shelf has these words." : "Nothing is on the shelf yet: name this pose and keep it." }));
    } catch (error) { actions.say(error.message); }
  }

  function card(pose) {
    const row = document.createElement("li"), use = document.createElement("button");
    row.className = "shelf-card";
    row.dataset.shelf = pose.id;
    use.className = "block w-full";
    use.dataset.shelfDo = "use";
    use.title = `Put ${pose.name} on here`;
    use.append(pictureOf(pose.picture), Object.assign(document.createElement("span"), { className: "block truncate px-1.5 text-left font-medium", textContent: pose.name }));
    const tools = document.createElement("div");
    tools.className = "flex items-center gap-1 px-1 pb-1 text-xs";
    const says = Object.assign(document.createElement("span"), { className: "num mr-auto text-quiet", textContent: pose.poses > 1 ? `${pose.poses} in ${pose.frames} f` : "pose" });
    const home = Object.assign(document.createElement("a"), { className: "underline", href: `/shelf/${pose.id}.json`, textContent: "export", title: "Export it as a file" });
    const gone = Object.assign(document.createElement("button"), { className: "underline", textContent: "off" });
    gone.dataset.shelfDo = "remove";
    gone.title = `Delete ${pose.name} from the shelf`;
    tools.append(says, home, gone);
    row.append(use, tools);
    return row;
  }

  async function use(id) {
    const share = Number.parseFloat(one("#shelf-share").value) / 100;
    if (!Number.isFinite(share)) { actions.say("The share of a pose is a number of per cent."); return; }
    let says = [];
    const made = await actions.change(async (revision) => {
      const answer = await postJson(`/shots/${setup.shot}/use-pose`, {
        revision, performer: block.who(), shelf: id, frame: state.get("frame"), parts: state.get("grips"), share, mirrored: one("#shelf-mirrored").checked, layer: keys.layerOf(),
      });
      ({ says } = answer);
      return answer;
    });
    if (made && says.length) actions.note(says.join(" "));
  }

  panel.addEventListener("click", async (event) => {
    const what = event.target.closest?.("[data-shelf-do]")?.dataset.shelfDo;
    if (!what) return;
    const id = Number(event.target.closest("[data-shelf]").dataset.shelf);
    if (what === "use") { use(id); return; }
    try { await postJson(`/shelf/${id}/remove`, {}); show(); } catch (error) { actions.say(error.message); }
  });
  panel.addEventListener("input", (event) => {
    if (event.target.id !== "shelf-words") return;
    clearTimeout(timer);
    timer = setTimeout(show, QUIET_MS);
  });
  panel.addEventListener("change", async (event) => {
    if (event.target.id !== "shelf-file" || !event.target.files.length) return;
    try {
      const { name } = await postForm("/shelf/bring-in", [...event.target.files].slice(0, 1), {});
      actions.note(`${name} is on the shelf.`);
      show();
    } catch (error) { actions.say(error.message); }
    event.target.value = "";
  });
  state.on(["tab"], show);

  return {
    show,
    async keep(name) {
      const frames = framesOf(state.get("keysTaken")), at = frames.length > 1 ? frames : [state.get("frame")];
      try {
        await postJson("/shelf", { shot: setup.shot, revision: state.get("revision"), performer: block.who(), name, frames: at, parts: state.get("grips") });
        one('[data-form="shelve"]').elements.name.value = "";
        actions.note(at.length > 1 ? `A run of ${at.length} poses is on the shelf.` : "The pose is on the shelf.");
        show();
      } catch (error) { actions.say(error.message); }
    },
  };
}
