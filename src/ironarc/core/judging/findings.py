"""find: a Reading in, the punch list out. Every finding is a sentence an animator would say."""

from bisect import bisect_left, bisect_right
from collections.abc import Iterator, Mapping, Sequence
from dataclasses import dataclass
from operator import attrgetter

from ironarc.core.judging.evidence import Evidence
from ironarc.core.judging.finding import CRACKED, RANK, SOUND, STRAINED, Case, Finding, Limits
from ironarc.core.judging.grade import Grade
from ironarc.core.judging.grades import GRADES
from ironarc.core.judging.kind import Kind
from ironarc.core.judging.kinds import KINDS
from ironarc.core.judging.on_flights import can_judge
from ironarc.core.judging.others import NOBODY, Others
from ironarc.core.reading import Reading
from ironarc.core.reading.flights import Flight

__all__ = [
    "CRACKED", "SOUND", "STRAINED", "Finding", "Limits", "can_judge", "find", "flight_grades", "grade_of",
]  # fmt: skip


def find(reading: Reading, limits: Limits = GRADES, others: Others = NOBODY) -> list[Finding]:
    """All findings of a reading: cracked ones first, then by how much a viewer would notice.

    others : what is about it in the shot: bodies it may not stand in, props that strike it
    """
    ruled = reading.ask(_ruled)
    found: list[Finding] = []
    for kind in KINDS.values():
        known = ruled.get(kind.name)
        if known is None or not known.holds(limits, others):
            known = ruled[kind.name] = _by_rule(kind, reading, limits, others)
        found += known.findings
    # those alike stay in the order of their kinds
    return sorted(found, key=attrgetter("order"))


@dataclass(frozen=True, eq=False)
class _Ruled:
    """What a rule found in a reading. limits : those that it looked at; others : what was about it, None where the
    rule did not look"""

    findings: tuple[Finding, ...]
    limits: Limits
    others: Others | None

    def holds(self, limits: Limits, others: Others) -> bool:
        """Whether it would find the same."""
        return (self.others is None or self.others.is_like(others)) and all(
            limits[name] == grade for name, grade in self.limits.items()
        )


def _ruled(reading: Reading) -> dict[str, _Ruled]:
    """What rules found in a reading, by kind: few look at a limit that is changed, or at who moves beside it."""
    return {}


def _by_rule(kind: Kind, reading: Reading, limits: Limits, others: Others) -> _Ruled:
    looked = _Looked(limits)
    case = Case(reading, looked, others)
    found, before = tuple(kind.rule(case)), reading.before(_ruled)
    if before and kind.name in before[1]:
        found = _as_they_were(found, before[1][kind.name].findings)
    return _Ruled(found, looked.at, others if case.asked else None)


def _as_they_were(found: tuple[Finding, ...], before: tuple[Finding, ...]) -> tuple[Finding, ...]:
    """Findings, those equal to one of before being the very same."""
    known = {id(f) for f in before}
    if all(id(f) in known for f in found):
        return found
    alike = {(f.start, f.end, f.part): f for f in before}
    return tuple(was if (was := alike.get((f.start, f.end, f.part))) == f else f for f in found)


class _Looked(Mapping):
    """Limits that remember which of them were looked at."""

    def __init__(self, limits: Limits):
        self.limits, self.at = limits, {}

    def __getitem__(self, name: str) -> Grade:
        return self.at.setdefault(name, self.limits[name])

    def __iter__(self) -> Iterator[str]:
        return iter(self.limits)

    def __len__(self) -> int:
        return len(self.limits)


def evidence_of(finding: Finding, reading: Reading, limits: Limits, others: Others = NOBODY) -> Evidence:
    """The curve and the numbers a finding was made from."""
    return KINDS[finding.kind].evidence(finding, Case(reading, limits, others))


def by_cause(findings: Sequence[Finding]) -> list[list[Finding]]:
    """Findings of one cause together, in the order of the first of each; those left as they are apart. The one that
    says it best comes first: among the worst the first kind of the table, as a jump that hangs before the arc it
    leaves by that."""
    causes: dict[tuple, list[Finding]] = {}
    for i, finding in enumerate(findings):
        causes.setdefault((finding.cause or i, bool(finding.left)), []).append(finding)
    kinds = {name: i for i, name in enumerate(KINDS)}
    for found in causes.values():
        if len(found) > 1:
            found.sort(key=lambda f: (-RANK[f.grade], kinds[f.kind], -f.notice))
    return list(causes.values())


def grade_of(findings: Sequence[Finding]) -> str:
    """The worst grade among findings that are not left as they are; sound if there are none."""
    return max((f.grade for f in findings if not f.left), key=RANK.get, default=SOUND)


def flight_grades(flights: Sequence[Flight], findings: Sequence[Finding]) -> list[str]:
    """The grade of each flight: the worst finding that lies on it or on the frames beside it."""
    grades = [SOUND] * len(flights)
    for grade in (STRAINED, CRACKED):
        told = [f for f in findings if f.grade == grade and not f.left]
        starts, ends = sorted(f.start for f in told), sorted(f.end for f in told)
        for i, x in enumerate(flights):
            # more have begun by its end than have ended before it
            if bisect_right(starts, x.end + 1) > bisect_left(ends, x.start - 1):
                grades[i] = grade
    return grades
