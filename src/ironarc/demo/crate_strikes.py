"""PF-045 Crate strikes, PF-046 Crate grazes and PF-047 Crate shoves: it swings into Old Halloran's back under gravity.

In the first he is let go as it touches him and falls over the coaming; in the second it is a light one, and he answers
too early; in the third he is thrown off his feet, steps, and stands.
"""

from dataclasses import replace

from ironarc.core.document import Shot
from ironarc.core.edits.commands import COMMANDS
from ironarc.core.figure.crew import HALLORAN
from ironarc.core.reading import see
from ironarc.core.scene.placement import Placement
from ironarc.core.scene.props import Prop
from ironarc.core.truing import propose, read_try
from ironarc.demo.posing import Plant, Score, Stay, key_shot
from ironarc.demo.swinging_crate import swung

STRIKES, GRAZES, SHOVES = "PF-045 Crate strikes", "PF-046 Crate grazes", "PF-047 Crate shoves"
FPS, FRAMES = 24.0, 84
STANDS_M, COAMING_M, LET_GO = 0.62, 1.15, 23
FAR_COAMING_M, STANDS_BY = 2.6, 116
STAGGERS = "stagger(frame=25,part=hips,impulse=90.0,heading=0.0,up=0.0,tone=0.3)"
EARLY = "react(frame=22,part=Hips,impulse=60.0,heading=0.0,up=0.0,tone=0.3)"


def _score(name: str, frames: int) -> Score:
    """He reads the line of the hoist above him, hears the shout behind him on 14, and has just begun to look round."""
    return Score(
        name=name,
        member=HALLORAN,
        fps=FPS,
        frames=frames,
        poses={
            1: dict(lean=2, bend=4, nod=-16, look=-6, twist=-4, reach_l=8, reach_r=58, spread_l=12, spread_r=16,
                    elbow_l=18, elbow_r=96, wrist_l=6, wrist_r=6, shrug_l=0, shrug_r=2, tilt=0, turn=0),
            10: dict(lean=2, bend=3, nod=-20, look=-8, twist=-6, reach_r=66, elbow_r=92),
            16: dict(lean=2, bend=4, nod=-10, look=4, twist=-2, reach_r=60, elbow_r=90),
            23: dict(lean=3, bend=6, nod=0, look=34, twist=10, turn=4, reach_l=2, reach_r=44, spread_l=20, elbow_l=30,
                     elbow_r=84, shrug_l=8, shrug_r=8),
            frames: dict(lean=4, bend=8, nod=4, look=48, twist=18, turn=8, reach_l=-6, reach_r=34, spread_l=26,
                         elbow_l=36, elbow_r=72, shrug_l=10, shrug_r=10),
        },
        plants=(
            Plant("l", 1, frames, (15.0, 10.0), {1: 0, frames: 0}, turn=12),
            Plant("r", 1, frames, (-15.0, -4.0), {1: 0, frames: 0}, turn=14),
        ),
        path=(
            Stay(1, (0.0, 104.5, 2.0)),
            Stay(14, (-1.0, 104.3, 1.5)),
            Stay(24, (1.0, 103.8, 3.0)),
            Stay(frames, (1.5, 103.4, 4.0)),
        ),
    )  # fmt: skip


def _set(name: str, crate: Prop, notes: str, frames: int = FRAMES) -> Shot:
    """Halloran in front of the crate, the hold's coaming before him."""
    shot = key_shot(_score(name, frames))
    halloran = replace(shot.performer, placement=Placement((0.0, 0.0, STANDS_M)))
    coaming = Prop("prop2", "Hold coaming", "wall", (3.2, 0.45, 0.15), (0.0, 0.0, COAMING_M))
    return replace(shot, performers=(halloran,), props=(crate, coaming), notes=notes)


def strikes() -> Shot:
    """He is let go two frames before the crate is on him, and it goes on by itself."""
    crate = replace(swung(FRAMES), mass_kg=220.0, bounce=0.1, friction=0.5)
    shot = _set(STRIKES, crate, "The crate is loaded. Let go on 23: what it gives him is worked out, not keyed.")
    asked = f"let_go(start={LET_GO},end={int(FRAMES)},tone=0.4,tone_end=0.06)"
    return propose(see(shot), read_try(asked)).edit.apply(shot)


def grazes() -> Shot:
    """The crate swings by itself from the first frame on; his answer to it comes three frames early."""
    crate = replace(swung(FRAMES, 20.0), mass_kg=45.0, bounce=0.1, friction=0.5)
    shot = _set(GRAZES, crate, "The crate is empty. He gives way three frames before it is there.")
    shot = COMMANDS["let_fly"](see(shot), item="prop1", frame=1).apply(shot)
    shot = propose(see(shot), read_try(EARLY)).edit.apply(shot)
    return shot


def shoves() -> Shot:
    """The same crate, with room before him: what it gives him is caught by two steps."""
    crate = replace(swung(STANDS_BY, 20.0), mass_kg=45.0, bounce=0.1, friction=0.5)
    notes = "The crate is empty, and it takes him by surprise. Two steps catch him."
    shot = _set(SHOVES, crate, notes, STANDS_BY)
    shot = shot.with_item(replace(shot.props[1], at_m=(0.0, 0.0, FAR_COAMING_M)))
    shot = COMMANDS["let_fly"](see(shot), item="prop1", frame=1).apply(shot)
    shot = propose(see(shot), read_try(STAGGERS)).edit.apply(shot)
    return COMMANDS["fly_again"](see(shot), item="prop1").apply(shot)
