// What a correction would change, number by number: as it stands beside as it would be.

// Implied gravity as a share of the shot's, with its error where that is known
function share({ implied_g: found, implied_g_se: error }, g) {
  const percent = (v) => Math.round((v / g) * 100);
  return `${percent(found)}${Number.isFinite(error) && percent(error) ? ` ± ${percent(error)}` : ""} %`;
}

const cm = (m) => `${Math.round(m * 100)} cm`;

// Rows of [what, as it stands, tried] for the flight a correction concerns, and for the whole; `g` of the shot
export function compare(was, now, frame, g) {
  const at = (data) => data.flights.find((f) => f.take_off <= frame && frame <= f.landing);
  const a = at(was), b = at(now), rows = [];
  if (a && b) {
    rows.push(["Hang", `${a.hang_frames} f`, `${b.hang_frames} f`]);
    rows.push(["Rise", cm(a.rise_m), cm(b.rise_m)], ["Drop", cm(a.drop_m), cm(b.drop_m)]);
    rows.push(["Gravity, as it plays", share(a, g), share(b, g)]);
    rows.push(["Off the arc", `${(a.arc_max_m * 100).toFixed(1)} cm`, `${(b.arc_max_m * 100).toFixed(1)} cm`]);
    rows.push(["Spin, turns/s", Math.abs(a.spin.turns_per_s).toFixed(2), Math.abs(b.spin.turns_per_s).toFixed(2)]);
  }
  rows.push(["Findings", String(was.findings.length), String(now.findings.length)]);
  rows.push(["Verdict", was.grade, now.grade]);
  return rows;
}

export function createTrying(root, state, setup) {
  const box = document.getElementById("trying"), table = document.getElementById("trying-numbers");
  const cell = (tag, words, className) => Object.assign(document.createElement(tag), { textContent: words, className });

  function row([what, was, now]) {
    const line = document.createElement("tr");
    line.className = "border-t border-rule";
    line.append(cell("th", what, "py-0.5 text-left font-sans font-normal text-quiet"), cell("td", was, "text-right"),
      cell("td", now, `text-right ${now === was ? "" : "font-medium text-steel"}`));
    return line;
  }

  state.on(["trying", "data"], () => {
    const trying = state.get("trying"), held = state.get("held")?.data;
    const ready = Boolean(trying && held && state.get("variant") === trying.variant);
    box.classList.toggle("hidden", !ready);
    root.classList.toggle("is-trying", ready);
    if (!ready) { table.replaceChildren(); return; }
    document.getElementById("trying-name").textContent = `Trying: ${trying.label}`;
    document.getElementById("trying-cost").textContent = state.get("data").cost;
    const head = document.createElement("tr");
    head.append(cell("th", "", ""), cell("th", "as it stands", "text-right font-sans font-normal text-quiet"), cell("th", "tried", "text-right font-sans font-normal text-quiet"));
    const frame = trying.options.frame ?? state.get("frame");
    table.replaceChildren(head, ...compare(held, state.get("data"), frame, setup.g).map(row));
  });
}
