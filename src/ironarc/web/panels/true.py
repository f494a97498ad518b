"""The True panel: findings still open, spans that can be solved, what is to hold, and corrections taken."""

from dataclasses import dataclass

from flask import request

from ironarc.core import truing
from ironarc.core.document import Performer, Shot
from ironarc.core.document.content import is_stale
from ironarc.core.errors import EditError
from ironarc.core.figure.grips import parts_of_body
from ironarc.core.judging.findings import by_cause
from ironarc.core.judging.grades import GRADES
from ironarc.core.motion.layers import Layer
from ironarc.core.truing.asked import asked_of
from ironarc.core.truing.corrections import whole
from ironarc.web.bench_data import piers
from ironarc.web.panels.look import Look, flights_of
from ironarc.web.variants import View

FINDINGS_AT_ONCE, FLIGHTS_AT_ONCE = 40, 12


@dataclass(frozen=True)
class Taken:
    """A correction that was taken: its layer, the frames of the shot it acts on, whether it changes the pace
    stale : whether what is below it has changed; again : what it was asked for, as an address names it, or ""
    """

    layer: Layer
    span: tuple[int, int] | None
    retimed: bool
    stale: bool
    again: str


@dataclass(frozen=True)
class Some:
    """Some of a list that comes bit by bit. ends : place of the next one; there : how many there are"""

    shown: list
    ends: int
    there: int


def to_settle(seen: View, begins: int = 0, opened: str = "") -> Some:
    """The next findings that are open, those of one cause together; as many as reach to one that is opened."""
    causes = by_cause([f for f in seen.findings if not f.left])
    place = next((i for i, found in enumerate(causes) if found[0].id == opened), 0)
    ends = min(max(begins + FINDINGS_AT_ONCE, place + 1), len(causes))
    return Some(causes[begins:ends], ends, len(causes))


def aims(seen: View, begins: int = 0) -> Some:
    """The next flights that can be aimed."""
    shown = flights_of(seen, begins, FLIGHTS_AT_ONCE)
    return Some(shown, begins + len(shown), len(seen.reading.flights))


def context(look: Look) -> dict:
    seen = look.seen
    return {
        "grades": GRADES, "aims": aims(seen), "explained": list(truing.CORRECTIONS.values()),
        "to_settle": to_settle(seen, opened=request.args.get("finding", "")),
        "span": span_of(seen), "holds": _holds(seen),
        # as it stands, with its corrections, also where it is seen before them
        "corrections": corrections(look.shot, look.shot.performer_called(seen.performer.id)),
        "parts": parts_of_body(seen.reading.body),
    }  # fmt: skip


def corrections(shot: Shot, performer: Performer) -> list[Taken]:
    """The topmost first."""
    timing, out = performer.timing, []
    retimed = {r.layer for r in timing.retimings}
    for layer in reversed(performer.corrections):
        span = tuple(map(timing.seen_frame, layer.span)) if layer.span else None
        try:
            wanted = asked_of(shot, performer, layer, truing.CORRECTIONS)
        except EditError:  # an option that this version no longer takes
            wanted = None
        again = wanted.text if wanted else ""
        out.append(Taken(layer, span, layer.id in retimed, is_stale(shot, performer, layer), again))
    return out


def span_of(seen: View) -> tuple[int, int]:
    """The span that is offered: all that is found together, or the whole motion."""
    places = seen.ask(whole.places)
    if places:
        return min(p.start for p in places), max(p.end for p in places)
    low, high = seen.reading.traced.plays
    first = int(seen.reading.poses.frames[0])
    return low + first, high - 1 + first


def _holds(seen: View) -> list[dict]:
    """The limbs that bear, with their spans in words."""
    out = []
    for row in piers(seen.reading):
        spans = sorted({(s["start"], s["end"]) for s in row["spans"]})
        if spans:
            words = ", ".join(f"{a}–{b}" for a, b in spans[:4])
            out.append({"limb": row["limb"], "spans": words + (" …" if len(spans) > 4 else "")})
    return out
