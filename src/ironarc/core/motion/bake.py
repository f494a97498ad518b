"""Bake: layers and keys to poses, all frames at once. Everything downstream reads poses only."""

from dataclasses import dataclass

import numpy as np

from ironarc.core import rotation
from ironarc.core.motion.layers import Layer
from ironarc.core.rig import POSITION_CHANNELS, Rig, forward


@dataclass(frozen=True)
class Poses:
    """A performer's motion, baked.

    frames : (frames,) int, the shot's frame numbers
    dt : seconds a frame
    local : (frames, joints, 4) joint from parent
    translation : (frames, joints, 3) m, joint origin in its parent's axes
    rotation : (frames, joints, 4) joint from world
    position : (frames, joints, 3) m, world
    """

    rig: Rig
    frames: np.ndarray
    dt: float
    local: np.ndarray
    translation: np.ndarray
    rotation: np.ndarray
    position: np.ndarray

    @property
    def fps(self) -> float:
        return 1.0 / self.dt


def sample_layer(layer: Layer, rig: Rig, joint: int, channels, at: np.ndarray) -> np.ndarray | None:
    """Values (frames, len(channels)) of one joint's channels on a layer, or None if it has none of them."""
    name = rig.names[joint]
    columns = [layer.columns.get((name, channel)) for channel in channels]
    if all(column is None for column in columns):
        return None
    out = np.zeros((len(at), len(columns)))
    for i, column in enumerate(columns):
        if column is not None:
            out[:, i] = column.sample(at)
    return out


def bake(rig: Rig, layers: tuple[Layer, ...], frames: np.ndarray, dt: float, scale_to_m: float) -> Poses:
    """Poses on the given frame numbers; `layers[0]` is the base."""
    local, translation = pose_layers(rig, layers, frames)
    return poses_of(rig, frames, dt, local, translation * scale_to_m)


def poses_of(rig: Rig, frames: np.ndarray, dt: float, local: np.ndarray, translation: np.ndarray) -> Poses:
    """Poses of local rotations (frames, joints, 4) and translations (frames, joints, 3) m."""
    local = rotation.continuous(local)
    world, position = forward(rig, local, translation)
    return Poses(rig, frames, dt, local, translation, world, position)


def pose_layers(rig: Rig, layers: tuple[Layer, ...], frames: np.ndarray) -> tuple[np.ndarray, np.ndarray]:
    """Local rotations (frames, joints, 4) and translations (frames, joints, 3) in the file's length unit.

    frames : the layers' own frame numbers, whole or not. An additive rotation is composed after the base
    rotation and weighed along the sphere; an additive translation is added in the parent's axes.
    """
    base, added = layers[0], layers[1:]
    angles = np.zeros((len(frames), len(rig), 3))
    translation = np.repeat(rig.offsets[None], len(frames), axis=0)
    for j, joint in enumerate(rig.joints):
        euler = sample_layer(base, rig, j, joint.rotation_channels, frames)
        if euler is not None:
            angles[:, j] = euler
        if joint.has_position:
            translation[:, j] = _base_translation(base, rig, j, frames)
    local = np.empty((len(frames), len(rig), 4))
    for order in {joint.order for joint in rig.joints}:
        same = [j for j, joint in enumerate(rig.joints) if joint.order == order]
        local[:, same] = rotation.from_euler(order, angles[:, same])
    for layer in added:
        if layer.effective_weight > 0:
            _add_layer(layer, rig, frames, local, translation)
    return local, translation


def _base_translation(base: Layer, rig: Rig, joint: int, frames: np.ndarray) -> np.ndarray:
    """(frames, 3) joint origin in its parent's axes, file units."""
    found = rig.joints[joint]
    out = np.repeat(rig.offsets[None, joint], len(frames), axis=0)
    for axis, channel in enumerate(POSITION_CHANNELS):
        column = base.columns.get((found.name, channel))
        if column is None:
            continue
        values = column.sample(frames)
        out[:, axis] = values if found.position == "replaces" else out[:, axis] + values
    return out


def _add_layer(layer: Layer, rig: Rig, frames, local: np.ndarray, translation: np.ndarray) -> None:
    """Adds one layer into `local` and `translation` (this module's own arrays), file units."""
    first, last = layer.span or (-np.inf, np.inf)
    on = (frames >= first) & (frames <= last)
    at = frames[on]
    for name in layer.joints & set(rig.names):
        j = rig.index(name)
        delta = sample_layer(layer, rig, j, rig.joints[j].rotation_channels, at)
        if delta is not None:
            turned = rotation.share(rotation.from_euler(rig.joints[j].order, delta), layer.effective_weight)
            local[on, j] = rotation.multiply(local[on, j], turned)
        moved = sample_layer(layer, rig, j, POSITION_CHANNELS, at)
        if moved is not None:
            translation[on, j] += layer.effective_weight * moved
