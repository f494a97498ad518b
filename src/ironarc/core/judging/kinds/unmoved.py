"""A body that takes a blow as if nothing had struck it."""

from collections.abc import Iterator

from ironarc.core.judging.evidence import Evidence, curve
from ironarc.core.judging.finding import Case, Finding
from ironarc.core.judging.grade import Grade
from ironarc.core.judging.kind import Kind
from ironarc.core.judging.on_blows import FELT_MS, called

GRADE = Grade(
    "Takes a blow unmoved", 50.0, 90.0, "%",
    "Missing of a tenth of what a limp body's place would be thrown off with: a stiff one that stands gives a "
    "fifth of it.",
    "Let what is struck give way from the frame of the blow on, the rest after it.",
)  # fmt: skip
STIFFEST = 0.1  # of what a limp body's place would be thrown off with, that the stiffest is
FRAMES = 3  # that a blow is told on


def rule(case: Case) -> Iterator[Finding]:
    """Blows after which the place that was struck goes on as before."""
    for blow in case.blows:
        if blow.free_ms < FELT_MS:
            continue
        least, gains = STIFFEST * blow.free_ms, max(blow.gains_ms, 0.0)
        start, part = int(blow.frame), called(case.reading, blow.joint)
        says = (
            f"{blow.by} hits the {part} with {blow.touch.impulse_ns:.0f} N·s on {blow.frame:.1f}. Even a stiff "
            f"body gives way at {least:.2f} m/s there; here it is {gains:.2f}."
        )
        missing, cause = 100 * (1 - gains / least), f"blow-{blow.source}-{start}"
        yield from case.raised(KIND.name, missing, start, start + FRAMES, says, part, cause)


def evidence(finding: Finding, case: Case) -> Evidence:
    """The speed of the place that is struck, along the push."""
    blow = next(b for b in case.blows if int(b.frame) == finding.start)
    return curve(finding, case, "Speed along the push", "m/s", blow.speed)


KIND = Kind("unmoved", GRADE, rule, evidence, order=200)
