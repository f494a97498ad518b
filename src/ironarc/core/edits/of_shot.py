"""Edits of the shot itself: what it is called, its range, floor and gravity; its rate; its numbering."""

from collections.abc import Mapping
from dataclasses import dataclass, replace
from typing import Any, ClassVar

import numpy as np

from ironarc.core.document import Shot, check_size
from ironarc.core.edits.base import Changes, Edit, check_fields, clean_name
from ironarc.core.edits.rate import KEEP_FRAMES, KEEP_SECONDS, at_rate
from ironarc.core.errors import EditError, check_frame
from ironarc.core.reading.shot import settled
from ironarc.core.scene.rate import parse_rate, rate_text
from ironarc.core.settings import MAX_FLOOR_M, MAX_G_MS2, MIN_G_MS2

MAX_SLOPE = 1.0  # of the floor, rise over run
NOTES_LENGTH, SEQUENCE_LENGTH = 4000, 60
SETTABLE_OF_SHOT = (
    "name", "notes", "first_frame", "frames", "g", "floor_m", "floor_by_hand", "floor_slope", "display", "limits",
    "remarks", "sequence",
)  # fmt: skip


@dataclass(frozen=True)
class SetShot(Changes):
    """Sets some of what the shot itself is; no key is touched."""

    changes: Mapping[str, Any]
    words: str
    kind: ClassVar[str] = "set_shot"

    def _changed_class(self) -> type:
        return Shot

    def apply(self, shot: Shot) -> Shot:
        check_fields(self.changes, SETTABLE_OF_SHOT, "a shot")
        changes = dict(self.changes)
        if "name" in changes:
            changes["name"] = clean_name(changes["name"])
        if {"first_frame", "frames"} & set(changes):
            shot = settled(shot)
        changed = replace(shot, **changes)
        _check(changed)
        return settled(changed)

    def says(self, shot: Shot) -> str:
        return self.words


def _check(shot: Shot) -> None:
    """EditError for a shot that can't be."""
    if len(shot.sequence) > SEQUENCE_LENGTH:
        raise EditError(f"A sequence has a name of up to {SEQUENCE_LENGTH} letters.")
    if len(shot.notes) > NOTES_LENGTH:
        raise EditError(f"Notes can have up to {NOTES_LENGTH} characters; these have {len(shot.notes)}.")
    first, last = shot.first_frame, shot.last_frame
    if last < first:
        raise EditError(f"A range runs from its first to its last frame; {first} to {last} was given.")
    check_frame("The first frame", first)
    check_size(shot)
    if not (np.isfinite(shot.g) and MIN_G_MS2 <= shot.g <= MAX_G_MS2):
        raise EditError(f"Gravity lies between {MIN_G_MS2:g} and {MAX_G_MS2:g} m/s²; {shot.g:g} was given.")
    if shot.floor_m is not None and not (np.isfinite(shot.floor_m) and abs(shot.floor_m) <= MAX_FLOOR_M):
        raise EditError(f"The floor lies within 1000 m of zero; {shot.floor_m:g} m was given.")
    if not (np.isfinite(shot.floor_slope).all() and np.abs(shot.floor_slope).max() <= MAX_SLOPE):
        raise EditError(f"The floor rises by up to {MAX_SLOPE * 100:.0f} % along either side; more is a wall.")
    size = shot.display.size
    if not 0.25 <= size <= 4:
        raise EditError(f"The marker's size lies between 25 and 400 %; {size * 100:g} % was given.")
    for remark in shot.remarks:
        remark.checked()
    for limit in shot.limits:
        if not 0 < limit.strained <= limit.cracked:
            raise EditError(f"Limits of {limit.kind} are more than 0, and strained comes before cracked.")


@dataclass(frozen=True)
class SetRate(Edit):
    """Plays the shot at another rate: `rate` as it is typed; `keep` "seconds" or "frames"."""

    rate: str
    keep: str
    kind: ClassVar[str] = "set_rate"

    def apply(self, shot: Shot) -> Shot:
        return at_rate(shot, parse_rate(self.rate), self.keep)

    def says(self, shot: Shot) -> str:
        kept = {KEEP_SECONDS: "the seconds kept", KEEP_FRAMES: "the frames kept"}.get(self.keep, "")
        return f"{rate_text(parse_rate(self.rate))} fps, {kept}"


@dataclass(frozen=True)
class Renumber(Edit):
    """Gives the first frame the number `first`; everything else moves along."""

    first: int
    kind: ClassVar[str] = "renumber"

    def apply(self, shot: Shot) -> Shot:
        check_frame("The first frame", self.first)
        by = self.first - shot.first_frame
        return replace(
            shot,
            first_frame=self.first,
            performers=tuple(replace(p, timing=p.timing.with_slip(p.timing.slip + by)) for p in shot.performers),
            props=tuple(
                replace(
                    p,
                    columns={channel: keys.shifted(by) for channel, keys in p.columns.items()},
                    holds=tuple(replace(h, start=h.start + by, end=h.end + by) for h in p.holds),
                )
                for p in shot.props
            ),
            references=tuple(
                replace(r, first=r.first + by).with_poses_at(lambda frame: frame + by) for r in shot.references
            ),
            guides=tuple(replace(g, first=g.first + by) for g in shot.guides),
            cameras=tuple(
                replace(c, columns={channel: keys.shifted(by) for channel, keys in c.columns.items()})
                for c in shot.cameras
            ),
            marker_sets=tuple(replace(m, first=m.first + by) for m in shot.marker_sets),
            remarks=tuple(replace(r, frame=r.frame + by) for r in shot.remarks),
        )

    def says(self, shot: Shot) -> str:
        return f"First frame is {self.first}"
