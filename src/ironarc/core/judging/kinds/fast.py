"""Parts that turn too far from one frame to the next to be seen."""

from collections.abc import Iterator

import numpy as np

from ironarc.core.judging.evidence import Evidence, lines
from ironarc.core.judging.finding import Bench, Finding
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


def rule(bench: Bench) -> Iterator[Finding]:
    """Parts that turn too far from one frame to the next."""
    turned = np.degrees(bench.reading.ask(read_joints).turned_rad)
    limit = bench.limits["fast"].strained
    anatomy = bench.reading.body.anatomy
    found: list[tuple[int, int, int]] = []
    for joint in np.flatnonzero(turned.max(axis=0, initial=0.0) > limit):
        if anatomy.meanings[joint].role in LIGHT or joint not in bench.reading.body.joints:
            continue
        for a, b in spans_of(turned[:, joint] > limit):
            # what hangs on a part that whirls whirls along: the one nearest the hips is the one to look at
            above = next((k for k, (j, x, y) in enumerate(found) if x < b and a < y and _below(bench, joint, j)), None)
            if above is None:
                found.append((int(joint), a, b))
            else:
                j, x, y = found[above]
                found[above] = (j, min(a, x), max(b, y))
    for joint, a, b, part in _twins(bench, found):
        most = float(turned[a:b, joint].max())
        verb = "turn" if len(single_parts(part)) > 1 else "turns"
        says = f"{part.capitalize()} {verb} {most:.0f}° in a frame; the eye loses it."
        yield from bench.raised("fast", most, a + bench.first - 1, b - 1 + bench.first, says, part)


def _twins(bench: Bench, found: list[tuple[int, int, int]]) -> Iterator[tuple[int, int, int, str]]:
    """Joint, span and part; left and right of one part over the same frames are both of them."""
    meanings = bench.reading.body.anatomy.meanings
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
            yield joint, a, b, part_called(bench, joint)


def _below(bench: Bench, joint: int, top: int) -> bool:
    rig = bench.reading.poses.rig
    while joint >= 0 and joint != top:
        joint = rig.joints[joint].parent
    return joint == top


def evidence(finding: Finding, bench: Bench) -> Evidence:
    """How far the joint turns from frame to frame."""
    return turned_of(finding, bench, lines(bench, "fast"))


KIND = Kind("fast", GRADE, rule, evidence, order=160)
