"""Edits of a performer's layers. `performer` is its id, "" for the first."""

from dataclasses import dataclass, replace
from typing import ClassVar

from ironarc.core.edits.base import Edit, clean_name
from ironarc.core.errors import EditError
from ironarc.core.motion.layers import BASE, Layer
from ironarc.core.plain import GetBlob, PutBlob, layer_from_plain, layer_to_plain
from ironarc.core.shot import Shot


def _with_layers(shot: Shot, performer: str, layers) -> Shot:
    return shot.with_item(replace(shot.performer_called(performer), layers=tuple(layers)))


def _change(shot: Shot, performer: str, layer_id: str, **changes) -> Shot:
    layers = shot.performer_called(performer).layers
    return _with_layers(shot, performer, (replace(x, **changes) if x.id == layer_id else x for x in layers))


def _correction(shot: Shot, performer: str, layer_id: str) -> Layer:
    layer = shot.performer_called(performer).layer(layer_id)
    if layer.kind == BASE:
        raise EditError("The base layer is the motion itself; it can't be weighed, muted or deleted.")
    return layer


def _name(shot: Shot, performer: str, layer_id: str) -> str:
    return shot.performer_called(performer).layer(layer_id).name


@dataclass(frozen=True)
class AddLayer(Edit):
    """Puts an additive layer on top."""

    layer: Layer
    performer: str = ""
    kind: ClassVar[str] = "add_layer"

    def apply(self, shot: Shot) -> Shot:
        layers = shot.performer_called(self.performer).layers
        if any(layer.id == self.layer.id for layer in layers):
            raise EditError(f"There is already a layer {self.layer.id!r}.")
        return _with_layers(shot, self.performer, [*layers, self.layer])

    def says(self, shot: Shot) -> str:
        return self.layer.name

    def to_plain(self, put: PutBlob) -> dict:
        return {"kind": self.kind, "layer": layer_to_plain(self.layer, put), "performer": self.performer}

    @classmethod
    def from_plain(cls, plain: dict, get: GetBlob) -> "AddLayer":
        return cls(layer_from_plain(plain["layer"], get), plain.get("performer", ""))


@dataclass(frozen=True)
class SetLayerWeight(Edit):
    """Weighs a layer from 0 to 1."""

    layer_id: str
    weight: float
    performer: str = ""
    kind: ClassVar[str] = "set_layer_weight"

    def apply(self, shot: Shot) -> Shot:
        _correction(shot, self.performer, self.layer_id)
        if not 0.0 <= self.weight <= 1.0:
            raise EditError(f"A layer's weight lies between 0 and 100 %; {self.weight * 100:.0f} % was given.")
        return _change(shot, self.performer, self.layer_id, weight=float(self.weight))

    def says(self, shot: Shot) -> str:
        return f"{_name(shot, self.performer, self.layer_id)} at {self.weight * 100:.0f} %"


@dataclass(frozen=True)
class MuteLayer(Edit):
    """Mutes a layer, or lets it sound again."""

    layer_id: str
    muted: bool
    performer: str = ""
    kind: ClassVar[str] = "mute_layer"

    def apply(self, shot: Shot) -> Shot:
        _correction(shot, self.performer, self.layer_id)
        return _change(shot, self.performer, self.layer_id, muted=bool(self.muted))

    def says(self, shot: Shot) -> str:
        return f"{'Mute' if self.muted else 'Unmute'} {_name(shot, self.performer, self.layer_id)}"


@dataclass(frozen=True)
class RenameLayer(Edit):
    """Gives a layer another name."""

    layer_id: str
    name: str
    performer: str = ""
    kind: ClassVar[str] = "rename_layer"

    def apply(self, shot: Shot) -> Shot:
        _name(shot, self.performer, self.layer_id)  # EditError if it has gone
        return _change(shot, self.performer, self.layer_id, name=clean_name(self.name))

    def says(self, shot: Shot) -> str:
        return f"Rename {_name(shot, self.performer, self.layer_id)} to {clean_name(self.name)}"


@dataclass(frozen=True)
class DeleteLayer(Edit):
    """Takes a layer away."""

    layer_id: str
    performer: str = ""
    kind: ClassVar[str] = "delete_layer"

    def apply(self, shot: Shot) -> Shot:
        _correction(shot, self.performer, self.layer_id)
        layers = shot.performer_called(self.performer).layers
        return _with_layers(shot, self.performer, (x for x in layers if x.id != self.layer_id))

    def says(self, shot: Shot) -> str:
        return f"Delete {_name(shot, self.performer, self.layer_id)}"
