"""Edits of where and when a performer moves: placed, slipped, trimmed, cut. No joint angle changes.

Frames are the shot's, as the animator sees them before the edit; `performer` is an id.
"""

from dataclasses import dataclass, replace
from typing import ClassVar

from ironarc.core.edits.base import Edit, unlocked_performer
from ironarc.core.scene.placement import Placement
from ironarc.core.scene.timing import Cut, Timing
from ironarc.core.shot import Shot


def _timed(shot: Shot, performer: str, change) -> Shot:
    """The shot with a performer's timing replaced by `change(performer)`."""
    moved = unlocked_performer(shot, performer)
    return shot.settled().with_item(replace(moved, timing=change(moved)))


@dataclass(frozen=True)
class PlacePerformer(Edit):
    """Puts a performer somewhere as a whole; `words` say it where there is more to say than a place."""

    performer: str
    offset_m: tuple[float, float, float]
    turn_rad: float
    scale: float
    words: str = ""
    kind: ClassVar[str] = "place_performer"

    def apply(self, shot: Shot) -> Shot:
        placed = unlocked_performer(shot, self.performer)
        placement = Placement(tuple(self.offset_m), self.turn_rad, self.scale).checked()
        return shot.settled().with_item(replace(placed, placement=placement))

    def says(self, shot: Shot) -> str:
        performer = shot.performer_called(self.performer)
        if self.words:
            return self.words
        was = performer.placement
        verb = "Scale" if self.scale != was.scale else "Turn" if self.turn_rad != was.turn_rad else "Move"
        return f"{verb} {performer.name}"


@dataclass(frozen=True)
class SlipPerformer(Edit):
    """Plays a performer's motion `by` frames later, or earlier for less than 0."""

    performer: str
    by: int
    kind: ClassVar[str] = "slip_performer"

    def apply(self, shot: Shot) -> Shot:
        return _timed(shot, self.performer, lambda p: p.timing.with_slip(p.timing.slip + self.by))

    def says(self, shot: Shot) -> str:
        way = "later" if self.by >= 0 else "earlier"
        return f"Slip {shot.performer_called(self.performer).name} {abs(self.by)} f {way}"


@dataclass(frozen=True)
class TrimPerformer(Edit):
    """Plays a performer's motion from frame `first` to `last` only; its end poses hold outside."""

    performer: str
    first: int
    last: int
    kind: ClassVar[str] = "trim_performer"

    def apply(self, shot: Shot) -> Shot:
        def trim(p) -> Timing:
            own = [p.timing.own_frame(f) for f in (self.first, self.last)]
            return p.timing.with_trim(own[0], own[1], p.clip)

        return _timed(shot, self.performer, trim)

    def says(self, shot: Shot) -> str:
        return f"Trim {shot.performer_called(self.performer).name} to {self.first}–{self.last}"


@dataclass(frozen=True)
class CutPerformer(Edit):
    """Takes frames `start` to `end` out of a performer's motion and closes the gap with a blend."""

    performer: str
    start: int
    end: int
    blend: int
    carry: bool = True
    kind: ClassVar[str] = "cut_performer"

    def apply(self, shot: Shot) -> Shot:
        def cut(p) -> Timing:
            own = [p.timing.own_frame(f) for f in (self.start, self.end)]
            return p.timing.with_cut(Cut(own[0], own[1], self.blend, self.carry), p.clip)

        return _timed(shot, self.performer, cut)

    def says(self, shot: Shot) -> str:
        return f"Cut {self.start}–{self.end} out of {shot.performer_called(self.performer).name}"


@dataclass(frozen=True)
class MendCut(Edit):
    """Puts back what a cut took out; `number` counts the performer's cuts from 0."""

    performer: str
    number: int
    kind: ClassVar[str] = "mend_cut"

    def apply(self, shot: Shot) -> Shot:
        return _timed(shot, self.performer, lambda p: p.timing.without_cut(self.number))

    def says(self, shot: Shot) -> str:
        return f"Mend a cut of {shot.performer_called(self.performer).name}"
