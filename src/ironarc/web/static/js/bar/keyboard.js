// Keys that work anywhere on the bench but in a field.

const VIEWS = { 1: "front", 2: "side", 3: "top", 4: "free" };
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

export function createKeyboard(state, { doing, setView, planner }, actions) {
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
