"""Spans of frames over which something holds, and when a point rests."""

import numpy as np

from ironarc.core.rows import Span, runs
from ironarc.core.settings import SETTINGS

__all__ = ["Span", "hold_from_seed", "resting", "runs"]


def resting(clearance: np.ndarray, speed: np.ndarray, size: float) -> np.ndarray:
    """(frames, points) bool: near and slow to begin with, and near enough to go on."""
    near, slow, hold, fast = (
        SETTINGS[key].value * size for key in ("contact_rest", "contact_slow", "contact_hold", "contact_fast")
    )
    return hold_from_seed((clearance < near) & (speed < slow), (clearance < hold) & (speed < fast))


def hold_from_seed(begins: np.ndarray, holds: np.ndarray) -> np.ndarray:
    """True over every run of `holds` along axis 0 from the first `begins` within it to the last."""
    frames, points = begins.shape
    if not begins.any():
        return np.zeros_like(begins)
    # point after point in one row, a frame of nothing behind each
    on, seeds = np.zeros((2, points, frames + 1), dtype=bool)
    np.logical_or(holds.T, begins.T, out=on[:, :frames])
    seeds[:, :frames] = begins.T
    on, seeds = on.ravel(), np.flatnonzero(seeds)
    run = np.searchsorted(np.flatnonzero(on[:-1] & ~on[1:]), seeds)
    new = np.flatnonzero(np.diff(run)) + 1
    steps = np.zeros(len(on) + 1, dtype=np.int8)
    steps[seeds[np.concatenate([[0], new])]] = 1
    steps[seeds[np.concatenate([new - 1, [-1]])] + 1] = -1
    held = np.cumsum(steps[:-1], dtype=np.int8).astype(bool).reshape(points, frames + 1)
    return np.ascontiguousarray(held[:, :frames].T)
