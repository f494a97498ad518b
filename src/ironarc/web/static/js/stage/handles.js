// Handles of what is picked on the scene sheet. A circle lies on the floor about it; what is gripped are four signs on the
// screen, each of a shape of its own that says what it does: arrows four ways to move, an arrow round to turn, arrows up
// and down to lift, a square that grows to scale. One whose place is off the stage stands at the stage's edge instead.
import * as THREE from "../../vendor/three.js";

const STEEL = "#2B5876", NS = "http://www.w3.org/2000/svg";
const UP = new THREE.Vector3(0, 1, 0);
const EDGE_ON = 0.12; // a view this flat to the floor moves things across it only
const MARGIN_PX = 22; // from the stage's edge
const SIGNS = {
  move: { says: "Move over the floor", d: "M0-11V11M-11 0H11M-4-7l4-4 4 4M-4 7l4 4 4-4M-7-4l-4 4 4 4M7-4l4 4-4 4" },
  turn: { says: "Turn", d: "M8-6A10 10 0 1 0 10 3M8-11v6H2" },
  lift: { says: "Lift", d: "M0-11V11M-5-6l5-5 5 5M-5 6l5 5 5-5" },
  scale: { says: "Scale", d: "M-10 2v8h8M-2 2h-8M-2 2v8M1-1l9-9M4-10h6v6" },
};

function sign(how, { says, d }) {
  const node = document.createElementNS(NS, "svg"), title = document.createElementNS(NS, "title"), path = document.createElementNS(NS, "path");
  node.setAttribute("viewBox", "-17 -17 34 34");
  node.setAttribute("class", `handle is-${how}`);
  node.dataset.how = how;
  title.textContent = says;
  path.setAttribute("d", d);
  // the plate behind has a shape of its own too: round to turn, square to scale, upright to lift, lozenge to move
  const plate = document.createElementNS(NS, "path");
  plate.setAttribute("class", "plate");
  plate.setAttribute("d", { move: "M0-16L16 0 0 16-16 0Z", turn: "M0-15a15 15 0 1 0 .01 0Z", lift: "M-9-16H9V16H-9Z", scale: "M-14-14H14V14H-14Z" }[how]);
  node.append(title, plate, path);
  return node;
}

export function createHandles(scene, overlay) {
  const circle = new THREE.Mesh(new THREE.RingGeometry(0.985, 1, 72).rotateX(-Math.PI / 2), new THREE.MeshBasicMaterial({ color: STEEL, depthTest: false, transparent: true, opacity: 0.8 }));
  circle.renderOrder = 13;
  circle.visible = false;
  scene.add(circle);
  const signs = Object.fromEntries(Object.entries(SIGNS).map(([how, what]) => [how, sign(how, what)]));
  for (const node of Object.values(signs)) { node.style.display = "none"; overlay.append(node); }
  const base = new THREE.Vector3();
  let heading = 0, drag = null, size = 1, tall = 1, shown = false;

  // Where each handle has its place about the base
  function placeOf(how) {
    const ahead = new THREE.Vector3(Math.sin(heading), 0, Math.cos(heading)), right = new THREE.Vector3(Math.cos(heading), 0, -Math.sin(heading));
    if (how === "turn") return base.clone().addScaledVector(ahead, size);
    if (how === "move") return base.clone().addScaledVector(ahead, -size);
    if (how === "scale") return base.clone().addScaledVector(right, size);
    return base.clone().addScaledVector(right, -size).setY(base.y + tall);
  }

  return {
    // at : (3) foot on the floor; radius, height : m; turn : rad
    show({ at, radius, height, turn }) {
      shown = circle.visible = true;
      base.copy(at);
      [heading, size, tall] = [turn, Math.max(radius, 0.3), height];
      circle.position.copy(base);
      circle.scale.setScalar(size);
    },
    // Puts the signs where their handles are seen; w, h : pixels of the stage
    place(camera, w, h) {
      for (const [how, node] of Object.entries(signs)) {
        node.style.display = shown ? "" : "none";
        if (!shown) continue;
        const at = placeOf(how).project(camera);
        const x = ((at.x + 1) * w) / 2, y = ((1 - at.y) * h) / 2;
        const inside = [Math.min(Math.max(x, MARGIN_PX), w - MARGIN_PX), Math.min(Math.max(y, MARGIN_PX), h - MARGIN_PX)];
        node.style.transform = `translate(${inside[0]}px, ${inside[1]}px) translate(-50%, -50%)`;
      }
    },
    hide() { shown = circle.visible = false; },
    // The handle under the pointer, or null
    hit: (event) => event.target.closest?.(".handle")?.dataset.how ?? null,
    begin(how, raycaster) {
      const flat = Math.abs(raycaster.ray.direction.y) < EDGE_ON;
      const facing = raycaster.ray.direction.clone().setY(0).normalize().negate();
      const upright = how === "lift" || flat;
      const plane = new THREE.Plane().setFromNormalAndCoplanarPoint(upright ? facing : UP, upright ? placeOf(how) : base);
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
  };
}

// The matrix of a drag: about its base, then moved
export function shiftOf({ base, moved, turned, scaled }) {
  return new THREE.Matrix4().makeTranslation(base.clone().add(moved))
    .multiply(new THREE.Matrix4().makeRotationY(turned))
    .multiply(new THREE.Matrix4().makeScale(scaled, scaled, scaled))
    .multiply(new THREE.Matrix4().makeTranslation(base.clone().negate()));
}
