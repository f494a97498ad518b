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
def leave_finding(seen: Seen, performer: str, finding: str, reason: str) -> Edit:
    """Leaves a finding as it is, on purpose, with the reason."""
    p, found = seen.performer, _finding(seen, finding)
    left = Left(found.kind, *found.own, reason.strip(), found.part).checked()
    return SetItem(
        p.id, "performer", {"left": (*_without(seen, found), left)}, f"Leave “{GRADES[found.kind].label}” as it is"
    )


@command
def take_up_finding(seen: Seen, performer: str, finding: str) -> Edit:
    """A finding that was left counts again."""
    found = _finding(seen, finding)
    return SetItem(
        seen.performer.id, "performer", {"left": _without(seen, found)}, f"Take up “{GRADES[found.kind].label}” again"
    )


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


def _finding(seen: Seen, wanted: str) -> Finding:
    """The finding of this id. EditError where it has gone."""
    for found in getattr(seen, "findings", None) or judge(seen.shot, seen.performer, seen.reading):
        if found.id == wanted:
            return found
    raise EditError("That finding is not there any more. Look at the punch list as it is now.")


def _without(seen: Seen, found: Finding) -> tuple[Left, ...]:
    """What is left as it is, without what says so of this finding."""
    a, b = found.own
    return tuple(
        x for x in seen.performer.left if (x.kind, x.part) != (found.kind, found.part) or x.end < a or x.start > b
    )
