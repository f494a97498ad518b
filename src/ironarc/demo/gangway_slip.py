"""PF-030 Gangway slip: Old Halloran's foot shoots away; a hop brings both feet back under him. Sound."""

from ironarc.core.figure.crew import HALLORAN
from ironarc.demo.posing import Leap, Plant, Score, Stay

SCORE = Score(
    name="PF-030 Gangway slip",
    member=HALLORAN,
    fps=24.0,
    frames=66,
    poses={
        1: dict(lean=4, bend=6, nod=4, turn=0, roll=0, twist=6, tilt=0, look=0, reach_l=14, reach_r=-8, spread_l=12,
                spread_r=12, elbow_l=22, elbow_r=16, shrug_l=0, shrug_r=0),
        9: dict(lean=2, bend=4, nod=8, twist=-4, reach_l=-4, reach_r=12, spread_l=14, spread_r=14, elbow_l=18,
                elbow_r=22),
        15: dict(lean=-14, bend=-4, nod=22, roll=-3, tilt=2, twist=-8, reach_l=58, reach_r=74, spread_l=46, spread_r=52,
                 elbow_l=30, elbow_r=24, shrug_l=12, shrug_r=12),
        21: dict(lean=-16, bend=22, nod=18, roll=-2, tilt=4, twist=-4, reach_l=30, reach_r=40, spread_l=72, spread_r=66,
                 elbow_l=26, elbow_r=40),
        27: dict(lean=0, bend=20, nod=6, roll=0, tilt=0, twist=0, reach_l=52, reach_r=58, spread_l=66, spread_r=62,
                 elbow_l=36, elbow_r=40, hip_l=6, knee_l=8, hip_r=52, knee_r=46, point_r=6, toe_r=0, straddle_r=6,
                 straddle_l=4),
        31: dict(lean=8, bend=24, nod=0, reach_l=56, reach_r=60, spread_l=62, spread_r=60,
                 hip_l=66, knee_l=96, point_l=12, toe_l=0, hip_r=72, knee_r=92, point_r=6),
        33: dict(hip_l=64, knee_l=84, point_l=8, hip_r=66, knee_r=84, point_r=6),
        35: dict(lean=16, bend=26, nod=-6, reach_l=50, reach_r=54, spread_l=56, spread_r=54, elbow_l=34, elbow_r=38,
                 shrug_l=8, shrug_r=8),
        41: dict(lean=38, bend=34, nod=-30, reach_l=56, reach_r=62, spread_l=40, spread_r=42, elbow_l=44, elbow_r=48),
        52: dict(lean=16, bend=18, nod=-8, look=14, reach_l=28, reach_r=34, spread_l=26, spread_r=28, elbow_l=34,
                 elbow_r=36, twist=4),
        66: dict(lean=5, bend=9, nod=4, look=6, reach_l=8, reach_r=10, spread_l=13, spread_r=13, elbow_l=22, elbow_r=24,
                 shrug_l=0, shrug_r=0, twist=2),
    },
    plants=(
        Plant("l", 1, 27, (13.0, 0.0), {1: 10, 8: 0, 22: 0, 27: 38}),
        Plant("r", 1, 10, (-12.0, 30.0), {1: -8, 4: 0, 10: 0}),
        Plant("r", 10, 22, ((-12.0, 30.0), (-14.0, 78.0)), {10: 0, 22: 0}),
        Plant("l", 35, 66, (15.0, 34.0), {35: 6, 37: 0, 66: 0}),
        Plant("r", 35, 66, (-15.0, 40.0), {35: 6, 37: 0, 66: 0}),
    ),
    path=(
        Stay(1, (1.0, 101.0, 5.0), (0.0, 0.0, 0.7)),
        Stay(10, (0.0, 100.0, 14.0), (0.0, -0.6, 0.7)),
        Stay(20, (5.0, 82.0, 14.0), (0.3, 0.0, 0.4)),
        Leap(27, 35, (8.0, 97.0, 19.0), (2.0, 90.0, 31.0)),
        Stay(42, (0.0, 70.0, 38.0)),
        Stay(66, (0.0, 101.0, 34.0)),
    ),
)  # fmt: skip
