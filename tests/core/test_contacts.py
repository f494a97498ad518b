import numpy as np
import pytest

from ironarc.core.figure.anatomy import find_anatomy
from ironarc.core.figure.body import weigh
from ironarc.core.reading import read_shot
from ironarc.core.reading.contacts import _hold_from_seed, estimate_floor, runs, touching, track_points
from ironarc.core.reading.read import read
from tests.conftest import demo
from tests.figures import BRAM_RIG, CM, identity, stiff_poses

ANATOMY = find_anatomy(BRAM_RIG, CM)
SOLE_BELOW_HIPS = 1.81 * 0.530  # m, from the rig's proportions


def hovering(heights: np.ndarray, dt: float = 1 / 60):
    """Bram stiff, his soles at these heights (m), standing still otherwise."""
    path = np.zeros((len(heights), 3))
    path[:, 1] = SOLE_BELOW_HIPS + heights
    return stiff_poses(BRAM_RIG, identity(len(heights)), path, dt)


def test_the_soles_lie_where_the_rig_puts_them():
    poses = hovering(np.zeros(1))
    track = track_points(poses, ANATOMY)
    for point, y in zip(ANATOMY.contact_points, track.position[0, :, 1], strict=True):
        if point.point in ("heel", "ball", "toe"):
            assert y == pytest.approx(0.0, abs=0.003), point


@pytest.mark.parametrize("floor", [0.0, 0.4, -1.3])
def test_the_floor_is_the_level_the_feet_rest_at(floor):
    rng = np.random.default_rng(3)
    heights = np.concatenate(
        [rng.normal(0, 0.003, 40), 0.3 * np.sin(np.linspace(0, np.pi, 25)), rng.normal(0, 0.003, 40)]
    )
    poses = hovering(floor + heights, 1 / 30)
    assert estimate_floor(track_points(poses, ANATOMY), ANATOMY) == pytest.approx(floor, abs=0.006)


def test_a_jump_is_read_as_contact_flight_contact():
    # stands, is thrown up at 2 m/s on frame 20, lands when the arc is back
    t = np.arange(80) / 60 - 20 / 60
    heights = np.clip(np.where(t > 0, 2.0 * t - 0.5 * 9.81 * t * t, 0.0), 0.0, None)
    reading = read(hovering(heights), weigh(BRAM_RIG, CM), 9.81)
    (flight,) = reading.flights
    assert abs(flight.start - 22) <= 1
    assert abs(flight.end - (20 + 2 * 2.0 / 9.81 * 60)) <= 1.5
    assert {(c.side, c.point) for c in reading.contacts} == {
        (s, p) for s in ("left", "right") for p in ("heel", "ball", "toe")
    }


def test_hysteresis_keeps_a_flickering_contact_whole():
    begins = np.array([[0, 1, 0, 0, 1, 0, 0, 0, 1]], bool).T
    holds = np.array([[1, 1, 1, 1, 1, 1, 0, 1, 1]], bool).T
    assert _hold_from_seed(begins, holds)[:, 0].tolist() == [False, True, True, True, True, False, False, False, True]


def test_runs():
    assert runs(np.array([1, 1, 0, 1], bool)) == [(0, 2), (3, 4)]
    assert runs(np.zeros(3, bool)) == []


def test_a_foot_that_slides_fast_has_left_and_one_that_creeps_has_not():
    still = np.zeros(30)
    for speed, wanted in ((0.1, True), (2.0, False)):
        poses = hovering(still)
        poses.position[..., 2] += (np.arange(30) * speed / 60)[:, None]
        assert touching(track_points(poses, ANATOMY), ANATOMY, 0.0).any(axis=1).all() == wanted


def test_keyed_feet_are_found_planted_where_they_were_keyed():
    reading = read_shot(demo("Gap hop"))
    toes = {(c.joint, c.start, c.end) for c in reading.contacts if c.point == "toe"}
    assert toes == {("LeftToe", 1, 29), ("LeftToe", 46, 72), ("RightToe", 1, 29), ("RightToe", 46, 72)}
