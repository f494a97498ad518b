"""The True panel: findings still open, spans that can be solved, what is to hold, and corrections taken."""

from dataclasses import dataclass

from ironarc.core import truing
from ironarc.core.document import Performer, Shot
from ironarc.core.document.content import is_stale
from ironarc.core.errors import EditError
from ironarc.core.figure.grips import grips_of, parts_of_body
from ironarc.core.judging.findings import by_cause
from ironarc.core.judging.grades import GRADES
from ironarc.core.motion.layers import Layer
from ironarc.core.truing.asked import asked_of
from ironarc.core.truing.corrections import whole
from ironarc.core.truing.corrections.let_go import AT_ONCE
from ironarc.core.truing.corrections.let_go import FIRSTS as LET_GO_FIRSTS
from ironarc.core.truing.corrections.let_go import PARTS as LET_GO_PARTS
from ironarc.web.bench_data import piers
from ironarc.web.panels.look import Look, flights_of
from ironarc.web.variants import View


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


# Name, what it is, and the fields of a form that it sets: percent for tones
LET_GO_STARTS = (
    ("Limp", "Nothing holds it any more", {"tone": 0, "tone_end": 0, "first": AT_ONCE, "brace": False}),
    ("Collapse", "The knees give first", {"tone": 45, "tone_end": 5, "first": "legs", "brace": False}),
    ("Brace", "Held, with the arms out for the ground", {"tone": 60, "tone_end": 20, "first": AT_ONCE, "brace": True}),
)


def context(look: Look) -> dict:
    seen = look.seen
    return {
        "grades": GRADES, "flights": flights_of(seen), "explained": list(truing.CORRECTIONS.values()),
        "open_findings": by_cause([f for f in seen.findings if not f.left]),
        "seen_last": int(seen.reading.poses.frames[0]) + seen.reading.traced.plays[1] - 1,
        "span": span_of(seen), "holds": _holds(seen),
        # as it stands, with its corrections, also where it is seen before them
        "corrections": corrections(look.shot, look.shot.performer_called(seen.performer.id)),
        "parts": parts_of_body(seen.reading.body), "let_go": LET_GO_PARTS,
        "let_go_firsts": LET_GO_FIRSTS, "let_go_starts": LET_GO_STARTS, "struck": _struck(seen),
    }  # fmt: skip


def _struck(seen: View) -> list[str]:
    """Grips that a blow can be given to, the chest first."""
    names = [grip.name for grip in grips_of(seen.reading.body) if grip.kind not in ("heel", "ball", "toe", "tip")]
    return sorted(names, key=lambda name: name != "chest")


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
