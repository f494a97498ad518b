"""A value on every frame, as motion that was brought in has it."""

from dataclasses import InitVar, dataclass
from functools import cached_property

import numpy as np
from scipy.interpolate import CubicSpline

from ironarc.core.columns.check import HOLD, ON, ColumnError, check_beyond, check_frames, check_values, fold


@dataclass(frozen=True, eq=False)
class Dense:
    """Values (frames,) on every frame from `first` on; between frames a cubic through all of them.

    before, after : what the column does outside: "holds", "goes on" straight, or "cycles"
    Raises ColumnError, which begins with `where`, for values that can't be.
    """

    first: int
    values: np.ndarray
    before: str = HOLD
    after: str = HOLD
    where: InitVar[str] = "These values"

    def __post_init__(self, where: str):
        values = np.asarray(self.values, dtype=float)
        object.__setattr__(self, "values", values)
        object.__setattr__(self, "first", int(self.first))
        if values.ndim != 1:
            raise ColumnError(f"{where}: a column has one value a frame.")
        frames = np.arange(self.first, self.first + len(values))
        check_frames(frames[:1], where)
        check_values(values, frames, where)
        check_beyond(self.before, self.after, where)

    @property
    def last(self) -> int:
        return self.first + len(self.values) - 1

    @property
    def key_frames(self) -> np.ndarray:
        return np.arange(self.first, self.first + len(self.values))

    @cached_property
    def _table(self) -> "DenseTable":
        return DenseTable(self.first, self.values[:, None], self.before, self.after)

    def sample(self, at: np.ndarray) -> np.ndarray:
        """Values (frames,) at frame numbers `at` (frames,), whole or not."""
        return self._table.sample(np.asarray(at, dtype=float))[:, 0]


class DenseTable:
    """Values (frames, ...) on every frame from `first` on, sampled together."""

    def __init__(self, first: int, values: np.ndarray, before: str = HOLD, after: str = HOLD):
        self.first, self.values, self.before, self.after = first, values, before, after

    @cached_property
    def _spline(self) -> CubicSpline | None:
        if len(self.values) < 4:
            return None
        return CubicSpline(np.arange(len(self.values)), self.values, axis=0)

    def sample(self, at: np.ndarray) -> np.ndarray:
        """(frames, ...) at `at` (frames,): the very values on whole frames, a cubic between them."""
        last = len(self.values) - 1
        place = fold(at, self.first, self.first + last, self.before, self.after) - self.first
        inside = np.clip(place, 0, last)
        near = np.rint(inside)
        out = self.values[near.astype(int)]
        between = near != inside
        if between.any():
            out[between] = self._between(inside[between])
        if (self.before == ON or self.after == ON) and last > 0:
            out = out + self._beyond(place, last)
        return out

    def _between(self, place: np.ndarray) -> np.ndarray:
        if self._spline is not None:
            return self._spline(place)
        low = np.floor(place).astype(int)  # too few for a cubic: joined straight
        share = (place - low).reshape(-1, *[1] * (self.values.ndim - 1))
        return self.values[low] + (self.values[low + 1] - self.values[low]) * share

    def _beyond(self, place: np.ndarray, last: int) -> np.ndarray:
        shape = (-1, *[1] * (self.values.ndim - 1))
        early = np.minimum(place, 0.0) if self.before == ON else np.zeros(len(place))
        late = np.maximum(place - last, 0.0) if self.after == ON else np.zeros(len(place))
        begins, ends = self.values[1] - self.values[0], self.values[-1] - self.values[-2]
        return early.reshape(shape) * begins + late.reshape(shape) * ends
