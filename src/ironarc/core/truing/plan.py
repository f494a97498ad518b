"""Several corrections in a row, as one step with a layer each: a plan that is spelled out, or all that is found."""

from collections.abc import Callable, Sequence
from dataclasses import dataclass
from functools import partial

from ironarc.core.edits.base import Edit, Together
from ironarc.core.edits.commands.registry import Frame, command
from ironarc.core.errors import EditError
from ironarc.core.judging import Finding
from ironarc.core.reading.shot import Seen
from ironarc.core.truing import CORRECTIONS, propose
from ironarc.core.truing.correction import Correction, Place, Try
from ironarc.core.truing.trial import best, judged

ALL = "all"
MOST_ROUNDS = 40
WEIGHTS = {"cracked": 3.0, "strained": 1.0}  # of findings, those settled against those it brings
Report = Callable[[int, int, str], bool]  # (done, in all, what) -> whether to go on


@dataclass(frozen=True)
class Step:
    """A correction that a plan made. label : it and its way; start, end : frames of the shot then; says : its cost"""

    name: str
    label: str
    start: int
    end: int
    says: str


@dataclass(frozen=True)
class Made:
    """A plan that was carried out. edit : all of it, or None where nothing was to be done; seen : the shot with it
    steps : what was made; skipped : what could not be, in words; before, after : findings"""

    edit: Edit | None
    seen: Seen
    steps: tuple[Step, ...]
    skipped: tuple[str, ...]
    before: tuple[Finding, ...]
    after: tuple[Finding, ...]


def read_plan(text: str) -> list[tuple[Correction, str]]:
    """Corrections and ways of a plan like "footing,arc:time,spin". EditError for a name that is none."""
    by_flag = {found.flag: found for found in CORRECTIONS.values()}
    out = []
    for entry in filter(None, (e.strip() for e in text.split(","))):
        flag, _, way = entry.partition(":")
        if flag not in by_flag:
            raise EditError(f"There is no correction called {flag[:30]!r}; there are {', '.join(by_flag)}, and all.")
        out.append((by_flag[flag], way))
    if not out:
        raise EditError("A plan names at least one correction, as “footing, arc:time, spin”.")
    return out


def carry_out(
    seen: Seen, plan: str, span: tuple[int, int] | None = None, report: Report | None = None
) -> Made:  # fmt: skip
    """Makes every correction of a plan wherever there is something for it to settle, each on what the one before it
    made; "all" takes the default way for each finding in the usual order.

    span : frames of the shot, as it is, that places and findings must touch. Raises EditError for a plan that can't be
    read, or a way that nothing has.
    """
    before = tuple(judged(seen))
    everything = plan.strip() == ALL
    make = _all if everything else partial(_spelled, read_plan(plan))
    there, edits, steps, skipped = make(seen, span, report)
    edit = None
    if edits:
        words = f"True by plan: {plan.strip()}" if len(plan) < 60 else "True by plan"
        edit = edits[0] if len(edits) == 1 else Together(tuple(edits), words)
    return Made(edit, there, tuple(steps), tuple(skipped), before, tuple(judged(there)))


def _spelled(plan: list[tuple[Correction, str]], seen: Seen, span, report: Report | None):
    edits, steps, skipped = [], [], []
    for number, (found, way) in enumerate(plan):
        if report is not None and not report(number, len(plan), found.label):
            break
        done: set[int] = set()
        for _ in range(MOST_ROUNDS):
            place = _next_place(seen, judged(seen), found, span, done)
            if place is None:
                break
            done.add(_own_middle(seen, place))
            chosen = place.way(way)
            if chosen is None:
                known = ", ".join(w.name for w in place.ways if w.name)
                if not known or way not in found.ways:
                    raise EditError(f"{found.label} can't be made the way {way!r}; ways here: {known or 'one only'}.")
                skipped.append(f"{found.label}, frames {place.start}–{place.end}: nothing to change by {way}.")
                continue
            try:
                proposal = propose(seen, Try(found, chosen.options))
            except EditError as error:
                skipped.append(f"{found.label}, frames {place.start}–{place.end}: {error}")
                continue
            edits.append(proposal.edit)
            seen = seen.on(proposal.edit.apply(seen.shot))
            steps.append(Step(found.name, chosen.label or found.label, place.start, place.end, proposal.cost.says))
    return seen, edits, steps, skipped


def _next_place(
    seen: Seen, findings: Sequence[Finding], found: Correction, span, done: set[int]
) -> Place | None:  # fmt: skip
    """The first place with something to settle that was not tried yet; its middle, in own frames, is what it is known
    by. What is sound is left as it is."""
    open_ = [f for f in findings if not f.left and f.kind in found.settles]
    for place in seen.ask(found.places):
        if not any(f.start <= place.end + 1 and place.start - 1 <= f.end for f in open_):
            continue
        if span is not None and not (place.start <= span[1] and span[0] <= place.end):
            continue
        if not any(abs(_own_middle(seen, place) - d) <= 2 for d in done):
            return place
    return None


def _own_middle(seen: Seen, place: Place) -> int:
    return seen.performer.timing.own_frame((place.start + place.end) // 2)


def _all(seen: Seen, span, report: Report | None):
    edits: list[Edit] = []
    steps: list[Step] = []
    given_up: dict[tuple, tuple[int, str]] = {}  # of a finding: how many steps were made then, and why
    first = {kind: found for found in reversed(CORRECTIONS.values()) for kind in found.settles}
    for number in range(MOST_ROUNDS):
        open_ = [
            f for f in judged(seen)
            if not f.left and f.kind in first and (span is None or (f.start <= span[1] and span[0] <= f.end))
        ]  # fmt: skip
        found = [f for f in open_ if _key(f) not in given_up]
        # what was settled since may have stood in the way
        found = found or [f for f in open_ if given_up[_key(f)][0] < len(steps)]
        if not found:
            break
        finding = min(found, key=lambda f: (first[f.kind].order, f.start))
        what = f"{finding.kind} at {finding.start}–{finding.end}"
        if report is not None and not report(number, number + len(found), what):
            break
        outcome = best(seen, judged(seen), finding, thorough=True)
        refused = outcome is not None and outcome.harm
        if outcome is None or refused or _weight((*outcome.new, *outcome.worse)) >= _weight(outcome.settled):
            why = "nothing settles it without harm" if outcome is not None else "nothing settles it"
            why += f" ({outcome.label}: {refused})" if refused else ""
            why = f"{finding.kind}, frames {finding.start}–{finding.end}: {why}."
            given_up[_key(finding)] = len(steps), why
            continue
        given_up.pop(_key(finding), None)
        edits.append(outcome.proposal.edit)
        steps.append(
            Step(outcome.wanted.correction.name, outcome.label, finding.start, finding.end, outcome.proposal.cost.says)
        )
        seen = outcome.seen
    still = {_key(f) for f in judged(seen)}
    return seen, edits, steps, [why for key, (_, why) in given_up.items() if key in still]


def _weight(findings: Sequence[Finding]) -> float:
    return sum(WEIGHTS.get(f.grade, 0.0) for f in findings)


def _key(finding: Finding) -> tuple:
    """What a finding is known by from round to round: its kind and part, and about where it is."""
    return finding.kind, finding.part, sum(finding.own) // 8


@command
def true_by_plan(
    seen: Seen, plan: str, performer: str = "", start: Frame | None = None, end: Frame | None = None
) -> Edit:
    """Corrections in a row as one step: "footing, arc:time, spin", or "all"."""
    span = None if start is None or end is None else (start, end)
    made = carry_out(seen, plan, span)
    if made.edit is None:
        raise EditError(f"This plan finds nothing to put right. {' '.join(made.skipped)}".strip())
    return made.edit


def over(before: Sequence[Finding], after: Sequence[Finding]) -> tuple[int, int]:
    """How many findings that are not left as they are there were, and are."""
    return sum(not f.left for f in before), sum(not f.left for f in after)


__all__ = ["ALL", "Made", "Step", "carry_out", "over", "read_plan"]
