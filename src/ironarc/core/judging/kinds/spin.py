"""Spin that wavers in the air, and spin that the push before the flight can't have given."""

from collections.abc import Iterator

import numpy as np

from ironarc.core.judging.evidence import Evidence, curve
from ironarc.core.judging.finding import Case, Finding
from ironarc.core.judging.grade import Grade
from ironarc.core.judging.kind import Kind
from ironarc.core.judging.on_flights import flight_at, of_each
from ironarc.core.reading.flights import Flight
from ironarc.core.settings import SETTINGS

PUSH_BW, ARM_M, PUSH_S = 4.0, 0.5, 0.06  # the most that a push, its arm and the time a fit resolves give to a turn

GRADE = Grade(
    "Spin not steady", 0.20, 0.45, "share of mean spin",
    "Nothing can change the spin in the air; captured kicks hold it within 12 to 15 %.",
    "Turn faster while folded and slower while open, and evenly between.",
)  # fmt: skip


def rule(case: Case) -> Iterator[Finding]:
    """Spin that wavers in the air, and spin that the push before the flight can't have given."""
    return of_each(case, "spin", _found)


def _found(case: Case, flight: Flight) -> Iterator[Finding]:
    reading = case.reading
    mean = float(np.linalg.norm(flight.spin.mean))
    # angular momentum grows with mass and with the square of height
    floor = SETTINGS["spin_floor"].value * reading.body.mass_kg / 75.0 * reading.size**2
    if flight.spin.rms_dev > floor:
        share = flight.spin.unsteadiness
        says = _says(flight, mean, share, case)
        at = slice(flight.start - case.first, flight.end - case.first + 1)
        unsure = SETTINGS["errors"].value * reading.traced.weighing_doubt.spin(at)
        sure = share * max(1.0 - unsure / flight.spin.rms_dev, 0.0)
        yield from case.raised("spin", share, flight.start, flight.end, says, "whole body", sure=sure)
    for at_take_off, change in ((True, flight.spin_gained), (False, flight.spin_lost)):
        size = float(np.linalg.norm(change))
        could = PUSH_BW * ARM_M * reading.size * reading.body.mass_kg * reading.g * max(PUSH_S, reading.poses.dt)
        if size > could + floor:
            at = flight.start if at_take_off else flight.end + 1
            verb = "appears from nothing at take-off" if at_take_off else "vanishes within a frame at landing"
            says = (
                f"Spin {verb}: {size:.0f} kg·m²/s at once, where a push of {PUSH_BW:.0f} body weights could "
                f"change it by {could:.0f}. Turn into it during the push, and out of it during the landing."
            )
            part = "take-off" if at_take_off else "landing"
            yield from case.raised("spin", size / max(mean, size), at - 1, at, says, part)


def _says(flight: Flight, mean: float, share: float, case: Case) -> str:
    _, limit = case.graded("spin", share)
    if share <= 1.0:
        wavers = f"Spin wavers by {share * 100:.0f} % of its mean in the air; {limit * 100:.0f} % is the limit."
    else:
        wavers = f"Spin comes and goes in the air, by {flight.spin.rms_dev:.0f} kg·m²/s about a mean of {mean:.0f}."
    turns = f"On average the body makes {abs(flight.spin.turns_per_s):.1f} turns a second."
    return f"{wavers} {turns} With nothing to push on, it can turn faster only while folded tighter."


def evidence(finding: Finding, case: Case) -> Evidence:
    """The spin, and its mean in the air."""
    spin = np.linalg.norm(case.reading.angular_momentum, axis=1)
    flight = flight_at(finding, case)
    wanted = np.full(len(spin), np.nan)
    numbers = []
    if flight is not None:
        mean = float(np.linalg.norm(flight.spin.mean))
        wanted[flight.start - case.first : flight.end - case.first + 1] = mean
        numbers = [
            ("Mean spin", f"{mean:.1f} kg·m²/s"),
            ("Wavers by, rms", f"{flight.spin.rms_dev:.1f} kg·m²/s"),
            ("Turns a second", f"{abs(flight.spin.turns_per_s):.2f}"),
        ]
    return curve(finding, case, "Spin", "kg·m²/s", spin, wanted, (), numbers)


KIND = Kind("spin", GRADE, rule, evidence, order=100)
