"""Segments of a body laid along the joints of a rig, one part of the body after another."""

import numpy as np

from ironarc.core.figure.segments import (
    ANKLE_HEIGHT,
    FOOT_LENGTH,
    FOREARM_BY_UPPER_ARM,
    HAND_LENGTH,
    HEAD_LENGTH,
    HEEL_BEHIND_ANKLE,
)
from ironarc.core.figure.skeleton import SIDES, UP, Chain, Skeleton


def trunk_of(bones: Skeleton) -> Chain | None:
    """From the hips up to the neck, through every joint of the spine."""
    pelvis = bones.first("pelvis")
    pelvis = bones.rig.roots[0] if pelvis is None else pelvis
    top = next((t for t in (bones.first("neck"), bones.first("head")) if t is not None), None)
    thighs = [t for t in (bones.first("thigh", s) for s in SIDES) if t is not None]
    hip = np.mean([bones.rest[t] for t in thighs], axis=0) if thighs else bones.rest[pelvis]
    if top is not None and (line := bones.path(pelvis, top)):
        spine = line[1:-1]
        # the piece from the hips to the first spine joint rides on the pelvis
        return bones.chain("trunk", "", [(pelvis, hip), *((j, bones.rest[j]) for j in spine), (top, bones.rest[top])])
    spine = bones.all("spine")
    if not spine:
        return None
    end = bones.far_end(spine[-1])
    tip = bones.rest[spine[-1]] + (end if end is not None else np.zeros(3))
    return bones.chain("trunk", "", [(pelvis, hip), *((j, bones.rest[j]) for j in spine), (spine[-1], tip)])


def head_of(bones: Skeleton) -> Chain | None:
    """From the neck, or the head's joint, to the crown."""
    joints = sorted(bones.all("neck") + bones.all("head"))
    if not joints:
        return None
    last = joints[-1]
    end = bones.far_end(last)
    if end is None:
        end = UP * max(HEAD_LENGTH * bones.height - np.linalg.norm(bones.rest[last] - bones.rest[joints[0]]), 0.05)
    return bones.chain("head", "", [*((j, bones.rest[j]) for j in joints), (last, bones.rest[last] + end)])


def arm_of(bones: Skeleton, side: str) -> list[Chain | None]:
    """Upper arm, forearm and hand of a side, each None where the rig has none."""
    upper, fore, hand = (bones.first(r, side) for r in ("upper arm", "forearm", "hand"))
    if upper is None or fore is None:
        return []
    out = [_between(bones, "upper arm", side, upper, fore)]
    upper_length = np.linalg.norm(bones.rest[fore] - bones.rest[upper])
    hand_length = HAND_LENGTH * bones.height
    if hand is not None:
        out.append(_between(bones, "forearm", side, fore, hand))
        return [*out, _hand(bones, side, hand, hand_length)]
    end = bones.far_end(fore)
    reach = np.linalg.norm(end) if end is not None else 0.0
    direction = end / reach if reach > 0 else _continuing(bones, upper, fore)
    # an end site much longer than a forearm is the fingertip, not the wrist
    length = reach if 0 < reach <= 1.25 * upper_length else FOREARM_BY_UPPER_ARM * upper_length
    wrist = bones.rest[fore] + direction * length
    out.append(bones.chain("forearm", side, [(fore, bones.rest[fore]), (fore, wrist)]))
    return [*out, bones.chain("hand", side, [(fore, wrist), (fore, wrist + direction * hand_length)])]


def _hand(bones: Skeleton, side: str, hand: int, length: float) -> Chain | None:
    fingers = [j for j in bones.rig.children[hand] if bones.meanings[j].role in ("finger", "hand", "")]
    tips = [bones.rest[j] - bones.rest[hand] for j in fingers] + bones.ends[hand]
    tips = [t for t in tips if np.linalg.norm(t) > 1e-6]
    direction = np.mean(tips, axis=0) if tips else bones.rest[hand] - bones.rest[bones.rig.joints[hand].parent]
    direction = direction / np.linalg.norm(direction)
    return bones.chain("hand", side, [(hand, bones.rest[hand]), (hand, bones.rest[hand] + direction * length)])


def leg_of(bones: Skeleton, side: str) -> list[Chain | None]:
    """Thigh, shank and foot of a side, each None where the rig has none."""
    thigh, shank, foot = (bones.first(r, side) for r in ("thigh", "shank", "foot"))
    if thigh is None or shank is None:
        return []
    out = [_between(bones, "thigh", side, thigh, shank)]
    if foot is None:
        end = bones.far_end(shank)
        length = np.linalg.norm(bones.rest[shank] - bones.rest[thigh])
        ankle = bones.rest[shank] + (end if end is not None else _continuing(bones, thigh, shank) * length)
        return [*out, bones.chain("shank", side, [(shank, bones.rest[shank]), (shank, ankle)])]
    out.append(_between(bones, "shank", side, shank, foot))
    heel, _, toe_joint, toe = sole_of(bones, side, foot)
    if toe_joint is None:
        points = [(foot, heel), (foot, toe)]
    else:
        # the foot's length is cut over the ball: the front of it rides on the toe joint
        cut = np.clip((bones.rest[toe_joint] - heel) @ (toe - heel) / ((toe - heel) @ (toe - heel)), 0.05, 0.95)
        points = [(foot, heel), (toe_joint, heel + cut * (toe - heel)), (toe_joint, toe)]
    return [*out, bones.chain("foot", side, points, flat=True)]


def _between(bones: Skeleton, segment: str, side: str, start: int, end: int) -> Chain | None:
    line = bones.path(start, end)
    return bones.chain(segment, side, [(j, bones.rest[j]) for j in line])


def _continuing(bones: Skeleton, a: int, b: int) -> np.ndarray:
    d = bones.rest[b] - bones.rest[a]
    return d / max(np.linalg.norm(d), 1e-9)


def sole_of(bones: Skeleton, side: str, foot: int) -> tuple[np.ndarray, np.ndarray, int | None, np.ndarray]:
    """Heel, ball, toe joint (or None) and toe tip of a foot: points on the sole, m, in rest."""
    ankle, toe_joint = bones.rest[foot], bones.first("toe", side)
    end = bones.far_end(foot if toe_joint is None else toe_joint)
    front = end if toe_joint is None else bones.rest[toe_joint] - ankle + (end if end is not None else 0.0)
    if front is None:
        front = bones.forward * FOOT_LENGTH * bones.height * (1 - HEEL_BEHIND_ANKLE)
    flat = front - UP * front[1]
    reach = float(np.linalg.norm(flat))
    ahead = flat / reach if reach > 1e-6 else bones.forward
    length = FOOT_LENGTH * bones.height
    if toe_joint is None or end is not None:
        length = max(reach / (1 - HEEL_BEHIND_ANKLE), 0.6 * length)
    drop = max(-float(front[1]), 0.6 * ANKLE_HEIGHT * bones.height)
    ground = ankle - UP * drop
    heel = ground - ahead * HEEL_BEHIND_ANKLE * length
    return heel, heel + ahead * 0.72 * length, toe_joint, heel + ahead * length
