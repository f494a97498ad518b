"""Put a step under a body that stands on something unseen: a box as high as it stands."""

from dataclasses import dataclass

import numpy as np

from ironarc.core.edits.items import AddItem
from ironarc.core.errors import EditError
from ironarc.core.judging.judge import findings_of
from ironarc.core.reading import Seen
from ironarc.core.reading.contacts import FLOOR
from ironarc.core.reading.faults import HOVER
from ironarc.core.reading.skin import SOLE
from ironarc.core.scene.props import Prop
from ironarc.core.truing.correction import FRAME, Correction, Cost, Place, Proposal, one_way, option
from ironarc.core.truing.proposing import indices

NAME = "put_step"
BEYOND_M = 0.08  # that the box reaches beyond the feet
LEAST_M = 0.01


@dataclass(frozen=True)
class Options:
    """start, end : frames on which it stands there"""

    start: int = option("from", FRAME)
    end: int = option("to", FRAME)


def places(seen: Seen) -> list[Place]:
    """Wherever the whole body hovers, standing still."""
    return [
        one_way(f.start, f.end, Options(f.start, f.end), "Put a step under its feet")
        for f in seen.ask(findings_of) if f.kind == HOVER
    ]  # fmt: skip


def propose(seen: Seen, options: Options) -> Proposal:
    """A box under the soles as they stand over some frames. EditError where they stand on the ground, or there are
    none."""
    reading = seen.reading
    a, b = indices(reading, options.start, options.end)
    soles = reading.traced.track.skin.named(*SOLE)
    if not soles.any():
        raise EditError("It has no feet that are understood as such. Put a prop there from the scene sheet.")
    away = reading.surfaces[FLOOR].away[a:b][:, soles]
    height = float(np.median(away.min(axis=1)))
    if height < LEAST_M * reading.size:
        raise EditError(f"It stands on the ground from {options.start} to {options.end}: no step is needed.")
    at = reading.traced.track.at[a:b][:, soles]
    # the soles that stand, and not one in the air on its way there
    feet = at[away < away.min(axis=1, keepdims=True) + BEYOND_M * reading.size][:, [0, 2]]
    low, high = feet.min(axis=0), feet.max(axis=0)
    middle, wide = (low + high) / 2, high - low + 2 * BEYOND_M * reading.size
    floor = reading.floor.height_m + float(np.dot(reading.floor.slope, middle))
    prop = Prop(
        seen.shot.free_id("prop"), f"Step {len(seen.shot.props) + 1}", "box", (float(wide[0]), height, float(wide[1])),
        (float(middle[0]), floor, float(middle[1])),
    )  # fmt: skip
    words = f"{CORRECTION.label} {options.start}–{options.end}"
    return Proposal(Cost(f"A box {height * 100:.0f} cm high, where its feet stand."), words, more=(AddItem(prop),))


CORRECTION = Correction(
    NAME,
    "Put a step under it",
    "step",
    "What it stands on is put there: a box as high as its feet are over the ground. No pose changes.",
    Options,
    (HOVER,),
    places,
    propose,
    order=90,
    marks=True,
    needs="Needs a body that stands over the floor and touches nothing.",
)
