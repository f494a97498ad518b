// Keys that work anywhere on the bench but in a field.

const VIEWS = { 1: "front", 2: "side", 3: "top", 4: "free", 5: "lens" };
const TEXT = "input:not([type=range]):not([type=checkbox]):not([type=file]), textarea";
const PRESSED = "button, summary, select, a, label, input[type=range], input[type=checkbox], [role=button]";

// What a mouse has pressed lets go of the keyboard, so that Space plays and no key presses the same thing again;
// what was reached by Tab keeps it
export function letGoAfterMouse(root) {
  const letGo = () => {
    const at = document.activeElement;
    if (at && at !== document.body && !at.matches(TEXT) && !at.closest("dialog")) at.blur();
  };
  // a click made by a key has no pointer
  root.addEventListener("click", (event) => { if (event.detail && event.target.closest(PRESSED) && !event.target.closest("select, dialog")) letGo(); });
  root.addEventListener("pointerup", (event) => { if (event.target.matches("input[type=range]")) setTimeout(letGo); });
  let byMouse = false;
  root.addEventListener("pointerdown", (event) => { byMouse = Boolean(event.target.closest("select")); }, true);
  root.addEventListener("keydown", () => { byMouse = false; }, true);
  root.addEventListener("change", (event) => { if (byMouse && event.target.matches("select")) letGo(); });
}

// Keys of the Block step. Says whether it took the event.
function blockKey(event, state, { block, stage, keys, curves }) {
  if (!block.inBlock()) return false;
  const key = event.key.toLowerCase(), arrow = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] }[event.key];
  const ctrl = event.ctrlKey || event.metaKey;
  if (event.altKey && arrow) {
    if (state.get("lastTaken") === "keys") { if (arrow[0]) keys.nudge(arrow[0]); return true; }
    if (state.get("lastTaken") === "curves") { curves.nudge(arrow[0], arrow[1] * (event.shiftKey ? 0.1 : 1)); return true; }
    const step = event.shiftKey ? 0.001 : 0.01;
    if (state.get("grips").length) block.finish([stage.nudge(arrow[0] * step, arrow[1] * step)]);
    return true;
  }
  if (ctrl && key === "c") { block.copy(); return true; }
  if (ctrl && key === "v") { block.paste(); return true; }
  if (ctrl || event.altKey) return false;
  if (event.key === "Tab" && (document.activeElement === document.body || document.activeElement.matches(".stage-canvas"))) { block.walk(event.shiftKey ? -1 : 1); return true; }
  if (key === "pageup" || key === "pagedown") { block.stepPose(key === "pagedown" ? 1 : -1); return true; }
  if (key === "k") { if (event.shiftKey) block.setKeys([]); else block.keep(); return true; }
  if (key === "r" || key === "t") { block.setOptions({ tool: key === "r" ? "reach" : "turn" }); return true; }
  if (key === "h") { block.setOptions({ bare: !state.get("options").bare }); return true; }
  if (key === "m") { block.finish([{ do: "mirror", how: "flip" }]); return true; }
  if (event.key === "Delete" && state.get("keysTaken").length) { keys.remove(); return true; }
  return false;
}

export function createKeyboard(state, { doing, setView, planner }, actions, hands) {
  const plain = {
    " ": doing.play, ArrowLeft: doing.back, ArrowRight: doing.on, Home: doing.first, End: doing.last,
    l: doing.loop, b: doing.side, f: doing.fit, p: doing["fold-panel"], "+": doing["zoom-in"], "=": doing["zoom-in"],
    "-": doing["zoom-out"], 0: doing["zoom-all"], Escape: actions.putBack,
    ",": doing["previous-mark"], ".": doing["next-mark"], n: doing.planner, Delete: doing.remove,
    "?": () => document.getElementById("keys").showModal(),
  };

  letGoAfterMouse(document.body);
  document.addEventListener("keydown", (event) => {
    const { target } = event, letter = event.key.toLowerCase();
    const typing = target.matches(`${TEXT}, select`) || target.closest("dialog");
    if ((event.ctrlKey || event.metaKey) && !event.altKey && !typing && (letter === "z" || letter === "y")) {
      event.preventDefault();
      (letter === "y" || event.shiftKey ? actions.redo : actions.undo)();
      return;
    }
    if (!typing && blockKey(event, state, hands)) { event.preventDefault(); return; }
    if (typing || event.ctrlKey || event.metaKey || event.altKey) return;
    if (event.key === "Escape" && planner.close()) return;
    // reached by Tab, a button keeps its own Space, a slider the keys that move it
    if (event.key === " " && target.closest("button, summary, [role=button]")) return;
    if (target.matches("input[type=range], [role=separator]") && /^(Arrow|Home|End|Page)/.test(event.key)) return;
    const key = event.key.length === 1 ? letter : event.key;
    const moment = { ArrowLeft: "previous-moment", ArrowRight: "next-moment" }[event.key];
    if (event.shiftKey && moment) { event.preventDefault(); doing[moment](); return; }
    if (VIEWS[key]) { setView(VIEWS[key]); return; }
    if (plain[key]) { event.preventDefault(); plain[key](); }
  });
}
