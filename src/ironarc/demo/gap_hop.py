"""PF-010 Gap hop: Bram hops the gap between pier and deck, and floats."""

from ironarc.core.figure.crew import BRAM
from ironarc.demo.posing import Leap, Plant, Score, Stay

# Sixteen frames in the air where gravity allows twelve for the same rise: it acts with (12 / 16)² of its strength
SCORE = Score(
    name="PF-010 Gap hop",
    member=BRAM,
    fps=24.0,
    frames=72,
    poses={
        1: dict(lean=2, bend=4, nod=0, reach_l=4, reach_r=4, spread_l=8, spread_r=8, elbow_l=14, elbow_r=14,
                shrug_l=0, shrug_r=0, wrist_l=6, wrist_r=6, tilt=0, roll=0, twist=0),
        8: dict(lean=4, bend=2, nod=-4, reach_l=22, reach_r=18, elbow_l=22, elbow_r=20, twist=2),
        20: dict(lean=38, bend=26, nod=-34, reach_l=-52, reach_r=-48, spread_l=14, spread_r=16, elbow_l=10, elbow_r=8,
                 twist=-3),
        29: dict(lean=14, bend=0, nod=-10, reach_l=128, reach_r=120, spread_l=12, spread_r=14, elbow_l=26, elbow_r=30,
                 shrug_l=12, shrug_r=12, wrist_l=0, wrist_r=0, twist=3,
                 hip_l=0, hip_r=0, knee_l=0, knee_r=0),
        33: dict(hip_l=24, knee_l=52, point_l=34, toe_l=0, hip_r=4, knee_r=40, point_r=38, toe_r=0,
                 straddle_l=4, straddle_r=4),
        37: dict(lean=12, bend=16, nod=-8, reach_l=112, reach_r=96, spread_l=34, spread_r=38, elbow_l=34, elbow_r=40,
                 hip_l=62, knee_l=84, point_l=14, hip_r=44, knee_r=82, point_r=18, straddle_l=5, straddle_r=5),
        42: dict(lean=8, bend=20, reach_l=86, reach_r=80, hip_l=56, knee_l=46, point_l=4, hip_r=50, knee_r=48,
                 point_r=6),
        46: dict(lean=10, bend=20, nod=-6, reach_l=66, reach_r=62, spread_l=30, spread_r=32, elbow_l=28, elbow_r=30,
                 shrug_l=4, shrug_r=4, twist=0),
        53: dict(lean=40, bend=30, nod=-36, reach_l=48, reach_r=38, spread_l=24, spread_r=28, elbow_l=38, elbow_r=44),
        62: dict(lean=14, bend=12, nod=-10, reach_l=18, reach_r=14, spread_l=14, spread_r=14, elbow_l=26, elbow_r=26),
        72: dict(lean=3, bend=4, nod=-2, reach_l=5, reach_r=3, spread_l=8, spread_r=8, elbow_l=14, elbow_r=14,
                 shrug_l=0, shrug_r=0),
    },
    plants=(
        Plant("l", 1, 29, (11.0, 9.0), {1: 0, 19: 4, 23: 12, 29: 52}),
        Plant("r", 1, 29, (-11.0, 6.0), {1: 0, 19: 4, 23: 12, 29: 52}),
        Plant("l", 46, 72, (12.0, 152.0), {46: -4, 48: 0, 72: 0}),
        Plant("r", 46, 72, (-12.0, 147.0), {46: -4, 48: 0, 72: 0}),
    ),
    path=(
        Stay(1, (0.0, 101.5, 2.0)),
        Stay(8, (0.0, 101.8, 1.0)),
        Stay(20, (0.0, 66.0, 6.0)),
        Leap(29, 46, (0.0, 108.0, 29.0), (0.0, 100.0, 137.0), gravity=0.5625),
        Stay(54, (0.0, 66.0, 149.0)),
        Stay(72, (0.0, 101.0, 145.0)),
    ),
)  # fmt: skip
