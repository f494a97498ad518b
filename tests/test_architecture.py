"""What people forget: who may import whom, and what the docs must list."""

import ast
import re
import subprocess
import sys
from pathlib import Path

import ironarc
from ironarc.core.edits import EDITS
from ironarc.core.judging.grades import GRADES
from ironarc.core.motion.evaluate import Stage
from ironarc.core.settings import SETTINGS
from ironarc.core.truing import CORRECTIONS
from ironarc.web.commands import COMMANDS
from scripts.physics_tables import written

SOURCE = Path(ironarc.__file__).parent
DOCS = SOURCE.parents[1] / "docs"
ALLOWED_IN_CORE = {"numpy", "scipy", "ironarc"} | set(sys.stdlib_module_names)


def imports(path: Path) -> set[str]:
    found = set()
    for node in ast.walk(ast.parse(path.read_text())):
        if isinstance(node, ast.Import):
            found |= {alias.name for alias in node.names}
        elif isinstance(node, ast.ImportFrom):
            found.add(node.module)
    return found


def test_the_core_knows_nobody():
    for path in (SOURCE / "core").rglob("*.py"):
        for name in imports(path):
            engine = name == "mujoco" and path.parent.name == "passive"
            # the one extra, in a process of its own
            usd = name.split(".")[0] == "pxr" and path.name == "usd_apart.py"
            assert engine or usd or name.split(".")[0] in ALLOWED_IN_CORE, (path, name)
            if name.startswith("ironarc"):
                assert name.startswith("ironarc.core"), (path, name)


# Each wing stands only on those in the lines above its own
WINGS = (
    {"by_identity", "rotation", "rows", "settings", "whole_numbers"}, {"shared", "errors"}, {"effort"}, {"columns"},
    {"figure", "keying"},
    {"skin"}, {"mannequin"}, {"scene", "formats", "solve"}, {"motion"}, {"document"}, {"reading"},
    {"posing", "passive"},
    {"judging", "exchange"}, {"edits"}, {"planning", "truing"},
)  # fmt: skip


def wings_imported(path: Path) -> set[str]:
    found = set()
    for node in ast.walk(ast.parse(path.read_text())):
        names = []
        if isinstance(node, ast.Import):
            names = [alias.name for alias in node.names]
        elif isinstance(node, ast.ImportFrom):
            assert node.level == 0, path
            names = [node.module] + [f"{node.module}.{a.name}" for a in node.names if node.module == "ironarc.core"]
        found |= {name.split(".")[2] for name in names if name.startswith("ironarc.core.")}
    return found


def test_no_import_of_the_core_runs_back_up():
    level = {wing: i for i, line in enumerate(WINGS) for wing in line}
    core = SOURCE / "core"
    assert {p.stem for p in core.glob("*.py")} - {"__init__"} | {p.name for p in core.iterdir() if p.is_dir()} - {
        "__pycache__"
    } == set(level)
    for path in core.rglob("*.py"):
        own = path.relative_to(core).parts[0].removesuffix(".py")
        for wing in wings_imported(path) - {own}:
            assert level[wing] < level[own], f"{path.relative_to(core)} imports {wing}, which is not below {own}"


def test_the_web_makes_no_sums_of_its_own():
    """Domain sums stand in the core: what the web may take of NumPy is for its pictures and its plain data."""
    drawn = {
        "bench_data.py",
        "block_data.py",
        "packed.py",
        "skins.py",
        "physics_data.py",
        "picture.py",
        "sheet_picture.py",
        "planning.py",
        "scene_data.py",
        "variants.py",
    }
    for path in (SOURCE / "web").glob("*.py"):
        if path.name not in drawn:
            assert "numpy" not in imports(path), path


def test_the_store_knows_only_the_core():
    for path in (SOURCE / "store").rglob("*.py"):
        for name in imports(path):
            assert not name.startswith(("ironarc.web", "ironarc.cli", "ironarc.demo", "flask")), (path, name)


def test_the_core_can_be_used_without_the_web_or_the_store():
    code = "import sys, ironarc.cli; print([m for m in ('flask', 'sqlalchemy') if m in sys.modules])"
    assert subprocess.check_output([sys.executable, "-c", code], text=True).strip() == "[]"


def test_the_docs_list_every_grade_setting_edit_command_and_correction():
    physics = (DOCS / "physics.md").read_text()
    for name, grade in GRADES.items():
        assert re.search(rf"\| `{name}` \| {grade.strained:g} \| {grade.cracked:g} \|", physics), name
    assert physics == written(physics), "run python -m scripts.physics_tables"
    assert all(setting.unit and setting.reason for setting in SETTINGS.values())
    architecture = (DOCS / "architecture.md").read_text()
    for kind in (*EDITS, *COMMANDS, *CORRECTIONS, *(stage.name.lower() for stage in Stage)):
        assert f"`{kind}`" in architecture, kind


def test_every_public_function_of_the_core_has_a_docstring():
    for path in (SOURCE / "core").rglob("*.py"):
        tree = ast.parse(path.read_text())
        assert ast.get_docstring(tree), path
        for node in tree.body:
            if isinstance(node, ast.FunctionDef | ast.ClassDef) and not node.name.startswith("_"):
                short = isinstance(node, ast.FunctionDef) and len(node.body) <= 4
                assert ast.get_docstring(node) or short, (path, node.name)


def test_every_promise_names_a_test_that_is_there():
    named = re.findall(r"`(tests/[\w/]+\.py)::(\w+)`", (DOCS / "promises.md").read_text())
    lines = [line for line in (DOCS / "promises.md").read_text().splitlines() if line.startswith("| ")]
    assert len(named) == len([line for line in lines if "Held by" not in line])
    for path, name in named:
        assert f"def {name}(" in (DOCS.parent / path).read_text(), f"{path}::{name}"
