"""An order of play: clips one after another, with repeats, as one motion of its own."""

import re
from collections.abc import Sequence
from dataclasses import dataclass, replace

import numpy as np

from ironarc.core import rotation
from ironarc.core.columns import Dense
from ironarc.core.document import HandContact, Performer, Shot, check_size
from ironarc.core.errors import EditError
from ironarc.core.figure.body import Body
from ironarc.core.figure.rig import POSITION_CHANNELS, Rig, forward
from ironarc.core.motion.layers import BROUGHT_IN, REPLACES, Layer
from ironarc.core.motion.poses import Poses
from ironarc.core.motion.write import channel_rows
from ironarc.core.reading import Reading, see
from ironarc.core.reading.contacts import FLOOR
from ironarc.core.reading.flights import Flight
from ironarc.core.reading.loops import Seam, longest, seam, twins_of
from ironarc.core.reading.momentum import body_centres, whole_com
from ironarc.core.reading.shot import settled
from ironarc.core.scene.placement import Placement
from ironarc.core.scene.props import Prop
from ironarc.core.scene.strip import Strip
from ironarc.core.scene.timing import Timing

MOST_TIMES, MOST_CLIPS = 100, 200
UP, LEVEL = np.array([0.0, 1.0, 0.0]), np.array([1.0, 0.0, 1.0])
LIKE = 0.11  # of the speed of a landing, by which another one still looks right
LEAST_LEDGE_M, LEDGE_M = 0.05, (2.0, 1.2)  # a ledge's height at least, its width and depth
LEDGE_EDGE_M = 0.03  # that it reaches before the toes
BLENDS = 8  # frames after a join, over which what is off dies away
_TIMES = re.compile(r"^(.*?)(?:\s*[x×*]\s*(\d{1,3}))?$", re.IGNORECASE)


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
    falling, joins, frame, lift = _Falling(see(shot, performer.id).reading), [], 1, 0.0
    for before, after, piece in zip(order, order[1:], pieces[1:], strict=False):
        n = before.end - before.start + 1
        frame += n
        turn, place = forward(rig, local[-n:], moved[-n:])
        falls, lifts, lands, path = falling.goes_on(before, after, piece, (local[-2:], moved[-2:]))
        next_place = piece.position + falls[:, None, None] * UP
        found = seam(turn, place, piece.rotation, next_place, rig.roots[0], piece.dt, False, twins_of(body))
        joined, shifted = _carried(rig, piece, found)
        shifted[:, rig.roots] += falls[:, None, None] * UP
        joins.append(_join(frame, before, after, found, body, (local, moved), (joined, shifted), piece, lands))
        flies = falls.any() or lifts
        com = _com(piece, body, joined, shifted) if path is None else path
        _eased(rig, (local, moved), joined, shifted, blend, LEVEL if flies else np.ones(3))
        if flies:
            # limbs that ease into a pose move the body about what falls, and not that
            off = com - _com(piece, body, joined, shifted)
            shifted[:, rig.roots] += (off * falling.share(after, len(off))[:, None])[:, None]
        local, moved = np.concatenate([local, joined]), np.concatenate([moved, shifted])
        if lifts:
            # what comes down on the ground does so from as far up as it fell
            moved[:, rig.roots] += lifts * UP
            lift += lifts
    return _shot(shot, performer, text, local, moved, falling.reading, order, lift), joins


class _Falling:
    """Clips that lie in a flight: a loop of those falls on as gravity has it, round after round."""

    def __init__(self, reading: Reading):
        self.reading, self.g, self.dt = reading, reading.g, reading.poses.dt

    def _in_air(self, strip: Strip) -> Flight | None:
        """The flight that a clip begins in."""
        return next((f for f in self.reading.flights if f.start <= strip.start <= f.end), None)

    def _loops(self, strip: Strip) -> bool:
        flight = self._in_air(strip)
        return strip.is_loop and flight is not None and strip.end <= flight.end

    def goes_on(
        self, before: Strip, after: Strip, piece: Poses, ends
    ) -> tuple[np.ndarray, float, str, np.ndarray | None]:
        """By how much a clip is moved up on each of its frames (frames,) m, by how much then all of it and all before
        it, what is said of the landing, and the center of gravity's path (frames, 3) m through a loop.

        ends : local rotations and origins of the last two frames before it
        """
        still = np.zeros(len(piece.frames))
        leaves = self._in_air(replace(before, start=before.end))
        if not (self._loops(after) or (self._loops(before) and self._in_air(after))) or leaves is None:
            return still, 0.0, "", None
        own = _com(piece, self.reading.body, piece.local, piece.translation)[:, 1]
        last = _com(piece, self.reading.body, *ends)
        t = np.arange(1, len(own) + 1)[:, None] * self.dt
        v = (last[1] - last[0]) / self.dt - UP * self.g * self.dt / 2
        path = last[1] + v * t - UP * self.g * t * t / 2
        if self._loops(after):
            return path[:, 1] - own, 0.0, "", path
        lift = float(own[0] - path[0, 1])
        return still - lift, lift, self._lands(after, own, float(v[1]) - self.g * self.dt), None

    def share(self, strip: Strip, frames: int) -> np.ndarray:
        """(frames,) 1 where a clip that begins in a flight is still in it."""
        flight = self._in_air(strip)
        return (np.arange(frames) + strip.start <= flight.end).astype(float)

    def _lands(self, after: Strip, own: np.ndarray, comes: float) -> str:
        """How fast a landing is come to, beside what it was made for."""
        flight = self._in_air(after)
        k = flight.end + 1 - after.start
        if not flight.landing_seen or k >= len(own):
            return ""
        # as much faster at the touch as it is now, by what it has gained beside its own
        was = float(own[1] - own[0]) / self.dt + self.g * self.dt / 2
        made = float(-flight.landing_ms[1])
        at = float(np.sqrt(max(made**2 + comes**2 - was**2, 0.0)))
        low, high = ((made * share) ** 2 / (2 * self.g) for share in (1 - LIKE, 1 + LIKE))
        return (
            f"{after.name} comes in at {at:.1f} m/s, a fall of {at**2 / (2 * self.g):.1f} m. It was animated for "
            f"{made:.1f} m/s and suits drops of {low:.1f} to {high:.1f} m."
        )


def _com(piece: Poses, body: Body, local: np.ndarray, translation: np.ndarray) -> np.ndarray:
    """(frames, 3) m of the center of gravity."""
    turn, place = forward(piece.rig, local, translation)
    poses = Poses(piece.rig, np.arange(len(local)), piece.dt, local, translation, turn, place)
    return whole_com(body_centres(poses, body), body)


def _carried(rig: Rig, piece: Poses, found: Seam) -> tuple[np.ndarray, np.ndarray]:
    """A clip turned about the upright and moved over the ground to where the one before it leads."""
    local, moved = piece.local.copy(), piece.translation.copy()
    for root in rig.roots:
        local[:, root] = rotation.multiply(found.turn, local[:, root])
        moved[:, root] = rotation.rotate(found.turn, moved[:, root]) + found.place
    return local, moved


def _eased(rig: Rig, before, joined: np.ndarray, shifted: np.ndarray, blend: int, ways: np.ndarray) -> None:
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


def _join(frame: int, before: Strip, after: Strip, found: Seam, body: Body, one, two, piece: Poses, lands: str) -> Join:
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


def _shot(
    shot: Shot, performer: Performer, text: str, local: np.ndarray, moved: np.ndarray, reading: Reading,
    order: Sequence[Strip], lift: float,
) -> Shot:  # fmt: skip
    """A shot with the motion as its base, a value on every frame; what bears its beginning is lifted along."""
    props = _bearing(shot, reading, order[0], lift)
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
        contacts=_contacts(performer, order, {p.id for p in props} | ({FLOOR} if lift < LEAST_LEDGE_M else set())),
        left=(), pins=(), beats=(), strips=(), id="performer1",
    )  # fmt: skip
    made = replace(
        shot, name=f"{shot.name}: {text.strip()}"[:80], performers=(plays,), first_frame=1, frames=len(local),
        props=props,
        references=(), guides=(), source="",
    )  # fmt: skip
    return settled(made)


def _contacts(performer: Performer, order: Sequence[Strip], there: set[str]) -> tuple[HandContact, ...]:
    """What was said of the footing, on every clip that it was said of, where what it stands on is still there."""
    seen, out, begins = performer.timing.seen_frame, [], 1
    for strip in order:
        for contact in performer.contacts:
            a, b = max(seen(contact.start), strip.start), min(seen(contact.end), strip.end)
            if a <= b and (contact.surface in there or not contact.surface):
                out.append(replace(contact, start=a - strip.start + begins, end=b - strip.start + begins))
        begins += strip.end - strip.start + 1
    return tuple(out)


def _bearing(shot: Shot, reading: Reading, first: Strip, lift: float) -> tuple[Prop, ...]:
    """What bears the body as an order begins, as far up as that begins: the props that stand still, or a ledge in place
    of the ground."""
    if lift < LEAST_LEDGE_M:
        return tuple(p for p in shot.props if not (p.is_keyed or p.holds or p.flight))
    touched = {name for name, touch in reading.touch.items() if touch[first.start - int(reading.poses.frames[0])].any()}
    still = (p for p in shot.props if p.id in touched and not (p.is_keyed or p.holds or p.flight))
    lifted = tuple(replace(p, at_m=(p.at_m[0], p.at_m[1] + lift, p.at_m[2])) for p in still)
    if FLOOR not in touched:
        return lifted
    k = first.start - int(reading.poses.frames[0])
    soles = reading.traced.track.at[k][reading.touch[FLOOR][k]]
    ahead = rotation.rotate(reading.poses.rotation[k, reading.poses.rig.roots[0]], reading.body.anatomy.forward) * LEVEL
    ahead = ahead / max(float(np.linalg.norm(ahead)), 1e-9)
    # the feet stand on its edge
    front = float((soles @ ahead).max())
    middle = soles.mean(axis=0)
    middle = middle + ahead * (front - float(middle @ ahead) + LEDGE_EDGE_M - LEDGE_M[1] / 2)
    turn = (float(np.arctan2(ahead[0], ahead[2])), 0.0, 0.0)
    at = (float(middle[0]), reading.floor.height_m, float(middle[2]))
    ledge = Prop(shot.free_id("prop"), "Ledge", "box", (LEDGE_M[0], lift, LEDGE_M[1]), at, turn)
    return (ledge, *lifted)


def names_of(strips: Sequence[Strip]) -> str:
    """An order in words, with what repeats counted."""
    out: list[list] = []
    for strip in strips:
        if out and out[-1][0] == strip.name:
            out[-1][1] += 1
        else:
            out.append([strip.name, 1])
    return ", ".join(name if n == 1 else f"{name} x {n}" for name, n in out)
