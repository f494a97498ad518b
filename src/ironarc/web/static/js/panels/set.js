// The Set panel, and what Strike says of props: the scene sheet and the fields of what is picked. Its buttons say what they do in data-set,
// its fields in data-change.
import { createLater } from "../later.js";
import { createFields } from "./fields.js";
import { createLineUp } from "./line_up.js";
import { nameInPlace } from "../naming.js";
import { trackAt } from "../stage/lens.js";
import { heldFrame, itemOf, SETTING } from "../scene.js";

const RADIANS = Math.PI / 180, DOUBLE_CLICK_MS = 500, QUIET_MS = 350, CHAIN_M = 1.5;

export function createSetPanel(panel, state, setup, { actions, planner }) {
  const frame = () => state.get("frame"), pick = () => state.get("pick");
  const byId = (id) => panel.querySelector(`#${id}`);
  const { number, whole, all } = createFields(actions.say);
  const lineUp = createLineUp(panel, state, setup);
  const later = createLater(QUIET_MS);
  let keep = "seconds", about = "floor";

  const moveCamera = (to) => actions.edit({ kind: "move_camera", item: pick(), frame: frame(), ...to });
  function moveCameraBy(field, name) {
    const change = field.dataset.change, cm = [...panel.querySelectorAll(`[data-change="${change}"]`)].sort((a, b) => a.dataset.axis - b.dataset.axis).map((f) => number(f, "A place"));
    if (all(...cm)) moveCamera({ [name]: cm.map((v) => v / 100) });
  }
  const set = (changes, words = "") => actions.edit({ kind: "set_item", item: pick(), changes, words });

  function menu(open) {
    byId("add-menu").classList.toggle("hidden", !open);
    panel.querySelector('[data-set="add-menu"]').setAttribute("aria-expanded", String(open));
  }

  // --- guide curves: drawn on the stage, or by gravity from the flight there is ------------------------

  // The frames a new guide runs over: those of the flight at hand, or from here on for half a second
  function guideSpan() {
    const flights = state.get("data")?.flights ?? [];
    const flight = flights.find((f) => f.take_off <= frame() && frame() <= f.landing) ?? flights[0];
    return flight ? [flight.take_off, flight.landing] : [frame(), Math.min(frame() + Math.round(setup.fps / 2), setup.last)];
  }

  function gravityGuide() {
    const { com } = state.get("data"), [first, last] = guideSpan();
    actions.add({ kind: "add_guide", curve: "gravity", points_m: [com[first - setup.first], com[Math.max(last, first) - setup.first]], first, frames: Math.max(last - first, 1), performer: state.get("who") });
  }

  function finishDrawing() {
    const { points } = state.get("drawing"), [first, last] = guideSpan();
    if (points.length < 3) { actions.say(`A guide curve needs three points or more; it has ${points.length}. Click on the stage to set them.`); return; }
    state.set({ drawing: null });
    actions.add({ kind: "add_guide", curve: "drawn", points_m: points, first, frames: Math.max(last - first, 1), performer: state.get("who") });
  }

  // --- references --------------------------------------------------------------------------------------

  const plainMark = ({ own, word, pose_frame }) => ({ frame: own, word, pose_frame });

  function mark() {
    const reference = itemOf(setup, pick()), word = byId("mark-word").value.trim();
    if (!word) { actions.say("Give the mark a word, such as contact or apex."); byId("mark-word").focus(); return; }
    const [first, last] = reference.plays, at = heldFrame(state, setup);
    if (reference.kind !== "still" && (at < first || at > last)) {
      actions.say(`${reference.name} plays on frames ${first} to ${last}; at ${frame()} its ${at < first ? "first" : "last"} picture is held. Go to the frame where it shows what you mean.`);
      return;
    }
    // the picture that is seen is marked, also while poses are held on twos
    const own = reference.own[at - setup.first];
    used(byId("mark-word"));
    set({ marks: [...reference.marks.filter((m) => m.own !== own).map(plainMark), { frame: own, word }] }, `Mark ${word}`);
  }

  const isOf = (row) => (m) => m.own === Number(row.dataset.own) && m.word === row.dataset.word;

  function unmark(row) {
    set({ marks: itemOf(setup, pick()).marks.filter((m) => !isOf(row)(m)).map(plainMark) }, `Remove the mark ${row.dataset.word}`);
  }

  // A mark goes with the pose on its frame, or stays with the film's own frame
  function markPose(row) {
    const { marks } = itemOf(setup, pick()), goes = marks.find(isOf(row)).pose_frame === null;
    const next = marks.map((m) => plainMark(isOf(row)(m) ? { ...m, pose_frame: goes ? m.frame : null } : m));
    set({ marks: next }, goes ? `${row.dataset.word} goes with the pose` : `${row.dataset.word} stays with the picture`);
  }

  // --- buttons ----------------------------------------------------------------------------------------

  const itemOfButton = (button) => button.closest("[data-item]")?.dataset.item ?? pick();
  const presses = {
    planner: () => planner.toggle(),
    "add-menu": () => menu(byId("add-menu").classList.contains("hidden")),
    "add-file": () => byId("add-file").click(),
    "add-camera"() {
      const { place_m, aim_m, tall } = actions.stands();
      // as wide as the view is now: half its height is that of the picture
      actions.add({ kind: "add_camera", frame: frame(), place_m, aim_m, focal_mm: Math.round(36 / 2 / (tall * (16 / 9))) });
    },
    "look-through": () => actions.view("lens"),
    "key-camera": () => moveCamera({ key: true }),
    "unkey-camera": (data) => actions.edit({ kind: "unkey_camera", item: pick(), frame: Number(data.frame) }),
    "to-frame": (data) => actions.go(Number(data.frame), Number(data.frame), Number(data.frame)),
    "add-shape": () => byId("add-shape").click(),
    "add-markers": () => byId("add-markers").click(),
    "line-up-markers": () => actions.edit({ kind: "line_up_markers", item: pick() }),
    "skin-file": () => byId("skin-file").click(),
    "show-skin": ({ on }) => actions.edit({ kind: "show_skin", performer: pick(), shown: on === "1" }),
    "take-skin-off": () => actions.edit({ kind: "take_skin_off", performer: pick() }),
    "weigh-by-skin": () => actions.edit({ kind: "weigh_by_skin", performer: pick() }),
    "add-reference": () => byId("add-reference").click(),
    "add-stock": ({ member, pose }) => actions.add({ kind: "add_stock", member, pose }),
    "add-prop": ({ prop }) => actions.add({ kind: "add_prop", prop, frame: frame(), performer: state.get("who") }),
    "draw-guide": () => state.set({ drawing: { points: [] }, playing: false }),
    "gravity-guide": gravityGuide,
    hide: ({ on }, button) => actions.edit({ kind: "hide_item", item: itemOfButton(button), hidden: on === "1" }),
    lock: ({ on }, button) => actions.edit({ kind: "lock_item", item: itemOfButton(button), locked: on === "1" }),
    duplicate: () => actions.add({ kind: "duplicate_item", item: pick() }),
    remove: () => actions.edit({ kind: "remove_item", item: pick() }),
    keep({ keep: way }, button) { keep = way; press(button); rateEffect(); },
    "change-rate": ({ rate, keep: way }) => used(byId("rate")) ?? actions.edit({ kind: "set_rate", rate, keep: way }),
    "estimate-floor": () => actions.edit({ kind: "set_floor", floor_m: null }),
    about({ about: way }, button) { about = way; press(button); },
    "turn-round": () => place({ turn_rad: itemOf(setup, pick()).placement.turn + Math.PI }),
    slip: ({ by }) => actions.edit({ kind: "slip_performer", performer: pick(), by: Number(by) }),
    trim() {
      const [first, last] = [whole(byId("trim-first"), "Trim from"), whole(byId("trim-last"), "Trim to")];
      if (!all(first, last)) return;
      used(byId("trim-first"), byId("trim-last"));
      actions.edit({ kind: "trim_performer", performer: pick(), first, last });
    },
    cut() {
      const [start, end, blend] = [whole(byId("cut-start"), "Cut from"), whole(byId("cut-end"), "Cut to"), whole(byId("cut-blend"), "The blend")];
      if (!all(start, end, blend)) return;
      used(byId("cut-start"), byId("cut-end"), byId("cut-blend"));
      actions.edit({ kind: "cut_performer", performer: pick(), start, end, blend, carry: byId("cut-carry").checked });
    },
    mend: (data) => actions.edit({ kind: "mend_cut", performer: pick(), number: Number(data.number) }),
    "under-feet": () => actions.edit({ kind: "prop_under_feet", item: pick(), frame: frame(), performer: state.get("who") }),
    "let-fly": () => actions.edit({ kind: "let_fly", item: pick(), frame: frame() }),
    leave() {
      const [x, up, z, turns] = [...panel.querySelectorAll("[data-leaves]")].map((field) => (field.value.trim() ? number(field, "How it leaves") : 0));
      if (all(x, up, z, turns)) actions.edit({ kind: "let_fly", item: pick(), frame: frame(), velocity_ms: [x, up, z], spin_rads: [0, turns * 2 * Math.PI, 0] });
    },
    "let-all-fly": () => actions.edit({ kind: "let_all_fly", frame: frame() }),
    "set-out"() {
      const count = whole(byId("set-out-count"), "How many more");
      if (all(count)) actions.edit({ kind: "set_out", item: pick(), count, way: byId("set-out-way").value });
    },
    join: () => actions.edit({ kind: "join_prop", item: pick(), other: byId("join-other").value }),
    part: ({ number: n }) => actions.edit({ kind: "part_prop", item: pick(), number: Number(n) }),
    chain() {
      const typed = byId("chain-links").value.trim(), links = typed ? whole(byId("chain-links"), "The links") : 8;
      const line = panel.querySelector('[data-change="line"]').value.trim(), line_m = line ? number(panel.querySelector('[data-change="line"]'), "The chain") / 100 : CHAIN_M;
      if (all(links, line_m)) actions.edit({ kind: "hang_on_chain", item: pick(), line_m, links });
    },
    "off-chain": () => actions.edit({ kind: "take_off_chain", item: pick() }),
    "to-strike": () => state.set({ step: "strike" }),
    "fly-again": () => actions.edit({ kind: "fly_again", item: pick() }),
    "end-flight": () => actions.edit({ kind: "end_flight", item: pick() }),
    aim() {
      const at_m = [...panel.querySelectorAll("[data-aim]")].map((field) => number(field, "The place to aim at") / 100);
      const by = byId("aim-by").value === "frame" ? { arrives: whole(byId("aim-arrives"), "The frame") } : { rises_m: number(byId("aim-arrives"), "The height") / 100 };
      if (all(...at_m, ...Object.values(by))) actions.edit({ kind: "aim_prop", item: pick(), frame: frame(), at_m, ...by, off: byId("aim-off").value });
    },
    "line-up": () => actions.edit(lineUp.edit()),
    shown: ({ shown }) => set({ shown }, shown === "backdrop" ? "Stand the reference in the stage" : "Show the reference in a panel"),
    "draw-line"({ line }) { state.set({ line: { id: pick(), name: line } }); },
    "clear-line": ({ line }) => set({ [line]: null }, "Clear a line"),
    mark,
    unmark: (_, button) => unmark(button.closest("li")),
    "mark-pose": (_, button) => markPose(button.closest("li")),
    "pose-here": () => set({ pose_frame: frame() }, `Reference for the pose at ${frame()}`),
    "pose-none": () => set({ pose_frame: null }, "Let go of the key pose"),
  };

  // Presses one button of a group
  function press(button) {
    for (const other of button.parentElement.children) other.setAttribute("aria-pressed", String(other === button));
  }

  // Fields whose numbers have been used begin anew with the next panel
  const used = (...fields) => { for (const field of fields) delete field.dataset.typed; };
  const place = (change) => actions.edit({ kind: "place_about", performer: pick(), frame: frame(), about, ...change });

  panel.addEventListener("click", (event) => {
    const button = event.target.closest("[data-set], [data-pick]");
    if (!button) return;
    if ("pick" in button.dataset) { pressRow(button.dataset.pick, event); return; }
    if (button.dataset.set !== "add-menu" && button.closest("#add-menu")) menu(false);
    presses[button.dataset.set](button.dataset, button);
  });
  // A second press soon after the first renames. It is the press that counts: the row may be drawn anew under the
  // hand, and a click whose press and release find two rows is nobody's.
  let lastPressed = { id: null, at: 0 }, renames = false;
  function pressRow(id, event) {
    if (event.detail && renames) return;
    lastPressed = { id, at: event.timeStamp };
    actions.pick(id);
  }
  panel.addEventListener("pointerdown", (event) => {
    const id = event.target.closest("[data-pick]")?.dataset.pick;
    renames = id !== undefined && lastPressed.id === id && event.timeStamp - lastPressed.at < DOUBLE_CLICK_MS;
    if (renames) rename(id);
  });
  async function rename(id) {
    lastPressed = { id: null, at: 0 };
    await actions.refreshPanel();
    const row = panel.querySelector(`[data-pick="${id}"]`);
    const keep = (name) => actions.edit(id ? { kind: "rename_item", item: id, name } : { kind: "rename_shot", name });
    if (row) nameInPlace(row, { name: id ? itemOf(setup, id).name : setup.name, keep });
  }

  // typing into what is locked says that it is
  const lockedFor = (event) => {
    const picked = event.target.closest("[data-locked]"), own = event.target.closest("[data-set=lock], [data-set=hide]");
    return picked && !own && itemOf(setup, pick());
  };
  for (const kind of ["beforeinput", "change", "click"]) {
    panel.addEventListener(kind, (event) => {
      const item = lockedFor(event);
      if (!item || (kind === "click" && !event.target.closest("button, select, input[type=checkbox]"))) return;
      event.preventDefault();
      event.stopImmediatePropagation();
      actions.say(`${item.name} is locked. Unlock it on the scene sheet first.`);
    }, true);
  }
  document.addEventListener("pointerdown", (event) => {
    if (byId("add-menu") && !event.target.closest('#add-menu, [data-set="add-menu"]')) menu(false);
  });
  panel.addEventListener("keydown", (event) => {
    if (event.key === "Escape" && event.target.closest("#add-menu")) { menu(false); panel.querySelector('[data-set="add-menu"]').focus(); }
    // up and down walk along the scene sheet
    const row = event.target.closest?.("[data-pick]");
    if (row && (event.key === "ArrowDown" || event.key === "ArrowUp")) {
      const rows = [...panel.querySelectorAll("[data-pick]")];
      rows[rows.indexOf(row) + (event.key === "ArrowDown" ? 1 : -1)]?.focus();
      event.preventDefault();
    }
    if (event.key === "Enter" && event.target.id === "mark-word") { mark(); event.preventDefault(); return; }
    if (event.key === "Enter" && event.target.matches("input:not([type=checkbox])") && !event.target.closest(".sends-itself, [data-form]")) event.target.blur();
  });

  // --- fields -----------------------------------------------------------------------------------------

  const unitOf = (field) => Number(field.dataset.unit ?? 1);
  const changes = {
    "camera-lens"(field) { const mm = number(field, "The lens"); if (all(mm)) moveCamera({ focal_mm: mm }); },
    "camera-roll"(field) { const degrees = number(field, "The roll"); if (all(degrees)) moveCamera({ roll_rad: degrees * RADIANS }); },
    "camera-place": (field) => moveCameraBy(field, "place_m"),
    "camera-aim": (field) => moveCameraBy(field, "aim_m"),
    "camera-shape": (field) => set({ aspect: Number(field.value) }),
    "camera-sensor": (field) => set({ sensor_mm: Number(field.value) }),
    "markers-who": (field) => actions.edit({ kind: "line_up_markers", item: pick(), performer: field.value }),
    "markers-place"(field) {
      const value = number(field, field.closest("label").textContent.trim());
      if (all(value)) actions.edit({ kind: "place_markers", item: pick(), [field.dataset.one]: value / unitOf(field) });
    },
    "skin-clay": (field) => actions.edit({ kind: "skin_in_clay", performer: pick(), clay: field.checked }),
    "skin-felt": (field) => actions.edit({ kind: "touch_by_skin", performer: pick(), felt: field.checked }),
    rename: (field) => actions.edit({ kind: "rename_item", item: pick(), name: field.value }),
    "rename-shot": (field) => actions.edit({ kind: "rename_shot", name: field.value }),
    sequence: (field) => actions.edit({ kind: "set_sequence", sequence: field.value }),
    notes: (field) => actions.edit({ kind: "set_notes", notes: field.value }),
    range() {
      const [first, last] = [whole(byId("range-first"), "From frame"), whole(byId("range-last"), "To frame")];
      if (all(first, last)) actions.edit({ kind: "set_range", first, last });
    },
    renumber(field) { const first = whole(field); if (all(first)) actions.edit({ kind: "renumber", first }); },
    world(field) { if (field.value) actions.edit({ kind: "set_gravity", g: Number(field.value) }); else byId("gravity").select(); },
    gravity(field) { const g = number(field, "Gravity"); if (all(g)) actions.edit({ kind: "set_gravity", g }); },
    floor(field) { const cm = number(field, "The floor's height"); if (all(cm)) actions.edit({ kind: "set_floor", floor_m: cm / 100 }); },
    place(field) {
      const { offset, turn, scale } = itemOf(setup, pick()).placement, cm = number(field);
      const offset_m = offset.map((v, i) => (i === Number(field.dataset.axis) ? cm / 100 : v));
      if (all(cm)) actions.edit({ kind: "place_performer", performer: pick(), offset_m, turn_rad: turn, scale });
    },
    turn(field) { const degrees = number(field); if (all(degrees)) place({ turn_rad: degrees * RADIANS }); },
    scale(field) { const percent = number(field); if (all(percent)) place({ scale: percent / 100 }); },
    slip(field) { const to = whole(field); if (all(to)) actions.edit({ kind: "slip_performer", performer: pick(), by: to - Number(field.dataset.was) }); },
    // all fields of one list make one value
    list(field) {
      const fields = [...panel.querySelectorAll(`[data-list="${field.dataset.list}"]`)], values = fields.map((f) => number(f) * unitOf(f));
      if (all(...values)) set({ [field.dataset.list]: values });
    },
    line(field) { const value = field.value.trim() ? number(field, "The line") : 0; if (all(value)) actions.edit({ kind: "hang_prop", item: pick(), line_m: value / 100 }); },
    material(field) { if (field.value) actions.edit({ kind: "weigh_prop", item: pick(), material: field.value }); },
    one(field) { const value = number(field); if (all(value)) set({ [field.dataset.one]: (value - Number(field.dataset.less ?? 0)) * unitOf(field) }); },
    opacity: (field) => set({ opacity: Number(field.value) / 100 }),
    mirrored: (field) => set({ mirrored: field.checked }, field.checked ? "Mirror the reference" : "Reference as it came"),
    "guide-of": (field) => set({ of: field.value }),
    "guide-who": (field) => set({ performer: field.value }),
    "guide-apex"(field) { const cm = number(field); if (all(cm)) actions.edit({ kind: "guide_apex", guide: pick(), apex_m: cm / 100 }); },
    points() {
      const values = [...panel.querySelectorAll('[data-change="points"]')].map((f) => number(f, "A point") / 100);
      if (all(...values)) set({ points_m: Array.from({ length: values.length / 3 }, (_, i) => values.slice(3 * i, 3 * i + 3)) });
    },
  };
  panel.addEventListener("change", (event) => {
    const { change } = event.target.dataset;
    if (!SETTING.has(state.get("step"))) return;
    if (change) changes[change](event.target);
    if (event.target.id === "add-shape" && event.target.files.length) upload("props", event.target);
    if (["add-file", "add-markers"].includes(event.target.id) && event.target.files.length) upload("performers", event.target);
    if (event.target.id === "skin-file" && event.target.files.length) wearSkin(event.target);
    if (event.target.id === "add-reference" && event.target.files.length) upload("references", event.target);
  });
  panel.addEventListener("input", (event) => {
    // a rate of 30 is no rate of 3 first
    if (event.target.id === "rate") later("rate", rateEffect);
    if (event.target.id === "opacity") event.target.parentElement.querySelector("output").textContent = `${event.target.value} %`;
  });

  async function upload(path, field) {
    const files = [...field.files], many = files.length > 1 ? `${files.length} pictures` : files[0].name;
    byId("set-progress").textContent = `Bringing in ${many}…`;
    await actions.upload(path, files, { frame: frame() });
    if (byId("set-progress")) byId("set-progress").textContent = "";
  }

  async function wearSkin(field) {
    byId("set-progress").textContent = `Putting on ${field.files[0].name}…`;
    await actions.wearSkin([...field.files], pick());
    if (byId("set-progress")) byId("set-progress").textContent = "";
  }

  // A camera's fields, as it is on the frame at hand
  function fillCamera() {
    const label = panel.querySelector("[data-camera-frame]"), camera = setup.cameras.find((c) => c.id === pick());
    if (!label || !camera) return;
    label.textContent = frame();
    const row = trackAt(camera, frame() - setup.first);
    for (const field of panel.querySelectorAll("[data-row]")) {
      if (field !== document.activeElement) field.value = String(Number((row[field.dataset.row] * field.dataset.times).toFixed(1)) + 0);
    }
  }
  state.on(["frame", "scene"], fillCamera);

  // What another rate would do, told before anything changes
  function rateEffect() {
    if (!byId("rate")) return;
    const rate = byId("rate").value.trim(), target = byId("rate-effect");
    if (!rate || rate === setup.rate) { target.replaceChildren(); return; }
    window.htmx.ajax("GET", `/shots/${setup.shot}/r/${state.get("revision")}/rate?${new URLSearchParams({ rate, keep })}`, { target, swap: "innerHTML" });
  }

  // Fields that begin with the frame at hand
  function begin() {
    if (state.get("step") !== "set") return;
    keep = "seconds";
    about = "floor";
    lineUp.begin();
    fillCamera();
    const here = panel.querySelector("[data-here]");
    if (here && !("typed" in here.dataset)) here.value = frame();
  }
  panel.addEventListener("htmx:afterSwap", (event) => { if (event.target === panel) begin(); });
  begin();

  // --- drawing on the stage ---------------------------------------------------------------------------

  const bar = document.getElementById("drawing");
  state.on(["drawing"], ({ drawing }) => {
    bar.classList.toggle("hidden", !drawing);
    if (!drawing) return;
    const n = drawing.points.length;
    document.getElementById("drawing-says").textContent = n ? `${n} point${n > 1 ? "s" : ""} set. ${n < 3 ? "Three or more make a curve." : "Set more, or finish it."}` : "Click on the stage to set the path's points, from take-off to landing.";
  });
  document.getElementById("drawing-done").addEventListener("click", finishDrawing);
  document.getElementById("drawing-stop").addEventListener("click", () => state.set({ drawing: null }));
  document.getElementById("drawing-undo").addEventListener("click", () => state.set({ drawing: { points: state.get("drawing").points.slice(0, -1) } }));
  document.addEventListener("keydown", (event) => { if (event.key === "Enter" && state.get("drawing") && !event.target.closest("button, input")) finishDrawing(); });
}
