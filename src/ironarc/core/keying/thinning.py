"""Motion with a value on every frame smoothed, and thinned to an animator's keys."""

from collections.abc import Callable, Mapping, Sequence
from itertools import pairwise

import numpy as np
from scipy.linalg import solveh_banded

from ironarc.core.columns import Keys, Turns
from ironarc.core.columns.keyed import Keyed
from ironarc.core.columns.keys import BY_HAND, FREE

MOST_PASSES = 60


def smoothed(values: np.ndarray, strength: float) -> np.ndarray:
    """Values (frames, ...) on every frame with their roughness taken away, both ends where they were.

    The penalised least squares of Whittaker (Eilers, Analytical Chemistry 75, 2003): min Σ (z - y)² + λ Σ (Δ² z)²;
    strength : frames over which a bump is taken for noise
    """
    n = len(values)
    if n < 4 or strength <= 0:
        return values.copy()
    lam = (strength / 2) ** 4
    flat = values.reshape(n, -1)
    # Dᵀ D of second differences, in upper banded form
    diagonal, first, second = np.full(n, 6.0), np.full(n - 1, -4.0), np.full(n - 2, 1.0)
    diagonal[[0, -1]], diagonal[[1, -2]] = 1.0, 5.0
    first[[0, -1]] = -2.0
    if n == 4:
        diagonal[[1, 2]] = 5.0
    bands = np.zeros((3, n))
    bands[2] = 1.0 + lam * diagonal
    bands[1, 1:], bands[0, 2:] = lam * first, lam * second
    # both ends are held by a weight far above the others
    hold = 1e6 * (1 + lam)
    bands[2, [0, -1]] += hold
    wanted = flat.copy()
    wanted[[0, -1]] += hold * flat[[0, -1]]
    return solveh_banded(bands, wanted).reshape(values.shape)


def thinned(
    columns: Mapping, frames: np.ndarray, first_keys: Sequence[int],
    error_m: Callable[[Mapping, np.ndarray], np.ndarray], within_m: float,
) -> tuple[dict, list[int]]:  # fmt: skip
    """Columns keyed on as few frames as keep the motion within `within_m`, and these frames.

    columns : {name: (frames,) or (frames, 3) values on every one of `frames`, and its order for a rotation or ""}
    first_keys : frames that are keyed whatever the error: the ends and the extremes
    error_m : how far off (frames,) m the motion of keyed columns is; where it is too far, the worst frame of every
        span is keyed too, and so on
    """
    keyed = sorted({int(frames[0]), int(frames[-1]), *map(int, first_keys)})
    for _ in range(MOST_PASSES):
        made = {name: _keyed_on(values, order, frames, keyed) for name, (values, order) in columns.items()}
        off = error_m(made, frames)
        worst = []
        for a, b in pairwise(keyed):
            inside = np.flatnonzero((frames > a) & (frames < b))
            if len(inside) and off[inside].max() > within_m:
                worst.append(int(frames[inside[off[inside].argmax()]]))
        if not worst:
            break
        keyed = sorted({*keyed, *worst})
    return made, keyed


def _keyed_on(values: np.ndarray, order: str, frames: np.ndarray, keyed: Sequence[int]) -> Keyed:
    """Keys on some frames with the slopes the motion has there, at the ends those of its first and last step."""
    at = np.searchsorted(frames, keyed)
    slopes = np.gradient(values, axis=0)[at] if len(values) > 1 else np.zeros_like(values)
    kinds, meant = np.full(len(at), FREE), np.full(len(at), BY_HAND)
    where = np.asarray(keyed, dtype=float)
    if order:
        return Turns(where, values[at], slopes, slopes, kinds, meant, order)
    return Keys(where, values[at], slopes, slopes, kinds, meant)


def extremes(values: np.ndarray, frames: np.ndarray, least: float) -> list[int]:
    """Frames on which a curve (frames,) turns back, by more than `least` from the turn before."""
    turns, last = [], values[0]
    step = np.sign(np.diff(values))
    for i in range(1, len(values) - 1):
        if step[i - 1] != step[i] and step[i - 1] != 0 and abs(values[i] - last) > least:
            turns.append(int(frames[i]))
            last = values[i]
    return turns
