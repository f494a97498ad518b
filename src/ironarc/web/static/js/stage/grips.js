// Grips: where the body can be taken hold of. Small plates on the screen, of a shape that says what they are: a ring for
// a joint, a square for hands and feet, a bar for heel, ball and toe, a lozenge for hips, chest and head.
import * as THREE from "../../vendor/three.js";
import { gripAt } from "../block/turning.js";
import { heldFrame, performerOf } from "../scene.js";

const NS = "http://www.w3.org/2000/svg", NEAR_PX = 70;
const PLATES = {
  hips: "M0-8L8 0 0 8-8 0Z", chest: "M0-7L7 0 0 7-7 0Z", head: "M0-7L7 0 0 7-7 0Z", neck: "M0-5L5 0 0 5-5 0Z",
  hand: "M-5.5-5.5H5.5V5.5H-5.5Z", foot: "M-5.5-5.5H5.5V5.5H-5.5Z", heel: "M-4-2.5H4V2.5H-4Z", ball: "M-4-2.5H4V2.5H-4Z", toe: "M-4-2.5H4V2.5H-4Z",
};
const RING = "M0-5.5a5.5 5.5 0 1 0 .01 0Z", COLLAR = "M-12 0a12 5 0 1 0 24 0a12 5 0 1 0-24 0";

function plate(grip) {
  const node = document.createElementNS(NS, "svg"), title = document.createElementNS(NS, "title"), path = document.createElementNS(NS, "path");
  node.setAttribute("viewBox", "-13 -13 26 26");
  node.setAttribute("class", `grip${grip.small ? " is-small" : ""}`);
  node.dataset.grip = grip.name;
  node.setAttribute("role", "button");
  node.setAttribute("aria-label", grip.name);
  title.textContent = grip.name;
  path.setAttribute("d", PLATES[grip.kind] ?? RING);
  node.append(title, path);
  return node;
}

export function createGrips(overlay, state, setup, canTake) {
  const nodes = new Map(), at = new THREE.Vector3(), seenAt = new Map();
  let mouse = null;
  const collar = document.createElementNS(NS, "svg");
  collar.setAttribute("viewBox", "-14 -9 28 18");
  collar.setAttribute("class", "collar");
  collar.innerHTML = `<title>Drag sideways to twist</title><path d="${COLLAR}"/>`;
  collar.style.display = "none";
  overlay.append(collar);
  let drawn = null;

  function make() {
    const { grips } = state.get("block") ?? { grips: [] };
    for (const { node } of nodes.values()) node.remove();
    nodes.clear();
    for (const grip of grips) {
      const node = plate(grip);
      node.addEventListener("pointerenter", () => state.set({ gripHover: grip.name }));
      node.addEventListener("pointerleave", () => { if (state.get("gripHover") === grip.name) state.set({ gripHover: null }); });
      overlay.append(node);
      nodes.set(grip.name, { node, grip });
    }
    drawn = state.get("block");
  }

  function mark() {
    const taken = new Set(state.get("grips")), hover = state.get("gripHover");
    for (const [name, { node }] of nodes) {
      node.classList.toggle("is-taken", taken.has(name));
      node.classList.toggle("is-hover", name === hover);
      node.setAttribute("aria-pressed", String(taken.has(name)));
    }
  }
  state.on(["grips", "gripHover", "block"], mark);

  // Small, so that the figure is seen under them, until the mouse comes near
  function grow() {
    for (const [name, { node }] of nodes) {
      const p = seenAt.get(name);
      node.classList.toggle("is-near", Boolean(p && mouse) && Math.hypot(p.x - mouse[0], p.y - mouse[1]) < NEAR_PX);
    }
  }
  overlay.parentElement.addEventListener("pointermove", (event) => {
    const r = overlay.getBoundingClientRect();
    mouse = [event.clientX - r.left, event.clientY - r.top];
    grow();
  });
  overlay.parentElement.addEventListener("pointerleave", () => { mouse = null; grow(); });

  return {
    // Screen places of all grips, by name
    places(camera, w, h) {
      const out = new Map(), reader = performerOf(setup, state.get("who")), motion = state.get("motion");
      if (!motion) return out;
      const index = heldFrame(state, setup) - setup.first;
      for (const [name, { grip }] of nodes) {
        const world = gripAt(motion, reader.figure.joints, index, grip);
        at.set(...world).project(camera);
        out.set(name, { x: ((at.x + 1) * w) / 2, y: ((1 - at.y) * h) / 2, world, ahead: at.z < 1 });
      }
      return out;
    },
    place(camera, w, h) {
      if (state.get("block") !== drawn) { make(); mark(); }
      const shown = canTake();
      const places = shown ? this.places(camera, w, h) : new Map();
      for (const [name, { node }] of nodes) {
        const p = places.get(name), seen = Boolean(p) && p.ahead && p.x > -20 && p.x < w + 20 && p.y > -20 && p.y < h + 20;
        node.style.display = seen ? "" : "none";
        if (seen) { node.style.transform = `translate(${p.x.toFixed(1)}px, ${p.y.toFixed(1)}px) translate(-50%, -50%)`; seenAt.set(name, p); } else seenAt.delete(name);
      }
      grow();
      const last = places.get(state.get("grips").at(-1)), turning = shown && last && state.get("options").tool === "turn";
      collar.style.display = turning ? "" : "none";
      if (turning) collar.style.transform = `translate(${last.x + 26}px, ${last.y}px) translate(-50%, -50%)`;
    },
    gripOf: (name) => nodes.get(name)?.grip ?? null,
    hit: (event) => event.target.closest?.(".grip")?.dataset.grip ?? null,
    onCollar: (event) => Boolean(event.target.closest?.(".collar")),
  };
}
