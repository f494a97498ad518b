"""What a rigger's joint names mean: one table, and the hierarchy where a name can mean two things."""

import itertools
import re
from dataclasses import dataclass

from ironarc.core.rig import Rig

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
TWO_MEANINGS = {"hip", "shoulder", "leg", "arm", "knee"}
LEFT = {"l", "left", "lft", "lf"}
RIGHT = {"r", "right", "rgt", "rt"}
CENTRE = {"m", "c", "mid", "ctr", "center", "centre"}
FILLER = {"bone", "joint", "jnt", "jt", "bip", "bip01", "def", "sk", "b", "j", "skeleton", "base", "end"}


@dataclass(frozen=True)
class Meaning:
    """role : "pelvis" … "toe", or "" if the name explains nothing; side : "left", "right" or ""."""

    role: str
    side: str


def words_of(name: str) -> list[str]:
    """A joint name cut into lower-case words, the namespace and numbers dropped."""
    name = name.rsplit(":", 1)[-1]
    spaced = re.sub(r"([a-z0-9])([A-Z])|([A-Z])([A-Z][a-z])", r"\1\3 \2\4", name)
    words = [re.sub(r"\d+", "", w).lower() for w in re.split(r"[\s_.\-|]+", spaced)]
    return [w for w in words if w]


def _side_and_rest(words: list[str]) -> tuple[str, list[str]]:
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
                side, rest = found, [tail, *rest[1:]]
                break
    return side, rest


def _role_of(words: list[str]) -> str:
    """Role of the words alone; "hip", "shoulder" come back as themselves for the hierarchy to settle."""
    words = [w for w in words if w not in FILLER] or words
    if any(WORDS.get(w) == "finger" for w in words):  # "LeftHandThumb1" is a thumb, not a hand
        return "finger"
    joined = "".join(words)
    for candidate in (joined, *("".join(pair) for pair in itertools.pairwise(words)), *words):
        if candidate in TWO_MEANINGS:
            return candidate
        if candidate in WORDS:
            return WORDS[candidate]
    return ""


def understand(rig: Rig) -> list[Meaning]:
    """The meaning of every joint of a rig, in joint order."""
    first = []
    for joint in rig.joints:
        side, rest = _side_and_rest(words_of(joint.name))
        first.append(Meaning(_role_of(rest), side))
    return [_settle(rig, first, i) for i in range(len(rig))]


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
