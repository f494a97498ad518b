"""What several kinds of finding say of a joint: its name, spans of frames, the one that shows most."""

import numpy as np

from ironarc.core.judging.evidence import Evidence, curve
from ironarc.core.judging.finding import Case, Finding
from ironarc.core.reading.joints import read_joints
from ironarc.core.reading.spans import runs

TOGETHER_FRAMES = 2  # findings of one joint this near each other are one
LIGHT = frozenset({"toe", "finger", "hand"})  # too light to keep an impact's jolt from turning them


def part_called(case: Case, joint: int) -> str:
    """A joint as an animator calls it."""
    meaning = case.reading.body.anatomy.meanings[joint]
    return f"{meaning.side} {meaning.role}".strip() if meaning.role else case.reading.poses.rig.names[joint]


def spans_of(flags: np.ndarray, gap: int = TOGETHER_FRAMES) -> list[tuple[int, int]]:
    """Runs of True, those `gap` frames or less apart joined."""
    out: list[tuple[int, int]] = []
    for a, b in runs(flags):
        if out and a - out[-1][1] <= gap:
            out[-1] = (out[-1][0], b)
        else:
            out.append((a, b))
    return out


def most_of(finding: Finding, case: Case, values: np.ndarray) -> np.ndarray:
    """(frames,) of the joint that shows most on the finding's frames, of values (frames, joints)."""
    at = slice(finding.start - case.first, finding.end - case.first + 1)
    return values[:, int(values[at].max(axis=0).argmax())]


def turned_of(finding: Finding, case: Case, limits: tuple[tuple[float, str], ...] = ()) -> Evidence:
    """How far the joint of a finding turns from frame to frame."""
    turned = most_of(finding, case, np.degrees(case.reading.ask(read_joints).turned_rad))
    return curve(finding, case, "Turn from frame to frame", "°", turned, None, limits)
