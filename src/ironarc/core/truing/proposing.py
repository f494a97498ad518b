"""From a figure that was corrected to the proposal, and from frames that are asked for to indices."""

from ironarc.core.edits.base import Edit
from ironarc.core.errors import EditError
from ironarc.core.reading import Reading, Seen
from ironarc.core.truing.carry import Figure
from ironarc.core.truing.correction import Correction, Proposal, cost_of
from ironarc.core.truing.difference import layer_between


def proposed(
    seen: Seen, figure: Figure, correction: Correction, where: str, says: str, more: tuple[Edit, ...] = ()
) -> Proposal:  # fmt: skip
    """What was made of a figure, as a layer with its cost. where : frames, in words; says : what is particular to it;
    more : edits beside it"""
    was, local, translation = figure.was, figure.local, figure.translation
    layer = layer_between(seen.performer, was, local, translation, correction.label, correction.name)
    return Proposal(cost_of(was, local, translation, says), f"{correction.label} {where}", layer, more=more)


def indices(reading: Reading, start: int, end: int) -> tuple[int, int]:
    """Indices [a, b) of frames `start` to `end`. EditError for frames on which the motion does not play."""
    first = int(reading.poses.frames[0])
    low, high = reading.traced.plays
    a, b = start - first, end - first + 1
    if not low <= a < b <= high:
        raise EditError(
            f"Frames {start} to {end} are not all within the motion, which plays from {low + first} to "
            f"{high - 1 + first}. Choose frames within it."
        )
    return a, b
