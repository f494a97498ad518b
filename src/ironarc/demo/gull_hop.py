"""PF-070 Gull's hop: the three-legged dog crouches, hops ahead and lands; weighed by length and girth alone."""

import numpy as np

from ironarc.core.columns.keys import keys_by_hand
from ironarc.core.document import Shot
from ironarc.core.settings import GRAVITY_MS2
from ironarc.demo.gull import CM, Dog

NAME, FPS, FRAMES = "PF-070 Gull's hop", 24.0, 48
TAKE_OFF, LANDING = 19, 27  # last frame of contact, first frame of contact
AHEAD_CM = 46.0
# The path of the center of gravity, cm: frame, height, how far ahead
PATH = ((1, 38.0, 11.0), (8, 38.4, 11.0), (14, 29.0, 12.5))
AFTER = ((32, 29.0, 11.5 + AHEAD_CM), (41, 38.4, 11.0 + AHEAD_CM), (FRAMES, 38.0, 11.0 + AHEAD_CM))
LEAVES, LANDS = (39.0, 16.0), (37.0, 6.0 + AHEAD_CM)
HEAD = {
    1: (0, 6),
    8: (6, 2),
    14: (-16, 22),
    19: (14, -8),
    23: (2, 8),
    27: (-8, 14),
    32: (-14, 20),
    41: (4, 4),
    48: (0, 6),
}
TAIL = {1: 0, 14: 22, 19: -18, 24: 10, 29: -14, 36: 8, 48: 0}
TUCK = 0.62  # how far the legs fold in the air, as a share of their length


def com_path() -> np.ndarray:
    """(frames, 2) cm: height, and how far ahead; under gravity in the air, smooth on the ground."""
    at = np.arange(1, FRAMES + 1, dtype=float)
    out = np.zeros((FRAMES, 2))
    hang = (LANDING - TAKE_OFF) / FPS
    t = (at - TAKE_OFF) / FPS
    g = GRAVITY_MS2 / CM
    up = (LANDS[0] - LEAVES[0]) / hang + g * hang / 2
    along = (LANDS[1] - LEAVES[1]) / hang
    air = (at >= TAKE_OFF) & (at <= LANDING)
    out[air, 0] = LEAVES[0] + up * t[air] - g / 2 * t[air] ** 2
    out[air, 1] = LEAVES[1] + along * t[air]
    before = ((TAKE_OFF, *LEAVES), (up / FPS, along / FPS))
    after = ((LANDING, *LANDS), ((up - g * hang) / FPS, along / FPS))
    for axis in (0, 1):
        keys = [(f, v[axis], 0.0) for f, *v in PATH] + [(TAKE_OFF, LEAVES[axis], before[1][axis])]
        out[: TAKE_OFF - 1, axis] = _hermite(keys, at[: TAKE_OFF - 1])
        keys = [(LANDING, LANDS[axis], after[1][axis])] + [(f, v[axis], 0.0) for f, *v in AFTER]
        out[LANDING:, axis] = _hermite(keys, at[LANDING:])
    return out


def _hermite(keys: list[tuple[float, float, float]], at: np.ndarray) -> np.ndarray:
    frames, values, slopes = (np.array(column, dtype=float) for column in zip(*keys, strict=True))
    return keys_by_hand(frames, values, slopes).sample(at)


class _Hopping(Dog):
    """Feet on the ground before and after, drawn up under the body on the way."""

    def foot(self, leg: str, frame: int, hip: np.ndarray) -> np.ndarray:
        foot = self.ground[leg].copy()
        if frame >= LANDING:
            return foot + np.array([0.0, AHEAD_CM])
        if frame <= TAKE_OFF:
            return foot
        u = (frame - TAKE_OFF) / (LANDING - TAKE_OFF)
        lift = 4 * u * (1 - u)
        foot = foot + np.array([0.0, AHEAD_CM * u])
        near = hip + (foot - hip) * TUCK
        return foot + (near - foot) * lift


def make() -> Shot:
    """The shot, keyed on ones where the legs are solved."""
    return _Hopping(FRAMES, FPS, HEAD, TAIL).shot(NAME, com_path())
