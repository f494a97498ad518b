// The form for films in Show, the work as it goes on, and the file at its end. It goes on whatever panel is open.
import { film, sheet, still, strip } from "./film.js";
import { leftSays, wrongWith, wrongWithPoses } from "./plan.js";

// Saved as the person's browser saves files
export function save(blob, name) {
  const link = Object.assign(document.createElement("a"), { href: URL.createObjectURL(blob), download: name });
  document.body.append(link);
  link.click();
  link.remove();
  window.setTimeout(() => URL.revokeObjectURL(link.href), 60_000);
}

export function createFilming(panel, state, setup, { stage, shown, actions }) {
  const bar = document.getElementById("filming"), words = bar.querySelector("[data-words]"), done = bar.querySelector("progress");
  let work = null;

  // What the form asks for; null where it can't be made, which is said
  async function wished(form, { from, to, poses = false }) {
    const [width, height] = form.elements.size.value.split("x").map(Number);
    const wish = {
      width, height, from, to, fps: setup.fps, speed: Number(form.elements.speed.value), rounds: Number(form.elements.rounds.value || 1),
      hold: state.get("hold"), words: form.elements.words.checked, as: form.elements.as.value, sound: form.elements.sound.checked,
      every: Number(form.elements.every.value),
    };
    const wrong = wrongWith(wish, setup) ?? (poses ? wrongWithPoses(wish) : null);
    if (wrong) { actions.say(wrong); return null; }
    const pushes = form.elements.pushes.checked;
    const now = { data: state.get("data"), motions: state.get("motions"), physics: pushes ? state.get("physics") : null };
    if (!form.elements.beside?.checked) return { ...wish, sides: [{ seen: now, word: "" }] };
    const [before, after] = await Promise.all(["before", "now"].map((variant) => shown.bring(variant, pushes)));
    return { ...wish, sides: [{ seen: before, word: "Before" }, { seen: after, word: "After" }] };
  }

  const facts = (wish) => ({ name: setup.name, fps: setup.fps, first: setup.first, speed: wish.speed });
  const named = (wish, ending) => `${setup.name} ${wish.from === wish.to ? wish.from : `${wish.from}-${wish.to}`}.${ending}`;

  async function make(form) {
    if (work) { actions.say("A film is being made already. Wait for it, or cancel it."); return; }
    const mine = (work = new AbortController());
    try {
      const wish = await wished(form, { from: Number(form.elements.from.value), to: Number(form.elements.to.value) });
      if (!wish) return;
      const begin = performance.now();
      bar.classList.remove("hidden");
      const told = (n, total) => {
        Object.assign(done, { value: n, max: total });
        words.textContent = [`Film: frame ${n} of ${total}`, leftSays(n, total, (performance.now() - begin) / 1000)].filter(Boolean).join(" · ");
      };
      told(0, (wish.to - wish.from + 1) * wish.rounds);
      const { blob, ending, silent, byServer } = await film(stage, facts(wish), wish, { told, signal: mine.signal });
      save(blob, named(wish, ending));
      const how = silent ? " This browser encodes no sound, so it is silent." : byServer ? " This browser can't encode films, so the server made it." : "";
      actions.note(`${ending === "zip" ? "The pictures are" : "The film is"} made: ${(blob.size / 1e6).toFixed(1)} MB.${how}`);
    } catch (error) {
      if (error.name !== "AbortError") actions.say(error.message);
    } finally {
      work = null;
      bar.classList.add("hidden");
    }
  }

  async function picture(form) {
    const frame = state.get("frame");
    try {
      const wish = await wished(form, { from: frame, to: frame });
      if (wish) save(await still(stage, facts(wish), wish, frame), named(wish, "png"));
    } catch (error) { actions.say(error.message); }
  }

  // Several poses on one picture
  async function poses(form, draw, word) {
    try {
      const wish = await wished(form, { from: Number(form.elements.from.value), to: Number(form.elements.to.value), poses: true });
      if (wish) save(await draw(stage, facts(wish), wish), `${setup.name} ${wish.from}-${wish.to} ${word}.png`);
    } catch (error) { actions.say(error.message); }
  }

  const ways = { still: picture, strip: (form) => poses(form, strip, "strip"), sheet: (form) => poses(form, sheet, "contact sheet") };
  panel.addEventListener("submit", (event) => {
    if (event.target.id !== "film") return;
    event.preventDefault();
    (ways[event.submitter?.value] ?? make)(event.target);
  });
  bar.querySelector("button").addEventListener("click", () => work?.abort());
  window.addEventListener("beforeunload", (event) => { if (work) event.preventDefault(); });
}
