"""Knees and elbows past straight."""

from collections.abc import Iterator

import numpy as np

from ironarc.core.judging.evidence import Evidence, curve, lines
from ironarc.core.judging.finding import Case, Finding
from ironarc.core.judging.grade import Grade
from ironarc.core.judging.kind import Kind
from ironarc.core.judging.on_joints import spans_of
from ironarc.core.reading.joints import read_joints

GRADE = Grade(
    "Bends the wrong way", 5.0, 20.0, "degrees",
    "Knees and elbows go 0 to 5 degrees past straight; captured ones read up to 4.6.",
    "Swing the knee or the elbow round to its own side.",
)  # fmt: skip


def rule(case: Case) -> Iterator[Finding]:
    """Knees and elbows past straight."""
    limit = np.radians(case.limits["bend"].strained)
    for hinge in case.reading.ask(read_joints).hinges:
        for a, b in spans_of(hinge.wrong_rad > limit):
            most = float(np.degrees(hinge.wrong_rad[a:b].max()))
            part = f"{hinge.side} {hinge.name}"
            at = a + int(hinge.wrong_rad[a:b].argmax()) + case.first
            says = f"{part.capitalize()} bends {most:.0f}° the wrong way, most at frame {at}."
            yield from case.raised("bend", most, a + case.first, b - 1 + case.first, says, part)


def evidence(finding: Finding, case: Case) -> Evidence:
    """How far past straight the hinge is."""
    hinges = case.reading.ask(read_joints).hinges
    hinge = next(h for h in hinges if f"{h.side} {h.name}" == finding.part)
    return curve(finding, case, "Past straight", "°", np.degrees(hinge.wrong_rad), None, lines(case, "bend"))


KIND = Kind("bend", GRADE, rule, evidence, order=140)
