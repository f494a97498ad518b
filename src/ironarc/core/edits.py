"""Every change to a shot is an edit: named, plain data, pure. `apply` gives a new shot and leaves the old."""

from dataclasses import asdict, dataclass, replace
from typing import ClassVar

from ironarc.core.errors import EditError
from ironarc.core.motion.layers import BASE, Layer
from ironarc.core.plain import GetBlob, PutBlob, layer_from_plain, layer_to_plain
from ironarc.core.shot import Shot

NAME_LENGTH = 60


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


def _with_layers(shot: Shot, layers) -> Shot:
    return shot.with_performer(replace(shot.performer, layers=tuple(layers)))


def _change(shot: Shot, layer_id: str, **changes) -> Shot:
    shot.performer.layer(layer_id)  # EditError if it has gone
    layers = (replace(x, **changes) if x.id == layer_id else x for x in shot.performer.layers)
    return _with_layers(shot, layers)


def _correction(shot: Shot, layer_id: str) -> Layer:
    layer = shot.performer.layer(layer_id)
    if layer.kind == BASE:
        raise EditError("The base layer is the motion itself; it can't be weighed, muted or deleted.")
    return layer


def _clean_name(name: str) -> str:
    name = " ".join(name.split())
    if not name:
        raise EditError("A name needs at least one letter.")
    if len(name) > NAME_LENGTH:
        raise EditError(f"A name can have up to {NAME_LENGTH} letters; this one has {len(name)}.")
    return name


@dataclass(frozen=True)
class AddLayer(Edit):
    """Puts an additive layer on top."""

    layer: Layer
    kind: ClassVar[str] = "add_layer"

    def apply(self, shot: Shot) -> Shot:
        if any(layer.id == self.layer.id for layer in shot.performer.layers):
            raise EditError(f"There is already a layer {self.layer.id!r}.")
        return _with_layers(shot, [*shot.performer.layers, self.layer])

    def says(self, shot: Shot) -> str:
        return self.layer.name

    def to_plain(self, put: PutBlob) -> dict:
        return {"kind": self.kind, "layer": layer_to_plain(self.layer, put)}

    @classmethod
    def from_plain(cls, plain: dict, get: GetBlob) -> "AddLayer":
        return cls(layer_from_plain(plain["layer"], get))


@dataclass(frozen=True)
class SetLayerWeight(Edit):
    """Weighs a layer from 0 to 1."""

    layer_id: str
    weight: float
    kind: ClassVar[str] = "set_layer_weight"

    def apply(self, shot: Shot) -> Shot:
        _correction(shot, self.layer_id)
        if not 0.0 <= self.weight <= 1.0:
            raise EditError(f"A layer's weight lies between 0 and 100 %; {self.weight * 100:.0f} % was given.")
        return _change(shot, self.layer_id, weight=float(self.weight))

    def says(self, shot: Shot) -> str:
        return f"{shot.performer.layer(self.layer_id).name} at {self.weight * 100:.0f} %"


@dataclass(frozen=True)
class MuteLayer(Edit):
    """Mutes a layer, or lets it sound again."""

    layer_id: str
    muted: bool
    kind: ClassVar[str] = "mute_layer"

    def apply(self, shot: Shot) -> Shot:
        _correction(shot, self.layer_id)
        return _change(shot, self.layer_id, muted=bool(self.muted))

    def says(self, shot: Shot) -> str:
        return f"{'Mute' if self.muted else 'Unmute'} {shot.performer.layer(self.layer_id).name}"


@dataclass(frozen=True)
class RenameLayer(Edit):
    """Gives a layer another name."""

    layer_id: str
    name: str
    kind: ClassVar[str] = "rename_layer"

    def apply(self, shot: Shot) -> Shot:
        return _change(shot, self.layer_id, name=_clean_name(self.name))

    def says(self, shot: Shot) -> str:
        return f"Rename {shot.performer.layer(self.layer_id).name} to {_clean_name(self.name)}"


@dataclass(frozen=True)
class DeleteLayer(Edit):
    """Takes a layer away."""

    layer_id: str
    kind: ClassVar[str] = "delete_layer"

    def apply(self, shot: Shot) -> Shot:
        _correction(shot, self.layer_id)
        return _with_layers(shot, (x for x in shot.performer.layers if x.id != self.layer_id))

    def says(self, shot: Shot) -> str:
        return f"Delete {shot.performer.layer(self.layer_id).name}"


@dataclass(frozen=True)
class RenameShot(Edit):
    """Gives the shot another name."""

    name: str
    kind: ClassVar[str] = "rename_shot"

    def apply(self, shot: Shot) -> Shot:
        return replace(shot, name=_clean_name(self.name))

    def says(self, shot: Shot) -> str:
        return f"Rename the shot to {_clean_name(self.name)}"


EDITS = {cls.kind: cls for cls in (AddLayer, SetLayerWeight, MuteLayer, RenameLayer, DeleteLayer, RenameShot)}


def edit_from_plain(plain: dict, get: GetBlob) -> Edit:
    """The edit of `to_plain`. Raises EditError for a kind that is not known."""
    cls = EDITS.get(plain.get("kind"))
    if cls is None:
        raise EditError(f"There is no edit called {plain.get('kind')!r}.")
    return cls.from_plain(plain, get)
