"""Limits of every kind of finding, in one table, with unit and reason. Interface, docs and command line read it."""

from collections.abc import Mapping, Sequence
from dataclasses import dataclass, replace

from ironarc.core.document import Limit


@dataclass(frozen=True)
class Grade:
    """Limits of one kind of finding. `scales` is how they grow with the figure: "" or "length"."""

    label: str
    strained: float
    cracked: float
    unit: str
    reason: str
    scales: str = ""


GRADES = {
    "hang": Grade(
        "Hang time", 0.12, 0.30, "share of g",
        "Captured flights lie within 3 %; a jump 12 % off reads as floaty or leaden."),
    "arc": Grade(
        "Off the arc", 0.03, 0.08, "m",
        "Captured leaps stay within 1 to 4 mm; 3 cm begins to show as a bump or a drift.", "length"),
    "spin": Grade(
        "Spin not steady", 0.20, 0.45, "share of mean spin",
        "Nothing can change the spin in the air; captured kicks hold it within 12 to 15 %."),
    "kink": Grade(
        "Kink at take-off or landing", 1.0, 2.0, "m/s",
        "Speed gained or lost between two neighbouring frames; captured leaps show 0.4 to 0.6 m/s.", "speed"),
}  # fmt: skip


def limits_of(changed: Sequence[Limit] = ()) -> Mapping[str, Grade]:
    """The table with what a person changed for a shot; kinds that are not in it any more are passed over."""
    if not changed:
        return GRADES
    return GRADES | {
        x.kind: replace(GRADES[x.kind], strained=x.strained, cracked=x.cracked) for x in changed if x.kind in GRADES
    }
