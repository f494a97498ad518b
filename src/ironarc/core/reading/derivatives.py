"""Derivatives that do not blur a contact: local quadratic fits, one-sided where footing is lost or found."""

from functools import cache, lru_cache
from itertools import pairwise

import numpy as np
from scipy.sparse import csr_array

HALF_WIDTH_S = 0.06
MIN_HALF_WIDTH = 2


def half_width(dt: float) -> int:
    """Frames on each side of the fit's window: about 0.06 s, and at least 2."""
    return max(MIN_HALF_WIDTH, round(HALF_WIDTH_S / dt))


@cache
def _weights(window: int, order: int) -> np.ndarray:
    """(window, window): row k weighs the window's values for the derivative of their quadratic at place k.

    The middle row is Savitzky and Golay's (1964); the others are the same fit used off its centre. Two
    values have a slope and no curvature, one value neither.
    """
    if window <= order:
        return np.zeros((window, window))
    t = np.arange(window) - (window - 1) / 2
    fit = np.linalg.pinv(np.vander(t, min(window, 3), increasing=True))
    if order == 2:
        return np.tile(2 * fit[2], (window, 1))
    slope = np.tile(fit[1], (window, 1))
    return slope + 2 * t[:, None] * fit[2] if window > 2 else slope


@lru_cache(maxsize=16)
def difference_operator(count: int, dt: float, order: int = 1, breaks: tuple[int, ...] = ()) -> csr_array:
    """(count, count) sparse matrix that differentiates once (order 1) or twice (order 2) along time.

    breaks : the first index of each new span; no fit reaches across one. Near a break or an end the nearest
        whole window is used off its centre; a span shorter than the window is its own window. Kept, since a
    shot's variants mostly share their flights.
    """
    wide = 2 * half_width(dt) + 1
    edges = [0, *sorted({b for b in breaks if 0 < b < count}), count]
    columns, values, lengths = [], [], []
    for a, b in pairwise(edges):
        window = min(wide, b - a)
        at = np.arange(a, b)
        start = np.clip(at - window // 2, a, b - window)
        columns.append((start[:, None] + np.arange(window)).ravel())
        values.append(_weights(window, order)[at - start].ravel())
        lengths.append(np.full(b - a, window))
    ends = np.concatenate([[0], np.cumsum(np.concatenate(lengths))])
    return csr_array((np.concatenate(values) / dt**order, np.concatenate(columns), ends), shape=(count, count))


def apply(operator: csr_array, x: np.ndarray) -> np.ndarray:
    """The operator on x (frames, ...), the same shape."""
    return (operator @ x.reshape(len(x), -1)).reshape(x.shape)


def derivative(x: np.ndarray, dt: float, order: int = 1, breaks: tuple[int, ...] = ()) -> np.ndarray:
    """First or second time derivative of x (frames, ...), the same shape; see `difference_operator`."""
    return apply(difference_operator(len(x), dt, order, breaks), x)
