// Keys that work anywhere on the bench but in a field.

const VIEWS = { 1: "front", 2: "side", 3: "top", 4: "free" };

export function createKeyboard(state, { doing, setView, planner }, actions) {
  const plain = {
    " ": doing.play, ArrowLeft: doing.back, ArrowRight: doing.on, Home: doing.first, End: doing.last,
    l: doing.loop, b: doing.side, f: doing.fit, p: doing["fold-panel"], "+": doing["zoom-in"], "=": doing["zoom-in"],
    "-": doing["zoom-out"], 0: doing["zoom-all"], Escape: actions.putBack,
    ",": doing["previous-mark"], ".": doing["next-mark"], n: doing.planner, Delete: doing.remove,
    "?": () => document.getElementById("keys").showModal(),
  };

  document.addEventListener("keydown", (event) => {
    const { target } = event;
    const typing = target.matches("input:not([type=range]):not([type=checkbox]), textarea, select") || target.closest("dialog");
    if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === "z" && !typing) {
      event.preventDefault();
      (event.shiftKey ? actions.redo : actions.undo)();
      return;
    }
    if (typing || event.ctrlKey || event.metaKey || event.altKey) return;
    // a focused button keeps its own Space, a slider the keys that move it
    if (event.key === "Escape" && planner.close()) return;
    if (event.key === " " && target.closest("button, summary, [role=button]")) return;
    if (target.matches("input[type=range]") && /^(Arrow|Home|End|Page)/.test(event.key)) return;
    const key = event.key.length === 1 ? event.key.toLowerCase() : event.key;
    const moment = { ArrowLeft: "previous-moment", ArrowRight: "next-moment" }[event.key];
    if (event.shiftKey && moment) { event.preventDefault(); doing[moment](); return; }
    if (VIEWS[key]) { setView(VIEWS[key]); return; }
    if (plain[key]) { event.preventDefault(); plain[key](); }
  });
}
