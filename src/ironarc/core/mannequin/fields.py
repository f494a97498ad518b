"""Signed distances of the solids that a mannequin is made of, in metres: below nought inside. First order: right on
the surface and near it, which is where they are looked at."""

from collections.abc import Sequence
from dataclasses import dataclass, field
from typing import Protocol

import numpy as np
from scipy.interpolate import PchipInterpolator

_SAMPLES = 96  # of a profile: its curves are worked out once and looked up between
_FAR_M = 1.0


class Field(Protocol):
    """A solid. box : two (3,) m, the corners that hold all of it."""

    def box(self) -> tuple[np.ndarray, np.ndarray]: ...

    def __call__(self, points: np.ndarray) -> np.ndarray:
        """(…, 3) m to (…,) m."""
        ...


def unit(v: np.ndarray) -> np.ndarray:
    v = np.asarray(v, dtype=float)
    return v / max(float(np.linalg.norm(v)), 1e-12)


def smooth_min(a: np.ndarray, b: np.ndarray, blend: float) -> np.ndarray:
    """The lesser of two distances, rounded where they are within `blend` m of one another (quadratic)."""
    near = np.maximum(blend - np.abs(a - b), 0.0) / blend
    return np.minimum(a, b) - near * near * blend * 0.25


class Sweep:
    """A profile along a bone.

    start, end : (3,) m; side, front : (3,) directions square to the bone
    rows : [(share of the way, half-axes to +side, −side, +front, −front in m), …], monotone cubics between
    caps : depth of the rounded ends, as shares of the half-axis there; power : of the section, 2 an ellipse
    """

    def __init__(self, start, end, side, front, rows, caps=(0.8, 0.8), power: float = 2.0):
        self.start, self.end = np.asarray(start, dtype=float), np.asarray(end, dtype=float)
        self.length = float(np.linalg.norm(self.end - self.start))
        along = (self.end - self.start) / self.length
        self.axes = np.stack([unit(side), unit(front), along], axis=1).astype(np.float32)
        rows = np.asarray(rows, dtype=float)
        self.first, self.last = rows[0, 0], rows[-1, 0]
        at = np.linspace(self.first, self.last, _SAMPLES)
        self.table = PchipInterpolator(rows[:, 0], rows[:, 1:5])(at).astype(np.float32)
        self.caps, self.power = caps, power
        self.widest = float(np.abs(rows[:, 1:5]).max())

    def box(self):
        along = self.axes[:, 2]
        ends = np.array([self.start + along * t * self.length for t in (self.first, self.last)])
        return ends.min(axis=0) - 1.05 * self.widest, ends.max(axis=0) + 1.05 * self.widest

    def __call__(self, points):
        local = (points - self.start.astype(np.float32)) @ self.axes
        x, y, share = local[..., 0], local[..., 1], local[..., 2] / self.length
        within = np.clip(share, self.first, self.last)
        at = (within - self.first) / (self.last - self.first) * (_SAMPLES - 1)
        i = np.minimum(at.astype(np.int32), _SAMPLES - 2)
        part = (at - i)[..., None]
        row = self.table[i] * (1 - part) + self.table[i + 1] * part
        wide = np.where(x >= 0, row[..., 0], row[..., 1])
        deep = np.where(y >= 0, row[..., 2], row[..., 3])
        beyond = (share - within) * self.length
        cap = np.where(beyond < 0, *self.caps) * 0.5 * (row[..., 0] + row[..., 2])
        cap = np.maximum(cap, 1e-4)
        if self.power == 2.0:
            q = (x / wide) ** 2 + (y / deep) ** 2
        else:
            q = (np.abs(x / wide) ** self.power + np.abs(y / deep) ** self.power) ** (2 / self.power)
        rho = np.sqrt(q + (beyond / cap) ** 2)
        slope = np.sqrt((x / wide**2) ** 2 + (y / deep**2) ** 2 + (beyond / cap**2) ** 2) / np.maximum(rho, 1e-4)
        return np.clip((rho - 1) / np.maximum(slope, 1 / (3 * self.widest)), -self.widest, _FAR_M)


@dataclass(frozen=True)
class Cone:
    """A round cone. start, end : (3,) m; radii in m."""

    start: np.ndarray
    end: np.ndarray
    start_radius: float
    end_radius: float

    def box(self):
        r = max(self.start_radius, self.end_radius)
        return np.minimum(self.start, self.end) - r, np.maximum(self.start, self.end) + r

    def __call__(self, points):
        way = (self.end - self.start).astype(np.float32)
        d = points - self.start.astype(np.float32)
        share = np.clip(d @ way / max(way @ way, 1e-9), 0, 1)
        d = d - share[..., None] * way
        return np.sqrt((d * d).sum(axis=-1)) - (self.start_radius + (self.end_radius - self.start_radius) * share)


@dataclass(frozen=True)
class Ellipsoid:
    """centre : (3,) m; radii : (3,) m along `axes`, rows."""

    centre: np.ndarray
    radii: Sequence[float]
    axes: np.ndarray = field(default_factory=lambda: np.eye(3))

    def box(self):
        reach = np.abs(self.axes.T) @ np.asarray(self.radii)
        return self.centre - reach, self.centre + reach

    def __call__(self, points):
        local = (points - self.centre.astype(np.float32)) @ self.axes.T.astype(np.float32)
        r = np.asarray(self.radii, dtype=np.float32)
        # a hair off the very centre, where neither has a value
        near = np.sqrt(((local / r) ** 2).sum(axis=-1) + 1e-10)
        slope = np.sqrt(((local / (r * r)) ** 2).sum(axis=-1) + 1e-10 / r.min() ** 2)
        return np.clip(near * (near - 1) / slope, -r.min(), _FAR_M)


@dataclass(frozen=True)
class Box:
    """A box with rounded edges. centre : (3,) m; half : (3,) m along `axes`, rows; edge_m : radius of its edges."""

    centre: np.ndarray
    half: Sequence[float]
    axes: np.ndarray
    edge_m: float

    def box(self):
        reach = np.abs(self.axes.T) @ np.asarray(self.half)
        return self.centre - reach, self.centre + reach

    def __call__(self, points):
        local = np.abs((points - self.centre.astype(np.float32)) @ self.axes.T.astype(np.float32))
        d = local - (np.asarray(self.half) - self.edge_m).astype(np.float32)
        return np.sqrt((np.maximum(d, 0) ** 2).sum(axis=-1)) + np.minimum(d.max(axis=-1), 0) - self.edge_m


@dataclass(frozen=True)
class Disc:
    """A cylinder with rounded edges. centre, axis : (3,); radius, half_m (half its length), edge_m in m."""

    centre: np.ndarray
    axis: np.ndarray
    radius: float
    half_m: float
    edge_m: float

    def box(self):
        reach = float(np.hypot(self.radius, self.half_m))
        return self.centre - reach, self.centre + reach

    def __call__(self, points):
        d = points - self.centre.astype(np.float32)
        along = d @ self.axis.astype(np.float32)
        aside = np.sqrt(np.maximum((d * d).sum(axis=-1) - along * along, 0))
        a, b = aside - (self.radius - self.edge_m), np.abs(along) - (self.half_m - self.edge_m)
        return np.hypot(np.maximum(a, 0), np.maximum(b, 0)) + np.minimum(np.maximum(a, b), 0) - self.edge_m


@dataclass(frozen=True)
class Beyond:
    """All that lies beyond a plane, within a box: to be cut away. point, normal, low, high : (3,)."""

    point: np.ndarray
    normal: np.ndarray
    low: np.ndarray
    high: np.ndarray

    def box(self):
        return self.low, self.high

    def __call__(self, points):
        return -((points - self.point.astype(np.float32)) @ unit(self.normal).astype(np.float32))
