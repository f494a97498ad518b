"""What is asked of a body that is let go or struck, and what becomes of it."""

from collections.abc import Callable, Mapping, Sequence
from dataclasses import dataclass, field

import numpy as np

from ironarc.core.figure.body import Body
from ironarc.core.motion.poses import Poses
from ironarc.core.scene.props import Touch

Tone = Callable[[float, int], float]
"""Of a share of the way, 0 to 1, and a joint gives 0 (limp) to 1 (held to its keys)."""


@dataclass(frozen=True, eq=False)
class Blow:
    """What strikes a body. index : frames after it is let go, between them too; joint; at, impulse : (3,) m and N·s"""

    index: float
    joint: int
    at: np.ndarray
    impulse: np.ndarray


@dataclass(frozen=True, eq=False)
class Letting:
    """What of a body is let go, and how.

    joints : those that are; None for all, the root too
    planted : of a joint that stays where its keys have it, on which frames (frames,)
    lives : whether it keeps itself up; blows : what strikes it
    quiet : how the same run went with nothing striking it: in the air a blow is kept beside that to the letter
    """

    joints: frozenset[int] | None = None
    planted: Mapping[int, np.ndarray] = field(default_factory=dict)
    lives: bool = False
    blows: Sequence[Blow] = ()
    quiet: "Fallen | None" = None

    @property
    def is_whole(self) -> bool:
        """Whether nothing holds it anywhere."""
        return self.joints is None and not self.planted and not self.lives


WHOLE = Letting()


@dataclass(frozen=True, eq=False)
class Falling:
    """A body that is let go on index `start` of its poses. performer : its id, for what touches it"""

    poses: Poses
    body: Body
    start: int
    tone: Tone
    letting: Letting = WHOLE
    performer: str = ""


@dataclass(frozen=True, eq=False)
class Fallen:
    """local : (frames, joints, 4); translation : (frames, joints, 3) m, in place; touches : frames on something

    at, turn : {prop: (frames, 3) m its foot, (frames, 4)} of what moved with it; met : what those met
    steps : (steps, 9) of a body that lives: center of gravity, its velocity and the angular momentum, step by step
    """

    local: np.ndarray
    translation: np.ndarray
    touches: np.ndarray
    at: Mapping[str, np.ndarray]
    turn: Mapping[str, np.ndarray]
    met: Mapping[str, tuple[Touch, ...]]
    steps: np.ndarray
