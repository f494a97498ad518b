// References: pictures and video that step with the playhead, in floating panels; backdrops draw the same pictures.
import { afterFirstPicture } from "../later.js";
import { heldFrame } from "../scene.js";

const COLOURS = { floor: "#20252B", up: "#33766A", length: "#9E3A1B" };
const READOUT_PX = 36, LEAST_WIDTH = 150, MOST_WIDTH = 900;
const NS = "http://www.w3.org/2000/svg";

// One reference's picture: the frame asked for last is shown as soon as it is there; those between are dropped
function createPicture(reference, fileAddress, tell, complain) {
  const isVideo = reference.kind === "video";
  const element = document.createElement(isVideo ? "video" : "img");
  let busy = true, wanted = null, shown = null;
  if (isVideo) Object.assign(element, { muted: true, preload: "auto", playsInline: true });
  else element.alt = "";

  function next() {
    busy = false;
    if (wanted !== null && wanted !== shown) show(wanted);
  }

  function show(own) {
    wanted = own;
    if (busy || own === shown) return;
    busy = true;
    shown = own;
    // the middle of the frame's own time, so that rounding never shows its neighbour
    if (isVideo) element.currentTime = (own - 0.5) / reference.rate;
    else element.src = fileAddress(reference.files[Math.min(own, reference.files.length) - 1]);
  }

  const done = () => { tell(element); next(); };
  if (isVideo) {
    element.addEventListener("seeked", done);
    element.addEventListener("loadeddata", next);
    element.addEventListener("error", () => complain(`This browser can't play ${reference.name}. Save it as MP4 (H.264) or WebM (VP9), and bring it in again.`));
    // fetched whole: a frame is then found without asking the server
    afterFirstPicture(() => fetch(fileAddress(reference.files[0])).then((answer) => answer.blob()).then((blob) => { element.src = URL.createObjectURL(blob); }));
  } else {
    element.addEventListener("load", done);
    element.addEventListener("error", () => { complain(`A picture of ${reference.name} could not be shown.`); next(); });
    busy = false;
    // the neighbours are fetched ahead, so that stepping does not wait
    afterFirstPicture(() => { for (const file of reference.files.slice(0, 240)) new Image().src = fileAddress(file); });
  }
  return { element, show, shown: () => shown, repeat: () => { if (shown !== null && !busy) tell(element); } };
}

export function createReferences(root, state, setup, actions) {
  const fileAddress = (address) => `/shots/${setup.shot}/files/${address}`;
  const built = new Map(), listeners = [];
  const template = document.getElementById("reference-panel");

  function build(reference, order) {
    const panel = template.content.firstElementChild.cloneNode(true);
    panel.dataset.reference = reference.id;
    panel.setAttribute("aria-label", `Reference ${reference.name}`);
    panel.style.right = `${12 + order * 24}px`;
    panel.style.bottom = `${READOUT_PX + order * 24}px`; // the readout below it stays to be read
    root.append(panel);
    const one = { panel, reference, files: reference.files.join() };
    one.picture = createPicture(reference, fileAddress, (element) => { for (const tell of listeners) tell(one.reference, element); }, actions.say);
    panel.querySelector(".ref-picture").append(one.picture.element);
    panel.querySelector('[data-ref="previous"]').addEventListener("click", () => step(-1, one.reference));
    panel.querySelector('[data-ref="next"]').addEventListener("click", () => step(1, one.reference));
    letMove(panel);
    letResize(panel);
    letDraw(one);
    return one;
  }

  // A corner is dragged, the one across from it stays; the picture keeps its shape
  function letResize(panel) {
    let from = null;
    for (const corner of panel.querySelectorAll(".ref-corner")) {
      corner.addEventListener("pointerdown", (event) => {
        from = { x: event.clientX, left: panel.offsetLeft, top: panel.offsetTop, width: panel.offsetWidth, height: panel.offsetHeight };
        corner.setPointerCapture(event.pointerId);
        event.preventDefault();
      });
      corner.addEventListener("pointermove", (event) => {
        if (!from) return;
        const west = corner.dataset.corner.includes("w"), north = corner.dataset.corner.includes("n"), by = event.clientX - from.x;
        const widest = Math.min(root.parentElement.clientWidth - 24, MOST_WIDTH);
        const width = Math.min(Math.max(from.width + (west ? -by : by), LEAST_WIDTH), widest);
        panel.style.width = `${width}px`;
        const x = west ? from.left + from.width - width : from.left, y = north ? from.top + from.height - panel.offsetHeight : from.top;
        Object.assign(panel.style, { left: `${Math.max(x, 0)}px`, top: `${Math.max(y, 0)}px`, right: "auto", bottom: "auto" });
      });
      for (const end of ["pointerup", "pointercancel"]) corner.addEventListener(end, () => { from = null; });
    }
  }

  // The panel is dragged by its head
  function letMove(panel) {
    const head = panel.querySelector(".ref-head");
    let from = null;
    head.addEventListener("pointerdown", (event) => {
      if (event.target.closest("button")) return;
      from = [event.clientX, event.clientY, panel.offsetLeft, panel.offsetTop];
      head.setPointerCapture(event.pointerId);
    });
    head.addEventListener("pointermove", (event) => {
      if (!from) return;
      const { clientWidth: w, clientHeight: h } = root.parentElement;
      const x = Math.min(Math.max(from[2] + event.clientX - from[0], 0), w - panel.offsetWidth);
      const y = Math.min(Math.max(from[3] + event.clientY - from[1], 0), h - 30);
      Object.assign(panel.style, { left: `${x}px`, top: `${y}px`, right: "auto", bottom: "auto" });
    });
    for (const end of ["pointerup", "pointercancel"]) head.addEventListener(end, () => { from = null; });
  }

  // A line is drawn on the picture from one end to the other; kept in the picture's own pixels
  function letDraw(one) {
    const lines = one.panel.querySelector(".ref-lines");
    let from = null;
    const pixel = (event) => {
      const r = lines.getBoundingClientRect(), { width, height, mirrored } = one.reference;
      const x = ((event.clientX - r.left) / r.width) * width, y = ((event.clientY - r.top) / r.height) * height;
      return [mirrored ? width - x : x, y].map((v) => Math.round(v * 10) / 10);
    };
    lines.addEventListener("pointerdown", (event) => { from = pixel(event); lines.setPointerCapture(event.pointerId); });
    lines.addEventListener("pointermove", (event) => { if (from) drawLines(one, [from, pixel(event)]); });
    lines.addEventListener("pointerup", (event) => {
      const line = state.get("line"), to = pixel(event);
      if (!from || !line) return;
      const changes = { [line.name]: [from, to] };
      from = null;
      state.set({ line: null });
      actions.edit({ kind: "set_item", item: line.id, changes, words: `Line up ${one.reference.name}` });
    });
  }

  function drawLines(one, drawn = null) {
    const { reference, panel } = one, svg = panel.querySelector(".ref-lines"), line = state.get("line");
    svg.setAttribute("viewBox", `0 0 ${reference.width} ${reference.height}`);
    svg.classList.toggle("is-drawing", line?.id === reference.id);
    svg.replaceChildren();
    const across = (x) => (reference.mirrored ? reference.width - x : x);
    const all = { ...reference.lines, ...(drawn && line ? { [line.name.replace("_line", "")]: drawn } : {}) };
    // lines are seen while they are being set up, not while one works
    if (state.get("step") !== "set" || state.get("pick") !== reference.id) return;
    for (const [name, ends] of Object.entries(all)) {
      if (!ends) continue;
      const node = document.createElementNS(NS, "line");
      const [[x1, y1], [x2, y2]] = ends;
      for (const [key, value] of Object.entries({ x1: across(x1), y1, x2: across(x2), y2, stroke: COLOURS[name], "stroke-dasharray": name === "length" ? "6 4" : "" })) node.setAttribute(key, value);
      svg.append(node);
    }
  }

  // The reference the marks are stepped through: the one picked, or the first that has any
  const withMarks = () => setup.references.find((r) => r.id === state.get("pick") && r.marks.length) ?? setup.references.find((r) => r.marks.length && !r.hidden);

  function step(way, reference = withMarks()) {
    const frames = (reference?.marks ?? []).map((m) => m.frame).sort((a, b) => a - b), at = state.get("frame");
    const to = way > 0 ? frames.find((f) => f > at) : frames.findLast((f) => f < at);
    if (to !== undefined) actions.go(to, to, to);
  }

  function refresh() {
    const there = new Set(setup.references.map((r) => r.id));
    for (const [id, one] of built) {
      const now = setup.references.find((r) => r.id === id);
      if (!there.has(id) || now.files.join() !== one.files || now.rate !== one.reference.rate) { one.panel.remove(); built.delete(id); }
    }
    setup.references.forEach((reference, i) => {
      if (!built.has(reference.id)) built.set(reference.id, build(reference, i));
      const one = built.get(reference.id);
      one.reference = reference;
      one.panel.querySelector(".ref-name").textContent = reference.name;
      one.panel.querySelector(".ref-body").style.aspectRatio = `${reference.width} / ${reference.height}`;
      one.picture.element.style.transform = reference.mirrored ? "scaleX(-1)" : "";
      one.picture.element.style.opacity = reference.shown === "panel" ? reference.opacity : 1;
      for (const button of one.panel.querySelectorAll("[data-ref]")) button.disabled = !reference.marks.length;
    });
    show();
  }

  function show() {
    const frame = state.get("frame"), at = heldFrame(state, setup) - setup.first, line = state.get("line");
    for (const one of built.values()) {
      const { reference, panel } = one, own = reference.own[at];
      // a backdrop comes forward as a panel while a line is drawn on it
      const inPanel = reference.shown === "panel" || line?.id === reference.id;
      panel.classList.toggle("hidden", !inPanel || reference.hidden || !state.get("shown").references);
      one.picture.show(own);
      panel.dataset.own = own;
      const mark = reference.marks.find((m) => m.own === own);
      panel.querySelector(".ref-own").textContent = `${mark ? `${mark.word} · ` : ""}${reference.kind === "still" ? "still" : own + reference.number_from - 1}`;
      const away = reference.pose_frame !== null && reference.pose_frame !== frame;
      panel.querySelector(".ref-says").textContent = line?.id === reference.id ? "Drag from one end of the line to the other" : away ? `For the pose at frame ${reference.pose_frame}` : "";
      panel.querySelector(".ref-picture").style.opacity = away ? 0.4 : 1;
      drawLines(one);
    }
  }

  state.on(["scene"], refresh);
  state.on(["frame", "hold", "pick", "step", "line", "shown"], show);
  refresh();
  return {
    step,
    onPicture: (tell) => listeners.push(tell),
    // Tells again what is shown, for one who has just begun to listen
    repeat: (id) => built.get(id)?.picture.repeat(),
    ownFrame: (id) => Number(built.get(id)?.panel.dataset.own ?? 1),
  };
}
