// What a correction would change, number by number and finding by finding: as it stands beside as it would be; and its
// options, which change it while it is looked at.
import { getJson, keptAddress } from "./api.js";
import { createCurve } from "./curve.js";
import { tryText } from "./panels/true.js";

const TYPED_MS = 120;

// Implied gravity as a share of the shot's, with its error where that is known
function share({ implied_g: found, implied_g_se: error }, g) {
  const percent = (v) => Math.round((v / g) * 100);
  return `${percent(found)}${Number.isFinite(error) && percent(error) ? ` ± ${percent(error)}` : ""} %`;
}

const cm = (m) => `${Math.round(m * 100)} cm`;

// Rows of [what, as it stands, tried] for the flight a correction concerns, and for the whole; `g` of the shot
export function compare(was, now, frame, g) {
  const at = (data) => data.flights.find((f) => f.take_off <= frame && frame <= f.landing);
  const a = at(was), b = at(now), rows = [];
  if (a && b) {
    rows.push(["Hang", `${a.aloft_frames.toFixed(1)} f`, `${b.aloft_frames.toFixed(1)} f`]);
    rows.push(["Rise", cm(a.rise_m), cm(b.rise_m)], ["Drop", cm(a.drop_m), cm(b.drop_m)]);
    rows.push(["Gravity, as it plays", share(a, g), share(b, g)]);
    rows.push(["Off the arc", `${(a.arc_max_m * 100).toFixed(1)} cm`, `${(b.arc_max_m * 100).toFixed(1)} cm`]);
    rows.push(["Spin, turns/s", Math.abs(a.spin.turns_per_s).toFixed(2), Math.abs(b.spin.turns_per_s).toFixed(2)]);
  }
  rows.push(["Findings", String(was.findings.length), String(now.findings.length)]);
  rows.push(["Verdict", was.grade, now.grade]);
  return rows;
}

const WORDS = { settled: "gone", stays: "stays", worse: "worse", new: "new" };
const UNITS = { frames: "f", cm: "cm", turns: "turns", "m/s": "m/s", "N·s": "N·s", "°": "°" };

export function createTrying(root, state, setup, actions) {
  const form = document.getElementById("trying-options"), list = document.getElementById("trying-list");
  let told = null, timer = 0;
  const box = document.getElementById("trying"), table = document.getElementById("trying-numbers");
  const cell = (tag, words, className) => Object.assign(document.createElement(tag), { textContent: words, className });

  function row([what, was, now]) {
    const line = document.createElement("tr");
    line.className = "border-t border-rule";
    line.append(cell("th", what, "py-0.5 text-left font-sans font-normal text-quiet"), cell("td", was, "text-right"),
      cell("td", now, `text-right ${now === was ? "" : "font-medium text-steel"}`));
    return line;
  }

  // A box that has a number worked out, in place of typing one
  function worksOut(input, { found, value }) {
    const box = Object.assign(document.createElement("input"), { type: "checkbox", checked: value === -1 }), words = document.createElement("span");
    words.className = "option-found";
    words.append(box, ` ${found}`);
    box.setAttribute("aria-label", found);
    const show = () => { input.disabled = box.checked; input.value = box.checked ? "" : Math.max(value, 0); };
    show();
    box.addEventListener("input", (event) => { event.stopPropagation(); show(); input.dispatchEvent(new Event("input", { bubbles: true })); });
    return words;
  }

  // Keys over the way, in a picture; without them the sliders say how it goes
  function keyed({ name, words, value }) {
    const box = document.createElement("div"), input = Object.assign(document.createElement("input"), { type: "hidden", name, value });
    const own = Object.assign(document.createElement("input"), { type: "checkbox", checked: value !== "" }), label = document.createElement("label");
    const curve = createCurve(input, words);
    label.className = "option";
    label.append(Object.assign(document.createElement("span"), { textContent: words[0].toUpperCase() + words.slice(1) }), own);
    const show = () => {
      curve.picture.classList.toggle("hidden", !own.checked);
      for (const slider of ["tone", "tone_end", "early"]) if (form.elements[slider]) form.elements[slider].disabled = own.checked;
    };
    own.addEventListener("input", (event) => {
      event.stopPropagation();
      const { tone, tone_end: last, early } = form.elements, share = (field) => Number(field.value) / 100;
      show();
      if (own.checked) curve.become([[0, share(tone)], [share(early), share(last)], ...(share(early) < 0.95 ? [[1, share(last)]] : [])]);
      else curve.become([]);
    });
    queueMicrotask(show);  // once its neighbours stand
    box.append(label, input, curve.picture);
    return box;
  }

  // The other performers of the shot, each with a box
  function company({ name, words, value }) {
    const box = document.createElement("div"), input = Object.assign(document.createElement("input"), { type: "hidden", name, value });
    const ids = new Set(value.split(";").filter(Boolean)), others = setup.performers.filter(({ id }) => id !== state.get("who"));
    box.append(input, ...others.map(({ id, name: who }) => {
      const label = document.createElement("label"), one = Object.assign(document.createElement("input"), { type: "checkbox", checked: ids.has(id) });
      label.className = "option";
      label.append(Object.assign(document.createElement("span"), { textContent: `${words[0].toUpperCase() + words.slice(1)}: ${who}` }), one);
      one.addEventListener("input", (event) => {
        event.stopPropagation();
        if (one.checked) ids.add(id); else ids.delete(id);
        input.value = [...ids].join(";");
        input.dispatchEvent(new Event("input", { bubbles: true }));
      });
      return label;
    }));
    return box;
  }

  // One option as a field: a slider for shares and for what lies between two ways, a box for yes and no
  function field(option) {
    const { name, words, unit, low, high, value } = option, label = document.createElement("label");
    label.className = "option";
    label.append(Object.assign(document.createElement("span"), { textContent: words[0].toUpperCase() + words.slice(1) }));
    if (unit === "curve") return keyed(option);
    if (unit === "performers") return company(option);
    if (option.choices?.length) {
      const select = Object.assign(document.createElement("select"), { className: "field", name });
      for (const choice of option.choices) select.append(new Option(choice, choice, false, choice === value));
      label.append(select);
      return label;
    }
    const input = Object.assign(document.createElement("input"), { name });
    if (option.type === "bool") { Object.assign(input, { type: "checkbox", checked: value }); label.append(input); return label; }
    const slides = unit === "share" || option.slider, percent = unit === "share" ? 100 : 1;
    Object.assign(input, slides
      ? { type: "range", min: low * percent, max: high * percent, step: 1, value: Math.round(value * percent) }
      : { type: "text", inputMode: "decimal", value, size: 4, className: "field num" });
    label.append(input);
    const says = Object.assign(document.createElement("output"), { className: "num" });
    const tell = () => { says.textContent = slides ? `${input.value} ${unit === "share" ? "%" : UNITS[unit] ?? ""}` : UNITS[unit] ?? ""; };
    tell();
    input.addEventListener("input", tell);
    label.append(says);
    if (option.found) label.append(worksOut(input, option));
    return label;
  }

  // The options it was tried with, and over them those that were changed on the form
  function typed(names) {
    const options = { ...state.get("trying").options };
    // time and height follow from one another: what is asked for last counts
    for (const [one, other] of [["hang", "rise"], ["rise", "hang"]]) if (names.has(one) && other in options) options[other] = 0;
    for (const { name, type, unit } of told.options) {
      const at = form.elements[name];
      if (!at || type === "hidden" || !names.has(name)) continue;
      if (type === "bool") options[name] = at.checked;
      else if (type === "str") options[name] = at.value;
      else {
        const value = at.disabled ? -1 : Number.parseFloat(at.value.replace(",", "."));
        if (!Number.isFinite(value)) { actions.say(`${at.closest("label").firstChild.textContent} must be a number.`); return null; }
        options[name] = unit === "share" ? value / 100 : type === "int" ? Math.round(value) : value;
      }
    }
    return options;
  }

  const used = new Set();
  function changed(event) {
    if (event?.target.name) used.add(event.target.name);
    clearTimeout(timer);
    // what is typed is looked at before it can be taken
    document.getElementById("take").disabled = true;
    timer = setTimeout(() => {
      const trying = state.get("trying"), options = trying && told && typed(used);
      used.clear();
      const text = options && tryText(trying.correction, options);
      if (!options || text === tryText(trying.correction, trying.options)) { document.getElementById("take").disabled = !options; return; }
      actions.tryCorrection({ ...trying, options, variant: trying.layer ? `again-${trying.layer}-${text}` : text });
    }, TYPED_MS);
  }
  form.addEventListener("input", changed);
  form.addEventListener("submit", (event) => event.preventDefault());

  function showList(rows) {
    list.replaceChildren(...rows.map((row) => {
      const item = Object.assign(document.createElement("li"), { className: `is-${row.state}` });
      const words = document.createElement("span");
      words.textContent = `${row.label}${row.part && row.part !== "whole body" ? `, ${row.part}` : ""}`;
      const what = document.createElement("span");
      words.className = "block";
      what.append(words, cell("span", `${row.start}–${row.end}`, "num text-quiet"));
      item.append(what, cell("span", row.before, "num"),
        cell("span", row.state === "settled" ? WORDS.settled : row.after, "num"));
      item.title = WORDS[row.state];
      return item;
    }));
  }

  async function tellMore(trying) {
    const query = { as: trying.variant, who: state.get("who") };
    try {
      const answer = await getJson(keptAddress(setup, state.get("revision"), "trial.json", query));
      if (state.get("trying")?.variant !== trying.variant) return;
      const same = told && told.of === trying.correction && told.layer === trying.layer && form.childElementCount;
      told = { ...answer, of: trying.correction, layer: trying.layer };
      if (answer.label) document.getElementById("trying-name").textContent = `Trying: ${trying.label || answer.label}`;
      showList(answer.rows);
      // a form that is being used keeps its fields, and the hand its place
      if (!same) form.replaceChildren(...answer.options.filter((o) => o.type !== "hidden").map(field));
    } catch (error) { actions.say(error.message); }
  }

  state.on(["trying", "data"], () => {
    const trying = state.get("trying"), held = state.get("held")?.data;
    const ready = Boolean(trying && held && state.get("variant") === trying.variant);
    // while other options of the same correction are worked out its form stands, with the hand in it
    const stays = ready || Boolean(trying && held && told && told.of === trying.correction && told.layer === trying.layer);
    box.classList.toggle("hidden", !stays);
    box.classList.toggle("is-busy", stays && !ready);
    document.getElementById("take").disabled = !ready;
    root.classList.toggle("is-trying", stays);
    if (!state.get("trying")) { told = null; form.replaceChildren(); list.replaceChildren(); }
    if (!ready) { table.replaceChildren(); return; }
    document.getElementById("trying-name").textContent = `Trying: ${trying.label}`;
    document.getElementById("trying-cost").textContent = state.get("data").cost;
    const head = document.createElement("tr");
    head.append(cell("th", "", ""), cell("th", "as it stands", "text-right font-sans font-normal text-quiet"), cell("th", "tried", "text-right font-sans font-normal text-quiet"));
    tellMore(trying);
    const frame = trying.options.frame ?? state.get("frame");
    table.replaceChildren(head, ...compare(held, state.get("data"), frame, setup.g).map(row));
  });
}
