"""A shot blocked by the very commands the Block step has: what a hand does on the bench, told in code."""

from dataclasses import replace

import numpy as np

from ironarc.core.document import Shot
from ironarc.core.edits.commands import COMMANDS
from ironarc.core.exchange.stock import STANDING, stock_performer
from ironarc.core.figure.grips import grip_called
from ironarc.core.posing import Move, Reach, Stand, stand_at
from ironarc.core.reading import see
from ironarc.core.scene.props import Prop

WHO = "performer1"


class Hand:
    """Holds the shot as it stands, and does one thing after the other to it."""

    def __init__(self, name: str, member: str, frames: int, props: tuple[Prop, ...] = (), fps: float = 24.0):
        empty = Shot(name, (), 1 / fps, 1, frames, floor_m=0.0, floor_by_hand=True, props=props)
        self.shot = replace(empty, performers=(stock_performer(member, STANDING, empty),))

    def do(self, command: str, **arguments) -> None:
        """One command of a performer, as the bench sends it."""
        self.shot = COMMANDS[command](see(self.shot), performer=WHO, **arguments).apply(self.shot)

    def stand(self, frame: int) -> Stand:
        """How the body stands on a frame."""
        return stand_at(see(self.shot), frame)

    def pose(self, frame: int, *moves: Move) -> None:
        """Moves of the pose on a frame, the whole of it keyed."""
        self.do("pose", frame=frame, moves=moves, which="whole")

    def reach(self, frame: int, grip: str, to_m: tuple[float, float, float], **how) -> None:
        """A grip brought to a place (3,) m, and the whole pose keyed."""
        stand = self.stand(frame)
        by = np.array(to_m) - stand.at(grip_called(stand.body, grip))
        self.pose(frame, Reach("reach", (grip,), tuple(map(float, by)), **how))
