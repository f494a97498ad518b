"""Necks, spines, shoulders, hips and ankles turned past what a body allows."""

from collections.abc import Iterator

import numpy as np

from ironarc.core.judging.evidence import Evidence, curve, lines
from ironarc.core.judging.finding import Case, Finding
from ironarc.core.judging.grade import Grade
from ironarc.core.judging.kind import Kind
from ironarc.core.judging.on_joints import spans_of

GRADE = Grade(
    "Turned past its range", 5.0, 30.0, "degrees",
    "Degrees past the range: neck 95, spine 115, twist of a shoulder 150, hip 145, ankle 85; captured ones read 54, "
    "60, 118, 125 and 64. Others are typed in Weigh.",
    "Turn the body along with it, or turn it back.",
)  # fmt: skip


def _past_deg(case: Case) -> dict[str, np.ndarray]:
    """(frames,) degrees past its range, by part."""
    reading = case.reading
    return {r.part: np.degrees(r.turned_rad(reading.poses.rotation) - r.most_rad) for r in reading.body.ranges}


def rule(case: Case) -> Iterator[Finding]:
    """Parts turned past their range."""
    for r in case.reading.body.ranges:
        turned = np.degrees(r.turned_rad(case.reading.poses.rotation))
        past = turned - np.degrees(r.most_rad)
        for a, b in spans_of(past > case.limits["turned"].strained):
            at = a + int(past[a:b].argmax())
            verb = "twisted" if r.about is not None else "turned"
            says = (
                f"The {r.part} is {verb} by {turned[at]:.0f}°, {past[at]:.0f}° past its range, at frame "
                f"{at + case.first}."
            )
            yield from case.raised("turned", float(past[at]), a + case.first, b - 1 + case.first, says, r.part)


def evidence(finding: Finding, case: Case) -> Evidence:
    """How far past its range the part is."""
    return curve(finding, case, "Past its range", "°", _past_deg(case)[finding.part], None, lines(case, "turned"))


KIND = Kind("turned", GRADE, rule, evidence, order=145)
