"""What is about a performer in its shot, as far as it is judged by that."""

from dataclasses import dataclass, field

import numpy as np

from ironarc.core.figure.body import Body
from ironarc.core.motion.poses import Poses
from ironarc.core.scene.props import Prop
from ironarc.core.scene.strip import Strip


@dataclass(frozen=True, eq=False)
class Beside:
    """Another performer of the shot, on the same frames."""

    id: str
    name: str
    body: Body
    poses: Poses


@dataclass(frozen=True, eq=False)
class Loose:
    """A prop with a mass that flies or is carried. at : (frames, 3) m its middle; turn : (frames, 4)"""

    prop: Prop
    at: np.ndarray
    turn: np.ndarray


@dataclass(frozen=True, eq=False)
class Others:
    """What is about a performer, whose id is `performer`: those beside it, and the props that are no places.

    strips : its own named clips, in frames of the shot; known : what was worked out of them
    """

    performer: str = ""
    beside: tuple[Beside, ...] = ()
    props: tuple[Loose, ...] = ()
    strips: tuple[Strip, ...] = ()
    known: dict = field(default_factory=dict)


NOBODY = Others()
