"""Edits of the shot itself: its name, notes, rate, range, numbering, floor and gravity."""

from dataclasses import dataclass, replace
from typing import ClassVar

import numpy as np

from ironarc.core.edits.base import NOTES_LENGTH, Edit, clean_name
from ironarc.core.errors import EditError
from ironarc.core.motion.channels import shift_keys
from ironarc.core.scene.rate import parse_rate, rate_text
from ironarc.core.shot import Display, Shot
from ironarc.core.shot_rate import KEEP_FRAMES, KEEP_SECONDS, at_rate

MAX_FRAMES = 100_000
MAX_G_MS2 = 300.0


@dataclass(frozen=True)
class RenameShot(Edit):
    """Gives the shot another name."""

    name: str
    kind: ClassVar[str] = "rename_shot"

    def apply(self, shot: Shot) -> Shot:
        return replace(shot, name=clean_name(self.name))

    def says(self, shot: Shot) -> str:
        return f"Rename the shot to {clean_name(self.name)}"


@dataclass(frozen=True)
class SetNotes(Edit):
    """Writes the shot's notes."""

    notes: str
    kind: ClassVar[str] = "set_notes"

    def apply(self, shot: Shot) -> Shot:
        if len(self.notes) > NOTES_LENGTH:
            raise EditError(f"Notes can have up to {NOTES_LENGTH} letters; these have {len(self.notes)}.")
        return replace(shot, notes=self.notes.strip())

    def says(self, shot: Shot) -> str:
        return "Notes"


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
class SetRange(Edit):
    """Shows frames `first` to `last`; no key is touched."""

    first: int
    last: int
    kind: ClassVar[str] = "set_range"

    def apply(self, shot: Shot) -> Shot:
        if self.last < self.first:
            raise EditError(f"A range runs from its first to its last frame; {self.first} to {self.last} was given.")
        if self.last - self.first >= MAX_FRAMES or abs(self.first) > MAX_FRAMES:
            raise EditError(f"A range has up to {MAX_FRAMES} frames, numbered within {MAX_FRAMES} of 0.")
        return replace(shot.settled(), first_frame=self.first, frames=self.last - self.first + 1)

    def says(self, shot: Shot) -> str:
        return f"Range {self.first} to {self.last}"


@dataclass(frozen=True)
class Renumber(Edit):
    """Gives the first frame the number `first`; everything else moves along."""

    first: int
    kind: ClassVar[str] = "renumber"

    def apply(self, shot: Shot) -> Shot:
        if abs(self.first) > MAX_FRAMES:
            raise EditError(f"The first frame's number lies within {MAX_FRAMES} of 0; {self.first} was given.")
        by = self.first - shot.first_frame
        return replace(
            shot,
            first_frame=self.first,
            performers=tuple(
                replace(p, timing=p.timing.with_slip(p.timing.slip + by)) for p in shot.performers
            ),
            props=tuple(
                replace(p, columns={channel: shift_keys(keys, by) for channel, keys in p.columns.items()})
                for p in shot.props
            ),
            references=tuple(
                replace(r, first=r.first + by, pose_frame=None if r.pose_frame is None else r.pose_frame + by)
                for r in shot.references
            ),
            guides=tuple(replace(g, first=g.first + by) for g in shot.guides),
        )  # fmt: skip

    def says(self, shot: Shot) -> str:
        return f"First frame is {self.first}"


@dataclass(frozen=True)
class SetFloor(Edit):
    """Puts the floor at a height (m), or None to estimate it from the first performer's feet."""

    floor_m: float | None
    kind: ClassVar[str] = "set_floor"

    def apply(self, shot: Shot) -> Shot:
        if self.floor_m is not None and not (np.isfinite(self.floor_m) and abs(self.floor_m) <= 1000):
            raise EditError(f"The floor lies within 1000 m of zero; {self.floor_m:g} m was given.")
        return replace(shot, floor_m=self.floor_m)

    def says(self, shot: Shot) -> str:
        return "Estimate the floor" if self.floor_m is None else f"Floor at {self.floor_m * 100:.1f} cm"


@dataclass(frozen=True)
class SetDisplay(Edit):
    """Chooses what is shown of the weight; see Display."""

    marker: bool
    foot: bool
    parts: bool
    path_of: str
    size: float
    kind: ClassVar[str] = "set_display"

    def apply(self, shot: Shot) -> Shot:
        if not 0.25 <= self.size <= 4:
            raise EditError(f"The marker's size lies between 25 and 400 %; {self.size * 100:g} % was given.")
        return replace(shot, display=Display(self.marker, self.foot, self.parts, self.path_of, self.size))

    def says(self, shot: Shot) -> str:
        return "What is shown of the weight"


@dataclass(frozen=True)
class SetGravity(Edit):
    """Holds the shot against another gravity, m/s²."""

    g: float
    kind: ClassVar[str] = "set_gravity"

    def apply(self, shot: Shot) -> Shot:
        if not (np.isfinite(self.g) and 0 < self.g <= MAX_G_MS2):
            raise EditError(f"Gravity lies between 0 and {MAX_G_MS2:.0f} m/s²; {self.g:g} was given.")
        return replace(shot, g=float(self.g))

    def says(self, shot: Shot) -> str:
        return f"Gravity {self.g:g} m/s²"
