"""A rig's mass: which segments its joints stand for, and the parts' masses, centres and inertia."""

from collections.abc import Mapping
from dataclasses import dataclass
from functools import cached_property, lru_cache

import numpy as np

from ironarc.core import rotation
from ironarc.core.errors import EditError
from ironarc.core.figure.anatomy import Anatomy, find_anatomy
from ironarc.core.figure.ranges import Range, ranges_of
from ironarc.core.figure.rig import Rig
from ironarc.core.figure.segments import segment_shape
from ironarc.core.figure.skeleton import Bone
from ironarc.core.figure.weighing import DEFAULT_MASS_KG, DENSITY_KGM3, GIRTH, PRESETS, FixedMass, PointMass, Weighing

POINT_RADIUS_M = 0.03  # a point mass turns as a small ball
TABLE, LENGTH, TYPED = "table", "length", "typed"


@dataclass(frozen=True)
class Part:
    """One piece of a segment on one joint.

    mass_kg : kg
    com_m : (3,) m, from the joint, in the joint's axes
    inertia_kgm2 : (3, 3) kg·m² about that com, in the joint's axes
    start_m, end_m : (3,) m, the piece's axis in the joint's axes
    half_width_m, half_depth_m : half-axes of its elliptic section, along the two directions of `across`
    across : (2, 3) unit vectors square to the axis (side to side, front to back)
    source : where the mass comes from: the "table", the bone's "length" and girth, or "typed" by a person
    locked : whether it stays while others change; confidence : 0 to 1, of what it was taken for
    """

    joint: int
    segment: str
    side: str
    mass_kg: float
    com_m: np.ndarray
    inertia_kgm2: np.ndarray
    start_m: np.ndarray
    end_m: np.ndarray
    half_width_m: float
    half_depth_m: float
    across: np.ndarray
    source: str = TABLE
    locked: bool = False
    confidence: float = 1.0


@dataclass(frozen=True, eq=False)  # known by identity: weighing gives the very one it gave before
class Body:
    """Parts of a performer; masses add up to `mass_kg`.

    offset_m : (3,) m in the root's axes, from the computed to the used center of gravity
    scale_to_m : metres in one of the rig's length units, at the size it has in the shot
    ranges : how far its joints turn
    """

    anatomy: Anatomy
    mass_kg: float
    parts: tuple[Part, ...]
    offset_m: np.ndarray
    scale_to_m: float
    ranges: tuple[Range, ...]

    @cached_property
    def _by_joint(self) -> tuple[np.ndarray, np.ndarray, np.ndarray, np.ndarray]:
        joints = np.array(sorted({part.joint for part in self.parts}))
        mass = np.zeros(len(joints))
        com = np.zeros((len(joints), 3))
        inertia = np.zeros((len(joints), 3, 3))
        for i, joint in enumerate(joints):
            lumps = [part for part in self.parts if part.joint == joint]
            mass[i] = sum(p.mass_kg for p in lumps)
            com[i] = sum(p.mass_kg * p.com_m for p in lumps) / mass[i]
            for p in lumps:
                inertia[i] += p.inertia_kgm2 + p.mass_kg * _steiner(p.com_m - com[i])
        return joints, mass, com, inertia

    @property
    def joints(self) -> np.ndarray:
        """(bodies,) joints that carry mass."""
        return self._by_joint[0]

    @property
    def masses(self) -> np.ndarray:
        """(bodies,) kg, all parts of a joint taken together."""
        return self._by_joint[1]

    @property
    def coms(self) -> np.ndarray:
        """(bodies, 3) m in the joint's axes."""
        return self._by_joint[2]

    @property
    def inertias(self) -> np.ndarray:
        """(bodies, 3, 3) kg·m² about each body's com, joint's axes."""
        return self._by_joint[3]


def _steiner(d: np.ndarray) -> np.ndarray:
    """Parallel-axis term per unit mass: |d|² 1 - d dᵀ."""
    return d @ d * np.eye(3) - np.outer(d, d)


@dataclass
class _Raw:
    """A part before the whole is known: its weight among the others, com and inertia per kg."""

    bone: Bone
    segment: str
    side: str
    weight: float
    com: np.ndarray
    inertia: np.ndarray
    source: str


@lru_cache(maxsize=64)  # a revision weighs the very rig the one before it did
def weigh(rig: Rig, scale_to_m: float, weighing: Weighing | None = None) -> Body:
    """Shares a body's mass over the joints of a rig: by the published table, by length and girth, or as typed.

    Raises EditError for a mass that can't be, a joint that isn't there, or parts held that leave nothing or too
    little for the rest.
    """
    weighing = (weighing or Weighing()).checked()
    anatomy = find_anatomy(rig, scale_to_m, dict(weighing.assigned))
    raw = _by_table(anatomy, weighing) + _by_length(anatomy, weighing)
    held = {_joint_of(rig, name): h for name, h in weighing.held}
    raw += [_bare(rig, scale_to_m, joint) for joint in held if not any(r.bone.joint == joint for r in raw)]
    total_weight = sum(r.weight for r in raw)
    if not raw or total_weight <= 0:
        raise EditError("This rig has no bone with a length, so there is nothing to weigh.")
    masses = _shared_out(rig, weighing, raw, held)
    parts = []
    for r, mass in zip(raw, masses, strict=True):
        density = weighing.density_kgm3 if r.source == LENGTH else DENSITY_KGM3
        width, depth = _girth(r.bone, mass, r.segment, weighing.female, density)
        h = held.get(r.bone.joint)
        parts.append(
            Part(
                r.bone.joint, r.segment, r.side, float(mass), r.com, r.inertia * mass, r.bone.start_m, r.bone.end_m,
                width, depth, r.bone.across, TYPED if h and h.typed else r.source, h is not None,
                anatomy.meanings[r.bone.joint].confidence,
            )
        )  # fmt: skip
    parts += [_point(rig, p) for p in weighing.points]
    ranges = ranges_of(anatomy, dict(weighing.ranges))
    return Body(anatomy, weighing.mass_kg, tuple(parts), np.array(weighing.offset_m), scale_to_m, ranges)


def _joint_of(rig: Rig, name: str) -> int:
    if name not in rig:
        raise EditError(f"There is no joint called {name} to weigh. Reset it, or choose another weighing.")
    return rig.index(name)


def _by_table(anatomy: Anatomy, weighing: Weighing) -> list[_Raw]:
    more = PRESETS[weighing.preset]
    out = []
    for chain in anatomy.chains:
        shape = segment_shape(chain.segment, weighing.female)
        for bone in chain.bones:
            share, com, inertia = _piece(bone, chain.length_m, shape)
            out.append(_Raw(bone, chain.segment, chain.side, share * more.get(chain.segment, 1.0), com, inertia, TABLE))
    return out


def _by_length(anatomy: Anatomy, weighing: Weighing) -> list[_Raw]:
    girths = dict(weighing.girths)
    names = anatomy.rig.names
    return [
        _Raw(bone, "", "", *_rod(bone, girths.get(names[bone.joint], GIRTH), weighing.density_kgm3), LENGTH)
        for bone in anatomy.unexplained_bones
    ]


def _bare(rig: Rig, scale_to_m: float, joint: int) -> _Raw:
    """A joint that carries nothing of its own, given a mass: a small ball half-way to what hangs on it."""
    tips = [np.array(rig.joints[j].offset) * scale_to_m for j in rig.children[joint]]
    tips += [np.array(e.offset) * scale_to_m for e in rig.ends if e.parent == joint]
    tip = max(tips, key=np.linalg.norm, default=np.zeros(3))
    if np.linalg.norm(tip) < 1e-6:
        tip = np.array([0.0, 2 * POINT_RADIUS_M, 0.0])
    return _Raw(_stick(joint, np.zeros(3), tip), "", "", 0.0, tip / 2, _ball_inertia(), LENGTH)


def _stick(joint: int, start: np.ndarray, end: np.ndarray) -> Bone:
    direction = (end - start) / np.linalg.norm(end - start)
    side = np.cross(direction, np.eye(3)[int(np.argmin(np.abs(direction)))])
    side /= np.linalg.norm(side)
    return Bone(joint, start, end, np.array([side, np.cross(direction, side)]))


def _ball_inertia() -> np.ndarray:
    return np.eye(3) * 0.4 * POINT_RADIUS_M**2


def _point(rig: Rig, point: PointMass) -> Part:
    at, reach = np.array(point.at_m), np.array([0.0, POINT_RADIUS_M, 0.0])
    joint = _joint_of(rig, point.joint)
    bone = _stick(joint, at - reach, at + reach)
    return Part(
        joint, "point", "", point.kg, at, _ball_inertia() * point.kg, bone.start_m, bone.end_m, POINT_RADIUS_M,
        POINT_RADIUS_M, bone.across, TYPED, True, 1.0,
    )  # fmt: skip


def _shared_out(rig: Rig, weighing: Weighing, raw: list[_Raw], held: Mapping[int, FixedMass]) -> np.ndarray:
    """(parts,) kg: what is held first, then shares of chains, then the rest by weight; the sum is the whole."""
    weight, joint = np.array([r.weight for r in raw]), np.array([r.bone.joint for r in raw])
    masses, fixed = np.zeros(len(raw)), np.zeros(len(raw), dtype=bool)
    for name, share in weighing.shares:
        top = _joint_of(rig, name)
        mine = np.array([r.source == LENGTH and _is_below(rig, r.bone.joint, top) for r in raw]) & ~fixed
        mine &= ~np.isin(joint, list(held))
        if mine.any():
            masses[mine] = share * weighing.mass_kg * weight[mine] / weight[mine].sum()
            fixed |= mine
    for j, h in held.items():
        mine = joint == j
        of = weight[mine] if weight[mine].sum() > 0 else np.ones(mine.sum())
        masses[mine] = h.kg * of / of.sum()
        fixed |= mine
    left = weighing.mass_kg - masses[fixed].sum() - sum(p.kg for p in weighing.points)
    free = weight * ~fixed
    if free.sum() > 0:
        if left <= 0:
            raise EditError(
                f"What is held weighs {weighing.mass_kg - left:.1f} kg and the whole body {weighing.mass_kg:.1f} kg: "
                "nothing is left for the other parts. Unlock a part, or raise the total."
            )
        masses += left * free / free.sum()
    elif abs(left) > 1e-6 * weighing.mass_kg:
        raise EditError(
            f"Every part is locked, and together they weigh {weighing.mass_kg - left:.2f} kg, not "
            f"{weighing.mass_kg:.2f} kg. Unlock one of them."
        )
    return masses


def _is_below(rig: Rig, joint: int, top: int) -> bool:
    while joint >= 0:
        if joint == top:
            return True
        joint = rig.joints[joint].parent
    return False


def _piece(bone: Bone, length: float, shape) -> tuple[float, np.ndarray, np.ndarray]:
    """Share of body mass, com and inertia per kg of the piece of a segment that lies on one bone."""
    share, centre, axial = shape.spread(bone.from_share, bone.to_share)
    within = (centre - bone.from_share) / max(bone.to_share - bone.from_share, 1e-12)
    com = bone.start_m + within * (bone.end_m - bone.start_m)
    along = bone.direction
    p_front, p_side = (p * length**2 for p in shape.cross)
    side, front = bone.across
    # second-moment matrix C, then I = trace(C) 1 - C
    second = (
        axial * length**2 * np.outer(along, along) + p_side * np.outer(side, side) + p_front * np.outer(front, front)
    )
    return shape.mass * share, com, np.trace(second) * np.eye(3) - second


def _rod(bone: Bone, girth: float, density: float) -> tuple[float, np.ndarray, np.ndarray]:
    """A part no name explains: mass by length and girth, as a uniform rod, against a body 1.75 m tall."""
    length = np.linalg.norm(bone.end_m - bone.start_m)
    radius = girth * length
    volume = np.pi * radius**2 * length
    along = bone.direction
    second = length**2 / 12 * np.outer(along, along)
    second += radius**2 / 4 * (np.eye(3) - np.outer(along, along))
    share = density * volume / DEFAULT_MASS_KG
    return share, (bone.start_m + bone.end_m) / 2, np.trace(second) * np.eye(3) - second


def _girth(bone: Bone, mass: float, segment: str, female: float, density: float) -> tuple[float, float]:
    """Half-axes (m) of the elliptic section whose area holds the mass, in the table's proportions."""
    length = max(float(np.linalg.norm(bone.end_m - bone.start_m)), 1e-3)
    area = mass / (density * length)
    ratio = 1.0
    if segment:
        p_front, p_side = segment_shape(segment, female).cross
        ratio = float(np.clip(np.sqrt(max(p_side, 1e-9) / max(p_front, 1e-9)), 0.5, 2.0))
    depth = np.sqrt(area / (np.pi * ratio))
    return depth * ratio, depth


def world_inertia(body: Body, world_rotation: np.ndarray) -> np.ndarray:
    """(frames, 3, 3) kg·m² of all bodies, each about its own com, world axes: Σ R I Rᵀ."""
    r = rotation.to_matrix(world_rotation[:, body.joints])
    # side by side, so that one product a frame adds them up
    turned = np.swapaxes(r @ body.inertias, 1, 2).reshape(len(r), 3, -1)
    return turned @ np.swapaxes(r, -1, -2).reshape(len(r), -1, 3)
