"""A joint made anew over frames on which it was spoiled, from what is clean beside them."""

import numpy as np
from scipy.interpolate import Akima1DInterpolator

from ironarc.core import rotation

RAMP_S = 0.17  # beside the spoiled frames, over which a joint may have been led there and back
BESIDE = 4  # clean frames on either side that a curve goes through
A_FRAME = 0.02  # of roughness that a frame more made anew costs
ALIKE_RAD = 0.3  # rms of the turns of all other joints, that makes two moments alike
MEETS_RAD = 0.5  # that the joint itself differs by at most there, on the clean frames at either end
ALIKE_FRAMES = 3  # on either side that have to be alike, too


def spoiled_span(turn: np.ndarray, a: int, b: int, dt: float) -> tuple[int, int] | None:
    """The span around the spoiled frames [a, b) of a joint's rotations (frames, 4) that is made anew: the one whose
    curve through its clean neighbours is the least rough. None where there are no neighbours."""
    n, reach = len(turn), max(2, round(RAMP_S / dt))
    found = []
    for x in range(max(a - reach, BESIDE), a + 1):
        for y in range(b, min(b + reach, n - BESIDE) + 1):
            made = between(turn, x, y)[max(x - BESIDE - 1, 0) : y + BESIDE + 1]
            step = rotation.log(rotation.multiply(rotation.conjugate(made[:-1]), made[1:]))
            rough = float(np.sqrt((np.diff(step, 2, axis=0) ** 2).sum())) / dt**1.5
            found.append((rough + A_FRAME * (y - x), x, y))
    return min(found)[1:] if found else None


def between(turn: np.ndarray, x: int, y: int) -> np.ndarray:
    """Rotations (frames, 4) with those of the frames [x, y) on a curve through the clean ones on either side."""
    clean = np.r_[np.arange(max(x - BESIDE, 0), x), np.arange(y, min(y + BESIDE, len(turn)))]
    away = rotation.log(rotation.multiply(rotation.conjugate(turn[x - 1]), turn[clean]))
    rows, out = np.arange(x, y), turn.copy()
    out[rows] = rotation.multiply(turn[x - 1], rotation.exp(Akima1DInterpolator(clean, away, axis=0)(rows)))
    return out


def as_elsewhere(local: np.ndarray, joint: int, roots: list[int], x: int, y: int) -> np.ndarray | None:
    """Rotations (frames, 4) of a joint with those of [x, y) as they are where all other joints do the same, led over
    from what it is on either side. local : (frames, joints, 4). None where they never do."""
    n = len(local)
    low, high = max(x - ALIKE_FRAMES, 0), min(y + ALIKE_FRAMES, n)
    others = [j for j in range(local.shape[1]) if j != joint and j not in roots]
    here, found = local[low:high, others], []
    for shift in range(-low, n - high + 1):
        if abs(shift) >= high - low:
            there = local[low + shift : high + shift, others]
            off = rotation.log(rotation.multiply(rotation.conjugate(here), there))
            found.append((float(np.sqrt((off**2).sum(axis=-1).mean())), shift))
    if not found or min(found)[0] > ALIKE_RAD or y >= n:
        return None
    shift = min(found)[1]
    there = local[x - 1 + shift : y + 1 + shift, joint]
    first = rotation.log(rotation.multiply(rotation.conjugate(there[0]), local[x - 1, joint]))
    last = rotation.log(rotation.multiply(rotation.conjugate(there[-1]), local[y, joint]))
    if max(np.linalg.norm(first), np.linalg.norm(last)) > MEETS_RAD:
        return None
    s = np.linspace(0, 1, len(there))[:, None]
    s = s * s * (3 - 2 * s)
    out = local[:, joint].copy()
    out[x - 1 : y + 1] = rotation.multiply(there, rotation.exp(first * (1 - s) + last * s))
    return out
