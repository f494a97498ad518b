"""Where a prop must leave to, to be somewhere at some time by way of a bounce: guessed as a mirror would have it, then
stepped and mended until it is there."""

from collections.abc import Callable

import numpy as np

from ironarc.core.errors import EditError
from ironarc.core.passive.aim import FASTEST_MS

ROUNDS, CLOSE_M, NUDGE_MS = 8, 0.005, 0.05
DAMPED = (1.0, 0.5, 0.25)  # shares of a step that are tried: a bounce that is missed gives no way back
STEEPEST = np.linspace(-12.0, 16.0, 561)  # m/s upwards that are looked through

Run = Callable[[np.ndarray], tuple[np.ndarray, bool]]
"""Of a velocity (3,) m/s gives where it is at the time (3,) m, and whether it has met what it is to bounce off."""


def off_face(
    start: np.ndarray, target: np.ndarray, time_s: float, g: float, normal: np.ndarray, away_m: float, bounce: float
) -> np.ndarray | None:  # fmt: skip
    """(3,) m/s towards an upright face and back from it; None where start or target lie behind it.

    normal : (3,) unit, level, out of the face; away_m : of the prop's middle from the world's origin along it, as it
    touches
    """
    comes, goes = float(start @ normal) - away_m, float(target @ normal) - away_m
    if comes <= 0 or goes <= 0 or bounce <= 0:
        return None
    v = (target - start) / time_s
    v = v - normal * float(v @ normal) - normal * (comes + goes / bounce) / time_s
    v[1] = (target[1] - start[1]) / time_s + g * time_s / 2
    return v


def off_ground(
    start: np.ndarray, target: np.ndarray, time_s: float, g: float, height_m: float, bounce: float
) -> np.ndarray | None:  # fmt: skip
    """(3,) m/s down to the ground and up from it; None where nothing does it. height_m : of its middle as it touches"""
    over = float(start[1]) - height_m
    if over < 0:
        return None
    lands = np.sqrt(STEEPEST**2 + 2 * g * over)
    after = time_s - (STEEPEST + lands) / g
    misses = bounce * lands * after - g * after**2 / 2 - (float(target[1]) - height_m)
    # it is on its way up again, and has not come down a second time
    good = (after > 0) & (after < 2 * bounce * lands / g)
    cross = np.flatnonzero(good[:-1] & good[1:] & (misses[:-1] * misses[1:] <= 0))
    if not len(cross):
        return None
    k = int(cross[np.abs(STEEPEST[cross]).argmin()])
    v = (target - start) / time_s
    v[1] = STEEPEST[k]
    return v


def mended(run: Run, guess: np.ndarray, target: np.ndarray) -> np.ndarray:
    """(3,) m/s that has it at `target` (3,) m as it is stepped, from a guess. EditError with how near it comes."""
    v = guess
    at, met = run(v)
    for _ in range(ROUNDS):
        off = target - at
        if met and np.linalg.norm(off) < CLOSE_M:
            return v
        ends = [run(v + NUDGE_MS * e)[0] for e in np.eye(3)]
        by = np.stack(ends, axis=1) - at[:, None]
        step, *_ = np.linalg.lstsq(by / NUDGE_MS, off, rcond=1e-3)
        tries = [(v + share * step, *run(v + share * step)) for share in DAMPED]
        best = min(tries, key=lambda found: (not found[2], float(np.linalg.norm(target - found[1]))))
        if best[2] == met and np.linalg.norm(target - best[1]) >= np.linalg.norm(off):
            break
        v, at, met = best
    near = float(np.linalg.norm(target - at))
    if met and near < 2 * CLOSE_M:
        return v
    if not met:
        raise EditError("It never meets what it is to bounce off on the way there. Aim another way, or arrive later.")
    raise EditError(
        f"By that bounce it comes no nearer than {near * 100:.0f} cm on that frame. Let it arrive on another, or aim "
        "elsewhere."
    )


def check_speed(velocity: np.ndarray) -> None:
    """EditError for what nobody throws."""
    speed = float(np.linalg.norm(velocity))
    if speed > FASTEST_MS:
        raise EditError(f"It would have to leave at {speed:.0f} m/s; {FASTEST_MS:.0f} m/s is the most.")
