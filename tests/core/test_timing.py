"""Which own frame plays on which frame of the shot, for any slip, trim and cuts that can be made."""

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st

from ironarc.core.columns import Dense
from ironarc.core.errors import EditError
from ironarc.core.figure.rig import Joint, Rig
from ironarc.core.motion.layers import BROUGHT_IN, REPLACES, Layer
from ironarc.core.motion.retime import retime_layers
from ironarc.core.scene.cuts import Cut
from ironarc.core.scene.timing import Timing

CLIP = (1, 120)


@st.composite
def timings(draw) -> Timing:
    """A timing made by edits that were not refused."""
    timing = Timing().with_slip(draw(st.integers(-30, 30)))
    for _ in range(draw(st.integers(0, 3))):
        start = draw(st.integers(1, 120))
        length = draw(st.integers(1, 20))
        cut = Cut(start, start + length - 1, draw(st.integers(0, length)))
        try:
            timing = timing.with_cut(cut, CLIP)
        except EditError:
            continue
    return timing


@given(timing=timings())
def test_own_frames_never_go_back_and_shares_lie_between_nothing_and_all(timing):
    frames = np.arange(-60, 220)
    mix = timing.mix(frames, CLIP)
    assert (np.diff(mix.before) >= 0).all()
    assert (np.diff(mix.after) >= 0).all()
    assert ((mix.share >= 0) & (mix.share < 1 + 1e-12)).all()
    assert (mix.after >= mix.before).all()
    assert mix.before.min() == CLIP[0]
    assert mix.after.max() == CLIP[1]
    # outside of a blend nothing that was cut out is seen
    for cut in timing.cuts:
        alone = mix.before[mix.share == 0]
        assert not ((alone >= cut.start) & (alone <= cut.end)).any()


@given(timing=timings())
def test_what_plays_is_the_clip_less_what_was_cut_out(timing):
    first, last = timing.span(CLIP)
    assert last - first + 1 == 120 - sum(c.frames for c in timing.cuts)
    assert timing.unheld(np.array([first, last])).tolist() == list(CLIP)
    frames = np.arange(first, last + 1)
    assert [timing.seen_frame(int(f)) for f in timing.unheld(frames)] == frames.tolist()


@given(timing=timings())
def test_mending_every_cut_gives_the_motion_back(timing):
    slip = timing.slip
    for _ in range(len(timing.cuts)):
        timing = timing.without_cut(0)
    assert timing == Timing(slip)


def test_a_turn_that_passes_half_a_circle_is_sampled_the_short_way():
    rig = Rig((Joint("Hips", -1, (0, 0, 0), ("rz", "rx", "ry")),))
    # written as angles in files are: from 170° on to -170°
    turn = np.radians([150, 160, 170, -180, -170, -160, -150])
    columns = {("Hips", "ry"): Dense(1, turn), ("Hips", "rx"): Dense(1, turn * 0), ("Hips", "rz"): Dense(1, turn * 0)}
    (layer,) = retime_layers(rig, (Layer("base", "b", BROUGHT_IN, REPLACES, columns),), 1, 2)
    sampled = np.degrees(np.unwrap(layer.columns["Hips", "ry"].values))
    np.testing.assert_allclose(sampled, np.arange(150, 211, 5), atol=0.05)


@pytest.mark.parametrize(("first", "last"), [(0, 50), (60, 40), (1, 121)])
def test_a_trim_outside_of_the_clip_is_refused(first, last):
    with pytest.raises(EditError, match=r"The motion has frames 1 to 120; -?\d+ to \d+ is not a span within them"):
        Timing().with_trim(first, last, CLIP)


@pytest.mark.parametrize(
    ("timing", "words"),
    [
        (Timing(slip=200_000), "slipped by up to"),
        (Timing(trim=(90, 140)), "not a span within them"),
        (Timing(cuts=(Cut(110, 130),)), "needs 1 frame of the clip"),
    ],
)
def test_a_timing_that_does_not_fit_its_clip_is_refused(timing, words):
    with pytest.raises(EditError, match=words):
        timing.checked(CLIP)
