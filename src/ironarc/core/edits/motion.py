"""Edits of a performer's layers and of the columns in them. `performer` is its id, "" for the first."""

from collections.abc import Mapping
from dataclasses import dataclass, replace
from typing import Any, ClassVar

from ironarc.core.columns import Column
from ironarc.core.document import Performer, Shot
from ironarc.core.edits.base import Changes, Edit, check_fields, clean_name, unlocked_performer
from ironarc.core.errors import EditError
from ironarc.core.motion.layers import Layer

SETTABLE_OF_LAYER = (
    "name", "weight", "weight_keys", "muted", "span", "ease_in", "ease_out", "parts", "way", "asked", "below",
)  # fmt: skip
MOST_LAYERS = 200


def _put(shot: Shot, performer: Performer, layers: tuple[Layer, ...]) -> Shot:
    return shot.with_item(performer.with_layers(layers))


def _above_base(performer: Performer, layer_id: str) -> Layer:
    layer = performer.layer(layer_id)
    if layer is performer.layers[0]:
        raise EditError("The base layer is the motion itself; it can't be weighed, muted or deleted.")
    return layer


def _paced_along(performer: Performer, layer_id: str, changes: Mapping[str, Any]) -> Performer:
    """The performer with the retimings that belong to a layer changed along with it."""
    timing = performer.timing
    if not changes or not any(r.layer == layer_id for r in timing.retimings):
        return performer
    retimings = tuple(replace(r, **changes) if r.layer == layer_id else r for r in timing.retimings)
    return replace(performer, timing=replace(timing, retimings=retimings))


@dataclass(frozen=True)
class AddLayer(Edit):
    """Puts a layer on top; `words` are what undo shows, the layer's name without any."""

    layer: Layer
    performer: str = ""
    words: str = ""
    kind: ClassVar[str] = "add_layer"

    def apply(self, shot: Shot) -> Shot:
        performer = unlocked_performer(shot, self.performer)
        if any(layer.id == self.layer.id for layer in performer.layers):
            raise EditError(f"There is already a layer {self.layer.id!r}.")
        if len(performer.layers) >= MOST_LAYERS:
            raise EditError(f"A performer has up to {MOST_LAYERS} layers; delete some first.")
        return _put(shot, performer, (*performer.layers, self.layer.checked(performer.rig)))

    def says(self, shot: Shot) -> str:
        return self.words or self.layer.name


@dataclass(frozen=True)
class SetLayer(Changes):
    """Sets some of what a layer is: its name, weight, mute, span, eases, parts."""

    layer_id: str
    changes: Mapping[str, Any]
    words: str
    performer: str = ""
    kind: ClassVar[str] = "set_layer"

    def _changed_class(self) -> type:
        return Layer

    def apply(self, shot: Shot) -> Shot:
        performer = unlocked_performer(shot, self.performer)
        layer = performer.layer(self.layer_id)
        check_fields(self.changes, SETTABLE_OF_LAYER, layer.name)
        changes = dict(self.changes)
        if set(changes) == {"name"}:
            changes["name"] = clean_name(changes["name"])
        else:
            _above_base(performer, self.layer_id)
        changed = replace(layer, **changes).checked(performer.rig)
        along = {k: v for k, v in changes.items() if k in ("weight", "muted")}
        return _put(
            shot, _paced_along(performer, layer.id, along),
            tuple(changed if x is layer else x for x in performer.layers),
        )  # fmt: skip

    def says(self, shot: Shot) -> str:
        return self.words


@dataclass(frozen=True)
class RemoveLayer(Edit):
    """Takes a layer away."""

    layer_id: str
    performer: str = ""
    kind: ClassVar[str] = "remove_layer"

    def apply(self, shot: Shot) -> Shot:
        performer = unlocked_performer(shot, self.performer)
        gone = _above_base(performer, self.layer_id)
        timing = performer.timing
        kept = tuple(r for r in timing.retimings if r.layer != gone.id)
        if len(kept) < len(timing.retimings):
            performer = replace(performer, timing=replace(timing, retimings=kept))
        return _put(shot, performer, tuple(x for x in performer.layers if x is not gone))

    def says(self, shot: Shot) -> str:
        return f"Delete {shot.performer_called(self.performer).layer(self.layer_id).name}"


@dataclass(frozen=True)
class OrderLayers(Edit):
    """The layers in another order, by their ids; the base stays at the bottom."""

    order: tuple[str, ...]
    words: str
    performer: str = ""
    kind: ClassVar[str] = "order_layers"

    def apply(self, shot: Shot) -> Shot:
        performer = unlocked_performer(shot, self.performer)
        by_id = {layer.id: layer for layer in performer.layers}
        if sorted(self.order) != sorted(by_id) or by_id[self.order[0]] is not performer.layers[0]:
            raise EditError("Layers were added or deleted meanwhile. Look again, then order them.")
        return _put(shot, performer, tuple(by_id[i] for i in self.order))

    def says(self, shot: Shot) -> str:
        return self.words


@dataclass(frozen=True)
class SetColumns(Edit):
    """Puts columns into a layer, in place of those there, or takes them away for None; the clip grows to them."""

    layer_id: str
    columns: Mapping[tuple[str, str], Column | None]
    words: str
    performer: str = ""
    kind: ClassVar[str] = "set_columns"

    def apply(self, shot: Shot) -> Shot:
        performer = unlocked_performer(shot, self.performer)
        layer = performer.layer(self.layer_id)
        changed = layer.with_columns(self.columns).checked(performer.rig)
        return _put(shot, performer, tuple(changed if x is layer else x for x in performer.layers))

    def says(self, shot: Shot) -> str:
        return self.words
