"""What a flight says: hang time, the arc, the spin, and speed that comes or goes between two frames."""

from collections.abc import Iterator

import numpy as np

from ironarc.core.judging.finding import SOUND, Bench, Finding, Limits, frames
from ironarc.core.judging.grades import GRADES
from ironarc.core.reading.flights import Flight, allowed_frames
from ironarc.core.reading.impact import read_pushes
from ironarc.core.settings import SETTINGS

KINK_FRAMES = 3
TAKE_OFF_BW, LANDING_BW = 1.0, 2.0  # a push may change by this within a frame and be one
PUSH_BW, ARM_M, PUSH_S = 4.0, 0.5, 0.06  # the most that a push, its arm and the time a fit resolves give to a turn


def cause_of(flight: Flight) -> str:
    """What findings of one flight that come of its path and timing are known by together."""
    return f"flight-{flight.start}"


def can_judge(flight: Flight, g: float, limits: Limits = GRADES) -> bool:
    """False for a flight whose own error leaves even a cracked hang time open; it says nothing then."""
    return SETTINGS["hang_errors"].value * flight.implied_g_se < limits["hang"].cracked * g


def _judged(bench: Bench) -> list[Flight]:
    return [f for f in bench.reading.flights if can_judge(f, bench.reading.g, bench.limits)]


def hang(bench: Bench) -> Iterator[Finding]:
    """Implied gravity against the shot's."""
    g = bench.reading.g
    for flight in _judged(bench):
        off = abs(flight.implied_g - g)
        if off > SETTINGS["hang_errors"].value * flight.implied_g_se:
            says = _hang_says(flight, g, bench.reading.poses.fps)
            yield from bench.raised("hang", off / g, flight.start, flight.end, says, cause=cause_of(flight))


def _hang_says(flight: Flight, g: float, fps: float) -> str:
    room = round(allowed_frames(flight, g, fps))
    rise, drop = flight.rise_m * 100, flight.drop_m * 100
    alike = abs(rise - drop) < 3
    path = f"A rise of {rise:.0f} cm" if alike else f"A rise of {rise:.0f} cm and a drop of {drop:.0f} cm"
    pace = f"It plays at {flight.speed_factor * 100:.0f} % of true speed."
    hangs = f"{frames(flight.hang_frames)} ({flight.hang_s:.2f} s)"
    if flight.implied_g <= 0:
        return f"Hangs {hangs} on a path that never falls: it bends upwards. Look for a contact that was missed."
    if flight.implied_g < g:
        return f"Hangs {hangs}. {path} allow{'s' if alike else ''} {room}. {pace}"
    return f"Rushes: {hangs} in the air. {path} need{'s' if alike else ''} {room}. {pace}"


def arc(bench: Bench) -> Iterator[Finding]:
    """The path's distance from the arc that the shot's gravity draws."""
    for flight in _judged(bench):
        _, limit = bench.graded("arc", flight.arc_max_m)
        says = (
            f"Strays {flight.arc_max_m * 100:.0f} cm from the arc gravity would draw through these "
            f"{frames(flight.hang_frames)}; {limit * 100:.0f} cm is the limit."
        )
        yield from bench.raised("arc", flight.arc_max_m, flight.start, flight.end, says, cause=cause_of(flight))


def spin(bench: Bench) -> Iterator[Finding]:
    """Spin that wavers in the air, and spin that the push before the flight can't have given."""
    reading = bench.reading
    for flight in _judged(bench):
        mean = float(np.linalg.norm(flight.spin.mean))
        # angular momentum grows with mass and with the square of height
        floor = SETTINGS["spin_floor"].value * reading.body.mass_kg / 75.0 * reading.size**2
        if flight.spin.rms_dev > floor:
            share = flight.spin.unsteadiness
            says = _spin_says(flight, mean, share, bench)
            yield from bench.raised("spin", share, flight.start, flight.end, says, "whole body")
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
                yield from bench.raised("spin", size / max(mean, size), at - 1, at, says, part)


def _spin_says(flight: Flight, mean: float, share: float, bench: Bench) -> str:
    _, limit = bench.graded("spin", share)
    if share <= 1.0:
        wavers = f"Spin wavers by {share * 100:.0f} % of its mean in the air; {limit * 100:.0f} % is the limit."
    else:
        wavers = f"Spin comes and goes in the air, by {flight.spin.rms_dev:.0f} kg·m²/s about a mean of {mean:.0f}."
    turns = f"On average the body makes {abs(flight.spin.turns_per_s):.1f} turns a second."
    return f"{wavers} {turns} With nothing to push on, it can turn faster only while folded tighter."


def kinks(bench: Bench) -> Iterator[Finding]:
    """Speed gained or lost between contact and flight. What a landing takes away is judged by its depth."""
    short = {
        p.flight.start for p in bench.reading.ask(read_pushes) if p.at_take_off and p.end - p.start + 1 < KINK_FRAMES
    }
    for flight in _judged(bench):
        # the speed of a push of two frames is anyone's guess
        if flight.start not in short:
            yield from _kink(bench, flight, True)
        yield from _kink(bench, flight, False)


def _kink(bench: Bench, flight: Flight, at_take_off: bool) -> Iterator[Finding]:
    jump = flight.kink_take_off_ms if at_take_off else flight.kink_landing_ms
    kink = float(np.linalg.norm(jump))
    beyond = kink - (TAKE_OFF_BW if at_take_off else LANDING_BW) * bench.reading.g * bench.reading.poses.dt
    if bench.graded("kink", beyond)[0] == SOUND:
        return
    push = f"{kink / (bench.reading.g * bench.reading.poses.dt):.0f} body weights"
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
    yield from bench.raised("kink", beyond, frame - 1, frame, says, cause=cause_of(flight))
