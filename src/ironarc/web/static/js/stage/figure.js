// The figure and its ghosts: skinned meshes that share one geometry and are posed from the motion's floats.
import * as THREE from "../../vendor/three.js";
import { mannequinGeometry } from "./mannequin.js";

const STRIDE = 7; // x y z, w x y z
const GHOST_INKS = ["#8f8b81", "#bdb7a9"];
const BODY = "#4a525b", BODY_ASIDE = "#7d858c"; // the one that is read, and the others
const PAPER = "#f3efe6", STEEL = "#2B5876";

function posable(geometry, material, joints) {
  const mesh = new THREE.SkinnedMesh(geometry, material);
  const bones = Array.from({ length: joints }, () => new THREE.Bone());
  const skeleton = new THREE.Skeleton(bones, bones.map(() => new THREE.Matrix4()));
  for (const bone of bones) bone.matrixWorldAutoUpdate = false;
  mesh.bind(skeleton, new THREE.Matrix4());
  mesh.frustumCulled = false;
  return mesh;
}

const place = new THREE.Vector3(), turn = new THREE.Quaternion(), one = new THREE.Vector3(1, 1, 1), longer = new THREE.Matrix4();
const STRETCHED = 1.002;

// A limb that is stretched is drawn longer, so that it ends where the next bone begins
function stretch(bones, motion, at, { joint, to, length, along: [x, y, z] }) {
  const a = at + joint * STRIDE, b = at + to * STRIDE;
  const far = Math.hypot(motion[b] - motion[a], motion[b + 1] - motion[a + 1], motion[b + 2] - motion[a + 2]) / length;
  if (far < STRETCHED && far > 1 / STRETCHED) return;
  const s = far - 1;
  bones[joint].matrixWorld.multiply(longer.set(1 + s * x * x, s * x * y, s * x * z, 0, s * x * y, 1 + s * y * y, s * y * z, 0, s * x * z, s * y * z, 1 + s * z * z, 0, 0, 0, 0, 1));
}

// `shift` moves the whole as it is dragged; null where it stands
function pose(mesh, motion, { joints, limb_bones: limbs }, wanted, shift = null) {
  const { bones } = mesh.skeleton;
  // what is tried may last longer than what stands beside it: that one holds its last pose
  const index = Math.min(wanted, motion.length / (joints * STRIDE) - 1);
  for (let j = 0, at = index * joints * STRIDE; j < joints; j++, at += STRIDE) {
    place.set(motion[at], motion[at + 1], motion[at + 2]);
    turn.set(motion[at + 4], motion[at + 5], motion[at + 6], motion[at + 3]);
    bones[j].matrixWorld.compose(place, turn, one);
  }
  for (const bone of limbs) stretch(bones, motion, index * joints * STRIDE, bone);
  if (shift) for (const bone of bones) bone.matrixWorld.premultiply(shift);
}

// `figure` is a performer's: its joints and solids. Ghosts are drawn for the one that is read.
export function createFigure(scene, behind, figure, spacing) {
  const { joints } = figure;
  const shape = mannequinGeometry(figure);
  const hull = mannequinGeometry(figure, 0.009 * figure.height / 1.75);
  const ink = new THREE.MeshLambertMaterial({ color: BODY });
  const body = posable(shape, ink, joints);
  const outline = posable(hull, new THREE.MeshBasicMaterial({ color: "#171b20" }), joints);
  const shadow = posable(shape, new THREE.MeshBasicMaterial({ color: "#ddd5c5" }), joints);
  scene.add(body, outline);
  behind.add(shadow);

  // a ghost is an outline: paper inside, an ink hull behind
  const ghosts = [];
  for (const [step, ink] of GHOST_INKS.entries()) {
    for (const way of [-1, 1]) {
      const inside = posable(shape, new THREE.MeshBasicMaterial({ color: PAPER, polygonOffset: true, polygonOffsetFactor: 2, polygonOffsetUnits: 2 }), joints);
      const edge = posable(hull, new THREE.MeshBasicMaterial({ color: ink }), joints);
      const group = new THREE.Group();
      group.add(inside, edge);
      behind.add(group);
      ghosts.push({ group, meshes: [inside, edge], away: way * (step + 1) });
    }
  }
  // how the body stands now, behind a correction that is being tried
  const heldInside = posable(shape, new THREE.MeshBasicMaterial({ color: PAPER, polygonOffset: true, polygonOffsetFactor: 2, polygonOffsetUnits: 2 }), joints);
  const heldEdge = posable(hull, new THREE.MeshBasicMaterial({ color: STEEL }), joints);
  behind.add(heldInside, heldEdge);

  let lit = null, litJoint = null;

  return {
    setFloor(y) {
      // flattened along a low light onto the floor, a hair above it
      const m = new THREE.Matrix4().set(1, -0.35, 0, 0.35 * y, 0, 0.0001, 0, y + 0.002, 0, -0.22, 1, 0.22 * y, 0, 0, 0, 1);
      shadow.matrixAutoUpdate = false;
      shadow.matrix.copy(m);
      shadow.bindMatrixInverse.copy(new THREE.Matrix4());
      shadow.bindMode = "detached";
    },
    // Outlines the solids that ride on a joint, or none for null
    light(joint, motion, index) {
      if (joint !== litJoint) {
        if (lit) { scene.remove(lit); lit.geometry.dispose(); lit.material.dispose(); lit.skeleton.dispose(); }
        lit = null;
        litJoint = joint;
        const parts = figure.parts.filter((part) => part.joint === joint);
        if (parts.length) {
          lit = posable(mannequinGeometry({ ...figure, parts }, 0.016 * figure.height / 1.75), new THREE.MeshBasicMaterial({ color: "#9E3A1B" }), joints);
          scene.add(lit);
        }
      }
      if (lit && motion) pose(lit, motion, figure, index);
    },
    compare(motion, index) {
      for (const mesh of [heldInside, heldEdge]) {
        mesh.visible = Boolean(motion);
        if (motion) pose(mesh, motion, figure, index);
      }
    },
    // at : frames' indices ghosts stand on, nearest first, or null for those around the one shown
    // beyond : of a loop, what plays past its ends: an index to the one that plays then and the shift (Matrix4) to it
    show(motion, index, { ghosts: withGhosts, read, shift, at: chosen = null, beyond = (at) => ({ at, shift }) }) {
      ink.color.set(read ? BODY : BODY_ASIDE);
      for (const mesh of [body, outline, shadow]) { mesh.visible = true; pose(mesh, motion, figure, index, shift); }
      const count = motion.length / (joints * STRIDE);
      for (const [i, { group, meshes, away }] of ghosts.entries()) {
        const ghost = chosen ? { at: chosen[i] ?? -1, shift } : beyond(index + away * spacing), { at } = ghost;
        group.visible = withGhosts && at >= 0 && at < count && (at !== index || ghost.shift !== shift);
        if (group.visible) for (const mesh of meshes) pose(mesh, motion, figure, at, ghost.shift);
      }
    },
    hide() {
      for (const part of [body, outline, shadow, heldInside, heldEdge, ...ghosts.map((g) => g.group)]) part.visible = false;
    },
    dispose() {
      scene.remove(body, outline);
      behind.remove(shadow, heldInside, heldEdge, ...ghosts.map((g) => g.group));
      for (const mesh of [body, outline, shadow, heldInside, heldEdge, ...ghosts.flatMap((g) => g.meshes)]) {
        mesh.material.dispose();
        mesh.skeleton.dispose();
      }
      shape.dispose();
      hull.dispose();
    },
  };
}
