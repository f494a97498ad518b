"""What a rigger's joint names mean: one table, and the hierarchy where a name can mean two things."""

import itertools
import re
from collections.abc import Mapping, Sequence
from dataclasses import dataclass, replace

from ironarc.core.figure.by_shape import roles_by_shape
from ironarc.core.figure.rig import Rig

# word -> role; a word with two roles ("hip", "shoulder", "knee") is settled by the hierarchy below
WORDS = {
    "hips": "pelvis", "pelvis": "pelvis", "root": "pelvis",
    "spine": "spine", "chest": "spine", "torso": "spine", "abdomen": "spine", "waist": "spine",
    "thorax": "spine", "trunk": "spine", "lowerback": "spine", "upperback": "spine", "back": "spine",
    "ribcage": "spine", "ribs": "spine", "belly": "spine", "stomach": "spine",
    "neck": "neck", "head": "head", "skull": "head",
    "collar": "collar", "clavicle": "collar", "collarbone": "collar", "scapula": "collar", "clav": "collar",
    "upperarm": "upper arm", "uparm": "upper arm", "arm": "upper arm", "humerus": "upper arm",
    "bicep": "upper arm",
    "forearm": "forearm", "lowerarm": "forearm", "lowarm": "forearm", "elbow": "forearm", "radius": "forearm",
    "hand": "hand", "wrist": "hand", "palm": "hand",
    "upleg": "thigh", "upperleg": "thigh", "thigh": "thigh", "femur": "thigh",
    "leg": "shank", "lowerleg": "shank", "lowleg": "shank", "calf": "shank", "shin": "shank",
    "shank": "shank", "tibia": "shank", "knee": "shank",
    "foot": "foot", "ankle": "foot", "toe": "toe", "toes": "toe", "toebase": "toe", "ball": "toe",
    "thumb": "finger", "index": "finger", "middle": "finger", "ring": "finger", "pinky": "finger",
    "little": "finger", "finger": "finger", "fingers": "finger", "metacarpal": "finger",
}  # fmt: skip
# What rides along: no part of the table, and no mass by accident
_EXTRA = """jaw mouth teeth tooth tongue lip lips eye eyes eyelid lid brow eyebrow cheek nose ear ears face
    hair ponytail braid beard tail wing wings feather fin horn antler cloth clothes skirt dress cape cloak coat sleeve
    hood hat helmet belt strap bag pack backpack holster pouch armor armour pad weapon sword gun shield staff prop
    breast bust pec glute"""
_HELPER = """twist roll helper ik fk pole target ctrl control handle nub aux corrective muscle squash stretch
    attach socket offset"""
WORDS |= dict.fromkeys(_EXTRA.split(), "extra") | dict.fromkeys(_HELPER.split(), "helper")
NO_MASS = frozenset({"extra", "helper", "finger", "none"})
# Roles a person may give a joint by hand
ASSIGNABLE = (
    "pelvis", "spine", "neck", "head", "collar", "upper arm", "forearm", "hand", "thigh", "shank", "foot", "toe",
    "none",
)  # fmt: skip
SIDED = frozenset({"collar", "upper arm", "forearm", "hand", "thigh", "shank", "foot", "toe", "finger"})
# The very word; by hierarchy; by its look; by the shape of the body alone; in doubt
SURE, SETTLED, LIKELY, SHAPE, DOUBTFUL = 1.0, 0.8, 0.7, 0.6, 0.3
TWO_MEANINGS = {"hip", "shoulder", "leg", "arm", "knee"}
LEFT = {"l", "left", "lft", "lf"}
RIGHT = {"r", "right", "rgt", "rt"}
CENTRE = {"m", "c", "mid", "ctr", "center", "centre"}
FILLER = {"bone", "joint", "jnt", "jt", "bip", "bip01", "def", "sk", "b", "j", "skeleton", "base", "end"}


@dataclass(frozen=True)
class Meaning:
    """role : "pelvis" … "toe", "extra", "helper", "finger", "none", or "" if the name explains nothing
    side : "left", "right" or ""; confidence : 0 to 1, how sure the role is
    """

    role: str
    side: str
    confidence: float = 0.0


def words_of(name: str) -> list[str]:
    """A joint name cut into lower-case words, the namespace and numbers dropped."""
    words = [re.sub(r"[0-9]+", "", w) for w in _cut(name)]
    return [w for w in words if w]


def _cut(name: str) -> list[str]:
    """A joint name cut into lower-case words, numbers left on, the namespace dropped."""
    name = name.rsplit(":", 1)[-1].replace("Shldr", "Shoulder")
    spaced = re.sub(r"([a-z0-9])([A-Z])|([A-Z])([A-Z][a-z])", r"\1\3 \2\4", name)
    return [w.lower() for w in re.split(r"[\s_.\-|]+", spaced) if w]


def normal_name(name: str) -> str:
    """A joint's name as it is matched between rigs: no namespace, filler or case, its side in front, and any number
    it carries behind it: "LeftHandIndex02" and "l_hand_index_2" are one, "Spine1" and "Spine2" are two."""
    words = [w for w in _cut(name) if w not in FILLER]
    numbers = " ".join((n.lstrip("0") or "0") for w in words for n in re.findall(r"[0-9]+", w))
    return f"{plain_name(name)} {numbers}".strip()


def plain_name(name: str) -> str:
    """As `normal_name`, without the number."""
    side, rest, _ = _side_and_rest(words_of(name))
    return f"{side} {''.join(w for w in rest if w not in FILLER)}".strip() or name.lower()


def match_names(names: Sequence[str], among: Sequence[str]) -> dict[str, str]:
    """For each of `names` the one of `among` that means the same, where there is one.

    The very name first, then the same with its number; then, where a name stands alone on both sides, the same
    but for a number, so that "Spine" and "Spine1" of two rigs with one spine each are one. No two get the same.
    """
    out: dict[str, str] = {name: name for name in names if name in among}
    for key_of in (normal_name, plain_name):
        left = [name for name in names if name not in out]
        free = [name for name in among if name not in out.values()]
        wanted, there = _by(key_of, left), _by(key_of, free)
        alike = key_of is plain_name
        same_word = [_by(plain_name, list(names)), _by(plain_name, list(among))] if alike else []
        for key, (name, *others) in wanted.items():
            found = there.get(key, [])
            alone = not others and len(found) == 1 and all(len(by[key]) == 1 for by in same_word)
            if found and (alone or (not alike and not others)):
                out[name] = found[0]
    return out


def _by(key_of, names: Sequence[str]) -> dict[str, list[str]]:
    out: dict[str, list[str]] = {}
    for name in names:
        out.setdefault(key_of(name), []).append(name)
    return out


def _side_and_rest(words: list[str]) -> tuple[str, list[str], bool]:
    """Side, the other words, and whether the side was a mark of its own rather than written onto a word."""
    side, rest = "", []
    for word in words:
        if word in LEFT:
            side = "left"
        elif word in RIGHT:
            side = "right"
        elif word not in CENTRE:
            rest.append(word)
    if not side and rest:
        # marks written onto the word: "lThigh" is cut by its capital, "lefthand" and "rhand" are not
        for mark, found in (("left", "left"), ("right", "right"), ("l", "left"), ("r", "right")):
            tail = rest[0].removeprefix(mark)
            if tail != rest[0] and (tail in WORDS or tail in TWO_MEANINGS):
                return found, [tail, *rest[1:]], False
    return side, rest, True


def _role_of(words: list[str]) -> str:
    """Role of the words alone; "hip", "shoulder" come back as themselves for the hierarchy to settle."""
    words = [w for w in words if w not in FILLER] or words
    if any(WORDS.get(w) == "finger" for w in words):  # "LeftHandThumb1" is a thumb, not a hand
        return "finger"
    # "LeftArmTwist" is a helper of the arm, "HeadEnd" no head
    if any(WORDS.get(w) == "helper" for w in words):
        return "helper"
    joined = "".join(words)
    for candidate in (joined, *("".join(pair) for pair in itertools.pairwise(words)), *words):
        if candidate in TWO_MEANINGS:
            return candidate
        if candidate in WORDS and WORDS[candidate] != "extra":
            return WORDS[candidate]
    return "extra" if any(WORDS.get(w) == "extra" for w in words) else ""


def understand(rig: Rig, assigned: Mapping[str, str] | None = None) -> list[Meaning]:
    """The meaning of every joint of a rig, in joint order.

    assigned : roles given by hand, by joint name; they are sure, and what hangs on them is settled by them
    """
    assigned = assigned or {}
    first, marked = [], []
    for i, joint in enumerate(rig.joints):
        side, rest, own_mark = _side_and_rest(words_of(joint.name))
        role = assigned.get(joint.name)
        if role in SIDED and not side:
            side = roles_by_shape(rig).get(i, ("", ""))[1] or _side_by_place(rig, i)
        first.append(Meaning(role if role is not None else _role_of(rest), side))
        marked.append(own_mark)
    settled = [_settle(rig, first, i) for i in range(len(rig))]
    named = [
        replace(m, confidence=_confidence(joint.name in assigned, before.role, m.role, own_mark))
        for joint, before, m, own_mark in zip(rig.joints, first, settled, marked, strict=True)
    ]
    return _carriers(rig, _by_shape(rig, named, set(assigned)), set(assigned))


def _carriers(rig: Rig, named: list[Meaning], assigned: set[str]) -> list[Meaning]:
    """A root with nothing but the pelvis on it carries the body over the ground, and has no mass of its own."""
    out = list(named)
    for root in rig.roots:
        below = [named[i].role for i in rig.children[root]]
        if not named[root].role and below == ["pelvis"] and rig.joints[root].name not in assigned:
            out[root] = Meaning("helper", "", 1.0)
    return out


LIMBS = {(role, side) for role in ("thigh", "shank", "upper arm", "forearm") for side in ("left", "right")}


def _by_shape(rig: Rig, named: list[Meaning], assigned: set[str]) -> list[Meaning]:
    """What names leave open taken from the shape, where they name not all limbs; what they say stands."""
    if {(m.role, m.side) for m in named} >= LIMBS:
        return named
    shape = roles_by_shape(rig)
    sided = [(named[i].side, side) for i, (_, side) in shape.items() if named[i].side and side]
    turned = sum(one != other for one, other in sided) > len(sided) / 2  # the names know which side is which
    other = {"left": "right", "right": "left", "": ""}
    taken = {(m.role, m.side) for m in named if m.role in SIDED or m.role in ("head", "pelvis")}
    out = list(named)
    for i, (role, side) in shape.items():
        side = other[side] if turned else side
        if not named[i].role and rig.joints[i].name not in assigned and (role, side) not in taken - {("finger", side)}:
            out[i] = Meaning(role, side, SHAPE)
    return out


def _side_by_place(rig: Rig, i: int) -> str:
    """Left where the joint lies to the +X side of the root in rest, as a figure that faces +Z has it."""
    x = rig.rest_positions[i][0] - rig.rest_positions[rig.roots[0]][0]
    return "left" if x > 0 else "right"


def _confidence(by_hand: bool, word: str, role: str, own_mark: bool) -> float:
    if by_hand:
        return SURE
    if not role:
        return 0.0
    if not own_mark:
        return LIKELY
    return SETTLED if word in TWO_MEANINGS else SURE


def _settle(rig: Rig, first: list[Meaning], i: int) -> Meaning:
    """Settles a word with two meanings by what stands above and below it."""
    role, side = first[i].role, first[i].side
    above, below = _roles_above(rig, first, i), _roles_below(rig, first, i)
    if role == "hip":
        role = "thigh" if side else "pelvis"
    elif role == "shoulder":
        # a shoulder with an upper arm (or an arm and a forearm) below it is the collar
        arms = below & {"arm", "upper arm"}
        role = "collar" if arms and "collar" not in above else "upper arm"
    elif role == "arm":
        role = "forearm" if "upper arm" in above and "forearm" not in below else "upper arm"
    elif role == "leg":
        thigh_above = above & {"thigh"} or ("hip" in above and _side_above(rig, first, i, "hip"))
        role = "shank" if thigh_above or "leg" in above else "thigh" if below & {"leg", "knee", "shank"} else "shank"
    elif role == "knee":
        role = "shank"
    return Meaning(role, side)


def _roles_above(rig: Rig, first: list[Meaning], i: int) -> set[str]:
    found, i = set(), rig.joints[i].parent
    while i >= 0:
        found.add(first[i].role)
        i = rig.joints[i].parent
    return found


def _side_above(rig: Rig, first: list[Meaning], i: int, role: str) -> bool:
    i = rig.joints[i].parent
    while i >= 0:
        if first[i].role == role and first[i].side:
            return True
        i = rig.joints[i].parent
    return False


def _roles_below(rig: Rig, first: list[Meaning], i: int) -> set[str]:
    found, stack = set(), list(rig.children[i])
    while stack:
        j = stack.pop()
        found.add(first[j].role)
        stack.extend(rig.children[j])
    return found


# What may hang on a joint of a role, nearest first; the sided ones for a joint off the middle
_NEXT = {
    "pelvis": ("spine", "thigh"), "spine": ("neck", "collar"), "neck": ("head", "head"), "collar": ("", "upper arm"),
    "upper arm": ("", "forearm"), "forearm": ("", "hand"), "thigh": ("", "shank"), "shank": ("", "foot"),
    "foot": ("", "toe"),
}  # fmt: skip
OFF_MIDDLE = 0.15  # as a share of the joint's distance from what it hangs on


def suggest(rig: Rig, meanings: Sequence[Meaning], i: int) -> str:
    """What a joint no name explains may be: what hangs on it and what it hangs on leave one role open; else "".

    A joint that ends a chain whose end is understood already is suggested to be nothing.
    """
    parent = rig.joints[i].parent
    below = {meanings[j].role for j in rig.children[i]} - {""}
    for role, follows in _NEXT.items():
        # between an understood joint and one that would follow it: the role that joins them
        if (
            below & set(follows)
            and role not in below
            and (parent < 0 or meanings[parent].role in ("", role, *_before(role)))
        ):
            return role
    if parent < 0 or not meanings[parent].role:
        return ""
    taken = {meanings[j].role for j in rig.children[parent] if j != i}
    offset = rig.joints[i].offset
    reach = sum(v * v for v in offset) ** 0.5
    sided = abs(offset[0]) > OFF_MIDDLE * reach if reach else False
    follows = _NEXT.get(meanings[parent].role, ("", ""))[bool(sided) or meanings[parent].role in SIDED]
    if follows and (follows not in taken or follows in SIDED):
        return follows
    return "none" if not rig.children[i] else ""


def _before(role: str) -> tuple[str, ...]:
    return tuple(other for other, follows in _NEXT.items() if role in follows)
