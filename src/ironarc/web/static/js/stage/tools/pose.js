// Poses the body by its grips: Reach brings a grip somewhere, Turn swings the bone it ends; a collar twists it. Beads of a
// part's path are dragged too: the part goes there on that frame. Shift and a drag over nothing takes what lies inside.
import * as THREE from "../../../vendor/three.js";
import { add, armOf, cross, dot, gripAt, length, scale, sub, turnBetween } from "../../block/turning.js";
import { performerOf } from "../../scene.js";

const UP = new THREE.Vector3(0, 1, 0), CLICK_PX = 4, TWICE_MS = 400, RAD_PX = Math.PI / 360;

export function createPoseTool(canvas, { aim, state, setup, cameras, block, grips, answer }) {
  const box = document.createElement("div");
  box.className = "marquee hidden";
  canvas.parentElement.append(box);
  let drag = null, clicked = null; // the grip clicked last, for a double click

  const reader = () => performerOf(setup, state.get("who"));
  const index = () => state.get("frame") - setup.first;
  const placeOf = (grip) => gripAt(state.get("motion"), reader().figure.joints, index(), grip);
  const can = () => block.inBlock() && !state.get("playing") && !reader().locked && Boolean(state.get("block"));

  // The plane a drag runs in, through a point
  function planeAt(point, along) {
    const through = new THREE.Vector3(...point), facing = cameras.current().getWorldDirection(new THREE.Vector3()).negate();
    if (along === "floor") return new THREE.Plane().setFromNormalAndCoplanarPoint(UP, through);
    if (along === "up") return new THREE.Plane().setFromNormalAndCoplanarPoint(facing.setY(0).normalize(), through);
    return new THREE.Plane().setFromNormalAndCoplanarPoint(facing, through);
  }

  function begin(event) {
    if (!can()) return false;
    const options = state.get("options"), name = grips.hit(event);
    if (grips.onCollar(event)) { drag = { mode: "twist", x: event.clientX }; return true; }
    if (name) {
      const fresh = !state.get("grips").includes(name);
      if (event.shiftKey) { block.take([name], { add: true }); return false; }
      if (fresh) block.take([name]);
      const grip = grips.gripOf(name), from = placeOf(grip);
      drag = { mode: options.tool, name, grip, from, plane: planeAt(from, options.tool === "reach" ? options.along : "view"), x: event.clientX, y: event.clientY, at: event.timeStamp };
      drag.arm = armOf(state.get("motion"), index(), state.get("block"), grip, options.bone);
      canvas.focus({ preventScroll: true });
      return true;
    }
    const bead = event.target === canvas ? answer.beadAt(aim.raycaster) : null;
    if (bead !== null && state.get("grips").length && state.get("partPath").length) return beginBead(bead);
    if (event.target === canvas && event.shiftKey) { drag = { mode: "marquee", x: event.clientX, y: event.clientY }; return true; }
    return false;
  }

  function beginBead(bead) {
    state.set({ frame: setup.first + bead });
    const name = state.get("grips").at(-1), grip = grips.gripOf(name), from = placeOf(grip);
    drag = { mode: "reach", name, grip, from, plane: planeAt(from, "view"), x: 0, y: 0, bead: true };
    return true;
  }

  function byOf(pointed) {
    const { along } = state.get("options"), by = sub(pointed.toArray(), drag.from);
    if (drag.bead || along === "view") return by;
    if (along === "floor") return [by[0], 0, by[2]];
    if (along === "up") return [0, by[1], 0];
    // towards the place its pin holds it to, or straight to the floor
    const pin = state.get("block").pins.find((p) => p.part === drag.name && p.at.length);
    const to = pin ? scale(pin.at, 0.01) : [drag.from[0], setup.floor, drag.from[2]];
    const way = sub(to, drag.from), size = length(way);
    return size < 1e-4 ? [0, 0, 0] : scale(way, dot(by, way) / (size * size));
  }

  // All selected parts turn by the same
  const turns = (swing_rad, twist_rad) => turnsOf(state, swing_rad, twist_rad);

  function movesOf(event) {
    if (drag.mode === "twist") return turns([0, 0, 0], (event.clientX - drag.x) * RAD_PX * 2);
    const pointed = aim.on(drag.plane);
    if (drag.mode === "turn") {
      let swing;
      if (drag.arm && pointed) swing = turnBetween(drag.arm, add(drag.arm, sub(pointed.toArray(), drag.from)));
      else {
        const right = new THREE.Vector3().setFromMatrixColumn(cameras.current().matrixWorld, 0).toArray();
        swing = add([0, (event.clientX - drag.x) * RAD_PX * 2, 0], scale(right, (event.clientY - drag.y) * RAD_PX * 2));
      }
      return turns(swing, 0);
    }
    return pointed ? [reachOf(state, byOf(pointed))] : [];
  }

  function says([move, ...more]) {
    if (move.do === "turn") return `${[move, ...more].map((m) => m.grip).join(", ")} turned ${Math.round((length(move.swing_rad) + Math.abs(move.twist_rad)) * 57.3)}°`;
    const [x, y, z] = move.by_m.map((v) => (v * 100).toFixed(0));
    return `${move.grips.join(", ")}: ${x} cm across, ${y} up, ${z} along`;
  }

  function drawBox(event) {
    const r = canvas.getBoundingClientRect(), [x0, x1] = [drag.x, event.clientX].sort((a, b) => a - b), [y0, y1] = [drag.y, event.clientY].sort((a, b) => a - b);
    Object.assign(box.style, { left: `${x0 - r.left}px`, top: `${y0 - r.top}px`, width: `${x1 - x0}px`, height: `${y1 - y0}px` });
    box.classList.remove("hidden");
    drag.box = [x0 - r.left, y0 - r.top, x1 - r.left, y1 - r.top];
  }

  function putBack() {
    box.classList.add("hidden");
    drag = null;
    block.putBack();
  }

  return {
    hint(event) {
      if (!can()) return null;
      const name = grips.hit(event);
      if (grips.onCollar(event)) return "drag sideways to twist";
      return name ? `${name}: drag to ${state.get("options").tool === "turn" ? "turn" : "move"} it, Shift adds it, a double click selects the limb` : null;
    },
    begin,
    move(event) {
      if (drag.mode === "marquee") { drawBox(event); return "what lies inside is selected"; }
      if (Math.hypot(event.clientX - drag.x, event.clientY - drag.y) < CLICK_PX && !drag.moved && !drag.bead) return null;
      drag.moved = true;
      const moves = movesOf(event);
      if (!moves.length) return null;
      drag.last = moves;
      drag.spot ??= block.here();
      block.tryMoves(moves, drag.spot, true);
      return says(moves);
    },
    // The next drag may begin at once: what is let go of waits to be saved, and stands as it was left
    end() {
      const { mode, last, box: inside, spot, name, at } = drag;
      const twice = name && !last && clicked?.name === name && at - clicked.at < TWICE_MS;
      clicked = name && !last ? { name, at } : null;
      if (twice) block.takeLimb(name);
      drag = null;
      box.classList.add("hidden");
      if (mode === "marquee") {
        if (!inside) { block.take([]); return; }
        const found = [...grips.places(cameras.current(), canvas.clientWidth, canvas.clientHeight)]
          .filter(([, p]) => p.x >= inside[0] && p.x <= inside[2] && p.y >= inside[1] && p.y <= inside[3]).map(([name]) => name);
        block.take(found);
        return;
      }
      if (last) block.finish(last, spot);
    },
    cancel: putBack,
    // the frame was stepped under the hand
    stepped: () => Boolean(drag?.last),
  };
}

// The moves that turn all that is selected by the same, with the options that are set
export function turnsOf(state, swing_rad, twist_rad) {
  const { rest, bone } = state.get("options");
  return state.get("grips").map((grip) => ({ do: "turn", grip, swing_rad, twist_rad, rest, bone }));
}

// The move that brings what is selected by so many metres, with the options that are set
export function reachOf(state, by_m) {
  const { how, keep, touching, gaze, stretch, snap, hand } = state.get("options");
  return { do: "reach", grips: state.get("grips"), by_m, how, keep, stay: touching ? "touching" : "pins", gaze, stretch, snap, rest: hand ? "holds" : "rides" };
}

export const acrossOf = (cameras) => {
  const right = new THREE.Vector3().setFromMatrixColumn(cameras.current().matrixWorld, 0).toArray();
  return { right, up: [0, 1, 0], ahead: cross(right, [0, 1, 0]) };
};
