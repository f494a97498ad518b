// Four views: free in perspective, and front, side and top drawn square on.
import * as THREE from "../../vendor/three.js";

const UP = new THREE.Vector3(0, 1, 0);

// covered : pixels at the stage's right that something lies over; what is fitted stands beside it
export function createCameras(canvas, travel, redraw, covered = () => 0) {
  const free = new THREE.PerspectiveCamera(32, 1, 0.05, 200);
  const square = new THREE.OrthographicCamera(-1, 1, 1, -1, 0.05, 200);
  const along = new THREE.Vector3(...travel).normalize();
  const aside = new THREE.Vector3().crossVectors(along, UP).normalize(); // travel runs left to right seen from here
  let view = "free", aspect = 1, box = null;
  let controls = null;

  function useCamera(camera) {
    controls?.dispose();
    controls = new THREE.OrbitControls(camera, canvas);
    controls.enableDamping = false;
    controls.enableRotate = camera === free;
    controls.zoomSpeed = 1.4;
    controls.addEventListener("change", redraw);
  }

  function directionOf(name) {
    if (name === "front") return along.clone();
    if (name === "side") return aside.clone();
    if (name === "top") return UP.clone().addScaledVector(aside, 1e-4);
    return aside.clone().multiplyScalar(0.93).addScaledVector(along, 0.24).addScaledVector(UP, 0.22).normalize();
  }

  // Places the view's camera so that the whole jump is seen
  function fit() {
    if (!box) return;
    const camera = view === "free" ? free : square;
    const centre = box.getCenter(new THREE.Vector3());
    const away = directionOf(view);
    const right = new THREE.Vector3().crossVectors(view === "top" ? aside.clone().negate() : UP, away).normalize();
    const up = new THREE.Vector3().crossVectors(away, right).normalize();
    let wide = 0, tall = 0, deep = 0;
    const corner = new THREE.Vector3();
    for (let i = 0; i < 8; i++) {
      corner.set(i & 1 ? box.max.x : box.min.x, i & 2 ? box.max.y : box.min.y, i & 4 ? box.max.z : box.min.z).sub(centre);
      wide = Math.max(wide, Math.abs(corner.dot(right)));
      tall = Math.max(tall, Math.abs(corner.dot(up)));
      deep = Math.max(deep, Math.abs(corner.dot(away)));
    }
    const open = Math.max(1 - covered() / Math.max(canvas.clientWidth, 1), 0.5), room = aspect * open;
    camera.up.copy(view === "top" ? aside.clone().negate() : UP);
    if (view === "free") {
      const half = Math.tan(THREE.MathUtils.degToRad(free.fov / 2));
      const distance = Math.max(tall * 1.08 / half, wide * 1.02 / (half * room)) + deep * 0.5;
      centre.addScaledVector(right, (1 - open) * half * aspect * distance);
      free.position.copy(centre).addScaledVector(away, distance);
    } else {
      const size = Math.max(tall * 1.14, wide * 1.08 / room);
      centre.addScaledVector(right, (1 - open) * size * aspect);
      square.userData.size = size;
      square.zoom = 1;
      square.position.copy(centre).addScaledVector(away, 20);
      resize(aspect);
    }
    camera.lookAt(centre);
    controls.target.copy(centre);
    controls.update();
    redraw();
  }

  function resize(newAspect) {
    aspect = newAspect;
    free.aspect = aspect;
    free.updateProjectionMatrix();
    const size = square.userData.size ?? 1;
    Object.assign(square, { left: -size * aspect, right: size * aspect, top: size, bottom: -size });
    square.updateProjectionMatrix();
  }

  // How far to the sides what there is to see reaches, as a share of half the view
  function reaches() {
    if (!box) return 1;
    const camera = view === "free" ? free : square, corner = new THREE.Vector3();
    let most = 0;
    for (let i = 0; i < 8; i++) {
      corner.set(i & 1 ? box.max.x : box.min.x, i & 2 ? box.max.y : box.min.y, i & 4 ? box.max.z : box.min.z).project(camera);
      most = Math.max(most, Math.abs(corner.x));
    }
    return most;
  }

  useCamera(free);
  return {
    along, aside,
    view: () => view,
    // while something on the stage is dragged, the camera holds still
    hold(still) { controls.enabled = !still; },
    // How large a pixel is at what the camera looks at
    metresPerPixel: (tallPx, camera = view === "free" ? free : square) => (camera.isOrthographicCamera ? (camera.top - camera.bottom) / camera.zoom : 2 * Math.tan(THREE.MathUtils.degToRad(camera.fov / 2)) * camera.position.distanceTo(controls.target)) / Math.max(tallPx, 1),
    // The view as it is, on a picture of another shape: wide enough for what there is to see, or as wide as it was
    filmed(shape) {
      const camera = (view === "free" ? free : square).clone(), wider = Math.min(Math.max(1, reaches() * (aspect / shape) * 1.06), Math.max(aspect / shape, 1));
      if (view === "free") {
        camera.fov = 2 * THREE.MathUtils.radToDeg(Math.atan(Math.tan(THREE.MathUtils.degToRad(free.fov / 2)) * wider));
        camera.aspect = shape;
      } else Object.assign(camera, { top: square.top * wider, bottom: square.bottom * wider, left: -square.top * wider * shape, right: square.top * wider * shape });
      camera.updateProjectionMatrix();
      camera.updateMatrixWorld();
      return camera;
    },
    current: () => (view === "free" ? free : square),
    resize,
    fit,
    // Keeps the view as it is, but when there was none, or `again` asks for it
    setBox(newBox, again) { const first = !box; box = newBox; if (first || again) fit(); },
    setView(name) {
      view = name;
      useCamera(name === "free" ? free : square);
      fit();
    },
  };
}
