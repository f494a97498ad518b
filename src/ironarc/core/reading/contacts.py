"""Where and when the body touches the floor and the props, and where the floor is."""

from dataclasses import dataclass

import numpy as np

from ironarc.core import rotation
from ironarc.core.anatomy import Anatomy
from ironarc.core.motion.bake import Poses
from ironarc.core.scene.props import Prop
from ironarc.core.settings import REFERENCE_HEIGHT_M, SETTINGS

# Flesh between a contact point's joint and the skin, m, for a figure 1.75 m tall
PADDING_M = {
    "heel": 0.0, "ball": 0.0, "toe": 0.0, "palm": 0.02, "knee": 0.055, "elbow": 0.045, "shoulder": 0.06,
    "seat": 0.11, "back": 0.12, "head": 0.02, "tip": 0.0,
}  # fmt: skip
FOOT_POINTS = frozenset({"heel", "ball", "toe"})
FLOOR = "floor"


@dataclass(frozen=True)
class Contact:
    """A point of the body resting on something from frame `start` to frame `end`, both included.

    surface : "floor", or the id of a prop
    """

    joint: str
    point: str
    side: str
    start: int
    end: int
    surface: str = FLOOR


@dataclass(frozen=True)
class PointTrack:
    """World positions (frames, points, 3) m of the contact points, the padding (points,) m of flesh around
    each, and the slower of the speeds from and to the neighbouring frames (frames, points) m/s."""

    position: np.ndarray
    padding: np.ndarray
    speed: np.ndarray

    @property
    def lowest(self) -> np.ndarray:
        """(frames, points) m: height of the skin below each point."""
        return self.position[..., 1] - self.padding


def track_points(poses: Poses, anatomy: Anatomy) -> PointTrack:
    """Follows every contact point of the body.

    The slower of the backward and the forward speed is kept: on the last frame of a contact a point is
    still, seen backwards, however fast it leaves, and on the first frame it is still seen forwards.
    """
    points = anatomy.contact_points
    joints = np.array([p.joint for p in points], dtype=int)
    local = np.array([p.position_m for p in points]).reshape(-1, 3)
    at = poses.position[:, joints] + rotation.rotate(poses.rotation[:, joints], local)
    padding = np.array([PADDING_M[p.point] for p in points]) * anatomy.height_m / REFERENCE_HEIGHT_M
    return PointTrack(at, padding, slower_speed(at, poses.dt))


def slower_speed(at: np.ndarray, dt: float) -> np.ndarray:
    """(frames, points) m/s: the slower of backward and forward speed of `at` (frames, points, 3) m."""
    if len(at) < 2:
        return np.zeros(at.shape[:2])
    step = np.linalg.norm(np.diff(at, axis=0), axis=-1) / dt
    return np.minimum(np.concatenate([step[:1], step]), np.concatenate([step, step[-1:]]))


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
    height = track.lowest[:, use]
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
    return _resting(track.lowest - floor_m, track.speed, anatomy.height_m / REFERENCE_HEIGHT_M)


def touching_prop(track: PointTrack, anatomy: Anatomy, prop: Prop, frames: np.ndarray, dt: float) -> np.ndarray:
    """(frames, points) bool: near a prop's surface and slow against it, however the prop itself moves.

    A point far inside passes through the prop and does not rest on it.
    """
    scale = anatomy.height_m / REFERENCE_HEIGHT_M
    # one that rests is in one place for all frames
    at, turn = prop.track(frames if prop.is_keyed else frames[:1])
    own = rotation.rotate(turn[:, None], track.position - at[:, None], back=True)
    away = prop.distance(own) - track.padding
    if away.min() > SETTINGS["contact_near"].value * scale:
        return np.zeros(away.shape, dtype=bool)  # nothing ever comes near
    inside = away < -SETTINGS["contact_deep"].value * scale
    return _resting(np.where(inside, np.inf, away), slower_speed(own, dt), scale)


def _resting(away: np.ndarray, speed: np.ndarray, scale: float) -> np.ndarray:
    near, leave, slow, fast = (
        SETTINGS[key].value * scale for key in ("contact_near", "contact_leave", "contact_slow", "contact_fast")
    )
    begins = (away < near) & (speed < slow)
    holds = (away < leave) & (speed < fast)
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


def contact_spans(on: np.ndarray, anatomy: Anatomy, frames: np.ndarray, surface: str = FLOOR) -> list[Contact]:
    """One Contact with `surface` for each run of True in each column of `on` (frames, points)."""
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
                    surface,
                )
            )
    return out


def runs(flags: np.ndarray) -> list[tuple[int, int]]:
    """Index spans [a, b) over which `flags` (n,) is True."""
    edges = np.flatnonzero(np.diff(np.concatenate([[False], flags, [False]]).astype(np.int8)))
    return [(int(a), int(b)) for a, b in zip(edges[::2], edges[1::2], strict=True)]
