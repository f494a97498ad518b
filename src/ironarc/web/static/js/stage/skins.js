// Skins of mannequins, by the digest of the body they are made from: brought once, whatever is edited.
import { getBuffer, keptAddress } from "../api.js";
import { unpackedSkin } from "./skin.js";

export const LIGHT = "light", FINE = "fine";

export function createSkins(setup, get = getBuffer) {
  const kept = new Map(), underWay = new Map();

  function bring(revision, { id, figure }, level) {
    const name = `${figure.shape} ${level}`;
    if (kept.has(name)) return null;
    if (!underWay.has(name)) {
      underWay.set(name, get(keptAddress(setup, revision, `skins/${encodeURIComponent(id)}/${level}`)).then((buffer) => {
        kept.set(name, unpackedSkin(buffer));
      }).finally(() => underWay.delete(name)));
    }
    return underWay.get(name);
  }

  return {
    // Light ones of all performers: what a first picture needs
    first: (revision, performers) => Promise.all(performers.map((performer) => bring(revision, performer, LIGHT))),
    bring,
    get: (shape, level) => kept.get(`${shape} ${level}`) ?? null,
  };
}
