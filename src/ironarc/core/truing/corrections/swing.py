"""Swing: the limb that sends a prop off goes as fast as the prop leaves.

It stays on the way it has: later than its keys before the frame and ahead of them after it, thus faster through it.
"""

from dataclasses import dataclass

import numpy as np
from scipy.interpolate import CubicSpline
from scipy.optimize import brentq

from ironarc.core import rotation
from ironarc.core.errors import EditError
from ironarc.core.figure.grips import Limb
from ironarc.core.judging.judge import loose_props
from ironarc.core.judging.on_blows import called, sent_by
from ironarc.core.judging.others import Loose
from ironarc.core.reading import Reading, Seen
from ironarc.core.truing.carry import Figure, bears, faded, hangs_on, limbs_that_reach
from ironarc.core.truing.correction import FRAME, FRAMES, Correction, Place, Proposal, one_way, option
from ironarc.core.truing.difference import check_root
from ironarc.core.truing.proposing import indices, proposed

NAME = "swing"
SWINGS_S = 0.3  # before and after, that a swing is bent over
STEPS, CLOSE = 6, 0.01
SHORT = 0.03  # of what is asked for, that is told
ENOUGH_MS, LEAST_SWING_MS = 0.1, 0.5
FASTEST = 2.1  # times as fast as its keys: past it the limb would have to go backwards first
PER_FRAME_S = 0.004  # of processor time
STANDS_F = 2  # frames beside a contact, over which a foot passes from standing to swinging


@dataclass(frozen=True)
class Options:
    """frame : on which the prop leaves; speed : m/s of the limb there along the way it leaves, 0 for what it takes
    before, after : frames it is bent over, -1 for a third of a second
    """

    frame: int = option("frame it leaves on", FRAME)
    speed: float = option("speed of the limb, 0 for what it takes", "m/s", 0, 40, default=0.0)
    before: int = option("wound up over", FRAMES, -1, 60, default=-1, found="a third of a second")
    after: int = option("followed through over", FRAMES, -1, 60, default=-1, found="a third of a second")


@dataclass(frozen=True, eq=False)
class _Sent:
    """A prop that is sent off. joint, off : the place that sends it; way : (3,) unit; takes_ms : speed of that place"""

    x: Loose
    joint: int
    off: np.ndarray
    way: np.ndarray
    takes_ms: float

    def along(self, turn: np.ndarray, at: np.ndarray, dt: float) -> np.ndarray:
        """(frames,) m/s of the place along the way."""
        track = at[:, self.joint] + rotation.rotate(turn[:, self.joint], self.off)
        return np.gradient(track @ self.way) / dt


def _sent(seen: Seen) -> list[_Sent]:
    """The props that a limb of this performer sends off with a speed that was given to them."""
    out = []
    for x in loose_props(seen.shot, seen.shot.frame_numbers()):
        flight = x.prop.flight
        found = sent_by(seen.reading, x) if flight and flight.given else None
        speed = float(np.linalg.norm(flight.velocity_ms)) if found else 0.0
        if speed > ENOUGH_MS and _limb(seen.reading, found[0]) is not None:
            # struck, it comes off by its bounce the faster; out of a hand, with the hand's own speed
            held = any(h.end == flight.start for h in x.prop.holds)
            takes = speed / (1.0 if held else 1.0 + x.prop.bounce)
            out.append(_Sent(x, *found, np.array(flight.velocity_ms) / speed, takes))
    return out


def _limb(reading: Reading, joint: int) -> Limb | None:
    limbs = limbs_that_reach(reading.body, reading.poses)
    return next((x for x in limbs if joint == x.lower or hangs_on(reading.poses.rig, joint, x)), None)


def places(seen: Seen) -> list[Place]:
    """Every prop that is sent off faster than its limb goes."""
    out, reading = [], seen.reading
    for sent in _sent(seen):
        frame = sent.x.prop.flight.start
        has = sent.along(reading.poses.rotation, reading.poses.position, reading.poses.dt)
        if has[frame - int(reading.poses.frames[0])] < sent.takes_ms - ENOUGH_MS:
            out.append(one_way(frame - 1, frame + 1, Options(frame)))
    return out


def propose(seen: Seen, options: Options) -> Proposal:
    """The limb's swing bent. EditError where nothing is sent off on the frame, or what sends it is no limb."""
    reading = seen.reading
    check_root(seen.performer)
    sent = next((s for s in _sent(seen) if s.x.prop.flight.start == options.frame), None)
    if sent is None:
        raise EditError(f"No arm or leg of {seen.performer.name} sends a prop off on {options.frame}.")
    first, plays, dt = int(reading.poses.frames[0]), reading.traced.plays, reading.poses.dt
    usual = max(3, round(SWINGS_S / dt))
    before, after = (usual if n < 0 else max(n, 2) for n in (options.before, options.after))
    start = max(options.frame - before, first + plays[0])
    end = min(options.frame + after, first + plays[1] - 1)
    if options.frame - start < 2 or end - options.frame < 2:
        raise EditError(f"A swing needs two frames before and after {options.frame}.")
    a, b = indices(reading, start, end)
    k = options.frame - start
    wanted = options.speed or sent.takes_ms
    was = sent.along(reading.poses.rotation[a : b + 1], reading.poses.position[a : b + 1], dt)[k]
    if was < LEAST_SWING_MS:
        part = called(reading, sent.joint)
        raise EditError(f"The {part} hardly moves that way on {options.frame}: key a swing first.")
    if wanted <= was + ENOUGH_MS:
        raise EditError(f"It goes at {was:.1f} m/s there already; {wanted:.1f} m/s is asked for.")
    figure, got = _bent(reading, sent, slice(a, b + 1), k, wanted, was)
    part = called(reading, sent.joint)
    says = f"The {part} goes at {got:.1f} m/s where {sent.x.prop.name} leaves; it went at {was:.1f}."
    if got < wanted * (1 - SHORT):
        leaves = np.linalg.norm(sent.x.prop.flight.velocity_ms) * got / sent.takes_ms
        says += (
            f" {wanted:.1f} m/s is more than this limb gives on the way it has: key a longer wind-up, turn the trunk "
            f"into it, or let it leave at {leaves:.1f} m/s."
        )
    return proposed(seen, figure, CORRECTION, f"{start}–{end}", says)


def _bent(reading: Reading, sent: _Sent, at: slice, k: int, wanted: float, was: float) -> tuple[Figure, float]:
    """The figure whose limb goes at the wanted speed at index k, or as near as it comes, and that speed."""
    limb, poses, rows = _limb(reading, sent.joint), reading.poses, np.arange(at.start, at.stop)
    free = 1.0 - faded(bears(reading, limb), STANDS_F)[at]
    shape = swing_shape(at.stop - at.start, k) * free
    joints = [limb.upper, *(j for j in range(len(poses.rig)) if j == limb.lower or hangs_on(poses.rig, j, limb))]
    turns = CubicSpline(np.arange(len(poses.local)), rotation.continuous(poses.local[:, joints]), axis=0)

    def at_times(times: float) -> tuple[Figure, float]:
        figure = Figure.of(reading, at)
        then = turns(np.clip(rows + (times - 1.0) * shape, 0, len(poses.local) - 1))
        figure.local[:, joints] = then / np.linalg.norm(then, axis=-1, keepdims=True)
        return figure, float(sent.along(*figure.world(), poses.dt)[k])

    # how much faster the place goes on its bent way is not in proportion to it: looked for in steps, then between two
    slow = 1.0
    for fast in np.linspace(1.0, FASTEST, STEPS + 1)[1:]:
        if at_times(fast)[1] >= wanted:
            return at_times(brentq(lambda times: at_times(times)[1] - wanted, slow, fast, xtol=CLOSE))
        slow = float(fast)
    return max((at_times(times) for times in np.linspace(1.0, FASTEST, STEPS + 1)), key=lambda found: found[1])


def swing_shape(frames: int, k: int) -> np.ndarray:
    """(frames,) frames ahead of itself: nothing at index k, where it gains one frame a frame by central differences,
    nothing at both ends; behind before it, ahead after it."""
    t = np.arange(frames) - float(k)
    reach = np.where(t < 0, k, frames - 1 - k)
    out = t * (1.0 - (t / reach) ** 2) ** 2
    return out / ((out[k + 1] - out[k - 1]) / 2)


CORRECTION = Correction(
    NAME,
    "Swing harder",
    "swing",
    "The arm or leg that sends a prop off holds back, then goes through as fast as the prop leaves.",
    Options,
    ("given",),
    places,
    propose,
    order=87,
    seconds=lambda seen, options: PER_FRAME_S * 2 * SWINGS_S / seen.reading.poses.dt,
    needs="Needs a prop that leaves an arm or a leg with a speed you gave it.",
)
