// Soft shadows under feet and hands: the nearer the floor the darker, so that a gap of a few centimetres shows.
import * as THREE from "../../vendor/three.js";
import { STRIDE } from "./skin.js";

const GONE_M = 0.09, WIDENS = 1.6, DARK = 0.5; // fades over such a gap; as many times as wide at twice that; at its darkest
let texture = null;

function blurred() {
  const size = 64, canvas = document.createElement("canvas"), draw = canvas.getContext("2d");
  canvas.width = canvas.height = size;
  const soft = draw.createRadialGradient(size / 2, size / 2, 0, size / 2, size / 2, size / 2);
  for (const [at, dark] of [[0, 1], [0.35, 0.72], [0.7, 0.2], [1, 0]]) soft.addColorStop(at, `rgba(58, 50, 38, ${dark})`);
  draw.fillStyle = soft;
  draw.fillRect(0, 0, size, size);
  return new THREE.CanvasTexture(canvas);
}

export function createSoles(behind, figure) {
  texture ??= blurred();
  const shape = new THREE.PlaneGeometry(1, 1).rotateX(-Math.PI / 2), size = figure.height / 1.75;
  const marks = figure.soles.map((sole) => {
    const mesh = new THREE.Mesh(shape, new THREE.MeshBasicMaterial({ map: texture, transparent: true, depthWrite: false }));
    behind.add(mesh);
    return { sole, mesh, wide: (sole.hand ? 0.15 : 0.19) * size };
  });
  const place = new THREE.Vector3(), turn = new THREE.Quaternion();
  let floor = 0;

  return {
    setFloor(y) { floor = y; },
    show(motion, index, shift) {
      const from = index * figure.joints * STRIDE;
      for (const { sole: { joint, at }, mesh, wide } of marks) {
        const m = from + joint * STRIDE;
        mesh.visible = m + 6 < motion.length;
        if (!mesh.visible) continue;
        turn.set(motion[m + 4], motion[m + 5], motion[m + 6], motion[m + 3]);
        place.set(...at).applyQuaternion(turn);
        place.set(place.x + motion[m], place.y + motion[m + 1], place.z + motion[m + 2]);
        if (shift) place.applyMatrix4(shift);
        const gap = Math.max(place.y - floor, 0) / (GONE_M * size);
        mesh.material.opacity = DARK * Math.exp(-gap);
        mesh.visible = mesh.material.opacity > 0.02;
        mesh.position.set(place.x, floor + 0.003, place.z);
        mesh.scale.setScalar(wide * (1 + (WIDENS - 1) * Math.min(gap / 2, 1)));
      }
    },
    hide() { for (const { mesh } of marks) mesh.visible = false; },
    dispose() {
      for (const { mesh } of marks) { behind.remove(mesh); mesh.material.dispose(); }
      shape.dispose();
    },
  };
}
