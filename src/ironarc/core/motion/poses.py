"""Poses: a body's motion as rotations and places, from which everything else is read."""

from dataclasses import dataclass

import numpy as np

from ironarc.core import rotation
from ironarc.core.figure.rig import Rig, forward
from ironarc.core.rows import spans_of


@dataclass(frozen=True)
class Poses:
    """A performer's motion, evaluated.

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


def poses_of(
    rig: Rig, frames: np.ndarray, dt: float, local: np.ndarray, translation: np.ndarray, was: Poses | None = None
) -> Poses:
    """Poses of local rotations (frames, joints, 4) and translations (frames, joints, 3) m. was : poses that may be the
    same on most frames, whose world rotations and places are taken from there"""
    local = rotation.continuous(local)
    if was is None or was.local.shape != local.shape or was.rig.parents is not rig.parents:
        world, position = forward(rig, local, translation)
    else:
        world, position = was.rotation.copy(), was.position.copy()
        off = (was.local != local).any(axis=(1, 2)) | (was.translation != translation).any(axis=(1, 2))
        for a, b in spans_of(off):
            world[a:b], position[a:b] = forward(rig, local[a:b], translation[a:b])
    return Poses(rig, frames, dt, local, translation, world, position)
