// How stage and trestle share the room: by a divider, or so that whole plots are seen and the stage keeps most of it.

const KEPT = "iron-arc-trestle", LEAST_STAGE = 230, COMFORT = 300, STAGE_SHARE = 0.55, LEAST_TRESTLE = 150, BAR = 34, STEP = 20;

// Height of the trestle's body: everything in it if there is room, else its lanes and as many whole plots as fit
export function bodyHeight({ room, lanes, plots, plot }) {
  const all = lanes + plots * plot;
  if (all <= room) return all;
  const whole = Math.floor((room - lanes) / plot);
  return whole >= 1 ? lanes + whole * plot : Math.max(room, LEAST_TRESTLE);
}

export function createLayout(root, state) {
  const body = document.getElementById("trestle-body"), lanes = document.getElementById("lanes");
  const plots = document.getElementById("plots"), divider = document.getElementById("divider");
  const read = () => Number(window.localStorage?.getItem(KEPT)) || null;
  let chosen = read(), from = null;

  const curvesHeight = () => document.getElementById("curves")?.getBoundingClientRect().height ?? 0;
  const headHeight = () => root.querySelector("header").offsetHeight;
  const most = () => Math.max(root.clientHeight - headHeight() - BAR - divider.offsetHeight - LEAST_STAGE, LEAST_TRESTLE);

  function lay() {
    const rows = plots.children, plot = rows[0]?.offsetHeight ?? 0, all = lanes.getBoundingClientRect().height + plots.offsetHeight + curvesHeight();
    // where poses are made the stage keeps its share, and rows beyond it scroll in the trestle
    const stage = state.get("step") === "block" ? Math.max(root.clientHeight * STAGE_SHARE, COMFORT) : COMFORT;
    const room = root.clientHeight - headHeight() - BAR - divider.offsetHeight - stage;
    // and all of that room is the trestle's, so that the view doesn't jump as rows come and go
    if (state.get("step") === "block" && chosen === null) { put(Math.max(room, LEAST_TRESTLE)); return; }
    const wanted = chosen ?? bodyHeight({ room, lanes: lanes.getBoundingClientRect().height + curvesHeight(), plots: rows.length, plot });
    const height = Math.min(Math.max(wanted, LEAST_TRESTLE), most(), Math.max(all, LEAST_TRESTLE));
    put(height);
  }

  function put(height) {
    body.style.height = `${Math.round(height)}px`;
    divider.setAttribute("aria-valuenow", String(Math.round(height)));
    divider.setAttribute("aria-valuemax", String(most()));
  }

  function choose(height) {
    chosen = height === null ? null : Math.min(Math.max(height, LEAST_TRESTLE), most());
    if (chosen === null) window.localStorage?.removeItem(KEPT);
    else window.localStorage?.setItem(KEPT, String(Math.round(chosen)));
    lay();
  }

  divider.addEventListener("pointerdown", (event) => {
    from = { y: event.clientY, height: body.offsetHeight };
    divider.setPointerCapture(event.pointerId);
    event.preventDefault();
  });
  divider.addEventListener("pointermove", (event) => { if (from) choose(from.height + from.y - event.clientY); });
  for (const end of ["pointerup", "pointercancel"]) divider.addEventListener(end, () => { from = null; });
  divider.addEventListener("dblclick", () => choose(null));
  divider.addEventListener("keydown", (event) => {
    const by = { ArrowUp: STEP, ArrowDown: -STEP }[event.key];
    if (by) choose(body.offsetHeight + by);
    else if (event.key === "Home") choose(null);
    else return;
    event.preventDefault();
    event.stopPropagation();
  });
  new ResizeObserver(lay).observe(root);
  // curves stand under the rows: they are what is looked at while their tab is open
  const toCurves = () => { if (state.get("step") === "block" && state.get("tab") === "curves") requestAnimationFrame(() => { lay(); body.scrollTop = body.scrollHeight; }); };
  state.on(["tab", "step", "curves"], toCurves);
  state.on(["data", "plots", "plotHeight", "width", "scene", "who", "block", "step", "tab", "openParts", "grips", "curves"], () => requestAnimationFrame(lay));
  lay();
}
