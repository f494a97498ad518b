// What is drawn frame by frame comes in blocks of frames that are known by their content: what is here already is not
// brought again, so that an edit brings what it changed and undo brings nothing.
import { getBuffer, keptAddress } from "./api.js";

export const FRAMES = 256; // of a block
const NAME = 24, HEAD = 4 + NAME, MOST_BYTES = 96 * 2 ** 20;

// The blocks in an answer: each its length in bytes, its name, and itself. [[name, Float32Array], …]
export function unpacked(buffer) {
  const view = new DataView(buffer), words = new TextDecoder(), out = [];
  for (let at = 0; at < buffer.byteLength;) {
    const length = view.getUint32(at, true), from = at + HEAD;
    out.push([words.decode(new Uint8Array(buffer, at + 4, NAME)), new Float32Array(buffer.slice(from, from + length))]);
    at = from + length;
  }
  return out;
}

// One array of all blocks, one after the other
export function joined(blocks) {
  const out = new Float32Array(blocks.reduce((sum, block) => sum + block.length, 0));
  let at = 0;
  for (const block of blocks) { out.set(block, at); at += block.length; }
  return out;
}

export function createBlocks(setup, get = getBuffer) {
  const kept = new Map(); // by name, the one used last at the end
  let bytes = 0;

  function keep(name, block) {
    if (kept.has(name)) return;
    kept.set(name, block);
    bytes += block.byteLength;
  }

  function forget(used) {
    for (const [name, block] of kept) {
      if (bytes <= MOST_BYTES) return;
      if (used.has(name)) continue;
      kept.delete(name);
      bytes -= block.byteLength;
    }
  }

  const request = (revision, wants, signal) => get(keptAddress(setup, revision, "blocks.f32", wants.map((want) => ["want", want])), signal);

  return {
    // Blocks that came along with something else, as text of bytes
    take(text) {
      const letters = atob(text), sent = new Uint8Array(letters.length);
      for (let i = 0; i < letters.length; i += 1) sent[i] = letters.charCodeAt(i);
      for (const [name, block] of unpacked(sent.buffer)) keep(name, block);
    },
    // Everything of a first picture, before anything is known of it
    async first(revision, wants, signal) {
      if (kept.size) return;
      for (const [name, block] of unpacked(await request(revision, wants.map(({ kind, who, as }) => `${kind}|${who}|${as}|`), signal))) keep(name, block);
    },
    // The blocks of each of `wants` ({ kind, who, as, names }), in order; what is missing comes in one request
    async bring(revision, wants, signal) {
      const missing = wants.map(({ kind, who, as, names }) => {
        const numbers = names.flatMap((name, i) => (kept.has(name) ? [] : [i]));
        return numbers.length ? [`${kind}|${who}|${as}|${numbers.length < names.length ? numbers.join() : ""}`] : [];
      }).flat();
      if (missing.length) for (const [name, block] of unpacked(await request(revision, missing, signal))) keep(name, block);
      const used = new Set(wants.flatMap(({ names }) => names));
      for (const name of used) { const block = kept.get(name); kept.delete(name); kept.set(name, block); }
      const found = wants.map(({ names }) => names.map((name) => kept.get(name)));
      forget(used);
      return found;
    },
    get bytes() { return bytes; },
  };
}
