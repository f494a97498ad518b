// Looks now and then whether the shot was changed elsewhere: by another person, or by a take that was saved anew.
import { getJson } from "./api.js";

const LOOKS_MS = 4000;

export function createNewer(box, state, setup, { show }) {
  let offered = 0;

  function offer(standing) {
    offered = standing.revision;
    const text = document.createElement("p"), button = Object.assign(document.createElement("button"), { type: "button", className: "btn btn-small ml-2", textContent: "Show it" });
    text.className = "message is-note";
    text.append(standing.undo_says ? `Changed elsewhere: ${standing.undo_says}.` : "Changed elsewhere.", button);
    button.addEventListener("click", () => { box.replaceChildren(); box.classList.add("hidden"); show(standing); });
    box.replaceChildren(text);
    box.classList.remove("hidden");
  }

  async function look() {
    // what is being saved here is no news, and a page nobody looks at asks nothing
    if (document.hidden || state.get("saving")) return;
    const known = state.get("revision");
    try {
      const standing = await getJson(`/shots/${setup.shot}/standing.json`);
      if (known !== state.get("revision") || state.get("saving")) return;
      if (standing.revision === known) { if (offered) { box.replaceChildren(); box.classList.add("hidden"); offered = 0; } return; }
      if (standing.revision !== offered) offer(standing);
    } catch { /* a server that is away is told where something is asked of it */ }
  }
  setInterval(look, LOOKS_MS);
  return { look };
}
