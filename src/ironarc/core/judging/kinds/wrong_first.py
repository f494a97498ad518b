"""A part that was not struck gives way before the one that was."""

from collections.abc import Iterator

import numpy as np

from ironarc.core.judging.evidence import Evidence, curve
from ironarc.core.judging.finding import Case, Finding, frames
from ironarc.core.judging.grade import Grade
from ironarc.core.judging.kind import Kind
from ironarc.core.judging.on_blows import FELT_MS, Blow, called

GRADE = Grade(
    "Wrong part gives way first", 0.05, 0.12, "s",
    "What is struck goes first, what hangs on it after it: the eye tells a twentieth of a second.",
    "Delay the parts that were not struck.",
)  # fmt: skip
ROLES = ("head", "spine", "pelvis")  # that are looked at: limbs have business of their own
AS_MUCH = 0.5  # of the rise of what is struck, that counts


def rule(case: Case) -> Iterator[Finding]:
    """Head, trunk and hips that go along a push before what the push struck."""
    reading = case.reading
    for blow in case.blows:
        struck = blow.rise_of(blow.speed)
        if struck is None or blow.free_ms < FELT_MS or struck[0] < np.floor(blow.frame) - 1:
            continue
        found = _first(blow, AS_MUCH * struck[1])
        # one that goes before anything has struck is early as a whole, which is told elsewhere
        if found is None or found[0] >= struck[0]:
            continue
        ahead = struck[0] - found[0]
        part, other = called(reading, blow.joint), called(reading, found[1])
        says = f"{blow.by} hits the {part} on {blow.frame:.1f}, but the {other} goes {frames(ahead)} before it."
        late = max(ahead - 1.0, 0.0) * reading.poses.dt
        cause = f"blow-{blow.source}-{int(blow.frame)}"
        yield from case.raised(KIND.name, late, int(found[0]), int(struck[0]), says, other, cause)


def _first(blow: Blow, least_ms: float) -> tuple[float, int] | None:
    """Frame and joint of the first of the other parts that goes along the push."""
    meanings = blow.reading.body.anatomy.meanings
    best: tuple[float, int] | None = None
    for part in blow.reading.body.parts:
        if meanings[part.joint].role in ROLES and part.joint != blow.joint:
            rise = blow.rise_of(blow.speed_of(part.joint, part.com_m))
            if rise is not None and rise[1] >= least_ms and (best is None or rise[0] < best[0]):
                best = (rise[0], part.joint)
    return best


def evidence(finding: Finding, case: Case) -> Evidence:
    """The speed of the place that is struck, along the push."""
    blow = min(case.blows, key=lambda b: abs(b.frame - finding.end))
    return curve(finding, case, "Speed along the push", "m/s", blow.speed)


KIND = Kind("wrong_first", GRADE, rule, evidence, order=214)
