"""True the spin: what turns in the air goes on turning as it left, parts leading and following as asked."""

from dataclasses import dataclass, replace

import numpy as np

from ironarc.core import rotation
from ironarc.core.errors import EditError
from ironarc.core.figure.grips import HEAD, joints_of
from ironarc.core.figure.rig import forward
from ironarc.core.judging.grades import GRADES
from ironarc.core.reading import Reading, Seen
from ironarc.core.reading.flights import Flight
from ironarc.core.reading.momentum import whole_inertia
from ironarc.core.solve.spin import Steady, steady
from ironarc.core.truing.carry import Figure, carry, lead_in, lead_out, planted
from ironarc.core.truing.correction import FRAME, FRAMES, SHARE, TURNS, Correction, Place, Proposal, Way, option
from ironarc.core.truing.corrections.arc import find_flight
from ironarc.core.truing.corrections.fast import spread
from ironarc.core.truing.difference import check_root
from ironarc.core.truing.proposing import proposed
from ironarc.core.truing.residue import JERK_GROWS

NAME = "true_spin"
LEAD_FRAMES_S = 0.12  # that a part leads or follows by at most
CAUSE_S = 0.3
EASES = (0, 2, 4, 6, 8)
EASED_LEAD, EASED_TUCK = 0.3, 0.4  # beyond which the tuck itself is opened and parts lead, to be seen
SEEN = 0.99  # of the limit of what is too fast
BESIDE_S = 0.17  # of push and landing that may be led over, where its wrong turn began before the take-off
ON_ARC_M = 0.03  # a flight nearer to gravity's arc than this is put on it: what was turned about another point left it


@dataclass(frozen=True)
class Options:
    """frame : of the flight; turns : more than it makes; lead : how much parts lead and follow; order : which
    tuck : tighter, or looser for less than 0; gaze : share of its direction in the world that the head keeps
    cause : frames of push and landing that turn into it and out of it; meet : whether the pose it lands in is met
    ease : frames that the limbs' own turns are spread over, -1 for as many as it takes to be seen
    early, past : frames before the take-off it is led from, and past the landing it is led to; past -1 for both found
    """

    frame: int = option("a frame of the flight", FRAME)
    turns: float = option("turns more or less", TURNS, -4, 4, default=0.0)
    lead: float = option("parts lead and follow", SHARE, 0, 1, default=0.0)
    order: str = option("who leads", choices=("hips", "legs", "chest"), default="hips")
    tuck: float = option("tighter tuck", SHARE, -1, 1, default=0.0)
    gaze: float = option("head keeps its gaze", SHARE, 0, 1, default=0.0)
    cause: int = option("frames that turn into it and out of it", FRAMES, 0, 500, default=0)
    meet: bool = option("the last pose is met", default=True)
    ease: int = option(
        "frames that tuck and opening are eased over", FRAMES, -1, 60, default=0, found="as many as needed"
    )
    early: int = option("frames of the push it is led from", FRAMES, 0, 60, default=0)
    past: int = option("frames of the landing it is led to", FRAMES, -1, 60, default=0, found="the smoothest")


ORDERS = {"hips": ("legs", "spine", "arms"), "legs": ("spine", "arms", "legs"), "chest": ("spine", "legs", "arms")}


def places(seen: Seen) -> list[Place]:
    """Every flight long enough to tell a spin."""
    cause = max(3, int(np.rint(CAUSE_S / seen.reading.poses.dt)))
    out = []
    for f in seen.reading.flights:
        if f.hang_frames < 4:
            continue
        ways = [
            Way("body", "Steady, as one body", Options(f.apex_frame)),
            Way("joined", "Steady, joined where push and landing are clean", Options(f.apex_frame, past=-1), long=True),
            Way("ease", "Steady, tuck and opening eased", Options(f.apex_frame, ease=-1), long=True),
            Way("lead", "Steady, parts lead and follow", Options(f.apex_frame, lead=0.5)),
        ]
        if f.take_off_seen or f.landing_seen:
            ways.insert(1, Way("cause", "Steady, with a cause in push and landing", Options(f.apex_frame, cause=cause)))
        out.append(Place(f.start, f.end, tuple(ways)))
    return out


def propose(seen: Seen, options: Options) -> Proposal:
    """The flight's spin made steady. EditError where there is no flight, or no spin does what is asked."""
    reading = seen.reading
    if options.order not in ORDERS:
        raise EditError(f"Who leads is one of {', '.join(ORDERS)}; {options.order[:20]!r} was given.")
    flight = find_flight(reading, options.frame)
    check_root(seen.performer)
    figure, spun = _spun(reading, flight, options)
    says = f"Steady at {np.linalg.norm(spun.L):.0f} kg·m²/s, {abs(spun.turns):.2f} turns in the air."
    if options.meet and options.turns != np.rint(options.turns):
        whole = f"{np.rint(options.turns):+.0f}"
        says += f" Whole turns alone meet the last pose: {whole} were made. Let the pose go for others."
    if spun.missed_rad > np.radians(2) and not options.meet:
        says += f" It lands {np.degrees(spun.missed_rad):.0f}° off the pose it had."
    return proposed(seen, figure, CORRECTION, f"{flight.start}–{flight.end}", says)


def _spun(reading: Reading, flight: Flight, options: Options) -> tuple[Figure, Steady]:
    """The flight spun steadily, joined where it is asked to be, or where joints go on most smoothly."""
    if options.past >= 0:
        return _spun_between(reading, flight, options)
    most = max(2, round(BESIDE_S / reading.poses.dt))
    step = max(1, most // 4)
    found = []
    for early in range(0, most + 1, step) if flight.take_off_seen else (0,):
        for past in range(0, most + 1, step) if flight.landing_seen else (0,):
            made = _spun_between(reading, flight, replace(options, early=early, past=past))
            found.append((early + past, _roughest(reading, made[0]), made))
    least = min(rough for _, rough, _ in found)
    return min((f for f in found if f[1] <= JERK_GROWS * least), key=lambda f: f[:2])[2]


def _roughest(reading: Reading, figure: Figure) -> float:
    """m, the greatest third difference of any joint within what was changed and at its ends."""
    start = _index(reading, figure)
    _, at = figure.world()
    low, high = max(start - 4, 0), start + len(at) + 4
    joined = np.concatenate([reading.poses.position[low:start], at, reading.poses.position[start + len(at) : high]])
    return float(np.linalg.norm(np.diff(joined, 3, axis=0), axis=-1).max(initial=0.0))


def _spun_between(reading: Reading, flight: Flight, options: Options) -> tuple[Figure, Steady]:
    first = int(reading.poses.frames[0])
    a, b = flight.start - first, flight.end - first + 1
    low, high = a - int(flight.take_off_seen), b + int(flight.landing_seen)
    if flight.take_off_seen:
        low = max(low - options.early, reading.traced.plays[0])
    if flight.landing_seen:
        high = min(high + options.past, reading.traced.plays[1])
    before, after = _around(reading, flight, low, high, options.cause)
    at = slice(low - before, high + after)
    figure = Figure.of(reading, at)
    inside = slice(before, before + high - low)
    shape = figure.local[inside].copy()
    spun, least = None, np.inf
    for tried in _eases(options):
        made = _steadied(reading, flight, tried, figure, inside, _eased(shape, tried.ease))
        fastest = _fastest(reading, made)
        if fastest < least:
            spun, least = made, fastest
        if fastest < SEEN * GRADES["fast"].strained:
            break
    com = figure.com()[inside]
    figure.local[inside], figure.translation[inside] = spun.local, spun.translation
    off = np.zeros((len(figure.was.frames), 3))
    wanted = com.copy()
    falls = slice(a - int(flight.take_off_seen) - low, b + int(flight.landing_seen) - low)
    wanted[falls] = _on_arc(com[falls], reading)
    off[inside] = wanted - figure.com()[inside]
    figure.shift(off)
    if options.cause:
        _give_cause(reading, figure, flight, spun.L, before, after)
    if options.gaze:
        _keep_gaze(reading, figure, inside, options.gaze)
    return figure, spun


def _on_arc(com: np.ndarray, reading: Reading) -> np.ndarray:
    """The path of a center of gravity (frames, 3) m, on gravity's arc between its ends where it is near to it."""
    t = np.arange(len(com)) * reading.poses.dt
    if len(com) < 3:
        return com
    level = com[0] + np.outer(t / t[-1], com[-1] - com[0])
    arc = level + np.outer(reading.g * t * (t[-1] - t) / 2, [0.0, 1.0, 0.0])
    return arc if np.linalg.norm(arc - com, axis=1).max() < ON_ARC_M * reading.size else com


def _eases(options: Options) -> list[Options]:
    """What is tried, one after the other, until the eye can follow: turns spread over more frames, then with parts that
    lead, in a looser tuck."""
    if options.ease >= 0:
        return [options]
    looser = replace(options, lead=max(options.lead, EASED_LEAD), tuck=max(options.tuck - EASED_TUCK, -1.0))
    return [replace(options, ease=e) for e in EASES] + [replace(looser, ease=e) for e in EASES[-2:]]


def _eased(shape: np.ndarray, strength: int) -> np.ndarray:
    """Every joint's own way through the flight with its timing evened out, both ends where they were."""
    if strength <= 0:
        return shape.copy()
    out = shape.copy()
    for j in range(shape.shape[1]):
        out[:, j] = spread(shape[:, j], float(strength))
    return out


def _fastest(reading: Reading, spun: Steady) -> float:
    """Degrees a frame of the heavy part that turns fastest."""
    turn, _ = forward(reading.poses.rig, spun.local, spun.translation)
    heavy = [j for j in reading.body.joints if reading.body.anatomy.meanings[j].role not in ("hand", "toe", "finger")]
    step = rotation.log(rotation.multiply(rotation.conjugate(turn[:-1, heavy]), turn[1:, heavy]))
    return float(np.degrees(np.linalg.norm(step, axis=-1).max()))


def _steadied(
    reading: Reading, flight: Flight, options: Options, figure: Figure, inside: slice, shape: np.ndarray
) -> Steady:  # fmt: skip
    """The flight with a shape of its own spun steadily."""
    if options.tuck:
        shape = _tucked(reading, figure, inside, shape, options.tuck)
    if options.lead:
        shape = _leading(reading, shape, options)
    root = reading.poses.rig.roots[0]
    shape[:, root] = figure.local[inside, root]
    meet = options.meet and (flight.landing_seen or not (flight.take_off_seen or options.turns))
    return steady(
        reading.poses.rig, reading.body, shape, figure.translation[inside], reading.poses.dt, options.turns, meet
    )


def _around(reading: Reading, flight: Flight, low: int, high: int, cause: int) -> tuple[int, int]:
    """Frames of contact before and after that turn into the spin and out of it."""
    spans = reading.footing.flights
    starts = max([y for _, y in spans if y <= low], default=reading.traced.plays[0])
    ends = min([x for x, _ in spans if x >= high], default=reading.traced.plays[1])
    return (
        min(cause, low - starts) if flight.take_off_seen else 0, min(cause, ends - high) if flight.landing_seen else 0
    )  # fmt: skip


def _tucked(reading: Reading, figure: Figure, inside: slice, shape: np.ndarray, tuck: float) -> np.ndarray:
    """Joints led towards the tightest pose of the flight, or the most open one, most in its middle."""
    inertia = np.trace(
        whole_inertia(
            reading.poses, reading.body, reading.traced.centres, reading.body_com,
            slice(inside.start + _index(reading, figure), inside.stop + _index(reading, figure)),
        ), axis1=1, axis2=2,
    )  # fmt: skip
    goal = shape[int(inertia.argmin() if tuck > 0 else inertia.argmax())]
    n = len(shape)
    bell = np.sin(np.pi * np.arange(n) / max(n - 1, 1)) ** 2
    return rotation.slerp(
        shape, np.broadcast_to(goal, shape.shape), np.broadcast_to((abs(tuck) * bell)[:, None], shape.shape[:2])
    )


def _index(reading: Reading, figure: Figure) -> int:
    return int(figure.was.frames[0]) - int(reading.poses.frames[0])


def _leading(reading: Reading, shape: np.ndarray, options: Options) -> np.ndarray:
    """Parts played earlier and later, the first of the order first, none of it at either end of the flight."""
    n, out = len(shape), shape.copy()
    most = options.lead * LEAD_FRAMES_S / reading.poses.dt
    bell = np.sin(np.pi * np.arange(n) / max(n - 1, 1))
    for place, part in enumerate(ORDERS[options.order]):
        names = (part,) if part != "spine" else ("spine",)
        try:
            joints = joints_of(reading.body, names)
        except EditError:
            continue  # a body without this part
        at = np.clip(np.arange(n) + (1 - place) * most * bell, 0, n - 1)
        low = np.minimum(at.astype(int), n - 2)
        for j in joints:
            out[:, j] = rotation.slerp(shape[low, j], shape[low + 1, j], at - low)
    return out


def _give_cause(reading: Reading, figure: Figure, flight: Flight, L: np.ndarray, before: int, after: int) -> None:
    """The body turned during the push, up to the flight's rate, and out of it in the landing, feet planted."""
    dt, n = reading.poses.dt, len(figure.was.frames)
    start = _index(reading, figure)
    inertia = whole_inertia(
        reading.poses, reading.body, reading.traced.centres, reading.body_com, slice(start, start + n)
    )  # fmt: skip
    spin = reading.angular_momentum[start : start + n]
    turn = np.zeros((n, 3))
    if before:
        rate = np.linalg.solve(inertia[before - 1], L - spin[max(before - 1, 0)])
        turn[:before] = lead_in(before)[:, None] * rate * dt
    if after:
        rate = np.linalg.solve(inertia[n - after], L - spin[n - after])
        turn[n - after :] = lead_out(after)[:, None] * rate * dt
    root = list(reading.poses.rig.roots)
    figure.local[:, root] = rotation.multiply(rotation.exp(turn)[:, None], figure.local[:, root])
    feet = planted(reading, slice(start, start + n))
    inside = np.zeros(n, dtype=bool)
    inside[:before] = True
    inside[n - after :] = after > 0
    held = [type(foot)(foot.limb, np.where(inside, foot.share, 0.0)) for foot in feet]
    local, translation = figure.local.copy(), figure.translation.copy()
    carry(figure, np.zeros((n, 3)), held)
    figure.local[~inside], figure.translation[~inside] = local[~inside], translation[~inside]


def _keep_gaze(reading: Reading, figure: Figure, inside: slice, share: float) -> None:
    """The head led towards the direction in the world it had at take-off, most in the middle of the flight."""
    try:
        head = max(joints_of(reading.body, (HEAD,)))
    except EditError:
        raise EditError("This figure has no head that is understood as one, so no gaze can be kept.") from None
    above = int(reading.poses.rig.parents[head])
    turn, _ = figure.world()
    n = inside.stop - inside.start
    bell = np.maximum(np.sin(np.pi * np.arange(n) / max(n - 1, 1)), 0.0) ** 0.5
    gaze = rotation.slerp(
        np.broadcast_to(turn[inside.start, head], (n, 4)), np.broadcast_to(turn[inside.stop - 1, head], (n, 4)),
        np.linspace(0, 1, n),
    )  # fmt: skip
    wanted = rotation.slerp(turn[inside, head], gaze, share * bell)
    for neck in (r for r in reading.body.ranges if r.joint == head):
        wanted, _ = neck.held_within(turn[inside], wanted)
    figure.local[inside, head] = rotation.multiply(rotation.conjugate(turn[inside, above]), wanted)


CORRECTION = Correction(
    NAME,
    "True the spin",
    "spin",
    "What turns in the air goes on as it left: the hips turn so that the spin of the whole stays, from the pose it "
    "leaves in to the pose it lands in.",
    Options,
    ("spin",),
    places,
    propose,
    order=30,
    needs="Needs a flight of four frames or more.",
)
