"""What is asked of props that are carried."""

from dataclasses import replace

import numpy as np

from ironarc.core import rotation
from ironarc.core.edits.base import Edit
from ironarc.core.edits.commands.pins import fitting
from ironarc.core.edits.commands.registry import Frame, command
from ironarc.core.edits.items import set_item_of
from ironarc.core.errors import EditError
from ironarc.core.figure.grips import grip_called
from ironarc.core.reading.shot import Seen
from ironarc.core.scene.props import Hold, Prop


@command
def carry_prop(
    seen: Seen, performer: str, item: str, part: str, start: Frame, end: Frame, frame: Frame, ease_in: int = 0,
    ease_out: int = 0,
) -> Edit:  # fmt: skip
    """A part of the body carries a prop on frames `start` to `end`, as it lies to it on `frame`."""
    shot, p = seen.shot, seen.performer
    prop = shot.item(item)
    if not isinstance(prop, Prop):
        raise EditError(f"{prop.name} is not a prop. Choose one that can be carried.")
    joint = p.rig.names[grip_called(seen.reading.body, part).joint]
    poses, (at, turn) = shot.poses(p.id, np.array([frame])), shot.track_of(prop, np.array([frame]))
    j = p.rig.index(joint)
    own = rotation.rotate(poses.rotation[0, j], at[0] - poses.position[0, j], back=True)
    held = rotation.multiply(rotation.conjugate(poses.rotation[0, j]), turn[0])
    ids = [int(h.id.removeprefix("hold")) for h in prop.holds if h.id.removeprefix("hold").isdigit()]
    eases = fitting(ease_in, ease_out, end - start + 1)
    hold = Hold(
        f"hold{max(ids, default=0) + 1}", p.id, joint, start, end, tuple(map(float, own)), tuple(map(float, held)),
        *eases,
    )  # fmt: skip
    carried = replace(prop, holds=(*prop.holds, hold)).checked()
    shot.with_item(carried).evaluate(p.id, shot.frame_numbers())  # a circle is refused
    return set_item_of(prop, {"holds": carried.holds}, f"{p.name} carries {prop.name}, {start} to {end}")


@command
def put_down(seen: Seen, item: str, hold: str) -> Edit:
    """A prop is not carried any more over one of its spans."""
    prop = seen.shot.item(item)
    holds = tuple(h for h in getattr(prop, "holds", ()) if h.id != hold)
    if not isinstance(prop, Prop) or len(holds) == len(prop.holds):
        raise EditError("That is not carried any more.")
    return set_item_of(prop, {"holds": holds}, f"Nobody carries {prop.name} there")
