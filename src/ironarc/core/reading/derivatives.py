"""Derivatives that do not blur a contact: local quadratic fits, one-sided where footing is lost or found."""

import itertools

import numpy as np
from scipy.signal import savgol_filter

HALF_WIDTH_S = 0.06
MIN_HALF_WIDTH = 2


def half_width(dt: float) -> int:
    """Frames on each side of the fit's window: about 0.06 s, and at least 2."""
    return max(MIN_HALF_WIDTH, round(HALF_WIDTH_S / dt))


def spans_between(breaks: list[int], count: int) -> list[tuple[int, int]]:
    """Index spans [a, b) of 0 … count cut at each index in `breaks` (the first index of a new span)."""
    edges = [0, *sorted({b for b in breaks if 0 < b < count}), count]
    return list(itertools.pairwise(edges))


def derivative(x: np.ndarray, dt: float, order: int = 1, breaks: list[int] = ()) -> np.ndarray:
    """First or second time derivative of x (frames, ...), the same shape.

    Savitzky-Golay with a quadratic (Savitzky and Golay 1964); at the ends of each span between `breaks`
    the last full window's fit is used off its centre, so no fit reaches across a break. A span of two
    frames has a slope and no curvature; a span of one frame has neither, and gets zero.
    """
    out = np.zeros(x.shape)
    for a, b in spans_between(list(breaks), len(x)):
        n = b - a
        window = min(2 * half_width(dt) + 1, n if n % 2 else n - 1)
        if window >= 3:
            out[a:b] = savgol_filter(x[a:b], window, 2, deriv=order, delta=dt, axis=0, mode="interp")
        elif n == 2 and order == 1:
            out[a:b] = (x[a + 1] - x[a]) / dt
    return out
