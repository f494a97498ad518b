"""Mirror the first half: a loop's second half becomes the first one with left and right changed over."""

from dataclasses import dataclass

import numpy as np

from ironarc.core import rotation
from ironarc.core.errors import EditError
from ironarc.core.figure.skeleton import UP
from ironarc.core.judging.judge import findings_of
from ironarc.core.motion.poses import Poses
from ironarc.core.motion.posing import Pose, heading, mirrored
from ironarc.core.reading import Seen
from ironarc.core.scene.strip import IN_PLACE
from ironarc.core.truing.carry import Figure
from ironarc.core.truing.correction import FRAME, Correction, Place, Proposal, one_way, option
from ironarc.core.truing.difference import check_root
from ironarc.core.truing.proposing import indices, proposed

NAME = "mirror_half"
LEAST_HALF = 3  # frames
DRIFTS_M = 0.05  # over a half, from which it goes over the ground and not only about


@dataclass(frozen=True)
class Options:
    """start, end : the loop's first and last frame; in_place : whether it comes back to where it was"""

    start: int = option("first frame of the loop", FRAME)
    end: int = option("last frame of the loop", FRAME)
    in_place: bool = option("stays in place", default=False)


def places(seen: Seen) -> list[Place]:
    """Every clip that loops, has two halves, and does not close."""
    off = {f.cause for f in seen.ask(findings_of) if f.kind == "loop"}
    return [
        one_way(s.end - 1, s.end, Options(s.start, s.end, s.played == IN_PLACE))
        for s in seen.performer.strips_seen()
        if f"loop-{s.id}" in off and (s.end - s.start + 1) % 2 == 0 and s.end - s.start + 1 >= 2 * LEAST_HALF
    ]  # fmt: skip


def propose(seen: Seen, options: Options) -> Proposal:
    """The second half made of the first one. EditError for a loop that has no two halves."""
    reading = seen.reading
    check_root(seen.performer)
    n = options.end - options.start + 1
    if n % 2 or n < 2 * LEAST_HALF:
        raise EditError(
            f"A loop of {n} frame{'' if n == 1 else 's'} has no two halves of {LEAST_HALF} frames or more. End it a "
            "frame earlier or later."
        )
    a, _ = indices(reading, options.start, options.end)
    half, last, poses = n // 2, reading.traced.plays[1], reading.poses
    root, anatomy = poses.rig.roots[0], reading.body.anatomy
    first = slice(a, a + half)
    yaw, ahead, covers = _way(poses, a, half, root, options.in_place, anatomy.forward)
    local = mirrored(Pose(poses.local[first], poses.translation[first, root]), anatomy).local
    # it turns to the other side of the way as far as it turned to this one
    off = rotation.multiply(heading(poses.local[first, root]), rotation.conjugate(yaw))
    back = rotation.conjugate(rotation.multiply(off, off))
    local[:, root] = rotation.multiply(back, local[:, root])
    figure = Figure.of(reading, slice(a + half, last))
    was = figure.translation[:, root].copy()
    figure.local[:half] = local
    figure.translation[:half, root] = _placed(poses.translation[first, root], ahead, covers)
    # what follows goes on from where it comes to
    figure.translation[half:, root] += (figure.translation[half - 1, root] - was[half - 1]) * [1.0, 0.0, 1.0]
    says = f"Frames {options.start + half} to {options.end} mirror those before them."
    return proposed(seen, figure, CORRECTION, f"{options.start}–{options.end}", says)


def _way(poses: Poses, a: int, half: int, root: int, in_place: bool, forward: np.ndarray):
    """The middle of where it faces (4,), the way it goes (3,) level, and by how much a half goes on along it, m."""
    at, turns = poses.translation[a : a + half + 1, root], heading(poses.local[a : a + half, root])
    mean = (turns * np.sign(turns @ turns[0])[:, None]).sum(axis=0)
    yaw = mean / np.linalg.norm(mean)
    drift = (at[min(half, len(at) - 1)] - at[0]) * (1.0 - UP)
    far = float(np.linalg.norm(drift))
    if in_place or far < DRIFTS_M:
        return yaw, rotation.rotate(yaw, forward), 0.0
    ahead = drift / far
    return rotation.multiply(rotation.between(forward, ahead), np.array([1.0, 0.0, 0.0, 0.0])), ahead, far


def _placed(at: np.ndarray, ahead: np.ndarray, covers: float) -> np.ndarray:
    """(frames, 3) m: the first half's places on the other side of the way they go along, a half further on."""
    aside = np.cross(UP, ahead)
    middle = (at @ aside).mean()
    return at + 2.0 * (middle - at @ aside)[:, None] * aside + covers * ahead


CORRECTION = Correction(
    NAME,
    "Mirror the first half",
    "mirror",
    "The second half of a loop becomes its first half with left and right changed over.",
    Options,
    ("loop",),
    places,
    propose,
    order=99,
    needs="Needs a clip that loops over an even number of frames and does not close. Name one under Show.",
)
