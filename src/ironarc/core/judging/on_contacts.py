"""What several kinds of finding say of a contact gone wrong: their words, and how far a part is off its surface."""

from collections.abc import Callable, Iterator
from functools import partial

import numpy as np

from ironarc.core.judging.evidence import Evidence, curve, lines
from ironarc.core.judging.finding import Case, Finding
from ironarc.core.reading.faults import ContactFault, contact_faults, single_parts
from ironarc.core.reading.skin import parts_of


def raised_of(case: Case, kind: str, says: Callable[[ContactFault, str], str]) -> Iterator[Finding]:
    """Every fault of a contact of one kind that is past its limit. says : of a fault, and what it is in words"""
    kept = case.kept(kind)
    for fault in case.reading.ask(contact_faults):
        if fault.kind == kind:
            told = fault.value_m, fault.what, fault.surface, fault.start, fault.end
            yield from kept.of(told, partial(_raised, case, fault, says))


def _raised(case: Case, fault: ContactFault, says: Callable[[ContactFault, str], str]) -> Iterator[Finding]:
    words, cause = says(fault, fault.what.capitalize()), f"{fault.kind}-{fault.start}"
    return case.raised(fault.kind, fault.value_m, fault.start, fault.end, words, fault.what, cause)


def verb(fault: ContactFault, one: str) -> str:
    """A verb for one part, or for several."""
    many = len(single_parts(fault.what)) > 1
    return {"passes": "pass"}.get(one, one[:-1]) if many else one


def points_of(finding: Finding, case: Case) -> list[int]:
    """Indices of the skin that a contact's finding is about; all of them for the whole body."""
    skin = case.reading.traced.track.skin
    parts = parts_of(skin, case.reading.poses.rig.names)
    wanted = {part.split(" ", 1)[-1] for part in single_parts(finding.part)}
    found = [i for name, points in parts.items() if any(name.endswith(part) for part in wanted) for i in points]
    return found or list(range(len(skin.points)))


def gap_of(finding: Finding, case: Case) -> Evidence:
    """How far the part is over what it should lie on, less than 0 inside."""
    away = np.stack([s.away for s in case.reading.surfaces.values()]).min(axis=0)[:, points_of(finding, case)]
    lowest = np.where(np.isfinite(away), away, np.nan)
    gap = np.nanmin(np.where(np.isfinite(away).any(axis=1, keepdims=True), lowest, 0.0), axis=1) * 100
    times = 100 if finding.kind == "hover" else -100
    return curve(finding, case, "Over the surface", "cm", gap, None, lines(case, finding.kind, times))
