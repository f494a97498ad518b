"""Bones that are longer or shorter than they are otherwise."""

from collections.abc import Iterator

import numpy as np

from ironarc.core.judging.evidence import Evidence, curve, lines
from ironarc.core.judging.finding import Case, Finding, frames
from ironarc.core.judging.grade import Grade
from ironarc.core.judging.kind import Kind
from ironarc.core.judging.on_joints import most_of, part_called, spans_of
from ironarc.core.reading.joints import read_joints

GRADE = Grade(
    "Stretches", 0.05, 0.15, "share of its length",
    "A bone is as long as it usually is in the motion; 5 % begins to show.",
    "Bring the end of the limb nearer, or move the hips after it.",
)  # fmt: skip


def rule(case: Case) -> Iterator[Finding]:
    """Bones that are longer or shorter than they are otherwise."""
    stretch = case.reading.ask(read_joints).stretch
    limit = case.limits["stretch"].strained
    for joint in np.flatnonzero(stretch.max(axis=0, initial=0.0) > limit):
        for a, b in spans_of(stretch[:, joint] > limit):
            most = float(stretch[a:b, joint].max())
            part = part_called(case, joint)
            says = f"The bone to the {part} is {most * 100:.0f} % off its length over {frames(b - a)}."
            yield from case.raised("stretch", most, a + case.first, b - 1 + case.first, says, part)


def evidence(finding: Finding, case: Case) -> Evidence:
    """How far the bone is off its own length."""
    values = most_of(finding, case, case.reading.ask(read_joints).stretch) * 100
    return curve(finding, case, "Length error", "%", values, None, lines(case, "stretch", 100))


KIND = Kind("stretch", GRADE, rule, evidence, order=170)
