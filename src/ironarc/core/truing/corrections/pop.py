"""Smooth a pop: what is somewhere else for a frame, or jumps from one to the next, is led through its neighbours."""

from dataclasses import dataclass

import numpy as np
from scipy.interpolate import PchipInterpolator

from ironarc.core import rotation
from ironarc.core.errors import EditError
from ironarc.core.judging.judge import findings_of, limits_seen
from ironarc.core.reading import Reading, Seen
from ironarc.core.reading.joints import read_joints
from ironarc.core.truing.carry import Figure
from ironarc.core.truing.correction import FRAME, FRAMES, Correction, Place, Proposal, Way, option
from ironarc.core.truing.proposing import indices, proposed

NAME = "smooth_pop"
NEARLY = 0.8  # of the limit, from which a joint pops along
AROUND = 4  # frames on either side that the curve through a pop is led by


@dataclass(frozen=True)
class Options:
    """start, end : frames with the pop; wide : frames to either side that are led over too"""

    start: int = option("from", FRAME)
    end: int = option("to", FRAME)
    wide: int = option("frames to either side", FRAMES, 0, 60, default=0)


def places(seen: Seen) -> list[Place]:
    """Every pop."""
    return [
        Place(f.start, f.end, (
            Way("frame", "Lead the frame through its neighbours", Options(f.start, f.end)),
            Way("wide", "Lead it over three frames to either side", Options(f.start, f.end, 3)),
        ))
        for f in seen.ask(findings_of) if f.kind == "pop"
    ]  # fmt: skip


def propose(seen: Seen, options: Options) -> Proposal:
    """The joints that pop led through. EditError where none does."""
    reading = seen.reading
    first = int(reading.poses.frames[0])
    a, b = indices(reading, options.start, options.end)
    b -= 1
    rate = reading.ask(read_joints).jump_rate
    limit = NEARLY * limits_seen(seen)["pop"].strained
    joints = np.flatnonzero(rate[max(a - 1, 0) : b + 2].max(axis=0) > limit)
    if not len(joints):
        raise EditError(f"No joint pops from {options.start} to {options.end}. Choose a frame where one does.")
    figure = Figure.of(reading, _window(reading, a, b, options.wide))
    start = int(figure.was.frames[0]) - first
    words = []
    for j in joints:
        x, y = _popped(rate[:, j], a, b, limit)
        odd = slice(
            max(x - options.wide, start + 2) - start, min(y + 1 + options.wide, start + len(figure.local) - 2) - start
        )
        figure.local[:, j] = led_through(figure.local[:, j], odd)
        words.append(reading.poses.rig.names[j])
    says = f"{', '.join(words[:3])}{' and others' if len(words) > 3 else ''} led through the frames beside it."
    return proposed(seen, figure, CORRECTION, f"at {options.start}", says)


def _window(reading: Reading, a: int, b: int, wide: int) -> slice:
    low, high = reading.traced.plays
    return slice(max(a - wide - AROUND, low), min(b + wide + AROUND + 2, high))


def _popped(rate: np.ndarray, a: int, b: int, limit: float) -> tuple[int, int]:
    """First and last index that is off: of one that goes out and comes back those between its two fast intervals, of
    a jump the frames on both its sides."""
    near = np.arange(max(a - 1, 0), min(b + 2, len(rate)))
    fast = near[rate[near] > limit]
    # rate[k] is marked on the frame that is off where it comes back, and on the later one of a jump
    return int(fast.min()), int(fast.max())


def led_through(turn: np.ndarray, odd: slice) -> np.ndarray:
    """Rotations (frames, 4) with those of a span on the curve through the ones beside it."""
    good = np.ones(len(turn), dtype=bool)
    good[odd] = False
    at = np.flatnonzero(good)
    base = turn[at[max(np.searchsorted(at, odd.start) - 1, 0)]]
    away = rotation.log(rotation.multiply(rotation.conjugate(base), turn[at]))
    curve = PchipInterpolator(at, away, axis=0)
    out = turn.copy()
    rows = np.arange(odd.start, odd.stop)
    out[rows] = rotation.multiply(base, rotation.exp(curve(rows)))
    return out


CORRECTION = Correction(
    NAME,
    "Smooth the pop",
    "pop",
    "A joint that is somewhere else for a frame is led through the frames beside it.",
    Options,
    ("pop",),
    places,
    propose,
    order=5,
    needs="Needs a joint that is somewhere else for a frame.",
)
