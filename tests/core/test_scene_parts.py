"""Placements, props, references and guides, each by geometry worked out another way."""

from dataclasses import replace
from fractions import Fraction

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st

from ironarc.core.errors import EditError
from ironarc.core.scene.guide import DRAWN, GRAVITY, Guide, point_times
from ironarc.core.scene.lineup import BY_SIZE, FREELY, ON_FLOOR, line_up
from ironarc.core.scene.placement import Placement
from ironarc.core.scene.props import Prop
from ironarc.core.scene.reference import Mark, Reference, stand_up

COORDINATE = st.floats(-5, 5)
POINT = st.tuples(COORDINATE, COORDINATE, COORDINATE)
PLACEMENTS = st.builds(Placement, POINT, st.floats(-np.pi, np.pi), st.floats(0.1, 5.0))


@given(placement=PLACEMENTS, point=POINT)
def test_into_the_world_and_back(placement, point):
    np.testing.assert_allclose(placement.to_own(placement.to_world(np.array(point))), point, atol=1e-9)


def test_a_quarter_turn_goes_from_ahead_to_the_left():
    turned = Placement(turn_rad=np.pi / 2).to_world(np.array([0.0, 0.0, 1.0]))
    np.testing.assert_allclose(turned, [1.0, 0.0, 0.0], atol=1e-12)


@given(placement=PLACEMENTS, own=POINT, turn=st.floats(-3, 3), scale=st.floats(0.2, 4))
def test_turning_and_scaling_about_a_point_leave_it_where_it_is(placement, own, turn, scale):
    pivot = placement.to_world(np.array(own))
    changed = placement.about(pivot, turn_rad=turn, scale=scale)
    np.testing.assert_allclose(changed.to_world(np.array(own)), pivot, atol=1e-8)
    assert (changed.turn_rad, changed.scale) == (turn, scale)


@pytest.mark.parametrize("scale", [0.0, -1.0, float("nan"), 101.0])
def test_a_scale_of_zero_or_less_is_refused(scale):
    with pytest.raises(EditError, match="A scale must be more than 0"):
        Placement(scale=scale).checked()


@given(placement=PLACEMENTS, own=POINT, target=POINT)
def test_lining_up_brings_the_points_together(placement, own, target):
    own, target = np.array(own), np.array(target)
    point = placement.to_world(own)
    met = line_up(placement, point, target, 0.0, FREELY).to_world(own)
    np.testing.assert_allclose(met, target, atol=1e-8)
    level = line_up(placement, point, target, 0.0, ON_FLOOR).to_world(own)
    np.testing.assert_allclose(level, [target[0], point[1], target[2]], atol=1e-8)


def test_lining_up_by_size_scales_about_the_floor():
    own, floor = np.array([0.2, 1.5, 0.1]), 0.0
    placed = line_up(Placement(), own, np.array([2.0, 1.2, 1.0]), floor, BY_SIZE)
    assert placed.scale == pytest.approx(0.8)
    np.testing.assert_allclose(placed.to_world(own), [2.0, 1.2, 1.0], atol=1e-9)
    np.testing.assert_allclose(placed.to_world(np.array([0.0, 0.0, 0.0]))[1], 0.0, atol=1e-12)
    with pytest.raises(EditError, match="must be off the floor"):
        line_up(Placement(), own, np.array([0.0, 0.0, 0.0]), floor, BY_SIZE)


@pytest.mark.parametrize(
    ("kind", "size", "point", "distance"),
    [
        ("box", (2, 1, 2), (0, 1.3, 0), 0.3),
        ("box", (2, 1, 2), (0, 0.9, 0), -0.1),
        ("box", (2, 1, 2), (1.3, 1.4, 0), 0.5),
        ("ball", (1, 1, 1), (0, 1.5, 0), 0.5),
        ("bar", (2, 0.1, 0.1), (0.5, 0.25, 0), 0.15),
        ("bar", (2, 0.1, 0.1), (1.3, 0.05, 0.4), 0.45),
        ("ramp", (2, 1, 1), (0, 0.5, 0), 0.0),
        ("ramp", (2, 1, 1), (0, 0.5 + np.sqrt(0.5), 0), 0.5),
        ("ramp", (2, 1, 1), (1.25, 0.2, 0.3), 0.25),
    ],
)
def test_distance_to_a_prop_s_surface(kind, size, point, distance):
    assert Prop("prop1", "P", kind, size).distance(np.array(point, float)) == pytest.approx(distance, abs=1e-12)


@pytest.mark.parametrize("size", [(0, 1, 1), (1, -1, 1), (1, 1, float("inf"))])
def test_a_prop_with_no_size_is_refused(size):
    with pytest.raises(EditError, match="must lie between 1 cm and 200 m"):
        Prop("prop1", "Crate", "box", size).checked()


# --- references ---------------------------------------------------------------------------------------

FILM = Reference("reference1", "Hop", "sequence", ("a",) * 36, "image/png", 640, 360, 36, 101, 12.0, 10, 1, 36)


def test_a_reference_at_half_the_rate_steps_every_other_frame():
    own = FILM.own_frames(np.arange(5, 20), Fraction(24))
    assert own.tolist() == [1] * 5 + [1, 1, 2, 2, 3, 3, 4, 4, 5, 5]
    assert [FILM.shot_frame(o, Fraction(24)) for o in (1, 2, 5)] == [10, 12, 18]
    assert FILM.number(1) == 101


@given(rate=st.sampled_from([8.0, 12.0, 23.976, 24.0, 25.0, 30.0, 60.0]), fps=st.sampled_from([12, 24, 25, 30, 60]))
def test_the_shot_frame_of_a_mark_is_the_first_that_shows_it_or_a_later_one(rate, fps):
    film = replace(FILM, rate_fps=rate)
    for own in range(1, 37):
        at = film.shot_frame(own, Fraction(fps))
        shown, before = film.own_frames(np.array([at, at - 1]), Fraction(fps))
        assert shown >= own  # a faster film skips frames of its own
        assert before < own or own == 1


@pytest.mark.parametrize(
    ("changes", "words"),
    [
        ({"in_frame": 9, "out_frame": 4}, "has frames 101 to 136; 109 to 104 is not a span"),
        ({"rate_fps": 0.0}, "between 0.1 and 1000 fps"),
        ({"opacity": 1.5}, "between 0 and 100 %"),
        ({"floor_line": ((5.0, 5.0), (6.0, 5.0))}, "too short to measure by"),
        ({"length_m": 0.0}, "between 1 cm and 1000 m"),
        ({"marks": (Mark(40, "apex"),)}, "has no frame 140 to mark"),
        ({"marks": (Mark(4, "  "),)}, "a word or two"),
        ({"shown": "ceiling"}, "a panel or as a backdrop"),
    ],
)
def test_settings_of_a_reference_that_can_not_be_say_why(changes, words):
    with pytest.raises(EditError, match=words):
        replace(FILM, **changes).checked()


def on_plane(reference: Reference, pixel) -> np.ndarray:
    """Where a pixel stands on the backdrop's plane, worked out from what the backdrop says of itself."""
    b = stand_up(reference)
    x = (pixel[0] / reference.width - 0.5) * b.width_m * (-1 if reference.mirrored else 1)
    y = (0.5 - pixel[1] / reference.height) * b.height_m
    c, s = np.cos(b.roll_rad), np.sin(b.roll_rad)
    return np.array([c * x - s * y, s * x + c * y]) + b.centre_m


@given(
    tilt=st.floats(-0.5, 0.5), height=st.floats(20, 300), x=st.floats(100, 500), mirrored=st.booleans(),
    length=st.floats(0.3, 3.0),
)  # fmt: skip
def test_the_floor_line_comes_to_lie_on_the_floor_and_the_length_to_size(tilt, height, x, mirrored, length):
    a = np.array([x - 80, 250.0])
    b = a + 160 * np.array([np.cos(tilt), -np.sin(tilt)])
    top = (a + b) / 2 + height * np.array([-np.sin(tilt), -np.cos(tilt)])
    line = (tuple((a + b) / 2), tuple(top))
    drawn = replace(FILM, floor_line=(tuple(a), tuple(b)), length_line=line, length_m=length, mirrored=mirrored)
    np.testing.assert_allclose(on_plane(drawn, a)[1], 0.0, atol=1e-9)
    np.testing.assert_allclose(on_plane(drawn, b)[1], 0.0, atol=1e-9)
    np.testing.assert_allclose(on_plane(drawn, top), [0.0, length], atol=1e-9)
    assert stand_up(drawn).measured


def test_floor_and_up_off_square_share_the_difference_and_say_so():
    drawn = replace(FILM, floor_line=((0.0, 300.0), (600.0, 300.0)), up_line=((300.0, 300.0), (330.0, 0.0)))
    backdrop = stand_up(drawn)
    assert abs(backdrop.skew_rad) == pytest.approx(np.arctan(0.1))
    assert abs(backdrop.roll_rad) == pytest.approx(np.arctan(0.1) / 2)


# --- guides -------------------------------------------------------------------------------------------


def test_a_guide_by_gravity_falls_as_gravity_does():
    guide = Guide("guide1", "Hop", GRAVITY, ((0, 1, 0), (0, 0.8, 2)), 30, 12).checked()
    path = guide.path(np.arange(28, 46), 1 / 24, 9.81)
    assert np.isnan(path[:2]).all()
    assert np.isnan(path[15:]).all()
    np.testing.assert_allclose(path[[2, 14]], [[0, 1, 0], [0, 0.8, 2]], atol=1e-12)
    np.testing.assert_allclose(np.diff(path[2:15, 1], 2) * 24**2, -9.81, atol=1e-9)


def test_a_drawn_parabola_is_timed_as_gravity_would():
    t = np.array([0.0, 0.13, 0.3, 0.36, 0.5])
    points = np.stack([0 * t, 1 + 2.4 * t - 4.905 * t * t, 3 * t], axis=-1)
    np.testing.assert_allclose(point_times(points), t / 0.5, atol=1e-9)
    guide = Guide("guide1", "Hop", DRAWN, tuple(map(tuple, points)), 1, 12)
    path = guide.path(np.arange(1, 14), 1 / 24, 9.81)
    np.testing.assert_allclose(path[:, 2], np.linspace(0, 1.5, 13), atol=1e-9)
    assert np.abs(path[:, 1] - (1 + 0.8 * path[:, 2] - 0.545 * path[:, 2] ** 2)).max() < 0.02


@pytest.mark.parametrize(
    ("guide", "words"),
    [
        (Guide("g", "G", DRAWN, ((0, 0, 0), (1, 1, 1)), 1, 12), "needs 3 points or more; it has 2"),
        (Guide("g", "G", GRAVITY, ((0, 0, 0),), 1, 12), "take-off and a landing point"),
        (Guide("g", "G", GRAVITY, ((0, 0, 0), (1, 1, 1)), 1, 0.2), "over 1 to 20,000 frames"),
        (Guide("g", "G", GRAVITY, ((0, 0, 0), (1, float("nan"), 1)), 1, 9), "within 1000 m"),
        (Guide("g", "G", "magic", ((0, 0, 0), (1, 1, 1)), 1, 9), "drawn or follows gravity"),
    ],
)
def test_a_guide_that_leads_nowhere_is_refused(guide, words):
    with pytest.raises(EditError, match=words):
        guide.checked()
