"""Feet that come off the ground as feet do: the heel first, over the ball, or the toes over the heel, and only then the
whole foot."""

from dataclasses import dataclass

import numpy as np

from ironarc.core import rotation
from ironarc.core.figure.grips import Grip, Limb
from ironarc.core.posing.stand import Stand

TIPTOE, TOES_UP = np.radians(65.0), np.radians(35.0)  # to which a sole stands on its ball, or on its heel
LIFTED = np.radians(45.0)  # to which a foot hangs that is lifted by its ankle
NEAR_M = 0.02  # as near to the ground bears the foot
STEEP = (0.6, 0.8)  # share of a drag that goes up: below, the foot is led along as it is; above, it peels off
_UP = np.array([0.0, 1.0, 0.0])


@dataclass(frozen=True, eq=False)
class Sole:
    """A foot and what of its sole bears it.

    pivot : (3,) m, it stays; way : +1 the heel comes up, -1 the toes; axis : (3,) unit, level, about which that is
    least_rad, most_rad : what it peels by from how it stands, lying flat and at its steepest
    """

    limb: Limb
    pivot: np.ndarray
    way: int
    axis: np.ndarray
    least_rad: float
    most_rad: float

    def turn(self, angle: float) -> np.ndarray:
        """(4,) world: peeled by an angle, rad."""
        return rotation.exp(self.axis * angle)

    def at(self, place: np.ndarray, angle: float) -> np.ndarray:
        """(3,) m: where a place of the foot goes."""
        return self.pivot + rotation.rotate(self.turn(angle), place - self.pivot)

    def angle_to(self, place: np.ndarray, lift_m: float) -> float:
        """The angle, rad, that brings a place of the foot up by so much, as far as the sole peels."""
        arm = place - self.pivot
        ahead = np.cross(_UP, self.axis)
        across, up = float(arm @ ahead), float(arm[1])
        reach = np.hypot(across, up)
        # turned by `angle`, the place stands at reach * sin(phase + angle)
        phase = np.arctan2(up, across)
        wanted = np.arcsin(np.clip((up + lift_m) / max(reach, 1e-9), -1.0, 1.0)) - phase
        return float(np.clip(wanted, self.least_rad, self.most_rad))


def sole_of(stand: Stand, limb: Limb | None, by: str = "ball") -> Sole | None:
    """How a foot peels off: over its "ball", or over its "heel". None where that does not bear it."""
    if limb is None or not limb.is_leg or limb.end < 0:
        return None
    points = {p.point: p for p in stand.body.anatomy.contact_points if limb.name.startswith(p.side)}
    if not {"ball", "heel"} <= set(points):
        return None
    at = {name: stand.at(Grip(name, p.joint, p.position_m, name, p.side, "")) for name, p in points.items()}
    if not _bears(stand, points[by], at[by]):
        return None
    along = at["ball"] - at["heel"]
    ahead = along * [1.0, 0.0, 1.0]
    if np.linalg.norm(ahead) < 1e-4:
        return None
    pitch = float(np.arctan2(-along[1], np.linalg.norm(ahead)))
    axis = np.cross(_UP, ahead / np.linalg.norm(ahead))
    if by == "ball":
        # a heel that hangs lower than the ball, over an edge, is no foot to be laid flat
        return Sole(limb, at["ball"], 1, axis, min(-pitch, 0.0), max(TIPTOE - pitch, 0.0))
    return Sole(limb, at["heel"], -1, -axis, min(pitch, 0.0), max(TOES_UP + pitch, 0.0))


def _bears(stand: Stand, point, place: np.ndarray) -> bool:
    if float(stand.reading.floor.clearance(place)) < NEAR_M:
        return True
    track, on = stand.reading.traced.track, stand.reading.footing.on[stand.index]
    return any(
        touches and q.side == point.side and q.point == point.point and np.linalg.norm(there - place) < NEAR_M
        for q, touches, there in zip(track.skin.points, on, track.at[stand.index], strict=True)
    )


@dataclass(frozen=True, eq=False)
class Led:
    """A foot as it is to be: its end at (3,) m, turned by (4,) in the world.

    grip : (3,) m, where what was dragged comes to; toes : whether they stay where they lie; up_m : how far what bore
    the foot leaves the ground
    """

    end: np.ndarray
    turn: np.ndarray
    grip: np.ndarray
    toes: bool
    up_m: float


def led(stand: Stand, limb: Limb | None, grip: Grip, end: np.ndarray, goal: np.ndarray) -> Led | None:
    """A foot that is led up by a grip peels off what it stands on before it leaves it. end : (3,) m, its end now.

    None where nothing peels: by a drag along the ground, or where nothing bears it.
    """
    sole = sole_of(stand, limb, "heel" if grip.kind in ("ball", "toe") else "ball")
    if sole is None:
        return None
    here = stand.at(grip)
    by = goal - here
    up, across = abs(by[1]), float(np.hypot(by[0], by[2]))
    steep = np.clip((up / max(up + across, 1e-9) - STEEP[0]) / (STEEP[1] - STEEP[0]), 0.0, 1.0)
    share = steep * steep * (3 - 2 * steep)
    most = max(sole.most_rad - TIPTOE + LIFTED, 0.0) if grip.kind == "foot" else sole.most_rad
    angle = min(sole.angle_to(here, by[1] * share), most) if share > 0 else 0.0
    if abs(angle) < 1e-6:
        return None
    peeled = sole.at(here, angle)
    # up to where it peels the pivot stays; what goes farther, or along, takes the foot with it
    rest = (goal - peeled) * [1 - share, 1.0, 1 - share]
    return Led(sole.at(end, angle) + rest, sole.turn(angle), peeled + rest, sole.way > 0, float(rest[1]))


def raised(stand: Stand, limb: Limb, end: np.ndarray, root: np.ndarray, full_m: float) -> Led | None:
    """A foot whose leg, from `root` (3,), no longer comes down to it: as far up over its ball as that takes.

    end : (3,) m where its end should stay; full_m : how far the leg reaches. None where it reaches, or has no ball
    that bears it.
    """
    if np.linalg.norm(end - root) <= full_m:
        return None
    sole = sole_of(stand, limb)
    if sole is None or sole.most_rad <= 0:
        return None
    angles = np.linspace(0.0, sole.most_rad, 129)
    reaches = [i for i, a in enumerate(angles) if np.linalg.norm(sole.at(end, a) - root) <= full_m]
    high = float(angles[reaches[0]]) if reaches else sole.most_rad
    low = float(angles[reaches[0] - 1]) if reaches else high
    for _ in range(40 if reaches else 0):
        middle = (low + high) / 2
        low, high = (low, middle) if np.linalg.norm(sole.at(end, middle) - root) <= full_m else (middle, high)
    place = sole.at(end, high)
    away = root - place
    over = away * max(1.0 - full_m / np.linalg.norm(away), 0.0)  # which the leg still lacks, and takes the foot along
    return Led(place + over, sole.turn(high), place + over, True, float(over[1]))


def toes_held(before: Stand, after: Stand, limb: Limb, up_m: float = 0.0) -> Stand:
    """A foot that stands on its ball with its toes as they lay: their tips keep their height, or come up by `up_m` with
    the ball, and their direction over the ground."""
    rig, tips = before.rig, {p.joint: p.position_m for p in before.body.anatomy.contact_points if p.point == "toe"}
    local = after.local.copy()
    for toe in rig.children[limb.end]:
        world = before.posed.world[0, toe]
        tip = rotation.rotate(world, tips.get(toe, np.zeros(3)))
        down = float(before.posed.position[0, toe, 1] + tip[1] + up_m - after.posed.position[0, toe, 1])
        ahead, length = tip * [1.0, 0.0, 1.0], float(np.linalg.norm(tip))
        if np.linalg.norm(ahead) > 1e-3 and abs(down) < length:
            there = ahead / np.linalg.norm(ahead) * np.sqrt(length**2 - down**2) + down * _UP
            world = rotation.multiply(rotation.between(tip / length, there / length), world)
        local[0, toe] = rotation.multiply(rotation.conjugate(after.posed.world[0, limb.end]), world)
    return after.with_(local)
