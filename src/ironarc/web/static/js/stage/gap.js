// The two points that are to be lined up, and the gap between them.
import * as THREE from "../../vendor/three.js";

const OXIDE = "#9E3A1B", STEEL = "#2B5876", PX = 5;

export function createGap(scene, words) {
  const group = new THREE.Group();
  const over = (material) => Object.assign(material, { depthTest: false, transparent: true });
  const dot = (color) => new THREE.Mesh(new THREE.SphereGeometry(1, 14, 10), over(new THREE.MeshBasicMaterial({ color })));
  const ends = [dot(OXIDE), dot(STEEL)];
  const line = new THREE.Line(new THREE.BufferGeometry().setAttribute("position", new THREE.Float32BufferAttribute(6, 3)), over(new THREE.LineBasicMaterial({ color: OXIDE })));
  line.frustumCulled = false;
  group.add(line, ...ends);
  for (const node of group.children) node.renderOrder = 12;
  group.visible = false;
  scene.add(group);
  const label = document.createElement("span"), middle = new THREE.Vector3();
  label.className = "is-picked num";
  label.hidden = true;
  words.append(label);

  return {
    show(gap) {
      group.visible = Boolean(gap);
      label.hidden = !gap;
      if (!gap) return;
      ends[0].position.set(...gap.at);
      ends[1].position.set(...gap.to);
      line.geometry.attributes.position.setXYZ(0, ...gap.at);
      line.geometry.attributes.position.setXYZ(1, ...gap.to);
      line.geometry.attributes.position.needsUpdate = true;
      middle.addVectors(ends[0].position, ends[1].position).multiplyScalar(0.5);
      label.textContent = gap.gap_cm < 0.05 ? "they meet" : `${gap.gap_cm.toFixed(1)} cm`;
    },
    // Dots keep their size on the screen; the label stands at the middle of the gap. w, h : pixels
    place(camera, w, h) {
      if (!group.visible) return;
      for (const end of ends) {
        const across = camera.isOrthographicCamera ? (camera.top - camera.bottom) / camera.zoom : 2 * Math.tan(THREE.MathUtils.degToRad(camera.fov / 2)) * camera.position.distanceTo(end.position);
        end.scale.setScalar((across / h) * PX);
      }
      const at = middle.clone().project(camera);
      label.style.transform = `translate(${((at.x + 1) * w) / 2}px, ${((1 - at.y) * h) / 2}px) translate(12px, -50%)`;
    },
  };
}
