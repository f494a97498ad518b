"""Markers beside a performer: where on its body each of them sits, and how far it departs from there.

A marker on a bone keeps its place in that bone's axes, whatever the body does. So each belongs to the joint in whose
axes it moves least; its mean place there is where it sits; and what is left, frame by frame, is how far the performer
is from what was captured.
"""

from collections.abc import Sequence
from dataclasses import replace

import numpy as np

from ironarc.core import rotation
from ironarc.core.motion.poses import Poses
from ironarc.core.scene.markers import MarkerSet, Worn
from ironarc.core.scene.placement import Placement

SAMPLES = 60  # frames that a fit looks at
TURNS = 24  # ways round that it begins with
ROUNDS = 30
FEW_NAMED = 3  # markers called as joints are, that say how they all stand
SAME_M = 0.001
COM, PLUMB = "center of gravity", "plumb"  # markers that are no part of a body
LEAST_GAIN_M = 1e-9
LOOSE_M = 0.05  # a marker that moves by more than this (rms) on every joint sits on none


def worn_by_name(names: Sequence[str], joints: Sequence[str]) -> dict[int, int]:
    """Joints of markers that are called as joints are, by index: they are those joints."""
    known = {_plain(joint): i for i, joint in enumerate(joints)}
    return {k: known[_plain(name)] for k, name in enumerate(names) if _plain(name) in known}


def _plain(name: str) -> str:
    return name.rsplit(":", 1)[-1].strip().lower()


def fitted(markers: MarkerSet, performer_id: str, poses: Poses) -> MarkerSet:
    """The markers lined up with a performer: moved over the floor, turned about the upright, and put on its joints.
    Height and scale stay. With no frame in common with the poses they stay as they are, on no joint."""
    here = replace(markers, placement=Placement(scale=markers.placement.scale))
    own = here.at(poses.frames, poses.dt)
    seen = np.flatnonzero(np.isfinite(own).all(axis=2).any(axis=1))
    if not len(seen):
        return replace(markers, performer=performer_id, worn=())
    pick = seen[np.unique(np.linspace(0, len(seen) - 1, SAMPLES).round().astype(int))]
    own, place, turn = own[pick], poses.position[pick], poses.rotation[pick]
    named = worn_by_name(markers.names, poses.rig.names)
    ways = np.arange(TURNS) * 2 * np.pi / TURNS
    if len(named) >= FEW_NAMED:
        # markers that are where joints are need no search; those that are near them begin it
        there = np.isfinite(own[:, list(named)]).all(axis=2)
        left, yaw, shift = _onto(own[:, list(named)][there], place[:, list(named.values())][there])
        ways = [] if left < SAME_M else [yaw]
    found = [_settled(own, place, turn, way) for way in ways]
    if found:
        _, yaw, shift = min(found, key=lambda one: one[0])
    offset = (float(shift[0]), markers.placement.offset_m[1], float(shift[2]))
    turned = float((yaw + np.pi) % (2 * np.pi) - np.pi)
    lined = replace(markers, placement=Placement(offset, turned, markers.placement.scale), performer=performer_id)
    return put_on(lined, poses)


def put_on(markers: MarkerSet, poses: Poses) -> MarkerSet:
    """The markers where they are, each on the joint in whose axes it moves least; one called as a joint is on that."""
    world = markers.at(poses.frames, poses.dt)
    joints = poses.rig.names
    named, worn = worn_by_name(markers.names, joints), []
    for k, name in enumerate(markers.names):
        there = np.isfinite(world[:, k]).all(axis=1)
        if name.rsplit(": ", 1)[-1] in (COM, PLUMB) or not there.any():
            continue
        mean, rms = _in_joints(world[there][:, [k]], poses.position[there], poses.rotation[there])
        joint = named.get(k, int(rms[0].argmin()))
        if rms[0, joint] <= LOOSE_M or k in named:
            worn.append(Worn(name, joints[joint], tuple(float(v) for v in mean[0, joint])))
    return replace(markers, worn=tuple(worn))


def _in_joints(world: np.ndarray, place: np.ndarray, turn: np.ndarray) -> tuple[np.ndarray, np.ndarray]:
    """Of markers (frames, markers, 3) in the axes of joints: mean places (markers, joints, 3) m and how far they move
    from there (markers, joints) m rms; frames on which one is not seen do not count."""
    apart = world[:, :, None] - place[:, None]
    local = rotation.rotate(np.broadcast_to(turn[:, None], (*apart.shape[:3], 4)), apart, back=True)
    there = np.isfinite(local).all(axis=3, keepdims=True)
    count = np.maximum(there.sum(axis=0), 1)
    mean = np.where(there, local, 0.0).sum(axis=0) / count
    off = (np.where(there, local - mean, 0.0) ** 2).sum(axis=(0, 3)) / count[..., 0]
    return mean, np.sqrt(off)


def _settled(own: np.ndarray, place: np.ndarray, turn: np.ndarray, yaw: float) -> tuple[float, float, np.ndarray]:
    """From one way round, joints and alignment in turns until neither moves: what is left (m, rms of all markers), the
    turn (rad) and the shift (3,) m."""
    there = np.isfinite(own).all(axis=2)
    shift = place.mean(axis=(0, 1)) - _turned(own[there].mean(axis=0), yaw)
    shift[1] = 0.0
    left, every = np.inf, np.arange(own.shape[1])
    for _ in range(ROUNDS):
        _, rms = _in_joints(_turned(own, yaw) + shift, place, turn)
        joints = rms.argmin(axis=1)
        now = float(np.sqrt((rms[every, joints] ** 2).mean()))
        if left - now < LEAST_GAIN_M:
            break
        left = now
        yaw, shift = _nearer(own, place[:, joints], turn[:, joints], yaw, shift)
    return left, yaw, shift


def _nearer(
    own: np.ndarray, place: np.ndarray, turn: np.ndarray, yaw: float, shift: np.ndarray
) -> tuple[float, np.ndarray]:  # fmt: skip
    """One step of Gauss and Newton towards the turn and the level shift at which markers (frames, markers, 3) move
    least in the axes of their joints, whose places and turns are given for each marker."""
    there = np.isfinite(own).all(axis=2)[..., None]
    world = _turned(own, yaw)
    about = np.stack([world[..., 2], np.zeros(world.shape[:2]), -world[..., 0]], axis=2)  # d world / d yaw
    level = np.zeros((2, *world.shape))
    level[0, ..., 0] = level[1, ..., 2] = 1.0
    moved = []
    for vectors in (world + shift - place, about, *level):
        local = np.where(there, rotation.rotate(turn, np.nan_to_num(vectors), back=True), 0.0)
        mean = local.sum(axis=0) / np.maximum(there.sum(axis=0), 1)
        moved.append(np.where(there, local - mean, 0.0).ravel())
    by, *_ = np.linalg.lstsq(np.column_stack(moved[1:]), -moved[0], rcond=1e-9)
    return yaw + float(by[0]), shift + np.array([by[1], 0.0, by[2]])


def _turned(places: np.ndarray, yaw: float) -> np.ndarray:
    return rotation.rotate(rotation.about_axis("Y", yaw), places)


def _onto(own: np.ndarray, wanted: np.ndarray) -> tuple[float, float, np.ndarray]:
    """The turn (rad) about the upright and the level shift (3,) m that bring places (n, 3) nearest to others, and what
    is left (m, rms), which comes first."""
    a, b = own - own.mean(axis=0), wanted - wanted.mean(axis=0)
    # the angle from +Z towards +X, as a placement has it
    across, along = (a[:, 2] * b[:, 0] - a[:, 0] * b[:, 2]).sum(), (a[:, 0] * b[:, 0] + a[:, 2] * b[:, 2]).sum()
    yaw = float(np.arctan2(across, along))
    shift = wanted.mean(axis=0) - _turned(own.mean(axis=0), yaw)
    shift[1] = 0.0
    left = float(np.sqrt(((_turned(own, yaw) + shift - wanted) ** 2).sum(axis=1).mean()))
    return left, yaw, shift


def worn_at(markers: MarkerSet, poses: Poses) -> np.ndarray:
    """(frames, markers, 3) m, world: where the performer carries each marker; NaN for one that sits on no joint."""
    out = np.full((len(poses.frames), len(markers.names), 3), np.nan)
    number = {name: k for k, name in enumerate(markers.names)}
    joints = {name: j for j, name in enumerate(poses.rig.names)}
    for worn in markers.worn:
        if worn.joint in joints and worn.marker in number:
            j = joints[worn.joint]
            out[:, number[worn.marker]] = poses.position[:, j] + rotation.rotate(
                poses.rotation[:, j], np.array(worn.at_m)
            )
    return out


def gaps(markers: MarkerSet, poses: Poses) -> np.ndarray:
    """(frames, markers) m between a marker and where the performer carries it; NaN where there is no such number."""
    return np.linalg.norm(markers.at(poses.frames, poses.dt) - worn_at(markers, poses), axis=2)
