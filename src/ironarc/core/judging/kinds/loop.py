"""A loop whose end does not lead into its beginning."""

from collections.abc import Iterator

import numpy as np

from ironarc.core.judging.evidence import Evidence, curve
from ironarc.core.judging.finding import Case, Finding
from ironarc.core.judging.grade import LENGTH, Grade
from ironarc.core.judging.kind import Kind
from ironarc.core.judging.on_blows import called
from ironarc.core.reading.loops import Seam, falls_of, loop_seam
from ironarc.core.scene.strip import IN_PLACE, LEAST_LOOP, Strip

GRADE = Grade(
    "Loop does not close", 0.01, 0.03, "m",
    "Where the last frame leads to and where the first frame is: a centimetre is seen each time round.",
    "Let the end meet the beginning over some frames, or end the loop a frame earlier.",
    scales=LENGTH,
)  # fmt: skip

TOLD_M, TOLD_MS = 0.0005, 0.05  # a gap, and a jump of speed, that round to nothing are not told


def loops(case: Case) -> Iterator[tuple[Strip, int, int]]:
    """The clips that loop, with their first and last index."""
    frames = case.reading.poses.frames
    for strip in case.others.strips:
        a, b = max(strip.start - case.first, 0), min(strip.end - case.first, len(frames) - 1)
        if strip.is_loop and b - a + 1 >= LEAST_LOOP:
            yield strip, a, b


def rule(case: Case) -> Iterator[Finding]:
    """Loops with a gap of pose or of speed between their last frame and their first one."""
    for strip, a, b in loops(case):
        falls = falls_of(case.reading, a, b)
        found = loop_seam(case.reading.poses, case.reading.body, a, b, strip.played == IN_PLACE, falls)
        yield from case.raised(
            KIND.name, _value(found, case.reading.poses.dt), strip.end - 1, strip.end, _says(case, strip, found),
            called(case.reading, found.worst), f"loop-{strip.id}",
        )  # fmt: skip


def _value(found: Seam, dt: float) -> float:
    """m: the gap, or what a jump of speed carries a joint off by in a frame; a step, where the loop halts for one."""
    halts = float(found.step_m.max()) if found.repeats else 0.0
    return max(float(found.gap_m.max()), float(found.speed_ms.max()) * dt / 2, halts)


def _says(case: Case, strip: Strip, found: Seam) -> str:
    if found.repeats:
        return (
            f"{strip.name} ends on the pose it begins with, so it halts for a frame each time round. End it on "
            f"{strip.end - 1}."
        )
    told = []
    if found.gap_m.max() >= TOLD_M:
        told.append(f"a gap of {found.gap_m.max() * 100:.1f} cm at the {called(case.reading, found.worst)}")
    if found.speed_ms.max() >= TOLD_MS:
        told.append(f"a jump of {found.speed_ms.max():.1f} m/s at the {called(case.reading, found.fastest)}")
    return (
        f"{strip.name}: from {strip.end} back to {strip.start} there is {' and '.join(told)}, beyond what "
        f"{'it does' if len(told) == 1 else 'they do'} on the way."
    )


def evidence(finding: Finding, case: Case) -> Evidence:
    """How far each frame's pose is from the loop's first one, about the hips."""
    poses = case.reading.poses
    strip, a, _ = next(
        found for found in loops(case) if found[0].end == finding.end or f"loop-{found[0].id}" == finding.cause
    )  # fmt: skip
    root = poses.rig.roots[0]
    about = poses.position - poses.position[:, root : root + 1]
    far = np.linalg.norm(about - about[a], axis=-1).max(axis=-1)
    return curve(finding, case, f"Off the first pose of {strip.name}", "m", far)


KIND = Kind("loop", GRADE, rule, evidence, order=250)
