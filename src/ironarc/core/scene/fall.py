"""A body thrown from one point to another."""

import numpy as np


def leap_between(start: np.ndarray, end: np.ndarray, hang_s: float, g: float, t: np.ndarray) -> np.ndarray:
    """(times, 3) m on the arc from `start` to `end` (3,) in `hang_s`: p(t) = p0 + v t + ½ g⃗ t²."""
    fall = np.array([0.0, -g / 2, 0.0])
    velocity = (end - start) / hang_s - fall * hang_s
    t = np.asarray(t)[:, None]
    return start + velocity * t + fall * t * t
