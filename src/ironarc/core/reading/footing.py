"""When a body is borne and when it flies.

A point that is near and slow rests. What becomes of the frames on which nothing rests is decided by the cheapest
account of them (`account.py`): the path of the center of gravity follows an arc, of whatever gravity, or what is near
bears the body, or something unseen does. So a cartwheel, a roll and a slow heel stay on the ground, a jump that hangs
is still a flight, and a body that stands 12 cm up stands.
"""

from dataclasses import dataclass

import numpy as np

from ironarc.core.reading.arcs import Arcs
from ironarc.core.reading.flight_search import Accounted, Search
from ironarc.core.reading.spans import Span, resting
from ironarc.core.settings import SETTINGS

AS_LOW = 0.5  # of the height a point rests from, within which all that lies near the lowest bears with it


@dataclass(frozen=True)
class Footing:
    """flights : spans in the air; hovers : spans of standing on something unseen
    on : (frames, points) bool, what touches; air : (frames,) bool, of the flights
    doubt : (frames,) bool, borne as far as can be told, by a point that does not rest
    accounted : what the next reading need not find again
    """

    flights: tuple[Span, ...]
    hovers: tuple[Span, ...]
    on: np.ndarray
    air: np.ndarray
    doubt: np.ndarray
    accounted: Accounted | None = None


def find_footing(
    clearance: np.ndarray, speed: np.ndarray, arcs: Arcs, g: float, size: float,
    borne: np.ndarray | None = None, aloft: np.ndarray | None = None, captured: bool = True,
    rest: np.ndarray | None = None, was: Accounted | None = None, differs: np.ndarray | None = None,
) -> Footing:  # fmt: skip
    """Rest, doubt and flights of a motion.

    clearance (frames, points) m over the nearest surface, infinite for a point that a person lifted; speed (frames,
    points) m/s against it; arcs : of the path of the center of gravity of a whole that stays the same
    size : figure's height over 1.75 m; borne, aloft : (frames,) bool, where a person says so
    captured : whether the path carries a capture's noise; rest : (frames, points) bool, what is `resting` by itself,
        where it is known
    was : what an earlier search with the same dt, g, size and noise found; differs : (frames,) bool, where clearance
        and speed may differ from those of then
    """
    n, points = clearance.shape
    none = np.zeros(n, dtype=bool)
    borne, aloft = none if borne is None else borne, none if aloft is None else aloft
    if points == 0 or n == 0:
        return Footing((), (), np.zeros((n, points), dtype=bool), none, none)
    rest = resting(clearance, speed, size) if rest is None else rest
    search = Search(clearance, speed, rest, arcs, g, size, borne, aloft, captured, was, differs)
    flights, hovers = search.flights()
    air = none.copy()
    for a, b in flights:
        air[a:b] = True
    near = clearance < SETTINGS["contact_near"].value * size
    on = (near | search.rest) & ~air[:, None]
    alone = np.flatnonzero(~air & ~on.any(axis=1))
    # where nothing rests the body stands on what is lowest, with all of it that lies as low
    level = clearance[alone] < search.least[alone, None] + AS_LOW * SETTINGS["contact_rest"].value * size
    on[alone] |= level & (speed[alone] < SETTINGS["contact_fast"].value * size)
    on[alone, search.nearest[alone]] = True
    return Footing(tuple(flights), tuple(hovers), on, air, ~air & ~search.borne, search.accounted)
