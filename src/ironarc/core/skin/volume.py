"""How much of a skin's volume lies on each joint."""

import numpy as np

from ironarc.core.skin.mesh import SkinMesh

_SAME = 1e-6  # of the whole's length: points as near are one, where a picture's seam parts them


def volumes(mesh: SkinMesh) -> tuple[np.ndarray, int]:
    """(joints,) volume on each joint in the mesh's unit, cubed, and how many edges only one triangle has.

    A triangle belongs to the joint that holds most of it. Where two joints meet, the cut between their triangles is
    closed by a fan about its middle, which one gains and the other gives: of a closed surface the sum is the whole's
    volume (divergence theorem).
    """
    points, triangles = _welded(mesh)
    held = mesh.held_by
    corners = held[mesh.triangles]
    owner = np.where(corners[:, 1] == corners[:, 2], corners[:, 1], corners[:, 0])
    kept = (triangles[:, 0] != triangles[:, 1]) & (triangles[:, 1] != triangles[:, 2]) & (
        triangles[:, 2] != triangles[:, 0]
    )  # fmt: skip
    triangles, owner = triangles[kept], owner[kept]
    middle = points.mean(axis=0) if len(points) else np.zeros(3)
    points = points - middle
    out = np.zeros(len(mesh.joints))
    a, b, c = points[triangles].swapaxes(0, 1)
    np.add.at(out, owner, np.einsum("ni,ni->n", a, np.cross(b, c)) / 6)

    # every directed edge with the one that runs back along it
    edges = np.concatenate([triangles[:, [0, 1]], triangles[:, [1, 2]], triangles[:, [2, 0]]])
    of = np.tile(owner, 3)
    n = len(points)
    there, back = edges[:, 0] * n + edges[:, 1], edges[:, 1] * n + edges[:, 0]
    order = np.argsort(there, kind="stable")
    at = np.searchsorted(there[order], back)
    at = np.minimum(at, max(len(there) - 1, 0))
    met = there[order][at] == back if len(there) else np.zeros(0, dtype=bool)
    other = np.where(met, of[order][at], -1) if len(there) else of
    cut = met & (of < other)
    pairs = of[cut] * len(mesh.joints) + other[cut]
    for pair in np.unique(pairs):
        mine = edges[cut][pairs == pair]
        apex = points[np.unique(mine)].mean(axis=0)
        # the fan closes the first one's piece against its edges' way, the second's along it
        fan = np.einsum("ni,ni->n", np.cross(points[mine[:, 1]], points[mine[:, 0]]), apex[None]).sum() / 6
        first, second = divmod(int(pair), len(mesh.joints))
        out[first] += fan
        out[second] -= fan
    return np.maximum(out, 0.0), int((~met).sum())


def _welded(mesh: SkinMesh) -> tuple[np.ndarray, np.ndarray]:
    """Points and triangles, where points that lie on one another are one."""
    wide = max(float(np.ptp(mesh.points, axis=0).max()), 1e-12)
    _, first, which = np.unique(
        np.round(mesh.points / (wide * _SAME)).astype(np.int64), axis=0, return_index=True, return_inverse=True
    )
    return mesh.points[first].astype(float), which.ravel()[mesh.triangles]
