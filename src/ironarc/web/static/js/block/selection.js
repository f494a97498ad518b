// What is selected in Block. Keys are a set of "part|frame", where the part "" is the whole pose; parts are told by their
// grips; keys of curves are a set of "joint|channel|frame". Tools ask here what they act on, and say the same words.

export const keyName = (part, frame) => `${part}|${frame}`;

export function partAndFrame(name) {
  const at = name.lastIndexOf("|");
  return [name.slice(0, at), Number(name.slice(at + 1))];
}

// A pose that is selected has the keys of all its parts
export const isSelected = (names, part, frame) => names.includes(keyName(part, frame)) || names.includes(keyName("", frame));

// { part: [frames] }, as the server has keys
export function keysByPart(names) {
  const out = {};
  for (const [part, frame] of names.map(partAndFrame)) (out[part] ??= []).push(frame);
  return out;
}

export const framesOf = (names) => [...new Set(names.map((name) => partAndFrame(name)[1]))].sort((a, b) => a - b);

// What is gone is not selected; rows : as `rowsOf` gives them, all opened
export function stillThere(names, rows) {
  const there = new Set(rows.flatMap((row) => row.keys.map(([frame]) => keyName(row.part, frame))));
  return names.filter((name) => there.has(name));
}

// Keys that others would land on: names that stand there and are not moved away themselves
export function replacedBy(names, by, rows) {
  const there = new Set(rows.flatMap((row) => row.keys.map(([frame]) => keyName(row.part, frame))));
  return names.map((name) => { const [part, frame] = partAndFrame(name); return keyName(part, frame + by); }).filter((name) => there.has(name) && !names.includes(name));
}

export const movedBy = (names, by) => names.map((name) => { const [part, frame] = partAndFrame(name); return keyName(part, frame + by); });

// Rows of the trestle with keys moved, before the server has said so; stays : whether those that are copied stay
export function rowsMoved(rows, names, by, stays) {
  return rows.map((row) => {
    const goes = (frame) => isSelected(names, row.part, frame);
    const moved = row.keys.filter(([frame]) => goes(frame)), landed = new Set(moved.map(([frame]) => frame + by));
    if (!moved.length) return row;
    const left = row.keys.filter(([frame]) => (stays || !goes(frame)) && !landed.has(frame));
    return { ...row, keys: [...left, ...moved.map(([frame, count]) => [frame + by, count])].sort((a, b) => a[0] - b[0]) };
  });
}

// Parts of the body that grips stand for
export const partsOfGrips = (block, grips) => [...new Set(grips.map((name) => block?.grips.find((grip) => grip.name === name)?.part).filter(Boolean))];

// Names, the first few of them
export function listed(names, most = 3) {
  return names.length > most ? `${names.slice(0, most - 1).join(", ")} and ${names.length - most + 1} more` : names.join(", ");
}

const counted = (n) => `${n} ${n === 1 ? "key" : "keys"}`;

// What tools over a span of time act on: the parts of selected keys, else selected parts, else the whole pose ([])
export function partsInScope(keys, block, grips) {
  if (keys.length) {
    const parts = [...new Set(keys.map((name) => partAndFrame(name)[0]))];
    return parts.includes("") ? [] : parts;
  }
  return partsOfGrips(block, grips);
}

export function scopeWords(keys, block, grips) {
  const parts = listed(partsInScope(keys, block, grips)) || "the whole pose";
  return keys.length ? `${parts}, ${counted(keys.length)}` : parts;
}

// [[joint, channel, [frames]], …], as the server has keys of curves
export function curveKeysOf(names) {
  const out = new Map();
  for (const [joint, channel, frame] of names.map((name) => name.split("|"))) {
    const curve = `${joint}|${channel}`;
    if (!out.has(curve)) out.set(curve, [joint, channel, []]);
    out.get(curve)[2].push(Number(frame));
  }
  return [...out.values()];
}
