"""Props and limbs that strike a body, what that body does at the blow, and what it should."""

from collections.abc import Iterator, Sequence
from dataclasses import dataclass, replace
from functools import cached_property
from weakref import ref

import numpy as np

from ironarc.core import rotation
from ironarc.core.figure.body import Body, Part
from ironarc.core.judging.others import Beside, Loose, Others, apart_since
from ironarc.core.motion.poses import Poses
from ironarc.core.reading import Reading
from ironarc.core.rows import grown
from ironarc.core.scene.props import Touch

LEAST_NS = 1.0  # of a blow that is looked at
LEAST_MS = 0.4  # at which a prop comes, and by which a reaction is told
FELT_MS = 0.8  # at which a free body would be thrown off by a blow that is looked at
TOGETHER_S = 0.15  # within which touches of one prop are one blow
NEAR_M = 0.1  # from the skin, that a prop is touched by a limb about the frame it leaves
BESIDE = 2  # frames about its leaving
REACH_M = 2.5  # between hips, past which nobody strikes anybody
STRIKES_WITH = ("hand", "forearm", "foot", "shank", "head")
LEAST_HIT_MS = 1.0  # at which a limb comes onto another body, more slowly it leans there
FLESH_BOUNCE = 0.1
AROUND = 6  # frames, within which a reaction is looked for
WORDS = {"pelvis": "hips", "spine": "trunk", "shank": "shin", "collar": "shoulder"}
BEGINS = 0.25  # of the greatest change of speed, from which a reaction has begun


@dataclass(frozen=True, eq=False)
class Blow:
    """A prop, or another performer, strikes a body.

    source : id of what strikes; by : that in words; is_prop : whether it is a prop
    touch : the hardest of the blow; joint : of the body; push : (3,) N·s on it
    """

    source: str
    by: str
    is_prop: bool
    touch: Touch
    joint: int
    push: np.ndarray
    of: ref  # of the reading that is struck, which keeps its blows

    @property
    def reading(self) -> Reading:
        """The reading that is struck, while anybody has it."""
        return self.of()

    @property
    def frame(self) -> float:
        return self.touch.frame

    @property
    def way(self) -> np.ndarray:
        """(3,) unit, the way the body is pushed."""
        return self.push / float(np.linalg.norm(self.push))

    @cached_property
    def speed(self) -> np.ndarray:
        """(frames,) m/s of the place that is struck along the push: between a frame and the next."""
        poses, at = self.reading.poses, np.array(self.touch.at)
        k = min(int(self.frame) - int(poses.frames[0]), len(poses.frames) - 1)
        off = rotation.rotate(poses.rotation[k, self.joint], at - poses.position[k, self.joint], back=True)
        return self.speed_of(self.joint, off)

    def speed_of(self, joint: int, off: np.ndarray) -> np.ndarray:
        """(frames,) m/s along the push of a place (3,) m in a joint's axes: between a frame and the next."""
        poses = self.reading.poses
        track = poses.position[:, joint] + rotation.rotate(poses.rotation[:, joint], off)
        return np.append(np.diff(track @ self.way), 0.0) / poses.dt

    @cached_property
    def free_ms(self) -> float:
        """m/s that the place would be thrown off with, all joints of the body free and no foot on the ground."""
        from ironarc.core.passive.limp import gives_at  # the engine takes half a second to come in

        k = int(self.frame) - int(self.reading.poses.frames[0])
        gives = gives_at(
            self.reading.poses, self.reading.body, k, self.joint, np.array(self.touch.at), self.reading.floor
        )  # fmt: skip
        return float(self.way @ gives @ self.push)

    @property
    def gains_ms(self) -> float:
        """m/s by which the place really speeds up along the push at the blow."""
        k = int(self.frame) - int(self.reading.poses.frames[0])
        before, after = self.speed[max(k - 1, 0)], self.speed[k + 1 : k + 4]
        return float(after.max() - before) if len(after) else 0.0

    @property
    def begins(self) -> float | None:
        """The frame from which the place gives way along the push; None where it never does."""
        found = self.rise_of(self.speed)
        return found[0] if found else None

    def rise_of(self, speed: np.ndarray) -> tuple[float, float] | None:
        """The frame from which a speed (frames,) rises about the blow, and by how many m/s; None where it doesn't."""
        first = int(self.reading.poses.frames[0])
        k = round(self.frame) - first
        a, b = max(k - AROUND, 0), min(k + AROUND, len(speed) - 1)
        v = speed[a:b]
        if len(v) < 3:
            return None
        top = int(v.argmax())
        low = int(v[: top + 1].argmin())
        rise = float(v[top] - v[low])
        if rise < LEAST_MS:
            return None
        begun = low + int(np.argmax(v[low : top + 1] >= v[low] + BEGINS * rise))
        return float(a + begun + first), rise


def sent_by(reading: Reading, x: Loose) -> tuple[int, np.ndarray] | None:
    """The joint whose part lies nearest to a prop as it sets out on its flight, and where in its axes (3,) m; None
    where none is near."""
    k, poses = x.prop.flight.start - int(reading.poses.frames[0]), reading.poses
    if not 0 <= k < len(x.at):
        return None
    best, half = (np.inf, -1, np.zeros(3)), x.prop.center_m
    for f in range(max(k - BESIDE, 0), k + 1):
        foot = x.at[f] - rotation.rotate(x.turn[f], half)
        for part in reading.body.parts:
            for share in (0.0, 0.5, 1.0):
                off = part.start_m + share * (part.end_m - part.start_m)
                at = poses.position[f, part.joint] + rotation.rotate(poses.rotation[f, part.joint], off)
                own = rotation.rotate(x.turn[f], at - foot, back=True)
                away = float(x.prop.distance(own)) - float(np.sqrt(part.half_width_m * part.half_depth_m))
                best = min(best, (away, part.joint, off), key=lambda found: found[0])
    return best[1:] if best[0] <= NEAR_M else None


def called(reading: Reading, joint: int) -> str:
    """What rides on a joint, as an animator calls it."""
    return words_of(reading.body, joint)


def words_of(body: Body, joint: int) -> str:
    """What rides on a joint of a body, as an animator calls it."""
    meaning = body.anatomy.meanings[joint]
    role = WORDS.get(meaning.role, meaning.role)
    return f"{meaning.side} {role}".strip() if role else body.anatomy.rig.names[joint]


def blows_on(reading: Reading, others: Others) -> list[Blow]:
    """What strikes a performer: not what it strikes itself."""
    known = reading.ask(_blows_known)
    if not known or not known[0].is_like(others):
        meetings = {other.id: (other.poses, _met(reading, other)) for other in others.beside}
        limbs = [blow for _, met in meetings.values() for blow in _hardest(met, reading.poses.dt)]
        found = [*_of_props(reading, others.props, others.performer), *limbs]
        known[:] = [others, sorted(found, key=lambda b: b.frame), meetings]
    return known[1]


def _blows_known(reading: Reading) -> list:
    """What was about it when it was asked last, the blows, and all meetings by who is met; [] for never."""
    return []


def _met(reading: Reading, other: Beside) -> list[Blow]:
    """All meetings with another: those on frames that an edit did not reach, of either, are known."""
    known, before = reading.ask(_blows_known), reading.before(_blows_known)
    was, had = (reading, known) if known or before is None else before
    theirs, met = had[2].get(other.id, (None, [])) if had else (None, [])
    rows = None if theirs is None else apart_since(was.poses, reading.poses, theirs, other.poses)
    if rows is None:
        return list(_meetings(reading, other, np.ones(len(reading.com), dtype=bool)))
    rows, first = grown(rows, 1), int(reading.poses.frames[0])
    kept = [replace(blow, of=ref(reading)) for blow in met if not rows[int(blow.frame) - first]]
    return kept + list(_meetings(reading, other, rows))


def _of_props(reading: Reading, loose: Sequence[Loose], performer: str) -> list[Blow]:
    first = int(reading.poses.frames[0])
    found = (_blow(reading, x, t, first) for x in loose for t in hardest_touches(reading, x, performer))
    return [blow for blow in found if blow is not None]


def hardest_touches(reading: Reading, x: Loose, performer: str) -> Iterator[Touch]:
    """Of a prop with a performer: the hardest of those that are one blow."""
    touches = x.prop.flight.touches if x.prop.flight else ()
    own = [t for t in touches if t.surface.startswith(f"{performer}:") and t.impulse_ns >= LEAST_NS]
    while own:
        hardest = max(own, key=lambda t: t.impulse_ns)
        own = [t for t in own if abs(t.frame - hardest.frame) * reading.poses.dt > TOGETHER_S]
        yield hardest


def _hardest(met: list[Blow], dt: float) -> list[Blow]:
    """Of limbs of another that run into this body: the hardest within a while."""
    kept: list[Blow] = []
    for blow in sorted(met, key=lambda b: -b.touch.impulse_ns):
        if all(abs(blow.frame - b.frame) * dt > TOGETHER_S for b in kept):
            kept.append(blow)
    return kept


def _meetings(reading: Reading, other: Beside, among: np.ndarray) -> Iterator[Blow]:
    """Every place of another's hands, feet, elbows, knees and head that comes onto a part of this body, from one of
    the frames `among` (frames,) bool to the next."""
    mine, theirs, dt = reading.poses, other.poses, reading.poses.dt
    at = np.flatnonzero(among)
    roots = mine.position[at, mine.rig.roots[0]] - theirs.position[at, theirs.rig.roots[0]]
    near = np.zeros(len(among), dtype=bool)
    near[at] = rotation.length(roots) < REACH_M
    near[:-1] |= near[1:]
    near[1:] |= near[:-1] & among[:-1]
    rows = np.flatnonzero(near)
    if len(rows) < 2:
        return
    at, girth, joints = _ends(other, rows)
    root = theirs.position[rows, theirs.rig.roots[0]]
    spread = np.sqrt(((at - root[:, None]) ** 2).sum(axis=-1)).max(axis=1) + float(girth.max())
    after = np.diff(rows, prepend=-2) == 1  # the frame before it is looked at, too
    for part in reading.body.parts:
        wide = float(np.sqrt(part.half_width_m * part.half_depth_m))
        reach = wide + float(max(np.linalg.norm(part.start_m), np.linalg.norm(part.end_m)))
        place = mine.position[rows, part.joint]
        # mostly it is nowhere near anybody, and then near few of what strikes
        close = np.flatnonzero(after & (((place - root) ** 2).sum(axis=1) < (reach + spread) ** 2))
        off = at[close] - place[close, None]
        found, ends = np.nonzero(np.einsum("fki,fki->fk", off, off) < (reach + girth) ** 2)
        into = close[found]
        gap = [_gap(mine, part, rows[k], at[k, ends]) for k in (into - 1, into)]
        comes_in = (gap[0][0] - girth[ends] > 0) & (gap[1][0] - girth[ends] <= 0)
        closes = (gap[0][0] - gap[1][0]) / dt
        for i in np.flatnonzero(comes_in & (closes >= LEAST_HIT_MS)):
            k, p = into[i] - 1, ends[i]
            if not among[rows[k]]:
                continue
            way = -rotation.rotate(mine.rotation[rows[k], part.joint], gap[0][1][i])
            way = way / max(float(np.linalg.norm(way)), 1e-9)
            comes = float((at[k + 1, p] - at[k, p]) @ way) / dt
            # the one that moves more is the one that strikes
            if comes >= abs(comes - closes[i]):
                u = (gap[0][0][i] - girth[p]) / (gap[0][0][i] - gap[1][0][i])
                spot = at[k, p] + (at[k + 1, p] - at[k, p]) * u
                yield _hit(reading, other, int(rows[k]), float(u), part.joint, joints[p], spot, way, float(closes[i]))


def _gap(poses: Poses, part: Part, rows: np.ndarray, at: np.ndarray) -> tuple[np.ndarray, np.ndarray]:
    """How far places (n, 3) m are from the surface of a part on the rows (n,), (n,) m, and off its axis in its joint's
    axes, (n, 3) m."""
    axis = part.end_m - part.start_m
    own = rotation.rotate(poses.rotation[rows, part.joint], at - poses.position[rows, part.joint], back=True)
    share = np.clip((own - part.start_m) @ axis / max(float(axis @ axis), 1e-9), 0.0, 1.0)
    off = own - (part.start_m + share[:, None] * axis)
    return rotation.length(off) - float(np.sqrt(part.half_width_m * part.half_depth_m)), off


def _ends(other: Beside, rows: np.ndarray) -> tuple[np.ndarray, np.ndarray, list[int]]:
    """Places (frames, ends, 3) m of what a body strikes with, their girths (ends,) m and joints."""
    at, girth, joints = [], [], []
    parts = [part for part in other.body.parts if part.segment in STRIKES_WITH]
    if not parts:
        # no word of a machine's or a beast's is a human segment's: it strikes with what ends it
        parts = [part for part in other.body.parts if part.joint not in other.body.anatomy.rig.parents]
    for part in parts:
        for share in (0.1, 0.5, 1.0):
            off = part.start_m + share * (part.end_m - part.start_m)
            turn, place = other.poses.rotation[rows, part.joint], other.poses.position[rows, part.joint]
            at.append(place + rotation.rotate(turn, off))
            girth.append(float(np.sqrt(part.half_width_m * part.half_depth_m)))
            joints.append(part.joint)
    return np.stack(at, axis=1), np.array(girth), joints


def _hit(
    reading: Reading, other: Beside, k: int, u: float, joint: int, limb: int, at: np.ndarray, way: np.ndarray,
    speed: float,
) -> Blow:  # fmt: skip
    """One impulse between two bodies whose joints are all free: right for quick touches, too low for long ones."""
    from ironarc.core.passive.limp import gives_at  # the engine takes half a second to come in

    gives = gives_at(reading.poses, reading.body, k, joint, at, reading.floor)
    gives = gives + gives_at(other.poses, other.body, k, limb, at, reading.floor)
    push = speed * (1 + FLESH_BOUNCE) / max(float(way @ gives @ way), 1e-6)
    frame = float(reading.poses.frames[k]) + u
    name = reading.poses.rig.names[joint]
    touch = Touch(frame, f":{name}", speed, 0.0, tuple(map(float, at)), push)
    by = f"{other.name}'s {words_of(other.body, limb)}"
    return Blow(f"{other.id}-{limb}", by, False, touch, joint, way * push, ref(reading))


def _blow(reading: Reading, x: Loose, touch: Touch, first: int) -> Blow | None:
    name = touch.surface.partition(":")[2]
    k = int(touch.frame) - first
    if name not in reading.poses.rig or not 1 <= k < len(x.at) - 2:
        return None
    before, after = x.at[k] - x.at[k - 1], x.at[k + 2] - x.at[k + 1]
    change = (after - before) / reading.poses.dt + np.array([0.0, 2 * reading.g * reading.poses.dt, 0.0])
    if np.linalg.norm(change) < 1e-6:
        return None
    way = -change / np.linalg.norm(change)
    blow = Blow(
        x.prop.id, x.prop.name, True, touch, reading.poses.rig.index(name), way * touch.impulse_ns, ref(reading)
    )
    comes = float(before @ way) / reading.poses.dt
    # what the limb runs into is struck by the limb
    return blow if comes >= LEAST_MS and comes > abs(float(blow.speed[k - 1])) else None
