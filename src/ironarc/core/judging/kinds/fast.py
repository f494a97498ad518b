"""Parts that turn too far from one frame to the next to be seen."""

from collections.abc import Iterator

import numpy as np

from ironarc.core.judging.evidence import Evidence, lines
from ironarc.core.judging.finding import Case, Finding
from ironarc.core.judging.grade import Grade
from ironarc.core.judging.kind import Kind
from ironarc.core.judging.on_joints import LIGHT, part_called, spans_of, turned_of
from ironarc.core.reading.faults import both, single_parts
from ironarc.core.reading.joints import read_joints

GRADE = Grade(
    "Too fast to be seen", 50.0, 90.0, "degrees a frame",
    "Captured punches and kicks turn up to 40 degrees a frame; past 90 the eye can't tell which way.",
    "Spread the turn over more frames, or hide it.",
)  # fmt: skip


def rule(case: Case) -> Iterator[Finding]:
    """Parts that turn too far from one frame to the next."""
    turned, limit = case.reading.ask(read_joints).turned_rad, np.radians(case.limits["fast"].strained)
    anatomy = case.reading.body.anatomy
    found: list[tuple[int, int, int]] = []
    for joint in np.flatnonzero(turned.max(axis=0, initial=0.0) > limit):
        if anatomy.meanings[joint].role in LIGHT or joint not in case.reading.body.joints:
            continue
        for a, b in spans_of(turned[:, joint] > limit):
            # what hangs on a part that whirls whirls along: the one nearest the hips is the one to look at
            above = next((k for k, (j, x, y) in enumerate(found) if x < b and a < y and _below(case, joint, j)), None)
            if above is None:
                found.append((int(joint), a, b))
            else:
                j, x, y = found[above]
                found[above] = (j, min(a, x), max(b, y))
    for joint, a, b, part in _twins(case, found):
        most = float(np.degrees(turned[a:b, joint].max()))
        verb = "turn" if len(single_parts(part)) > 1 else "turns"
        says = f"{part.capitalize()} {verb} {most:.0f}° in a frame; the eye loses it."
        yield from case.raised("fast", most, a + case.first - 1, b - 1 + case.first, says, part)


def _twins(case: Case, found: list[tuple[int, int, int]]) -> Iterator[tuple[int, int, int, str]]:
    """Joint, span and part; left and right of one part over the same frames are both of them."""
    meanings = case.reading.body.anatomy.meanings
    used: set[int] = set()
    for i, (joint, a, b) in enumerate(found):
        if i in used:
            continue
        one = meanings[joint]
        for k, (other, x, y) in enumerate(found[i + 1 :], start=i + 1):
            two = meanings[other]
            if one.role and one.side and two.role == one.role and two.side != one.side and x < b and a < y:
                used.add(k)
                a, b = min(a, x), max(b, y)
                yield joint, a, b, both(one.role)
                break
        else:
            yield joint, a, b, part_called(case, joint)


def _below(case: Case, joint: int, top: int) -> bool:
    rig = case.reading.poses.rig
    while joint >= 0 and joint != top:
        joint = rig.joints[joint].parent
    return joint == top


def evidence(finding: Finding, case: Case) -> Evidence:
    """How far the joint turns from frame to frame."""
    return turned_of(finding, case, lines(case, "fast"))


KIND = Kind("fast", GRADE, rule, evidence, order=160)
