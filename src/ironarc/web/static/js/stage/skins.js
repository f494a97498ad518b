// Skins, by the digest of what they are made from: brought once, whatever is edited.
import { getBuffer, keptAddress } from "../api.js";
import { unpackedSkin } from "./skin.js";

export const LIGHT = "light", FINE = "fine";
const MOST = 96; // that a page keeps: every weighing that is set makes another

// A picture that can't be read leaves the tints alone
const imageOf = (blob) => createImageBitmap(blob).catch(() => null);

export function createSkins(setup, get = getBuffer) {
  const kept = new Map(), underWay = new Map(); // by name; the one that was used last at the end

  function bring(revision, { id, figure }, level) {
    const name = `${figure.shape} ${level}`;
    if (kept.has(name)) return null;
    if (!underWay.has(name)) {
      underWay.set(name, get(keptAddress(setup, revision, `skins/${encodeURIComponent(id)}/${level}`)).then(async (buffer) => {
        const skin = unpackedSkin(buffer);
        skin.images = await Promise.all((skin.pictures ?? []).map(imageOf));
        kept.set(name, skin);
        for (const oldest of kept.keys()) { if (kept.size <= MOST) break; kept.delete(oldest); }
      }).finally(() => underWay.delete(name)));
    }
    return underWay.get(name);
  }

  return {
    // Light ones of all performers: what a first picture needs
    first: (revision, performers) => Promise.all(performers.map((performer) => bring(revision, performer, LIGHT))),
    bring,
    get(shape, level) {
      const name = `${shape} ${level}`, skin = kept.get(name) ?? null;
      if (skin) { kept.delete(name); kept.set(name, skin); }
      return skin;
    },
  };
}
