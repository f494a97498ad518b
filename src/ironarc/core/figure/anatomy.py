"""From a rig's joints to a body's segments: which bones make up the trunk, the head and each limb."""

import itertools
from collections.abc import Mapping
from dataclasses import dataclass

import numpy as np

from ironarc.core.figure.chains import arm_of, head_of, leg_of, sole_of, trunk_of
from ironarc.core.figure.naming import NO_MASS, Meaning
from ironarc.core.figure.rig import Rig
from ironarc.core.figure.skeleton import SIDES, Bone, Chain, Skeleton

UNEVEN = 0.1  # left and right may differ by this share of their length


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
    bones = Skeleton(rig, scale_to_m, assigned)
    found = [trunk_of(bones), head_of(bones)]
    for side in SIDES:
        found += arm_of(bones, side) + leg_of(bones, side)
    chains = [chain for chain in found if chain is not None]
    doubts = tuple(_doubts(bones, chains))
    return Anatomy(
        rig, bones.meanings, tuple(chains), tuple(_unexplained(bones)), tuple(_contact_points(bones, chains)),
        bones.height, bones.forward, doubts,
    )  # fmt: skip


def _doubts(bones: Skeleton, chains: list[Chain]) -> list[str]:
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
                a, b = bones.first(upper, side), bones.first(lower, side)
                if None not in (a, b) and not bones.path(a, b):
                    out.append(f"{bones.rig.names[b]} is taken for the {side} {lower}, but no {upper} lies above it.")
                    for joint in (a, b):
                        bones.doubt(joint)
    return out


def _unexplained(bones: Skeleton) -> list[Bone]:
    out = []
    for i, meaning in enumerate(bones.meanings):
        if meaning.role:
            continue
        tips = [bones.rest[j] - bones.rest[i] for j in bones.rig.children[i]] + bones.ends[i]
        for tip in tips:
            if (length := np.linalg.norm(tip)) > 1e-6:
                out.append(Bone(i, np.zeros(3), tip, bones.across(tip / length)))
    return out


def _contact_points(bones: Skeleton, chains: list[Chain]) -> list[ContactPoint]:
    out = []

    def add(joint: int, point: str, side: str, world: np.ndarray) -> None:
        out.append(ContactPoint(joint, point, side, world - bones.rest[joint]))

    for side in SIDES:
        if (foot := bones.first("foot", side)) is not None and bones.first("shank", side) is not None:
            heel, ball, toe_joint, toe = sole_of(bones, side, foot)
            add(foot, "heel", side, heel)
            add(foot, "ball", side, ball)
            add(foot if toe_joint is None else toe_joint, "toe", side, toe)
    for chain in chains:
        if chain.segment == "hand":
            last = chain.bones[-1]
            add(last.joint, "palm", chain.side, bones.rest[last.joint] + last.end_m)
    if not any(point.point != "palm" for point in out):
        # a machine or an animal with no part the names explain stands on the tips of its chains
        for joint, ends in bones.ends.items():
            for end in ends:
                add(joint, "tip", "", bones.rest[joint] + end)
    return out
