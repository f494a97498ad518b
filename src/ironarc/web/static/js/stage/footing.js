// The footing on the stage: what touches, told apart by shape; the hatched support area; where the body is going.
import * as THREE from "../../vendor/three.js";
import { hatchOf } from "./hatch.js";

const INK = "#20252B", STEEL = "#2B5876", OXIDE = "#9E3A1B", HATCH = 0.07, LIFT = 0.006, MOST = 48;

export function createFooting(scene) {
  const over = (material) => Object.assign(material, { depthTest: false, transparent: true });
  const lines = (color) => {
    const made = new THREE.LineSegments(new THREE.BufferGeometry(), over(new THREE.LineBasicMaterial({ color })));
    made.frustumCulled = false;
    made.renderOrder = 4;
    return made;
  };
  const area = lines(INK), going = lines(STEEL), slid = lines(OXIDE), thrown = lines(STEEL);
  // a foot is a ring, a hand a square, anything else a cross: by shape, not by colour
  const shapes = [
    new THREE.RingGeometry(0.016, 0.024, 14).rotateX(-Math.PI / 2), new THREE.RingGeometry(0.017, 0.028, 4).rotateX(-Math.PI / 2),
    new THREE.RingGeometry(0.006, 0.026, 3).rotateX(-Math.PI / 2),
  ];
  const marks = shapes.map((shape) => {
    const mesh = new THREE.InstancedMesh(shape, over(new THREE.MeshBasicMaterial({ color: INK, side: THREE.DoubleSide })), MOST);
    mesh.frustumCulled = false;
    mesh.renderOrder = 6;
    mesh.count = 0;
    return mesh;
  });
  scene.add(area, going, slid, thrown, ...marks);
  const m = new THREE.Matrix4();
  // A buffer is made anew only where it is too small: playing changes it on every frame
  const fill = (mesh, points) => {
    const now = mesh.geometry.getAttribute("position");
    if (!now || now.array.length < points.length) {
      mesh.geometry.dispose();
      mesh.geometry = new THREE.BufferGeometry().setAttribute("position", new THREE.Float32BufferAttribute(Math.max(points.length * 2, 90), 3));
    }
    const position = mesh.geometry.getAttribute("position");
    position.array.set(points);
    position.needsUpdate = true;
    mesh.geometry.setDrawRange(0, points.length / 3);
  };
  let arcsOf = null;

  function hide() { for (const mesh of [area, going, slid, thrown, ...marks]) mesh.visible = false; }

  return {
    // data : the reading; physics : its footing by frame, or null; frame : of the shot
    // playing : what can't be read while it moves is left out
    setFrame(data, physics, index, frame, { shown, playing }) {
      const now = physics?.at(index);
      if (!now || !shown.footing) { hide(); return; }
      const { hull } = now, y = (now.marks.length ? Math.min(...now.marks.map((mark) => mark[1])) : data.floor) + LIFT;
      const counts = [0, 0, 0];
      for (const [u, v, w, kind] of now.marks) {
        const n = counts[kind]++;
        if (n < MOST) marks[kind].setMatrixAt(n, m.makeTranslation(u, v + LIFT, w));
      }
      marks.forEach((mesh, kind) => { mesh.visible = true; mesh.count = Math.min(counts[kind], MOST); mesh.instanceMatrix.needsUpdate = true; });
      area.visible = Boolean(hull) && hull.length > 2;
      if (area.visible) {
        const edge = hull.flatMap(([x, z], i) => { const [u, w] = hull[(i + 1) % hull.length]; return [x, y, z, u, y, w]; });
        fill(area, playing ? edge : [...edge, ...hatchOf(hull, HATCH).flatMap(([x, z, u, w]) => [x, y, z, u, y, w])]);
        area.material.opacity = now.doubt ? 0.35 : 0.8;
      }
      // where the body is going: a small cross on the ground at the extrapolated center of gravity
      const [x, z] = now.xcom;
      going.visible = Boolean(hull);
      fill(going, [x - 0.045, y, z, x + 0.045, y, z, x, y, z - 0.045, x, y, z + 0.045]);
      // the arc a load would fly on from the hand that lets it go
      thrown.visible = physics.thrown.length > 0;
      if (arcsOf !== physics) fill(thrown, physics.thrown.flatMap(({ path }) => path.slice(1).flatMap((to, i) => (i % 2 ? [] : [...path[i], ...to]))));
      arcsOf = physics;
      const slides = physics.slides.filter((s) => s.start <= frame && frame <= s.end);
      slid.visible = slides.length > 0;
      fill(slid, slides.flatMap(({ path }) => path.slice(1).flatMap(([u, w], i) => [path[i][0], y, path[i][1], u, y, w])));
    },
  };
}
