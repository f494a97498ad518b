"""A part that stands inside another performer."""

from collections.abc import Iterator

import numpy as np

from ironarc.core import rotation
from ironarc.core.judging.evidence import Evidence, curve, lines
from ironarc.core.judging.finding import Case, Finding, cm
from ironarc.core.judging.grade import LENGTH, Grade
from ironarc.core.judging.kind import Kind
from ironarc.core.judging.others import Beside, apart_since
from ironarc.core.motion.poses import Poses
from ironarc.core.reading import Reading
from ironarc.core.reading.again import poses_in
from ironarc.core.reading.faults import kept_faults
from ironarc.core.reading.inside import depth_in
from ironarc.core.rows import spans_of
from ironarc.core.shared import patched

SOLID = ("trunk", "head", "thigh", "shank")
ALONG = (0.2, 0.5, 0.8)  # of a part, where it is looked at

GRADE = Grade(
    "Inside another body", 0.03, 0.08, "m",
    "As for a part that passes through: flesh that gives way taken off.",
    "Move one of the two, or lead the part around.", LENGTH,
)  # fmt: skip


def rule(case: Case) -> Iterator[Finding]:
    """Parts that stay inside another performer, the deepest of those that do so together."""
    for other in case.others.beside:
        faults = [
            fault for what, depth in _named(case, other)
            for fault in kept_faults(case.reading, KIND.name, depth, what, "")
        ]  # fmt: skip
        while faults:
            worst = max(faults, key=lambda f: f.value_m)
            faults = [f for f in faults if f.start > worst.end or f.end < worst.start]
            says = f"{worst.what.capitalize()} is inside {other.name}, {cm(worst.value_m)} deep."
            cause = f"in-{other.name}"
            yield from case.raised(KIND.name, worst.value_m, worst.start, worst.end, says, worst.what, cause)


def _named(case: Case, other: Beside) -> Iterator[tuple[str, np.ndarray]]:
    """Parts, and how deep (frames,) m their axes are inside another body."""
    names, depth = case.reading.poses.rig.names, _depths(case.reading, other)
    for k, part in enumerate(case.reading.body.parts):
        yield f"{part.side} {part.segment}".strip() or names[part.joint], depth[:, k]


def _depths(reading: Reading, other: Beside) -> np.ndarray:
    """(frames, parts) m: those that an edit did not move, of either, are known."""
    known, before = reading.ask(_known), reading.before(_known)
    was, had = (reading, known) if other.id in known or before is None else before
    theirs, depth = had.get(other.id, (None, None))
    rows = None if theirs is None else apart_since(was.poses, reading.poses, theirs, other.poses)
    if rows is None:
        depth = _depths_in(reading, other, 0, len(reading.com))
    else:
        depth = patched(depth, spans_of(rows), lambda a, b: _depths_in(reading, other, a, b))
    known[other.id] = other.poses, depth
    return depth


def _known(reading: Reading) -> dict[str, tuple[Poses, np.ndarray]]:
    """Poses of others that depths were found in, and those, by id."""
    return {}


def _depths_in(reading: Reading, other: Beside, a: int, b: int) -> np.ndarray:
    """(frames, parts) m over the frames [a, b), by index."""
    poses, parts, theirs = poses_in(reading.poses, a, b), reading.body.parts, poses_in(other.poses, a, b)
    solid = [p for p in other.body.parts if p.segment in SOLID]
    joints = [p.joint for p in parts]
    origin, turn = poses.position[:, joints], poses.rotation[:, joints]
    along = np.array([[p.start_m + share * (p.end_m - p.start_m) for p in parts] for share in ALONG])
    at = origin + rotation.rotate(turn, along[:, None])  # (places along it, frames, parts, 3)
    return depth_in(np.moveaxis(at, 2, 0), solid, theirs).max(axis=1).T


def evidence(finding: Finding, case: Case) -> Evidence:
    """How deep the part is inside anybody else."""
    deepest = [depth for other in case.others.beside for what, depth in _named(case, other) if what == finding.part]
    depth = np.max(deepest, axis=0) if deepest else np.zeros(len(case.reading.poses.frames))
    return curve(finding, case, "Inside another body", "cm", depth * 100, None, lines(case, KIND.name, 100))


KIND = Kind("within", GRADE, rule, evidence, order=190)
