// What is measured, drawn on the stage: beads, the arc gravity asks for, the center of gravity and its plumb, the floor.
import * as THREE from "../../vendor/three.js";

const STEEL = "#2B5876", PALE = "#8A9AA6", BRASS = "#B07D1E", OXIDE = "#9E3A1B";
const UP = new THREE.Vector3(0, 1, 0);
const BEAD_M = 0.03, LEAST_BEAD_PX = 3.5, MOST_BEAD_PX = 11;
const MOST_BEADS = 900, BEADS_ON = 150; // that are drawn at once, and by how many they go along with the playhead

function instanced(geometry, color, count) {
  const mesh = new THREE.InstancedMesh(geometry, new THREE.MeshBasicMaterial({ color, depthTest: false }), count);
  mesh.renderOrder = 5;
  mesh.frustumCulled = false;
  mesh.count = 0;
  return mesh;
}

// The engineer's quartered disc
function quarteredDisc() {
  const size = 128, canvas = document.createElement("canvas");
  canvas.width = canvas.height = size;
  const draw = canvas.getContext("2d"), c = size / 2, r = size / 2 - 8;
  draw.fillStyle = "#FBF9F4";
  draw.beginPath(); draw.arc(c, c, r + 6, 0, 7); draw.fill();
  draw.fillStyle = OXIDE;
  for (const from of [0, Math.PI]) {
    draw.beginPath(); draw.moveTo(c, c); draw.arc(c, c, r, from, from + Math.PI / 2); draw.fill();
  }
  draw.lineWidth = 8; draw.strokeStyle = OXIDE;
  draw.beginPath(); draw.arc(c, c, r, 0, 7); draw.stroke();
  const texture = new THREE.CanvasTexture(canvas);
  texture.colorSpace = THREE.SRGBColorSpace;
  return texture;
}

// A bead: one point however many there are, where a ball of triangles would cost as much as a figure
function beadMaterial() {
  const size = 32, canvas = document.createElement("canvas"), draw = canvas.getContext("2d");
  canvas.width = canvas.height = size;
  draw.fillStyle = "#ffffff";
  draw.beginPath(); draw.arc(size / 2, size / 2, size / 2 - 2, 0, 7); draw.fill();
  return new THREE.PointsMaterial({ color: STEEL, map: new THREE.CanvasTexture(canvas), transparent: true, depthTest: false, depthWrite: false, sizeAttenuation: false });
}

export function createMarkers(scene, behind) {
  const dashShape = new THREE.CylinderGeometry(0.009, 0.009, 1, 6);
  const beads = new THREE.Points(new THREE.BufferGeometry(), beadMaterial());
  beads.renderOrder = 5; // over the figure: the spacing of the beads must be read through it
  beads.frustumCulled = false;
  // of what it is compared with
  const others = new THREE.Points(new THREE.BufferGeometry(), beadMaterial());
  others.material.color.set(PALE);
  others.renderOrder = 4;
  others.frustumCulled = others.visible = false;
  let dashes = instanced(dashShape, BRASS, 1);
  const here = new THREE.Mesh(new THREE.SphereGeometry(0.026, 14, 10), new THREE.MeshBasicMaterial({ color: STEEL, depthTest: false }));
  here.renderOrder = 6;
  const disc = new THREE.Sprite(new THREE.SpriteMaterial({ map: quarteredDisc(), depthTest: false, sizeAttenuation: false }));
  disc.renderOrder = 10;
  const plumb = new THREE.Mesh(new THREE.CylinderGeometry(0.0045, 0.0045, 1, 6), new THREE.MeshBasicMaterial({ color: OXIDE, depthTest: false }));
  plumb.renderOrder = 9;
  const bob = new THREE.Mesh(new THREE.ConeGeometry(0.026, 0.075, 12).rotateX(Math.PI), new THREE.MeshBasicMaterial({ color: OXIDE, depthTest: false }));
  bob.renderOrder = 9;
  const foot = new THREE.Mesh(new THREE.RingGeometry(0.05, 0.062, 28).rotateX(-Math.PI / 2), new THREE.MeshBasicMaterial({ color: OXIDE, side: THREE.DoubleSide }));
  const grid = new THREE.Group();
  const through = new THREE.Line(new THREE.BufferGeometry(), new THREE.LineBasicMaterial({ color: STEEL, depthTest: false }));
  through.renderOrder = 5;
  through.frustumCulled = through.visible = false;
  scene.add(beads, others, dashes, through, here, disc, plumb, bob, foot);
  behind.add(grid);
  const m = new THREE.Matrix4(), q = new THREE.Quaternion(), s = new THREE.Vector3(), a = new THREE.Vector3(), b = new THREE.Vector3();

  // An instanced mesh has room for a fixed number: a longer motion gets a new one
  function roomy(mesh, shape, color, count) {
    if (mesh.instanceMatrix.count >= count) return mesh;
    const larger = instanced(shape, color, count);
    larger.visible = mesh.visible;
    scene.remove(mesh);
    scene.add(larger);
    mesh.dispose();
    return larger;
  }

  // Of a long motion the beads about the playhead are drawn, and a line through all frames: its beads would hide one
  // another, and cost more than all else together
  let com = [], otherCom = null, from = 0, first = 0;
  function drawBeads(data) {
    com = data.com;
    [first] = data.range;
    beads.geometry.dispose();
    beads.geometry = new THREE.BufferGeometry().setAttribute("position", new THREE.Float32BufferAttribute(new Float32Array(3 * Math.min(com.length, MOST_BEADS)), 3));
    through.visible = beads.visible && com.length > MOST_BEADS;
    if (com.length > MOST_BEADS) {
      through.geometry.dispose();
      through.geometry = new THREE.BufferGeometry().setAttribute("position", new THREE.Float32BufferAttribute(com.flat(), 3));
    }
    from = -1;
  }

  function fillBeads(data, index) {
    const wanted = Math.max(Math.min(Math.floor((index - MOST_BEADS / 2) / BEADS_ON) * BEADS_ON, com.length - MOST_BEADS), 0);
    if (wanted === from) return;
    from = wanted;
    const places = beads.geometry.attributes.position;
    for (let i = 0; i < places.count; i++) places.setXYZ(i, ...com[from + i]);
    places.needsUpdate = true;
    drawGravityArcs(data);
  }

  // The arcs of the flights whose beads are drawn
  function drawGravityArcs(data) {
    const shown = data.flights.filter((f) => f.end - first >= from && f.start - first <= from + beads.geometry.attributes.position.count);
    dashes = roomy(dashes, dashShape, BRASS, shown.reduce((sum, f) => sum + f.gravity_arc.length, 1));
    let n = 0;
    for (const flight of shown) {
      for (let i = 0; i + 1 < flight.gravity_arc.length; i++) {
        a.set(...flight.gravity_arc[i]); b.set(...flight.gravity_arc[i + 1]);
        const length = a.distanceTo(b);
        q.setFromUnitVectors(UP, b.clone().sub(a).normalize());
        dashes.setMatrixAt(n++, m.compose(a.clone().lerp(b, 0.5), q, s.set(1, length * 0.6, 1)));
      }
    }
    dashes.count = n;
    dashes.instanceMatrix.needsUpdate = true;
  }

  // The floor's grid, 2.5 m beyond whatever is in the shot
  function drawGrid(data, box) {
    for (const lines of grid.children) { lines.geometry.dispose(); lines.material.dispose(); }
    grid.clear();
    const span = (low, high) => [Math.floor(low - 2.5), Math.ceil(high + 2.5)];
    const [x0, x1] = span(box.min.x, box.max.x), [z0, z1] = span(box.min.z, box.max.z);
    const metre = [], quarter = [], [slopeX, slopeZ] = data.floor_slope;
    const on = (x, z) => [x, data.floor + slopeX * x + slopeZ * z, z];
    for (let x = x0; x <= x1 + 1e-6; x += 0.25) (Number.isInteger(x) ? metre : quarter).push(...on(x, z0), ...on(x, z1));
    for (let z = z0; z <= z1 + 1e-6; z += 0.25) (Number.isInteger(z) ? metre : quarter).push(...on(x0, z), ...on(x1, z));
    for (const [points, color] of [[quarter, "#e6e0d3"], [metre, "#c4bba8"]]) {
      const geometry = new THREE.BufferGeometry().setAttribute("position", new THREE.Float32BufferAttribute(points, 3));
      grid.add(new THREE.LineSegments(geometry, new THREE.LineBasicMaterial({ color })));
    }
  }

  return {
    setData(data, box) { drawBeads(data); drawGrid(data, box); },
    // Another path in the place of the one that is shown
    setPath(data) { if (data.com !== com) drawBeads(data); },
    // The path of what it is compared with, under its own; null for none
    setOther(data) {
      others.visible = Boolean(data) && beads.visible && data.com.length <= MOST_BEADS;
      if (!others.visible || data.com === otherCom) return;
      otherCom = data.com;
      others.geometry.dispose();
      others.geometry = new THREE.BufferGeometry().setAttribute("position", new THREE.Float32BufferAttribute(otherCom.flat(), 3));
    },
    setFrame(data, index, hover) {
      fillBeads(data, index);
      const [x, y, z] = data.com[index];
      disc.position.set(x, y, z);
      const height = Math.max(y - data.floor, 0.001);
      plumb.position.set(x, data.floor + height / 2, z);
      plumb.scale.y = height;
      bob.position.set(x, data.floor + 0.0375, z);
      foot.position.set(x, data.floor + 0.004, z);
      here.visible = hover !== null && beads.visible;
      if (here.visible) here.position.set(...data.com[hover]);
    },
    // The marker keeps its size on the screen, in both kinds of camera
    keepSize(camera, times, metresPerPixel) {
      others.material.size = beads.material.size = Math.min(Math.max(BEAD_M / metresPerPixel, LEAST_BEAD_PX), MOST_BEAD_PX);
      const size = camera.isOrthographicCamera ? 0.034 * (camera.top - camera.bottom) / camera.zoom : 0.026;
      disc.material.sizeAttenuation = camera.isOrthographicCamera;
      disc.scale.set(size * times, size * times, 1);
    },
    show(what, display) {
      beads.visible = what.path;
      through.visible = what.path && com.length > MOST_BEADS;
      dashes.visible = what.gravity;
      disc.visible = what.com && display.marker;
      for (const part of [plumb, bob, foot]) part.visible = what.com && display.foot;
      grid.visible = what.grid;
    },
    // Index of the bead under a ray, or null
    beadAt(raycaster) {
      if (!beads.visible) return null;
      raycaster.params.Points.threshold = BEAD_M;
      beads.geometry.computeBoundingSphere();
      const hits = raycaster.intersectObject(beads);
      if (!hits.length) return null;
      return from + hits.reduce((best, hit) => (hit.distanceToRay < best.distanceToRay ? hit : best)).index;
    },
  };
}
