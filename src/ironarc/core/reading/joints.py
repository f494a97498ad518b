"""Joints: wrong-way bends, jumps between frames, turns too fast to be seen, bones that stretch, poses that freeze."""

from dataclasses import dataclass, replace

import numpy as np

from ironarc.core import rotation
from ironarc.core.figure.body import Body
from ironarc.core.figure.skeleton import SIDES, Chain
from ironarc.core.reading.again import by_frames
from ironarc.core.reading.read import Reading
from ironarc.core.rows import blocks

BENT_RAD = np.radians(20.0)  # an elbow bent by more shows which way it bends
OUTSTANDING = 6  # times as fast as all around it an interval is a jump, not a fast motion
COMES_BACK = 0.5  # of the smaller turn, below which the pose after is the one before: a pop
NO_BONE = 0.02  # of the longest offset, below which a joint lies on its parent
_HINGES = {"knee": ("thigh", "shank"), "elbow": ("upper arm", "forearm")}
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
    # samples that lie apart have to be counted from the first one of all
    tracks = reading.ask(_tracks) if round(reading.traced.apart) <= 1 else _tracks(reading)
    was, known = reading.before(read_joints) or (None, None)
    if was is not None and was.traced is reading.traced:
        return replace(known, jump_rate=tracks.jump_rate)  # no joint moves otherwise for what touches
    return Joints(
        tuple(_hinges(reading)), tracks.jump_rate, tracks.turned_rad,
        _stretch(reading.ask(_lengths), reading.body), _freezes(reading, tracks),
    )  # fmt: skip


@dataclass(frozen=True, eq=False)
class _Tracks:
    """jump_rate, turned_rad : as in Joints; moved_m, local_rad : (frames - 1,) of the joint that moves, or turns
    against its parent, most to the next frame"""

    jump_rate: np.ndarray
    turned_rad: np.ndarray
    moved_m: np.ndarray
    local_rad: np.ndarray


@by_frames
def _tracks(reading: Reading) -> _Tracks:
    poses, step = reading.poses, max(1, round(reading.traced.apart))
    turned = np.zeros(poses.rotation.shape[:2])
    turned[1:] = _turns(poses.rotation)
    a, b = max(reading.traced.plays[0], 0), reading.traced.plays[1]
    jumps, turns = np.zeros_like(turned), _turns(poses.local)
    jumps[a:b] = _jumps(
        poses.local[a:b], turns[a : max(b - 1, a)], poses.dt, step, _touching_changes(reading)[a:b]
    )  # fmt: skip
    moved = rotation.length(np.diff(poses.position, axis=0)).max(axis=1)
    return _Tracks(jumps, turned, moved, turns.max(axis=1))


def _touching_changes(reading: Reading) -> np.ndarray:
    """(frames,) bool: some contact begins or ends within two frames."""
    on = reading.footing.on
    changes = np.zeros(len(on), dtype=bool)
    changes[1:] = (on[1:] != on[:-1]).any(axis=1)
    return np.convolve(changes, np.ones(5), mode="same") > 0


def _turns(q: np.ndarray, by: int = 1) -> np.ndarray:
    """(frames - by, joints) rad that rotations (frames, joints, 4) turn over `by` frames."""
    out = np.empty((max(len(q) - by, 0), *q.shape[1:-1]))
    for a, b in blocks(len(out)):
        out[a:b] = _angle(q[a:b], q[a + by : b + by])
    return out


def _angle(a: np.ndarray, b: np.ndarray) -> np.ndarray:
    """(...) rad between rotations (..., 4)."""
    dot = rotation.dot(a, b)
    # the sine of half the angle is exact where the cosine is flat
    apart = rotation.length(a - np.where(dot < 0, -1.0, 1.0)[..., None] * b)
    out = 4 * np.arcsin(np.minimum(apart / 2, 1.0))
    wide = np.nonzero(np.abs(dot) <= 0.9)
    out[wide] = 2 * np.arccos(np.abs(dot[wide]))
    return out


def _jumps(local: np.ndarray, turns: np.ndarray, dt: float, step: int, touch: np.ndarray) -> np.ndarray:
    """(frames, joints) rad/s: rate of a turn that stands out.

    A joint that pops out and back moves in two neighbouring intervals and comes back; one that jumps moves in one
    and stays. A fast motion lasts for longer, or goes on the same way. So an interval is held against those around
    it, and counts as far as it is six times as fast. At an impact joints do jump: there only what comes back counts.
    turns (frames - 1, joints) rad, from frame to frame; touch (frames,) bool: contacts change near here
    """
    out = np.zeros(local.shape[:2])
    seen, touch = local[::step], touch[::step]
    if len(seen) < 5:
        return out
    rate = (_turns(seen) if step > 1 else turns) / (dt * step)
    far = np.zeros_like(rate[:2])
    padded = np.concatenate([far, rate, far])
    before, after = padded[1:-3], padded[3:-1]
    beyond = np.maximum(padded[:-4], padded[4:])
    single = (rate > OUTSTANDING * np.maximum(np.maximum(before, after), beyond)) & ~(touch[:-1] | touch[1:])[:, None]
    out[step::step][: len(rate)] = np.where(single, rate, 0.0)
    middle = out[step::step][: len(rate) - 1]
    np.maximum(middle, _popped(seen, rate, dt * step), out=middle)
    if step > 1:
        # between the measured frames nothing jumps by itself, but a frame can have been put there that pops
        finely = out[1 : len(local) - 1]
        np.maximum(finely, _popped(local, turns / dt, dt), out=finely)
    return out


def _popped(local: np.ndarray, rate: np.ndarray, dt: float) -> np.ndarray:
    """(frames - 2, joints) rad/s of what goes out and comes back within two intervals, the pose after near the one
    before; for each but the first and the last frame. rate : (frames - 1, joints) rad/s from frame to frame"""
    back = _turns(local, 2) / dt
    lesser = np.minimum(rate[:-1], rate[1:])
    still = np.zeros_like(rate[:1])
    around = np.maximum(np.concatenate([still, rate[:-2]]), np.concatenate([rate[2:], still]))
    return np.where((back < COMES_BACK * lesser) & (lesser > OUTSTANDING * around), lesser, 0.0)


def _hinges(reading: Reading) -> list[Hinge]:
    chains = {(c.segment, c.side): c for c in reading.body.anatomy.chains}
    out = []
    for name, (upper, lower) in _HINGES.items():
        for side in SIDES:
            a, b = chains.get((upper, side)), chains.get((lower, side))
            if a is not None and b is not None:
                joint = reading.poses.rig.names[b.bones[0].joint]
                out.append(Hinge(joint, name, side, _wrong_way(reading, a, reading.ask(_bends)[joint], name)))
    return out


@by_frames
def _bends(reading: Reading) -> dict[str, np.ndarray]:
    """(frames, 3) unit, by the name of a knee or elbow: the way the lower bone lies, in the axes of the upper one."""
    chains, turn, out = {(c.segment, c.side): c for c in reading.body.anatomy.chains}, reading.poses.rotation, {}
    for upper, lower in _HINGES.values():
        for side in SIDES:
            a, b = chains.get((upper, side)), chains.get((lower, side))
            if a is not None and b is not None:
                below = rotation.rotate(turn[:, a.bones[0].joint], _world(turn, b), back=True)
                out[reading.poses.rig.names[b.bones[0].joint]] = below
    return out


def _wrong_way(reading: Reading, upper: Chain, below: np.ndarray, name: str) -> np.ndarray:
    """(frames,) rad that the lower bone, as `_bends` has it, lies to the wrong side of the upper one's line.

    A knee bends away from the figure's front. An elbow bends the way it mostly does in the motion itself, since rigs
    roll the upper arm as they please; one that is never clearly bent says nothing.
    """
    along = upper.bones[0].direction
    aside = below - (below @ along)[:, None] * along
    bend = np.arctan2(rotation.length(aside), below @ along)
    if name == "knee":
        back = -reading.body.anatomy.forward
        way = back - (back @ along) * along
    else:
        bent = bend > BENT_RAD
        way = aside[bent].sum(axis=0) if bent.any() else np.zeros(3)
    size = np.linalg.norm(way)
    if size < 1e-6:
        return np.zeros(len(below))
    return np.maximum(np.arctan2(-(aside @ (way / size)), np.maximum(below @ along, 1e-9)), 0.0)


def _world(turn: np.ndarray, chain: Chain) -> np.ndarray:
    """(frames, 3) unit, world: the way a segment lies, from its first bone's start."""
    bone = chain.bones[0]
    return rotation.rotate(turn[:, bone.joint], bone.direction)


@by_frames
def _lengths(reading: Reading) -> np.ndarray:
    """(frames, joints) m from each joint to its parent."""
    return rotation.length(reading.poses.translation)


def _stretch(length: np.ndarray, body: Body) -> np.ndarray:
    rig = body.anatomy.rig
    usual = np.median(length, axis=0)
    out = np.abs(length - usual) / np.maximum(usual, 1e-9)
    # a root goes where it likes, also below one that has no mass and only carries the body; and a joint that lies on
    # its parent has no bone to stretch
    still = usual < NO_BONE * max(float(usual.max(initial=0.0)), 1e-9)
    weighs = {part.joint for part in body.parts}
    still[list(rig.roots)] = True
    still[[j for root in rig.roots if root not in weighs for j in rig.children[root]]] = True
    out[:, still] = 0.0
    return out


def _freezes(reading: Reading, tracks: _Tracks) -> tuple[tuple[int, int, float], ...]:
    """Spans on which every joint stands still to the last digit, and how fast the fastest one ran into them."""
    poses = reading.poses
    a, b = reading.traced.plays
    if b - a < 3:
        return ()
    moved, turned = tracks.moved_m[a : b - 1], tracks.local_rad[a : b - 1]
    still = (moved < 1e-5 * reading.size) & (turned < STILL_RAD)
    edges = np.flatnonzero(np.diff(np.concatenate([[False], still, [False]]).astype(np.int8)))
    out = []
    for start, end in zip(edges[::2], edges[1::2], strict=True):
        if start > 0:
            out.append((a + int(start), a + int(end), float(moved[start - 1] / poses.dt)))
    return tuple(out)
