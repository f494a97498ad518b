// The stage: figures, props, references, markers and cameras on one canvas. Draws only when something changed.
import * as THREE from "../../vendor/three.js";
import { firstPictureDrawn } from "../later.js";
import { loopAt, ROUNDS, shareOf, wrapped } from "../rounds.js";
import { heldFrame, performerOf, SETTING } from "../scene.js";
import { rowsOf } from "../trestle/keyrows.js";
import { createAnswer } from "./answer.js";
import { createBackdrops } from "./backdrops.js";
import { createCameras } from "./cameras.js";
import { createFigure } from "./figure.js";
import { createFooting } from "./footing.js";
import { createForces } from "./forces.js";
import { createGap } from "./gap.js";
import { createGrips } from "./grips.js";
import { createGuides } from "./guides.js";
import { getBuffer, keptAddress } from "../api.js";
import { createBesideWords } from "./beside.js";
import { without } from "../compared.js";
import { createMarked } from "./marked.js";
import { createHorizon, createLensFrame, smallSpots } from "./lens.js";
import { createMarkers } from "./markers.js";
import { PAPER } from "./inks.js";
import { createProps } from "./props.js";
import { createSketches } from "./sketches.js";
import { createSmooth } from "./smooth.js";
import { acrossOf, reachOf, turnsOf } from "./tools/pose.js";
import { FINE } from "./skins.js";
import { createTools } from "./tools/tools.js";
import { createWeights } from "./weights.js";

const PLAYED_RATIO = 0.72;
const SMALL_VIEWS = ["lens", "front", "side", "top", "free"], VIEW_WORDS = { lens: "Lens", front: "Front", side: "Side", top: "Top", free: "Free" };
const READING = new Set(["read", "true", "strike"]);

// Where no graphics card draws, every sample costs: a frame without multisampling takes half the time
function drawsInSoftware() {
  const gl = document.createElement("canvas").getContext("webgl2");
  const about = gl?.getExtension("WEBGL_debug_renderer_info");
  const name = about ? String(gl.getParameter(about.UNMASKED_RENDERER_WEBGL)) : "";
  gl?.getExtension("WEBGL_lose_context")?.loseContext();
  return /swiftshader|llvmpipe|software|basic render/i.test(name);
}

// Frames and names of the small views; a click makes one the large one
function createSmalls(canvas, choose) {
  const holder = document.createElement("div");
  canvas.after(holder);
  let drawn = "";
  holder.addEventListener("click", (event) => { const view = event.target.closest("[data-small]")?.dataset.small; if (view) choose(view); });
  return {
    show(spots) {
      const now = JSON.stringify(spots);
      if (now === drawn) return;
      drawn = now;
      holder.replaceChildren(...spots.map(({ view, x, y, w, h }) => {
        const button = Object.assign(document.createElement("button"), { className: "small-view", title: `${VIEW_WORDS[view]} view, large` });
        button.dataset.small = view;
        Object.assign(button.style, { left: `${x}px`, top: `${y}px`, width: `${w}px`, height: `${h}px` });
        button.append(Object.assign(document.createElement("span"), { textContent: VIEW_WORDS[view] }));
        return button;
      }));
    },
  };
}

export function createStage(canvas, state, setup, actions, { references, block, skins }) {
  const bySoftware = drawsInSoftware();
  const renderer = new THREE.WebGLRenderer({ canvas, antialias: !bySoftware });
  const ratio = Math.min(devicePixelRatio, bySoftware ? 1 : 2);
  renderer.setPixelRatio(ratio);
  renderer.autoClear = false;
  renderer.setClearColor(PAPER);
  // two passes: what lies behind (grid, shadow, ghosts), then the figure and what is measured, never hidden by a ghost
  const behind = new THREE.Scene(), scene = new THREE.Scene();
  // the first picture is figure and floor; what needs more shader programs comes on the next frame
  const rest = new THREE.Group(), restBehind = new THREE.Group();
  rest.visible = restBehind.visible = false;
  scene.add(rest);
  behind.add(restBehind);
  scene.add(new THREE.HemisphereLight("#fffaf0", "#8a8272", 2.1));
  const sun = new THREE.DirectionalLight("#ffffff", 2.4);
  scene.add(sun);
  const travel = performerOf(setup, state.get("who")).figure.travel, along = new THREE.Vector3(...travel);
  sun.position.copy(new THREE.Vector3(0, 1, 0).cross(along).multiplyScalar(-2)).add(along).add(new THREE.Vector3(0, 3, 0));

  let due = false;
  const redraw = () => { if (!due) { due = true; requestAnimationFrame(draw); } };
  const figures = new Map();
  // what goes with the body as it goes round a loop, and what stands on the ground that it goes over
  const onBody = new THREE.Group(), ground = new THREE.Group(), behindGround = new THREE.Group();
  rest.add(onBody, ground);
  behind.add(behindGround);
  const markers = createMarkers(onBody, behindGround);
  const labels = document.createElement("div");
  labels.className = "stage-labels";
  const signs = document.createElement("div");
  signs.className = "stage-signs";
  const measures = labels.cloneNode(), words = labels.cloneNode();
  canvas.after(labels, signs, measures, words);
  const props = createProps(ground, labels, { bring: (digest) => getBuffer(keptAddress(setup, state.get("seen"), `shapes/${digest}`)), changed: () => show() });
  const guides = createGuides(ground), marked = createMarked(ground, state, setup, () => show());
  const weights = createWeights(onBody), footing = createFooting(onBody), forces = createForces(onBody, words);
  const gap = createGap(rest, measures), sketches = createSketches(rest);
  const backdrops = createBackdrops(restBehind, references, redraw);
  const cameras = createCameras(canvas, travel, redraw, {
    covered: () => Math.max(coveredPx(), coveredBySmalls()), smalls: coveredBySmalls,
    moved: (item, to, index) => actions.edit({ kind: "move_camera", item, frame: index + setup.first, ...to }),
  });
  const horizon = createHorizon(canvas), lensFrame = createLensFrame(canvas), smalls = createSmalls(canvas, (view) => actions.view(view));
  const grips = createGrips(signs, state, setup, () => state.get("step") === "block" && !state.get("options").bare && !state.get("playing") && Boolean(state.get("data")));
  const answer = createAnswer(rest);
  const tools = createTools(canvas, signs, rest, { state, setup, cameras, markers, props, guides, actions, changed: show, block, grips, answer, able: () => !beside() });
  const besideWords = createBesideWords(canvas.parentElement);

  // What is drawn beside the motion that stands: the same before its corrections, or as it was before what is tried
  const beside = () => (state.get("shown").beside && state.get("data") ? state.get("beside") : null);

  // Both on halves of the stage, on the same frame, through the same camera; what was before stands at the left
  function renderBeside(other) {
    const { clientWidth: w, clientHeight: h } = canvas, half = Math.floor(w / 2), frame = heldFrame(state, setup), playing = state.get("playing");
    const camera = cameras.filmed(half / h, frame - setup.first), pixel = cameras.metresPerPixel(h, camera);
    // whom it is compared with stands on the other half, and not here too
    const motions = without(state.get("motions"), other.other);
    const now = { data: state.get("data"), motions, physics: READING.has(state.get("step")) ? state.get("physics") : null };
    const swapped = state.get("side") === "before" && !state.get("trying") && !other.other;
    renderer.setScissorTest(true);
    // what stands comes last, so that the stage is left as it is without the other
    for (const [seen, right] of [[other, swapped], [now, !swapped]]) {
      markers.setPath(seen.data);
      showSeen({ ...seen, frame, moving: playing, light: playing });
      markers.keepSize(camera, setup.display.size, pixel);
      for (const { figure } of figures.values()) figure.setPixel(pixel);
      const x = right ? w - half : 0;
      renderer.setViewport(x, 0, half, h);
      renderer.setScissor(x, 0, half, h);
      drawn(camera);
    }
    renderer.setScissorTest(false);
    renderer.setViewport(0, 0, w, h);
  }

  function seenNow() {
    const other = beside();
    if (other) renderBeside(other); else render(cameras.current());
  }

  function render(camera) {
    drawn(camera);
    const { clientWidth: w, clientHeight: h } = canvas, spots = state.get("playing") && bySoftware ? [] : smallsOn(w, h);
    if (spots.length) {
      renderer.setScissorTest(true);
      for (const { view, x, y, w: wide, h: high } of spots) {
        const small = cameras.smallView(view, wide / high);
        if (!small) continue;
        renderer.setViewport(x, h - y - high, wide, high);
        renderer.setScissor(x, h - y - high, wide, high);
        drawn(small);
      }
      renderer.setScissorTest(false);
      renderer.setViewport(0, 0, w, h);
    }
    smalls.show(spots);
  }

  function drawn(camera) {
    renderer.clear();
    renderer.render(behind, camera);
    renderer.clearDepth();
    renderer.render(scene, camera);
  }

  // The small views that are wanted, beside the large one
  function smallsOn(w, h) {
    const wanted = SMALL_VIEWS.filter((view) => state.get("shown")[`small-${view}`] && view !== cameras.view() && (view !== "lens" || setup.cameras.length));
    return smallSpots(wanted, w, h);
  }

  function coveredBySmalls() {
    const { clientWidth: w, clientHeight: h } = canvas, [first] = smallsOn(w, h);
    return first ? w - first.x : 0;
  }

  const through = () => setup.cameras.find((camera) => camera.id === state.get("pick")) ?? setup.cameras.find((camera) => camera.id === lastThrough) ?? setup.cameras[0] ?? null;
  let lastThrough = "";

  const smooth = createSmooth(renderer.getContext(), () => {
    // in step with the browser's own drawing, or what was drawn before would be seen between
    requestAnimationFrame(() => { if (!due && !lent && !state.get("playing") && state.get("data")) smooth.draw(seenNow); });
  });

  let lent = false; // what is on the stage is posed for a film

  function draw() {
    due = false;
    if (lent) { lent = false; markers.setPath(state.get("data")); showSeen(null); due = false; }
    const camera = cameras.current();
    const pixel = cameras.metresPerPixel(canvas.clientHeight);
    markers.keepSize(camera, setup.display.size, pixel);
    for (const { figure } of figures.values()) figure.setPixel(pixel);
    props.placeLabels(camera, canvas.clientWidth, canvas.clientHeight);
    gap.place(camera, canvas.clientWidth, canvas.clientHeight);
    forces.place(camera, canvas.clientWidth, canvas.clientHeight);
    tools.place(camera, canvas.clientWidth, canvas.clientHeight);
    grips.place(camera, canvas.clientWidth, canvas.clientHeight);
    horizon.show(state.get("shown").horizon ? cameras.horizon() : null, canvas.clientWidth, canvas.clientHeight);
    lensFrame.show(cameras.view() === "lens" ? through() : null, cameras.row(), canvas.clientWidth, canvas.clientHeight, coveredBySmalls());
    const other = beside();
    besideWords.show(other?.words ?? null);
    seenNow();
    if (bySoftware && state.get("shown").smooth) smooth.drawn();
    if (!state.get("data")) return;
    if (rest.visible) canvas.dataset.drawn = String(Number(canvas.dataset.drawn ?? 0) + 1);
    else {
      performance.mark("first picture");
      firstPictureDrawn();
      rest.visible = restBehind.visible = true;
      show();
    }
  }

  // How far panels of references reach in from the right
  function coveredPx() {
    const stage = canvas.parentElement, panels = [...stage.querySelectorAll(".ref-panel")].filter((panel) => panel.offsetWidth);
    const left = Math.min(...panels.map((panel) => panel.offsetLeft), stage.clientWidth);
    return left > stage.clientWidth / 2 ? stage.clientWidth - left : 0;
  }

  function resize() {
    const { clientWidth: w, clientHeight: h } = canvas.parentElement;
    if (!w || !h) return;
    renderer.setSize(w, h, false);
    cameras.resize(w / h);
    redraw();
  }

  // One figure a performer; made anew only where the body itself changed
  function setFigures() {
    // ghosts about an eighth of a second apart, so that they stand clear of the figure at any rate
    const spacing = Math.max(2, Math.round(setup.fps / 7));
    const kept = new Set();
    for (const performer of setup.performers) {
      const shape = JSON.stringify([performer.figure.shape, spacing]);
      if (figures.get(performer.id)?.shape !== shape) {
        figures.get(performer.id)?.figure.dispose();
        const bringFine = () => skins.bring(state.get("revision"), performer, FINE)?.then(show, () => {}); // the light one serves
        figures.set(performer.id, { shape, figure: createFigure(scene, behind, performer.figure, spacing, skins, { fine: !bySoftware, bringFine, later: restBehind }) });
      }
      kept.add(performer.id);
    }
    for (const [id, { figure }] of figures) if (!kept.has(id)) { figure.dispose(); figures.delete(id); }
  }

  // The clip that is looked at as a loop
  function loopShown() {
    return state.get("step") === "show" ? loopAt(performerOf(setup, state.get("who")).strips, state.get("frame"), state.get("playRange")) : null;
  }

  const carried = ({ x, y, z, yaw }) => new THREE.Matrix4().makeRotationY(yaw).setPosition(x, y, z);

  // What plays past the ends of a loop: its other end, carried to where the next round is
  function beyond(loop, at) {
    const { frame, rounds } = wrapped(loop, at + setup.first);
    return { at: frame - setup.first, shift: rounds ? carried(shareOf(loop.round, rounds)) : null };
  }

  // A loop that goes over the ground is played beside it: the ground goes by, and the body round after round on it
  function goingRound(loop) {
    if (!state.get("playing") || !state.get("playRange") || !loop) return null;
    const rounds = state.get("round") % ROUNDS, share = (state.get("frame") - loop.start) / (loop.end - loop.start + 1);
    const under = carried(shareOf(loop.round, rounds + share)).invert();
    return { ground: under, body: under.clone().multiply(carried(shareOf(loop.round, rounds))) };
  }

  function place(group, matrix) {
    group.matrixAutoUpdate = false;
    if (matrix) group.matrix.copy(matrix); else group.matrix.identity();
    group.matrixWorldNeedsUpdate = true;
  }

  function showFigures(index, motions, { ghosts, held, moving }) {
    const loop = loopShown(), going = goingRound(loop);
    place(onBody, going?.body);
    for (const group of [ground, behindGround]) place(group, going?.ground);
    for (const performer of setup.performers) {
      const { figure } = figures.get(performer.id) ?? {}, motion = motions[performer.id];
      if (!figure) continue;
      const read = performer.id === state.get("who");
      if (performer.hidden || !motion) { figure.hide(); continue; }
      const shift = going ? going[read ? "body" : "ground"] : tools.shiftOf(performer.id);
      figure.show(motion, index, { ghosts: ghosts && read, read, shift, moving, silhouette: state.get("shown").silhouette, against: read ? against() : null, at: read ? ghostsAt(index) : null, ...(read && loop ? { beyond: (at) => beyond(loop, at) } : {}) });
      figure.compare(read ? held ?? against() : null, index);
    }
  }

  // What the figure that is read is coloured by its distance from
  const against = () => (state.get("shown").changed ? state.get("compared") : null);

  function show() { showSeen(null); }

  // `filmed` : what is drawn in the place of what stands, for a film: { frame, data, motions, physics, moving, light },
  // light : with the fewer points of a figure that moves
  function showSeen(filmed) {
    const [hover, shown, picked] = ["hover", "shown", "pick"].map(state.get), data = filmed?.data ?? state.get("data");
    if (!data) return;
    const frame = filmed?.frame ?? heldFrame(state, setup), index = frame - setup.first, setting = SETTING.has(state.get("step"));
    const held = state.get("trying") && !filmed ? state.get("held")?.motion : null, motions = filmed?.motions ?? state.get("motions");
    const reader = performerOf(setup, state.get("who")), motion = motions[reader.id];
    for (const [id, { figure }] of figures) figure.light(id === reader.id ? litJoint() : null);
    const still = filmed ? !filmed.moving : !state.get("playing");
    if (!filmed) lookThrough(index, false);
    showFigures(index, motions, { ghosts: rest.visible && shown.ghosts && still && !held, held, moving: filmed ? Boolean(filmed.light) : !still });
    const blocking = state.get("step") === "block";
    answer.show(blocking ? state.get("tried") : null, data.floor, blocking && !state.get("playing") ? state.get("partPath") : []);
    weights.setFrame(data, motion, reader.figure.joints, index, cameras.current());
    // pushes belong to reading and correcting; elsewhere they would stand in the way
    const physics = filmed ? filmed.physics : READING.has(state.get("step")) ? state.get("physics") : null;
    const how = { shown, playing: !still };
    footing.setFrame(data, physics, index, frame, how);
    forces.setFrame(data, physics, motion, reader.figure, index, how);
    markers.show(shown, setup.display);
    markers.setOther(shown.changed && !shown.beside && !filmed ? state.get("beside")?.data ?? null : null);
    markers.setFrame(data, index, hover === null || filmed ? null : hover - setup.first);
    props.show(setup, frame, { visible: shown.props, setting: state.get("step") === "set", strobing: shown.ghosts && still, picked: setting ? picked : "", shiftOf: tools.shiftOf });
    guides.show(setup, { visible: shown.guides, picked: setting ? picked : "", moved: tools.movedPoints(state.get("pick")), drawing: state.get("drawing") });
    guides.showFrame(setup, frame, shown.guides);
    marked.show(index, shown.markers);
    backdrops.show(setup, shown.references);
    sketches.show(setup.remarks, state.get("sketch"), frame, cameras.current().position);
    gap.show(setting ? state.get("gap") : null);
    tools.show(frame);
    if (!filmed) redraw();
  }

  // A canvas of its own that the stage is drawn on, seen as it is seen now, while the page stays where it is.
  // draw(frame, seen, moving) : seen is { data, motions, physics }
  async function filming(width, height) {
    await Promise.all(setup.performers.map((performer) => skins.bring(state.get("revision"), performer, FINE)));
    const filmed = new THREE.WebGLRenderer({ antialias: true, preserveDrawingBuffer: true });
    filmed.setSize(width, height, false);
    filmed.autoClear = false;
    filmed.setClearColor(PAPER);
    return {
      canvas: filmed.domElement,
      draw(frame, seen, moving) {
        const camera = cameras.filmed(width / height, frame - setup.first), pixel = cameras.metresPerPixel(height, camera);
        lent = true;
        markers.setPath(seen.data);
        showSeen({ ...seen, frame, moving });
        markers.keepSize(camera, setup.display.size, pixel);
        for (const { figure } of figures.values()) figure.setPixel(pixel);
        filmed.clear();
        filmed.render(behind, camera);
        filmed.clearDepth();
        filmed.render(scene, camera);
      },
      dispose() { filmed.dispose(); filmed.forceContextLoss(); redraw(); },
    };
  }

  // Where ghosts stand in Block: on frames they are pinned to, then on the keyed poses around; null for the usual ones
  function ghostsAt(index) {
    const block = state.get("block"), pinned = state.get("ghostFrames");
    // those that were pinned stay in every step
    if (state.get("step") !== "block" || !block) return pinned.length ? pinned.map((f) => f - setup.first) : null;
    if (!state.get("shown").keyGhosts && !pinned.length) return null;
    const keyed = state.get("shown").keyGhosts ? rowsOf(block, [])[0].keys.filter(([, share]) => share >= 0.5).map(([f]) => f) : [];
    const before = keyed.filter((f) => f - setup.first < index).reverse(), after = keyed.filter((f) => f - setup.first > index);
    const around = before.flatMap((f, i) => [f, after[i]]).concat(after.slice(before.length)).filter((f) => f !== undefined);
    return [...new Set([...pinned, ...around])].slice(0, 4).map((f) => f - setup.first);
  }

  // The joint whose solids are outlined: in Block that of the grip pointed at, or taken last
  function litJoint() {
    if (state.get("step") !== "block") return state.get("part");
    const name = state.get("gripHover") ?? state.get("grips").at(-1);
    return state.get("block")?.grips.find((grip) => grip.name === name)?.joint ?? null;
  }

  // Everything worth seeing, for Fit: paths, bodies and props
  function boxOf(data) {
    const box = new THREE.Box3();
    const tall = performerOf(setup, state.get("who")).figure.height;
    for (const [x, y, z] of data.com) {
      box.expandByPoint(new THREE.Vector3(x - tall * 0.22, Math.min(data.floor, y), z - tall * 0.22));
      box.expandByPoint(new THREE.Vector3(x + tall * 0.22, y + tall * 0.48, z + tall * 0.22));
    }
    for (const performer of setup.performers) {
      const motion = state.get("motions")[performer.id], about = performer.figure.height * 0.12;
      if (performer.hidden || !motion) continue;
      const row = performer.figure.joints * 7;
      for (const begin of [0, motion.length - row]) {
        for (let at = begin; at < begin + row; at += 7) {
          const [x, y, z] = motion.subarray(at, at + 3);
          box.expandByPoint(new THREE.Vector3(x - about, Math.min(data.floor, y), z - about));
          box.expandByPoint(new THREE.Vector3(x + about, y + about, z + about));
        }
      }
    }
    for (const prop of setup.props) {
      if (prop.hidden) continue;
      const half = Math.hypot(prop.size[0], prop.size[2]) / 2;
      for (const [x, y, z] of [prop.track[0], prop.track.at(-1)]) {
        box.expandByPoint(new THREE.Vector3(x - half, y, z - half));
        box.expandByPoint(new THREE.Vector3(x + half, y + prop.size[1], z + half));
      }
    }
    return box;
  }

  function lookThrough(index, anew) {
    const camera = through();
    lastThrough = camera?.id ?? "";
    cameras.lookThrough(camera, index, anew);
    if (!camera && cameras.view() === "lens") actions.view("free");
  }

  let inShot = "";
  state.on(["scene"], () => lookThrough(heldFrame(state, setup) - setup.first, true));
  state.on(["scene", "data"], ({ data }) => {
    if (!data) return;
    setFigures();
    props.setScene(setup);
    backdrops.setScene(setup);
    for (const { figure } of figures.values()) figure.setFloor(data.floor);
    const box = boxOf(data);
    markers.setData(data, box);
    const reader = performerOf(setup, state.get("who"));
    weights.setData(data, reader, setup.display);
    weights.setPath(state.get("motions")[reader.id], reader.figure.joints, reader.joints.indexOf(setup.display.path_of));
    resize();
    // who or what came or went asks for another look at the whole; a nudge does not
    const now = [...setup.performers, ...setup.props].map((item) => item.id).join();
    cameras.setBox(box, Boolean(inShot) && now !== inShot);
    inShot = now;
  });
  // half as many pixels while it plays where each costs; what stands is drawn with more samples than that
  if (bySoftware) state.on(["playing"], () => renderer.setPixelRatio(state.get("playing") ? ratio * PLAYED_RATIO : ratio));
  state.on(["frame", "hover", "scene", "data", "motions", "shown", "playing", "compared", "beside", "pick", "step", "hold", "drawing", "sketch", "part", "gap", "physics", "tried", "grips", "gripHover", "block", "partPath", "options", "ghostFrames"], show);

  new ResizeObserver(resize).observe(canvas.parentElement);
  return {
    fit: cameras.fit, cancel: tools.cancel, filming,
    // The move that nudges what is taken by metres to the right and up, as the view lies
    nudgeBy: (by_m) => reachOf(state, by_m),
    turnBy: (swing_rad) => turnsOf(state, swing_rad, 0),
    nudge: (right, up) => reachOf(state, acrossOf(cameras).right.map((v, i) => v * right + (i === 1 ? up : 0))),
    stands: cameras.stands,
    setView: (name) => {
      lookThrough(heldFrame(state, setup) - setup.first, true);
      cameras.setView(name);
      show();
    },
  };
}
