"""A lighter surface of the same shape, for what moves where drawing is slow."""

import numpy as np

from ironarc.core.skin.mesh import SkinMesh

LIGHT_VERTICES = 5000


def lighter(mesh: SkinMesh, most: int = LIGHT_VERTICES) -> SkinMesh:
    """Points that lie in one cell of a grid, hang on one joint and have one picture become one: that nearest to their
    middle. The grid is as fine as leaves up to `most` of them; a mesh that has no more is given back."""
    if len(mesh.points) <= most:
        return mesh
    wide = float(np.ptp(mesh.points, axis=0).max())
    low, high = wide / 2000, wide / 4
    for _ in range(12):
        cell = (low * high) ** 0.5
        low, high = (cell, high) if len(np.unique(_cells(mesh, cell))) > most else (low, cell)
    return _clustered(mesh, high)


def _cells(mesh: SkinMesh, cell: float) -> np.ndarray:
    """(n,) one number for the cell a point is in, what it hangs on, and its group."""
    group = np.zeros(len(mesh.points), dtype=int)
    for i, (first, count, _) in enumerate(mesh.groups):
        group[mesh.triangles[first : first + count].ravel()] = i
    place = np.floor((mesh.points - mesh.points.min(axis=0)) / cell).astype(int)
    wide = place.max(axis=0) + 1
    cell_number = (place[:, 0] * wide[1] + place[:, 1]) * wide[2] + place[:, 2]
    return (cell_number * len(mesh.joints) + mesh.held_by) * len(mesh.groups) + group


def _clustered(mesh: SkinMesh, cell: float) -> SkinMesh:
    _, which, counts = np.unique(_cells(mesh, cell), return_inverse=True, return_counts=True)
    middle = np.zeros((len(counts), 3))
    np.add.at(middle, which, mesh.points)
    away = np.linalg.norm(mesh.points - (middle / counts[:, None])[which], axis=1)
    order = np.lexsort((away, which))
    nearest = order[np.unique(which[order], return_index=True)[1]]
    triangles, groups = [], []
    for first, count, image in mesh.groups:
        of = which[mesh.triangles[first : first + count]]
        of = of[(of[:, 0] != of[:, 1]) & (of[:, 1] != of[:, 2]) & (of[:, 2] != of[:, 0])]
        groups.append((sum(map(len, triangles)), len(of), image))
        triangles.append(of)
    return mesh.used(nearest, np.concatenate(triangles), np.array(groups))
