"""PF-110 Hold hatch: Tansy drops into the hold; a game plays it as start, falling loop and landing."""

from dataclasses import replace

from ironarc.core.document import Shot
from ironarc.core.edits.commands import COMMANDS
from ironarc.core.figure.crew import TANSY
from ironarc.core.reading import see
from ironarc.core.scene.props import Prop
from ironarc.demo.posing import Leap, Plant, Score, Stay, key_shot

NAME = "PF-110 Hold hatch"
# The landing was cut two frames late: what leads into it is not what it begins with
CLIPS = (("Start", 1, 27, "once"), ("Fall", 28, 35, "loop"), ("Land", 38, 80, "once"))
ORDER = "Start, Fall x 3, Land"
DECK_CM, FRAMES = 230.0, 80
LEAVES, LANDS = 22, 41
# Arms and legs go one way and the other, four frames each
ONE = dict(
    lean=8, bend=8, nod=12, twist=10, reach_l=150, reach_r=96, spread_l=38, spread_r=46, elbow_l=28, elbow_r=40,
    hip_l=44, knee_l=58, point_l=22, toe_l=0, hip_r=14, knee_r=48, point_r=28, toe_r=0, straddle_l=7, straddle_r=7,
)  # fmt: skip
OTHER = dict(
    lean=8, bend=8, nod=12, twist=-10, reach_l=96, reach_r=150, spread_l=46, spread_r=38, elbow_l=40, elbow_r=28,
    hip_l=14, knee_l=48, point_l=28, toe_l=0, hip_r=44, knee_r=58, point_r=22, toe_r=0, straddle_l=7, straddle_r=7,
)  # fmt: skip

SCORE = Score(
    name=NAME,
    member=TANSY,
    fps=24.0,
    frames=FRAMES,
    poses={
        1: dict(lean=3, bend=6, nod=14, look=0, turn=0, roll=0, tilt=0, twist=0, reach_l=4, reach_r=6, spread_l=10,
                spread_r=10, elbow_l=16, elbow_r=18, wrist_l=6, wrist_r=6, shrug_l=0, shrug_r=0),
        9: dict(lean=10, bend=12, nod=26, reach_l=-8, reach_r=-6, elbow_l=20, elbow_r=20),
        15: dict(lean=30, bend=22, nod=-6, reach_l=-46, reach_r=-42, spread_l=16, spread_r=16, elbow_l=10, elbow_r=10),
        LEAVES: dict(lean=10, bend=2, nod=6, reach_l=112, reach_r=104, spread_l=20, spread_r=22, elbow_l=24, elbow_r=26,
                     shrug_l=8, shrug_r=8, hip_l=0, hip_r=0, knee_l=0, knee_r=0),
        24: OTHER,
        28: ONE,
        32: OTHER,
        36: ONE,
        37: ONE,
        LANDS: dict(lean=6, bend=14, nod=10, twist=0, reach_l=96, reach_r=92, spread_l=34, spread_r=34, elbow_l=26,
                    elbow_r=28, shrug_l=8, shrug_r=8, hip_l=24, knee_l=26, point_l=8, hip_r=20, knee_r=26, point_r=8),
        48: dict(lean=52, bend=34, nod=-34, reach_l=58, reach_r=52, spread_l=28, spread_r=30, elbow_l=40, elbow_r=44,
                 shrug_l=2, shrug_r=2),
        60: dict(lean=22, bend=18, nod=-12, reach_l=24, reach_r=20, spread_l=18, spread_r=18, elbow_l=30, elbow_r=30),
        72: dict(lean=4, bend=6, nod=-4, reach_l=6, reach_r=4, spread_l=10, spread_r=10, elbow_l=16, elbow_r=18,
                 shrug_l=0, shrug_r=0),
        FRAMES: dict(lean=3, bend=4, nod=-12, look=14),
    },
    plants=(
        Plant("l", 1, LEAVES, (10.0, 8.0), {1: 0, 13: 2, 18: 14, LEAVES: 48}, up=DECK_CM),
        Plant("r", 1, LEAVES, (-10.0, 6.0), {1: 0, 13: 2, 18: 14, LEAVES: 48}, up=DECK_CM),
        Plant("l", LANDS, FRAMES, (12.0, 112.0), {LANDS: 8, LANDS + 2: 0, FRAMES: 0}),
        Plant("r", LANDS, FRAMES, (-12.0, 108.0), {LANDS: 8, LANDS + 2: 0, FRAMES: 0}),
    ),
    path=(
        Stay(1, (0.0, DECK_CM + 93.0, 3.0)),
        Stay(9, (0.0, DECK_CM + 92.0, 3.5)),
        Stay(15, (0.0, DECK_CM + 70.0, 6.0)),
        Leap(LEAVES, LANDS, (0.0, DECK_CM + 99.0, 20.0), (0.0, 90.0, 104.0), steady=False),
        Stay(49, (0.0, 50.0, 112.0)),
        Stay(62, (0.0, 80.0, 110.0)),
        Stay(73, (0.0, 93.0, 108.0)),
        Stay(FRAMES, (0.0, 93.0, 108.0)),
    ),
)  # fmt: skip


def make() -> Shot:
    """The drop, with its three clips; a coaming to leave from, the hold's floor to land on."""
    shot = key_shot(SCORE)
    deck = Prop("prop1", "Deck", "box", (2.4, DECK_CM / 100, 1.4), (0.0, 0.0, -0.54))
    shot = replace(shot, props=(deck,), notes="For the game: Start, Fall as often as the hold is deep, Land.")
    for name, start, end, played in CLIPS:
        clip = {"name": name, "start": start, "end": end, "played": played}
        shot = COMMANDS["add_clip"](see(shot), performer=shot.performer.id, **clip).apply(shot)
    return shot
