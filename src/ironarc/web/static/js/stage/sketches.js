// What notes have drawn: oxide lines over everything, on the frames of the notes.
import * as THREE from "../../vendor/three.js";

const OXIDE = "#9E3A1B", HEAD = 0.28, WIDE = 0.5, THICK_M = 0.009; // of an arrow's length, its head; of the head's length, half its width

// The two sides of an arrow's head, in the plane that faces the eye
function headOf([from, to], eye) {
  const a = new THREE.Vector3(...from), b = new THREE.Vector3(...to), way = b.clone().sub(a).multiplyScalar(HEAD);
  const aside = way.clone().cross(eye.clone().sub(b)).normalize().multiplyScalar(way.length() * WIDE);
  const back = b.clone().sub(way);
  return [[back.clone().add(aside), b], [back.clone().sub(aside), b]];
}

export function createSketches(scene) {
  const group = new THREE.Group();
  scene.add(group);
  let drawn = "";

  // as thick as a pencil's line at arm's length: a line of one pixel is none on paper
  function line(points) {
    const curve = new THREE.CatmullRomCurve3(points);
    const found = new THREE.Mesh(new THREE.TubeGeometry(curve, Math.max(points.length * 3, 8), THICK_M, 5), new THREE.MeshBasicMaterial({ color: OXIDE, depthTest: false }));
    found.renderOrder = 12;
    found.frustumCulled = false;
    group.add(found);
  }

  return {
    show(remarks, sketch, frame, eye) {
      const strokes = remarks.filter((r) => r.frame === frame).flatMap((r) => r.strokes);
      if (sketch?.points.length > 1) strokes.push({ kind: sketch.kind, points_m: sketch.points });
      const now = JSON.stringify([strokes, strokes.some(({ kind }) => kind === "arrow") ? eye.toArray().map((v) => v.toFixed(2)) : 0]);
      if (now === drawn) return;
      drawn = now;
      for (const node of group.children) { node.geometry.dispose(); node.material.dispose(); }
      group.clear();
      for (const { kind, points_m } of strokes) {
        line(points_m.map((p) => new THREE.Vector3(...p)));
        if (kind === "arrow") headOf([points_m[0], points_m.at(-1)], eye).forEach(line);
      }
    },
  };
}
