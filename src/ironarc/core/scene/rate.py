"""Frame rates as exact ratios, and motion moved from one rate to another."""

from collections.abc import Mapping
from fractions import Fraction

import numpy as np
from scipy.interpolate import CubicSpline

from ironarc.core import rotation
from ironarc.core.errors import EditError
from ironarc.core.motion.channels import Column, Dense, Keys
from ironarc.core.motion.layers import Layer
from ironarc.core.rig import Rig

MIN_FPS, MAX_FPS = 12, 240
# Rates of film and video that are not whole: 24000/1001 and its kin
NAMED = tuple(Fraction(n, 1001) for n in (24_000, 30_000, 48_000, 60_000, 120_000))
SAME_RATE = 1e-4  # frame times in files have as few as five digits: 0.016666


def rate_of(frame_time_s: float) -> Fraction:
    """The rate meant by a frame time: a whole number or a named ratio where it is that near, else as it stands."""
    fps = 1.0 / frame_time_s
    for ratio in (Fraction(round(fps)), *NAMED):
        if ratio > 0 and abs(fps / float(ratio) - 1) < SAME_RATE:
            return ratio
    return Fraction(fps).limit_denominator(1001)


def parse_rate(text: str) -> Fraction:
    """A rate typed by a person: "24", "23.976", "24000/1001". Raises EditError for what is not one."""
    try:
        given = Fraction(text.strip().replace(",", "."))
    except (ValueError, ZeroDivisionError):
        raise EditError(
            f"A frame rate is a number such as 24, 23.976 or 24000/1001; {text[:20]!r} was given."
        ) from None
    if not MIN_FPS <= given <= MAX_FPS and not any(abs(given - n) < Fraction(1, 100) for n in NAMED):
        raise EditError(f"A frame rate lies between {MIN_FPS} and {MAX_FPS} frames a second; {text[:20]} was given.")
    # 23.976 and 23.98 both mean 24000/1001
    for ratio in NAMED:
        if given.denominator > 1 and abs(given - ratio) < Fraction(1, 150):
            return ratio
    return given.limit_denominator(1001)


def rate_text(rate: Fraction) -> str:
    """The rate as it is written: "24", "23.976", "12.5"."""
    return f"{float(rate):.3f}".rstrip("0").rstrip(".")


def retime_layers(rig: Rig, layers: tuple[Layer, ...], about: int, factor: Fraction) -> tuple[Layer, ...]:
    """The layers with own frame f moved to about + (f - about) × factor, rounded to whole frames.

    Keys move to the nearest whole frame; dense columns are sampled anew. Raises EditError where two keys of
    one channel would fall on the same frame.
    """
    return tuple(
        Layer(
            layer.id, layer.name, layer.kind, _retime_columns(rig, layer.columns, about, factor),
            tuple(retime_frame(f, about, factor) for f in layer.span) if layer.span else None,
            layer.weight, layer.muted, layer.made_by,
        )
        for layer in layers
    )  # fmt: skip


def retime_frame(frame: float, about: int, factor: Fraction) -> int:
    """The whole frame nearest about + (frame - about) × factor; halves go up."""
    return int(np.floor(about + (frame - about) * float(factor) + 0.5))


def _retime_columns(rig: Rig, columns: Mapping, about: int, factor: Fraction) -> dict:
    out: dict[tuple[str, str], Column] = {}
    for joint, channel in columns:
        column = columns[joint, channel]
        if (joint, channel) in out:
            continue
        if isinstance(column, Keys):
            out[joint, channel] = retime_keys(column, joint, channel, about, factor)
            continue
        turns = rig.joints[rig.index(joint)].rotation_channels if joint in rig else ()
        together = [columns.get((joint, c)) for c in turns]
        if channel in turns and all(isinstance(c, Dense) and c.first == column.first for c in together):
            order = rig.joints[rig.index(joint)].order
            first, angles = _retime_turns(order, together, about, factor)
            for i, c in enumerate(turns):
                out[joint, c] = Dense(first, np.ascontiguousarray(angles[:, i]))
        else:
            first, at = _new_frames(column, about, factor)
            out[joint, channel] = Dense(first, _spline(column, column.values, at))
    return out


def retime_keys(keys: Keys, joint: str, channel: str, about: int, factor: Fraction) -> Keys:
    """The keys on the frames nearest their moments; EditError where two would fall on one frame."""
    frames = np.array([retime_frame(f, about, factor) for f in keys.frames], dtype=float)
    same = np.flatnonzero(np.diff(frames) == 0)
    if len(same):
        a, b = keys.frames[same[0]], keys.frames[same[0] + 1]
        raise EditError(
            f"At this rate the keys of {joint} {channel} at frames {a:.0f} and {b:.0f} would fall on one frame, "
            f"{frames[same[0]]:.0f}, and one would be lost. Keep the frames instead, or take one of the two away."
        )
    stretch = float(factor)
    return Keys(frames, keys.values, keys.slopes_in / stretch, keys.slopes_out / stretch, keys.kinds)


def _new_frames(column: Dense, about: int, factor: Fraction) -> tuple[int, np.ndarray]:
    """The first new frame that lies within the column, and the old frames behind all new ones."""
    last = column.first + len(column.values) - 1
    scale = float(factor)
    first = int(np.ceil(about + (column.first - about) * scale - 1e-9))
    count = int(np.floor(about + (last - about) * scale + 1e-9)) - first + 1
    at = about + (first + np.arange(max(count, 1)) - about) / scale
    return first, np.clip(at, column.first, last)


def _spline(column: Dense, values: np.ndarray, at: np.ndarray) -> np.ndarray:
    """Values (frames, ...) at old frames `at`, on a cubic through all of them; too few are joined straight."""
    own = column.first + np.arange(len(values))
    if len(values) < 4:
        flat = values.reshape(len(values), -1)
        return np.column_stack([np.interp(at, own, v) for v in flat.T]).reshape(len(at), *values.shape[1:])
    return CubicSpline(own, values, axis=0)(at)


def _retime_turns(order: str, columns: list, about: int, factor: Fraction) -> tuple[int, np.ndarray]:
    """A joint's three angles sampled anew by way of quaternions, since angles may leap where a rotation doesn't."""
    angles = np.column_stack([c.values for c in columns])
    first, at = _new_frames(columns[0], about, factor)
    q = _spline(columns[0], rotation.continuous(rotation.from_euler(order, angles)), at)
    q /= np.linalg.norm(q, axis=1, keepdims=True)
    near = np.column_stack([c.sample(at) for c in columns])
    return first, rotation.follow_euler(rotation.to_euler(order, q), near)
