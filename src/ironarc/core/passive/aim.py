"""Where a prop must leave to, to be somewhere at some time: through still air in closed form, with drag by shooting."""

import numpy as np
from scipy.optimize import brentq

from ironarc.core.errors import EditError

FASTEST_MS = 60.0  # that a release may have: a throw is told to be too hard before it is asked for
AIR_STEP_S = 1 / 60  # of fourth order: within a micrometre of steps a hundred times as fine
TRIES, CLOSE_M, NUDGE_MS = 12, 1e-4, 1e-3
RISES_M, TOP_M = 0.02, 100.0  # over both ends, that a throw which is to rise does; and the highest
CLOSE_S = 1e-4


def path(
    start: np.ndarray, velocity: np.ndarray, time_s: float, g: float, slows_per_m: float, wind: np.ndarray | None = None
) -> np.ndarray:  # fmt: skip
    """(steps + 1, trials, 3) m: where things thrown from `start` (3,) with velocities (trials, 3) are, up to a time.

    slows_per_m : the air slows them by this times the square of their speed through it; wind : (3,) m/s
    """
    down, air = np.array([0.0, -g, 0.0]), np.zeros(3) if wind is None else np.asarray(wind, dtype=float)

    def pull(v: np.ndarray) -> np.ndarray:
        through = v - air
        return down - slows_per_m * np.sqrt((through * through).sum(axis=-1, keepdims=True)) * through

    steps = max(1, int(np.ceil(time_s / AIR_STEP_S)))
    h = time_s / steps
    out = np.empty((steps + 1, *velocity.shape))
    out[0], v = start, velocity.copy()
    for k in range(steps):
        # the classical fourth-order method of Runge and Kutta, exact where nothing but gravity pulls
        k1, u1 = pull(v), v
        k2, u2 = pull(v + h / 2 * k1), v + h / 2 * k1
        k3, u3 = pull(v + h / 2 * k2), v + h / 2 * k2
        k4, u4 = pull(v + h * k3), v + h * k3
        out[k + 1] = out[k] + h / 6 * (u1 + 2 * u2 + 2 * u3 + u4)
        v = v + h / 6 * (k1 + 2 * k2 + 2 * k3 + k4)
    return out


def release(
    start: np.ndarray, target: np.ndarray, time_s: float, g: float, slows_per_m: float = 0.0,
    wind: np.ndarray | None = None,
) -> np.ndarray:  # fmt: skip
    """(3,) m/s that what leaves `start` (3,) must have to be at `target` (3,) after a time.

    Raises EditError where it would have to be faster than anything is thrown, with the time that would do.
    """
    if time_s <= 0:
        raise EditError("It must arrive on a later frame than it leaves.")
    v = (target - start) / time_s + np.array([0.0, g * time_s / 2, 0.0])
    for _ in range(TRIES if slows_per_m > 0 else 0):
        trials = np.vstack([v, v + NUDGE_MS * np.eye(3)])
        ends = path(start, trials, time_s, g, slows_per_m, wind)[-1]
        off = target - ends[0]
        if np.linalg.norm(off) < CLOSE_M:
            break
        v = v + np.linalg.solve((ends[1:] - ends[0]).T / NUDGE_MS, off)
        speed = float(np.linalg.norm(v))
        if not np.isfinite(speed) or speed > 4 * FASTEST_MS:
            v = np.full(3, np.inf)
            break
    speed = float(np.linalg.norm(v))
    if not speed <= FASTEST_MS:
        far = float(np.linalg.norm(target - start))
        told = f"{speed:.0f} m/s" if np.isfinite(speed) else "faster than the air lets anything fly"
        raise EditError(
            f"To go {far:.1f} m in {time_s:.2f} s it would have to leave at {told}; {FASTEST_MS:.0f} m/s is the most. "
            "Let it arrive later, or aim nearer."
        )
    return v


def release_over(
    start: np.ndarray, target: np.ndarray, top_m: float, g: float, slows_per_m: float = 0.0,
    wind: np.ndarray | None = None,
) -> tuple[np.ndarray, float]:  # fmt: skip
    """(3,) m/s that what leaves `start` (3,) must have to come down on `target` (3,) after rising to a height, and the
    time that takes, s.

    Raises EditError where the height is not over both ends.
    """
    least = max(float(start[1]), float(target[1])) + RISES_M
    if not least <= top_m <= TOP_M:
        raise EditError(
            f"To come down there it must rise over both ends: to {least * 100:.0f} cm at least, and {TOP_M:.0f} m at "
            f"most; {top_m * 100:.0f} cm was given."
        )
    time_s = float(np.sqrt(2 * (top_m - start[1]) / g) + np.sqrt(2 * (top_m - target[1]) / g))
    if slows_per_m > 0:

        def over_m(t: float) -> float:
            v = release(start, target, t, g, slows_per_m, wind)
            y = path(start, v[None], t, g, slows_per_m, wind)[:, 0, 1]
            # the top of a parabola through the highest three
            k = int(np.clip(y.argmax(), 1, len(y) - 2))
            bend, slope = y[k - 1] - 2 * y[k] + y[k + 1], (y[k + 1] - y[k - 1]) / 2
            return float(y[k] - slope**2 / (2 * bend) if bend < 0 else y.max()) - top_m

        # the air shortens what it takes to rise and lengthens what it takes to come down
        time_s = float(brentq(over_m, time_s / 2, 2 * time_s, xtol=CLOSE_S))
    return release(start, target, time_s, g, slows_per_m, wind), time_s
