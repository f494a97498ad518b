"""PF-021 Sack caught: the sack that Bram threw comes to Tansy, who takes it against her chest.

Keyed she stops it within a frame; what her body gives with it is worked out, and lies over the keys as a layer.
"""

import numpy as np

from ironarc.core import rotation
from ironarc.core.document import Shot
from ironarc.core.edits.commands import COMMANDS
from ironarc.core.edits.items import AddItem
from ironarc.core.figure.crew import TANSY
from ironarc.core.reading import see
from ironarc.core.scene.props import MATERIALS, Hold, Prop, middle_of
from ironarc.core.truing import propose, read_try
from ironarc.demo.posing import Plant, Score, Stay, key_shot

NAME = "PF-021 Sack caught"
FRAMES, CAUGHT = 60, 14
CHEST = "UpperChest"
# Where the sack lies as she holds it: its foot in the axes of her chest
HELD_M = (0.0, -0.24, 0.27)
COMES_FROM_M = (0.1, 0.95, 2.7)

SCORE = Score(
    name=NAME,
    member=TANSY,
    fps=24.0,
    frames=FRAMES,
    poses={
        1: dict(lean=4, bend=6, nod=0, look=0, twist=0, turn=0, tilt=0, reach_l=20, reach_r=20, spread_l=14,
                spread_r=14, elbow_l=50, elbow_r=50, wrist_l=0, wrist_r=0, shrug_l=0, shrug_r=0),
        8: dict(lean=6, bend=8, nod=-6, reach_l=52, reach_r=52, spread_l=26, spread_r=26, elbow_l=44, elbow_r=44,
                 shrug_l=4, shrug_r=4),
        CAUGHT: dict(lean=6, bend=10, nod=2, reach_l=52, reach_r=52, spread_l=6, spread_r=6, elbow_l=74, elbow_r=74),
        19: dict(lean=6, bend=10, nod=10, reach_l=42, reach_r=42, spread_l=2, spread_r=2, elbow_l=88, elbow_r=88),
        38: dict(lean=5, bend=8, nod=14, look=4, reach_l=38, reach_r=38, spread_l=4, spread_r=4, elbow_l=92,
                 elbow_r=92),
        FRAMES: dict(lean=4, bend=7, nod=6, look=12, reach_l=38, reach_r=38, elbow_l=92, elbow_r=92),
    },
    plants=(
        Plant("l", 1, FRAMES, (15.0, 17.0), {1: 0, FRAMES: 0}, turn=6),
        Plant("r", 1, FRAMES, (-14.0, -12.0), {1: 0, FRAMES: 0}, turn=18),
    ),
    path=(
        Stay(1, (0.0, 91.0, 2.0)),
        Stay(8, (0.0, 89.0, 3.0)),
        Stay(16, (0.0, 88.0, 3.0)),
        Stay(38, (0.0, 89.0, 2.0)),
        Stay(FRAMES, (0.0, 90.0, 2.0)),
    ),
)  # fmt: skip


def stiff() -> Shot:
    """As it is keyed: the sack flies in by itself and is held from the frame that it is there on."""
    shot = key_shot(SCORE)
    chest = shot.performer.rig.index(CHEST)
    poses = shot.poses("", np.array([CAUGHT]))
    turn = rotation.conjugate(poses.rotation[0, chest])
    hold = Hold("hold1", shot.performer.id, CHEST, CAUGHT, FRAMES, HELD_M, tuple(map(float, turn)))
    sack = Prop(
        "prop1", "Mail sack", "box", (0.34, 0.42, 0.26), COMES_FROM_M, mass_kg=6.0, holds=(hold,),
        bounce=MATERIALS["filled sack"].bounce, friction=MATERIALS["filled sack"].friction,
    )  # fmt: skip
    shot = AddItem(sack).apply(shot)
    at, turned = shot.track_of(sack, np.array([CAUGHT]))
    there = tuple(map(float, middle_of(sack, at, turned)[0]))
    aimed = COMMANDS["aim_prop"](
        see(shot), item="prop1", frame=1, at_m=there, arrives=CAUGHT, spin_rads=(0.0, 0.0, 0.0)
    )  # fmt: skip
    return aimed.apply(shot)


def make() -> Shot:
    """With what her body gives."""
    shot = stiff()
    return propose(see(shot), read_try(f"give_catch(frame={CAUGHT},tone=0.25)")).edit.apply(shot)
