"""A revision's motion and readings as the bench asks for them, kept in memory: revisions never change.

A variant names what is shown:

* "now": the shot with all its corrections
* "before": the base alone
* "arc-FRAME": now, with the arc of the flight at FRAME trued, not yet taken
* "weigh-LAYER-PERCENT": now, with one layer at another weight, while its slider is dragged
"""

import re
from collections import OrderedDict
from dataclasses import dataclass
from threading import Lock

from sqlalchemy.orm import Session

from ironarc.core.edits import SetLayerWeight
from ironarc.core.reading import Reading
from ironarc.core.shot import Shot, read_shot
from ironarc.core.truing import arc
from ironarc.store import shots

KEPT = 48
_ARC = re.compile(r"arc-(-?\d{1,7})")
_WEIGH = re.compile(r"weigh-(\w{1,20})-(\d{1,3})")


@dataclass(frozen=True)
class Seen:
    """A shot with its reading; `cost` for a correction that is only being tried."""

    shot: Shot
    reading: Reading
    cost: arc.Cost | None = None


class Variants:
    """Readings by (shot, revision, variant), the most recently used ones."""

    def __init__(self):
        self._kept: OrderedDict[tuple[int, int, str], Seen] = OrderedDict()
        self._lock = Lock()

    def get(self, session: Session, shot_id: int, revision: int, variant: str = "now") -> Seen:
        """Raises NotFound for an unknown shot, revision or variant; EditError for a correction that can't be made."""
        key = (shot_id, revision, variant)
        with self._lock:
            if key in self._kept:
                self._kept.move_to_end(key)
                return self._kept[key]
        seen = self._make(session, shot_id, revision, variant)
        with self._lock:
            self._kept[key] = seen
            while len(self._kept) > KEPT:
                self._kept.popitem(last=False)
        return seen

    def _make(self, session: Session, shot_id: int, revision: int, variant: str) -> Seen:
        if variant == "now":
            shot = shots.load(session, shot_id, revision)
            return Seen(shot, read_shot(shot))
        now = self.get(session, shot_id, revision)
        body = now.reading.body
        if variant == "before":
            shot = now.shot.without_corrections()
            return Seen(shot, read_shot(shot, body))
        if found := _ARC.fullmatch(variant):
            edit, cost = arc.propose(now.shot, now.reading, int(found[1]))
            shot = edit.apply(now.shot)
            return Seen(shot, read_shot(shot, body), cost)
        if found := _WEIGH.fullmatch(variant):
            shot = SetLayerWeight(found[1], int(found[2]) / 100).apply(now.shot)
            return Seen(shot, read_shot(shot, body))
        raise shots.NotFound(f"There is no view of a shot called {variant!r}.")
