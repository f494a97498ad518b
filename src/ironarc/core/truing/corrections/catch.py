"""Catch: what the body does as it takes something that comes, which gives with it over its own tone."""

from dataclasses import dataclass

import numpy as np

from ironarc.core.errors import EditError
from ironarc.core.figure.rig import forward
from ironarc.core.judging.judge import loose_props
from ironarc.core.judging.on_blows import called
from ironarc.core.reading import Seen
from ironarc.core.scene.props import Hold, Prop
from ironarc.core.truing.correction import FRAME, FRAMES, SHARE, Correction, Place, Proposal, one_way, option
from ironarc.core.truing.difference import check_root
from ironarc.core.truing.living import answered, tones
from ironarc.core.truing.proposing import indices, proposed

NAME = "give_catch"
LASTS_S = 1.2
LEAST_FRAMES = 4
PER_FRAME_S = 0.03  # of processor time, with room to spare


@dataclass(frozen=True)
class Options:
    """frame : on which it is caught; tone : of the body, the stiffer the shorter the way it gives
    outward : how much looser the parts farthest from the hand are; back : frames at the end that lead back to the keys
    """

    frame: int = option("frame of the catch", FRAME)
    tone: float = option("tone", SHARE, 0.05, 0.9, default=0.3)
    outward: float = option("looser away from the hand", SHARE, 0, 0.9, default=0.2)
    size: float = option("size, 1 as physics has it", "times", 0, 4, default=1.0)
    back: int = option("frames that lead back to the keys", FRAMES, 0, 60, default=8)


def _catches(seen: Seen) -> list[tuple[Prop, Hold]]:
    """The props that this performer takes out of their flight."""
    out = []
    for x in loose_props(seen.shot, seen.shot.frame_numbers()):
        for hold in x.prop.holds:
            flies = x.prop.flight is not None and x.prop.flight.start < hold.start
            if flies and hold.performer == seen.performer.id and hold.joint in seen.performer.rig:
                out.append((x.prop, hold))
    return out


def places(seen: Seen) -> list[Place]:
    """Every catch."""
    lasts = round(LASTS_S / 2 / seen.reading.poses.dt)
    return [one_way(hold.start - 1, hold.start + lasts, Options(hold.start)) for _, hold in _catches(seen)]


def propose(seen: Seen, options: Options) -> Proposal:
    """The body that gives with what it catches. EditError where nothing is caught on the frame."""
    from ironarc.core.passive.surroundings import catch  # the engine takes half a second to come in

    reading = seen.reading
    check_root(seen.performer)
    found = next(((prop, hold) for prop, hold in _catches(seen) if hold.start == options.frame), None)
    if found is None:
        raise EditError(f"{seen.performer.name} catches nothing on {options.frame}.")
    prop, hold = found
    last = int(reading.poses.frames[0]) + reading.traced.plays[1] - 1
    end = min(options.frame + round(LASTS_S / reading.poses.dt), last)
    start = max(options.frame - 1, int(reading.poses.frames[0]))
    if end - start < LEAST_FRAMES:
        raise EditError(f"A catch needs {LEAST_FRAMES} frames; the motion ends on {last}.")
    a, b = indices(reading, start, end)
    joint = seen.performer.rig.index(hold.joint)
    tone = tones(reading, joint, options.tone, options.outward)
    about = catch(seen.shot, seen.performer, hold, prop, np.arange(start, end + 1))
    figure, _ = answered(seen, a, b, tone, about, (), options.size, options.back)
    _, at = forward(reading.poses.rig, figure.local, figure.translation)
    way = np.linalg.norm(at[:, joint] - figure.was.position[:, joint], axis=-1)
    most = int(way.argmax())
    comes = float(np.linalg.norm(about.free[0].velocity))
    says = (
        f"{prop.name} comes at {comes:.1f} m/s with {comes * prop.mass_kg:.0f} N·s; the {called(reading, joint)} gives "
        f"{way[most] * 100:.0f} cm over {most} frames."
    )
    return proposed(seen, figure, CORRECTION, f"{options.frame}–{end}", says)


CORRECTION = Correction(
    NAME,
    "Give with the catch",
    "catch",
    "The body takes what it catches over the frames and centimetres that its tone gives.",
    Options,
    ("caught",),
    places,
    propose,
    order=86,
    seconds=lambda seen, options: PER_FRAME_S * LASTS_S / seen.reading.poses.dt,
    needs="Needs a prop that flies and is caught.",
)
