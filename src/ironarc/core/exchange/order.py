"""An order of play: clips one after another, with repeats, as one motion of its own."""

import re
from collections.abc import Sequence
from dataclasses import dataclass, replace

import numpy as np

from ironarc.core import rotation
from ironarc.core.columns import Dense
from ironarc.core.document import Performer, Shot, check_size
from ironarc.core.errors import EditError
from ironarc.core.figure.body import Body
from ironarc.core.figure.rig import POSITION_CHANNELS, Rig, forward
from ironarc.core.motion.layers import BROUGHT_IN, REPLACES, Layer
from ironarc.core.motion.poses import Poses
from ironarc.core.motion.write import channel_rows
from ironarc.core.reading.loops import Seam, longest, seam, twins_of
from ironarc.core.reading.momentum import body_centres, whole_com
from ironarc.core.reading.shot import settled
from ironarc.core.scene.placement import Placement
from ironarc.core.scene.strip import Strip
from ironarc.core.scene.timing import Timing

MOST_TIMES, MOST_CLIPS = 100, 200
BLENDS = 8  # frames after a join, over which what is off dies away
_TIMES = re.compile(r"^(.*?)(?:\s*[x×*]\s*(\d{1,3}))?$", re.IGNORECASE)


@dataclass(frozen=True)
class Join:
    """Where one clip follows another. frame : the first of the one that follows

    gap_m, speed_ms : the greatest gap of a joint and jump of its speed, beyond what they are on the way
    com_ms, spin : by which the center of gravity's velocity (m/s) and the angular momentum (kg·m²/s) jump, likewise
    """

    frame: int
    before: str
    after: str
    gap_m: float
    speed_ms: float
    com_ms: float
    spin: float


def strips_in(performer: Performer, text: str) -> list[Strip]:
    """The clips of an order such as "Start, Fall x 3, Land", in frames of the shot. EditError for a name that is none
    and for too many."""
    known = {s.name.lower(): s for s in performer.strips_seen()}
    out: list[Strip] = []
    for part in (p.strip() for p in text.split(",")):
        if not part:
            continue
        # a name may itself end in a number
        name, times = (part, "1") if part.lower() in known else _TIMES.match(part).groups()
        found = known.get(name.strip().lower())
        if found is None:
            names = ", ".join(s.name for s in known.values()) or "none yet"
            raise EditError(f"There is no clip called “{name.strip()[:60]}”. The clips are: {names}.")
        n = int(times or 1)
        if not 1 <= n <= MOST_TIMES:
            raise EditError(f"A clip is played 1 to {MOST_TIMES} times; {n} was given for {found.name}.")
        out += [found] * n
    if not out:
        raise EditError("Name the clips in the order they play, such as: Start, Fall x 3, Land.")
    if len(out) > MOST_CLIPS:
        raise EditError(f"Up to {MOST_CLIPS} clips play one after another; this order has {len(out)}.")
    return out


def laid_out(shot: Shot, performer: Performer, text: str, blend: int = BLENDS) -> tuple[Shot, list[Join]]:
    """A shot of one performer who plays the clips of an order, each going on from where the one before it ends, and
    the joins as they are before they are blended over `blend` frames. EditError for an order that can't be."""
    if not 0 <= blend <= MOST_TIMES:
        raise EditError(f"A join is blended over 0 to {MOST_TIMES} frames; {blend} was given.")
    order = strips_in(performer, text)
    check_size(replace(shot, frames=sum(s.end - s.start + 1 for s in order)))
    body, rig = performer.body(), performer.rig
    pieces = [shot.poses(performer.id, np.arange(s.start, s.end + 1)) for s in order]
    if any(len(p.frames) < 2 for p in pieces):
        raise EditError("A clip in an order has two frames or more.")
    local, moved = pieces[0].local, pieces[0].translation
    joins, frame = [], 1
    for before, after, piece in zip(order, order[1:], pieces[1:], strict=False):
        n = before.end - before.start + 1
        frame += n
        turn, place = forward(rig, local[-n:], moved[-n:])
        found = seam(turn, place, piece.rotation, piece.position, rig.roots[0], piece.dt, False, twins_of(body))
        joined, shifted = _carried(rig, piece, found)
        joins.append(_join(frame, before, after, found, body, (local, moved), (joined, shifted), piece))
        _eased(rig, (local, moved), joined, shifted, blend)
        local, moved = np.concatenate([local, joined]), np.concatenate([moved, shifted])
    return _shot(shot, performer, text, local, moved), joins


def _carried(rig: Rig, piece: Poses, found: Seam) -> tuple[np.ndarray, np.ndarray]:
    """A clip turned about the upright and moved over the ground to where the one before it leads."""
    local, moved = piece.local.copy(), piece.translation.copy()
    for root in rig.roots:
        local[:, root] = rotation.multiply(found.turn, local[:, root])
        moved[:, root] = rotation.rotate(found.turn, moved[:, root]) + found.place
    return local, moved


def _eased(rig: Rig, before, joined: np.ndarray, shifted: np.ndarray, blend: int) -> None:
    """What is off at the join, in place and in speed, dies away over so many frames of the clip that follows."""
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
        shifted[:n, root] += gap * place[:, 0] + jump * speed[:, 0]


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


def _join(frame: int, before: Strip, after: Strip, found: Seam, body: Body, one, two, piece: Poses) -> Join:
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
        float(np.linalg.norm(_beyond(other[0] - spin[-1], usual[1]))),
    )  # fmt: skip


def _spins(poses: Poses, body: Body, centres: np.ndarray) -> np.ndarray:
    """(frames - 1, 3) kg·m²/s about the center of gravity, from each frame to the next."""
    off = centres - whole_com(centres, body)[:, None]
    mass = np.array([p.mass_kg for p in body.parts])
    half, speed = (off[1:] + off[:-1]) / 2, np.diff(off, axis=0) / poses.dt
    out = (mass[:, None] * np.cross(half, speed)).sum(axis=1)
    for part in body.parts:
        turn = poses.rotation[:, part.joint]
        spin = rotation.log(rotation.multiply(turn[1:], rotation.conjugate(turn[:-1]))) / poses.dt
        own = rotation.rotate(turn[:-1], spin, back=True) @ part.inertia_kgm2
        out = out + rotation.rotate(turn[:-1], own)
    return out


def _shot(shot: Shot, performer: Performer, text: str, local: np.ndarray, moved: np.ndarray) -> Shot:
    """A shot with the motion as its base, a value on every frame."""
    rig, _ = channel_rows(performer.motion, np.array([shot.first_frame]), shot.frame_time_s)
    columns = {}
    for j, joint in enumerate(rig.joints):
        angles = rotation.each_after_the_other(rotation.to_euler(joint.order, local[:, j]))
        values = dict(zip(joint.rotation_channels, angles.T, strict=True))
        if joint.has_position:
            rest = 0.0 if joint.position == "replaces" else joint.offset
            values |= dict(zip(POSITION_CHANNELS, (moved[:, j] / performer.scale_to_m - rest).T, strict=True))
        columns |= {(joint.name, c): Dense(1, values[c].copy()) for c in joint.channels if c in values}
    base = Layer("base", "Clips in their order", BROUGHT_IN, REPLACES, columns)
    plays = replace(
        performer, rig=rig, layers=(base,), placement=Placement(), timing=Timing(), clip=(1, len(local)), loads=(),
        contacts=(), left=(), pins=(), beats=(), strips=(), id="performer1",
    )  # fmt: skip
    made = replace(
        shot, name=f"{shot.name}: {text.strip()}"[:80], performers=(plays,), first_frame=1, frames=len(local), props=(),
        references=(), guides=(), source="",
    )  # fmt: skip
    return settled(made)


def names_of(strips: Sequence[Strip]) -> str:
    """An order in words, with what repeats counted."""
    out: list[list] = []
    for strip in strips:
        if out and out[-1][0] == strip.name:
            out[-1][1] += 1
        else:
            out.append([strip.name, 1])
    return ", ".join(name if n == 1 else f"{name} x {n}" for name, n in out)
