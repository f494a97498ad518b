"""A hand that closes where what comes is not."""

from collections.abc import Iterator

import numpy as np

from ironarc.core.judging.evidence import Evidence, curve, lines
from ironarc.core.judging.finding import Case, Finding, cm
from ironarc.core.judging.grade import LENGTH, Grade
from ironarc.core.judging.kind import Kind
from ironarc.core.judging.kinds.caught import catches
from ironarc.core.judging.on_blows import called
from ironarc.core.judging.others import Loose

GRADE = Grade(
    "Hand not where it comes", 0.04, 0.12, "m",
    "What is caught jumps into the hand by so much; a finger's breadth is seen at 24 frames.",
    "Put the hand on the frame of the catch to where it comes, or aim it there.", LENGTH,
)  # fmt: skip


def _off(case: Case, x: Loose, k: int) -> float:
    """m between where a prop would have come to on a frame's index, by the two before, and where it is held."""
    g, dt = np.array([0.0, -case.reading.g, 0.0]), case.reading.poses.dt
    there = 2 * x.at[k - 1] - x.at[k - 2] + g * dt * dt
    step = x.at[k] - there
    # the hand may slow it on this very frame: only what lies across its way, and ahead of it, is a jump
    way = x.at[k - 1] - x.at[k - 2]
    speed = float(np.linalg.norm(way))
    along = float(step @ way) / max(speed, 1e-9)
    across = step - along * way / max(speed, 1e-9)
    ahead = along if along > 0 else max(-along - speed, 0.0)
    return float(np.hypot(np.linalg.norm(across), ahead))


def rule(case: Case) -> Iterator[Finding]:
    """Catches into which a prop jumps."""
    for x in case.others.props:
        for hold, k in catches(case, x):
            off = _off(case, x, k)
            part = called(case.reading, case.reading.poses.rig.index(hold.joint))
            says = f"The {part} takes {x.prop.name} on {hold.start}, {cm(off)} from where it comes."
            yield from case.raised(
                KIND.name, off, hold.start - 1, hold.start, says, part, f"catch-{x.prop.id}-{hold.start}"
            )


def evidence(finding: Finding, case: Case) -> Evidence:
    """How far the prop goes from frame to frame."""
    steps = np.zeros(len(case.reading.poses.frames))
    for x in case.others.props:
        if any(hold.start == finding.end for hold, _ in catches(case, x)):
            steps[1:] = np.linalg.norm(np.diff(x.at, axis=0), axis=1)
    return curve(finding, case, "Way of the prop a frame", "cm", steps * 100, None, lines(case, KIND.name, 100))


KIND = Kind("missed", GRADE, rule, evidence, order=240)
