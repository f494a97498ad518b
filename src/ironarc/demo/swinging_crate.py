"""PF-040 Swinging crate: it swings in on its crane, Bram has his back to it, Old Halloran shouts. Not yet hit."""

from dataclasses import replace

import numpy as np

from ironarc.core.columns.keys import keys_by_hand
from ironarc.core.document import Shot
from ironarc.core.figure.crew import BRAM, HALLORAN
from ironarc.core.scene.placement import Placement
from ironarc.core.scene.props import Prop
from ironarc.core.settings import GRAVITY_MS2
from ironarc.demo.posing import Plant, Score, Stay, key_shot

NAME, FPS, FRAMES = "PF-040 Swinging crate", 24.0, 48

BRAM_TURNS = Score(
    name=NAME,
    member=BRAM,
    fps=FPS,
    frames=FRAMES,
    poses={
        1: dict(lean=5, bend=9, nod=16, look=0, twist=0, reach_l=42, reach_r=34, spread_l=4, spread_r=6, elbow_l=74,
                elbow_r=82, swing_l=-14, swing_r=-18, wrist_l=8, wrist_r=10, shrug_l=0, shrug_r=0, turn=0, tilt=0),
        16: dict(lean=5, bend=9, nod=18, look=4, twist=2, reach_l=44, reach_r=36, elbow_l=76, elbow_r=80),
        23: dict(nod=-2, look=34, twist=9, bend=5, shrug_l=4, shrug_r=4, elbow_l=66, reach_l=36),
        31: dict(lean=2, bend=2, nod=-4, look=54, twist=30, turn=16, tilt=-4, reach_l=14, reach_r=46, elbow_l=48,
                 elbow_r=92, spread_l=26, spread_r=14),
        40: dict(lean=12, bend=16, nod=-12, look=46, twist=36, turn=22, tilt=-8, reach_l=38, reach_r=62, elbow_l=84,
                 elbow_r=104, spread_l=44, spread_r=22, shrug_l=14, shrug_r=10),
        48: dict(lean=14, bend=18, nod=-14, look=44, twist=38, turn=24, tilt=-9, reach_l=44, reach_r=66, elbow_l=92,
                 elbow_r=108, spread_l=48, spread_r=24, shrug_l=16, shrug_r=12),
    },
    plants=(
        Plant("l", 1, FRAMES, (13.0, 8.0), {1: 0, FRAMES: 0}),
        Plant("r", 1, FRAMES, (-13.0, 5.0), {1: 0, FRAMES: 0}),
    ),
    path=(
        Stay(1, (0.0, 101.0, 3.0)),
        Stay(18, (0.5, 100.8, 3.2)),
        Stay(32, (2.0, 100.0, 3.5)),
        Stay(42, (1.5, 90.0, 5.0)),
        Stay(FRAMES, (1.0, 88.0, 5.5)),
    ),
)  # fmt: skip

HALLORAN_SHOUTS = Score(
    name=NAME,
    member=HALLORAN,
    fps=FPS,
    frames=FRAMES,
    poses={
        1: dict(lean=2, bend=4, nod=-6, look=10, twist=0, reach_l=6, reach_r=6, spread_l=12, spread_r=12, elbow_l=16,
                elbow_r=16, wrist_l=6, wrist_r=6, shrug_l=0, shrug_r=0, tilt=0, turn=0),
        12: dict(lean=3, bend=2, nod=-8, look=24, twist=6, reach_l=-8, spread_l=16, elbow_l=30),
        20: dict(lean=8, bend=6, look=38, twist=22, reach_l=62, spread_l=36, elbow_l=70, reach_r=-12, elbow_r=30),
        27: dict(lean=12, bend=8, nod=-12, look=30, twist=30, turn=8, reach_l=104, spread_l=30, elbow_l=10, wrist_l=-20,
                 reach_r=-26, spread_r=18, elbow_r=46, shrug_l=14),
        38: dict(lean=11, bend=7, look=30, twist=28, turn=9, reach_l=98, elbow_l=16),
        48: dict(lean=12, bend=8, nod=-12, look=32, twist=29, turn=9, reach_l=102, spread_l=32, elbow_l=12, wrist_l=-18,
                 reach_r=-24, spread_r=18, elbow_r=44, shrug_l=13),
    },
    plants=(
        Plant("l", 1, FRAMES, (15.0, 14.0), {1: 0, FRAMES: 0}, turn=12),
        Plant("r", 1, FRAMES, (-15.0, 4.0), {1: 0, FRAMES: 0}, turn=14),
    ),
    path=(
        Stay(1, (0.0, 104.5, 4.0)),
        Stay(14, (-1.5, 104.0, 3.0)),
        Stay(28, (3.0, 102.0, 8.0)),
        Stay(FRAMES, (2.5, 102.5, 7.5)),
    ),
)  # fmt: skip

# The crate, 90 × 80 × 90 cm, on a line of 3.6 m from the crane: it swings under gravity alone
CRATE_M, LINE_M, HOOK_M = (0.9, 0.8, 0.9), 3.6, (0.0, 4.85, 0.0)
WIDEST_DEG = 28.0


def swung(last: int, widest_deg: float = WIDEST_DEG) -> Prop:
    """The crate keyed on fours, with the slopes a pendulum has there, from its farthest point on frame 1."""
    widest = np.radians(widest_deg)
    per_frame = np.sqrt(GRAVITY_MS2 / (LINE_M + CRATE_M[1] / 2)) / FPS
    frames = np.arange(1, last + 4, 4, dtype=float)
    phase = per_frame * (frames - 1)
    swing, swing_slope = -widest * np.cos(phase), widest * per_frame * np.sin(phase)
    reach = LINE_M + CRATE_M[1]
    columns = {
        "ty": keys_by_hand(frames, HOOK_M[1] - reach * np.cos(swing), reach * np.sin(swing) * swing_slope),
        "tz": keys_by_hand(frames, HOOK_M[2] + reach * np.sin(swing), reach * np.cos(swing) * swing_slope),
        "rx": keys_by_hand(frames, -swing, -swing_slope),
    }
    at = (HOOK_M[0], HOOK_M[1] - reach, HOOK_M[2])
    return Prop("prop1", "Coal crate", "box", CRATE_M, at, columns=columns, hung_from_m=HOOK_M)


def make() -> Shot:
    """The shot: Bram in the crate's way, Halloran beside it, the edge of the hold behind them."""
    shot = key_shot(BRAM_TURNS)
    bram = replace(shot.performer, placement=Placement((0.0, 0.0, 2.8)))
    halloran = replace(
        key_shot(HALLORAN_SHOUTS).performer,
        id="performer2",
        placement=Placement((1.7, 0.0, 1.0), float(np.radians(-52.0))),
    )
    coaming = Prop("prop2", "Hold coaming", "wall", (3.2, 0.45, 0.15), (0.0, 0.0, -2.4))
    notes = "The crate must look heavy before it touches anything. Bram hears the shout on 20, sees it on 31."
    return replace(shot, performers=(bram, halloran), props=(swung(FRAMES), coaming), notes=notes)
