// The Yard: choosing or dropping a file, and asking before a shot is taken away.

const form = document.getElementById("bring-in"), file = document.getElementById("file");
const hint = document.getElementById("drop-hint"), progress = document.getElementById("progress");

document.getElementById("choose").addEventListener("click", () => file.click());
file.addEventListener("change", () => { if (file.files.length) form.requestSubmit(); });

let inside = 0;
const showHint = (on) => { hint.classList.toggle("hidden", !on); hint.classList.toggle("flex", on); };
window.addEventListener("dragenter", (event) => { event.preventDefault(); inside += 1; showHint(true); });
window.addEventListener("dragleave", () => { inside -= 1; if (inside <= 0) { inside = 0; showHint(false); } });
window.addEventListener("dragover", (event) => event.preventDefault());
window.addEventListener("drop", (event) => {
  event.preventDefault();
  inside = 0;
  showHint(false);
  if (!event.dataTransfer.files.length) return;
  file.files = event.dataTransfer.files;
  form.requestSubmit();
});

form.addEventListener("htmx:beforeRequest", () => { document.getElementById("message").replaceChildren(); progress.textContent = "Bringing it in…"; });
form.addEventListener("htmx:xhr:progress", (event) => {
  const { loaded, total } = event.detail;
  if (total) progress.textContent = loaded < total ? `Bringing it in… ${Math.round((100 * loaded) / total)} %` : "Reading the physics…";
});
form.addEventListener("htmx:afterRequest", () => { progress.textContent = ""; file.value = ""; });
form.addEventListener("htmx:sendError", () => {
  document.getElementById("message").innerHTML = '<p class="message" role="alert">The server can\'t be reached. Start it again, then bring the file in once more.</p>';
});

for (const taking of document.querySelectorAll("form[data-confirm]")) {
  taking.addEventListener("submit", (event) => { if (!window.confirm(taking.dataset.confirm)) event.preventDefault(); });
}
