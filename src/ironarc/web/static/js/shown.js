// What is shown of the shot: only the latest request counts, an older one is dropped.
import { comes, getJson, keptAddress } from "./api.js";
import { createBlocks, joined } from "./blocks.js";
import { wholeOf, within } from "./begins.js";
import { afterFirstPicture } from "./later.js";
import { itemOf } from "./scene.js";
import { physicsOf, tracksOf } from "./tracks.js";

const EARLY = "early"; // a variant: poses, before anybody is read

// What a page asks for as it opens, as its head has it
const firstOf = (state) => [{ kind: "tracks", who: state.get("who") }, ...state.get("scene").performers.map((p) => ({ kind: "motion", who: p.id }))]
  .map((want) => ({ ...want, as: state.get("early") ? EARLY : "now" }));

export function createShown(root, state, setup, { say, skins }) {
  const blocks = createBlocks(setup);
  let pending = null;

  async function load() {
    pending?.abort();
    const mine = (pending = new AbortController());
    const variant = state.get("trial") ?? state.get("trying")?.variant ?? state.get("side");
    const revision = state.get("revision"), changed = state.get("early") || state.get("seen") !== revision;
    const at = (name, query = {}) => keptAddress(setup, revision, name, query);
    try {
      if (state.get("early") && !state.get("data")) await loadEarly(revision, mine);
      const [scene, data] = await Promise.all([
        changed ? getJson(at("scene.json"), mine.signal) : { ...state.get("scene") },
        getJson(at("reading.json", { as: variant, who: state.get("who") }), mine.signal),
        variant === "now" ? blocks.first(revision, firstOf(state), mine.signal) : null,
        skins.first(revision, state.get("scene").performers),
      ]);
      const { who } = data, figures = skins.first(revision, scene.performers);
      const byId = await bringReading(revision, scene.performers, variant, data, mine.signal);
      await figures;
      if (mine !== pending) return;
      pending = null;
      // what stands now stays in view behind what is tried
      const held = state.get("trying") ? state.get("held") : { motion: byId[who], data };
      const pick = itemOf(scene, state.get("pick")) ? state.get("pick") : "";
      // frames that what is tried adds or takes away
      [scene.first, scene.last] = data.range;
      const whole = wholeOf(scene), sameRange = whole.join() === state.get("whole").join();
      state.set({
        scene, seen: revision, early: false, who, pick, hover: null, physics: null, frame: within(scene, state.get("frame")), motion: byId[who], motions: byId, data,
        variant, held, ...(sameRange ? {} : { whole, view: whole }),
      });
      Object.assign(root.dataset, { variant, who, revision });
      loadPhysics(at("physics.json", { as: variant, who }), { data, revision, who, as: variant });
    } catch (error) {
      if (error.name === "AbortError") return;
      state.set({ trying: null, trial: null });
      say(error.message);
    }
  }

  // Poses alone, which a long shot has long before it is read
  async function loadEarly(revision, mine) {
    const { performers } = state.get("scene");
    const [data] = await Promise.all([
      getJson(keptAddress(setup, revision, "reading.json", { as: EARLY, who: state.get("who") }), mine.signal),
      blocks.first(revision, firstOf(state), mine.signal),
      skins.first(revision, performers),
    ]);
    const motions = await bringReading(revision, performers, EARLY, data, mine.signal);
    if (mine !== pending) return;
    state.set({ data, motion: motions[data.who], motions, variant: EARLY });
    Object.assign(root.dataset, { variant: EARLY, who: data.who, revision });
    await afterFirstPicture(() => {}); // reading keeps the server busy
  }

  // The reading's tracks, put into `data`, and the motions of all by their ids
  async function bringReading(revision, performers, variant, data, signal) {
    const wants = performers.map(({ id }) => ({ kind: "motion", who: id, as: data.motions[id].as, names: data.motions[id].blocks }));
    const [tracks, ...motions] = await blocks.bring(revision, [{ kind: "tracks", who: data.who, as: variant, names: data.blocks }, ...wants], signal);
    Object.assign(data, tracksOf(data.columns, tracks));
    return Object.fromEntries(performers.map((p, i) => [p.id, joined(motions[i])]));
  }

  async function bringPhysics(address, revision, { who, as, data }) {
    const head = await getJson(address);
    const [found] = await blocks.bring(revision, [{ kind: "physics", who, as, names: head.blocks }]);
    return physicsOf(head, found, data.com.length);
  }

  // A variant beside the one that is shown, for whoever wants to draw it: { data, motions, physics }
  // Of the performer that is read, or of another
  async function bring(variant, withPhysics, who = state.get("who")) {
    const revision = state.get("revision");
    const at = (name) => keptAddress(setup, revision, name, { as: variant, who });
    const data = await getJson(at("reading.json")), motions = await bringReading(revision, state.get("scene").performers, variant, data);
    return { data, motions, physics: withPhysics ? await bringPhysics(at("physics.json"), revision, { who, as: variant, data }) : null };
  }

  // Footing, balance and pushes come after the first picture; they belong to the reading they were asked with
  async function loadPhysics(address, { data, revision, who, as }) {
    await afterFirstPicture(() => {});
    if (state.get("data") !== data) return;
    try {
      const physics = await bringPhysics(address, revision, { who, as, data });
      if (state.get("data") === data) state.set({ physics });
    } catch (error) { say(error.message); }
  }

  // While a slider is dragged, the newest weight waits for the answer under way; those between are dropped
  let weightUnderWay = false, nextWeight = null;

  async function tryWeight(layer, percent) {
    nextWeight = `weigh-${layer}-${percent}`;
    if (weightUnderWay) return;
    weightUnderWay = true;
    while (nextWeight) {
      state.set({ trial: nextWeight });
      nextWeight = null;
      await load();
    }
    weightUnderWay = false;
  }

  // The reading that is here of a performer at a revision, as the shot stands; null for none
  const readingOf = (revision, who) => (state.get("seen") === revision && state.get("variant") === "now" && state.get("data")?.who === who && !state.get("data").early ? state.get("data") : null);

  // What came along with the answer to an edit, of a performer that is shown then; `had` : the reading it points into
  function came(revision, who, { scene, reading, physics, blocks: bytes }, had) {
    const at = (name, query = {}) => keptAddress(setup, revision, name, query), of = { as: "now", who };
    comes({ [at("scene.json")]: scene, [at("reading.json", of)]: reading && whole(reading, had), [at("physics.json", { as: "now", who: reading?.who ?? who })]: physics });
    if (bytes) blocks.take(bytes);
  }

  // A weight that still waits to be tried is none once an edit was made
  function forgetWeight() { nextWeight = null; }

  return { load, bring, tryWeight, forgetWeight, readingOf, came };
}

// A reading whose piers' spans, flights and findings are told by their places in another one, where that has them
export function whole(reading, had) {
  const spans = had ? had.piers.flatMap((lane) => lane.spans) : [];
  const from = (list) => (x) => (typeof x === "number" ? list[x] : x);
  return {
    ...reading,
    flights: reading.flights.map(from(had?.flights)), findings: reading.findings.map(from(had?.findings)),
    piers: reading.piers.map((lane) => ({ ...lane, spans: lane.spans.map(from(spans)) })),
  };
}
