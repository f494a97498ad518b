"""A time map that is weighed like a layer."""

from dataclasses import dataclass
from functools import cached_property

import numpy as np
from scipy.interpolate import CubicHermiteSpline

from ironarc.core.columns import Keys
from ironarc.core.columns.keys import keys_by_hand, weighted_harmonic
from ironarc.core.errors import EditError

STEPS = 50  # would be halvings to far below a millionth of a frame; Newton's take four to six
NEAR_FRAMES = 1e-12
LEAST_PACE = 1e-9  # own frames a frame: below it a Newton step says nothing


@dataclass(frozen=True, eq=False)
class Retiming:
    """A time map that can be weighed like a layer.

    keys : frames are those on which a moment would be seen, were nothing slipped or cut; values the own frames of
        these moments; both rise. Between two keys the way from one to the next is smooth and never turns back;
        outside them nothing is hurried or slowed.
    weight : 0 to 1; at half of it every moment is half-way between where it was and where it is to be
    made_by : name of the correction that made it, or ""; layer : id of that correction's layer, whose weight and mute
        it shares; added : frames the shot grew by for it
    """

    id: str
    name: str
    keys: Keys
    weight: float = 1.0
    muted: bool = False
    made_by: str = ""
    layer: str = ""
    added: int = 0

    def checked(self) -> "Retiming":
        """Itself; EditError for one that turns back, or a weight that can't be."""
        if not (np.isfinite(self.weight) and 0 <= self.weight <= 1):
            raise EditError(f"{self.name}: its weight lies between 0 and 100 %; {self.weight * 100:g} % was given.")
        back = np.flatnonzero(np.diff(self.keys.values) <= 0)
        if len(back):
            at = self.keys.frames[back[0] + 1]
            raise EditError(f"{self.name} would play backwards or stand still at frame {at:g}; time only goes on.")
        return self

    @property
    def acts(self) -> bool:
        return not self.muted and self.weight > 0

    @cached_property
    def _map(self) -> Keys:
        own = self.keys.values
        seen = own + self.weight * (self.keys.frames - own)
        gap = np.diff(seen)
        slopes = np.ones(len(seen))
        if len(seen) > 1:
            step = np.diff(own) / gap
            # harmonic means of the paces beside a key keep the map rising (Fritsch and Butland 1984)
            slopes[1:-1] = weighted_harmonic(step, gap)
            # true pace at both ends, as far as the way beside them allows it: a cubic rises up to 3 times its chord
            slopes[0], slopes[-1] = min(1.0, 3 * step[0]), min(1.0, 3 * step[-1])
        return keys_by_hand(seen, own, slopes)

    def down(self, seen: np.ndarray) -> np.ndarray:
        """Own frames (frames,) of the moments seen on frames (frames,)."""
        seen, first, last = np.asarray(seen, dtype=float), self._map.frames[0], self._map.frames[-1]
        outside = np.minimum(seen - first, 0.0) + np.maximum(seen - last, 0.0)
        return self._map.sample(seen) + outside

    @cached_property
    def _cubics(self) -> np.ndarray:
        """(4, spans) coefficients of the map's cubics, the highest power first, from the frame each begins on."""
        return CubicHermiteSpline(self._map.frames, self._map.values, self._map.slopes_out).c

    def up(self, own: np.ndarray) -> np.ndarray:
        """The way back of `down`: Newton's steps, and halves where one would leave what still brackets the moment."""
        own = np.asarray(own, dtype=float)
        frames, values = self._map.frames, self._map.values
        outside = np.minimum(own - values[0], 0.0) + np.maximum(own - values[-1], 0.0)
        if len(frames) == 1:
            return frames[0] + outside
        i = np.clip(np.searchsorted(values, own, side="right") - 1, 0, len(values) - 2)
        a, b, c, d = self._cubics[:, i]
        low, high = np.zeros(len(own)), frames[i + 1] - frames[i]
        wanted = np.clip(own, values[0], values[-1]) - d
        at = high * wanted / (values[i + 1] - d)
        for _ in range(STEPS):
            over = ((a * at + b) * at + c) * at - wanted
            low, high = np.where(over > 0, low, at), np.where(over > 0, at, high)
            to = at - over / np.maximum((3 * a * at + 2 * b) * at + c, LEAST_PACE)
            to = np.where((to >= low) & (to <= high), to, (low + high) / 2)
            step, at = np.abs(to - at).max(initial=0.0), to
            if step < NEAR_FRAMES:
                break
        return frames[i] + at + outside
