"""What every edit is: named, plain data, pure. `apply` gives a new shot and leaves the old."""

from dataclasses import asdict, dataclass
from typing import ClassVar

from ironarc.core.errors import EditError
from ironarc.core.plain import GetBlob, PutBlob
from ironarc.core.shot import Item, Performer, Shot

NAME_LENGTH = 60
NOTES_LENGTH = 4000


@dataclass(frozen=True)
class Edit:
    """Base of all edits. `kind` names it in stored data; `says` is what undo shows."""

    kind: ClassVar[str] = ""

    def apply(self, shot: Shot) -> Shot:
        raise NotImplementedError

    def says(self, shot: Shot) -> str:
        """What the edit does, in a few words; `shot` is the one it is applied to."""
        raise NotImplementedError

    def to_plain(self, put: PutBlob) -> dict:
        return {"kind": self.kind, **asdict(self)}

    @classmethod
    def from_plain(cls, plain: dict, get: GetBlob) -> "Edit":
        return cls(**{key: value for key, value in plain.items() if key != "kind"})


def clean_name(name: str) -> str:
    """The name with single spaces; EditError for none or one that is too long."""
    name = " ".join(name.split())
    if not name:
        raise EditError("A name needs at least one letter.")
    if len(name) > NAME_LENGTH:
        raise EditError(f"A name can have up to {NAME_LENGTH} letters; this one has {len(name)}.")
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
