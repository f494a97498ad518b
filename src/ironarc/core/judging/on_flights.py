"""What several kinds of finding say of a flight: which can be judged, what belongs together, its height's curve."""

from collections.abc import Callable, Iterable, Iterator

import numpy as np

from ironarc.core.by_identity import ByIdentity
from ironarc.core.judging.evidence import Evidence, curve
from ironarc.core.judging.finding import Case, Finding, Limits
from ironarc.core.reading import Reading
from ironarc.core.reading.flights import Flight, allowed_frames
from ironarc.core.reading.gravity_arc import gravity_arc
from ironarc.core.settings import SETTINGS


def cause_of(flight: Flight) -> str:
    """What findings of one flight that come of its path and timing are known by together."""
    return f"flight-{flight.start}"


def can_judge(flight: Flight, g: float, limits: Limits) -> bool:
    """False for a flight whose own error leaves even a cracked hang time open; it says nothing then."""
    return SETTINGS["errors"].value * flight.implied_g_se < limits["hang"].cracked * g


def judged(case: Case) -> list[Flight]:
    return [f for f in case.reading.flights if can_judge(f, case.reading.g, case.limits)]


def of_each(
    case: Case, kind: str, find: Callable[[Case, Flight], Iterable[Finding]], flights: Iterable[Flight] | None = None
) -> Iterator[Finding]:
    """What is found of every flight that can be judged, or of some, held against the limits of one kind; of a flight
    that an edit did not reach, what was found before. find : of one, from what the flight itself says"""
    held_by = find, case.limits[kind].strained, case.limits[kind].cracked
    for flight in judged(case) if flights is None else flights:
        known = _FOUND.get(flight)
        if known is None:
            known = _FOUND[flight] = {}
        if held_by not in known:
            known[held_by] = tuple(find(case, flight))
        yield from known[held_by]


# by what found them and what they were held against
_FOUND: ByIdentity[dict[tuple[Callable, float, float], tuple[Finding, ...]]] = ByIdentity()


def off_whatever_it_weighs(case: Case, flight: Flight) -> float:
    """m off the arc that no plausible weighing takes away."""
    if case.reading.traced.loads:
        return np.inf  # what is held moves the center of gravity, too
    known = case.reading.ask(_off_arcs)
    if id(flight) not in known:
        span = slice(flight.start - case.first, flight.end - case.first + 1)
        known[id(flight)] = flight, case.reading.traced.weighing_doubt.off_arc(span, case.reading.g)
    return known[id(flight)][1]


def _off_arcs(reading: Reading) -> dict[int, tuple[Flight, float]]:
    """What was found of flights, by the flight itself: one that an edit did not reach is the one before it."""
    before = reading.before(_off_arcs)
    return {id(f): before[1][id(f)] for f in reading.flights if id(f) in before[1]} if before else {}


def by_weighing(case: Case, flight: Flight) -> bool:
    """Whether a flight is off its arc only for how the body is weighed."""
    limit = case.graded("arc", 0.0)[1]
    return limit < flight.arc_max_m and off_whatever_it_weighs(case, flight) <= limit


def flight_at(finding: Finding, case: Case) -> Flight | None:
    """The flight that a finding lies on or beside."""
    return next((f for f in case.reading.flights if f.start <= finding.end + 1 and f.end >= finding.start - 1), None)


def height_of(finding: Finding, case: Case) -> Evidence:
    """The center of gravity's height, and the arc that gravity asks for."""
    reading = case.reading
    height = (reading.com[:, 1] - reading.floor_m) * 100
    wanted = np.full(len(height), np.nan)
    flight = flight_at(finding, case)
    numbers = []
    if flight is not None:
        span = slice(flight.start - case.first, flight.end - case.first + 1)
        wanted[span] = (gravity_arc(reading, flight)[:, 1] - reading.floor_m) * 100
        error = f" ± {flight.implied_g_se:.2f}" if flight.hang_frames > 3 else ""
        numbers = [
            ("Frames in the air", f"{flight.aloft_frames:.1f}"),
            ("Frames that rise and drop allow", f"{allowed_frames(flight, reading.g, reading.poses.fps):.1f}"),
            ("Gravity as the path has it", f"{flight.implied_g:.2f}{error} m/s²"),
            ("Off the arc at most", f"{flight.arc_max_m * 100:.1f} cm"),
        ]
        sure = off_whatever_it_weighs(case, flight)
        if sure < flight.arc_max_m:
            numbers.append(("Off it whatever the weighing", f"{sure * 100:.1f} cm"))
    return curve(finding, case, "Center of gravity over the floor", "cm", height, wanted, (), numbers)
