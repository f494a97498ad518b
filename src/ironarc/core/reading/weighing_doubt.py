"""What a reading owes to the weighing: tables differ from each other and from the body at hand, and what a flight
implies, how near it comes to its arc, how steadily it spins and where its plumb falls differ with them."""

from functools import cached_property

import numpy as np
from scipy.optimize import lsq_linear

from ironarc.core import rotation
from ironarc.core.figure.body import LENGTH, TYPED, Body
from ironarc.core.reading.flights import arc_solutions

# Shares of another table: W. T. Dempster, Space requirements of the seated operator, 1955, as given by D. A. Winter,
# Biomechanics and Motor Control of Human Movement, table 4.1; against de Leva's they tell how far a share is known
OTHER_SHARES = {
    "head": 0.081, "trunk": 0.497, "upper arm": 0.028, "forearm": 0.016, "hand": 0.006, "thigh": 0.100,
    "shank": 0.0465, "foot": 0.0145,
}  # fmt: skip
LEAST, BY_LENGTH = 0.1, 0.3  # share of its mass that a segment is unsure by at least; and where girth alone tells it
NOISE_M = 0.003  # of a path, against which a share is changed only as far as it must be


class WeighingDoubt:
    """Of a body in motion: its segments, by how much of their mass each is unsure, and what comes of that. What a
    person has typed is sure.

    centres : (frames, bodies, 3) m; com : (frames, 3) m, of the whole with what it holds; dt : s
    """

    def __init__(self, body: Body, centres: np.ndarray, com: np.ndarray, dt: float):
        self.body, self.com, self.dt, self.centres = body, com, dt, centres
        names = list(dict.fromkeys(part.segment for part in body.parts if part.source != TYPED))
        column = {int(joint): i for i, joint in enumerate(body.joints)}
        self.mass = np.zeros((len(names), len(column)))
        for part in body.parts:
            if part.source != TYPED:
                self.mass[names.index(part.segment), column[part.joint]] += part.mass_kg
        self.spread = np.array([_spread(name, body) for name in names])

    def _from_com(self, at: slice) -> np.ndarray:
        """(frames, bodies, 3) m from the body's own center of gravity."""
        masses, centres = self.body.masses, self.centres[at]
        return centres - (masses / masses.sum() @ centres)[:, None]

    def moved(self, at: slice) -> np.ndarray:
        """(segments, frames, 3) m that the center of gravity moves by for a share of 1 more on each."""
        return np.swapaxes(self.mass @ self._from_com(at), 0, 1) / self.body.mass_kg

    def gravity(self, at: slice) -> float:
        """m/s², what the gravity that a flight over the frames `at` implies is unsure by: a standard deviation."""
        n = len(self.com[at])
        if n < 4:
            return 0.0
        return self._together(self.moved(at)[:, :, 1] @ arc_solutions(n, self.dt)[1][2])

    def off_arc(self, at: slice, g: float) -> float:
        """m, how far the path over the frames `at` is off the arc of gravity g (m/s²) by the plausible weighing that
        brings it nearest; inf for fewer frames than tell it."""
        n = len(self.com[at])
        if n < 6 or not len(self.spread):
            return np.inf
        t = np.arange(n) * self.dt
        line = np.linalg.qr(np.column_stack([np.ones(n), t]))[0]
        fallen = self.com[at] + np.outer(g * t * t / 2, [0.0, 1.0, 0.0])
        off, by = (x - line @ (line.T @ x) for x in (fallen, self.moved(at)))
        by = by.reshape(len(by), -1).T
        rows = np.concatenate([by, np.diag(NOISE_M / (self.spread / 2))])
        wanted = np.concatenate([-off.ravel(), np.zeros(len(self.spread))])
        # as many rows as there are segments say the same, and exactly where an active set is tried
        whole, small = np.linalg.qr(rows)
        found = lsq_linear(small, wanted @ whole, (-self.spread, self.spread), method="bvls").x
        return float(np.linalg.norm((off.ravel() + by @ found).reshape(-1, 3), axis=1).max())

    def spin(self, at: slice) -> float:
        """kg·m²/s, what the wavering of the spin over the frames `at` is unsure by: a standard deviation."""
        spins = self._spins[:, at]
        if spins.shape[1] < 3:
            return 0.0
        off = spins - spins.mean(axis=1, keepdims=True)
        return self._together(np.sqrt((off**2).sum(axis=2).mean(axis=1)))

    def plumb(self) -> np.ndarray:
        """(frames,) m, what the place of the plumb on the floor is unsure by: a standard deviation."""
        level = self.mass @ self._from_com(slice(None))[..., [0, 2]] / self.body.mass_kg
        return np.sqrt((self.spread / 2) ** 2 @ (level**2).sum(axis=2).T)

    @cached_property
    def _spins(self) -> np.ndarray:
        """(segments, frames, 3) kg·m²/s of each segment about the center of gravity."""
        if len(self.com) < 2:
            return np.zeros((len(self.spread), len(self.com), 3))
        from_com = self._from_com(slice(None))
        orbital = rotation.cross(from_com, np.gradient(from_com, self.dt, axis=0))
        return np.swapaxes(self.mass @ orbital, 0, 1)

    def _together(self, each: np.ndarray) -> float:
        return float(np.sqrt(((self.spread / 2 * each) ** 2).sum()))


def _spread(segment: str, body: Body) -> float:
    """Share of a segment's mass that it is unsure by: what tables differ by is two standard deviations."""
    parts = [part for part in body.parts if part.segment == segment]
    if any(part.source == LENGTH for part in parts) or segment not in OTHER_SHARES:
        return BY_LENGTH
    share = sum(part.mass_kg for part in parts) / len({part.side for part in parts}) / body.mass_kg
    return max(LEAST, abs(OTHER_SHARES[segment] / share - 1))
