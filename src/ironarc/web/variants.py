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
from contextlib import contextmanager, suppress
from dataclasses import dataclass, fields, is_dataclass
from threading import Lock
from typing import Any
from weakref import WeakKeyDictionary

import numpy as np
from cachetools import Cache, LRUCache
from sqlalchemy.orm import Session

from ironarc.core import truing
from ironarc.core.document import Limit, Shot
from ironarc.core.edits import SetLayer
from ironarc.core.edits.commands.keys import with_span_kinds
from ironarc.core.judging import Finding, judge
from ironarc.core.reading import Reading, Seen, read_shot
from ironarc.core.reading.early import Early, early_look
from ironarc.core.reading.shot import reads_alike, traces_alike
from ironarc.core.shared import own_bytes
from ironarc.core.truing import Proposal
from ironarc.core.truing.again import made_again
from ironarc.core.truing.correction import Cost
from ironarc.store import house, shots, work
from ironarc.web.memory import give_back

KEPT_BYTES = 320 * 1024 * 1024
KEPT_SHOT_BYTES = 64 * 1024 * 1024
SHOT_BYTES = 50_000  # of a shot's plain objects, about
LAID_OUT = 3  # a column's bytes, and those of what is laid out from it for the evaluator
EARLY = 4  # early looks that are kept, each until its performer is read
MANY = 8
SHARED = {
    "body",
    "rig",
    "others",
    "findings",
    "again",
    "motion",
    "anchors",
    "since",
}  # what many readings hold, and no numbers of their own
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


class KeptViews(LRUCache):
    """Views, the most recently used ones up to a number of bytes of their readings. A reading is kept once: of whom an
    edit did not touch by the newest revision that shares it, and other revisions find it there."""

    def __init__(self, kept_bytes: int):
        super().__init__(kept_bytes, getsizeof=self._bytes)
        self._known: WeakKeyDictionary[Reading, int] = WeakKeyDictionary()

    def _bytes(self, view: View) -> int:
        if view.reading not in self._known:
            self._known[view.reading] = _nbytes(view.reading)
        return self._known[view.reading]

    def __setitem__(self, key: Key, view: View) -> None:
        for other in [k for k in self if k != key and self.look(k).reading is view.reading]:
            del self[other]
        super().__setitem__(key, view)

    def look(self, key: Key) -> View:
        """A view, without counting as a use of it."""
        return Cache.__getitem__(self, key)

    def nearest(self, shot_id: int, revision: int, who: str) -> View | None:
        """Of one performer in a shot, that of the nearest revision as it stood; None for none."""
        keys = [k for k in self if (k[0], k[2], k[3]) == (shot_id, "now", who)]
        return self.look(min(keys, key=lambda k: abs(k[1] - revision))) if keys else None


class KeptShots(LRUCache):
    """Shots by id and revision, the most recently used ones up to a number of bytes: what a shot has in common with
    another revision of it that is kept counts once."""

    def __init__(self, kept_bytes: int):
        super().__init__(kept_bytes, getsizeof=self._own_bytes)

    def _own_bytes(self, shot: Shot) -> int:
        """Bytes of its plain objects, of columns that no kept shot has, and of what is laid out from those."""
        kept = {id(column) for key in self for column in _columns(Cache.__getitem__(self, key))}
        return SHOT_BYTES + LAID_OUT * sum(_nbytes(column) for column in _columns(shot) if id(column) not in kept)


def _columns(shot: Shot) -> list:
    return [column for p in shot.performers for layer in p.layers for column in layer.columns.values()]


class Variants:
    """Views by (shot, revision, variant, performer), the most recently used ones up to a number of bytes.

    What several ask for at once is worked out once: each key has a lock of its own while it is being made.
    """

    def __init__(self, kept_bytes: int = KEPT_BYTES):
        self._kept = KeptViews(kept_bytes)
        self._shots = KeptShots(KEPT_SHOT_BYTES)
        self._early = LRUCache(EARLY)
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

    def early(self, session: Session, shot_id: int, revision: int, who: str) -> Early:
        """What is known of a performer before it is read. Raises NotFound."""
        shot = self.shot(session, shot_id, revision)
        who = shot.performer_called(who).id
        return self._once(self._early, (shot_id, revision, "now", who), lambda: early_look(shot, who))

    def is_read(self, session: Session, shot_id: int, revision: int) -> bool:
        """Whether all performers of a shot are read, or were at a revision near by, which saves most of it."""
        shot = self.shot(session, shot_id, revision)
        with self._lock:
            return all(self._kept.nearest(shot_id, revision, p.id) is not None for p in shot.performers)

    def apply(self, session: Session, shot_id: int, revision: int, edit, along=None) -> shots.Standing:
        """Applies an edit; what its card was read from is what the bench then gets. along : see `shots.apply`"""
        before = self.shot(session, shot_id, revision)
        with self._lock:
            known = {id(self._kept.look(key).reading) for key in self._kept}

        def read(after: Shot) -> dict[str, Reading]:
            return {p.id: self._carried(session, shot_id, revision, before, after, p.id) for p in after.performers}

        done = shots.apply(session, shot_id, revision, edit, before=before, read=read, along=along)
        self._keep(done.shot, done.readings, shot_id, done.standing.revision, house.limits(session))
        if any(reading.again is None and id(reading) not in known for reading in done.readings.values()):
            give_back()
        return done.standing

    def judge_anew(self, limits: Sequence[Limit]) -> None:
        """After other limits for the house: findings are made again, of the readings there are."""
        with self._lock:
            kept = [(key, self._kept.look(key)) for key in self._kept]
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
            for kept in (self._kept, self._shots, self._early):
                for key in [key for key in kept if key[0] == shot_id]:
                    del kept[key]

    def _carried(self, session: Session, shot_id: int, revision: int, before: Shot, after: Shot, who: str) -> Reading:
        """A performer's reading after an edit: the one before it, if nothing that it rests on was changed."""
        if who not in {p.id for p in before.performers}:
            return read_shot(after, performer_id=who)
        was = self.get(session, shot_id, revision, who=who).reading
        if reads_alike(before, after, who):
            return was
        # where contacts, gravity or floor were changed the body moves as it did
        traced = was.traced if traces_alike(before, after, who) else None
        return read_shot(after, performer_id=who, traced=traced, was=was)

    def _keep(
        self, shot: Shot, readings: Mapping[str, Reading], shot_id: int, revision: int, limits: Sequence[Limit]
    ) -> None:
        self._put(self._shots, (shot_id, revision), shot)
        for performer in shot.performers:
            view = _view(shot, performer.id, readings[performer.id], limits, readings=readings)
            self._put(self._kept, (shot_id, revision, "now", performer.id), view)

    def _put(self, kept: LRUCache, key: Any, made: Any) -> None:
        with self._lock, suppress(ValueError):  # what is too large by itself is not kept
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
            if kept is self._kept:
                self._early.pop(key, None)
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
            with self._lock:
                near = {p.id: self._kept.nearest(shot_id, revision, p.id) for p in shot.performers}
            alike = {p: view.reading for p, view in near.items() if view and reads_alike(view.shot, shot, p)}
            was = near[who] and near[who].reading
            reading = alike.get(who) or read_shot(shot, performer_id=who, was=was)
            view = _view(shot, who, reading, limits, readings=alike)
            if who not in alike and reading.again is None:
                give_back()
            return view
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
        return _view(shot, who, read_shot(shot, now.reading.body, who, was=now.reading), limits, proposal)


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


def _view(
    shot: Shot, who: str, reading: Reading, limits: Sequence[Limit], proposal: Proposal | None = None,
    readings: Mapping[str, Reading] | None = None,
) -> View:  # fmt: skip
    performer = shot.performer_called(who)
    found = tuple(judge(shot, performer, reading, limits, readings))
    return View(shot, performer, reading, found, proposal, house=tuple(limits))


def _nbytes(value: Any, seen: set[int] | None = None) -> int:
    """Bytes of all arrays in a reading, each once; what a body is, which many share, is not counted."""
    seen = set() if seen is None else seen
    if isinstance(value, np.ndarray):
        # a view has no bytes of its own, and keeps all that it is of
        whole = value.base if isinstance(value.base, np.ndarray) else value
        if id(whole) in seen:
            return 0
        seen.add(id(whole))
        return own_bytes(whole)
    if isinstance(value, bytes):
        return len(value)
    if isinstance(value, tuple | Mapping):
        each = list(value.values()) if isinstance(value, Mapping) else value
        # of many things of one kind, as contacts and faults are, the first tells
        if len(each) > MANY and not isinstance(each[0], bytes | np.ndarray):
            return len(each) * _nbytes(each[0], seen)
        return sum(_nbytes(one, seen) for one in each)
    if is_dataclass(value):
        own = sum(_nbytes(getattr(value, f.name), seen) for f in fields(value) if f.name not in SHARED)
        # and what was asked of a reading, which it keeps
        return 200 + own + sum(_nbytes(found, seen) for found in vars(value).get("_known", {}).values())
    return 0
