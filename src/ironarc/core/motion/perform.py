"""A performer on the shot's frames: layers baked at its own frames, cuts blended over, the whole put in its place."""

import numpy as np

from ironarc.core import rotation
from ironarc.core.motion.bake import Poses, pose_layers, poses_of
from ironarc.core.motion.layers import Layer
from ironarc.core.rig import Rig
from ironarc.core.scene.placement import Placement
from ironarc.core.scene.timing import Timing


def clip_of(layers: tuple[Layer, ...]) -> tuple[int, int]:
    """First and last own frame of the base's keys; (1, 1) for one with none."""
    frames = [column.key_frames for column in layers[0].columns.values()]
    if not frames:
        return 1, 1
    return int(np.floor(min(f[0] for f in frames))), int(np.ceil(max(f[-1] for f in frames)))


def perform(
    rig: Rig, layers: tuple[Layer, ...], timing: Timing, placement: Placement, frames: np.ndarray, dt: float,
    scale_to_m: float,
) -> Poses:  # fmt: skip
    """Poses of a performer on the shot's `frames`, in world metres."""
    local, translation = timed_layers(rig, layers, timing, frames)
    translation = translation * (scale_to_m * placement.scale)
    if not placement.is_identity:
        roots = list(rig.roots)
        local[:, roots] = rotation.multiply(placement.rotation, local[:, roots])
        translation[:, roots] = rotation.rotate(placement.rotation, translation[:, roots]) + placement.offset_m
    return poses_of(rig, frames, dt, local, translation)


def timed_layers(
    rig: Rig, layers: tuple[Layer, ...], timing: Timing, frames: np.ndarray
) -> tuple[np.ndarray, np.ndarray]:
    """As `pose_layers`, on the shot's frames: slipped, trimmed, cut and blended."""
    clip = clip_of(layers)
    mix = timing.mix(frames, clip)
    local, translation = pose_layers(rig, layers, mix.before)
    if not timing.cuts:
        return local, translation
    carried = _carried(rig, layers, timing)
    roots = list(rig.roots)
    translation[:, roots] += carried[mix.cuts_before]
    on = mix.share > 0
    if on.any():
        local_after, after = pose_layers(rig, layers, mix.after[on])
        after[:, roots] += carried[mix.cuts_before[on] + 1]
        share = mix.share[on][:, None]
        turn = rotation.log(rotation.multiply(rotation.conjugate(local[on]), local_after))
        local[on] = rotation.multiply(local[on], rotation.exp(turn * share[..., None]))
        translation[on] += (after - translation[on]) * share[..., None]
    return local, translation


def _carried(rig: Rig, layers: tuple[Layer, ...], timing: Timing) -> np.ndarray:
    """(cuts + 1, roots, 3) file units: how far the roots are moved level after each cut, none before the first.

    The two sides of a carried cut meet half-way between the last frame before it and the first after.
    """
    roots = list(rig.roots)
    out = np.zeros((len(timing.cuts) + 1, len(roots), 3))
    for i, cut in enumerate(timing.cuts):
        sides = np.array([cut.start - 0.5, cut.end + 0.5])
        _, at = pose_layers(rig, layers, sides)
        gap = (at[0, roots] - at[1, roots]) * [1.0, 0.0, 1.0]
        out[i + 1] = out[i] + (gap if cut.carry else 0.0)
    return out
