"""What people forget: who may import whom, and what the docs must list."""

import ast
import re
import subprocess
import sys
from pathlib import Path

import ironarc
from ironarc.core.edits import EDITS
from ironarc.core.judging.grades import GRADES
from ironarc.core.settings import SETTINGS

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
            assert name.split(".")[0] in ALLOWED_IN_CORE, (path, name)
            if name.startswith("ironarc"):
                assert name.startswith("ironarc.core"), (path, name)


def test_the_store_knows_only_the_core():
    for path in (SOURCE / "store").rglob("*.py"):
        for name in imports(path):
            assert not name.startswith(("ironarc.web", "ironarc.cli", "ironarc.demo", "flask")), (path, name)


def test_the_core_can_be_used_without_the_web_or_the_store():
    code = "import sys, ironarc.cli; print([m for m in ('flask', 'sqlalchemy') if m in sys.modules])"
    assert subprocess.check_output([sys.executable, "-c", code], text=True).strip() == "[]"


def test_the_docs_list_every_grade_setting_and_edit():
    physics = (DOCS / "physics.md").read_text()
    for name, grade in GRADES.items():
        assert re.search(rf"\| `{name}` \| {grade.strained:g} \| {grade.cracked:g} \|", physics), name
    for name, setting in SETTINGS.items():
        assert re.search(rf"\| `{name}` \| {setting.value:g} \|", physics), name
    architecture = (DOCS / "architecture.md").read_text()
    for kind in EDITS:
        assert f"`{kind}`" in architecture, kind


def test_every_public_function_of_the_core_has_a_docstring():
    for path in (SOURCE / "core").rglob("*.py"):
        tree = ast.parse(path.read_text())
        assert ast.get_docstring(tree), path
        for node in tree.body:
            if isinstance(node, ast.FunctionDef | ast.ClassDef) and not node.name.startswith("_"):
                short = isinstance(node, ast.FunctionDef) and len(node.body) <= 4
                assert ast.get_docstring(node) or short, (path, node.name)
