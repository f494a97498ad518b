"""What is known of a performer before it is read: its poses, and where its center of gravity is."""

from collections.abc import Callable
from dataclasses import dataclass
from functools import cached_property

import numpy as np

from ironarc.core.document import Shot
from ironarc.core.figure.body import Body
from ironarc.core.motion.poses import Poses
from ironarc.core.reading.flights import Flight
from ironarc.core.reading.momentum import body_centres, whole_com
from ironarc.core.reading.read import Answer


@dataclass(frozen=True, eq=False)
class Early:
    """A reading's poses and places, for pictures that need not wait for the rest: it takes a tenth of the time.

    com : (frames, 3) m, of the body alone, whatever it holds; floor_m : the shot's, or the lowest joint's height
    com_velocity, com_acceleration, angular_momentum : (frames, 3), NaN: not known yet
    """

    poses: Poses
    body: Body
    com: np.ndarray
    floor_m: float
    g: float

    flights: tuple[Flight, ...] = ()

    @property
    def com_velocity(self) -> np.ndarray:
        return np.full(self.com.shape, np.nan)

    com_acceleration = angular_momentum = com_velocity

    def ask(self, measure: Callable[["Early"], Answer]) -> Answer:
        """What `measure` says of it, worked out once, as a reading has it."""
        if measure not in self._known:
            self._known[measure] = measure(self)
        return self._known[measure]

    def before(self, measure: Callable[["Early"], Answer]) -> None:
        """Nothing was known before it."""

    @cached_property
    def _known(self) -> dict:
        return {}


def early_look(shot: Shot, performer_id: str = "") -> Early:
    """One performer of a shot (the first for "") before it is read."""
    performer = shot.performer_called(performer_id)
    poses, body = shot.poses(performer.id, shot.frame_numbers()), performer.body()
    com = whole_com(body_centres(poses, body), body)
    floor_m = float(poses.position[..., 1].min()) if shot.floor_m is None else shot.floor_m
    return Early(poses, body, com, floor_m, shot.g)
