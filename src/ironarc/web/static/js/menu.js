// A short menu of what can be done with what is under the mouse.

const EDGE_PX = 6;

export function createMenu() {
  const list = document.createElement("div");
  list.className = "menu hidden";
  list.setAttribute("role", "menu");
  document.body.append(list);
  let before = null;

  function close() {
    if (list.classList.contains("hidden")) return false;
    list.classList.add("hidden");
    before?.focus?.({ preventScroll: true });
    return true;
  }

  // entries : [[words, what it does, the key that does it too], …]
  function open(event, entries) {
    before = document.activeElement;
    list.replaceChildren(...entries.map(([words, run, key]) => {
      const button = document.createElement("button");
      button.setAttribute("role", "menuitem");
      button.append(words);
      if (key) { const hint = document.createElement("kbd"); hint.textContent = key; button.append(hint); }
      button.addEventListener("click", () => { close(); run(); });
      return button;
    }));
    list.classList.remove("hidden");
    const { width, height } = list.getBoundingClientRect();
    list.style.left = `${Math.min(event.clientX, window.innerWidth - width - EDGE_PX)}px`;
    list.style.top = `${Math.min(event.clientY, window.innerHeight - height - EDGE_PX)}px`;
    list.firstChild.focus({ preventScroll: true });
  }

  document.addEventListener("pointerdown", (event) => { if (!list.contains(event.target)) close(); }, true);
  list.addEventListener("keydown", (event) => {
    const by = { ArrowDown: 1, ArrowUp: -1 }[event.key];
    if (by) { const all = [...list.children]; all[(all.indexOf(document.activeElement) + by + all.length) % all.length].focus(); }
    if (event.key === "Escape" || event.key === "Tab") close();
    event.stopPropagation();
    if (by || event.key === "Escape" || event.key === "Tab") event.preventDefault();
  });
  window.addEventListener("blur", close);
  return { open, close };
}
