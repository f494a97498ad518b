"""What is asked of where and when a performer moves. Frames are the shot's, as they are seen before the edit."""

from typing import Literal

import numpy as np

from ironarc.core import rotation
from ironarc.core.document import Performer
from ironarc.core.edits.base import Edit
from ironarc.core.edits.commands.registry import Frame, command
from ironarc.core.edits.commands.scene import prop_moved
from ironarc.core.edits.items import set_item_of
from ironarc.core.errors import EditError
from ironarc.core.reading.points import TOP, point_at
from ironarc.core.reading.shot import Seen
from ironarc.core.reading.skin import SOLE
from ironarc.core.scene.cuts import Cut
from ironarc.core.scene.lineup import BY_SIZE, FREELY
from ironarc.core.scene.lineup import line_up as lined_up
from ironarc.core.scene.placement import Placement
from ironarc.core.scene.props import Prop
from ironarc.core.scene.timing import Timing

Point = tuple[float, float, float]


def _placed(performer: Performer, placement: Placement, words: str = "") -> Edit:
    was = performer.placement
    verb = "Scale" if placement.scale != was.scale else "Turn" if placement.turn_rad != was.turn_rad else "Move"
    return set_item_of(performer, {"placement": placement}, words or f"{verb} {performer.name}")


def _timed(performer: Performer, timing: Timing, words: str) -> Edit:
    return set_item_of(performer, {"timing": timing}, words)


@command
def place_performer(
    seen: Seen, performer: str, offset_m: Point, turn_rad: float, scale: float, words: str = ""
) -> Edit:
    """Puts a performer somewhere as a whole."""
    return _placed(seen.performer, Placement(offset_m, turn_rad, scale), words[:80])


@command
def place_about(
    seen: Seen, performer: str, frame: Frame, about: Literal["root", "floor"], turn_rad: float | None = None,
    scale: float | None = None,
) -> Edit:  # fmt: skip
    """Another turn or scale about a point that stays where it is: the hips at a frame, or the floor under them."""
    pivot = point_at(seen.shot, seen.performer.id, "root", frame)
    if about == "floor":
        pivot[1] = seen.reading.floor_m
    return _placed(seen.performer, seen.performer.placement.about(pivot, turn_rad, scale))


@command
def line_up(seen: Seen, item: str, point: str, other: str, other_point: str, frame: Frame, how: str) -> Edit:
    """Brings a point of a performer or prop to a point of another one, at a frame."""
    moved, target = seen.shot.item(item), seen.shot.item(other)
    if target.id == moved.id:
        raise EditError(f"{target.name} can't be lined up with itself. Choose another performer or a prop.")
    at, to = (point_at(seen.shot, i, p, frame) for i, p in ((item, point), (other, other_point)))
    words = f"Line up {moved.name} with {target.name} at {frame}"
    if isinstance(moved, Performer):
        return _placed(moved, lined_up(moved.placement, at, to, seen.reading.floor_m, how), words)
    if how == BY_SIZE:
        raise EditError(f"{moved.name} is a prop, whose size is set by its own fields. Choose another way.")
    by = (to - at) * ([1.0, 1.0, 1.0] if how == FREELY else [1.0, 0.0, 1.0])
    return prop_moved(moved, by, words)


@command
def prop_under_feet(seen: Seen, item: str, frame: Frame, performer: str = "") -> Edit:
    """Puts a prop where its top meets the soles of a performer at a frame."""
    prop, p = seen.shot.item(item), seen.performer
    if not isinstance(prop, Prop):
        raise EditError(f"{prop.name} is not a prop.")
    soles = _soles(seen, frame)
    top = point_at(seen.shot, item, TOP, frame)
    to = np.array([soles[:, 0].mean(), soles[:, 1].min(), soles[:, 2].mean()])
    return prop_moved(prop, to - top, f"Put {prop.name} under the feet of {p.name} at {frame}")


def _soles(seen: Seen, frame: int) -> np.ndarray:
    """(points, 3) m: heels, balls and toes at a frame. EditError for a figure that has none."""
    p = seen.performer
    poses, points = seen.shot.poses(p.id, np.array([frame])), p.body().anatomy.contact_points
    feet = [point for point in points if point.point in SOLE]
    if not feet:
        raise EditError(f"{p.name} has no foot that is understood as one. Line the prop up with a joint instead.")
    return np.array(
        [
            poses.position[0, point.joint] + rotation.rotate(poses.rotation[0, point.joint], point.position_m)
            for point in feet
        ]
    )


@command
def slip_performer(seen: Seen, performer: str, by: int) -> Edit:
    """Plays the motion `by` frames later, or earlier for less than 0."""
    p, way = seen.performer, "later" if by >= 0 else "earlier"
    return _timed(p, p.timing.with_slip(p.timing.slip + by), f"Slip {p.name} {abs(by)} f {way}")


@command
def trim_performer(seen: Seen, performer: str, first: int, last: int) -> Edit:
    """Plays the motion from frame `first` to `last` only; its end poses hold outside."""
    p = seen.performer
    own = [p.timing.own_frame(f) for f in (first, last)]
    return _timed(p, p.timing.with_trim(own[0], own[1], p.clip), f"Trim {p.name} to {first}–{last}")


@command
def cut_performer(seen: Seen, performer: str, start: int, end: int, blend: int, carry: bool = True) -> Edit:
    """Takes frames `start` to `end` out of the motion and closes the gap with a blend."""
    p = seen.performer
    own = [p.timing.own_frame(f) for f in (start, end)]
    timing = p.timing.with_cut(Cut(own[0], own[1], blend, carry), p.clip)
    return _timed(p, timing, f"Cut {start}–{end} out of {p.name}")


@command
def mend_cut(seen: Seen, performer: str, number: int) -> Edit:
    """Puts back what a cut took out; `number` counts the performer's cuts from 0."""
    p = seen.performer
    return _timed(p, p.timing.without_cut(number), f"Mend a cut of {p.name}")
