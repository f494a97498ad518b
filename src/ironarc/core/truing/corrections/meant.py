"""Say what gravity this is: a flight that hangs or rushes on purpose is left as it is, with what it amounts to."""

from dataclasses import dataclass

from ironarc.core.document import Left
from ironarc.core.edits.items import SetItem
from ironarc.core.errors import EditError
from ironarc.core.judging.judge import findings_of
from ironarc.core.judging.on_flights import cause_of
from ironarc.core.reading import Seen
from ironarc.core.reading.shot import own_span
from ironarc.core.truing.correction import FRAME, Correction, Cost, Place, Proposal, one_way, option
from ironarc.core.truing.corrections.arc import find_flight

NAME = "as_meant"


@dataclass(frozen=True)
class Options:
    """frame : any frame of the flight"""

    frame: int = option("a frame of the flight", FRAME)


def places(seen: Seen) -> list[Place]:
    """Every flight whose hang is off."""
    hung = {cause_of(f): f for f in seen.reading.flights}
    off = {f.cause for f in seen.ask(findings_of) if f.kind in ("hang", "arc")}
    return [
        one_way(f.start, f.end, Options(f.apex_frame), "Keep both, and say that it is meant")
        for cause, f in hung.items() if cause in off
    ]  # fmt: skip


def propose(seen: Seen, options: Options) -> Proposal:
    """What is found of the flight's path left as it is. EditError where nothing is found of it."""
    reading, performer = seen.reading, seen.performer
    flight = find_flight(reading, options.frame)
    found = [f for f in seen.ask(findings_of) if f.cause == cause_of(flight) and f.kind in ("hang", "arc", "phantom")]
    if not found:
        raise EditError(f"Nothing is found of the flight {flight.start}–{flight.end}: there is nothing to mark.")
    share = flight.implied_g / reading.g
    reason = f"Meant: this flight has {share:.2f} of the shot's gravity, {flight.implied_g:.1f} m/s²."
    left = tuple(
        Left(f.kind, *own_span(reading.own, reading.poses.frames, f.start, f.end), reason, f.part, f.value).checked()
        for f in found
    )  # fmt: skip
    kept = tuple(
        x for x in performer.left
        if not any((x.kind, x.part) == (y.kind, y.part) and x.end >= y.start and x.start <= y.end for y in left)
    )  # fmt: skip
    words = f"{CORRECTION.label} {flight.start}–{flight.end}"
    edit = SetItem(performer.id, "performer", {"left": (*kept, *left)}, words)
    return Proposal(Cost(reason), words, more=(edit,))


CORRECTION = Correction(
    NAME,
    "Say that it is meant",
    "meant",
    "Height and time stay; what gravity they amount to is written down, and the finding is left as it is.",
    Options,
    ("hang", "arc"),
    places,
    propose,
    order=95,
    marks=True,
    needs="Needs a flight whose hang time or arc is off.",
)
