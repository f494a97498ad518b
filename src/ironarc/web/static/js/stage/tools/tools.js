// What a hand does on the stage. A press goes to the first tool that begins on what lies under it; that one gets the
// moves and the end, or, with Esc, is cancelled. A tool's `move` says in words what it does.
// able : whether what is seen is what a hand can take
import { createAim } from "./aim.js";
import { createBendTool } from "./bend.js";
import { createDrawTool } from "./draw.js";
import { createPlaceTool } from "./place.js";
import { createPointTool } from "./point.js";
import { createPoseTool } from "./pose.js";
import { createSketchTool } from "./sketch.js";

const STILL_PX = 4; // a press that moves less is a click

export function createTools(canvas, signs, scene, { state, setup, cameras, markers, props, guides, actions, changed, block, grips, answer, able }) {
  const aim = createAim(canvas, cameras);
  const place = createPlaceTool(scene, signs, { aim, state, setup, actions });
  const bend = createBendTool({ aim, state, setup, guides, actions });
  const draw = createDrawTool({ aim, state, setup, cameras });
  const point = createPointTool(canvas, { aim, state, setup, cameras, markers, props, actions, block });
  const pose = createPoseTool(canvas, { aim, state, setup, cameras, block, grips, answer });
  const sketch = createSketchTool({ aim, state, setup, actions });
  const dragged = [sketch, pose, bend, place];
  let active = null, pressedAt = null, onTool = false; // whether the press was a tool's, whose click is none on nothing

  const stop = (event) => { event.stopImmediatePropagation(); event.preventDefault(); };

  function press(event) {
    pressedAt = [event.clientX, event.clientY];
    onTool = false;
    if (!able() || event.button !== 0 || !(event.target === canvas || signs.contains(event.target)) || draw.active()) return;
    aim.at(event);
    active = dragged.find((tool) => tool.begin(event)) ?? null;
    onTool = Boolean(active);
    if (!active) return;
    cameras.hold(true);
    canvas.setPointerCapture(event.pointerId);
    stop(event);
  }

  function move(event) {
    if (active) {
      aim.at(event);
      const says = active.move(event);
      if (says) { state.set({ dragSays: says }); changed(); }
      stop(event);
      return;
    }
    if (!able() || event.buttons || state.get("playing") || !(event.target === canvas || signs.contains(event.target))) return;
    aim.at(event);
    const hint = draw.active() ? null : dragged.map((tool) => tool.hint(event)).find(Boolean) ?? null;
    state.set({ dragSays: hint });
    canvas.style.cursor = draw.active() || state.get("sketch") ? "crosshair" : hint ? "grab" : "";
    point.hover(event, !hint);
  }

  // Nothing waits for what a hand did to be saved: it stands as it was left, and the hand goes on
  function letGo(finish) {
    active = null;
    cameras.hold(false);
    state.set({ dragSays: null });
    finish();
    changed();
  }

  function release(event) {
    if (!active) return;
    const tool = active;
    letGo(() => tool.end());
    stop(event);
  }

  function click(event) {
    if (!able() || onTool || !pressedAt || Math.hypot(event.clientX - pressedAt[0], event.clientY - pressedAt[1]) > STILL_PX || event.target !== canvas) return;
    aim.at(event);
    if (draw.active()) draw.click();
    else point.click(event);
  }

  const stage = canvas.parentElement;
  stage.addEventListener("pointerdown", press, true); // in the capture phase, before the camera's own
  stage.addEventListener("pointermove", move, true);
  stage.addEventListener("pointerup", release, true);
  stage.addEventListener("pointercancel", () => { const tool = active; if (tool) letGo(() => tool.cancel()); }, true);
  canvas.addEventListener("click", click);
  state.on(["frame"], () => { if (active?.stepped?.()) { const tool = active; letGo(() => tool.end()); } });
  canvas.addEventListener("pointerleave", point.leave);

  return {
    shiftOf: place.shiftOf,
    movedPoints: bend.movedPoints,
    place: place.place,
    show: place.show,
    // Puts back what is being dragged; says whether anything was
    cancel() {
      const tool = active;
      if (tool) letGo(() => tool.cancel());
      return Boolean(tool);
    },
  };
}
