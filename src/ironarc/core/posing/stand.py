"""How a body stands on one frame, before and while it is posed."""

from dataclasses import dataclass, replace
from functools import cached_property
from typing import Protocol

import numpy as np

from ironarc.core import rotation
from ironarc.core.document import Performer, Shot
from ironarc.core.figure.body import Body
from ironarc.core.figure.grips import Grip, Limb, limb_with, limbs_of
from ironarc.core.figure.rig import Rig
from ironarc.core.motion.pins import Holding, Posed, holdings
from ironarc.core.motion.posing import Pose
from ironarc.core.reading import Reading
from ironarc.core.reading.gravity_arc import nearest_arc
from ironarc.core.reading.shot import Seen

HELD = 0.5  # a pin that counts for so much holds its part while the body is posed


@dataclass(frozen=True, eq=False)
class Stand:
    """One performer on one frame of the shot.

    local : (1, joints, 4); translation : (1, joints, 3) m, in place and with its pins
    """

    seen: Seen
    frame: int
    local: np.ndarray
    translation: np.ndarray

    @property
    def shot(self) -> Shot:
        return self.seen.shot

    @property
    def performer(self) -> Performer:
        return self.seen.performer

    @property
    def reading(self) -> Reading:
        return self.seen.reading

    @property
    def body(self) -> Body:
        return self.seen.reading.body

    @property
    def rig(self) -> Rig:
        return self.performer.rig

    @property
    def index(self) -> int:
        """Of its frame within the reading."""
        return self.frame - self.shot.first_frame

    @cached_property
    def posed(self) -> Posed:
        """Rotations and places in the world."""
        return Posed(self.rig, self.local, self.translation)

    @property
    def pose(self) -> Pose:
        return Pose(self.local[0], self.translation[0, self.rig.roots[0]])

    def at(self, grip: Grip) -> np.ndarray:
        """(3,) m: where a grip is."""
        return self.posed.at(grip)[0]

    def with_(self, local: np.ndarray, translation: np.ndarray | None = None) -> "Stand":
        """Standing otherwise."""
        return replace(self, local=local, translation=self.translation if translation is None else translation)

    def with_pose(self, pose: Pose) -> "Stand":
        """Standing in a pose."""
        translation = self.translation.copy()
        translation[0, self.rig.roots[0]] = pose.root_m
        return self.with_(pose.local[None], translation)

    @cached_property
    def set_off(self) -> np.ndarray:
        """(3,) m by which the center of gravity was set off from that of the parts; it rides with the root."""
        return rotation.rotate(self.posed.world[0, self.rig.roots[0]], self.body.offset_m)

    @cached_property
    def com(self) -> np.ndarray:
        """(3,) m, of the body alone."""
        b, p = self.body, self.posed
        centres = p.position[0, b.joints] + rotation.rotate(p.world[0, b.joints], b.coms)
        return (centres * b.masses[:, None]).sum(axis=0) / b.masses.sum() + self.set_off

    @cached_property
    def own(self) -> float:
        """The own frame behind it."""
        return float(self.performer.timing.mix(np.array([self.frame]), self.performer.clip).before[0])

    @cached_property
    def held(self) -> tuple[Holding, ...]:
        """What pins hold on this frame."""
        own = np.array([self.own])
        acting = tuple(pin for pin in self.performer.pins if pin.counts(own)[0] >= HELD)
        return holdings(acting, self.body, self.performer.id)

    def touching(self) -> list[Limb]:
        """Legs and arms that something bears on this frame."""
        skin, on = self.reading.traced.track.skin, self.reading.footing.on[self.index]
        joints = {int(j) for j, touches in zip(skin.joints, on, strict=True) if touches}
        ends = {limb.name: limb for limb in limbs_of(self.body)}
        found = {limb.name for joint in joints if (limb := self._carried_by(joint)) is not None}
        return [ends[name] for name in ends if name in found]

    def _carried_by(self, joint: int) -> Limb | None:
        limb = limb_with(self.body, joint)
        # a knee or an elbow that touches is no foot that stands
        return limb if limb is not None and joint not in (limb.upper, limb.lower if limb.end >= 0 else -1) else None

    def arc_place(self) -> np.ndarray | None:
        """(3,) m: where the flight's nearest arc has the center of gravity on this frame, which a reading holds it
        against; None on the ground."""
        for flight in self.reading.flights:
            if flight.start <= self.frame <= flight.end:
                return nearest_arc(self.reading, flight)[self.frame - flight.start]
        return None


@dataclass(frozen=True)
class Ahead(Seen):
    """A shot that is some edits on from what was read."""


class Change(Protocol):
    """What makes one shot of another, as an edit does."""

    def apply(self, shot: Shot) -> Shot: ...


def ahead(seen: Seen, edit: Change) -> Ahead:
    """What is seen, with an edit made; its reading is the one before."""
    shot = edit.apply(seen.shot)
    return Ahead(shot, shot.performer_called(seen.performer.id), seen.reading)


def stand_at(seen: Seen, frame: int) -> Stand:
    """How the performer stands on a frame of the shot."""
    poses, at = seen.reading.poses, frame - seen.shot.first_frame
    if isinstance(seen, Ahead):
        poses, at = seen.shot.poses(seen.performer.id, np.array([frame])), 0
    return Stand(seen, frame, poses.local[at : at + 1], poses.translation[at : at + 1])
