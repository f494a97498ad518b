"""What every column of keys can do, whatever its keys hold: keys come, go and move, and their neighbours heal."""

from dataclasses import fields, replace
from typing import Self

import numpy as np


class Keyed:
    """Base of columns of keys, which have frames, slopes_in, slopes_out, kinds and meant, each (keys, ...)."""

    @property
    def _columns(self) -> tuple[np.ndarray, ...]:
        """Frames, values, slopes in and out, kinds, meanings."""
        raise NotImplementedError

    @property
    def _names(self) -> tuple[str, ...]:
        """Names of the fields that `_columns` has."""
        raise NotImplementedError

    def _of(self, columns: list[np.ndarray]) -> Self:
        """A column like this one, of other keys."""
        raise NotImplementedError

    def healed(self) -> Self:
        """The same keys with every slope that is not by hand worked out anew."""
        raise NotImplementedError

    @property
    def key_frames(self) -> np.ndarray:
        """(keys,)"""
        return self.frames

    @property
    def key_rows(self) -> np.ndarray:
        """(keys, ...) all that is known of each key, a row a key."""
        return np.column_stack([c.reshape(len(self.frames), -1) for c in self._columns])

    @property
    def shown_on(self) -> np.ndarray:
        """(keys,) the whole frames that keys are seen on: they may lie between frames, as after a change of rate."""
        return np.floor(self.frames + 0.5)

    def _with(self, frame: float, value: np.ndarray, kind: int | None, meant: int) -> Self:
        """With a key of `value` (...) set at `frame`, in place of those that are there, or are seen there where it is a
        whole frame; its neighbours heal.

        kind : of the span that begins there; None for that of the span it falls into
        """
        there = np.flatnonzero((self.shown_on if frame == int(frame) else self.frames) == frame)
        i = int(there[0]) if len(there) else int(np.searchsorted(self.frames, frame))
        kind = int(self.kinds[there[-1] if len(there) else max(i - 1, 0)]) if kind is None else kind
        level = np.zeros_like(value)
        row = (float(frame), value, level, level, kind, meant)
        kept = [np.delete(c, there, axis=0) for c in self._columns]
        return self._unchecked([np.insert(c, i, v, axis=0) for c, v in zip(kept, row, strict=True)]).healed()

    def with_keys(self, frames: np.ndarray, values: np.ndarray, kind: int, meant: int) -> Self:
        """With keys of `values` (keys, ...) set at whole `frames` (keys,), rising, in place of those seen there; all at
        once, so that it takes no longer than one does."""
        keep = ~np.isin(self.shown_on, frames)
        level = np.zeros_like(values)
        fresh = (frames, values, level, level, np.full(len(frames), kind), np.full(len(frames), meant))
        order = np.argsort(np.concatenate([self.frames[keep], frames]), kind="stable")
        both = (np.concatenate([c[keep], f])[order] for c, f in zip(self._columns, fresh, strict=True))
        return self._unchecked(list(both)).healed()

    def _unchecked(self, columns: list[np.ndarray]) -> Self:
        """A column of these arrays that is not looked through yet: `healed` does, and makes the one that is kept."""
        bare = object.__new__(type(self))
        for f in fields(self):
            object.__setattr__(bare, f.name, getattr(self, f.name, None))
        for name, column in zip(self._names, columns, strict=True):
            object.__setattr__(bare, name, column)
        return bare

    def without_key(self, frame: float) -> Self:
        """With the key at `frame` taken away; its neighbours heal. The last key left stays."""
        keep = self.frames != frame
        return self.kept(keep) if keep.any() else self

    def kept(self, keep: np.ndarray) -> Self:
        """The keys where `keep` (keys,) is True, slopes healed. ColumnError if none is."""
        return self._of([c[keep] for c in self._columns]).healed()

    def moved(self, frames: np.ndarray) -> Self:
        """The keys on other frames (keys,), slopes healed; slopes by hand stretch with the time around them."""
        frames = np.asarray(frames, dtype=float)
        stretch = np.gradient(frames) / np.gradient(self.frames) if len(frames) > 1 else np.ones(1)
        return self.stretched(frames, stretch)

    def stretched(self, frames: np.ndarray, stretch: np.ndarray | float) -> Self:
        """The keys on other frames (keys,), slopes healed; those by hand over `stretch` (keys,), or one for all."""
        by = np.broadcast_to(stretch, frames.shape).reshape(-1, *[1] * (self.slopes_in.ndim - 1))
        return replace(self, frames=frames, slopes_in=self.slopes_in / by, slopes_out=self.slopes_out / by).healed()
