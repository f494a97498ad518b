"""find: a Reading in, the punch list out. Every finding is a sentence an animator would say."""

from collections.abc import Sequence

from ironarc.core.judging.evidence import Evidence
from ironarc.core.judging.finding import CRACKED, RANK, SOUND, STRAINED, Case, Finding, Limits
from ironarc.core.judging.grades import GRADES
from ironarc.core.judging.kinds import KINDS
from ironarc.core.judging.on_flights import can_judge
from ironarc.core.judging.others import NOBODY, Others
from ironarc.core.reading import Reading
from ironarc.core.reading.flights import Flight

__all__ = [
    "CRACKED", "SOUND", "STRAINED", "Finding", "Limits", "can_judge", "find", "flight_grade", "grade_of",
]  # fmt: skip


def find(reading: Reading, limits: Limits = GRADES, others: Others = NOBODY) -> list[Finding]:
    """All findings of a reading: cracked ones first, then by how much a viewer would notice.

    others : what is about it in the shot: bodies it may not stand in, props that strike it
    """
    case = Case(reading, limits, others)
    found = [finding for kind in KINDS.values() for finding in kind.rule(case)]
    kinds = {name: i for i, name in enumerate(KINDS)}
    return sorted(found, key=lambda f: (-RANK[f.grade], -round(f.notice, 6), f.start, kinds[f.kind]))


def evidence_of(finding: Finding, reading: Reading, limits: Limits, others: Others = NOBODY) -> Evidence:
    """The curve and the numbers a finding was made from."""
    return KINDS[finding.kind].evidence(finding, Case(reading, limits, others))


def by_cause(findings: Sequence[Finding]) -> list[list[Finding]]:
    """Findings of one cause together, in the order of the first of each; those left as they are apart. The one that
    says it best comes first: among the worst the first kind of the table, as a jump that hangs before the arc it
    leaves by that."""
    causes: dict[tuple, list[Finding]] = {}
    for i, finding in enumerate(findings):
        causes.setdefault((finding.cause or f"alone-{i}", bool(finding.left)), []).append(finding)
    kinds = {name: i for i, name in enumerate(KINDS)}
    return [sorted(found, key=lambda f: (-RANK[f.grade], kinds[f.kind], -f.notice)) for found in causes.values()]


def grade_of(findings: Sequence[Finding]) -> str:
    """The worst grade among findings that are not left as they are; sound if there are none."""
    return max((f.grade for f in findings if not f.left), key=RANK.get, default=SOUND)


def flight_grade(flight: Flight, findings: Sequence[Finding]) -> str:
    """The grade of one flight: the worst finding that lies on it or on the frames beside it."""
    return grade_of([f for f in findings if f.start <= flight.end + 1 and f.end >= flight.start - 1])
