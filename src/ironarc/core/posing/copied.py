"""A pose taken out of its shot: on the clipboard, on the shelf, in a file; and put on again, also on another body."""

from collections.abc import Sequence
from dataclasses import dataclass

import numpy as np

from ironarc.core import rotation
from ironarc.core.errors import EditError
from ironarc.core.figure.grips import joints_of, parts_by_joint
from ironarc.core.figure.naming import match_names
from ironarc.core.motion import posing
from ironarc.core.motion.posing import Pose
from ironarc.core.posing.stand import Stand

Quaternion = tuple[float, float, float, float]
FEW = 4  # joints that did not match, told by name; more by their number


@dataclass(frozen=True)
class Copied:
    """A pose by the names of its joints.

    turns : {joint: rotation from its parent}; root : the name of the root, "" where it was not copied
    height : of the root over the floor, as a share of the figure's height
    heading_rad : the way it faced; at_m : (3,) where it stood
    """

    turns: dict[str, Quaternion]
    root: str = ""
    height: float = 0.0
    heading_rad: float = 0.0
    at_m: tuple[float, float, float] = (0.0, 0.0, 0.0)

    def checked(self) -> "Copied":
        """Itself; EditError, with the joint, for what is not a valid rotation."""
        if not self.turns:
            raise EditError("This pose holds no joint.")
        for name, turn in self.turns.items():
            if len(turn) != 4 or not np.isfinite(turn).all() or abs(np.linalg.norm(turn) - 1) > 1e-3:
                raise EditError(
                    f"The rotation of {name[:40]} in this pose is not valid: it must be four numbers of length 1."
                )
        if not np.isfinite([self.height, self.heading_rad, *self.at_m]).all() or abs(self.height) > 100:
            raise EditError("The place of this pose must be three numbers.")
        return self


def copied(stand: Stand, parts: Sequence[str] = ()) -> Copied:
    """The pose of some parts (of all for none), with the root where the hips are among them."""
    joints, rig, root = joints_of(stand.body, parts), stand.rig, stand.rig.roots[0]
    turns = {rig.names[j]: tuple(float(v) for v in stand.local[0, j]) for j in joints}
    if root not in joints:
        return Copied(turns)
    at = stand.translation[0, root]
    lean = rotation.multiply(rotation.conjugate(posing.heading(stand.local[0, root])), stand.local[0, root])
    turns[rig.names[root]] = tuple(float(v) for v in lean)
    height = (at[1] - stand.reading.floor_m) / stand.body.anatomy.height_m
    yaw = float(rotation.twist_about(stand.local[0, root], np.array([0.0, 1.0, 0.0])))
    return Copied(turns, rig.names[root], float(height), yaw, tuple(float(v) for v in at))


def pasted(
    stand: Stand, pose: Copied, parts: Sequence[str], share: float, mirrored: bool, place: bool
) -> tuple[Stand, list[str]]:
    """The stand with a share of a pose put on, and what is to be said of it.

    The body keeps its place over the floor and the way it faces, unless `place` is taken too; heights go by the
    figure's own. EditError where no joint matches.
    """
    pose.checked()
    rig, root = stand.rig, stand.rig.roots[0]
    wanted = set(joints_of(stand.body, parts))
    match = match_names(list(pose.turns), rig.names)
    if not match and len(pose.turns) > (pose.root in pose.turns):
        raise EditError(
            f"No joint of this pose answers to one of {stand.performer.name}: it has "
            f"{', '.join(list(pose.turns)[:FEW])} and so on. Choose a pose of a figure that is built alike."
        )
    if pose.root in pose.turns:
        # a root is one whatever it is called
        match = {name: there for name, there in match.items() if there != rig.names[root]}
        match[pose.root] = rig.names[root]
    full = stand.local[0].copy()
    at = stand.translation[0, root].copy()
    for name, there in match.items():
        full[rig.index(there)] = np.array(pose.turns[name]) / np.linalg.norm(pose.turns[name])
    given = {rig.index(there) for there in match.values()}
    if pose.root:
        yaw = rotation.about_axis("Y", pose.heading_rad) if place else posing.heading(stand.local[0, root])
        full[root] = rotation.multiply(yaw, full[root])
        at[1] = stand.reading.floor_m + pose.height * stand.body.anatomy.height_m
        if place:
            at[[0, 2]] = np.array(pose.at_m)[[0, 2]]
    there = Pose(full, at)
    if mirrored:
        there = posing.mirrored(there, stand.body.anatomy)
        other = posing.pairs(stand.body.anatomy)
        given = {int(other[j]) for j in given}
    joints = np.array(sorted(given & wanted), dtype=int)
    if not len(joints):
        raise EditError(
            f"This pose has nothing for {', '.join(parts)}. Select another part, or none to paste all of it."
        )
    lost = [name for name in pose.turns if name not in match]
    says = []
    if lost:
        which = ", ".join(lost) if len(lost) <= FEW else f"{len(lost)} joints"
        says.append(f"{which} of the pose {'have' if len(lost) > 1 else 'has'} no match on {stand.performer.name}.")
    return stand.with_pose(posing.towards(stand.pose, there, share, joints)), says


def part_names(stand: Stand, pose: Copied) -> list[str]:
    """The parts of a body that a pose has something for."""
    match = match_names(list(pose.turns), stand.rig.names)
    by_joint = parts_by_joint(stand.body)
    return list(dict.fromkeys(by_joint[stand.rig.index(there)] for there in match.values()))
