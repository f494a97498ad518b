// Drags a point of a guide curve.
import * as THREE from "../../../vendor/three.js";
import { itemOf } from "../../scene.js";
import { roundTo } from "./aim.js";

export function createBendTool({ aim, state, setup, guides, actions }) {
  let drag = null;
  let unsaved = []; // points let go of, in order: { guide, index, at, saved }
  state.on(["scene"], () => { unsaved = unsaved.filter((kept) => !kept.saved); });

  // A guide's points with what is moved of them, or null where nothing is
  function movedPoints(guide) {
    const moved = [...unsaved, ...(drag?.at ? [drag] : [])].filter((kept) => kept.guide === guide);
    if (!moved.length) return null;
    const points = [...itemOf(setup, guide).points];
    for (const { index, at } of moved) points[index] = at;
    return points;
  }

  return {
    hint: () => (guides.hit(aim.raycaster)?.guide ? "drag to bend the guide curve" : null),
    begin() {
      const hit = guides.hit(aim.raycaster);
      if (!hit?.guide) return false;
      const points = movedPoints(hit.guide) ?? itemOf(setup, hit.guide).points;
      drag = { ...hit, at: null, saved: false, plane: aim.planeThrough(new THREE.Vector3(...points[hit.index])) };
      return true;
    },
    move() {
      const at = aim.on(drag.plane);
      if (!at) return null;
      drag.at = at.toArray().map((v) => roundTo(v, 1e-3));
      return `${Math.trunc((at.y - setup.floor) * 100)} cm up`;
    },
    end() {
      const kept = drag;
      drag = null;
      if (!kept.at) return;
      unsaved.push(kept);
      actions.editOn(() => {
        const item = itemOf(setup, kept.guide);
        return item && { kind: "set_item", item: kept.guide, changes: { points_m: item.points.map((p, i) => (i === kept.index ? kept.at : p)) }, words: `Bend ${item.name}` };
      }, () => { kept.saved = true; }).then((made) => { if (!made) unsaved = unsaved.filter((other) => other !== kept); });
    },
    cancel() { drag = null; },
    movedPoints,
  };
}
