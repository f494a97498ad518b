"""What every edit is: named, plain data, pure. `apply` gives a new shot and leaves the old."""

from collections.abc import Mapping
from dataclasses import dataclass, fields
from typing import Any, ClassVar, get_type_hints

from ironarc.core.document import Item, Performer, Shot
from ironarc.core.document.plain import GetBlob, PutBlob, from_plain, to_plain
from ironarc.core.errors import EditError

NAME_LENGTH = 60
MOST_TOGETHER = 200

_EDITS: dict[str, type["Edit"]] = {}


def register(*classes: type["Edit"]) -> dict[str, type["Edit"]]:
    """Makes kinds of edit known to `edit_from_plain`; returns all that are known, by kind."""
    _EDITS.update({cls.kind: cls for cls in classes})
    return _EDITS


@dataclass(frozen=True)
class Edit:
    """Base of all edits. `kind` names it in stored data; `says` is what undo shows."""

    kind: ClassVar[str] = ""

    def apply(self, shot: Shot) -> Shot:
        """The shot with the change made. Raises EditError where it can't be; `shot` stays as it is."""
        raise NotImplementedError

    def says(self, shot: Shot) -> str:
        """What the edit does, in a few words; `shot` is the one it is applied to."""
        raise NotImplementedError

    def to_plain(self, put: PutBlob) -> dict:
        """Plain data; arrays go to `put`."""
        return {"kind": self.kind} | {f.name: to_plain(getattr(self, f.name), put) for f in fields(self)}

    @classmethod
    def from_plain(cls, plain: Mapping, get: GetBlob) -> "Edit":
        """The edit of `to_plain`."""
        hints = get_type_hints(cls)
        return cls(**{f.name: from_plain(plain[f.name], hints[f.name], get) for f in fields(cls)})


def edit_from_plain(plain: Mapping, get: GetBlob) -> Edit:
    """The edit of `to_plain`. Raises EditError for a kind that is not known."""
    cls = _EDITS.get(plain.get("kind"))
    if cls is None:
        raise EditError(f"There is no edit called {plain.get('kind')!r}.")
    return cls.from_plain(plain, get)


@dataclass(frozen=True)
class Together(Edit):
    """Several edits as one step: each on what the one before it made, all of them or none."""

    edits: tuple[Edit, ...]
    words: str
    kind: ClassVar[str] = "together"

    def apply(self, shot: Shot) -> Shot:
        if not 0 < len(self.edits) <= MOST_TOGETHER:
            raise EditError(f"Up to {MOST_TOGETHER} edits make one step; {len(self.edits)} were given.")
        for edit in self.edits:
            shot = edit.apply(shot)
        return shot

    def says(self, shot: Shot) -> str:
        return self.words

    def to_plain(self, put: PutBlob) -> dict:
        return {"kind": self.kind, "edits": [edit.to_plain(put) for edit in self.edits], "words": self.words}

    @classmethod
    def from_plain(cls, plain: Mapping, get: GetBlob) -> "Together":
        return cls(tuple(edit_from_plain(edit, get) for edit in plain["edits"]), plain["words"])


@dataclass(frozen=True)
class Changes(Edit):
    """Base of edits that set some fields of a thing. `of` is its class, which the fields' types are read from."""

    def _changed_class(self) -> type:
        raise NotImplementedError

    @classmethod
    def from_plain(cls, plain: Mapping, get: GetBlob) -> "Edit":
        rest = {f.name: plain[f.name] for f in fields(cls) if f.name != "changes"}
        hints = get_type_hints(cls(**rest, changes={})._changed_class())
        return cls(**rest, changes={n: from_plain(v, hints[n], get) for n, v in plain["changes"]})


def check_fields(changes: Mapping[str, Any], allowed: tuple[str, ...], what: str) -> None:
    """EditError for a field that is not among those an edit may set."""
    foreign = sorted(set(changes) - set(allowed))
    if foreign:
        raise EditError(f"{', '.join(foreign)} of {what} can't be set this way.")


def clean_name(name: str) -> str:
    """The name with single spaces; EditError for none or one that is too long."""
    name = " ".join(name.split())
    if not name:
        raise EditError("A name needs at least one letter.")
    if len(name) > NAME_LENGTH:
        raise EditError(f"A name can have up to {NAME_LENGTH} characters; this one has {len(name)}.")
    return name


def unlocked(item: Item) -> Item:
    """The item itself; EditError for one that is locked."""
    if item.locked:
        raise EditError(f"{item.name} is locked. Unlock it on the scene sheet first.")
    return item


def unlocked_performer(shot: Shot, performer_id: str) -> Performer:
    """The performer with this id (the first for ""); EditError when it has gone or is locked."""
    performer = shot.performer_called(performer_id)
    unlocked(performer)
    return performer
