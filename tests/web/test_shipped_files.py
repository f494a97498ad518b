"""What ships in static/ is what package.json, the lock file and the templates say."""

import hashlib
import json
import re
from pathlib import Path

import ironarc.web
from scripts import python_licenses

ROOT = Path(__file__).resolve().parents[2]
STATIC = Path(ironarc.web.__file__).parent / "static"
TEMPLATES = STATIC.parent / "templates"
SHIPPED = json.loads((STATIC / "shipped.json").read_text())
STYLE_SOURCES = ("styles", "src/ironarc/web/templates", "src/ironarc/web/static/js")


def sha(data: bytes) -> str:
    return hashlib.sha256(data).hexdigest()


def test_shipped_versions_are_those_of_package_json_and_its_lock():
    wanted = json.loads((ROOT / "package.json").read_text())["devDependencies"]
    locked = json.loads((ROOT / "package-lock.json").read_text())["packages"]
    for name, version in SHIPPED["packages"].items():
        assert wanted[name] == version
        assert locked[f"node_modules/{name}"]["version"] == version


def test_shipped_files_are_untouched_and_complete():
    for path, digest in SHIPPED["files"].items():
        assert sha((STATIC / path).read_bytes()) == digest, f"{path} was changed: run npm run vendor"
    folders = [STATIC / name for name in ("vendor", "fonts", "icons", "built")]
    there = {str(p.relative_to(STATIC)) for folder in folders for p in folder.rglob("*") if p.is_file()}
    assert there == set(SHIPPED["files"])


def test_the_style_sheet_was_built_from_these_templates_and_scripts():
    digest = hashlib.sha256()
    for source in STYLE_SOURCES:
        for path in files_in_order(ROOT / source):
            digest.update(f"{path.relative_to(ROOT)}\0".encode() + path.read_bytes())
    assert digest.hexdigest() == SHIPPED["styles"]["sources"], "run npm ci && npm run vendor"
    assert sha((STATIC / "css/app.css").read_bytes()) == SHIPPED["styles"]["built"]


def files_in_order(folder: Path):
    for path in sorted(folder.iterdir(), key=lambda p: p.name):
        if path.is_dir():
            yield from files_in_order(path)
        else:
            yield path


def test_every_package_ships_its_licence():
    for name in SHIPPED["packages"]:
        text = (ROOT / "LICENSES" / f"{name.replace('@', '').replace('/', '-')}.txt").read_text()
        assert "copyright" in text.lower() or "permission" in text.lower()


def test_every_python_package_is_pinned_with_the_hashes_of_its_files():
    for name in ("requirements.lock", "requirements-test.lock"):
        blocks = re.split(r"\n(?=[A-Za-z0-9])", (ROOT / name).read_text())
        packages = [block for block in blocks if "==" in block]
        assert len(packages) > 20
        assert [block for block in packages if "--hash=sha256:" not in block] == []


def test_the_list_of_python_licences_is_that_of_the_lock_file():
    assert python_licenses.LIST.read_text() == python_licenses.table()
    assert len(python_licenses.pinned()) > 30


def test_every_icon_and_static_file_a_template_names_exists():
    for template in TEMPLATES.rglob("*.html"):
        text = template.read_text()
        for name in re.findall(r'icon\("([\w-]+)"', text):
            assert (STATIC / "icons" / f"{name}.svg").exists(), name
        for name in re.findall(r"(?:filename=|shipped\()'([^']+)'", text):
            assert (STATIC / name).exists(), name


def test_what_the_stage_takes_from_three_is_in_its_bundle():
    parts = (ROOT / "scripts/three_parts.js").read_text()
    used = {name for path in (STATIC / "js").rglob("*.js") for name in re.findall(r"\bTHREE\.(\w+)", path.read_text())}
    assert {name for name in used if not re.search(rf"\b{name}\b", parts)} == set()


def test_shipped_files_are_kept_for_ever_by_what_is_in_them(client):
    page = client.get("/").text
    address = re.search(r'href="(/static/css/app\.css\?v=\w{12})"', page)[1]
    for asked, said in ((address, "max-age=31536000"), ("/static/css/app.css", "no-cache")):
        with client.get(asked) as answer:
            assert said in answer.headers["Cache-Control"]


def test_nothing_is_fetched_from_elsewhere():
    ours = [*TEMPLATES.rglob("*.html"), *(STATIC / "js").rglob("*.js"), STATIC / "css/app.css"]
    for path in ours:
        far = re.findall(r"https?://(?!www\.w3\.org)[\w.]+", path.read_text())
        assert not [f for f in far if "tailwindcss.com" not in f], path
