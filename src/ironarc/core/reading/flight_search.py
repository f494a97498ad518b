"""What rests, and what becomes of the frames on which nothing does."""

import numpy as np

from ironarc.core.reading.account import Account, merged
from ironarc.core.reading.arcs import Arcs
from ironarc.core.reading.spans import Span, resting, runs
from ironarc.core.settings import SETTINGS


def falling(arcs: Arcs, g: float, size: float) -> np.ndarray:
    """(frames,) bool: inside a window of 0.1 s that a true free arc fits, where nothing is at rest but by chance."""
    n = arcs.frames
    out = np.zeros(n, dtype=bool)
    length = max(5, int(np.ceil(SETTINGS["free_window"].value / arcs.dt)) + 1)
    if n < length:
        return out
    a = np.arange(n - length + 1)
    fit = arcs.fit(a, a + length)
    good = np.abs(fit.implied_g / g - 1) < SETTINGS["free_gravity"].value
    good &= np.sqrt(fit.rss_y / length) < SETTINGS["free_y"].value * size
    good &= np.sqrt(fit.rss_xz / length) < SETTINGS["free_xz"].value * size
    marks = np.zeros(n + 1, dtype=int)
    np.add.at(marks, a[good], 1)
    np.add.at(marks, a[good] + length, -1)
    return np.cumsum(marks[:-1]) > 0


class Search:
    """Holds what the steps of the search share; frames are indices."""

    def __init__(self, clearance, speed, path, dt, g, size, borne, aloft, captured):
        self.dt, self.g, self.size = dt, g, size
        rows = np.arange(len(clearance))
        self.nearest = clearance.argmin(axis=1)
        self.least = clearance[rows, self.nearest]
        self.lifted = np.isinf(clearance).any(axis=1)
        self.slowness = speed[rows, self.nearest]
        self.fastest = speed.max(axis=1)
        # a path without a capture's noise is held closer to its arcs
        self.noise = 1.0 if captured else SETTINGS["quiet"].value
        self.arcs = Arcs(path, dt)
        rest = resting(clearance, speed, size)
        touch, still = SETTINGS["free_touch"].value * size, SETTINGS["free_still"].value * size
        rest &= ~(falling(self.arcs, g, size)[:, None] & ~((clearance < touch) & (speed < still)))
        self.aloft = aloft
        self.rest = rest & ~aloft[:, None]
        self.borne = (self.rest.any(axis=1) & ~aloft) | borne
        self.clear = ((self.least > SETTINGS["contact_clear"].value * size) & ~self.borne) | aloft

    def flights(self) -> tuple[list[Span], list[Span]]:
        """Flights, and stances on something unseen."""
        flights, stances = [], []
        account = Account(
            self.least, self.slowness, self.fastest, self.clear, self.aloft, self.arcs, self.g, self.size, self.noise
        )
        spans = runs(~self.borne)
        account.take_common_gravity(spans)
        for p, q in spans:
            flown, stood = merged(account.of(p, q), self.clear, self.lifted, self.dt)
            flights += flown
            stances += stood
        # a single frame has a place and no path
        return sorted((a, b) for a, b in flights if b - a > 1), sorted(stances)
