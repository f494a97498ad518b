"""Skin, floor, rest, doubt and flights, on bodies whose footing is known."""

import numpy as np
import pytest

from ironarc.core import rotation
from ironarc.core.document import HandContact
from ironarc.core.figure.body import weigh
from ironarc.core.reading import read_shot
from ironarc.core.reading.arcs import Arcs
from ironarc.core.reading.flights import fit_arc
from ironarc.core.reading.floor import Floor, estimate_floor
from ironarc.core.reading.footing import find_footing
from ironarc.core.reading.read import read
from ironarc.core.reading.skin import follow, limb_of, parts_of, skin_of
from ironarc.core.reading.spans import hold_from_seed, runs
from ironarc.core.scene.props import Prop
from tests.conftest import demo
from tests.figures import BRAM_RIG, CM, carried, stiff_poses

BODY = weigh(BRAM_RIG, CM)
SIZE = 1.81 / 1.75
G = 9.81


def hop(rise: float, g: float, dt: float = 1 / 60, ground: float = 0.0, stand_s: float = 0.7) -> np.ndarray:
    """(frames,) m: heights of a body that stands, rises by `rise` under gravity g, and stands again."""
    up = np.sqrt(2 * rise / g)
    t = np.arange(round((2 * stand_s + 2 * up) / dt)) * dt - stand_s
    return ground + np.where((t > 0) & (t < 2 * up), rise - g / 2 * (t - up) ** 2, 0.0)


# --- skin ---------------------------------------------------------------------------------------------


def test_the_soles_lie_where_the_rig_puts_them():
    track = follow(skin_of(BODY), carried(np.zeros(1)))
    soles = track.skin.named("heel", "ball", "toe")
    assert soles.sum() == 6
    np.testing.assert_allclose(track.at[0, soles, 1], 0.0, atol=0.003)
    others = track.at[0, ~soles, 1]
    assert others.min() > 0.4  # knees and all else are up where they belong


@pytest.mark.parametrize("frames", [2, 3, 11, 16])
def test_a_steady_speed_is_read_on_every_frame_of_a_clip_shorter_than_two_samples(frames):
    track = follow(skin_of(BODY), carried(np.arange(frames) * 0.01), step=8)
    np.testing.assert_allclose(track.speed, np.full((frames, len(track.skin.points)), 0.01 * 60))


def test_every_part_that_can_touch_is_there_and_has_a_limb():
    skin = skin_of(BODY)
    assert {p.point for p in skin.points} == {
        "heel", "ball", "toe", "palm", "knee", "elbow", "shoulder", "seat", "back", "upper back", "head",
    }  # fmt: skip
    limbs = {limb_of(p) for p in skin.points}
    assert limbs == {"left leg", "right leg", "left arm", "right arm", "trunk", "head"}
    parts = parts_of(skin, BRAM_RIG.names)
    assert sorted(i for points in parts.values() for i in points) == list(range(len(skin.points)))


def test_a_cylinder_that_rolls_has_material_that_rests_where_it_touches():
    """Bram lies on his side and rolls along the floor about his own length, without slipping at the knee."""
    dt, rate, n = 1 / 60, 2.0, 60
    lying = rotation.about_axis("X", np.array([-np.pi / 2]))
    skin = skin_of(BODY)
    knee = int(np.flatnonzero(skin.named("knee"))[0])
    radius = float(skin.half[knee].mean())
    half = np.where(np.arange(len(skin.half))[:, None] == knee, radius, [0.0, 0.0])
    round_knee = type(skin)(skin.points, skin.across, half)
    spin = rotation.multiply(rotation.about_axis("Z", -rate * dt * np.arange(n)), np.repeat(lying, n, axis=0))
    still = follow(round_knee, stiff_poses(BRAM_RIG, spin, np.zeros((n, 3)), dt))
    # carried so that the knee's axis goes straight on at the speed of its rim
    path = -still.middle[:, knee] + np.array([rate * dt, 0.0, 0.0]) * radius * np.arange(n)[:, None]
    track = follow(round_knee, stiff_poses(BRAM_RIG, spin, path + np.array([0.0, radius, 0.0]), dt))
    np.testing.assert_allclose(track.at[:, knee, 1], 0.0, atol=1e-9)
    travel = np.linalg.norm(np.diff(track.at[:, knee], axis=0), axis=1) / dt
    np.testing.assert_allclose(travel, rate * radius, rtol=1e-6)
    assert track.speed[:, knee].max() < 0.03 * rate * radius


# --- floor --------------------------------------------------------------------------------------------


def floor_under(poses, tilted=False) -> Floor:
    return estimate_floor(follow(skin_of(BODY), poses), SIZE, tilted)


@pytest.mark.parametrize("floor", [0.0, 0.4, -1.3])
def test_the_floor_is_the_level_the_body_rests_at(floor):
    rng = np.random.default_rng(3)
    heights = np.concatenate(
        [rng.normal(0, 0.003, 40), 0.3 * np.sin(np.linspace(0, np.pi, 25)), rng.normal(0, 0.003, 40)]
    )
    assert floor_under(carried(floor + heights, 1 / 30)).height_m == pytest.approx(floor, abs=0.006)


def test_a_body_that_stands_on_a_box_and_then_on_the_floor_stands_on_the_floor():
    heights = np.concatenate([np.full(60, 0.5), np.linspace(0.5, 0.0, 10), np.zeros(40)])
    found = floor_under(carried(heights, 1 / 30))
    assert (found.height_m, found.how) == (0.0, "at zero")


def test_what_never_rests_flies_over_nought():
    t = np.arange(40) / 60
    found = floor_under(carried(1.0 + 4 * t - G / 2 * t * t, along=3 * t))
    assert (found.height_m, found.how) == (0.0, "unseen")


def test_a_slope_is_found_from_what_rests_on_it():
    slope = np.array([0.0, 0.2])
    along = np.repeat(np.arange(8) * 0.4, 12)
    found = floor_under(carried(slope[1] * along + 0.1, 1 / 30, along=along), tilted=True)
    assert found.slope[1] == pytest.approx(0.2, abs=0.03)
    assert abs(found.slope[0]) < 0.02
    plane = Floor(0.1, (0.0, 0.2))
    np.testing.assert_allclose(plane.clearance(np.array([[0.0, 0.1, 0.0], [3.0, 0.5, 2.0]])), 0.0, atol=1e-12)
    assert plane.clearance(np.array([0.0, 1.1, 0.0])) == pytest.approx(1 / np.sqrt(1.04))


# --- rest, doubt, flights -----------------------------------------------------------------------------


def flights_of(poses, **named):
    return [(f.start, f.end) for f in read(poses, BODY, G, 0.0, **named).flights]


def test_arcs_over_windows_are_the_least_squares_fits():
    rng = np.random.default_rng(1)
    t = np.arange(200) / 60
    path = np.column_stack([1.2 * t, 1 + 3 * t - 4.9 * t * t, -t]) + rng.normal(0, 0.003, (200, 3))
    a, b = np.array([0, 10, 100, 150]), np.array([200, 14, 130, 195])
    found = Arcs(path, 1 / 60).fit(a, b)
    for i in range(len(a)):
        fit = fit_arc(path[a[i] : b[i]], 1 / 60)
        assert found.implied_g[i] == pytest.approx(fit.g, rel=1e-9, abs=1e-8)
        assert found.rss_y[i] == pytest.approx((fit.residual[:, 1] ** 2).sum(), abs=1e-12)
        assert found.rss_xz[i] == pytest.approx((fit.residual[:, [0, 2]] ** 2).sum(), abs=1e-12)


@pytest.mark.parametrize("fps", [24, 30, 60, 120])
def test_a_jump_is_read_as_contact_flight_contact(fps):
    heights = hop(0.2, G, 1 / fps)
    (flight,) = flights_of(carried(heights, 1 / fps))
    first, last = np.flatnonzero(heights > 0)[[0, -1]] + 1
    assert abs(flight[0] - first) <= max(1, 0.02 * fps)
    assert abs(flight[1] - last) <= max(1, 0.02 * fps)
    touching = {(c.side, c.point) for c in read(carried(heights, 1 / fps), BODY, G).contacts}
    assert touching == {(s, p) for s in ("left", "right") for p in ("heel", "ball", "toe")}


@pytest.mark.parametrize("g", [2.0, 4.0, 16.0])
def test_a_floaty_hop_clear_of_the_floor_stays_a_flight(g):
    reading = read(carried(hop(0.3, g)), BODY, G, 0.0)
    (flight,) = reading.flights
    assert flight.implied_g == pytest.approx(g, rel=0.06)


def test_a_body_that_hovers_is_never_a_flight():
    heights = np.concatenate([np.zeros(40), np.full(60, 0.05), np.full(60, 0.10), np.zeros(40)])
    reading = read(carried(heights), BODY, G, 0.0)
    assert reading.flights == ()
    assert reading.footing.doubt[45:155].all()
    assert not reading.footing.doubt[:38].any()


def test_a_body_that_sways_on_its_feet_or_slides_slowly_never_flies():
    t = np.arange(120) / 60
    assert flights_of(carried(0.02 * np.sin(3 * t), along=0.1 * t)) == []


def test_hysteresis_keeps_a_flickering_contact_whole():
    begins = np.array([[0, 1, 0, 0, 1, 0, 0, 0, 1]], bool).T
    holds = np.array([[1, 1, 1, 1, 1, 1, 0, 1, 1]], bool).T
    assert hold_from_seed(begins, holds)[:, 0].tolist() == [False, True, True, True, True, False, False, False, True]


def test_runs():
    assert runs(np.array([1, 1, 0, 1], bool)) == [(0, 2), (3, 4)]
    assert runs(np.zeros(3, bool)) == []


def test_nothing_to_touch_with_is_borne_by_nothing():
    found = find_footing(np.zeros((5, 0)), np.zeros((5, 0)), Arcs(np.zeros((5, 3)), 1 / 24), G, 1.0)
    assert found.flights == ()
    assert found.on.shape == (5, 0)


def test_keyed_feet_are_found_planted_where_they_were_keyed():
    reading = read_shot(demo("Gap hop"))
    toes = {(c.joint, c.start, c.end) for c in reading.contacts if c.point == "toe"}
    assert toes == {("LeftToe", 1, 29), ("LeftToe", 46, 72), ("RightToe", 1, 29), ("RightToe", 46, 72)}


# --- by hand ------------------------------------------------------------------------------------------


def test_a_person_s_word_settles_a_doubt():
    heights = np.concatenate([np.zeros(40), np.full(60, 0.06), np.zeros(40)])
    poses = carried(heights)
    assert flights_of(poses) == []
    aloft = (HandContact("", "", 41, 100),)
    assert flights_of(poses, by_hand=aloft) == [(41, 100)]
    borne = read(poses, BODY, G, 0.0, by_hand=(HandContact("", "", 41, 100, "floor"),))
    assert borne.flights == ()
    assert not borne.footing.doubt.any()


def test_a_hop_can_be_said_to_touch_and_a_stand_to_fly():
    poses = carried(hop(0.2, G))
    (flight,) = flights_of(poses)
    middle = sum(flight) // 2
    on = HandContact("LeftToe", "toe", middle, middle + 1, "floor")
    first, second = flights_of(poses, by_hand=(on,))
    assert (first[1], second[0]) == (middle - 1, middle + 2)
    reading = read(poses, BODY, G, 0.0, by_hand=(on,))
    (said,) = (c for c in reading.contacts if c.by_hand)
    assert (said.start, said.end, said.point, said.surface) == (middle, middle + 1, "toe", "floor")


def test_a_point_is_on_the_prop_it_stands_on_and_not_on_the_floor_beneath():
    box = Prop("box1", "Crate", "box", (2.0, 0.5, 2.0))
    reading = read(carried(np.full(30, 0.5)), BODY, G, 0.0, (box,))
    assert {c.surface for c in reading.contacts} == {"box1"}
    deep = read(carried(np.full(30, 0.3)), BODY, G, 0.0, (box,))
    soles = deep.traced.track.skin.named("heel", "ball", "toe")
    assert not deep.touch["box1"][:, soles].any()  # 20 cm inside is no footing
