"""Writes the table of settings into docs/physics.md, from the one place each stands in:

python -m scripts.physics_tables
"""

import re
from pathlib import Path

from ironarc.core.settings import SETTINGS

PHYSICS = Path(__file__).parent.parent / "docs" / "physics.md"


def settings_table() -> str:
    rows = [f"| `{name}` | {s.value:g} | {s.unit} | {s.reason} |" for name, s in SETTINGS.items()]
    return "\n".join(["| setting | value | unit | what it says |", "| --- | --- | --- | --- |", *rows])


def written(text: str) -> str:
    """The page with its table of settings made anew."""
    return re.sub(r"\| setting \| value \|.*?(?=\n\n|\n?\Z)", lambda _: settings_table(), text, flags=re.S)


if __name__ == "__main__":
    PHYSICS.write_text(written(PHYSICS.read_text()))
