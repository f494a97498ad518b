"""Off the arc: the path's distance from the arc that the shot's gravity draws."""

from collections.abc import Iterator

from ironarc.core.judging.finding import SOUND, Case, Finding, frames
from ironarc.core.judging.grade import LENGTH, Grade
from ironarc.core.judging.kind import Kind
from ironarc.core.judging.on_flights import cause_of, of_each, off_whatever_it_weighs
from ironarc.core.judging.on_flights import height_of as evidence
from ironarc.core.reading.flights import Flight

GRADE = Grade(
    "Off the arc", 0.03, 0.08, "m",
    "Captured leaps stay within 1 to 4 mm; 3 cm begins to show as a bump or a drift.",
    "Move the hips in the air until the center of gravity lies on the arc.", LENGTH,
)  # fmt: skip


def rule(case: Case) -> Iterator[Finding]:
    """The path's distance from the arc that the shot's gravity draws."""
    return of_each(case, "arc", _found)


def _found(case: Case, flight: Flight) -> Iterator[Finding]:
    if case.graded("arc", flight.arc_max_m)[0] == SOUND:
        return
    sure = off_whatever_it_weighs(case, flight)
    grade, limit = case.graded("arc", min(sure, flight.arc_max_m))
    if grade == SOUND:
        return
    says = (
        f"Strays {flight.arc_max_m * 100:.0f} cm from the arc gravity would draw through these "
        f"{frames(flight.hang_frames)}; {limit * 100:.0f} cm is the limit."
    )
    cause = cause_of(flight)
    yield from case.raised("arc", flight.arc_max_m, flight.start, flight.end, says, cause=cause, sure=sure)


KIND = Kind("arc", GRADE, rule, evidence, order=20)
