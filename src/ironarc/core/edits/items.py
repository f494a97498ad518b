"""Edits of what is in the shot: performers, props, references, guides, cameras and markers come, go, and are set."""

from collections.abc import Mapping
from dataclasses import dataclass, replace
from typing import Any, ClassVar

from ironarc.core.document import ITEM_KINDS, Item, Performer, Shot, check_size
from ironarc.core.edits.base import Changes, Edit, check_fields, clean_name, unlocked
from ironarc.core.errors import EditError
from ironarc.core.reading.points import check_guided
from ironarc.core.reading.shot import settled
from ironarc.core.scene.camera import Camera
from ironarc.core.scene.guide import Guide
from ironarc.core.scene.markers import MarkerSet
from ironarc.core.scene.props import Prop
from ironarc.core.scene.reference import Reference

MOST_ITEMS = 60
MOST_LOADS = 20
CLASSES = {
    "performer": Performer, "prop": Prop, "reference": Reference, "guide": Guide, "camera": Camera,
    "markers": MarkerSet,
}  # fmt: skip
# What may be set of each; pictures, joints and layers have edits of their own
_MARKS = ("name", "hidden", "locked")
SETTABLE = {
    Performer: (
        *_MARKS, "scale_to_m", "unit_guessed", "weighing", "placement", "timing", "loads", "clip", "contacts", "left",
        "pins", "beats", "strips", "skin",
    ),
    Prop: (
        *_MARKS, "kind", "size_m", "at_m", "turn_rad", "columns", "hung_from_m", "holds", "mass_kg", "bounce",
        "friction", "drag", "flight", "joined", "off_m", "link",
    ),
    Reference: (
        *_MARKS, "rate_fps", "first", "in_frame", "out_frame", "shown", "opacity", "mirrored", "floor_line", "up_line",
        "length_line", "length_m", "facing_rad", "across_m", "behind_m", "marks", "pose_frame",
    ),
    Guide: (*_MARKS, "kind", "points_m", "first", "frames", "of", "performer"),
    Camera: (*_MARKS, "columns", "sensor_mm", "aspect"),
    MarkerSet: (*_MARKS, "places", "first", "placement", "performer", "worn"),
}  # fmt: skip


def kind_of(item: Item) -> str:
    """ "performer", "prop", "reference", "guide", "camera" or "markers"."""
    return next(word for word, cls in CLASSES.items() if type(item) is cls)


def field_of(item: Item) -> str:
    """The shot's field that holds things of this kind."""
    return next(name for name, word in ITEM_KINDS.items() if word == kind_of(item))


def guides_of(shot: Shot, item: Item) -> tuple[Guide, ...]:
    """The guide curves that are for a performer."""
    return tuple(g for g in shot.guides if isinstance(item, Performer) and g.performer == item.id)


@dataclass(frozen=True)
class AddItem(Edit):
    """Adds a performer, prop, reference or guide curve."""

    item: Item
    words: str = ""
    kind: ClassVar[str] = "add_item"

    def apply(self, shot: Shot) -> Shot:
        if any(i.id == self.item.id for i in shot.items()):
            raise EditError(f"There is already something called {self.item.id!r} in this shot.")
        if len(shot.items()) >= MOST_ITEMS:
            raise EditError(
                f"A shot holds up to {MOST_ITEMS} performers, props, references, guides, cameras and sets of markers "
                "together."
            )
        item = _checked(self.item, shot)
        shot = settled(shot)
        field = field_of(item)
        return check_size(replace(shot, **{field: (*getattr(shot, field), item)}))

    def says(self, shot: Shot) -> str:
        return self.words or f"Add {self.item.name}"


@dataclass(frozen=True)
class RemoveItem(Edit):
    """Takes something out of the shot; a performer's guide curves go with it."""

    item: str
    kind: ClassVar[str] = "remove_item"

    def apply(self, shot: Shot) -> Shot:
        item = unlocked(shot.item(self.item))
        if isinstance(item, Performer) and len(shot.performers) == 1:
            raise EditError(f"{item.name} is the only performer, and a shot needs one. Add another one first.")
        gone = {self.item, *(unlocked(g).id for g in guides_of(shot, item))}
        shot = settled(shot)
        return replace(shot, **{kind: tuple(i for i in getattr(shot, kind) if i.id not in gone) for kind in ITEM_KINDS})

    def says(self, shot: Shot) -> str:
        item = shot.item(self.item)
        guides = len(guides_of(shot, item))
        also = f" and {guides} guide curve{'s' if guides > 1 else ''}" if guides else ""
        return f"Remove {item.name}{also}"


@dataclass(frozen=True)
class SetItem(Changes):
    """Sets some fields of something in the shot; `of` says what it is, `words` what undo shows.

    Of what is locked only the lock itself and whether it is hidden can be set.
    """

    item: str
    of: str
    changes: Mapping[str, Any]
    words: str
    kind: ClassVar[str] = "set_item"

    def _changed_class(self) -> type:
        return CLASSES[self.of]

    def apply(self, shot: Shot) -> Shot:
        item = shot.item(self.item)
        if self.of != kind_of(item):
            raise EditError(f"{item.name} is not a {self.of}.")
        check_fields(self.changes, SETTABLE[type(item)], item.name)
        if not set(self.changes) <= {"hidden", "locked"}:
            unlocked(item)
        changes = dict(self.changes)
        if "name" in changes:
            changes["name"] = clean_name(changes["name"])
        changed = replace(item, **changes)
        if set(changes) <= set(_MARKS):
            return shot.with_item(changed)
        return settled(shot).with_item(_checked(changed, shot))

    def says(self, shot: Shot) -> str:
        return self.words


def set_item_of(item: Item, changes: Mapping[str, Any], words: str) -> SetItem:
    """The edit that sets fields of `item`."""
    return SetItem(item.id, kind_of(item), changes, words)


def _checked(item: Item, shot: Shot) -> Item:
    item.checked()
    if isinstance(item, Guide):
        check_guided(shot, item)
    if isinstance(item, Performer):
        if len(item.loads) > MOST_LOADS:
            raise EditError(f"A performer can have up to {MOST_LOADS} loads; {len(item.loads)} were given.")
        item.body()  # what can't be weighed so is refused now
    return item
