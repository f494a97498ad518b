"""A revision's motion and readings as the bench asks for them, kept in memory: revisions never change.

A variant names what is shown:

* "now": the shot with all its corrections
* "before": the base alone
* "arc-FRAME": now, with the arc of the flight at FRAME trued, not yet taken
* "weigh-LAYER-PERCENT": now, with one layer at another weight, while its slider is dragged

`who` is the id of the performer that is read, "" for the first; corrections tried are of that one's motion.
"""

import re
from collections import OrderedDict
from dataclasses import dataclass
from threading import Lock

from sqlalchemy.orm import Session

from ironarc.core.edits import SetLayerWeight
from ironarc.core.reading import Reading
from ironarc.core.shot import Performer, Shot, read_shot
from ironarc.core.truing import arc
from ironarc.store import shots

KEPT = 96
_ARC = re.compile(r"arc-(-?\d{1,7})")
_WEIGH = re.compile(r"weigh-(\w{1,20})-(\d{1,3})")


@dataclass(frozen=True)
class Seen:
    """A shot with the reading of one performer; `cost` for a correction that is only being tried."""

    shot: Shot
    performer: Performer
    reading: Reading
    cost: arc.Cost | None = None


class Variants:
    """Readings by (shot, revision, variant, performer), the most recently used ones."""

    def __init__(self):
        self._kept: OrderedDict[tuple[int, int, str, str], Seen] = OrderedDict()
        self._lock = Lock()

    def get(self, session: Session, shot_id: int, revision: int, variant: str = "now", who: str = "") -> Seen:
        """Raises NotFound for an unknown shot, revision or variant; EditError for a performer that has gone or
        a correction that can't be made."""
        key = (shot_id, revision, variant, who)
        with self._lock:
            if key in self._kept:
                self._kept.move_to_end(key)
                return self._kept[key]
        seen = self._make(session, shot_id, revision, variant, who)
        with self._lock:
            self._kept[key] = seen
            while len(self._kept) > KEPT:
                self._kept.popitem(last=False)
        return seen

    def _make(self, session: Session, shot_id: int, revision: int, variant: str, who: str) -> Seen:
        if variant == "now":
            return self._now(session, shot_id, revision, who)
        now = self.get(session, shot_id, revision, who=who)
        cost = None
        if variant == "before":
            shot = now.shot.without_corrections()
        elif found := _ARC.fullmatch(variant):
            edit, cost = arc.propose(now.shot, now.reading, int(found[1]), who)
            shot = edit.apply(now.shot)
        elif found := _WEIGH.fullmatch(variant):
            shot = SetLayerWeight(found[1], int(found[2]) / 100, who).apply(now.shot)
        else:
            raise shots.NotFound(f"There is no view of a shot called {variant!r}.")
        # a correction moves the body, it does not change its weight
        return Seen(shot, shot.performer_called(who), read_shot(shot, now.reading.body, who), cost)

    def _now(self, session: Session, shot_id: int, revision: int, who: str) -> Seen:
        first = self.get(session, shot_id, revision) if who else None
        shot = first.shot if first else shots.load(session, shot_id, revision)
        if first and who == shot.performer.id:
            return first
        return Seen(shot, shot.performer_called(who), read_shot(shot, performer_id=who))
