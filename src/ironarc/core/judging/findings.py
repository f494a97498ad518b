"""The rules: a Reading in, the punch list out. Every finding is a sentence an animator would say."""

from collections.abc import Mapping, Sequence
from dataclasses import dataclass

import numpy as np

from ironarc.core.judging.grades import GRADES, Grade
from ironarc.core.reading import Reading
from ironarc.core.reading.flights import Flight, allowed_frames
from ironarc.core.settings import REFERENCE_HEIGHT_M, SETTINGS

SOUND, STRAINED, CRACKED = "sound", "strained", "cracked"
_RANK = {SOUND: 0, STRAINED: 1, CRACKED: 2}


@dataclass(frozen=True)
class Finding:
    """One thing to put right.

    kind : a key of GRADES; grade : "strained" or "cracked"
    start, end : frames of the shot; value, limit : in `unit`; the limit is that of the grade it has
    says : the sentence shown
    performer : id of the one it is about; own : its first and last own frame, which no slip or number changes
    left : why it is left as it is, or ""
    """

    kind: str
    grade: str
    start: int
    end: int
    value: float
    unit: str
    limit: float
    says: str
    performer: str = ""
    own: tuple[int, int] = (0, 0)
    left: str = ""

    @property
    def id(self) -> str:
        """What it is known by within a revision: whose it is, its kind, and the own frame in its middle."""
        return f"{self.performer}:{self.kind}:{sum(self.own) // 2}"


Limits = Mapping[str, Grade]


def find(reading: Reading, limits: Limits = GRADES) -> list[Finding]:
    """All findings of a reading: worst first, then by frame, then in the order of the table of grades."""
    found = []
    for flight in reading.flights:
        if can_judge(flight, reading.g, limits):
            found += [
                f
                for rule in (_hang, _arc, _spin, _take_off_kink, _landing_kink)
                if (f := rule(flight, reading, limits)) is not None
            ]
    kinds = list(limits)
    return sorted(found, key=lambda f: (-_RANK[f.grade], f.start, kinds.index(f.kind)))


def grade_of(findings: Sequence[Finding]) -> str:
    """The worst grade among findings that are not left as they are; sound if there are none."""
    return max((f.grade for f in findings if not f.left), key=_RANK.get, default=SOUND)


def flight_grade(flight: Flight, findings: Sequence[Finding]) -> str:
    """The grade of one flight: the worst finding that lies on it or on the frames beside it."""
    return grade_of([f for f in findings if f.start <= flight.end + 1 and f.end >= flight.start - 1])


def can_judge(flight: Flight, g: float, limits: Limits = GRADES) -> bool:
    """False for a flight whose own error leaves even a cracked hang time open; it says nothing then."""
    return SETTINGS["hang_errors"].value * flight.implied_g_se < limits["hang"].cracked * g


def _graded(grade: Grade, value: float, factor: float = 1.0) -> tuple[str, float]:
    """Grade of `value` and the limit it was held against, the limits multiplied by `factor`."""
    if value > grade.cracked * factor:
        return CRACKED, grade.cracked * factor
    return (STRAINED if value > grade.strained * factor else SOUND), grade.strained * factor


def _size(reading: Reading) -> float:
    return reading.body.anatomy.height_m / REFERENCE_HEIGHT_M


def _frames(n: float) -> str:
    return f"{n:.0f} frame{'' if round(n) == 1 else 's'}"


def _hang(flight: Flight, reading: Reading, limits: Limits) -> Finding | None:
    off = abs(flight.implied_g - reading.g)
    grade, limit = _graded(limits["hang"], off / reading.g)
    if grade == SOUND or off <= SETTINGS["hang_errors"].value * flight.implied_g_se:
        return None
    room = round(allowed_frames(flight, reading.g, reading.poses.fps))
    rise, drop = flight.rise_m * 100, flight.drop_m * 100
    path = (
        f"A rise of {rise:.0f} cm" if abs(rise - drop) < 3 else f"A rise of {rise:.0f} cm and a drop of {drop:.0f} cm"
    )
    many = "" if abs(rise - drop) < 3 else "s"
    pace = f"It plays at {flight.speed_factor * 100:.0f} % of true speed."
    if flight.implied_g <= 0:
        says = (
            f"Hangs {_frames(flight.hang_frames)} ({flight.hang_s:.2f} s) on a path that never falls: it bends upwards."
        )
    elif flight.implied_g < reading.g:
        allow = f"allow{'' if many else 's'}"
        says = f"Hangs {_frames(flight.hang_frames)} ({flight.hang_s:.2f} s). {path} {allow} {room}. {pace}"
    else:
        need = f"need{'' if many else 's'}"
        says = f"Rushes: {_frames(flight.hang_frames)} ({flight.hang_s:.2f} s) in the air. {path} {need} {room}. {pace}"
    return Finding("hang", grade, flight.start, flight.end, off / reading.g, limits["hang"].unit, limit, says)


def _arc(flight: Flight, reading: Reading, limits: Limits) -> Finding | None:
    grade, limit = _graded(limits["arc"], flight.arc_max_m, _size(reading))
    if grade == SOUND:
        return None
    says = (
        f"Strays {flight.arc_max_m * 100:.0f} cm from the arc gravity would draw through these "
        f"{_frames(flight.hang_frames)}; {limit * 100:.0f} cm is the limit."
    )
    return Finding("arc", grade, flight.start, flight.end, flight.arc_max_m, "m", limit, says)


def _spin(flight: Flight, reading: Reading, limits: Limits) -> Finding | None:
    mean = float(np.linalg.norm(flight.spin.mean))
    # angular momentum grows with mass and with the square of height
    floor = SETTINGS["spin_floor"].value * reading.body.mass_kg / 75.0 * _size(reading) ** 2
    share = flight.spin.rms_dev / max(mean, 1e-9)
    grade, limit = _graded(limits["spin"], share)
    if grade == SOUND or flight.spin.rms_dev <= floor:
        return None
    if share <= 1.0:
        wavers = f"Spin wavers by {share * 100:.0f} % of its mean in the air; {limit * 100:.0f} % is the limit."
    else:
        wavers = f"Spin comes and goes in the air, by {flight.spin.rms_dev:.0f} kg·m²/s about a mean of {mean:.0f}."
    turns = f"On average the body makes {abs(flight.spin.turns_per_s):.1f} turns a second."
    says = f"{wavers} {turns} With nothing to push on, it can turn faster only while folded tighter."
    return Finding("spin", grade, flight.start, flight.end, share, limits["spin"].unit, limit, says)


def _kink(flight: Flight, reading: Reading, limits: Limits, frame: int, at_take_off: bool) -> Finding | None:
    jump = flight.kink_take_off_ms if at_take_off else flight.kink_landing_ms
    kink = float(np.linalg.norm(jump))
    # speeds grow with the root of length under the same gravity
    grade, limit = _graded(limits["kink"], kink, float(np.sqrt(_size(reading))))
    if grade == SOUND:
        return None
    push = f"{kink / (reading.g * reading.poses.dt):.0f} body weights"
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
        says = (
            f"Lands with a jerk: {kink:.1f} m/s is gone within one frame, a blow of {push}. "
            "Let the knees go on down for longer after contact."
        )
    else:
        says = (
            f"Lands with a jerk: it goes down {kink:.1f} m/s faster from contact than it fell, a pull of {push} in one "
            "frame. Slow the first frames of the landing."
        )
    return Finding("kink", grade, frame - 1, frame, kink, "m/s", limit, says)


def _take_off_kink(flight: Flight, reading: Reading, limits: Limits) -> Finding | None:
    return _kink(flight, reading, limits, flight.start, True)


def _landing_kink(flight: Flight, reading: Reading, limits: Limits) -> Finding | None:
    return _kink(flight, reading, limits, flight.end + 1, False)
