"""The Block panel: parts of the body, and what a height can be taken from."""

from ironarc.core.figure.grips import parts_of_body
from ironarc.web.panels.look import Look


def context(look: Look) -> dict:
    return {"parts": parts_of_body(look.seen.reading.body), "sources": [*look.shot.props, *look.shot.guides]}
