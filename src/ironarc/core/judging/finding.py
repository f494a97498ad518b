"""A finding, and what every rule needs to make one."""

from collections.abc import Callable, Iterable, Iterator, Mapping
from dataclasses import dataclass, field
from functools import cached_property
from math import sqrt

import numpy as np

from ironarc.core.judging.grade import LENGTH, SPEED, Grade
from ironarc.core.judging.on_blows import Blow, blows_on
from ironarc.core.judging.others import NOBODY, Others
from ironarc.core.reading import Reading
from ironarc.core.settings import CAPTURED

SOUND, STRAINED, CRACKED = "sound", "strained", "cracked"
ROUNDING = 1 + 1e-6  # what lies on a limit is within it
RANK = {SOUND: 0, STRAINED: 1, CRACKED: 2}
Limits = Mapping[str, Grade]


@dataclass(frozen=True)
class Finding:
    """One thing to put right.

    kind : a key of GRADES; grade : "strained" or "cracked"
    start, end : frames of the shot; value, limit : in `unit`; the limit is that of the grade it has
    says : the sentence shown
    part : what of the body it is about, or ""; cause : findings of one performer with the same one belong together
    performer : id of the one it is about; own : its first and last own frame, which no slip or number changes
    left : why it is left as it is, or ""; by_hand : whether a person left it so
    """

    kind: str
    grade: str
    start: int
    end: int
    value: float
    unit: str
    limit: float
    says: str
    part: str = ""
    cause: str = ""
    performer: str = ""
    own: tuple[int, int] = (0, 0)
    left: str = ""
    by_hand: bool = False

    @cached_property
    def id(self) -> str:
        """What it is known by within a revision: whose it is, its kind and part, and the own frame in its middle."""
        part = f":{self.part.replace(' ', '-')}" if self.part else ""
        return f"{self.performer}:{self.kind}{part}:{sum(self.own) // 2}"

    @cached_property
    def order(self) -> tuple[int, float, int]:
        """What findings are put in order by: the worst first, then what a viewer notices most, then the earliest."""
        return -RANK[self.grade], -round(self.notice, 6), self.start

    @cached_property
    def notice(self) -> float:
        """How much of it a viewer sees: how far past its limit, for how long (in frames)."""
        return self.value / max(self.limit, 1e-9) * sqrt(self.end - self.start + 1)


@dataclass(frozen=True)
class Case:
    """A reading with the limits it is held against, as the rules see it.

    about : what is about the performer, seen by `others`; asked : not empty once a rule has looked at that
    """

    reading: Reading
    limits: Limits
    about: Others = NOBODY
    asked: list = field(default_factory=list)

    @cached_property
    def _scaled(self) -> dict[str, tuple[float, float]]:
        """The limits of a kind at this figure's size, by kind."""
        return {}

    @property
    def others(self) -> Others:
        """What is about the performer."""
        self.asked.append(True)
        return self.about

    @property
    def blows(self) -> list[Blow]:
        """What strikes the performer, worked out once."""
        return blows_on(self.reading, self.others)

    @property
    def first(self) -> int:
        """The number of the first frame."""
        return int(self.reading.poses.frames[0])

    def kept(self, *kinds: str) -> "Kept":
        """Findings of single things that are told from numbers, held against the limits of these kinds alone."""
        limits = tuple((kind, self.limits[kind].strained, self.limits[kind].cracked) for kind in kinds)
        before = self.reading.before(_kept)
        had = before[1].get(limits, {}) if before else {}
        return Kept(self.reading.ask(_kept).setdefault(limits, {}), had)

    def graded(self, kind: str, value: float) -> tuple[str, float]:
        """Grade of a value of some kind and the limit it was held against, at this figure's size."""
        if kind not in self._scaled:
            grade, size = self.limits[kind], self.reading.size
            factor = {LENGTH: size, SPEED: sqrt(size)}.get(grade.scales, 1.0)
            if grade.noisy and self.reading.traced.captured:
                factor *= CAPTURED
            self._scaled[kind] = grade.strained * factor, grade.cracked * factor
        strained, cracked = self._scaled[kind]
        if value > cracked * ROUNDING:
            return CRACKED, cracked
        return (STRAINED if value > strained * ROUNDING else SOUND), strained

    def raised(
        self,
        kind: str,
        value: float,
        start: int,
        end: int,
        says: str,
        part: str = "",
        cause: str = "",
        sure: float = np.inf,
    ) -> Iterator[Finding]:
        """A finding of this value on frames of the shot, or none where it is sound. sure : as much of the value as
        stays whatever the body weighs; it is what the grade is of."""
        grade, limit = self.graded(kind, min(value, sure))
        if grade != SOUND:
            yield Finding(
                kind, grade, int(start), int(end), float(value), self.limits[kind].unit, limit, says, part, cause
            )

    def surface(self, name: str) -> str:
        """A surface in words."""
        props = {p.id: p.name for p in self.reading.traced.props}
        return props.get(name, "the floor")


class Kept:
    """What was found of single things, by all that it is told from: after an edit most is the very same, and what is
    shown of it, too."""

    def __init__(self, now: dict, had: dict):
        self._now, self._had = now, had

    def of(self, told: tuple, find: Callable[[], Iterable[Finding]]) -> tuple[Finding, ...]:
        """The findings of one thing. told : all that they are told from"""
        found = self._had.get(told)
        self._now[told] = found = tuple(find()) if found is None else found
        return found


def _kept(reading: Reading) -> dict[tuple, dict[tuple, tuple[Finding, ...]]]:
    """Findings of a reading by the limits that they were held against, and by what they are told from."""
    return {}


def frames(n: float) -> str:
    """So many frames, in words."""
    return f"{n:.0f} frame{'' if round(n) == 1 else 's'}"


def cm(metres: float) -> str:
    """A length in the unit an animator feels."""
    return f"{metres * 100:.0f} cm" if metres >= 0.0995 else f"{metres * 100:.1f} cm"
