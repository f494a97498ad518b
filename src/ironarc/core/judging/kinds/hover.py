"""The whole body over what should bear it, and nothing touching."""

from collections.abc import Iterator

from ironarc.core.judging.finding import Case, Finding, cm
from ironarc.core.judging.grade import LENGTH, Grade
from ironarc.core.judging.kind import Kind
from ironarc.core.judging.on_contacts import gap_of as evidence
from ironarc.core.judging.on_contacts import raised_of, verb
from ironarc.core.reading.faults import HOVER, ContactFault

GRADE = Grade(
    "Hovers", 0.02, 0.05, "m",
    "2 cm begins to show as a gap. Captured feet at rest read up to 2.5 cm off the floor.",
    "Lower the hips or the feet until they touch.", LENGTH, True,
)  # fmt: skip


def rule(case: Case) -> Iterator[Finding]:
    """The whole body over what should bear it, and nothing touching."""

    def says(fault: ContactFault, what: str) -> str:
        where = case.surface(fault.surface)
        a, b = fault.start - case.first, fault.end - case.first + 1
        if any(x < b and a < y for x, y in case.reading.footing.hovers):
            high = cm(fault.value_m)
            return f"Stands on something unseen, {high} over {where}: a step? Put one there, or bring it down."
        return (
            f"{what} {verb(fault, 'hovers')} {cm(fault.value_m)} over {where} where the body should rest on something."
        )

    return raised_of(case, HOVER, says)


KIND = Kind("hover", GRADE, rule, evidence, order=50)
