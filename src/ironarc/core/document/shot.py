"""A shot: what stands in it, over which frames, against which gravity."""

from dataclasses import dataclass, field, replace

import numpy as np

from ironarc.core import rotation
from ironarc.core.columns.keys import LINEAR, smooth_keys
from ironarc.core.document.performer import Performer
from ironarc.core.errors import EditError
from ironarc.core.motion.evaluate import Evaluated
from ironarc.core.motion.layers import Layer, joined_id, span_share
from ironarc.core.motion.pins import Anchors
from ironarc.core.motion.poses import Poses
from ironarc.core.scene.camera import Camera
from ironarc.core.scene.guide import Guide
from ironarc.core.scene.markers import MarkerSet
from ironarc.core.scene.props import PLACE_CHANNELS, TURN_CHANNELS, Prop, middle_of
from ironarc.core.scene.rate import rate_of
from ironarc.core.scene.reference import Reference
from ironarc.core.scene.remark import Remark
from ironarc.core.scene.solid import TURN_ORDER
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


Item = Performer | Prop | Reference | Guide | Camera | MarkerSet
ITEM_KINDS = {
    "performers": "performer", "props": "prop", "references": "reference", "guides": "guide", "cameras": "camera",
    "marker_sets": "markers",
}  # fmt: skip


@dataclass(frozen=True)
class Shot:
    """A shot. frames : how many; first_frame : the number of the first

    frame_time_s : seconds a frame, 1 / rate; source : name of the file it came from, or "" if it was keyed here
    floor_m : height of the floor over the origin, None to estimate it; floor_by_hand : True if a person set it
    floor_slope : (2,) rise of the floor per metre along x and z
    limits : of findings, where they differ from the table's
    assumed : what was assumed when its motion was brought in, in sentences; remarks : notes of a review
    sequence : of shots that it stands in, by name, or ""
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
    assumed: tuple[str, ...] = ()
    remarks: tuple[Remark, ...] = ()
    sequence: str = ""
    cameras: tuple[Camera, ...] = ()
    marker_sets: tuple[MarkerSet, ...] = ()

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
        """Everything the scene sheet lists: performers, props, references, guides, cameras, markers."""
        return tuple(item for kind in ITEM_KINDS for item in getattr(self, kind))

    def item(self, item_id: str) -> Item:
        """The performer, prop, reference, guide, camera or markers with this id; EditError when there is none."""
        for item in self.items():
            if item.id == item_id:
                return item
        raise EditError("That is not in the shot any more. Choose something from the scene sheet.")

    def free_id(self, word: str) -> str:
        """An id for a new performer, prop, reference or guide: the word and the next number that nothing has, and that
        nothing speaks of, so that what was said of a thing that is gone is never said of another one."""
        taken = [i.removeprefix(word) for i in self._ids_spoken_of() if i.startswith(word)]
        return f"{word}{max((int(n) for n in taken if n.isdigit()), default=0) + 1}"

    def _ids_spoken_of(self) -> set[str]:
        out = {item.id for item in self.items()}
        out |= {guide.performer for guide in self.guides} | {hold.performer for p in self.props for hold in p.holds}
        for performer in self.performers:
            out |= {contact.surface for contact in performer.contacts} | {pin.to for pin in performer.pins}
        return out

    def with_item(self, item: Item) -> "Shot":
        """With the item of the same id replaced by `item`."""
        for kind in ITEM_KINDS:
            items = getattr(self, kind)
            if any(i.id == item.id for i in items):
                return replace(self, **{kind: tuple(item if i.id == item.id else i for i in items)})
        raise EditError("That is not in the shot any more.")

    def frame_numbers(self) -> np.ndarray:
        return np.arange(self.first_frame, self.first_frame + self.frames)

    def evaluate(
        self, performer_id: str, frames: np.ndarray, holders: tuple[str, ...] = (), was: Evaluated | None = None
    ) -> Evaluated:
        """World poses of a performer (the first for "") on `frames` (frames,), with all it is held to in its place.

        holders : ids of those who wait for this one's poses; was : of a motion that may be mostly the same
        """
        performer = self.performer_called(performer_id)
        return performer.evaluate(frames, self.frame_time_s, self.anchors(performer, frames, holders), was)

    def poses(self, performer_id: str, frames: np.ndarray) -> Poses:
        """World poses of a performer, as `evaluate` has them."""
        return self.evaluate(performer_id, frames).poses

    def anchors(self, performer: Performer, frames: np.ndarray, holders: tuple[str, ...] = ()) -> Anchors:
        """Where the props and the other performers are that a performer's pins hold to, on `frames`."""
        out: dict = {}
        items = {item.id: item for item in (*self.performers, *self.props)}
        for pin in performer.pins:
            item = items.get(pin.to)
            if item is None or item is performer or (pin.to, pin.joint) in out:
                continue
            if isinstance(item, Prop):
                out[pin.to, pin.joint] = self.track_of(item, frames, (*holders, performer.id))
                continue
            if item.id in holders:
                raise EditError(
                    f"{performer.name} is held by {item.name}, who is held by {performer.name}: a circle of pins. "
                    "Take one of them away."
                )
            poses = self.evaluate(item.id, frames, (*holders, performer.id)).poses
            joint = item.rig.index(pin.joint) if pin.joint in item.rig else item.rig.roots[0]
            out[pin.to, pin.joint] = poses.position[:, joint], poses.rotation[:, joint]
        return out

    def track_of(self, prop: Prop, frames: np.ndarray, holders: tuple[str, ...] = ()) -> tuple[np.ndarray, np.ndarray]:
        """World places (frames, 3) m and rotations (frames, 4) of a prop, carried by whoever carries it."""
        at, turn = prop.track(frames)
        for hold in prop.holds:
            share = span_share(np.asarray(frames, dtype=float), hold.start, hold.end, hold.ease_in, hold.ease_out)
            on = share > 0
            if not on.any() or not any(p.id == hold.performer for p in self.performers):
                continue
            carrier = self.performer_called(hold.performer)
            if carrier.id in holders:
                raise EditError(
                    f"{carrier.name} carries {prop.name} and is held to it: a circle of pins. Take one of them away."
                )
            if hold.joint not in carrier.rig:
                continue
            poses = self.evaluate(carrier.id, np.asarray(frames)[on], holders).poses
            j = carrier.rig.index(hold.joint)
            carried = poses.position[:, j] + rotation.rotate(poses.rotation[:, j], np.array(hold.at_m))
            turned = rotation.multiply(poses.rotation[:, j], np.array(hold.turn))
            at[on] += (carried - at[on]) * share[on][:, None]
            turn[on] = rotation.slerp(turn[on], turned, share[on])
        return at, turn

    def motion_of(self, prop: Prop, frame: int) -> tuple[np.ndarray, np.ndarray]:
        """(3,) m/s of a prop's middle and (3,) rad/s, as the frames up to this one have them: none after it counts."""
        frames = np.array([frame - 2, frame - 1, frame])
        if frames[0] < self.first_frame:
            return np.zeros(3), np.zeros(3)
        at, turn = self.track_of(prop, frames)
        at = middle_of(prop, at, turn)
        steps = rotation.log(rotation.multiply(turn[1:], rotation.conjugate(turn[:-1]))) / self.frame_time_s
        # one-sided, of a parabola through the three
        return (3 * at[2] - 4 * at[1] + at[0]) / (2 * self.frame_time_s), 1.5 * steps[1] - 0.5 * steps[0]

    def joined(self, performer_id: str, layer_id: str) -> list[tuple[Performer, Layer]]:
        """Layers of other performers that came with a performer's layer, as two that fall together have them."""
        there = joined_id(performer_id, layer_id)
        return [(p, layer) for p in self.performers for layer in p.layers if layer.id == there]

    def standing_props(self) -> tuple[Prop, ...]:
        """The props as they stand in this shot: those that are carried keyed on every frame as they are carried."""
        return tuple(self._standing(prop) if prop.holds else prop for prop in self.props)

    def _standing(self, prop: Prop) -> Prop:
        frames = self.frame_numbers()
        at, turn = self.track_of(prop, frames)
        angles = rotation.each_after_the_other(rotation.to_euler(TURN_ORDER, turn))
        values = dict(zip((*PLACE_CHANNELS, *TURN_CHANNELS), (*at.T, *angles.T), strict=True))
        return replace(prop, holds=(), columns={c: smooth_keys(frames, v, LINEAR) for c, v in values.items()})

    def without_corrections(self) -> "Shot":
        """With every performer as it came and was keyed by hand."""
        added = sum(r.added for p in self.performers for r in p.timing.retimings if r.made_by)
        performers = tuple(p.without_corrections() for p in self.performers)
        return replace(self, performers=performers, frames=max(self.frames - added, 1))


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
