// The Show panel: named clips made, changed, played and taken home.
import { postJson } from "../api.js";
import { createFields } from "./fields.js";

export function createShowPanel(panel, state, setup, actions) {
  const { whole, all } = createFields(actions.say);
  const clipOf = (node) => node.closest("[data-clip]").dataset.clip;
  const edit = (kind, more) => actions.edit({ kind, performer: state.get("who"), ...more });

  panel.addEventListener("click", (event) => {
    const button = event.target.closest("[data-show]");
    if (!button) return;
    const { show, start, end, loops } = button.dataset;
    if (show === "play") state.set({ playRange: [Number(start), Number(end)], frame: Number(start), loop: loops === "1", playing: true });
    if (show === "double") edit("double_clip", { clip: clipOf(button) });
    if (show === "end-before") edit("set_clip", { clip: clipOf(button), end: Number(end) });
    if (show === "find-loop") edit("find_loop", { clip: clipOf(button) });
    if (show === "beside") actions.change((revision) => postJson(`/shots/${setup.shot}/take-beside`, { revision, performer: state.get("who"), take: Number(button.dataset.take) }));
    if (show === "begin") edit("begin_clip", { clip: clipOf(button), other: button.closest("[data-clip]").querySelector("[data-begins-with]").value });
    if (show === "shelf") keepOnShelf(clipOf(button));
    if (show === "remove") edit("remove_clip", { clip: clipOf(button) });
    if (show === "range") {
      const form = document.getElementById("export");
      form.elements.from.value = start;
      form.elements.to.value = end;
      form.scrollIntoView({ block: "center" });
      form.elements.from.focus();
    }
  });

  async function copyLink(frame) {
    const address = new URL(window.location.href);
    address.searchParams.set("frame", frame);
    address.searchParams.set("step", "show");
    try { await window.navigator.clipboard.writeText(address.href); actions.note("The link is copied."); } catch { actions.say(`Copy it from here: ${address.href}`, "stays"); }
  }

  async function keepOnShelf(clip) {
    try {
      const { says } = await postJson(`/shots/${setup.shot}/r/${state.get("revision")}/clips/${clip}/shelf?${new URLSearchParams({ who: state.get("who") })}`, {});
      actions.say(says, "stays");
    } catch (error) { actions.say(error.message); }
  }

  panel.addEventListener("change", (event) => {
    const field = event.target, what = field.dataset.clipChange;
    if (!what) return;
    const value = what === "start" || what === "end" ? whole(field, field.getAttribute("aria-label")) : field.value;
    if (typeof value === "string" || all(value)) edit("set_clip", { clip: clipOf(field), [what]: value });
  });
  panel.addEventListener("keydown", (event) => { if (event.key === "Enter" && event.target.dataset.clipChange) event.target.blur(); });

  panel.addEventListener("click", (event) => { if (event.target.closest('[data-show="take"]')) panel.querySelector("#take-file").click(); });
  panel.addEventListener("change", (event) => {
    if (event.target.id !== "take-file" || !event.target.files.length) return;
    const files = [...event.target.files];
    event.target.value = "";
    actions.newTake(files.slice(0, 1));
  });

  // A name is typed once
  const NAME = "ironarc-reviewer";
  const nameOf = () => panel.querySelector('#new-remark [name="by"]')?.value.trim() ?? "";
  const remarkOf = (node) => node.closest("[data-remark]").dataset.remark;
  panel.addEventListener("click", (event) => {
    const { show, settled } = event.target.closest("[data-show]")?.dataset ?? {};
    const button = event.target.closest("[data-show]");
    if (show === "sketch") {
      const { remark, kind } = state.get("sketch") ?? {}, mine = remarkOf(button), same = remark === mine && kind === button.dataset.kind;
      // it is drawn on the note's own frame
      const at = setup.remarks.find((r) => r.id === mine)?.frame;
      state.set({ sketch: same ? null : { remark: mine, kind: button.dataset.kind, points: [] }, playing: false, ...(at ? { frame: at } : {}) });
    }
    if (show === "link") copyLink(button.dataset.frame);
    if (show === "clear-sketch") actions.edit({ kind: "clear_remark", remark: remarkOf(button) });
    if (show === "settle") actions.edit({ kind: "settle_remark", remark: remarkOf(event.target), settled: settled === "1" });
    if (show === "remove-remark") actions.edit({ kind: "remove_remark", remark: remarkOf(event.target) });
  });
  panel.addEventListener("submit", (event) => {
    const form = event.target, answer = form.dataset.answer;
    if (form.id !== "new-remark" && !answer) return;
    event.preventDefault();
    const text = form.elements.text.value, by = nameOf();
    if (!text.trim()) { actions.say("Type the words of the note first."); form.elements.text.focus(); return; }
    try { window.localStorage.setItem(NAME, by); } catch { /* a browser that keeps nothing asks again */ }
    form.elements.text.value = "";
    delete form.elements.text.dataset.typed;
    if (answer) actions.edit({ kind: "answer_remark", remark: answer, text, by });
    else edit("add_remark", { frame: state.get("frame"), text, by, part: form.elements.part.value });
  });

  panel.addEventListener("submit", (event) => {
    if (event.target.id !== "new-clip") return;
    event.preventDefault();
    const { name, start, end } = event.target.elements, from = whole(start, "The first frame"), to = whole(end, "The last frame");
    if (all(from, to)) edit("add_clip", { name: name.value, start: from, end: to });
  });

  const first = () => panel.querySelector('#new-clip [name="start"]');
  panel.addEventListener("input", (event) => { if (event.target === first()) event.target.dataset.typed = ""; });
  function markSketch() {
    const { remark, kind } = state.get("sketch") ?? {};
    for (const button of panel.querySelectorAll('[data-show="sketch"]')) button.setAttribute("aria-pressed", String(remark === remarkOf(button) && kind === button.dataset.kind));
  }
  state.on(["sketch"], markSketch);
  // away from the notes nothing is drawn for one
  state.on(["step"], ({ step }) => { if (step !== "show" && state.get("sketch")) state.set({ sketch: null }); });

  function settle() {
    markSketch();
    const field = first(), name = panel.querySelector('#new-remark [name="by"]');
    if (field) field.value ||= state.get("frame");
    if (name) name.value ||= window.localStorage?.getItem(NAME) ?? "";
  }
  // a clip begins where the playhead is, unless somebody typed otherwise
  state.on(["frame", "step"], () => { const field = first(); if (field && !state.get("playing") && !("typed" in field.dataset)) field.value = state.get("frame"); });
  // what is played on its own is so until it stops
  state.on(["playing"], ({ playing }) => { if (!playing) state.set({ playRange: null }); });
  return { settle };
}
