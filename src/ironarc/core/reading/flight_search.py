"""What rests, and what becomes of the frames on which nothing does."""

from dataclasses import dataclass

import numpy as np

from ironarc.core.reading.account import Account, merged
from ironarc.core.reading.arcs import Arcs
from ironarc.core.reading.spans import Span, resting, runs
from ironarc.core.rows import differing
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


@dataclass(frozen=True, eq=False)
class Accounted:
    """What runs of frames on which nothing rests were cut into, and what that was told from.

    told : (frames, 9) of the search, row by row; proofs : the gravities that doubt may prove a fall by
    parts : flights and stances by run
    """

    told: np.ndarray
    proofs: tuple
    parts: dict[Span, tuple[list[Span], list[Span]]]


class Search:
    """Holds what the steps of the search share; frames are indices. was : what an earlier one found, so that runs about
    which nothing is told otherwise need not be cut again"""

    def __init__(self, clearance, speed, arcs, g, size, borne, aloft, captured, was: Accounted | None = None):
        self.was = was
        self.arcs, self.path, self.dt, self.g, self.size = arcs, arcs.path, arcs.dt, g, size
        rows = np.arange(len(clearance))
        self.nearest = clearance.argmin(axis=1)
        self.least = clearance[rows, self.nearest]
        self.lifted = np.isinf(clearance).any(axis=1)
        self.slowness = speed[rows, self.nearest]
        self.fastest = speed.max(axis=1)
        # a path without a capture's noise is held closer to its arcs
        self.noise = 1.0 if captured else SETTINGS["quiet"].value
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
        proofs, told = (*account.falls_at, account.in_company), self._told()
        known, differs = self._known(told, proofs)
        for p, q in spans:
            around = differs[max(p - self.reach, 0) : q + self.reach]
            if (p, q) not in known or around.any():
                known[p, q] = merged(account.of(p, q), self.clear, self.lifted, self.dt)
            flown, stood = known[p, q]
            flights += flown
            stances += stood
        self.accounted = Accounted(told, proofs, {span: known[span] for span in spans})
        # a single frame has a place and no path
        return sorted((a, b) for a, b in flights if b - a > 1), sorted(stances)

    @property
    def reach(self) -> int:
        """Frames about a run that its account looks at."""
        return int(np.ceil(1.0 / self.dt)) + 4

    def _told(self) -> np.ndarray:
        return np.column_stack(
            [self.least, self.slowness, self.fastest, self.clear, self.aloft, self.lifted, self.path]
        )  # fmt: skip

    def _known(self, told: np.ndarray, proofs: tuple) -> tuple[dict, np.ndarray]:
        """Runs that were cut before, and (frames,) bool where the search is told otherwise than then."""
        was = self.was
        if was is None or was.told.shape != told.shape or was.proofs != proofs:
            return {}, np.ones(len(told), dtype=bool)
        return dict(was.parts), differing(was.told, told)
