"""What a kind of finding is: its limits, the rule that raises it, and the curve that it rests on, all in one module;
what one lacks is missed at import."""

from collections.abc import Callable, Iterable
from dataclasses import dataclass

from ironarc.core.judging.evidence import Evidence
from ironarc.core.judging.finding import Case, Finding
from ironarc.core.judging.grade import Grade

Rule = Callable[[Case], Iterable[Finding]]


@dataclass(frozen=True)
class Kind:
    """One kind of finding.

    name : in readings, files and addresses; grade : its limits, label, reason, and what to do by hand
    rule : gives the findings of it; evidence : the curve and the numbers that one was made from
    order : in the table, what says most first
    """

    name: str
    grade: Grade
    rule: Rule
    evidence: Callable[[Finding, Case], Evidence]
    order: int
