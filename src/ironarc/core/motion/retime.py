"""Motion moved from one rate to another: keys keep their moments, dense values are sampled anew."""

from collections.abc import Mapping
from dataclasses import replace
from fractions import Fraction

import numpy as np

from ironarc.core import rotation
from ironarc.core.columns import Column, Dense
from ironarc.core.columns.dense import DenseTable
from ironarc.core.columns.keyed import Keyed
from ironarc.core.figure.rig import Rig
from ironarc.core.motion.layers import Layer
from ironarc.core.scene.rate import retime_frame

WHOLE = 1e-6  # frames, by which a moment that lies on a frame is off it by rounding


def retime_layers(rig: Rig, layers: tuple[Layer, ...], about: int, factor: Fraction) -> tuple[Layer, ...]:
    """The layers with own frame f moved to about + (f - about) × factor: keys also between frames, so that the motion
    stays the same; spans to whole frames; dense columns are sampled anew."""
    out = []
    for layer in layers:
        weight = layer.weight_keys and retime_keys(layer.weight_keys, about, factor)
        timed = {}
        if layer.span is not None:
            span = retime_span(*layer.span, layer.ease_in, layer.ease_out, about, factor)
            timed = {"span": span[:2], "ease_in": span[2], "ease_out": span[3]}
        columns = _retime_columns(rig, layer.columns, about, factor)
        out.append(replace(layer, columns=columns, weight_keys=weight, **timed))
    return tuple(out)


def retime_span(
    start: int, end: int, ease_in: int, ease_out: int, about: int, factor: Fraction
) -> tuple[int, int, int, int]:
    """First and last frame and eases of a span whose ramps take the time they took.

    A ramp lies between the last frame on which nothing counts and the first on which all does, so with no ease
    it has a length too: what came in one frame at 24 fps comes in two at 48.
    """
    nothing, whole = retime_frame(start - 1, about, factor), retime_frame(start + ease_in, about, factor)
    still, gone = retime_frame(end - ease_out, about, factor), retime_frame(end + 1, about, factor)
    first = min(nothing + 1, whole)
    still = max(still, whole)
    return first, max(gone - 1, still), whole - first, max(gone - 1 - still, 0)


def retime_keys(keys: Keyed, about: int, factor: Fraction) -> Keyed:
    """The keys at the moments they were at, on whole frames where these lie there."""
    frames = about + (keys.frames - about) * float(factor)
    whole = np.rint(frames)
    return keys.stretched(np.where(np.abs(frames - whole) < WHOLE, whole, frames), float(factor))


def _retime_columns(rig: Rig, columns: Mapping, about: int, factor: Fraction) -> dict:
    out: dict[tuple[str, str], Column] = {}
    for joint, channel in columns:
        column = columns[joint, channel]
        if (joint, channel) in out:
            continue
        if isinstance(column, Keyed):
            out[joint, channel] = retime_keys(column, about, factor)
            continue
        turns = rig.joints[rig.index(joint)].rotation_channels if joint in rig else ()
        together = [columns.get((joint, c)) for c in turns]
        if channel in turns and all(isinstance(c, Dense) and c.first == column.first for c in together):
            order = rig.joints[rig.index(joint)].order
            first, angles = _retime_turns(order, together, about, factor)
            for i, c in enumerate(turns):
                out[joint, c] = replace(together[i], first=first, values=np.ascontiguousarray(angles[:, i]))
        else:
            first, at = _new_frames(column, about, factor)
            out[joint, channel] = replace(column, first=first, values=column.sample(at))
    return out


def _new_frames(column: Dense, about: int, factor: Fraction) -> tuple[int, np.ndarray]:
    """The first new frame that lies within the column, and the old frames behind all new ones."""
    scale = float(factor)
    first = int(np.ceil(about + (column.first - about) * scale - 1e-9))
    count = int(np.floor(about + (column.last - about) * scale + 1e-9)) - first + 1
    at = about + (first + np.arange(max(count, 1)) - about) / scale
    return first, np.clip(at, column.first, column.last)


def _retime_turns(order: str, columns: list, about: int, factor: Fraction) -> tuple[int, np.ndarray]:
    """A joint's three angles sampled anew by way of quaternions, since angles may leap where a rotation doesn't."""
    angles = np.column_stack([c.values for c in columns])
    first, at = _new_frames(columns[0], about, factor)
    q = DenseTable(columns[0].first, rotation.continuous(rotation.from_euler(order, angles))).sample(at)
    q /= np.linalg.norm(q, axis=1, keepdims=True)
    near = np.column_stack([c.sample(at) for c in columns])
    return first, rotation.follow_euler(rotation.to_euler(order, q), near)
