"""From a rig's joints to a body's segments: which bones make up the trunk, the head and each limb."""

import itertools
from collections.abc import Mapping
from dataclasses import dataclass, replace

import numpy as np

from ironarc.core.figure.naming import DOUBTFUL, NO_MASS, Meaning, understand
from ironarc.core.figure.rig import Rig
from ironarc.core.figure.segments import (
    ANKLE_HEIGHT,
    FOOT_LENGTH,
    FOREARM_BY_UPPER_ARM,
    HAND_LENGTH,
    HEAD_LENGTH,
    HEEL_BEHIND_ANKLE,
)

UP = np.array([0.0, 1.0, 0.0])
SIDES = ("left", "right")
UNEVEN = 0.1  # left and right may differ by this share of their length


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


@dataclass(frozen=True)
class ContactPoint:
    """A point of the body that may touch. position_m : (3,) m in the joint's axes."""

    joint: int
    point: str
    side: str
    position_m: np.ndarray


@dataclass(frozen=True)
class Anatomy:
    """How a rig was understood.

    meanings : one a joint
    chains : body segments
    unexplained_bones : bones of joints that no name explains
    contact_points : soles and palms, or the tips of a body that no name explains
    height_m : estimated standing height
    forward : (3,) unit, the way the figure faces in rest
    doubts : sentences on what doesn't fit: sides that differ, joints out of order
    """

    rig: Rig
    meanings: tuple[Meaning, ...]
    chains: tuple[Chain, ...]
    unexplained_bones: tuple[Bone, ...]
    contact_points: tuple[ContactPoint, ...]
    height_m: float
    forward: np.ndarray
    doubts: tuple[str, ...] = ()

    @property
    def unexplained(self) -> list[str]:
        return [self.rig.names[i] for i, m in enumerate(self.meanings) if not m.role]

    @property
    def riding(self) -> list[str]:
        """Joints that ride along with no mass of their own: helpers, fingers, what is worn or carried."""
        return [self.rig.names[i] for i, m in enumerate(self.meanings) if m.role in NO_MASS]


def find_anatomy(rig: Rig, scale_to_m: float, assigned: Mapping[str, str] | None = None) -> Anatomy:
    """Reads segments, contact points and height out of a rig's names and hierarchy.

    assigned : roles given by hand, by joint name
    """
    return _Finder(rig, scale_to_m, assigned).find()


class _Finder:
    """Holds what the steps share: rest positions, meanings, first joints of each role."""

    def __init__(self, rig: Rig, scale: float, assigned: Mapping[str, str] | None):
        self.rig = rig
        self.scale = scale
        self.rest = rig.rest_positions * scale
        self.meanings = tuple(understand(rig, assigned))
        self.ends = {i: [np.array(e.offset) * scale for e in rig.ends if e.parent == i] for i in range(len(rig))}
        self.height = self._height()
        self.forward, self.lateral = self._facing()

    def find(self) -> Anatomy:
        chains = [self._trunk(), self._head()]
        for side in SIDES:
            chains += self._arm(side) + self._leg(side)
        chains = [chain for chain in chains if chain is not None]
        doubts = tuple(self._doubts(chains))
        return Anatomy(
            self.rig, self.meanings, tuple(chains), tuple(self._unexplained()), tuple(self._contact_points(chains)),
            self.height, self.forward, doubts,
        )  # fmt: skip

    def _doubts(self, chains: list[Chain]) -> list[str]:
        """What left and right, and the order from the hips outwards, say against the names."""
        out = []
        by_side = {(c.segment, c.side): c for c in chains if c.side}
        for segment in dict.fromkeys(c.segment for c in chains if c.side):
            pair = [by_side.get((segment, side)) for side in SIDES]
            if None in pair:
                there, gone = SIDES if pair[1] is None else SIDES[::-1]
                out.append(f"There is a {there} {segment} and no {gone} one.")
            elif abs(pair[0].length_m - pair[1].length_m) > UNEVEN * max(pair[0].length_m, pair[1].length_m):
                left, right = (chain.length_m * 100 for chain in pair)
                out.append(f"Left and right {segment} differ: {left:.0f} and {right:.0f} cm.")
        for side in SIDES:
            for line in (("upper arm", "forearm", "hand"), ("thigh", "shank", "foot")):
                for upper, lower in itertools.pairwise(line):
                    a, b = self.first(upper, side), self.first(lower, side)
                    if None not in (a, b) and not self.path(a, b):
                        out.append(
                            f"{self.rig.names[b]} is taken for the {side} {lower}, but no {upper} lies above it."
                        )
                        for joint in (a, b):
                            self.doubt(joint)
        return out

    def doubt(self, joint: int) -> None:
        """Lowers the confidence of a joint's meaning."""
        meanings = list(self.meanings)
        meanings[joint] = replace(meanings[joint], confidence=DOUBTFUL)
        self.meanings = tuple(meanings)

    # --- what stands where ---------------------------------------------------------------------

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

    # --- segments ------------------------------------------------------------------------------

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

    def _trunk(self) -> Chain | None:
        pelvis = self.first("pelvis")
        pelvis = self.rig.roots[0] if pelvis is None else pelvis
        top = next((t for t in (self.first("neck"), self.first("head")) if t is not None), None)
        thighs = [t for t in (self.first("thigh", s) for s in SIDES) if t is not None]
        hip = np.mean([self.rest[t] for t in thighs], axis=0) if thighs else self.rest[pelvis]
        if top is not None and (line := self.path(pelvis, top)):
            spine = line[1:-1]
            # the piece from the hips to the first spine joint rides on the pelvis
            return self.chain("trunk", "", [(pelvis, hip), *((j, self.rest[j]) for j in spine), (top, self.rest[top])])
        spine = self.all("spine")
        if not spine:
            return None
        end = self.far_end(spine[-1])
        tip = self.rest[spine[-1]] + (end if end is not None else np.zeros(3))
        return self.chain("trunk", "", [(pelvis, hip), *((j, self.rest[j]) for j in spine), (spine[-1], tip)])

    def _head(self) -> Chain | None:
        joints = sorted(self.all("neck") + self.all("head"))
        if not joints:
            return None
        last = joints[-1]
        end = self.far_end(last)
        if end is None:
            end = UP * max(HEAD_LENGTH * self.height - np.linalg.norm(self.rest[last] - self.rest[joints[0]]), 0.05)
        return self.chain("head", "", [*((j, self.rest[j]) for j in joints), (last, self.rest[last] + end)])

    def _arm(self, side: str) -> list[Chain | None]:
        upper, fore, hand = (self.first(r, side) for r in ("upper arm", "forearm", "hand"))
        if upper is None or fore is None:
            return []
        out = [self._between("upper arm", side, upper, fore)]
        upper_length = np.linalg.norm(self.rest[fore] - self.rest[upper])
        hand_length = HAND_LENGTH * self.height
        if hand is not None:
            out.append(self._between("forearm", side, fore, hand))
            return [*out, self._hand(side, hand, hand_length)]
        end = self.far_end(fore)
        reach = np.linalg.norm(end) if end is not None else 0.0
        direction = end / reach if reach > 0 else self._continuing(upper, fore)
        # an end site much longer than a forearm is the fingertip, not the wrist
        length = reach if 0 < reach <= 1.25 * upper_length else FOREARM_BY_UPPER_ARM * upper_length
        wrist = self.rest[fore] + direction * length
        out.append(self.chain("forearm", side, [(fore, self.rest[fore]), (fore, wrist)]))
        return [*out, self.chain("hand", side, [(fore, wrist), (fore, wrist + direction * hand_length)])]

    def _hand(self, side: str, hand: int, length: float) -> Chain | None:
        fingers = [j for j in self.rig.children[hand] if self.meanings[j].role in ("finger", "hand", "")]
        tips = [self.rest[j] - self.rest[hand] for j in fingers] + self.ends[hand]
        tips = [t for t in tips if np.linalg.norm(t) > 1e-6]
        direction = np.mean(tips, axis=0) if tips else self.rest[hand] - self.rest[self.rig.joints[hand].parent]
        direction = direction / np.linalg.norm(direction)
        return self.chain("hand", side, [(hand, self.rest[hand]), (hand, self.rest[hand] + direction * length)])

    def _leg(self, side: str) -> list[Chain | None]:
        thigh, shank, foot = (self.first(r, side) for r in ("thigh", "shank", "foot"))
        if thigh is None or shank is None:
            return []
        out = [self._between("thigh", side, thigh, shank)]
        if foot is None:
            end = self.far_end(shank)
            length = np.linalg.norm(self.rest[shank] - self.rest[thigh])
            ankle = self.rest[shank] + (end if end is not None else self._continuing(thigh, shank) * length)
            return [*out, self.chain("shank", side, [(shank, self.rest[shank]), (shank, ankle)])]
        out.append(self._between("shank", side, shank, foot))
        heel, _, toe_joint, toe = self._sole(side, foot)
        if toe_joint is None:
            points = [(foot, heel), (foot, toe)]
        else:
            # the foot's length is cut over the ball: the front of it rides on the toe joint
            cut = np.clip((self.rest[toe_joint] - heel) @ (toe - heel) / ((toe - heel) @ (toe - heel)), 0.05, 0.95)
            points = [(foot, heel), (toe_joint, heel + cut * (toe - heel)), (toe_joint, toe)]
        return [*out, self.chain("foot", side, points, flat=True)]

    def _between(self, segment: str, side: str, start: int, end: int) -> Chain | None:
        line = self.path(start, end)
        return self.chain(segment, side, [(j, self.rest[j]) for j in line])

    def _continuing(self, a: int, b: int) -> np.ndarray:
        d = self.rest[b] - self.rest[a]
        return d / max(np.linalg.norm(d), 1e-9)

    def _sole(self, side: str, foot: int) -> tuple[np.ndarray, np.ndarray, int | None, np.ndarray]:
        """Heel, ball, toe joint (or None) and toe tip of a foot: points on the sole, m, in rest."""
        ankle, toe_joint = self.rest[foot], self.first("toe", side)
        end = self.far_end(foot if toe_joint is None else toe_joint)
        front = end if toe_joint is None else self.rest[toe_joint] - ankle + (end if end is not None else 0.0)
        if front is None:
            front = self.forward * FOOT_LENGTH * self.height * (1 - HEEL_BEHIND_ANKLE)
        flat = front - UP * front[1]
        reach = float(np.linalg.norm(flat))
        ahead = flat / reach if reach > 1e-6 else self.forward
        length = FOOT_LENGTH * self.height
        if toe_joint is None or end is not None:
            length = max(reach / (1 - HEEL_BEHIND_ANKLE), 0.6 * length)
        drop = max(-float(front[1]), 0.6 * ANKLE_HEIGHT * self.height)
        ground = ankle - UP * drop
        heel = ground - ahead * HEEL_BEHIND_ANKLE * length
        return heel, heel + ahead * 0.72 * length, toe_joint, heel + ahead * length

    def _unexplained(self) -> list[Bone]:
        out = []
        for i, meaning in enumerate(self.meanings):
            if meaning.role:
                continue
            tips = [self.rest[j] - self.rest[i] for j in self.rig.children[i]] + self.ends[i]
            for tip in tips:
                if (length := np.linalg.norm(tip)) > 1e-6:
                    out.append(Bone(i, np.zeros(3), tip, self.across(tip / length)))
        return out

    # --- where the body may touch ----------------------------------------------------------------

    def _contact_points(self, chains: list[Chain]) -> list[ContactPoint]:
        out = []

        def add(joint: int, point: str, side: str, world: np.ndarray) -> None:
            out.append(ContactPoint(joint, point, side, world - self.rest[joint]))

        for side in SIDES:
            if (foot := self.first("foot", side)) is not None and self.first("shank", side) is not None:
                heel, ball, toe_joint, toe = self._sole(side, foot)
                add(foot, "heel", side, heel)
                add(foot, "ball", side, ball)
                add(foot if toe_joint is None else toe_joint, "toe", side, toe)
        for chain in chains:
            if chain.segment == "hand":
                last = chain.bones[-1]
                add(last.joint, "palm", chain.side, self.rest[last.joint] + last.end_m)
        if not any(point.point != "palm" for point in out):
            # a machine or an animal with no part the names explain stands on the tips of its chains
            for joint, ends in self.ends.items():
                for end in ends:
                    add(joint, "tip", "", self.rest[joint] + end)
        return out
