"""A planted part that goes over the ground while it bears weight."""

from collections.abc import Iterator

import numpy as np

from ironarc.core.judging.evidence import Evidence, curve, lines
from ironarc.core.judging.finding import Case, Finding, cm
from ironarc.core.judging.grade import LENGTH, Grade
from ironarc.core.judging.kind import Kind
from ironarc.core.judging.on_contacts import points_of, raised_of, verb
from ironarc.core.reading.faults import SLIDE, ContactFault

GRADE = Grade(
    "Slides", 0.02, 0.06, "m",
    "A part that bears weight and rolls or turns has a point that stays. Captured ones drift by up to 3.4 cm.",
    "Hold the planted part where it first touched.", LENGTH, True,
)  # fmt: skip


def rule(case: Case) -> Iterator[Finding]:
    """A planted part that goes over the ground while it bears weight."""

    def says(fault: ContactFault, what: str) -> str:
        over = "" if fault.surface == "floor" else f" over {case.surface(fault.surface)}"
        return f"{what} {verb(fault, 'slides')} {cm(fault.value_m)}{over} while bearing weight."

    return raised_of(case, SLIDE, says)


def evidence(finding: Finding, case: Case) -> Evidence:
    """The way gone while it should stay."""
    moved = case.reading.traced.track.moved[:, points_of(finding, case)][..., [0, 2]]
    step = np.linalg.norm(moved, axis=-1).min(axis=1)
    inside = (case.reading.poses.frames >= finding.start) & (case.reading.poses.frames < finding.end)
    far = np.concatenate([[0.0], np.cumsum(np.where(inside, step, 0.0))[:-1]]) * 100
    return curve(finding, case, "Slide distance", "cm", far, None, lines(case, "slide", 100))


KIND = Kind("slide", GRADE, rule, evidence, order=70)
