"""PF-045 Crate strikes and PF-046 Crate grazes: it swings into Old Halloran's back under gravity alone.

In the first he is let go as it touches him and falls over the coaming; in the second it is a light one, and he lives.
"""

from dataclasses import replace

import numpy as np

from ironarc.core.document import Shot
from ironarc.core.edits.commands import COMMANDS
from ironarc.core.figure.crew import HALLORAN
from ironarc.core.reading import see
from ironarc.core.scene.placement import Placement
from ironarc.core.scene.props import Prop
from ironarc.demo.posing import Plant, Score, Stay, key_shot
from ironarc.demo.swinging_crate import swung

STRIKES, GRAZES = "PF-045 Crate strikes", "PF-046 Crate grazes"
FPS, FRAMES = 24.0, 84


def _score(name: str) -> Score:
    """He reads the line of the hoist above him, hears the shout behind him on 14, and has just begun to look round."""
    return Score(
        name=name,
        member=HALLORAN,
        fps=FPS,
        frames=FRAMES,
        poses={
            1: dict(lean=2, bend=4, nod=-16, look=-6, twist=-4, reach_l=8, reach_r=58, spread_l=12, spread_r=16,
                    elbow_l=18, elbow_r=96, wrist_l=6, wrist_r=6, shrug_l=0, shrug_r=2, tilt=0, turn=0),
            10: dict(lean=2, bend=3, nod=-20, look=-8, twist=-6, reach_r=66, elbow_r=92),
            16: dict(lean=2, bend=4, nod=-10, look=4, twist=-2, reach_r=60, elbow_r=90),
            23: dict(lean=3, bend=6, nod=0, look=34, twist=10, turn=4, reach_l=2, reach_r=44, spread_l=20, elbow_l=30,
                     elbow_r=84, shrug_l=8, shrug_r=8),
            FRAMES: dict(lean=4, bend=8, nod=4, look=48, twist=18, turn=8, reach_l=-6, reach_r=34, spread_l=26,
                         elbow_l=36, elbow_r=72, shrug_l=10, shrug_r=10),
        },
        plants=(
            Plant("l", 1, FRAMES, (15.0, 10.0), {1: 0, FRAMES: 0}, turn=12),
            Plant("r", 1, FRAMES, (-15.0, -4.0), {1: 0, FRAMES: 0}, turn=14),
        ),
        path=(
            Stay(1, (0.0, 104.5, 2.0)),
            Stay(14, (-1.0, 104.3, 1.5)),
            Stay(24, (1.0, 103.8, 3.0)),
            Stay(FRAMES, (1.5, 103.4, 4.0)),
        ),
    )  # fmt: skip


def _set(name: str, crate: Prop, stands_m: float) -> Shot:
    """Halloran in front of the crate, the hold's coaming before him."""
    shot = key_shot(_score(name))
    halloran = replace(shot.performer, placement=Placement((0.0, 0.0, stands_m)))
    coaming = Prop("prop2", "Hold coaming", "wall", (3.2, 0.45, 0.15), (0.0, 0.0, 2.5))
    return replace(shot, performers=(halloran,), props=(crate, coaming))


def strikes() -> Shot:
    """He is let go on the frame before the crate is on him."""
    crate = replace(swung(FRAMES, 28.0), mass_kg=220.0, bounce=0.1, friction=0.5)
    shot = _set(STRIKES, crate, 0.62)
    return replace(shot, notes="The body is let go on 23: what the crate gives it is worked out.")


def grazes() -> Shot:
    crate = replace(swung(FRAMES, 28.0), mass_kg=220.0, bounce=0.1, friction=0.5)
    return _set(GRAZES, crate, 0.62)


__all__ = ["COMMANDS", "GRAZES", "STRIKES", "grazes", "np", "see", "strikes"]
