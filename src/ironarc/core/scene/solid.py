"""Plain solids, alone or as parts of a prop: where their surface is, and how their weight lies.

A solid's own axes: x to its side, y up, z ahead; it stands on the middle of its foot. Sizes are width (x), height (y)
and depth (z) in metres; a bar runs along x and is as thick as it is high; a ball is as wide as it is high and deep.
"""

from dataclasses import dataclass

import numpy as np

from ironarc.core import rotation
from ironarc.core.errors import EditError, check_number
from ironarc.core.scene.shape import Hull, Shape

KINDS = ("box", "wall", "bar", "ramp", "ball")
MESH = "shape"  # one more kind: the hull of a mesh
SMALLEST_M, LARGEST_M = 0.01, 200.0
TURN_ORDER = "YXZ"
AT_ONCE = 16  # faces of a hull that points are held against
FOOT = -0.99  # what a face looks down by that a prop stands on


@dataclass(frozen=True)
class Solid:
    """size_m : (3,) m; at_m : (3,) m the middle of its foot, turn_rad : (3,) about y, x and z, in the prop's own axes

    density : times that of the prop's first solid; shape : the mesh that one of kind "shape" is
    """

    kind: str
    size_m: tuple[float, float, float]
    at_m: tuple[float, float, float] = (0.0, 0.0, 0.0)
    turn_rad: tuple[float, float, float] = (0.0, 0.0, 0.0)
    density: float = 1.0
    shape: Shape | None = None

    def checked(self, name: str) -> "Solid":
        """Itself; EditError, with the prop's name, for a kind, a size or a place that can't be."""
        if self.kind not in KINDS and not (self.kind == MESH and self.shape is not None):
            raise EditError(f"A prop is one of {', '.join(KINDS)}; {self.kind!r} was given.")
        for word, value in zip(("width", "height", "depth"), self.size_m, strict=True):
            if not (np.isfinite(value) and SMALLEST_M <= value <= LARGEST_M):
                raise EditError(
                    f"{name}: its {word} must lie between {SMALLEST_M * 100:.0f} cm and {LARGEST_M:.0f} m; "
                    f"{value:g} m was given."
                )
        if not np.isfinite([*self.at_m, *self.turn_rad]).all() or np.abs(self.at_m).max() > 1000:
            raise EditError(f"{name}: its place lies within 1000 m of the middle of the stage.")
        for turn in self.turn_rad:
            check_number(f"The turn of {name}", turn)
        if not (np.isfinite(self.density) and 1e-4 <= self.density <= 1e4):
            raise EditError(f"{name}: a part of it can't be {self.density:g} times as dense as the rest.")
        return self

    @property
    def turn(self) -> np.ndarray:
        """(4,): its rotation."""
        return rotation.from_euler(TURN_ORDER, np.array([self.turn_rad]))[0]

    @property
    def volume_m3(self) -> float:
        w, h, d = self.size_m
        if self.shape is not None and self.kind == MESH:
            return self.shape.hull.volume * w * h * d
        shares = {"ball": np.pi / 6 * h**3, "bar": np.pi / 4 * h * h * w, "ramp": w * h * d / 2}
        return float(shares.get(self.kind, w * h * d))

    @property
    def weight(self) -> float:
        """m³ as dense as the prop's first solid that weigh as much."""
        return self.volume_m3 * self.density

    @property
    def middle_m(self) -> np.ndarray:
        """(3,) m: the middle of its weight, in the prop's axes."""
        _, h, d = self.size_m
        if self.kind == MESH:
            return np.array(self.at_m) + rotation.rotate(self.turn, self.shape.hull.middle * np.array(self.size_m))
        own = np.array([0.0, h / 3, d / 6]) if self.kind == "ramp" else np.array([0.0, h / 2, 0.0])
        return np.array(self.at_m) + rotation.rotate(self.turn, own)

    def spread(self) -> np.ndarray:
        """(3, 3) m²: inertia by mass about its middle, in the prop's axes: a full ball, box or wedge, a rod as thick as
        it is high."""
        w, h, d = self.size_m
        if self.kind == "ball":
            own = np.eye(3) * 0.1 * h * h
        elif self.kind == "bar":
            across = (3 * (h / 2) ** 2 + w * w) / 12
            own = np.diag([(h / 2) ** 2 / 2, across, across])
        elif self.kind == MESH:
            over = self.shape.hull.moments * np.outer(self.size_m, self.size_m)
            own = np.eye(3) * np.trace(over) - over
        elif self.kind == "ramp":
            # a triangle of legs h and d about its centroid, as far as it goes to the side
            yy, zz, yz, xx = h * h / 18, d * d / 18, h * d / 36, w * w / 12
            own = np.array([[yy + zz, 0, 0], [0, xx + zz, -yz], [0, -yz, xx + yy]])
        else:
            own = np.diag([h * h + d * d, w * w + d * d, w * w + h * h]) / 12
        r = rotation.to_matrix(self.turn)
        return r @ own @ r.T

    def distance(self, points: np.ndarray, stands: bool = False) -> np.ndarray:
        """Distance (...,) m of points (..., 3) in the prop's axes to its surface, less than 0 inside.

        stands : on the floor, so that there is no way out of it through its foot
        """
        if any(self.at_m) or any(self.turn_rad):
            points = rotation.rotate(self.turn, points - np.array(self.at_m), back=True)
            stands = stands and abs(self.at_m[1]) < 1e-3 and not any(self.turn_rad[1:])
        w, h, d = self.size_m
        p = points - [0.0, h / 2, 0.0]
        if self.kind == "ball":
            return np.linalg.norm(p, axis=-1) - h / 2
        if self.kind == "bar":
            beyond = p - np.clip(p[..., :1], -w / 2, w / 2) * [1.0, 0.0, 0.0]
            return np.linalg.norm(beyond, axis=-1) - h / 2
        if self.kind == MESH:
            return _hull_distance(points, self.shape.hull, np.array(self.size_m), stands)
        if self.kind == "ramp":
            return _ramp_distance(points, w, h, d, stands)
        q = np.abs(p) - np.array([w, h, d]) / 2
        if stands:
            q[..., 1] = p[..., 1] - h / 2
        return np.linalg.norm(np.maximum(q, 0.0), axis=-1) + np.minimum(q.max(axis=-1), 0.0)


def _hull_distance(points: np.ndarray, hull: Hull, size: np.ndarray, stands: bool) -> np.ndarray:
    """The farthest of a hull's faces: exact over a face and within; past an edge it is less than the true distance."""
    faces = hull.faces
    if stands:
        faces = faces[faces[:, 1] > FOOT]
    normals = faces[:, :3] / size
    long = np.linalg.norm(normals, axis=1, keepdims=True)
    normals, off = normals / long, faces[:, 3] / long[:, 0]
    found = np.full(points.shape[:-1], -np.inf)
    for a in range(0, len(faces), AT_ONCE):
        found = np.maximum(found, (points @ normals[a : a + AT_ONCE].T + off[a : a + AT_ONCE]).max(axis=-1))
    return found


def _ramp_distance(points: np.ndarray, w: float, h: float, d: float, stands: bool) -> np.ndarray:
    """A wedge that climbs from nothing at z = -d/2 to h at z = +d/2: the farthest of its five faces.

    Exact over a face; past an edge it is less than the true distance, by a share that doesn't matter to a touch.
    """
    slope = np.array([0.0, d, -h]) / np.hypot(d, h)
    faces = [
        np.abs(points[..., 0]) - w / 2,
        np.full(points.shape[:-1], -np.inf) if stands else -points[..., 1],
        points[..., 2] - d / 2,
        (points + np.array([0.0, 0.0, d / 2])) @ slope,
    ]
    return np.max(faces, axis=0)
