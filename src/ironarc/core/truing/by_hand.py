"""What corrections change, told so that a hand can do it again in any program: by key pose and part, and as the
difference alone."""

import csv
import io
from dataclasses import dataclass, replace

import numpy as np

from ironarc.core import rotation
from ironarc.core.errors import EditError
from ironarc.core.figure.grips import Grip, grips_of
from ironarc.core.figure.rig import POSITION_CHANNELS
from ironarc.core.formats import FORMATS, USUAL
from ironarc.core.motion.poses import Poses
from ironarc.core.reading import Seen
from ironarc.core.truing.living import facing

TOLD_M, TOLD_DEG = 0.01, 2.0  # the least that a hand would set
THINNED_M = 0.015  # by how much what lies between two told frames may be off
MOVED = ("hips", "hand", "foot")  # told by place; the rest of what is told, by turn
TURNED = ("chest", "neck", "head")
WHOLE = "whole body"
MOST_FRAMES = 60
WAYS = (("up", "down"), ("ahead", "back"), ("left", "right"))
TURNS = (("left", "right"), ("over to its right", "over to its left"), ("forward", "back"))


@dataclass(frozen=True)
class Change:
    """One thing to do on a frame. part : what; up, ahead, left : cm it goes, of the body as it faces there

    turn, side, forward : degrees it turns to its left, over to its right, and forward, beside what it hangs on
    """

    frame: int
    part: str
    up: float = 0.0
    ahead: float = 0.0
    left: float = 0.0
    turn: float = 0.0
    side: float = 0.0
    forward: float = 0.0

    @property
    def says(self) -> str:
        """As a sentence, such as "hips 12 cm up, 4 cm back"."""
        out = []
        for value, (one, other) in zip((self.up, self.ahead, self.left), WAYS, strict=True):
            if abs(value) >= 100 * TOLD_M / 2:
                out.append(f"{abs(value):.0f} cm {one if value > 0 else other}")
        for value, (one, other) in zip((self.turn, self.side, self.forward), TURNS, strict=True):
            if abs(value) >= TOLD_DEG / 2:
                out.append(f"{abs(value):.0f}° {one if value > 0 else other}")
        return f"{self.part} {', '.join(out)}"


@dataclass(frozen=True)
class ByHand:
    """changes : in order of frames, of the motion as it is timed now; timing : what comes earlier or later, in
    sentences"""

    changes: tuple[Change, ...]
    timing: tuple[str, ...]

    @property
    def by_frame(self) -> list[tuple[int, list[Change]]]:
        out: dict[int, list[Change]] = {}
        for change in self.changes:
            out.setdefault(change.frame, []).append(change)
        return list(out.items())

    def csv(self) -> str:
        """A row a change."""
        names = ("frame", "part", "up_cm", "ahead_cm", "left_cm", "turn_left_deg", "tilt_right_deg", "forward_deg")
        out = io.StringIO()
        table = csv.writer(out, lineterminator="\n")
        table.writerow(names)
        for c in self.changes:
            values = (c.up, c.ahead, c.left, c.turn, c.side, c.forward)
            table.writerow((c.frame, c.part, *(round(v, 1) for v in values)))
        return out.getvalue()


def by_hand(before: Seen, now: Seen) -> ByHand:
    """What lies between a performer without its corrections and as it stands."""
    frames, was, poses = _same_moments(before, now)
    grips = [g for g in grips_of(now.reading.body) if g.kind in (*MOVED, *TURNED)]
    at = [np.stack([_place(p, g) for g in grips], axis=1) for p in (was, poses)]
    off = at[1] - at[0]
    turned = _turned(was, poses, grips)
    timing = _timing(before, now)
    rows = np.concatenate([off, turned * _reach(now)], axis=1).reshape(len(frames), -1)
    # retimed, a moment lies between two frames: what that makes is not told
    keep = _thinned(rows, THINNED_M * (2 if timing else 1))
    changes = []
    for k in keep:
        ahead, left = facing(before.reading, _index(before, frames[k][0]))
        axes = np.array([[0.0, 1.0, 0.0], ahead, left])
        # what rides along with the hips is not told again
        rides = np.linalg.norm(off[k] - off[k, 0], axis=-1) < TOLD_M
        whole = all(rides[i] for i, grip in enumerate(grips) if grip.kind in MOVED)
        for i, grip in enumerate(grips):
            if grip.kind in MOVED:
                if np.linalg.norm(off[k, i]) >= TOLD_M and (not i or not rides[i]):
                    name = WHOLE if whole else grip.name
                    changes.append(Change(int(frames[k][1]), name, *(100 * axes @ off[k, i])))
            else:
                deg = np.degrees(axes @ turned[k, i])
                if np.abs(deg).max() >= TOLD_DEG:
                    changes.append(Change(int(frames[k][1]), grip.name, 0.0, 0.0, 0.0, *deg))
    return ByHand(tuple(changes), timing)


def _same_moments(before: Seen, now: Seen) -> tuple[list[tuple[int, int]], Poses, Poses]:
    """Pairs of frames, before and now, of the same own frames, and the poses on them."""
    p = now.performer
    first, last = p.timing.kept(p.clip)
    pairs = []
    for own in range(first, last + 1):
        a, b = before.performer.timing.seen_frame(own), p.timing.seen_frame(own)
        inside = before.shot.first_frame <= a <= before.shot.last_frame
        if inside and now.shot.first_frame <= b <= now.shot.last_frame and (not pairs or b > pairs[-1][1]):
            pairs.append((a, b))
    rows = [np.array([_index(seen, pair[i]) for pair in pairs]) for i, seen in enumerate((before, now))]
    return pairs, *(_on(seen.reading.poses, at) for seen, at in zip((before, now), rows, strict=True))


def _index(seen: Seen, frame: int) -> int:
    return frame - int(seen.reading.poses.frames[0])


def _on(poses: Poses, rows: np.ndarray) -> Poses:
    return replace(
        poses, frames=poses.frames[rows], local=poses.local[rows], translation=poses.translation[rows],
        rotation=poses.rotation[rows], position=poses.position[rows],
    )  # fmt: skip


def _place(poses: Poses, grip: Grip) -> np.ndarray:
    return poses.position[:, grip.joint] + rotation.rotate(poses.rotation[:, grip.joint], grip.at_m)


def _turned(was: Poses, now: Poses, grips: list[Grip]) -> np.ndarray:
    """(frames, grips, 3) rad in the world that each turns beside what it hangs on: chest beside hips, head beside
    neck; 0 for what is told by its place."""
    out = np.zeros((len(was.frames), len(grips), 3))
    above = None
    for i, grip in enumerate(grips):
        if grip.kind not in TURNED:
            above = grip.joint if grip.kind == "hips" else above
            continue
        turns = []
        for poses in (was, now):
            frame = poses.rotation[:, above if above is not None else was.rig.roots[0]]
            turns.append(rotation.multiply(rotation.conjugate(frame), poses.rotation[:, grip.joint]))
        own = rotation.log(rotation.multiply(turns[1], rotation.conjugate(turns[0])))
        out[:, i] = rotation.rotate(was.rotation[:, above if above is not None else was.rig.roots[0]], own)
        above = grip.joint
    return out


def _reach(now: Seen) -> float:
    """m that a turn of one radian counts as, when frames are thinned."""
    return 0.2 * now.reading.size


def _thinned(rows: np.ndarray, most_m: float) -> list[int]:
    """Rows (frames, numbers) that straight lines between them follow, each off by no more than is told; those of no
    change at both ends are left away."""
    keep = {0, len(rows) - 1}
    open_ = [(0, len(rows) - 1)]
    while open_ and len(keep) < MOST_FRAMES:
        # the worst span first, so that what is left over is the least of it
        worst = max(open_, key=lambda span: _off_line(rows, *span)[0])
        open_.remove(worst)
        off, at = _off_line(rows, *worst)
        if off > most_m:
            keep.add(at)
            open_ += [(worst[0], at), (at, worst[1])]
    changed = np.abs(rows).max(axis=1) >= TOLD_M / 2
    return [k for k in sorted(keep) if changed[k]]


def _off_line(rows: np.ndarray, a: int, b: int) -> tuple[float, int]:
    """How far rows between two lie off the line between these at most, and where."""
    if b - a < 2:
        return 0.0, a
    u = np.linspace(0.0, 1.0, b - a + 1)[1:-1, None]
    parts = (rows[a + 1 : b] - (rows[a] + (rows[b] - rows[a]) * u)).reshape(b - a - 1, -1, 3)
    off = np.linalg.norm(parts, axis=-1).max(axis=-1)
    return float(off.max()), a + 1 + int(off.argmax())


def _timing(before: Seen, now: Seen) -> tuple[str, ...]:
    """Where keys come earlier or later than they did, whole frames by whole frames."""
    p = now.performer
    first, last = p.timing.kept(p.clip)
    was = 0
    out = []
    for own in range(first, last + 1):
        a, b = before.performer.timing.seen_frame(own), p.timing.seen_frame(own)
        if b - a != was:
            was = b - a
            n = f"{abs(was)} frame{'s' if abs(was) != 1 else ''} {'later' if was > 0 else 'earlier'}"
            out.append(f"From {a} on, keys are {n}." if was else f"From {a} on, keys are where they were.")
    return tuple(out)


def difference_file(before: Seen, now: Seen, format: str = USUAL) -> bytes:
    """The difference alone as a file: on each frame what every joint turns in its own axes, and the root moves, over
    the motion without corrections. EditError for a shot that is retimed, whose frames are no longer the same."""
    if _timing(before, now):
        raise EditError("Corrections changed the timing, so there is no difference frame by frame. Take the notes.")
    _, was, poses = _same_moments(before, now)
    rig = now.performer.rig
    turned = rotation.multiply(rotation.conjugate(was.local), poses.local)
    moved = (poses.translation - was.translation) / now.performer.scale_to_m
    columns = []
    for j, joint in enumerate(rig.joints):
        angles = np.degrees(rotation.each_after_the_other(rotation.to_euler(joint.order, turned[:, j])))
        values = dict(zip(joint.rotation_channels, angles.T, strict=True))
        values |= dict(zip(POSITION_CHANNELS, moved[:, j].T, strict=True))
        columns += [values[c] for c in joint.channels]
    return FORMATS[format].write(rig, np.column_stack(columns), now.shot.frame_time_s)
