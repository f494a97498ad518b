// Markers of a capture: a dot where each was seen, and a line from where the performer carries it, redder the farther.
import * as THREE from "../../vendor/three.js";
import { getBuffer, keptAddress } from "../api.js";

const NEAR = new THREE.Color("#2B5876"), FAR = new THREE.Color("#9E3A1B"), LOOSE = new THREE.Color("#6B6A66");
const FAR_M = 0.1; // from which a marker is as red as it gets
const DOT_PX = 8, RIM_PX = 12, PAPER = "#FBF9F4";

function dot() {
  const size = 32, canvas = document.createElement("canvas");
  canvas.width = canvas.height = size;
  const draw = canvas.getContext("2d");
  draw.beginPath(); draw.arc(size / 2, size / 2, size / 2 - 2, 0, 7);
  draw.fillStyle = "#ffffff"; draw.fill();
  return new THREE.CanvasTexture(canvas);
}

// changed : called once there is more to draw
export function createMarked(scene, state, setup, changed) {
  const group = new THREE.Group(), picture = dot();
  scene.add(group);
  const drawn = new Map(); // by id: { points, rims, lines, count }
  const kept = new Map(); // by id: { name, data }, data null while it is on its way

  function make(count) {
    const floats = (n) => new THREE.BufferAttribute(new Float32Array(n * 3), 3);
    const dots = new THREE.BufferGeometry().setAttribute("position", floats(count)).setAttribute("color", floats(count));
    const points = new THREE.Points(dots, new THREE.PointsMaterial({ map: picture, size: DOT_PX, sizeAttenuation: false, vertexColors: true, transparent: true, alphaTest: 0.4, depthTest: false }));
    // a rim of paper, so that they are seen on a figure and told from the beads of a path
    const rims = new THREE.Points(dots, new THREE.PointsMaterial({ map: picture, size: RIM_PX, sizeAttenuation: false, color: PAPER, transparent: true, alphaTest: 0.4, depthTest: false }));
    const ends = new THREE.BufferGeometry().setAttribute("position", floats(2 * count)).setAttribute("color", floats(2 * count));
    const lines = new THREE.LineSegments(ends, new THREE.LineBasicMaterial({ vertexColors: true, depthTest: false, transparent: true }));
    [lines, rims, points].forEach((node, i) => { node.frustumCulled = false; node.renderOrder = 8 + i; });
    group.add(lines, rims, points);
    return { points, rims, lines, count };
  }

  function drop(id) {
    for (const node of ["points", "rims", "lines"].map((part) => drawn.get(id)[part])) { group.remove(node); node.geometry.dispose(); node.material.dispose(); }
    drawn.delete(id);
  }

  // What a set of markers is on the motion that is shown, brought when it is not here
  function dataOf(set) {
    const as = state.get("variant") === "early" ? "now" : state.get("variant") ?? "now", name = `${state.get("seen")}|${as}`;
    const found = kept.get(set.id);
    if (found?.name === name) return found.data;
    const held = { name, data: found?.data ?? null };
    kept.set(set.id, held);
    const own = set.performer === state.get("who") ? as : as === "before" ? "before" : "now";
    getBuffer(keptAddress(setup, state.get("seen"), `markers/${set.id}`, { as: own })).then((buffer) => { held.data = new Float32Array(buffer); changed(); }, () => {});
    return held.data;
  }

  const at = new THREE.Vector3(), on = new THREE.Vector3(), color = new THREE.Color();

  function fill({ points, lines, count }, data, index) {
    const half = data.length / 2, row = index * count * 3;
    const [place, tint, ends, along] = [points.geometry.attributes.position, points.geometry.attributes.color, lines.geometry.attributes.position, lines.geometry.attributes.color];
    let seen = 0, held = 0;
    // what is tried may last longer than what is here yet
    for (let k = 0; k < count && row < half; k++) {
      at.fromArray(data, row + 3 * k);
      if (Number.isNaN(at.x)) continue;
      on.fromArray(data, half + row + 3 * k);
      const worn = !Number.isNaN(on.x);
      color.copy(worn ? NEAR : LOOSE);
      if (worn) color.lerp(FAR, Math.min(at.distanceTo(on) / FAR_M, 1));
      place.setXYZ(seen, at.x, at.y, at.z);
      tint.setXYZ(seen, color.r, color.g, color.b);
      seen += 1;
      if (!worn) continue;
      for (const [i, end] of [[held, on], [held + 1, at]]) { ends.setXYZ(i, end.x, end.y, end.z); along.setXYZ(i, color.r, color.g, color.b); }
      held += 2;
    }
    points.geometry.setDrawRange(0, seen);
    lines.geometry.setDrawRange(0, held);
    for (const attribute of [place, tint, ends, along]) attribute.needsUpdate = true;
  }

  return {
    show(index, visible) {
      const sets = visible ? setup.marker_sets.filter((set) => !set.hidden) : [];
      for (const id of [...drawn.keys()]) if (!sets.some((set) => set.id === id && set.names.length === drawn.get(id).count)) drop(id);
      for (const id of [...kept.keys()]) if (!setup.marker_sets.some((set) => set.id === id)) kept.delete(id);
      for (const set of sets) {
        const data = dataOf(set);
        if (!data) continue;
        if (!drawn.has(set.id)) drawn.set(set.id, make(set.names.length));
        fill(drawn.get(set.id), data, index);
      }
    },
  };
}
