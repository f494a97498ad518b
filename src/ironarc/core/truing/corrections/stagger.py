"""Stagger: a blow that no stance takes, caught by steps under the body, as far as its weight goes, until it stands."""

from dataclasses import dataclass

import numpy as np

from ironarc.core.errors import EditError
from ironarc.core.figure.grips import LEG, Limb, limbs_of
from ironarc.core.figure.rig import forward
from ironarc.core.judging.judge import blows_of
from ironarc.core.motion.ik import limb_length
from ironarc.core.reading import Reading, Seen
from ironarc.core.reading.skin import SOLE
from ironarc.core.truing.carry import Figure, end_of, points_of
from ironarc.core.truing.caught import Caught, Foot, catch_oneself
from ironarc.core.truing.correction import FRAME, SHARE, Correction, Place, Proposal, one_way, option
from ironarc.core.truing.corrections import react
from ironarc.core.truing.difference import check_root
from ironarc.core.truing.living import answered, facing, place_of, tones
from ironarc.core.truing.proposing import indices, proposed

NAME = "stagger"
LIFTS_M = 0.08  # that a foot is lifted on a step, of a figure of 1.75 m
STRAIGHT = 0.985  # of its length, that a leg is straightened to: past it the hips come down
REACH = 0.62  # of a leg's length, that a foot comes down from under the weight
SIDEWAYS = 0.5  # of the push, from which the foot on that side steps first
BACK_S = 0.35  # over which the trunk comes back to its keys
PER_FRAME_S = 0.03  # of processor time


@dataclass(frozen=True)
class Options:
    """frame, part, impulse, heading, up, tone : as a reaction has them"""

    frame: int = option("frame of the blow", FRAME)
    part: str = option("part that is struck", default="chest")
    impulse: float = option("blow", "N·s", 0.5, react.MOST_NS, default=60.0)
    heading: float = option("pushed towards", "°", -180, 180, default=180.0)
    up: float = option("and upwards", "°", -90, 90, default=0.0)
    tone: float = option("tone", SHARE, 0.05, 0.9, default=0.3)


def places(seen: Seen) -> list[Place]:
    """Every blow that is more than a stance takes."""
    mass, out = seen.reading.body.mass_kg, []
    heavy = {b.frame for b in seen.ask(blows_of) if b.touch.impulse_ns / mass > react.STANCE_MS}
    for place in seen.ask(react.places):
        asked = place.options
        if any(int(frame) == asked.frame for frame in heavy):
            options = Options(asked.frame, asked.part, asked.impulse, asked.heading, asked.up)
            out.append(one_way(place.start, place.end, options))
    return out


def propose(seen: Seen, options: Options) -> Proposal:
    """The body's steps. EditError for a blow that a stance takes, one that none catches, and a body with no legs."""
    reading = seen.reading
    check_root(seen.performer)
    dt, first, plays = reading.poses.dt, int(reading.poses.frames[0]), reading.traced.plays
    a = indices(reading, options.frame, options.frame + 1)[0]
    legs = [limb for limb in limbs_of(reading.body) if limb.kind == LEG]
    if len(legs) != 2:
        raise EditError("It has no two legs that are understood as such, so it takes no steps.")
    if not all(reading.footing.on[a, points_of(reading, leg)].any() for leg in legs):
        raise EditError(f"It does not stand on both feet on {options.frame}. Stagger takes a body that does.")
    push = react.push_of(reading, options, a)
    level = push * [1.0, 0.0, 1.0]
    speed = float(np.linalg.norm(level)) / reading.body.mass_kg
    way = level / max(float(np.linalg.norm(level)), 1e-9)
    found = _caught(reading, legs, way, speed, a, seen.shot.g)
    if found is None:
        raise EditError(f"At {speed:.2f} m/s of the whole body it stays over its feet: a Reaction is enough.")
    if not found.stands:
        raise EditError(f"{len(found.steps)} steps don't catch {speed:.1f} m/s of the whole body. Let it go instead.")
    n = int(np.ceil(found.times[-1] / dt)) + 1
    if a + n > plays[1]:
        raise EditError(f"It stands again by {first + a + n}; the motion ends on {first + plays[1] - 1}.")
    figure = _stepped(seen, options, legs, found, way, push, a, n)
    side = [leg.name for leg in legs]
    told = ", ".join(f"{side[s.foot]} {first + a + round(s.ends / dt)}" for s in found.steps)
    says = (
        f"The blow pushes the whole body at {speed:.1f} m/s. Steps land on: {told}. It stands again on "
        f"{first + a + n - 1}, {abs(found.moved) * 100:.0f} cm further; what follows goes along."
    )
    return proposed(seen, figure, CORRECTION, f"{options.frame}–{first + a + n - 1}", says)


def _caught(reading: Reading, legs: list[Limb], way: np.ndarray, speed: float, a: int, g: float) -> Caught | None:
    """The steps that catch it, along the way it is pushed."""
    poses, track = reading.poses, reading.traced.track
    x = float(reading.body_com[a] @ way)
    height = float(reading.floor.clearance(reading.body_com[a][None])[0])
    feet = []
    for leg in legs:
        at = float(end_of(leg, poses.rotation[a : a + 1], poses.position[a : a + 1])[0] @ way)
        own = [i for i in points_of(reading, leg) if track.skin.points[i].point in SOLE]
        soles = track.at[a][own] @ way
        feet.append(Foot(at, float(soles.min()) - at, float(soles.max()) - at))
    _, left = facing(reading, a)
    # pushed to a side the foot there goes out; else the one that is behind comes by
    aside = abs(float(way @ left)) > SIDEWAYS
    one = feet[0].at > feet[1].at if aside else feet[0].at < feet[1].at
    reach = REACH * float(limb_length(legs[0], poses.translation[a : a + 1])[0])
    return catch_oneself(x, speed, feet, float(np.sqrt(g / height)), 0 if one else 1, reach, not aside)


def _stepped(
    seen: Seen, options: Options, legs: list[Limb], found: Caught, way: np.ndarray, push: np.ndarray, a: int, n: int
) -> Figure:  # fmt: skip
    """The body from the blow to the end of its motion: thrown off above, stepping below, moved on after it."""
    from ironarc.core.passive.company import Around  # the engine takes half a second to come in
    from ironarc.core.passive.letting import Blow

    reading = seen.reading
    dt, last, root = reading.poses.dt, reading.traced.plays[1], reading.poses.rig.roots[0]
    joint, at = place_of(reading, options.part, a)
    tone = tones(reading, joint, options.tone, 0.4)
    back = min(round(BACK_S / dt), n - 2)
    above, _ = answered(seen, a, a + n, tone, Around(), (Blow(0.0, joint, at, push),), 1.0, back)
    figure = Figure.of(reading, slice(a, last))
    below = {j for leg in legs for j in (leg.upper, leg.lower, leg.end)} | {root}
    upper = [j for j in range(len(reading.poses.rig)) if j not in below]
    figure.local[:n, upper] = above.local[:, upper]
    times = np.arange(n) * dt
    moved = np.full(last - a, found.moved)
    moved[:n] = np.interp(times, found.times, found.weight, left=float(reading.body_com[a] @ way))
    moved[:n] -= float(reading.body_com[a] @ way)
    # the pendulum's last stretch comes in as a line to where it rests
    moved[:n] += (found.moved - moved[n - 1]) * np.linspace(0.0, 1.0, n) ** 4
    figure.translation[:, root] += moved[:, None] * way
    targets = _feet(reading, legs, found, way, a, n, last)
    _lower(figure, legs, targets, n)
    for leg, target in zip(legs, targets, strict=True):
        figure.reach(leg, target)
    return figure


def _feet(
    reading: Reading, legs: list[Limb], found: Caught, way: np.ndarray, a: int, n: int, last: int
) -> list[np.ndarray]:  # fmt: skip
    """(frames, 3) m where each ankle goes."""
    poses, out = reading.poses, []
    times = np.arange(last - a) * poses.dt
    for i, leg in enumerate(legs):
        keyed = end_of(leg, poses.rotation[a:last], poses.position[a:last])
        at = float(keyed[0] @ way)
        place, lift = found.foot_at(i, at, times)
        shift = np.where(np.arange(last - a) < n, place - at, found.moved)
        up = lift * LIFTS_M * reading.size
        out.append(keyed + shift[:, None] * way + up[:, None] * [0.0, 1.0, 0.0])
    return out


def _lower(figure: Figure, legs: list[Limb], targets: list[np.ndarray], n: int) -> None:
    """Brings the hips down where a leg would have to be longer than it is, coming and going evenly."""
    _, at = forward(figure.was.rig, figure.local, figure.translation)
    need = np.zeros(len(at))
    for leg, target in zip(legs, targets, strict=True):
        was = figure.was.position[:, leg.upper] - end_of(leg, figure.was.rotation, figure.was.position)
        # a leg that stood straighter than that may go on doing so
        full = np.maximum(STRAIGHT * limb_length(leg, figure.translation), np.linalg.norm(was, axis=1))
        off = at[:, leg.upper] - target
        flat = np.linalg.norm(off[:, [0, 2]], axis=1)
        need = np.maximum(need, off[:, 1] - np.sqrt(np.maximum(full**2 - flat**2, 0.0)))
    need[n:] = 0.0
    wide = np.array([need[max(k - 3, 0) : k + 4].max() for k in range(len(need))])
    kernel = np.hanning(9)[1:-1]
    even = np.convolve(np.pad(wide, 3, mode="edge"), kernel / kernel.sum(), mode="valid")
    figure.translation[:, figure.was.rig.roots[0], 1] -= np.maximum(even, 0.0)


CORRECTION = Correction(
    NAME,
    "Stagger",
    "stagger",
    "A blow that no stance takes is caught by steps under the body, until it stands.",
    Options,
    ("unmoved",),
    places,
    propose,
    order=86,
    seconds=lambda seen, options: PER_FRAME_S * 2.5 / seen.reading.poses.dt,
    needs="Needs a blow that is more than a stance takes.",
)
