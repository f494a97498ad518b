"""How well the end of a loop leads into its beginning: pose, speed and ground, told where the eye sees them."""

from dataclasses import dataclass

import numpy as np

from ironarc.core import rotation
from ironarc.core.errors import EditError
from ironarc.core.figure.body import Body
from ironarc.core.motion.poses import Poses
from ironarc.core.reading.early import Early
from ironarc.core.reading.read import Reading
from ironarc.core.scene.strip import LEAST_LOOP

SAME = 0.35  # of a frame's usual step, within which the last frame is the first one over again
STILL_M = 2e-4  # of a step, under which nothing moves
SHORTEST_S, AS_GOOD = 0.3, 1.35  # of a loop that is looked for; times the best, that is as good
LEAST_STEP = 0.25  # of the joint that moves most, that a joint is to move by to be told as halting


@dataclass(frozen=True)
class Seam:
    """The step from a motion's last frame to the first frame of what follows it.

    place, turn : (3,) m and (4,) of the way, level and about the upright, that carries the beginning to the end
    gap_m : (joints,) by which joints miss where the steps on both sides lead; speed_ms : (joints,) their jump in speed;
    both beyond what they are on the way; pose_m, jump_m : (joints,) the same with what they are on the way
    step_m : (joints,) the usual length of a step; repeats : whether the last frame is the first one over again
    """

    place: np.ndarray
    turn: np.ndarray
    gap_m: np.ndarray
    speed_ms: np.ndarray
    step_m: np.ndarray
    repeats: bool
    pose_m: np.ndarray
    jump_m: np.ndarray

    @property
    def yaw(self) -> float:
        """rad about the upright, that a round turns by."""
        turned = 2.0 * float(np.arctan2(self.turn[2], self.turn[0]))
        return (turned + np.pi) % (2 * np.pi) - np.pi

    @property
    def worst(self) -> int:
        """The joint with the greatest gap."""
        return int(self.gap_m.argmax())

    @property
    def fastest(self) -> int:
        """The joint whose speed jumps most."""
        return int(self.speed_ms.argmax())


def falls_of(reading: Reading | Early, start: int, end: int) -> np.ndarray:
    """(frames,) m by which a loop over indices start … end falls on its way, where all of it lies in a flight; 0
    elsewhere: what falls goes on falling, and comes back to no height."""
    first, out = int(reading.poses.frames[0]), np.zeros(len(reading.poses.frames))
    if any(f.start <= start + first and end + first <= f.end for f in reading.flights):
        out[start : end + 1] = reading.com[start : end + 1, 1] - reading.com[start, 1]
    return out


def share_of_round(place: np.ndarray, yaw: float, shares: np.ndarray) -> tuple[np.ndarray, np.ndarray]:
    """Shares (n,) of a round, which carries p to p turned by `yaw` rad, and then moved by `place` (3,) m: places (n, 3)
    m and turns (n,) rad that carry p so far. Two halves are the whole, and 2 is two rounds."""
    turns, wide = yaw * shares, np.zeros((len(shares), 3))
    half = yaw / 2
    # chords of one circle: the chord of a share is as long as its sine, and points half its turn on
    long = shares if abs(half) < 1e-9 else np.sin(turns / 2) / np.sin(half)
    about = turns / 2 - half
    wide[:, 0] = long * (np.cos(about) * place[0] + np.sin(about) * place[2])
    wide[:, 2] = long * (np.cos(about) * place[2] - np.sin(about) * place[0])
    wide[:, 1] = shares * place[1]
    return wide, turns


def loop_seam(
    poses: Poses, body: Body, start: int, end: int, in_place: bool, falls: np.ndarray | None = None
) -> Seam:  # fmt: skip
    """The seam of a loop over indices start … end: of one that goes over the ground, the ground it covers and the way
    it turns are taken out; one in place comes back to where it was. falls : (frames,) m as `falls_of` has them"""
    turn, place = poses.rotation[start : end + 1], poses.position[start : end + 1]
    if falls is not None:
        place = place - falls[start : end + 1, None, None] * [0.0, 1.0, 0.0]
    return seam(turn, place, turn, place, poses.rig.roots[0], poses.dt, in_place, twins_of(body))


def seam(
    turn: np.ndarray, place: np.ndarray, next_turn: np.ndarray, next_place: np.ndarray, root: int, dt: float,
    in_place: bool = False, twins: np.ndarray | None = None,
) -> Seam:  # fmt: skip
    """The seam between two motions: world rotations (frames, joints, 4) and places (frames, joints, 3) m of both.

    twins : (joints,) as `twins_of` has them
    """
    ends, begins = place[-1] - place[-2], next_place[1] - next_place[0]
    carry, offset = np.array([1.0, 0.0, 0.0, 0.0]), np.zeros(3)
    if not in_place:
        step = rotation.multiply(turn[-1, root], rotation.conjugate(turn[-2, root]))
        faces = rotation.multiply(step, turn[-1, root])
        carry = _about_up(rotation.multiply(faces, rotation.conjugate(next_turn[0, root])))
        begins = rotation.rotate(carry, begins)
        there = place[-1, root] + (ends[root] + begins[root]) / 2
        offset = (there - rotation.rotate(carry, next_place[0, root])) * [1.0, 0.0, 1.0]
    follows = rotation.rotate(carry, next_place[0]) + offset
    steps = np.linalg.norm(np.diff(place, axis=0), axis=-1)
    usual = np.median(steps, axis=0)
    # half a third difference, and what a step differs by from the next but one: what these are on the way anyway, as a
    # foot lands, is no gap
    way = np.diff(place, axis=0)
    pose = np.linalg.norm(follows - place[-1] - (ends + begins) / 2, axis=-1)
    gap = pose - longest(np.diff(way, n=2, axis=0), twins) / 2
    leap = np.linalg.norm(begins - ends, axis=-1)
    jump = leap - longest(way[2:] - way[:-2], twins)
    # as the body stands about its hips; a loop that repeats its first pose would turn and go on by a step too many
    off = np.linalg.norm(place[-1] - place[-1, root] - _about(turn, next_turn, next_place, root), axis=-1)
    moves = usual > max(LEAST_STEP * float(usual.max()), STILL_M)
    repeats = bool(moves.any() and (off[moves] < SAME * usual[moves]).all() and off.max() < SAME * usual.max())
    return Seam(offset, carry, np.maximum(gap, 0.0), np.maximum(jump, 0.0) / dt, usual, repeats, pose, leap)


def longest(found: np.ndarray, twins: np.ndarray | None = None) -> np.ndarray:
    """(joints,) the length of the longest of (frames, joints, 3), of each joint and its twin; 0 for no frames."""
    sizes = np.linalg.norm(found, axis=-1)
    most = sizes.max(axis=0) if len(sizes) else np.zeros(found.shape[1:-1])
    return most if twins is None else np.maximum(most, most[twins])


def best_end(reading: Reading, start: int, last: int, in_place: bool) -> int:
    """The index up to `last` on which a loop that begins at an index closes best; of those that close about as well,
    the first. EditError where there are too few frames to look through."""
    poses, body = reading.poses, reading.body
    first = start + max(LEAST_LOOP - 1, round(SHORTEST_S / poses.dt))
    if first > last:
        raise EditError(f"A loop is looked for over {SHORTEST_S} s or more of motion; move its first frame back.")
    found = [
        loop_seam(poses, body, start, end, in_place, falls_of(reading, start, end)) for end in range(first, last + 1)
    ]
    # of all joints, and not of the worst alone: one that is held would hide how the others lie
    off = np.array([np.linalg.norm(s.pose_m) + np.linalg.norm(s.jump_m) for s in found])
    good = np.flatnonzero(off <= off.min() * AS_GOOD + 1e-9)
    # the best of the first stretch of good ones
    stretch = good[: int(np.argmax(np.append(np.diff(good), 2) > 1)) + 1]
    return first + int(stretch[off[stretch].argmin()])


def twins_of(body: Body) -> np.ndarray:
    """(joints,) of each joint the one that means the same on the other side; itself where there is none."""
    meanings = body.anatomy.meanings
    known: dict[tuple, list[int]] = {}
    for j, meaning in enumerate(meanings):
        known.setdefault((meaning.role, meaning.side), []).append(j)
    out = np.arange(len(meanings))
    for (role, side), joints in known.items():
        others = known.get((role, {"left": "right", "right": "left"}.get(side, "")), [])
        if role and side and len(others) == len(joints):
            out[joints] = others
    return out


def _about(turn: np.ndarray, next_turn: np.ndarray, next_place: np.ndarray, root: int) -> np.ndarray:
    """(joints, 3) m: how the beginning stands about its hips, turned the way the end faces."""
    faces = _about_up(rotation.multiply(turn[-1, root], rotation.conjugate(next_turn[0, root])))
    return rotation.rotate(faces, next_place[0] - next_place[0, root])


def _about_up(q: np.ndarray) -> np.ndarray:
    """The part of a rotation (4,) that is about the upright."""
    out = np.array([q[0], 0.0, q[2], 0.0])
    size = float(np.linalg.norm(out))
    return out / size if size > 1e-9 else np.array([1.0, 0.0, 0.0, 0.0])
