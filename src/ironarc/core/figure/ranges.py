"""How far joints turn: neck, spine, shoulders, hips and ankles of a body whose joints are understood."""

from collections.abc import Mapping
from dataclasses import dataclass, replace

import numpy as np

from ironarc.core import rotation
from ironarc.core.figure.anatomy import Anatomy


@dataclass(frozen=True)
class Range:
    """What is held against what: joint against base, as they stand in rest. most_rad : to which it turns

    about : (3,) unit in the joint's axes that only the twist about is told of; None for the whole turn
    """

    part: str
    joint: int
    base: int
    most_rad: float
    about: np.ndarray | None = None

    @property
    def most_deg(self) -> float:
        return float(np.degrees(self.most_rad))

    def turned_rad(self, world: np.ndarray) -> np.ndarray:
        """(...,) rad that it is turned by; world : (..., joints, 4)."""
        own = rotation.multiply(rotation.conjugate(world[..., self.base, :]), world[..., self.joint, :])
        if self.about is None:
            return 2 * np.arctan2(np.linalg.norm(own[..., 1:], axis=-1), np.abs(own[..., 0]))
        along = np.abs(own[..., 1:] @ self.about)
        # swung right round to the other side of its rest, an arm has no twist that could be told
        told = np.hypot(own[..., 0], along) > np.cos(np.radians(TWIST_TOLD_DEG / 2))
        return np.where(told, 2 * np.arctan2(along, np.abs(own[..., 0])), 0.0)

    def held_within(self, world: np.ndarray, wanted: np.ndarray) -> tuple[np.ndarray, np.ndarray]:
        """A wanted rotation (..., 4) of the joint in the world, brought back into the range; and (...,) bool, whether
        it had to be."""
        base = world[..., self.base, :]
        own = rotation.multiply(rotation.conjugate(base), wanted)
        angle = 2 * np.arctan2(np.linalg.norm(own[..., 1:], axis=-1), np.abs(own[..., 0]))
        over = angle > self.most_rad
        share = np.where(over, self.most_rad / np.maximum(angle, 1e-9), 1.0)
        held = rotation.multiply(base, rotation.slerp(rotation.IDENTITY, own, share))
        return np.where(over[..., None], held, wanted), over


# Degrees: turning, bending and leaning together. A neck turns by 80 and bends by 60; a trunk, from pelvis to chest,
# turns by 50 and bends by 90; an upper arm twists by 160 from one end of its way to the other; a thigh comes up by 125
# and out and round besides; a foot points by 60 and rolls. Captured ones read 54, 60, 118, 125 and 64 at most.
NECK_DEG, SPINE_DEG, SHOULDER_DEG, HIP_DEG, ANKLE_DEG = 95.0, 115.0, 150.0, 145.0, 85.0
TWIST_TOLD_DEG = 140.0  # of swing, up to which a twist is told
LEAST_DEG, MOST_DEG = 5.0, 360.0  # that can be typed


def ranges_of(anatomy: Anatomy, typed: Mapping[str, float] | None = None) -> tuple[Range, ...]:
    """The ranges of a body, as far as its joints are understood and a rig's rest pose is one of no turn.

    typed : degrees by part, where a person says otherwise
    """
    at: dict[tuple[str, str], list[int]] = {}
    for i, m in enumerate(anatomy.meanings):
        at.setdefault((m.role, m.side), []).append(i)
    pelvis, spine = at.get(("pelvis", ""), []), at.get(("spine", ""), [])
    chest = spine[-1] if spine else pelvis[0] if pelvis else None
    out = []
    if chest is not None and ("head", "") in at:
        out.append(Range("neck", at["head", ""][0], chest, np.radians(NECK_DEG)))
    if spine and pelvis:
        out.append(Range("spine", spine[-1], pelvis[0], np.radians(SPINE_DEG)))
    for side in ("left", "right"):
        upper, lower = at.get(("upper arm", side)), at.get(("forearm", side))
        if chest is None or not upper or not lower:
            continue
        along = anatomy.rig.rest_positions[lower[0]] - anatomy.rig.rest_positions[upper[0]]
        if (size := np.linalg.norm(along)) > 1e-9:
            out.append(Range(f"{side} shoulder", upper[0], chest, np.radians(SHOULDER_DEG), along / size))
    for side in ("left", "right"):
        thigh, shank, foot = (at.get((role, side)) for role in ("thigh", "shank", "foot"))
        if pelvis and thigh:
            out.append(Range(f"{side} hip", thigh[0], pelvis[0], np.radians(HIP_DEG)))
        if shank and foot:
            out.append(Range(f"{side} ankle", foot[0], shank[0], np.radians(ANKLE_DEG)))
    own = typed or {}
    return tuple(replace(r, most_rad=float(np.radians(own[r.part]))) if r.part in own else r for r in out)
