"""The pose that a mannequin is built in: arms and legs spread, so that nothing touches what it is not joined to.

Forward is +z, up +y, left +x. Every joint is turned by the least turn that brings its bone there, so that hands face
the thighs and knees the front whatever the pose the rig is at rest in."""

import numpy as np

from ironarc.core import rotation as rot
from ironarc.core.figure.body import Body, Part
from ironarc.core.mannequin.fields import unit

X, Y, Z = np.eye(3)
SIDE = {"left": 1.0, "right": -1.0}
_ARMS_RAD, _LEGS_RAD = np.radians(64.0), np.radians(9.0)  # out from hanging
_AIMED = {"upper arm": _ARMS_RAD, "forearm": _ARMS_RAD, "hand": _ARMS_RAD, "thigh": _LEGS_RAD, "shank": _LEGS_RAD}
_AS_IN_REST = {"spine", "neck", "head", "collar", "pelvis"}
# Girths over the parts' own, so that the surface holds what the body weighs
FILL = 1.05
REFERENCE_M = 1.81  # the stature that sizes in metres are told for


def _least_turn(a: np.ndarray, b: np.ndarray) -> np.ndarray:
    """(3, 3) the least turn that brings direction a onto b."""
    return rot.to_matrix(rot.between(unit(a), unit(b)))


class Spread:
    """A body in that pose.

    rotation : (joints, 3, 3); position : (joints, 3) m; chains : by segment and side; parts : by segment and side
    size : of the figure beside one of REFERENCE_M
    """

    def __init__(self, body: Body):
        self.body, self.anatomy, self.rig = body, body.anatomy, body.anatomy.rig
        self.size = self.anatomy.height_m / REFERENCE_M
        self.chains = {(chain.segment, chain.side): chain for chain in self.anatomy.chains}
        self.parts: dict[tuple[str, str], list[Part]] = {}
        for part in body.parts:
            self.parts.setdefault((part.segment, part.side), []).append(part)
        ahead = unit(self.anatomy.forward * [1, 0, 1])
        self.rotation, self.position = self._posed(np.array([np.cross(Y, ahead), Y, ahead]))
        tips = [self.at(end.parent, np.array(end.offset) * body.scale_to_m) for end in self.rig.ends]
        self.lowest = float(min(p[1] for p in [*self.position, *tips]))

    def _posed(self, turned: np.ndarray) -> tuple[np.ndarray, np.ndarray]:
        aims = {}
        for (segment, side), chain in self.chains.items():
            if segment in _AIMED:
                out = _AIMED[segment]
                to = np.array([SIDE.get(side, 0.0) * np.sin(out), -np.cos(out), 0.0])
                for bone in chain.bones:
                    aims.setdefault(bone.joint, (turned @ bone.direction, to))
        feet = {bone.joint for (segment, _), c in self.chains.items() if segment == "foot" for bone in c.bones}
        offsets = self.rig.offsets * self.body.scale_to_m
        rotation, position = np.zeros((len(self.rig), 3, 3)), np.zeros((len(self.rig), 3))
        for j, joint in enumerate(self.rig.joints):
            up = joint.parent
            if j in aims:
                rotation[j] = _least_turn(*aims[j]) @ turned
            elif up < 0 or j in feet or self.anatomy.meanings[j].role in _AS_IN_REST:
                rotation[j] = turned
            else:
                rotation[j] = rotation[up]
            position[j] = offsets[j] if up < 0 else position[up] + rotation[up] @ offsets[j]
        return rotation, position

    def at(self, joint: int, local: np.ndarray) -> np.ndarray:
        """(3,) m of a place told in a joint's axes."""
        return self.position[joint] + self.rotation[joint] @ local

    def ends(self, segment: str, side: str = "") -> tuple[np.ndarray, np.ndarray]:
        first, last = self.chains[segment, side].bones[0], self.chains[segment, side].bones[-1]
        return self.at(first.joint, first.start_m), self.at(last.joint, last.end_m)

    def joint_of(self, segment: str, side: str = "") -> int:
        return self.chains[segment, side].bones[0].joint

    def has(self, segment: str, side: str = "") -> bool:
        return (segment, side) in self.chains and (segment, side) in self.parts

    def girth(self, segment: str, side: str = "") -> float:
        """Mean half-axis of a segment's section, m."""
        parts = self.parts[segment, side]
        lengths = [np.linalg.norm(p.end_m - p.start_m) for p in parts]
        area = sum(p.half_width_m * p.half_depth_m * long for p, long in zip(parts, lengths, strict=True))
        return FILL * float(np.sqrt(area / max(sum(lengths), 1e-9)))

    def axes(self, segment: str, side: str) -> tuple[np.ndarray, np.ndarray, np.ndarray]:
        """Outward, to the front and along a limb's segment: (3,) units."""
        bone = self.chains[segment, side].bones[0]
        along = self.rotation[bone.joint] @ bone.direction
        front = unit(Z - along * (along @ Z))
        out = unit(np.cross(front, along))
        return (out if out[0] * SIDE[side] >= 0 else -out), front, along

    @property
    def is_person(self) -> bool:
        return all(self.has(*what) for what in (("trunk", ""), ("thigh", "left"), ("thigh", "right")))

    @property
    def stoutness(self) -> float:
        """0 for a body as heavy for its height as most; 0.3 for one that a coat won't close on."""
        return float(np.clip(0.8 * (self.body.mass_kg / self.anatomy.height_m**3 / 13.83 - 1), -0.1, 0.5))
