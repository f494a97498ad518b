"""Corrections: one registry that addresses, commands, buttons and the shell read; a module each in `corrections`."""

from collections.abc import Iterator
from dataclasses import replace

import numpy as np

from ironarc.core import effort
from ironarc.core.document import Performer, Shot
from ironarc.core.edits import AddLayer
from ironarc.core.edits.base import Edit, Together, unlocked_performer
from ironarc.core.edits.commands import command
from ironarc.core.edits.items import set_item_of
from ironarc.core.edits.motion import RemoveLayer
from ironarc.core.errors import EditError
from ironarc.core.motion.layers import CORRECTION, Layer, joined_id
from ironarc.core.reading.shot import Seen
from ironarc.core.solve.windows import Report
from ironarc.core.truing.asked import with_asked
from ironarc.core.truing.correction import Correction, Place, Proposal, Try, Way
from ironarc.core.truing.corrections import CORRECTIONS

__all__ = [
    "CORRECTIONS", "Correction", "Place", "Proposal", "Try", "Way", "first_offer", "joined_layers",
    "places_at", "propose", "read_try", "settles", "true",
]  # fmt: skip


def settles() -> dict[str, str]:
    """The name of the correction that settles each kind of finding, the first that does."""
    out: dict[str, str] = {}
    for found in CORRECTIONS.values():
        for kind in found.settles:
            out.setdefault(kind, found.name)
    return out


def places_at(seen: Seen, start: int, end: int, kind: str = "") -> Iterator[list[tuple[Try, Way]]]:
    """The ways of each correction that can be tried on a span of the shot's frames, the usual one first; with `kind`,
    only of those that settle it."""
    for found in CORRECTIONS.values():
        if kind and kind not in found.settles:
            continue
        place = next((p for p in seen.ask(found.places) if p.start - 1 <= end and start <= p.end + 1), None)
        if place is not None:
            yield [(Try(found, way.options), way) for way in place.ways]


def first_offer(seen: Seen, start: int, end: int, kind: str = "") -> Try | None:
    """What a card's button leads to: of the first correction that settles a kind of finding there the way that is
    offered, else the usual one; None where there is none."""
    place = next(iter(places_at(seen, start, end, kind)), None)
    return place and next((wanted for wanted, way in place if way.offered), place[0][0])


def read_try(text: str) -> Try | None:
    """The correction and options an address names, as `Try.text` writes them; None for what is none."""
    return Try.read(text, CORRECTIONS)


def propose(seen: Seen, wanted: Try, report: Report | None = None) -> Proposal:
    """What a correction would be, with its edit, and what it costs. Raises EditError where it can't be made.

    report : told how far a long one is, see `solve_windows`
    """
    unlocked_performer(seen.shot, seen.performer.id)
    if wanted.correction.seconds is not None:
        effort.expect(wanted.correction.seconds(seen, wanted.options))
    more = (report,) if report is not None and wanted.correction.long else ()
    found = wanted.correction.propose(seen, wanted.options, *more)
    return replace(found, edit=_as_edit(seen.shot, seen.performer, found, wanted))


def joined_layers(shot: Shot, performer: Performer, layer: Layer, found: Proposal) -> list[Edit]:
    """The edits that put what came with a performer's layer on the others, in place of what came with it before."""
    edits: list[Edit] = [RemoveLayer(was.id, other.id) for other, was in shot.joined(performer.id, layer.id)]
    for who, theirs in found.others.items():
        name = f"{layer.name}, with {performer.name}"
        edits.append(AddLayer(replace(theirs, id=joined_id(performer.id, layer.id), name=name), who, found.words))
    return edits


def _as_edit(shot: Shot, performer: Performer, found: Proposal, wanted: Try) -> Edit:
    """All of a proposal as one step: time first, then the layer, which keeps what was asked."""
    edits: list[Edit] = []
    layer = found.layer
    if found.retiming is not None and layer is None:
        # a handle to weigh, mute and delete it by
        own = performer.timing.unheld(found.retiming.keys.frames[[0, -1]] + performer.timing.slip)
        span = int(np.floor(own[0])), int(np.ceil(own[1]))
        low, high = performer.clip
        layer = Layer(
            performer.free_layer_id(), wanted.correction.label, CORRECTION,
            span=(max(span[0], low), min(max(span[1], low), high)), made_by=wanted.correction.name,
        )  # fmt: skip
    if found.retiming is not None:
        retiming = replace(found.retiming, layer=layer.id, added=found.frames)
        edits.append(set_item_of(performer, {"timing": performer.timing.with_retiming(retiming)}, found.words))
    edits += found.more
    if layer is not None:
        edits.append(AddLayer(with_asked(shot, performer, layer, wanted), performer.id, found.words))
        edits += joined_layers(shot, performer, layer, found)
    if not edits:
        raise EditError(f"{wanted.correction.label}: nothing is to be put right there.")
    return edits[0] if len(edits) == 1 else Together(tuple(edits), found.words)


@command
def true(seen: Seen, correction: str, options: dict[str, float | int | str | bool], performer: str = "") -> Edit:
    """Takes a correction."""
    return propose(seen, Try.of(correction, options, CORRECTIONS)).edit
