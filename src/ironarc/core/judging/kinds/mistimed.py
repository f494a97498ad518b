"""A reaction that comes before the blow, or late."""

from collections.abc import Iterator

import numpy as np

from ironarc.core.judging.evidence import Evidence, curve
from ironarc.core.judging.finding import Case, Finding, frames
from ironarc.core.judging.grade import Grade
from ironarc.core.judging.kind import Kind
from ironarc.core.judging.on_blows import FELT_MS, called

GRADE = Grade(
    "Reacts early or late", 0.05, 0.12, "s",
    "What is struck gives way on the very frame; the eye tells a twentieth of a second where the blow is seen.",
    "Slide the reaction's keys onto the blow.",
)  # fmt: skip


def rule(case: Case) -> Iterator[Finding]:
    """Places that give way along a push on other frames than that of the blow."""
    reading = case.reading
    for blow in case.blows:
        begins = blow.begins
        if begins is None or blow.free_ms < FELT_MS:
            continue
        # a speed stands between its frame and the next: on the blow's own frame it gives way at once
        off = begins - np.floor(blow.frame)
        late = max(abs(off) - 1.0, 0.0) * reading.poses.dt
        part = called(reading, blow.joint)
        word = "early" if off < 0 else "late"
        says = f"Answered {frames(abs(off))} {word}: {blow.by} hits the {part} on {blow.frame:.1f}."
        start, end = sorted((int(begins), int(blow.frame)))
        cause = f"blow-{blow.source}-{int(blow.frame)}"
        yield from case.raised(KIND.name, late, start, end, says, part, cause)


def evidence(finding: Finding, case: Case) -> Evidence:
    """The speed of the place that is struck, along the push."""
    blows = case.blows
    blow = min(blows, key=lambda b: abs(b.frame - (finding.start + finding.end) / 2))
    return curve(finding, case, "Speed along the push", "m/s", blow.speed)


KIND = Kind("mistimed", GRADE, rule, evidence, order=210)
