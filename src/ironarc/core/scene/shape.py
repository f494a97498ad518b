"""A mesh that a prop is seen as, and its convex hull, which bodies touch."""

import struct
import zlib
from dataclasses import dataclass
from functools import cached_property
from hashlib import blake2b

import numpy as np
from scipy.spatial import ConvexHull, QhullError

from ironarc.core.errors import FileError
from ironarc.core.settings import MAX_MESH_POINTS, MAX_MESH_TRIANGLES

MOST_CORNERS = 128  # of a hull that is touched; one with more is that of its outermost points
_FLAT = 1e-4  # of its largest size, under which a mesh is a sheet


@dataclass(frozen=True, eq=False)
class Hull:
    """Convex, in a box of −½ … ½ to its side and ahead and of 0 … 1 up. corners : (n, 3); faces : (m, 4) outward normal
    and offset, n · p + d ≤ 0 inside; volume, middle (3,) and moments, the second ones about it (3, 3), are those of
    all of it, in the box's units"""

    corners: np.ndarray
    faces: np.ndarray
    volume: float
    middle: np.ndarray
    moments: np.ndarray


@dataclass(frozen=True, eq=False)
class Shape:
    """name : of the file it came in; packed : (bytes,) uint8, its points in the box a hull has, and its triangles"""

    name: str
    packed: np.ndarray

    @cached_property
    def digest(self) -> str:
        """Shapes with the same one are the same mesh."""
        return blake2b(self.packed.tobytes(), digest_size=12).hexdigest()

    @cached_property
    def mesh(self) -> tuple[np.ndarray, np.ndarray]:
        """Points (n, 3) in the box, and triangles (m, 3)."""
        data = zlib.decompress(self.packed.tobytes())
        points, triangles = struct.unpack_from("<II", data)
        places = np.frombuffer(data, "<f4", 3 * points, 8).reshape(-1, 3).astype(float)
        return places, np.frombuffer(data, "<u4", 3 * triangles, 8 + 12 * points).reshape(-1, 3).astype(int)

    @cached_property
    def hull(self) -> Hull:
        """What is touched of it."""
        return hull_of(self.mesh[0])


def shape_of(name: str, points: np.ndarray, triangles: np.ndarray) -> tuple[Shape, tuple[float, float, float]]:
    """A shape of points (n, 3) m with y up and triangles (m, 3), and its size in m. FileError for one that is too
    large, empty or flat."""
    if not len(triangles):
        raise FileError("there are no faces in it.")
    used, triangles = np.unique(triangles, return_inverse=True)
    points, triangles = points[used], triangles.reshape(-1, 3)
    if len(points) > MAX_MESH_POINTS or len(triangles) > MAX_MESH_TRIANGLES:
        raise FileError(
            f"it has {len(points):,} points and {len(triangles):,} triangles; {MAX_MESH_POINTS:,} and "
            f"{MAX_MESH_TRIANGLES:,} are the most. Export a lighter one."
        )
    low, high = points.min(axis=0), points.max(axis=0)
    size = high - low
    if not np.isfinite(size).all() or size.min() <= _FLAT * size.max():
        raise FileError("it is flat, or a line: a prop needs a width, a height and a depth.")
    boxed = (points - [(low[0] + high[0]) / 2, low[1], (low[2] + high[2]) / 2]) / size
    data = struct.pack("<II", len(points), len(triangles)) + boxed.astype("<f4").tobytes()
    packed = np.frombuffer(zlib.compress(data + triangles.astype("<u4").tobytes()), np.uint8)
    made = Shape(name, packed)
    try:
        _ = made.hull
    except QhullError as error:
        raise FileError("it has no volume: all its points lie in one plane.") from error
    return made, tuple(float(v) for v in size)


def hull_of(points: np.ndarray) -> Hull:
    """The convex hull of points (n, 3), of its outermost corners where there are many. Raises QhullError for points in
    one plane."""
    found = ConvexHull(points)
    volume, middle, moments = _solid_moments(found.points, found.simplices)
    corners = points[found.vertices]
    if len(corners) > MOST_CORNERS:
        # the farthest in each of so many directions that lie evenly on a ball
        i = np.arange(4 * MOST_CORNERS) + 0.5
        up, round_ = 1 - 2 * i / len(i), np.pi * (1 + np.sqrt(5)) * i
        level = np.sqrt(1 - up * up)
        ways = np.column_stack([level * np.cos(round_), up, level * np.sin(round_)])
        far, times = np.unique(np.argmax(corners @ ways.T, axis=0), return_counts=True)
        corners = corners[far[np.argsort(-times)][:MOST_CORNERS]]
        found = ConvexHull(corners)
        corners = corners[found.vertices]
    faces = np.unique(np.round(found.equations, 9), axis=0)
    return Hull(corners, faces, volume, middle, moments)


def _solid_moments(points: np.ndarray, triangles: np.ndarray) -> tuple[float, np.ndarray, np.ndarray]:
    """Volume, middle (3,) and second moments (3, 3) about it, over the volume, of what triangles close in: by
    tetrahedra from a point within."""
    inside = points.mean(axis=0)
    corners = points[triangles] - inside
    volumes = np.abs(np.linalg.det(corners)) / 6
    volume = float(volumes.sum())
    middle = (volumes[:, None] * corners.sum(axis=1)).sum(axis=0) / 4 / volume
    sums = corners.sum(axis=1)
    each = np.einsum("tci,tcj->tij", corners, corners) + np.einsum("ti,tj->tij", sums, sums)
    moments = np.einsum("t,tij->ij", volumes, each) / 20 / volume - np.outer(middle, middle)
    return volume, middle + inside, moments
