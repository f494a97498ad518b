"""Pure functions of poses: mirrored, swapped, part of the way from one to another.

A pose is local rotations (joints, 4) and the root's place (3,) m; leading dimensions may come before both.
"""

from dataclasses import dataclass

import numpy as np

from ironarc.core import rotation
from ironarc.core.figure.anatomy import Anatomy
from ironarc.core.figure.naming import normal_name
from ironarc.core.figure.skeleton import UP


@dataclass(frozen=True, eq=False)
class Pose:
    """local : (joints, 4) joint from parent; root_m : (3,) m, world, of the first root"""

    local: np.ndarray
    root_m: np.ndarray


def pairs(anatomy: Anatomy) -> np.ndarray:
    """(joints,) int: for each joint the one on the other side that answers to it, itself for one in the middle."""
    names = [normal_name(name) for name in anatomy.rig.names]
    by_name = {name: i for i, name in enumerate(names)}
    by_role: dict[tuple, int] = {}
    for i, m in enumerate(anatomy.meanings):
        by_role.setdefault((m.role, m.side), i)
    out = np.arange(len(names))
    for i, (name, meaning) in enumerate(zip(names, anatomy.meanings, strict=True)):
        for side, other in (("left", "right"), ("right", "left")):
            if name.startswith(f"{side} "):
                out[i] = by_name.get(other + name.removeprefix(side), i)
            elif meaning.side == side and meaning.role and by_role.get((meaning.role, side)) == i:
                out[i] = by_role.get((meaning.role, other), i)
    # no joint answers to two
    mutual = out[out] == np.arange(len(out))
    return np.where(mutual, out, np.arange(len(out)))


def lateral(anatomy: Anatomy) -> np.ndarray:
    """(3,) unit: from the right side to the left in rest."""
    return rotation.cross(UP, anatomy.forward)


def reflected(q: np.ndarray, normal: np.ndarray) -> np.ndarray:
    """Rotations (..., 4) as a mirror square to `normal` (3,) shows them."""
    out = -q
    out[..., 0] = q[..., 0]
    out[..., 1:] += 2.0 * np.einsum("...i,i->...", q[..., 1:], normal)[..., None] * normal
    return out


def heading(root: np.ndarray) -> np.ndarray:
    """(..., 4): the part of the root's rotation about the up axis; none where it lies on its back or its face."""
    return rotation.exp(rotation.twist_about(root, UP)[..., None] * UP)


def mirrored(pose: Pose, anatomy: Anatomy) -> Pose:
    """The pose with left and right changed over, in a mirror that stands along the way the body faces."""
    normal, other = lateral(anatomy), pairs(anatomy)
    root = anatomy.rig.roots[0]
    local = reflected(pose.local, normal)[..., other, :]
    yaw = heading(pose.local[..., root, :])
    lean = rotation.multiply(rotation.conjugate(yaw), pose.local[..., root, :])
    local[..., root, :] = rotation.multiply(yaw, reflected(lean, normal))
    return Pose(local, pose.root_m.copy())


def towards(a: Pose, b: Pose, share: float, joints: np.ndarray | None = None) -> Pose:
    """The pose `share` of the way from a to b, each joint along the sphere; less than 0 or more than 1 go beyond.

    joints : indices of those that go; the root's place goes with the root. None for all
    """
    local, root_m = a.local.copy(), a.root_m.copy()
    which = np.arange(local.shape[-2]) if joints is None else np.asarray(joints, dtype=int)
    local[..., which, :] = rotation.slerp(a.local[..., which, :], b.local[..., which, :], np.float64(share))
    if 0 in which:
        root_m = a.root_m + (b.root_m - a.root_m) * share
    return Pose(local, root_m)
