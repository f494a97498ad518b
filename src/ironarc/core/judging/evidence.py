"""What a finding rests on: the measured curve around it, the wanted one where there is one, and the limits."""

from collections.abc import Sequence
from dataclasses import dataclass, field

import numpy as np

from ironarc.core.judging.finding import Case, Finding

AROUND_S = 0.3  # shown before and after


@dataclass(frozen=True)
class Evidence:
    """A finding's curve over the frames around it.

    name, unit : what is measured; frames (n,); measured (n,); wanted (n,), NaN where nothing is wanted, or None
    limits : (value, grade) of the lines that were crossed; numbers : (what, value in words)
    """

    name: str
    unit: str
    frames: np.ndarray
    measured: np.ndarray
    wanted: np.ndarray | None = None
    limits: tuple[tuple[float, str], ...] = ()
    numbers: tuple[tuple[str, str], ...] = field(default=())


def window(finding: Finding, case: Case) -> slice:
    around = max(4, round(AROUND_S / case.reading.poses.dt))
    a, b = finding.start - case.first - around, finding.end - case.first + around + 1
    return slice(max(a, 0), min(b, len(case.reading.com)))


def lines(case: Case, kind: str, times: float = 1.0, both: bool = False) -> tuple[tuple[float, str], ...]:
    strained = case.graded(kind, 0.0)[1]
    cracked = case.graded(kind, np.inf)[1]
    both_of = [(strained * times, "strained"), (cracked * times, "cracked")]
    return tuple(both_of + [(-value, grade) for value, grade in both_of] if both else both_of)


def curve(
    finding: Finding, case: Case, name: str, unit: str, values: np.ndarray, wanted: np.ndarray | None = None,
    limits: Sequence[tuple[float, str]] = (), numbers: Sequence[tuple[str, str]] = (),
) -> Evidence:  # fmt: skip
    at = window(finding, case)
    frames = case.reading.poses.frames[at]
    return Evidence(
        name, unit, frames, values[at], None if wanted is None else wanted[at], tuple(limits), tuple(numbers)
    )
