"""Edits of where a performer's weight sits and of what it holds; sizes in the file's own unit."""

from dataclasses import asdict, dataclass, replace
from typing import ClassVar

import numpy as np

from ironarc.core.edits.base import Edit, unlocked_performer
from ironarc.core.errors import EditError
from ironarc.core.loads import Load
from ironarc.core.plain import GetBlob, PutBlob, load_from_plain
from ironarc.core.shot import Shot
from ironarc.core.weighing import Weighing, weighing_from_plain, weighing_to_plain

MOST_LOADS = 20


@dataclass(frozen=True)
class SetWeighing(Edit):
    """Weighs a performer anew; `words` say what was changed."""

    performer: str
    weighing: Weighing
    words: str
    kind: ClassVar[str] = "set_weighing"

    def apply(self, shot: Shot) -> Shot:
        weighed = replace(unlocked_performer(shot, self.performer), weighing=self.weighing.checked())
        weighed.body()  # what can't be weighed so is refused now
        return shot.settled().with_item(weighed)

    def says(self, shot: Shot) -> str:
        return self.words

    def to_plain(self, put: PutBlob) -> dict:
        weighing = weighing_to_plain(self.weighing)
        return {"kind": self.kind, "performer": self.performer, "weighing": weighing, "words": self.words}

    @classmethod
    def from_plain(cls, plain: dict, get: GetBlob) -> "SetWeighing":
        return cls(plain["performer"], weighing_from_plain(plain["weighing"]), plain["words"])


@dataclass(frozen=True)
class SetLoads(Edit):
    """Says what a performer holds, and when."""

    performer: str
    loads: tuple[Load, ...]
    words: str
    kind: ClassVar[str] = "set_loads"

    def apply(self, shot: Shot) -> Shot:
        holder = unlocked_performer(shot, self.performer)
        if len(self.loads) > MOST_LOADS:
            raise EditError(f"A performer can have up to {MOST_LOADS} loads; {len(self.loads)} were given.")
        for load in self.loads:
            load.checked(holder.rig)
        return shot.settled().with_item(replace(holder, loads=self.loads))

    def says(self, shot: Shot) -> str:
        return self.words

    def to_plain(self, put: PutBlob) -> dict:
        loads = [asdict(load) for load in self.loads]
        return {"kind": self.kind, "performer": self.performer, "loads": loads, "words": self.words}

    @classmethod
    def from_plain(cls, plain: dict, get: GetBlob) -> "SetLoads":
        return cls(plain["performer"], tuple(load_from_plain(x) for x in plain["loads"]), plain["words"])


@dataclass(frozen=True)
class SetUnit(Edit):
    """Reads a performer's lengths as so many metres a unit; everything derived follows."""

    performer: str
    scale_to_m: float
    kind: ClassVar[str] = "set_unit"

    def apply(self, shot: Shot) -> Shot:
        sized = unlocked_performer(shot, self.performer)
        if not (np.isfinite(self.scale_to_m) and 1e-6 < self.scale_to_m < 1e4):
            raise EditError(f"A unit of length lies between 0.001 mm and 10 km; {self.scale_to_m:g} m was given.")
        # the floor was found with the old size: it is estimated again unless other performers stand on it
        alone = len(shot.performers) == 1 and not shot.props
        resized = shot.with_item(replace(sized, scale_to_m=self.scale_to_m, unit_guessed=False))
        return replace(resized, floor_m=None) if alone and shot.floor_m != 0 else resized

    def says(self, shot: Shot) -> str:
        performer = shot.performer_called(self.performer)
        tall = performer.body().anatomy.height_m * self.scale_to_m / performer.scale_to_m
        return f"{performer.name} is {tall:.2f} m tall"
