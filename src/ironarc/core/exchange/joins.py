"""Where one clip follows another: what is off there, and how it dies away."""

from dataclasses import dataclass

import numpy as np

from ironarc.core import rotation
from ironarc.core.figure.body import Body
from ironarc.core.figure.rig import Rig, forward
from ironarc.core.motion.poses import Poses
from ironarc.core.reading.loops import Seam, longest
from ironarc.core.reading.momentum import body_centres, whole_com
from ironarc.core.scene.strip import Strip


@dataclass(frozen=True)
class Join:
    """Where one clip follows another. frame : the first of the one that follows

    gap_m, speed_ms : the greatest gap of a joint and jump of its speed, beyond what they are on the way
    com_ms, spin : by which the center of gravity's velocity (m/s) and the angular momentum (kg·m²/s) jump, likewise
    lands : what is said of a landing after a fall
    """

    frame: int
    before: str
    after: str
    gap_m: float
    speed_ms: float
    com_ms: float
    spin: float
    lands: str = ""


def com_of(piece: Poses, body: Body, local: np.ndarray, translation: np.ndarray) -> np.ndarray:
    """(frames, 3) m of the center of gravity."""
    turn, place = forward(piece.rig, local, translation)
    poses = Poses(piece.rig, np.arange(len(local)), piece.dt, local, translation, turn, place)
    return whole_com(body_centres(poses, body), body)


def carried(rig: Rig, piece: Poses, found: Seam) -> tuple[np.ndarray, np.ndarray]:
    """A clip turned about the upright and moved over the ground to where the one before it leads."""
    local, moved = piece.local.copy(), piece.translation.copy()
    for root in rig.roots:
        local[:, root] = rotation.multiply(found.turn, local[:, root])
        moved[:, root] = rotation.rotate(found.turn, moved[:, root]) + found.place
    return local, moved


def ease(rig: Rig, before, joined: np.ndarray, shifted: np.ndarray, blend: int, ways: np.ndarray) -> None:
    """What is off at the join, in place and in speed, dies away over so many frames of the clip that follows. ways :
    (3,) of its place, 1 for those it does along: what falls does not hover for a blend"""
    n = min(blend, len(joined) - 1)
    if n < 2:
        return
    local, moved = (x[-len(joined) :] for x in before)
    one, two = _turns(local), _turns(joined)
    ends, begins = one[-1], two[0]
    leads = rotation.multiply(local[-1], rotation.exp((ends + begins) / 2))
    off = rotation.log(rotation.multiply(rotation.conjugate(joined[0]), leads))
    # what turns and speeds change by anyway from frame to frame is no gap
    off = _beyond(off, np.maximum(_bends(one), _bends(two)))
    jump = _beyond(ends - begins, np.maximum(_changes(one), _changes(two)))
    u = (np.arange(n) / n)[:, None, None]
    place, speed = 2 * u**3 - 3 * u**2 + 1, (u**3 - 2 * u**2 + u) * n
    joined[:n] = rotation.multiply(joined[:n], rotation.exp(off * place + jump * speed))
    for root in rig.roots:
        one, two = np.diff(moved[:, root], axis=0), np.diff(shifted[:, root], axis=0)
        gap = moved[-1, root] + (one[-1] + two[0]) / 2 - shifted[0, root]
        gap = _beyond(gap, np.maximum(_bends(one), _bends(two)))
        jump = _beyond(one[-1] - two[0], np.maximum(_changes(one), _changes(two)))
        shifted[:n, root] += (gap * place[:, 0] + jump * speed[:, 0]) * ways


def _turns(local: np.ndarray) -> np.ndarray:
    """(frames - 1, joints, 3) rad that each joint turns from a frame to the next."""
    return rotation.log(rotation.multiply(rotation.conjugate(local[:-1]), local[1:]))


def _bends(steps: np.ndarray) -> np.ndarray:
    """By how much a step is off the middle of its neighbours at most, on the way."""
    return longest(np.diff(steps, n=2, axis=0)) / 2


def _changes(steps: np.ndarray) -> np.ndarray:
    """By how much a step differs from the next but one at most, on the way."""
    return longest(steps[2:] - steps[:-2])


def _beyond(off: np.ndarray, usual: np.ndarray) -> np.ndarray:
    """What of vectors (..., 3) is longer than usual (...)."""
    size = np.linalg.norm(off, axis=-1)
    return off * (np.maximum(size - usual, 0.0) / np.maximum(size, 1e-12))[..., None]


def join_of(
    frame: int, before: Strip, after: Strip, found: Seam, body: Body, one, two, piece: Poses, lands: str
) -> Join:
    """The join in numbers. one, two : local rotations and origins of what leads up to it, and of what follows"""

    def moves(local: np.ndarray, translation: np.ndarray) -> tuple[np.ndarray, np.ndarray]:
        turn, place = forward(piece.rig, local, translation)
        poses = Poses(piece.rig, np.arange(len(local)), piece.dt, local, translation, turn, place)
        centres = body_centres(poses, body)
        return np.diff(whole_com(centres, body), axis=0) / piece.dt, _spins(poses, body, centres)

    (v, spin), (w, other) = moves(*(x[-len(piece.local) :] for x in one)), moves(*two)
    usual = [np.maximum(_changes(a), _changes(b)) for a, b in ((v, w), (spin, other))]
    return Join(
        frame, before.name, after.name, float(found.gap_m.max()), float(found.speed_ms.max()),
        float(np.linalg.norm(_beyond(w[0] - v[-1], usual[0]))),
        float(np.linalg.norm(_beyond(other[0] - spin[-1], usual[1]))), lands,
    )  # fmt: skip


def _spins(poses: Poses, body: Body, centres: np.ndarray) -> np.ndarray:
    """(frames - 1, 3) kg·m²/s about the center of gravity, from each frame to the next."""
    off = centres - whole_com(centres, body)[:, None]
    half, speed = (off[1:] + off[:-1]) / 2, np.diff(off, axis=0) / poses.dt
    out = (body.masses[:, None] * np.cross(half, speed)).sum(axis=1)
    for joint, inertia in zip(body.joints, body.inertias, strict=True):
        turn = poses.rotation[:, joint]
        spin = rotation.log(rotation.multiply(turn[1:], rotation.conjugate(turn[:-1]))) / poses.dt
        own = rotation.rotate(turn[:-1], spin, back=True) @ inertia
        out = out + rotation.rotate(turn[:-1], own)
    return out
