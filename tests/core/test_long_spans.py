"""Long spans solved window by window: where they are cut, what joins, and what they take."""

import tracemalloc
from itertools import pairwise

import numpy as np
import pytest

from ironarc.core import effort
from ironarc.core.errors import EditError
from ironarc.core.judging.findings import find
from ironarc.core.reading import see
from ironarc.core.reading.forces import read_forces
from ironarc.core.solve import windows
from ironarc.core.solve.banded import Stencil
from ironarc.core.solve.task import EDGE
from ironarc.core.truing import propose, read_try
from ironarc.core.truing.corrections import whole
from tests.figures import long_shot

FRAMES = 700


@pytest.fixture(scope="module")
def hops():
    """Ten hops that float, in a row."""
    return see(long_shot(FRAMES))


def test_the_stencil_is_that_of_second_differences():
    n, rate, bend = 9, 0.7, 3.0
    second = np.diff(np.eye(n), 2, axis=0)
    dense = rate * (np.eye(n) + bend * second.T @ second)
    stencil, d = Stencil(n, rate, bend), np.random.default_rng(2).normal(size=(n, 4))
    np.testing.assert_allclose(stencil.times(d), dense @ d, atol=1e-12)
    for offset, diagonal in enumerate((stencil.middle, stencil.beside, stencil.beyond)):
        np.testing.assert_allclose(diagonal, np.diag(dense, offset), atol=1e-12)


def test_a_run_is_cut_where_the_body_stands_best_and_never_in_a_flight():
    need = np.zeros(400, dtype=bool)
    need[20:380] = True
    stands = np.full(400, 2.0)
    stands[90], stands[100:180], stands[185] = 0.1, windows.IN_AIR, 0.2
    spans = windows.cut(need, stands, 90)
    assert spans[0] == (20 - EDGE, 90)
    assert all(a == b - windows.OVERLAP for (_, b), (a, _) in pairwise(spans))
    assert spans[-1][1] == 380 + EDGE
    assert not any(100 <= b < 180 for _, b in spans)
    assert max(b - a for a, b in spans) > 90  # the one that holds the flight


def test_what_is_sound_between_is_in_no_window_and_runs_that_meet_share_one():
    need = np.zeros(300, dtype=bool)
    need[50:90] = need[91:120] = need[200:240] = True
    spans = windows.cut(need, np.zeros(300), 200)
    assert spans == [(50 - EDGE, 120 + EDGE), (200 - EDGE, 240 + EDGE)]


def test_the_joined_motion_holds_together_over_its_seams(hops):
    """The wrench of every frame, seams too, is read anew from the motion that is kept."""
    at, task = whole.span_task(hops, whole.Options(1, FRAMES))
    spans = whole.windows_of(hops.reading, at, task)
    assert len(spans) > 2
    told = []
    solved = windows.solve_windows(task, spans, lambda step: told.append(step) or True)
    assert solved.done
    assert [step.share for step in told] == sorted(step.share for step in told)
    assert {(step.part, step.parts) for step in told} == {(k, len(spans)) for k in range(1, len(spans) + 1)}
    after = see(propose(hops, read_try(f"true_span(start=1,end={FRAMES})")).edit.apply(hops.shot))
    assert {"hang", "arc", "phantom"} < {f.kind for f in find(hops.reading)}
    # the feet of one hop do not stand where those of the next one begin; that is left
    assert {f.kind for f in find(after.reading)} <= {"slide"}
    force = after.reading.ask(read_forces).size
    bent = np.linalg.norm(np.diff(after.reading.poses.position, 3, axis=0), axis=-1).max(axis=1)
    for _, seam in spans[:-1]:
        near = slice(seam - 4, seam + 4)
        assert force[near].max() < 0.1
        assert bent[near].max() < np.quantile(bent, 0.95)  # no kink where two windows meet


def test_a_span_that_is_stopped_keeps_what_was_done_so_far(hops):
    at, task = whole.span_task(hops, whole.Options(1, FRAMES))
    spans = whole.windows_of(hops.reading, at, task)
    solved = windows.solve_windows(task, spans, lambda step: step.part == 1)
    assert not solved.done
    assert (solved.translation[spans[1][1] :] == task.translation[spans[1][1] :]).all()


def test_memory_is_that_of_a_window_and_below_what_is_told(hops):
    peaks = []
    for frames in (FRAMES // 2, FRAMES):
        at, task = whole.span_task(hops, whole.Options(1, frames))
        spans = whole.windows_of(hops.reading, at, task)
        tracemalloc.start()
        windows.solve_windows(task, spans, passes=2)
        peaks.append(tracemalloc.get_traced_memory()[1])
        tracemalloc.stop()
        longest = max(b - a for a, b in spans)
        assert peaks[-1] < windows.bytes_of(longest, task.unknowns())
    assert peaks[1] < 1.3 * peaks[0]


def test_what_would_take_too_long_is_refused_before_it_begins(hops, monkeypatch):
    monkeypatch.setattr(whole, "MOST_S", 1.0)
    with pytest.raises(EditError, match=r"This would take about 0\.0 hours"):
        propose(hops, read_try(f"true_span(start=1,end={FRAMES})"))
    monkeypatch.setattr(whole, "MOST_S", 3600.0)
    monkeypatch.setattr(windows, "MOST_BYTES", 1e3)
    with pytest.raises(EditError, match="one flight, too long to solve at once"):
        propose(hops, read_try(f"true_span(start=1,end={FRAMES})"))


def test_nobody_waits_for_what_takes_long(hops):
    with effort.limited(2.0), pytest.raises(effort.TooMuch, match="have it worked out in the background"):
        propose(hops, read_try(f"true_span(start=1,end={FRAMES})"))


@pytest.mark.parametrize("keep", ["--5", "²", "1_0", "9" * 5000, "20; --5"])
def test_frames_that_are_none_are_refused_in_words(hops, keep):
    with pytest.raises(EditError, match="are given by their frames"):
        whole.span_task(hops, whole.Options(18, 60, keep=keep))
