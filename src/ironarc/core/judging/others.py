"""What is about a performer in its shot, as far as it is judged by that: worked out where a rule looks at it."""

from collections.abc import Callable
from dataclasses import dataclass
from functools import cached_property

import numpy as np

from ironarc.core.figure.body import Body
from ironarc.core.motion.poses import Poses
from ironarc.core.rows import differing
from ironarc.core.scene.props import Prop
from ironarc.core.scene.strip import Strip


@dataclass(frozen=True, eq=False)
class Beside:
    """Another performer of the shot; find : gives its poses on the same frames."""

    id: str
    name: str
    body: Body
    find: Callable[[], Poses]

    @cached_property
    def poses(self) -> Poses:
        return self.find()


@dataclass(frozen=True, eq=False)
class Loose:
    """A prop with a mass that flies or is carried. at : (frames, 3) m its middle; turn : (frames, 4)"""

    prop: Prop
    at: np.ndarray
    turn: np.ndarray


@dataclass(frozen=True, eq=False)
class Others:
    """What is about a performer, whose id is `performer`: those beside it, and the props that are no places.

    find_props : gives those; strips : its own named clips, in frames of the shot
    rests_on : all that this follows from; two that rest on the very same are alike. () for one that is like no other
    """

    performer: str = ""
    beside: tuple[Beside, ...] = ()
    find_props: Callable[[], tuple[Loose, ...]] = tuple
    strips: tuple[Strip, ...] = ()
    rests_on: tuple = ()

    @cached_property
    def props(self) -> tuple[Loose, ...]:
        return self.find_props()

    def is_like(self, other: "Others") -> bool:
        """Whether all about a performer is the same in both."""
        mine, theirs = self.rests_on, other.rests_on
        return self is other or (
            bool(mine)
            and len(mine) == len(theirs)
            and all(a is b or (_plain(a) and a == b) for a, b in zip(mine, theirs, strict=True))
        )


def _plain(x) -> bool:
    return isinstance(x, (int, float, str))


def apart_since(mine_then: Poses, mine: Poses, theirs_then: Poses, theirs: Poses) -> np.ndarray | None:
    """(frames,) bool: where two bodies stand otherwise than they did; None for other frames or bodies than then."""
    out = None
    for then, now in ((mine_then, mine), (theirs_then, theirs)):
        if then.position.shape != now.position.shape:
            return None
        rows = _apart(then, now)
        out = rows if out is None else out | rows
    return out


def _apart(then: Poses, now: Poses) -> np.ndarray:
    """(frames,) bool: where a body stands otherwise than it did."""
    for one, other in ((now, then), (then, now)):
        if one.since and one.since[0]() is other:
            return one.since[1]
    return differing(then.position, now.position) | differing(then.rotation, now.rotation)


NOBODY = Others()
