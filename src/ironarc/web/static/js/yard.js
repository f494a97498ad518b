// The Yard: choosing or dropping a file.
import { kindOfFiles, letDrop } from "./drop.js";

const form = document.getElementById("bring-in"), file = document.getElementById("file");
const hint = document.getElementById("drop-hint"), progress = document.getElementById("progress"), message = document.getElementById("message");

function say(words) {
  const text = document.createElement("p");
  Object.assign(text, { className: "message", textContent: words });
  text.setAttribute("role", "alert");
  message.replaceChildren(text);
}

function bringIn() {
  const { refused } = kindOfFiles([...file.files]);
  if (refused) { say(refused); file.value = ""; return; }
  form.requestSubmit();
}

document.getElementById("choose").addEventListener("click", () => file.click());
file.addEventListener("change", () => { if (file.files.length) bringIn(); });
letDrop({
  show(on) { hint.classList.toggle("hidden", !on); hint.classList.toggle("flex", on); },
  take(files) {
    const given = new DataTransfer();
    for (const one of files) given.items.add(one);
    file.files = given.files;
    bringIn();
  },
});

// all that are there are ticked, or none
document.addEventListener("change", (event) => {
  if (event.target.id !== "tick-all") return;
  for (const box of document.querySelectorAll('#table [name="shot"]')) box.checked = event.target.checked;
});

document.addEventListener("click", (event) => {
  const button = event.target.closest("[data-sheets]");
  if (!button) return;
  const chosen = [...document.querySelectorAll('#table [name="shot"]:checked')].map((box) => ["shot", box.value]);
  if (chosen.length) window.location.assign(`${button.dataset.sheets}?${new URLSearchParams(chosen)}`);
  else say("No shot selected. Tick those you mean first.");
});

form.addEventListener("htmx:beforeRequest", () => { progress.textContent = "Bringing it in…"; });
form.addEventListener("htmx:xhr:progress", (event) => {
  const { loaded, total } = event.detail;
  if (total) progress.textContent = loaded < total ? `Bringing it in… ${Math.round((100 * loaded) / total)} %` : "Reading the physics…";
});
// what is asked of a file is answered with the same file
form.addEventListener("htmx:afterRequest", () => { progress.textContent = ""; if (!message.querySelector(".asks")) file.value = ""; });
message.addEventListener("click", (event) => {
  if (event.target.id !== "leave-it") return;
  message.replaceChildren();
  file.value = "";
});
form.addEventListener("htmx:sendError", () => say("The server can't be reached. Start it again, then bring the file in once more."));
