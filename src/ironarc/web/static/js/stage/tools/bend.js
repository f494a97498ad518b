// Drags a point of a guide curve.
import * as THREE from "../../../vendor/three.js";
import { itemOf } from "../../scene.js";
import { roundTo } from "./aim.js";

export function createBendTool({ aim, setup, guides, actions }) {
  let point = null, moved = null;

  const putBack = () => { point = moved = null; };

  return {
    hint: () => (guides.hit(aim.raycaster)?.guide ? "drag to bend the guide curve" : null),
    begin() {
      const hit = guides.hit(aim.raycaster);
      if (!hit?.guide) return false;
      const { points } = itemOf(setup, hit.guide);
      point = { ...hit, points, plane: aim.planeThrough(new THREE.Vector3(...points[hit.index])) };
      return true;
    },
    move() {
      const at = aim.on(point.plane);
      if (!at) return null;
      moved = point.points.map((p, i) => (i === point.index ? at.toArray().map((v) => roundTo(v, 1e-3)) : p));
      return `${Math.trunc((at.y - setup.floor) * 100)} cm up`;
    },
    async end() {
      const { guide } = point, points_m = moved;
      point = null;
      if (points_m) await actions.edit({ kind: "set_item", item: guide, changes: { points_m }, words: `Bend ${itemOf(setup, guide).name}` });
      moved = null;
    },
    cancel: putBack,
    movedPoints: () => moved,
  };
}
