// A name is changed where it stands: its button becomes a field; Enter keeps it, Esc puts it back.

export function nameInPlace(button, { name, keep }) {
  if (button.hidden) return;
  const field = document.createElement("input");
  Object.assign(field, { value: name, maxLength: 60, className: "field w-full min-w-0 font-semibold" });
  field.setAttribute("aria-label", "Name");
  field.dataset.naming = "";
  let open = true;
  function close(kept) {
    if (!open) return;
    open = false;
    field.remove();
    button.hidden = false;
    button.dispatchEvent(new Event("named", { bubbles: true }));
    const typed = field.value.trim();
    if (kept && typed && typed !== name) keep(typed);
  }
  field.addEventListener("keydown", (event) => {
    if (event.key === "Enter") close(true);
    if (event.key === "Escape") { event.stopPropagation(); close(false); }
  });
  field.addEventListener("blur", () => close(true));
  button.hidden = true;
  button.after(field);
  field.focus();
  field.select();
}
