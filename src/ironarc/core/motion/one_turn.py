"""A joint's channels brought together into one rotation."""

from collections.abc import Mapping

from ironarc.core.columns import Column, Keys
from ironarc.core.columns.turns import turns_of_channels
from ironarc.core.figure.rig import ROTATION_CHANNELS, Rig
from ironarc.core.motion.layers import TURN


def as_turns(columns: Mapping[tuple[str, str], Column], rig: Rig) -> dict[tuple[str, str], Column]:
    """The columns with each joint's keyed angles as one rotation; the motion is the same to rounding.

    Values on every frame stay channels, as their file has them.
    """
    out = dict(columns)
    for joint in rig.joints:
        own = {i: columns.get((joint.name, c)) for i, c in enumerate(joint.rotation_channels)}
        keyed = {i: column for i, column in own.items() if isinstance(column, Keys)}
        if not keyed or any(column is not None and i not in keyed for i, column in own.items()):
            continue
        turn = turns_of_channels(keyed, joint.order)
        if turn is not None:
            for channel in ROTATION_CHANNELS:
                out.pop((joint.name, channel), None)
            out[joint.name, TURN] = turn
    return out
