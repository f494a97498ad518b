"""What is asked of the span solver, and what comes of it: arrays over the frames of a span."""

from collections.abc import Callable, Sequence
from dataclasses import dataclass, field, fields, replace
from typing import Self

import numpy as np

from ironarc.core.solve.model import Model

EDGE = 2  # frames at either end that stay as they are, so that the speed there goes on

OnPass = Callable[[int, float], bool]  # (pass, body weights left at most) -> whether to go on


@dataclass(frozen=True, eq=False)
class Points:
    """Points that ride on joints over the span.

    joints : (points,); own : (frames, points, 3) m in the joint's axes; on : (frames, points) bool, where they count
    """

    joints: np.ndarray
    own: np.ndarray
    on: np.ndarray

    def used(self) -> np.ndarray:
        return np.flatnonzero(self.on.any(axis=0))

    def over(self, a: int, b: int) -> Self:
        """The same on frames [a, b) only."""
        cut = {
            f.name: value[a:b]
            for f in fields(self)
            if f.name != "joints" and np.ndim(value := getattr(self, f.name)) > 1
        }
        return replace(self, **cut)


@dataclass(frozen=True, eq=False)
class Presses(Points):
    """Where contacts push. normal : (frames, points, 3) unit; pulls : (frames, points) bool, a grip"""

    normal: np.ndarray = field(default_factory=lambda: np.zeros((0, 0, 3)))
    pulls: np.ndarray = field(default_factory=lambda: np.zeros((0, 0), dtype=bool))


@dataclass(frozen=True, eq=False)
class Planted(Points):
    """Points and the places (frames, points, 3) m they are held to."""

    place: np.ndarray = field(default_factory=lambda: np.zeros((0, 0, 3)))


@dataclass(frozen=True, eq=False)
class Clear(Points):
    """Points that stay over a plane: normal (3,) unit, height_m of it over the origin along the normal."""

    normal: np.ndarray = field(default_factory=lambda: np.array([0.0, 1.0, 0.0]))
    height_m: float = 0.0


@dataclass(frozen=True, eq=False)
class Bend:
    """A hinge: `far` (3,) unit, along the lower bone in its axes, stays behind `pole` (3,) unit in the upper's axes."""

    upper: int
    lower: int
    pole: np.ndarray
    far: np.ndarray


@dataclass(frozen=True, eq=False)
class Task:
    """A span to be solved.

    local, translation : of its frames, as poses have them; dt : s; g : m/s²
    free : (frames,) bool, those that may change; the first and last EDGE never do
    kept : (frames,) how much dearer than usual a frame is to change
    root_m, spread : what the root may move by, and (joints,) rad what each joint may turn by; 0 for not at all
    """

    model: Model
    local: np.ndarray
    translation: np.ndarray
    dt: float
    g: float
    presses: Presses
    planted: Planted
    clear: Clear
    bends: Sequence[Bend]
    free: np.ndarray
    kept: np.ndarray
    root_m: float
    spread: np.ndarray

    def over(self, a: int, b: int) -> "Task":
        """The same on frames [a, b) only."""
        points = {name: getattr(self, name).over(a, b) for name in ("presses", "planted", "clear")}
        frames = {name: getattr(self, name)[a:b] for name in ("local", "translation", "free", "kept")}
        return replace(self, **points, **frames)

    def unknowns(self) -> int:
        """Of a frame: those that may change."""
        return 3 * int(self.root_m > 0) + 3 * int((self.spread > 0).sum())


@dataclass(frozen=True, eq=False)
class Solved:
    """local, translation : what the poses become; left : (frames,) body weights, wrench that nothing gives
    missed_m : the farthest any planted point is from its place; passes : made; done : False where it was stopped"""

    local: np.ndarray
    translation: np.ndarray
    left: np.ndarray
    missed_m: float
    passes: int
    done: bool
