"""Spread a turn that is too fast to be seen over more frames: the way it takes stays, its timing evens out."""

from dataclasses import dataclass

import numpy as np

from ironarc.core import rotation
from ironarc.core.errors import EditError
from ironarc.core.judging.judge import findings_of, limits_seen
from ironarc.core.keying.thinning import smoothed
from ironarc.core.reading import Reading, Seen
from ironarc.core.reading.joints import read_joints
from ironarc.core.truing.carry import Figure
from ironarc.core.truing.correction import FRAME, FRAMES, Correction, Place, Proposal, one_way, option
from ironarc.core.truing.proposing import indices, proposed

NAME = "spread_turn"
WIDEST_S = 0.6
WITHIN = 0.9  # of the limit, that it is brought to


@dataclass(frozen=True)
class Options:
    """start, end : frames on which it turns too fast; over : frames to either side, 0 for as many as it needs"""

    start: int = option("from", FRAME)
    end: int = option("to", FRAME)
    over: int = option("frames to either side", FRAMES, 0, 200, default=0)


def places(seen: Seen) -> list[Place]:
    """Every part that turns too fast."""
    return [
        one_way(f.start, f.end, Options(f.start, f.end), "Spread over more frames")
        for f in seen.ask(findings_of) if f.kind == "fast"
    ]  # fmt: skip


def propose(seen: Seen, options: Options) -> Proposal:
    """The turn spread. EditError where nothing turns too fast, or where there is no room."""
    reading = seen.reading
    a, b = indices(reading, options.start, options.end)
    low, high = reading.traced.plays
    limit = np.radians(limits_seen(seen)["fast"].strained)
    widest = options.over or max(3, int(np.rint(WIDEST_S / reading.poses.dt)))
    widths = [options.over] if options.over else range(2, widest + 1)
    joints = _too_fast(reading, a, b, limit)
    if not len(joints):
        raise EditError(f"Nothing turns too fast from {options.start} to {options.end}.")
    figure = Figure.of(reading, slice(max(a - widest, low), min(b + widest, high)))
    start = int(figure.was.frames[0]) - int(reading.poses.frames[0])
    used = 0
    for j in joints:
        for width in widths:
            x, y = max(a - width, low) - start, min(b + width, high) - start
            made = spread(reading.poses.local[start + x : start + y, j], float(width))
            used = max(used, width)
            if _rate(made).max(initial=0.0) < WITHIN * limit or width == widths[-1]:
                figure.local[x:y, j] = made
                break
    names = [reading.poses.rig.names[j] for j in joints]
    says = f"{', '.join(names[:3])} {'turns' if len(names) == 1 else 'turn'} over {used} frames more on either side."
    return proposed(seen, figure, CORRECTION, f"{options.start}–{options.end}", says)


def _too_fast(reading: Reading, a: int, b: int, limit: float) -> np.ndarray:
    """Joints whose own turn, against their parent, makes most of it."""
    turned = reading.ask(read_joints).turned_rad[a:b].max(axis=0)
    own = _rate(reading.poses.local[max(a - 1, 0) : b]).max(axis=0)
    joints = np.flatnonzero((turned > limit) & (own > 0.4 * limit))
    return joints[np.isin(joints, reading.body.joints)]


def _rate(turn: np.ndarray) -> np.ndarray:
    """(frames - 1, ...) rad between neighbours."""
    return np.linalg.norm(rotation.log(rotation.multiply(rotation.conjugate(turn[:-1]), turn[1:])), axis=-1)


def spread(turn: np.ndarray, strength: float) -> np.ndarray:
    """Rotations (frames, 4) along the same way, their timing evened out; both ends where they were."""
    way = np.concatenate([[0.0], np.cumsum(_rate(turn))])
    even = np.clip(np.maximum.accumulate(smoothed(way, strength)), 0.0, way[-1])
    at = np.clip(np.searchsorted(way, even, side="right") - 1, 0, len(turn) - 2)
    share = (even - way[at]) / np.maximum(way[at + 1] - way[at], 1e-12)
    return rotation.slerp(turn[at], turn[at + 1], np.clip(share, 0.0, 1.0))


CORRECTION = Correction(
    NAME,
    "Spread the turn",
    "fast",
    "A turn too fast to be seen takes the same way over more frames.",
    Options,
    ("fast",),
    places,
    propose,
    order=60,
    needs="Needs a part that turns too fast to be seen.",
)
