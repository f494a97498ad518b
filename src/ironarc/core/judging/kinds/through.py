"""A part that passes through a prop, or through the body itself."""

from collections.abc import Iterator

from ironarc.core.judging.finding import Case, Finding, cm
from ironarc.core.judging.grade import LENGTH, Grade
from ironarc.core.judging.kind import Kind
from ironarc.core.judging.on_contacts import gap_of as evidence
from ironarc.core.judging.on_contacts import raised_of, verb
from ironarc.core.reading.faults import THROUGH, ContactFault

GRADE = Grade(
    "Passes through", 0.03, 0.08, "m",
    "Flesh that gives way taken off; hands on hips and crossed legs stay below.",
    "Lead the part around, or move what it passes through.", LENGTH,
)  # fmt: skip


def rule(case: Case) -> Iterator[Finding]:
    """A part that passes through a prop, or through the body itself."""

    def says(fault: ContactFault, what: str) -> str:
        through = "the body" if not fault.surface else case.surface(fault.surface)
        return f"{what} {verb(fault, 'passes')} through {through}, {cm(fault.value_m)} deep."

    return raised_of(case, THROUGH, says)


KIND = Kind("through", GRADE, rule, evidence, order=180)
