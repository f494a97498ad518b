"""Even out a jerk of the center of gravity, what is planted held."""

from dataclasses import dataclass

import numpy as np

from ironarc.core.errors import EditError
from ironarc.core.judging.judge import findings_of, limits_seen
from ironarc.core.keying.thinning import smoothed
from ironarc.core.reading import Seen
from ironarc.core.truing.carry import Figure, carry, planted
from ironarc.core.truing.correction import FRAME, FRAMES, Correction, Place, Proposal, one_way, option
from ironarc.core.truing.difference import check_root
from ironarc.core.truing.proposing import indices, proposed

NAME = "even_out"
OVER_S = 0.2
SMOOTH = 0.3  # of a jerk that is graded, below which a way is smooth


@dataclass(frozen=True)
class Options:
    """start, end : frames that jerk; over : frames to either side; strength : frames over which a bump is smoothed"""

    start: int = option("from", FRAME)
    end: int = option("to", FRAME)
    over: int = option("frames to either side", FRAMES, 0, 200, default=0)
    strength: int = option("frames it is smoothed over", FRAMES, 1, 100, default=4)


def places(seen: Seen) -> list[Place]:
    """Every jerk, those next to one another taken together."""
    spans: list[list[int]] = []
    for f in sorted((f for f in seen.ask(findings_of) if f.kind == "jerk"), key=lambda f: f.start):
        if spans and f.start <= spans[-1][1] + 4:
            spans[-1][1] = max(spans[-1][1], f.end)
        else:
            spans.append([f.start, f.end])
    return [one_way(a, b, Options(a, b), "Even out, feet held") for a, b in spans]


def propose(seen: Seen, options: Options) -> Proposal:
    """The center of gravity on a smooth way through the span. EditError where it is smooth."""
    reading = seen.reading
    check_root(seen.performer)
    a, b = indices(reading, options.start, options.end)
    low, high = reading.traced.plays
    over = options.over or max(5, int(np.rint(OVER_S / reading.poses.dt)))
    at = slice(max(a - over, low), min(b + over, high))
    path = reading.body_com[at]
    limit = SMOOTH * limits_seen(seen)["jerk"].strained * reading.size
    # the odd frames are led over first, so that they don't pull their neighbours along
    rows = np.arange(len(path))
    odd = (rows >= a - at.start) & (rows < b - at.start) & _off_its_neighbours(path, limit)
    if not odd.any():
        raise EditError(f"The center of gravity goes smoothly from {options.start} to {options.end} already.")
    begun = path.copy()
    if (~odd).sum() > 3:
        for axis in range(3):
            fit = np.polynomial.Polynomial.fit(rows[~odd], path[~odd, axis], min(5, (~odd).sum() - 1))
            begun[odd, axis] = fit(rows[odd])
    shift = smoothed(begun, float(options.strength)) - path
    bell = np.clip(np.minimum(rows, rows[::-1]) / max(over / 2, 1), 0, 1)
    shift *= (bell * bell * (3 - 2 * bell))[:, None]
    figure = Figure.of(reading, at)
    carry(figure, shift, planted(reading, at))
    says = f"The center of gravity moves by up to {np.linalg.norm(shift, axis=1).max() * 100:.1f} cm."
    return proposed(seen, figure, CORRECTION, f"{options.start}–{options.end}", says)


def _off_its_neighbours(path: np.ndarray, limit: float) -> np.ndarray:
    """(frames,) bool: frames of a path (frames, 3) m farther off the curve through the two on either side."""
    out = np.zeros(len(path), dtype=bool)
    middle = (4 * (path[1:-3] + path[3:-1]) - path[:-4] - path[4:]) / 6
    out[2:-2] = np.linalg.norm(path[2:-2] - middle, axis=1) > limit
    return out


CORRECTION = Correction(
    NAME,
    "Even out the jerk",
    "even",
    "The center of gravity goes on smoothly through a frame that jerks; what is planted stays.",
    Options,
    ("jerk",),
    places,
    propose,
    order=62,
    needs="Needs a jerk of the center of gravity.",
)
