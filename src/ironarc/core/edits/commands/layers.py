"""What is asked of a performer's layers."""

from dataclasses import replace
from typing import Literal

import numpy as np

from ironarc.core import rotation
from ironarc.core.columns import Column, Dense, Keys, smooth_keys
from ironarc.core.columns.keyed import Keyed
from ironarc.core.columns.keys import EASED
from ironarc.core.document import Performer
from ironarc.core.edits.base import Edit, Together, clean_name
from ironarc.core.edits.commands.registry import Frame, command
from ironarc.core.edits.items import set_item_of
from ironarc.core.edits.keep import is_dense, new_hand_layer
from ironarc.core.edits.motion import AddLayer, OrderLayers, RemoveLayer, SetColumns, SetLayer
from ironarc.core.edits.of_shot import SetShot
from ironarc.core.errors import EditError
from ironarc.core.figure.grips import joints_of
from ironarc.core.figure.naming import match_names
from ironarc.core.figure.rig import POSITION_CHANNELS
from ironarc.core.keying import keying, thinning
from ironarc.core.motion.evaluate import Local, layered
from ironarc.core.motion.layers import ADDS, CORRECTION, TURN, Layer
from ironarc.core.motion.tracks import tracks_of
from ironarc.core.reading.shot import Seen
from ironarc.core.scene.rate import whole_frame

NOT_ASKED = {"asked": "", "below": ""}
MERGED_RAD = 2e-4  # that a merge of keyed layers may be off between keys


@command
def set_layer_weight(seen: Seen, layer_id: str, weight: float, performer: str = "") -> Edit:
    """A layer's weight, 0 to 1."""
    name = seen.performer.layer(layer_id).name
    return SetLayer(layer_id, {"weight": weight}, f"{name} at {weight * 100:.0f} %", performer)


@command
def key_layer_weight(seen: Seen, layer_id: str, frame: Frame, weight: float | None, performer: str = "") -> Edit:
    """A key of the share of a layer's weight that counts, 0 to 1; None takes the key at this frame away."""
    p = seen.performer
    layer, own = p.layer(layer_id), p.timing.own_frame(frame)
    keys = layer.weight_keys
    if weight is None:
        if keys is None or own not in keys.frames:
            raise EditError(f"{layer.name} has no key of its weight at {frame}.")
        keys = keys.without_key(own) if len(keys.frames) > 1 else None
        return SetLayer(layer_id, {"weight_keys": keys}, f"No key of the weight of {layer.name} at {frame}", performer)
    keyed = smooth_keys([own], [weight], EASED) if keys is None else keys.with_key(own, weight, EASED)
    return SetLayer(layer_id, {"weight_keys": keyed}, f"{layer.name} at {weight * 100:.0f} % on {frame}", performer)


@command
def mute_layer(seen: Seen, layer_id: str, muted: bool, performer: str = "") -> Edit:
    """Mutes a layer, or lets it act again."""
    name = seen.performer.layer(layer_id).name
    return SetLayer(layer_id, {"muted": muted}, f"{'Mute' if muted else 'Unmute'} {name}", performer)


@command
def only_layer(seen: Seen, layer_id: str, performer: str = "") -> Edit:
    """Mutes every other layer over the base; asked again, lets them all act."""
    p = seen.performer
    chosen = p.layer(layer_id)
    others = [layer for layer in p.layers[1:] if layer is not chosen]
    alone = not chosen.muted and all(layer.muted for layer in others)
    wanted = {layer.id: (False if alone else layer is not chosen) for layer in p.layers[1:]}
    edits = [
        SetLayer(layer.id, {"muted": wanted[layer.id]}, "", performer)
        for layer in p.layers[1:]
        if layer.muted != wanted[layer.id]
    ]
    if not edits:
        raise EditError(f"{chosen.name} is the only layer over the motion already.")
    words = "All layers act" if alone else f"Only {chosen.name}"
    return Together(tuple(edits), words)


@command
def rename_layer(seen: Seen, layer_id: str, name: str, performer: str = "") -> Edit:
    """Another name for a layer."""
    words = f"Rename {seen.performer.layer(layer_id).name} to {clean_name(name)}"
    return SetLayer(layer_id, {"name": name}, words, performer)


@command
def delete_layer(seen: Seen, layer_id: str, performer: str = "") -> Edit:
    """Takes a layer away, with what came with it on others; frames that a correction put in or took out come back."""
    gone = RemoveLayer(layer_id, performer)
    added = sum(r.added for r in seen.performer.timing.retimings if r.layer == layer_id)
    came = [RemoveLayer(layer.id, other.id) for other, layer in seen.shot.joined(seen.performer.id, layer_id)]
    words = gone.says(seen.shot)
    frames = [SetShot({"frames": max(seen.shot.frames - added, 1)}, words)] if added else []
    return Together((*frames, gone, *came), words) if frames or came else gone


@command
def add_hand_layer(seen: Seen, performer: str, name: str = "", parts: tuple[str, ...] = ()) -> Edit:
    """A new layer for a hand's keys, on all parts or on some."""
    p = seen.performer
    layer = new_hand_layer(p, clean_name(name) if name.strip() else "")
    names = tuple(p.rig.names[j] for j in joints_of(p.body(), parts)) if parts else ()
    return AddLayer(replace(layer, parts=names), p.id, f"New layer {layer.name}")


@command
def move_layer(seen: Seen, layer_id: str, way: Literal["up", "down"], performer: str = "") -> Edit:
    """A layer above or below its neighbour."""
    p = seen.performer
    ids = [layer.id for layer in p.layers]
    layer = p.layer(layer_id)
    at = ids.index(layer_id)
    to = at + (1 if way == "up" else -1)
    if at == 0 or not 1 <= to < len(ids):
        raise EditError(f"{layer.name} can't go further {way}.")
    ids[at], ids[to] = ids[to], ids[at]
    return OrderLayers(tuple(ids), f"{layer.name} {way}", p.id)


@command
def split_layer(seen: Seen, layer_id: str, parts: tuple[str, ...], performer: str = "") -> Edit:
    """Takes the keys of some parts out of a layer into one of their own, right above it."""
    p = seen.performer
    layer = _above_base(p, layer_id)
    names = {p.rig.names[j] for j in joints_of(p.body(), parts)}
    out = {key: c for key, c in layer.columns.items() if key[0] in names}
    if not parts or not out or len(out) == len(layer.columns):
        raise EditError(f"Choose some of the parts that {layer.name} moves, not all of them, to split off.")
    name = f"{layer.name}, {parts[0]}"[:60]
    # neither half is what a correction was asked for any more, and none can be made anew
    made = replace(layer, id=p.free_layer_id(), name=name, columns=out, parts=(), **NOT_ASKED)
    ids = [there.id for there in p.layers]
    ids.insert(ids.index(layer.id) + 1, made.id)
    edits = (
        SetColumns(layer.id, dict.fromkeys(out), "", p.id), SetLayer(layer.id, NOT_ASKED, "", p.id),
        AddLayer(made, p.id), OrderLayers(tuple(ids), "", p.id),
    )  # fmt: skip
    return Together(edits, f"Split {', '.join(parts[:3])} off {layer.name}")


@command
def merge_layer(seen: Seen, layer_id: str, performer: str = "") -> Edit:
    """Brings a layer and the one below it into one, which moves the body as both did."""
    p = seen.performer
    upper = _above_base(p, layer_id)
    at = next(i for i, layer in enumerate(p.layers) if layer is upper)
    lower = p.layers[at - 1]
    if upper.muted or (at > 1 and lower.muted):
        raise EditError("A muted layer does nothing that could be merged. Unmute it, or delete it.")
    plain = lower.weight == 1.0 and lower.weight_keys is None and (lower.span is None or at == 1)
    if at > 1 and (lower.way != ADDS or not plain):
        raise EditError(f"{lower.name} is weighed, eased or replaces what is below it. Merge it down first.")
    columns = _merged(p, at)
    words = f"Merge {upper.name} into {lower.name}"
    edits: list[Edit] = [SetColumns(lower.id, columns, words, p.id)]
    if at > 1:
        edits.append(SetLayer(lower.id, NOT_ASKED, words, p.id))
    if any(r.layer == upper.id for r in p.timing.retimings):
        # the time it gave belongs to both now
        retimings = tuple(replace(r, layer=lower.id) if r.layer == upper.id else r for r in p.timing.retimings)
        edits.append(set_item_of(p, {"timing": replace(p.timing, retimings=retimings)}, words))
    return Together((*edits, RemoveLayer(upper.id, p.id)), words)


def _merged(p: Performer, at: int) -> dict[tuple[str, str], Column | None]:
    """Columns of the layer below number `at` that move the joints as both do."""
    upper, lower = p.layers[at], p.layers[at - 1]
    frames = np.arange(p.clip[0], p.clip[1] + 1)
    motion = p.motion
    both = layered(replace(motion, layers=p.layers[: at + 1]), frames.astype(float))
    below = layered(replace(motion, layers=p.layers[: at - 1]), frames.astype(float)) if at > 1 else None
    joints = [p.rig.index(name) for name in sorted(upper.joints)]
    turning = set(tracks_of(upper, p.rig).turning.tolist())
    dense = is_dense(lower) and bool(lower.columns)
    keyed = sorted({whole_frame(f) for layer in (upper, lower) for c in layer.columns.values() for f in _keys_of(c)})
    out: dict[tuple[str, str], Column | None] = {}
    for j in joints:
        joint = p.rig.joints[j]
        if j in turning:
            q = both.rotation[:, j]
            if below is not None:
                q = rotation.multiply(rotation.conjugate(below.rotation[:, j]), q)
            angles = rotation.each_after_the_other(rotation.to_euler(joint.order, q), _near(lower, p, j, frames))
            out |= _turn_columns(joint, frames, angles, dense, keyed)
        out |= _place_columns(p, j, both, below, upper, frames, dense, keyed)
    return out


def _keys_of(column: Column) -> np.ndarray:
    return column.frames if isinstance(column, Keyed) else np.zeros(0)


def _near(lower: Layer, p: Performer, j: int, frames: np.ndarray) -> np.ndarray:
    """(3,) rad: the angles the layer below has on the first frame, which the merged ones begin next to."""
    tracks = tracks_of(lower, p.rig)
    slot = np.flatnonzero(tracks.turning == j)
    return tracks.angles(frames[:1].astype(float))[0, slot[0]] if len(slot) else np.zeros(3)


def _turn_columns(joint, frames: np.ndarray, angles: np.ndarray, dense: bool, keyed: list[int]) -> dict:
    channels = joint.rotation_channels
    if dense:
        values = {
            (joint.name, c): Dense(int(frames[0]), np.ascontiguousarray(angles[:, i])) for i, c in enumerate(channels)
        }
        return {(joint.name, TURN): None, **values}
    made, _ = thinning.thinned(
        {"turn": (angles, joint.order)}, frames, [f for f in keyed if frames[0] < f < frames[-1]],
        lambda columns, at: np.abs(columns["turn"].sample_angles(at.astype(float)) - angles).max(axis=1), MERGED_RAD,
    )  # fmt: skip
    return {**{(joint.name, c): None for c in channels}, (joint.name, TURN): made["turn"]}


def _place_columns(
    p: Performer,
    j: int,
    both: Local,
    below: Local | None,
    upper: Layer,
    frames: np.ndarray,
    dense: bool,
    keyed: list[int],
) -> dict:
    joint, out = p.rig.joints[j], {}
    rest = np.array(joint.offset) if joint.position == "adds" else np.zeros(3)
    for axis, channel in enumerate(POSITION_CHANNELS):
        if (joint.name, channel) not in upper.columns:
            continue
        values = both.translation[:, j, axis] - (rest[axis] if below is None else below.translation[:, j, axis])
        if dense:
            out[joint.name, channel] = Dense(int(frames[0]), np.ascontiguousarray(values))
            continue
        made, _ = thinning.thinned(
            {"place": (values, "")}, frames, [f for f in keyed if frames[0] < f < frames[-1]],
            lambda made, at, values=values: np.abs(made["place"].sample(at.astype(float)) - values) * p.scale_to_m,
            1e-4,
        )  # fmt: skip
        out[joint.name, channel] = made["place"]
    return out


def _above_base(p: Performer, layer_id: str) -> Layer:
    layer = p.layer(layer_id)
    if layer is p.layers[0]:
        raise EditError("The base layer is the motion itself; it can't be split, merged or moved.")
    return layer


def copied_layer(source: Performer, layer_id: str, goal: Performer, by: int = 0) -> tuple[Edit, list[str]]:
    """The edit that puts a copy of a layer on another performer, and the joints that had no match there.

    by : frames of its own it stands later there
    """
    layer = _above_base(source, layer_id)
    match = match_names(sorted({joint for joint, _ in layer.columns}), goal.rig.names)
    size = (source.scale_to_m * source.placement.scale) / (goal.scale_to_m * goal.placement.scale)
    columns = {}
    for (joint, channel), column in layer.columns.items():
        if joint not in match:
            continue
        there = goal.rig.joints[goal.rig.index(match[joint])]
        columns[there.name, channel] = keying.offset(_fitted(column, source, joint, there, channel, size), by)
    if not columns:
        raise EditError(f"No joint that {layer.name} moves answers to one of {goal.name}.")
    lost = sorted({joint for joint, _ in layer.columns} - set(match))
    made = replace(
        layer, id=goal.free_layer_id(), columns=columns, parts=tuple(match[n] for n in layer.parts if n in match),
        span=None if layer.span is None else (layer.span[0] + by, layer.span[1] + by),
        weight_keys=None if layer.weight_keys is None else keying.offset(layer.weight_keys, by),
    )  # fmt: skip
    return AddLayer(made, goal.id, f"Copy {layer.name} from {source.name}"), lost


def _fitted(column: Column, source: Performer, joint: str, there, channel: str, size: float) -> Column:
    """A column as another rig has it: its angles in that joint's order, its lengths in that rig's units."""
    if channel in POSITION_CHANNELS:
        if isinstance(column, Dense):
            return replace(column, values=column.values * size)
        assert isinstance(column, Keys)
        return replace(
            column, values=column.values * size, slopes_in=column.slopes_in * size, slopes_out=column.slopes_out * size
        )
    order = source.rig.joints[source.rig.index(joint)].order
    if channel == TURN and there.order != order:
        angles = rotation.to_euler(there.order, rotation.from_euler(order, column.angles))
        return replace(column, angles=angles, order=there.order, eased="sphere").healed()
    if channel != TURN and there.order != order:
        raise EditError(
            f"{joint} turns in another order there, and this layer has its angles one by one. Merge it first."
        )
    return column


def affected(p: Performer, layer: Layer) -> list[str]:
    """Names of the corrections that act on frames this layer acts on: what they put right may be undone by it."""
    reach = layer.reach()
    if reach is None:
        return []
    out = []
    for other in p.layers[1:]:
        span = other.reach()
        if other is not layer and other.role == CORRECTION and span and span[0] <= reach[1] and reach[0] <= span[1]:
            out.append(other.name)
    return out
