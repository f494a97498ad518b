"""What lies below a correction, by content: a digest by which any change there is known, and undone ones too."""

import hashlib
import json
from dataclasses import replace
from typing import Any
from weakref import WeakKeyDictionary

import numpy as np

from ironarc.core.document.performer import Performer
from ironarc.core.document.plain import to_plain
from ironarc.core.document.shot import Shot
from ironarc.core.motion.layers import Layer

_LAYERS: WeakKeyDictionary[Layer, str] = WeakKeyDictionary()  # a layer's columns are many, and are looked at once


def content_below(shot: Shot, performer: Performer, number: int) -> str:
    """A digest of all that decides how a body moves and is read without its layers from `number` on: the layers below,
    time, weight, what is held and pinned, contacts said by hand, place, props, gravity, and a floor that was set.

    Names, ids, what is hidden or locked, and a slip, which moves a correction along, do not count.
    """
    over = {layer.id for layer in performer.layers[number:]}
    timing = replace(
        performer.timing, slip=0,
        retimings=tuple(
            replace(r, id="", name="", layer="", made_by="", added=0)
            for r in performer.timing.retimings if r.layer not in over
        ),
    )  # fmt: skip
    floor = (shot.floor_m, shot.floor_slope) if shot.floor_by_hand else None
    props = [replace(p, name="", hidden=False, locked=False) for p in shot.props]
    rest = [
        timing, performer.weighing, performer.scale_to_m, performer.loads, performer.contacts, performer.pins,
        performer.placement, performer.sample_time_s, shot.frame_time_s, shot.g, floor, props,
    ]  # fmt: skip
    layers = [_layer(layer) for layer in performer.layers[:number] if not layer.muted]
    return _digest([layers, to_plain(rest, _of_array)])


def is_stale(shot: Shot, performer: Performer, layer: Layer) -> bool:
    """Whether anything below a correction has changed since it was made."""
    number = [there.id for there in performer.layers].index(layer.id)
    return bool(layer.below) and layer.below != content_below(shot, performer, number)


def _layer(layer: Layer) -> str:
    known = _LAYERS.get(layer)
    if known is None:
        alone = replace(layer, id="", name="", role="", made_by="", asked="", below="")
        known = _LAYERS[layer] = _digest(to_plain(alone, _of_array))
    return known


def _of_array(array: np.ndarray) -> str:
    return hashlib.sha256(np.ascontiguousarray(array).tobytes()).hexdigest()


def _digest(plain: Any) -> str:
    return hashlib.sha256(json.dumps(plain).encode()).hexdigest()
