// What a film is made of, frame by frame, and how it is encoded and ended.
import assert from "node:assert/strict";
import test from "node:test";
import { film } from "../../src/ironarc/web/static/js/film/film.js";
import { bitsFor, framesOf, leftSays, titleOf, wordsOf, wrongWith, delaysOf, gridOf, knocks, posesOf, ticksOf, wrongWithPoses } from "../../src/ironarc/web/static/js/film/plan.js";

const near = (a, b) => assert.ok(Math.abs(a - b) < 1e-9, `${a} for ${b}`);

test("every frame lasts as long as it does in the shot, slower at half speed, and comes again in every round", () => {
  const frames = framesOf({ from: 3, to: 5, fps: 24, speed: 0.5, rounds: 2 });
  assert.deepEqual(frames.map(({ frame }) => frame), [3, 4, 5, 3, 4, 5]);
  for (const [i, { at, lasts }] of frames.entries()) { near(at, i / 12); near(lasts, 1 / 12); }
});

test("on twos a pose is held for two frames, and none is left out at the end", () => {
  assert.deepEqual(framesOf({ from: 1, to: 5, fps: 24, hold: 2 }).map(({ frame }) => frame), [1, 1, 3, 3, 5]);
});

test("a wish that can't be made is answered in words", () => {
  const shot = { first: 1, last: 72 };
  assert.equal(wrongWith({ from: 1, to: 72, rounds: 1 }, shot), null);
  assert.match(wrongWith({ from: 0, to: 72, rounds: 1 }, shot), /frames 1 to 72/);
  assert.match(wrongWith({ from: 40, to: 30, rounds: 1 }, shot), /no frames/);
  assert.match(wrongWith({ from: 1, to: 2.5, rounds: 1 }, shot), /whole numbers/);
  assert.match(wrongWith({ from: 1, to: 72, rounds: 21 }, shot), /1 to 20/);
});

test("the words tell frame, time, height and flight", () => {
  const data = { plots: { height: [90, 95.4] }, flights: [{ start: 11, end: 20, hang_frames: 9.5 }] };
  assert.deepEqual(wordsOf({ fps: 24, first: 10 }, data, 10), ["frame 10", "0.00 s", "center of gravity 90 cm up"]);
  assert.equal(wordsOf({ fps: 24, first: 10 }, data, 11).at(-1), "in flight, frame 1 of 9.5");
  assert.equal(titleOf({ name: "PF-010", speed: 0.5 }), "PF-010 · half speed");
  assert.equal(titleOf({ name: "PF-010", speed: 1 }), "PF-010");
});

test("larger and faster films get more bits, within reason", () => {
  assert.ok(bitsFor(1920, 1080, 24) > bitsFor(1280, 720, 24));
  assert.equal(bitsFor(64, 64, 12), 1.5e6);
  assert.equal(bitsFor(7680, 4320, 60), 24e6);
});

test("the time left is told once it can be", () => {
  assert.equal(leftSays(1, 100, 1), "");
  assert.equal(leftSays(10, 110, 5), "50 s left");
  assert.equal(leftSays(99, 100, 50), "almost done");
  assert.equal(leftSays(10, 1010, 5), "8 min left");
});

// A stage and a kit that note what they are asked for
function rig({ codec = "avc", breaks = false } = {}) {
  const log = { drawn: [], added: [], ended: "", disposed: 0 };
  const draw = { measureText: () => ({ width: 10 }), fillRect() {}, drawImage() {}, fillText(text) { log.texts = [...(log.texts ?? []), text]; } };
  globalThis.window = { VideoEncoder: class {} };
  globalThis.document = { createElement: () => ({ getContext: () => draw, toBlob: (take) => take(new Blob(["png"])) }) };
  const stage = { filming: async () => ({ canvas: {}, draw: (frame, seen, moving) => log.drawn.push([frame, moving]), dispose: () => { log.disposed += 1; } }) };
  const kit = {
    BufferTarget: class { buffer = new ArrayBuffer(8); }, Mp4OutputFormat: class {}, WebMOutputFormat: class {},
    Output: class { addVideoTrack(_, { frameRate }) { log.rate = frameRate; } async start() {} async finalize() { log.ended = "finalized"; } async cancel() { log.ended = "cancelled"; } },
    CanvasSource: class { async add(at) { if (breaks && log.added.length === 2) throw new Error("encoder"); log.added.push(at); } },
    getFirstEncodableVideoCodec: async () => codec,
  };
  const data = { plots: { height: Array(9).fill(90) }, flights: [] };
  const wish = { width: 640, height: 360, from: 1, to: 5, fps: 25, speed: 1, rounds: 1, hold: 1, words: true, sides: [{ seen: { data }, word: "" }] };
  return { log, run: (how = {}) => film(stage, { name: "hop", fps: 25, first: 1, speed: 1 }, wish, { told() {}, signal: { aborted: false }, load: async () => kit, ...how }) };
}

test("every frame is drawn, encoded and counted, and the file is what the browser can write", async () => {
  const { log, run } = rig(), told = [];
  const { ending, blob } = await run({ told: (n, total) => told.push([n, total]) });
  assert.deepEqual(log.drawn, [1, 2, 3, 4, 5].map((frame) => [frame, true]));
  assert.equal(log.added.length, 5);
  near(log.added[4], 4 / 25);
  assert.equal(log.rate, 25);
  assert.deepEqual(told.at(-1), [5, 5]);
  assert.deepEqual([ending, blob.type, log.ended, log.disposed], ["mp4", "video/mp4", "finalized", 1]);
  assert.ok(log.texts.includes("hop"));
  assert.equal((await rig({ codec: "vp9" }).run()).ending, "webm");
});

test("a film that is cancelled ends at once and leaves nothing behind", async () => {
  const { log, run } = rig(), signal = { aborted: false };
  await assert.rejects(run({ signal, told: (n) => { signal.aborted = n === 2; } }), { name: "AbortError" });
  assert.deepEqual([log.added.length, log.ended, log.disposed], [2, "cancelled", 1]);
});

test("an encoder that gives up in the middle is said in words", async () => {
  const broken = rig({ breaks: true });
  await assert.rejects(broken.run(), /encoder gave up/);
  assert.deepEqual([broken.log.ended, broken.log.disposed], ["cancelled", 1]);
});

// A server that notes what it is sent
function atServer({ breaks = "" } = {}) {
  const sent = [];
  return {
    sent,
    begin: async (asked) => { sent.push(asked); return { film: "f1" }; },
    send: async (address, body) => {
      sent.push(address.replace("/films/f1/", ""));
      if (sent.at(-1) === breaks) throw new Error("The disk is full.");
      return { blob: async () => new Blob([body], { type: "video/mp4" }) };
    },
    drop: async () => { sent.push("dropped"); },
  };
}

test("where the browser can't encode, pictures go to the server", async () => {
  for (const without of ["a codec", "an encoder"]) {
    const { log, run } = rig({ codec: null }), server = atServer();
    if (without === "an encoder") globalThis.window = {};
    const { ending, byServer } = await run({ server });
    assert.deepEqual([ending, byServer, log.disposed], ["mp4", true, 1]);
    assert.deepEqual(server.sent, [{ width: 640, height: 360, fps: 25, bits: bitsFor(640, 360, 25) }, ...Array(5).fill("frames"), "end"]);
  }
});

test("what fails at the server is said, and nothing is left there", async () => {
  const { log, run } = rig({ codec: null }), server = atServer({ breaks: "frames" });
  await assert.rejects(run({ server }), /disk is full/);
  assert.deepEqual([server.sent.at(-1), log.disposed], ["dropped", 1]);
  const cancelled = rig({ codec: null }), signal = { aborted: false }, other = atServer();
  await assert.rejects(cancelled.run({ server: other, signal, told: (n) => { signal.aborted = n === 2; } }), { name: "AbortError" });
  assert.deepEqual(other.sent.slice(1), ["frames", "frames", "dropped"]);
});

test("a strip has a pose every so many frames, and the last", () => {
  assert.deepEqual(posesOf({ from: 10, to: 20, every: 4 }), [10, 14, 18, 20]);
  assert.deepEqual(posesOf({ from: 10, to: 18, every: 4 }), [10, 14, 18]);
  assert.deepEqual(posesOf({ from: 5, to: 5, every: 3 }), [5]);
  assert.equal(wrongWithPoses({ from: 1, to: 63, every: 1 }), null);
  assert.match(wrongWithPoses({ from: 1, to: 100, every: 1 }), /100 poses; up to 64/);
  assert.match(wrongWithPoses({ from: 1, to: 100, every: 0 }), /whole frames/);
  assert.deepEqual(gridOf(12), { columns: 4, rows: 3 });
  assert.deepEqual(gridOf(5), { columns: 3, rows: 2 });
});

test("a GIF's delays add up to the film, though each is whole hundredths", () => {
  const frames = framesOf({ from: 1, to: 72, fps: 24 });
  const delays = delaysOf(frames);
  assert.equal(delays.reduce((a, b) => a + b), 300);
  assert.deepEqual([...new Set(delays)].sort(), [4, 5]);
});

test("a limb that comes down is heard once, in every round", () => {
  const lanes = [
    { limb: "left leg", spans: [{ start: 1, end: 10 }, { start: 20, end: 40 }, { start: 22, end: 40 }] },
    { limb: "right leg", spans: [{ start: 24, end: 40 }, { start: 30, end: 35, doubt: 1 }] },
  ];
  assert.deepEqual(ticksOf(framesOf({ from: 1, to: 40, fps: 10 }), lanes).map((s) => Math.round(s * 10)), [19, 23]);
  assert.equal(ticksOf(framesOf({ from: 15, to: 40, fps: 10, rounds: 3 }), lanes).length, 6);
});

test("a knock begins on its tick and has died away before the next", () => {
  const rate = 8000, sound = knocks(1, [0.25, 0.5], rate), loud = (from, to) => Math.max(...sound.slice(from * rate, to * rate).map(Math.abs));
  assert.equal(loud(0, 0.249), 0);
  assert.ok(loud(0.25, 0.26) > 0.2 && loud(0.5, 0.51) > 0.2);
  assert.ok(loud(0.3, 0.49) < 0.001);
  assert.ok(Math.max(...sound) <= 1);
});
