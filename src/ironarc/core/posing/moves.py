"""Moves: what a hand does to a pose. Each is plain data, and makes one stand of another; none touches a key."""

from collections.abc import Mapping, Sequence
from dataclasses import dataclass, field, replace
from typing import Literal

import numpy as np

from ironarc.core import rotation
from ironarc.core.errors import EditError
from ironarc.core.figure.grips import Grip, bone_m, grip_called, joints_of, limbs_of
from ironarc.core.figure.naming import normal_name
from ironarc.core.motion import ik, posing
from ironarc.core.posing.copied import Copied, pasted
from ironarc.core.posing.reach import reached, rolled
from ironarc.core.posing.stand import Stand, stand_at
from ironarc.core.scene.rate import whole_frame

Vector = tuple[float, float, float]
FARTHEST_M = 50.0
MOST_MOVES = 40
SAID_DEG = 5.0  # past a range, from which a pose says so
REST, CAME, PREVIOUS = "rest", "came", "previous"


@dataclass(frozen=True)
class Reach:
    """Grips brought somewhere, with the limb, the limb and the spine, or the whole body following.

    by_m : how far they are moved, world; keep : where the center of gravity stays: "" anywhere, "here", over the
    "feet", on the "arc"; stay : what stays: "touching" for what touches and what is pinned, "pins" for the latter
    gaze : whether the head keeps its direction; stretch : whether a limb may grow; snap : to floor and props
    rest : whether a hand rides along with its forearm or "holds" its direction
    """

    do: Literal["reach"]
    grips: tuple[str, ...]
    by_m: Vector
    how: Literal["limb", "spine", "body"] = "limb"
    keep: Literal["", "here", "feet", "arc"] = ""
    stay: Literal["touching", "pins"] = "touching"
    gaze: bool = False
    stretch: bool = False
    snap: bool = False
    rest: Literal["rides", "holds"] = "rides"


@dataclass(frozen=True)
class Turn:
    """A bone swung about its joint and twisted about itself.

    swing_rad : rotation vector, world; rest : whether what hangs on it rides along or "holds" its direction
    bone : the one that "ends" at the grip, the one that "begins" there, or "" for the one meant as a rule
    """

    do: Literal["turn"]
    grip: str
    swing_rad: Vector = (0.0, 0.0, 0.0)
    twist_rad: float = 0.0
    rest: Literal["rides", "holds"] = "rides"
    bone: Literal["", "ends", "begins"] = ""


@dataclass(frozen=True)
class Reset:
    """Parts as they are at rest, as they came, or as they are on the key before."""

    do: Literal["reset"]
    to: Literal["rest", "came", "previous"]
    parts: tuple[str, ...] = ()


@dataclass(frozen=True)
class Mirror:
    """Left and right changed over ("flip"), or one side posed as the other is."""

    do: Literal["mirror"]
    how: Literal["flip", "left to right", "right to left"] = "flip"


@dataclass(frozen=True)
class Paste:
    """A pose that was copied or kept on the shelf, or a share of it; `place` takes where it stood, too."""

    do: Literal["paste"]
    pose: Copied
    parts: tuple[str, ...] = ()
    share: float = 1.0
    mirrored: bool = False
    place: bool = False


@dataclass(frozen=True)
class Between:
    """A breakdown: so much of the way from the pose on one frame to that on another, also beyond either."""

    do: Literal["between"]
    a: int
    b: int
    share: float = 0.5
    parts: tuple[str, ...] = ()


Move = Reach | Turn | Reset | Mirror | Paste | Between


@dataclass(frozen=True, eq=False)
class Made:
    """What moves made: the stand, grips that did not get where they were to go (name: place m), the parts that were
    named, and what is to be said."""

    stand: Stand
    missed: Mapping[str, np.ndarray] = field(default_factory=dict)
    says: tuple[str, ...] = ()


def moved(stand: Stand, moves: Sequence[Move]) -> Made:
    """All moves in their order. Raises EditError for one that can't be made."""
    if len(moves) > MOST_MOVES:
        raise EditError(f"Up to {MOST_MOVES} moves are made of a pose before it is keyed. Key it first.")
    made = Made(stand)
    for move in moves:
        made = _DOES[type(move)](made, move)
    past = past_range(stand, made.stand) if moves else []
    return replace(made, says=(*made.says, *past)) if past else made


def past_range(before: Stand, after: Stand) -> list[str]:
    """What was turned farther past its range than it was, in words."""
    out = []
    for r in after.body.ranges:
        was, now = (float(np.degrees(r.turned_rad(s.posed.world[0]) - r.most_rad)) for s in (before, after))
        if now > SAID_DEG and now > was + 1:
            out.append(f"The {r.part} is {now:.0f}° past its range.")
    return out


def _check_share(share: float, what: str) -> None:
    if not (np.isfinite(share) and -1.0 <= share <= 2.0):
        raise EditError(f"{what} lies between -100 and 200 %; {share * 100:g} % was given.")


def _reach(made: Made, move: Reach) -> Made:
    by = np.array(move.by_m)
    if not np.linalg.norm(by) <= FARTHEST_M:
        raise EditError(f"A part is moved by up to {FARTHEST_M:.0f} m at once.")
    if not move.grips:
        raise EditError("Select a part first.")
    grips = [grip_called(made.stand.body, name) for name in move.grips]
    stand, missed = reached(made.stand, grips, by, move)
    return replace(
        made, stand=stand, missed={**made.missed, **missed}, says=(*made.says, *stretched(made.stand, stand))
    )


def stretched(before: Stand, after: Stand) -> list[str]:
    """What limbs were made longer by, in words."""
    out = []
    for limb in limbs_of(after.body):
        was, now = (float(ik.limb_length(limb, stand.translation)[0]) for stand in (before, after))
        if now > was * 1.001:
            out.append(f"The {limb.name} is stretched to {now / was * 100:.0f} %.")
    return out


def _turn(made: Made, move: Turn) -> Made:
    stand, grip = made.stand, grip_called(made.stand.body, move.grip)
    swing, twist = np.array(move.swing_rad), move.twist_rad
    if not (np.isfinite(swing).all() and np.linalg.norm(swing) <= 20 and abs(twist) <= 20):
        raise EditError("A bone is turned by up to three times round at once.")
    if grip.kind in ("heel", "ball") and not move.bone:
        return replace(made, stand=rolled(stand, grip, rotation.exp(swing)))
    joint = turned_joint(stand, grip, move.bone)
    posed = stand.posed
    axis = _bone_axis(stand, joint)
    turn = rotation.multiply(rotation.exp(swing), rotation.exp(rotation.rotate(posed.world[0, joint], axis) * twist))
    local = stand.local.copy()
    parent = int(stand.rig.parents[joint])
    base = posed.world[0, parent] if parent >= 0 else rotation.IDENTITY
    world = rotation.multiply(turn, posed.world[0, joint])
    local[0, joint] = rotation.multiply(rotation.conjugate(base), world)
    if move.rest == "holds":
        for child in stand.rig.children[joint]:
            local[0, child] = rotation.multiply(rotation.conjugate(world), posed.world[0, child])
    return replace(made, stand=stand.with_(local))


def turned_joint(stand: Stand, grip: Grip, bone: str = "") -> int:
    """The joint a grip turns: as a rule an elbow, a knee or a shoulder is the far end of the bone above it, and
    anything else turns the bone that begins there."""
    above = bone == "ends" or (not bone and grip.kind in ("elbow", "knee", "shoulder"))
    if above and stand.rig.parents[grip.joint] >= 0:
        return int(stand.rig.parents[grip.joint])
    return grip.joint


def _bone_axis(stand: Stand, joint: int) -> np.ndarray:
    """(3,) unit in a joint's axes: along its bone."""
    along = bone_m(stand.body, joint)
    length = np.linalg.norm(along)
    return along / length if length > 1e-6 else np.array([0.0, 1.0, 0.0])


def _reset(made: Made, move: Reset) -> Made:
    stand = made.stand
    joints = list(joints_of(stand.body, move.parts))
    local, translation = stand.local.copy(), stand.translation.copy()
    root = stand.rig.roots[0]
    if move.to == REST:
        turned = [j for j in joints if j != root]
        local[0, turned] = rotation.IDENTITY
        if root in joints:
            local[0, root] = posing.heading(stand.local[0, root])
        return replace(made, stand=stand.with_(local, translation))
    other = _came(stand) if move.to == CAME else stand_at(stand.seen, previous_key(stand))
    local[0, joints] = other.local[0, joints]
    if root in joints:
        translation[0, root] = other.translation[0, root]
    return replace(made, stand=stand.with_(local, translation))


def _came(stand: Stand) -> Stand:
    """As the motion came: its base alone, with no layer and no pin."""
    performer = replace(stand.performer, layers=stand.performer.layers[:1], pins=())
    poses = performer.poses(np.array([stand.frame]), stand.shot.frame_time_s)
    return stand.with_(poses.local, poses.translation)


def previous_key(stand: Stand) -> int:
    """The frame of the shot with the last key before this one. EditError where there is none."""
    seen = stand.performer.timing.seen_frame
    before = [f for f in key_frames(stand.performer) if seen(whole_frame(f)) < stand.frame]
    if not before:
        raise EditError(f"There is no key before frame {stand.frame}.")
    return seen(round(before[-1]))


def key_frames(performer) -> list[float]:
    """Own frames on which any layer above dense motion has a key, in order."""
    columns = [c for layer in performer.layers for c in layer.columns.values() if hasattr(c, "kinds")]
    return sorted({float(f) for column in columns for f in column.key_frames})


def _mirror(made: Made, move: Mirror) -> Made:
    stand = made.stand
    flipped = posing.mirrored(stand.pose, stand.body.anatomy)
    if move.how == "flip":
        return replace(made, stand=stand.with_pose(flipped))
    goal = move.how.split(" to ")[1]
    by_side = [i for i, part in enumerate(_sides(stand)) if part == goal]
    if not by_side:
        raise EditError(f"{stand.performer.name} has no {goal} side that a name explains.")
    local = stand.local.copy()
    local[0, by_side] = flipped.local[by_side]
    return replace(made, stand=stand.with_(local))


def _sides(stand: Stand) -> list[str]:
    out = []
    for name, meaning in zip(stand.rig.names, stand.body.anatomy.meanings, strict=True):
        word = normal_name(name).split(" ")[0]
        out.append(meaning.side or (word if word in ("left", "right") else ""))
    return out


def _paste(made: Made, move: Paste) -> Made:
    _check_share(move.share, "The share of a pose")
    stand, says = pasted(made.stand, move.pose, move.parts, move.share, move.mirrored, move.place)
    return replace(made, stand=stand, says=(*made.says, *says))


def _between(made: Made, move: Between) -> Made:
    _check_share(move.share, "What a breakdown favours")
    stand = made.stand
    a, b = (stand_at(stand.seen, frame).pose for frame in (move.a, move.b))
    joints = np.array(joints_of(stand.body, move.parts))
    there = posing.towards(a, b, move.share)
    pose = posing.towards(stand.pose, there, 1.0, joints)
    return replace(made, stand=stand.with_pose(pose))


_DOES = {Reach: _reach, Turn: _turn, Reset: _reset, Mirror: _mirror, Paste: _paste, Between: _between}
