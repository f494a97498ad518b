// Copies what Iron Arc ships from npm packages into static/, and builds the style sheet.
// Run with `npm ci && npm run vendor` after changing package.json, a template, a script or styles/.
import { execFileSync } from "node:child_process";
import { createHash } from "node:crypto";
import { cpSync, mkdirSync, readFileSync, readdirSync, rmSync, statSync, writeFileSync } from "node:fs";
import { dirname, join, relative } from "node:path";

const STATIC = "src/ironarc/web/static";
const COPIES = {
  "uplot": [["dist/uPlot.esm.js", "vendor/uPlot.esm.js"], ["dist/uPlot.min.css", "vendor/uPlot.min.css"]],
  "htmx.org": [["dist/htmx.min.js", "vendor/htmx.min.js"]],
  "@ibm/plex-sans": ["Regular", "Medium", "SemiBold"].map((w) =>
    [`fonts/complete/woff2/IBMPlexSans-${w}.woff2`, `fonts/IBMPlexSans-${w}.woff2`]),
  "@ibm/plex-mono": ["Regular", "Medium"].map((w) =>
    [`fonts/complete/woff2/IBMPlexMono-${w}.woff2`, `fonts/IBMPlexMono-${w}.woff2`]),
  "@tabler/icons": ["arrow-back-up", "arrow-forward-up", "arrow-left", "box", "camera", "check", "chevron-left", "chevron-right",
    "clipboard", "copy", "download", "eye", "eye-off", "flag", "focus-2", "grain", "keyboard", "line", "lock", "lock-open", "man",
    "movie", "pencil", "photo", "pin", "player-pause", "player-play", "player-skip-back", "player-skip-forward", "plus",
    "repeat", "route", "ruler-measure", "trash", "upload", "x", "zoom-in", "zoom-out"]
    .map((name) => [`icons/outline/${name}.svg`, `icons/${name}.svg`]),
};
// What the tests run, beside them
const TESTED_WITH = { "gltf-validator": [["gltf_validator.dart.js", "tests/vendor/gltf_validator.dart.js"], ["index.js", "tests/vendor/gltf_validator.js"]] };
const LICENCES = { "three": "LICENSE", "uplot": "LICENSE", "esbuild": "LICENSE.md", "htmx.org": "LICENSE", "@ibm/plex-sans": "LICENSE.txt",
  "@ibm/plex-mono": "LICENSE.txt", "@tabler/icons": "LICENSE", "tailwindcss": "LICENSE", "gltf-validator": "LICENSE", "mediabunny": "LICENSE",
  "gifenc": "LICENSE.md", "fflate": "LICENSE" };
// Scripts that pages name, each built with all it imports into one file: one request, not fifty
const PAGES = ["bench", "yard", "planner-page"];
// What style sheet and scripts are built from; tests/web/test_shipped_files.py hashes the same files
const STYLE_SOURCES = ["styles", "src/ironarc/web/templates", `${STATIC}/js`];

const sha = (data) => createHash("sha256").update(data).digest("hex");

function filesBelow(folder) {
  return readdirSync(folder).sort().flatMap((name) => {
    const path = join(folder, name);
    return statSync(path).isDirectory() ? filesBelow(path) : [path];
  });
}

function copyPackages() {
  const versions = {}, files = {};
  for (const folder of ["vendor", "fonts", "icons"]) rmSync(join(STATIC, folder), { recursive: true, force: true });
  for (const [name, pairs] of Object.entries(COPIES)) {
    versions[name] = JSON.parse(readFileSync(`node_modules/${name}/package.json`)).version;
    for (const [from, to] of pairs) {
      const target = join(STATIC, to);
      mkdirSync(dirname(target), { recursive: true });
      cpSync(`node_modules/${name}/${from}`, target);
      files[to] = sha(readFileSync(target));
    }
  }
  for (const [name, pairs] of Object.entries(TESTED_WITH)) {
    versions[name] = JSON.parse(readFileSync(`node_modules/${name}/package.json`)).version;
    for (const [from, to] of pairs) {
      mkdirSync(dirname(to), { recursive: true });
      cpSync(`node_modules/${name}/${from}`, to);
    }
  }
  return { versions, files };
}

// A package trimmed to what scripts/<name>_parts.js names, and minified: a quarter of what it is whole
function bundleParts(name) {
  const target = `vendor/${name}.js`;
  execFileSync("node_modules/.bin/esbuild", [`scripts/${name}_parts.js`, "--bundle", "--minify", "--format=esm",
    "--legal-comments=inline", "--log-level=warning", `--outfile=${join(STATIC, target)}`], { stdio: "inherit" });
  return [target, sha(readFileSync(join(STATIC, target)))];
}

function copyLicences() {
  mkdirSync("LICENSES", { recursive: true });
  for (const [name, file] of Object.entries(LICENCES)) {
    cpSync(`node_modules/${name}/${file}`, `LICENSES/${name.replace("@", "").replace("/", "-")}.txt`);
  }
}

function buildScripts() {
  rmSync(join(STATIC, "built"), { recursive: true, force: true });
  execFileSync("node_modules/.bin/esbuild", [...PAGES.map((page) => join(STATIC, "js", `${page}.js`)), "--bundle",
    "--minify", "--format=esm", "--target=es2022", "--log-level=warning", `--outdir=${join(STATIC, "built")}`],
  { stdio: "inherit" });
  return Object.fromEntries(PAGES.map((page) => [`built/${page}.js`, sha(readFileSync(join(STATIC, "built", `${page}.js`)))]));
}

function buildStyles() {
  execFileSync("node_modules/.bin/tailwindcss", ["-i", "styles/app.css", "-o", `${STATIC}/css/app.css`, "--minify"],
    { stdio: ["ignore", "ignore", "inherit"] });
  const hash = createHash("sha256");
  for (const path of STYLE_SOURCES.flatMap(filesBelow)) hash.update(`${relative(".", path)}\0`).update(readFileSync(path));
  return { sources: hash.digest("hex"), built: sha(readFileSync(`${STATIC}/css/app.css`)) };
}

const { versions, files } = copyPackages();
for (const [name, from] of [["three", "three"], ["film", "mediabunny"]]) {
  const [bundle, bundled] = bundleParts(name);
  versions[from] = JSON.parse(readFileSync(`node_modules/${from}/package.json`)).version;
  files[bundle] = bundled;
}
Object.assign(files, buildScripts());
versions.esbuild = JSON.parse(readFileSync("node_modules/esbuild/package.json")).version;
versions.tailwindcss = JSON.parse(readFileSync("node_modules/tailwindcss/package.json")).version;
copyLicences();
writeFileSync(join(STATIC, "shipped.json"), JSON.stringify({ packages: versions, files, styles: buildStyles() }, null, 2) + "\n");
