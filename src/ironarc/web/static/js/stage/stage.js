// The stage: figure, markers and cameras on one canvas. Draws only when something changed.
import * as THREE from "../../vendor/three.module.js";
import { createCameras } from "./cameras.js";
import { createFigure } from "./figure.js";
import { createMarkers } from "./markers.js";

const PAPER = "#f3efe6";

export function createStage(canvas, state, setup) {
  const renderer = new THREE.WebGLRenderer({ canvas, antialias: true });
  renderer.setPixelRatio(Math.min(devicePixelRatio, 2));
  renderer.autoClear = false;
  renderer.setClearColor(PAPER);
  // two passes: what lies behind (grid, shadow, ghosts), then the figure and what is measured, never hidden by a ghost
  const behind = new THREE.Scene(), scene = new THREE.Scene();
  scene.add(new THREE.HemisphereLight("#fffaf0", "#8a8272", 2.1));
  const sun = new THREE.DirectionalLight("#ffffff", 2.4);
  scene.add(sun);
  const along = new THREE.Vector3(...setup.figure.travel);
  sun.position.copy(new THREE.Vector3(0, 1, 0).cross(along).multiplyScalar(-2)).add(along).add(new THREE.Vector3(0, 3, 0));

  let asked = false;
  const redraw = () => { if (!asked) { asked = true; requestAnimationFrame(draw); } };
  const figure = createFigure(scene, behind, setup);
  const markers = createMarkers(scene, behind, setup);
  const cameras = createCameras(canvas, setup, redraw);

  function draw() {
    asked = false;
    const camera = cameras.current();
    markers.keepSize(camera);
    renderer.clear();
    renderer.render(behind, camera);
    renderer.clearDepth();
    renderer.render(scene, camera);
    canvas.dataset.drawn = String(Number(canvas.dataset.drawn ?? 0) + 1);
  }

  function resize() {
    const { clientWidth: w, clientHeight: h } = canvas.parentElement;
    if (!w || !h) return;
    renderer.setSize(w, h, false);
    cameras.resize(w / h);
    redraw();
  }

  function show() {
    const [data, motion, frame, hover, shown] = ["data", "motion", "frame", "hover", "shown"].map(state.get);
    if (!data || !motion) return;
    const index = frame - setup.first;
    const held = state.get("trying") ? state.get("held")?.motion : null;
    figure.show(motion, index, shown.ghosts && !state.get("playing") && !held);
    figure.compare(held, index);
    markers.show(shown);
    markers.setFrame(data, index, hover === null ? null : hover - setup.first);
    redraw();
  }

  state.on(["data"], ({ data }) => {
    const tall = setup.figure.height;
    const box = new THREE.Box3();
    for (const [x, y, z] of data.com) {
      box.expandByPoint(new THREE.Vector3(x - tall * 0.22, Math.min(data.floor, y), z - tall * 0.22));
      box.expandByPoint(new THREE.Vector3(x + tall * 0.22, y + tall * 0.48, z + tall * 0.22));
    }
    figure.setFloor(data.floor);
    markers.setData(data);
    resize();
    cameras.setBox(box);
  });
  state.on(["frame", "hover", "data", "motion", "shown", "playing"], show);

  // hovering a bead moves the cursor everywhere
  const raycaster = new THREE.Raycaster(), pointer = new THREE.Vector2();
  canvas.addEventListener("pointermove", (event) => {
    if (event.buttons || state.get("playing")) return;
    const r = canvas.getBoundingClientRect();
    pointer.set(((event.clientX - r.left) / r.width) * 2 - 1, 1 - ((event.clientY - r.top) / r.height) * 2);
    raycaster.setFromCamera(pointer, cameras.current());
    const bead = markers.beadAt(raycaster);
    state.set({ hover: bead === null ? null : setup.first + bead });
  });
  canvas.addEventListener("pointerleave", () => state.set({ hover: null }));
  canvas.addEventListener("click", () => { if (state.get("hover") !== null) state.set({ frame: state.get("hover"), playing: false }); });

  new ResizeObserver(resize).observe(canvas.parentElement);
  return { fit: cameras.fit, setView: cameras.setView };
}
