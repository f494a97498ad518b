// The weight drawn on the stage: what is held, each part's mass point, the leader to a center of gravity set off,
// and the path of a chosen joint.
import * as THREE from "../../vendor/three.js";

const OXIDE = "#9E3A1B", INK = "#20252B", PAPER = "#e9e3d5";
const STRIDE = 7;

function over(material) { return Object.assign(material, { depthTest: false }); }

export function createWeights(scene) {
  const held = new THREE.Group(), points = new THREE.Group();
  const leader = new THREE.Line(new THREE.BufferGeometry().setAttribute("position", new THREE.Float32BufferAttribute(6, 3)), over(new THREE.LineBasicMaterial({ color: OXIDE })));
  const computed = new THREE.Mesh(new THREE.RingGeometry(0.018, 0.027, 20), over(new THREE.MeshBasicMaterial({ color: OXIDE, side: THREE.DoubleSide })));
  const path = new THREE.Line(new THREE.BufferGeometry(), over(new THREE.LineBasicMaterial({ color: INK })));
  leader.frustumCulled = path.frustumCulled = false;
  for (const node of [leader, computed, path]) { node.renderOrder = 9; node.visible = false; }
  scene.add(held, points, leader, computed, path);
  const dot = new THREE.SphereGeometry(1, 10, 8), place = new THREE.Vector3(), turn = new THREE.Quaternion();

  function clear(group) {
    for (const node of group.children) { node.material?.dispose(); if (node.geometry !== dot) node.geometry?.dispose(); }
    group.clear();
  }

  return {
    setData(data, performer, display) {
      clear(held);
      for (const load of data.loads) {
        const box = new THREE.Mesh(new THREE.BoxGeometry(...load.size), new THREE.MeshLambertMaterial({ color: PAPER, transparent: true }));
        const edges = new THREE.LineSegments(new THREE.EdgesGeometry(box.geometry), new THREE.LineBasicMaterial({ color: INK }));
        box.add(edges);
        held.add(box);
      }
      clear(points);
      if (display.parts) for (const part of performer.figure.parts) {
        const mesh = new THREE.Mesh(dot, over(new THREE.MeshBasicMaterial({ color: OXIDE })));
        mesh.scale.setScalar(0.006 * Math.cbrt(part.mass) + 0.004);
        mesh.renderOrder = 9;
        mesh.userData = part;
        points.add(mesh);
      }
    },
    setPath(motion, joints, index) {
      path.visible = index >= 0;
      if (!path.visible) return;
      const places = [];
      for (let at = index * STRIDE; at < motion.length; at += joints * STRIDE) places.push(motion[at], motion[at + 1], motion[at + 2]);
      path.geometry.dispose();
      path.geometry = new THREE.BufferGeometry().setAttribute("position", new THREE.Float32BufferAttribute(places, 3));
    },
    setFrame(data, motion, joints, index, camera) {
      held.children.forEach((box, i) => {
        const load = data.loads[i], counts = load.counts[index];
        box.visible = counts > 0;
        const [w, x, y, z] = load.turn[index];
        box.position.set(...load.centre[index]);
        box.quaternion.set(x, y, z, w);
        box.material.opacity = 0.35 + 0.65 * counts;
      });
      for (const mesh of points.children) {
        const at = (index * joints + mesh.userData.joint) * STRIDE;
        turn.set(motion[at + 4], motion[at + 5], motion[at + 6], motion[at + 3]);
        place.set(...mesh.userData.com).applyQuaternion(turn);
        mesh.position.set(motion[at] + place.x, motion[at + 1] + place.y, motion[at + 2] + place.z);
      }
      leader.visible = computed.visible = Boolean(data.computed);
      if (!data.computed) return;
      leader.geometry.attributes.position.setXYZ(0, ...data.computed[index]);
      leader.geometry.attributes.position.setXYZ(1, ...data.com[index]);
      leader.geometry.attributes.position.needsUpdate = true;
      computed.position.set(...data.computed[index]);
      computed.quaternion.copy(camera.quaternion);
    },
  };
}
