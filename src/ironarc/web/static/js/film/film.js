// Films and stills of the stage: drawn frame by frame on a canvas of their own, and encoded by the browser itself.
import { drop, postBytes, postJson } from "../api.js";
import { bitsFor, delaysOf, framesOf, gridOf, knocks, posesOf, ticksOf, titleOf, wordsOf } from "./plan.js";

const INK = "#20252B", QUIET = "#6b675e", PAPER = "#f3efe6", RULE = "#d6cfbf";
const KEYS_S = 1; // between frames that can be sought to
const SOUND_HZ = 48_000, SOUND_BITS = 96_000, GIF_COLORS = 256;

// Loaded when a film is made, and not before; beside the script that all this is built into
const writer = () => import(new URL("../vendor/film.js", import.meta.url).href);

// Goes on where the page stands behind others, whose timers are slowed down
function createBreath() {
  const channel = new MessageChannel();
  let go = null;
  channel.port1.onmessage = () => go?.();
  return { breathe: () => new Promise((resolve) => { go = resolve; channel.port2.postMessage(0); }), end: () => channel.port1.close() };
}

// A picture's painter. sides : [{ seen, word }], one or two that stand beside each other; words : whether they are written in
async function createPainter(stage, facts, { width, height, words, sides }) {
  const canvas = document.createElement("canvas"), draw = canvas.getContext("2d");
  Object.assign(canvas, { width, height });
  const each = Math.floor(width / sides.length), film = await stage.filming(each, height), size = Math.max(Math.round(height / 36), 11);

  function write(text, x, y, { align = "left", color = INK, weight = 400 } = {}) {
    draw.font = `${weight} ${size}px "IBM Plex Mono", monospace`;
    draw.textAlign = align;
    draw.fillStyle = color;
    draw.fillText(text, x, y);
  }

  // As many of the words as there is room for
  function fitted(parts, room) {
    draw.font = `400 ${size}px "IBM Plex Mono", monospace`;
    let many = parts.length;
    while (many > 1 && draw.measureText(parts.slice(0, many).join(" · ")).width > room) many -= 1;
    return parts.slice(0, many).join(" · ");
  }

  return {
    canvas,
    paint(frame, moving) {
      draw.fillStyle = PAPER;
      draw.fillRect(0, 0, width, height);
      sides.forEach(({ seen, word }, i) => {
        film.draw(frame, seen, moving);
        draw.drawImage(film.canvas, i * each, 0);
        if (!words) return;
        if (word) write(word, i * each + size, 2 * size, { weight: 600 });
        write(fitted(wordsOf(facts, seen.data, frame), each - 2 * size), i * each + size, height - size);
      });
      if (words) write(titleOf(facts), width - size, 2 * size, { align: "right", color: QUIET });
      if (sides.length > 1) { draw.fillStyle = RULE; draw.fillRect(each - 1, 0, 2, height); }
    },
    dispose: film.dispose,
  };
}

const pngOf = (canvas) => new Promise((resolve, reject) => canvas.toBlob((blob) => (blob ? resolve(blob) : reject(new Error("The picture could not be made. Try a smaller size."))), "image/png"));

// A picture as a PNG
export async function still(stage, facts, wish, frame) {
  const painter = await createPainter(stage, facts, wish);
  try {
    painter.paint(frame, false);
    return await pngOf(painter.canvas);
  } finally { painter.dispose(); }
}

// Poses all on one picture, each where it is: what is darker is kept, so that figures stand in front of the floor
export async function strip(stage, facts, wish) {
  const painter = await createPainter(stage, facts, { ...wish, words: false });
  const canvas = Object.assign(document.createElement("canvas"), { width: wish.width, height: wish.height }), draw = canvas.getContext("2d");
  try {
    for (const [i, frame] of posesOf(wish).entries()) {
      painter.paint(frame, true);
      draw.globalCompositeOperation = i ? "darken" : "source-over";
      draw.drawImage(painter.canvas, 0, 0);
    }
    return await pngOf(canvas);
  } finally { painter.dispose(); }
}

// Poses one beside the other in rows, each with its frame
export async function sheet(stage, facts, wish) {
  const poses = posesOf(wish), { columns, rows } = gridOf(poses.length);
  const wide = Math.floor(wish.width / columns), high = Math.floor(wish.height / columns);
  const painter = await createPainter(stage, facts, { ...wish, width: wide, height: high, words: false, sides: wish.sides.slice(-1) });
  const canvas = Object.assign(document.createElement("canvas"), { width: wide * columns, height: high * rows }), draw = canvas.getContext("2d");
  try {
    draw.fillStyle = PAPER;
    draw.fillRect(0, 0, canvas.width, canvas.height);
    for (const [i, frame] of poses.entries()) {
      const x = (i % columns) * wide, y = Math.floor(i / columns) * high, size = Math.max(Math.round(high / 15), 10);
      painter.paint(frame, false);
      draw.drawImage(painter.canvas, x, y);
      draw.strokeStyle = RULE;
      draw.strokeRect(x + 0.5, y + 0.5, wide - 1, high - 1);
      draw.font = `500 ${size}px "IBM Plex Mono", monospace`;
      draw.fillStyle = INK;
      draw.fillText(String(frame), x + size * 0.6, y + size * 1.4);
    }
    return await pngOf(canvas);
  } finally { painter.dispose(); }
}

// Every frame painted in turn: each(frame's place in the film, painter) is waited for. signal : ends it, with an AbortError
async function painted(stage, facts, wish, frames, { told, signal }, each) {
  const painter = await createPainter(stage, facts, wish), breath = createBreath();
  try {
    for (const [done, one] of frames.entries()) {
      if (signal.aborted) throw new DOMException("", "AbortError");
      painter.paint(one.frame, true);
      await each(one, painter, done);
      told(done + 1, frames.length);
      await breath.breathe();
    }
  } finally { painter.dispose(); breath.end(); }
}

// The film as a GIF
async function gif(stage, facts, wish, ways) {
  const { GIFEncoder, applyPalette, quantize } = await ways.load(), encoder = GIFEncoder();
  const frames = framesOf(wish), delays = delaysOf(frames);
  await painted(stage, facts, wish, frames, ways, (_, { canvas }, i) => {
    const { data } = canvas.getContext("2d").getImageData(0, 0, canvas.width, canvas.height);
    const palette = quantize(data, GIF_COLORS, { format: "rgb565" });
    encoder.writeFrame(applyPalette(data, palette, "rgb565"), canvas.width, canvas.height, { palette, delay: delays[i] * 10 });
  });
  encoder.finish();
  return { blob: new Blob([encoder.bytes()], { type: "image/gif" }), ending: "gif" };
}

// Every frame as a PNG with its number, in one zip
async function numbered(stage, facts, wish, ways) {
  const { Zip, ZipPassThrough } = await ways.load(), parts = [];
  const zip = new Zip((error, part) => { if (error) throw error; parts.push(part); });
  const frames = framesOf({ ...wish, rounds: 1, hold: 1 }), digits = Math.max(String(wish.to).length, 4);
  await painted(stage, facts, wish, frames, ways, async ({ frame }, { canvas }) => {
    const file = new ZipPassThrough(`${facts.name} ${String(frame).padStart(digits, "0")}.png`);
    zip.add(file);
    file.push(new Uint8Array(await (await pngOf(canvas)).arrayBuffer()), true);
  });
  zip.end();
  return { blob: new Blob(parts, { type: "application/zip" }), ending: "zip" };
}

const OTHERS = { gif, png: numbered };
const SERVER = { begin: (asked) => postJson("/films", asked), send: postBytes, drop };

// Encoded by the server, picture by picture, where the browser can't
async function byServer(stage, facts, wish, { told, signal, server = SERVER }) {
  const { width, height } = wish, frames = framesOf(wish), fps = wish.fps * wish.speed;
  const at = `/films/${(await server.begin({ width, height, fps, bits: bitsFor(width, height, fps) })).film}`;
  try {
    const ticks = wish.sound ? ticksOf(frames, wish.sides.at(-1).seen.data.piers) : [];
    if (ticks.length) {
      const samples = knocks(frames.at(-1).at + frames.at(-1).lasts, ticks, SOUND_HZ);
      await server.send(`${at}/sound`, Int16Array.from(samples, (x) => Math.max(-1, Math.min(x, 1)) * 32_767), signal);
    }
    await painted(stage, facts, wish, frames, { told, signal }, async (_, { canvas }) => server.send(`${at}/frames`, await pngOf(canvas), signal));
    return { blob: await (await server.send(`${at}/end`, "", signal)).blob(), ending: "mp4", byServer: true };
  } catch (error) {
    await server.drop(at);
    throw error;
  }
}

// A film as { blob, ending }. told(done, total) : after every frame; signal : ends it, with an AbortError
export async function film(stage, facts, wish, { told, signal, load = writer, server }) {
  if (OTHERS[wish.as]) return OTHERS[wish.as](stage, facts, wish, { told, signal, load });
  if (typeof window.VideoEncoder === "undefined") return byServer(stage, facts, wish, { told, signal, server });
  const kit = await load();
  const { width, height } = wish, frames = framesOf(wish), perSecond = wish.fps * wish.speed;
  const bitrate = bitsFor(width, height, perSecond);
  const codec = await kit.getFirstEncodableVideoCodec(["avc", "vp9", "av1", "vp8"], { width, height, bitrate });
  if (!codec) return byServer(stage, facts, wish, { told, signal, server });
  const mp4 = codec === "avc", target = new kit.BufferTarget();
  const output = new kit.Output({ format: mp4 ? new kit.Mp4OutputFormat({ fastStart: "in-memory" }) : new kit.WebMOutputFormat(), target });
  const ticks = wish.sound ? ticksOf(frames, wish.sides.at(-1).seen.data.piers) : [];
  const audio = ticks.length ? await kit.getFirstEncodableAudioCodec(mp4 ? ["aac", "opus"] : ["opus", "vorbis"], { numberOfChannels: 1, sampleRate: SOUND_HZ }) : null;
  const silent = Boolean(ticks.length && !audio);
  try {
    let source = null;
    await painted(stage, facts, wish, frames, { told, signal }, async ({ at, lasts }, { canvas }) => {
      if (!source) {
        source = new kit.CanvasSource(canvas, { codec, bitrate, keyFrameInterval: KEYS_S });
        output.addVideoTrack(source, { frameRate: perSecond });
        const sound = audio && new kit.AudioBufferSource({ codec: audio, bitrate: SOUND_BITS });
        if (sound) output.addAudioTrack(sound);
        await output.start();
        if (sound) {
          const long = frames.at(-1).at + frames.at(-1).lasts, samples = knocks(long, ticks, SOUND_HZ);
          const buffer = new AudioBuffer({ length: samples.length, numberOfChannels: 1, sampleRate: SOUND_HZ });
          buffer.copyToChannel(samples, 0);
          await sound.add(buffer);
          sound.close();
        }
      }
      await source.add(at, lasts);
    });
    await output.finalize();
  } catch (error) {
    await output.cancel().catch(() => {});
    if (error.name === "AbortError") throw error;
    throw new Error("The film could not be finished: the browser's encoder gave up. Try a smaller size.");
  }
  return { blob: new Blob([target.buffer], { type: mp4 ? "video/mp4" : "video/webm" }), ending: mp4 ? "mp4" : "webm", silent };
}
