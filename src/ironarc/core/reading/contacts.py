"""Where and when the body touches the floor, and where the floor is."""

from dataclasses import dataclass

import numpy as np

from ironarc.core import rotation
from ironarc.core.anatomy import Anatomy
from ironarc.core.motion.bake import Poses
from ironarc.core.settings import REFERENCE_HEIGHT_M, SETTINGS

# Flesh between a contact point's joint and the skin, m, for a figure 1.75 m tall
PADDING_M = {
    "heel": 0.0, "ball": 0.0, "toe": 0.0, "palm": 0.02, "knee": 0.055, "elbow": 0.045, "shoulder": 0.06,
    "seat": 0.11, "back": 0.12, "head": 0.02,
}  # fmt: skip
FOOT_POINTS = frozenset({"heel", "ball", "toe"})


@dataclass(frozen=True)
class Contact:
    """A point of the body resting on the floor from frame `start` to frame `end`, both included."""

    joint: str
    point: str
    side: str
    start: int
    end: int


@dataclass(frozen=True)
class PointTrack:
    """World positions (frames, points, 3) m of the contact points, their padding already taken off the
    height, and the slower of the speeds from and to the neighbouring frames (frames, points) m/s."""

    position: np.ndarray
    speed: np.ndarray


def track_points(poses: Poses, anatomy: Anatomy) -> PointTrack:
    """Follows every contact point of the body.

    The slower of the backward and the forward speed is kept: on the last frame of a contact a point is
    still, seen backwards, however fast it leaves, and on the first frame it is still seen forwards.
    """
    points = anatomy.contact_points
    joints = np.array([p.joint for p in points], dtype=int)
    local = np.array([p.position_m for p in points]).reshape(-1, 3)
    at = poses.position[:, joints] + rotation.rotate(poses.rotation[:, joints], local)
    at[..., 1] -= np.array([PADDING_M[p.point] for p in points]) * anatomy.height_m / REFERENCE_HEIGHT_M
    if len(at) < 2:
        return PointTrack(at, np.zeros(at.shape[:2]))
    step = np.linalg.norm(np.diff(at, axis=0), axis=-1) / poses.dt
    speed = np.minimum(np.concatenate([step[:1], step]), np.concatenate([step, step[-1:]]))
    return PointTrack(at, speed)


def estimate_floor(track: PointTrack, anatomy: Anatomy) -> float:
    """Height (m) of the level the feet rest at.

    Of the foot points (all points, for a body with no feet) that are slow, each frame's lowest is taken;
    the floor is the middle of the narrowest band that holds a third of those heights, so that a capture's
    scatter averages out and a few frames below it don't pull it down.
    """
    feet = [i for i, p in enumerate(anatomy.contact_points) if p.point in FOOT_POINTS]
    use = feet or list(range(len(anatomy.contact_points)))
    if not use:
        return 0.0
    height = track.position[:, use, 1]
    scale = anatomy.height_m / REFERENCE_HEIGHT_M
    slow = track.speed[:, use] < SETTINGS["contact_slow"].value * scale
    lowest = np.where(slow, height, np.inf).min(axis=1)
    lowest = np.sort(lowest[np.isfinite(lowest)])
    if len(lowest) == 0:
        return float(height.min())
    count = max(len(lowest) // 3, 1)
    width = lowest[count - 1 :] - lowest[: len(lowest) - count + 1]
    start = int(np.argmin(width))
    return float(np.median(lowest[start : start + count]))


def touching(track: PointTrack, anatomy: Anatomy, floor_m: float) -> np.ndarray:
    """(frames, points) bool: near the floor and slow, with hysteresis."""
    scale = anatomy.height_m / REFERENCE_HEIGHT_M
    height = track.position[..., 1] - floor_m
    near, leave, slow, fast = (
        SETTINGS[key].value * scale for key in ("contact_near", "contact_leave", "contact_slow", "contact_fast")
    )
    begins = (height < near) & (track.speed < slow)
    holds = (height < leave) & (track.speed < fast)
    return _hold_from_seed(begins, holds)


def _hold_from_seed(begins: np.ndarray, holds: np.ndarray) -> np.ndarray:
    """True over every run of `holds` along axis 0 from the first `begins` within it to the last."""
    forward = _latch(begins, holds)
    backward = _latch(begins[::-1], holds[::-1])[::-1]
    return forward & backward


def _latch(begins: np.ndarray, holds: np.ndarray) -> np.ndarray:
    """Switched on by `begins`, and kept on as long as `holds` stays true."""
    row = np.arange(len(begins))[:, None]
    last_begin = np.maximum.accumulate(np.where(begins, row, -1), axis=0)
    last_break = np.maximum.accumulate(np.where(holds | begins, -1, row), axis=0)
    return last_begin > last_break


def contact_spans(on: np.ndarray, anatomy: Anatomy, frames: np.ndarray) -> list[Contact]:
    """One Contact for each run of True in each column of `on` (frames, points)."""
    out = []
    for i, point in enumerate(anatomy.contact_points):
        for a, b in runs(on[:, i]):
            out.append(
                Contact(
                    anatomy.rig.names[point.joint],
                    point.point,
                    point.side,
                    int(frames[a]),
                    int(frames[b - 1]),
                )
            )
    return out


def runs(flags: np.ndarray) -> list[tuple[int, int]]:
    """Index spans [a, b) over which `flags` (n,) is True."""
    edges = np.flatnonzero(np.diff(np.concatenate([[False], flags, [False]]).astype(np.int8)))
    return [(int(a), int(b)) for a, b in zip(edges[::2], edges[1::2], strict=True)]
