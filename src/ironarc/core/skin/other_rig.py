"""A skin put on another rig whose joints match."""

from dataclasses import dataclass, replace

import numpy as np

from ironarc.core import rotation as rot
from ironarc.core.errors import EditError
from ironarc.core.figure.anatomy import find_anatomy
from ironarc.core.figure.naming import NO_MASS, match_names
from ironarc.core.figure.rig import Joint, Rig
from ironarc.core.skin.mesh import SkinMesh, unit_rows

LEAST_MATCHED = 0.6  # of the surface, below which it would be somebody else's
_BONE = 1e-6


@dataclass(frozen=True)
class Fit:
    """mesh : in the other rig's rest and unit, on its joints; unmatched : names of the skin's joints that had none"""

    mesh: SkinMesh
    unmatched: tuple[str, ...]


def fitted_to(mesh: SkinMesh, rig: Rig) -> Fit:
    """A skin in another rig's rest pose. Joints go by names, then by what
    they are understood to be; each bone is turned the way it points in the other rig,
    and what hangs on a joint without a match goes along with the next one above that has one. EditError where less
    than LEAST_MATCHED of the surface has a joint."""
    to = _matched(mesh, rig)
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
    turn, place = _rest_of(mesh, rig, to, stands, size)
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


def _matched(mesh: SkinMesh, rig: Rig) -> np.ndarray:
    """(joints,) the rig's joint for each of the skin's, -1 for none: by names, then by what both are understood to be.
    Of a chain that has more joints on one side than on the other as many are matched as there are on both, evenly."""
    names = match_names(list(mesh.joints), list(rig.names))
    to = np.array([rig.index(names[name]) if name in names else -1 for name in mesh.joints])
    own = find_anatomy(_rig_of(mesh), 1.0).meanings
    theirs = find_anatomy(rig, 1.0).meanings
    for key in dict.fromkeys((m.role, m.side) for m in own if m.role and m.role not in NO_MASS):
        mine = [i for i, m in enumerate(own) if (m.role, m.side) == key and to[i] < 0]
        free = [j for j, m in enumerate(theirs) if (m.role, m.side) == key and j not in to]
        many = min(len(mine), len(free))
        for k in range(many):
            to[mine[k * len(mine) // many]] = free[k * len(free) // many]
    return to


def _rig_of(mesh: SkinMesh) -> Rig:
    """The skeleton that a skin came with, without channels."""
    offsets = np.where(mesh.parents[:, None] >= 0, mesh.rest - mesh.rest[mesh.parents], mesh.rest)
    rows = zip(mesh.joints, mesh.parents, offsets, strict=True)
    return Rig(tuple(Joint(name, int(parent), tuple(map(float, at))) for name, parent, at in rows))


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


def _rest_of(
    mesh: SkinMesh, rig: Rig, to: np.ndarray, stands: np.ndarray, size: float
) -> tuple[np.ndarray, np.ndarray]:
    """(joints, 3, 3) and (joints, 3): how each joint of the skin is turned, and where it stands, in the rig's rest."""
    at = {i: int(j) for i, j in enumerate(to) if j >= 0}
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
