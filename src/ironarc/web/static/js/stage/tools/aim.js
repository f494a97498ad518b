// Where the pointer points: the ray from the camera through it, and the planes a drag runs in.
import * as THREE from "../../../vendor/three.js";

const UP = new THREE.Vector3(0, 1, 0);

export const roundTo = (value, step) => Math.round(value / step) * step;

export function createAim(canvas, cameras) {
  const raycaster = new THREE.Raycaster(), pointer = new THREE.Vector2();
  return {
    raycaster,
    at(event) {
      const r = canvas.getBoundingClientRect();
      pointer.set(((event.clientX - r.left) / r.width) * 2 - 1, 1 - ((event.clientY - r.top) / r.height) * 2);
      raycaster.setFromCamera(pointer, cameras.current());
      return raycaster;
    },
    // Points are set and dragged on an upright plane that faces the view; seen from the top, on a level one
    planeThrough(point) {
      const normal = cameras.view() === "top" ? UP : raycaster.ray.direction.clone().setY(0).normalize().negate();
      return new THREE.Plane().setFromNormalAndCoplanarPoint(normal, point);
    },
    on: (plane) => raycaster.ray.intersectPlane(plane, new THREE.Vector3()),
  };
}
