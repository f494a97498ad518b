// The figure and its ghosts: skins turned from the motion's floats, each drawn as a body with an outline.
import * as THREE from "../../vendor/three.js";
import { createSoles } from "./soles.js";
import { bonesOf, hang, STRIDE, trianglesOn } from "./skin.js";
import { FINE, LIGHT } from "./skins.js";
import { differing, disposeWorn, flat, outlined, painted, paper, worn } from "./inks.js";

const GHOST_INKS = ["#8f8b81", "#bdb7a9"];
const BODY = "#8a97a1", BODY_ASIDE = "#9aab9c"; // the one that is read, and the others
const STEEL = "#2B5876", FILLED_ASIDE = "#5d6660", INK = "#171b20", OXIDE = "#9E3A1B", SHADOW = "#ddd5c5";
const WIDE_PX = 1.25, LEAST_WIDE_M = 0.0025, MOST_WIDE_M = 0.02; // of outlines

// A skin's buffers in a pose, shared by all meshes that are drawn with it
class Posed {
  constructor(skin) {
    this.skin = skin;
    this.geometry = new THREE.BufferGeometry();
    const dynamic = () => new THREE.BufferAttribute(new Float32Array(skin.vertices * 3), 3).setUsage(THREE.DynamicDrawUsage);
    this.geometry.setAttribute("position", dynamic()).setAttribute("normal", dynamic());
    const shade = new Float32Array(skin.vertices * 3);
    for (let i = 0; i < shade.length; i++) shade[i] = skin.shade[Math.floor(i / 3)];
    this.geometry.setAttribute("color", new THREE.BufferAttribute(shade, 3)).setAttribute("paint", new THREE.BufferAttribute(skin.paint, 4));
    this.geometry.setIndex(new THREE.BufferAttribute(skin.triangles, 1));
    if (skin.groups) {
      this.geometry.setAttribute("tint", new THREE.BufferAttribute(skin.tints, 3)).setAttribute("uv", new THREE.BufferAttribute(skin.uv, 2));
      for (const [i, [first, count]] of skin.groups.entries()) this.geometry.addGroup(3 * first, 3 * count, i);
    }
    this.key = this.worn = null;
  }

  // Materials of a skin's own colours, for the one that is drawn with them; none for a mannequin
  get colours() {
    return this.worn ??= this.skin.groups ? worn(this.skin) : null;
  }

  // How far each point lies from where another motion has it
  differ(limbs, other, index) {
    if (this.from?.other === other && this.from.index === index && this.from.motion === this.key.motion) return;
    this.from = { other, index, motion: this.key.motion };
    const { vertices } = this.skin;
    this.places ??= new Float32Array(vertices * 3);
    this.normals ??= new Float32Array(vertices * 3);
    if (!this.geometry.attributes.far) this.geometry.setAttribute("far", new THREE.BufferAttribute(new Float32Array(vertices), 1).setUsage(THREE.DynamicDrawUsage));
    hang(this.skin, bonesOf(this.skin, limbs, other, Math.min(index, other.length / (this.skin.joints * STRIDE) - 1)), this.places, this.normals);
    const { position, far } = this.geometry.attributes, at = position.array, was = this.places;
    for (let i = 0, k = 0; i < vertices; i++, k += 3) far.array[i] = Math.hypot(at[k] - was[k], at[k + 1] - was[k + 1], at[k + 2] - was[k + 2]);
    far.needsUpdate = true;
  }

  dispose() {
    this.geometry.dispose();
    if (this.worn) disposeWorn(this.worn);
  }

  // `motion` at a frame's index; what is tried may last longer than what stands beside it: that one holds its last pose
  pose(limbs, motion, wanted) {
    const index = Math.min(wanted, motion.length / (this.skin.joints * STRIDE) - 1);
    if (this.key?.motion === motion && this.key.index === index) return;
    this.key = { motion, index };
    const { position, normal } = this.geometry.attributes;
    hang(this.skin, bonesOf(this.skin, limbs, motion, index), position.array, normal.array);
    position.needsUpdate = normal.needsUpdate = true;
  }
}

function meshOf(material) {
  const mesh = new THREE.Mesh(new THREE.BufferGeometry(), material);
  mesh.frustumCulled = mesh.matrixAutoUpdate = false;
  return mesh;
}

// `figure` is a performer's; `skins` has its skin, at least the light one. fine : whether what moves is drawn fine;
// bringFine : asks for the fine one; later : a group that is drawn after the first picture
export function createFigure(scene, behind, figure, spacing, skins, { fine, bringFine, later }) {
  const wide = { value: 0.005 }, wider = { value: 0.01 }, limbs = figure.limb_bones;
  const ink = painted(BODY), filled = flat(INK), changed = differing(BODY);
  const body = meshOf(ink), outline = meshOf(outlined(INK, wide)), shadow = meshOf(flat(SHADOW)), lit = meshOf(outlined(OXIDE, wider));
  scene.add(body, outline, lit);
  behind.add(shadow);
  const soles = createSoles(later, figure);

  // a ghost is an outline: paper inside, an ink line behind
  const ghostOf = (color) => { const group = new THREE.Group(); group.add(meshOf(paper()), meshOf(outlined(color, wide))); behind.add(group); return group; };
  const ghosts = GHOST_INKS.flatMap((color, step) => [-1, 1].map((way) => ({ group: ghostOf(color), away: way * (step + 1), posed: null })));
  const held = { group: ghostOf(STEEL), posed: null }; // how the body stands now, behind a correction that is being tried
  held.group.visible = false;

  const flattened = new THREE.Matrix4(), still = new THREE.Matrix4();
  const bodies = {}; // by level
  let litJoint = null, asked = false;

  function posedAt(level) {
    const skin = skins.get(figure.shape, level);
    if (!skin?.vertices) return null;
    return (bodies[level] ??= new Posed(skin));
  }

  // The body as finely as it may be drawn now: while it moves in software, light
  function current(moving) {
    const best = fine || !moving ? posedAt(FINE) : null;
    if (!best && (fine || !moving) && !asked) { asked = true; bringFine(); }
    return best ?? posedAt(LIGHT);
  }

  function showPosed(group, posed, motion, index, shift) {
    posed.pose(limbs, motion, index);
    for (const mesh of group.children) { mesh.geometry = posed.geometry; placed(mesh, shift); }
  }

  function placed(mesh, matrix) {
    mesh.matrix.copy(matrix ?? still);
    mesh.matrixWorldNeedsUpdate = true;
  }

  function showLit(posed) {
    const wanted = litJoint === null ? null : `${litJoint} ${posed?.skin.vertices}`;
    lit.visible = wanted !== null && Boolean(posed);
    if (!lit.visible || lit.userData.of === wanted) return;
    lit.userData.of = wanted;
    lit.geometry.dispose();
    lit.geometry = new THREE.BufferGeometry();
    for (const name of ["position", "normal", "color"]) lit.geometry.setAttribute(name, posed.geometry.attributes[name]);
    lit.geometry.setIndex(trianglesOn(posed.skin, litJoint));
  }

  const ghostSkin = () => skins.get(figure.shape, LIGHT);
  const newPosed = () => (ghostSkin()?.vertices ? new Posed(ghostSkin()) : null);

  return {
    setFloor(y) {
      // flattened along a low light onto the floor, a hair above it
      flattened.set(1, -0.35, 0, 0.35 * y, 0, 0.0001, 0, y + 0.002, 0, -0.22, 1, 0.22 * y, 0, 0, 0, 1);
      soles.setFloor(y);
    },
    // Outlines what rides on a joint, or nothing for null
    light(joint) { litJoint = joint; },
    // How many metres a pixel is where the figure stands
    setPixel(metres) {
      wide.value = Math.min(Math.max(WIDE_PX * metres, LEAST_WIDE_M), MOST_WIDE_M);
      wider.value = wide.value * 2.4;
    },
    compare(motion, index) {
      held.posed ??= motion ? newPosed() : null;
      held.group.visible = Boolean(motion && held.posed);
      if (held.group.visible) showPosed(held.group, held.posed, motion, index, null);
    },
    // at : frames' indices ghosts stand on, nearest first, or null for those around the one shown
    // beyond : of a loop, what plays past its ends: an index to the one that plays then and the shift (Matrix4) to it
    show(motion, index, { ghosts: withGhosts, read, shift, moving, silhouette, against = null, at: chosen = null, beyond = (at) => ({ at, shift }) }) {
      ink.color.set(read ? BODY : BODY_ASIDE);
      filled.color.set(read ? INK : FILLED_ASIDE);
      const posed = current(moving);
      body.material = silhouette ? filled : posed?.colours ?? ink;
      for (const mesh of [body, outline, shadow]) mesh.visible = Boolean(posed);
      outline.visible &&= !silhouette;
      if (!posed) return;
      posed.pose(limbs, motion, index);
      if (against) { posed.differ(limbs, against, index); body.material = changed; }
      for (const mesh of [body, outline, shadow]) mesh.geometry = posed.geometry;
      for (const mesh of [body, outline, lit]) placed(mesh, shift);
      placed(shadow, shift ? flattened.clone().multiply(shift) : flattened);
      showLit(read ? posed : null);
      soles.show(motion, index, shift);
      const count = motion.length / (posed.skin.joints * STRIDE);
      for (const [i, ghost] of ghosts.entries()) {
        const stands = chosen ? { at: chosen[i] ?? -1, shift } : beyond(index + ghost.away * spacing), { at } = stands;
        ghost.group.visible = withGhosts && at >= 0 && at < count && (at !== index || stands.shift !== shift);
        if (ghost.group.visible) ghost.posed ??= newPosed();
        if (ghost.group.visible) showPosed(ghost.group, ghost.posed, motion, at, stands.shift);
      }
    },
    hide() {
      for (const part of [body, outline, shadow, lit, held.group, ...ghosts.map((g) => g.group)]) part.visible = false;
      soles.hide();
    },
    dispose() {
      scene.remove(body, outline, lit);
      behind.remove(shadow, held.group, ...ghosts.map((g) => g.group));
      for (const mesh of [outline, shadow, lit, ...[held, ...ghosts].flatMap((g) => g.group.children)]) mesh.material.dispose();
      for (const posed of [...Object.values(bodies), held.posed, ...ghosts.map((g) => g.posed)]) posed?.dispose();
      for (const material of [ink, filled, changed]) material.dispose();
      lit.geometry.dispose();
      soles.dispose();
    },
  };
}
