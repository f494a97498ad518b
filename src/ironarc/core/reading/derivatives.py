"""Derivatives that do not blur a contact: local fits, one-sided where footing is lost or found.

A quadratic is biased on motion that is exact (angular momentum 1 to 8 % off for a tumbling body at 24 to 60 fps), a
cubic of the same width is not, and passes on more of a capture's noise. So the degree follows the noise.
"""

from collections.abc import Sequence
from functools import cache, lru_cache
from itertools import pairwise

import numpy as np
from scipy.sparse import csr_array

from ironarc.core import rotation
from ironarc.core.rows import Span, runs, widened
from ironarc.core.shared import mostly

HALF_WIDTH_S = 0.06
MIN_HALF_WIDTH = 2
QUADRATIC, CUBIC = 2, 3
CUBIC_UP_TO_FPS = 30.5
NOISE_ALIKE = 0.15  # of its scatter at every other frame: exact motion 0.13 at most, captures 0.17 at least
QUIET_SHARE = 0.2  # of the frames of each joint, the quietest, that tell noise
NOISY_RAD, NOISY_FAST_RAD = np.radians(0.018), np.radians(0.005)  # a capture's scatter, below and above 45 fps
EXACT_RAD = np.radians(0.02)  # joints' scatter about a 7-frame cubic: captured motion shows more, exact motion less


def half_width(dt: float) -> int:
    """Frames on each side of the fit's window: about 0.06 s, and at least 2."""
    return max(MIN_HALF_WIDTH, round(HALF_WIDTH_S / dt))


@cache
def _weights(window: int, order: int, degree: int) -> np.ndarray:
    """(window, window): row k weighs the window's values for the derivative of their polynomial at place k.

    The middle row is Savitzky and Golay's (1964); the others are the same fit used off its centre, by a quadratic
    there: a cubic swings at its ends. Two values have a slope and no curvature, one value neither.
    """
    if window <= order:
        return np.zeros((window, window))
    out = _polynomial(window, order, min(QUADRATIC, window - 1))
    if degree > QUADRATIC and window > degree:
        off = np.abs(np.arange(window) - (window - 1) / 2) > 0.5
        out = np.where(off[:, None], out, _polynomial(window, order, degree))
    return out


def _polynomial(window: int, order: int, degree: int) -> np.ndarray:
    t = np.arange(window) - (window - 1) / 2
    fit = np.linalg.pinv(np.vander(t, degree + 1, increasing=True))
    if order == 2:
        return 2 * fit[2] + (6 * t[:, None] * fit[3] if degree > QUADRATIC else np.zeros((window, 1)))
    slope = np.tile(fit[1], (window, 1))
    for power in range(2, degree + 1):
        slope = slope + power * t[:, None] ** (power - 1) * fit[power]
    return slope


def degree_for(local: np.ndarray, dt: float) -> int:
    """The degree that suits a motion of local rotations (frames, joints, 4): cubic at 30 fps and below, and above
    that where the joints lie within 0.02 degrees of a smooth curve."""
    if dt > 1 / CUBIC_UP_TO_FPS:
        return CUBIC
    if len(local) < 9:
        return QUADRATIC
    # what a 7-frame cubic leaves, at its middle, of the quaternion's vector part: half the angle
    t = np.arange(-3, 4)
    smooth = (np.vander(t, 4, increasing=True) @ np.linalg.pinv(np.vander(t, 4, increasing=True)))[3]
    vector = local[..., 1:]
    middle = sum(w * vector[k : len(vector) - 6 + k] for k, w in enumerate(smooth))
    left = 2 * rotation.length(vector[3:-3] - middle)
    # the scatter of a joint that moves; contacts are kinks, and a median passes over them
    moving = left.max(axis=0) > 1e-9
    return CUBIC if not moving.any() or np.median(left[:, moving]) < EXACT_RAD else QUADRATIC


def is_captured(local: np.ndarray, dt: float) -> bool:
    """Whether local rotations (frames, joints, 4) carry a capture's noise, as `captured_by` tells it."""
    return captured_by(scatters(local), dt)


def captured_by(scatter: Sequence[np.ndarray], dt: float) -> bool:
    """Whether a motion of these `scatters` carries a capture's noise.

    Fourth differences of a smooth motion vanish where it is quiet, those of a measured one never do: so the quietest
    fifth of the frames of each joint tells. Captured clips show 0.008 to 0.24 degrees there, exact and keyed ones at
    the same rates a fifth of that at most.
    """
    quietest = _quietest(scatter[0])
    if quietest <= (NOISY_RAD if dt > 1 / 45 else NOISY_FAST_RAD):
        return False
    # seen at every other frame what is smooth strays up to sixteen times as far, and noise as far as before
    coarse = [x for x in map(_quietest, scatter[1:]) if x > 0]
    return not coarse or quietest > NOISE_ALIKE * float(np.mean(coarse))


def scatters(local: np.ndarray) -> tuple[np.ndarray, ...]:
    """(frames - 4, joints) rad each, fourth differences of local rotations (frames, joints, 4): of all frames, of
    every other one, and of those between."""
    return tuple(_scatter(seen) for seen in _seen(local))


def scatters_again(was: Sequence[np.ndarray], local: np.ndarray, changed: np.ndarray) -> tuple[np.ndarray, ...]:
    """The same of rotations that are not those of `was` on the frames `changed` (frames,) bool."""
    out = []
    for known, seen, rows in zip(was, _seen(local), _seen(changed), strict=True):
        spans = [(max(a - 4, 0), min(b, len(known))) for a, b in runs(rows)]
        made = mostly(known, spans)
        for low, high in spans:
            made[low:high] = _scatter(seen[low : high + 4])
        out.append(made)
    return tuple(out)


def _seen(x: np.ndarray) -> tuple[np.ndarray, ...]:
    return x, x[::2], x[1::2]


def _scatter(local: np.ndarray) -> np.ndarray:
    return 2 * rotation.length(np.diff(local[..., 1:], 4, axis=0)) / np.sqrt(70)


def _quietest(scatter: np.ndarray) -> float:
    """rad, the fourth difference of the quietest fifth of the frames of what moves; 0 where nothing does."""
    if len(scatter) < 5:
        return 0.0
    scatter = scatter[:, scatter.max(axis=0) > 1e-9]
    return float(np.quantile(scatter, QUIET_SHARE)) if scatter.size else 0.0


@lru_cache(maxsize=16)
def difference_operator(
    count: int, dt: float, order: int = 1, breaks: tuple[int, ...] = (), degree: int = QUADRATIC
) -> csr_array:
    """(count, count) sparse matrix that differentiates once (order 1) or twice (order 2) along time.

    breaks : the first index of each new span; no fit reaches across one. Near a break or an end the nearest
        whole window is used off its centre; a span shorter than the window is its own window. Kept, since a
        shot's variants mostly share their flights. degree : of the fitted polynomial, see `degree_for`
    """
    return _operator(count, dt, order, breaks, degree)


def _operator(count: int, dt: float, order: int, breaks: tuple[int, ...], degree: int) -> csr_array:
    wide = 2 * half_width(dt) + 1
    edges = [0, *sorted({b for b in breaks if 0 < b < count}), count]
    columns, values, lengths = [], [], []
    for a, b in pairwise(edges):
        window = min(wide, b - a)
        at = np.arange(a, b)
        start = np.clip(at - window // 2, a, b - window)
        columns.append((start[:, None] + np.arange(window)).ravel())
        values.append(_weights(window, order, degree)[at - start].ravel())
        lengths.append(np.full(b - a, window))
    ends = np.concatenate([[0], np.cumsum(np.concatenate(lengths))])
    return csr_array((np.concatenate(values) / dt**order, np.concatenate(columns), ends), shape=(count, count))


def operator_rows(
    span: Span, count: int, dt: float, order: int, breaks: Sequence[int], degree: int
) -> tuple[csr_array, Span]:  # fmt: skip
    """The rows [a, b) = `span` of a `difference_operator`, and the frames [low, high) that their columns are."""
    if span == (0, count):
        return difference_operator(count, dt, order, tuple(breaks), degree), span
    low, high = widened(span, 2 * half_width(dt) + 1, count)  # no fit reaches farther
    cut = tuple(x - low for x in breaks if low < x < high)
    part = _operator(high - low, dt, order, cut, degree)
    return part[span[0] - low : span[1] - low], (low, high)


def apply(operator: csr_array, x: np.ndarray) -> np.ndarray:
    """The operator, or some of its rows, on x (frames, ...): a row for each of its."""
    return (operator @ x.reshape(len(x), -1)).reshape(-1, *x.shape[1:])


def derivative(
    x: np.ndarray, dt: float, order: int = 1, breaks: tuple[int, ...] = (), degree: int = QUADRATIC
) -> np.ndarray:
    """First or second time derivative of x (frames, ...), the same shape; see `difference_operator`."""
    return apply(difference_operator(len(x), dt, order, breaks, degree), x)
