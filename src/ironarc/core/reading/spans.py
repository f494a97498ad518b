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
    forward = _latch(begins, holds)
    backward = _latch(begins[::-1], holds[::-1])[::-1]
    return forward & backward


def _latch(begins: np.ndarray, holds: np.ndarray) -> np.ndarray:
    """Switched on by `begins`, and kept on as long as `holds` stays true."""
    row = np.arange(len(begins))[:, None]
    last_begin = np.maximum.accumulate(np.where(begins, row, -1), axis=0)
    last_break = np.maximum.accumulate(np.where(holds | begins, -1, row), axis=0)
    return last_begin > last_break
