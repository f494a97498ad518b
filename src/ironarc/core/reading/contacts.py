"""Where and when the body touches the floor and the props, and where the floor is."""

from collections.abc import Mapping, Sequence
from dataclasses import dataclass

import numpy as np

from ironarc.core import rotation
from ironarc.core.document.performer import HandContact
from ironarc.core.figure.anatomy import Anatomy, flesh_m
from ironarc.core.motion.poses import Poses
from ironarc.core.scene.props import Prop
from ironarc.core.settings import REFERENCE_HEIGHT_M, SETTINGS

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
    each, and the slower of the speeds from and to the frames `step` away (frames, points) m/s."""

    position: np.ndarray
    padding: np.ndarray
    speed: np.ndarray
    step: int = 1

    @property
    def lowest(self) -> np.ndarray:
        """(frames, points) m: height of the skin below each point."""
        return self.position[..., 1] - self.padding


def track_points(poses: Poses, anatomy: Anatomy, step: int = 1) -> PointTrack:
    """Follows every contact point of the body; speeds are those over `step` frames.

    The slower of the backward and the forward speed is kept: on the last frame of a contact a point is
    still, seen backwards, however fast it leaves, and on the first frame it is still seen forwards.
    """
    points = anatomy.contact_points
    joints = np.array([p.joint for p in points], dtype=int)
    local = np.array([p.position_m for p in points]).reshape(-1, 3)
    at = poses.position[:, joints] + rotation.rotate(poses.rotation[:, joints], local)
    return PointTrack(at, flesh_m(anatomy), slower_speed(at, poses.dt, step), step)


def slower_speed(at: np.ndarray, dt: float, step: int = 1) -> np.ndarray:
    """(frames, points) m/s: the slower of backward and forward speed of `at` (frames, points, 3) m over `step` frames.

    Nearer to an end than a step, the speed over the step at that end.
    """
    step = min(step, len(at) - 1)
    if step < 1:
        return np.zeros(at.shape[:2])
    moved = np.linalg.norm(at[step:] - at[:-step], axis=-1) / (step * dt)
    begins, ends = np.repeat(moved[:1], step, axis=0), np.repeat(moved[-1:], step, axis=0)
    return np.minimum(np.concatenate([begins, moved]), np.concatenate([moved, ends]))


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
    return _resting(np.where(inside, np.inf, away), slower_speed(own, dt, track.step), scale)


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


def set_by_hand(
    surfaces: Mapping[str, np.ndarray], by_hand: Sequence[HandContact], anatomy: Anatomy, frames: np.ndarray
) -> dict[str, np.ndarray]:
    """What touches what (frames, points) by surface, with a person's word over what was detected.

    by_hand : on the shot's frames; a point that is said to rest on one surface rests on no other, and on none
        where it is said to touch nothing. Surfaces and points that are gone are passed over.
    """
    out = dict(surfaces)
    names = anatomy.rig.names
    for contact in by_hand:
        points = [
            i for i, p in enumerate(anatomy.contact_points)
            if names[p.joint] == contact.joint and p.point == contact.point
        ]  # fmt: skip
        at = np.ix_((frames >= contact.start) & (frames <= contact.end), points)
        for name in out:
            changed = out[name].copy()
            changed[at] = name == contact.surface
            out[name] = changed
    return out


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
