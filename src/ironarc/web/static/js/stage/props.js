// Props as places: plain solids of paper with ink edges, their names and measures over them, the line they hang from.
import * as THREE from "../../vendor/three.js";
import { propRow } from "../scene.js";

const PAPER = "#e9e3d5", INK = "#4b4a45", PICKED = "#9E3A1B", TRAIL = "#2B5876", STROBE = 0.8;

// Meshes of props that were brought in, by the digest of each: { points, triangles }, null while one is on its way
const meshes = new Map();

function unpackedMesh(buffer) {
  const count = new DataView(buffer).getUint32(0, true);
  return { points: new Float32Array(buffer, 4, 3 * count), triangles: new Uint32Array(buffer, 4 + 12 * count) };
}

function meshOf({ points, triangles }, [w, h, d]) {
  const geometry = new THREE.BufferGeometry().setAttribute("position", new THREE.BufferAttribute(points.slice(), 3));
  geometry.setIndex(new THREE.BufferAttribute(triangles, 1));
  geometry.scale(w, h, d);
  // each face by itself, so that edges stay edges
  const apart = geometry.toNonIndexed();
  apart.computeVertexNormals();
  return apart;
}

// Geometry of one solid whose foot's middle is the origin, as the core has it
function shapeOf({ kind, size: [w, h, d], shape }) {
  if (meshes.get(shape)) return meshOf(meshes.get(shape), [w, h, d]);
  if (kind === "ball") return new THREE.SphereGeometry(h / 2, 28, 18).translate(0, h / 2, 0);
  if (kind === "bar") return new THREE.CylinderGeometry(h / 2, h / 2, w, 16).rotateZ(Math.PI / 2).translate(0, h / 2, 0);
  if (kind !== "ramp") return new THREE.BoxGeometry(w, h, d).translate(0, h / 2, 0);
  // a wedge that climbs from nothing at -z to its height at +z
  const corner = (x, y, z) => [x * w / 2, y * h, z * d / 2];
  const [a, b, c, e, f, g] = [corner(-1, 0, -1), corner(1, 0, -1), corner(1, 0, 1), corner(-1, 0, 1), corner(1, 1, 1), corner(-1, 1, 1)];
  const faces = [a, b, c, a, c, e, a, g, f, a, f, b, e, c, f, e, f, g, b, f, c, a, e, g];
  const geometry = new THREE.BufferGeometry().setAttribute("position", new THREE.Float32BufferAttribute(faces.flat(), 3));
  geometry.computeVertexNormals();
  return geometry;
}

// All solids of a prop in its own axes, as one geometry each
function shapesOf({ solids }) {
  return solids.map((solid) => {
    const [w, x, y, z] = solid.turn;
    return shapeOf(solid).applyQuaternion(new THREE.Quaternion(x, y, z, w)).translate(...solid.at);
  });
}

const cm = (metres) => Math.round(metres * 100);

function measureText({ kind, name, size: [w, h, d] }) {
  if (kind === "ball") return `${name} ⌀ ${cm(h)} cm`;
  if (kind === "bar") return `${name} ${cm(w)} cm long, ⌀ ${cm(h)}`;
  return `${name} ${cm(w)} × ${cm(h)} × ${cm(d)} cm`;
}

// A bead a frame along the way of a prop that moves by itself, until it lies still
function trailOf({ track, center, flight }, first) {
  const beads = [], up = new THREE.Vector3(), turn = new THREE.Quaternion();
  for (let f = flight.start; f <= flight.end && f - first < track.length; f += 1) {
    const [x, y, z, qw, qx, qy, qz] = track[f - first];
    up.set(...center).applyQuaternion(turn.set(qx, qy, qz, qw));
    beads.push(x + up.x, y + up.y, z + up.z);
  }
  const geometry = new THREE.BufferGeometry().setAttribute("position", new THREE.Float32BufferAttribute(beads, 3));
  const points = new THREE.Points(geometry, new THREE.PointsMaterial({ color: TRAIL, size: 4, sizeAttenuation: false }));
  points.frustumCulled = false;
  return points;
}

// Its edges as often as it has gone on by its own size, faintly: how it turns as it flies
function strobeOf({ track, flight, size }, shapes, first) {
  const group = new THREE.Group(), ink = new THREE.LineBasicMaterial({ color: INK, transparent: true, opacity: 0.28 });
  let last = null;
  for (let f = flight.start; f <= flight.end && f - first < track.length; f += 1) {
    const [x, y, z, qw, qx, qy, qz] = track[f - first];
    if (last && Math.hypot(x - last[0], y - last[1], z - last[2]) < STROBE * Math.max(...size)) continue;
    last = [x, y, z];
    for (const shape of shapes) {
      const edges = new THREE.LineSegments(shape, ink);
      edges.position.set(x, y, z);
      edges.quaternion.set(qx, qy, qz, qw);
      group.add(edges);
    }
  }
  return group;
}

// `words`: an element over the canvas that the labels stand in; bring(digest) : a mesh's bytes; changed : called once one
// that was missing is there
export function createProps(scene, words, { bring, changed }) {
  let built = [];

  function bringMeshes(setup) {
    for (const { shape } of setup.props.flatMap((prop) => prop.solids)) {
      if (!shape || meshes.has(shape)) continue;
      meshes.set(shape, null);
      bring(shape).then((buffer) => {
        meshes.set(shape, unpackedMesh(buffer));
        setScene(setup);
        changed();
      }, () => meshes.delete(shape));
    }
  }

  function setScene(setup) {
    clear();
    built = setup.props.map((prop) => build(prop, setup.first));
    bringMeshes(setup);
  }

  function clear() {
    for (const { group } of built) {
      scene.remove(group);
      group.traverse((node) => { node.geometry?.dispose(); node.material?.dispose(); });
    }
    words.replaceChildren();
    built = [];
  }

  function build(prop, first) {
    const group = new THREE.Group(), body = new THREE.Group();
    const paper = new THREE.MeshLambertMaterial({ color: PAPER, polygonOffset: true, polygonOffsetFactor: 1, polygonOffsetUnits: 1 }), ink = new THREE.LineBasicMaterial({ color: INK });
    const solids = shapesOf(prop).map((shape) => new THREE.Mesh(shape, paper)), angular = prop.solids.some(({ kind }) => kind !== "ball");
    const outlines = prop.solids.flatMap(({ kind }, n) => (kind === "ball" ? [] : [new THREE.EdgesGeometry(solids[n].geometry, 30)]));
    for (const solid of solids) { solid.userData.item = prop.id; body.add(solid); }
    for (const outline of outlines) body.add(new THREE.LineSegments(outline, ink));
    const label = document.createElement("span");
    words.append(label);
    group.add(body);
    let line = null;
    if (prop.hung_from) {
      line = new THREE.Line(new THREE.BufferGeometry().setAttribute("position", new THREE.Float32BufferAttribute(6, 3)), new THREE.LineBasicMaterial({ color: INK }));
      group.add(line);
    }
    // a chain's links would hide with theirs what they hold
    const trail = prop.flight && !prop.holds_another ? trailOf(prop, first) : null;
    const strobe = trail && outlines.length ? strobeOf(prop, outlines, first) : null;
    if (trail) group.add(trail);
    if (strobe) group.add(strobe);
    scene.add(group);
    return { prop, group, body, solids, drawn: angular ? ink : paper, plain: angular ? INK : PAPER, label, line, strobe, top: new THREE.Vector3() };
  }

  const onScreen = new THREE.Vector3();
  return {
    setScene,
    // `setting`: labels are shown while the scene is being set
    show(setup, frame, { visible, setting, strobing, picked, shiftOf }) {
      for (const { prop, group, body, drawn, plain, label, line, strobe, top } of built) {
        group.visible = visible && !prop.hidden;
        if (strobe) strobe.visible = strobing;
        const [x, y, z, qw, qx, qy, qz] = propRow(setup, prop, frame);
        body.matrixAutoUpdate = false;
        body.matrix.compose(top.set(x, y, z), new THREE.Quaternion(qx, qy, qz, qw), new THREE.Vector3(1, 1, 1));
        const shift = shiftOf(prop.id);
        if (shift) body.matrix.premultiply(shift);
        body.matrixWorldNeedsUpdate = true;
        top.set(0, prop.size[1], 0).applyMatrix4(body.matrix);
        label.hidden = !group.visible || !setting;
        label.textContent = measureText(prop);
        label.classList.toggle("is-picked", picked === prop.id);
        if (line) {
          line.geometry.attributes.position.setXYZ(0, ...prop.hung_from);
          line.geometry.attributes.position.setXYZ(1, top.x, top.y, top.z);
          line.geometry.attributes.position.needsUpdate = true;
          line.frustumCulled = false;
        }
        drawn.color.set(picked === prop.id ? PICKED : plain);
      }
    },
    // Puts the labels over the tops of their props, as the camera sees them; w, h : pixels of the canvas
    placeLabels(camera, w, h) {
      for (const { label, top } of built) {
        if (label.hidden) continue;
        onScreen.copy(top).project(camera);
        label.style.transform = `translate(${((onScreen.x + 1) * w) / 2}px, ${((1 - onScreen.y) * h) / 2}px) translate(-50%, -130%)`;
      }
    },
    hit(raycaster) {
      const solids = built.filter((b) => b.group.visible).flatMap((b) => b.solids);
      return raycaster.intersectObjects(solids)[0]?.object.userData.item ?? null;
    },
  };
}
