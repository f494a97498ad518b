"""PF-050 Deck somersault: Tansy turns over once, tucked, but not at an even spin."""

from ironarc.core.figure.crew import TANSY
from ironarc.demo.posing import Leap, Plant, Score, Stay

# The tuck hangs in the middle and the turn is made up for before landing: nothing up there can do that
SCORE = Score(
    name="PF-050 Deck somersault",
    member=TANSY,
    fps=24.0,
    frames=68,
    poses={
        1: dict(lean=2, bend=3, nod=0, reach_l=5, reach_r=5, spread_l=9, spread_r=9, elbow_l=12, elbow_r=12,
                shrug_l=0, shrug_r=0, roll=0, twist=0),
        8: dict(lean=3, bend=-4, nod=-6, reach_l=60, reach_r=60, spread_l=14, spread_r=14, elbow_l=16, elbow_r=16),
        18: dict(lean=34, bend=24, nod=-30, reach_l=-46, reach_r=-46, spread_l=14, spread_r=14, elbow_l=8, elbow_r=8),
        26: dict(lean=16, bend=8, nod=6, reach_l=150, reach_r=150, spread_l=10, spread_r=10, elbow_l=22, elbow_r=22,
                 shrug_l=12, shrug_r=12, hip_l=0, hip_r=0, knee_l=0, knee_r=0),
        29: dict(lean=72, bend=42, nod=34, reach_l=84, reach_r=84, elbow_l=60, elbow_r=60,
                 hip_l=54, hip_r=54, knee_l=66, knee_r=66, point_l=36, point_r=36, toe_l=0, toe_r=0,
                 straddle_l=2, straddle_r=2),
        32: dict(lean=134, bend=58, nod=40, reach_l=34, reach_r=34, spread_l=14, spread_r=14, elbow_l=88, elbow_r=88,
                 hip_l=112, hip_r=112, knee_l=132, knee_r=132, point_l=34, point_r=34),
        36: dict(lean=172, bend=60, nod=40, reach_l=32, reach_r=32, elbow_l=92, elbow_r=92,
                 hip_l=118, hip_r=118, knee_l=136, knee_r=136),
        39: dict(lean=262, bend=46, nod=20, reach_l=50, reach_r=50, spread_l=16, spread_r=16, elbow_l=62, elbow_r=62,
                 hip_l=104, hip_r=104, knee_l=112, knee_r=112, point_l=20, point_r=20),
        42: dict(lean=342, bend=26, nod=-10, reach_l=84, reach_r=84, spread_l=28, spread_r=28, elbow_l=26, elbow_r=26,
                 hip_l=52, hip_r=52, knee_l=38, knee_r=38, point_l=2, point_r=2, straddle_l=5, straddle_r=5),
        44: dict(lean=372, bend=22, nod=-14, reach_l=80, reach_r=80, spread_l=34, spread_r=34, elbow_l=20, elbow_r=20,
                 shrug_l=4, shrug_r=4),
        51: dict(lean=400, bend=26, nod=-38, reach_l=62, reach_r=62, spread_l=26, spread_r=26, elbow_l=24, elbow_r=24),
        60: dict(lean=371, bend=10, nod=-10, reach_l=24, reach_r=24, spread_l=16, spread_r=16, elbow_l=20, elbow_r=20),
        68: dict(lean=362, bend=3, nod=-2, reach_l=6, reach_r=6, spread_l=9, spread_r=9, elbow_l=12, elbow_r=12,
                 shrug_l=0, shrug_r=0),
    },
    plants=(
        Plant("l", 1, 26, (9.0, 8.0), {1: 0, 16: 3, 21: 12, 26: 54}),
        Plant("r", 1, 26, (-9.0, 8.0), {1: 0, 16: 3, 21: 12, 26: 54}),
        Plant("l", 44, 68, (12.0, 66.0), {44: 8, 46: 0, 68: 0}),
        Plant("r", 44, 68, (-12.0, 66.0), {44: 8, 46: 0, 68: 0}),
    ),
    path=(
        Stay(1, (0.0, 92.5, 2.0)),
        Stay(8, (0.0, 93.5, 2.0)),
        Stay(18, (0.0, 60.0, 5.0)),
        Leap(26, 44, (0.0, 99.0, 17.0), (0.0, 80.0, 58.0), steady=False),
        Stay(52, (0.0, 54.0, 66.0)),
        Stay(68, (0.0, 92.5, 60.0)),
    ),
)  # fmt: skip
