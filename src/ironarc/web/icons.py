"""Icons: Tabler outline, inlined as SVG."""

from functools import cache
from pathlib import Path

from markupsafe import Markup

_FOLDER = Path(__file__).parent / "static" / "icons"


@cache
def icon(name: str, size: int = 18) -> Markup:
    """The icon's SVG, hidden from screen readers: its button carries the words."""
    svg = (_FOLDER / f"{name}.svg").read_text()
    svg = svg[svg.index("<svg") :]
    _head, rest = svg.split(">", 1)
    return Markup(
        f'<svg class="icon" width="{size}" height="{size}" viewBox="0 0 24 24" fill="none" stroke="currentColor" '
        f'stroke-width="1.75" stroke-linecap="round" stroke-linejoin="round" aria-hidden="true">{rest}'
    )
