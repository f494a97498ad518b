"""The spine against a line drawn over a pose, on a body whose spine is known."""

import numpy as np
import pytest

from ironarc.core.reading import see
from ironarc.core.reading.drawn_line import SPINE, off_line
from tests.conftest import demo


@pytest.fixture(scope="module")
def reading():
    return see(demo("Gap hop")).reading


def spine(reading, frame):
    joints = [i for i, m in enumerate(reading.body.anatomy.meanings) if m.role in SPINE]
    return reading.poses.position[frame - 1, joints]


@pytest.mark.parametrize("frame", [1, 20, 37])
def test_a_line_through_the_spine_is_not_off_at_all(reading, frame):
    assert off_line(reading, frame, spine(reading, frame)).cm == pytest.approx(0, abs=1e-6)


def test_a_line_beside_it_is_off_by_as_much(reading):
    places = spine(reading, 1)
    # straight up behind the spine that stands
    foot = places[0] + np.array([0.2, 0, 0])
    line = np.array([foot - [0, 1, 0], foot + np.array([0, 2, 0])])
    found = off_line(reading, 1, line)
    assert found.cm == pytest.approx(np.hypot(0.2, places[:, 2] - places[0, 2]).max() * 100, abs=1e-6)


def test_a_bent_line_is_seen_in_the_view_it_was_drawn_in(reading):
    """Drawn from the side, a metre nearer to the one who drew it: that metre is not seen."""
    places = spine(reading, 20)
    drawn = places * [0, 1, 1] + np.array([1.0, 0, 0])
    assert np.ptp(drawn[:, 2]) > 0.1  # it bends
    assert off_line(reading, 20, drawn).cm < 0.5
    shifted = off_line(reading, 20, drawn + np.array([0, 0, 0.1]))
    assert 2 < shifted.cm < 10.1


def test_on_a_frame_that_is_not_there_nothing_is_said(reading):
    assert off_line(reading, 900, spine(reading, 1)) is None
