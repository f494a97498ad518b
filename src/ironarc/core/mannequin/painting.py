"""What is painted on a mannequin, as signed distances: lines stay thin and sharp whatever the mesh.

Pale cuffs on the left and pins at a machine's hinges; a middle line over face, breast and spine, which shows twist and
the line of action; a pale plate for the face; seams at hinges. Hollows are darkened by how deep they lie."""

import numpy as np
from scipy.sparse import csr_matrix

from ironarc.core.mannequin.fields import unit
from ironarc.core.mannequin.making import Making, Ring

FAR_M = 0.04  # distances are told up to here, at 1.81 m
PALE, MIDDLE, FACE, SEAM = range(4)


def paint(making: Making, points: np.ndarray, on_middle: np.ndarray) -> np.ndarray:
    """(n, 4) m: pale where the first is above 0, a middle line where the second is 0, face where the third is above 0,
    a seam where the fourth is 0. on_middle : (n,) of the trunk or the head."""
    far = FAR_M * making.spread.size
    out = np.full((len(points), 4), far)
    out[:, PALE] = out[:, FACE] = -far
    for ring in making.bands:
        along, aside = _about(ring, points)
        out[:, PALE] = np.maximum(out[:, PALE], np.minimum(ring.half_m - np.abs(along), ring.reach_m - aside))
    for ring in making.pins:
        along, aside = _about(ring, points)
        out[:, PALE] = np.maximum(out[:, PALE], np.minimum(ring.reach_m - aside, ring.half_m - np.abs(along)))
    for ring in making.seams:
        along, aside = _about(ring, points)
        near = (aside < ring.reach_m) & (np.abs(along) < 2.2 * ring.half_m)
        out[:, SEAM] = np.where(near, np.abs(along) - ring.half_m, out[:, SEAM])
    if making.spread.is_person:
        aside = points[:, 0] - float(making.spread.ends("trunk")[0][0])
        out[:, MIDDLE] = np.where(on_middle, aside, np.where(aside >= 0, far, -far))
    if making.face is not None:
        out[:, FACE] = _plate(making, points)
    if making.lamp is not None:
        along, aside = _about(making.lamp, points)
        shown = np.minimum(making.lamp.reach_m - aside, making.lamp.half_m - np.abs(along))
        out[:, FACE] = np.maximum(out[:, FACE], shown)
    return np.clip(out, -far, far)


def _about(ring: Ring, points: np.ndarray) -> tuple[np.ndarray, np.ndarray]:
    d = points - ring.centre
    along = d @ unit(ring.axis)
    return along, np.linalg.norm(d - along[:, None] * unit(ring.axis), axis=1)


def _plate(making: Making, points: np.ndarray) -> np.ndarray:
    """The face: an arch for its top, straight sides that lean in towards the chin."""
    face = making.face
    x, y, z = ((points - face.centre) @ face.axes.T / face.half_m).T
    sides = np.minimum(0.40 + 0.10 * np.minimum(y - 0.22, 0) - np.abs(x), y + 0.90)
    inside = np.where(y > 0.22, 0.40 - np.hypot(x, y - 0.22), sides)
    return np.minimum(inside, z - 0.1) * face.half_m


def hollows(points: np.ndarray, normals: np.ndarray, smooth: csr_matrix, size: float) -> np.ndarray:
    """(n,) 1 on open ground, down to 0.65 in hollows: how far the surface lies below itself smoothed."""
    moved, out = points, np.ones(len(points))
    for i in range(18):
        moved = smooth @ moved
        if i in (5, 11, 17):
            depth = ((moved - points) * normals).sum(axis=1) / (0.020 * size * (1 + i / 9))
            out = np.minimum(out, 1 - np.clip(depth, 0, 0.35))
    return smooth @ out
