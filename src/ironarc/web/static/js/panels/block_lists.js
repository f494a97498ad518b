// Lists of the Block panel: layers with their tools, pins, props that are carried, and what a part can be held to.

const ROLES = { "brought in": "as it was brought in", keyed: "keyed by hand", correction: "a correction", baked: "baked" };
const TOOLS = [
  ["only", "Only this", "Mute all the others, or let all act"], ["up", "↑", "Above its neighbour"], ["down", "↓", "Below its neighbour"],
  ["split", "Split", "Moves the selected parts into a layer of their own"], ["merge", "Merge down", "Into the layer below"], ["copy", "Copy to…", "To another shot"], ["delete", "Delete", "Takes the layer away"],
];

export const element = (tag, className, words = "") => Object.assign(document.createElement(tag), { className, textContent: words });

function tool(layer, what, words, title) {
  const button = element("button", "btn btn-small px-1.5", words);
  button.dataset.layerDo = what;
  button.title = title;
  button.setAttribute("aria-label", `${title}: ${layer.name}`);
  return button;
}

// keyed : the id of the layer keys go to; frame : at hand
export function layerRow(layer, keyed, frame) {
  const row = element("li", `layer-row${layer.id === keyed ? " is-keyed" : ""}${layer.muted ? " is-muted" : ""}`);
  row.dataset.layer = layer.id;
  const name = Object.assign(element("input", "field w-full min-w-0 border-transparent px-1 font-medium"), { value: layer.name, maxLength: 60 });
  name.setAttribute("aria-label", `Name of ${layer.name}`);
  name.dataset.layerName = "";
  row.append(name, element("p", "num text-xs text-quiet", [ROLES[layer.role], layer.span ? `${layer.span[0]}–${layer.span[1]}` : "empty", layer.parts.length ? `${layer.parts.length} joints` : ""].filter(Boolean).join(" · ")));
  if (layer.base) return row;
  const tools = element("div", "mt-1 flex flex-wrap gap-1");
  tools.append(tool(layer, "mute", layer.muted ? "Unmute" : "Mute", layer.muted ? "Let it act again" : "Leave it out"), ...TOOLS.map((t) => tool(layer, ...t)));
  row.append(weightOf(layer, frame), tools);
  if (layer.weight_keys.length) row.append(element("p", "num text-xs text-quiet", `weight keyed at ${layer.weight_keys.map(([f, v]) => `${f}: ${Math.round(v * 100)} %`).join(", ")}`));
  if (layer.affects.length) row.append(element("p", "text-xs text-brass-ink", `Acts on frames of ${layer.affects.join(", ")}: look at what it puts right again.`));
  return row;
}

function weightOf(layer, frame) {
  const label = element("label", "mt-1 flex items-center gap-2 text-xs text-quiet", "Weight ");
  const slide = Object.assign(element("input", "min-w-0 flex-1 accent-oxide"), { type: "range", min: 0, max: 100, value: Math.round(layer.weight * 100) });
  slide.dataset.weight = "";
  slide.setAttribute("aria-label", `Weight of ${layer.name}`);
  const keyed = layer.weight_keys.some(([f]) => f === frame);
  label.append(slide, element("output", "num w-[44px] text-right", `${Math.round(layer.weight * 100)} %`), tool(layer, "key-weight", keyed ? "Unkey" : "Key", keyed ? "Takes the key of its weight here away" : "Keys this weight on this frame"));
  return label;
}

export function pinRow(pin) {
  const row = element("li", `layer-row${pin.muted ? " is-muted" : ""}`), tools = element("div", "mt-1 flex gap-1");
  row.dataset.pin = pin.id;
  for (const [what, words] of [["take", "Take"], ["mute", pin.muted ? "Unmute" : "Mute"], ["change", "Change"], ["remove", "Let go"]]) {
    const button = element("button", "btn btn-small px-1.5", words);
    button.dataset.pinDo = what;
    button.setAttribute("aria-label", `${words}: pin of ${pin.part}`);
    tools.append(button);
  }
  const holds = [pin.place && "place", pin.direction && "direction", pin.pulls && "may pull"].filter(Boolean).join(", ");
  row.append(element("p", "font-medium", pin.part), element("p", "num text-xs text-quiet", `${pin.start}–${pin.end} · ${pin.to} · ${holds} · ${Math.round(pin.weight * 100)} %`), tools);
  return row;
}

export function carriedRow(held) {
  const row = element("li", "layer-row flex items-center gap-2"), gone = element("button", "btn btn-small ml-auto px-1.5", "Put down");
  gone.dataset.putDown = `${held.item}|${held.hold}`;
  row.append(element("span", "num text-xs", `${held.name}: ${held.joint}, ${held.start}–${held.end}`), gone);
  return row;
}

// The parts of who or what a part is to be held to
export function showHolderParts(form, holders) {
  const holder = holders.find((h) => h.id === form.elements.to.value), field = form.elements.joint;
  field.classList.toggle("hidden", !holder?.joints.length);
  field.replaceChildren(...(holder?.joints ?? []).map((name) => new Option(name, name)));
}
