from types import SimpleNamespace

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st

from ironarc.core.exchange.bring_in import shot_from_file
from ironarc.core.exchange.take_home import motion_file
from ironarc.core.judging.findings import find, grade_of
from ironarc.core.judging.grades import GRADES
from ironarc.core.reading import read_shot
from ironarc.core.reading.flights import Moving, Spin, allowed_frames, fit_arc, fit_arcs, measure_flight, measure_spin
from ironarc.core.reading.moments import edge_moments
from ironarc.core.truing import settles
from tests.conftest import demo

G = 9.81


def arc(n: int, dt: float, g: float = 9.81, up: float = 2.5) -> np.ndarray:
    t = np.arange(n) * dt
    return np.stack([0.3 + 1.2 * t, 1.0 + up * t - 0.5 * g * t * t, -0.4 * t], axis=-1)


@given(n=st.integers(4, 60), fps=st.sampled_from([12, 24, 30, 60, 120]), g=st.floats(0.5, 30), up=st.floats(-3, 6))
def test_a_perfect_arc_gives_its_own_gravity(n, fps, g, up):
    fit = fit_arc(arc(n, 1 / fps, g, up), 1 / fps)
    assert fit.g == pytest.approx(g, rel=1e-6)
    assert fit.velocity[1] == pytest.approx(up, abs=1e-6)
    np.testing.assert_allclose(fit.residual, 0, atol=1e-9)


def test_the_standard_error_is_the_scatter_of_repeated_noisy_fits():
    rng = np.random.default_rng(5)
    fits = [fit_arc(arc(20, 1 / 60) + rng.normal(0, 0.006, (20, 3)), 1 / 60) for _ in range(400)]
    spread = np.std([f.g for f in fits])
    assert np.mean([f.g_se for f in fits]) == pytest.approx(spread, rel=0.1)


def test_three_frames_say_nothing_of_gravity():
    assert fit_arc(arc(3, 1 / 24), 1 / 24).g_se == np.inf


def test_several_arcs_have_places_and_velocities_of_their_own_and_one_gravity():
    dt, spans = 1 / 30, [(3, 10), (14, 24), (30, 36)]
    starts = np.array([[0.1, 0.9, -0.2], [1.3, 1.1, 0.4], [2.2, 0.8, 0.9]])
    speeds = np.array([[1.0, 2.0, 0.3], [1.5, 3.1, -0.4], [0.7, 1.2, 0.2]])
    com = np.zeros((40, 3))
    for (a, b), at, v in zip(spans, starts, speeds, strict=True):
        t = (np.arange(a, b) - a)[:, None] * dt
        com[a:b] = at + v * t - [0, 3.5, 0] * t**2
    for g in (None, 7.0):
        for fit, (a, b), at, v in zip(fit_arcs(com, dt, spans, g), spans, starts, speeds, strict=True):
            assert fit.g == pytest.approx(7.0)
            np.testing.assert_allclose(fit.position(np.array([a * dt]))[0], at, atol=1e-9)
            np.testing.assert_allclose(fit.velocity_at(a * dt), v, atol=1e-9)
            assert fit.residual.shape == (b - a, 3)
            np.testing.assert_allclose(fit.residual, 0, atol=1e-9)


def test_a_flight_is_told_in_the_frames_of_its_shot():
    """A jump off 40 cm onto the floor at 60 fps, in a shot whose frames are numbered from 101."""
    height, leaves, lands = hop_path(60, 0.4, 0.5)
    a, b = int(np.ceil(leaves)), int(np.floor(lands)) + 1
    n = len(height)
    com = np.stack([np.arange(n) / 60 * 1.2, 1 + height, np.zeros(n)], axis=1)
    velocity = np.gradient(com, 1 / 60, axis=0)
    moving = Moving(com, velocity, np.tile([0.0, 6.0, 0.0], (n, 1)), np.arange(101, 101 + n), 1 / 60)
    flight = measure_flight(moving, (a, b), np.tile(np.diag([10.0, 3.0, 10.0]), (b - a, 1, 1)), 9.81, weighing_g=0.3)
    assert (flight.start, flight.end, flight.hang_frames) == (101 + a, 100 + b, b - a)
    assert flight.take_off_at == pytest.approx(101 + leaves, abs=0.06)
    assert flight.landing_at == pytest.approx(101 + lands, abs=0.06)
    assert flight.hang_s == pytest.approx(0.5, abs=0.002)
    assert flight.aloft_frames == pytest.approx(30, abs=0.12)
    up = 9.81 * 0.25
    assert flight.rise_m == pytest.approx(up * 0.25 / 2, rel=0.01)
    assert flight.drop_m == pytest.approx(up * 0.25 / 2, rel=0.01)
    np.testing.assert_allclose(flight.take_off_ms, [1.2, up, 0], atol=0.02)
    np.testing.assert_allclose(flight.landing_ms, [1.2, -up, 0], atol=0.02)
    assert abs(flight.apex_frame - (101 + (leaves + lands) / 2)) <= 0.6
    assert flight.implied_g == pytest.approx(9.81, abs=0.02)
    assert flight.implied_g_se == pytest.approx(0.3, rel=0.1)  # the fit's own is far less
    assert flight.spin.turns_per_s == pytest.approx(2.0 / (2 * np.pi))
    assert flight.arc_max_m < 0.001


def test_unsteadiness_is_the_share_of_the_mean_spin():
    assert Spin(np.array([3.0, 0.0, 4.0]), 2.0, 0.5).unsteadiness == pytest.approx(0.4)


def test_spin_of_a_steady_turn_and_of_an_unsteady_one():
    inertia = np.tile(np.diag([10.0, 2.0, 10.0]), (6, 1, 1))
    steady = measure_spin(np.tile([0.0, 2.0 * 2 * np.pi, 0.0], (6, 1)), inertia)
    assert steady.turns_per_s == pytest.approx(1.0)
    assert steady.rms_dev == pytest.approx(0.0)
    wavering = measure_spin(np.array([[4.0, 0, 0], [8.0, 0, 0]] * 3), inertia)
    assert wavering.rms_dev == pytest.approx(2.0)


def test_the_gap_hop_floats_by_what_was_keyed():
    shot = demo("Gap hop")
    (flight,) = read_shot(shot).flights
    assert (flight.start, flight.end, flight.hang_frames) == (30, 45, 16)
    assert flight.hang_s == pytest.approx(17 / 24, abs=0.1 / 24)  # keyed from 29 to 46
    assert flight.implied_g == pytest.approx(9.81 * 0.5625, rel=0.01)
    assert flight.speed_factor == pytest.approx(0.75, rel=0.005)
    assert allowed_frames(flight, 9.81, 24) == pytest.approx(0.75 * 17, abs=0.2)


def hop_path(fps: int, late: float, hang_s: float, push_s: float = 0.22) -> tuple[np.ndarray, float, float]:
    """Heights of a stand, a push that grows evenly and fades faster, a flight and a landing alike, sampled `late`
    frames late; and the moments of take-off and landing, in frames."""
    g, h = 9.81, 1e-4
    t = np.arange(-push_s - 0.2, hang_s + push_s + 0.2, h)
    mean = hang_s / 2 / push_s + 1
    u = np.where(t < 0, -t / push_s, (t - hang_s) / push_s)
    push = 2 * mean * np.where(u < 0.35, u / 0.35, (1 - u) / 0.65)
    force = np.where((t >= 0) & (t <= hang_s), 0.0, np.where((u >= 0) & (u <= 1), push, 1.0))
    speed = np.cumsum((force - 1) * g) * h
    height = np.cumsum(speed + g * hang_s / 2 - speed[np.searchsorted(t, 0)]) * h
    at = np.arange(t[0] + late / fps, t[-1], 1 / fps)
    return np.interp(at, t, height), -at[0] * fps, (hang_s - at[0]) * fps


@pytest.mark.parametrize(("fps", "most"), [(24, 0.55), (30, 0.55), (60, 0.05), (120, 0.05)])
def test_take_off_and_landing_are_told_between_frames(fps, most):
    off = []
    for late in np.arange(0, 1, 0.1):
        for hang in (0.3, 0.42, 0.6):
            height, leaves, lands = hop_path(fps, late, hang)
            told = edge_moments(height, int(np.ceil(leaves)), int(np.floor(lands)) + 1, 1 / fps)
            off.append(np.subtract(told, (leaves, lands)))
    assert np.median(np.abs(off), axis=0).max() < 0.06
    assert np.abs(off).max() < most


def test_one_jump_hangs_alike_at_every_rate():
    hangs = []
    for fps in (24, 30, 60, 120):
        height, leaves, lands = hop_path(fps, 0.37, 0.42)
        a, b = int(np.ceil(leaves)), int(np.floor(lands)) + 1
        told = edge_moments(height, a, b, 1 / fps)
        hangs.append((told[1] - told[0]) / fps)
    assert np.ptp(hangs) < 0.005  # the frames with no contact alone: 0.375 to 0.425
    assert np.mean(hangs) == pytest.approx(0.42, abs=0.004)


def test_a_flight_too_short_to_tell_its_moments_ends_half_way_between_frames():
    assert edge_moments(np.linspace(0, 1, 20), 8, 11, 1 / 24) == (7.5, 10.5)
    assert edge_moments(np.linspace(0, 1, 20), 0, 20, 1 / 24) == (0.0, 19.0)


def test_a_rise_and_drop_of_31_cm_allow_12_frames_at_24_fps():
    up = SimpleNamespace(rise_m=0.306, drop_m=0.306, take_off_seen=True, take_off_ms=np.array([0.0, 2.45, 0.0]))
    assert allowed_frames(up, 9.81, 24) == pytest.approx(12, abs=0.02)


@pytest.mark.parametrize("slow", [1.4, 0.7])
def test_motion_played_at_another_speed_is_called_so_with_the_factor(slow):
    """A sound hop, its frame time stretched: implied g falls with the square, and the sentence says the share."""
    text = motion_file(demo("Gangway slip")).decode()
    slowed = text.replace("Frame Time: 0.04166666667", f"Frame Time: {slow / 24:.10f}")
    assert slowed != text
    before, after = (read_shot(shot_from_file(t.encode(), "T", scale_to_m=0.01, floor_m=0.0)) for t in (text, slowed))
    assert after.flights[0].speed_factor == pytest.approx(1 / slow, rel=0.05)
    assert not [f for f in find(before) if f.kind == "hang"]
    (hang,) = (f for f in find(after) if f.kind == "hang")
    assert f"It plays at {after.flights[0].speed_factor * 100:.0f} % of true speed." in hang.says
    assert hang.grade == "cracked"


def test_grades_of_the_demo_shots():
    found = {word: find(read_shot(demo(word))) for word in ("Gap hop", "Gangway slip", "somersault")}
    assert {f.kind: f.grade for f in found["Gap hop"]} == {"arc": "cracked", "hang": "cracked", "phantom": "strained"}
    assert {f.kind for f in found["somersault"]} == {"spin", "fast"}
    assert found["Gangway slip"] == []
    assert grade_of(found["Gangway slip"]) == "sound"
    assert grade_of(found["somersault"]) == "cracked"


def test_a_finding_says_what_where_how_much_and_against_which_limit():
    found = {f.kind: f for f in find(read_shot(demo("Gap hop")))}
    hang, arc_off = found["hang"], found["arc"]
    assert hang.says == (
        "Hangs 17.0 frames (0.71 s). A rise of 31 cm and a drop of 39 cm allow 12.8. It plays at 75 % of true speed."
    )
    assert (hang.start, hang.end, settles()[hang.kind]) == (30, 45, "true_arc")
    assert hang.value > hang.limit == GRADES["hang"].cracked
    # lengths scale with the figure: Bram is 1.81 m, the table's figure 1.75 m
    assert arc_off.limit == pytest.approx(0.08 * 1.81 / 1.75, rel=0.01)
    assert arc_off.unit == "m"


def test_short_flights_raise_no_finding():
    """Four frames at 60 fps can't tell one gravity from another."""
    from ironarc.core.judging.findings import can_judge

    noisy = fit_arc(arc(4, 1 / 60), 1 / 60)
    flight = type("F", (), {"implied_g_se": noisy.g_se})()
    assert not can_judge(flight, 9.81, GRADES)
    assert can_judge(type("F", (), {"implied_g_se": fit_arc(arc(20, 1 / 60), 1 / 60).g_se})(), 9.81, GRADES)


def test_a_drop_left_downwards_allows_less_than_one_let_go_of():
    """1.2 m/s down already: the drop of 0.8 m takes (√(1.2² + 2 g 0.8) - 1.2) / g, and not √(2 · 0.8 / g)."""
    fps, v, drop = 24, 1.2, 0.8
    air = (np.sqrt(v * v + 2 * G * drop) - v) / G
    t = np.arange(0, 1.0 + air, 1 / fps) - 0.5
    inside = np.clip(t, 0, air)
    # before it leaves the body already goes down, as a crouch does
    height = 2.0 + np.where(t < 0, -v * np.minimum(t, 0.0), 0.0) - v * inside - G / 2 * inside**2
    com = np.column_stack([np.zeros(len(t)), height, np.zeros(len(t))])
    a, b = int(np.flatnonzero(t > 0)[0]), int(np.flatnonzero(t >= air)[0])
    moving = Moving(com, np.gradient(com, 1 / fps, axis=0), np.zeros_like(com), np.arange(1, len(t) + 1), 1 / fps)
    flight = measure_flight(moving, (a, b), np.broadcast_to(np.eye(3), (b - a, 3, 3)), G)
    assert flight.rise_m == pytest.approx(0.0, abs=0.01)
    assert allowed_frames(flight, G, fps) == pytest.approx(air * fps, abs=0.6)
    assert allowed_frames(flight, G, fps) < np.sqrt(2 * flight.drop_m / G) * fps - 1.5
