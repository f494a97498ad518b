"""When a body leaves the ground and meets it again: moments between frames, from the path on both sides of them."""

from functools import lru_cache

import numpy as np

POWERS = (2, 3)  # of time, by which the path strays: where a push begins or ends at once, and where it fades
REACH_S, LEAST_REACH = 0.065, 3  # beyond the edge, that the path is looked at; in frames at least
STEP = 0.02  # frames between the moments that are tried
SLACK_S = 0.0125  # that what is told as clear may be off by, beyond the frame of contact beside it and on this side
TIE_M = 1e-5  # explaining the frames as well as this, the moment of the shortest flight is taken
LEAST_FRAMES = 4  # in the air, from which a moment can be told


def edge_moments(height: np.ndarray, a: int, b: int, dt: float) -> tuple[float, float]:
    """Take-off and landing of a flight over indices [a, b) of a height (frames,) m, as fractions of an index.

    Past the moment m the height strays from one parabola by c (t - m)³, where a push fades or grows from nothing, or
    by c (t - m)², where it ends or begins at once; c is at least 0. Two frames of contact leave m open, so of all
    that explain the frames alike the nearest to the flight counts. Half-way to the frame of contact beside it where
    the flight is too short to tell, or bends within; the first or last frame itself where it begins or ends the
    motion.
    """
    n = b - a
    off = float(a) if a == 0 else a - 0.5
    on = float(b - 1) if b == len(height) else b - 0.5
    if n < LEAST_FRAMES:
        return off, on
    drop = min(2, (n - LEAST_FRAMES) // 2)  # frames beside the edge may lie on either side of the moment
    sure = np.arange(a + drop, b - drop)
    reach = max(LEAST_REACH, round(REACH_S / dt))
    if a > 1:
        before = np.arange(sure[0] - 1, max(a - reach, 0) - 1, -1)
        off = _moment(height, sure, before, (a, dt))
    if b < len(height) - 1:
        after = np.arange(sure[-1] + 1, min(b + reach, len(height)))
        on = _moment(height, sure, after, (b - 1, dt))
    return off, on


def _moment(
    height: np.ndarray, sure: np.ndarray, outwards: np.ndarray, edge: tuple[int, float]
) -> float:  # fmt: skip
    """The index, a fraction, at which the height leaves the parabola of the frames `sure`; outwards : indices from
    there on; edge : the last frame in the air on that side, and s a frame."""
    at, dt = edge
    sign = 1 if outwards[0] > sure[-1] else -1
    middle = sure[len(sure) // 2]
    rows = np.concatenate([sure, outwards])
    line, tried, ways = _strays(tuple((sign * (rows - middle)).tolist()), int(sign * (at - middle)), dt)
    rest = height[rows] - line @ (line.T @ height[rows])
    left = np.full(len(tried), float(rest @ rest))
    for strays, size in ways:
        along = rest @ strays
        told = (size > 1e-30) & (along > 0)
        gained = np.where(told, along**2 / np.where(told, size, 1.0), 0.0)
        left = np.minimum(left, rest @ rest - gained)
    told = np.flatnonzero(left <= left.min() + TIE_M**2)[0]
    if told == 0:  # it leaves its arc while it is clear: what bends it there is no push and tells no moment
        return at + sign * 0.5
    return float(middle + sign * tried[told])


@lru_cache(maxsize=128)
def _strays(
    rows: tuple[int, ...], clear: int, dt: float
) -> tuple[np.ndarray, np.ndarray, tuple[tuple[np.ndarray, np.ndarray], ...]]:
    """What the heights of frames are tried by, the same for all flights as long: `rows`, frames from the middle of
    those that are sure; clear : the last of them in the air.

    Axes (rows, 3) of all parabolas; the moments (moments,) that are tried, in frames; and for each power of time how
    the path strays past them (rows, moments), beside every parabola, with the square of that (moments,).
    """
    t = np.array(rows) * dt
    line, _ = np.linalg.qr(np.column_stack([np.ones(len(t)), t, t * t]))
    tried = np.arange(clear - SLACK_S / dt, clear + 1.0 + SLACK_S / dt + 1e-9, STEP)
    past = np.maximum(t[:, None] - tried * dt, 0.0)
    ways = [strays - line @ (line.T @ strays) for strays in (past**power for power in POWERS)]
    return line, tried, tuple((strays, (strays**2).sum(axis=0)) for strays in ways)
