"""What a rig's names and hierarchy say: which joint is what, how far apart they stand, which way the figure faces."""

import itertools
from collections.abc import Mapping
from dataclasses import dataclass, replace

import numpy as np

from ironarc.core.figure.naming import DOUBTFUL, understand
from ironarc.core.figure.rig import Rig
from ironarc.core.figure.segments import (
    ANKLE_HEIGHT,
    HEAD_LENGTH,
)

UP = np.array([0.0, 1.0, 0.0])
SIDES = ("left", "right")


@dataclass(frozen=True)
class Bone:
    """A straight piece that rides on one joint.

    start_m, end_m : (3,) m in the joint's axes
    from_share, to_share : where the piece lies along its segment, 0 at the proximal end
    across : (2, 3) unit vectors square to the piece: side to side, front to back
    """

    joint: int
    start_m: np.ndarray
    end_m: np.ndarray
    across: np.ndarray
    from_share: float = 0.0
    to_share: float = 1.0

    @property
    def direction(self) -> np.ndarray:
        d = self.end_m - self.start_m
        return d / max(np.linalg.norm(d), 1e-12)


@dataclass(frozen=True)
class Chain:
    """The bones of one body segment, from the proximal end out."""

    segment: str
    side: str
    length_m: float
    bones: tuple[Bone, ...]


class Skeleton:
    """A rig at rest, in metres, with what its joints mean."""

    def __init__(self, rig: Rig, scale: float, assigned: Mapping[str, str] | None):
        self.rig = rig
        self.scale = scale
        self.rest = rig.rest_positions * scale
        self.meanings = tuple(understand(rig, assigned))
        self.ends = {i: [np.array(e.offset) * scale for e in rig.ends if e.parent == i] for i in range(len(rig))}
        self.height = self._height()
        self.forward, self.lateral = self._facing()

    def doubt(self, joint: int) -> None:
        """Lowers the confidence of a joint's meaning."""
        meanings = list(self.meanings)
        meanings[joint] = replace(meanings[joint], confidence=DOUBTFUL)
        self.meanings = tuple(meanings)

    def first(self, role: str, side: str = "") -> int | None:
        """The first joint (depth first) of a role, or None."""
        return next((i for i, m in enumerate(self.meanings) if (m.role, m.side) == (role, side)), None)

    def all(self, role: str, side: str = "") -> list[int]:
        return [i for i, m in enumerate(self.meanings) if (m.role, m.side) == (role, side)]

    def far_end(self, joint: int) -> np.ndarray | None:
        """The longest end site of a joint, m in its axes, or None."""
        ends = [e for e in self.ends[joint] if np.linalg.norm(e) > 1e-6]
        return max(ends, key=np.linalg.norm) if ends else None

    def tips(self) -> np.ndarray:
        points = [self.rest, *(self.rest[i] + e for i, es in self.ends.items() for e in es)]
        return np.concatenate([np.atleast_2d(p) for p in points])

    def _height(self) -> float:
        """Standing height: legs, trunk and head laid end to end, so that a T-pose or a crouch doesn't matter."""
        thigh, shank, foot = (self.first(r, "left") for r in ("thigh", "shank", "foot"))
        neck, head = self.first("neck"), self.first("head")
        top = neck if neck is not None else head
        if None in (thigh, shank, foot) or top is None:
            return max(float(np.ptp(self.tips()[:, 1])), float(np.ptp(self.tips(), axis=0).max()) * 0.999)
        run = sum(np.linalg.norm(self.rest[b] - self.rest[a]) for a, b in ((thigh, shank), (shank, foot)))
        right = self.first("thigh", "right")
        hip = (self.rest[thigh] + self.rest[right if right is not None else thigh]) / 2
        run += np.linalg.norm(self.rest[top] - hip)
        ends = [e for e in (head, neck) if e is not None and self.far_end(e) is not None]
        tall = run / (1 - HEAD_LENGTH - ANKLE_HEIGHT)
        if not ends:
            return float(tall)
        crown = self.rest[ends[0]] + self.far_end(ends[0])
        return float(run + np.linalg.norm(crown - self.rest[top]) + ANKLE_HEIGHT * tall)

    def _facing(self) -> tuple[np.ndarray, np.ndarray]:
        """Forward and left in rest: across the hips or shoulders, and square to that and to up."""
        lateral = np.zeros(3)
        for role in ("thigh", "upper arm", "collar"):
            pair = [self.first(role, side) for side in SIDES]
            if None not in pair:
                lateral = self.rest[pair[0]] - self.rest[pair[1]]
                lateral[1] = 0.0
                if np.linalg.norm(lateral) > 1e-6:
                    break
        if np.linalg.norm(lateral) <= 1e-6:
            lateral = np.array([1.0, 0.0, 0.0])
        lateral = lateral / np.linalg.norm(lateral)
        return np.cross(lateral, UP), lateral

    def across(self, direction: np.ndarray, flat: bool = False) -> np.ndarray:
        """Side-to-side and front-to-back axes of a bone.

        The sagittal axis of the table points forward in the anatomical position; for a foot, whose length
        points forward, it points up (`flat`).
        """
        sagittal = UP if flat else self.forward
        sagittal = sagittal - direction * (direction @ sagittal)
        if np.linalg.norm(sagittal) < 0.1:
            sagittal = UP - direction * (direction @ UP)
        sagittal = sagittal / np.linalg.norm(sagittal)
        return np.array([np.cross(direction, sagittal), sagittal])

    def chain(self, segment: str, side: str, points: list[tuple[int, np.ndarray]], flat: bool = False) -> Chain | None:
        """A segment through world rest points; point i carries the joint that moves the piece from it."""
        steps = [np.linalg.norm(b - a) for (_, a), (_, b) in itertools.pairwise(points)]
        length = float(sum(steps))
        if length < 1e-6:
            return None
        bones, done = [], 0.0
        for step, (joint, a), (_, b) in zip(steps, points, points[1:], strict=False):
            if step > 1e-9:
                origin = self.rest[joint]
                bones.append(
                    Bone(joint, a - origin, b - origin, self.across((b - a) / step, flat),
                         done / length, (done + step) / length)
                )  # fmt: skip
            done += step
        return Chain(segment, side, length, tuple(bones))

    def path(self, top: int, bottom: int) -> list[int]:
        """Joints from `bottom` up to `top` turned round: top first. Empty if bottom is not below top."""
        out, i = [], bottom
        while i >= 0:
            out.append(i)
            if i == top:
                return out[::-1]
            i = self.rig.joints[i].parent
        return []
