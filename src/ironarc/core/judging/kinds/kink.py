"""Speed gained or lost between contact and flight. What a landing takes away is judged by its depth."""

from collections.abc import Iterator

import numpy as np

from ironarc.core.judging.evidence import Evidence, curve
from ironarc.core.judging.finding import SOUND, Case, Finding
from ironarc.core.judging.grade import SPEED, Grade
from ironarc.core.judging.kind import Kind
from ironarc.core.judging.on_flights import cause_of, judged, of_each
from ironarc.core.reading.flights import Flight
from ironarc.core.reading.impact import read_pushes

KINK_FRAMES = 3
TAKE_OFF_BW, LANDING_BW = 1.0, 2.0  # a push may change by this within a frame and be one

GRADE = Grade(
    "Kink at take-off or landing", 1.0, 2.0, "m/s",
    "Speed gained or lost between two frames, beyond what a push changes in one; captured leaps show 0.2 at most.",
    "Spread the change of speed over more frames of the push.", SPEED,
)  # fmt: skip


def rule(case: Case) -> Iterator[Finding]:
    """Speed gained or lost between contact and flight. What a landing takes away is judged by its depth."""
    short = {
        p.flight.start for p in case.reading.ask(read_pushes) if p.at_take_off and p.end - p.start + 1 < KINK_FRAMES
    }
    flights = judged(case)
    # the speed of a push of two frames is anyone's guess
    yield from of_each(case, "kink", _leaving, [f for f in flights if f.start not in short])
    yield from of_each(case, "kink", _landing, flights)


def _leaving(case: Case, flight: Flight) -> Iterator[Finding]:
    return _kink(case, flight, True)


def _landing(case: Case, flight: Flight) -> Iterator[Finding]:
    return _kink(case, flight, False)


def _kink(case: Case, flight: Flight, at_take_off: bool) -> Iterator[Finding]:
    jump = flight.kink_take_off_ms if at_take_off else flight.kink_landing_ms
    kink = float(np.linalg.norm(jump))
    beyond = kink - (TAKE_OFF_BW if at_take_off else LANDING_BW) * case.reading.g * case.reading.poses.dt
    if case.graded("kink", beyond)[0] == SOUND:
        return
    push = f"{kink / (case.reading.g * case.reading.poses.dt):.0f} body weights"
    more = (jump[1] > 0) == at_take_off  # the flight is the faster one: upwards at take-off, downwards at landing
    if at_take_off and more:
        says = (
            f"Leaves with a jerk: {kink:.1f} m/s more than the push before it gave, a shove of {push} in one frame. "
            "Start the push earlier or deeper, or take less height."
        )
    elif at_take_off:
        says = (
            f"Leaves with a jerk: {kink:.1f} m/s less than the push before it gave, a pull of {push} in one frame. "
            "Push more gently, or take more height."
        )
    elif more:
        # a body that hits the floor does lose its speed in a frame: the landing's depth is for its own rule to judge
        return
    else:
        says = (
            f"Lands with a jerk: it goes down {kink:.1f} m/s faster from contact than it fell, a pull of {push} in one "
            "frame. Slow the first frames of the landing."
        )
    frame = flight.start if at_take_off else flight.end + 1
    yield from case.raised("kink", beyond, frame - 1, frame, says, cause=cause_of(flight))


def evidence(finding: Finding, case: Case) -> Evidence:
    """The vertical speed."""
    return curve(finding, case, "Vertical speed", "m/s", case.reading.com_velocity[:, 1])


KIND = Kind("kink", GRADE, rule, evidence, order=110)
