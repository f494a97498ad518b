"""What a rig's joints are by its shape alone, for names that say nothing: chains, pairs that mirror each other, and
lengths. A body with two legs and two arms is understood, and one with four legs whose head can be told from its tail; a
tail and wings ride along. What is shaped otherwise is left unexplained."""

from dataclasses import dataclass
from functools import lru_cache

import numpy as np

from ironarc.core.figure.rig import Rig

ALIKE = 0.12  # share of their length by which two limbs of a pair, and their bones, may differ
EVEN = (0.5, 2.0)  # times the one bone of a limb that the other may be long
LOW = 0.25  # of the height between its lowest and highest tip, that a body's feet lie within, and its hands above
# What comes before the two long bones of a limb, these, what follows, and what follows that
LEG, ARM = ("", "thigh", "shank", "foot", "toe"), ("collar", "upper arm", "forearm", "hand", "")
RIDES = 0.3  # of the longest limb's length, from which a chain off the middle line is a tail or the like
ARM_OVER_LEG = 0.85  # of lengths, with collar, hand and foot
SHORT = 0.5  # of the longer pair's length, under which a pair is no limb


@dataclass(frozen=True)
class Limb:
    """A chain of joints from where it branches off to its tip. lengths : of the bone each joint carries; tip : (3,)"""

    joints: tuple[int, ...]
    lengths: tuple[float, ...]
    tip: np.ndarray

    @property
    def length(self) -> float:
        return sum(self.lengths)


@lru_cache(maxsize=64)
def roles_by_shape(rig: Rig) -> dict[int, tuple[str, str]]:
    """(role, side) of joints, by joint, in the words of `naming`; empty where the shape is no such body's."""
    pairs = _pairs(rig)
    if len(pairs) < 2:
        return {}
    tips = np.array([limb.tip[1] for _, pair in pairs for limb in pair])
    low, high = tips.min(), max(tips.max(), float(rig.rest_positions[:, 1].max()))
    edge = low + LOW * (high - low)
    legs = [(at, pair) for at, pair in pairs if all(limb.tip[1] <= edge for limb in pair)]
    longest = max(pair[0].length for _, pair in pairs)
    others = [
        (at, pair) for at, pair in pairs
        if all(limb.tip[1] > edge for limb in pair) and pair[0].length > SHORT * longest
    ]  # fmt: skip
    if len(legs) == 2 and legs[0][0] != legs[1][0]:
        return _four_legs(rig, legs, [pair for _, pair in others])
    if len(legs) != 1 or not others:
        return {}
    hip, leg_pair = legs[0]
    # wings are longer than arms, or shorter
    chest, arm_pair = min(
        others, key=lambda found: abs(np.log(found[1][0].length / (ARM_OVER_LEG * leg_pair[0].length)))
    )
    line = _line(rig, hip, chest)
    if not line or chest == hip:
        return {}
    return _body(rig, line, leg_pair, arm_pair, [pair for _, pair in others if pair is not arm_pair])


def _four_legs(rig: Rig, legs: list, wings: list) -> dict[int, tuple[str, str]]:
    """Roles of a body on four legs: the fore legs are those beside the chain that reaches highest, the neck and head.

    Empty where neither end reaches over the back: which is the fore one can't be told.
    """
    limbs = {limb.joints[0] for _, pair in legs for limb in pair} | {limb.joints[0] for pair in wings for limb in pair}
    ends = []
    for (at, pair), (other, _) in (legs, legs[::-1]):
        on_line = {*_line(rig, at, other), *_line(rig, other, at)}
        free = [_limb(rig, child) for child in rig.children[at] if child not in limbs and child not in on_line]
        ends.append((max((limb.tip[1] for limb in free), default=-np.inf), at, pair))
    (low, hip, hind), (high, chest, fore) = sorted(ends, key=lambda end: end[0])
    back = max(rig.rest_positions[hip][1], rig.rest_positions[chest][1])
    line = [
        *[joint for joint in _line(rig, chest, hip) if joint not in _line(rig, hip, chest)][::-1],
        *_line(rig, hip, chest),
    ]
    if high <= max(low, back):
        return {}
    return _body(rig, line, hind, fore, wings, rig.rest_positions[chest] - rig.rest_positions[hip])


def _body(
    rig: Rig, line: list[int], legs: tuple[Limb, Limb], arms: tuple[Limb, Limb], wings: list,
    ahead: np.ndarray | None = None,
) -> dict[int, tuple[str, str]]:  # fmt: skip
    """Roles of a body whose middle line runs through some joints, from the hips to the chest.

    wings : other pairs of limbs, which ride along
    ahead : (3,) the way it faces; told by its feet where it is not given
    """
    out = {line[0]: ("pelvis", "")} | dict.fromkeys(line[1:], ("spine", ""))
    chest = line[-1]
    aside = {limb.joints[0] for pair in wings for limb in pair}
    taken = {limb.joints[0] for limb in (*legs, *arms)} | aside | set(line)
    up = [child for child in rig.children[chest] if child not in taken]
    head = max((_limb(rig, child) for child in up), key=lambda limb: limb.tip[1], default=None)
    long = RIDES * max(limb.length for limb in (*legs, *arms))
    tails = {
        child for joint in line for child in rig.children[joint]
        if child not in taken and (head is None or child != head.joints[0]) and _limb(rig, child).length > long
    }  # fmt: skip
    out |= {j: ("extra", "") for start in aside | tails for j in (start, *_below(rig, start))}
    if head is not None:
        named = head.joints
        out |= dict.fromkeys(named[:-1], ("neck", "")) | {named[-1]: ("head", "")}
    left = _left(rig, legs, ahead)
    for pair, roles in ((legs, LEG), (arms, ARM)):
        for limb in pair:
            side = "left" if (limb.tip - rig.rest_positions[line[0]]) @ left > 0 else "right"
            found = _along(limb, roles)
            out |= {joint: (role, side if role != "helper" else "") for joint, role in found.items()}
            hands = [joint for joint, role in found.items() if role == "hand"]
            out |= {j: ("finger", side) for hand in hands for j in _below(rig, hand)}
    return out


def _along(limb: Limb, roles: tuple[str, str, str, str, str]) -> dict[int, str]:
    """Roles of a limb's joints: its two long bones, what lies before them and beyond. What is between is a helper."""
    before, upper, lower, end, beyond = roles
    n, lengths = len(limb.joints), np.array(limb.lengths)
    even = [(i, k) for i in range(n) for k in range(i + 1, n) if _even(lengths[i], lengths[k])]
    if not even:
        return {}
    i, k = max(even, key=lambda bones: (lengths[bones[0]] + lengths[bones[1]], -bones[1]))
    out = dict.fromkeys(limb.joints, "helper")
    out[limb.joints[i]], out[limb.joints[k]] = upper, lower
    if before and i > 0:
        out[limb.joints[i - 1]] = before
    if k + 1 < n:
        out[limb.joints[k + 1]] = end
    if beyond and k + 2 < n:
        out[limb.joints[k + 2]] = beyond
    return out


def _even(one: float, other: float) -> bool:
    return EVEN[0] * one < other < EVEN[1] * one


def _pairs(rig: Rig) -> list[tuple[int, tuple[Limb, Limb]]]:
    """Limbs that branch off the same joint on either side and are alike, with that joint."""
    out = []
    for joint, children in enumerate(rig.children):
        limbs = sorted((_limb(rig, child) for child in children), key=lambda limb: -limb.length)
        paired: set[int] = set()
        for one, other in ((a, b) for i, a in enumerate(limbs) for b in limbs[i + 1 :]):
            if paired & {one.joints[0], other.joints[0]} or len(one.joints) < 2:
                continue
            if _alike(one, other) and _mirrored(rig, joint, one, other):
                out.append((joint, (one, other)))
                paired |= {one.joints[0], other.joints[0]}
    # fingers are pairs, too: what hangs on a limb of a longer pair is none of its own
    inner = {j for _, pair in out for limb in pair for j in _below(rig, limb.joints[0])}
    return [(joint, pair) for joint, pair in out if joint not in inner and joint not in _starts(out)]


def _starts(pairs: list) -> set[int]:
    return {limb.joints[0] for _, pair in pairs for limb in pair}


def _alike(one: Limb, other: Limb) -> bool:
    if len(one.joints) != len(other.joints):
        return False
    size = max(one.length, other.length)
    return size > 0 and np.abs(np.subtract(one.lengths, other.lengths)).max() < ALIKE * size


def _mirrored(rig: Rig, joint: int, one: Limb, other: Limb) -> bool:
    """Whether two limbs lie on either side of their middle, and not one beyond the other."""
    at = rig.rest_positions[joint]
    apart = rig.rest_positions[one.joints[0]] - rig.rest_positions[other.joints[0]]
    wide = one.tip - other.tip
    across = apart if np.linalg.norm(apart) > 1e-6 else wide
    if np.linalg.norm(across) < 1e-6:
        return False
    sides = [(limb.tip - at) @ across for limb in (one, other)]
    return sides[0] * sides[1] <= 0 or abs(one.length - other.length) < ALIKE / 4 * one.length


def _limb(rig: Rig, start: int) -> Limb:
    """The chain from a joint along whatever reaches farthest."""
    joints, lengths = [start], []
    while children := rig.children[joints[-1]]:
        following = max(children, key=lambda child: _reach(rig, child))
        lengths.append(_distance(rig, joints[-1], following))
        joints.append(following)
    ends = [np.array(end.offset) for end in rig.ends if end.parent == joints[-1]]
    end = max(ends, key=np.linalg.norm, default=np.zeros(3))
    lengths.append(float(np.linalg.norm(end)))
    return Limb(tuple(joints), tuple(lengths), rig.rest_positions[joints[-1]] + end)


def _reach(rig: Rig, joint: int) -> float:
    """How far the farthest tip below a joint lies along its bones, from its parent on."""
    parent = rig.joints[joint].parent
    ends = [float(np.linalg.norm(end.offset)) for end in rig.ends if end.parent == joint]
    below = [_reach(rig, child) for child in rig.children[joint]]
    return _distance(rig, parent, joint) + max([*below, *ends], default=0.0)


def _distance(rig: Rig, one: int, other: int) -> float:
    return float(np.linalg.norm(rig.rest_positions[other] - rig.rest_positions[one]))


def _below(rig: Rig, joint: int) -> list[int]:
    out, stack = [], list(rig.children[joint])
    while stack:
        out.append(stack.pop())
        stack += rig.children[out[-1]]
    return out


def _line(rig: Rig, hip: int, chest: int) -> list[int]:
    """Joints from what both hang on up to the chest; empty where the chest hangs on neither."""
    above = [hip]
    while rig.joints[above[-1]].parent >= 0:
        above.append(rig.joints[above[-1]].parent)
    line = [chest]
    while line[-1] not in above:
        parent = rig.joints[line[-1]].parent
        if parent < 0:
            return []
        line.append(parent)
    return line[::-1]


def _left(rig: Rig, legs: tuple[Limb, Limb], ahead: np.ndarray | None) -> np.ndarray:
    """(3,) the way to the left: square to up and to the way ahead, told by the feet if not given; else +X."""
    if ahead is None:
        ahead = np.zeros(3)
        for limb in legs:
            feet = limb.joints[-1] if limb.lengths[-1] > 1e-6 else limb.joints[-2]
            ahead += limb.tip - rig.rest_positions[feet]
    ahead = ahead * [1.0, 0.0, 1.0]
    size, length = np.linalg.norm(ahead), sum(limb.length for limb in legs)
    return np.cross([0.0, 1.0, 0.0], ahead / size) if size > 0.02 * length else np.array([1.0, 0.0, 0.0])
