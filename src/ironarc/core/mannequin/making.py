"""What a mannequin is made of while it is put together: solids by the bone that they ride on, hinges, and paint."""

from dataclasses import dataclass, field

import numpy as np

from ironarc.core.mannequin.fields import Disc, Field, unit
from ironarc.core.mannequin.nets import Finer, Solid
from ironarc.core.mannequin.spread import Spread

TRUNK = "trunk"  # shared out among the spine's joints by height


@dataclass(frozen=True)
class Half:
    """Rides half-way between the turns of its parent's and its own skin: a drum at a hinge."""

    joint: int


Owner = int | str | Half


@dataclass(frozen=True)
class Hinge:
    """Where skin goes over from a bone to the next. band_m : to either side along `axis`; ball : hips and shoulders."""

    joint: int
    centre: np.ndarray
    axis: np.ndarray
    band_m: float
    ball: bool = False


@dataclass(frozen=True)
class Ring:
    """Painted about an axis: half_m to either side of `centre` along it, within `reach_m` of it."""

    centre: np.ndarray
    axis: np.ndarray
    half_m: float
    reach_m: float


@dataclass(frozen=True)
class Face:
    """The head's own axes (side, up, front), rows, about its centre; half_m : half of its height."""

    centre: np.ndarray
    axes: np.ndarray
    half_m: float


@dataclass
class Making:
    """Solids in the order they are joined, the bones they ride on, hinges, what is painted, and where the grid is
    finer."""

    spread: Spread
    solids: list[Solid] = field(default_factory=list)
    owned: list[tuple[Owner, Field]] = field(default_factory=list)
    halves: list[int] = field(default_factory=list)  # joints that have a half bone
    hinges: list[Hinge] = field(default_factory=list)
    bands: list[Ring] = field(default_factory=list)  # pale rings: cuffs on the left
    pins: list[Ring] = field(default_factory=list)  # pale heads of a machine's hinge pins
    seams: list[Ring] = field(default_factory=list)  # drawn round a hinge
    face: Face | None = None
    lamp: Ring | None = None  # a creature's face
    finer: list[Finer] = field(default_factory=list)
    drawn: set[tuple[str, str]] = field(default_factory=set)  # segments, by side, that solids stand for

    def add(self, owner: Owner, solid: Field, blend: float) -> None:
        self.solids.append(Solid(solid, blend))
        self.owned.append((owner, solid))

    def cut(self, solid: Field, blend: float) -> None:
        self.solids.append(Solid(solid, blend, cut=True))

    def hinge(self, joint: int, axis: np.ndarray, band_m: float, ball: bool = False) -> None:
        """A half bone at a joint, and the band that skin turns over in."""
        if self.spread.rig.joints[joint].parent >= 0 and joint not in self.halves:
            self.halves.append(joint)
            self.hinges.append(Hinge(joint, self.spread.position[joint], unit(axis), band_m, ball))

    def cuff(self, joint: int, start: np.ndarray, end: np.ndarray, share: float, wide: float, radius: float) -> None:
        """A raised pale ring at a share of a bone, `wide` of its length: the left side, seen in outline too."""
        way = end - start
        half = 0.5 * wide * float(np.linalg.norm(way))
        self.bands.append(Ring(start + share * way, unit(way), half, 2.2 * radius))
        self.add(joint, Disc(start + share * way, unit(way), radius, half, 0.004 * self.spread.size), 0.003)
