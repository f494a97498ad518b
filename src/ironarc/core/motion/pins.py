"""Pins: a part of the body held to the world, a prop, another performer or another part of itself, over a span.

They are solved after a body is in its place: hips first, then what the spine carries, then the limbs, in closed form
for all frames at once. A limb that is nearly straight uses its last length up slowly, and the hips give what it lacks,
so that no knee pops; what is farther off than that is pointed at, and nothing is stretched.
"""

from collections.abc import Mapping
from dataclasses import dataclass, replace

import numpy as np

from ironarc.core import rotation
from ironarc.core.figure.body import Body
from ironarc.core.figure.grips import Grip, Limb, grip_called, limb_with
from ironarc.core.figure.rig import Rig, forward
from ironarc.core.motion import ik, least_squares
from ironarc.core.motion.pin import WORLD, Pin

GIVES = 0.06  # of a limb's length, that the hips give to a pin it does not quite reach
KNEELS = 0.3  # of a thigh's length, that they give to a knee that is held
ROUNDS = 12  # of bringing the hips within reach of several pins
SPREAD_RAD = 0.3
CLOSE_M = 2e-5
LIMB_ENDS, LIMB_MIDDLES, HIPS_KINDS = ("hand", "foot", "heel", "ball", "toe"), ("knee", "elbow"), ("hips",)

# {(id, joint): (places (frames, 3) m, rotations (frames, 4))} of the props and performers that pins hold to
Anchors = Mapping[tuple[str, str], tuple[np.ndarray, np.ndarray]]
NO_ANCHORS: Anchors = {}


@dataclass(frozen=True, eq=False)
class Holding:
    """A pin with what it takes hold of on a body."""

    pin: Pin
    grip: Grip
    limb: Limb | None

    @property
    def order(self) -> int:
        """Hips first, then what hangs on the spine, then limbs, then what is held to a part of the same body."""
        if self.pin.joint and not self.pin.to:
            return 4
        if self.grip.kind == "hips":
            return 0
        if self.limb is None or self.grip.kind not in LIMB_ENDS + LIMB_MIDDLES:
            return 1
        return 2 if self.grip.kind in LIMB_MIDDLES else 3


def holdings(pins: tuple[Pin, ...], body: Body, own_id: str) -> tuple[Holding, ...]:
    """Pins in the order they are solved in; one held to a part of the same body is told by no `to`."""
    out = []
    for pin in pins:
        grip = grip_called(body, pin.part)
        own = replace(pin, to=WORLD) if pin.to == own_id else pin
        out.append(Holding(own, grip, limb_with(body, grip.joint)))
    return tuple(sorted(out, key=lambda h: h.order))


@dataclass
class Posed:
    """A body while pins are solved: local rotations and origins, and world ones that follow from them."""

    rig: Rig
    local: np.ndarray
    translation: np.ndarray

    def __post_init__(self):
        self.follow()

    def follow(self) -> None:
        self.world, self.position = forward(self.rig, self.local, self.translation)

    def at(self, grip: Grip) -> np.ndarray:
        """(frames, 3) m: where a grip is."""
        return self.position[:, grip.joint] + rotation.rotate(self.world[:, grip.joint], grip.at_m)

    def shift(self, by: np.ndarray) -> None:
        """Moves the whole by (frames, 3) m."""
        self.translation[:, list(self.rig.roots)] += by[:, None]
        self.position += by[:, None]


def target_of(pin: Pin, placement, anchors: Anchors, posed: Posed) -> tuple[np.ndarray, np.ndarray] | None:
    """Place (frames, 3) m and rotation (frames, 4) a pin holds to, world; None for what isn't there."""
    n = len(posed.local)
    if pin.to == WORLD and pin.joint:
        if pin.joint not in posed.rig:
            return None
        j = posed.rig.index(pin.joint)
        at, turn = posed.position[:, j], posed.world[:, j]
    elif pin.to == WORLD:
        place = placement.to_world(np.array(pin.at_m))
        turn = rotation.multiply(placement.rotation, np.array(pin.turn))
        return np.repeat(place[None], n, axis=0), np.repeat(turn[None], n, axis=0)
    elif (pin.to, pin.joint) in anchors:
        at, turn = anchors[pin.to, pin.joint]
    else:
        return None
    return at + rotation.rotate(turn, np.array(pin.at_m)), rotation.multiply(turn, np.array(pin.turn))


def solve(posed: Posed, holding: tuple[Holding, ...], placement, anchors: Anchors, own: np.ndarray) -> np.ndarray:
    """Brings the body `posed` to its pins; returns (frames,) bool, where any of them counts.

    anchors : {(id, joint): (places (frames, 3) m, rotations (frames, 4))} of props and performers that pins hold to
    own : (frames,) own frames
    """
    counts = [h.pin.counts(own) for h in holding]
    on = np.any([c > 0 for c in counts], axis=0) if counts else np.zeros(len(own), dtype=bool)
    if not on.any():
        return on
    part = posed if on.all() else Posed(posed.rig, posed.local[on], posed.translation[on])
    near = anchors if on.all() else {key: (at[on], turn[on]) for key, (at, turn) in anchors.items()}
    acting = [(h, c[on]) for h, c in zip(holding, counts, strict=True) if (c > 0).any()]
    for h, c in (pair for pair in acting if pair[0].order <= 1):
        _hold(part, h, c, placement, near)
    limbs = [pair for pair in acting if pair[0].order in (2, 3)]
    if limbs:
        _hold_limbs(part, limbs, placement, near)
    for h, c in (pair for pair in acting if pair[0].order == 4):
        _hold_limbs(part, [(h, c)], placement, near, gives=False) if h.limb and h.grip.kind in LIMB_ENDS else _hold(
            part, h, c, placement, near
        )
    if part is not posed:
        posed.local[on], posed.translation[on] = part.local, part.translation
    return on


def _towards(now: np.ndarray, goal: np.ndarray, share: np.ndarray) -> np.ndarray:
    return now + (goal - now) * share[:, None]


def _hold(posed: Posed, h: Holding, share: np.ndarray, placement, anchors: Anchors) -> None:
    """Hips by moving the whole; anything else by the joints that carry it."""
    goal = target_of(h.pin, placement, anchors, posed)
    if goal is None:
        return
    place, turn = goal
    joint = h.grip.joint
    if h.pin.direction:
        _turn_to(posed, joint, rotation.slerp(posed.world[:, joint], turn, share))
    if not h.pin.place:
        return
    wanted = _towards(posed.at(h.grip), place, share)
    if h.grip.kind == "hips":
        posed.shift(wanted - posed.at(h.grip))
        return
    carriers = _carriers(posed.rig, h.grip)
    if not carriers:
        posed.shift(wanted - posed.at(h.grip))
        return
    keep = posed.world[:, joint] if h.pin.direction else None
    goals = [least_squares.Goal(joint, h.grip.at_m, wanted)] + (
        [least_squares.Goal(joint, h.grip.at_m, None, keep)] if h.pin.direction else []
    )
    may = least_squares.Stiffness(carriers, np.full(len(carriers), SPREAD_RAD))
    posed.local, posed.translation = least_squares.solve(
        posed.rig, posed.local, posed.translation, goals, may, 14, close_m=CLOSE_M
    )
    posed.follow()


def _carriers(rig: Rig, grip: Grip) -> tuple[int, ...]:
    """Joints above a grip that may turn for it: all but the root; its own too, where it lies off its joint."""
    out, at = [], grip.joint if np.linalg.norm(grip.at_m) > 1e-6 else int(rig.parents[grip.joint])
    while at >= 0 and rig.parents[at] >= 0:
        out.append(at)
        at = int(rig.parents[at])
    return tuple(out[::-1])


def _turn_to(posed: Posed, joint: int, world: np.ndarray) -> None:
    above = int(posed.rig.parents[joint])
    base = posed.world[:, above] if above >= 0 else np.broadcast_to(rotation.IDENTITY, world.shape)
    posed.local[:, joint] = rotation.multiply(rotation.conjugate(base), world)
    posed.follow()


def _hold_limbs(posed: Posed, limbs: list, placement, anchors: Anchors, gives: bool = True) -> None:
    """Limbs by their two bones, the hips giving what they lack."""
    there = [(h, share, _wanted(posed, h, share, placement, anchors)) for h, share in limbs]
    there = [entry for entry in there if entry[2] is not None]
    if gives and there:
        posed.shift(_given(posed, there))
    moved: set[str] = set()
    for h, share, _ in there:
        if h.limb.name in moved:
            posed.follow()
            moved.clear()
        # where it is to be now: another pin of the same limb may have moved it meanwhile
        place, end_turn = _wanted(posed, h, share, placement, anchors)
        if place is None:
            _turn_to(posed, h.grip.joint, end_turn)
        elif h.grip.kind in LIMB_MIDDLES:
            _aim(posed, h.limb, place)
        else:
            _reach(posed, h, share > 0, place, end_turn, _middle_of(there, h))
            moved.add(h.limb.name)  # nothing of another limb rests on it
    posed.follow()


def _middle_of(there: list, h: Holding) -> np.ndarray | None:
    """Where the middle of a limb is held, which then steers it, or None."""
    return next((w[0] for o, _, w in there if o.limb is h.limb and o.grip.kind in LIMB_MIDDLES), None)


def _reach(
    posed: Posed, h: Holding, on: np.ndarray, place: np.ndarray, end_turn: np.ndarray | None, middle: np.ndarray | None
) -> None:
    """Brings a limb's far end to a place on the frames `on`; a foot keeps the direction it is posed in, or takes the
    pin's."""
    keep = end_turn if end_turn is not None and h.grip.joint == h.limb.end else None
    solved = ik.limb_in(
        posed.rig, posed.local, posed.translation, posed.world, posed.position, h.limb, place, keep, middle
    )
    posed.local[on] = solved[on]


def _wanted(posed: Posed, h: Holding, share: np.ndarray, placement, anchors: Anchors):
    """Where the limb's far end (or its middle) is to be (frames, 3), None for no matter, and the end's rotation."""
    goal = target_of(h.pin, placement, anchors, posed)
    if goal is None:
        return None
    place, turn = goal
    joint, end_turn = h.grip.joint, None
    if h.pin.direction:
        end_turn = rotation.slerp(posed.world[:, joint], turn, share)
    if not h.pin.place:
        return None, end_turn
    wanted = _towards(posed.at(h.grip), place, share)
    if h.grip.kind in LIMB_MIDDLES:
        return wanted, None
    return wanted - _end_to_grip(posed, h, end_turn), end_turn


def _end_to_grip(posed: Posed, h: Holding, end_turn: np.ndarray | None) -> np.ndarray:
    """(frames, 3) m from a limb's far end to the grip, as the end is turned, or would be."""
    limb, grip = h.limb, h.grip
    if limb.end < 0:
        return np.zeros((len(posed.local), 3))
    if grip.joint == limb.end:
        turn = posed.world[:, limb.end] if end_turn is None else end_turn
        return rotation.rotate(turn, np.broadcast_to(grip.at_m, (len(turn), 3)))
    return posed.at(grip) - posed.position[:, limb.end]


def _given(posed: Posed, limbs: list) -> np.ndarray:
    """(frames, 3) m the whole is moved by, so that every pinned limb reaches: each in turn, and again, each frame as if
    it were alone."""
    given = np.zeros((len(posed.local), 3))
    asks = []
    for h, share, (place, _) in limbs:
        if place is None:
            continue
        root = posed.position[:, h.limb.upper]
        if h.grip.kind == "elbow":
            continue
        if h.grip.kind == "knee":
            length = np.linalg.norm(posed.translation[:, h.limb.lower], axis=-1)
            asks.append((root, place, share, length, length * KNEELS, True))
            continue
        full = ik.limb_length(h.limb, posed.translation)
        far = np.linalg.norm(place - root, axis=-1)
        asks.append((root, place, share, ik.softened(far, full), full * GIVES, False))
    goes = np.ones(len(given), dtype=bool)
    for _ in range(ROUNDS):
        worst = np.zeros(len(given))
        for root, place, share, reach, most, exact in asks:
            to = place - root - given
            far = np.linalg.norm(to, axis=-1)
            lack = far - reach
            lack = lack if exact else np.maximum(lack, 0.0)
            lack = np.where(np.abs(lack) > most, np.sign(lack) * most, lack) * share
            lack = np.where(goes, lack, 0.0)
            given = given + to / np.maximum(far, 1e-9)[:, None] * lack[:, None]
            worst = np.maximum(worst, np.abs(lack))
        goes &= worst >= 1e-7
        if not goes.any():
            break
    # what pins that pull apart can't agree on is given up, not chased after
    size = np.linalg.norm(given, axis=-1, keepdims=True)
    # of those that act there
    acting = [np.where(ask[2] > 0, ask[4], 0.0) for ask in asks]
    most = np.max(acting, axis=0)[:, None] if asks else 0.0
    return np.where(size > most, given * most / np.maximum(size, 1e-9), given)


def _aim(posed: Posed, limb: Limb, place: np.ndarray) -> None:
    """Turns a limb's upper bone so that its middle points at a place; what hangs below keeps its direction."""
    now = posed.position[:, limb.lower] - posed.position[:, limb.upper]
    to = place - posed.position[:, limb.upper]
    turn = rotation.between(ik.unit(now), ik.unit(to))
    keep = posed.world[:, limb.lower]
    _turn_to(posed, limb.upper, rotation.multiply(turn, posed.world[:, limb.upper]))
    _turn_to(posed, limb.lower, keep)
