// What was typed and chosen in a panel outlives a panel that is drawn anew: choices of a form stay for its next use, and
// after a refusal all that was typed stands there still, with the field at fault marked.

const FIELDS = "input:not([type=file]), select, textarea";
// Fields that offer the span at hand again once they have been used
const OFFERED = new Set(["start", "end", "to", "about", "a", "b", "ball", "toe", "x", "y", "z"]);

const isBox = (field) => field.type === "checkbox" || field.type === "radio";

// A field by its own name, or by its form's and its own
function nameOf(field) {
  if (field.id) return `#${field.id}`;
  const form = field.closest("[data-form]");
  return form && field.name ? `${form.dataset.form} ${field.name}` : null;
}

// All fields of a panel as they stand
export function takeDown(panel) {
  return [...panel.querySelectorAll(FIELDS)].map((field) => ({
    name: nameOf(field), value: field.value, checked: field.checked, typed: "typed" in field.dataset,
  }));
}

// Puts into a panel drawn anew what is not to be lost. refused : whether the last thing asked for was refused; fault : the
// place, among all fields, of the one that asked
export function bring(panel, were, { refused = false, fault = -1 } = {}) {
  const fields = [...panel.querySelectorAll(FIELDS)], same = fields.length === were.length;
  const named = new Map(were.filter((was) => was.name).map((was) => [was.name, was]));
  fields.forEach((field, place) => {
    const name = nameOf(field), was = name ? named.get(name) : same ? were[place] : null;
    if (!was || !(refused ? same || name : was.typed)) return;
    if (isBox(field)) field.checked = was.checked;
    else if (field.tagName !== "SELECT" || [...field.options].some((option) => option.value === was.value)) field.value = was.value;
    if (was.typed) field.dataset.typed = "";
  });
  if (refused && same && fields[fault]) markFault(fields[fault]);
}

export function markFault(field) {
  field.setAttribute("aria-invalid", "true");
  field.addEventListener("input", () => field.removeAttribute("aria-invalid"), { once: true });
}

export const placeOf = (panel, field) => [...panel.querySelectorAll(FIELDS)].indexOf(field);

// A form that was used keeps its choices, and offers the span at hand anew
export function used(form) {
  for (const field of form.querySelectorAll("[data-typed]")) if (OFFERED.has(field.name)) delete field.dataset.typed;
}
