"""What is asked of curves: keys and slopes dragged, scaled about a line, smoothed, thinned. Angles are told in degrees,
places in centimetres, as the curves are drawn."""

from dataclasses import replace
from typing import Literal

import numpy as np

from ironarc.core import rotation
from ironarc.core.columns import Column, Dense, Turns
from ironarc.core.columns.keyed import Keyed
from ironarc.core.columns.keys import BROKEN, BY_HAND, FLAT, STRAIGHT, WORKED_OUT
from ironarc.core.document import Performer
from ironarc.core.edits.base import Edit
from ironarc.core.edits.commands.keys import Taken, changed, taken
from ironarc.core.edits.commands.registry import Frame, command
from ironarc.core.edits.motion import SetColumns
from ironarc.core.errors import EditError
from ironarc.core.figure.grips import joints_of
from ironarc.core.figure.rig import POSITION_CHANNELS, ROTATION_CHANNELS, forward
from ironarc.core.keying import keying, thinning
from ironarc.core.motion.evaluate import layered
from ironarc.core.motion.layers import TURN, Layer
from ironarc.core.motion.motion import Motion
from ironarc.core.reading.shot import Seen

Curve = tuple[str, str]  # joint, and channel: "rx" … "tz"
CurveKeys = tuple[str, str, tuple[Frame, ...]]  # of a curve: the frames of its keys
MOST_CURVES = 300
MEANINGS = {"worked out": WORKED_OUT, "flat": FLAT, "straight": STRAIGHT, "broken": BROKEN, "joined": BY_HAND}
FEWEST_MM, MOST_MM = 0.1, 200.0
EXTREME_CM = 4.0


def unit_of(performer: Performer, channel: str) -> float:
    """What one shown unit (a degree, or a centimetre) is in a column's own."""
    if channel in ROTATION_CHANNELS:
        return float(np.radians(1.0))
    return 0.01 / (performer.scale_to_m * performer.placement.scale)


def place_of(performer: Performer, joint: str, channel: str) -> int | None:
    """Where a rotation's channel stands among its three angles; None for a place's."""
    if channel in POSITION_CHANNELS:
        return None
    rig = performer.rig
    if joint not in rig or channel not in ROTATION_CHANNELS:
        raise EditError(f"There is no curve {joint[:40]} {channel[:10]}.")
    return rig.joints[rig.index(joint)].rotation_channels.index(channel)


def _curves(seen: Seen, layer_id: str, curves: tuple[Curve, ...]) -> tuple[Taken, dict]:
    """The columns behind some curves, with the places of a rotation's angles that are meant."""
    if not 0 < len(curves) <= MOST_CURVES:
        raise EditError("No curve is selected. Click one of its keys first.")
    every = taken(seen, layer_id, ())
    wanted: dict[tuple[str, str], list[int | None]] = {}
    for joint, channel in curves:
        place = place_of(seen.performer, joint, channel)
        key = (joint, TURN) if (joint, TURN) in every.columns and place is not None else (joint, channel)
        if key not in every.columns:
            raise EditError(f"{every.layer.name} has no keys on {joint} {channel}. Key it first.")
        wanted.setdefault(key, []).append(place if key[1] == TURN else None)
    columns = {k: every.columns[k] for k in wanted}
    own = {f: every.own[f] for c in columns.values() for f in map(float, c.key_frames)}
    return Taken(every.layer, columns, own), wanted


def _keys(seen: Seen, layer: str, keys: tuple[CurveKeys, ...]) -> tuple[Taken, dict]:
    """The columns behind keys of curves, and by column: (place of the angle that is meant, own frames) of each."""
    curves = tuple((joint, channel) for joint, channel, _ in keys)
    columns, places = _curves(seen, layer, curves)
    wanted: dict[tuple[str, str], list[tuple[int | None, list[float]]]] = {key: [] for key in places}
    for joint, channel, frames in keys:
        place = place_of(seen.performer, joint, channel)
        key = (joint, TURN) if (joint, TURN) in columns.columns and place is not None else (joint, channel)
        there = set(columns.columns[key].key_frames)
        own = [f for f in columns.frames_in(frames) if f in there]
        wanted[key].append((place if key[1] == TURN else None, own))
    if not any(own for of in wanted.values() for _, own in of):
        raise EditError("No key of these curves is selected. Click one first, or select all that are shown.")
    return columns, wanted


def _all_of(wanted: list[tuple[int | None, list[float]]]) -> list[float]:
    """Own frames of a column with a key that is meant. A rotation's three angles have their keys in common."""
    return sorted({f for _, own in wanted for f in own})


@command
def move_curve_keys(
    seen: Seen, performer: str, keys: tuple[CurveKeys, ...], by_frames: int, by_value: float, layer: str = ""
) -> Edit:
    """Keys of curves moved in time and in value."""
    columns, wanted = _keys(seen, layer, keys)
    timing = seen.performer.timing
    goes = {f: float(timing.own_frame(at + by_frames)) for f, at in columns.own.items()}

    def moved(key: tuple[str, str], column: Keyed) -> Keyed:
        out = column
        if by_value:
            for place, own in wanted[key]:
                add = by_value * _unit(seen, key, place)
                out = keying.values_changed(out, own, lambda v, add=add: v + add, place)
        return keying.moved_keys(out, _all_of(wanted[key]), goes.__getitem__, key[0]) if by_frames else out

    return changed(seen, columns, moved, f"Move keys of {_names(keys)}")


def _unit(seen: Seen, key: tuple[str, str], place: int | None) -> float:
    return unit_of(seen.performer, "rx" if place is not None else key[1])


def _names(curves: tuple[Curve, ...] | tuple[CurveKeys, ...]) -> str:
    joints = list(dict.fromkeys(curve[0] for curve in curves))
    return ", ".join(joints[:2]) + (" and more" if len(joints) > 2 else "")


@command
def set_slope(
    seen: Seen, performer: str, joint: str, channel: str, frame: Frame, side: Literal["in", "out"], slope: float,
    layer: str = "", broken: bool = False,
) -> Edit:  # fmt: skip
    """The slope into or out of a key, in degrees or centimetres a frame; broken, the other side stays."""
    keys, wanted = _curves(seen, layer, ((joint, channel),))
    own = keys.frames_in((frame,))
    if not own:
        raise EditError(f"There is no key of {joint} at {frame}.")

    def sloped(key: tuple[str, str], column: Keyed) -> Keyed:
        place = wanted[key][0]
        return keying.slope_by_hand(column, own[0], side, slope * _unit(seen, key, place), place or 0, broken)

    return changed(seen, keys, sloped, f"Slope of {joint} at {frame}")


@command
def set_slopes(
    seen: Seen, performer: str, keys: tuple[CurveKeys, ...],
    how: Literal["worked out", "flat", "straight", "broken", "joined"], layer: str = "",
) -> Edit:  # fmt: skip
    """Slopes worked out from the neighbours, flat, straight on, broken in two, or joined again."""
    columns, wanted = _keys(seen, layer, keys)
    words = {"worked out": "Smooth", "flat": "Flatten", "straight": "Straighten", "broken": "Break", "joined": "Join"}[
        how
    ]

    def meant(key: tuple[str, str], column: Keyed) -> Keyed:
        own = _all_of(wanted[key])
        if not np.isin(column.frames, own).any():
            return column
        out = keying.slopes_set(column, own, MEANINGS[how])
        if how == "joined":
            chosen = np.isin(out.frames, own).reshape(-1, *[1] * (out.slopes_in.ndim - 1))
            middle = (out.slopes_in + out.slopes_out) / 2
            out = replace(
                out,
                slopes_in=np.where(chosen, middle, out.slopes_in),
                slopes_out=np.where(chosen, middle, out.slopes_out),
            )
        return out

    return changed(seen, columns, meant, f"{words} the slopes of {_names(keys)}")


@command
def scale_curve(
    seen: Seen, performer: str, keys: tuple[CurveKeys, ...], factor: float, about: float, layer: str = ""
) -> Edit:
    """Values of keys scaled about a line: degrees for an angle; for a place centimetres in the world, so that the
    floor's own height is the floor."""
    if not (np.isfinite(factor) and abs(factor) <= 100):
        raise EditError(f"Values are scaled to up to 10,000 %; {factor * 100:g} % was given.")
    columns, wanted = _keys(seen, layer, keys)

    def scaled(key: tuple[str, str], column: Keyed) -> Keyed:
        for place, own in wanted[key]:
            line = _line(seen.performer, columns.layer, key, place, about)
            column = keying.values_changed(column, own, lambda v, line=line: line + (v - line) * factor, place, factor)
        return column

    return changed(seen, columns, scaled, f"Scale {_names(keys)} to {factor * 100:.0f} %")


def _line(performer: Performer, layer: Layer, key: tuple[str, str], place: int | None, about: float) -> float:
    """The line in a column's own units. Only the base's places are places in the world."""
    unit = unit_of(performer, "rx" if place is not None else key[1])
    if key[1] not in POSITION_CHANNELS or layer is not performer.layers[0]:
        return about * unit
    axis = POSITION_CHANNELS.index(key[1])
    joint = performer.rig.joints[performer.rig.index(key[0])]
    offset = performer.placement.offset_m[axis] * 100 if joint.parent < 0 else 0.0
    adds = joint.offset[axis] if joint.position == "adds" else 0.0
    return (about - offset) * unit - adds


@command
def shift_curve(seen: Seen, performer: str, keys: tuple[CurveKeys, ...], by: float, layer: str = "") -> Edit:
    """Values of keys all higher or lower."""
    return move_curve_keys(seen, performer, keys, 0, by, layer)


@command
def reverse_curve(
    seen: Seen, performer: str, curves: tuple[Curve, ...], start: Frame, end: Frame, layer: str = ""
) -> Edit:
    """The keys of a span in the other order of time."""
    keys, _ = _curves(seen, layer, curves)
    a, b = (float(seen.performer.timing.own_frame(f)) for f in (start, end))
    return changed(
        seen,
        keys,
        lambda key, column: keying.reversed_keys(column, a, b),
        f"Reverse {_names(curves)}, {start} to {end}",
    )


@command
def smooth_curve(
    seen: Seen, performer: str, parts: tuple[str, ...], start: Frame, end: Frame, strength: float, layer: str = ""
) -> Edit:
    """Roughness taken out of a span of parts: keys led to the line through their neighbours, dense motion smoothed.

    strength : frames over which a bump is taken for noise
    """
    if not 0 < strength <= 60:
        raise EditError(f"What is smoothed are bumps of up to 60 frames; {strength:g} was given.")
    p = seen.performer
    chosen = p.layer(layer) if layer else p.layers[0]
    names = {p.rig.names[j] for j in joints_of(p.body(), parts)}
    a, b = (p.timing.own_frame(f) for f in (start, end))
    out: dict[tuple[str, str], Column | None] = {}
    for key, column in chosen.columns.items():
        if key[0] in names:
            made = (
                _smooth_dense(column, a, b, strength, key[1])
                if isinstance(column, Dense)
                else _smooth_keys(column, a, b, strength)
            )
            if made is not column:
                out[key] = made
    if not out:
        raise EditError(f"{chosen.name} has nothing of {', '.join(parts[:3]) or p.name} between {start} and {end}.")
    return SetColumns(chosen.id, out, f"Smooth {', '.join(parts[:3]) or 'the pose'}, {start} to {end}", p.id)


def _smooth_dense(column: Dense, a: int, b: int, strength: float, channel: str) -> Dense:
    low, high = max(a, column.first), min(b, column.last)
    if high - low < 4:
        return column
    values = column.values.copy()
    span = slice(low - column.first, high - column.first + 1)
    # an angle may go round; a place that moves fast does not
    rough = np.unwrap(values[span]) if channel in ROTATION_CHANNELS else values[span]
    values[span] = thinning.smoothed(rough, strength)
    return replace(column, values=values)


def _smooth_keys(column: Keyed, a: int, b: int, strength: float) -> Keyed:
    inside = np.flatnonzero((column.frames >= a) & (column.frames <= b))
    inside = inside[(inside > 0) & (inside < len(column.frames) - 1)]
    if not len(inside):
        return column
    name = "angles" if isinstance(column, Turns) else "values"
    values = getattr(column, name).copy()
    share = min(strength / 10.0, 1.0)
    before, after = column.frames[inside - 1], column.frames[inside + 1]
    t = ((column.frames[inside] - before) / (after - before)).reshape(-1, *[1] * (values.ndim - 1))
    line = values[inside - 1] + (values[inside + 1] - values[inside - 1]) * t
    values[inside] += (line - values[inside]) * share
    return replace(column, **{name: values}).healed()


@command
def thin(seen: Seen, performer: str, within_mm: float, parts: tuple[str, ...] = (), layer: str = "") -> Edit:
    """Motion with a value on every frame thinned to an animator's keys, extremes first, which keep every joint within
    so many millimetres of where it was."""
    if not FEWEST_MM <= within_mm <= MOST_MM:
        raise EditError(f"Motion is thinned to within {FEWEST_MM:g} to {MOST_MM:g} mm; {within_mm:g} was given.")
    p = seen.performer
    chosen = p.layer(layer) if layer else p.layers[0]
    names = {p.rig.names[j] for j in joints_of(p.body(), parts)}
    dense = {key: c for key, c in chosen.columns.items() if isinstance(c, Dense) and key[0] in names}
    if not dense:
        raise EditError(f"{chosen.name} has no motion with a value on every frame to thin: it is keyed already.")
    first, last = min(c.first for c in dense.values()), max(c.last for c in dense.values())
    frames = np.arange(first, last + 1)
    if len(frames) < 3:
        raise EditError("Two frames are keys already.")
    columns, gone = _to_thin(p, dense, frames)
    motion = replace(p.motion, pins=())
    keyed, at = thinning.thinned(
        columns, frames, _extremes(p, motion, frames), lambda made, on: _error_m(p, chosen, motion, made, gone, on),
        within_mm / 1000.0,
    )  # fmt: skip
    words = f"Thin to {len(at)} keys within {within_mm:g} mm"
    return SetColumns(chosen.id, {**dict.fromkeys(gone), **keyed}, words, p.id)


def _to_thin(p: Performer, dense: dict, frames: np.ndarray) -> tuple[dict, list]:
    """Values to thin by column name, with a rotation's order; and the columns that go for them."""
    out, gone = {}, []
    at = frames.astype(float)
    for joint in dict.fromkeys(joint for joint, _ in dense):
        j = p.rig.joints[p.rig.index(joint)]
        turns = [c for c in ROTATION_CHANNELS if (joint, c) in dense]
        if turns:
            angles = np.column_stack(
                [dense[joint, c].sample(at) if (joint, c) in dense else np.zeros(len(at)) for c in j.rotation_channels]
            )
            out[joint, TURN] = (rotation.each_after_the_other(angles), j.order)
            gone += [(joint, c) for c in turns]
        for c in POSITION_CHANNELS:
            if (joint, c) in dense:
                out[joint, c] = (dense[joint, c].sample(at), "")
    return out, gone


def _extremes(p: Performer, motion: Motion, frames: np.ndarray) -> list[int]:
    """Frames on which the hips turn back in height, or a hand or foot about them."""
    world = _places(p, motion, frames)
    scale = p.scale_to_m * p.placement.scale
    out = thinning.extremes(world[:, p.rig.roots[0], 1] * scale * 100, frames, EXTREME_CM)
    return out


def _places(p: Performer, motion: Motion, frames: np.ndarray) -> np.ndarray:
    """(frames, joints, 3) in the file's units."""
    local = layered(motion, frames.astype(float))
    return forward(p.rig, local.rotation, local.translation)[1]


def _error_m(p: Performer, layer: Layer, motion: Motion, made: dict, gone: list, frames: np.ndarray) -> np.ndarray:
    """(frames,) m: how far the joint that is farthest off is from where it was."""
    thinned = layer.with_columns({**dict.fromkeys(gone), **made})
    other = replace(motion, layers=tuple(thinned if there is layer else there for there in motion.layers))
    off = _places(p, other, frames) - _places(p, motion, frames)
    return np.linalg.norm(off, axis=-1).max(axis=1) * p.scale_to_m * p.placement.scale
