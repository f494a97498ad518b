// Five views: free in perspective, front, side and top drawn square on, and what a shot camera sees.
import * as THREE from "../../vendor/three.js";
import { AIM, FOCAL, PLACE, ROLL, roomOf, tallOf, trackAt } from "./lens.js";

const UP = new THREE.Vector3(0, 1, 0), REST_MS = 220;

// covered : pixels at the stage's right that something lies over; what is fitted stands beside it
// smalls : pixels at its right that small views lie on, beside which a shot camera's picture stands
// moved(id, { place_m, aim_m }, index) : a shot camera was moved by hand on a frame
export function createCameras(canvas, travel, redraw, { covered = () => 0, smalls = () => 0, moved = () => {} } = {}) {
  const free = new THREE.PerspectiveCamera(32, 1, 0.05, 200);
  const square = new THREE.OrthographicCamera(-1, 1, 1, -1, 0.05, 200);
  const along = new THREE.Vector3(...travel).normalize();
  const aside = new THREE.Vector3().crossVectors(along, UP).normalize(); // travel runs left to right seen from here
  // the lens as the hand moves it, level, and as it sees, rolled
  const lens = new THREE.PerspectiveCamera(32, 1, 0.05, 500), rolled = lens.clone();
  let view = "free", aspect = 1, box = null;
  let shotCamera = null, index = 0, byHand = false, resting = 0; // byHand : moved, and not yet as the shot has it
  let controls = null;

  function useCamera(camera) {
    controls?.dispose();
    controls = new THREE.OrbitControls(camera, canvas);
    controls.enableDamping = false;
    controls.enableRotate = camera === free || camera === lens;
    controls.zoomSpeed = 1.4;
    controls.addEventListener("change", () => { if (camera === lens) { byHand = true; seen(); } redraw(); });
    if (camera === lens) {
      controls.enabled = !shotCamera?.locked;
      // a wheel's notches that follow one another are one move, on the frame they were turned on
      controls.addEventListener("start", () => window.clearTimeout(resting));
      controls.addEventListener("end", () => {
        if (!byHand || !shotCamera) return;
        const { id } = shotCamera, to = { place_m: lens.position.toArray(), aim_m: controls.target.toArray() }, at = index;
        window.clearTimeout(resting);
        resting = window.setTimeout(() => moved(id, to, at), REST_MS);
      });
    }
  }

  const cameraOf = (name) => (name === "free" ? free : name === "lens" ? lens : square);

  // The lens where the shot has it on the frame, unless the hand has it elsewhere
  function aim() {
    if (!shotCamera || byHand) return;
    const row = trackAt(shotCamera, index);
    lens.position.fromArray(row, PLACE);
    const target = new THREE.Vector3().fromArray(row, AIM);
    lens.lookAt(target);
    if (view === "lens") controls.target.copy(target);
    seen();
  }

  // The lens as it sees on the stage: with room for its picture's frame beside what covers the right
  function seen() {
    if (!shotCamera) return;
    const { clientWidth: w, clientHeight: h } = canvas, cover = smalls();
    through(rolled, aspect, roomOf(shotCamera.aspect, Math.max(w - cover, 1) / Math.max(h, 1)));
    lens.fov = rolled.fov; // what is panned goes as far as the mouse
    if (cover) rolled.setViewOffset(w, h, cover / 2, 0, w, h); else rolled.clearViewOffset();
  }

  // A camera that sees what the lens does, rolled, `room` times its picture upwards, on something of a shape
  function through(into, shape, room) {
    const row = trackAt(shotCamera, index);
    into.position.copy(lens.position);
    into.quaternion.copy(lens.quaternion);
    into.rotateZ(-row[ROLL]);
    into.fov = 2 * THREE.MathUtils.radToDeg(Math.atan(tallOf(shotCamera, row[FOCAL]) * room));
    into.aspect = shape;
    into.updateProjectionMatrix();
    into.updateMatrixWorld();
    return into;
  }

  function directionOf(name) {
    if (name === "front") return along.clone();
    if (name === "side") return aside.clone();
    if (name === "top") return UP.clone().addScaledVector(aside, 1e-4);
    return aside.clone().multiplyScalar(0.93).addScaledVector(along, 0.24).addScaledVector(UP, 0.22).normalize();
  }

  // Places the view's camera so that the whole jump is seen
  function fit() {
    if (!box || view === "lens") return;
    const camera = cameraOf(view);
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
    seen();
    const size = square.userData.size ?? 1;
    Object.assign(square, { left: -size * aspect, right: size * aspect, top: size, bottom: -size });
    square.updateProjectionMatrix();
  }

  // How far to the sides what there is to see reaches, as a share of half the view
  function reaches() {
    if (!box) return 1;
    const camera = cameraOf(view), corner = new THREE.Vector3();
    let most = 0;
    for (let i = 0; i < 8; i++) {
      corner.set(i & 1 ? box.max.x : box.min.x, i & 2 ? box.max.y : box.min.y, i & 4 ? box.max.z : box.min.z).project(camera);
      most = Math.max(most, Math.abs(corner.x));
    }
    return most;
  }

  // A small picture of a view: a square one of all there is, or the lens
  const small = new THREE.OrthographicCamera(-1, 1, 1, -1, 0.05, 200), smallFree = free.clone(), smallLens = lens.clone();
  function smallView(name, shape) {
    if (name === "lens") return shotCamera ? through(smallLens, shape, Math.max(1, shotCamera.aspect / shape)) : null;
    if (name === "free") { smallFree.copy(free); smallFree.aspect = shape; smallFree.updateProjectionMatrix(); return smallFree; }
    if (!box) return null;
    const centre = box.getCenter(new THREE.Vector3()), away = directionOf(name), size = box.getSize(new THREE.Vector3());
    small.up.copy(name === "top" ? aside.clone().negate() : UP);
    small.position.copy(centre).addScaledVector(away, 20);
    small.lookAt(centre);
    const half = Math.max(Math.hypot(size.x, size.z) / 2 / shape, (name === "top" ? Math.hypot(size.x, size.z) : size.y) / 2) * 1.04;
    Object.assign(small, { left: -half * shape, right: half * shape, top: half, bottom: -half });
    small.updateProjectionMatrix();
    small.updateMatrixWorld();
    return small;
  }

  useCamera(free);
  return {
    along, aside,
    view: () => view,
    // while something on the stage is dragged, the camera holds still
    hold(still) { controls.enabled = !still && !(view === "lens" && shotCamera?.locked); },
    // The shot camera that is looked through, its tracks new, on a frame's index; null for none
    lookThrough(camera, at, anew) {
      if (anew) byHand = false;
      shotCamera = camera;
      index = at;
      if (view === "lens") controls.enabled = !camera?.locked;
      aim();
    },
    // Two places of the horizon on the stage, in shares of its size from the upper left; null for a view that has none
    horizon() {
      const camera = view === "lens" ? rolled : cameraOf(view);
      if (camera.isOrthographicCamera) return null;
      const ahead = camera.getWorldDirection(new THREE.Vector3()).setY(0);
      if (ahead.lengthSq() < 1e-6) return null;
      ahead.normalize();
      const side = new THREE.Vector3(-ahead.z, 0, ahead.x);
      const at = [-1, 1].map((s) => { const p = camera.position.clone().addScaledVector(ahead, 1000).addScaledVector(side, s * 100).project(camera); return [(p.x + 1) / 2, (1 - p.y) / 2]; });
      return at[0][0] < at[1][0] ? at : at.reverse();
    },
    row: () => (shotCamera ? trackAt(shotCamera, index) : null),
    smallView,
    // Where the view stands and looks, for a camera that is to stand there
    stands: () => ({ place_m: cameraOf(view === "lens" ? "lens" : "free").position.toArray(), aim_m: (view === "free" || view === "lens" ? controls.target : box?.getCenter(new THREE.Vector3()) ?? new THREE.Vector3()).toArray(), tall: Math.tan(THREE.MathUtils.degToRad(free.fov / 2)) }),
    // How large a pixel is at what the camera looks at
    metresPerPixel: (tallPx, camera = view === "lens" ? rolled : cameraOf(view)) => (camera.isOrthographicCamera ? (camera.top - camera.bottom) / camera.zoom : 2 * Math.tan(THREE.MathUtils.degToRad(camera.fov / 2)) * camera.position.distanceTo(controls.target)) / Math.max(tallPx, 1),
    // The view as it is, on a picture of another shape: wide enough for what there is to see, or as wide as it was
    filmed(shape, at = index) {
      if (view === "lens") {
        const [was, hand] = [index, byHand];
        [index, byHand] = [at, false];
        aim();
        const camera = through(lens.clone(), shape, Math.max(1, shotCamera.aspect / shape));
        [index, byHand] = [was, hand];
        aim();
        return camera;
      }
      const camera = (view === "free" ? free : square).clone(), wider = Math.min(Math.max(1, reaches() * (aspect / shape) * 1.06), Math.max(aspect / shape, 1));
      if (view === "free") {
        camera.fov = 2 * THREE.MathUtils.radToDeg(Math.atan(Math.tan(THREE.MathUtils.degToRad(free.fov / 2)) * wider));
        camera.aspect = shape;
      } else Object.assign(camera, { top: square.top * wider, bottom: square.bottom * wider, left: -square.top * wider * shape, right: square.top * wider * shape });
      camera.updateProjectionMatrix();
      camera.updateMatrixWorld();
      return camera;
    },
    current: () => (view === "lens" ? rolled : cameraOf(view)),
    resize,
    fit,
    // Keeps the view as it is, but when there was none, or `again` asks for it
    setBox(newBox, again) { const first = !box; box = newBox; if (first || again) fit(); },
    setView(name) {
      view = name;
      byHand = false;
      useCamera(cameraOf(name));
      aim();
      fit();
      redraw();
    },
  };
}
