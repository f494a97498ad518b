"""Keys as an animator works with them: set with their neighbours eased, moved, stretched, thinned, eased and offset.

Pure functions of columns; frames are the performer's own.
"""

from collections.abc import Callable, Mapping, Sequence
from dataclasses import dataclass, replace

import numpy as np

from ironarc.core.columns import Column, Dense, Turns
from ironarc.core.columns.keyed import Keyed
from ironarc.core.columns.keys import BROKEN, BY_HAND, EASED, FREE, LINEAR, STEPPED, WORKED_OUT
from ironarc.core.columns.turns import CHANNELS
from ironarc.core.errors import EditError

EXTREME, BREAKDOWN, BETWEEN = "extreme", "breakdown", "in-between"
BEATS = (EXTREME, BREAKDOWN, BETWEEN)
# How a span may be eased: normalised slopes at its two ends, 1 being even
EASES = {"slow out": (0.0, 1.6), "slow in": (1.6, 0.0), "slow out and in": (0.0, 0.0), "even": (1.0, 1.0)}
STEEPEST = 3.0  # a cubic that leaves or arrives faster than three times its chord turns back on itself


@dataclass(frozen=True)
class Beat:
    """What kind of pose stands on an own frame: an extreme, a breakdown or an in-between."""

    frame: int
    kind: str

    def checked(self) -> "Beat":
        """Itself; EditError for a kind there isn't."""
        if self.kind not in BEATS:
            raise EditError(f"A pose is an {EXTREME}, a {BREAKDOWN} or an {BETWEEN}; {self.kind!r} was given.")
        return self


def with_eased_key(column: Keyed, frame: float, value, ease: int) -> Keyed:
    """A column of a layer on top with a key set, and what is farther than `ease` frames away kept as it is.

    Where no other key stands within `ease` frames on a side, one of the value the column has there is set first.
    """
    for edge in (frame - ease, frame + ease):
        low, high = sorted((frame, edge))
        near = column.key_frames[(column.key_frames >= low) & (column.key_frames <= high)]
        if not np.any(near != frame):
            column = column.with_key(edge, _value_at(column, edge), EASED)
    return column.with_key(frame, value, EASED)


def _value_at(column: Keyed, frame: float):
    at = np.array([float(frame)])
    return column.sample_angles(at)[0] if isinstance(column, Turns) else column.sample(at)[0]


def moved_keys(
    column: Keyed, frames: Sequence[int], to: Callable[[float], float], where: str, copy: bool = False
) -> Keyed:
    """Keys of a column on `frames` brought to other frames; with `copy`, those they were stay.

    A key that is moved takes the place of one that stands there already. EditError, beginning with `where`, for
    keys of one run that would fall on one frame.
    """
    wanted = set(frames)
    taken = np.array([f in wanted for f in column.frames], dtype=bool)
    if not taken.any():
        return column
    goes = np.array([float(to(f)) for f in column.frames[taken]])
    if len(np.unique(goes)) < len(goes):
        raise EditError(f"{where}: two keys would fall on one frame. Stretch less, or delete one of them first.")
    stays = np.ones(len(taken), dtype=bool) if copy else ~taken
    stays &= ~np.isin(column.frames, goes)
    rows = [np.concatenate([c[stays], g]) for c, g in zip(column._columns, _goers(column, taken, goes), strict=True)]
    order = np.argsort(rows[0], kind="stable")
    return column._of([row[order] for row in rows]).healed()


def _goers(column: Keyed, taken: np.ndarray, goes: np.ndarray) -> list[np.ndarray]:
    """The columns of the keys that move, on their new frames; slopes by hand over the stretch of time about them."""
    frames = column.frames[taken]
    stretch = np.gradient(goes) / np.gradient(frames) if len(goes) > 1 else np.ones(1)
    by = np.where(np.abs(stretch) > 1e-9, stretch, 1.0)
    out = [c[taken] for c in column._columns]
    out[0] = goes
    for i in (2, 3):
        out[i] = out[i] / by.reshape(-1, *[1] * (out[i].ndim - 1))
    if (by < 0).any():
        # time runs the other way: what was the slope in is the slope out, and a span's kind stands with its other key
        out[2], out[3] = out[3], out[2]
        out[4] = np.roll(out[4], 1)
    return out


def room_made(column: Column, after: int, by: int, where: str) -> Column:
    """A column with everything later than frame `after` moved by `by` frames; negative closes the gap.

    A value on every frame is spread over the room made, and loses what is pulled over. EditError, with `where`, for
    keys that lie in the way.
    """
    if isinstance(column, Dense):
        return _dense_room(column, after, by)
    later = column.shown_on > after
    if not later.any():
        return column
    frames = np.where(later, column.frames + by, column.frames)
    lost = later & (column.shown_on + by <= after)
    if lost.any():
        raise EditError(
            f"{where}: the key at frame {column.frames[lost][0]:g} lies within the {-by} frames that are to go. "
            "Delete it first, or close less of the gap."
        )
    return replace(column, frames=frames).healed()


def _dense_room(column: Dense, after: int, by: int) -> Dense:
    if column.last <= after:
        return column
    if column.first > after:
        return replace(column, first=column.first + by)
    cut = after - column.first + 1
    if by < 0:
        return replace(column, values=np.concatenate([column.values[:cut], column.values[cut - by :]]))
    between = column.sample(after + np.arange(1, by + 1) / (by + 1))
    return replace(column, values=np.concatenate([column.values[:cut], between, column.values[cut:]]))


def offset(column: Column, frames: int) -> Column:
    """The same column `frames` later."""
    if isinstance(column, Dense):
        return replace(column, first=column.first + frames)
    return replace(column, frames=column.frames + frames)


def eased_span(column: Keyed, start: float, end: float, leaves: float, arrives: float) -> Keyed:
    """A column whose span from its key at `start` to its next at `end` leaves and arrives at so many times its even
    pace; as it is, where it has no such span."""
    shown = column.shown_on
    at = np.flatnonzero(shown == start)
    if not len(at) or at[-1] + 1 >= len(shown) or shown[at[-1] + 1] != end:
        return column
    i = int(at[-1])
    values = column.angles if isinstance(column, Turns) else column.values
    even = (values[i + 1] - values[i]) / (column.frames[i + 1] - column.frames[i])
    into, out = column.slopes_in.copy(), column.slopes_out.copy()
    kinds, meant = column.kinds.copy(), column.meant.copy()
    out[i], into[i + 1] = even * leaves, even * arrives
    kinds[i] = FREE
    meant[i] = meant[i + 1] = BROKEN
    return replace(column, slopes_in=into, slopes_out=out, kinds=kinds, meant=meant)


def span_kind(column: Keyed, start: float, end: float, kind: int) -> Keyed:
    """A column whose spans beginning on start … end - 1 are stepped, linear, eased or free."""
    inside = (column.shown_on >= start) & (column.shown_on < end)
    return replace(column, kinds=np.where(inside, kind, column.kinds))


def span_shares(leaves: float, arrives: float, count: int) -> np.ndarray:
    """(count,) the shares of the way done on the frames between two keys, count + 1 frames apart: the ticks of an ease
    chart. s = t² (3 - 2t) + leaves t (1 - t)² - arrives t² (1 - t)."""
    t = np.arange(1, count + 1) / (count + 1)
    return t * t * (3 - 2 * t) + leaves * t * (1 - t) ** 2 - arrives * t * t * (1 - t)


def ease_through(leaves: float, arrives: float, tick: int, count: int, share: float) -> tuple[float, float]:
    """The slopes nearest to those there are that bring tick number `tick` (from 1) of `count` to `share`."""
    t = tick / (count + 1)
    pull = np.array([t * (1 - t) ** 2, -t * t * (1 - t)])
    slopes, free = np.array([leaves, arrives], dtype=float), np.ones(2)
    for _ in range(2):  # what one slope can't give any more, the other gives
        lack = share - span_shares(*slopes, count)[tick - 1]
        wanted = slopes + free * pull * lack / max(free @ (pull * pull), 1e-12)
        slopes = np.clip(wanted, 0.0, STEEPEST)
        free = (slopes == wanted).astype(float)
    return float(slopes[0]), float(slopes[1])


def eases_of(columns: Sequence[Keyed]) -> dict[tuple[float, float], tuple[float, float]]:
    """How the spans between neighbouring keys are left and come to, as times their even pace, by their two frames: of
    all columns together, each counting by how far it goes."""
    sums: dict[tuple[float, float], np.ndarray] = {}
    for column in columns:
        values = column.angles if isinstance(column, Turns) else column.values[:, None]
        way, gap = np.diff(values, axis=0), np.diff(column.frames)[:, None]
        into, out = (s.reshape(len(values), -1) for s in (column.slopes_in, column.slopes_out))
        kinds = column.kinds[:-1, None]
        even, level = kinds == LINEAR, kinds == EASED
        leaves = np.where(even, way, np.where(level, 0.0, out[:-1] * gap))
        arrives = np.where(even, way, np.where(level, 0.0, into[1:] * gap))
        # Σ sign(way) slope / Σ |way|: a curve that hardly moves has little say
        for i in np.flatnonzero(np.abs(way).max(axis=1) > 1e-9):
            if isinstance(column, Turns) and column.eased != CHANNELS:
                continue
            span = (float(column.frames[i]), float(column.frames[i + 1]))
            sign = np.sign(way[i])
            row = np.array([(sign * leaves[i]).sum(), (sign * arrives[i]).sum(), np.abs(way[i]).sum()])
            sums[span] = sums.get(span, np.zeros(3)) + row
    return {span: (float(a / size), float(b / size)) for span, (a, b, size) in sums.items()}


def favoured(share: float) -> tuple[float, float]:
    """Slopes of a span whose middle lies at `share` of the way instead of half."""
    return ease_through(0.0, 0.0, 1, 1, share) if not np.isclose(share, 0.5) else (0.0, 0.0)


# --- dense motion and curves ------------------------------------------------------------------------------


def reversed_keys(column: Keyed, start: float, end: float) -> Keyed:
    """The keys between two frames in the other order of time."""
    inside = column.frames[(column.shown_on >= start) & (column.shown_on <= end)].tolist()
    return moved_keys(column, inside, lambda f: start + end - f, "Reverse") if len(inside) > 1 else column


def moving_hold(a: np.ndarray, b: np.ndarray, share: float) -> np.ndarray:
    """What a hold drifts to: so much of the way on from a value to the next one."""
    return a + (b - a) * share


def on_steps(
    column: Keyed, start: int, end: int, step: int, shown: Mapping[int, int] | None = None, stay: Sequence[int] = ()
) -> Keyed:
    """A column keyed on every `step`-th frame from start to end with the values it has there, each held: on twos or
    threes; on ones it is keyed on every frame and moves between.

    shown : frames that some of those steps show instead of their own; stay : frames between steps that are keyed too
    """
    frames = np.array(sorted({*range(start, end + 1, step), *stay}), dtype=float)
    at = np.array([(shown or {}).get(int(f), f) for f in frames], dtype=float)
    values = column.sample_angles(at) if isinstance(column, Turns) else column.sample(at)
    out = column.with_keys(frames, values, STEPPED if step > 1 else LINEAR, WORKED_OUT)
    return out.kept((out.shown_on < start) | (out.shown_on > end) | np.isin(out.frames, frames))


def poses_on_steps(start: int, end: int, step: int, poses: Mapping[int, str]) -> tuple[dict[int, int], list[int]]:
    """Where poses that count come to stand once a span is on steps: the frame each of those steps shows, and poses that
    stay where they are because another has their step.

    poses : kind (an extreme goes before a breakdown) by frame
    """
    shown: dict[int, int] = {}
    stay: list[int] = []
    inside = [f for f in poses if start <= f <= end]
    for frame in sorted(inside, key=lambda f: (poses[f] != EXTREME, (f - start) % step != 0, f)):
        before = start + step * ((frame - start) // step)
        places = [p for p in (before, before + step) if abs(p - frame) <= step / 2 and p <= end and p not in shown]
        place = min(places, key=lambda p: abs(p - frame), default=None)
        if place is None:
            stay.append(frame)
        else:
            shown[place] = frame
    return shown, sorted(stay)


def slopes_set(column: Keyed, frames: Sequence[int], meant: int, place: int | None = None) -> Keyed:
    """Keys on `frames` with slopes of another meaning; `place` counts only for what is told by channel, and is
    kept for it: a rotation's three angles share their meaning."""
    chosen = np.isin(column.frames, list(frames))
    return replace(column, meant=np.where(chosen, meant, column.meant)).healed()


def slope_by_hand(column: Keyed, frame: float, side: str, slope: float, place: int = 0, broken: bool = False) -> Keyed:
    """The slope into or out of a key set by hand; not broken, the other one follows.

    place : which of a rotation's three angles; side : "in" or "out"
    """
    at = np.flatnonzero(column.frames == frame)
    if not len(at):
        raise EditError(f"There is no key at frame {frame:g} any more.")
    i = int(at[0])
    into, out, meant = column.slopes_in.copy(), column.slopes_out.copy(), column.meant.copy()
    kinds = column.kinds.copy()
    broken = broken or meant[i] == BROKEN
    index = (i, place) if into.ndim > 1 else (i,)
    for name, slopes in (("in", into), ("out", out)):
        if side == name or not broken:
            slopes[index] = slope
    meant[i] = BROKEN if broken else BY_HAND
    # a slope is seen on spans that are free
    if side == "out" or not broken:
        kinds[i] = FREE
    if (side == "in" or not broken) and i > 0:
        kinds[i - 1] = FREE
    return replace(column, slopes_in=into, slopes_out=out, meant=meant, kinds=kinds)


def values_changed(
    column: Keyed,
    frames: Sequence[int],
    change: Callable[[np.ndarray], np.ndarray],
    place: int | None,
    scale: float = 1.0,
) -> Keyed:
    """Keys on `frames` with other values: `change` of them; slopes by hand are scaled by `scale`.

    place : which of a rotation's three angles, None for all or for plain keys
    """
    chosen = np.isin(column.frames, list(frames))
    name = "angles" if isinstance(column, Turns) else "values"
    values = getattr(column, name).copy()
    into, out = column.slopes_in.copy(), column.slopes_out.copy()
    which = np.ix_(chosen, [place]) if values.ndim > 1 and place is not None else chosen
    values[which] = change(values[which])
    into[which], out[which] = into[which] * scale, out[which] * scale
    return replace(column, **{name: values}, slopes_in=into, slopes_out=out).healed()
