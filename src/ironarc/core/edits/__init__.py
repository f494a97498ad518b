"""Every change to a shot is an edit: named, plain data, pure. Commands make edits of what a person asks for."""

from ironarc.core.edits.base import Edit, Together, edit_from_plain, register
from ironarc.core.edits.items import AddItem, RemoveItem, SetItem
from ironarc.core.edits.motion import AddLayer, OrderLayers, RemoveLayer, SetColumns, SetLayer
from ironarc.core.edits.of_shot import Renumber, SetRate, SetShot

EDITS = register(
    Together,
    SetShot,
    SetRate,
    Renumber,
    AddItem,
    RemoveItem,
    SetItem,
    AddLayer,
    SetLayer,
    RemoveLayer,
    SetColumns,
    OrderLayers,
)

__all__ = ["EDITS", "Edit", "edit_from_plain", *(cls.__name__ for cls in EDITS.values())]
