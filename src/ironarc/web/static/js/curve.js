// A share keyed over the way, as a small picture: its keys are dragged, added by a click beside them, and go with Delete.
const WIDE = 240, HIGH = 84, PAD = 7, MOST = 12, NEAR = 0.015;
const SVG = "http://www.w3.org/2000/svg";

// "0:0.4;0.5:0.06" → [[0, 0.4], [0.5, 0.06]]; [] for ""
export const keysOf = (text) => text.split(";").filter(Boolean).map((key) => key.split(":").map(Number));
const round = (x) => Math.round(x * 100) / 100;
export const textOf = (keys) => keys.map(([x, y]) => `${round(x)}:${round(y)}`).join(";");

// A key moved between its neighbours: none passes another
export function moved(keys, i, [x, y]) {
  const low = i ? keys[i - 1][0] + NEAR : 0, high = i < keys.length - 1 ? keys[i + 1][0] - NEAR : 1;
  return keys.map((key, k) => (k === i ? [Math.min(Math.max(x, low), high), Math.min(Math.max(y, 0), 1)] : key));
}

// A key more, where no other stands; the same keys where there is no room
export function added(keys, [x, y]) {
  if (keys.length >= MOST || keys.some((key) => Math.abs(key[0] - x) < 2 * NEAR)) return keys;
  return [...keys, [x, y]].sort((a, b) => a[0] - b[0]);
}

const place = ([x, y]) => [PAD + x * (WIDE - 2 * PAD), HIGH - PAD - y * (HIGH - 2 * PAD)];

function draw(tag, attributes) {
  const node = document.createElementNS(SVG, tag);
  for (const [name, value] of Object.entries(attributes)) node.setAttribute(name, value);
  return node;
}

// The picture that writes into a hidden input; `words` names it
export function createCurve(input, words) {
  const picture = draw("svg", { viewBox: `0 0 ${WIDE} ${HIGH}`, class: "tone-curve", role: "group", "aria-label": words });
  let keys = keysOf(input.value), held = -1;

  function show(focus = -1) {
    const ends = [[0, keys[0]?.[1] ?? 0], ...keys, [1, keys.at(-1)?.[1] ?? 0]];
    const dots = keys.map((key, i) => {
      const [cx, cy] = place(key), says = `${Math.round(key[1] * 100)} % at ${Math.round(key[0] * 100)} % of the way`;
      const dot = draw("circle", { cx, cy, r: 5, tabindex: 0, role: "slider", "aria-label": says, "aria-valuenow": Math.round(key[1] * 100), "data-key": i });
      dot.append(Object.assign(draw("title", {}), { textContent: says }));
      return dot;
    });
    picture.replaceChildren(
      ...[0, 0.5, 1].map((y) => draw("path", { d: `M${PAD} ${place([0, y])[1]}H${WIDE - PAD}`, class: "tone-rule" })),
      draw("path", { d: `M${ends.map((key) => place(key).join(" ")).join("L")}`, class: "tone-path" }), ...dots);
    if (focus >= 0) dots[focus]?.focus();
  }
  function become(next, focus = -1) {
    keys = next;
    show(focus);
    input.value = textOf(keys);
    input.dispatchEvent(new Event("input", { bubbles: true }));
  }
  function at(event) {
    const box = picture.getBoundingClientRect(), x = ((event.clientX - box.left) / box.width) * WIDE, y = ((event.clientY - box.top) / box.height) * HIGH;
    return [Math.min(Math.max((x - PAD) / (WIDE - 2 * PAD), 0), 1), Math.min(Math.max((HIGH - PAD - y) / (HIGH - 2 * PAD), 0), 1)];
  }

  picture.addEventListener("pointerdown", (event) => {
    const on = event.target.closest?.("[data-key]");
    held = on ? Number(on.dataset.key) : -1;
    if (held < 0) {
      const spot = at(event), more = added(keys, spot);
      if (more !== keys) { held = more.findIndex((key) => key[0] === spot[0]); become(more, held); }
    }
    picture.setPointerCapture(event.pointerId);
    event.preventDefault();
    picture.querySelector(`[data-key="${held}"]`)?.focus();
  });
  picture.addEventListener("pointermove", (event) => { if (held >= 0) { keys = moved(keys, held, at(event)); show(held); } });
  picture.addEventListener("pointerup", () => { if (held >= 0) become(keys, held); held = -1; });
  picture.addEventListener("keydown", (event) => {
    const i = Number(event.target.dataset?.key ?? -1), step = event.shiftKey ? 0.1 : 0.02;
    if (i < 0) return;
    const by = { ArrowLeft: [-step, 0], ArrowRight: [step, 0], ArrowUp: [0, step], ArrowDown: [0, -step] }[event.key];
    if (by) become(moved(keys, i, [keys[i][0] + by[0], keys[i][1] + by[1]]), i);
    else if (event.key === "Delete" || event.key === "Backspace") { if (keys.length > 1) become(keys.filter((_, k) => k !== i), Math.max(i - 1, 0)); }
    else return;
    event.preventDefault();
    event.stopPropagation();
  });
  show();
  return { picture, become };
}
