// The planner: its form and its answer, on a page of its own and in the bench's drawer.

// Fields left open show what was worked out; worlds fill in gravity; tables can be copied
export function tendPlanner(root) {
  const field = (name) => root.querySelector(`#plan-form [name="${name}"]`);

  function fill() {
    const solved = JSON.parse(root.querySelector("#plan")?.dataset.solved ?? "{}");
    for (const input of root.querySelectorAll("#plan-form input")) input.placeholder = solved[input.name] ?? "";
    const world = root.querySelector("#plan-world");
    if (world) world.value = [...world.options].find((o) => o.value && Number(o.value) === Number(field("g").value))?.value ?? "";
  }

  root.addEventListener("htmx:afterSwap", fill);
  root.addEventListener("change", (event) => {
    if (event.target.id === "plan-world" && event.target.value) field("g").value = event.target.value;
    // bounces fall under the same gravity, at the same rate
    if (["g", "fps"].includes(event.target.name) || event.target.id === "plan-world") window.htmx.trigger(root.querySelector("#bounce-form"), "change");
  });
  root.addEventListener("submit", (event) => { if (event.target.id === "plan-form" || event.target.id === "bounce-form") event.preventDefault(); });
  root.addEventListener("click", async (event) => {
    if (event.target.closest("#plan-clear")) {
      for (const input of root.querySelectorAll("#plan-form input")) if (!["g", "fps"].includes(input.name)) input.value = "";
      window.htmx.trigger(root.querySelector("#plan-form"), "change");
      field("rise_cm").focus();
    }
    const copy = event.target.closest("[data-copy]");
    if (copy) {
      const rows = [...root.querySelectorAll(`#${copy.dataset.copy} tr`)].map((row) => [...row.children].map((cell) => cell.textContent.trim()).join("\t"));
      await navigator.clipboard.writeText(rows.join("\n"));
      copy.lastChild.textContent = " Copied";
    }
  });
  fill();
  return { fill };
}

// The form's numbers as a command has them; an open field is left out
export function planOf(root) {
  const plan = {};
  for (const { name, value } of root.querySelectorAll("#plan-form input")) {
    const text = value.trim().replace(",", ".");
    if (name === "fps") plan.fps = text || "24";
    else if (text !== "") plan[name] = Number(text);
    else if (name === "g") plan.g = null;
  }
  return plan;
}

export function createPlannerDrawer(state, setup, actions) {
  const drawer = document.getElementById("planner-drawer"), body = document.getElementById("planner-body");
  const { fill } = tendPlanner(drawer);
  let loaded = false, before = null;

  async function open() {
    before = document.activeElement;
    drawer.classList.remove("hidden");
    // what was planned stays; the shot's rate and gravity are where it begins
    if (!loaded) await window.htmx.ajax("GET", `/planner/drawer?${new URLSearchParams({ fps: setup.rate, g: String(setup.g) })}`, { target: body, swap: "innerHTML" });
    loaded = true;
    fill();
    drawer.querySelector("#plan-form input")?.focus();
  }

  function close() {
    if (drawer.classList.contains("hidden")) return false;
    drawer.classList.add("hidden");
    before?.focus?.();
    return true;
  }

  document.getElementById("planner-close").addEventListener("click", close);
  drawer.addEventListener("keydown", (event) => { if (event.key === "Escape") { event.stopPropagation(); close(); } });
  drawer.addEventListener("click", (event) => {
    if (!event.target.closest("#plan-put")) return;
    close();
    actions.add({ kind: "plan_guide", plan: planOf(drawer), frame: state.get("frame"), performer: state.get("who") }, { stay: state.get("step") === "block" })
      .then((made) => { if (made && state.get("standing").undo_says.includes("past the shot's end")) actions.say(`${state.get("standing").undo_says.replace("Add ", "")}. Make the range longer in Set to see all of it.`); });
  });
  return { open, close, toggle: () => (drawer.classList.contains("hidden") ? open() : close()) };
}
