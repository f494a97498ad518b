"""PF-060 Net-perch drop: Old Halloran hangs from the net's head rope by both hands, swings, lets go, drops and lands
deep, a hand to the deck. Blocked by hand: keys, pins and layers made by the commands of the Block step alone."""

import numpy as np

from ironarc.core.document import Shot
from ironarc.core.edits import AddItem
from ironarc.core.posing import Between, Turn
from ironarc.core.reading import see
from ironarc.core.scene.guide import COM, GRAVITY, Guide
from ironarc.core.scene.props import Prop
from ironarc.demo.by_hand import WHO, Hand

NAME = "PF-060 Net-perch drop"
FRAMES = 88
ROPE_Y, ROPE_Z, WRIST_BELOW = 2.96, 0.0, 0.125  # m
BACK, THROUGH, FRONT, RELEASE, LANDS, FLAT, DEEP, SETTLED = 1, 14, 27, 29, 39, 41, 46, 70
ACROSS = {"left": 0.27, "right": -0.27}
# Where the hips are, m: height and how far ahead; how far the body leans, degrees
HANG = {BACK: (1.83, -0.30, 16.0), THROUGH: (1.785, 0.0, 0.0), FRONT: (1.835, 0.34, -18.0)}
FEET_Z = 0.36  # where they land
KEPT = 0.78  # of gravity's way down
NET = Prop("prop1", "Head rope of the net", "bar", (2.2, 0.05, 0.05), (0.0, ROPE_Y, ROPE_Z))


def degrees(x: float = 0.0, y: float = 0.0, z: float = 0.0) -> tuple[float, float, float]:
    """A rotation vector of degrees, in radians."""
    return tuple(float(v) for v in np.radians([x, y, z]))


def make() -> Shot:
    """The shot."""
    hand = Hand(NAME, "halloran", FRAMES, (NET,))
    hang(hand)
    fall(hand)
    land(hand)
    drop(hand)
    return hand.shot


def hang(hand: Hand) -> None:
    """By both hands from the rope, swinging once from back to front."""
    hand.reach(BACK, "hips", (0.0, HANG[BACK][0], HANG[BACK][1]), how="body", stay="pins")
    arms = [Turn("turn", f"{side} elbow", degrees(-168.0, 0.0, 6.0 * np.sign(x))) for side, x in ACROSS.items()]
    legs = [Turn("turn", f"{side} knee", degrees(-6.0)) for side in ACROSS]
    legs += [Turn("turn", f"{side} foot", degrees(14.0), bone="ends") for side in ACROSS]
    toes = [Turn("turn", f"{side} foot", degrees(34.0)) for side in ACROSS]
    hand.pose(
        BACK, Turn("turn", "hips", degrees(HANG[BACK][2])), *arms, *legs, *toes, Turn("turn", "head", degrees(-10.0))
    )
    for side, x in ACROSS.items():
        hand.reach(BACK, f"{side} hand", (x, ROPE_Y - WRIST_BELOW, ROPE_Z))
    for side in ACROSS:
        hand.do(
            "add_pin", parts=(f"{side} hand",), start=BACK, end=RELEASE, frame=BACK, to=NET.id, ease_in=0, ease_out=1,
            direction=True, pulls=True,
        )  # fmt: skip
    for frame in (THROUGH, FRONT):
        y, z, lean = HANG[frame]
        hand.do("copy_pose", frame=BACK, to=(frame,))
        hand.reach(frame, "hips", (0.0, y, z), how="body", stay="pins")
        hand.pose(frame, Turn("turn", "hips", degrees(lean - HANG[BACK][2])))
    # the legs drag behind the swing and follow through at its end
    hand.pose(THROUGH, *(Turn("turn", f"{side} knee", degrees(10.0)) for side in ACROSS))
    hand.pose(FRONT, *(Turn("turn", f"{side} knee", degrees(-16.0)) for side in ACROSS))
    for start, end in ((BACK, THROUGH), (THROUGH, FRONT)):
        leaves, arrives = (0.0, 1.5) if start == BACK else (1.5, 0.0)
        hand.do("ease_span", start=start, end=end, leaves=leaves, arrives=arrives)
    for frame, beat in ((BACK, "extreme"), (THROUGH, "breakdown"), (FRONT, "extreme")):
        hand.do("mark_beat", frame=frame, beat=beat)


def fall(hand: Hand) -> None:
    """Lets go at the front of the swing and drops, knees drawn up a little for the landing."""
    hand.do("copy_pose", frame=FRONT, to=(RELEASE,))
    hand.do("copy_pose", frame=FRONT, to=(LANDS,))
    hand.reach(LANDS, "hips", (0.0, 0.99, FEET_Z - 0.05), how="body", stay="pins")
    hand.pose(
        LANDS,
        Turn("turn", "hips", degrees(26.0)), Turn("turn", "chest", degrees(14.0)), Turn("turn", "head", degrees(-14.0)),
        *(Turn("turn", f"{side} elbow", degrees(96.0, 0.0, 26.0 * np.sign(x))) for side, x in ACROSS.items()),
        *(Turn("turn", f"{side} hand", degrees(-30.0), bone="ends") for side in ACROSS),
    )  # fmt: skip
    for side, x in ACROSS.items():
        hand.reach(LANDS, f"{side} foot", (x * 0.7, 0.125, FEET_Z - 0.06), stay="pins")
        # toes first
        hand.pose(LANDS, Turn("turn", f"{side} foot", degrees(_flat(hand, LANDS, side) + 16.0)))
    hand.do("mark_beat", frame=LANDS, beat="extreme")


def _flat(hand: Hand, frame: int, side: str) -> float:
    """Degrees about x that lay a foot's sole level."""
    stand = hand.stand(frame)
    joint = stand.rig.index(f"{side.capitalize()}Foot")
    ahead = stand.posed.position[0, stand.rig.index(f"{side.capitalize()}Toe")] - stand.posed.position[0, joint]
    rest = stand.rig.offsets[stand.rig.index(f"{side.capitalize()}Toe")]
    return float(np.degrees(np.arctan2(ahead[1], ahead[2]) - np.arctan2(rest[1], rest[2])))


def land(hand: Hand) -> None:
    """Deep, heavy, with little bounce: the right hand goes to the deck, then he comes up half-way and stays."""
    hand.do("copy_pose", frame=LANDS, to=(FLAT,))
    hand.reach(FLAT, "hips", (0.0, 0.70, FEET_Z - 0.11), how="body", stay="pins")
    for side in ACROSS:
        hand.reach(FLAT, f"{side} foot", (ACROSS[side] * 0.7, 0.078, FEET_Z - 0.06), stay="pins")
        hand.pose(FLAT, Turn("turn", f"{side} foot", degrees(_flat(hand, FLAT, side))))
    hand.do("copy_pose", frame=FLAT, to=(DEEP, FRAMES))
    for side in ACROSS:
        hand.do(
            "add_pin", parts=(f"{side} foot",), start=FLAT, end=FRAMES, frame=FLAT, ease_in=1, ease_out=0,
            direction=True,
        )  # fmt: skip
    hand.reach(DEEP, "hips", (0.02, 0.40, FEET_Z - 0.20), how="body")
    hand.pose(
        DEEP,
        Turn("turn", "hips", degrees(24.0)),
        Turn("turn", "chest", degrees(16.0)),
        Turn("turn", "head", degrees(-22.0)),
    )
    hand.reach(DEEP, "right hand", (-0.20, 0.135, FEET_Z + 0.30), how="spine")
    hand.reach(DEEP, "left hand", (0.42, 0.42, FEET_Z + 0.12))
    hand.do("copy_pose", frame=DEEP, to=(SETTLED,))
    hand.reach(SETTLED, "hips", (0.0, 0.62, FEET_Z - 0.14), how="body")
    hand.reach(SETTLED, "right hand", (-0.30, 0.48, FEET_Z + 0.22))
    hand.reach(FRAMES, "hips", (0.0, 0.80, FEET_Z - 0.08), how="body")
    hand.pose(FRAMES, Turn("turn", "hips", degrees(-6.0)))
    hand.pose(60, Between("between", DEEP, SETTLED, 0.25))
    hand.do("hold_pose", frame=DEEP, to=DEEP + 5, drift=0.06)
    hand.do(
        "add_pin", parts=("right hand",), start=DEEP - 1, end=58, frame=DEEP, ease_in=2, ease_out=4,
        direction=True,
    )  # fmt: skip
    for frame, beat in ((DEEP, "extreme"), (60, "in-between"), (SETTLED, "breakdown"), (FRAMES, "extreme")):
        hand.do("mark_beat", frame=frame, beat=beat)
    # taken up at once and evenly: as fast as he comes down, until he is deep
    hand.do("ease_span", start=LANDS, end=FLAT, leaves=1.17, arrives=0.83, parts=("hips",))
    hand.do("ease_span", start=FLAT, end=DEEP, leaves=2.0, arrives=0.0, parts=("hips",))
    hand.do("ease_span", start=RELEASE, end=LANDS, leaves=1.0, arrives=1.0, parts=("hips",))


def drop(hand: Hand) -> None:
    """The way down is gravity's: a guide from where he lets go to where he lands gives the body its height."""
    reading = see(hand.shot).reading
    ends = tuple(tuple(map(float, reading.com[f - 1])) for f in (RELEASE, LANDS))
    path = Guide("guide1", "The drop", GRAVITY, ends, RELEASE, float(LANDS - RELEASE), COM, WHO)
    hand.shot = AddItem(path).apply(hand.shot)
    hand.do("take_height", source=path.id, start=RELEASE, end=LANDS, of="com", scale=1.0)
    # the flaw: he kept some of the slow way down he first had
    hand.do("set_layer_weight", layer_id=hand.shot.performer.layers[-1].id, weight=KEPT)
