// Films and stills of the stage: drawn frame by frame on a canvas of their own, and encoded by the browser itself.
import { bitsFor, framesOf, titleOf, wordsOf } from "./plan.js";

const INK = "#20252B", QUIET = "#6b675e", PAPER = "#f3efe6", RULE = "#d6cfbf";
const KEYS_S = 1; // between frames that can be sought to

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

// A picture as a PNG
export async function still(stage, facts, wish, frame) {
  const painter = await createPainter(stage, facts, wish);
  try {
    painter.paint(frame, false);
    return await new Promise((resolve, reject) => painter.canvas.toBlob((blob) => (blob ? resolve(blob) : reject(new Error("The picture could not be made. Try a smaller size."))), "image/png"));
  } finally { painter.dispose(); }
}

// A film as { blob, ending }. told(done, total) : after every frame; signal : ends it, with an AbortError
export async function film(stage, facts, wish, { told, signal, load = writer }) {
  if (typeof window.VideoEncoder === "undefined") throw new Error("This browser can't make films. Use a newer one, or open this page by its address on this machine.");
  const kit = await load();
  const { width, height } = wish, frames = framesOf(wish), perSecond = wish.fps * wish.speed;
  const bitrate = bitsFor(width, height, perSecond);
  const codec = await kit.getFirstEncodableVideoCodec(["avc", "vp9", "av1", "vp8"], { width, height, bitrate });
  if (!codec) throw new Error(`This browser can't encode a film of ${width} × ${height}. Try a smaller one, or take stills.`);
  const mp4 = codec === "avc", target = new kit.BufferTarget();
  const output = new kit.Output({ format: mp4 ? new kit.Mp4OutputFormat({ fastStart: "in-memory" }) : new kit.WebMOutputFormat(), target });
  const painter = await createPainter(stage, facts, wish), breath = createBreath();
  try {
    const source = new kit.CanvasSource(painter.canvas, { codec, bitrate, keyFrameInterval: KEYS_S });
    output.addVideoTrack(source, { frameRate: perSecond });
    await output.start();
    for (const [done, { frame, at, lasts }] of frames.entries()) {
      if (signal.aborted) throw new DOMException("", "AbortError");
      painter.paint(frame, true);
      await source.add(at, lasts);
      told(done + 1, frames.length);
      await breath.breathe();
    }
    await output.finalize();
  } catch (error) {
    await output.cancel().catch(() => {});
    if (error.name === "AbortError") throw error;
    throw new Error("The film could not be finished: the browser's encoder gave up. Try a smaller size.");
  } finally { painter.dispose(); breath.end(); }
  return { blob: new Blob([target.buffer], { type: mp4 ? "video/mp4" : "video/webm" }), ending: mp4 ? "mp4" : "webm" };
}
