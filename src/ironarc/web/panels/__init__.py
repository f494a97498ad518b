"""The panel of each step: one module a step, whose `context` finds out what its template shows, and no more."""

from collections.abc import Callable

from flask import render_template

from ironarc.web.panels import block, read, set_up, show, strike, true, weigh
from ironarc.web.panels.look import Look, look_at

Context = Callable[[Look], dict]
STEPS: dict[str, tuple[str, Context]] = {
    "set": ("Set", set_up.context), "weigh": ("Weigh", weigh.context), "block": ("Block", block.context),
    "read": ("Read", read.context), "true": ("True", true.context),
    "strike": ("Strike", strike.context), "show": ("Show", show.context),
}  # fmt: skip


def panel_html(session, shot_id: int, revision: int, step: str) -> str:
    """The panel of a step as the address asks for it."""
    look = look_at(session, shot_id, revision, step)
    _, context = STEPS[step]
    return render_template(
        f"panels/{step}.html", shot=look.shot, shot_id=shot_id, revision=revision, before=look.before,
        reading=look.seen.reading, performer=look.seen.performer, **context(look),
    )  # fmt: skip


__all__ = ["STEPS", "Look", "panel_html"]
