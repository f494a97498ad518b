"""The skin: where a body may touch, and how fast the flesh there moves.

A sole has points that stay where they are. Every other part is an elliptic capsule that touches with whatever side
of it is lowest, another one as it rolls: what counts is the speed of the material there, not that of the lowest point.
"""

from collections.abc import Sequence
from dataclasses import dataclass
from functools import lru_cache

import numpy as np

from ironarc.core import rotation
from ironarc.core.by_identity import ByIdentity
from ironarc.core.figure.anatomy import ContactPoint
from ironarc.core.figure.body import Body
from ironarc.core.motion.poses import Poses
from ironarc.core.rows import blocks, widened
from ironarc.core.settings import REFERENCE_HEIGHT_M

SOLE = ("heel", "ball", "toe")
PALM_M = 0.02  # flesh under a palm, of a figure 1.75 m tall
# The end of a part where one of these lies, by segment: the joint's name to an animator
_STARTS = {"upper arm": "shoulder", "forearm": "elbow", "thigh": "seat", "shank": "knee"}
LEGS = ("left leg", "right leg")
LIMBS = (*LEGS, "left arm", "right arm", "trunk", "head", "body")
_LIMB_OF = {
    "heel": "leg", "ball": "leg", "toe": "leg", "knee": "leg", "palm": "arm", "elbow": "arm", "shoulder": "arm",
    "head": "head", "back": "trunk", "upper back": "trunk",
}  # fmt: skip


@dataclass(frozen=True)
class Skin:
    """Points of a body that may touch.

    points : (points,) as ContactPoint: joint, name, side, and place (m) in the joint's axes
    across : (points, 2, 3) unit vectors square to the part there, in the joint's axes
    half : (points, 2) m, half-axes of its elliptic section along them; 0 for a sole
    """

    points: tuple[ContactPoint, ...]
    across: np.ndarray
    half: np.ndarray

    @property
    def joints(self) -> np.ndarray:
        return np.array([p.joint for p in self.points], dtype=int)

    @property
    def local(self) -> np.ndarray:
        """(points, 3) m in the joints' axes."""
        return np.array([p.position_m for p in self.points]).reshape(-1, 3)

    def named(self, *points: str) -> np.ndarray:
        """(points,) bool: those of these names."""
        return np.array([p.point in points for p in self.points], dtype=bool)


def limb_of(point: ContactPoint) -> str:
    """The lane it belongs to: one of LIMBS."""
    limb = _LIMB_OF.get(point.point, "trunk" if point.point == "seat" else "body")
    if point.point == "seat" or not point.side or limb in ("trunk", "head", "body"):
        return limb
    return f"{point.side} {limb}"


_PARTS = {"heel": "foot", "ball": "foot", "toe": "foot", "palm": "hand"}


def parts_of(skin: Skin, names: Sequence[str]) -> dict[str, np.ndarray]:
    """Indices of the points of each part, by what an animator calls it, found once; names : of the rig's joints."""
    known = _PARTS_OF.get(skin)
    if known is None or known[0] != names:
        known = _PARTS_OF[skin] = names, _parts_of(skin, names)
    return known[1]


_PARTS_OF: ByIdentity[tuple[Sequence[str], dict[str, np.ndarray]]] = ByIdentity()


def _parts_of(skin: Skin, names: Sequence[str]) -> dict[str, np.ndarray]:
    out: dict[str, list[int]] = {}
    for i, point in enumerate(skin.points):
        name = _PARTS.get(point.point, point.point)
        if point.point in ("tip", "joint"):
            name = names[point.joint]
        out.setdefault(f"{point.side} {name}".strip(), []).append(i)
    return {name: np.array(points) for name, points in out.items()}


@lru_cache(maxsize=64)
def skin_of(body: Body) -> Skin:
    """Soles and palms as the anatomy has them, and the ends of every other part as wide as it is.

    A body that no name explains stands on the tips of its chains, which have no width, and falls on its joints.
    """
    anatomy = body.anatomy
    size = anatomy.height_m / REFERENCE_HEIGHT_M
    found: dict[tuple[int, str], tuple[ContactPoint, np.ndarray, tuple[float, float]]] = {}

    def add(joint: int, point: str, side: str, at: np.ndarray, across: np.ndarray, half: tuple[float, float]) -> None:
        found.setdefault((joint, point), (ContactPoint(joint, point, side, at), across, half))

    for p in anatomy.contact_points:
        if p.point in (*SOLE, "tip"):
            add(p.joint, p.point, p.side, p.position_m, np.eye(3)[:2], (0.0, 0.0))
        elif p.point == "palm":
            add(p.joint, p.point, p.side, p.position_m, _ball(body, p.joint), (PALM_M * size,) * 2)
    nameless = any(p.point == "tip" for p in anatomy.contact_points)
    trunk = [p for p in body.parts if p.segment == "trunk"]
    for part in body.parts:
        half = part.half_width_m, part.half_depth_m
        if part.segment in _STARTS:
            add(part.joint, _STARTS[part.segment], part.side, part.start_m, part.across, half)
        elif part.segment == "head":
            add(part.joint, "head", "", part.end_m, part.across, half)
        elif part.segment == "trunk":
            add(part.joint, "seat" if part is trunk[0] else "back", "", part.start_m, part.across, half)
            if part is trunk[-1]:
                add(part.joint, "upper back", "", part.end_m, part.across, half)
        elif not part.segment and nameless:
            add(part.joint, "joint", "", part.start_m, part.across, (min(half),) * 2)
    points, across, half = zip(*found.values(), strict=True) if found else ((), (), ())
    return Skin(tuple(points), np.array(across).reshape(-1, 2, 3), np.array(half).reshape(-1, 2))


def _ball(body: Body, joint: int) -> np.ndarray:
    part = next((p for p in body.parts if p.joint == joint), None)
    return np.eye(3)[:2] if part is None else part.across


@dataclass(frozen=True)
class SkinTrack:
    """The skin over the frames of a motion.

    at : (frames, points, 3) m, the lowest skin at each point; middle : the same inside the part, where its axis is
    speed : (frames, points) m/s, the slower of the material's speeds from and to the frames `step` away
    moved : (frames, points, 3) m, how far the material goes from each frame to the next (the last: nothing)
    """

    skin: Skin
    at: np.ndarray
    middle: np.ndarray
    speed: np.ndarray
    moved: np.ndarray
    step: int = 1


def follow(skin: Skin, poses: Poses, step: int = 1) -> SkinTrack:
    """Follows every point of the skin; speeds are those over `step` frames.

    The slower of the backward and the forward speed is kept: on the last frame of a contact a point is still, seen
    backwards, however fast it leaves, and on the first frame it is still seen forwards.
    """
    n, points = len(poses.frames), len(skin.points)
    at, middle, moved = (np.zeros((n, points, 3)) for _ in range(3))
    speed = np.zeros((n, points))
    reach = min(step, n // 2)  # so that each frame lies far enough from one end or the other
    for a, b in blocks(n):
        low, high = widened((a, b), max(reach, 1), n)
        part = slice(a - low, b - low)
        found = _Carried(skin, poses.rotation[low:high], poses.position[low:high])
        at[a:b], middle[a:b] = found.at[part], found.middle[part]
        moved[a : min(b, n - 1)] = found.moved(1)[a - low : b - low]
        if reach:
            speed[a:b] = found.slower(reach)[part] / (reach * poses.dt)
    return SkinTrack(skin, at, middle, speed, moved, step)


class _Carried:
    """The skin over some frames, by the rotations (frames, joints, 4) and the places (frames, joints, 3) of its joints.

    at, middle : as in SkinTrack; local : (frames, points, 3) m, `at` in the joints' axes
    """

    def __init__(self, skin: Skin, turns: np.ndarray, places: np.ndarray):
        joints = skin.joints
        self.turn, self.origin = rotation.to_matrix(turns[:, joints]), places[:, joints]
        across = np.swapaxes(skin.across, 0, 1)
        up = self.turn[..., 1, :]  # the world's up in each joint's axes
        lean = [rotation.dot(up, way) * half for way, half in zip(across, skin.half.T, strict=True)]
        size = np.sqrt(lean[0] ** 2 + lean[1] ** 2)
        lean = [np.divide(x, size, out=np.zeros_like(x), where=size > 1e-12) for x in lean]
        out = [x * half for x, half in zip(lean, skin.half.T, strict=True)]
        self.local = np.empty(up.shape)
        for i in range(3):
            self.local[..., i] = skin.local[:, i] - (out[0] * across[0, :, i] + out[1] * across[1, :, i])
        self.at = self.origin + rotation.turned(self.turn, self.local)
        self.middle = self.origin + rotation.turned(self.turn, skin.local)

    def moved(self, by: int) -> np.ndarray:
        """(frames - |by|, points, 3) m: how far the material at each point goes over the next (or last) |by| frames."""
        a, b = (slice(None, -by), slice(by, None)) if by > 0 else (slice(-by, None), slice(None, by))
        return self.origin[b] + rotation.turned(self.turn[b], self.local[a]) - self.at[a]

    def slower(self, step: int) -> np.ndarray:
        """(frames, points) m, the shorter of the ways to and from the frames `step` away; nearer to an end than that,
        the one there is."""
        forth, back = rotation.length(self.moved(step)), rotation.length(self.moved(-step))
        return np.minimum(np.concatenate([forth, back[-step:]]), np.concatenate([forth[:step], back]))
