"""What is asked of markers that were brought in."""

from dataclasses import replace

from ironarc.core.edits.base import Edit
from ironarc.core.edits.commands.registry import command
from ironarc.core.edits.items import set_item_of
from ironarc.core.errors import EditError
from ironarc.core.motion.poses import Poses
from ironarc.core.reading.marked import fitted, put_on
from ironarc.core.reading.shot import Seen
from ironarc.core.scene.markers import MarkerSet


@command
def line_up_markers(seen: Seen, item: str, performer: str = "") -> Edit:
    """Lines markers up with a performer, the one they are compared with where none is named: moved over the floor,
    turned about the upright, and each put on the joint in whose axes it moves least."""
    markers = _markers(seen, item)
    who = seen.shot.performer_called(performer or markers.performer)
    lined = fitted(markers, who.id, _poses(seen, who.id))
    if not lined.worn:
        raise EditError(f"No marker of {markers.name} keeps to a joint of {who.name} on the frames they share.")
    changes = {"placement": lined.placement, "performer": who.id, "worn": lined.worn}
    return set_item_of(markers, changes, f"Line {markers.name} up with {who.name}")


@command
def place_markers(
    seen: Seen, item: str, first: float | None = None, x_m: float | None = None, z_m: float | None = None,
    up_m: float | None = None, turn_rad: float | None = None, scale: float | None = None,
) -> Edit:  # fmt: skip
    """Where markers stand, and the frame they begin on. What sat on joints is put on them anew from there."""
    markers = _markers(seen, item)
    x, up, z = markers.placement.offset_m
    placement = replace(
        markers.placement,
        offset_m=(x if x_m is None else x_m, up if up_m is None else up_m, z if z_m is None else z_m),
        turn_rad=markers.placement.turn_rad if turn_rad is None else turn_rad,
        scale=markers.placement.scale if scale is None else scale,
    )
    moved = replace(markers, placement=placement, first=markers.first if first is None else first).checked()
    changes = {"placement": moved.placement, "first": moved.first}
    if markers.performer in {p.id for p in seen.shot.performers}:
        changes["worn"] = put_on(moved, _poses(seen, markers.performer)).worn
    return set_item_of(markers, changes, f"Place {markers.name}")


def _poses(seen: Seen, who: str) -> Poses:
    return seen.reading.poses if who == seen.performer.id else seen.shot.poses(who, seen.shot.frame_numbers())


def _markers(seen: Seen, item: str) -> MarkerSet:
    found = seen.shot.item(item)
    if not isinstance(found, MarkerSet):
        raise EditError(f"{found.name} holds no markers.")
    return found
