"""A lean of the whole body taken back: turned about its feet to where it stood before and after, its own sway kept."""

import numpy as np

from ironarc.core import rotation
from ironarc.core.errors import EditError
from ironarc.core.keying.thinning import smoothed
from ironarc.core.reading import Reading
from ironarc.core.truing.carry import Figure, Planted, end_of, planted

EDGE = 3  # frames at either end that tell where the plumb falls while it stands well
WELL = 0.6  # of the lean in the middle, under which an end stands well
LOWEST = 0.2  # of the height, that the center of gravity is taken to be over the feet at least
RAMP = (3, 3.0)  # frames that a lean comes and goes over: at least, and times the frames before it, at most
LENGTHS, BEGINS = 12, 100  # of it that are tried
ROUNDED = 1.5  # frames that the corners of its course are rounded over
LEAST_RAD = np.radians(1.0)


def standing(reading: Reading, start: int, end: int) -> slice:
    """The frames about [start, end) (indices) between the flight before and the flight after."""
    low, high = reading.traced.plays
    for a, b in reading.footing.flights:
        low = max(low, b) if b <= start else low
        high = min(high, a) if a >= end else high
    return slice(low, high)


def turned_back(reading: Reading, start: int, end: int) -> tuple[Figure, float]:
    """The body turned about its feet over the stand that [start, end) (indices) lies in, and by how many radians at
    most. EditError where no leg bears it all along, or it leans from end to end."""
    at = standing(reading, start, end)
    figure = Figure.of(reading, at)
    feet = [f for f in planted(reading, at) if f.limb.is_leg]
    if not feet or not reading.footing.on[at].any(axis=1).all():
        raise EditError("No foot stands all along: it can't be turned about its feet.")
    was = figure.was
    ends = [end_of(f.limb, was.rotation, was.position) for f in feet]
    about = np.mean(ends, axis=0)
    angle, axis = _lean(reading.com[at] - about, reading.size, start - at.start, end - at.start)
    most = float(np.abs(angle).max())
    if most < LEAST_RAD:
        raise EditError("It stands as upright as it does before and after.")
    _turn(figure, feet, ends, about, rotation.exp(angle[:, None] * axis))
    return figure, most


def _turn(figure: Figure, feet: list[Planted], ends: list, about: np.ndarray, turn: np.ndarray) -> None:
    """The whole turned about a place (frames, 3) m, its feet where they were."""
    root = figure.was.rig.roots[0]
    figure.local[:, root] = rotation.multiply(turn, figure.local[:, root])
    figure.translation[:, root] = about + rotation.rotate(turn, figure.translation[:, root] - about)
    for foot, end in zip(feet, ends, strict=True):
        figure.reach(foot.limb, end)


def _lean(arm: np.ndarray, size: float, start: int, end: int) -> tuple[np.ndarray, np.ndarray]:
    """(frames,) rad to turn back by, and the level axis (3,), of the arm (frames, 3) m from feet to center of
    gravity."""
    off, n = arm[:, [0, 2]], len(arm)
    middle = float(np.linalg.norm(np.median(off, axis=0)))
    ends = [off[:EDGE].mean(axis=0), off[-EDGE:].mean(axis=0)]
    # an end that is within the lean itself tells nothing: the other one stands for it
    well = [e for e in ends if np.linalg.norm(e) < WELL * middle] or [min(ends, key=np.linalg.norm)]
    level = np.zeros((n, 3))
    level[:, [0, 2]] = well[0] + np.outer(np.linspace(0, 1, n), well[-1] - well[0]) - off
    axes = rotation.cross(np.broadcast_to([0.0, 1.0, 0.0], level.shape), level)
    axis = axes.sum(axis=0)
    if np.linalg.norm(axis) < 1e-9:
        return np.zeros(n), np.array([1.0, 0.0, 0.0])
    axis /= np.linalg.norm(axis)
    raw = np.arctan2(axes @ axis, np.maximum(arm[:, 1], LOWEST * size))
    return _plateau(raw, start, end), axis


def _plateau(raw: np.ndarray, start: int, end: int) -> np.ndarray:
    """A course that is level where raw (frames,) is high and led there and back as it was: what sways on top stays."""
    n, most = len(raw), float(np.percentile(np.abs(raw), 90))
    if most < LEAST_RAD / 2:
        return np.zeros(n)
    top = float(np.median(raw[np.abs(raw) > WELL * most]))
    share, middle = raw / top, (start + end) // 2
    rises = _ramp(share, middle, start) if share[:EDGE].mean() < 0.5 else np.ones(n)
    falls = _ramp(share[::-1], n - middle, n - end)[::-1] if share[-EDGE:].mean() < 0.5 else np.ones(n)
    return smoothed(top * rises * falls, ROUNDED)


def _ramp(share: np.ndarray, last: int, outside: int) -> np.ndarray:
    """(frames,) the soft rise from 0 to 1 that lies nearest to share (frames,) over its first `last` frames, of which
    so many lie outside of what leans."""
    rows, best, least = np.arange(len(share))[:, None], np.ones(len(share)), np.inf
    for long in np.unique(np.geomspace(RAMP[0], RAMP[1] * (outside + RAMP[0]), LENGTHS).astype(int)):
        begins = np.arange(-1, last - RAMP[0], max(1, last // BEGINS))
        u = np.clip((rows - begins) / long, 0, 1)
        shapes = u * u * (3 - 2 * u)
        off = ((shapes[:last] - share[:last, None]) ** 2).sum(axis=0)
        if len(off) and off.min() < least:
            best, least = shapes[:, int(off.argmin())], off.min()
    return best
