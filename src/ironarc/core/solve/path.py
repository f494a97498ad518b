"""Where a body goes, made anew with every pose as it is: a rigid shift of each frame, by linear programming.

A shift d turns nothing, so spin and the arms of the pushes about the center of gravity stay as they are, and what the
contacts have to give, (c″ + d″) / g + up = Σ λ e, is linear in d and in the shares λ of the edges e of their cones of
friction. Least by absolute value is what no contact gives (as m/s gained from nothing), what standing points slide, how
far they are off the ground, and the speed that d itself brings. Least absolute values leave all but a few frames at
nothing: a shove is taken out on the frame it was put in, and what comes after goes where it would have gone.
"""

from dataclasses import dataclass

import numpy as np
from scipy.optimize import linprog
from scipy.sparse import coo_matrix

from ironarc.core import rotation
from ironarc.core.errors import EditError
from ironarc.core.settings import SETTINGS

FRICTION = SETTINGS["friction"].value
# What each costs against 1 m/s gained from nothing
CHANGE = 0.25  # a m/s of speed that the shift brings
SLIDE, SLIDE_CAPTURED = 40.0, 2.0  # a metre that what stands slides
HEIGHT = 40.0  # a metre that it is off the ground for a second
UNDER = 6.0  # a metre that it is deeper under the ground than it was, on a frame
MOMENT = 0.5  # as much of moment, taken over the figure's height
STAY = 0.2  # a metre of height for a second, so that nothing floats off
FREE_BW, FREE_CAPTURED_BW = 0.04, 0.12  # of force and moment from nothing that is noise
FREE_M = 0.004  # that what stands may be off the ground, and half of it under
LEAST_SHARE = 0.05  # from which a point stands
PUSH = 1e-5  # a share of an edge, so that of many ways to push the smallest is taken
UP = np.array([0.0, 1.0, 0.0])
EDGES = (UP + FRICTION * np.array([[1, 0, 0], [-1, 0, 0], [0, 0, 1], [0, 0, -1.0]])) / np.sqrt(1 + FRICTION**2)


@dataclass(frozen=True, eq=False)
class Course:
    """A body on its way, with what bears it.

    com : (frames, 3) m; turning : (frames, 3) dL/dt over mass, g and size
    corners : (frames, corners, 3) m, where it may push; on : (frames, corners) bool, whether it may
    moved : (frames, points, 2) m, x and z, to the next frame; height : (frames, points) m over the ground
    stands : (frames, points) 0 to 1, how much a point stands; lowest : (frames,) m, of what may get under the ground
    level : whether heights are put right, too; captured : whether the motion carries a capture's noise
    """

    com: np.ndarray
    turning: np.ndarray
    corners: np.ndarray
    on: np.ndarray
    moved: np.ndarray
    height: np.ndarray
    stands: np.ndarray
    lowest: np.ndarray
    dt: float
    g: float
    size: float
    level: bool
    captured: bool


class _Programme:
    """A linear programme that is put together term by term."""

    def __init__(self):
        self.rows: list[int] = []
        self.columns: list[int] = []
        self.values: list[float] = []
        self.right: list[float] = []
        self.prices: list[float] = []
        self.bounds: list[tuple[float | None, float | None]] = []

    def new(self, count: int, price: float, low: float | None = 0.0, high: float | None = None) -> int:
        """The first of so many new unknowns."""
        at = len(self.prices)
        self.prices += [price] * count
        self.bounds += [(low, high)] * count
        return at

    def equal(self, terms: list[tuple[int, float]], value: float) -> None:
        """Σ terms = value."""
        for column, factor in terms:
            self.rows.append(len(self.right))
            self.columns.append(column)
            self.values.append(factor)
        self.right.append(value)

    def near(self, terms: list[tuple[int, float]], value: float, price: float, free: float = 0.0) -> None:
        """Σ terms = value as nearly as it pays: what is off by more than `free` costs its price."""
        over, under = self.new(1, price), self.new(1, price)
        slack = [(self.new(1, 0.0, -free, free), -1.0)] if free else []
        self.equal([*terms, (over, -1.0), (under, 1.0), *slack], value)

    def solved(self) -> np.ndarray | None:
        matrix = coo_matrix((self.values, (self.rows, self.columns)), (len(self.right), len(self.prices))).tocsc()
        found = linprog(self.prices, A_eq=matrix, b_eq=self.right, bounds=self.bounds, method="highs")
        return found.x if found.status == 0 else None


def shift_along(course: Course) -> np.ndarray:
    """(frames, 3) m to shift each frame by; the first stays on its spot. EditError where none is found."""
    programme = _Programme()
    d = programme.new(3 * len(course.com), 0.0, None, None)
    _forces(programme, course, d)
    _standing(programme, course, d)
    for axis in (0, 2):
        programme.equal([(d + axis, 1.0)], 0.0)
    found = programme.solved()
    if found is None:
        raise EditError("No way through these frames is found. Choose fewer of them.")
    return found[d : d + 3 * len(course.com)].reshape(-1, 3)


def _forces(programme: _Programme, course: Course, d: int) -> None:
    """What no contact gives, frame by frame; a contact pushes on the frames beside its own, too."""
    dt, g = course.dt, course.g
    free = FREE_CAPTURED_BW if course.captured else FREE_BW
    pull = (course.com[2:] - 2 * course.com[1:-1] + course.com[:-2]) / dt**2 / g + UP
    near = course.on[2:] | course.on[1:-1] | course.on[:-2]
    for t in range(1, len(course.com) - 1):
        which = np.flatnonzero(near[t - 1])
        edges = np.tile(EDGES, (len(which), 1))
        arms = np.repeat(course.corners[t, which] - course.com[t], len(EDGES), axis=0)
        torque = rotation.cross(arms, edges) / course.size if len(edges) else edges
        pushes = programme.new(len(edges), PUSH)
        for axis in range(3):
            j = d + 3 * t + axis
            bent = [(j - 3, 1.0), (j, -2.0), (j + 3, 1.0)]
            given = [(pushes + e, -edges[e, axis]) for e in range(len(edges))]
            programme.near([*((c, v / dt**2 / g) for c, v in bent), *given], -pull[t - 1, axis], g * dt, free)
            programme.near([(c, v / dt) for c, v in bent], 0.0, CHANGE)
            if len(edges):
                turns = [(pushes + e, -torque[e, axis]) for e in range(len(edges))]
                programme.near(turns, -course.turning[t, axis], MOMENT * g * dt, free)


def _standing(programme: _Programme, course: Course, d: int) -> None:
    """What stands stays where it is and on the ground; nothing gets deeper under it than it was."""
    slide = SLIDE_CAPTURED if course.captured else SLIDE
    for t in range(len(course.com)):
        up = (d + 3 * t + 1, 1.0)
        programme.near([up], 0.0, STAY * course.dt)
        if not course.level:
            programme.equal([up], 0.0)
        else:
            standing = course.stands[t] > LEAST_SHARE
            if standing.any():
                lowest = float(course.height[t, standing].min())
                programme.near([up], -lowest, HEIGHT * course.dt, FREE_M * course.size)
            above, under = programme.new(1, 0.0), programme.new(1, UNDER)
            programme.equal([up, (above, -1.0), (under, 1.0)], min(-course.lowest[t] - FREE_M / 2 * course.size, 0.0))
        if t + 1 == len(course.com):
            continue
        share = np.minimum(course.stands[t], course.stands[t + 1])
        for point in np.flatnonzero(share > LEAST_SHARE):
            for axis, moved in zip((0, 2), course.moved[t, point], strict=True):
                j = d + 3 * t + axis
                programme.near([(j + 3, 1.0), (j, -1.0)], -moved, slide * share[point] / share.sum())
