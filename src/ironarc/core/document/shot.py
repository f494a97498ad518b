"""A shot: what stands in it, over which frames, against which gravity."""

from dataclasses import dataclass, field, replace

import numpy as np

from ironarc.core.document.performer import Performer
from ironarc.core.errors import EditError
from ironarc.core.scene.guide import Guide
from ironarc.core.scene.props import Prop
from ironarc.core.scene.rate import rate_of
from ironarc.core.scene.reference import Reference
from ironarc.core.settings import GRAVITY_MS2, MAX_FRAMES, MAX_FRAMES_X_JOINTS


@dataclass(frozen=True)
class Display:
    """What is shown of the weight, kept with the shot.

    marker, foot : the center of gravity and its foot on the ground; parts : each part's own mass point
    path_of : a joint whose path is drawn, or ""; size : of the marker, 1 as it comes
    """

    marker: bool = True
    foot: bool = True
    parts: bool = False
    path_of: str = ""
    size: float = 1.0


@dataclass(frozen=True)
class Limit:
    """Limits of one kind of finding that a person changed for this shot, in the finding's own unit."""

    kind: str
    strained: float
    cracked: float


Item = Performer | Prop | Reference | Guide
ITEM_KINDS = {"performers": "performer", "props": "prop", "references": "reference", "guides": "guide"}


@dataclass(frozen=True)
class Shot:
    """A shot. frames : how many; first_frame : the number of the first

    frame_time_s : seconds a frame, 1 / rate; source : name of the file it came from, or "" if it was keyed here
    floor_m : height of the floor over the origin, None to estimate it; floor_by_hand : True if a person set it
    floor_slope : (2,) rise of the floor per metre along x and z
    limits : of findings, where they differ from the table's
    """

    name: str
    performers: tuple[Performer, ...]
    frame_time_s: float
    first_frame: int
    frames: int
    g: float = GRAVITY_MS2
    floor_m: float | None = None
    source: str = ""
    notes: str = ""
    props: tuple[Prop, ...] = ()
    references: tuple[Reference, ...] = ()
    guides: tuple[Guide, ...] = ()
    display: Display = field(default_factory=Display)
    floor_by_hand: bool = False
    limits: tuple[Limit, ...] = ()
    floor_slope: tuple[float, float] = (0.0, 0.0)

    @property
    def fps(self) -> float:
        return 1.0 / self.frame_time_s

    @property
    def rate(self):
        """The rate as an exact ratio."""
        return rate_of(self.frame_time_s)

    @property
    def last_frame(self) -> int:
        return self.first_frame + self.frames - 1

    @property
    def performer(self) -> Performer:
        """The first performer, whom commands for one body mean."""
        return self.performers[0]

    def performer_called(self, performer_id: str) -> Performer:
        """The performer with this id, the first for ""; EditError when it has gone."""
        if not performer_id:
            return self.performer
        found = self.item(performer_id)
        if not isinstance(found, Performer):
            raise EditError(f"{found.name} is not a performer.")
        return found

    def items(self) -> tuple[Item, ...]:
        """Everything the scene sheet lists: performers, props, references, guides."""
        return tuple(item for kind in ITEM_KINDS for item in getattr(self, kind))

    def item(self, item_id: str) -> Item:
        """The performer, prop, reference or guide with this id; EditError when there is none."""
        for item in self.items():
            if item.id == item_id:
                return item
        raise EditError("That is not in the shot any more. Choose something from the scene sheet.")

    def free_id(self, word: str) -> str:
        """An id for a new performer, prop, reference or guide: the word and the next number."""
        taken = [item.id.removeprefix(word) for item in self.items() if item.id.startswith(word)]
        return f"{word}{max((int(n) for n in taken if n.isdigit()), default=0) + 1}"

    def with_item(self, item: Item) -> "Shot":
        """With the item of the same id replaced by `item`."""
        for kind in ITEM_KINDS:
            items = getattr(self, kind)
            if any(i.id == item.id for i in items):
                return replace(self, **{kind: tuple(item if i.id == item.id else i for i in items)})
        raise EditError("That is not in the shot any more.")

    def frame_numbers(self) -> np.ndarray:
        return np.arange(self.first_frame, self.first_frame + self.frames)

    def without_corrections(self) -> "Shot":
        """With every performer as it came and was keyed by hand."""
        return replace(self, performers=tuple(p.without_corrections() for p in self.performers))


def check_size(shot: Shot) -> Shot:
    """The shot itself; EditError for more frames, or more frames of more joints, than can be worked on."""
    if shot.frames > MAX_FRAMES:
        raise EditError(f"A shot has up to {MAX_FRAMES:,} frames; {shot.frames:,} are too many. Make it shorter.")
    joints = sum(len(p.rig) for p in shot.performers)
    if shot.frames * joints > MAX_FRAMES_X_JOINTS:
        raise EditError(
            f"{shot.frames:,} frames of {joints} joints are more than can be worked on at once: with so many joints up "
            f"to {MAX_FRAMES_X_JOINTS // joints:,} frames. Make the range shorter, or take a performer out."
        )
    return shot
