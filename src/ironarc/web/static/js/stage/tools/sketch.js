// Draws a line, an arrow or a circle for a note: dragged over the view, kept in the world.
import * as THREE from "../../../vendor/three.js";
import { roundTo } from "./aim.js";

const LEAST_M = 0.02, ROUND = 32; // between two points of a line; points of a circle

export function createSketchTool({ aim, state, setup, actions }) {
  let plane = null, points = [];
  const pointed = () => aim.on(plane);

  // In the plane through the body that faces the view
  function planeOfView() {
    const com = state.get("data")?.com[state.get("frame") - setup.first] ?? [0, 1, 0];
    return aim.planeThrough(new THREE.Vector3(...com));
  }

  function strokeOf(kind) {
    if (kind === "line" || points.length < 2) return points;
    const [from, to] = [points[0], points.at(-1)];
    if (kind === "arrow") return [from, to];
    const out = to.clone().sub(from);
    return Array.from({ length: ROUND + 1 }, (_, i) => out.clone().applyAxisAngle(plane.normal, (i / ROUND) * 2 * Math.PI).add(from));
  }

  const show = () => { const sketch = state.get("sketch"); state.set({ sketch: { ...sketch, points: strokeOf(sketch.kind).map((p) => p.toArray()) } }); };

  return {
    hint: () => null,
    begin() {
      if (!state.get("sketch")) return false;
      plane = planeOfView();
      const at = pointed();
      points = at ? [at] : [];
      return Boolean(at);
    },
    move() {
      const at = pointed(), kind = state.get("sketch")?.kind;
      if (!at || !kind) return null;
      if (kind !== "line") points = [points[0], at];
      else if (at.distanceTo(points.at(-1)) >= LEAST_M) points.push(at);
      show();
      return `${kind[0].toUpperCase()}${kind.slice(1)}`;
    },
    end() {
      const { remark, kind } = state.get("sketch") ?? {};
      const drawn = strokeOf(kind).map((p) => p.toArray().map((v) => roundTo(v, 1e-3)));
      if (remark && drawn.length > 1) actions.edit({ kind: "draw_remark", remark, stroke: kind, points_m: drawn });
      if (remark) state.set({ sketch: { remark, kind, points: [] } });
      points = [];
    },
    cancel() {
      points = [];
      const sketch = state.get("sketch");
      if (sketch) state.set({ sketch: { ...sketch, points: [] } });
    },
  };
}
