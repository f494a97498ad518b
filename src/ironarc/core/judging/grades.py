"""Limits of every kind of finding, in one table. Interface, docs and command line read it."""

from collections.abc import Mapping, Sequence
from dataclasses import replace

from ironarc.core.document import Limit
from ironarc.core.judging.grade import Grade
from ironarc.core.judging.kinds import KINDS

GRADES: dict[str, Grade] = {name: kind.grade for name, kind in KINDS.items()}


def limits_of(changed: Sequence[Limit] = (), house: Sequence[Limit] = ()) -> Mapping[str, Grade]:
    """The table with what was changed for the house, and for a shot over that; kinds that are gone are passed over."""
    if not changed and not house:
        return GRADES
    out = dict(GRADES)
    for x in (*house, *changed):
        if x.kind in out:
            out[x.kind] = replace(out[x.kind], strained=x.strained, cracked=x.cracked)
    return out
