"""Reaching: grips brought to a place, limbs in closed form first, the spine and the whole body for what is left."""

from dataclasses import dataclass
from typing import Protocol

import numpy as np

from ironarc.core import rotation
from ironarc.core.errors import EditError
from ironarc.core.figure.grips import Grip, Limb, limb_with, limbs_of
from ironarc.core.motion import ik, least_squares
from ironarc.core.motion.pins import LIMB_ENDS as ENDS
from ironarc.core.motion.pins import LIMB_MIDDLES as MIDDLES
from ironarc.core.motion.pins import target_of
from ironarc.core.posing.soles import Led, led, raised, toes_held
from ironarc.core.posing.stand import Stand
from ironarc.core.reading.contacts import stands, way_out

# How readily joints turn when the whole body reaches, rad; what is limb turns before what is trunk
SPREAD = {
    "pelvis": 0.2, "spine": 0.16, "neck": 0.08, "head": 0.05, "collar": 0.12, "upper arm": 0.5,
    "forearm": 0.6, "hand": 0.2, "thigh": 0.5, "shank": 0.6, "foot": 0.4, "toe": 0.1,
}  # fmt: skip
OTHER_SPREAD = 0.3
ROOT_SPREAD_M = 0.25
PASSES = 9
CLOSE_M = 1e-4
SNAP_M = 0.06
MISSED_M = 0.002
STRAIGHT = 0.999  # share of a leg's length that it comes to before its heel comes up
_SOLE = ("heel", "ball", "toe")


class Options(Protocol):
    """What a Reach asks for beside grips and way."""

    how: str
    keep: str
    stay: str
    gaze: bool
    stretch: bool
    snap: bool
    rest: str


def reached(stand: Stand, grips: list[Grip], by: np.ndarray, options: Options) -> tuple[Stand, dict[str, np.ndarray]]:
    """The stand with grips moved by (3,) m; and where those were to go that did not get there."""
    goals = {grip.name: stand.at(grip) + by for grip in grips}
    if options.snap:
        goals = {grip.name: _snapped(stand, grip, goals[grip.name]) for grip in grips}
    limbs = [limb_with(stand.body, grip.joint) for grip in grips]
    ends = [
        _led(stand, limb, grip, goals, options) if limb is not None and grip.kind in ENDS else None
        for grip, limb in zip(grips, limbs, strict=True)
    ]
    by_limbs = all(limb is not None and g.kind in ENDS + MIDDLES for limb, g in zip(limbs, grips, strict=True))
    simple = options.how == "limb" and by_limbs and not options.keep
    out = _by_limbs(stand, grips, goals, ends) if simple else _by_body(stand, grips, goals, ends, options)
    if options.stretch:
        out = _stretched(out, grips, goals)
    if options.gaze:
        out = _gazing(stand, out)
    missed = {
        grip.name: goals[grip.name] for grip in grips if np.linalg.norm(out.at(grip) - goals[grip.name]) > MISSED_M
    }
    return out, missed


@dataclass(frozen=True, eq=False)
class _End:
    """Where the far end of a limb is to come, (3,) m, and how it is turned, (4,) world: None lets it ride along.

    toes_up_m : how far the toes come up, which lie as they lay; None lets them ride along
    """

    limb: Limb
    place: np.ndarray
    turn: np.ndarray | None
    toes_up_m: float | None = None

    def reached(self, stand: Stand, before: Stand) -> Stand:
        """A stand with the limb there; before : how its hand and its toes were."""
        turn = None if self.turn is None else self.turn[None]
        local = ik.limb_to(stand.rig, stand.local, stand.translation, self.limb, self.place[None], turn)
        if self.turn is None and self.limb.end >= 0:
            local[0, self.limb.end] = before.local[0, self.limb.end]
        out = stand.with_(local)
        return out if self.toes_up_m is None else toes_held(before, out, self.limb, self.toes_up_m)


def _led(stand: Stand, limb: Limb, grip: Grip, goals: dict[str, np.ndarray], options: Options) -> _End:
    """Where a hand or a foot goes that is led by a grip: a hand rides on its forearm or holds its direction, a foot
    keeps the way it is turned and peels off what bears it. Corrects the goal of one that peels."""
    end = _end_at(stand, limb)
    straight = end + goals[grip.name] - stand.at(grip)
    if limb.end < 0:
        return _End(limb, straight, None)
    turned = stand.posed.world[0, limb.end]
    if not limb.is_leg:
        return _End(limb, straight, turned if options.rest == "holds" or _pinned(stand, limb) else None)
    peels = led(stand, limb, grip, end, goals[grip.name]) if options.stay == "touching" else None
    if peels is None:
        return _End(limb, straight, turned)
    goals[grip.name] = peels.grip
    return _peeling(stand, limb, peels)


def _peeling(stand: Stand, limb: Limb, led_to: Led) -> _End:
    turn = rotation.multiply(led_to.turn, stand.posed.world[0, limb.end])
    return _End(limb, led_to.end, turn, led_to.up_m if led_to.toes else None)


def _pinned(stand: Stand, limb: Limb) -> bool:
    return any(h.limb is not None and h.limb.name == limb.name and h.grip.kind in ENDS for h in stand.held)


def _by_limbs(stand: Stand, grips: list[Grip], goals: dict[str, np.ndarray], ends: list[_End | None]) -> Stand:
    before = stand
    for grip, end in zip(grips, ends, strict=True):
        if end is not None:
            stand = end.reached(stand, before)
        else:
            stand = _steered(stand, limb_with(stand.body, grip.joint), goals[grip.name])
    return stand


def _end_at(stand: Stand, limb: Limb) -> np.ndarray:
    """(3,) m: the far end of a limb."""
    p = stand.posed
    wrist = ik.wrist_of(limb, stand.translation)[0]
    return p.position[0, limb.lower] + rotation.rotate(p.world[0, limb.lower], wrist)


def _steered(stand: Stand, limb: Limb, to: np.ndarray) -> Stand:
    """An elbow or a knee led round the line from shoulder to hand, from hip to foot; both ends stay as they are."""
    end = _end_at(stand, limb)
    return stand.with_(ik.limb_to(stand.rig, stand.local, stand.translation, limb, end[None], steer=to[None]))


def rolled(stand: Stand, grip: Grip, turn: np.ndarray) -> Stand:
    """A foot turned by (4,) about its heel or its ball, which stays where it is; the leg follows."""
    limb = limb_with(stand.body, grip.joint)
    if limb is None or limb.end < 0:
        raise EditError(f"The {grip.name} has no foot that could roll about it.")
    pivot = stand.at(grip)
    world = rotation.multiply(turn, stand.posed.world[0, limb.end])
    end = pivot + rotation.rotate(turn, _end_at(stand, limb) - pivot)
    out = stand.with_(ik.limb_to(stand.rig, stand.local, stand.translation, limb, end[None], world[None]))
    return toes_held(stand, out, limb) if grip.kind == "ball" else out


def _by_body(
    stand: Stand, grips: list[Grip], goals: dict[str, np.ndarray], ends: list[_End | None], options: Options
) -> Stand:
    """Least squares over the joints that may follow; what stays is then brought back in closed form."""
    at_root = all(grip.joint in stand.rig.roots for grip in grips)
    # a trunk bends over hips that are still, unless the whole body follows
    trunk = options.how == "limb" and not options.keep and all(end is None for end in ends)
    whole = at_root or (options.how != "spine" and not trunk)
    stays = _staying(stand, [limb_with(stand.body, grip.joint) for grip in grips], options)
    wanted = [least_squares.Goal(g.joint, g.at_m, goals[g.name][None]) for g in grips]
    for end in ends:
        if end is not None and end.limb.is_leg and end.turn is not None:
            wanted.append(least_squares.Goal(end.limb.end, np.zeros(3), None, end.turn[None]))
    for limb, place, turn in stays:
        if at_root and not options.keep and limb.is_leg:
            continue  # hips go where they are brought; their feet then stay, as far as legs and soles reach
        joint, at = (limb.end, np.zeros(3)) if limb.end >= 0 else (limb.lower, limb.wrist_m)
        wanted.append(least_squares.Goal(joint, at, place[None], turn[None] if limb.end >= 0 else None))
    hinges = tuple(least_squares.Hinge(limb) for limb in limbs_of(stand.body))
    joints = _may_turn(stand, grips, stays, whole)
    spread = np.array([_spread(stand, j) for j in joints])
    may = least_squares.Stiffness(joints, spread, ROOT_SPREAD_M if whole else 0.0, hinges)
    balance = _balance(stand, options.keep)
    local, translation = least_squares.solve(
        stand.rig, stand.local, stand.translation, wanted, may, PASSES, balance, CLOSE_M
    )  # fmt: skip
    out = stand.with_(local, translation)
    for end in ends:
        if end is not None:
            out = end.reached(out, stand)
    for limb, place, turn in stays:
        out = _stayed(stand, limb, place, turn, out.posed.position[0, limb.upper]).reached(out, stand)
    return out


def _stayed(stand: Stand, limb: Limb, place: np.ndarray, turn: np.ndarray, root: np.ndarray) -> _End:
    """A limb that is to stay; a foot whose leg from `root` (3,) no longer reaches it comes up over its ball, unless it
    is pinned."""
    reach = float(ik.limb_length(limb, stand.translation)[0]) * STRAIGHT
    over = None if _pinned(stand, limb) else raised(stand, limb, place, root, reach)
    if over is not None:
        return _peeling(stand, limb, over)
    return _End(limb, place, turn if limb.end >= 0 else None)


def _staying(stand: Stand, dragged: list[Limb | None], options: Options) -> list[tuple[Limb, np.ndarray, np.ndarray]]:
    """Limbs that stay where they are, with the place (3,) m and rotation (4,) of their ends."""
    touching = {limb.name for limb in stand.touching()} if options.stay == "touching" else set()
    taken = {limb.name for limb in dragged if limb is not None}
    out = []
    for limb in limbs_of(stand.body):
        if limb.name in taken or not (limb.name in touching or _pinned(stand, limb)):
            continue
        turn = stand.posed.world[0, limb.end if limb.end >= 0 else limb.lower]
        out.append((limb, _end_at(stand, limb), turn))
    return out


def _may_turn(stand: Stand, grips: list[Grip], stays: list, whole: bool) -> tuple[int, ...]:
    """Joints that may follow: those above the grips, and the limbs that stay; the root only with the whole body."""
    parents, out = stand.rig.parents, set()
    for grip in grips:
        at = grip.joint if np.linalg.norm(grip.at_m) > 1e-6 else int(parents[grip.joint])
        while at >= 0:
            out.add(at)
            at = int(parents[at])
    for limb, _, _ in stays:
        out |= {limb.upper, limb.lower} | ({limb.end} if limb.end >= 0 else set())
        above = int(parents[limb.upper])
        while above >= 0:
            out.add(above)
            above = int(parents[above])
    if not whole:
        out -= set(stand.rig.roots)
    elif grips and all(g.joint in stand.rig.roots for g in grips):
        # hips that are moved keep their lean: the legs follow
        out -= set(stand.rig.roots)
        out -= {j for j, m in enumerate(stand.body.anatomy.meanings) if m.role == "spine"}
    return tuple(sorted(out))


def _spread(stand: Stand, joint: int) -> float:
    return SPREAD.get(stand.body.anatomy.meanings[joint].role, OTHER_SPREAD)


def _balance(stand: Stand, keep: str) -> least_squares.Balance | None:
    """The center of gravity as it is to stay."""
    if not keep:
        return None
    # of the parts alone: what sets it off rides with the root, and is the same before and after
    b, off = stand.body, stand.set_off
    if keep == "here":
        return least_squares.Balance(b.joints, b.masses, b.coms, (stand.com - off)[None])
    if keep == "arc":
        place = stand.arc_place()
        if place is None:
            raise EditError(f"Frame {stand.frame} lies in no flight, so there is no arc to keep to.")
        return least_squares.Balance(b.joints, b.masses, b.coms, (place - off)[None])
    middle = footing_middle(stand)
    if middle is None:
        raise EditError(f"Nothing bears the body at frame {stand.frame}, so there are no feet to keep it over.")
    return least_squares.Balance(
        b.joints, b.masses, b.coms, (np.array([middle[0], 0.0, middle[1]]) - off)[None], (0, 2)
    )


def footing_middle(stand: Stand) -> np.ndarray | None:
    """(2,) m over the ground: the middle of what touches on this frame; None where nothing does."""
    track, on = stand.reading.traced.track, stand.reading.footing.on[stand.index]
    if not on.any():
        return None
    touching = track.at[stand.index][on][:, [0, 2]]
    return (touching.min(axis=0) + touching.max(axis=0)) / 2


def _stretched(stand: Stand, grips: list[Grip], goals: dict[str, np.ndarray]) -> Stand:
    """Limbs that did not get there, made longer by as much as they lack."""
    for grip in grips:
        limb = limb_with(stand.body, grip.joint)
        if limb is None or limb.end < 0 or grip.kind not in ENDS:
            continue
        end = goals[grip.name] - (stand.at(grip) - _end_at(stand, limb))
        root = stand.posed.position[0, limb.upper]
        factor = np.linalg.norm(end - root) / ik.limb_length(limb, stand.translation)[0]
        if factor <= 1.0:
            continue
        translation = stand.translation.copy()
        translation[0, [limb.lower, limb.end]] *= factor
        longer = stand.with_(stand.local, translation)
        stand = longer.with_(ik.limb_to(longer.rig, longer.local, translation, limb, end[None]))
    return stand


def _gazing(before: Stand, after: Stand) -> Stand:
    """The head with the direction it had, as far as the neck turns."""
    heads = [i for i, m in enumerate(after.body.anatomy.meanings) if m.role == "head"]
    if not heads:
        return after
    head, world = heads[0], after.posed.world
    wanted = before.posed.world[:, head]
    for neck in (r for r in after.body.ranges if r.joint == head):
        wanted, _ = neck.held_within(world, wanted)
    local = after.local.copy()
    local[:, head] = rotation.multiply(rotation.conjugate(world[:, int(after.rig.parents[head])]), wanted)
    return after.with_(local)


def _snapped(stand: Stand, grip: Grip, to: np.ndarray) -> np.ndarray:
    """A place brought onto the floor or a prop's face where it comes near one; a foot by its sole."""
    shift = to - stand.at(grip)
    sole = stand.at(grip)[None]
    if grip.kind in ("foot", *_SOLE):
        points = [p for p in stand.body.anatomy.contact_points if p.side == grip.side and p.point in _SOLE]
        sole = np.array(
            [
                stand.posed.position[0, p.joint] + rotation.rotate(stand.posed.world[0, p.joint], p.position_m)
                for p in points
            ]
        )
    moved = sole + shift
    low = int(moved[:, 1].argmin())
    gap = float(stand.reading.floor.clearance(moved[low]))
    best = -gap * stand.reading.floor.normal if abs(gap) < SNAP_M else np.zeros(3)
    nearest = min(abs(gap), SNAP_M)
    for prop in stand.shot.props:
        at, turn = stand.shot.track_of(prop, np.array([stand.frame]))
        own = rotation.rotate(turn[0], moved[low] - at[0], back=True)
        on_floor = stands(prop, stand.reading.floor)
        away = float(prop.distance(own, on_floor))
        # the floor under a slab is nowhere to stand, however near it is
        if abs(away) < SNAP_M and (abs(away) < nearest or away < 0):
            best, nearest = rotation.rotate(turn[0], -away * way_out(prop, own, on_floor)), abs(away)
    return to + best


def missed_pins(stand: Stand) -> dict[str, np.ndarray]:
    """Where pins hold parts to that do not get there."""
    frames = np.array([stand.frame])
    held = stand.shot.anchors(stand.performer, frames)
    out = {}
    for h in stand.held:
        goal = target_of(h.pin, stand.performer.placement, held, stand.posed)
        if goal is not None and h.pin.place and np.linalg.norm(goal[0][0] - stand.at(h.grip)) > MISSED_M:
            out[h.pin.part] = goal[0][0]
    return out
