"""A joint's rotation keyed as one thing, eased on the sphere or by its Euler channels."""

from collections.abc import Mapping
from dataclasses import InitVar, dataclass, replace
from functools import cached_property

import numpy as np

from ironarc.core import rotation
from ironarc.core.columns.check import HOLD, ColumnError, check_beyond, check_frames, check_values, fold
from ironarc.core.columns.keyed import Keyed
from ironarc.core.columns.keys import (
    BROKEN,
    BY_HAND,
    EASED,
    FLAT,
    FREE,
    KINDS,
    LINEAR,
    MEANT,
    STEPPED,
    STRAIGHT,
    WORKED_OUT,
    KeyBatch,
    Keys,
    settle_slopes,
    weighted_harmonic,
    worked_out_slopes,
)

SPHERE, CHANNELS = "sphere", "channels"
SAME_SLOPE = 1e-13  # rad per frame


@dataclass(frozen=True, eq=False)
class Turns(Keyed):
    """Keys of a joint's whole rotation.

    frames : (keys,) strictly rising
    angles : (keys, 3) radians, Euler angles in `order`; each key takes the set of angles nearest to the one
        before it, so that none turns the long way past ±180°
    slopes_in, slopes_out : (keys, 3) used on free spans: by channels the angles' rates in radians a frame, on
        the sphere a rotation vector a frame in the joint's own axes
    kinds, meant, before, after : as Keys has them; a column of rotations holds or cycles
    eased : "sphere" or "channels"
    Raises ColumnError, which begins with `where`, for keys that can't be.
    """

    frames: np.ndarray
    angles: np.ndarray
    slopes_in: np.ndarray
    slopes_out: np.ndarray
    kinds: np.ndarray
    meant: np.ndarray
    order: str
    eased: str = CHANNELS
    before: str = HOLD
    after: str = HOLD
    where: InitVar[str] = "These keys"

    def __post_init__(self, where: str):
        for name in ("frames", "angles", "slopes_in", "slopes_out"):
            object.__setattr__(self, name, np.array(getattr(self, name), dtype=float))
        check_frames(self.frames, where)
        for name, what in (("angles", "rotation"), ("slopes_in", "slope"), ("slopes_out", "slope")):
            values = getattr(self, name)
            if values.ndim != 2 or values.shape[1] != 3:
                raise ColumnError(f"{where}: a rotation has three angles and three slopes a key.")
            check_values(values, self.frames, where, what)
        for name, names in (("kinds", KINDS), ("meant", MEANT)):
            codes = np.asarray(getattr(self, name))
            check_values(np.where((codes >= 0) & (codes < len(names)), 0.0, np.nan), self.frames, where, name)
            object.__setattr__(self, name, codes.astype(int))
        if self.order not in rotation.ORDERS or self.eased not in (SPHERE, CHANNELS):
            raise ColumnError(f"{where}: a rotation is eased on the sphere or by channels, in an order of X, Y and Z.")
        if "goes on" in (self.before, self.after):
            raise ColumnError(f"{where}: a rotation holds or cycles outside its keys.")
        check_beyond(self.before, self.after, where)
        if self.eased == SPHERE:  # eased by channels, whole turns are meant as they were keyed
            for i in range(1, len(self.angles)):
                self.angles[i] = rotation.follow_euler(self.angles[i : i + 1], self.angles[i - 1 : i])[0]

    @cached_property
    def channels(self) -> tuple[Keys, Keys, Keys]:
        """The three angles as keys of their own, in the order's order; of a rotation eased by channels."""
        return tuple(
            Keys(
                self.frames, self.angles[:, i], self.slopes_in[:, i], self.slopes_out[:, i], self.kinds, self.meant,
                self.before, self.after,
            )
            for i in range(3)
        )  # fmt: skip

    @cached_property
    def _batch(self) -> KeyBatch:
        return KeyBatch(list(self.channels))

    @cached_property
    def _keyed(self) -> np.ndarray:
        return rotation.continuous(rotation.from_euler(self.order, self.angles))

    def sample(self, at: np.ndarray) -> np.ndarray:
        """Unit quaternions (frames, 4) at frame numbers `at` (frames,), whole or not."""
        at = np.asarray(at, dtype=float)
        if self.eased == CHANNELS:
            return rotation.from_euler(self.order, self._batch.sample(at))
        return self._on_sphere(at)

    def sample_angles(self, at: np.ndarray) -> np.ndarray:
        """Angles (frames, 3) in radians at `at`, as continuous as the keys are."""
        at = np.asarray(at, dtype=float)
        if self.eased == CHANNELS:
            return self._batch.sample(at)
        near = np.clip(np.searchsorted(self.frames, at, side="right") - 1, 0, len(self.frames) - 1)
        return rotation.follow_euler(rotation.to_euler(self.order, self._on_sphere(at)), self.angles[near])

    def _on_sphere(self, at: np.ndarray) -> np.ndarray:
        q = self._keyed
        if len(q) == 1:
            return np.repeat(q, len(at), axis=0)
        at = fold(at, self.frames[0], self.frames[-1], self.before, self.after)
        i = np.clip(np.searchsorted(self.frames, at, side="right") - 1, 0, len(q) - 2)
        gap = (self.frames[i + 1] - self.frames[i])[:, None]
        t = np.clip((at - self.frames[i])[:, None] / gap, 0.0, 1.0)
        kind = self.kinds[i][:, None]
        whole = rotation.log(rotation.multiply(rotation.conjugate(q[i]), q[i + 1]))
        s = np.where(kind == STEPPED, t >= 1.0, np.where(kind == EASED, t * t * (3 - 2 * t), t))
        out = rotation.multiply(q[i], rotation.exp(whole * s))
        free = kind[:, 0] == FREE
        if free.any():
            out[free] = self._free(q, i[free], t[free], gap[free])
        # on a key it is the key's own to the last digit: what eases out to nothing is nothing from there on
        there = t[:, 0] >= 1.0
        ends = q[i[there] + 1]
        out[there] = np.where((out[there] * ends).sum(axis=1, keepdims=True) < 0, -ends, ends)
        return out

    def _free(self, q: np.ndarray, i: np.ndarray, t: np.ndarray, gap: np.ndarray) -> np.ndarray:
        """A cubic on the sphere: q0 exp(b1 v1) exp(b2 v2) exp(b3 v3), with b the cumulative Bernstein cubics
        (Kim, Kim and Shin 1995), whose rates at both ends are the keys' slopes."""
        v1, v3 = self.slopes_out[i] * gap / 3, self.slopes_in[i + 1] * gap / 3
        step = rotation.multiply(rotation.conjugate(q[i]), q[i + 1])
        middle = rotation.multiply(rotation.multiply(rotation.exp(-v1), step), rotation.exp(-v3))
        b1, b2, b3 = 1 - (1 - t) ** 3, t * t * (3 - 2 * t), t**3
        out = rotation.multiply(q[i], rotation.exp(v1 * b1))
        return rotation.multiply(rotation.multiply(out, rotation.exp(rotation.log(middle) * b2)), rotation.exp(v3 * b3))

    def healed(self) -> "Turns":
        """The same keys with every slope that is not by hand worked out anew."""
        if self.eased == CHANNELS:
            into, out = settle_slopes(self.frames, self.angles, self.meant, self.slopes_in, self.slopes_out)
        else:
            into, out = self._slopes_on_sphere()
        return replace(self, slopes_in=into, slopes_out=out)

    def _slopes_on_sphere(self) -> tuple[np.ndarray, np.ndarray]:
        """As `settle_slopes`, of rotation vectors: a step has the same vector in both its keys' axes."""
        into, out = self.slopes_in.copy(), self.slopes_out.copy()
        gap = np.diff(self.frames)[:, None]
        step = rotation.log(rotation.multiply(rotation.conjugate(self._keyed[:-1]), self._keyed[1:])) / gap
        smooth = np.zeros_like(into)
        if len(self.frames) > 2:
            smooth[1:-1] = weighted_harmonic(step, gap)
        ahead = np.concatenate([step, np.zeros((1, 3))])
        behind = np.concatenate([np.zeros((1, 3)), step])
        for slopes, straight in ((into, behind), (out, ahead)):
            by_kind = {WORKED_OUT: smooth, FLAT: np.zeros_like(smooth), STRAIGHT: straight}
            for code, wanted in by_kind.items():
                slopes[self.meant == code] = wanted[self.meant == code]
        return into, out

    def with_key(self, frame: float, angles, kind: int | None = None, meant: int = WORKED_OUT) -> "Turns":
        """With a rotation (3,) keyed at `frame`, in place of one that is there; its neighbours heal.

        The nearest set of angles to those the column has there is taken.
        """
        angles = rotation.follow_euler(np.asarray(angles, dtype=float)[None], self.sample_angles(np.array([frame])))[0]
        return self._with(frame, angles, kind, meant)

    @property
    def _columns(self) -> tuple[np.ndarray, ...]:
        return self.frames, self.angles, self.slopes_in, self.slopes_out, self.kinds, self.meant

    @property
    def _names(self) -> tuple[str, ...]:
        return "frames", "angles", "slopes_in", "slopes_out", "kinds", "meant"

    def _of(self, columns: list[np.ndarray]) -> "Turns":
        return Turns(*columns, self.order, self.eased, self.before, self.after)


def smooth_turns(
    frames, angles, order: str, kind: int = FREE, eased: str = CHANNELS, where: str = "These keys"
) -> Turns:
    """Keys of a rotation, angles (keys, 3), whose slopes are worked out from their neighbours."""
    angles = np.asarray(angles, dtype=float)
    still, n = np.zeros_like(angles), len(frames)
    return Turns(
        frames, angles, still, still, np.full(n, kind), np.full(n, WORKED_OUT), order, eased, where=where
    ).healed()


def turns_of_channels(channels: Mapping[int, Keys], order: str) -> Turns | None:
    """The very curve that separate keys of a joint's angles make, keyed as one rotation; None where it has none.

    channels : keys by place in `order`; an angle with none is zero. Between a channel's own keys a cubic is
    taken apart exactly, so the curve stays as it was to rounding. Stepped spans beside others, and ends that
    go on in their own way, have no such form.
    """
    keys = list(channels.values())
    plain = all(k.before == k.after == HOLD for k in keys)
    stepped = [k for k in keys if (k.kinds[:-1] == STEPPED).any()]
    if not keys or not plain or stepped:
        return None
    frames = np.unique(np.concatenate([k.frames for k in keys]))
    n = len(frames)
    angles, into, out = (np.zeros((n, 3)) for _ in range(3))
    for place, column in channels.items():
        angles[:, place] = column.sample(frames)
        into[:, place], out[:, place] = _slopes_at(column, frames)
    meant = np.where((into == out).all(axis=1), BY_HAND, BROKEN)
    smooth = np.isclose(into, worked_out_slopes(frames, angles), rtol=0, atol=SAME_SLOPE).all(axis=1)
    meant[smooth & (into == out).all(axis=1)] = WORKED_OUT
    return Turns(frames, angles, into, out, np.full(n, FREE), meant, order)


def _slopes_at(keys: Keys, frames: np.ndarray) -> tuple[np.ndarray, np.ndarray]:
    """Slopes (frames,) of a column's curve just before and just after each of `frames`."""
    sides = []
    for side in ("left", "right"):
        i = np.searchsorted(keys.frames, frames, side=side) - 1
        outside = (i < 0) | (i > len(keys.frames) - 2)
        i = np.clip(i, 0, max(len(keys.frames) - 2, 0))
        if len(keys.frames) == 1:
            sides.append(np.zeros(len(frames)))
            continue
        gap = keys.frames[i + 1] - keys.frames[i]
        t, rise = (frames - keys.frames[i]) / gap, keys.values[i + 1] - keys.values[i]
        free = keys.kinds[i] == FREE
        m_out, m_in = (np.where(free, m, 0.0) for m in (keys.slopes_out[i] * gap, keys.slopes_in[i + 1] * gap))
        # derivative of a + (b - a) t²(3-2t) + m_out t (1-t)² - m_in t² (1-t)
        cubic = rise * 6 * t * (1 - t) + m_out * (1 - t) * (1 - 3 * t) - m_in * t * (2 - 3 * t)
        slope = np.where(keys.kinds[i] == LINEAR, rise, cubic) / gap
        sides.append(np.where(outside, 0.0, slope))
    return sides[0], sides[1]
