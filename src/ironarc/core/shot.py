"""The document: a shot, its performers and their layers, to and from plain data."""

from dataclasses import dataclass, replace

import numpy as np

from ironarc.core.anatomy import find_anatomy
from ironarc.core.body import DEFAULT_MASS_KG, Body, weigh
from ironarc.core.errors import EditError, FileError
from ironarc.core.formats import bvh
from ironarc.core.motion.bake import Poses, bake
from ironarc.core.motion.flatten import flatten
from ironarc.core.motion.layers import BASE, Layer
from ironarc.core.reading import Reading, read
from ironarc.core.rig import Rig
from ironarc.core.settings import GRAVITY_MS2, SETTINGS

UNITS = {"cm": 0.01, "m": 1.0, "in": 0.0254, "mm": 0.001, "ft": 0.3048, "dm": 0.1}


@dataclass(frozen=True)
class Performer:
    """One body in a shot.

    scale_to_m : metres in one of the rig's own length units
    unit_guessed : True if the scale was guessed from the figure's height
    layers : the base first, then additive layers
    """

    name: str
    rig: Rig
    layers: tuple[Layer, ...]
    scale_to_m: float
    unit_guessed: bool = False
    mass_kg: float = DEFAULT_MASS_KG
    build: str = "m"

    def body(self) -> Body:
        return weigh(self.rig, self.scale_to_m, self.mass_kg, self.build)

    def layer(self, layer_id: str) -> Layer:
        """The layer with this id; EditError when there is none."""
        for layer in self.layers:
            if layer.id == layer_id:
                return layer
        raise EditError(f"{self.name} has no layer {layer_id!r} any more.")

    def without_corrections(self) -> "Performer":
        return replace(self, layers=self.layers[:1])


@dataclass(frozen=True)
class Shot:
    """A shot. frames : how many; first_frame : the number of the first; floor_m : None to estimate it.

    source : name of the file it came from, or "" if it was keyed here.
    """

    name: str
    performers: tuple[Performer, ...]
    frame_time_s: float
    first_frame: int
    frames: int
    g: float = GRAVITY_MS2
    floor_m: float | None = None
    source: str = ""

    @property
    def fps(self) -> float:
        return 1.0 / self.frame_time_s

    @property
    def last_frame(self) -> int:
        return self.first_frame + self.frames - 1

    @property
    def performer(self) -> Performer:
        return self.performers[0]

    def frame_numbers(self) -> np.ndarray:
        return np.arange(self.first_frame, self.first_frame + self.frames)

    def with_performer(self, performer: Performer) -> "Shot":
        return replace(self, performers=(performer, *self.performers[1:]))

    def without_corrections(self) -> "Shot":
        return self.with_performer(self.performer.without_corrections())


def bake_shot(shot: Shot) -> Poses:
    """Poses of the shot's performer on every frame of its range."""
    p = shot.performer
    return bake(p.rig, p.layers, shot.frame_numbers(), shot.frame_time_s, p.scale_to_m)


def read_shot(shot: Shot, body: Body | None = None) -> Reading:
    """Bakes and reads a shot; `body` saves weighing it again."""
    return read(bake_shot(shot), body or shot.performer.body(), shot.g, shot.floor_m)


def guess_scale(rig: Rig) -> tuple[float, bool]:
    """Metres a unit, and whether the figure is then as tall as a person: cm, m, inch, mm, foot or dm.

    Of the units that make it a believed height, the one nearest an ordinary adult; else centimetres.
    """
    tall = find_anatomy(rig, 1.0).height_m
    low, high = (SETTINGS[k].value for k in ("believed_height_min", "believed_height_max"))
    fits = [scale for scale in UNITS.values() if low <= tall * scale <= high]
    if not fits:
        return UNITS["cm"], False
    return min(fits, key=lambda scale: abs(np.log(tall * scale / 1.7))), True


def from_bvh(
    data: bytes,
    name: str,
    source: str = "",
    scale_to_m: float | None = None,
    mass_kg: float = DEFAULT_MASS_KG,
    build: str = "m",
    g: float = GRAVITY_MS2,
    floor_m: float | None = None,
) -> Shot:
    """A shot from a BVH file, its motion a base layer with a value on every frame."""
    motion = bvh.parse(data)
    guessed = scale_to_m is None
    if guessed:
        scale_to_m, _ = guess_scale(motion.rig)
    base = Layer(id="base", name="As brought in", kind=BASE, columns=motion.columns)
    performer = Performer("Performer", motion.rig, (base,), scale_to_m, guessed, mass_kg, build)
    performer.body()  # a rig that can't be weighed is refused now, not on the first look
    return Shot(name, (performer,), motion.frame_time_s, 1, motion.frames, g, floor_m, source)


def to_bvh(shot: Shot, first: int | None = None, last: int | None = None) -> bytes:
    """The shot's performer as BVH, all layers baked, over frames first … last (the whole range by default).

    Channels that no layer touches are written from the base itself, so they come back as they came.
    """
    first = shot.first_frame if first is None else first
    last = shot.last_frame if last is None else last
    if not shot.first_frame <= first <= last <= shot.last_frame:
        raise EditError(
            f"Frames {first} to {last} are not a range within this shot, which has frames "
            f"{shot.first_frame} to {shot.last_frame}."
        )
    p = shot.performer
    return bvh.write(p.rig, flatten(p.rig, p.layers, np.arange(first, last + 1)), shot.frame_time_s)


def load_bvh_error(error: FileError, name: str) -> str:
    """The sentence shown for a file that could not be read."""
    return f"{name} could not be read. {error}"
