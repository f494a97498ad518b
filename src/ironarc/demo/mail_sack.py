"""PF-020 Mail-sack throw: Bram swings a sack of 9 kg up from his hip and lets it go; his feet stay where they are."""

from dataclasses import replace

import numpy as np

from ironarc.core import rotation
from ironarc.core.document import Shot
from ironarc.core.edits.commands import COMMANDS
from ironarc.core.edits.flown import led_keys
from ironarc.core.edits.items import AddItem
from ironarc.core.figure.crew import BRAM
from ironarc.core.motion.loads import Load
from ironarc.core.reading import see
from ironarc.core.scene.props import MATERIALS, Prop
from ironarc.demo.posing import Plant, Score, Stay, key_shot

NAME = "PF-020 Mail-sack throw"
LET_GO = 30  # the last frame the sack is held on

SCORE = Score(
    name=NAME,
    member=BRAM,
    fps=24.0,
    frames=60,
    poses={
        1: dict(lean=6, bend=8, nod=4, turn=0, twist=0, look=0, tilt=0, reach_l=26, reach_r=26, spread_l=-4,
                spread_r=-4, elbow_l=22, elbow_r=22, wrist_l=10, wrist_r=10, shrug_l=0, shrug_r=0),
        10: dict(lean=8, bend=10, nod=6, twist=-6, turn=-4, look=6, reach_l=24, reach_r=20, elbow_l=24, elbow_r=26),
        22: dict(lean=18, bend=20, nod=-6, turn=-22, twist=-34, look=44, tilt=-5, reach_l=34, reach_r=-4, spread_l=-16,
                 spread_r=16, elbow_l=30, elbow_r=24, shrug_l=4, shrug_r=2),
        29: dict(lean=14, bend=10, nod=-6, turn=-2, twist=-4, look=6, tilt=0, reach_l=50, reach_r=46, spread_l=-4,
                 spread_r=-2, elbow_l=22, elbow_r=20),
        34: dict(lean=8, bend=-2, nod=-10, turn=14, twist=20, look=-20, reach_l=96, reach_r=100, spread_l=4,
                 spread_r=-2, elbow_l=12, elbow_r=10, wrist_l=-14, wrist_r=-14, shrug_l=10, shrug_r=10),
        40: dict(lean=12, bend=4, nod=-10, turn=16, twist=24, reach_l=112, reach_r=118, spread_l=18, spread_r=10,
                 elbow_l=16, elbow_r=14, wrist_l=6, wrist_r=6),
        50: dict(lean=6, bend=6, nod=-4, turn=6, twist=8, look=-10, reach_l=48, reach_r=52, spread_l=16, spread_r=12,
                 elbow_l=34, elbow_r=36, shrug_l=2, shrug_r=2),
        60: dict(lean=3, bend=5, nod=0, turn=1, twist=1, look=-4, reach_l=10, reach_r=10, spread_l=9, spread_r=9,
                 elbow_l=18, elbow_r=18, shrug_l=0, shrug_r=0, wrist_l=6, wrist_r=6),
    },
    plants=(
        Plant("l", 1, 60, (17.0, 20.0), {1: 0, 60: 0}, turn=10),
        Plant("r", 1, 60, (-17.0, -4.0), {1: 0, 24: 0, 32: 14, 40: 20, 52: 4, 60: 0}, turn=22),
    ),
    path=(
        Stay(1, (0.0, 98.0, 3.0)),
        Stay(10, (-1.5, 97.0, 1.5)),
        Stay(22, (-6.0, 89.0, -2.0)),
        Stay(35, (4.0, 99.0, 11.0), (0.2, 0.3, 0.3)),
        Stay(42, (5.0, 99.5, 12.0)),
        Stay(60, (1.0, 99.0, 7.0)),
    ),
)  # fmt: skip

# In both hands from the first frame, hanging a little below them; gone over two frames
SACK = Load(
    "load1", "Mail sack", ("LeftHand", "RightHand"), 1, LET_GO, 9.0, (0.34, 0.42, 0.26), (0.0, -0.14, 0.04), 0, 1
)


def make() -> Shot:
    """The shot, the sack held and let go; then it flies on, lands, slides and lies."""
    shot = key_shot(SCORE)
    shot = shot.with_item(replace(shot.performer, loads=(SACK,)))
    frames = np.arange(1, LET_GO + 1)
    track = see(shot).reading.loads[0]
    held = slice(0, LET_GO)
    sack = Prop(
        "prop1", SACK.name, "box", SACK.size_m, mass_kg=SACK.mass_kg, bounce=MATERIALS["filled sack"].bounce,
        friction=MATERIALS["filled sack"].friction,
    )  # fmt: skip
    foot = track.centre[held] - rotation.rotate(track.rotation[held], np.array([0.0, SACK.size_m[1] / 2, 0.0]))
    sack = replace(sack, columns=led_keys(frames, foot, track.rotation[held]))
    shot = AddItem(sack).apply(shot)
    return COMMANDS["let_fly"](see(shot), item="prop1", frame=LET_GO).apply(shot)
