"""What a pin is: a part of the body held to something over a span."""

from dataclasses import dataclass

import numpy as np

from ironarc.core.errors import EditError, check_number
from ironarc.core.figure.body import Body
from ironarc.core.figure.grips import grip_called
from ironarc.core.motion.layers import span_share

WORLD = ""


@dataclass(frozen=True)
class Pin:
    """A part held over a span. Frames are the performer's own.

    part : name of a grip; to : "" for the world, the id of a prop or a performer (its own for another part of itself)
    joint : of the performer it is held to, "" for a prop or the world
    at_m, turn : place (m) and rotation in the axes of what it is held to; the world's are those of the performer's
        own place in the shot, so that whoever is moved as a whole takes his pins along
    place, direction : which of the two is held; weight : 0 to 1; pulls : whether a hand holds on, and may pull
    """

    id: str
    part: str
    start: int
    end: int
    at_m: tuple[float, float, float]
    turn: tuple[float, float, float, float] = (1.0, 0.0, 0.0, 0.0)
    to: str = WORLD
    joint: str = ""
    ease_in: int = 2
    ease_out: int = 2
    weight: float = 1.0
    place: bool = True
    direction: bool = False
    pulls: bool = False
    muted: bool = False

    def checked(self, body: Body) -> "Pin":
        """Itself; EditError, with part and frames, for one that can't be."""
        grip_called(body, self.part)
        if self.end < self.start:
            raise EditError(
                f"The pin of the {self.part} runs from its first to its last frame, not {self.start} to {self.end}."
            )
        if min(self.ease_in, self.ease_out) < 0 or self.ease_in + self.ease_out > self.end - self.start + 1:
            raise EditError(
                f"The pin of the {self.part} holds for {self.end - self.start + 1} frames; coming over {self.ease_in} "
                f"and going over {self.ease_out} leaves none between."
            )
        if not (np.isfinite(self.weight) and 0 <= self.weight <= 1):
            raise EditError(f"A pin's weight lies between 0 and 100 %; {self.weight * 100:g} % was given.")
        if not (self.place or self.direction):
            raise EditError(f"The pin of the {self.part} must hold its place, its direction, or both.")
        for value in (*self.at_m, *self.turn):
            check_number(f"The place of the pin of the {self.part}", value)
        if abs(np.linalg.norm(self.turn) - 1) > 1e-3:
            raise EditError(f"The direction of the pin of the {self.part} is not a valid rotation.")
        return self

    def counts(self, own: np.ndarray) -> np.ndarray:
        """(frames,) 0 to 1: how much of it counts on own frames (frames,)."""
        if self.muted:
            return np.zeros(len(own))
        return self.weight * span_share(own, self.start, self.end, self.ease_in, self.ease_out)
