"""Corrections tried before they are taken: what each settles, leaves, makes worse or brings new, and which is best."""

from collections.abc import Sequence
from dataclasses import dataclass

from ironarc.core import effort
from ironarc.core.errors import EditError
from ironarc.core.judging import Finding, judge
from ironarc.core.judging.finding import STRAINED
from ironarc.core.judging.judge import match
from ironarc.core.judging.plain_units import told
from ironarc.core.reading.shot import Seen
from ironarc.core.truing import places_at, propose
from ironarc.core.truing.correction import Correction, Proposal, Try, Way
from ironarc.core.truing.residue import Residue, harm, price, residue

SPOILS, HARMS = 0.3, 3.0  # m/s, that a finding made worse or new costs, and what physics refuses
DEAR = 2.5  # of `Cost.size`, from which a way is much for what is only strained
LIKELY = 1.0  # m/s, that a way is worth more which what is seen speaks for
OF_JOINTS = frozenset({"bend", "pop", "stretch"})  # what a joint alone does
WORSE = 1.03  # times its value, from which a finding counts as worse


def judged(seen: Seen) -> list[Finding]:
    """The findings of what is seen, by the limits that count there."""
    return judge(seen.shot, seen.performer, seen.reading, seen.house)


@dataclass(frozen=True)
class Outcome:
    """A correction that was tried.

    way : of the correction, or None for one asked for by its options; proposal : what it is
    seen : the shot with it; findings : of that
    settled, worse : findings as they were before; new : those that were not there; left : still there, not worse
    was : what physics did not give before
    """

    wanted: Try
    way: Way | None
    proposal: Proposal
    seen: Seen
    findings: tuple[Finding, ...]
    settled: tuple[Finding, ...]
    left: tuple[Finding, ...]
    worse: tuple[Finding, ...]
    new: tuple[Finding, ...]
    was: Residue

    @property
    def label(self) -> str:
        return (self.way and self.way.label) or self.wanted.correction.label

    @property
    def harms(self) -> bool:
        return bool(self.worse or self.new)

    @property
    def left_over(self) -> Residue:
        """What physics does not give with it."""
        return self.seen.reading.ask(residue)

    @property
    def harm(self) -> str:
        """What it makes worse of what physics asks for, in words, or "", whatever the findings say."""
        of_joints = OF_JOINTS.issuperset(self.wanted.correction.settles)
        return harm(self.was, self.left_over, self.proposal.frames, of_joints, self.proposal.pace)

    @property
    def price(self) -> float:
        """m/s gained from nothing: what it leaves that physics does not give, and what it changes."""
        spoils = len(self.new) + len(self.worse)
        frames, pace = self.proposal.frames, self.proposal.pace
        # one change of speed stands for the frames that each of the flights it explains would take or give
        paid = price(self.was, self.left_over, frames / self.proposal.flights)
        harms = harm(self.was, self.left_over, frames, pace=pace)
        paid -= LIKELY if self.proposal.likely else 0.0
        return paid + SPOILS * spoils + (HARMS if harms else 0.0)

    def dear(self, finding: Finding) -> str:
        """That it changes the acting out of proportion to what it puts right, as a sentence, or ""."""
        if finding.grade != STRAINED or self.proposal.cost.size < DEAR:
            return ""
        return f"A big change to the acting for {told(finding.value, finding.unit)}: look first whether to leave it."

    def settles(self, finding: Finding) -> bool:
        return any(f.id == finding.id for f in self.settled)

    @property
    def says(self) -> str:
        """What it settles, leaves and brings, in words."""
        out = [f"Settles {count(self.settled)}." if self.settled else "Settles nothing."]
        if self.left:
            out.append(f"{count(self.left).capitalize()} stay{'s' if len(self.left) == 1 else ''}.")
        if self.worse:
            out.append(f"{count(self.worse).capitalize()} get{'s' if len(self.worse) == 1 else ''} worse.")
        if self.new:
            kinds = ", ".join(sorted({f.kind for f in self.new}))
            out.append(f"Brings {count(self.new)}: {kinds}.")
        return " ".join(out)


def count(findings: Sequence[Finding]) -> str:
    n = len(findings)
    return f"{n} finding{'' if n == 1 else 's'}"


def tried(seen: Seen, before: Sequence[Finding], wanted: Try, way: Way | None = None) -> Outcome:
    """What comes of a correction. Raises EditError where it can't be made."""
    proposal = propose(seen, wanted)
    after = seen.on(proposal.edit.apply(seen.shot))
    found = judged(after)
    was = [f for f in before if not f.left]
    now = [f for f in found if not f.left]
    pairs = match(was, now)
    there = [f for f in was if pairs[f.id] is not None]
    worse = [f for f in there if pairs[f.id].value > f.value * WORSE]
    matched = {f.id for f in pairs.values() if f is not None}
    return Outcome(
        wanted, way, proposal, after, tuple(found), tuple(f for f in was if pairs[f.id] is None),
        tuple(f for f in there if f not in worse), tuple(worse), tuple(f for f in now if f.id not in matched),
        seen.reading.ask(residue),
    )  # fmt: skip


def ways(seen: Seen, start: int, end: int, kind: str = "") -> list[tuple[Try, Way]]:
    """Every way of every correction for a span; with `kind`, of those that settle it; quick ones first."""
    found = [pair for place in places_at(seen, start, end, kind) for pair in place]
    return sorted(found, key=lambda pair: pair[0].correction.long or pair[1].long)


def outcomes(
    seen: Seen, before: Sequence[Finding], finding: Finding, thorough: bool = False,
    untried: list[tuple[Try, Way]] | None = None,
) -> list[Outcome]:  # fmt: skip
    """What can settle a finding, tried, the best first: those that settle it and harm nothing, by their price; then the
    others.

    thorough : tries also what takes long where something quick will do (but not the whole span)
    untried : gets the ways that there was no need, or no time, to try
    """
    untried = [] if untried is None else untried
    out: list[Outcome] = []
    for wanted, way in ways(seen, finding.start, finding.end, finding.kind):
        slow = wanted.correction.long or (way.long and not thorough)
        if slow and any(_clean(o, finding) and not o.harm for o in out):
            untried.append((wanted, way))
            continue
        try:
            out.append(tried(seen, before, wanted, way))
        except effort.TooMuch:
            untried.append((wanted, way))
        except EditError:
            continue  # it can't be made here
    return sorted(out, key=lambda o: _rank(o, finding))


def _clean(outcome: Outcome, finding: Finding) -> bool:
    """Whether it settles the finding and all that belongs to it, and harms nothing."""
    return (
        outcome.settles(finding) and not outcome.harms and not _together(outcome, finding)
        and not outcome.wanted.correction.marks
    )  # fmt: skip


def _together(outcome: Outcome, finding: Finding) -> int:
    """How many findings of the same cause it leaves."""
    return sum(bool(finding.cause) and f.cause == finding.cause for f in outcome.left)


def _rank(outcome: Outcome, finding: Finding) -> tuple:
    """What settles it first and brings nothing; of those what leaves least that physics does not give and changes
    least. What meets half-way is for a person to choose."""
    choice = bool(outcome.way and outcome.way.choice)
    harms = outcome.harms or bool(outcome.harm)
    return outcome.wanted.correction.marks, not outcome.settles(finding), harms, choice, outcome.price


def best(
    seen: Seen, before: Sequence[Finding], finding: Finding, thorough: bool = False
) -> Outcome | None:  # fmt: skip
    """The way that is taken by default: the first of `outcomes`, if it settles the finding and is no marking as meant;
    None where none does."""
    ranked = [o for o in outcomes(seen, before, finding, thorough) if not o.wanted.correction.marks]
    # what lies between two others is for a person to choose
    found = [o for o in ranked if not (o.way and o.way.choice)] or ranked
    return found[0] if found and found[0].settles(finding) else None


__all__ = ["Correction", "Outcome", "best", "judged", "outcomes", "tried", "ways"]
