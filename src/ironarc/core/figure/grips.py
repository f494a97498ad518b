"""Where a body can be taken hold of: hips, chest, neck, head, hands, elbows, feet, knees, shoulders, and every joint
and end that no name explains; and the parts of it that rows, sets and keys go by."""

from collections.abc import Iterable
from dataclasses import dataclass
from functools import lru_cache

import numpy as np

from ironarc.core.errors import EditError
from ironarc.core.figure.anatomy import Anatomy
from ironarc.core.figure.body import Body
from ironarc.core.figure.naming import NO_MASS
from ironarc.core.figure.skeleton import SIDES

HIPS, SPINE, HEAD = "hips", "spine", "head"
# Sets of parts that everybody has; one's own are kept beside these
SETS = {
    "arms": ("left arm", "right arm"), "legs": ("left leg", "right leg"),
    "upper body": (SPINE, HEAD, "left arm", "right arm"), "lower body": (HIPS, "left leg", "right leg"),
}  # fmt: skip
_PART_OF = {
    "pelvis": HIPS, "spine": SPINE, "neck": HEAD, "head": HEAD, "collar": "arm", "upper arm": "arm", "forearm": "arm",
    "hand": "arm", "finger": "arm", "thigh": "leg", "shank": "leg", "foot": "leg", "toe": "leg",
}  # fmt: skip


@dataclass(frozen=True, eq=False)
class Grip:
    """A place to take hold of a body.

    joint : the one it rides on; at_m : (3,) m from it, in its axes; part : the row it belongs to
    kind : "hips", "chest", "neck", "head", "shoulder", "elbow", "hand", "knee", "foot", "heel", "ball", "toe",
        "joint" or "tip"
    """

    name: str
    joint: int
    at_m: np.ndarray
    kind: str
    side: str
    part: str


LEG, ARM = "leg", "arm"


@dataclass(frozen=True, eq=False)
class Limb:
    """Two bones and what they carry: an arm or a leg.

    kind : LEG, ARM, or "" for a limb of a creature that is neither
    upper, lower : joints; end : the joint at the far end, or -1 where the rig ends before it
    wrist_m : (3,) m from the lower joint to that end, in its axes
    pole : (3,) unit in the upper joint's axes, the way its middle points when it bends
    """

    name: str
    kind: str
    upper: int
    lower: int
    end: int
    wrist_m: np.ndarray
    pole: np.ndarray

    @property
    def is_leg(self) -> bool:
        return self.kind == LEG


@lru_cache(maxsize=64)
def limbs_of(body: Body) -> tuple[Limb, ...]:
    """Arms and legs of two bones each, as far as a body has them."""
    anatomy, out = body.anatomy, []
    offsets = _offsets(body)
    for side in SIDES:
        for kind, roles, way in (
            (LEG, ("thigh", "shank", "foot"), 1.0), (ARM, ("upper arm", "forearm", "hand"), -1.0)
        ):  # fmt: skip
            upper, lower, end = (_first(anatomy, role, side) for role in roles)
            if upper is None or lower is None or anatomy.rig.joints[lower].parent != upper:
                continue
            if end is not None and anatomy.rig.joints[end].parent != lower:
                continue
            wrist = offsets[end] if end is not None else _far_end(anatomy, lower, body)
            if np.linalg.norm(wrist) > 1e-6 and np.linalg.norm(offsets[lower]) > 1e-6:
                limb = Limb(
                    f"{side} {kind}", kind, upper, lower, -1 if end is None else end, wrist, anatomy.forward * way
                )
                out.append(limb)
    return tuple(out)


def limb_with(body: Body, joint: int) -> Limb | None:
    """The limb a joint lies on or beyond, or None."""
    parents = body.anatomy.rig.parents
    for limb in limbs_of(body):
        at = joint
        while at >= 0:
            if at == limb.upper:
                return limb
            at = int(parents[at])
    return None


@lru_cache(maxsize=64)
def grips_of(body: Body) -> tuple[Grip, ...]:
    """Every grip of a body, in the order Tab walks along it: from the hips up and out."""
    anatomy, part = body.anatomy, parts_by_joint(body)
    found: list[Grip] = []

    def add(name: str, joint: int | None, kind: str, side: str = "", at: np.ndarray | None = None) -> None:
        if joint is not None:
            found.append(Grip(name, joint, np.zeros(3) if at is None else at, kind, side, part[joint]))

    points = {(p.point, p.side): p for p in anatomy.contact_points}
    spine = [i for i, m in enumerate(anatomy.meanings) if m.role == "spine"]
    pelvis = _first(anatomy, "pelvis", "")
    add("hips", anatomy.rig.roots[0] if pelvis is None else pelvis, "hips")
    add("chest", spine[-1] if spine else None, "chest")
    add("neck", _first(anatomy, "neck", ""), "neck")
    add("head", _first(anatomy, "head", ""), "head")
    for side in SIDES:
        add(f"{side} shoulder", _first(anatomy, "upper arm", side), "shoulder", side)
        add(f"{side} elbow", _first(anatomy, "forearm", side), "elbow", side)
        hand, palm = _first(anatomy, "hand", side), points.get(("palm", side))
        if hand is not None:
            add(f"{side} hand", hand, "hand", side)
        elif palm is not None:
            limb = limb_with(body, palm.joint)
            add(f"{side} hand", palm.joint, "hand", side, palm.position_m if limb is None else limb.wrist_m)
        add(f"{side} knee", _first(anatomy, "shank", side), "knee", side)
        add(f"{side} foot", _first(anatomy, "foot", side), "foot", side)
        for point in ("heel", "ball", "toe"):
            if (p := points.get((point, side))) is not None:
                add(f"{side} {point}", p.joint, point, side, p.position_m)
    return tuple(found + _unnamed(body, {g.joint for g in found}, part))


def _unnamed(body: Body, taken: set[int], part: tuple[str, ...]) -> list[Grip]:
    """Grips of the joints and ends that no name explains."""
    anatomy, out = body.anatomy, []
    for i, meaning in enumerate(anatomy.meanings):
        if (meaning.role and meaning.role not in NO_MASS) or meaning.role == "finger" or i in taken:
            continue
        name = anatomy.rig.names[i]
        out.append(Grip(name, i, np.zeros(3), "joint", "", part[i]))
        ends = [e for e in anatomy.rig.ends if e.parent == i]
        for k, end in enumerate(ends):
            words = f"{name}, its tip" if len(ends) == 1 else f"{name}, tip {k + 1}"
            out.append(Grip(words, i, np.array(end.offset) * body.scale_to_m, "tip", "", part[i]))
    return out


def grip_called(body: Body, name: str) -> Grip:
    """The grip of this name. EditError for none."""
    for grip in grips_of(body):
        if grip.name == name:
            return grip
    raise EditError(f"There is no part called {name[:60]!r} to select. Choose one that the stage shows.")


@lru_cache(maxsize=64)
def parts_by_joint(body: Body) -> tuple[str, ...]:
    """The part every joint belongs to: hips, spine, head, arms, legs; a chain no name explains by its first joint."""
    anatomy = body.anatomy
    out: list[str] = []
    for i, meaning in enumerate(anatomy.meanings):
        parent = int(anatomy.rig.parents[i])
        part = _PART_OF.get(meaning.role, "")
        if part in ("arm", "leg"):
            part = f"{meaning.side} {part}".strip()
        if not part and parent < 0:
            part = HIPS
        if not part:
            # what no name explains goes on with the chain above it, unless it begins one of its own
            begins = parent in anatomy.rig.roots or len(anatomy.rig.children[parent]) > 1
            above = out[parent]
            part = anatomy.rig.names[i] if begins and meaning.role not in NO_MASS else above
        out.append(part)
    return tuple(out)


def parts_of_body(body: Body) -> tuple[str, ...]:
    """The names of all parts, each once, from the root out."""
    return tuple(dict.fromkeys(parts_by_joint(body)))


def joints_of(body: Body, names: Iterable[str]) -> tuple[int, ...]:
    """Joints of parts, sets, grips or joints by their names, in the rig's order; all joints for none.

    Raises EditError for a name that is none of these.
    """
    wanted, names = set(), list(names)
    rig, by_joint = body.anatomy.rig, parts_by_joint(body)
    if not names or "all" in names:
        return tuple(range(len(rig)))
    for name in names:
        parts = SETS.get(name, (name,))
        joints = [i for i, part in enumerate(by_joint) if part in parts]
        if not joints:
            joints = [rig.index(name)] if name in rig else [grip_called(body, name).joint]
        wanted.update(joints)
    return tuple(sorted(wanted))


def bone_m(body: Body, joint: int) -> np.ndarray:
    """(3,) m in a joint's axes: from it to the far end of its bone; zero for a joint with nothing beyond it."""
    rig = body.anatomy.rig
    offsets = [rig.offsets[child] for child in rig.children[joint]]
    offsets += [np.array(end.offset) for end in rig.ends if end.parent == joint]
    return next((o * body.scale_to_m for o in offsets if np.linalg.norm(o) > 1e-9), np.zeros(3))


def _first(anatomy: Anatomy, role: str, side: str) -> int | None:
    return next((i for i, m in enumerate(anatomy.meanings) if (m.role, m.side) == (role, side)), None)


def _offsets(body: Body) -> np.ndarray:
    return body.anatomy.rig.offsets * body.scale_to_m


def _far_end(anatomy: Anatomy, joint: int, body: Body) -> np.ndarray:
    """(3,) m to the end of the segment that rides on a joint: where the forearm ends on a rig with no hand."""
    bones = [b for c in anatomy.chains for b in c.bones if b.joint == joint and c.segment in ("forearm", "shank")]
    return bones[-1].end_m if bones else np.zeros(3)
