"""What rests, and what becomes of the frames on which nothing does."""

from dataclasses import dataclass

import numpy as np

from ironarc.core.by_identity import ByIdentity
from ironarc.core.reading.account import Account, merged
from ironarc.core.reading.arcs import Arcs
from ironarc.core.reading.spans import Span, runs
from ironarc.core.rows import differing
from ironarc.core.settings import SETTINGS


def falling(arcs: Arcs, g: float, size: float) -> np.ndarray:
    """(frames,) bool: inside a window of 0.1 s that a true free arc fits, where nothing is at rest but by chance."""
    known = _FALLING.get(arcs)
    if known is None:
        known = _FALLING[arcs] = {}
    if (g, size) not in known:
        known[g, size] = _falling(arcs, g, size)
    return known[g, size]


_FALLING: ByIdentity[dict[tuple[float, float], np.ndarray]] = ByIdentity()  # by gravity and size


def _falling(arcs: Arcs, g: float, size: float) -> np.ndarray:
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
class Lowest:
    """What lies lowest on each frame. (frames,) each: nearest : index of that point; least : m it is over its surface;
    slowness : m/s of it; fastest : m/s of any point; lifted : bool, whether a person lifted any"""

    nearest: np.ndarray
    least: np.ndarray
    slowness: np.ndarray
    fastest: np.ndarray
    lifted: np.ndarray


def lowest(clearance: np.ndarray, speed: np.ndarray, known: tuple[Lowest, np.ndarray] | None = None) -> Lowest:
    """Of clearance (frames, points) m and speed (frames, points) m/s. known : what it was of others, and (frames,)
    bool, where these may differ"""
    if known is not None:
        was, at = known[0], np.flatnonzero(known[1])
        anew = lowest(clearance[at], speed[at])
        out = {}
        for name, values in vars(was).items():
            out[name] = values.copy()
            out[name][at] = getattr(anew, name)
        return Lowest(**out)
    rows, nearest = np.arange(len(clearance)), clearance.argmin(axis=1)
    return Lowest(
        nearest, clearance[rows, nearest], speed[rows, nearest], speed.max(axis=1), np.isinf(clearance).any(axis=1)
    )  # fmt: skip


@dataclass(frozen=True, eq=False)
class Accounted:
    """What runs of frames on which nothing rests were cut into, and what that was told from.

    lowest : of each frame; told : (frames, 9) of the search, row by row; proofs : the gravities that doubt may prove a
        fall by
    parts : flights and stances by run
    """

    lowest: Lowest
    told: np.ndarray
    proofs: tuple
    parts: dict[Span, tuple[list[Span], list[Span]]]


class Search:
    """Holds what the steps of the search share; frames are indices. was : what an earlier one found, so that runs about
    which nothing is told otherwise need not be cut again; differs : (frames,) bool, where clearance and speed may
    differ from those of then"""

    def __init__(
        self, clearance, speed, rest, arcs, g, size, borne, aloft, captured, was: Accounted | None = None,
        differs: np.ndarray | None = None,
    ):  # fmt: skip
        self.was = was
        self.arcs, self.path, self.dt, self.g, self.size = arcs, arcs.path, arcs.dt, g, size
        known = was is not None and differs is not None
        self.lowest = low = lowest(clearance, speed, (was.lowest, differs) if known else None)
        self.nearest, self.least, self.slowness, self.fastest = low.nearest, low.least, low.slowness, low.fastest
        self.lifted = low.lifted
        # a path without a capture's noise is held closer to its arcs
        self.noise = 1.0 if captured else SETTINGS["quiet"].value
        touch, still = SETTINGS["free_touch"].value * size, SETTINGS["free_still"].value * size
        falls, rest = np.flatnonzero(falling(self.arcs, g, size)), rest.copy()
        rest[falls] &= (clearance[falls] < touch) & (speed[falls] < still)
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
        begin, end = np.array(spans, dtype=int).reshape(-1, 2).T
        edges = np.searchsorted(np.flatnonzero(differs), [begin - self.reach, end + self.reach])
        for (p, q), reached in zip(spans, (edges[0] < edges[1]).tolist(), strict=True):
            if (p, q) not in known or reached:
                known[p, q] = merged(account.of(p, q), self.clear, self.lifted, self.dt)
            flown, stood = known[p, q]
            flights += flown
            stances += stood
        self.accounted = Accounted(self.lowest, told, proofs, {span: known[span] for span in spans})
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
