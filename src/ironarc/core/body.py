"""A rig's mass: which segments its joints stand for, and the parts' masses, centres and inertia."""

from dataclasses import dataclass
from functools import cached_property, lru_cache

import numpy as np

from ironarc.core import rotation
from ironarc.core.anatomy import Anatomy, Bone, find_anatomy
from ironarc.core.errors import EditError
from ironarc.core.rig import Rig
from ironarc.core.segments import BUILDS, segment_shape

DENSITY_KGM3 = 1040.0  # mean density of the adult body, Dempster 1955; used for girths, never for mass
UNEXPLAINED_GIRTH = 0.15  # radius of a part no name explains, as a share of its length
DEFAULT_MASS_KG = 75.0


@dataclass(frozen=True)
class Part:
    """One piece of a segment on one joint.

    mass_kg : kg
    com_m : (3,) m, from the joint, in the joint's axes
    inertia_kgm2 : (3, 3) kg·m² about that com, in the joint's axes
    start_m, end_m : (3,) m, the piece's axis in the joint's axes
    half_width_m, half_depth_m : half-axes of its elliptic section, along the two directions of `across`
    across : (2, 3) unit vectors square to the axis (side to side, front to back)
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


@dataclass(frozen=True)
class Body:
    """Parts of a performer; masses add up to `mass_kg`."""

    anatomy: Anatomy
    mass_kg: float
    build: str
    parts: tuple[Part, ...]

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


@lru_cache(maxsize=64)  # a revision weighs the very rig the one before it did
def weigh(rig: Rig, scale_to_m: float, mass_kg: float = DEFAULT_MASS_KG, build: str = "m") -> Body:
    """Shares `mass_kg` over the joints of a rig by the published table.

    build : "m" or "f"
    Raises EditError for a mass that is not a positive number or a build not in the table.
    """
    if not (np.isfinite(mass_kg) and mass_kg > 0):
        raise EditError(f"A body's mass must be more than 0 kg; {mass_kg} was given.")
    if build not in BUILDS:
        raise EditError(f"Build must be one of {', '.join(BUILDS)}; {build!r} was given.")
    anatomy = find_anatomy(rig, scale_to_m)
    raw = []
    for chain in anatomy.chains:
        shape = segment_shape(chain.segment, build)
        for bone in chain.bones:
            raw.append((bone, chain.segment, chain.side, *_piece(bone, chain.length_m, shape)))
    raw += [(bone, "", "", *_rod(bone)) for bone in anatomy.unexplained_bones]
    # Missing segments (a rig with no arms) and table rounding: what is there carries the whole mass
    total = sum(share for _, _, _, share, _, _ in raw)
    if not raw or total <= 0:
        raise EditError("This rig has no bone with a length, so there is nothing to weigh.")
    parts = []
    for bone, segment, side, share, com, inertia in raw:
        mass = mass_kg * share / total
        width, depth = _girth(bone, mass, segment, build)
        parts.append(
            Part(
                bone.joint, segment, side, mass, com, inertia * mass, bone.start_m, bone.end_m, width, depth,
                bone.across,
            )
        )  # fmt: skip
    return Body(anatomy, mass_kg, build, tuple(parts))


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


def _rod(bone: Bone) -> tuple[float, np.ndarray, np.ndarray]:
    """A part no name explains: mass by length and girth, as a uniform rod, against a body 1.75 m tall."""
    length = np.linalg.norm(bone.end_m - bone.start_m)
    radius = UNEXPLAINED_GIRTH * length
    volume = np.pi * radius**2 * length
    along = bone.direction
    second = length**2 / 12 * np.outer(along, along)
    second += radius**2 / 4 * (np.eye(3) - np.outer(along, along))
    share = DENSITY_KGM3 * volume / DEFAULT_MASS_KG
    return share, (bone.start_m + bone.end_m) / 2, np.trace(second) * np.eye(3) - second


def _girth(bone: Bone, mass: float, segment: str, build: str) -> tuple[float, float]:
    """Half-axes (m) of the elliptic section whose area holds the mass, in the table's proportions."""
    length = max(float(np.linalg.norm(bone.end_m - bone.start_m)), 1e-3)
    area = mass / (DENSITY_KGM3 * length)
    ratio = 1.0
    if segment:
        p_front, p_side = segment_shape(segment, build).cross
        ratio = float(np.clip(np.sqrt(max(p_side, 1e-9) / max(p_front, 1e-9)), 0.5, 2.0))
    depth = np.sqrt(area / (np.pi * ratio))
    return depth * ratio, depth


def world_inertia(body: Body, world_rotation: np.ndarray) -> np.ndarray:
    """(frames, bodies, 3, 3) kg·m² inertia of each body about its com, world axes."""
    r = rotation.to_matrix(world_rotation[:, body.joints])
    return r @ body.inertias @ np.swapaxes(r, -1, -2)
