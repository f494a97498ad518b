"""PF-090 Shot in mid stride: Tansy runs along the quay, goes limp in mid stride, and comes to her hands and knees."""

from ironarc.core.document import Shot
from ironarc.core.edits.commands import COMMANDS
from ironarc.core.figure.crew import TANSY
from ironarc.core.reading import see
from ironarc.core.truing import propose, read_try
from ironarc.demo.posing import Leap, Plant, Score, Stay, key_shot

NAME = "PF-090 Shot in mid stride"
# As a game plays them: the run goes round and round until she is hit
CLIPS = (("Start", 1, 18, "once"), ("Run", 3, 18, "loop"), ("Hit", 19, 72, "once"))
FRAMES = 112
PACE = 13.0  # cm a frame: 3.1 m/s
LIMP, KNEES, BACK = 27, 96, 30
HIGH, LOW = 91.0, 87.0


def _at(frame: float, height: float) -> tuple[float, float, float]:
    return (0.0, height, PACE * (frame - 1))


def _foot(start: int) -> float:
    """cm along the way: the ball of a foot that stands from a frame on, a little before the body's middle."""
    return PACE * (start + 2 - 1) + 6.0


STANCES = (("l", 1), ("r", 9), ("l", 17), ("r", 25))
ON_KNEES = dict(
    lean=72, bend=14, nod=-40, turn=0, twist=0, look=0, tilt=0, roll=0, reach_l=84, reach_r=88, spread_l=4, spread_r=4,
    elbow_l=6, elbow_r=10, wrist_l=-70, wrist_r=-70, shrug_l=0, shrug_r=0, hip_l=70, hip_r=66, knee_l=88, knee_r=92,
    point_l=48, point_r=48, toe_l=0, toe_r=0, straddle_l=4, straddle_r=4,
)  # fmt: skip


def _poses() -> dict[int, dict[str, float]]:
    """Arms against legs, the free leg folded through."""
    out: dict[int, dict[str, float]] = {}
    for n, (side, start) in enumerate(STANCES):
        other = "r" if side == "l" else "l"
        sign = 1.0 if side == "l" else -1.0
        first = dict(bend=4, nod=-8, tilt=0, shrug_l=2, shrug_r=2, wrist_l=4, wrist_r=4, roll=0) if n == 0 else {}
        out[start] = first | {
            "lean": 9, "twist": 10 * sign, "turn": -6 * sign, f"reach_{side}": -34, f"reach_{other}": 42,
            f"spread_{side}": 10, f"spread_{other}": 8, f"elbow_{side}": 78, f"elbow_{other}": 88,
            f"hip_{other}": -14, f"knee_{other}": 84, f"point_{other}": 34, f"toe_{other}": 0, f"straddle_{other}": 3,
            f"hip_{side}": 34, f"knee_{side}": 22, f"point_{side}": -2, f"toe_{side}": 0, f"straddle_{side}": 3,
        }  # fmt: skip
        out[start + 2] = {"twist": 0, f"hip_{other}": 24, f"knee_{other}": 104, f"point_{other}": 24}
        out[start + 4] = {
            "lean": 11, f"hip_{other}": 56, f"knee_{other}": 74, f"point_{other}": 4, f"hip_{side}": -22,
            f"knee_{side}": 14, f"point_{side}": 40,
        }  # fmt: skip
        out[start + 6] = {f"hip_{other}": 50, f"knee_{other}": 40, f"hip_{side}": -24, f"knee_{side}": 48}
    out[KNEES] = ON_KNEES
    out[FRAMES] = ON_KNEES | dict(nod=-20, look=12, lean=70)
    return out


SCORE = Score(
    name=NAME,
    member=TANSY,
    fps=24.0,
    frames=FRAMES,
    poses=_poses(),
    plants=tuple(
        Plant(side, start, start + 4, (6.0 if side == "l" else -6.0, _foot(start)),
              {start: 0, start + 2: 6, start + 4: 44}, turn=4)
        for side, start in STANCES
    ),
    path=(
        Stay(1, _at(1, HIGH - 1), (0.0, -1.5, PACE)),
        Stay(3, _at(3, LOW), (0.0, 0.0, PACE)),
        Leap(5, 9, _at(5, HIGH), _at(9, HIGH)),
        Stay(11, _at(11, LOW), (0.0, 0.0, PACE)),
        Leap(13, 17, _at(13, HIGH), _at(17, HIGH)),
        Stay(19, _at(19, LOW), (0.0, 0.0, PACE)),
        Leap(21, 25, _at(21, HIGH), _at(25, HIGH)),
        Stay(27, _at(27, LOW), (0.0, 0.0, PACE)),
        Stay(KNEES, (-6.0, 43.0, 505.0)),
        Stay(FRAMES, (-6.0, 43.0, 505.0)),
    ),
)  # fmt: skip


def keyed() -> Shot:
    """The run and the pose on hands and knees, with nothing between them worked out."""
    return key_shot(SCORE)


def make() -> Shot:
    shot = keyed()
    wanted = f"let_go(start={LIMP},end={KNEES},tone=0.4,tone_end=0.2,early=0.3,back={BACK})"
    shot = propose(see(shot), read_try(wanted)).edit.apply(shot)
    for name, start, end, played in CLIPS:
        clip = {"name": name, "start": start, "end": end, "played": played}
        shot = COMMANDS["add_clip"](see(shot), performer=shot.performer.id, **clip).apply(shot)
    return shot
