"""Poses: a body's motion as rotations and places, from which everything else is read."""

from dataclasses import dataclass
from weakref import ref

import numpy as np

from ironarc.core import rotation
from ironarc.core.figure.rig import Rig, forward


@dataclass(frozen=True)
class Poses:
    """A performer's motion, evaluated.

    frames : (frames,) int, the shot's frame numbers
    dt : seconds a frame
    local : (frames, joints, 4) joint from parent
    translation : (frames, joints, 3) m, joint origin in its parent's axes
    rotation : (frames, joints, 4) joint from world
    position : (frames, joints, 3) m, world
    since : the poses that these were made from after an edit, and (frames,) bool where the two differ
    """

    rig: Rig
    frames: np.ndarray
    dt: float
    local: np.ndarray
    translation: np.ndarray
    rotation: np.ndarray
    position: np.ndarray
    since: "tuple[ref[Poses], np.ndarray] | None" = None

    @property
    def fps(self) -> float:
        return 1.0 / self.dt


def poses_of(rig: Rig, frames: np.ndarray, dt: float, local: np.ndarray, translation: np.ndarray) -> Poses:
    """Poses of local rotations (frames, joints, 4) and translations (frames, joints, 3) m."""
    local = rotation.continuous(local)
    return Poses(rig, frames, dt, local, translation, *forward(rig, local, translation))
