"""A catch that stops what comes within a frame."""

from collections.abc import Iterator

import numpy as np

from ironarc.core.judging.evidence import Evidence, curve, lines
from ironarc.core.judging.finding import Case, Finding
from ironarc.core.judging.grade import Grade
from ironarc.core.judging.kind import Kind
from ironarc.core.judging.on_blows import called
from ironarc.core.judging.others import Loose
from ironarc.core.scene.props import Hold
from ironarc.core.settings import GRAVITY_MS2

GRADE = Grade(
    "Caught too stiffly", 1.0, 2.5, "body weights",
    "Arms that give over 20 cm take a sack at under one body weight; more than two and a half tears it out of them.",
    "Let the hands meet it with its own speed, and give over several frames.",
)  # fmt: skip
GIVES = 6  # frames after the catch that the hands are followed over


def catches(case: Case, x: Loose) -> Iterator[tuple[Hold, int]]:
    """The catches of a prop by this performer: the span it holds it over, and the index of its first frame."""
    for hold in x.prop.holds:
        k = hold.start - case.first
        if hold.performer == case.others.performer and 2 <= k < len(x.at) - 1:
            flies = x.prop.flight is not None and x.prop.flight.start < hold.start
            if flies and hold.joint in case.reading.poses.rig:
                yield hold, k


def _force_bw(case: Case, x: Loose, hold: Hold, k: int) -> np.ndarray:
    """(frames,) body weights that the hands give it from the catch on, over what carries its weight."""
    dt = case.reading.poses.dt
    pulls = np.zeros_like(x.at)
    pulls[1:-1] = (x.at[2:] - 2 * x.at[1:-1] + x.at[:-2]) / dt**2 + [0.0, case.reading.g, 0.0]
    out = x.prop.mass_kg * np.linalg.norm(pulls, axis=-1) / (case.reading.body.mass_kg * GRAVITY_MS2)
    frames = np.arange(len(out))
    return np.where((frames >= k - 1) & (frames <= min(k + GIVES, hold.end - case.first)), out, 0.0)


def rule(case: Case) -> Iterator[Finding]:
    """Catches whose hands take the speed at once."""
    for x in case.others.props:
        for hold, k in catches(case, x):
            force = _force_bw(case, x, hold, k)
            comes = float(np.linalg.norm(x.at[k - 1] - x.at[k - 2])) / case.reading.poses.dt
            part = called(case.reading, case.reading.poses.rig.index(hold.joint))
            says = (
                f"{x.prop.name} comes to the {part} at {comes:.1f} m/s and is stopped with {force.max():.1f} body "
                f"weights on {int(force.argmax()) + case.first}."
            )
            start = hold.start
            yield from case.raised(
                KIND.name, float(force.max()), start - 1, start + 2, says, part, f"catch-{x.prop.id}-{start}"
            )


def evidence(finding: Finding, case: Case) -> Evidence:
    """What the hands give."""
    force = np.zeros(len(case.reading.poses.frames))
    for x in case.others.props:
        for hold, k in catches(case, x):
            if hold.start == finding.start + 1:
                force = _force_bw(case, x, hold, k)
    return curve(finding, case, "Force of the hands", "body weights", force, None, lines(case, KIND.name))


KIND = Kind("caught", GRADE, rule, evidence, order=230)
