// References as backdrops: pictures that stand in the stage, upright on the floor and to size.
import * as THREE from "../../vendor/three.js";

export function createBackdrops(behind, references, redraw) {
  const built = new Map();

  function build(reference) {
    const canvas = document.createElement("canvas");
    canvas.width = reference.width;
    canvas.height = reference.height;
    const texture = new THREE.CanvasTexture(canvas);
    texture.colorSpace = THREE.SRGBColorSpace;
    const material = new THREE.MeshBasicMaterial({ map: texture, transparent: true, side: THREE.DoubleSide, depthWrite: false });
    const mesh = new THREE.Mesh(new THREE.PlaneGeometry(1, 1), material);
    mesh.renderOrder = -5;
    behind.add(mesh);
    return { mesh, texture, draw: canvas.getContext("2d") };
  }

  function place(mesh, { backdrop: b, mirrored, opacity }, floor) {
    const right = new THREE.Vector3(Math.cos(b.facing), 0, -Math.sin(b.facing)), near = new THREE.Vector3(Math.sin(b.facing), 0, Math.cos(b.facing));
    const foot = right.clone().multiplyScalar(b.across).addScaledVector(near, -b.behind).setY(floor);
    mesh.position.copy(foot).addScaledVector(right, b.centre[0]).add(new THREE.Vector3(0, b.centre[1], 0));
    mesh.quaternion.setFromAxisAngle(new THREE.Vector3(0, 1, 0), b.facing).multiply(new THREE.Quaternion().setFromAxisAngle(new THREE.Vector3(0, 0, 1), b.roll));
    mesh.scale.set(b.width * (mirrored ? -1 : 1), b.height, 1);
    mesh.material.opacity = opacity;
  }

  // A picture came or stepped on: it is drawn anew
  references.onPicture((reference, element) => {
    const one = built.get(reference.id);
    if (!one) return;
    one.draw.drawImage(element, 0, 0, reference.width, reference.height);
    one.texture.needsUpdate = true;
    redraw();
  });

  return {
    setScene(setup) {
      const wanted = new Map(setup.references.filter((r) => r.shown === "backdrop").map((r) => [r.id, r]));
      for (const [id, { mesh, texture }] of built) {
        if (wanted.has(id)) continue;
        behind.remove(mesh);
        texture.dispose();
        built.delete(id);
      }
      for (const [id, reference] of wanted) {
        if (!built.has(id)) built.set(id, build(reference));
        place(built.get(id).mesh, reference, setup.floor);
        references.repeat(id);
      }
    },
    show(setup, visible) {
      for (const reference of setup.references) {
        const one = built.get(reference.id);
        if (one) one.mesh.visible = visible && !reference.hidden;
      }
    },
  };
}
