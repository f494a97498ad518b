"""A revision's motion and readings as the bench asks for them, kept in memory: revisions never change.

A variant names what is shown:

* "now": the shot with all its corrections
* "before": as it came and was keyed, without corrections
* "weigh-LAYER-PERCENT": now, with one layer at another weight, while its slider is dragged
* "look-HOW": now, with every span between keys stepped, straight or eased, for a look at the timing
* a correction with its options, such as "true_arc(frame=37)": now, with it tried, not yet taken
* "again-LAYER-" and a correction: now, with the correction of that layer made anew with these options
* "work-ID": now, with what came of work in the background

`who` is the id of the performer that is read, "" for the first; corrections tried are of that one's motion.
"""

import re
from collections.abc import Callable, Mapping, Sequence
from contextlib import contextmanager
from dataclasses import dataclass, fields, is_dataclass
from threading import Lock
from typing import Any

import numpy as np
from cachetools import LRUCache
from sqlalchemy.orm import Session

from ironarc.core import truing
from ironarc.core.document import Limit, Shot
from ironarc.core.edits import SetLayer
from ironarc.core.edits.commands.keys import with_span_kinds
from ironarc.core.judging import Finding, judge
from ironarc.core.reading import Reading, Seen, read_shot
from ironarc.core.reading.shot import reads_alike, traces_alike
from ironarc.core.truing import Proposal
from ironarc.core.truing.again import made_again
from ironarc.core.truing.correction import Cost
from ironarc.store import house, shots, work

KEPT_BYTES = 256 * 1024 * 1024
KEPT_SHOT_BYTES = 128 * 1024 * 1024
SHOT_BYTES = 50_000  # of a shot's plain objects, about
LAID_OUT = 3  # a column's bytes, and those of what is laid out from it for the evaluator
_WEIGH = re.compile(r"weigh-(\w{1,20})-([0-9]{1,3})")
AGAIN = re.compile(r"again-(\w{1,20})-(.{1,400})")
_WORK = re.compile(r"work-([0-9]{1,9})")
_LOOK = re.compile(r"look-(stepped|linear|eased)")
Key = tuple[int, int, str, str]


@dataclass(frozen=True)
class View(Seen):
    """A variant as it is seen: the performer's findings too, and the proposal of a correction that is only tried."""

    findings: tuple[Finding, ...]
    proposal: Proposal | None = None


class Variants:
    """Views by (shot, revision, variant, performer), the most recently used ones up to a number of bytes.

    What several ask for at once is worked out once: each key has a lock of its own while it is being made.
    """

    def __init__(self, kept_bytes: int = KEPT_BYTES):
        self._kept: LRUCache[Key, View] = LRUCache(kept_bytes, getsizeof=lambda view: _nbytes(view.reading))
        self._shots: LRUCache[tuple[int, int], Shot] = LRUCache(KEPT_SHOT_BYTES, getsizeof=_shot_nbytes)
        self._lock = Lock()
        self._making: dict[Any, list] = {}  # key: [its lock, how many hold or await it]

    def get(self, session: Session, shot_id: int, revision: int, variant: str = "now", who: str = "") -> View:
        """Raises NotFound for an unknown shot, revision or variant; EditError for a performer that has gone or
        a correction that can't be made."""
        # the first performer is one and the same, named or not
        who = self.shot(session, shot_id, revision).performer_called(who).id
        key = (shot_id, revision, variant, who)
        return self._once(self._kept, key, lambda: self._make(session, key))

    def shot(self, session: Session, shot_id: int, revision: int) -> Shot:
        """The shot at a revision. Raises NotFound."""
        key = (shot_id, revision)
        return self._once(self._shots, key, lambda: shots.load(session, shot_id, revision))

    def apply(self, session: Session, shot_id: int, revision: int, edit, along=None) -> shots.Standing:
        """Applies an edit; what its card was read from is what the bench then gets. along : see `shots.apply`"""
        before = self.shot(session, shot_id, revision)

        def read(after: Shot) -> dict[str, Reading]:
            return {p.id: self._carried(session, shot_id, revision, before, after, p.id) for p in after.performers}

        done = shots.apply(session, shot_id, revision, edit, before=before, read=read, along=along)
        self._keep(done.shot, done.readings, shot_id, done.standing.revision, house.limits(session))
        return done.standing

    def judge_anew(self, limits: Sequence[Limit]) -> None:
        """After other limits for the house: findings are made again, of the readings there are."""
        with self._lock:
            kept = list(self._kept.items())
        anew = [
            (key, _view(view.shot, view.performer.id, view.reading, limits, view.proposal)) for key, view in kept
        ]  # fmt: skip
        with self._lock:
            self._kept.clear()
            for key, view in anew:
                self._kept[key] = view

    def forget(self, shot_id: int) -> None:
        """Lets go of a shot that was taken away."""
        with self._lock:
            for kept in (self._kept, self._shots):
                for key in [key for key in kept if key[0] == shot_id]:
                    del kept[key]

    def _carried(self, session: Session, shot_id: int, revision: int, before: Shot, after: Shot, who: str) -> Reading:
        """A performer's reading after an edit: the one before it, if nothing that it rests on was changed."""
        if reads_alike(before, after, who):
            return self.get(session, shot_id, revision, who=who).reading
        traced = None
        if traces_alike(before, after, who):
            # contacts, gravity or floor were changed: the body moves as it did
            traced = self.get(session, shot_id, revision, who=who).reading.traced
        return read_shot(after, performer_id=who, traced=traced)

    def _keep(
        self, shot: Shot, readings: Mapping[str, Reading], shot_id: int, revision: int, limits: Sequence[Limit]
    ) -> None:
        self._put(self._shots, (shot_id, revision), shot)
        for performer in shot.performers:
            view = _view(shot, performer.id, readings[performer.id], limits)
            self._put(self._kept, (shot_id, revision, "now", performer.id), view)

    def _put(self, kept: LRUCache, key: Any, made: Any) -> None:
        with self._lock:
            if kept.getsizeof(made) <= kept.maxsize:
                kept[key] = made

    def _once(self, kept: LRUCache, key: Any, make: Callable[[], Any]) -> Any:
        with self._lock:
            if key in kept:
                return kept[key]
        with self._turn(key):
            with self._lock:
                if key in kept:  # made while we waited
                    return kept[key]
            made = make()
            self._put(kept, key, made)
            return made

    @contextmanager
    def _turn(self, key: Any):
        """Holds the lock of a key, which is there for as long as anybody wants it."""
        with self._lock:
            turn = self._making.setdefault(key, [Lock(), 0])
            turn[1] += 1
        try:
            with turn[0]:
                yield
        finally:
            with self._lock:
                turn[1] -= 1
                if not turn[1]:
                    del self._making[key]

    def _make(self, session: Session, key: Key) -> View:
        shot_id, revision, variant, who = key
        limits = house.limits(session)
        if variant == "now":
            shot = self.shot(session, shot_id, revision)
            return _view(shot, who, read_shot(shot, performer_id=who), limits)
        now = self.get(session, shot_id, revision, who=who)
        proposal = None
        if variant == "before":
            shot = now.shot.without_corrections()
        elif wanted := truing.read_try(variant):
            proposal = truing.propose(now, wanted)
            shot = proposal.edit.apply(now.shot)
        elif found := AGAIN.fullmatch(variant):
            shot, proposal = _again(now, found[1], found[2])
        elif found := _WORK.fullmatch(variant):
            shot, proposal = _worked_out(session, now, key, int(found[1]))
        elif found := _WEIGH.fullmatch(variant):
            shot = SetLayer(found[1], {"weight": int(found[2]) / 100}, "", who).apply(now.shot)
        elif looked := _LOOK.fullmatch(variant):
            shot = with_span_kinds(now.shot, who, looked[1])
        else:
            raise shots.NotFound(f"There is no view of a shot called {variant[:60]!r}.")
        # a correction moves the body, it does not change its weight
        return _view(shot, who, read_shot(shot, now.reading.body, who), limits, proposal)


def _again(now: View, layer_id: str, text: str) -> tuple[Shot, Proposal]:
    """A correction that was taken, made anew with other options."""
    wanted = truing.read_try(text)
    if wanted is None:
        raise shots.NotFound("There is no such correction.")
    edit, proposal = made_again(now, layer_id, wanted.plain)
    return edit.apply(now.shot), proposal


def _worked_out(session: Session, now: View, key: Key, work_id: int) -> tuple[Shot, Proposal]:
    """What came of work that was asked for on this revision."""
    row = work.look(session, work_id)
    if (row.shot_id, row.revision) != key[:2]:
        raise shots.NotFound("The shot was changed after this was asked for. Find it anew.")
    edit = work.result(row)
    return edit.apply(now.shot), Proposal(Cost(row.says), row.says, edit=edit)


def _view(shot: Shot, who: str, reading: Reading, limits: Sequence[Limit], proposal: Proposal | None = None) -> View:
    performer = shot.performer_called(who)
    found = tuple(judge(shot, performer, reading, limits))
    return View(shot, performer, reading, found, proposal, house=tuple(limits))


def _shot_nbytes(shot: Shot) -> int:
    """Bytes of a shot's columns and of what is laid out from them; those that revisions share are counted in each."""
    columns = [c for p in shot.performers for layer in p.layers for c in layer.columns.values()]
    return SHOT_BYTES + LAID_OUT * sum(_nbytes(column) for column in columns)


def _nbytes(value: Any) -> int:
    """Bytes of all arrays in a reading; what a body is, which many share, is not counted."""
    if isinstance(value, np.ndarray):
        return value.nbytes
    if isinstance(value, tuple):
        return sum(map(_nbytes, value))
    if isinstance(value, Mapping):
        return sum(map(_nbytes, value.values()))
    if is_dataclass(value):
        own = sum(_nbytes(getattr(value, f.name)) for f in fields(value) if f.name not in ("body", "rig"))
        # and what was asked of a reading, which it keeps
        return 200 + own + _nbytes(vars(value).get("_known"))
    return 0
