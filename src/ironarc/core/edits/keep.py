"""From a pose that was made to the keys that keep it, on the base or on a layer over it."""

from collections.abc import Mapping
from dataclasses import replace

import numpy as np

from ironarc.core import rotation
from ironarc.core.columns import Column, Dense, Keys, Turns, smooth_keys
from ironarc.core.columns.keyed import Keyed
from ironarc.core.columns.keys import EASED
from ironarc.core.columns.turns import SPHERE, smooth_turns
from ironarc.core.document import Performer
from ironarc.core.edits.base import Edit, Together
from ironarc.core.edits.motion import AddLayer, SetColumns
from ironarc.core.errors import EditError
from ironarc.core.figure.rig import POSITION_CHANNELS, Rig
from ironarc.core.keying.keying import with_eased_key
from ironarc.core.motion.evaluate import layered
from ironarc.core.motion.layers import ADDS, KEYED, REPLACES, TURN, Layer
from ironarc.core.motion.pins import HIPS_KINDS, LIMB_ENDS
from ironarc.core.posing.stand import Stand

CHANGED_RAD, CHANGED_M = 1e-6, 1e-7
EASE = 8  # frames on either side of a key on brought-in motion within which its layer comes and goes
STILL = 1e-3  # degrees, or units of the file, that a pose which is held stays within
CHANGED, WHOLE = "changed", "whole"


def is_dense(layer: Layer) -> bool:
    """Whether a layer has a value on every frame of every column, as motion that is brought in has."""
    return bool(layer.columns) and all(isinstance(column, Dense) for column in layer.columns.values())


def layer_for_keys(performer: Performer, layer_id: str = "") -> Layer:
    """The layer keys go to: the one named, or the base where it is keyed, or the topmost layer keyed by hand.

    A layer that is not there yet has the free id. EditError for a layer that can't be keyed.
    """
    if layer_id:
        layer = performer.layer(layer_id)
        if is_dense(layer):
            raise EditError(f"{layer.name} has a value on every frame. Key a layer over it instead.")
        return layer
    base = performer.layers[0]
    if not is_dense(base):
        return base
    by_hand = [layer for layer in performer.layers[1:] if layer.role == KEYED and not is_dense(layer)]
    return by_hand[-1] if by_hand else new_hand_layer(performer)


def is_still(layer: Layer) -> bool:
    """Whether a layer of values is one pose throughout: somebody who was brought in to be posed, not mended."""
    return is_dense(layer) and all(np.ptp(column.values) < STILL for column in layer.columns.values())


def new_hand_layer(performer: Performer, name: str = "") -> Layer:
    """A layer for a hand's keys, that adds to what is below it; over a single pose it goes from key to key instead."""
    number = 1 + sum(layer.role == KEYED for layer in performer.layers[1:])
    if number == 1 and is_still(performer.layers[0]):
        return Layer(performer.free_layer_id(), name or "Keys", KEYED, REPLACES)
    return Layer(performer.free_layer_id(), name or f"Hand {number}", KEYED, ADDS)


def changed_joints(before: Stand, after: Stand) -> tuple[list[int], list[int]]:
    """Joints that turned, and joints whose origin moved, but for those that pins pose anyway."""
    along = np.abs((before.local[0] * after.local[0]).sum(axis=-1))
    turned = set(np.flatnonzero(2 * np.arccos(np.minimum(along, 1.0)) > CHANGED_RAD).tolist())
    moved = np.flatnonzero(np.abs(after.translation[0] - before.translation[0]).max(axis=-1) > CHANGED_M).tolist()
    for h in after.held:
        full = h.pin.counts(np.array([after.own]))[0] > 0.999
        if full and h.limb is not None and h.grip.kind in LIMB_ENDS and not h.pin.joint:
            turned -= {h.limb.upper, h.limb.lower} if _same_side(before, after, h.limb) else set()
        if full and h.grip.kind in HIPS_KINDS and h.pin.place:
            moved = [j for j in moved if j not in after.rig.roots]
    return sorted(turned), moved


def _same_side(before: Stand, after: Stand, limb) -> bool:
    """Whether a limb that is pinned was left to its pin: not steered by hand."""
    twist = []
    for stand in (before, after):
        p = stand.posed
        line = p.position[0, limb.end if limb.end >= 0 else limb.lower] - p.position[0, limb.upper]
        aside = p.position[0, limb.lower] - p.position[0, limb.upper]
        line = line / max(np.linalg.norm(line), 1e-9)
        aside = aside - line * (aside @ line)
        twist.append(aside / max(np.linalg.norm(aside), 1e-9))
    return bool(twist[0] @ twist[1] > 0.98)


def pose_edit(
    before: Stand, after: Stand, words: str, layer_id: str = "", which: str = CHANGED, ease: int = EASE,
    joints: list[int] | None = None,
) -> Edit:  # fmt: skip
    """The edit that keys what differs between two stands of one frame (or the whole pose, or some joints).

    Raises EditError, with what and where, for a frame or a layer that can't be keyed.
    """
    performer = before.performer
    layer = layer_for_keys(performer, layer_id)
    turned, moved = changed_joints(before, after)
    if which == WHOLE:
        turned = list(range(len(performer.rig)))
        moved = sorted({*moved, *performer.rig.roots})
    if joints is not None:
        turned = list(joints)
        moved = [j for j in performer.rig.roots if j in joints]
    if not turned and not moved:
        raise EditError("Nothing was changed, so there is nothing to key.")
    values = layer_values(after, layer, turned, moved)
    columns = keyed_columns(performer, layer, values, own_key_frame(after), ease)
    return put_columns(performer, layer, columns, words)


def put_columns(performer: Performer, layer: Layer, columns: Mapping, words: str) -> Edit:
    """The edit that puts columns into a layer that is there, or into a new one."""
    if any(there is layer or there.id == layer.id for there in performer.layers):
        return SetColumns(layer.id, columns, words, performer.id)
    made = replace(layer, columns={k: c for k, c in columns.items() if c is not None})
    return Together((AddLayer(made, performer.id, words),), words)


def own_key_frame(stand: Stand) -> float:
    """The own frame keys of this frame stand on. EditError within the blend of a cut."""
    mix = stand.performer.timing.mix(np.array([stand.frame]), stand.performer.clip)
    if mix.share[0] > 0:
        raise EditError(f"Frame {stand.frame} lies in the blend of a cut, where two poses are mixed. Key beside it.")
    unheld = float(stand.performer.timing.unheld(np.array([stand.frame]))[0])
    if stand.performer.timing.trim is not None and abs(unheld - mix.before[0]) > 1e-9:
        raise EditError(f"Frame {stand.frame} lies outside the frames {stand.performer.name} is trimmed to.")
    return round(unheld, 6)


def layer_values(stand: Stand, layer: Layer, turned: list[int], moved: list[int]) -> dict:
    """What a layer's columns must hold on this frame for the body to stand so: {(joint name, "turn" or "place"):
    quaternion (4,), or place (3,) in the file's units}."""
    performer, rig = stand.performer, stand.rig
    own = np.array([own_key_frame(stand)])
    wanted, origins = _unplaced(stand)
    layers = performer.layers
    at = next((i for i, there in enumerate(layers) if there.id == layer.id), len(layers))
    motion = performer.motion
    below = layered(replace(motion, layers=layers[: max(at, 1)]), own)
    share = 1.0
    if at > 0:
        share = float(layer.counts(own)[0]) if at < len(layers) else 1.0
        if share < 1e-3:
            raise EditError(
                f"{layer.name} does not act on frame {stand.frame}. Choose another layer, or let it act there."
            )
    upto = layered(replace(motion, layers=layers[: at + 1]), own)
    full = layered(motion, own)
    _check_reach(layer, rig, turned, moved)
    _check_above(stand, layers[at + 1 :], own, turned, moved)
    out = {}
    for j in turned:
        above = rotation.multiply(rotation.conjugate(upto.rotation[0, j]), full.rotation[0, j])
        value = rotation.multiply(wanted[j], rotation.conjugate(above))
        if at > 0 and layer.way == ADDS:
            value = rotation.multiply(rotation.conjugate(below.rotation[0, j]), value)
            value = rotation.exp(rotation.log(value) / share) if share < 1 else value
        elif at > 0 and share < 1:
            part = rotation.multiply(rotation.conjugate(below.rotation[0, j]), value)
            value = rotation.multiply(below.rotation[0, j], rotation.exp(rotation.log(part) / share))
        out[rig.names[j], TURN] = value
    for j in moved:
        above = full.translation[0, j] - upto.translation[0, j]
        value = origins[j] - above
        if at > 0 and layer.way == ADDS:
            value = (value - below.translation[0, j]) / share
        else:
            value = below.translation[0, j] + (value - below.translation[0, j]) / share if at > 0 else value
            value = value - (rig.offsets[j] if rig.joints[j].position == "adds" else 0.0)
        out[rig.names[j], "place"] = value
    return out


def _unplaced(stand: Stand) -> tuple[np.ndarray, np.ndarray]:
    """Local rotations (joints, 4) and origins (joints, 3) in the file's units, out of the performer's own place."""
    performer, placement = stand.performer, stand.performer.placement
    local, origins = stand.local[0].copy(), stand.translation[0].copy()
    for root in stand.rig.roots:
        local[root] = rotation.multiply(rotation.conjugate(placement.rotation), local[root])
        origins[root] = rotation.rotate(placement.rotation, origins[root] - np.array(placement.offset_m), back=True)
    return local, origins / (performer.scale_to_m * placement.scale)


def _check_reach(layer: Layer, rig: Rig, turned: list[int], moved: list[int]) -> None:
    outside = {rig.names[j] for j in (*turned, *moved)} - set(layer.parts)
    if layer.parts and outside:
        raise EditError(
            f"{layer.name} reaches only {', '.join(layer.parts[:3])}, and {', '.join(sorted(outside)[:3])} moved too. "
            "Choose another layer, or follow with the limb alone."
        )


def _check_above(stand: Stand, above: tuple[Layer, ...], own: np.ndarray, turned: list[int], moved: list[int]) -> None:
    for layer in above:
        if layer.way != REPLACES or not layer.acts or layer.counts(own)[0] <= 0:
            continue
        hidden = {stand.rig.names[j] for j in (*turned, *moved)} & layer.joints
        if hidden:
            raise EditError(
                f"{layer.name} lies over this layer and replaces {', '.join(sorted(hidden)[:3])} at frame "
                f"{stand.frame}. Mute it, or key there."
            )


def keyed_columns(performer: Performer, layer: Layer, values: Mapping, frame: float, ease: int) -> dict:
    """Columns of a layer with keys of these values at an own frame; new ones hold what is there elsewhere."""
    rig, out = performer.rig, {}
    on_top = layer.way == ADDS
    others = _pose_frames(layer, frame)
    for (joint, what), value in values.items():
        if what == TURN:
            order = rig.joints[rig.index(joint)].order
            angles = rotation.to_euler(order, value)
            column = layer.columns.get((joint, TURN))
            if column is None:
                column = _whole_turn(layer, joint, order, on_top)
                for channel in rig.joints[rig.index(joint)].rotation_channels:
                    if (joint, channel) in layer.columns:
                        out[joint, channel] = None
            out[joint, TURN] = _with(column, frame, angles, ease, on_top, others, _new_turn(order, on_top), np.zeros(3))
            continue
        j = rig.index(joint)
        rest = np.zeros(3) if on_top or rig.joints[j].position == "adds" else rig.offsets[j]
        for axis, channel in enumerate(POSITION_CHANNELS):
            column = layer.columns.get((joint, channel))
            out[joint, channel] = _with(column, frame, value[axis], ease, on_top, others, _new_keys(on_top), rest[axis])
    return out


def _with(column: Column | None, frame: float, value, ease: int, on_top: bool, others: list[float], new, rest) -> Keyed:
    """A column with a key set. One that is new is keyed as it was on the keyed frames beside, or eased from nothing."""
    if column is not None:
        return with_eased_key(column, frame, value, ease) if on_top else column.with_key(frame, value)
    if on_top:
        return with_eased_key(new([frame - ease, frame + ease], [rest, rest]), frame, value, ease)
    frames = sorted({*others, frame})
    return new(frames, [value if f == frame else rest for f in frames])


def _new_turn(order: str, on_top: bool):
    kind = {"kind": EASED, "eased": SPHERE} if on_top else {}
    return lambda frames, values: smooth_turns(frames, values, order, **kind)


def _new_keys(on_top: bool):
    return lambda frames, values: smooth_keys(frames, values, **({"kind": EASED} if on_top else {}))


def _pose_frames(layer: Layer, frame: float) -> list[float]:
    """The keyed frames of a layer nearest to a frame, before and after it."""
    frames = sorted({float(f) for column in layer.columns.values() for f in column.key_frames})
    before, after = [f for f in frames if f < frame], [f for f in frames if f > frame]
    return before[-1:] + after[:1]


def _whole_turn(layer: Layer, joint: str, order: str, on_top: bool) -> Turns | None:
    """Keyed channels of a joint as one rotation, where a layer has it so; None where it has none."""
    channels = {i: layer.columns.get((joint, f"r{axis.lower()}")) for i, axis in enumerate(order)}
    keyed = {i: c for i, c in channels.items() if isinstance(c, Keys)}
    if not keyed:
        return None
    frames = np.unique(np.concatenate([c.frames for c in keyed.values()]))
    angles = np.column_stack([keyed[i].sample(frames) if i in keyed else np.zeros(len(frames)) for i in range(3)])
    return smooth_turns(frames, angles, order, **({"kind": EASED} if on_top else {}))
