"""Wind-up: a push that takes more than a body can give."""

from collections.abc import Iterator

from ironarc.core.judging.finding import Case, Finding
from ironarc.core.judging.grade import Grade
from ironarc.core.judging.kind import Kind
from ironarc.core.judging.on_pushes import height_of as evidence
from ironarc.core.judging.on_pushes import raised_of

GRADE = Grade(
    "Push at take-off", 4.5, 8.0, "body weights",
    "1 + v² / (2 g d), for take-off speed v over push depth d. Athletes' standing jumps take 2 to 3.",
    "Go down deeper or earlier before the jump, or take less height.",
)  # fmt: skip


def rule(case: Case) -> Iterator[Finding]:
    """The mean push of every take-off, over the depth it has."""
    return raised_of(case, "push", True)


KIND = Kind("push", GRADE, rule, evidence, order=80)
