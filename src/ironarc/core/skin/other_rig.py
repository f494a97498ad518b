"""A skin put on another rig whose joints match."""

from dataclasses import dataclass, replace

import numpy as np

from ironarc.core import rotation as rot
from ironarc.core.errors import EditError
from ironarc.core.figure.naming import match_names
from ironarc.core.figure.rig import Rig
from ironarc.core.skin.mesh import SkinMesh, unit_rows

LEAST_MATCHED = 0.6  # of the surface, below which it would be somebody else's
_BONE = 1e-6


@dataclass(frozen=True)
class Fit:
    """mesh : in the other rig's rest and unit, on its joints; unmatched : names of the skin's joints that had none"""

    mesh: SkinMesh
    unmatched: tuple[str, ...]


def fitted_to(mesh: SkinMesh, rig: Rig) -> Fit:
    """A skin in another rig's rest pose. Joints go by names; each bone is turned the way it points in the other rig,
    and what hangs on a joint without a match goes along with the next one above that has one. EditError where less
    than LEAST_MATCHED of the surface has a joint."""
    match = match_names(list(mesh.joints), list(rig.names))
    to = np.array([rig.index(match[name]) if name in match else -1 for name in mesh.joints])
    weight = np.zeros(len(mesh.joints))
    np.add.at(weight, mesh.bones.ravel(), mesh.shares.ravel())
    unmatched = tuple(n for n, j, w in zip(mesh.joints, to, weight, strict=True) if j < 0 and w > 0)
    if weight[to >= 0].sum() < LEAST_MATCHED * weight.sum():
        some = ", ".join(unmatched[:4]) + (" and others" if len(unmatched) > 4 else "")
        raise EditError(
            f"Its joints don't match this performer's: {some} have none of that name. Rename them, or bring the "
            "character in as a performer of its own."
        )
    stands = _stand_ins(mesh, to)
    size = _size(mesh, rig, to)
    turn, place = _rest_of(mesh, rig, stands, size)
    turns = np.einsum("nk,nkij->nij", mesh.shares, turn[mesh.bones])
    moved = np.einsum("nkij,nkj->nki", turn[mesh.bones], mesh.points[:, None] - mesh.rest[mesh.bones])
    points = np.einsum("nk,nki->ni", mesh.shares, size * moved + place[mesh.bones])
    normals = unit_rows(np.einsum("nij,nj->ni", turns, mesh.normals))
    worn = sorted(set(to[to >= 0]))
    number = {joint: i for i, joint in enumerate(worn)}
    bones = np.array([number[to[s]] for s in stands])[mesh.bones]
    parents = [next((number[a] for a in _above(rig, j) if a in number), -1) for j in worn]
    out = replace(
        mesh, points=points, normals=normals, bones=bones, joints=tuple(rig.names[j] for j in worn),
        rest=rig.rest_positions[worn], parents=np.array(parents),
    )  # fmt: skip
    return Fit(out, unmatched)


def _above(rig: Rig, joint: int):
    while (joint := rig.joints[joint].parent) >= 0:
        yield joint


def _stand_ins(mesh: SkinMesh, to: np.ndarray) -> np.ndarray:
    """(joints,) each one's own number, or that of the joint above that has a match; the first matched for none."""
    first = int(np.flatnonzero(to >= 0)[0])
    out = np.arange(len(to))
    for i in range(len(to)):
        at = i
        while at >= 0 and to[at] < 0:
            at = int(mesh.parents[at])
        out[i] = at if at >= 0 else first
    return out


def _size(mesh: SkinMesh, rig: Rig, to: np.ndarray) -> float:
    """How many times as large it becomes: the lengths of matched bones, taken together."""
    own = theirs = 0.0
    for i, j in enumerate(to):
        up = int(mesh.parents[i])
        if j >= 0 and up >= 0 and to[up] >= 0:
            own += np.linalg.norm(mesh.rest[i] - mesh.rest[up])
            theirs += np.linalg.norm(rig.rest_positions[j] - rig.rest_positions[to[up]])
    return theirs / own if own > _BONE and theirs > _BONE else 1.0


def _rest_of(mesh: SkinMesh, rig: Rig, stands: np.ndarray, size: float) -> tuple[np.ndarray, np.ndarray]:
    """(joints, 3, 3) and (joints, 3): how each joint of the skin is turned, and where it stands, in the rig's rest."""
    match = match_names(list(mesh.joints), list(rig.names))
    at = {i: rig.index(match[name]) for i, name in enumerate(mesh.joints) if name in match}
    below: dict[int, list[int]] = {}
    for i in at:
        up = int(mesh.parents[i])
        if up in at:
            below.setdefault(up, []).append(i)
    turn = np.tile(np.eye(3), (len(mesh.joints), 1, 1))
    place = np.zeros((len(mesh.joints), 3))
    for i, j in at.items():
        place[i] = rig.rest_positions[j]
        up = int(mesh.parents[i])
        if len(below.get(i, ())) == 1:
            child = below[i][0]
            was, now = mesh.rest[child] - mesh.rest[i], rig.rest_positions[at[child]] - rig.rest_positions[j]
            if min(np.linalg.norm(was), np.linalg.norm(now)) > _BONE:
                turn[i] = rot.to_matrix(rot.between(was / np.linalg.norm(was), now / np.linalg.norm(now)))
        elif i not in below and up in at:
            turn[i] = turn[up]  # an end goes on as the bone before it
    for i, stand in enumerate(stands):
        if i not in at:
            turn[i] = turn[stand]
            place[i] = place[stand] + size * turn[stand] @ (mesh.rest[i] - mesh.rest[stand])
    return turn, place
