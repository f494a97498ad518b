"""Numbers that ways are priced, refused and ordered by, and words for them, each worked out by hand."""

from dataclasses import replace
from types import SimpleNamespace

import numpy as np
import pytest

from ironarc.core import rotation
from ironarc.core.judging.finding import Finding, cm, frames
from ironarc.core.reading import read
from ironarc.core.reading.account import ARC, BORNE, STANCE, merged
from ironarc.core.reading.derivatives import (
    CUBIC,
    QUADRATIC,
    degree_for,
    difference_operator,
    is_captured,
    operator_rows,
)
from ironarc.core.reading.glides import slower_side
from ironarc.core.reading.soles import sole_level
from ironarc.core.truing import trial
from ironarc.core.truing.residue import Residue, from_nothing, harm, moved, price
from tests.core.test_contacts import BODY
from tests.figures import carried

G = 9.81


def residue_of(**given) -> Residue:
    at = np.zeros((20, 3, 3))
    plain = Residue(
        0.0, 0.0, 0.0, 0.0, 0.0, 100.0, 5.0, at, np.zeros((19, 3)), np.arange(20.0), (), 9.0, 1 / 24, 1.0
    )  # fmt: skip
    return replace(plain, **given)


@pytest.mark.parametrize(("given", "loss"), [
    ({}, 0.0), ({"gained_ms": 0.7}, 0.7), ({"arc_m": 0.008}, 0.0), ({"arc_m": 0.108}, 4.0), ({"spin": 0.15}, 0.0),
    ({"spin": 0.65}, 0.5), ({"sunk_m": 0.01}, 0.0), ({"sunk_m": 0.06}, 1.0), ({"slid_m": 0.02}, 0.0),
    ({"slid_m": 0.27}, 1.0), ({"gained_ms": 2.0, "size": 4.0}, 1.0), ({"arc_m": 0.432, "size": 4.0}, 4.0),
])  # fmt: skip
def test_all_that_is_amiss_adds_up_in_the_figure_s_own_measure(given, loss):
    assert residue_of(**given).loss == pytest.approx(loss)


def test_a_way_costs_the_metres_and_the_seconds_it_changes():
    before = residue_of()
    shifted = residue_of(at=before.at + np.where(np.arange(20) == 10, 0.3, 0.0)[:, None, None] * [1.0, 0, 0])
    # there and back again: 0.6 m of change over twenty frames
    assert moved(before, shifted) == pytest.approx(0.03)
    assert price(before, shifted, 0) == pytest.approx(6 * 0.03)
    assert price(before, before, 24) == pytest.approx(1.5)
    assert price(before, before, -24) == pytest.approx(0.1)
    giant = residue_of(size=4.0)
    assert price(giant, giant, 24) == pytest.approx(0.75)


def test_a_way_that_takes_out_frames_is_held_against_the_same_moments():
    at = np.zeros((20, 2, 3))
    at[:, :, 2] = np.arange(20)[:, None] * 0.1
    before = residue_of(at=at)
    own = np.linspace(0, 19, 10)
    after = residue_of(
        at=np.repeat(own[:, None, None] * 0.1, 2, axis=1) * [0, 0, 1.0], own=own, momentum=np.zeros((9, 3))
    )
    assert moved(before, after) == pytest.approx(0.0, abs=1e-9)


@pytest.mark.parametrize(("worse", "words"), [
    ({"gained_ms": 0.11}, ""), ({"gained_ms": 0.13}, "more force from nowhere"), ({"sunk_m": 0.011}, ""),
    ({"sunk_m": 0.013}, "soles under the ground"), ({"slid_m": 0.019}, ""), ({"slid_m": 0.021}, "feet slide"),
    ({"arc_m": 0.014}, ""), ({"arc_m": 0.016}, "farther off the arc"), ({"jerk": 249.0}, ""),
    ({"jerk": 251.0}, "jerkier"), ({"speed": 6.2}, ""), ({"speed": 6.3}, "faster"),
])  # fmt: skip
def test_harm_begins_where_it_says(worse, words):
    assert harm(residue_of(), residue_of(**worse), 0) == words


@pytest.mark.parametrize(("up", "size", "words"), [
    (0.59, 1.0, ""), (0.61, 1.0, "thrown up or down by more than a third of its height"), (2.0, 4.0, ""),
    (-0.61, 1.0, "thrown up or down by more than a third of its height"),
])  # fmt: skip
def test_nobody_is_thrown_up_unasked(up, size, words):
    before = residue_of(size=size, jerk=0.0)
    frame = (np.arange(20) == 10)[:, None, None]
    assert harm(before, replace(before, at=before.at + frame * [0.0, up, 0.0]), 0) == words
    # along the ground a glide is taken out however far it went
    assert harm(before, replace(before, at=before.at + frame * [5.0, 0.0, 0.0]), 0) == ""


def test_what_is_played_at_another_pace_may_jerk_twice_as_much():
    before, after = residue_of(jerk=1000.0), residue_of(jerk=1900.0)
    assert harm(before, after, 0) == "jerkier"
    assert harm(before, after, -3) == ""
    assert harm(before, residue_of(jerk=2100.0), -3) == "jerkier"


def test_moments_from_nothing_are_told_over_the_figure_s_own_height():
    # a stiff body in the air begins to turn: nothing gives the moment
    n, fps, rate = 40, 24, 3.0
    t = np.arange(n) / fps
    turn = rotation.about_axis("X", rate * np.maximum(t - 0.6, 0.0))
    reading = read(carried(2.0 + 3.0 * t - G / 2 * t * t, 1 / fps, turn=turn), BODY, G, 0.0)
    _, moment = from_nothing(reading)
    # over a twentieth of a second either side, a frame here
    L = reading.angular_momentum
    torque = np.linalg.norm(L[2:] - L[:-2], axis=1) / (2 / fps)
    wanted = torque / (BODY.mass_kg * G) / reading.size  # of one body weight at a metre
    np.testing.assert_allclose(moment[5:-5], wanted[4:-4], rtol=1e-6, atol=1e-9)
    assert abs(int(moment.argmax()) - 15) <= 2


def test_a_finding_is_noticed_by_how_far_past_its_limit_it_is_and_for_how_long():
    one = Finding("slide", "strained", 10, 10, 0.06, "m", 0.02, "")
    assert one.notice == pytest.approx(3.0)
    assert replace(one, end=18).notice == pytest.approx(9.0)
    assert (frames(1), frames(1.2), frames(2), frames(0)) == ("1 frame", "1 frame", "2 frames", "0 frames")
    assert (cm(0.099), cm(0.0996), cm(0.25)) == ("9.9 cm", "10 cm", "25 cm")


def test_soles_are_told_by_six_frames_of_rest_at_one_level_and_by_half_of_it():
    def level(rest, still=None, size=1.0):
        away = np.array(rest)[:, None]
        return sole_level(away, np.ones(len(away), bool) if still is None else still, size)

    assert level([0.015] * 6) == pytest.approx(0.015)
    assert level([0.015] * 5) == 0.0
    assert level([0.03] * 6) == 0.0  # no sole is as thick as that
    assert level([0.015] * 10 + [-0.01] * 9) == pytest.approx(0.015)
    assert level(list(np.linspace(-0.01, 0.024, 40))) == 0.0
    assert level([0.045] * 8, size=3.0) == pytest.approx(0.045)
    assert level([0.015] * 8, still=np.zeros(8, bool)) == 0.0


def test_of_two_paces_beside_a_frame_the_slower_one_counts():
    assert slower_side(np.array([1.0, 3.0, 2.0])).tolist() == [1.0, 1.0, 2.0, 2.0]


def test_arcs_side_by_side_are_one_flight_and_stances_one_stance():
    none = np.zeros(40, dtype=bool)
    parts = [(3, 8, ARC), (8, 14, ARC), (14, 20, STANCE), (20, 26, STANCE), (26, 30, BORNE), (34, 39, ARC)]
    flights, stances = merged(parts, none, none, 1 / 24)
    assert flights == [(3, 14), (34, 39)]
    assert stances == [(14, 26)]


@pytest.mark.parametrize("fps", [24, 30, 60, 120])
def test_a_capture_s_noise_is_told_at_every_rate_and_keys_are_none(fps):
    t = np.arange(2 * fps) / fps
    smooth = rotation.exp(np.column_stack([0.6 * np.sin(3 * t), 0.3 * np.cos(2 * t), 0 * t]))[:, None]
    rng = np.random.default_rng(5)
    noisy = rotation.multiply(smooth, rotation.exp(rng.normal(0, np.radians(0.5), (len(t), 1, 3))))
    assert not is_captured(smooth, 1 / fps)
    assert is_captured(noisy, 1 / fps)
    assert not is_captured(noisy[:8], 1 / fps)
    assert degree_for(smooth, 1 / fps) == CUBIC


@pytest.mark.parametrize("degree", [QUADRATIC, CUBIC])
def test_a_derivative_is_exact_for_its_own_degree_and_ends_at_a_break(degree):
    t = np.arange(60) / 24
    x = t**2 if degree == QUADRATIC else t**3
    speed = 2 * t if degree == QUADRATIC else 3 * t**2
    inner = slice(2, -2)  # half a window at either end has no middle to fit
    np.testing.assert_allclose((difference_operator(60, 1 / 24, 1, (), degree) @ x)[inner], speed[inner], atol=1e-9)
    bent = np.where(t < 1, 0.0, x - 1)
    told = difference_operator(60, 1 / 24, 1, (24,), degree) @ bent
    np.testing.assert_allclose(told[:24], 0.0, atol=1e-9)
    np.testing.assert_allclose(told[26:-2], speed[26:-2], atol=1e-9)
    # a window of 0.06 s on either side, two frames at the least
    for fps, wide in ((24, 4), (120, 14)):
        used = np.flatnonzero(np.abs(difference_operator(60, 1 / fps, 1, (), QUADRATIC).toarray()[30]) > 1e-9)
        assert used[-1] - used[0] == wide


def test_rows_of_an_operator_are_those_of_the_whole_one():
    breaks = (3, 4, 20, 41, 43, 90, 97, 120)
    for order, degree in ((1, QUADRATIC), (2, CUBIC)):
        whole = difference_operator(130, 1 / 60, order, breaks, degree).toarray()
        for a, b in ((0, 130), (0, 30), (19, 42), (43, 44), (95, 130)):
            rows, (low, high) = operator_rows((a, b), 130, 1 / 60, order, breaks, degree)
            np.testing.assert_array_equal(rows.toarray(), whole[a:b, low:high])
            assert np.count_nonzero(whole[a:b]) == rows.count_nonzero()


def test_findings_of_one_cause_are_settled_together():
    one, other, apart = (
        Finding("hang", "strained", 10 * i, 10 * i, 3.0, "f", 1.0, "", cause=cause)
        for i, cause in enumerate(("a flight", "a flight", "another"))
    )
    for left, together in (((other, apart), 1), ((apart,), 0)):
        assert trial._together(SimpleNamespace(left=left), one) == together
    assert trial._together(SimpleNamespace(left=(other,)), replace(one, cause="")) == 0
