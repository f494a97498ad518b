"""The planner's solver, held against the closed forms written out by hand and against a flight stepped in time."""

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st

from ironarc.core.errors import EditError
from ironarc.core.planning.ballistics import bounces, hang_over, implied_gravity, whole_frame_starts
from ironarc.core.planning.flight_solver import solve
from ironarc.core.scene.fall import leap_between

RISES, DROPS = st.floats(0.02, 5.0), st.floats(0.0, 8.0)


def test_at_24_fps_a_rise_and_drop_of_306_mm_is_12_frames():
    plan = solve(rise_m=0.306, drop_m=0.306, fps=24)
    assert plan.frames == pytest.approx(2 * np.sqrt(2 * 0.306 / 9.81) * 24, rel=1e-12)
    assert plan.whole_frames == 12
    assert solve(hang_frames=12, fps=24).rise_m == pytest.approx(9.81 * 0.5**2 / 8, rel=1e-12)


@given(rise=RISES, drop=DROPS, along=st.floats(0.1, 9.0), g=st.floats(1.0, 25.0))
def test_any_sufficient_set_gives_the_same_flight(rise, drop, along, g):
    up = np.sqrt(2 * g * rise)
    hang = up / g + np.sqrt(2 * drop / g)
    facts = {
        "rise_m": rise, "drop_m": drop, "hang_s": hang, "distance_m": along * hang,
        "speed_ms": np.hypot(up, along), "angle_rad": np.arctan2(up, along),
    }  # fmt: skip
    sets = [
        ("rise_m", "drop_m", "distance_m"), ("rise_m", "hang_s", "distance_m"), ("drop_m", "hang_s", "distance_m"),
        ("drop_m", "speed_ms", "angle_rad"), ("hang_s", "speed_ms", "angle_rad"), ("rise_m", "drop_m", "angle_rad"),
        ("drop_m", "distance_m", "angle_rad"), ("rise_m", "drop_m", "speed_ms"),
    ]  # fmt: skip
    for names in sets:
        plan = solve(**{name: facts[name] for name in names}, g=g)
        found = [plan.rise_m, plan.drop_m, plan.hang_s, plan.distance_m, plan.speed_ms, plan.angle_rad]
        np.testing.assert_allclose(found, list(facts.values()), rtol=1e-5, atol=1e-6, err_msg=str(names))


@given(rise=RISES, drop=DROPS, hang=st.floats(0.1, 4.0))
def test_gravity_follows_from_rise_drop_and_hang(rise, drop, hang):
    g = implied_gravity(rise, drop, hang)
    again = solve(rise_m=rise, drop_m=drop, g=g)
    assert again.hang_s == pytest.approx(hang, rel=1e-9)
    assert solve(rise_m=rise, drop_m=drop, hang_s=hang, g=None).g == pytest.approx(g, rel=1e-9)


def test_a_flight_stepped_in_time_lands_when_the_plan_says():
    plan = solve(rise_m=0.8, drop_m=1.3, distance_m=2.0, g=3.71)
    dt, y, v, t = 1e-5, 0.0, plan.up_ms, 0.0
    while y > -0.5 or v > 0:  # 1.3 m below an apex 0.8 m up
        y, v, t = y + v * dt - plan.g * dt * dt / 2, v - plan.g * dt, t + dt
    assert t == pytest.approx(plan.hang_s, abs=2e-5)


def test_of_two_arcs_with_one_speed_the_lower_is_taken():
    plan = solve(speed_ms=4.0, distance_m=1.2, drop_m=0.4)
    assert plan.angle_rad < np.radians(45)
    assert plan.along_ms * plan.hang_s == pytest.approx(1.2, rel=1e-9)


@pytest.mark.parametrize(
    ("known", "words"),
    [
        ({}, "Give a rise, or a hang time"),
        ({"distance_m": 2.0}, "The distance alone leaves the flight open: give a rise"),
        ({"rise_m": 0.306, "drop_m": 0.306, "hang_frames": 20}, "take 12.0 frames .* given as 20.0 frames"),
        ({"rise_m": 1.0, "hang_s": 0.2}, "The rise alone takes 0.45 s, longer than the hang time of 0.20 s"),
        ({"rise_m": 2.0, "speed_ms": 1.0, "drop_m": 2.0}, "more than the whole take-off speed of 1.00 m/s"),
        ({"speed_ms": 2.0, "distance_m": 5.0}, "2.00 m/s are too slow to cover 5.00 m"),
        ({"rise_m": -1.0}, "The rise must be 0 or more; -1 was given"),
        ({"rise_m": 1.0, "g": 0.0}, "The gravity must be more than 0"),
        ({"rise_m": 0.0, "drop_m": 0.0}, "With no rise and no drop there is no flight"),
        ({"rise_m": float("nan")}, "The rise must be 0 or more"),
        ({"angle_rad": np.pi / 2, "speed_ms": 3.0}, "must be less than 90°"),
        ({"hang_s": 1.0, "hang_frames": 12}, "1 s are 24.0 frames at 24 fps, not 12"),
        ({"rise_m": 0.3, "drop_m": 0.3, "distance_m": 1.0, "speed_ms": 9.0}, "the take-off speed is given as 9.00"),
    ],
)
def test_what_is_too_little_or_contradicts_itself_gets_a_sentence(known, words):
    with pytest.raises(EditError, match=words):
        solve(**known)


def test_a_level_landing_is_assumed_in_words():
    assert "lands as high as it left" in solve(rise_m=0.5).assumed
    assert solve(rise_m=0.5, drop_m=0.2).assumed == ""


def test_the_whole_frame_implies_a_gravity_of_its_own():
    plan = solve(rise_m=0.3, drop_m=0.3, fps=12)
    assert plan.whole_frames == 6  # 5.94
    assert hang_over(0.0, 0.0, 0.3, plan.whole_frame_g) * 12 == pytest.approx(6, rel=1e-12)


def test_the_frame_table_ends_on_the_landing_and_sums_to_the_drop():
    plan = solve(rise_m=0.5, drop_m=0.9, distance_m=1.0, fps=30)
    rows = plan.frame_table()
    assert rows[0]["height_m"] == 0.0
    assert rows[-1]["height_m"] == pytest.approx(0.5 - 0.9)
    assert rows[-1]["along_m"] == pytest.approx(1.0)
    assert sum(r["moved_m"] for r in rows) == pytest.approx(-0.4)
    assert [r["frame"] for r in rows[:-1]] == pytest.approx(list(range(len(rows) - 1)))


def test_bounces_lose_height_by_the_square_of_the_factor():
    hops, rest = bounces(1.0, 0.6, rest_m=0.01)
    assert [h.rise_m for h in hops] == pytest.approx([0.36, 0.1296, 0.046656, 0.01679616])
    assert hops[0].start_s == pytest.approx(np.sqrt(2 / 9.81))
    assert rest == pytest.approx(hops[-1].start_s + hops[-1].hang_s)
    starts = list(whole_frame_starts(hops, rest, 24))
    assert [a + n for a, n in starts[:-1]] == [a for a, _ in starts[1:]]
    with pytest.raises(EditError, match="At 1 it never rests"):
        bounces(1.0, 1.0)


def test_an_arc_between_two_points_has_the_gravity_it_was_given():
    t = np.linspace(0, 0.5, 9)
    p = leap_between(np.array([0, 1.0, 0]), np.array([1.0, 0.4, 2.0]), 0.5, 9.81, t)
    np.testing.assert_allclose(p[[0, -1]], [[0, 1, 0], [1, 0.4, 2]], atol=1e-12)
    np.testing.assert_allclose(np.diff(p, 2, axis=0) / (t[1] ** 2), [[0, -9.81, 0]] * 7, atol=1e-9)
    with pytest.raises(EditError, match="lies below the landing at 90 cm"):
        hang_over(0.0, 0.9, 0.5, 9.81)
