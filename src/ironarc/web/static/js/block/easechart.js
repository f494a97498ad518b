// The ease chart, as animators draw it beside their drawings: a line between two extremes, and a tick for every frame
// between them. A tick that is dragged takes its frame nearer to one or the other; the rest follow.
import { easeThrough, spanShares } from "./shares.js";

const NS = "http://www.w3.org/2000/svg", LEFT = 14, RIGHT = 274, LINE = 26;
const make = (tag, attributes, words) => {
  const node = document.createElementNS(NS, tag);
  for (const [name, value] of Object.entries(attributes)) node.setAttribute(name, value);
  if (words) node.textContent = words;
  return node;
};

export function createEaseChart(panel, { commit }) {
  let span = null, slopes = [0, 0], drag = null;
  const chart = () => panel.querySelector("#ease-chart");
  const xOf = (share) => LEFT + share * (RIGHT - LEFT);

  function draw() {
    const svg = chart();
    if (!svg) return;
    svg.replaceChildren();
    if (!span) return;
    const count = span[1] - span[0] - 1;
    svg.append(make("line", { x1: LEFT, x2: RIGHT, y1: LINE, y2: LINE, class: "ease-line" }));
    for (const [share, frame] of [[0, span[0]], [1, span[1]]]) {
      svg.append(make("path", { d: `M${xOf(share)} ${LINE - 8}l6 8-6 8-6-8z`, class: "ease-key" }), make("text", { x: xOf(share), y: 50, "text-anchor": "middle" }, String(frame)));
    }
    spanShares(...slopes, count).forEach((share, i) => {
      const tick = make("g", { class: "ease-tick", "data-tick": i + 1, tabindex: 0, role: "slider", "aria-label": `Frame ${span[0] + i + 1}`, "aria-valuenow": Math.round(share * 100) });
      tick.append(make("title", {}, `frame ${span[0] + i + 1}: ${Math.round(share * 100)} % of the way`), make("rect", { x: xOf(share) - 5, y: LINE - 13, width: 10, height: 26, class: "ease-grab" }), make("line", { x1: xOf(share), x2: xOf(share), y1: LINE - 10, y2: LINE + 10 }));
      svg.append(tick);
    });
  }

  const shareAt = (event) => { const r = chart().getBoundingClientRect(); return ((event.clientX - r.left) / r.width * 288 - LEFT) / (RIGHT - LEFT); };
  const through = (tick, share) => easeThrough(...slopes, tick, span[1] - span[0] - 1, share);

  panel.addEventListener("pointerdown", (event) => {
    const tick = event.target.closest?.("[data-tick]");
    if (!tick || !span) return;
    drag = { tick: Number(tick.dataset.tick), moved: false };
    chart().setPointerCapture(event.pointerId);
    event.preventDefault();
  });
  panel.addEventListener("pointermove", (event) => {
    if (!drag) return;
    slopes = through(drag.tick, shareAt(event));
    drag.moved = true;
    draw();
  });
  panel.addEventListener("pointerup", () => {
    const was = drag;
    drag = null;
    if (was?.moved) commit(span, slopes);
  });
  panel.addEventListener("keydown", (event) => {
    const tick = event.target.closest?.("[data-tick]"), by = { ArrowLeft: -0.02, ArrowRight: 0.02 }[event.key];
    if (!tick || !by) return;
    const number = Number(tick.dataset.tick);
    slopes = through(number, spanShares(...slopes, span[1] - span[0] - 1)[number - 1] + by);
    draw();
    chart().querySelector(`[data-tick="${number}"]`)?.focus();
    commit(span, slopes);
    event.preventDefault();
    event.stopPropagation();
  });

  return {
    // now : the span's two frames, or null; ease : slopes at both ends, or null for level ones
    show(now, ease) {
      if (drag) return;
      span = now && now[1] - now[0] > 1 ? now : null;
      slopes = ease ?? [0, 0];
      draw();
    },
  };
}
