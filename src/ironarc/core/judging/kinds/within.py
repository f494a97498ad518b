"""A part that stands inside another performer."""

from collections.abc import Iterator

import numpy as np

from ironarc.core import rotation
from ironarc.core.judging.evidence import Evidence, curve, lines
from ironarc.core.judging.finding import Case, Finding, cm
from ironarc.core.judging.grade import LENGTH, Grade
from ironarc.core.judging.kind import Kind
from ironarc.core.judging.others import Beside
from ironarc.core.reading.faults import kept_faults, kept_frames
from ironarc.core.reading.inside import depth_in

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
            fault for what, depth in _depths(case, other)
            for fault in kept_faults(case.reading, KIND.name, depth, kept_frames(case.reading), what, "")
        ]  # fmt: skip
        while faults:
            worst = max(faults, key=lambda f: f.value_m)
            faults = [f for f in faults if f.start > worst.end or f.end < worst.start]
            says = f"{worst.what.capitalize()} is inside {other.name}, {cm(worst.value_m)} deep."
            cause = f"in-{other.name}"
            yield from case.raised(KIND.name, worst.value_m, worst.start, worst.end, says, worst.what, cause)


def _depths(case: Case, other: Beside) -> Iterator[tuple[str, np.ndarray]]:
    """Parts, and how deep (frames,) m their axes are inside another body."""
    poses, parts = case.reading.poses, case.reading.body.parts
    solid = [p for p in other.body.parts if p.segment in SOLID]
    joints, names = [p.joint for p in parts], poses.rig.names
    origin, turn = poses.position[:, joints], poses.rotation[:, joints]
    along = np.array([[p.start_m + share * (p.end_m - p.start_m) for p in parts] for share in ALONG])
    at = origin + rotation.rotate(turn, along[:, None])  # (places along it, frames, parts, 3)
    depth = depth_in(np.moveaxis(at, 2, 0), solid, other.poses).max(axis=1)
    for k, part in enumerate(parts):
        yield f"{part.side} {part.segment}".strip() or names[part.joint], depth[k]


def evidence(finding: Finding, case: Case) -> Evidence:
    """How deep the part is inside anybody else."""
    deepest = [depth for other in case.others.beside for what, depth in _depths(case, other) if what == finding.part]
    depth = np.max(deepest, axis=0) if deepest else np.zeros(len(case.reading.poses.frames))
    return curve(finding, case, "Inside another body", "cm", depth * 100, None, lines(case, KIND.name, 100))


KIND = Kind("within", GRADE, rule, evidence, order=190)
