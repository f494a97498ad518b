// Pushes on the stage: an arrow for each foot or hand, the phantom force as one of its own kind, the spin, and the line
// of action through hips, spine and head.
import * as THREE from "../../vendor/three.js";

const STEEL = "#2B5876", OXIDE = "#9E3A1B", INK = "#20252B", STRIDE = 7;
const PAPER = "#fbf9f4";
const METRES_A_WEIGHT = 0.55, SPIN_METRES = 0.012, MOST_SPIN = 0.9, PIECES = 28, RADIUS = 0.013, RIM = 0.006;
const BESIDE_BLOW = 3; // frames about a blow on which its push counts as given
const UP = new THREE.Vector3(0, 1, 0);

export function createForces(scene, words) {
  const over = (color) => Object.assign(new THREE.MeshBasicMaterial({ color }), { depthTest: false, transparent: true });
  const shaft = new THREE.CylinderGeometry(1, 1, 1, 8), head = new THREE.ConeGeometry(1, 1, 12), ring = new THREE.RingGeometry(0.8, 1, 28);
  const rim = new THREE.Vector3(RIM, 2 * RIM, RIM);
  const from = new THREE.Vector3(), along = new THREE.Vector3(), turn = new THREE.Quaternion();

  // An arrow: where it begins, where it points and how long, how thick
  function arrow(color) {
    const group = new THREE.Group();
    // over a dark figure an arrow is read by its paper rim
    const [rimBody, rimTip, body, tip] = [PAPER, color].flatMap((ink, i) => [shaft, head].map((shape) => {
      const part = new THREE.Mesh(shape, over(ink));
      part.renderOrder = 8 + i;
      part.frustumCulled = false;
      group.add(part);
      return part;
    }));
    scene.add(group);
    return {
      group,
      point(x, y, z, vector, length, thick) {
        group.visible = true;
        along.copy(vector).normalize();
        turn.setFromUnitVectors(UP, along);
        const neck = Math.min(5 * thick, length * 0.5);
        from.set(x, y, z);
        body.position.copy(from).addScaledVector(along, (length - neck) / 2);
        body.scale.set(thick, Math.max(length - neck, 1e-4), thick);
        tip.position.copy(from).addScaledVector(along, length - neck / 2);
        tip.scale.set(2.6 * thick, neck, 2.6 * thick);
        rimBody.position.copy(body.position);
        rimBody.scale.copy(body.scale).add(rim);
        rimTip.position.copy(tip.position);
        rimTip.scale.copy(tip.scale).add(rim);
        for (const part of group.children) part.quaternion.copy(turn);
        return from.clone().addScaledVector(along, length);
      },
    };
  }

  const pushes = [];
  const phantom = arrow(OXIDE), spin = arrow(INK);
  // the phantom's mark: two rings around it, so that it is never taken for a push
  const rings = [0.35, 0.6].map(() => {
    const mesh = new THREE.Mesh(ring, Object.assign(over(OXIDE), { side: THREE.DoubleSide }));
    mesh.renderOrder = 8;
    scene.add(mesh);
    return mesh;
  });
  const line = new THREE.InstancedMesh(shaft, over(INK), PIECES);
  line.frustumCulled = false;
  line.renderOrder = 7;
  scene.add(line);
  const labels = [];
  const m = new THREE.Matrix4(), vector = new THREE.Vector3(), scale = new THREE.Vector3(), middle = new THREE.Vector3();

  function label(n) {
    if (!labels[n]) {
      const span = document.createElement("span");
      span.className = "num force-label";
      words.append(span);
      labels[n] = { span, at: new THREE.Vector3() };
    }
    return labels[n];
  }

  function drawLine(motion, joints, { trunk, legs }, bearing, index) {
    const at = (joint) => { const i = (index * joints + joint) * STRIDE; return new THREE.Vector3(motion[i], motion[i + 1], motion[i + 2]); };
    const leg = legs[bearing] ?? Object.values(legs)[0] ?? [];
    const points = [...leg.slice().reverse(), ...trunk].map(at);
    line.visible = points.length > 1;
    if (!line.visible) return;
    const curve = new THREE.CatmullRomCurve3(points, false, "centripetal"), places = curve.getPoints(PIECES);
    for (let i = 0; i < PIECES; i++) {
      vector.subVectors(places[i + 1], places[i]);
      const length = vector.length();
      middle.addVectors(places[i], places[i + 1]).multiplyScalar(0.5);
      line.setMatrixAt(i, m.compose(middle, turn.setFromUnitVectors(UP, vector.normalize()), scale.set(0.008, length * 1.1, 0.008)));
    }
    line.instanceMatrix.needsUpdate = true;
  }

  return {
    setFrame(data, physics, motion, figure, index, { shown, playing }) {
      for (const { group } of [...pushes, phantom, spin]) group.visible = false;
      for (const mesh of rings) mesh.visible = false;
      line.visible = false;
      for (const { span } of labels) if (!span.hidden) span.hidden = true;
      const now = physics?.at(index);
      if (!now) return;
      let n = 0;
      // numbers that change on every frame can't be read while it plays
      const say = (text, at, cls) => {
        if (playing) return;
        const one = label(n++);
        Object.assign(one.span, { hidden: false, textContent: text, className: `num force-label ${cls}` });
        one.at.copy(at);
      };
      const rows = now.pushes;
      if (shown.pushes) rows.forEach(([, x, y, z, fx, fy, fz], i) => {
        pushes[i] ??= arrow(STEEL);
        vector.set(fx, fy, fz);
        const size = vector.length(), end = pushes[i].point(x, y, z, vector, size * METRES_A_WEIGHT, RADIUS);
        if (size > 0.1) say(`${size.toFixed(1)} bw`, end, "is-push");
      });
      const none = now.phantom;
      // a push that a prop gives in a blow is no phantom
      const blow = physics.blows.find((b) => Math.abs(index - b.at) <= BESIDE_BLOW);
      if (shown.pushes && none && blow) {
        vector.set(...none);
        const i = rows.length, size = vector.length(), [x, y, z] = data.com[index];
        pushes[i] ??= arrow(STEEL);
        if (size > 0.12) say(`${blow.by} ${size.toFixed(1)} bw`, pushes[i].point(x, y, z, vector, size * METRES_A_WEIGHT, RADIUS), "is-push");
      } else if (shown.phantom && none) {
        vector.set(...none);
        const size = vector.length();
        if (size > 0.12) {
          const [x, y, z] = data.com[index], length = Math.max(size * METRES_A_WEIGHT, 0.12);
          const end = phantom.point(x, y, z, vector, length, RADIUS * 1.5);
          rings.forEach((mesh, i) => {
            mesh.visible = true;
            mesh.position.set(x, y, z).addScaledVector(along, length * [0.3, 0.52][i]);
            mesh.quaternion.setFromUnitVectors(middle.set(0, 0, 1), along);
            mesh.scale.setScalar(0.045);
          });
          say(`phantom ${size.toFixed(1)} bw`, end, "is-phantom");
        }
      }
      if (shown.spin) {
        vector.set(...now.spin);
        const size = vector.length();
        if (size > 1) {
          const end = spin.point(...data.com[index], vector, Math.min(size * SPIN_METRES, MOST_SPIN), RADIUS * 0.8);
          const turns = size / Math.max(now.inertia, 1e-6) / (2 * Math.PI);
          say(`${turns.toFixed(1)} turns/s`, end, "is-spin");
        }
      }
      if (shown.line && motion) {
        const heaviest = rows.filter(([part]) => part in figure.line.legs).sort((a, b) => b[5] - a[5])[0]?.[0];
        drawLine(motion, figure.joints, figure.line, heaviest, index);
      }
    },
    // Labels stand at the arrows' ends, and keep out of one another's way. w, h : pixels
    place(camera, w, h) {
      const taken = [];
      for (const { span, at } of labels) {
        if (span.hidden) continue;
        const place = at.clone().project(camera);
        const x = ((place.x + 1) * w) / 2 + 8;
        let y = ((1 - place.y) * h) / 2;
        while (taken.some(([u, v]) => Math.abs(u - x) < 96 && Math.abs(v - y) < 16)) y -= 16;
        taken.push([x, y]);
        span.style.transform = `translate(${x}px, ${y}px) translate(0, -50%)`;
      }
    },
  };
}
