"""Necks, spines, shoulders, hips and ankles turned past what a body allows."""

from collections.abc import Iterator

import numpy as np

from ironarc.core.judging.evidence import Evidence, curve, lines
from ironarc.core.judging.finding import Case, Finding
from ironarc.core.judging.grade import Grade
from ironarc.core.judging.kind import Kind
from ironarc.core.judging.on_joints import spans_of
from ironarc.core.reading import Reading
from ironarc.core.reading.again import by_frames

GRADE = Grade(
    "Turned past its range", 5.0, 30.0, "degrees",
    "Degrees past the range: neck 95, spine 115, twist of a shoulder 150, hip 145, ankle 85; captured ones read 54, "
    "60, 118, 125 and 64. Others are typed in Weigh.",
    "Turn the body along with it, or turn it back.",
)  # fmt: skip


@by_frames
def _turned(reading: Reading) -> dict[str, np.ndarray]:
    """(frames,) degrees that parts are turned by, by part."""
    return {r.part: np.degrees(r.turned_rad(reading.poses.rotation)) for r in reading.body.ranges}


def rule(case: Case) -> Iterator[Finding]:
    """Parts turned past their range."""
    for r in case.reading.body.ranges:
        turned = case.reading.ask(_turned)[r.part]
        past = turned - r.most_deg
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
    r = next(r for r in case.reading.body.ranges if r.part == finding.part)
    past = case.reading.ask(_turned)[r.part] - r.most_deg
    return curve(finding, case, "Past its range", "°", past, None, lines(case, "turned"))


KIND = Kind("turned", GRADE, rule, evidence, order=145)
