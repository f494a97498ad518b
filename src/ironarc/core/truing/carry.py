"""The body moved so that its center of gravity goes where it should, while what is planted stays where it stands."""

from dataclasses import dataclass

import numpy as np

from ironarc.core import rotation
from ironarc.core.figure.body import Body
from ironarc.core.figure.grips import Limb, limbs_of
from ironarc.core.figure.rig import Rig, forward
from ironarc.core.motion import ik
from ironarc.core.motion.poses import Poses
from ironarc.core.reading.momentum import body_centres, whole_com
from ironarc.core.reading.read import Reading
from ironarc.core.reading.skin import SOLE

HELD_S = 0.12  # beside a contact, over which a foot passes from standing to riding along
ROUNDS = 5
CLOSE_M = 2e-5
LONGEST = 0.999  # of a limb's length, that it is straightened to at most
SOFT = 0.015  # the last share of it that is used up slowly


@dataclass(frozen=True, eq=False)
class Planted:
    """A limb and how much its end stays where it stands: (frames,) 0 to 1."""

    limb: Limb
    share: np.ndarray


def limbs_that_reach(body: Body, poses: Poses) -> tuple[Limb, ...]:
    """Arms and legs, and the last two bones of every chain that stands on its tip, whatever it is called."""
    known = limbs_of(body)
    taken = {j for limb in known for j in (limb.upper, limb.lower, limb.end)}
    rig, out = poses.rig, list(known)
    for point in body.anatomy.contact_points:
        lower = point.joint
        upper = int(rig.parents[lower])
        if point.point != "tip" or lower in taken or upper < 0 or rig.parents[upper] < 0:
            continue
        bone = rig.offsets[lower] * body.scale_to_m
        if min(np.linalg.norm(bone), np.linalg.norm(point.position_m)) < 1e-3:
            continue
        taken.update((upper, lower))
        out.append(Limb(rig.names[lower], "", upper, lower, -1, point.position_m, _pole(poses, upper, lower, point)))
    return tuple(out)


def _pole(poses: Poses, upper: int, lower: int, point) -> np.ndarray:
    """(3,) unit in the upper joint's axes: the side the middle of a limb is on, in the motion itself."""
    middle = poses.position[:, lower] - poses.position[:, upper]
    end = poses.position[:, lower] + rotation.rotate(poses.rotation[:, lower], point.position_m)
    line = ik.unit(end - poses.position[:, upper])
    aside = rotation.rotate(poses.rotation[:, upper], middle - line * ik.dot(middle, line), back=True).sum(axis=0)
    size = np.linalg.norm(aside)
    return aside / size if size > 1e-6 else np.array([0.0, 0.0, 1.0])


def end_of(limb: Limb, rotation_: np.ndarray, position: np.ndarray) -> np.ndarray:
    """(frames, 3) m: where a limb's far end is, of world rotations and places (frames, joints, ...)."""
    if limb.end >= 0:
        return position[:, limb.end]
    return position[:, limb.lower] + rotation.rotate(rotation_[:, limb.lower], limb.wrist_m)


def hangs_on(rig: Rig, joint: int, limb: Limb) -> bool:
    """Whether a joint is a limb's end, or hangs on it."""
    end = limb.end if limb.end >= 0 else limb.lower
    while joint >= 0 and joint != end:
        joint = int(rig.parents[joint])
    return joint == end


def points_of(reading: Reading, limb: Limb) -> list[int]:
    """Points of the skin that its foot, hand or tip stands on."""
    points, rig = reading.traced.track.skin.points, reading.poses.rig
    return [
        i for i, p in enumerate(points) if p.point in (*SOLE, "palm", "tip") and hangs_on(rig, p.joint, limb)
    ]  # fmt: skip


def bears(reading: Reading, limb: Limb) -> np.ndarray:
    """(frames,) bool: its foot, hand or tip is on something."""
    return reading.footing.on[:, points_of(reading, limb)].any(axis=1)


def faded(on: np.ndarray, frames: int) -> np.ndarray:
    """(frames,) 1 where `on`, passing to 0 over so many frames beside it."""
    if not on.any():
        return np.zeros(len(on))
    at = np.flatnonzero(on)
    rows = np.arange(len(on))
    near = np.searchsorted(at, rows)
    away = np.minimum(
        np.abs(rows - at[np.minimum(near, len(at) - 1)]), np.abs(rows - at[np.maximum(near - 1, 0)])
    )  # fmt: skip
    t = np.clip(1.0 - away / (frames + 1), 0.0, 1.0)
    return t * t * (3 - 2 * t)


def planted(reading: Reading, at: slice) -> list[Planted]:
    """Limbs that bear at some time in the frames `at` (indices)."""
    frames = max(2, int(np.rint(HELD_S / reading.poses.dt)))
    out = []
    for limb in limbs_that_reach(reading.body, reading.poses):
        share = faded(bears(reading, limb), frames)[at]
        if share.any():
            out.append(Planted(limb, share))
    return out


@dataclass(eq=False)
class Figure:
    """A body on some frames while it is being corrected: local rotations and origins, as poses have them."""

    was: Poses
    body: Body
    local: np.ndarray
    translation: np.ndarray

    @classmethod
    def of(cls, reading: Reading, at: slice) -> "Figure":
        p = reading.poses
        part = Poses(
            p.rig, p.frames[at], p.dt, p.local[at], p.translation[at], p.rotation[at], p.position[at]
        )  # fmt: skip
        return cls(part, reading.body, part.local.copy(), part.translation.copy())

    def world(self) -> tuple[np.ndarray, np.ndarray]:
        """World rotations (frames, joints, 4) and places (frames, joints, 3) m."""
        return forward(self.was.rig, self.local, self.translation)

    def poses(self) -> Poses:
        turn, at = self.world()
        return Poses(self.was.rig, self.was.frames, self.was.dt, self.local, self.translation, turn, at)

    def com(self) -> np.ndarray:
        """(frames, 3) m of the body alone."""
        return whole_com(body_centres(self.poses(), self.body), self.body)

    def shift(self, by: np.ndarray) -> None:
        """Moves the whole by (frames, 3) m."""
        self.translation[:, list(self.was.rig.roots)] += by[:, None]

    def reach(self, limb: Limb, target: np.ndarray, keep_end: np.ndarray | None = None) -> None:
        """Brings a limb's far end to (frames, 3) m, or as near as it reaches without locking; its end joint keeps the
        direction it had before the correction, or takes `keep_end` (frames, 4)."""
        turn, at = self.world()
        target = within_reach(limb, self.was, self.translation, at[:, limb.upper], target)
        if keep_end is None and limb.end >= 0:
            keep_end = self.was.rotation[:, limb.end]
        self.local = ik.limb_in(
            self.was.rig, self.local, self.translation, turn, at, limb, target, keep_end
        )  # fmt: skip


def within_reach(limb: Limb, was: Poses, translation: np.ndarray, root: np.ndarray, target: np.ndarray) -> np.ndarray:
    """Places (frames, 3) m a limb comes to without locking its middle; one that was straighter stays so."""
    full = ik.limb_length(limb, translation)
    before = np.linalg.norm(end_of(limb, was.rotation, was.position) - was.position[:, limb.upper], axis=1)
    return ik.softly_reached(root, target, before, full, LONGEST, SOFT)


def carry(figure: Figure, shift: np.ndarray, feet: list[Planted]) -> None:
    """Moves the body so that its center of gravity is moved by `shift` (frames, 3) m from where it was before the
    correction, while planted ends stay where they were before it, as far as their limbs reach."""
    was = figure.was
    com = whole_com(body_centres(was, figure.body), figure.body)
    ends = [end_of(p.limb, was.rotation, was.position) for p in feet]
    wanted = com + shift
    roots = list(was.rig.roots)
    for _ in range(ROUNDS):
        off = wanted - figure.com()
        if np.abs(off).max() < CLOSE_M:
            break
        figure.shift(off)
        rides = figure.translation[:, roots[0]] - was.translation[:, roots[0]]
        for foot, end in zip(feet, ends, strict=True):
            figure.reach(foot.limb, end + (1.0 - foot.share)[:, None] * rides)


def lead_in(n: int) -> np.ndarray:
    """(n,) u³ (u - 1) on u = 1/n … 1 scaled by n: what leads, from a stand, to a speed of one a frame at the end,
    and comes to nothing there."""
    u = np.arange(1, n + 1) / n
    return n * u**3 * (u - 1)


def lead_out(n: int) -> np.ndarray:
    """(n,) the same from a speed of one a frame at its beginning to a stand: u (1 - u)³ on u = 0 … (n - 1)/n."""
    u = np.arange(n) / n
    return n * u * (1 - u) ** 3
