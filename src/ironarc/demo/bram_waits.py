"""PF-120 Bram waits: one pose at the winch that breathes, and loops."""

from ironarc.core.document import Shot
from ironarc.core.edits.commands import COMMANDS
from ironarc.core.figure.crew import BRAM
from ironarc.core.reading import see
from ironarc.core.truing import propose, read_try
from ironarc.demo.posing import Plant, Score, Stay, key_shot

NAME, FRAMES = "PF-120 Bram waits", 96
BREATHES = "breathe(start=1,end=96,breaths=1,sways=1)"
# A hand on the hip, the weight on the left leg, the eyes out to sea
POSE = dict(
    lean=2, bend=5, nod=-6, look=22, twist=-8, turn=6, tilt=-5, roll=3, reach_l=8, spread_l=14, elbow_l=22, swing_l=0,
    wrist_l=8, reach_r=-26, spread_r=48, elbow_r=98, swing_r=-38, wrist_r=20, shrug_l=0, shrug_r=6,
)  # fmt: skip

SCORE = Score(
    name=NAME,
    member=BRAM,
    fps=24.0,
    frames=FRAMES,
    poses={1: POSE},
    plants=(
        Plant("l", 1, FRAMES, (10.0, 2.0), {1: 0, FRAMES: 0}, turn=10),
        Plant("r", 1, FRAMES, (-16.0, 10.0), {1: 0, FRAMES: 0}, turn=24),
    ),
    path=(Stay(1, (2.0, 101.0, 0.0)), Stay(FRAMES, (2.0, 101.0, 0.0))),
)


def make() -> Shot:
    """The pose, its breath as a layer over it, and the clip that loops."""
    shot = key_shot(SCORE)
    shot = propose(see(shot), read_try(BREATHES)).edit.apply(shot)
    clip = {"name": "Waits", "start": 1, "end": FRAMES, "played": "loop in place"}
    return COMMANDS["add_clip"](see(shot), performer=shot.performer.id, **clip).apply(shot)
