"""True the whole span: the nearest motion that holds together, arc, spin, pushes and footing at once."""

from dataclasses import dataclass

import numpy as np

from ironarc.core.errors import EditError
from ironarc.core.figure.grips import parts_by_joint, parts_of_body
from ironarc.core.judging.judge import findings_of
from ironarc.core.reading import Reading, Seen
from ironarc.core.reading.faults import HOVER, SINK, SLIDE, contact_faults
from ironarc.core.reading.spans import runs
from ironarc.core.solve import windows
from ironarc.core.solve.model import model_of
from ironarc.core.solve.span import spread_of
from ironarc.core.solve.task import EDGE, Solved, Task
from ironarc.core.solve.windows import Report, solve_windows
from ironarc.core.truing.carry import Figure
from ironarc.core.truing.correction import FRAME, FRAMES, SHARE, Correction, Place, Proposal, Way, cost_of, option
from ironarc.core.truing.difference import check_root, layer_between
from ironarc.core.truing.footed import footed
from ironarc.core.truing.holding import Start, task_of
from ironarc.core.whole_numbers import whole_number

NAME = "true_span"
KINDS = ("hang", "arc", "phantom", "spin", "balance", "kink", "jerk", "slide", "sink", "hover", "stop")
BESIDE_S = 0.5  # beside what is found, that may change for it
QUICK_PASSES, USUAL_PASSES = 4, 18
CLOSE, QUICK_CLOSE = 1e-3, 3e-3  # share of the cost below which a pass is the last
MOST_S = 3600.0  # that may be asked for at once
KEPT = 400.0  # times as dear to change, a pose that is wanted
LEFT_BW = 0.1  # body weights from nowhere that are told as left over


@dataclass(frozen=True)
class Options:
    """start, end : frames; keep : frames of poses that are wanted, as "12; 40"
    parts : how freely parts may change, as "hips:0.5; left arm:0", with 1 for as usual and 0 for not at all
    hips : whether feet at fault are put in their places by moving the hips along
    quick : a first look"""

    start: int = option("from", FRAME)
    end: int = option("to", FRAME)
    keep: str = option("poses that are wanted", default="")
    parts: str = option("how freely parts may change", default="")
    hips: float = option("hips follow the feet", SHARE, 0, 1, default=1.0)
    passes: int = option("passes", FRAMES, 1, 200, default=60)
    quick: bool = option("a quick look", default=False)


def places(seen: Seen) -> list[Place]:
    """Everything that is found and that it can put right, as far as it lies together; the widest first."""
    reading = seen.reading
    low, high = reading.traced.plays
    first = int(reading.poses.frames[0])
    beside = max(4, int(np.rint(BESIDE_S / reading.poses.dt)))
    need = np.zeros(len(reading.com), dtype=bool)
    for f in seen.ask(findings_of):
        if f.kind in KINDS:
            need[max(f.start - first - beside, low) : min(f.end - first + 1 + beside, high)] = True
    out = []
    for a, b in runs(need):
        a, b = _to_whole_flights(reading, a, b, beside, low, high)
        if out and a + first <= out[-1].end + 1:
            a = out.pop().start - first
        if b - a < 2 * EDGE + 4:
            continue
        out.append(
            Place(
                a + first,
                b - 1 + first,
                (Way("", "The nearest motion that holds together", Options(a + first, b - 1 + first)),),
            )
        )
    return out


def _to_whole_flights(reading: Reading, a: int, b: int, beside: int, low: int, high: int) -> tuple[int, int]:
    """A span that ends in no flight: its push and its landing belong to it."""
    for x, y in reading.footing.flights:
        if x < b and a < y:
            a, b = min(a, max(x - beside, low)), max(b, min(y + beside, high))
    return a, b


def propose(seen: Seen, options: Options, report: Report | None = None) -> Proposal:
    """The span solved, window by window where it is long. EditError, before anything runs, for a span that can't be;
    report : see `solve_windows`."""
    at, task = span_task(seen, options)
    spans = windows_of(seen.reading, at, task)
    passes = QUICK_PASSES if options.quick else options.passes
    solved = solve_windows(task, spans, report, passes, QUICK_CLOSE if options.quick else CLOSE)
    return proposal_of(seen, options, at, solved)


def windows_of(reading: Reading, at: slice, task: Task) -> list[tuple[int, int]]:
    """The windows that a span is solved in, as indices of the task. EditError where they take too much."""
    unknowns, n = task.unknowns(), len(task.local)
    most = windows.frames_of(unknowns)
    spans = [(0, n)]
    if n > most:
        footing = reading.footing
        speed = np.linalg.norm(reading.com_velocity[at], axis=1)
        stands = windows.stands_of(speed, footing.on[at].sum(axis=1), footing.air[at], task.free)
        spans = windows.cut(task.free, stands, most)
    a, b = max(spans, key=lambda span: span[1] - span[0])
    first = int(reading.poses.frames[at][0])
    if windows.bytes_of(b - a, unknowns) > windows.MOST_BYTES:
        raise EditError(
            f"Frames {a + first} to {b - 1 + first} are one flight, too long to solve at once for a body with this "
            "many joints. Set a contact within it, or keep some parts from changing."
        )
    seconds = windows.seconds_of(sum(y - x for x, y in spans), unknowns)
    if seconds > MOST_S:
        raise EditError(
            f"This would take about {seconds / 3600:.1f} hours; {MOST_S / 3600:.0f} is the most at once. Choose fewer "
            "frames, or keep some parts from changing."
        )
    return spans


def seconds(seen: Seen, options: Options) -> float:
    """How long it takes at most, about, before anything of it is looked at."""
    share = QUICK_PASSES / USUAL_PASSES if options.quick else 1.0
    unknowns = windows.unknowns_of(model_of(seen.reading.poses.rig, seen.reading.body))
    frames = min(max(options.end - options.start + 1, 0), len(seen.reading.com))
    return share * windows.seconds_of(frames, unknowns)


def span_task(seen: Seen, options: Options) -> tuple[slice, Task]:
    """The frames (indices) and the task of what is asked."""
    reading = seen.reading
    check_root(seen.performer)
    first = int(reading.poses.frames[0])
    low, high = reading.traced.plays
    at = slice(options.start - first, options.end - first + 1)
    if not low <= at.start < at.stop <= high:
        raise EditError(
            f"Frames {options.start} to {options.end} reach beyond this motion, which plays from {low + first} to "
            f"{high - 1 + first}. Choose frames within it."
        )
    n = at.stop - at.start
    if n < 2 * EDGE + 4:
        raise EditError(
            f"A span of {n} frames is too short: {EDGE} at either end stay as they are. Choose more frames."
        )
    borne = reading.footing.on[at].any(axis=1)
    # a clip that flies from end to end has nothing to take in
    in_air = any((x, y) == (low, high) for x, y in reading.footing.flights)
    if not borne.any() and not in_air:
        raise EditError(
            f"No contact is confirmed from {options.start} to {options.end}. Choose frames that reach to the push "
            "before or the landing after, or set a contact."
        )
    seen.performer.timing.own_frames(reading.poses.frames[at], seen.performer.clip)
    spread, root_m = _spread(reading, options.parts)
    kept = _kept(reading, options, at)
    need = _needed(seen, at)
    if not need.any():
        raise EditError(f"Nothing is found from {options.start} to {options.end}: what is sound stays as it is.")
    wanted = {SLIDE, SINK, HOVER}
    faults = [
        f for f in reading.ask(contact_faults)
        if f.kind in wanted and f.start <= options.end and options.start <= f.end and f.value_m > 0.01 * reading.size
    ]  # fmt: skip
    figure = footed(reading, at, faults, options.hips) if faults else Figure.of(reading, at)
    task = task_of(reading, at, Start(figure.local, figure.translation), need, kept, spread, root_m)
    return at, task


def _spread(reading: Reading, text: str) -> tuple[np.ndarray, float]:
    """What joints may turn by, and the root move by, as parts are more or less willing."""
    spread = spread_of(model_of(reading.poses.rig, reading.body))
    root_m = 0.25
    known = parts_of_body(reading.body)
    by_joint = parts_by_joint(reading.body)
    for entry in filter(None, (e.strip() for e in text.replace(";", " ; ").split(";"))):
        name, _, share = entry.rpartition(":")
        try:
            value = float(share)
        except ValueError:
            value = -1.0
        if name not in known or not 0 <= value <= 4:
            raise EditError(
                f"How freely parts may change is written “left arm:0.5; head:0”, from 0 to 4, of {', '.join(known)}; "
                f"{entry[:40]!r} was given."
            )
        for j, part in enumerate(by_joint):
            if part == name:
                spread[j] *= value
        if name == "hips":
            root_m *= max(value, 0.05)
    return spread, root_m


def _needed(seen: Seen, at: slice) -> np.ndarray:
    """(frames,) bool: where something is to be put right, and beside it; frames with nothing do not move."""
    reading = seen.reading
    first = int(reading.poses.frames[0])
    low, high = reading.traced.plays
    beside = max(4, int(np.rint(BESIDE_S / reading.poses.dt)))
    need = np.zeros(len(reading.com), dtype=bool)
    for f in seen.ask(findings_of):
        if f.kind in KINDS:
            a, b = max(f.start - first - beside, low), min(f.end - first + 1 + beside, high)
            a, b = _to_whole_flights(reading, a, b, beside, low, high)
            need[a:b] = True
    return need[at]


def _kept(reading: Reading, options: Options, at: slice) -> np.ndarray:
    """(frames,) how much dearer than usual each frame is to change: much, for poses that are wanted."""
    first = int(reading.poses.frames[0])
    n = at.stop - at.start
    out = np.ones(n)
    for word in options.keep.replace(";", " ").split():
        frame = whole_number(word)
        if frame is None:
            raise EditError(f"Poses to keep are given by their frames, such as “12; 40”; {word[:20]!r} was given.")
        k = frame - first - at.start
        if not 0 <= k < n:
            raise EditError(f"Frame {word} is to be kept, but lies outside {options.start} to {options.end}.")
        out[k] = KEPT
    return out


def proposal_of(seen: Seen, options: Options, at: slice, solved: Solved) -> Proposal:
    """What was solved, as a correction."""
    figure = Figure.of(seen.reading, at)
    words = f"{CORRECTION.label} {options.start}–{options.end}"
    layer = layer_between(seen.performer, figure.was, solved.local, solved.translation, CORRECTION.label, NAME)
    return Proposal(cost_of(figure.was, solved.local, solved.translation, left_over(options, solved)), words, layer)


def left_over(options: Options, solved: Solved) -> str:
    """What is left, frame by frame, in words."""
    over = np.flatnonzero(solved.left > LEFT_BW)
    said = "Stopped before it was done. " if not solved.done else ""
    if not len(over) and solved.missed_m < 0.005:
        return f"{said}Everything in {options.start}–{options.end} is borne by its contacts."
    out = []
    if len(over):
        worst = int(solved.left.argmax())
        spans = ", ".join(
            f"{a + options.start}–{b - 1 + options.start}" if b - a > 1 else f"{a + options.start}"
            for a, b in runs(solved.left > LEFT_BW)[:4]
        )
        out.append(
            f"Left over: up to {solved.left[worst]:.1f} body weights from nowhere, most at {worst + options.start} "
            f"(frames {spans})."
        )
    if solved.missed_m >= 0.005:
        out.append(f"A held part misses its place by {solved.missed_m * 100:.1f} cm.")
    return said + " ".join(out)


CORRECTION = Correction(
    NAME,
    "True the whole span",
    "span",
    "The nearest motion that holds together: arc, spin, pushes and footing at once, changed as little as may be.",
    Options,
    KINDS,
    places,
    propose,
    order=80,
    long=True,
    seconds=seconds,
    needs="Needs something near by that it can put right.",
)
