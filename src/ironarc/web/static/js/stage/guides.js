// Guide curves: an ink line with an open bead a frame, and points to drag where the curve is picked.
import * as THREE from "../../vendor/three.js";

const INK = "#20252B", PAPER = "#FBF9F4", OXIDE = "#9E3A1B";
const dotShape = new THREE.SphereGeometry(0.032, 14, 10);
const FINE = 6; // pieces drawn between two frames

const through = (points) => new THREE.CatmullRomCurve3(points.map((p) => new THREE.Vector3(...p)));

function ring() {
  const size = 64, canvas = document.createElement("canvas");
  canvas.width = canvas.height = size;
  const draw = canvas.getContext("2d");
  draw.beginPath(); draw.arc(size / 2, size / 2, size / 2 - 9, 0, 7);
  draw.fillStyle = PAPER; draw.fill();
  draw.lineWidth = 11; draw.strokeStyle = INK; draw.stroke();
  const texture = new THREE.CanvasTexture(canvas);
  texture.colorSpace = THREE.SRGBColorSpace;
  return texture;
}

export function createGuides(scene) {
  const bead = ring(), group = new THREE.Group();
  scene.add(group);
  const here = new THREE.Group();
  scene.add(here);
  let handles = [], drawn = "";

  function clear() {
    for (const node of group.children) { node.geometry?.dispose(); node.material?.dispose(); }
    group.clear();
    handles = [];
  }

  function drawLine(points, color) {
    const geometry = new THREE.BufferGeometry().setFromPoints(points);
    const line = new THREE.Line(geometry, new THREE.LineBasicMaterial({ color, depthTest: false }));
    line.renderOrder = 4;
    group.add(line);
  }

  function drawBeads(path) {
    const geometry = new THREE.BufferGeometry().setAttribute("position", new THREE.Float32BufferAttribute(path.flat(), 3));
    const beads = new THREE.Points(geometry, new THREE.PointsMaterial({ map: bead, size: 9, sizeAttenuation: false, transparent: true, alphaTest: 0.3, depthTest: false }));
    beads.renderOrder = 5;
    group.add(beads);
  }

  function drawHandles(points, id) {
    points.forEach((p, index) => {
      const handle = new THREE.Mesh(new THREE.OctahedronGeometry(0.045), new THREE.MeshBasicMaterial({ color: OXIDE, depthTest: false }));
      handle.position.set(...p);
      handle.renderOrder = 11;
      handle.updateMatrixWorld(); // it can be pointed at before it is first drawn
      handle.userData = { guide: id, index };
      group.add(handle);
      handles.push(handle);
    });
  }

  return {
    // Where each guide has its point on the frame at hand
    showFrame(setup, frame, visible) {
      for (const dot of here.children) dot.material.dispose();
      here.clear();
      for (const guide of setup.guides) {
        const at = guide.path[frame - guide.first];
        if (!visible || guide.hidden || !at) continue;
        const dot = new THREE.Mesh(dotShape, new THREE.MeshBasicMaterial({ color: INK, depthTest: false }));
        dot.position.set(...at);
        dot.renderOrder = 8;
        here.add(dot);
      }
    },
    // `moved`: points of the picked guide as they are dragged, or null; `drawing`: points set so far
    show(setup, { visible, picked, moved, drawing }) {
      const now = JSON.stringify([setup.guides, visible, picked, moved, drawing]);
      if (now === drawn) return;
      drawn = now;
      clear();
      for (const guide of setup.guides) {
        if (!visible || guide.hidden) continue;
        const mine = guide.id === picked, points = mine && moved ? moved : guide.points;
        if (mine && moved && guide.curve !== "gravity") drawLine(through(points).getPoints(points.length * 12), OXIDE);
        else if (mine && moved) drawLine(points.map((p) => new THREE.Vector3(...p)), OXIDE);
        else {
          drawLine(through(guide.path).getPoints(guide.path.length * FINE), mine ? OXIDE : INK);
          drawBeads(guide.path);
        }
        if (mine && !guide.locked) drawHandles(points, guide.id);
      }
      if (drawing?.points.length) {
        if (drawing.points.length > 1) drawLine(through(drawing.points).getPoints(drawing.points.length * 12), OXIDE);
        drawHandles(drawing.points, "");
      }
    },
    hit(raycaster) { return raycaster.intersectObjects(handles)[0]?.object.userData ?? null; },
  };
}
