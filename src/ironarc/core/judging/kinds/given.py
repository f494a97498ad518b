"""A prop that leaves faster than the limb that sends it can give."""

from collections.abc import Iterator

import numpy as np

from ironarc.core import rotation
from ironarc.core.judging.evidence import Evidence, curve
from ironarc.core.judging.finding import Case, Finding
from ironarc.core.judging.grade import Grade
from ironarc.core.judging.kind import Kind
from ironarc.core.judging.on_blows import BESIDE, called, sent_by
from ironarc.core.judging.others import Loose

GRADE = Grade(
    "Leaves too fast", 1.25, 2.0, "times",
    "A prop leaves with the speed of the limb that sends it, and by its bounce more; a quarter is lost in reading the "
    "limb between frames.",
    "Speed the limb up into the frame it leaves on, or let it leave more slowly.",
)  # fmt: skip
LEAST_MS = 1.0


def _limb(case: Case, x: Loose) -> tuple[int, np.ndarray] | None:
    """The joint that sends a prop off as it was told to, and (frames,) m/s of that place along its way."""
    poses, flight = case.reading.poses, x.prop.flight
    sent = sent_by(case.reading, x) if flight.given else None
    if sent is None:
        return None
    joint, off = sent
    way = np.array(flight.velocity_ms)
    track = poses.position[:, joint] + rotation.rotate(poses.rotation[:, joint], off)
    return joint, np.gradient(track @ (way / max(float(np.linalg.norm(way)), 1e-9))) / poses.dt


def rule(case: Case) -> Iterator[Finding]:
    """Props let fly with a speed that was given to them, faster than the limb beside them goes."""
    for x in case.others.props:
        found = _limb(case, x) if x.prop.flight is not None else None
        speed = float(np.linalg.norm(x.prop.flight.velocity_ms)) if found else 0.0
        if found is None or speed < LEAST_MS:
            continue
        joint, along = found
        k = x.prop.flight.start - case.first
        fastest = max(float(along[max(k - BESIDE, 0) : k + BESIDE + 1].max()), 0.0)
        # struck, it comes off by its bounce the faster; out of a hand, with the hand's own speed
        held = any(h.end == x.prop.flight.start for h in x.prop.holds)
        can = fastest * (1.0 if held else 1.0 + x.prop.bounce)
        part = called(case.reading, joint)
        says = f"{x.prop.name} leaves the {part} at {speed:.1f} m/s; moving as it does, that can give {can:.1f}."
        start = x.prop.flight.start
        yield from case.raised(
            KIND.name, speed / max(can, 0.1), start - BESIDE, start + BESIDE, says, part, f"sent-{x.prop.id}"
        )


def evidence(finding: Finding, case: Case) -> Evidence:
    """The limb's speed along the way that the prop leaves."""
    for x in case.others.props:
        found = _limb(case, x) if x.prop.flight is not None else None
        if found and x.prop.flight.start == finding.start + BESIDE:
            return curve(finding, case, "Speed of the limb", "m/s", found[1])
    return curve(finding, case, "Speed of the limb", "m/s", np.zeros(len(case.reading.poses.frames)))


KIND = Kind("given", GRADE, rule, evidence, order=220)
