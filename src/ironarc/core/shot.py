"""The document: a shot, its performers and their layers, to and from plain data."""

from dataclasses import dataclass, field, replace

import numpy as np

from ironarc.core.anatomy import find_anatomy
from ironarc.core.body import Body, weigh
from ironarc.core.errors import EditError, FileError
from ironarc.core.formats import bvh
from ironarc.core.loads import Load, LoadTrack, track_loads
from ironarc.core.motion.bake import Poses
from ironarc.core.motion.flatten import flatten, write_placed
from ironarc.core.motion.layers import BASE, Layer
from ironarc.core.motion.perform import clip_of, perform, timed_layers
from ironarc.core.reading import Reading, read
from ironarc.core.reading.contacts import estimate_floor, track_points
from ironarc.core.rig import Rig
from ironarc.core.scene.guide import Guide
from ironarc.core.scene.placement import Placement
from ironarc.core.scene.props import Prop
from ironarc.core.scene.rate import rate_of, retime_layers
from ironarc.core.scene.reference import Reference
from ironarc.core.scene.timing import Timing
from ironarc.core.settings import GRAVITY_MS2, SETTINGS
from ironarc.core.weighing import Weighing

UNITS = {"cm": 0.01, "m": 1.0, "in": 0.0254, "mm": 0.001, "ft": 0.3048, "dm": 0.1}


@dataclass(frozen=True)
class Performer:
    """One body in a shot.

    id : unique within the shot
    layers : the base first, then additive layers, in the performer's own frames
    scale_to_m : metres in one of the rig's own length units; unit_guessed : True if guessed from the figure's height
    weighing : at its own size; a scaled body weighs by the cube of its scale
    """

    name: str
    rig: Rig
    layers: tuple[Layer, ...]
    scale_to_m: float
    unit_guessed: bool = False
    weighing: Weighing = field(default_factory=Weighing)
    id: str = "performer1"
    placement: Placement = field(default_factory=Placement)
    timing: Timing = field(default_factory=Timing)
    hidden: bool = False
    locked: bool = False
    loads: tuple[Load, ...] = ()

    def body(self) -> Body:
        """Its body at the size it has in the shot."""
        scale = self.placement.scale
        return weigh(self.rig, self.scale_to_m * scale, self.weighing.scaled(scale))

    @property
    def clip(self) -> tuple[int, int]:
        """First and last own frame of its motion."""
        return clip_of(self.layers)

    @property
    def plays(self) -> tuple[int, int]:
        """First and last frame of the shot on which its motion plays; outside, its end poses hold."""
        return self.timing.span(self.clip)

    def poses(self, frames: np.ndarray, dt: float) -> Poses:
        """World poses on the shot's `frames`."""
        return perform(self.rig, self.layers, self.timing, self.placement, frames, dt, self.scale_to_m)

    def held(self, poses: Poses) -> tuple[LoadTrack, ...]:
        """Its loads along its poses."""
        if not self.loads:
            return ()
        own = self.timing.unheld(poses.frames)
        return track_loads(self.loads, poses, self.body().anatomy, own, self.placement.scale)

    def layer(self, layer_id: str) -> Layer:
        """The layer with this id; EditError when there is none."""
        for layer in self.layers:
            if layer.id == layer_id:
                return layer
        raise EditError(f"{self.name} has no layer {layer_id!r} any more.")

    def without_corrections(self) -> "Performer":
        return replace(self, layers=self.layers[:1])


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


Item = Performer | Prop | Reference | Guide
ITEM_KINDS = {"performers": "performer", "props": "prop", "references": "reference", "guides": "guide"}


@dataclass(frozen=True)
class Shot:
    """A shot. frames : how many; first_frame : the number of the first; floor_m : None to estimate it.

    frame_time_s : seconds a frame, 1 / rate; source : name of the file it came from, or "" if it was keyed here
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
        return replace(self, performers=tuple(p.without_corrections() for p in self.performers))

    def settled(self) -> "Shot":
        """With its floor written down where it was estimated, so that moving a body doesn't move the floor."""
        return self if self.floor_m is not None else replace(self, floor_m=floor_of(self))


def bake_shot(shot: Shot, performer_id: str = "") -> Poses:
    """Poses of one performer (the first for "") on every frame of the shot's range."""
    return shot.performer_called(performer_id).poses(shot.frame_numbers(), shot.frame_time_s)


def floor_of(shot: Shot) -> float:
    """Height (m) of the shot's floor: as written down, or estimated from the first performer's feet."""
    if shot.floor_m is not None:
        return shot.floor_m
    anatomy = shot.performer.body().anatomy
    return estimate_floor(track_points(bake_shot(shot), anatomy), anatomy)


def read_shot(shot: Shot, body: Body | None = None, performer_id: str = "") -> Reading:
    """Bakes and reads one performer (the first for ""); `body` saves weighing it again."""
    performer = shot.performer_called(performer_id)
    floor = shot.floor_m if performer is shot.performer else floor_of(shot)
    poses = bake_shot(shot, performer_id)
    return read(poses, body or performer.body(), shot.g, floor, shot.props, performer.held(poses))


def read_all(shot: Shot) -> dict[str, Reading]:
    """Readings of every performer, by id."""
    return {p.id: read_shot(shot, performer_id=p.id) for p in shot.performers}


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
    weighing: Weighing | None = None,
    g: float = GRAVITY_MS2,
    floor_m: float | None = None,
) -> Shot:
    """A shot from a BVH file, its motion a base layer with a value on every frame."""
    motion = bvh.parse(data)
    performer = _performer_of(motion, "Performer", scale_to_m, weighing or Weighing())
    return Shot(name, (performer,), motion.frame_time_s, 1, motion.frames, g, floor_m, source)


def _performer_of(motion: bvh.BvhMotion, name: str, scale_to_m: float | None, weighing: Weighing) -> Performer:
    guessed = scale_to_m is None
    if guessed:
        scale_to_m, _ = guess_scale(motion.rig)
    base = Layer(id="base", name="As brought in", kind=BASE, columns=motion.columns)
    performer = Performer(name, motion.rig, (base,), scale_to_m, guessed, weighing)
    performer.body()  # a rig that can't be weighed is refused now, not on the first look
    return performer


def performer_from_bvh(data: bytes, name: str, shot: Shot) -> Performer:
    """A performer for `shot` from a BVH file: its seconds are kept at the shot's rate, from the shot's first frame."""
    motion = bvh.parse(data)
    performer = _performer_of(motion, name, None, Weighing())
    own = rate_of(motion.frame_time_s)
    if own != shot.rate:
        layers = retime_layers(performer.rig, performer.layers, 1, shot.rate / own)
        performer = replace(performer, layers=layers)
    timing = Timing(slip=shot.first_frame - performer.clip[0])
    return replace(performer, id=shot.free_id("performer"), timing=timing)


def to_bvh(shot: Shot, first: int | None = None, last: int | None = None, performer_id: str = "") -> bytes:
    """One performer as BVH, all layers baked, over frames first … last (the whole range by default).

    Channels that no layer, cut or placement touches are written from the base itself, so they come back as
    they came. A scaled performer is written at its size in the shot.
    """
    first = shot.first_frame if first is None else first
    last = shot.last_frame if last is None else last
    if not shot.first_frame <= first <= last <= shot.last_frame:
        raise EditError(
            f"Frames {first} to {last} are not a range within this shot, which has frames "
            f"{shot.first_frame} to {shot.last_frame}."
        )
    p = shot.performer_called(performer_id)
    frames = np.arange(first, last + 1)
    own = p.timing.mix(frames, p.clip)
    rows = flatten(p.rig, p.layers, own.before)
    rig, place = p.rig, p.placement
    if not place.is_identity or own.share.any() or own.cuts_before.any():
        local, moved = timed_layers(p.rig, p.layers, p.timing, frames)
        rig, rows = write_placed(p.rig, rows, local, moved, place, p.scale_to_m, own.share > 0)
    return bvh.write(rig, rows, shot.frame_time_s)


def load_bvh_error(error: FileError, name: str) -> str:
    """The sentence shown for a file that could not be read."""
    return f"{name} could not be read. {error}"
