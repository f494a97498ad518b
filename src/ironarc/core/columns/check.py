"""What every column must be, and what it does before its first and after its last key."""

import numpy as np

from ironarc.core.errors import EditError

HOLD, ON, CYCLE = "holds", "goes on", "cycles"
BEYOND = (HOLD, ON, CYCLE)
LARGEST = 1e7  # no angle and no length of a body comes near it; sums of such numbers stay finite


class ColumnError(EditError):
    """Keys or values that are no column."""


def check_frames(frames: np.ndarray, where: str) -> None:
    """ColumnError unless frames (keys,) are at least one, finite, and strictly rising."""
    if frames.ndim != 1 or len(frames) == 0:
        raise ColumnError(f"{where}: a column needs at least one key.")
    wrong = ~np.isfinite(frames) | (np.abs(frames) > LARGEST)
    if wrong.any():
        at = int(np.flatnonzero(wrong)[0])
        raise ColumnError(f"{where}: key {at + 1} of {len(frames)} has no frame that can be used.")
    back = np.flatnonzero(np.diff(frames) <= 0)
    if len(back):
        a, b = frames[back[0]], frames[back[0] + 1]
        raise ColumnError(f"{where}: keys must be in the order of their frames; {b:g} follows {a:g}.")


def check_values(values: np.ndarray, frames: np.ndarray, where: str, what: str = "value") -> None:
    """ColumnError unless values (keys, ...) are one for each of frames (keys,), and finite."""
    if len(values) != len(frames):
        raise ColumnError(f"{where}: {len(frames)} keys need as many {what}s; {len(values)} were given.")
    fine = np.isfinite(values) & (np.abs(values) <= LARGEST)
    if not fine.all():
        at = int(np.flatnonzero(~fine.reshape(len(values), -1).all(axis=1))[0])
        raise ColumnError(f"{where}: the {what} at frame {frames[at]:g} is not a number that can be used.")


def check_beyond(before: str, after: str, where: str) -> None:
    """ColumnError for a way to go on that is none of BEYOND."""
    for way in (before, after):
        if way not in BEYOND:
            raise ColumnError(f"{where}: outside its keys a column {', '.join(BEYOND)}; {way!r} was given.")


def fold(at: np.ndarray, first: float, last: float, before: str, after: str) -> np.ndarray:
    """Frames (frames,) brought into first … last by the ends that cycle; other ends are left to the caller.

    A column that cycles has its last key on the moment of its first.
    """
    length = last - first
    if length <= 0 or (before != CYCLE and after != CYCLE):
        return at
    folded = at
    if before == CYCLE:
        folded = np.where(folded < first, first + np.mod(folded - first, length), folded)
    if after == CYCLE:
        folded = np.where(folded > last, first + np.mod(folded - first, length), folded)
    return folded
