"""From solids to one closed surface: a grid of distances, and surface nets over it.

Surface nets: one vertex in every cell that the surface goes through, at the mean of where it crosses the cell's edges,
and a quadrilateral about every edge that is crossed (Gibson 1998, Constrained elastic surface nets)."""

import itertools
from collections.abc import Sequence
from dataclasses import dataclass

import numpy as np
from scipy.sparse import csr_matrix
from scipy.sparse.csgraph import connected_components

from ironarc.core.mannequin.fields import Field, smooth_min

MOST_CELLS = 1.2e6
_MARGIN_M = 0.03
_LEAST_PIECE = 60  # vertices; less is dust that a cut left behind


@dataclass(frozen=True)
class Solid:
    """A field that is added to what is there, or cut from it; blend : m over which the two run into one another."""

    field: Field
    blend: float
    cut: bool = False


@dataclass(frozen=True)
class Finer:
    """Lengths count `times` from `at` on along an axis, eased in over `over` m; the two others stretch about `centre`.

    axis : 0 (to both sides of the middle), 1; way : 1 from `at` upwards, −1 downwards
    """

    axis: int
    way: int
    at: float
    over: float
    times: float
    centre: np.ndarray

    def _beyond(self, points: np.ndarray) -> np.ndarray:
        along = np.abs(points[..., 0]) if self.axis == 0 else self.way * points[..., self.axis]
        return along - (self.at if self.axis == 0 else self.way * self.at)

    def _placed(self, points: np.ndarray, beyond: np.ndarray, moved: np.ndarray) -> np.ndarray:
        """Those beyond set to `moved` m from where it begins."""
        own = points[..., self.axis]
        to = np.sign(own) * (self.at + moved) if self.axis == 0 else self.at + self.way * moved
        return np.where(beyond > 0, to, own)

    def _scale(self, beyond: np.ndarray) -> np.ndarray:
        return 1 + (self.times - 1) * np.clip(beyond / self.over, 0, 1)

    def to_grid(self, points: np.ndarray) -> np.ndarray:
        beyond = self._beyond(points)
        eased = np.clip(beyond, 0, self.over)
        far = (self.times - 1) * (eased * eased / (2 * self.over) + np.maximum(beyond - self.over, 0))
        out = self.centre + (points - self.centre) * self._scale(beyond)[..., None]
        out[..., self.axis] = self._placed(points, beyond, np.maximum(beyond, 0) + far)
        return out

    def from_grid(self, points: np.ndarray) -> np.ndarray:
        far = self._beyond(points)
        k = (self.times - 1) / self.over
        edge = self.over * (1 + self.times) / 2
        near = (np.sqrt(1 + 2 * k * np.clip(far, 0, edge)) - 1) / k
        beyond = np.where(far <= edge, np.where(far > 0, near, 0.0), self.over + (far - edge) / self.times)
        out = self.centre + (points - self.centre) / self._scale(beyond)[..., None]
        out[..., self.axis] = self._placed(points, far, beyond)
        return out


class Warp:
    """Where the grid is finer than elsewhere."""

    def __init__(self, finer: Sequence[Finer] = ()):
        self.finer = tuple(finer)

    def to_grid(self, points: np.ndarray) -> np.ndarray:
        for one in self.finer:
            points = one.to_grid(points)
        return points

    def from_grid(self, points: np.ndarray) -> np.ndarray:
        for one in reversed(self.finer):
            points = one.from_grid(points)
        return points


def surface(solids: Sequence[Solid], cell_m: float, warp: Warp) -> tuple[np.ndarray, np.ndarray]:
    """One surface of all solids, in order. Returns points (n, 3) m and triangles (m, 3), outside in view when they
    turn left. The cells grow where the grid would have more than MOST_CELLS."""
    boxes = [_grid_box(solid, warp) for solid in solids]
    kept = [box for box, solid in zip(boxes, solids, strict=True) if not solid.cut]
    low, high = np.min([box[0] for box in kept], axis=0), np.max([box[1] for box in kept], axis=0)
    cell_m = max(cell_m, float(np.prod(high - low) / MOST_CELLS) ** (1 / 3))
    low = low - 2 * cell_m
    shape = np.ceil((high + 2 * cell_m - low) / cell_m).astype(int) + 1
    distance = np.full(shape, 0.5, dtype=np.float32)
    lines = [low[i] + cell_m * np.arange(shape[i]) for i in range(3)]
    for solid, (begin, end) in zip(solids, boxes, strict=True):
        a = np.clip(np.floor((begin - low) / cell_m).astype(int), 0, shape)
        b = np.clip(np.ceil((end - low) / cell_m).astype(int) + 1, 0, shape)
        if (b <= a).any():
            continue
        here = tuple(slice(*ends) for ends in zip(a, b, strict=True))
        places = np.stack(np.meshgrid(*(line[s] for line, s in zip(lines, here, strict=True)), indexing="ij"), axis=-1)
        found = solid.field(warp.from_grid(places).astype(np.float32))
        if solid.cut:
            distance[here] = -smooth_min(-distance[here], found, solid.blend)
        else:
            distance[here] = smooth_min(distance[here], found, solid.blend)
    points, quads = _nets(distance)
    points = warp.from_grid(low + cell_m * points)
    return _tidy(points, _split(points, quads))


def _grid_box(solid: Solid, warp: Warp) -> tuple[np.ndarray, np.ndarray]:
    low, high = solid.field.box()
    low, high = low - solid.blend - _MARGIN_M, high + solid.blend + _MARGIN_M
    lines = [np.linspace(low[i], high[i], 5) for i in range(3)]
    places = warp.to_grid(np.stack(np.meshgrid(*lines, indexing="ij"), axis=-1).reshape(-1, 3))
    return places.min(axis=0), places.max(axis=0)


def _nets(distance: np.ndarray) -> tuple[np.ndarray, np.ndarray]:
    """Vertices (n, 3) in cells of the grid, and quadrilaterals (m, 4)."""
    inside = distance < 0
    nx, ny, nz = (n - 1 for n in distance.shape)
    corners = list(itertools.product((0, 1), repeat=3))
    count = np.zeros((nx, ny, nz), dtype=np.uint8)
    for i, j, k in corners:
        count += inside[i : nx + i, j : ny + j, k : nz + k]
    active = (count > 0) & (count < 8)
    cells = np.argwhere(active)
    number = np.full((nx, ny, nz), -1, dtype=np.int64)
    number[active] = np.arange(len(cells))
    at = {corner: distance[tuple((cells + corner).T)].astype(float) for corner in corners}
    total, crossed = np.zeros((len(cells), 3)), np.zeros(len(cells))
    for corner in corners:
        for axis in range(3):
            if corner[axis]:
                continue
            other = tuple(1 if a == axis else corner[a] for a in range(3))
            a, b = at[corner], at[other]
            cut = (a < 0) != (b < 0)
            where = np.tile(np.array(corner, dtype=float), (len(cells), 1))
            where[:, axis] = np.where(cut, a / np.where(cut, a - b, 1.0), 0.0)
            total[cut] += where[cut]
            crossed[cut] += 1
    return cells + total / crossed[:, None], np.concatenate([_about(inside, number, axis) for axis in range(3)])


def _about(inside: np.ndarray, number: np.ndarray, axis: int) -> np.ndarray:
    """(m, 4) cells about the edges along an axis that the surface crosses."""
    u, v = (axis + 1) % 3, (axis + 2) % 3
    here, there = [slice(1, -1)] * 3, [slice(1, -1)] * 3
    here[axis], there[axis] = slice(0, -1), slice(1, None)
    a, b = inside[tuple(here)], inside[tuple(there)]
    out = []
    for turned, crossed in ((False, a & ~b), (True, ~a & b)):
        edges = np.argwhere(crossed)
        edges[:, [u, v]] += 1
        around = []
        for du, dv in ((1, 1), (0, 1), (0, 0), (1, 0)):
            cell = edges.copy()
            cell[:, u] -= du
            cell[:, v] -= dv
            around.append(number[tuple(cell.T)])
        quads = np.stack(around, axis=1)
        out.append(quads[:, ::-1] if turned else quads)
    return np.concatenate(out)


def _split(points: np.ndarray, quads: np.ndarray) -> np.ndarray:
    """Quadrilaterals as triangles, along the shorter diagonal."""
    one = np.linalg.norm(points[quads[:, 0]] - points[quads[:, 2]], axis=1)
    two = np.linalg.norm(points[quads[:, 1]] - points[quads[:, 3]], axis=1)
    turned = np.where((one <= two)[:, None], quads, np.roll(quads, -1, axis=1))
    return np.concatenate([turned[:, [0, 1, 2]], turned[:, [0, 2, 3]]])


def neighbours(count: int, triangles: np.ndarray) -> csr_matrix:
    """(n, n) 1 where two vertices share an edge."""
    edges = np.concatenate([triangles[:, [0, 1]], triangles[:, [1, 2]], triangles[:, [2, 0]]])
    edges = np.concatenate([edges, edges[:, ::-1]])
    out = csr_matrix((np.ones(len(edges)), edges.T), shape=(count, count))
    out.data[:] = 1
    return out


def _tidy(points: np.ndarray, triangles: np.ndarray) -> tuple[np.ndarray, np.ndarray]:
    """Without dust, and in an order in which neighbours lie near one another: drawn in software, most vertices are then
    worked out once or twice instead of six times. Vertices are numbered as they come, for memories that go by the last
    digits of their numbers."""
    _, piece = connected_components(neighbours(len(points), triangles), directed=False)
    size = np.bincount(piece)
    kept = size[piece] >= min(_LEAST_PIECE, size.max())
    number = np.cumsum(kept) - 1
    points, triangles = points[kept], number[triangles[kept[triangles].all(axis=1)]]
    triangles = triangles[_in_fans(triangles, len(points))]
    used, first = np.unique(triangles, return_index=True)
    order = used[np.argsort(first)]
    number = np.empty(len(points), dtype=int)
    number[order] = np.arange(len(order))
    return points[order], number[triangles]


def _in_fans(triangles: np.ndarray, count: int, cache: int = 16) -> list[int]:
    """An order of the triangles in which few vertices are worked out again by one who remembers the last `cache` of
    them: fan after fan about vertices that are still remembered (Sander, Nehab and Barczak 2007, Fast triangle
    reordering for vertex locality)."""
    corners = triangles.tolist()
    about: list[list[int]] = [[] for _ in range(count)]
    for i, three in enumerate(corners):
        for v in three:
            about[v].append(i)
    left, seen = [len(fan) for fan in about], [0] * count  # triangles still to come; when it was worked out last
    done, order, dead_ends = bytearray(len(corners)), [], []
    clock, cursor, fan = cache + 1, 0, 0
    while fan >= 0:
        ring = []
        for i in about[fan]:
            if done[i]:
                continue
            done[i] = 1
            order.append(i)
            for v in corners[i]:
                ring.append(v)
                left[v] -= 1
                if clock - seen[v] > cache:
                    seen[v] = clock
                    clock += 1
        dead_ends += ring
        # the oldest of those that will still be remembered once all about it is drawn
        lasting = [(clock - seen[v] if clock - seen[v] + 2 * left[v] <= cache else 0, v) for v in ring if left[v] > 0]
        fan = max(lasting, key=lambda found: found[0])[1] if lasting else -1
        while fan < 0 and dead_ends:
            v = dead_ends.pop()
            fan = v if left[v] > 0 else -1
        while fan < 0 and cursor < count:
            fan = cursor if left[cursor] > 0 else -1
            cursor += 1
    return order


def normals_of(points: np.ndarray, triangles: np.ndarray) -> np.ndarray:
    """(n, 3) outward unit normals, triangles weighed by their area."""
    a, b, c = (points[triangles[:, i]] for i in range(3))
    face = np.cross(b - a, c - a)
    out = np.zeros_like(points)
    for corner in range(3):
        for axis in range(3):
            out[:, axis] += np.bincount(triangles[:, corner], face[:, axis], len(points))
    return out / np.maximum(np.linalg.norm(out, axis=1, keepdims=True), 1e-12)
