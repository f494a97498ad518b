"""On which frames a motion may differ from another, told by what both follow from: a key that was moved, a layer's
weight, a pin. Those frames are evaluated anew; all others stay as they were."""

from collections.abc import Iterable, Iterator
from dataclasses import fields

import numpy as np

from ironarc.core.columns import Column, Dense
from ironarc.core.columns.check import CYCLE, ON
from ironarc.core.motion.layers import REPLACES, Layer
from ironarc.core.motion.motion import Motion
from ironarc.core.motion.pins import Anchors, Holding
from ironarc.core.motion.tracks import tracks_of
from ironarc.core.rows import differing

WHOLE = ((-np.inf, np.inf),)
Reach = Iterable[tuple[float, float]]  # own frames [first, last], between which something differs


def may_differ(was: Motion, now: Motion, own: np.ndarray, then: Anchors, anchors: Anchors) -> np.ndarray | None:
    """(frames,) bool: where two motions may differ on own frames (frames,) of both; None for anywhere.

    then, anchors : what the pins of each hold to, on these frames
    """
    if was is now and then is anchors:
        return np.zeros(len(own), dtype=bool)
    if was.rig is not now.rig or (was.scale_to_m, was.clip) != (now.scale_to_m, now.clip):
        return None
    # what is carried over a cut moves all that comes after it
    if was.timing != now.timing or now.timing.cuts or was.placement != now.placement:
        return None
    rows = _by_layers(was, now, own)
    return None if rows is None else rows | _by_pins(was, now, own, then, anchors)


def _by_layers(was: Motion, now: Motion, own: np.ndarray) -> np.ndarray | None:
    rows = np.zeros(len(own), dtype=bool)
    if not was.layers or not now.layers:
        return rows if was.layers == now.layers else None
    below = False  # whether something differs below a layer
    for a, b in _paired(was.layers, now.layers):
        if below and b is not None and b.way == REPLACES:
            rows |= b.counts(own) > 0  # it begins from what lies below
        if a is b:
            continue
        if a is was.layers[0] or b is now.layers[0]:
            spans = _between(a, b, own) if a and b and _alike(a, b) else None
            if spans is None:
                return None
            rows |= _within(spans, own)
        else:
            rows |= _over(a, b, now, own)
        below = True
    return rows


def _paired(was: tuple[Layer, ...], now: tuple[Layer, ...]) -> Iterator[tuple[Layer | None, Layer | None]]:
    """Layers of both from below; those that only one has, or that lie elsewhere, with None."""
    if [x.id for x in was] == [x.id for x in now]:
        yield from zip(was, now, strict=True)
        return
    kept = {id(x) for x in was} & {id(x) for x in now}
    in_order = [x for x in was if id(x) in kept] == [x for x in now if id(x) in kept]
    i = 0
    for b in now:
        if not in_order or id(b) not in kept:
            yield None, b
            continue
        while was[i] is not b:
            yield was[i], None
            i += 1
        yield b, b
        i += 1
    for a in was[i:]:
        yield a, None


def _over(a: Layer | None, b: Layer | None, now: Motion, own: np.ndarray) -> np.ndarray:
    """(frames,) bool: where a layer over the base, or the want of it, may make a difference."""
    counts = [x.counts(own) for x in (a, b) if x is not None and x.acts]
    acts = np.any([c > 0 for c in counts], axis=0) if counts else np.zeros(len(own), dtype=bool)
    if a is None or b is None or not _alike(a, b):
        return acts & np.any([_moves_something(x, now, own) for x in (a, b) if x is not None], axis=0)
    spans = _between(a, b, own)
    part = any(((c > 0) & (c < 1)).any() for c in counts)
    # a part of a turn is taken as far round as the column has wound up to there
    if spans is None or (part and (b.way == REPLACES or any(tracks_of(x, now.rig).may_wind for x in (a, b)))):
        return acts
    return acts & _within(spans, own)


def _moves_something(layer: Layer, motion: Motion, own: np.ndarray) -> np.ndarray:
    """(frames,) bool: where a layer by itself changes what is below it: one that adds nothing does not."""
    if layer.way == REPLACES:
        return np.ones(len(own), dtype=bool)
    tracks = tracks_of(layer, motion.rig)
    return (tracks.angles(own) != 0).any(axis=(1, 2)) | (tracks.places(own) != 0).any(axis=(1, 2))


def _alike(a: Layer, b: Layer) -> bool:
    """Whether two layers are the same but for their columns and what they are called."""
    names = {f.name for f in fields(Layer)} - {"columns", "name", "role", "made_by", "asked", "below"}
    return all(_same(getattr(a, name), getattr(b, name)) for name in names)


def _same(x, y) -> bool:
    return x is y or (isinstance(x, (str, int, float, tuple)) and x == y)


def _between(a: Layer, b: Layer, own: np.ndarray) -> list[tuple[float, float]] | None:
    """The spans over which columns of two layers differ; None for all of them."""
    if a.columns.keys() != b.columns.keys():
        return None
    out: list[tuple[float, float]] = []
    for key, column in b.columns.items():
        if column is not a.columns[key]:
            out += _differing_span(a.columns[key], column, own)
    return out


def _differing_span(a: Column, b: Column, own: np.ndarray) -> Reach:
    """Own frames over which two columns may differ: between the keys beside those that do."""
    if type(a) is not type(b) or (a.before, a.after) != (b.before, b.after) or CYCLE in (b.before, b.after):
        return WHOLE
    if isinstance(b, Dense):
        # between frames goes a cubic through all of them
        if a.first != b.first or len(a.values) != len(b.values) or (own != np.rint(own)).any():
            return WHOLE
        rows = np.flatnonzero(a.values != b.values)
        if not len(rows):
            return ()
        # beyond its ends a column holds, or goes on by its last two values
        first, last = b.first + rows[0], b.first + rows[-1]
        return ((first if rows[0] > 1 else -np.inf, last if rows[-1] < len(b.values) - 2 else np.inf),)
    if (getattr(a, "order", ""), getattr(a, "eased", "")) != (getattr(b, "order", ""), getattr(b, "eased", "")):
        return WHOLE
    ours, theirs = a.key_rows, b.key_rows
    first = _alike_from_the_start(ours, theirs)
    last = _alike_from_the_start(ours[::-1], theirs[::-1])
    if first == len(ours) == len(theirs):
        return ()
    last = min(last, len(ours) - first, len(theirs) - first)  # no key counts for both ends
    # what goes on beyond its ends does so by its last two keys
    needs = [2 if end == ON else 1 for end in (b.before, b.after)]
    return (
        (
            b.frames[first - 1] if first >= needs[0] else -np.inf,
            b.frames[-last] if last >= needs[1] else np.inf,
        ),
    )


def _alike_from_the_start(a: np.ndarray, b: np.ndarray) -> int:
    n = min(len(a), len(b))
    off = np.flatnonzero(differing(a[:n], b[:n]))
    return int(off[0]) if len(off) else n


def _within(spans: Reach, own: np.ndarray) -> np.ndarray:
    rows = np.zeros(len(own), dtype=bool)
    for first, last in set(spans):
        rows |= (own >= first) & (own <= last)
    return rows


def _by_pins(was: Motion, now: Motion, own: np.ndarray, then: Anchors, anchors: Anchors) -> np.ndarray:
    """(frames,) bool: where pins, or what they hold to, differ. Those of a motion are solved together, each frame as
    if it were alone."""
    rows = np.zeros(len(own), dtype=bool)
    if [_held(h) for h in was.pins] != [_held(h) for h in now.pins]:
        both = {_held(h) for h in was.pins} & {_held(h) for h in now.pins}
        order = [[_held(h) for h in x.pins if _held(h) in both] for x in (was, now)]
        for h in (*was.pins, *now.pins):
            if _held(h) not in both or order[0] != order[1]:
                rows |= h.pin.counts(own) > 0
    for h in now.pins:
        key = h.pin.to, h.pin.joint
        if key in then and key in anchors:
            rows |= differing(then[key][0], anchors[key][0]) | differing(then[key][1], anchors[key][1])
        elif key in then or key in anchors:
            rows |= h.pin.counts(own) > 0
    return rows


def _held(h: Holding) -> tuple:
    """A pin and where on the body it takes hold."""
    return h.pin, h.grip.joint, np.asarray(h.grip.at_m).tobytes()
