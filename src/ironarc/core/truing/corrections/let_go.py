"""Let go: from a frame on the body falls by itself, with the motion it has, as loose or as held as its tone has it."""

from dataclasses import dataclass

import numpy as np

from ironarc.core import rotation
from ironarc.core.errors import EditError
from ironarc.core.judging.judge import LET_GO
from ironarc.core.reading import Seen
from ironarc.core.truing.carry import Figure
from ironarc.core.truing.correction import FRAME, FRAMES, SHARE, Correction, Place, Proposal, option
from ironarc.core.truing.difference import check_root
from ironarc.core.truing.proposing import indices, proposed

NAME = LET_GO
LONGEST = 1500  # frames
PER_FRAME_S = 0.01  # of processor time, with room to spare


@dataclass(frozen=True)
class Options:
    """start, end : frames it falls by itself on; tone, tone_end : 0 limp to 1 held, as it is let go and at the end

    early : share of the way by which the tone has fallen; back : frames at the end over which the keys take it back
    """

    start: int = option("let go at", FRAME)
    end: int = option("until", FRAME)
    tone: float = option("tone as it is let go", SHARE, 0, 1, default=0.4)
    tone_end: float = option("tone at the end", SHARE, 0, 1, default=0.06)
    early: float = option("tone has fallen by", SHARE, 0.05, 1, default=0.5)
    back: int = option("frames the keys take it back over", FRAMES, 0, 60, default=0)


def places(seen: Seen) -> list[Place]:
    """None by itself: a person says when a body is let go."""
    return []


def propose(seen: Seen, options: Options) -> Proposal:
    """The body let go. EditError for a span it can't be let go on, and for a run that blows up."""
    from ironarc.core.passive.company import Around
    from ironarc.core.passive.limp import fall  # the engine takes half a second to come in

    reading, shot = seen.reading, seen.shot
    check_root(seen.performer)
    a, b = indices(reading, options.start, options.end)
    if not 2 <= b - a <= LONGEST:
        raise EditError(f"A body is let go for 2 to {LONGEST} frames; {options.start} to {options.end} was given.")
    if options.back >= b - a:
        raise EditError("The keys take it back over fewer frames than it is let go for.")
    if b < reading.traced.plays[1] and not options.back:
        last = int(reading.poses.frames[0]) + reading.traced.plays[1] - 1
        raise EditError(
            f"The motion goes on to frame {last}, so the body would jump back at {options.end + 1}. Let it fall to the "
            "end, or say over how many frames the keys take it back."
        )

    def tone(share: float, joint: int) -> float:
        t = min(share / options.early, 1.0)
        return options.tone + (options.tone_end - options.tone) * t * t * (3 - 2 * t)

    still = [p for p in shot.props if not p.is_keyed and not p.holds]
    fallen = fall(reading.poses, reading.body, a, b - a, shot.g, reading.floor, tone, Around(still))
    figure = Figure.of(reading, slice(a, b))
    local, moved = fallen.local, fallen.translation
    if options.back:
        u = np.clip((np.arange(b - a) - (b - a - 1 - options.back)) / options.back, 0.0, 1.0)
        share = u * u * (3 - 2 * u)
        local = rotation.slerp(local, figure.local, np.broadcast_to(share[:, None], local.shape[:2]))
        moved = moved + (figure.translation - moved) * share[:, None, None]
    figure.local[:], figure.translation[:] = local, moved
    lands = np.flatnonzero(fallen.touches)
    says = f"It lies from {_lies(seen, fallen, a)}." if len(lands) else "It touches nothing on the way."
    return proposed(seen, figure, CORRECTION, f"{options.start}–{options.end}", says)


def _lies(seen: Seen, fallen, a: int) -> str:
    """The frame from which the hips hardly move, in words."""
    root = seen.performer.rig.roots[0]
    step = np.linalg.norm(np.diff(fallen.translation[:, root], axis=0), axis=1) / seen.reading.poses.dt
    moving = np.flatnonzero(step > 0.1)
    frame = int(seen.reading.poses.frames[0]) + a + (int(moving[-1]) + 2 if len(moving) else 0)
    return (
        f"frame {frame}"
        if frame < int(seen.reading.poses.frames[0]) + a + len(step)
        else "no frame yet: it still moves"
    )


CORRECTION = Correction(
    NAME,
    "Let go",
    "letgo",
    "From a frame on the body falls by itself, with the motion it has, as loose as its tone, onto the floor and props.",
    Options,
    (),
    places,
    propose,
    order=95,
    seconds=lambda seen, options: PER_FRAME_S * max(options.end - options.start, 0),
    needs="Needs you to say when: under Let go.",
)
