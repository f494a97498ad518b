"""Flatten: all layers into one table of the file's own channels, for export."""

import numpy as np

from ironarc.core import rotation
from ironarc.core.errors import EditError
from ironarc.core.motion.bake import bake, sample_layer
from ironarc.core.motion.layers import Layer
from ironarc.core.rig import POSITION_CHANNELS, ROTATION_CHANNELS, Rig


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
