"""One body in a shot."""

from dataclasses import dataclass, field, replace

import numpy as np

from ironarc.core.errors import EditError
from ironarc.core.figure.body import Body, weigh
from ironarc.core.figure.grips import grip_called, limb_with
from ironarc.core.figure.rig import Rig
from ironarc.core.figure.weighing import Weighing
from ironarc.core.keying.keying import Beat
from ironarc.core.motion.evaluate import Evaluated, evaluate
from ironarc.core.motion.layers import CORRECTION, Layer
from ironarc.core.motion.loads import Load, LoadTrack, track_loads
from ironarc.core.motion.motion import Motion
from ironarc.core.motion.pin import Pin
from ironarc.core.motion.pins import NO_ANCHORS, Anchors, holdings
from ironarc.core.motion.poses import Poses
from ironarc.core.scene.placement import Placement
from ironarc.core.scene.strip import Strip
from ironarc.core.scene.timing import Timing
from ironarc.core.settings import MAX_FRAMES
from ironarc.core.skin import OwnSkin

LONGEST_REASON = 400
MOST_PINS = 120
MOST_STRIPS = 60
AIR = ""  # the surface of a contact point that is said to touch nothing


@dataclass(frozen=True)
class HandContact:
    """What a person says of a contact point over a span: that it rests on a surface, or touches nothing.

    joint, point : as the skin names them, or both "" for the body as a whole; start, end : own frames, both included
    surface : "floor", the id of a prop, or "" for nothing; pulls : whether it may pull as well as push
    """

    joint: str
    point: str
    start: int
    end: int
    surface: str = AIR
    pulls: bool = False

    def checked(self, rig: Rig) -> "HandContact":
        """Itself; EditError for a span or joint that can't be."""
        if self.joint and self.joint not in rig:
            raise EditError(f"There is no joint called {self.joint} to touch anything.")
        if self.end < self.start:
            raise EditError(
                f"A contact of {self.joint} runs from its first to its last frame; "
                f"{self.start} to {self.end} was given."
            )
        return self


@dataclass(frozen=True)
class Left:
    """A finding that stays as it is on purpose. kind, part : as the finding has them; start, end : own frames
    value : what it was then, in its own unit; 0 where that is not known."""

    kind: str
    start: int
    end: int
    reason: str
    part: str = ""
    value: float = 0.0

    def checked(self) -> "Left":
        """Itself; EditError for a span that can't be, or no reason."""
        if self.end < self.start:
            raise EditError(
                f"What is left runs from its first to its last frame; {self.start} to {self.end} was given."
            )
        if not 0 < len(self.reason.strip()) <= LONGEST_REASON:
            raise EditError(f"Say why it is left as it is, in up to {LONGEST_REASON} characters.")
        return self


@dataclass(frozen=True)
class Performer:
    """One body in a shot. Frames are its own unless a name says otherwise.

    id : unique within the shot
    layers : the base first, then those that add to it or replace it
    clip : first and last own frame of its motion; None takes the base's keys
    scale_to_m : metres in one of the rig's own length units; unit_guessed : True if guessed from the figure's height
    weighing : at its own size; a scaled body weighs by the cube of its scale
    contacts : set by hand, over what is detected; left : findings that stay as they are, with the reason
    sample_time_s : seconds between the frames the motion was captured or keyed on, where the rate was raised since;
        0 where every frame is its own. What lies between them was worked out, and is no evidence of anything
    pins : parts that are held; beats : what kind of pose stands on a frame, where a person said so
    strips : named clips; skin : the one it came with, or was given
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
    clip: tuple[int, int] | None = None
    contacts: tuple[HandContact, ...] = ()
    left: tuple[Left, ...] = ()
    sample_time_s: float = 0.0
    pins: tuple[Pin, ...] = ()
    beats: tuple[Beat, ...] = ()
    strips: tuple[Strip, ...] = ()
    skin: OwnSkin | None = None

    def __post_init__(self):
        if self.clip is None:
            base = self.layers[0].reach() if self.layers else None
            object.__setattr__(self, "clip", base or (1, 1))

    def checked(self) -> "Performer":
        """Itself; EditError, with what and where, for anything that can't be."""
        if not (np.isfinite(self.scale_to_m) and 1e-6 < self.scale_to_m < 1e4):
            raise EditError(f"A unit of length lies between 0.001 mm and 10 km; {self.scale_to_m:g} m was given.")
        if not 0 <= self.clip[1] - self.clip[0] < MAX_FRAMES:
            raise EditError(f"{self.name}: a clip runs from its first to its last frame, up to {MAX_FRAMES} of them.")
        if len({layer.id for layer in self.layers}) < len(self.layers):
            raise EditError(f"{self.name} has two layers of one id.")
        for layer in self.layers:
            layer.checked(self.rig)
        self.timing.checked(self.clip)
        for load in self.loads:
            load.checked(self.rig)
        for contact in self.contacts:
            contact.checked(self.rig)
        for left in self.left:
            left.checked()
        if len({strip.name for strip in self.strips}) < len(self.strips) or len(self.strips) > MOST_STRIPS:
            raise EditError(f"{self.name} has up to {MOST_STRIPS} clips, each with a name of its own.")
        for strip in self.strips:
            strip.checked()
        check_pins(self)
        self.placement.checked()
        self.weighing.checked()
        return self

    def strips_seen(self) -> tuple[Strip, ...]:
        """The named clips in frames of the shot, those that play there at all."""
        first, last = self.timing.kept(self.clip)
        kept = (replace(s, start=max(s.start, first), end=min(s.end, last)) for s in self.strips)
        seen = self.timing.seen_frame
        return tuple(replace(s, start=seen(s.start), end=seen(s.end)) for s in kept if s.start <= s.end)

    def body(self) -> Body:
        """Its body at the size it has in the shot."""
        scale = self.placement.scale
        body = weigh(self.rig, self.scale_to_m * scale, self.weighing.scaled(scale))
        return body if self.skin is None else self.skin.body_with(body)

    @property
    def mass_kg(self) -> float:
        """Of its body at the size it has in the shot, without loads."""
        return self.weighing.scaled(self.placement.scale).mass_kg

    @property
    def plays(self) -> tuple[int, int]:
        """First and last frame of the shot on which its motion plays; outside, its end poses hold."""
        return self.timing.span(self.clip)

    @property
    def motion(self) -> Motion:
        """All that its poses follow from."""
        held = holdings(self.pins, self.body(), self.id) if self.pins else ()
        return Motion(self.rig, self.clip, self.layers, self.timing, self.placement, self.scale_to_m, held)

    def evaluate(
        self, frames: np.ndarray, dt: float, anchors: Anchors = NO_ANCHORS, was: Evaluated | None = None
    ) -> Evaluated:
        """World poses on the shot's `frames` (frames,), `dt` seconds apart, and where they come from.

        anchors : where props and other performers are that its pins hold to, as `Shot.evaluate` has them
        """
        return evaluate(self.motion, frames, dt, anchors, was)

    def poses(self, frames: np.ndarray, dt: float) -> Poses:
        """World poses on the shot's `frames` (frames,), `dt` seconds apart."""
        return self.evaluate(frames, dt).poses

    def load_tracks(self, poses: Poses) -> tuple[LoadTrack, ...]:
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

    @property
    def corrections(self) -> tuple[Layer, ...]:
        """The layers that corrections made, from below."""
        return tuple(layer for layer in self.layers if layer.role == CORRECTION)

    def with_layers(self, layers: tuple[Layer, ...]) -> "Performer":
        """With these layers; the clip grows to what new ones reach, so that none acts on frames that never play."""
        new = [layer for layer in layers if not any(layer is there for there in self.layers)]
        reaches = [r for layer in new if (r := layer.reach()) is not None]
        first, last = min([self.clip[0], *(r[0] for r in reaches)]), max([self.clip[1], *(r[1] for r in reaches)])
        if last - first >= MAX_FRAMES:
            raise EditError(
                f"{self.name}'s motion would run from frame {first} to {last}; up to {MAX_FRAMES} frames can be kept."
            )
        return replace(self, layers=layers, clip=(first, last))

    def free_layer_id(self) -> str:
        """An id for a new layer."""
        taken = [layer.id.removeprefix("layer") for layer in self.layers if layer.id.startswith("layer")]
        return f"layer{max((int(n) for n in taken if n.isdigit()), default=0) + 1}"

    def without_corrections(self) -> "Performer":
        """As it came and was keyed by hand: without the layers and retimings that corrections made."""
        layers = tuple(layer for layer in self.layers if layer.role != CORRECTION)
        retimings = tuple(r for r in self.timing.retimings if not r.made_by)
        return replace(self, layers=layers, timing=replace(self.timing, retimings=retimings))


def check_pins(performer: Performer) -> None:
    """EditError for pins that can't be, or that hold one part twice at the same time."""
    if not performer.pins:
        return
    if len(performer.pins) > MOST_PINS:
        raise EditError(f"A performer can have up to {MOST_PINS} pins; delete some first.")
    body = performer.body()
    for pin in performer.pins:
        pin.checked(body)
    for i, a in enumerate(performer.pins):
        for b in performer.pins[i + 1 :]:
            if a.part == b.part and a.start <= b.end and b.start <= a.end:
                raise EditError(
                    f"The {a.part} is pinned already from {performer.timing.seen_frame(a.start)} to "
                    f"{performer.timing.seen_frame(a.end)}. End that pin first, or hold another part."
                )
        _check_own(performer, a, body)


def _check_own(performer: Performer, pin: Pin, body: Body) -> None:
    """EditError for a part that is held to itself, or by what it carries."""
    if pin.to != performer.id:
        return
    if pin.joint not in performer.rig:
        raise EditError(f"There is no joint called {pin.joint} to hold the {pin.part} to.")
    grip, joint = grip_called(body, pin.part), performer.rig.index(pin.joint)
    limb = limb_with(body, grip.joint)
    top = grip.joint if limb is None else limb.upper
    at = joint
    while at >= 0:
        if at == top:
            raise EditError(
                f"The {pin.part} can't be held to {pin.joint}: it moves with the same limb. Hold it to another part."
            )
        at = int(performer.rig.parents[at])
    back = [p for p in performer.pins if p.to == performer.id and p is not pin]
    for other in back:
        theirs = limb_with(body, grip_called(body, other.part).joint)
        mine = limb_with(body, joint)
        meets = pin.start <= other.end and other.start <= pin.end
        if (
            meets
            and theirs is not None
            and theirs is mine
            and limb_with(body, performer.rig.index(other.joint)) is limb
        ):
            raise EditError(
                f"The {pin.part} is to hold to what is itself held to the {pin.part}: a circle. Hold only one of them."
            )
