"""Every change to a shot is an edit: named, plain data, pure."""

from ironarc.core.edits.base import Edit
from ironarc.core.edits.layers import AddLayer, DeleteLayer, MuteLayer, RenameLayer, SetLayerWeight
from ironarc.core.edits.mass import SetLoads, SetUnit, SetWeighing
from ironarc.core.edits.performers import CutPerformer, MendCut, PlacePerformer, SlipPerformer, TrimPerformer
from ironarc.core.edits.scene import (
    CHANGEABLE,
    AddItem,
    DuplicateItem,
    HideItem,
    LockItem,
    RemoveItem,
    RenameItem,
    SetItem,
)
from ironarc.core.edits.shot import RenameShot, Renumber, SetDisplay, SetFloor, SetGravity, SetNotes, SetRange, SetRate
from ironarc.core.errors import EditError
from ironarc.core.plain import GetBlob

EDITS: dict[str, type[Edit]] = {
    cls.kind: cls
    for cls in (
        AddLayer, SetLayerWeight, MuteLayer, RenameLayer, DeleteLayer,
        RenameShot, SetNotes, SetRate, SetRange, Renumber, SetFloor, SetGravity, SetDisplay,
        SetWeighing, SetLoads, SetUnit,
        PlacePerformer, SlipPerformer, TrimPerformer, CutPerformer, MendCut,
        AddItem, RemoveItem, RenameItem, HideItem, LockItem, DuplicateItem, SetItem,
    )
}  # fmt: skip

__all__ = ["CHANGEABLE", "EDITS", "Edit", "edit_from_plain", *(cls.__name__ for cls in EDITS.values())]


def edit_from_plain(plain: dict, get: GetBlob) -> Edit:
    """The edit of `to_plain`. Raises EditError for a kind that is not known."""
    cls = EDITS.get(plain.get("kind"))
    if cls is None:
        raise EditError(f"There is no edit called {plain.get('kind')!r}.")
    return cls.from_plain(plain, get)
