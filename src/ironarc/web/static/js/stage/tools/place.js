// Moves, turns, lifts and scales what is picked on the scene sheet, by its handles: shown at once by a matrix, and
// one edit on release. What was let go of stands where it was left until it is saved; the next drag goes on from there.
import * as THREE from "../../../vendor/three.js";
import { isPerformer, itemOf, propRow, SETTING } from "../../scene.js";
import { createHandles, shiftOf } from "../handles.js";
import { roundTo } from "./aim.js";

const HINTS = { move: "drag to move it over the floor", turn: "drag to turn it", lift: "drag to lift it", scale: "drag to scale it" };
const VERBS = { move: "Move", lift: "Lift", turn: "Turn", scale: "Scale" };

function says({ how, moved: by, turned, scaled }) {
  if (how === "turn") return `turned ${THREE.MathUtils.radToDeg(turned).toFixed(0)}°`;
  if (how === "scale") return `scaled to ${(scaled * 100).toFixed(0)} %`;
  if (how === "lift") return `lifted ${(by.y * 100).toFixed(0)} cm`;
  return `moved ${(by.x * 100).toFixed(0)} cm across, ${(by.z * 100).toFixed(0)} cm along`;
}

export function createPlaceTool(scene, signs, { aim, state, setup, actions }) {
  const handles = createHandles(scene, signs);
  let shift = null, shiftId = null;
  let unsaved = []; // { id, shift, saved }, in order

  // in Strike a performer that is picked is not what is worked on
  function picked() {
    const step = state.get("step"), item = SETTING.has(step) ? itemOf(setup, state.get("pick")) : null;
    return item && step === "strike" && isPerformer(setup, item.id) ? null : item;
  }

  // Where the handles stand for what is picked, or null
  function standOf(item, frame) {
    if (!item || item.locked || item.hidden || state.get("playing")) return null;
    if (isPerformer(setup, item.id)) {
      const motion = state.get("motions")[item.id];
      if (!motion) return null;
      const at = (frame - setup.first) * item.figure.joints * 7, tall = item.figure.height;
      return { at: new THREE.Vector3(motion[at], setup.floor, motion[at + 2]), radius: tall * 0.42, height: tall * 0.62, turn: item.placement.turn };
    }
    if (!("size" in item)) return null; // props alone
    const [x, y, z] = propRow(setup, item, frame), [w, h, d] = item.size;
    return { at: new THREE.Vector3(x, y, z), radius: Math.hypot(w, d) / 2 + 0.18, height: h + 0.25, turn: item.turn[0] };
  }

  function editOf(item, by, matrix) {
    if (isPerformer(setup, item.id)) {
      const { offset, turn, scale } = item.placement;
      const offset_m = new THREE.Vector3(...offset).applyMatrix4(matrix).toArray().map((v) => roundTo(v, 1e-4));
      return { kind: "place_performer", performer: item.id, offset_m, turn_rad: turn + by.turned, scale: scale * by.scaled };
    }
    const at_m = item.at.map((v, i) => roundTo(v + by.moved.getComponent(i), 1e-3));
    const changes = {
      move: { at_m }, lift: { at_m }, turn: { turn_rad: [item.turn[0] + by.turned, item.turn[1], item.turn[2]] },
      scale: { size_m: item.size.map((v) => roundTo(v * by.scaled, 1e-3)) },
    }[by.how];
    return { kind: "set_item", item: item.id, changes, words: `${VERBS[by.how]} ${item.name}` };
  }

  // All that an item is shifted by over where it stands in the shot, in order
  const shiftsOf = (id) => [...unsaved.filter((kept) => kept.id === id).map((kept) => kept.shift), ...(shift && id === shiftId ? [shift] : [])];
  const wholeShift = (id) => { const all = shiftsOf(id); return all.length ? all.reduce((whole, next) => next.clone().multiply(whole), new THREE.Matrix4()) : null; };
  state.on(["scene"], () => { unsaved = unsaved.filter((kept) => !kept.saved); });

  const putBack = () => { handles.end(); shift = shiftId = null; };

  return {
    hint: (event) => HINTS[handles.hit(event)] ?? null,
    begin(event) {
      const how = handles.hit(event);
      if (!how || !handles.begin(how, aim.raycaster)) return false;
      shiftId = state.get("pick");
      return true;
    },
    move() {
      const by = handles.move(aim.raycaster);
      if (!by) return null;
      shift = shiftOf(by);
      shift.userData = by;
      return says(by);
    },
    end() {
      const kept = shift && { id: shiftId, shift, saved: false };
      putBack();
      if (!kept) return;
      unsaved.push(kept);
      actions.editOn(() => {
        const item = itemOf(setup, kept.id);
        return item && editOf(item, kept.shift.userData, kept.shift);
      }, () => { kept.saved = true; }).then((made) => { if (!made) unsaved = unsaved.filter((other) => other !== kept); });
    },
    cancel: putBack,
    place: handles.place,
    shiftOf: wholeShift,
    show(frame) {
      const stand = standOf(picked(), frame);
      if (!stand) { handles.hide(); return; }
      for (const by of shiftsOf(state.get("pick"))) {
        stand.at.applyMatrix4(by);
        stand.turn += by.userData.turned;
        stand.radius *= by.userData.scaled;
      }
      handles.show(stand);
    },
  };
}
