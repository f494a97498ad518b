"""Forces from nowhere: phantom force kept up, and single frames that jerk."""

from collections.abc import Iterator

import numpy as np

from ironarc.core.judging.finding import SOUND, Bench, Finding, frames
from ironarc.core.judging.rules.flight import cause_of
from ironarc.core.judging.rules.stance import stance_cause, tilted
from ironarc.core.reading.faults import HOVER, contact_faults
from ironarc.core.reading.footing import runs
from ironarc.core.reading.forces import kept_up, read_forces

KEPT_S = 0.1


def phantom(bench: Bench) -> Iterator[Finding]:
    """Force that no contact can give, kept up for a tenth of a second; the sentence says which kind it is."""
    reading = bench.reading
    forces = reading.ask(read_forces)
    window = max(2, int(np.ceil(KEPT_S / reading.poses.dt - 1e-9)))
    size = np.where(_hovering(bench), 0.0, forces.size)
    kept = kept_up(size, window)
    limit = bench.limits["phantom"].strained
    for a, b in runs(kept > limit):
        air = reading.footing.air[a:b]
        # a span that goes from the ground into the air has two causes
        for in_air in (False, True):
            for x, y in runs(air == in_air):
                yield from _phantom(bench, forces, kept, a + x, a + y)


def _hovering(bench: Bench) -> np.ndarray:
    """(frames,) bool: nothing bears a body that should rest; that is a finding of its own."""
    out = np.zeros(len(bench.reading.com), dtype=bool)
    for fault in bench.reading.ask(contact_faults):
        if fault.kind == HOVER and bench.graded("hover", fault.value_m)[0] != SOUND:
            out[max(fault.start - bench.first - 2, 0) : fault.end - bench.first + 3] = True
    return out


def _phantom(bench: Bench, forces, kept: np.ndarray, a: int, b: int) -> Iterator[Finding]:
    reading = bench.reading
    most = float(kept[a:b].max())
    mean = forces.phantom[a:b].mean(axis=0)
    up, level = float(mean[1]), float(np.hypot(mean[0], mean[2]))
    start, end = a + bench.first, b - 1 + bench.first
    # beside a flight it is that flight's push or landing
    beside = next(
        (f for f in reading.flights if f.start - 1 <= end <= f.end + 1 or f.start - 1 <= start <= f.end + 1), None
    )
    cause = cause_of(beside) if beside else ""
    amount = f"{most:.1f} body weights"
    if reading.footing.air[a]:
        if level > abs(up):
            says = f"Pushed sideways with nothing to push on: {amount} in the air."
        elif up > 0:
            says = f"Hangs in the air: something holds it up with {amount}."
        else:
            says = f"Pulled down in the air: something drags at it with {amount}."
    elif (tilt := tilted(bench, a, b)) is not None:
        says = f"Leans on nothing: {amount} would have to hold it up."
        cause = stance_cause(*tilt)
    elif up < -0.7 * most:
        says = f"Pulled down by its own feet: {amount} for {frames(b - a)}. Feet push; they can't pull."
    elif level > abs(up):
        says = f"Glides: {amount} push it along with nothing that could; its contacts would slip."
    elif up > 0:
        says = f"Pushed up with nothing to push on: {amount} for {frames(b - a)}."
    else:
        says = f"Pulled down with nothing to pull on: {amount} for {frames(b - a)}."
    yield from bench.raised("phantom", most, start, end, says, cause=cause)


def jerks(bench: Bench) -> Iterator[Finding]:
    """A single frame of the center of gravity off the curve through its neighbours."""
    reading = bench.reading
    com, n = reading.traced.path, len(reading.com)
    a, b = reading.traced.plays
    if b - a < 7:
        return
    step = max(1, round(reading.traced.apart))
    y = com[a:b:step]
    if len(y) < 7:
        return
    off = np.zeros(n)
    middle = (4 * (y[1:-3] + y[3:-1]) - y[:-4] - y[4:]) / 6
    at = a + step * np.arange(2, len(y) - 2)
    off[at] = np.linalg.norm(y[2:-2] - middle, axis=1)
    # the frames beside an odd one are pulled along by it: the worst counts
    change = _contact_changes(reading)
    quiet = ~(np.convolve(change, np.ones(4 * step + 1), mode="same") > 0)
    off = np.where(quiet & ~reading.easing, off, 0.0)
    changes = np.flatnonzero(change)
    limit = bench.graded("jerk", 0.0)[1]
    for x, z in runs(np.convolve(off > limit, np.ones(2 * step + 1), mode="same") > 0):
        k = x + int(off[x:z].argmax())
        frame = k + bench.first
        force = off[k] * 1.5 / (reading.poses.dt * step) ** 2 / reading.g
        near = ""
        if len(changes):
            closest = int(changes[np.abs(changes - k).argmin()]) + bench.first
            near = f" The nearest change of contact is at frame {closest}, {frames(abs(closest - frame))} away."
        says = (
            f"Jerks by {off[k] * 100:.1f} cm at frame {frame}, some {force:.0f} body weights for a frame, with no "
            f"contact to give them.{near}"
        )
        yield from bench.raised("jerk", off[k], frame, frame, says)


def _contact_changes(reading) -> np.ndarray:
    on = reading.footing.on
    out = np.zeros(len(on), dtype=bool)
    out[1:] = (on[1:] != on[:-1]).any(axis=1)
    return out
