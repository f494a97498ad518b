"""Turn a knee or an elbow round to its own side, its foot or hand where it is."""

from dataclasses import dataclass

import numpy as np
from scipy.ndimage import maximum_filter1d

from ironarc.core import rotation
from ironarc.core.errors import EditError
from ironarc.core.figure.grips import Limb, limbs_of
from ironarc.core.judging.judge import findings_of
from ironarc.core.motion.ik import dot, unit
from ironarc.core.reading import Reading, Seen
from ironarc.core.reading.joints import read_joints
from ironarc.core.reading.spans import runs
from ironarc.core.truing.anew import as_elsewhere, between, spoiled_span
from ironarc.core.truing.carry import Figure, end_of
from ironarc.core.truing.correction import FRAME, Correction, Place, Proposal, Way, option
from ironarc.core.truing.proposing import indices, proposed

NAME = "unbend"
LEAST_RAD = np.radians(0.5)
STANDS_M = 0.05  # nearer before and after than that, a foot or hand stood where it is


@dataclass(frozen=True)
class Options:
    """start, end : frames on which it bends the wrong way
    between : whether the limb is led from the pose before to the pose after, foot or hand too
    joint : whether its middle joint alone is made anew instead, from what is clean beside it"""

    start: int = option("from", FRAME)
    end: int = option("to", FRAME)
    between: bool = option("led between the poses beside it", default=False)
    joint: bool = option("the joint alone, rebuilt from the frames around it", default=False)


def places(seen: Seen) -> list[Place]:
    """Every knee and elbow that bends the wrong way."""
    return [
        Place(f.start, f.end, (
            Way("joint", "Rebuild the joint from the frames around it", Options(f.start, f.end, joint=True)),
            Way("side", "Round to its own side, foot or hand where it is", Options(f.start, f.end)),
            Way("between", "Led from the pose before to the pose after", Options(f.start, f.end, True)),
        ))
        for f in seen.ask(findings_of) if f.kind == "bend"
    ]  # fmt: skip


def propose(seen: Seen, options: Options) -> Proposal:
    """Knees and elbows turned round. EditError where none bends the wrong way."""
    reading = seen.reading
    a, b = indices(reading, options.start, options.end)
    low, high = reading.traced.plays
    led = max(2, int(np.rint(0.1 / reading.poses.dt)))
    near = slice(max(a - led, low), min(b + led, high))
    at = slice(low, high) if options.joint else near
    figure = Figure.of(reading, at)
    names, most = [], 0.0
    for hinge in reading.ask(read_joints).hinges:
        wrong = np.zeros(len(reading.com))
        wrong[near] = hinge.wrong_rad[near]
        wrong = wrong[at]
        limb = _limb(reading, hinge.joint)
        if limb is None or wrong.max(initial=0.0) < LEAST_RAD:
            continue
        if options.joint:
            _joint_anew(figure, limb, wrong > LEAST_RAD, reading.size)
        elif options.between:
            _led_between(figure, limb, wrong > LEAST_RAD)
        else:
            _unbent(figure, limb, wrong > LEAST_RAD)
        names.append(f"{hinge.side} {hinge.name}")
        most = max(most, float(np.degrees(wrong.max())))
    if not names:
        raise EditError(f"No knee or elbow bends the wrong way from {options.start} to {options.end}.")
    if options.joint:
        becomes = "is rebuilt from the frames around it"
    else:
        becomes = "is led through the poses beside it" if options.between else f"becomes {most:.0f}° with it"
    says = f"{' and '.join(names).capitalize()}: {most:.0f}° against its way {becomes}."
    return proposed(seen, figure, CORRECTION, f"{options.start}–{options.end}", says)


def _limb(reading: Reading, joint: str) -> Limb | None:
    index = reading.poses.rig.index(joint)
    return next((limb for limb in limbs_of(reading.body) if limb.lower == index), None)


def _unbent(figure: Figure, limb: Limb, wrong: np.ndarray) -> None:
    """Mirrors the middle of a limb at the line from its root to its end, within its own plane: nothing twists."""
    turn, at = figure.world()
    root, middle, end = at[:, limb.upper], at[:, limb.lower], end_of(limb, turn, at)
    line = unit(end - root)
    upper, lower = middle - root, end - middle
    to = 2 * line * dot(upper, line) - upper
    one = rotation.multiply(rotation.between(unit(upper), unit(to)), turn[:, limb.upper])
    other = rotation.multiply(
        rotation.between(unit(lower), unit(end - root - to)), turn[:, limb.lower]
    )  # fmt: skip
    above = int(figure.was.rig.parents[limb.upper])
    base = turn[:, above] if above >= 0 else np.broadcast_to(rotation.IDENTITY, one.shape)
    figure.local[wrong, limb.upper] = rotation.multiply(rotation.conjugate(base), one)[wrong]
    figure.local[wrong, limb.lower] = rotation.multiply(rotation.conjugate(one), other)[wrong]
    if limb.end >= 0:
        figure.local[wrong, limb.end] = rotation.multiply(rotation.conjugate(other), turn[:, limb.end])[wrong]


def _led_between(figure: Figure, limb: Limb, wrong: np.ndarray) -> None:
    """The limb from the last good pose before to the first one after: its joints by the shorter way, its far end on the
    straight line between its two places."""
    for a, b in runs(maximum_filter1d(wrong, 3)):
        x, y = max(a - 1, 0), min(b, len(wrong) - 1)
        inside = np.arange(x + 1, y)
        if not len(inside):
            continue
        s = (inside - x) / (y - x)
        s = s * s * (3 - 2 * s)
        was, n = figure.was, len(inside)
        for j in (limb.upper, limb.lower, limb.end):
            if j >= 0:
                ends = (np.broadcast_to(was.local[k, j], (n, 4)) for k in (x, y))
                figure.local[inside, j] = rotation.slerp(*ends, s)
        ends = end_of(limb, was.rotation, was.position)
        target = ends.copy()
        target[inside] = ends[x] + (ends[y] - ends[x]) * s[:, None]
        turn = was.rotation[:, limb.end].copy() if limb.end >= 0 else None
        if turn is not None:
            sides = (np.broadcast_to(turn[k], (n, 4)) for k in (x, y))
            turn[inside] = rotation.slerp(*sides, s)
        kept = figure.local.copy()
        figure.reach(limb, target, turn)
        rest = np.ones(len(wrong), dtype=bool)
        rest[inside] = False
        figure.local[rest] = kept[rest]


def _joint_anew(figure: Figure, limb: Limb, wrong: np.ndarray, size: float) -> None:
    """The middle joint as it is where the rest of the body does the same, else on the smoothest curve between its clean
    neighbours; a foot that stood there stands there."""
    was, n = figure.was, len(wrong)
    for a, b in runs(wrong):
        span = spoiled_span(was.local[:, limb.lower], a, b, was.dt)
        if span is None:
            raise EditError(
                "It bends the wrong way all along: there is no clean pose beside it to go by. Choose another way."
            )
        x, y = span
        alike = as_elsewhere(was.local, limb.lower, list(was.rig.roots), x, y)
        turn = between(was.local[:, limb.lower], x, y) if alike is None else alike
        figure.local[x:y, limb.lower] = turn[x:y]
        ends = end_of(limb, was.rotation, was.position)
        if np.linalg.norm(ends[x - 1] - ends[y]) >= STANDS_M * size:
            continue
        s = np.clip((np.arange(n) - (x - 1)) / (y - x + 1), 0, 1)
        keep = None
        if limb.end >= 0:
            sides = (np.broadcast_to(was.rotation[k, limb.end], (n, 4)) for k in (x - 1, y))
            keep = rotation.slerp(*sides, s)
        kept = figure.local.copy()
        figure.reach(limb, ends[x - 1] + (ends[y] - ends[x - 1]) * s[:, None], keep)
        kept[x:y] = figure.local[x:y]
        figure.local = kept


CORRECTION = Correction(
    NAME,
    "Unbend",
    "bend",
    "A knee or an elbow past straight swings round to its own side, with its foot or hand where it is.",
    Options,
    ("bend",),
    places,
    propose,
    order=6,
    needs="Needs a knee or an elbow bent past straight.",
)
