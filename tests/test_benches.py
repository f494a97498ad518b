"""Every benchmark runs, at a tiny size: one that does not is a defect, and so is a figure nobody can make again."""

import re
import sys
from importlib import import_module
from pathlib import Path

import pytest

import bench

FOLDER = Path(bench.__file__).parent
DOCS = FOLDER.parent / "docs"
NAMES = [path.stem for path in sorted(FOLDER.glob("*.py")) if "__main__" in path.read_text()]
ELSEWHERE = {"crash": "test_launch.py", "fuzz": "test_fuzz.py"}  # they go on for as long as they are told to


@pytest.mark.parametrize("name", [name for name in NAMES if name not in ELSEWHERE])
def test_a_bench_runs_at_its_tiny_size_and_says_something(name, monkeypatch, capsys):
    for loaded in [module for module in sys.modules if module.startswith("bench.")]:
        monkeypatch.delitem(sys.modules, loaded)  # sizes are read at import
    monkeypatch.setenv(bench.TINY_SETTING, "1")
    monkeypatch.setattr("sys.argv", [name])
    assert not import_module(f"bench.{name}").main()
    assert re.search(r"\d", capsys.readouterr().out)


def test_the_others_run_in_tests_of_their_own():
    for name, path in ELSEWHERE.items():
        assert f"from bench.{name} import {name}" in (Path(__file__).parent / path).read_text()


def test_the_docs_quote_benches_that_are_there():
    quoted = {name for path in DOCS.glob("*.md") for name in re.findall(r"bench[./](\w+)", path.read_text())}
    assert quoted - {"py"} <= set(NAMES) | {"exact", "spoiled"}
    assert set(NAMES) <= quoted
