"""Edits of what is in the shot: performers, props, references and guides come, go, and are set."""

from dataclasses import dataclass, replace
from typing import ClassVar

import numpy as np

from ironarc.core.edits.base import Edit, clean_name, unlocked
from ironarc.core.errors import EditError
from ironarc.core.plain import GetBlob, PutBlob, item_from_plain, item_to_plain, tupled
from ironarc.core.scene.guide import Guide
from ironarc.core.scene.props import PLACE_CHANNELS, TURN_CHANNELS, Prop
from ironarc.core.scene.reference import Reference
from ironarc.core.shot import ITEM_KINDS, Item, Performer, Shot

ASIDE_M = 0.9  # a copy stands this far beside what it was made from
MOST_ITEMS = 60
# What `set_item` may change of each kind; pictures, joints and motion have edits of their own
CHANGEABLE = {
    Prop: ("kind", "size_m", "at_m", "turn_rad"),
    Reference: (
        "rate_fps", "first", "in_frame", "out_frame", "shown", "opacity", "mirrored", "floor_line", "up_line",
        "length_line", "length_m", "facing_rad", "across_m", "behind_m", "marks", "pose_frame",
    ),
    Guide: ("kind", "points_m", "first", "frames", "of", "performer"),
}  # fmt: skip


@dataclass(frozen=True)
class AddItem(Edit):
    """Adds a performer, prop, reference or guide curve."""

    item: Item
    kind: ClassVar[str] = "add_item"

    def apply(self, shot: Shot) -> Shot:
        if any(i.id == self.item.id for i in shot.items()):
            raise EditError(f"There is already something called {self.item.id!r} in this shot.")
        if len(shot.items()) >= MOST_ITEMS:
            raise EditError(f"A shot holds up to {MOST_ITEMS} performers, props, references and guides together.")
        if not isinstance(self.item, Performer):
            self.item.checked()
        shot = shot.settled()
        field = _field_of(self.item)
        return replace(shot, **{field: (*getattr(shot, field), self.item)})

    def says(self, shot: Shot) -> str:
        return f"Add {self.item.name}"

    def to_plain(self, put: PutBlob) -> dict:
        return {"kind": self.kind, "item": item_to_plain(self.item, put)}

    @classmethod
    def from_plain(cls, plain: dict, get: GetBlob) -> "AddItem":
        return cls(item_from_plain(plain["item"], get))


def _field_of(item: Item) -> str:
    kinds = {Performer: "performers", Prop: "props", Reference: "references", Guide: "guides"}
    return kinds[type(item)]


def _guides_of(shot: Shot, item: Item) -> tuple[Guide, ...]:
    return tuple(g for g in shot.guides if isinstance(item, Performer) and g.performer == item.id)


@dataclass(frozen=True)
class RemoveItem(Edit):
    """Takes something out of the shot; a performer's guide curves go with it."""

    item: str
    kind: ClassVar[str] = "remove_item"

    def apply(self, shot: Shot) -> Shot:
        item = unlocked(shot.item(self.item))
        if isinstance(item, Performer) and len(shot.performers) == 1:
            raise EditError(f"{item.name} is the only performer, and a shot needs one. Add another one first.")
        gone = {self.item, *(g.id for g in _guides_of(shot, item))}
        shot = shot.settled()
        return replace(shot, **{kind: tuple(i for i in getattr(shot, kind) if i.id not in gone) for kind in ITEM_KINDS})

    def says(self, shot: Shot) -> str:
        item = shot.item(self.item)
        guides = len(_guides_of(shot, item))
        also = f" and {guides} guide curve{'s' if guides > 1 else ''}" if guides else ""
        return f"Remove {item.name}{also}"


@dataclass(frozen=True)
class RenameItem(Edit):
    """Gives something another name."""

    item: str
    name: str
    kind: ClassVar[str] = "rename_item"

    def apply(self, shot: Shot) -> Shot:
        return shot.with_item(replace(shot.item(self.item), name=clean_name(self.name)))

    def says(self, shot: Shot) -> str:
        return f"Rename {shot.item(self.item).name} to {clean_name(self.name)}"


@dataclass(frozen=True)
class HideItem(Edit):
    """Hides something on the stage, or shows it again."""

    item: str
    hidden: bool
    kind: ClassVar[str] = "hide_item"

    def apply(self, shot: Shot) -> Shot:
        return shot.with_item(replace(shot.item(self.item), hidden=self.hidden))

    def says(self, shot: Shot) -> str:
        return f"{'Hide' if self.hidden else 'Show'} {shot.item(self.item).name}"


@dataclass(frozen=True)
class LockItem(Edit):
    """Locks something against changes, or unlocks it."""

    item: str
    locked: bool
    kind: ClassVar[str] = "lock_item"

    def apply(self, shot: Shot) -> Shot:
        return shot.with_item(replace(shot.item(self.item), locked=self.locked))

    def says(self, shot: Shot) -> str:
        return f"{'Lock' if self.locked else 'Unlock'} {shot.item(self.item).name}"


@dataclass(frozen=True)
class DuplicateItem(Edit):
    """Makes a copy; a performer or prop stands beside the one it was made from."""

    item: str
    kind: ClassVar[str] = "duplicate_item"

    def apply(self, shot: Shot) -> Shot:
        item = shot.item(self.item)
        word = ITEM_KINDS[_field_of(item)]
        copy = replace(item, id=shot.free_id(word), name=_free_name(shot, item.name), locked=False)
        if isinstance(copy, Performer):
            copy = replace(copy, placement=copy.placement.moved([ASIDE_M, 0.0, 0.0]))
        elif isinstance(copy, Prop):
            copy = _set(copy, {"at_m": (copy.at_m[0] + copy.size_m[0] + 0.2, *copy.at_m[1:])})
        return AddItem(copy).apply(shot)

    def says(self, shot: Shot) -> str:
        return f"Duplicate {shot.item(self.item).name}"


def _free_name(shot: Shot, name: str) -> str:
    """The name with the next free number behind it."""
    stem = name.rstrip("0123456789 ") or name
    taken = {item.name for item in shot.items()}
    return next(n for i in range(2, MOST_ITEMS + 3) if (n := f"{stem[:50]} {i}") not in taken)


@dataclass(frozen=True)
class SetItem(Edit):
    """Sets some of what CHANGEABLE lists, as plain data; `words` is what undo shows."""

    item: str
    changes: dict
    words: str = ""
    kind: ClassVar[str] = "set_item"

    def apply(self, shot: Shot) -> Shot:
        item = unlocked(shot.item(self.item))
        foreign = set(self.changes) - set(CHANGEABLE.get(type(item), ()))
        if foreign:
            raise EditError(f"{', '.join(sorted(foreign))} of {item.name} can't be set this way.")
        return shot.settled().with_item(_set(item, self.changes).checked())

    def says(self, shot: Shot) -> str:
        return self.words or f"Change {shot.item(self.item).name}"


def _set(item: Prop | Reference | Guide, changes: dict) -> Prop | Reference | Guide:
    changes = {name: tupled(name, value) for name, value in changes.items()}
    if isinstance(item, Prop):
        changes |= _moved_keys(item, changes)
    return replace(item, **changes)


def _moved_keys(prop: Prop, changes: dict) -> dict:
    """What a keyed prop's new place or turn does to its keys and to what it hangs from."""
    columns = dict(prop.columns)
    for name, channels in (("at_m", PLACE_CHANNELS), ("turn_rad", TURN_CHANNELS)):
        by = np.subtract(changes.get(name, getattr(prop, name)), getattr(prop, name))
        for channel, shift in zip(channels, by, strict=True):
            if channel in columns:
                columns[channel] = replace(columns[channel], values=columns[channel].values + shift)
    out = {"columns": columns}
    if prop.hung_from_m is not None and "at_m" in changes:
        by = np.subtract(changes["at_m"], prop.at_m)
        out["hung_from_m"] = tuple(float(v) for v in np.add(prop.hung_from_m, by))
    return out
