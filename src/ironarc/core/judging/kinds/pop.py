"""Single frames on which a joint is somewhere else."""

from collections.abc import Iterator

import numpy as np

from ironarc.core.judging.evidence import Evidence
from ironarc.core.judging.finding import Case, Finding
from ironarc.core.judging.grade import Grade
from ironarc.core.judging.kind import Kind
from ironarc.core.judging.on_joints import LIGHT, part_called, spans_of, turned_of
from ironarc.core.reading.joints import read_joints

GRADE = Grade(
    "Pops", 8.0, 15.0, "rad/s",
    "A joint six times as fast for one frame as on the frames around, with no impact to throw it.",
    "Delete the odd key, or turn the joint the short way round.",
)  # fmt: skip


def rule(case: Case) -> Iterator[Finding]:
    """Single frames on which a joint is somewhere else."""
    rate = case.reading.ask(read_joints).jump_rate
    dt = case.reading.poses.dt
    limit = case.limits["pop"].strained
    for joint in np.flatnonzero(rate.max(axis=0, initial=0.0) > limit):
        if case.reading.body.anatomy.meanings[joint].role in LIGHT:
            continue
        for a, b in spans_of(rate[:, joint] > limit):
            k = a + int(rate[a:b, joint].argmax())
            part = part_called(case, joint)
            turn = np.degrees(rate[k, joint] * dt)
            says = (
                f"{part.capitalize()} pops at frame {k + case.first}: {turn:.0f}° in a frame, and not before or after."
            )
            yield from case.raised("pop", float(rate[k, joint]), k + case.first, k + case.first, says, part)


def evidence(finding: Finding, case: Case) -> Evidence:
    """How far the joint turns from frame to frame."""
    return turned_of(finding, case)


KIND = Kind("pop", GRADE, rule, evidence, order=150)
