"""Flatten: all layers into one table of the file's own channels, for export."""

from dataclasses import replace

import numpy as np

from ironarc.core import rotation
from ironarc.core.errors import EditError
from ironarc.core.motion.bake import bake, sample_layer
from ironarc.core.motion.layers import Layer
from ironarc.core.rig import POSITION_CHANNELS, ROTATION_CHANNELS, Rig
from ironarc.core.scene.placement import Placement


def flatten(rig: Rig, layers: tuple[Layer, ...], frames: np.ndarray) -> np.ndarray:
    """(frames, channels) in file order: positions in the file's length unit, angles in degrees.

    A joint's rotation is taken apart into angles only if a layer turns it; the angles then follow the
    base's own, so that curves stay as continuous as they were.
    """
    base, live = layers[0], [layer for layer in layers[1:] if layer.effective_weight > 0]
    poses = bake(rig, layers, frames, 1.0, 1.0) if live else None
    columns = []
    for j, joint in enumerate(rig.joints):
        turned = _touched(live, joint.name, ROTATION_CHANNELS)
        moved = _touched(live, joint.name, POSITION_CHANNELS)
        values = dict(zip(joint.channels, _base_values(base, rig, j, frames).T, strict=True))
        if turned:
            values |= _rotations(rig, j, base, poses.local[:, j], frames)
        if moved:
            if not all(c in joint.channels for c in POSITION_CHANNELS):
                raise EditError(f"{joint.name} has no position channels in its file, so its move can't be written.")
            at = poses.translation[:, j] - (0.0 if joint.position == "replaces" else rig.offsets[j])
            values |= dict(zip(POSITION_CHANNELS, at.T, strict=True))
        columns += [np.degrees(values[c]) if c in ROTATION_CHANNELS else values[c] for c in joint.channels]
    return np.column_stack(columns)


def write_placed(
    rig: Rig, rows: np.ndarray, local: np.ndarray, moved: np.ndarray, placement: Placement, scale_to_m: float,
    blended: np.ndarray,
) -> tuple[Rig, np.ndarray]:  # fmt: skip
    """`rows` of `flatten` with the cuts and the placement written in, and the rig at its size.

    local : (frames, joints, 4); moved : (frames, joints, 3) file units, both from `timed_layers`, not yet placed
    blended : (frames,) bool, where every joint's angles are taken from `local`
    """
    sized = replace(
        rig,
        joints=tuple(replace(j, offset=tuple(v * placement.scale for v in j.offset)) for j in rig.joints),
        ends=tuple(replace(e, offset=tuple(v * placement.scale for v in e.offset)) for e in rig.ends),
    )
    rows, column = rows.copy(), 0
    for j, joint in enumerate(rig.joints):
        own = rows[:, column : column + len(joint.channels)]
        is_root = joint.parent < 0
        if any(c in ROTATION_CHANNELS for c in joint.channels):
            turned = rotation.multiply(placement.rotation, local[:, j]) if is_root else local[:, j]
            if is_root and placement.turn_rad:
                _write_turned(joint, own, turned)
            else:
                _write_angles(joint, own, turned, blended)
        if all(c in joint.channels for c in POSITION_CHANNELS):
            at = moved[:, j] * placement.scale
            if is_root:
                at = rotation.rotate(placement.rotation, at) + np.array(placement.offset_m) / scale_to_m
            at = at - (0.0 if joint.position == "replaces" else np.array(sized.joints[j].offset))
            for axis, channel in enumerate(POSITION_CHANNELS):
                own[:, joint.channels.index(channel)] = at[:, axis]
        elif is_root and any(placement.offset_m):
            raise EditError(f"{joint.name} has no position channels in its file, so its place can't be written.")
        column += len(joint.channels)
    return sized, rows


def _write_turned(joint, own: np.ndarray, turned: np.ndarray) -> None:
    """Writes a root's rotations (frames, 4), each with the angles nearest to those of the frame before."""
    angles = rotation.to_euler(joint.order, turned)
    for i in range(1, len(angles)):
        angles[i] = rotation.follow_euler(angles[i : i + 1], angles[i - 1 : i])[0]
    _put_angles(joint, own, angles, np.ones(len(own), bool))


def _write_angles(joint, own: np.ndarray, turned: np.ndarray, on: np.ndarray) -> None:
    """Writes rotations (frames, 4) into a joint's columns `own`, in degrees, on the frames `on`."""
    if not on.any():
        return
    near = np.zeros((len(own), 3))
    for i, c in enumerate(joint.rotation_channels):
        if c in joint.channels:
            near[:, i] = np.radians(own[:, joint.channels.index(c)])
    _put_angles(joint, own, rotation.follow_euler(rotation.to_euler(joint.order, turned[on]), near[on]), on)


def _put_angles(joint, own: np.ndarray, angles: np.ndarray, on: np.ndarray) -> None:
    for i, c in enumerate(joint.rotation_channels):
        if c in joint.channels:
            own[on, joint.channels.index(c)] = np.degrees(angles[:, i])
        elif np.abs(angles[:, i]).max() > 1e-6:
            raise EditError(f"{joint.name} has too few rotation channels in its file to write how it is turned now.")


def _touched(layers: list[Layer], joint: str, channels) -> bool:
    return any((joint, channel) in layer.columns for layer in layers for channel in channels)


def _base_values(base: Layer, rig: Rig, joint: int, frames: np.ndarray) -> np.ndarray:
    channels = rig.joints[joint].channels
    values = sample_layer(base, rig, joint, channels, frames)
    return np.zeros((len(frames), len(channels))) if values is None else values


def _rotations(rig: Rig, joint: int, base: Layer, local: np.ndarray, frames: np.ndarray) -> dict[str, np.ndarray]:
    """Angles (rad) by channel of rotations `local` (frames, 4), near to the base's own angles."""
    found = rig.joints[joint]
    names = found.rotation_channels
    near = sample_layer(base, rig, joint, names, frames)
    angles = rotation.to_euler(found.order, local)
    angles = rotation.follow_euler(angles, np.zeros_like(angles) if near is None else near)
    missing = [c for c in names if c not in found.channels]
    if any(np.abs(angles[:, names.index(c)]).max() > 1e-6 for c in missing):
        raise EditError(f"{found.name} has too few rotation channels in its file to write how it is turned now.")
    return {c: angles[:, i] for i, c in enumerate(names) if c in found.channels}
