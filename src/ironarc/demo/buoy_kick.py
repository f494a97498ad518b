"""PF-080 Buoy kick: Tansy kicks a float against the deckhouse, and it comes back by its bounce, onto the bollard.

What the float does is worked out: it lies until her foot is there.
"""

import numpy as np

from ironarc.core.document import Shot
from ironarc.core.edits.commands import COMMANDS
from ironarc.core.posing import Reach, Turn
from ironarc.core.reading import see
from ironarc.core.scene.props import Prop
from ironarc.demo.by_hand import Hand

NAME = "PF-080 Buoy kick"
FRAMES = 72
BACK, STRIKES, THROUGH, DOWN = 15, 19, 23, 40
OVER_M = 0.09
FLOAT = Prop(
    "prop1", "Float", "ball", (0.24, 0.24, 0.24), at_m=(-0.17, 0.0, 0.42), mass_kg=0.6, bounce=0.62, friction=0.6,
    drag=0.4,
)  # fmt: skip
WALL = Prop("prop2", "Deckhouse", "wall", (3.0, 2.4, 0.12), at_m=(0.0, 0.0, 2.5), turn_rad=(0.21, 0.0, 0.0))
# where the bounce takes the float
BOLLARD = Prop("prop3", "Bollard", "box", (0.26, 0.55, 0.26), at_m=(-0.78, 0.0, 0.83), turn_rad=(0.42, 0.0, 0.0))


def degrees(x: float, y: float = 0.0, z: float = 0.0) -> tuple[float, float, float]:
    return tuple(float(v) for v in np.radians([x, y, z]))


def make() -> Shot:
    """The kick as it is keyed, and the float that goes by itself."""
    hand = Hand(NAME, "tansy", FRAMES, (FLOAT, WALL, BOLLARD))
    hand.pose(1, Turn("turn", "head", degrees(14.0)))
    for frame in (BACK, STRIKES, THROUGH, DOWN, 56, FRAMES):
        hand.do("copy_pose", frame=1, to=(frame,))
    for frame in (BACK, STRIKES, THROUGH):
        # over the foot that stays
        hand.pose(frame, Reach("reach", ("hips",), (OVER_M, -0.02, 0.0), "body"))
    hand.pose(
        BACK,
        Turn("turn", "right knee", degrees(38.0)), Turn("turn", "right foot", degrees(62.0), bone="ends"),
        Turn("turn", "chest", degrees(10.0, 10.0)), Turn("turn", "left elbow", degrees(-38.0, 0.0, 14.0)),
        Turn("turn", "right elbow", degrees(30.0, 0.0, -16.0)),
    )  # fmt: skip
    hand.pose(
        STRIKES,
        Turn("turn", "right knee", degrees(-24.0)), Turn("turn", "right foot", degrees(6.0), bone="ends"),
        Turn("turn", "right foot", degrees(30.0)), Turn("turn", "chest", degrees(6.0, -6.0)),
        Turn("turn", "left elbow", degrees(16.0, 0.0, 18.0)), Turn("turn", "right elbow", degrees(12.0, 0.0, -22.0)),
    )  # fmt: skip
    hand.pose(
        THROUGH,
        Turn("turn", "right knee", degrees(-66.0)), Turn("turn", "right foot", degrees(2.0), bone="ends"),
        Turn("turn", "right foot", degrees(20.0)), Turn("turn", "chest", degrees(-6.0, -12.0)),
        Turn("turn", "left elbow", degrees(-34.0, 0.0, 26.0)), Turn("turn", "right elbow", degrees(26.0, 0.0, -28.0)),
    )  # fmt: skip
    hand.do("add_pin", parts=("left foot",), start=1, end=FRAMES, frame=1, ease_in=0, ease_out=0, direction=True)
    for frame, beat in ((BACK, "extreme"), (STRIKES, "breakdown"), (THROUGH, "extreme"), (DOWN, "extreme")):
        hand.do("mark_beat", frame=frame, beat=beat)
    seen = see(hand.shot)
    return COMMANDS["let_fly"](seen, item=FLOAT.id, frame=1).apply(hand.shot)
