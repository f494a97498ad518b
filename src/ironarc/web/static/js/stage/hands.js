// What a hand does on the stage: points at beads, picks, drags handles and guide points, draws a guide curve.
import * as THREE from "../../vendor/three.module.js";
import { itemOf, isPerformer, performerOf, propRow } from "../scene.js";
import { createHandles, shiftOf } from "./handles.js";

const UP = new THREE.Vector3(0, 1, 0);
const NEAR_PX = 18; // a click this near to a joint picks its body
const SAYS = { move: "drag to move it over the floor", turn: "drag to turn it", lift: "drag to lift it", scale: "drag to scale it" };
const STILL_PX = 4; // a press that moves less is a click

export function createHands(canvas, scene, { state, setup, cameras, markers, props, guides, actions, changed }) {
  const handles = createHandles(scene);
  const raycaster = new THREE.Raycaster(), pointer = new THREE.Vector2();
  let shift = null, shiftId = null, moved = null, point = null, waiting = false, pressedAt = null;

  function aim(event) {
    const r = canvas.getBoundingClientRect();
    pointer.set(((event.clientX - r.left) / r.width) * 2 - 1, 1 - ((event.clientY - r.top) / r.height) * 2);
    raycaster.setFromCamera(pointer, cameras.current());
  }

  const picked = () => (state.get("step") === "set" ? itemOf(setup, state.get("pick")) : null);

  // Where the handles stand for what is picked, or null
  function standOf(item, frame) {
    if (!item || item.locked || item.hidden || state.get("playing")) return null;
    if (isPerformer(setup, item.id)) {
      const motion = state.get("motions")[item.id];
      if (!motion) return null;
      const at = (frame - setup.first) * item.figure.joints * 7;
      return { at: new THREE.Vector3(motion[at], setup.floor, motion[at + 2]), radius: item.figure.height * 0.42, height: item.figure.height * 0.62, turn: item.placement.turn };
    }
    if (!("track" in item)) return null;
    const [x, y, z] = propRow(setup, item, frame), [w, h, d] = item.size;
    return { at: new THREE.Vector3(x, y, z), radius: Math.hypot(w, d) / 2 + 0.18, height: h + 0.25, turn: item.turn[0] };
  }

  // --- dragging what is picked ------------------------------------------------------------------------

  function says({ how, moved: by, turned, scaled }) {
    if (how === "turn") return `turned ${THREE.MathUtils.radToDeg(turned).toFixed(0)}°`;
    if (how === "scale") return `scaled to ${(scaled * 100).toFixed(0)} %`;
    if (how === "lift") return `lifted ${(by.y * 100).toFixed(0)} cm`;
    return `moved ${(by.x * 100).toFixed(0)} cm across, ${(by.z * 100).toFixed(0)} cm along`;
  }

  function dragHandle(event) {
    aim(event);
    const by = handles.move(raycaster);
    if (!by) return;
    shift = shiftOf(by);
    shift.userData = by;
    state.set({ dragSays: says(by) });
    changed();
  }

  const round = (v, step) => Math.round(v / step) * step;

  async function commitDrag() {
    const item = picked(), by = shift?.userData;
    handles.end();
    cameras.hold(false);
    state.set({ dragSays: null });
    if (item && by) {
      waiting = true;
      if (isPerformer(setup, item.id)) {
        const offset = new THREE.Vector3(...item.placement.offset).applyMatrix4(shift);
        await actions.edit({ kind: "place_performer", performer: item.id, offset_m: offset.toArray().map((v) => round(v, 1e-4)), turn_rad: item.placement.turn + by.turned, scale: item.placement.scale * by.scaled });
      } else {
        const at = item.at.map((v, i) => round(v + by.moved.getComponent(i), 1e-3));
        const changes = {
          move: { at_m: at }, lift: { at_m: at }, turn: { turn_rad: [item.turn[0] + by.turned, item.turn[1], item.turn[2]] },
          scale: { size_m: item.size.map((v) => round(v * by.scaled, 1e-3)) },
        }[by.how];
        await actions.edit({ kind: "set_item", item: item.id, changes, words: `${{ move: "Move", lift: "Lift", turn: "Turn", scale: "Scale" }[by.how]} ${item.name}` });
      }
      waiting = false;
    }
    shift = shiftId = null;
    changed();
  }

  // --- guide curves -----------------------------------------------------------------------------------

  // Points are set and dragged on an upright plane that faces the view; seen from the top, on a level one
  function planeThrough(at) {
    const away = raycaster.ray.direction.clone();
    const normal = cameras.view() === "top" ? UP : away.setY(0).normalize().negate();
    return new THREE.Plane().setFromNormalAndCoplanarPoint(normal, at);
  }

  // New points stand in the plane the body travels in, whatever the view is turned to, unless it is seen end on
  function drawingPoint() {
    const { drawing, data, frame } = { drawing: state.get("drawing"), data: state.get("data"), frame: state.get("frame") };
    const near = drawing.points.at(-1) ?? data.com[frame - setup.first];
    const plane = planeThrough(new THREE.Vector3(...near));
    if (cameras.view() === "free") plane.setFromNormalAndCoplanarPoint(cameras.aside, new THREE.Vector3(...near));
    return raycaster.ray.intersectPlane(plane, new THREE.Vector3());
  }

  function addPoint(event) {
    aim(event);
    const at = drawingPoint(), drawing = state.get("drawing");
    if (at) state.set({ drawing: { ...drawing, points: [...drawing.points, at.toArray().map((v) => round(v, 1e-3))] } });
  }

  function dragPoint(event) {
    aim(event);
    const at = raycaster.ray.intersectPlane(point.plane, new THREE.Vector3());
    if (!at) return;
    moved = point.points.map((p, i) => (i === point.index ? at.toArray().map((v) => round(v, 1e-3)) : p));
    state.set({ dragSays: `${(at.y - setup.floor) * 100 | 0} cm up` });
    changed();
  }

  async function commitPoint() {
    const { guide } = point, points_m = moved;
    point = null;
    cameras.hold(false);
    state.set({ dragSays: null });
    if (points_m) {
      waiting = true;
      await actions.edit({ kind: "set_item", item: guide, changes: { points_m }, words: `Bend ${itemOf(setup, guide).name}` });
      waiting = false;
    }
    moved = null;
    changed();
  }

  // --- events: in the capture phase, before the camera's own ------------------------------------------

  const stop = (event) => { event.stopImmediatePropagation(); event.preventDefault(); };

  function press(event) {
    pressedAt = [event.clientX, event.clientY];
    if (event.button !== 0 || waiting || event.target !== canvas) return;
    aim(event);
    const onPoint = !state.get("drawing") && guides.hit(raycaster);
    if (onPoint?.guide) {
      const guide = itemOf(setup, onPoint.guide), at = new THREE.Vector3(...guide.points[onPoint.index]);
      point = { ...onPoint, points: guide.points, plane: planeThrough(at) };
    } else {
      const how = state.get("drawing") ? null : handles.hit(raycaster);
      if (!how || !handles.begin(how, raycaster)) return;
      shiftId = state.get("pick");
    }
    cameras.hold(true);
    canvas.setPointerCapture(event.pointerId);
    stop(event);
  }

  function move(event) {
    if (handles.dragging()) { dragHandle(event); stop(event); return; }
    if (point) { dragPoint(event); stop(event); return; }
    if (event.buttons || state.get("playing") || event.target !== canvas) return;
    aim(event);
    const how = state.get("drawing") ? null : handles.hit(raycaster), onPoint = guides.hit(raycaster);
    state.set({ dragSays: SAYS[how] ?? (onPoint?.guide ? "drag to bend the guide curve" : null) });
    canvas.style.cursor = state.get("drawing") ? "crosshair" : how || onPoint?.guide ? "grab" : "";
    const bead = how || onPoint ? null : markers.beadAt(raycaster);
    state.set({ hover: bead === null ? null : setup.first + bead });
    if (state.get("step") === "weigh") state.set({ part: jointAt(event, [performerOf(setup, state.get("who"))])?.joint ?? null });
  }

  function release(event) {
    if (handles.dragging()) { commitDrag(); stop(event); } else if (point) { commitPoint(); stop(event); }
  }

  // The joint nearest on the screen, of these performers, if near enough: { performer, joint }
  function jointAt(event, performers) {
    const r = canvas.getBoundingClientRect(), at = new THREE.Vector3();
    let best = NEAR_PX, found = null;
    for (const performer of performers) {
      const motion = state.get("motions")[performer.id], { joints } = performer.figure;
      if (!motion || performer.hidden) continue;
      for (let j = 0; j < joints; j++) {
        const i = ((state.get("frame") - setup.first) * joints + j) * 7;
        at.set(motion[i], motion[i + 1], motion[i + 2]).project(cameras.current());
        const away = Math.hypot((at.x + 1) * r.width / 2 + r.left - event.clientX, (1 - at.y) * r.height / 2 + r.top - event.clientY);
        if (away < best) { best = away; found = { performer: performer.id, joint: j }; }
      }
    }
    return found;
  }

  function click(event) {
    if (!pressedAt || Math.hypot(event.clientX - pressedAt[0], event.clientY - pressedAt[1]) > STILL_PX || event.target !== canvas) return;
    if (state.get("drawing")) { addPoint(event); return; }
    if (state.get("hover") !== null) { state.set({ frame: state.get("hover"), playing: false }); return; }
    if (state.get("step") !== "set") return;
    aim(event);
    const found = jointAt(event, setup.performers)?.performer ?? props.hit(raycaster);
    if (found) actions.pick(found);
  }

  const place = canvas.parentElement;
  place.addEventListener("pointerdown", press, true);
  place.addEventListener("pointermove", move, true);
  place.addEventListener("pointerup", release, true);
  place.addEventListener("pointercancel", release, true);
  canvas.addEventListener("click", click);
  canvas.addEventListener("pointerleave", () => state.set({ hover: null, part: null, dragSays: null }));

  return {
    shiftOf: (id) => (id === shiftId ? shift : null),
    propShift: () => ({ shift, shiftId }),
    movedPoints: () => moved,
    keepSize: handles.keepSize,
    show(frame) {
      const item = picked(), stand = standOf(item, frame);
      if (!stand) { handles.hide(); return; }
      if (shift) {
        stand.at.applyMatrix4(shift);
        stand.turn += shift.userData.turned;
        stand.radius *= shift.userData.scaled;
      }
      handles.show(stand);
    },
  };
}
