"""Hang time: the gravity that a flight implies, against the shot's."""

from collections.abc import Iterator

from ironarc.core.judging.finding import Case, Finding
from ironarc.core.judging.grade import Grade
from ironarc.core.judging.kind import Kind
from ironarc.core.judging.on_flights import cause_of, of_each
from ironarc.core.judging.on_flights import height_of as evidence
from ironarc.core.reading.flights import Flight, allowed_frames
from ironarc.core.settings import SETTINGS

GRADE = Grade(
    "Hang time", 0.12, 0.30, "share of g",
    "Captured flights lie within 3 %; a jump 12 % off reads as floaty or leaden.",
    "Take frames out of the air or put some in, or change how high it rises.",
)  # fmt: skip


def rule(case: Case) -> Iterator[Finding]:
    """Implied gravity against the shot's."""
    return of_each(case, "hang", _found)


def _found(case: Case, flight: Flight) -> Iterator[Finding]:
    g = case.reading.g
    off = abs(flight.implied_g - g)
    if off > SETTINGS["errors"].value * flight.implied_g_se:
        says = _says(flight, g, case.reading.poses.fps)
        yield from case.raised("hang", off / g, flight.start, flight.end, says, cause=cause_of(flight))


def _says(flight: Flight, g: float, fps: float) -> str:
    room = f"{allowed_frames(flight, g, fps):.1f}"
    rise, drop = flight.rise_m * 100, flight.drop_m * 100
    alike = abs(rise - drop) < 3 or min(rise, drop) < 1
    # a drop from a ledge has no rise to speak of, a jump onto one no drop
    one = f"A rise of {rise:.0f} cm" if rise > drop or abs(rise - drop) < 3 else f"A drop of {drop:.0f} cm"
    path = one if alike else f"A rise of {rise:.0f} cm and a drop of {drop:.0f} cm"
    pace = f"It plays at {flight.speed_factor * 100:.0f} % of true speed."
    hangs = f"{flight.aloft_frames:.1f} frames ({flight.hang_s:.2f} s)"
    if flight.implied_g <= 0:
        return f"Hangs {hangs} on a path that never falls: it bends upwards. Look for a contact that was missed."
    if flight.implied_g < g:
        return f"Hangs {hangs}. {path} allow{'s' if alike else ''} {room}. {pace}"
    return f"Rushes: {hangs} in the air. {path} need{'s' if alike else ''} {room}. {pace}"


KIND = Kind("hang", GRADE, rule, evidence, order=10)
