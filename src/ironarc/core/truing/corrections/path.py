"""True the path: every pose as it is, and the body as a whole where its pushes and its feet take it."""

from dataclasses import dataclass

import numpy as np

from ironarc.core.errors import EditError
from ironarc.core.judging.judge import findings_of
from ironarc.core.keying.thinning import smoothed
from ironarc.core.reading import Reading, Seen
from ironarc.core.reading.contacts import FLOOR
from ironarc.core.reading.faults import HOVER, SINK, SLIDE
from ironarc.core.reading.skin import SOLE
from ironarc.core.reading.soles import read_soles
from ironarc.core.reading.support import read_pads
from ironarc.core.settings import SETTINGS
from ironarc.core.solve.model import model_of, spins, stance
from ironarc.core.solve.path import Course, shift_along
from ironarc.core.truing.carry import Figure
from ironarc.core.truing.correction import FRAME, Correction, Place, Proposal, one_way, option
from ironarc.core.truing.difference import check_root
from ironarc.core.truing.proposing import indices, proposed

NAME = "true_path"
OF_THE_WHOLE = ("hang", "arc", "kink", "phantom", SINK, HOVER)
OF_THE_FEET = (SLIDE, "jerk")
SETTLES = (*OF_THE_WHOLE, *OF_THE_FEET)
BESIDE_S = 1.5  # either side of what is to be put right, of a long shot
LONGEST_S = 12.0  # of a shot that is made anew as a whole
LEAST_M = 0.15  # a captured slide or jump that is smaller is for the feet alone
HOLD_M = 0.012  # over the lowest, within which a point of a sole stands
SMOOTH = (1.5, 3.0)  # frames, over which a shift begins and ends where that is the smoother way
CLEARLY = 0.8  # of the third difference, below which a way is clearly smoother
STEP_UP_S = 0.15  # that what is lifted onto something unseen flies at most on its way
NO_SHIFT_M = 0.002  # a shift smaller than this is none


@dataclass(frozen=True)
class Options:
    """start, end : frames; heights : whether heights are put right, too"""

    start: int = option("from", FRAME)
    end: int = option("to", FRAME)
    heights: bool = option("heights too", default=True)


def places(seen: Seen) -> list[Place]:
    """The whole of a short shot, or what lies about its findings, where the body as a whole is at fault."""
    reading = seen.reading
    first, dt = int(reading.poses.frames[0]), reading.poses.dt
    low, high = reading.traced.plays
    least = LEAST_M * reading.size if reading.traced.captured else 0.0
    found = [
        f for f in seen.ask(findings_of) if f.kind in OF_THE_WHOLE or (f.kind in OF_THE_FEET and f.value > least)
    ]  # fmt: skip
    if high - low < 8 or not found:
        return []
    if (high - low) * dt <= LONGEST_S:
        spans = [[low, high]]
    else:
        spans, beside = [], round(BESIDE_S / dt)
        for f in sorted(found, key=lambda f: f.start):
            a, b = max(f.start - first - beside, low), min(f.end - first + beside + 1, high)
            if spans and a <= spans[-1][1]:
                spans[-1][1] = max(spans[-1][1], b)
            else:
                spans.append([a, b])
        spans = [[a, b] for a, b in spans if (b - a) * dt <= LONGEST_S]
    return [
        one_way(a + first, b - 1 + first, Options(a + first, b - 1 + first), "Move the whole body, keep every pose")
        for a, b in spans
    ]


def propose(seen: Seen, options: Options) -> Proposal:
    """The body as a whole moved, no pose changed; what follows moves along. EditError where it goes so already."""
    reading = seen.reading
    check_root(seen.performer)
    a, b = indices(reading, options.start, options.end)
    shift = shift_along(course_of(reading, slice(a, b), options.heights))
    shift = _smoothest(reading.body_com[a:b], shift)
    if np.abs(shift).max() < NO_SHIFT_M * reading.size:
        raise EditError(f"The body already goes where it should from {options.start} to {options.end}.")
    end = reading.traced.plays[1]
    figure = Figure.of(reading, slice(a, end))
    figure.shift(np.concatenate([shift, np.repeat(shift[-1:], end - b, axis=0)]))
    says = "The whole body moves; no pose changes."
    return proposed(seen, figure, CORRECTION, f"{options.start}–{options.end}", says)


def _smoothest(path: np.ndarray, shift: np.ndarray) -> np.ndarray:
    """The shift (frames, 3) m as it is, or led in and out where the path (frames, 3) m is clearly smoother with that: a
    jump is undone by a jump, a drift by a drift."""

    def jerk(by: np.ndarray) -> float:
        return float(np.linalg.norm(np.diff(path + by, 3, axis=0), axis=1).max(initial=0.0))

    best = min((smoothed(shift, frames) for frames in SMOOTH), key=jerk)
    return best if jerk(best) < CLEARLY * jerk(shift) else shift


def course_of(reading: Reading, at: slice, level: bool) -> Course:
    """The body on its way over the frames `at`, with what bears it."""
    track, pads, dt = reading.traced.track, read_pads(reading), reading.poses.dt
    model = model_of(reading.poses.rig, reading.body)
    s = stance(model, reading.poses.local[at], reading.poses.translation[at])
    n, size = len(s.com), reading.size
    turning = np.zeros((n, 3))
    turning[1:-1] = np.diff(spins(model, s, dt).L, axis=0) / dt / (model.mass * reading.g * size)
    soles = track.skin.named(*SOLE)
    height = reading.surfaces[FLOOR].away[at] - reading.ask(read_soles)
    borne, on = ~reading.footing.air[at], reading.footing.on[at] & ~pads.between[at]
    lowest = np.where(soles, height, np.inf).min(axis=1, initial=np.inf)
    lowest = np.where(np.isfinite(lowest), lowest, size)
    # on something unseen the body stands with all of its soles that lie as low
    band = soles & (height < lowest[:, None] + SETTINGS["contact_rest"].value * size)
    unseen = _unseen(reading)[at]
    borne |= unseen
    on |= unseen[:, None] & band
    # what stands is the lowest of the soles, as long as nothing else bears the body
    stands = np.where(band & borne[:, None], np.exp(np.minimum((lowest[:, None] - height) / (HOLD_M * size), 0.0)), 0.0)
    others = (reading.footing.on[at] & ~soles).any(axis=1)
    stands[others | ~on.any(axis=1)] = 0.0
    return Course(
        s.com, turning, pads.corners[at].reshape(n, -1, 3), np.repeat(on, 2, axis=1), track.moved[at][..., [0, 2]],
        height, stands, lowest, dt, reading.g, size, level, reading.traced.captured,
    )  # fmt: skip


def _unseen(reading: Reading) -> np.ndarray:
    """(frames,) bool: borne by something unseen, with the step up to it that reads as a flight."""
    out = np.zeros(len(reading.com), dtype=bool)
    longest = round(STEP_UP_S / reading.poses.dt)
    for x, y in reading.footing.hovers:
        out[x:y] = True
        for a, b in reading.footing.flights:
            if b - a <= longest and (b == x or a == y):
                out[a:b] = True
    return out


CORRECTION = Correction(
    NAME,
    "True the path",
    "path",
    "The whole body moves to where its pushes and its feet would take it. No pose changes; what follows moves along.",
    Options,
    SETTLES,
    places,
    propose,
    order=35,
    needs="Needs pushes without a source, or feet that slide.",
)
