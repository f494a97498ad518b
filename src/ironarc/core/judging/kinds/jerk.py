"""A single frame of the center of gravity off the curve through its neighbours."""

from bisect import bisect_left
from collections.abc import Iterator
from functools import partial

import numpy as np

from ironarc.core import rotation
from ironarc.core.judging.evidence import Evidence, curve
from ironarc.core.judging.finding import Case, Finding, frames
from ironarc.core.judging.grade import LENGTH, Grade
from ironarc.core.judging.kind import Kind
from ironarc.core.reading.spans import runs

GRADE = Grade(
    "Jerk", 0.015, 0.04, "m",
    "One frame of the center of gravity off the curve through its neighbours, with no contact changing nearby.",
    "Take the odd frame out, or smooth the hips there.", LENGTH,
)  # fmt: skip


def rule(case: Case) -> Iterator[Finding]:
    """A single frame of the center of gravity off the curve through its neighbours."""
    reading = case.reading
    com, n = reading.traced.path, len(reading.com)
    a, b = reading.traced.plays
    if b - a < 7:
        return
    step = max(1, round(reading.traced.apart))
    y = com[a:b:step]
    if len(y) < 7:
        return
    off = np.zeros(n)
    middle = (4 * (y[1:-3] + y[3:-1]) - y[:-4] - y[4:]) / 6
    at = a + step * np.arange(2, len(y) - 2)
    off[at] = rotation.length(y[2:-2] - middle)
    # the frames beside an odd one are pulled along by it: the worst counts
    change = _contact_changes(reading)
    quiet = ~(np.convolve(change, np.ones(4 * step + 1), mode="same") > 0)
    off = np.where(quiet & ~reading.easing, off, 0.0)
    changes, kept = np.flatnonzero(change).tolist(), case.kept("jerk")
    limit = case.graded("jerk", 0.0)[1]
    for x, z in runs(np.convolve(off > limit, np.ones(2 * step + 1), mode="same") > 0):
        k = x + int(off[x:z].argmax())
        told = k + case.first, float(off[k]), step, _nearest(changes, k)
        yield from kept.of(told, partial(_jerks, case, *told))


def _jerks(case: Case, frame: int, off: float, step: int, change: int | None) -> Iterator[Finding]:
    """off : m; change : frames to the nearest change of contact"""
    reading, near = case.reading, ""
    force = off * 1.5 / (reading.poses.dt * step) ** 2 / reading.g
    if change is not None:
        near = f" The nearest change of contact is at frame {frame + change}, {frames(abs(change))} away."
    says = (
        f"Jerks by {off * 100:.1f} cm at frame {frame}, some {force:.0f} body weights for a frame, with no "
        f"contact to give them.{near}"
    )
    return case.raised("jerk", off, frame, frame, says)


def _nearest(places: list[int], k: int) -> int | None:
    """From k to the nearest of places in order, the earlier one of two; None for none."""
    at = bisect_left(places, k)
    return min((place - k for place in places[max(at - 1, 0) : at + 1]), key=abs, default=None)


def _contact_changes(reading) -> np.ndarray:
    on = reading.footing.on
    out = np.zeros(len(on), dtype=bool)
    out[1:] = (on[1:] != on[:-1]).any(axis=1)
    return out


def evidence(finding: Finding, case: Case) -> Evidence:
    """The vertical speed."""
    return curve(finding, case, "Vertical speed", "m/s", case.reading.com_velocity[:, 1])


KIND = Kind("jerk", GRADE, rule, evidence, order=120)
