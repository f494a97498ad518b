"""What a person says of the findings: which are left as they are, and where the limits lie."""

from ironarc.core.document import Left, Limit
from ironarc.core.edits.base import Edit
from ironarc.core.edits.commands.registry import command
from ironarc.core.edits.items import SetItem
from ironarc.core.edits.of_shot import SetShot
from ironarc.core.errors import EditError
from ironarc.core.judging import Finding, judge
from ironarc.core.judging.grades import GRADES
from ironarc.core.reading.shot import Seen


@command
def leave_findings(seen: Seen, performer: str, findings: list[str], reason: str) -> Edit:
    """Leaves findings as they are, on purpose, with the reason: those of one cause are left as one."""
    p, found = seen.performer, _findings(seen, findings)
    left = tuple(Left(f.kind, *f.own, reason.strip(), f.part, f.value).checked() for f in found)
    words = f"Leave “{GRADES[found[0].kind].label}” as it is"
    return SetItem(p.id, "performer", {"left": (*_without(seen, found), *left)}, words)


@command
def take_up_findings(seen: Seen, performer: str, findings: list[str]) -> Edit:
    """Findings that were left count again."""
    found = _findings(seen, findings)
    words = f"Count “{GRADES[found[0].kind].label}” again"
    return SetItem(seen.performer.id, "performer", {"left": _without(seen, found)}, words)


@command
def set_limit(seen: Seen, finding: str, strained: float, cracked: float) -> Edit:
    """Limits of a kind of finding, for this shot only, in its own unit."""
    _kind(finding)
    limits = tuple(x for x in seen.shot.limits if x.kind != finding)
    words = f"Limits of “{GRADES[finding].label}”"
    return SetShot({"limits": (*limits, Limit(finding, strained, cracked))}, words)


@command
def reset_limits(seen: Seen, finding: str = "") -> Edit:
    """The limits as they are elsewhere: of one kind of finding, or of all."""
    if finding:
        _kind(finding)
    limits = tuple(x for x in seen.shot.limits if finding and x.kind != finding)
    return SetShot({"limits": limits}, f"Reset the limits of “{GRADES[finding].label}”" if finding else "Reset limits")


def _kind(kind: str) -> None:
    if kind not in GRADES:
        raise EditError(f"There is no finding called {kind}; there are {', '.join(GRADES)}.")


def _findings(seen: Seen, wanted: list[str]) -> list[Finding]:
    """The findings of these ids. EditError where one has gone."""
    known = getattr(seen, "findings", None) or judge(seen.shot, seen.performer, seen.reading, seen.house)
    there = {f.id: f for f in known}
    if not wanted or not set(wanted) <= set(there):
        raise EditError("That finding is not there any more. Look at the punch list as it is now.")
    return [there[name] for name in wanted]


def _without(seen: Seen, found: list[Finding]) -> tuple[Left, ...]:
    """What is left as it is, without what says so of these findings."""
    return tuple(
        x for x in seen.performer.left
        if not any((x.kind, x.part) == (f.kind, f.part) and x.end >= f.own[0] and x.start <= f.own[1] for f in found)
    )  # fmt: skip
