"""True the landing: the speed it comes with is taken over more depth and time, and nothing stops dead."""

from dataclasses import dataclass

import numpy as np

from ironarc.core import rotation
from ironarc.core.errors import EditError
from ironarc.core.figure.grips import parts_by_joint
from ironarc.core.judging.judge import findings_of
from ironarc.core.reading import Reading, Seen
from ironarc.core.reading.impact import Push, enough_depth, needed_bw, read_pushes
from ironarc.core.truing.carry import Figure, carry, lead_out, planted
from ironarc.core.truing.correction import CM, FRAME, FRAMES, SHARE, Correction, Place, Proposal, Way, option
from ironarc.core.truing.difference import check_root
from ironarc.core.truing.proposing import proposed

NAME = "true_landing"
COMFORTABLE_BW = 5.5  # what a landing is brought down to
LEAST_S, MOST_S = 0.3, 1.2  # that it takes
DEEPEST = 0.105  # of speed times time, that a soft stop goes down by
MOST_RATE = 5.0  # rad/s that parts go on turning with
FOLLOWS = {"spine": 0.5, "head": 0.7, "left arm": 0.8, "right arm": 0.8}


@dataclass(frozen=True)
class Options:
    """frame : of the first contact, or of the pose that stops; depth : cm to go down by, 0 for enough of it
    frames : it takes, 0 for as many as the depth needs; follow : share of their speed that trunk, head and arms go on
    with; recoil : share of the depth that comes back beyond where it settles"""

    frame: int = option("frame it lands on", FRAME)
    depth: float = option("goes down by", CM, 0, 150, default=0.0)
    frames: int = option("frames it takes", FRAMES, 0, 1000, default=0)
    follow: float = option("parts follow through", SHARE, 0, 1, default=0.6)
    recoil: float = option("recoil", SHARE, 0, 0.5, default=0.0)


def places(seen: Seen) -> list[Place]:
    """Landings that are graded, and poses that stop dead; else every landing."""
    reading = seen.reading
    found = [f for f in seen.ask(findings_of) if f.kind in ("landing", "stop")]
    spans = {f.start: (f.start, f.end) for f in found}
    for push in reading.ask(read_pushes):
        if not push.at_take_off:
            spans.setdefault(push.start, (push.start, push.end))
    return [
        Place(a, b, (
            Way("soft", "Taken over more depth", Options(a)),
            Way("recoil", "Taken over more depth, with recoil", Options(a, recoil=0.2)),
        ))
        for a, b in sorted(spans.values())
    ]  # fmt: skip


def propose(seen: Seen, options: Options) -> Proposal:
    """The landing softened. EditError where nothing lands or stops, or too few frames follow."""
    reading = seen.reading
    check_root(seen.performer)
    first, dt, g = int(reading.poses.frames[0]), reading.poses.dt, reading.g
    index = options.frame - first
    if not 1 <= index < len(reading.com):
        raise EditError(f"Frame {options.frame} is not within the shot, or nothing comes before it.")
    push = next(
        (p for p in reading.ask(read_pushes) if not p.at_take_off and p.start - 1 <= options.frame <= p.end + 1), None
    )
    speed, has = _speeds(reading, push, index)
    jump = speed - has
    down = max(-float(jump[1]), 0.0)
    wanted = options.depth / 100 if options.depth else enough_depth(max(-float(speed[1]), 0.0), COMFORTABLE_BW, g)
    if push is not None:
        wanted = max(wanted - (0.0 if options.depth else push.depth_m * 0.5), 0.0)
    need = wanted / (DEEPEST * down) if down > 0.05 else LEAST_S
    frames = options.frames or int(np.rint(np.clip(need, LEAST_S, MOST_S) / dt))
    there = reading.traced.plays[1] - index
    after = [x for x, _ in reading.footing.flights if x > index]
    there = min([there, *(x - index for x in after)])
    if there < 3:
        raise EditError(
            f"Only {max(there, 0)} frames follow frame {options.frame}, too few to take the landing in. Add frames."
        )
    frames = min(frames, there)
    scale = 1.0
    if options.depth and down > 0.05:
        scale = wanted / (DEEPEST * down * frames * dt)
    at = slice(index - 1, index + frames)
    figure = Figure.of(reading, at)
    shape = np.concatenate([[0.0], _recoiling(lead_out(frames), options.recoil)])
    _follow_through(reading, figure, index, shape, options.follow)
    shift = shape[:, None] * jump * dt
    shift[:, 1] *= scale
    shift[:, [0, 2]] *= 0.5  # what slides along the floor is taken by friction, too
    carry(figure, shift, planted(reading, at))
    depth = float(-shift[:, 1].min(initial=0.0)) + (push.depth_m if push else 0.0)
    says = (
        f"Taken in {depth * 100:.0f} cm and {frames} frames: {needed_bw(max(-speed[1], 0.0), depth, g):.1f} body "
        "weights."
    )
    return proposed(seen, figure, CORRECTION, f"at {options.frame}", says)


def _speeds(reading: Reading, push: Push | None, index: int) -> tuple[np.ndarray, np.ndarray]:
    """(3,) m/s it comes with, and that it has from its first contact on."""
    dt, com = reading.poses.dt, reading.com
    after = (com[min(index + 1, len(com) - 1)] - com[index]) / dt
    if push is not None and push.start - 1 <= index + int(reading.poses.frames[0]) <= push.start + 1:
        return push.flight.landing_ms, after
    return (com[index] - com[index - 1]) / dt, after


def _recoiling(shape: np.ndarray, recoil: float) -> np.ndarray:
    """A soft stop that swings beyond where it settles by a share of its depth."""
    if recoil <= 0:
        return shape
    u = np.arange(len(shape)) / len(shape)
    back = np.sin(np.pi * np.clip((u - 0.45) / 0.55, 0, 1)) ** 2
    return shape - recoil * shape.max() * back


def _follow_through(reading: Reading, figure: Figure, index: int, shape: np.ndarray, share: float) -> None:
    """Trunk, head and arms go on turning as they came, and settle."""
    if share <= 0:
        return
    dt = reading.poses.dt
    local = reading.poses.local
    turn = rotation.log(rotation.multiply(rotation.conjugate(local[index - 1]), local[index])) / dt
    size = np.linalg.norm(turn, axis=-1, keepdims=True)
    turn = turn * np.minimum(1.0, MOST_RATE / np.maximum(size, 1e-9))
    parts = parts_by_joint(reading.body)
    for j, part in enumerate(parts):
        if part in FOLLOWS and reading.poses.rig.parents[j] >= 0:
            by = shape[:, None] * turn[j] * dt * share * FOLLOWS[part]
            figure.local[:, j] = rotation.multiply(figure.local[:, j], rotation.exp(by))


CORRECTION = Correction(
    NAME,
    "Soften the landing",
    "landing",
    "The speed it comes with is taken over more depth and time: hips go on down over planted feet, trunk, head and "
    "arms follow through, and all of it settles.",
    Options,
    ("landing", "stop"),
    places,
    propose,
    order=52,
    needs="Needs a landing.",
)
