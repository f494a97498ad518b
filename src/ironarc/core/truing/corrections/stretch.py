"""Bones back to their length."""

from dataclasses import dataclass

import numpy as np

from ironarc.core.errors import EditError
from ironarc.core.judging.judge import findings_of, limits_seen
from ironarc.core.reading import Seen
from ironarc.core.reading.joints import read_joints
from ironarc.core.truing.carry import Figure, end_of, limbs_that_reach
from ironarc.core.truing.correction import FRAME, Correction, Place, Proposal, Way, option
from ironarc.core.truing.proposing import indices, proposed

NAME = "unstretch"


@dataclass(frozen=True)
class Options:
    """start, end : frames of the stretch; ends : whether hands and feet stay as near to where they are as they reach"""

    start: int = option("from", FRAME)
    end: int = option("to", FRAME)
    ends: bool = option("hands and feet stay where they are", default=True)


def places(seen: Seen) -> list[Place]:
    """Every bone that stretches."""
    return [
        Place(f.start, f.end, (
            Way("held", "Back to its length, hands and feet held", Options(f.start, f.end)),
            Way("free", "Back to its length, what hangs on it comes along", Options(f.start, f.end, False)),
        ))
        for f in seen.ask(findings_of) if f.kind == "stretch"
    ]  # fmt: skip


def propose(seen: Seen, options: Options) -> Proposal:
    """Stretched bones of the usual length, the way they point. EditError where none stretches."""
    reading = seen.reading
    a, b = indices(reading, options.start, options.end)
    low, high = reading.traced.plays
    off = reading.ask(read_joints).stretch
    joints = np.flatnonzero(off[a:b].max(axis=0) > 0.8 * limits_seen(seen)["stretch"].strained)
    if not len(joints):
        raise EditError(f"No bone stretches from {options.start} to {options.end}.")
    # all of the stretch, from where it begins to where it ends
    while a > low and (off[a - 1, joints] > 1e-3).any():
        a -= 1
    while b < high and (off[b, joints] > 1e-3).any():
        b += 1
    figure = Figure.of(reading, slice(a, b))
    for j in joints:
        length = np.linalg.norm(reading.poses.translation[:, j], axis=-1)
        figure.translation[:, j] *= (np.median(length) / np.maximum(length[a:b], 1e-9))[:, None]
    if options.ends:
        for limb in limbs_that_reach(reading.body, reading.poses):
            if np.isin([limb.lower, limb.end], joints).any():
                figure.reach(limb, end_of(limb, figure.was.rotation, figure.was.position))
    names = ", ".join(reading.poses.rig.names[j] for j in joints[:3])
    says = f"The bone to {names} is as long as it is otherwise."
    return proposed(seen, figure, CORRECTION, f"{options.start}–{options.end}", says)


CORRECTION = Correction(
    NAME,
    "Back to its length",
    "stretch",
    "A bone that stretches is as long as it is otherwise, and points where it did.",
    Options,
    ("stretch",),
    places,
    propose,
    order=7,
    needs="Needs a bone that changes its length.",
)
