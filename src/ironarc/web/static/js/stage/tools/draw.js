// Sets the points of a new guide curve, one a click.
import * as THREE from "../../../vendor/three.js";
import { roundTo } from "./aim.js";

export function createDrawTool({ aim, state, setup, cameras }) {
  // New points stand in the plane the body travels in, whatever the view is turned to, unless it is seen end on
  function pointed() {
    const near = new THREE.Vector3(...(state.get("drawing").points.at(-1) ?? state.get("data").com[state.get("frame") - setup.first]));
    const plane = aim.planeThrough(near);
    if (cameras.view() === "free") plane.setFromNormalAndCoplanarPoint(cameras.aside, near);
    return aim.on(plane);
  }

  return {
    active: () => Boolean(state.get("drawing")),
    click() {
      const at = pointed(), drawing = state.get("drawing");
      if (at) state.set({ drawing: { ...drawing, points: [...drawing.points, at.toArray().map((v) => roundTo(v, 1e-3))] } });
    },
  };
}
