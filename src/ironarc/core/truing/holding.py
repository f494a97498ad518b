"""What the span solver is told of a reading: where contacts push, what is held where, which way knees bend."""

from dataclasses import dataclass

import numpy as np

from ironarc.core import rotation
from ironarc.core.figure.grips import limbs_of
from ironarc.core.motion.poses import Poses, poses_of
from ironarc.core.reading.read import Reading
from ironarc.core.reading.skin import follow
from ironarc.core.reading.support import read_pads
from ironarc.core.solve.model import model_of
from ironarc.core.solve.span import spread_of
from ironarc.core.solve.task import Bend, Clear, Planted, Presses, Task

BENT = 0.3  # an elbow whose lower bone lies aside by this much shows which way it bends


@dataclass(frozen=True)
class Start:
    """Where a solution begins: poses of the span with what lies on the ground already in its place."""

    local: np.ndarray
    translation: np.ndarray


def task_of(
    reading: Reading, at: slice, start: Start, free: np.ndarray, kept: np.ndarray, spread: np.ndarray | None = None,
    root_m: float = 0.25,
) -> Task:  # fmt: skip
    """The task of the frames `at` (indices of the reading). free, kept : (frames,) of these frames.

    Planted points stay where `start` has them; what touches is what the reading says.
    """
    poses, body = reading.poses, reading.body
    model = model_of(poses.rig, body)
    begun = _poses(poses, at, start)
    return Task(
        model, start.local, start.translation, poses.dt, reading.g, _presses(reading, at), _planted(reading, at, begun),
        _clear(reading, at, begun), bends_of(reading), free, kept, root_m,
        spread_of(model) if spread is None else spread,
    )  # fmt: skip


def _poses(poses: Poses, at: slice, start: Start) -> Poses:
    return poses_of(poses.rig, poses.frames[at], poses.dt, start.local, start.translation)


def _own(poses: Poses, joints: np.ndarray, at: np.ndarray) -> np.ndarray:
    """World points (frames, points, 3) m in the axes of the joints (points,) they ride on."""
    return rotation.rotate(poses.rotation[:, joints], at - poses.position[:, joints], back=True)


def _presses(reading: Reading, at: slice) -> Presses:
    """Both corners of every pad."""
    pads, joints = read_pads(reading), reading.traced.track.skin.joints
    poses = reading.poses
    n = len(range(*at.indices(len(poses.frames))))
    corners = pads.corners[at].reshape(n, -1, 3)
    twice = np.repeat(joints, 2)
    own = rotation.rotate(poses.rotation[at][:, twice], corners - poses.position[at][:, twice], back=True)
    on = np.repeat((pads.on & ~pads.between)[at], 2, axis=1)
    return Presses(
        twice, own, on, np.repeat(pads.normal[at], 2, axis=1), np.repeat(pads.pulls[at], 2, axis=1)
    )  # fmt: skip


def _planted(reading: Reading, at: slice, begun: Poses) -> Planted:
    """What bears, at the places they have where the solution begins."""
    track = follow(reading.traced.track.skin, begun, reading.traced.track.step)
    joints = track.skin.joints
    # a part that lies or rolls is held by its lowest point, which stays where it is
    return Planted(joints, _own(begun, joints, track.at), reading.footing.on[at], track.at)


def _clear(reading: Reading, at: slice, begun: Poses) -> Clear:
    """Points that are over the floor, and stay there."""
    track = follow(reading.traced.track.skin, begun, 1)
    floor = reading.floor
    on = ~reading.footing.on[at] & (floor.clearance(track.at) >= 0.0)
    # square to the floor, its height over the origin
    height = float(floor.normal[1] * floor.height_m)
    return Clear(track.skin.joints, _own(begun, track.skin.joints, track.at), on, floor.normal, height)


def bends_of(reading: Reading) -> tuple[Bend, ...]:
    """Knees by the figure's front; elbows the way they mostly bend in the motion itself, since rigs roll the upper
    arm as they please."""
    poses, out = reading.poses, []
    for limb in limbs_of(reading.body):
        far = limb.wrist_m / np.linalg.norm(limb.wrist_m)
        if limb.is_leg:
            out.append(Bend(limb.upper, limb.lower, limb.pole, far))
            continue
        offset = poses.translation[0, limb.lower]
        along = offset / np.linalg.norm(offset)
        below = rotation.rotate(poses.local[:, limb.lower], far)
        aside = below - (below @ along)[:, None] * along
        bent = np.linalg.norm(aside, axis=1) > BENT
        way = aside[bent].sum(axis=0) if bent.any() else np.zeros(3)
        if np.linalg.norm(way) > 1e-6:
            out.append(Bend(limb.upper, limb.lower, -way / np.linalg.norm(way), far))
    return tuple(out)
