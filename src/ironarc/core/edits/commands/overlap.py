"""What is asked of parts that follow late: chains offset from root to tip, a part that leaves later, loose parts that
trail; and a height curve handed on to a body."""

from collections.abc import Sequence
from typing import Literal

import numpy as np

from ironarc.core import rotation
from ironarc.core.columns import Column, Dense
from ironarc.core.columns.keyed import Keyed
from ironarc.core.document import Performer
from ironarc.core.edits.base import Edit
from ironarc.core.edits.commands.registry import Frame, command
from ironarc.core.edits.keep import is_dense
from ironarc.core.edits.motion import AddLayer, SetColumns
from ironarc.core.errors import EditError
from ironarc.core.figure.grips import joints_of
from ironarc.core.keying import keying
from ironarc.core.motion.layers import ADDS, BAKED, KEYED, Layer
from ironarc.core.motion.springs import Springiness, trail
from ironarc.core.reading.points import body_point
from ironarc.core.reading.shot import Seen
from ironarc.core.scene.guide import COM, ROOT, Guide
from ironarc.core.scene.props import Prop

MOST_OFFSET = 200
LONGEST_CHAIN = 60
LEAST_HEIGHT_M = 0.01


def chain_of(performer: Performer, parts: Sequence[str]) -> list[int]:
    """Joints of a part, from its root to its tip: those on the way from the first to the one farthest down."""
    rig = performer.rig
    joints = set(joints_of(performer.body(), parts)) - set(rig.roots) if parts else set()
    if not joints:
        raise EditError("Select the part whose joints follow each other, such as an arm, a tail or a strap.")

    def depth(j: int) -> int:
        out = 0
        while rig.parents[j] in joints:
            out, j = out + 1, int(rig.parents[j])
        return out

    tip = max(sorted(joints), key=depth)
    line = [tip]
    while int(rig.parents[line[-1]]) in joints:
        line.append(int(rig.parents[line[-1]]))
    return line[::-1]


def _offset(seen: Seen, layer_id: str, shifts: dict[str, int], words: str) -> Edit:
    """The edit that moves all columns of some joints in time, by frames as they are seen. Dense motion is moved too."""
    if max(map(abs, shifts.values()), default=0) > MOST_OFFSET:
        raise EditError(f"Parts follow by up to {MOST_OFFSET} frames.")
    p = seen.performer
    layer = p.layer(layer_id) if layer_id else p.layers[0]
    out: dict[tuple[str, str], Column | None] = {
        key: _later(p, column, shifts[key[0]]) for key, column in layer.columns.items() if shifts.get(key[0])
    }
    if not out:
        raise EditError(f"{layer.name} has nothing of these parts to move. Choose the layer they are keyed on.")
    if layer is p.layers[0] and is_dense(layer):
        out = {key: _within(p.layers[0].columns[key], column) for key, column in out.items()}
    return SetColumns(layer.id, out, words, p.id)


def _later(p: Performer, column: Column, by: int) -> Column:
    """A column seen `by` frames later."""
    timing = p.timing
    if not timing.is_retimed:
        return keying.offset(column, by)
    if isinstance(column, Dense):
        frames = np.arange(column.first, column.last + 1, dtype=float)
        return Dense(column.first, column.sample(timing.delayed(frames, -by)), column.before, column.after)
    assert isinstance(column, Keyed)
    return column.stretched(timing.delayed(column.frames, by), 1.0)


def _within(was: Dense, moved: Dense) -> Dense:
    """Dense motion that was moved in time, on the frames it had: its ends hold."""
    frames = np.arange(was.first, was.last + 1, dtype=float)
    return Dense(was.first, moved.sample(frames), was.before, was.after)


@command
def offset_chain(seen: Seen, performer: str, parts: tuple[str, ...], by: tuple[int, ...], layer: str = "") -> Edit:
    """The keys of a chain follow each other from root to tip: each joint later than the one above it, by one number of
    frames for all, or by as many numbers as it has joints."""
    p = seen.performer
    chain = chain_of(p, parts)
    if len(by) not in (1, len(chain)):
        raise EditError(f"This chain has {len(chain)} joints: give one number of frames for all, or {len(chain)}.")
    each = [by[0] * i for i in range(len(chain))] if len(by) == 1 else list(by)
    shifts = {p.rig.names[j]: d for j, d in zip(chain, each, strict=True)}
    return _offset(seen, layer, shifts, f"Overlap {', '.join(parts[:2])} by {', '.join(map(str, by[:4]))} f")


@command
def delay_part(seen: Seen, performer: str, parts: tuple[str, ...], by: int, layer: str = "") -> Edit:
    """A part that leaves later, or earlier for less than 0."""
    p = seen.performer
    if not parts:
        raise EditError("No part selected. Select the part that leaves later.")
    names = [p.rig.names[j] for j in joints_of(p.body(), parts) if j not in p.rig.roots]
    return _offset(
        seen, layer, dict.fromkeys(names, by), f"{', '.join(parts[:3])} {abs(by)} f {'later' if by > 0 else 'earlier'}"
    )


@command
def trail_part(
    seen: Seen, performer: str, parts: tuple[str, ...], length: float = 1.0, stiffness_hz: float = 2.0,
    damping: float = 0.2, gravity: float = 0.3,
) -> Edit:  # fmt: skip
    """A part that trails as a springy chain, baked to a layer of its own that can be weighed and thrown away."""
    p, shot = seen.performer, seen.shot
    how = Springiness(length, stiffness_hz, damping, gravity).checked()
    chain = chain_of(p, parts)
    if len(chain) > LONGEST_CHAIN:
        raise EditError(f"A chain that trails has up to {LONGEST_CHAIN} joints; this one has {len(chain)}.")
    first = p.timing.first_of(shot.frame_numbers(), p.clip)
    poses = seen.reading.poses
    swung = trail(poses, p.rig, chain, _tip(seen, chain[-1]), how, shot.g)
    columns = {}
    for k, j in enumerate(chain):
        joint = p.rig.joints[j]
        turn = rotation.multiply(rotation.conjugate(poses.local[:, j]), swung[:, k])
        angles = rotation.each_after_the_other(rotation.to_euler(joint.order, turn), np.zeros(3))
        for i, channel in enumerate(joint.rotation_channels):
            columns[joint.name, channel] = Dense(first, np.ascontiguousarray(angles[:, i]))
    name = f"{parts[0]} trails"[:60]
    return AddLayer(Layer(p.free_layer_id(), name, BAKED, ADDS, columns), p.id, name.capitalize())


def _tip(seen: Seen, joint: int) -> np.ndarray:
    """(3,) m in a joint's axes: the end of its bone."""
    p = seen.performer
    ends = [np.array(e.offset) * p.scale_to_m * p.placement.scale for e in p.rig.ends if e.parent == joint]
    parts = [part.end_m for part in seen.reading.body.parts if part.joint == joint]
    found = [v for v in (*ends, *parts) if np.linalg.norm(v) > 1e-6]
    if found:
        return found[0]
    children = p.rig.children[joint]
    return p.rig.offsets[children[0]] * p.scale_to_m if children else np.array([0.0, -0.1, 0.0])


# --- from a ball to the hips ------------------------------------------------------------------------------


def height_curve(seen: Seen, source: str, frames: np.ndarray) -> np.ndarray:
    """(frames,) m over the floor: the height of a prop's middle, or of a guide's path where it runs."""
    item = seen.shot.item(source)
    if isinstance(item, Prop):
        at, turn = seen.shot.track_of(item, frames)
        middle = at + rotation.rotate(turn, np.array([0.0, item.size_m[1] / 2, 0.0]))
        return middle[:, 1] - seen.reading.floor_m
    if isinstance(item, Guide):
        path = item.path(frames, seen.shot.frame_time_s, seen.shot.g)[:, 1]
        if np.isnan(path).any():
            raise EditError(f"{item.name} runs from frame {item.first} to {item.last}. Choose a span within it.")
        return path - seen.reading.floor_m
    raise EditError(f"{item.name} has no height curve. Choose a prop that moves, or a guide curve.")


def handed_height(
    seen: Seen, source: str, start: int, end: int, of: str, scale: float | None
) -> tuple[np.ndarray, np.ndarray, float]:
    """Frames of a span, the heights (frames,) m over the floor a body's point is to have there, and their scale.

    scale : None for the one that leaves the point where it is on the first frame
    """
    shot = seen.shot
    if not shot.first_frame <= start < end <= shot.last_frame:
        raise EditError(
            f"A span within the shot's {shot.first_frame} to {shot.last_frame} is needed; {start} to {end} was given."
        )
    frames = np.arange(start, end + 1)
    curve = height_curve(seen, source, frames)
    if scale is None:
        if curve[0] < LEAST_HEIGHT_M:
            raise EditError(f"The curve begins on the floor at frame {start}, so its scale must be typed.")
        scale = float(_height_of(seen, of, frames[:1])[0] / curve[0])
    if not 0.01 <= scale <= 100:
        raise EditError(f"Heights are scaled to between 1 and 10,000 %; {scale * 100:g} % came of it.")
    return frames, curve * scale, scale


def _height_of(seen: Seen, of: str, frames: np.ndarray) -> np.ndarray:
    """(frames,) m over the floor of the hips or the center of gravity."""
    reading, at = seen.reading, frames - seen.shot.first_frame
    point = reading.com if of == COM else body_point(reading.poses, reading.body, ROOT)
    return point[at, 1] - reading.floor_m


@command
def take_height(
    seen: Seen, performer: str, source: str, start: Frame, end: Frame, of: Literal["root", "com"] = ROOT,
    scale: float | None = None, ease: int = 0,
) -> Edit:  # fmt: skip
    """The height of a prop or a guide curve given to the hips or the center of gravity over a span, scaled about the
    floor, as a layer of its own."""
    p = seen.performer
    frames, wanted, _ = handed_height(seen, source, start, end, of, scale)
    lift = (wanted - _height_of(seen, of, frames)) / (p.scale_to_m * p.placement.scale)
    first = p.timing.first_of(frames, p.clip)
    root = p.rig.names[p.rig.roots[0]]
    name = f"Height of {seen.shot.item(source).name}"[:60]
    layer = Layer(
        p.free_layer_id(), name, KEYED, ADDS, {(root, "ty"): Dense(first, lift)}, span=(first, first + len(lift) - 1),
        ease_in=min(ease, len(lift) // 2), ease_out=min(ease, len(lift) // 2),
    )  # fmt: skip
    return AddLayer(layer, p.id, f"{name} to the {'hips' if of == ROOT else 'center of gravity'}, {start} to {end}")
