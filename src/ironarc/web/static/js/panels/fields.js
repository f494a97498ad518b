// Numbers typed into fields: what they are, or a sentence that says they are none.

import { markFault } from "./memory.js";

export function createFields(say) {
  function number(field, word = field.closest("label")?.querySelector("span")?.textContent ?? "This") {
    const text = field.value.trim().replace(",", ".");
    const value = text === "" ? NaN : Number(text);
    if (!Number.isFinite(value)) { say(`${word} must be a number; “${field.value.slice(0, 20)}” was given.`); markFault(field); field.focus(); field.select(); }
    return value;
  }
  function whole(field, word) {
    const value = number(field, word);
    if (Number.isFinite(value) && !Number.isInteger(value)) { say("Frames are whole numbers here."); markFault(field); field.focus(); return NaN; }
    return value;
  }
  return { number, whole, all: (...values) => values.every(Number.isFinite) };
}
