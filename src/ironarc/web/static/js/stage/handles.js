// Handles of what is picked on the scene sheet: a puck to move it over the floor, a ring's knob to turn it,
// a post to lift it, a tab to scale it. Drawn as drafting instruments lie: flat on the ground, in steel.
import * as THREE from "../../vendor/three.module.js";

const STEEL = "#2B5876", PAPER = "#FBF9F4";
const PX_PER_M = 100; // the parts' sizes below are as seen at this scale, and stay so however far the camera is
const LINE_PX = 2.5;
const UP = new THREE.Vector3(0, 1, 0);
const EDGE_ON = 0.12; // a view this flat to the floor moves things across it only

function part(geometry, color, how) {
  const mesh = new THREE.Mesh(geometry, new THREE.MeshBasicMaterial({ color, depthTest: false, transparent: true, opacity: 0.95 }));
  mesh.renderOrder = 13;
  mesh.userData.how = how;
  return mesh;
}

export function createHandles(scene) {
  const group = new THREE.Group();
  const circle = part(new THREE.RingGeometry(0.98, 1, 72).rotateX(-Math.PI / 2), STEEL, null);
  const puck = part(new THREE.CylinderGeometry(0.15, 0.15, 0.03, 28), STEEL, "move");
  const cross = new THREE.Group();
  for (const turn of [0, Math.PI / 2]) {
    const arm = part(new THREE.BoxGeometry(0.2, 0.035, 0.025), PAPER, "move");
    arm.rotation.y = turn;
    cross.add(arm);
  }
  const knob = part(new THREE.SphereGeometry(0.085, 18, 12), STEEL, "turn");
  const nose = part(new THREE.ConeGeometry(0.06, 0.16, 14).rotateX(Math.PI / 2), STEEL, "turn");
  const tab = part(new THREE.BoxGeometry(0.15, 0.06, 0.15), STEEL, "scale");
  const tabHole = part(new THREE.BoxGeometry(0.07, 0.065, 0.07), PAPER, "scale");
  const post = part(new THREE.CylinderGeometry(0.012, 0.012, 1, 8), STEEL, null);
  const cap = part(new THREE.OctahedronGeometry(0.1), STEEL, "lift");
  group.add(circle, puck, cross, knob, nose, tab, tabHole, post, cap);
  group.visible = false;
  scene.add(group);
  const base = new THREE.Vector3();
  let heading = 0, drag = null, size = 1, tall = 1, fine = 1;

  // Lays the parts out about the base; what is gripped keeps its size on the screen
  function lay() {
    const ahead = new THREE.Vector3(Math.sin(heading), 0, Math.cos(heading)), right = new THREE.Vector3(Math.cos(heading), 0, -Math.sin(heading));
    circle.scale.setScalar(size);
    knob.position.copy(ahead).multiplyScalar(size);
    nose.position.copy(ahead).multiplyScalar(size + 0.14 * fine);
    nose.rotation.y = heading;
    for (const mesh of [tab, tabHole]) { mesh.position.copy(right).multiplyScalar(size); mesh.rotation.y = heading; }
    puck.position.copy(ahead).multiplyScalar(-size);
    cross.position.copy(puck.position).setY(0.02 * fine);
    post.position.copy(right).multiplyScalar(-size).setY(tall / 2);
    cap.position.copy(right).multiplyScalar(-size).setY(tall);
    for (const mesh of [puck, cross, knob, nose, tab, tabHole, cap]) mesh.scale.setScalar(fine);
    post.scale.set(fine, tall, fine);
  }

  function drawCircle() {
    circle.geometry.dispose();
    circle.geometry = new THREE.RingGeometry(1 - (LINE_PX / PX_PER_M) * fine / size, 1, 72).rotateX(-Math.PI / 2);
  }

  return {
    // at : (3) foot on the floor; radius, height : m; turn : rad
    show({ at, radius, height, turn }) {
      group.visible = true;
      base.copy(at);
      group.position.copy(at);
      [heading, size, tall] = [turn, Math.max(radius, 0.3), height];
      lay();
    },
    keepSize(camera, pixels) {
      const across = camera.isOrthographicCamera ? (camera.top - camera.bottom) / camera.zoom : 2 * Math.tan(THREE.MathUtils.degToRad(camera.fov / 2)) * camera.position.distanceTo(group.position);
      const now = (across / pixels) * PX_PER_M;
      if (!group.visible || Math.abs(now / fine - 1) < 0.02) return;
      fine = now;
      lay();
      drawCircle();
    },
    hide() { group.visible = false; },
    hit(raycaster) {
      if (!group.visible) return null;
      return raycaster.intersectObjects(group.children, true).find((found) => found.object.userData.how)?.object.userData.how ?? null;
    },
    begin(how, raycaster) {
      const flat = Math.abs(raycaster.ray.direction.y) < EDGE_ON;
      const facing = raycaster.ray.direction.clone().setY(0).normalize().negate();
      const upright = how === "lift" || flat;
      const grip = upright ? group.localToWorld((how === "lift" ? cap : how === "turn" ? knob : how === "scale" ? tab : puck).position.clone()) : base;
      const plane = new THREE.Plane().setFromNormalAndCoplanarPoint(upright ? facing : UP, grip);
      const from = raycaster.ray.intersectPlane(plane, new THREE.Vector3());
      drag = from && { how, plane, from, flat, base: base.clone(), heading };
      return Boolean(drag);
    },
    // { moved: (3), turned: rad, scaled: factor } since the drag began
    move(raycaster) {
      const to = drag && raycaster.ray.intersectPlane(drag.plane, new THREE.Vector3());
      if (!to) return null;
      const by = to.clone().sub(drag.from), out = { how: drag.how, base: drag.base, moved: new THREE.Vector3(), turned: 0, scaled: 1 };
      if (drag.how === "move") out.moved.copy(by).setY(0);
      if (drag.how === "lift") out.moved.set(0, by.y, 0);
      const a = drag.from.clone().sub(drag.base), b = to.clone().sub(drag.base);
      if (drag.how === "turn") out.turned = drag.flat ? by.dot(new THREE.Vector3().crossVectors(UP, drag.plane.normal)) : Math.atan2(b.x, b.z) - Math.atan2(a.x, a.z);
      if (drag.how === "scale") out.scaled = Math.min(Math.max(b.setY(0).length() / Math.max(a.setY(0).length(), 1e-3), 0.05), 20);
      return out;
    },
    end() { drag = null; },
    dragging: () => Boolean(drag),
  };
}

// The matrix of a drag: about its base, then moved
export function shiftOf({ base, moved, turned, scaled }) {
  return new THREE.Matrix4().makeTranslation(base.clone().add(moved))
    .multiply(new THREE.Matrix4().makeRotationY(turned))
    .multiply(new THREE.Matrix4().makeScale(scaled, scaled, scaled))
    .multiply(new THREE.Matrix4().makeTranslation(base.clone().negate()));
}
