"""Landing: a fall that is taken in over too little depth."""

from collections.abc import Iterator

from ironarc.core.judging.finding import Case, Finding
from ironarc.core.judging.grade import Grade
from ironarc.core.judging.kind import Kind
from ironarc.core.judging.on_pushes import height_of as evidence
from ironarc.core.judging.on_pushes import raised_of

GRADE = Grade(
    "Landing", 8.0, 15.0, "body weights",
    "1 + v² / (2 g d), touch-down speed v over the depth it is taken in. Hard landings of gymnasts reach 8 to 14.",
    "Let the knees and hips go on down for longer after contact.",
)  # fmt: skip


def rule(case: Case) -> Iterator[Finding]:
    """The mean push of every landing, over the depth it has."""
    return raised_of(case, "landing", False)


KIND = Kind("landing", GRADE, rule, evidence, order=90)
