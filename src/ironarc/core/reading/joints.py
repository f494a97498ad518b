"""Joints: wrong-way bends, jumps between frames, turns too fast to be seen, bones that stretch, poses that freeze."""

from dataclasses import dataclass

import numpy as np

from ironarc.core import rotation
from ironarc.core.figure.skeleton import SIDES, Chain
from ironarc.core.reading.read import Reading

BENT_RAD = np.radians(20.0)  # an elbow bent by more shows which way it bends
OUTSTANDING = 6  # times as fast as all around it an interval is a jump, not a fast motion
COMES_BACK = 0.5  # of the smaller turn, below which the pose after is the one before: a pop
NO_BONE = 0.02  # of the longest offset, below which a joint lies on its parent
STILL_RAD = np.radians(0.02)  # a joint that turns less from frame to frame is held


@dataclass(frozen=True)
class Hinge:
    """A knee or an elbow. wrong_rad : (frames,) how far it bends against its way; 0 where it doesn't."""

    joint: str
    name: str
    side: str
    wrong_rad: np.ndarray


@dataclass(frozen=True)
class Joints:
    """hinges : knees and elbows; the rest a value a joint of the rig.

    jump_rate : (frames, joints) rad/s of a turn between a frame and the one before that its neighbours do not share
    turned_rad : (frames, joints) from the frame before, in the world
    stretch : (frames, joints) share of its own usual length that a bone to its joint is off by
    freezes : (first, last, m/s): frames [first, last] on which nothing at all moves, and how fast the fastest part
        went into it
    """

    hinges: tuple[Hinge, ...]
    jump_rate: np.ndarray
    turned_rad: np.ndarray
    stretch: np.ndarray
    freezes: tuple[tuple[int, int, float], ...]


def read_joints(reading: Reading) -> Joints:
    """Everything that is told of single joints."""
    poses, step = reading.poses, max(1, round(reading.traced.apart))
    turned = np.zeros(poses.rotation.shape[:2])
    turned[1:] = _angle(poses.rotation[:-1], poses.rotation[1:])
    a, b = reading.traced.plays
    jumps = np.zeros_like(turned)
    jumps[a:b] = _jumps(poses.local[a:b], poses.dt, step, _touching_changes(reading)[a:b])
    return Joints(
        tuple(_hinges(reading)), jumps, turned, _stretch(poses.translation, poses.rig), _freezes(reading)
    )  # fmt: skip


def _touching_changes(reading: Reading) -> np.ndarray:
    """(frames,) bool: some contact begins or ends within two frames."""
    on = reading.footing.on
    changes = np.zeros(len(on), dtype=bool)
    changes[1:] = (on[1:] != on[:-1]).any(axis=1)
    return np.convolve(changes, np.ones(5), mode="same") > 0


def _angle(a: np.ndarray, b: np.ndarray) -> np.ndarray:
    """(...) rad between rotations (..., 4)."""
    dot = np.abs(np.einsum("...i,...i->...", a, b)).clip(max=1.0)
    # the sine of half the angle is exact where the cosine is flat
    apart = np.minimum(np.linalg.norm(a - b, axis=-1), np.linalg.norm(a + b, axis=-1))
    return np.where(dot > 0.9, 4 * np.arcsin((apart / 2).clip(max=1.0)), 2 * np.arccos(dot))


def _jumps(local: np.ndarray, dt: float, step: int, touch: np.ndarray) -> np.ndarray:
    """(frames, joints) rad/s: rate of a turn that stands out.

    A joint that pops out and back moves in two neighbouring intervals and comes back; one that jumps moves in one
    and stays. A fast motion lasts for longer, or goes on the same way. So an interval is held against those around
    it, and counts as far as it is six times as fast. At an impact joints do jump: there only what comes back counts.
    touch (frames,) bool: contacts change near here
    """
    out = np.zeros(local.shape[:2])
    seen, touch = local[::step], touch[::step]
    if len(seen) < 5:
        return out
    rate = _angle(seen[:-1], seen[1:]) / (dt * step)
    far = np.zeros_like(rate[:2])
    padded = np.concatenate([far, rate, far])
    before, after = padded[1:-3], padded[3:-1]
    beyond = np.maximum(padded[:-4], padded[4:])
    single = (rate > OUTSTANDING * np.maximum(np.maximum(before, after), beyond)) & ~(touch[:-1] | touch[1:])[:, None]
    out[step::step][: len(rate)] = np.where(single, rate, 0.0)
    middle = out[step::step][: len(rate) - 1]
    np.maximum(middle, _popped(seen, dt * step), out=middle)
    if step > 1:
        # between the measured frames nothing jumps by itself, but a frame can have been put there that pops
        finely = out[1 : len(local) - 1]
        np.maximum(finely, _popped(local, dt), out=finely)
    return out


def _popped(local: np.ndarray, dt: float) -> np.ndarray:
    """(frames - 2, joints) rad/s of what goes out and comes back within two intervals, the pose after near the one
    before; for each but the first and the last frame."""
    rate = _angle(local[:-1], local[1:]) / dt
    back = _angle(local[:-2], local[2:]) / dt
    lesser = np.minimum(rate[:-1], rate[1:])
    still = np.zeros_like(rate[:1])
    around = np.maximum(np.concatenate([still, rate[:-2]]), np.concatenate([rate[2:], still]))
    return np.where((back < COMES_BACK * lesser) & (lesser > OUTSTANDING * around), lesser, 0.0)


def _hinges(reading: Reading) -> list[Hinge]:
    chains = {(c.segment, c.side): c for c in reading.body.anatomy.chains}
    out = []
    for upper, lower, name in (("thigh", "shank", "knee"), ("upper arm", "forearm", "elbow")):
        for side in SIDES:
            a, b = chains.get((upper, side)), chains.get((lower, side))
            if a is not None and b is not None:
                joint = reading.poses.rig.names[b.bones[0].joint]
                out.append(Hinge(joint, name, side, _wrong_way(reading, a, b, name)))
    return out


def _wrong_way(reading: Reading, upper: Chain, lower: Chain, name: str) -> np.ndarray:
    """(frames,) rad that the lower bone lies to the wrong side of the upper one's line.

    A knee bends away from the figure's front. An elbow bends the way it mostly does in the motion itself, since rigs
    roll the upper arm as they please; one that is never clearly bent says nothing.
    """
    turn = reading.poses.rotation
    along = upper.bones[0].direction
    below = _world(turn, lower)
    below = rotation.rotate(turn[:, upper.bones[0].joint], below, back=True)
    aside = below - (below @ along)[:, None] * along
    bend = np.arctan2(np.linalg.norm(aside, axis=1), below @ along)
    if name == "knee":
        back = -reading.body.anatomy.forward
        way = back - (back @ along) * along
    else:
        bent = bend > BENT_RAD
        way = aside[bent].sum(axis=0) if bent.any() else np.zeros(3)
    size = np.linalg.norm(way)
    if size < 1e-6:
        return np.zeros(len(turn))
    return np.maximum(np.arctan2(-(aside @ (way / size)), np.maximum(below @ along, 1e-9)), 0.0)


def _world(turn: np.ndarray, chain: Chain) -> np.ndarray:
    """(frames, 3) unit, world: the way a segment lies, from its first bone's start."""
    bone = chain.bones[0]
    return rotation.rotate(turn[:, bone.joint], bone.direction)


def _stretch(translation: np.ndarray, rig) -> np.ndarray:
    length = np.linalg.norm(translation, axis=-1)
    usual = np.median(length, axis=0)
    out = np.abs(length - usual) / np.maximum(usual, 1e-9)
    # a root goes where it likes, and a joint that lies on its parent has no bone to stretch
    still = usual < NO_BONE * max(float(usual.max(initial=0.0)), 1e-9)
    still[list(rig.roots)] = True
    out[:, still] = 0.0
    return out


def _freezes(reading: Reading) -> tuple[tuple[int, int, float], ...]:
    """Spans on which every joint stands still to the last digit, and how fast the fastest one ran into them."""
    poses = reading.poses
    a, b = reading.traced.plays
    if b - a < 3:
        return ()
    moved = np.linalg.norm(np.diff(poses.position[a:b], axis=0), axis=-1).max(axis=1)
    turned = _angle(poses.local[a : b - 1], poses.local[a + 1 : b]).max(axis=1)
    still = (moved < 1e-5 * reading.size) & (turned < STILL_RAD)
    edges = np.flatnonzero(np.diff(np.concatenate([[False], still, [False]]).astype(np.int8)))
    out = []
    for start, end in zip(edges[::2], edges[1::2], strict=True):
        if start > 0:
            out.append((a + int(start), a + int(end), float(moved[start - 1] / poses.dt)))
    return tuple(out)
