// The right mouse button in Block: on a grip, on a key, on nothing.
import { createMenu } from "../menu.js";
import { isSelected } from "./selection.js";

const CLICK_PX = 4; // a press that moves farther turns or shifts the view

export function createBlockMenus(stage, lanes, state, { block, keys }) {
  const menu = createMenu();
  let pressed = null;

  const onGrip = (name) => [
    ["Key it", () => block.setKeys([name]), "K"],
    ["Pin it here", () => block.pinHere(name)],
    ["Select the limb", () => block.takeLimb(name)],
    ["Reset to rest", () => block.finish([{ do: "reset", to: "rest", parts: [name] }])],
    ["Copy it", () => block.copy(), "Ctrl C"],
  ];
  const onNothing = () => [
    ["Key the pose", () => block.setKeys([]), "Shift K"],
    ["Copy the pose", () => { block.letGo(); block.copy(); }, "Ctrl C"],
    ["Paste", () => block.paste(), "Ctrl V"],
    ["Mirror the pose", () => block.finish([{ do: "mirror", how: "flip" }]), "M"],
  ];
  const onKey = () => [
    ["Copy to the playhead", () => keys.copyTo(state.get("frame"))],
    ["One frame earlier", () => keys.nudge(-1), "Alt ←"],
    ["One frame later", () => keys.nudge(1), "Alt →"],
    ["Delete", () => keys.remove(), "Delete"],
  ];

  stage.addEventListener("pointerdown", (event) => { pressed = event.button === 2 ? [event.clientX, event.clientY] : null; }, true);
  stage.addEventListener("contextmenu", (event) => {
    if (!block.inBlock() || state.get("playing") || !state.get("block")) return;
    event.preventDefault();
    if (!pressed || Math.hypot(event.clientX - pressed[0], event.clientY - pressed[1]) > CLICK_PX) return;
    const name = event.target.closest?.(".grip")?.dataset.grip;
    if (name && !state.get("grips").includes(name)) block.take([name]);
    menu.open(event, name ? onGrip(name) : onNothing());
  });
  lanes.addEventListener("contextmenu", (event) => {
    const key = event.target.closest?.("[data-key]")?.dataset.key;
    if (!block.inBlock() || !key) return;
    event.preventDefault();
    const [part, frame] = key.split("|");
    if (!isSelected(state.get("keysTaken"), part, Number(frame))) state.set({ keysTaken: [key], lastTaken: "keys" });
    menu.open(event, onKey());
  });
}
