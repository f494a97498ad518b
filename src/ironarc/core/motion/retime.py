"""Motion moved from one rate to another: keys to the nearest whole frames, dense values sampled anew."""

from collections.abc import Mapping
from dataclasses import replace
from fractions import Fraction

import numpy as np

from ironarc.core import rotation
from ironarc.core.columns import Column, Dense
from ironarc.core.columns.dense import DenseTable
from ironarc.core.columns.keyed import Keyed
from ironarc.core.errors import EditError
from ironarc.core.figure.rig import Rig
from ironarc.core.motion.layers import TURN, Layer
from ironarc.core.scene.rate import retime_frame


def retime_layers(rig: Rig, layers: tuple[Layer, ...], about: int, factor: Fraction) -> tuple[Layer, ...]:
    """The layers with own frame f moved to about + (f - about) × factor, rounded to whole frames.

    Keys move to the nearest whole frame; dense columns are sampled anew. Raises EditError where two keys of
    one column would fall on the same frame.
    """
    out = []
    for layer in layers:
        weight = layer.weight_keys and retime_keys(layer.weight_keys, f"the weight of {layer.name}", about, factor)
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


def retime_keys(keys: Keyed, what: str, about: int, factor: Fraction) -> Keyed:
    """The keys on the frames nearest their moments; KeysCollide, with `what`, where two would fall on one frame."""
    return keys.stretched(_key_frames(keys.frames, what, about, factor), float(factor))


def _key_frames(old: np.ndarray, what: str, about: int, factor: Fraction) -> np.ndarray:
    frames = np.array([retime_frame(f, about, factor) for f in old], dtype=float)
    same = np.flatnonzero(np.diff(frames) <= 0)
    if len(same):
        a, b = old[same[0]], old[same[0] + 1]
        raise KeysCollide(what, float(a), float(b))
    return frames


class KeysCollide(EditError):
    """Two keys that a change of rate would put on one frame. what : whose keys; a, b : their own frames."""

    def __init__(self, what: str, a: float, b: float):
        self.what, self.a, self.b = what, a, b
        super().__init__(
            f"At this rate the keys of {what} at frames {a:.0f} and {b:.0f} would fall on one frame, and one would "
            "be lost. Keep the frames instead, or take one of the two away."
        )


def _retime_columns(rig: Rig, columns: Mapping, about: int, factor: Fraction) -> dict:
    out: dict[tuple[str, str], Column] = {}
    for joint, channel in columns:
        column = columns[joint, channel]
        if (joint, channel) in out:
            continue
        if isinstance(column, Keyed):
            what = joint if channel == TURN else f"{joint} {channel}"
            out[joint, channel] = retime_keys(column, what, about, factor)
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
