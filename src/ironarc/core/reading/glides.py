"""A body that is borne by nothing that stays: it glides, at whatever speed."""

import numpy as np
from scipy.ndimage import convolve1d

from ironarc.core import rotation
from ironarc.core.reading.again import by_frames
from ironarc.core.reading.forces import read_forces
from ironarc.core.reading.read import Reading
from ironarc.core.reading.spans import runs
from ironarc.core.settings import SETTINGS


def against(reading: Reading, surface: str, points: np.ndarray) -> np.ndarray:
    """(frames - 1, points, 2) m, x and z, that the material goes over a surface from each frame to the next."""
    track = reading.traced.track
    moved = track.moved[:-1, points][..., [0, 2]]
    prop = next((p for p in reading.traced.props if p.id == surface), None)
    if prop is None or not prop.is_keyed:
        return moved
    at, turn = prop.track(reading.poses.frames)
    own = rotation.rotate(turn[:-1, None], track.at[:-1, points] - at[:-1, None], back=True)
    carried = rotation.rotate(turn[1:, None], own) + at[1:, None] - track.at[:-1, points]
    return moved - carried[..., [0, 2]]


def smoothed(reading: Reading, moved: np.ndarray, among: np.ndarray) -> np.ndarray:
    """Steps (frames - 1, points, 2) m averaged over a tenth of a second, among those (frames - 1, points) that count.

    What goes to and fro from frame to frame goes nowhere, at any rate.
    """
    width = 2 * max(1, round(SETTINGS["glide_smooth"].value / 2 / reading.poses.dt)) + 1
    weight = mean_around(among.astype(float), width, "constant")
    mean = mean_around(np.where(among[..., None], moved, 0.0), width, "constant")
    return np.where(among[..., None], mean / np.maximum(weight, 1e-9)[..., None], moved)


def mean_around(x: np.ndarray, width: int, mode: str = "reflect") -> np.ndarray:
    """The mean of `width` frames about each, along axis 0: from these alone to the last digit, and not from a running
    sum, which would owe that digit to all frames before."""
    return convolve1d(x, np.full(width, 1.0 / width), axis=0, mode=mode)


def slower_side(pace: np.ndarray) -> np.ndarray:
    """(frames,) of a pace (frames - 1,) between frames: the slower one beside each frame."""
    return np.minimum(np.append(pace, np.inf), np.append(np.inf, pace))


def read_glides(reading: Reading) -> tuple[np.ndarray, np.ndarray]:
    """(frames,) bool: the body is borne, and by nothing that stays; (frames,) m/s, how fast the slowest low part goes.

    A body goes along only as fast as the slowest part of it that is low: the others are on their way.
    """
    found, slowest = reading.ask(_glides)
    # for a moment is no glide: what comes down or leaves is on its way
    lasts = SETTINGS["glide_captured" if reading.traced.captured else "glide_lasts"].value
    shortest, out = max(3, int(np.ceil(lasts / reading.poses.dt))), found.copy()
    for a, b in runs(found):
        if b - a < shortest:
            out[a:b] = False
    return out, slowest


@by_frames
def _glides(reading: Reading) -> tuple[np.ndarray, np.ndarray]:
    """The same for a moment or for long."""
    n, dt, size = len(reading.com), reading.poses.dt, reading.size
    slowest = np.full(n, np.inf)
    for surface, touch in reading.touch.items():
        near = reading.surfaces[surface]
        low = touch & (near.away < SETTINGS["contact_near"].value * size)
        among = low[:-1] & low[1:]
        moved = smoothed(reading, against(reading, surface, np.arange(touch.shape[1])), among)
        pace = np.where(among, rotation.length(moved) / dt, np.inf).min(axis=1, initial=np.inf)
        # what rests by the speed of a single frame stays
        rests = (touch & reading.rests[surface]).any(axis=1)
        slowest = np.minimum(slowest, np.where(rests, 0.0, slower_side(pace)))
    borne = reading.ask(read_forces).needed[:, 1] > SETTINGS["glide_borne"].value
    out = borne & (slowest > SETTINGS["contact_slow"].value * size) & ~reading.footing.air & np.isfinite(slowest)
    return out, np.where(np.isfinite(slowest), slowest, 0.0)
