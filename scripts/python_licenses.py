"""Lists the Python packages that ./start installs, with their licences: python -m scripts.python_licenses.

Written to LICENSES/python-packages.md from what the packages say of themselves; their own texts lie beside them where
they are installed.
"""

import re
import sys
from importlib.metadata import PackageNotFoundError, metadata
from pathlib import Path

ROOT = Path(__file__).parents[1]
LOCK, LIST = ROOT / "requirements.lock", ROOT / "LICENSES" / "python-packages.md"
LONGEST = 80  # letters of a licence's name; some packages put the whole text there
HEAD = """# Python packages that are installed with Iron Arc

Made by `python -m scripts.python_licenses` from `requirements.lock`.

| package | version | licence |
| --- | --- | --- |
"""


def pinned() -> list[tuple[str, str]]:
    """(name, version) of every package in the lock file."""
    return re.findall(r"^([A-Za-z0-9_.-]+)==([^\s;]+)", LOCK.read_text(), re.MULTILINE)


def licence_of(name: str) -> str:
    """What a package says its licence is: an expression, a short name, or its classifiers'."""
    said = metadata(name)
    for field in ("License-Expression", "License"):
        text = (said.get(field) or "").strip()
        if text and len(text) <= LONGEST and "\n" not in text:
            return text
    classes = [c.rsplit(" :: ", 1)[-1] for c in said.get_all("Classifier", []) if c.startswith("License ::")]
    return ", ".join(classes) or "see its files"


def table() -> str:
    """The list as Markdown."""
    return HEAD + "".join(f"| {name} | {version} | {licence_of(name)} |\n" for name, version in pinned())


def main() -> int:
    try:
        LIST.write_text(table())
    except PackageNotFoundError as error:
        print(f"{error.name} is not installed: run ./start once, then this again.", file=sys.stderr)
        return 1
    print(f"{len(pinned())} packages are listed in {LIST.relative_to(ROOT)}.")
    return 0


if __name__ == "__main__":
    sys.exit(main())
