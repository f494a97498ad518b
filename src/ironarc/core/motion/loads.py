"""Loads: mass held for a span of frames, taken up and put down over a few of them."""

from collections.abc import Sequence
from dataclasses import dataclass

import numpy as np

from ironarc.core import rotation
from ironarc.core.errors import EditError, check_mass
from ironarc.core.figure.anatomy import Anatomy
from ironarc.core.motion.layers import span_share
from ironarc.core.motion.poses import Poses


@dataclass(frozen=True)
class Load:
    """Something held. Frames are the performer's own.

    joints : names of one joint or several that hold it: a hand by its palm (on a rig with no hand joint, the
        forearm holds by it), any other by itself; it hangs half-way between them, turned as the first is
    start, end : first and last frame it is held on; ease_in, ease_out : frames over which it is taken up, put down
    mass_kg; size_m : (3,) m of the box it fills; offset_m : (3,) m from the joints, in the first one's axes
    """

    id: str
    name: str
    joints: tuple[str, ...]
    start: int
    end: int
    mass_kg: float
    size_m: tuple[float, float, float] = (0.3, 0.3, 0.3)
    offset_m: tuple[float, float, float] = (0.0, 0.0, 0.0)
    ease_in: int = 4
    ease_out: int = 2

    def checked(self, rig) -> "Load":
        """Itself; EditError for a mass, span or joint that can't be."""
        check_mass(f"The mass of {self.name}", self.mass_kg)
        if not self.joints:
            raise EditError(f"{self.name} must be held by a joint.")
        for joint in self.joints:
            if joint not in rig:
                raise EditError(f"There is no joint called {joint} to hold {self.name}.")
        if self.end < self.start:
            raise EditError(f"{self.name} is held from its first to its last frame, not {self.start} to {self.end}.")
        if self.ease_in < 0 or self.ease_out < 0 or self.ease_in + self.ease_out > self.end - self.start + 1:
            raise EditError(
                f"{self.name} is held for {self.end - self.start + 1} frames; taking it up over {self.ease_in} and "
                f"putting it down over {self.ease_out} leaves none between."
            )
        if not np.isfinite(self.size_m).all() or min(self.size_m) <= 0 or max(self.size_m) > 50:
            raise EditError(f"The size of {self.name} lies between 0 and 50 m each way.")
        if not np.isfinite(self.offset_m).all() or np.abs(self.offset_m).max() > 50:
            raise EditError(f"{self.name} must lie within 50 m of what holds it.")
        return self

    def counts(self, own: np.ndarray) -> np.ndarray:
        """(frames,) 0 to 1: how much of it counts on own frames; eased by t² (3 - 2t), full between the eases."""
        return span_share(own, self.start, self.end, self.ease_in, self.ease_out)


@dataclass(frozen=True)
class LoadTrack:
    """A load over the frames of a shot.

    counts : (frames,) 0 to 1; centre : (frames, 3) m, world; rotation : (frames, 4), of its own axes
    inertia : (3, 3) kg·m² about its middle, its own axes
    """

    load: Load
    counts: np.ndarray
    centre: np.ndarray
    rotation: np.ndarray
    inertia: np.ndarray

    @property
    def mass(self) -> np.ndarray:
        """(frames,) kg that counts."""
        return self.load.mass_kg * self.counts

    @property
    def easing(self) -> np.ndarray:
        """(frames,) bool: being taken up or put down."""
        return (self.counts > 0) & (self.counts < 1)


def track_loads(
    loads: Sequence[Load], poses: Poses, anatomy: Anatomy, own: np.ndarray, scale: float
) -> tuple[LoadTrack, ...]:
    """Loads followed along the poses; `own` (frames,) are the performer's frames, `scale` its size in the shot."""
    palms = {point.joint: point.position_m for point in anatomy.contact_points if point.point == "palm"}
    out = []
    for load in loads:
        held = [poses.rig.index(joint) for joint in load.joints if joint in poses.rig]
        if not held:
            continue
        turn = poses.rotation[:, held[0]]
        offset = np.array(load.offset_m) * scale
        grip = poses.position[:, held] + rotation.rotate(
            poses.rotation[:, held], np.array([palms.get(joint, np.zeros(3)) for joint in held])
        )
        centre = grip.mean(axis=1) + rotation.rotate(turn, offset)
        w, h, d = load.size_m
        inertia = load.mass_kg / 12 * np.diag([h * h + d * d, w * w + d * d, w * w + h * h])
        out.append(LoadTrack(load, load.counts(own), centre, turn, inertia))
    return tuple(out)
