"""Poses into which everything stops within one frame, and stands."""

from collections.abc import Iterator

import numpy as np

from ironarc.core import rotation
from ironarc.core.judging.evidence import Evidence, curve
from ironarc.core.judging.finding import Case, Finding
from ironarc.core.judging.grade import SPEED, Grade
from ironarc.core.judging.kind import Kind
from ironarc.core.reading.joints import read_joints

STOP_S = 0.12  # that everything must stand still for

GRADE = Grade(
    "Stops dead", 1.0, 2.5, "m/s",
    "Speed of the fastest part in the frame before everything stands still; a living body settles.",
    "Let the parts arrive one after the other, and let the pose breathe.", SPEED,
)  # fmt: skip


def rule(case: Case) -> Iterator[Finding]:
    """Poses into which everything stops within one frame, and stands."""
    reading = case.reading
    for a, b, speed in reading.ask(read_joints).freezes:
        if (b - a) * reading.poses.dt < STOP_S:
            continue
        says = (
            f"Stops dead: the fastest part goes from {speed:.1f} m/s to nothing in a frame, and all of it stands still."
        )
        yield from case.raised("stop", speed, a + case.first, b + case.first, says)


def evidence(finding: Finding, case: Case) -> Evidence:
    """The speed of the fastest part."""
    poses = case.reading.poses
    moved = rotation.length(np.diff(poses.position, axis=0)).max(axis=1) / poses.dt
    speed = np.concatenate([moved[:1], moved]) if len(moved) else np.zeros(len(poses.frames))
    return curve(finding, case, "Speed of the fastest part", "m/s", speed)


KIND = Kind("stop", GRADE, rule, evidence, order=130)
