"""Corrections made anew: with other options, or because something below them has changed."""

from collections.abc import Mapping
from dataclasses import replace

from ironarc.core.document import Shot
from ironarc.core.edits import AddLayer
from ironarc.core.edits.base import Edit, Together
from ironarc.core.edits.commands import command
from ironarc.core.edits.items import set_item_of
from ironarc.core.edits.motion import OrderLayers, RemoveLayer
from ironarc.core.edits.of_shot import SetShot
from ironarc.core.errors import EditError
from ironarc.core.motion.layers import Layer
from ironarc.core.reading.shot import Seen
from ironarc.core.truing import CORRECTIONS, joined_layers, propose
from ironarc.core.truing.asked import asked_of, with_asked
from ironarc.core.truing.correction import Proposal, Try

Plain = Mapping[str, float | int | str | bool]


def below(seen: Seen, layer: Layer) -> Shot:
    """The shot as it is without a correction and all that lies over it."""
    performer, shot = seen.performer, seen.shot
    ids = [there.id for there in performer.layers]
    over = set(ids[ids.index(layer.id) :])
    mine = [r for r in performer.timing.retimings if r.layer == layer.id]
    timing = replace(
        performer.timing, retimings=tuple(r for r in performer.timing.retimings if r.layer != layer.id)
    )  # fmt: skip
    layers = tuple(there for there in performer.layers if there.id not in over)
    for other, came in shot.joined(performer.id, layer.id):
        shot = shot.with_item(replace(other, layers=tuple(x for x in other.layers if x is not came)))
    frames = max(shot.frames - sum(r.added for r in mine), 1)
    return replace(shot.with_item(replace(performer, layers=layers, timing=timing)), frames=frames)


def asked_again(seen: Seen, layer_id: str, options: Plain | None = None) -> tuple[Layer, Seen, Try]:
    """A correction's layer, what is seen below it, and what is asked there: what was, with some options changed.

    Raises EditError for a layer that no correction made, or whose correction kept nothing.
    """
    layer = seen.performer.layer(layer_id)
    there = below(seen, layer)
    performer = there.performer_called(seen.performer.id)
    wanted = asked_of(there, performer, layer, CORRECTIONS)
    if wanted is None:
        raise EditError(f"{layer.name} was not made by a correction that can be made again. Delete it, and true anew.")
    if options:
        wanted = Try.of(wanted.correction.name, wanted.plain | dict(options), CORRECTIONS)
    return layer, seen.on(there), wanted


def made_again(seen: Seen, layer_id: str, options: Plain | None = None) -> tuple[Edit, Proposal]:
    """The edit that makes a correction anew, in its place, with its weight and its name; and what was proposed."""
    layer, there, wanted = asked_again(seen, layer_id, options)
    found = propose(there, wanted)
    performer = seen.performer
    words = f"{layer.name} made anew"
    ids = [x.id for x in performer.layers]
    made = found.layer or replace(layer, columns={})
    made = with_asked(there.shot, there.performer, replace(made, id=layer.id), wanted)
    made = replace(
        made, name=layer.name, weight=layer.weight, weight_keys=layer.weight_keys, muted=layer.muted
    )  # fmt: skip
    edits: list[Edit] = [RemoveLayer(layer.id, performer.id)]
    retimings = [r for r in performer.timing.retimings if r.layer != layer.id]
    if found.retiming is not None:
        was = next((i for i, r in enumerate(performer.timing.retimings) if r.layer == layer.id), len(retimings))
        anew = replace(
            found.retiming, layer=layer.id, added=found.frames, weight=layer.weight, muted=layer.muted
        )  # fmt: skip
        retimings.insert(was, anew)
    timing = replace(performer.timing, retimings=tuple(retimings))
    edits.append(set_item_of(performer, {"timing": timing}, words))
    frames = there.shot.frames + found.frames
    if frames != seen.shot.frames:
        edits.append(SetShot({"frames": frames}, words))
    edits += [AddLayer(made, performer.id, words), OrderLayers(tuple(ids), words, performer.id)]
    edits += [*joined_layers(seen.shot, performer, made, found), *found.more]
    return Together(tuple(edits), words), found


@command
def true_again(
    seen: Seen, layer_id: str, options: dict[str, float | int | str | bool], performer: str = ""
) -> Edit:  # fmt: skip
    """Makes a correction anew from what is below it, with some of its options changed."""
    return made_again(seen, layer_id, options)[0]
