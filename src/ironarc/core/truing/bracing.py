"""Arms that reach for the ground as a body falls: where it would come down is found first, then they are led there."""

from __future__ import annotations

from dataclasses import replace
from typing import TYPE_CHECKING

import numpy as np

from ironarc.core import rotation
from ironarc.core.errors import EditError
from ironarc.core.figure.grips import ARM, limbs_of
from ironarc.core.figure.rig import forward
from ironarc.core.motion.ik import limb_length
from ironarc.core.motion.poses import Poses
from ironarc.core.reading import Reading
from ironarc.core.truing.carry import Figure

if TYPE_CHECKING:
    from ironarc.core.passive.letting import Fallen, Tone

REACTS_S = 0.08  # before an arm begins to reach
REACHES_S, READY_S = 0.35, 0.08  # that it takes to, and before it lands that it is there
NEAR = 0.95  # of an arm's length over the ground, at which a shoulder comes within its reach
AHEAD = 0.35  # of an arm's length, that it reaches ahead of the shoulder the way the body falls
PALM_M = 0.03
BRACES, GIVES_S = 0.8, 0.6  # the least tone of an arm that reaches; and how long it gives as it lands


def braced(reading: Reading, fallen: Fallen, a: int, tone: Tone) -> tuple[Poses, Tone]:
    """Keys whose arms reach for the ground that a body let go on index `a` came down on, and their tone.

    Raises EditError for a body with no arms, and for one whose shoulders never come within reach of the ground.
    """
    arms = [limb for limb in limbs_of(reading.body) if limb.kind == ARM]
    if not arms:
        raise EditError("It has no arms that are understood as such, so none can reach for the ground.")
    poses, dt = reading.poses, reading.poses.dt
    _, at = forward(poses.rig, fallen.local, fallen.translation)
    lands = min((k for k in (_lands(reading, fallen, at, arm) for arm in arms) if k is not None), default=None)
    if lands is None:
        raise EditError("Its shoulders don't come within an arm's length of the ground, so its arms reach for nothing.")
    local = poses.local.copy()
    n = min(len(fallen.local), len(local) - a)
    there_s = max(lands * dt - READY_S, REACTS_S + dt)
    from_s = max(there_s - REACHES_S, REACTS_S)
    u = np.clip((np.arange(n) * dt - from_s) / (there_s - from_s), 0.0, 1.0)
    share = u * u * (3 - 2 * u)
    one = _on_frame(reading, fallen, a, lands)
    way = (at[lands] - at[0]).mean(axis=0) * [1.0, 0.0, 1.0]
    way = way / max(float(np.linalg.norm(way)), 1e-9)
    led: set[int] = set()
    for arm in arms:
        length = float(limb_length(arm, fallen.translation[lands : lands + 1])[0])
        target = at[lands, arm.upper] + AHEAD * length * way
        target[1] += PALM_M - float(reading.floor.clearance(target[None])[0])
        one.reach(arm, target[None])
        joints = [arm.upper, arm.lower]
        there = np.broadcast_to(one.local[0, joints], (n, len(joints), 4))
        local[a : a + n, joints] = rotation.slerp(local[a : a + n, joints], there, share[:, None])
        led |= set(joints)
    turn, place = forward(poses.rig, local, poses.translation)

    def arms_too(way_gone: float, joint: int) -> float:
        out = tone(way_gone, joint)
        if joint not in led:
            return out
        late = (way_gone * len(fallen.local) - lands) * dt / GIVES_S
        return max(out, BRACES * float(np.clip(1.0 - late, 0.0, 1.0)))

    return replace(poses, local=local, rotation=turn, position=place), arms_too


def _lands(reading: Reading, fallen: Fallen, at: np.ndarray, arm) -> int | None:
    """The first index on which a shoulder comes within reach of the ground; None for never."""
    length = limb_length(arm, fallen.translation)
    over = reading.floor.clearance(at[:, arm.upper])
    near = np.flatnonzero(over < NEAR * length)
    return int(near[0]) if len(near) else None


def _on_frame(reading: Reading, fallen: Fallen, a: int, k: int) -> Figure:
    """The body on one frame of its fall."""
    poses, local, moved = reading.poses, fallen.local[k : k + 1], fallen.translation[k : k + 1]
    turn, at = forward(poses.rig, local, moved)
    was = Poses(poses.rig, poses.frames[a + k : a + k + 1], poses.dt, local, moved, turn, at)
    return Figure(was, reading.body, local.copy(), moved.copy())
