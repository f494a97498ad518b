"""Force that no contact can give, kept up for a tenth of a second; the sentence says which kind it is."""

from collections.abc import Iterator
from functools import partial
from math import hypot

import numpy as np

from ironarc.core.judging.evidence import Evidence, curve, lines, window
from ironarc.core.judging.finding import SOUND, Case, Finding, frames
from ironarc.core.judging.grade import Grade
from ironarc.core.judging.kind import Kind
from ironarc.core.judging.on_flights import by_weighing, cause_of
from ironarc.core.judging.on_stance import stance_cause, stances_of, tilted_in
from ironarc.core.reading import Reading
from ironarc.core.reading.faults import HOVER, contact_faults
from ironarc.core.reading.flights import Flight
from ironarc.core.reading.forces import kept_frames, kept_up, read_forces
from ironarc.core.reading.spans import runs

MOSTLY = 0.7  # of a force that points down where it is told as a pull downwards

GRADE = Grade(
    "Phantom force", 0.3, 0.8, "body weights",
    "Force kept up for 0.1 s that no contact can give. Exact bodies show up to 0.03, captured ones up to 0.29.",
    "Give it something to push on, or slow what the push would have to do.",
)  # fmt: skip


def rule(case: Case) -> Iterator[Finding]:
    """Force that no contact can give, kept up for a tenth of a second; the sentence says which kind it is."""
    reading = case.reading
    forces = reading.ask(read_forces)
    lasting = kept_up(_size(case), kept_frames(case.reading.poses.dt))
    over, air = lasting > case.limits["phantom"].strained, reading.footing.air
    # a span that goes from the ground into the air has two causes
    spans = sorted((*runs(over & ~air), *runs(over & air)))
    if not spans:
        return
    starts, ends = np.array(spans).T
    # of each span and of what lies up to the next
    at = np.column_stack([starts, ends]).ravel()
    force = np.concatenate([forces.phantom, np.zeros((1, 3))])
    means = np.add.reduceat(force, at, axis=0)[::2] / (ends - starts)[:, None]
    most = np.maximum.reduceat(np.concatenate([lasting, [0.0]]), at)[::2]
    kept, stances = case.kept("phantom"), stances_of(case)
    flights = _beside(reading, starts + case.first, ends - 1 + case.first)
    for (a, b), worst, mean, aloft, flight in zip(
        spans, most.tolist(), means.tolist(), air[starts].tolist(), flights, strict=True
    ):
        if aloft and flight is not None and by_weighing(case, flight):
            continue
        start, end = a + case.first, b - 1 + case.first
        # beside a flight it is that flight's push or landing
        cause = cause_of(flight) if flight is not None else ""
        told = start, end, worst, tuple(mean), aloft, None if aloft else tilted_in(stances, start, end), cause
        yield from kept.of(told, partial(_phantom, case, *told))


def _size(case: Case) -> np.ndarray:
    """(frames,) body weights that nothing gives, but for frames that a hover's own finding tells of."""
    return np.where(_hovering(case), 0.0, case.reading.ask(read_forces).size)


def _hovering(case: Case) -> np.ndarray:
    """(frames,) bool: nothing bears a body that should rest; that is a finding of its own."""
    out = np.zeros(len(case.reading.com), dtype=bool)
    for fault in case.reading.ask(contact_faults):
        if fault.kind == HOVER and case.graded("hover", fault.value_m)[0] != SOUND:
            out[max(fault.start - case.first - 2, 0) : fault.end - case.first + 3] = True
    return out


def _phantom(
    case: Case, start: int, end: int, most: float, mean: tuple[float, float, float], aloft: bool,
    tilted: tuple[int, int] | None, cause: str,
) -> Iterator[Finding]:  # fmt: skip
    """The finding of frames [start, end]. most : body weights kept up; mean : body weights, world; tilted : first and
    last frame of the pose out of balance that they belong to"""
    up, level, n = mean[1], hypot(mean[0], mean[2]), end - start + 1
    amount = f"{most:.1f} body weights"
    if aloft:
        if level > abs(up):
            says = f"Pushed sideways with nothing to push on: {amount} in the air."
        elif up > 0:
            says = f"Hangs in the air: something holds it up with {amount}."
        else:
            says = f"Pulled down in the air: something drags at it with {amount}."
    elif tilted is not None:
        says = f"Leans on nothing: {amount} would have to hold it up."
        cause = stance_cause(*tilted)
    elif up < -MOSTLY * most:
        says = f"Pulled down by its own feet: {amount} for {frames(n)}. Feet push; they can't pull."
    elif level > abs(up):
        says = f"Glides: {amount} of push along the floor has no source; its contacts would slip."
    elif up > 0:
        says = f"Pushed up with nothing to push on: {amount} for {frames(n)}."
    else:
        says = f"Pulled down with nothing to pull on: {amount} for {frames(n)}."
    return case.raised("phantom", most, start, end, says, cause=cause)


def _beside(reading: Reading, *frames: np.ndarray) -> list[Flight | None]:
    """The flights that frames (spans,) of the shot lie in, or next to; of those of one span the first that has one."""
    if not reading.flights:
        return [None] * len(frames[0])
    starts, ends = np.array([(f.start, f.end) for f in reading.flights]).T
    out = np.full(len(frames[0]), -1)
    for at in reversed(frames):
        which = np.searchsorted(ends, at - 1)
        near = which < len(ends)
        near[near] = starts[which[near]] - 1 <= at[near]
        out[near] = which[near]
    return [reading.flights[i] if i >= 0 else None for i in out.tolist()]


def evidence(finding: Finding, case: Case) -> Evidence:
    """The force that nothing gives, and the way it points."""
    forces = case.reading.ask(read_forces)
    at, size = window(finding, case), _size(case)
    i = at.start + int(np.argmax(size[at]))
    x, y, z = forces.phantom[i]
    numbers = [
        ("Kept up for 0.1 s", f"{kept_up(size, kept_frames(case.reading.poses.dt))[at].max():.2f} body weights"),
        ("Upwards", f"{y:+.2f} body weights"),
        ("Sideways", f"{np.hypot(x, z):.2f} body weights"),
    ]
    return curve(finding, case, "Phantom force", "body weights", size, None, lines(case, "phantom"), numbers)


KIND = Kind("phantom", GRADE, rule, evidence, order=30)
