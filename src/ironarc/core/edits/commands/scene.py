"""What is asked of what stands in the shot."""

from dataclasses import replace
from typing import Any, Literal, get_type_hints

import numpy as np

from ironarc.core.document import ITEM_KINDS, Performer, Shot
from ironarc.core.document.plain import from_plain
from ironarc.core.edits.base import Edit, clean_name
from ironarc.core.edits.commands.registry import command
from ironarc.core.edits.items import MOST_ITEMS, AddItem, RemoveItem, field_of, set_item_of
from ironarc.core.errors import EditError
from ironarc.core.exchange.stock import stock_performer
from ironarc.core.formats import FileMesh
from ironarc.core.reading.points import point_at
from ironarc.core.reading.shot import Seen, settled
from ironarc.core.reading.travel import travel_direction
from ironarc.core.scene.camera import Camera
from ironarc.core.scene.guide import COM, DRAWN, GRAVITY, Guide
from ironarc.core.scene.props import FIRST_SIZE, PLACE_CHANNELS, TURN_CHANNELS, Prop
from ironarc.core.scene.reference import Reference
from ironarc.core.scene.shape import shape_of
from ironarc.core.scene.solid import KINDS, MESH

ASIDE_M = 0.9  # a copy, or one more of the crew, stands this far beside what is there
BESIDE_M = 1.2  # a new prop stands this far ahead of the performer
BAR_HEIGHT_M = 2.2
ROOM_M = 12.0
MOST_POINTS = 60
# What a person may set of each by name; what else may be set has commands of its own
CHANGEABLE = {
    Prop: ("kind", "size_m", "at_m", "turn_rad", "mass_kg", "bounce", "friction", "drag", "off_m"),
    Reference: (
        "rate_fps", "first", "in_frame", "out_frame", "shown", "opacity", "mirrored", "floor_line", "up_line",
        "length_line", "length_m", "facing_rad", "across_m", "behind_m", "marks", "pose_frame",
    ),
    Guide: ("kind", "points_m", "first", "frames", "of", "performer"),
    Camera: ("sensor_mm", "aspect"),
}  # fmt: skip
Point = tuple[float, float, float]


@command
def set_item(seen: Seen, item: str, changes: dict[str, Any], words: str = "") -> Edit:
    """Sets some of what CHANGEABLE lists."""
    found = seen.shot.item(item)
    allowed = CHANGEABLE.get(type(found))
    if allowed is None:
        raise EditError("A performer is placed, slipped or trimmed, not set.")
    hints = get_type_hints(type(found))
    foreign = sorted(set(changes) - set(allowed))
    if foreign:
        raise EditError(f"{', '.join(foreign)[:60]} of {found.name} can't be set this way.")
    read = {name: from_plain(value, hints[name], dict.__getitem__, name) for name, value in changes.items()}
    if isinstance(found, Prop):
        read |= _moved_keys(found, read)
    return set_item_of(found, read, words[:80] or f"Change {found.name}")


def _moved_keys(prop: Prop, changes: dict[str, Any]) -> dict[str, Any]:
    """What a keyed prop's new place or turn does to its keys and to what it hangs from."""
    columns = dict(prop.columns)
    for name, channels in (("at_m", PLACE_CHANNELS), ("turn_rad", TURN_CHANNELS)):
        by = np.subtract(changes.get(name, getattr(prop, name)), getattr(prop, name))
        for channel, shift in zip(channels, by, strict=True):
            if channel in columns:
                columns[channel] = columns[channel].shifted(values=float(shift))
    out: dict[str, Any] = {"columns": columns} if columns else {}
    if prop.hung_from_m is not None and "at_m" in changes:
        by = np.subtract(changes["at_m"], prop.at_m)
        out["hung_from_m"] = tuple(float(v) for v in np.add(prop.hung_from_m, by))
    return out


def prop_moved(prop: Prop, by_m: np.ndarray, words: str) -> Edit:
    """The edit that moves a prop by (3,) m, its keys and what it hangs from along."""
    changes = {"at_m": tuple(float(v) for v in np.add(prop.at_m, by_m))}
    return set_item_of(prop, changes | _moved_keys(prop, changes), words)


@command
def rename_item(seen: Seen, item: str, name: str) -> Edit:
    """Another name for something."""
    found = seen.shot.item(item)
    return set_item_of(found, {"name": name}, f"Rename {found.name} to {clean_name(name)}")


@command
def hide_item(seen: Seen, item: str, hidden: bool) -> Edit:
    """Hides something on the stage, or shows it again."""
    found = seen.shot.item(item)
    return set_item_of(found, {"hidden": hidden}, f"{'Hide' if hidden else 'Show'} {found.name}")


@command
def lock_item(seen: Seen, item: str, locked: bool) -> Edit:
    """Locks something against changes, or unlocks it."""
    found = seen.shot.item(item)
    return set_item_of(found, {"locked": locked}, f"{'Lock' if locked else 'Unlock'} {found.name}")


@command
def remove_item(seen: Seen, item: str) -> Edit:
    """Takes something out of the shot."""
    return RemoveItem(item)


@command
def duplicate_item(seen: Seen, item: str) -> Edit:
    """A copy; a performer or prop stands beside the one it was made from."""
    found = seen.shot.item(item)
    word = ITEM_KINDS[field_of(found)]
    copy = replace(found, id=seen.shot.free_id(word), name=_free_name(seen.shot, found.name), locked=False)
    if isinstance(copy, Performer):
        copy = replace(copy, placement=copy.placement.moved([ASIDE_M, 0.0, 0.0]))
    elif isinstance(copy, Prop):
        at = (copy.at_m[0] + copy.size_m[0] + 0.2, *copy.at_m[1:])
        copy = replace(copy, at_m=at, **_moved_keys(copy, {"at_m": at}))
    return AddItem(copy, f"Duplicate {found.name}")


def _free_name(shot: Shot, name: str) -> str:
    """The name with the next free number behind it."""
    stem = name.rstrip("0123456789 ") or name
    taken = {item.name for item in shot.items()}
    return next(n for i in range(2, MOST_ITEMS + 3) if (n := f"{stem[:50]} {i}") not in taken)


@command
def add_stock(seen: Seen, member: str, pose: str) -> Edit:
    """One of the crew, beside whoever stands there already, on the floor the shot has."""
    shot = settled(seen.shot)
    joined = stock_performer(member, pose, shot)
    aside = np.array([ASIDE_M * len(shot.performers), shot.floor_m, 0.0])
    return AddItem(replace(joined, placement=joined.placement.moved(aside)))


@command
def add_prop(seen: Seen, prop: Literal[KINDS], frame: int, performer: str = "") -> Edit:
    """A prop ahead of the performer, the way it travels."""
    shot = seen.shot
    at = point_at(shot, seen.performer.id, "root", frame)
    ahead = at + travel_direction(seen.reading) * BESIDE_M
    over_floor = BAR_HEIGHT_M if prop == "bar" else 0.0
    place = (round(float(ahead[0]), 2), round(seen.reading.floor_m + over_floor, 3), round(float(ahead[2]), 2))
    number = sum(p.kind == prop for p in shot.props) + 1
    name = prop.capitalize() + (f" {number}" if number > 1 else "")
    return AddItem(Prop(shot.free_id("prop"), name, prop, FIRST_SIZE[prop], place))


def add_shape(seen: Seen, mesh: FileMesh, name: str, frame: int) -> tuple[Edit, str]:
    """A mesh as a prop ahead of the performer, on the floor, its hull what bodies touch; and what was assumed of its
    unit, or "". Raises FileError for a mesh that can't be one."""
    to_m, said = mesh.to_m, ""
    if to_m is None:
        unit, to_m = _unit_of(mesh.points)
        said = f"The file does not say its unit; {unit} were assumed. Set its size in the panel if that is wrong."
    shape, size = shape_of(name[:60], mesh.points * to_m, mesh.triangles)
    at, travel = point_at(seen.shot, seen.performer.id, "root", frame), travel_direction(seen.reading)
    ahead = at + travel * (BESIDE_M + max(size[0], size[2]) / 2)
    place = (round(float(ahead[0]), 2), round(seen.reading.floor_m, 3), round(float(ahead[2]), 2))
    made = Prop(seen.shot.free_id("prop"), name[:60] or "Shape", MESH, size, place, shape=shape)
    return AddItem(made, f"Bring in {made.name}"), said


def _unit_of(points: np.ndarray) -> tuple[str, float]:
    """The largest unit in which a thing is no larger than a room."""
    reach = float(np.ptp(points, axis=0).max()) if len(points) else 0.0
    units = (("metres", 1.0), ("centimetres", 0.01), ("millimetres", 0.001))
    return next((found for found in units if reach * found[1] <= ROOM_M), units[-1])


@command
def add_guide(
    seen: Seen, curve: Literal[DRAWN, GRAVITY], points_m: tuple[Point, ...], first: int, frames: float, of: str = COM,
    performer: str = "",
) -> Edit:  # fmt: skip
    """A guide curve through points, for the performer."""
    if len(points_m) > MOST_POINTS:
        raise EditError(f"A guide curve has up to {MOST_POINTS} points; {len(points_m)} were given.")
    return AddItem(new_guide(seen, curve, points_m, first, frames, of))


def new_guide(seen: Seen, curve: str, points_m, first: int, frames: float, of: str = COM) -> Guide:
    """A guide for the performer that is seen, with an id and a name of its own."""
    name = "Gravity's path" if curve == GRAVITY else "Drawn path"
    guide = Guide(
        seen.shot.free_id("guide"), f"{name} {len(seen.shot.guides) + 1}", curve,
        tuple(tuple(float(v) for v in p) for p in points_m), first, frames, of, seen.performer.id,
    )  # fmt: skip
    return guide


def add_reference(seen: Seen, reference: Reference) -> Edit:
    """A reference stood behind the performer, facing the way it travels, its middle at the middle of the path."""
    along = travel_direction(seen.reading)
    facing, middle = float(np.arctan2(-along[2], along[0])), float(seen.reading.com.mean(axis=0) @ along)
    return AddItem(replace(reference, facing_rad=facing, across_m=middle))
