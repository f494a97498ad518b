"""A body thrown off by a blow faster than that blow can throw anything."""

from collections.abc import Iterator

from ironarc.core.judging.evidence import Evidence, curve
from ironarc.core.judging.finding import Case, Finding
from ironarc.core.judging.grade import Grade
from ironarc.core.judging.kind import Kind
from ironarc.core.judging.on_blows import LEAST_MS, called

GRADE = Grade(
    "Thrown too far by a blow", 1.5, 2.5, "times",
    "Of the speed that a limp body's place would be thrown off with: no living one goes faster.",
    "Make the reaction smaller, or let more come: a heavier prop, or a faster one.",
)  # fmt: skip
FRAMES = 3  # that a blow is told on


def rule(case: Case) -> Iterator[Finding]:
    """Places that speed up more than the blow gives them."""
    for blow in case.blows:
        gains, most = blow.gains_ms, max(blow.free_ms, LEAST_MS)
        start, part = int(blow.frame), called(case.reading, blow.joint)
        says = (
            f"{blow.by} hits the {part} with {blow.touch.impulse_ns:.0f} N·s on {blow.frame:.1f}. That throws a limp "
            f"body off at {blow.free_ms:.1f} m/s there; here it is {gains:.1f}."
        )
        cause = f"blow-{blow.source}-{start}"
        yield from case.raised(KIND.name, gains / most, start, start + FRAMES, says, part, cause)


def evidence(finding: Finding, case: Case) -> Evidence:
    """The speed of the place that is struck, along the push."""
    blow = next(b for b in case.blows if int(b.frame) == finding.start)
    return curve(finding, case, "Speed along the push", "m/s", blow.speed)


KIND = Kind("overdone", GRADE, rule, evidence, order=212)
