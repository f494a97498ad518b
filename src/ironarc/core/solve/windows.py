"""A long span solved window by window, so that its memory is that of one window.

What is to be put right lies in runs of frames. A run longer than a window is cut where the body stands, and the next
window begins OVERLAP frames before the cut, on what the one before it made: its first EDGE frames stay, so that poses
and speeds go on, and the wrench of every frame is read with the poses that are kept.
"""

from collections.abc import Callable, Sequence
from dataclasses import dataclass, replace

import numpy as np

from ironarc.core.solve.model import Model
from ironarc.core.solve.span import MOST_PASSES, solve_span
from ironarc.core.solve.task import EDGE, Solved, Task

OVERLAP = 12  # frames before a cut that the next window may change again
MOST_FRAMES = 240  # of a window, unless a flight is longer
WINDOW_BYTES = 500e6  # that a window may take, where its frames allow
MOST_BYTES = 1500e6  # and whatever its frames are
CUT_FROM = 2 / 3  # of a window's length, from where it may be cut
# m/s that a frame unborne, in flight or at fault counts as faster
UNBORNE, IN_AIR, NEEDED = 3.0, 100.0, 0.5
# measured on 24 to 90 joints, two to ten points that bear: `python -m bench.long`
FRAME_BYTES, FRAME_BYTES_UNKNOWN, FRAME_BYTES_PAIR = 20e3, 6e3, 90.0
FRAME_S, USUAL_UNKNOWNS = 0.02, 75

Span = tuple[int, int]


@dataclass(frozen=True)
class Pass:
    """How far a solution is: pass `number` of window `part` of `parts`; left : body weights from nowhere at most."""

    number: int
    left: float
    part: int = 1
    parts: int = 1

    @property
    def share(self) -> float:
        """Of the whole; nobody knows how many passes a window takes, so each is worth less than the one before it."""
        return (self.part - 1 + self.number / (self.number + 6.0)) / self.parts


Report = Callable[[Pass], bool]  # whether to go on


def bytes_of(frames: int, unknowns: int) -> float:
    """What solving so many frames at once takes, about."""
    return frames * (FRAME_BYTES + FRAME_BYTES_UNKNOWN * unknowns + FRAME_BYTES_PAIR * unknowns**2)


def seconds_of(frames: int, unknowns: int) -> float:
    """How long solving so many frames takes on one core, about."""
    return frames * FRAME_S * max((unknowns / USUAL_UNKNOWNS) ** 2, unknowns / USUAL_UNKNOWNS)


def unknowns_of(model: Model) -> int:
    """Of a frame, where everything that has mass may turn."""
    carried = model.weighed.sum(axis=1) / model.mass
    return 3 + 3 * int((carried > 1e-9).sum())


def frames_of(unknowns: int) -> int:
    """Of a window."""
    return int(np.clip(WINDOW_BYTES / bytes_of(1, unknowns), 4 * OVERLAP, MOST_FRAMES))


def cut(need: np.ndarray, stands: np.ndarray, most: int) -> list[Span]:
    """Windows [a, b) over the runs of `need` (frames,) bool, each up to `most` frames but where a flight is longer.

    stands : (frames,) m/s, how badly the body stands: the least of it is where a run is cut, never a flight
    """
    out: list[Span] = []
    edges = np.flatnonzero(np.diff(np.concatenate([[0], need.astype(np.int8), [0]])))
    for a, b in edges.reshape(-1, 2):
        a, b = max(int(a) - EDGE, 0), min(int(b) + EDGE, len(need))
        # runs that nearly meet share frames that must not be solved by both
        if out and a < out[-1][1] - EDGE:
            a = out.pop()[0]
        out.append((a, b))
    return [window for run in out for window in _in_parts(*run, stands, most)]


def _in_parts(a: int, b: int, stands: np.ndarray, most: int) -> list[Span]:
    out = []
    while b - a > most:
        low, high = a + int(CUT_FROM * most), a + most
        at = low + int(np.argmin(stands[low:high]))
        if stands[at] >= IN_AIR:  # one flight throughout: on to where it comes down
            down = np.flatnonzero(stands[high:b] < IN_AIR)
            if not len(down):
                break
            at = min(high + int(down[0]) + OVERLAP, b)
            if b - at <= OVERLAP:
                break
        out.append((a, at))
        a = at - OVERLAP
    return [*out, (a, b)]


def stands_of(speed: np.ndarray, resting: np.ndarray, air: np.ndarray, need: np.ndarray) -> np.ndarray:
    """(frames,) m/s for `cut`. speed : of the center of gravity; resting : how many points rest; air, need : bool"""
    return speed + UNBORNE * (resting < 2) + IN_AIR * air + NEEDED * need


def solve_windows(
    task: Task, spans: Sequence[Span], report: Report | None = None, passes: int = MOST_PASSES, close: float = 1e-3
) -> Solved:
    """Solves the windows of a task one after the other. Frames in no window stay; `left` is nothing there."""
    local, translation = task.local.copy(), task.translation.copy()
    left, missed, made, done = np.zeros(len(local)), 0.0, 0, True
    for part, (a, b) in enumerate(spans, 1):
        window = replace(task.over(a, b), local=local[a:b].copy(), translation=translation[a:b].copy())

        def told(number: int, worst: float, part: int = part) -> bool:
            return report is None or report(Pass(number, worst, part, len(spans)))

        solved = solve_span(window, told, passes, close)
        local[a:b], translation[a:b] = solved.local, solved.translation
        # its first and last frame keep the wrench that was read with both of their neighbours
        left[a + 1 : b - 1] = solved.left[1:-1]
        missed, made, done = max(missed, solved.missed_m), made + solved.passes, solved.done
        if not done:
            break
    return Solved(local, translation, left, missed, made, done)
