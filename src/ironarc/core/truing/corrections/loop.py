"""Close a loop: its end is led into its beginning over some frames, planted feet held as far as they are planted."""

from dataclasses import dataclass, replace

import numpy as np

from ironarc.core import rotation
from ironarc.core.errors import EditError
from ironarc.core.judging.judge import findings_of
from ironarc.core.judging.on_blows import called
from ironarc.core.motion.poses import Poses
from ironarc.core.reading import Seen
from ironarc.core.reading.loops import Seam, falls_of, loop_seam, seam, twins_of
from ironarc.core.scene.strip import IN_PLACE, LEAST_LOOP
from ironarc.core.truing.carry import Figure, end_of, planted
from ironarc.core.truing.correction import FRAME, FRAMES, Correction, Place, Proposal, one_way, option
from ironarc.core.truing.difference import check_root
from ironarc.core.truing.proposing import indices, proposed

NAME = "close_loop"
UP = np.array([0.0, 1.0, 0.0])
SHARE = 0.4  # of the loop, that its end is bent over if nobody says otherwise


@dataclass(frozen=True)
class Options:
    """start, end : the loop's first and last frame; over : frames at its end that are bent, -1 for two fifths of it
    in_place : whether it comes back to where it was, or goes on over the ground
    """

    start: int = option("first frame of the loop", FRAME)
    end: int = option("last frame of the loop", FRAME)
    over: int = option("meets its beginning over", FRAMES, -1, 400, default=-1, found="two fifths of it")
    in_place: bool = option("stays in place", default=False)


def places(seen: Seen) -> list[Place]:
    """Every clip that loops and does not close, unless it only ends a frame late."""
    off = {f.cause for f in seen.ask(findings_of) if f.kind == "loop"}
    return [
        one_way(s.end - 1, s.end, Options(s.start, s.end, in_place=s.played == IN_PLACE))
        for s in seen.performer.strips_seen() if f"loop-{s.id}" in off
    ]  # fmt: skip


def propose(seen: Seen, options: Options) -> Proposal:
    """The end of the loop bent. EditError for a loop that is too short."""
    reading = seen.reading
    check_root(seen.performer)
    n = options.end - options.start + 1
    if n < LEAST_LOOP:
        raise EditError(f"A loop has {LEAST_LOOP} frames or more; {options.start} to {options.end} has {n}.")
    over = max(2, round(SHARE * n)) if options.over < 0 else max(2, min(options.over, n - 1))
    a, b = indices(reading, options.start, options.end)
    falls = falls_of(reading, a, b - 1)
    was = loop_seam(reading.poses, reading.body, a, b - 1, options.in_place, falls)
    figure = Figure.of(reading, slice(b - over, b))
    root = reading.poses.rig.roots[0]
    poses = _lifted(reading.poses, falls)
    u = np.arange(1, over + 1) / over
    share = u * u * (3 - 2 * u)
    wanted_local, wanted_root = _led(poses, a, b - 1, root, was, options.in_place)
    local = figure.local[-1]
    off = rotation.log(rotation.multiply(rotation.conjugate(local), wanted_local))
    feet = planted(reading, slice(b - over, b))
    ends = [end_of(f.limb, figure.was.rotation, figure.was.position) for f in feet]
    figure.local[:] = rotation.multiply(figure.local, rotation.exp(off * share[:, None, None]))
    figure.translation[:, root] += (wanted_root + falls[b - 1] * UP - figure.translation[-1, root]) * share[:, None]
    for foot, end in zip(feet, ends, strict=True):
        # what stands stays, until the end is the beginning's pose
        now = end_of(foot.limb, *figure.world())
        figure.reach(foot.limb, now + ((foot.share * (1 - share))[:, None]) * (end - now))
    now = _seam_after(seen, figure, a, b, over, options.in_place, falls)
    says = (
        f"The end misses the beginning by {now.gap_m.max() * 100:.1f} cm; it missed by {was.gap_m.max() * 100:.1f} cm, "
        f"most at the {called(reading, was.worst)}."
    )
    return proposed(seen, figure, CORRECTION, f"{options.start}–{options.end}", says)


def _lifted(poses: Poses, falls: np.ndarray) -> Poses:
    """Poses with what they fall by (frames,) m taken out."""
    moved = poses.translation.copy()
    moved[:, poses.rig.roots] -= falls[:, None, None] * UP
    return replace(poses, translation=moved)


def _led(poses: Poses, a: int, e: int, root: int, was: Seam, in_place: bool) -> tuple[np.ndarray, np.ndarray]:
    """The pose on the last frame e (joints, 4) and the root's place (3,) m that lead into the first one, a: a step
    before it, of the length that lies between those on both sides."""
    first, second, last, before = (poses.local[k] for k in (a, a + 1, e, e - 1))
    turns = rotation.log(rotation.multiply(rotation.conjugate(first), second))
    turns = turns + rotation.log(rotation.multiply(rotation.conjugate(before), last))
    local = rotation.multiply(first, rotation.exp(-turns / 2))
    step = rotation.rotate(was.turn, poses.translation[a + 1, root] - poses.translation[a, root])
    step = (step + poses.translation[e, root] - poses.translation[e - 1, root]) / 2
    place = rotation.rotate(was.turn, poses.translation[a, root]) + was.place - step
    if not in_place:
        # over the ground it goes as it went; only its height is the beginning's
        place = place * [0.0, 1.0, 0.0] + poses.translation[e, root] * [1.0, 0.0, 1.0]
        local[root] = rotation.multiply(was.turn, local[root])
    return local, place


def _seam_after(seen: Seen, figure: Figure, a: int, b: int, over: int, in_place: bool, falls) -> Seam:
    """The seam with the figure's frames in place of the last ones."""
    poses = seen.reading.poses
    turn, place = figure.world()
    turns = np.concatenate([poses.rotation[a : b - over], turn])
    places_ = np.concatenate([poses.position[a : b - over], place]) - falls[a:b, None, None] * UP
    return seam(turns, places_, turns, places_, poses.rig.roots[0], poses.dt, in_place, twins_of(seen.reading.body))


CORRECTION = Correction(
    NAME,
    "Close the loop",
    "loop",
    "The end of a loop is led into its beginning over some frames; what is planted stays.",
    Options,
    ("loop",),
    places,
    propose,
    order=96,
    needs="Needs a clip that loops and does not close. Name one under Show.",
)
