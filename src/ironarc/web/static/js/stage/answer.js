// How the body answers while it is posed: the support area as it would be, the path's beads between the neighbouring
// keys, and a dashed leader from a part that did not get there to where it was to go. Pins stand as small anchors.
import * as THREE from "../../vendor/three.js";

const INK = "#20252B", OXIDE = "#9E3A1B", STEEL = "#2B5876", MOST = 400, LIFT = 0.008;

export function createAnswer(scene) {
  const over = (material) => Object.assign(material, { depthTest: false, transparent: true });
  const lines = (color) => {
    const made = new THREE.LineSegments(new THREE.BufferGeometry(), over(new THREE.LineBasicMaterial({ color })));
    made.frustumCulled = false;
    made.renderOrder = 7;
    made.visible = false;
    return made;
  };
  const beads = (color, size) => {
    const made = new THREE.InstancedMesh(new THREE.SphereGeometry(size, 8, 6), over(new THREE.MeshBasicMaterial({ color })), MOST);
    made.frustumCulled = false;
    made.renderOrder = 8;
    made.count = 0;
    return made;
  };
  const area = lines(INK), leader = lines(OXIDE), path = lines(STEEL);
  const com = beads(OXIDE, 0.012), part = beads(STEEL, 0.013);
  scene.add(area, leader, path, com, part);
  const m = new THREE.Matrix4();
  let shown = null;

  function fill(mesh, points) {
    mesh.visible = points.length > 0;
    mesh.geometry.dispose();
    mesh.geometry = new THREE.BufferGeometry().setAttribute("position", new THREE.Float32BufferAttribute(points, 3));
  }

  function string(mesh, points) {
    mesh.count = Math.min(points.length, MOST);
    for (let i = 0; i < mesh.count; i++) mesh.setMatrixAt(i, m.makeTranslation(...points[i]));
    mesh.instanceMatrix.needsUpdate = true;
    mesh.boundingSphere = null;
  }

  // Dashes from one point to another
  function dashes(a, b) {
    const out = [], far = Math.hypot(...a.map((v, i) => b[i] - v)), count = Math.max(Math.round(far / 0.05), 1);
    for (let i = 0; i < count; i++) for (const t of [i / count, (i + 0.55) / count]) out.push(...a.map((v, k) => v + (b[k] - v) * t));
    return out;
  }

  return {
    // tried : the answer, or null; floor : m; partPath : the whole path of the part taken, or []
    show(tried, floor, partPath) {
      if (shown && shown[0] === tried && shown[1] === partPath) return;
      shown = [tried, partPath];
      const hull = tried?.hull ?? [];
      fill(area, hull.flatMap(([x, z], i) => { const [u, w] = hull[(i + 1) % hull.length]; return [x, floor + LIFT, z, u, floor + LIFT, w]; }));
      fill(leader, (tried?.missed ?? []).flatMap(({ at, to }) => [...dashes(at, to), ...cross(to)]));
      string(com, tried?.beads.com ?? []);
      const own = tried?.beads.part ?? partPath;
      string(part, own);
      fill(path, own.slice(1).flatMap((to, i) => [...own[i], ...to]));
    },
    // Index of the bead of the part's path under a ray, or null
    beadAt(raycaster) {
      if (!part.count) return null;
      const [hit] = raycaster.intersectObject(part);
      return hit ? hit.instanceId : null;
    },
  };

  function cross([x, y, z]) {
    const s = 0.025;
    return [x - s, y, z, x + s, y, z, x, y - s, z, x, y + s, z, x, y, z - s, x, y, z + s];
  }
}
