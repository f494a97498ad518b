"""One channel over time: keys with slopes and kinds, or a dense column with a value on every frame."""

from dataclasses import dataclass, replace

import numpy as np

STEPPED, LINEAR, EASED, FREE = range(4)
KINDS = ("stepped", "linear", "eased", "free")


@dataclass(frozen=True)
class Keys:
    """Keys of one channel, sorted by frame.

    frames : (keys,) the shot's frame numbers, strictly increasing
    values : (keys,) radians, or the file's length unit
    slopes_in, slopes_out : (keys,) value per frame, used on spans of kind "free"
    kinds : (keys,) int, how the span from this key to the next moves (see KINDS)
    """

    frames: np.ndarray
    values: np.ndarray
    slopes_in: np.ndarray
    slopes_out: np.ndarray
    kinds: np.ndarray

    def sample(self, at: np.ndarray) -> np.ndarray:
        """Values (frames,) at frame numbers `at`; before the first and after the last key the value holds."""
        if len(self.frames) == 1:
            return np.full(len(at), self.values[0])
        i = np.clip(np.searchsorted(self.frames, at, side="right") - 1, 0, len(self.frames) - 2)
        span = self.frames[i + 1] - self.frames[i]
        t = np.clip((at - self.frames[i]) / span, 0.0, 1.0)
        kind = self.kinds[i]
        free = kind == FREE
        # cubic Hermite; an eased span is the same with flat slopes
        out_slope = np.where(free, self.slopes_out[i], 0.0) * span
        in_slope = np.where(free, self.slopes_in[i + 1], 0.0) * span
        a, b = self.values[i], self.values[i + 1]
        s = t * t * (3 - 2 * t)
        cubic = a + (b - a) * s + out_slope * t * (1 - t) ** 2 - in_slope * t * t * (1 - t)
        straight = np.where(kind == LINEAR, a + (b - a) * t, np.where(t < 1.0, a, b))
        return np.where(kind >= EASED, cubic, straight)

    def to_array(self) -> np.ndarray:
        """(keys, 5) float: frame, value, slope in, slope out, kind."""
        return np.column_stack([self.frames, self.values, self.slopes_in, self.slopes_out, self.kinds])

    @classmethod
    def from_array(cls, table: np.ndarray) -> "Keys":
        frames, values, slopes_in, slopes_out, kinds = table.T
        return cls(frames, values, slopes_in, slopes_out, kinds.astype(int))

    @property
    def key_frames(self) -> np.ndarray:
        return self.frames


@dataclass(frozen=True)
class Dense:
    """A value on every frame from `first` on; holds outside."""

    first: int
    values: np.ndarray

    def sample(self, at: np.ndarray) -> np.ndarray:
        i = np.clip(np.asarray(at) - self.first, 0, len(self.values) - 1)
        low = np.floor(i).astype(int)
        high = np.minimum(low + 1, len(self.values) - 1)
        return self.values[low] + (self.values[high] - self.values[low]) * (i - low)

    @property
    def key_frames(self) -> np.ndarray:
        return np.arange(self.first, self.first + len(self.values))


Column = Keys | Dense


def smooth_keys(frames, values, kind: int = FREE) -> Keys:
    """Keys whose slopes pass smoothly through their neighbours, flat at extremes and at the ends.

    The slope at a key is the harmonic mean of the slopes beside it when they agree in sign, else zero
    (Fritsch and Butland 1984): between two poses a curve so made never overshoots them.
    """
    frames = np.asarray(frames, dtype=float)
    values = np.asarray(values, dtype=float)
    slopes = np.zeros(len(frames))
    if len(frames) > 2:
        gap = np.diff(frames)
        step = np.diff(values) / gap
        before, after = step[:-1], step[1:]
        w1, w2 = 2 * gap[1:] + gap[:-1], gap[1:] + 2 * gap[:-1]
        agree = before * after > 0
        safe_before, safe_after = np.where(agree, before, 1.0), np.where(agree, after, 1.0)
        slopes[1:-1] = np.where(agree, (w1 + w2) / (w1 / safe_before + w2 / safe_after), 0.0)
    return Keys(frames, values, slopes, slopes.copy(), np.full(len(frames), kind))


def shift_keys(keys: Keys, frames: float) -> Keys:
    """The same keys, `frames` later."""
    return replace(keys, frames=keys.frames + frames)
