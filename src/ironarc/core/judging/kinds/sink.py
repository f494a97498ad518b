"""A part kept under the floor or inside a prop that it rests on."""

from collections.abc import Iterator

from ironarc.core.judging.finding import Case, Finding, cm
from ironarc.core.judging.grade import LENGTH, Grade
from ironarc.core.judging.kind import Kind
from ironarc.core.judging.on_contacts import gap_of as evidence
from ironarc.core.judging.on_contacts import raised_of, verb
from ironarc.core.reading.faults import SINK, ContactFault

GRADE = Grade(
    "Sinks in", 0.015, 0.04, "m",
    "Captured soles lie within 1.5 cm of the floor; round parts give way by a third of their girth.",
    "Raise the hips or bend the knees until the sole lies on the floor.", LENGTH, True,
)  # fmt: skip


def rule(case: Case) -> Iterator[Finding]:
    """A part kept under the floor or inside a prop that it rests on."""

    def says(fault: ContactFault, what: str) -> str:
        return f"{what} {verb(fault, 'sinks')} {cm(fault.value_m)} into {case.surface(fault.surface)}."

    return raised_of(case, SINK, says)


KIND = Kind("sink", GRADE, rule, evidence, order=60)
