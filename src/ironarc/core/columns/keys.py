"""One channel over time as keys: values with slopes that say how they were meant, and spans of four kinds.

Between two keys a span is stepped (the first value holds), linear, eased (level at both ends) or free: a cubic
Hermite with the slopes at its ends. A slope is worked out from the neighbours, flat, straight, set by hand, or
broken in two by hand; those worked out heal when a key beside them moves or goes.
"""

from dataclasses import InitVar, dataclass, replace
from functools import cached_property

import numpy as np

from ironarc.core.columns.check import HOLD, ON, check_beyond, check_frames, check_values, fold
from ironarc.core.columns.keyed import Keyed

STEPPED, LINEAR, EASED, FREE = range(4)
KINDS = ("stepped", "linear", "eased", "free")
WORKED_OUT, FLAT, STRAIGHT, BY_HAND, BROKEN = range(5)
MEANT = ("worked out", "flat", "straight", "by hand", "broken")


@dataclass(frozen=True, eq=False)
class Keys(Keyed):
    """Keys of one channel.

    frames : (keys,) strictly rising
    values : (keys,) radians, metres, the file's length unit, or a frame
    slopes_in, slopes_out : (keys,) value per frame, used on spans of kind "free"
    kinds : (keys,) int, how the span from this key to the next moves (see KINDS)
    meant : (keys,) int, how each key's slopes were meant (see MEANT)
    before, after : what the column does outside its keys: "holds", "goes on" straight, or "cycles"
    Raises ColumnError, which begins with `where`, for keys that can't be.
    """

    frames: np.ndarray
    values: np.ndarray
    slopes_in: np.ndarray
    slopes_out: np.ndarray
    kinds: np.ndarray
    meant: np.ndarray
    before: str = HOLD
    after: str = HOLD
    where: InitVar[str] = "These keys"

    def __post_init__(self, where: str):
        for name, kind in (("frames", float), ("values", float), ("slopes_in", float), ("slopes_out", float)):
            object.__setattr__(self, name, np.asarray(getattr(self, name), dtype=kind))
        check_frames(self.frames, where)
        check_values(self.values, self.frames, where)
        for name in ("slopes_in", "slopes_out"):
            check_values(getattr(self, name), self.frames, where, "slope")
        for name, names in (("kinds", KINDS), ("meant", MEANT)):
            codes = np.asarray(getattr(self, name))
            check_values(codes, self.frames, where, name.removesuffix("s"))
            check_values(np.where((codes >= 0) & (codes < len(names)), 0.0, np.nan), self.frames, where, name)
            object.__setattr__(self, name, codes.astype(int))
        check_beyond(self.before, self.after, where)

    @cached_property
    def _alone(self) -> "KeyBatch":
        return KeyBatch([self])

    def sample(self, at: np.ndarray) -> np.ndarray:
        """Values (frames,) at frame numbers `at` (frames,), whole or not."""
        return self._alone.sample(np.asarray(at, dtype=float))[:, 0]

    def healed(self) -> "Keys":
        """The same keys with every slope that is not by hand worked out anew."""
        slopes = settle_slopes(self.frames, self.values, self.meant, self.slopes_in, self.slopes_out)
        return replace(self, slopes_in=slopes[0], slopes_out=slopes[1])

    def with_key(self, frame: float, value: float, kind: int | None = None, meant: int = WORKED_OUT) -> "Keys":
        """With a key set at `frame`, in place of one that is there; its neighbours heal.

        kind : of the span that begins there; None for that of the span it falls into
        """
        return self._with(frame, np.float64(value), kind, meant)

    def shifted(self, frames: float = 0.0, values: float = 0.0) -> "Keys":
        """The same curve `frames` later and `values` higher."""
        return replace(self, frames=self.frames + frames, values=self.values + values)

    @property
    def _columns(self) -> tuple[np.ndarray, ...]:
        return self.frames, self.values, self.slopes_in, self.slopes_out, self.kinds, self.meant

    @property
    def _names(self) -> tuple[str, ...]:
        return "frames", "values", "slopes_in", "slopes_out", "kinds", "meant"

    def _of(self, columns: list[np.ndarray]) -> "Keys":
        return Keys(*columns, self.before, self.after)


def worked_out_slopes(frames: np.ndarray, values: np.ndarray) -> np.ndarray:
    """(keys, ...) slopes that pass smoothly through the neighbours, flat at extremes and at the ends.

    frames : (keys,); values : (keys, ...)
    The slope at a key is the harmonic mean of the slopes beside it when they agree in sign, else zero
    (Fritsch and Butland 1984): between two keys a curve so made never overshoots them.
    """
    slopes = np.zeros_like(values)
    if len(frames) > 2:
        gap = np.diff(frames).reshape(-1, *[1] * (values.ndim - 1))
        slopes[1:-1] = weighted_harmonic(np.diff(values, axis=0) / gap, gap)
    return slopes


def weighted_harmonic(step: np.ndarray, gap: np.ndarray) -> np.ndarray:
    """(keys - 2, ...) the harmonic mean of the steps (keys - 1, ...) on either side, weighted by the gaps."""
    before, after = step[:-1], step[1:]
    w1, w2 = 2 * gap[1:] + gap[:-1], gap[1:] + 2 * gap[:-1]
    agree = before * after > 0
    safe_before, safe_after = np.where(agree, before, 1.0), np.where(agree, after, 1.0)
    return np.where(agree, (w1 + w2) / (w1 / safe_before + w2 / safe_after), 0.0)


def straight_slopes(frames: np.ndarray, values: np.ndarray) -> tuple[np.ndarray, np.ndarray]:
    """Slopes (keys, ...) in and out that point straight at the neighbours, level at the ends."""
    into, out = np.zeros_like(values), np.zeros_like(values)
    if len(frames) > 1:
        gap = np.diff(frames).reshape(-1, *[1] * (values.ndim - 1))
        into[1:] = out[:-1] = np.diff(values, axis=0) / gap
    return into, out


def settle_slopes(
    frames: np.ndarray, values: np.ndarray, meant: np.ndarray, slopes_in: np.ndarray, slopes_out: np.ndarray
) -> tuple[np.ndarray, np.ndarray]:
    """Slopes in and out (keys, ...), those by hand as they are, the others as `meant` (keys,) says."""
    shape = (-1, *[1] * (values.ndim - 1))
    code = meant.reshape(shape)
    smooth, straight = worked_out_slopes(frames, values), straight_slopes(frames, values)
    out = []
    for given, line in zip((slopes_in, slopes_out), straight, strict=True):
        settled = np.where(code == WORKED_OUT, smooth, given)
        out.append(np.where(code == FLAT, 0.0, np.where(code == STRAIGHT, line, settled)))
    return out[0], out[1]


def smooth_keys(frames, values, kind: int = FREE, where: str = "These keys") -> Keys:
    """Keys whose slopes are worked out from their neighbours. Raises ColumnError as Keys does."""
    frames, values = np.asarray(frames, dtype=float), np.asarray(values, dtype=float)
    still, n = np.zeros(len(values)), len(frames)
    keys = Keys(frames, values, still, still, np.full(n, kind), np.full(n, WORKED_OUT), where=where)
    return keys.healed()


def keys_by_hand(frames, values, slopes, kind: int = FREE) -> Keys:
    """Keys with slopes (keys,) given, in value per frame, the same on both sides."""
    n = len(frames)
    return Keys(frames, values, slopes, slopes, np.full(n, kind), np.full(n, BY_HAND))


def _as_slice(members: list[int]) -> slice | list[int]:
    """Neighbouring columns as a slice, which NumPy writes to many times faster than to a list of places."""
    first, last = members[0], members[-1]
    return slice(first, last + 1) if last - first + 1 == len(members) else members


class KeyBatch:
    """Many columns of keys, sampled together.

    Columns that are keyed on the same frames, as the joints of a pose are, are looked up and eased together.
    """

    def __init__(self, columns: list[Keys]):
        self.count = len(columns)
        groups: dict[tuple, list[int]] = {}
        for i, column in enumerate(columns):
            groups.setdefault((column.frames.tobytes(), column.before, column.after), []).append(i)
        self._groups = [(_as_slice(members), _Together([columns[i] for i in members])) for members in groups.values()]

    def sample(self, at: np.ndarray) -> np.ndarray:
        """(frames, columns) values at `at` (frames,)."""
        out = np.empty((len(at), self.count))
        for members, group in self._groups:
            out[:, members] = group.sample(at)
        return out


class _Together:
    """Columns keyed on the same frames, and alike before and after them."""

    def __init__(self, columns: list[Keys]):
        like = columns[0]
        self.frames, self.before, self.after = like.frames, like.before, like.after
        self.values = np.column_stack([c.values for c in columns])
        self.into = np.column_stack([c.slopes_in for c in columns])
        self.out = np.column_stack([c.slopes_out for c in columns])
        self.kinds = np.column_stack([c.kinds for c in columns])
        spans = self.kinds[:-1]
        self.all_free = bool((spans == FREE).all())
        self.all_smooth = bool((spans >= EASED).all())

    def sample(self, at: np.ndarray) -> np.ndarray:
        """(frames, columns) values at `at` (frames,)."""
        if len(self.frames) == 1:
            return np.repeat(self.values, len(at), axis=0)
        at = fold(at, self.frames[0], self.frames[-1], self.before, self.after)
        i = np.clip(np.searchsorted(self.frames, at, side="right") - 1, 0, len(self.frames) - 2)
        gap = (self.frames[i + 1] - self.frames[i])[:, None]
        t = np.minimum(np.maximum((at - self.frames[i])[:, None] / gap, 0.0), 1.0)
        values = self._hermite(i, t, gap)
        if ON in (self.before, self.after):
            early = np.minimum(at - self.frames[0], 0.0) if self.before == ON else 0.0
            late = np.maximum(at - self.frames[-1], 0.0) if self.after == ON else 0.0
            values = values + (early + late)[:, None] * self._end_slope(i, t, gap)
        return values

    def _hermite(self, i: np.ndarray, t: np.ndarray, gap: np.ndarray) -> np.ndarray:
        a, b = self.values[i], self.values[i + 1]
        # a free span is a cubic Hermite: a + (b - a) s + h m_out t (1-t)² - h m_in t² (1-t) with s = t² (3 - 2t);
        # an eased one is the same with flat slopes
        s = t * t * (3 - 2 * t)
        cubic = a + (b - a) * s
        m_out, m_in = self.out[i], self.into[i + 1]
        if not self.all_free:
            kind = self.kinds[i]
            m_out, m_in = (np.where(kind == FREE, m, 0.0) for m in (m_out, m_in))
        cubic += m_out * (gap * t * (1 - t) ** 2)
        cubic -= m_in * (gap * t * t * (1 - t))
        if self.all_smooth:
            return cubic
        straight = np.where(kind == LINEAR, a + (b - a) * t, np.where(t < 1.0, a, b))
        return np.where(kind >= EASED, cubic, straight)

    def _end_slope(self, i: np.ndarray, t: np.ndarray, gap: np.ndarray) -> np.ndarray:
        """The slope a column leaves its first or last key with."""
        kind, chord = self.kinds[i], (self.values[i + 1] - self.values[i]) / gap
        free = np.where(t < 0.5, self.out[i], self.into[i + 1])
        return np.where(kind == FREE, free, np.where(kind == LINEAR, chord, 0.0))
