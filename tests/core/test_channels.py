from dataclasses import replace

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st

from ironarc.core import rotation
from ironarc.core.columns import CHANNELS, CYCLE, ON, SPHERE, ColumnError, Dense, Keys, smooth_keys
from ironarc.core.columns.keys import (
    BROKEN,
    BY_HAND,
    EASED,
    FLAT,
    FREE,
    KINDS,
    LINEAR,
    STEPPED,
    STRAIGHT,
    keys_by_hand,
)
from ironarc.core.columns.turns import smooth_turns, turns_of_channels


def keys(kind: int) -> Keys:
    flat = np.zeros(2)
    return Keys([10.0, 20.0], [0.0, 1.0], flat, flat, np.full(2, kind), np.full(2, BY_HAND))


def test_each_kind_between_two_keys():
    at = np.array([10.0, 12.5, 15.0, 19.9, 20.0])
    np.testing.assert_allclose(keys(STEPPED).sample(at), [0, 0, 0, 0, 1])
    np.testing.assert_allclose(keys(LINEAR).sample(at), [0, 0.25, 0.5, 0.99, 1])
    eased = keys(EASED).sample(at)
    np.testing.assert_allclose(eased[[0, 2, 4]], [0, 0.5, 1])
    assert 0 < eased[1] < 0.25
    assert KINDS[FREE] == "free"


@pytest.mark.parametrize("kind", [STEPPED, LINEAR, EASED, FREE])
def test_the_first_and_last_value_hold_outside_the_keys(kind):
    np.testing.assert_allclose(keys(kind).sample(np.array([-5.0, 9.0, 21.0, 400.0])), [0, 0, 1, 1])


def test_free_slopes_are_the_curve_s_own():
    cubic = np.polynomial.Polynomial([1.0, -0.3, 0.02, 0.004])
    frames = np.array([0.0, 7.0, 12.0])
    slope = cubic.deriv()(frames)
    curve = keys_by_hand(frames, cubic(frames), slope)
    at = np.linspace(0, 12, 50)
    np.testing.assert_allclose(curve.sample(at), cubic(at), atol=1e-12)


def test_a_broken_slope_breaks():
    curve = Keys([0.0, 5.0, 10.0], np.zeros(3), [0, 1.0, 0], [0, -2.0, 0], np.full(3, FREE), np.full(3, BROKEN))
    h = 1e-6
    before, after = curve.sample(np.array([5 - h, 5 + h])) / h
    assert -before == pytest.approx(1.0, abs=1e-4)
    assert after == pytest.approx(-2.0, abs=1e-4)


@given(st.lists(st.floats(-100, 100, allow_subnormal=False), min_size=2, max_size=8))
def test_smooth_keys_never_overshoot(values):
    frames = np.arange(len(values)) * 5.0
    at = np.linspace(frames[0], frames[-1], 200)
    sampled = smooth_keys(frames, values).sample(at)
    i = np.clip(np.searchsorted(frames, at, side="right") - 1, 0, len(values) - 2)
    v = np.array(values)
    low, high = np.minimum(v[i], v[i + 1]), np.maximum(v[i], v[i + 1])
    assert (sampled >= low - 1e-9).all()
    assert (sampled <= high + 1e-9).all()


def test_dense_columns_hold_and_interpolate():
    column = Dense(101, np.array([1.0, 3.0, 2.0]))
    np.testing.assert_allclose(column.sample(np.array([90, 101, 101.5, 103, 110])), [1, 1, 2, 2, 2])


# --- what a column must be ----------------------------------------------------------------------------


@pytest.mark.parametrize(
    ("frames", "values", "words"),
    [
        ([], [], "at least one key"),
        ([1.0, np.nan], [0.0, 1.0], "key 2 of 2 has no frame"),
        ([1.0, 1.0], [0.0, 1.0], "in the order of their frames; 1 follows 1"),
        ([5.0, 2.0], [0.0, 1.0], "2 follows 5"),
        ([1.0, 2.0], [0.0, np.nan], "value at frame 2 is not a number"),
        ([1.0, 2.0], [0.0, 1e30], "value at frame 2 is not a number"),
        ([1.0, 2.0], [0.0], "2 keys need as many values; 1 were given"),
    ],
)
def test_keys_that_can_not_be_are_refused_with_joint_and_channel(frames, values, words):
    zero = np.zeros(len(values))
    with pytest.raises(ColumnError, match=f"^Head rx: .*{words}"):
        Keys(frames, values, zero, zero, zero, zero, where="Head rx")


def test_dense_values_and_rotations_are_checked_too():
    with pytest.raises(ColumnError, match="Hips ty: the value at frame 3"):
        Dense(1, np.array([0.0, 1.0, np.inf]), where="Hips ty")
    with pytest.raises(ColumnError, match="Head: the rotation at frame 8"):
        smooth_turns([1, 8], [[0, 0, 0], [0, np.nan, 0]], "ZXY", where="Head")


# --- healing ------------------------------------------------------------------------------------------


def test_neighbours_heal_when_a_key_goes_moves_or_comes():
    line = smooth_keys([0, 10, 20, 30], [0.0, 10.0, 20.0, 30.0])
    bent = line.with_key(10, 14.0)
    assert bent.slopes_out[2] != pytest.approx(line.slopes_out[2])
    np.testing.assert_allclose(bent.with_key(10, 10.0).slopes_out, line.slopes_out)
    through = line.with_key(15, 15.0)
    np.testing.assert_allclose(through.without_key(15).slopes_in, line.slopes_in)
    moved = line.moved([0, 12, 24, 36])
    np.testing.assert_allclose(moved.slopes_out[1:3], 10 / 12)
    assert len(line.kept(line.frames == 0).without_key(0).frames) == 1  # the last one stays


def test_each_slope_is_what_it_was_meant_to_be():
    still = np.zeros(4)
    keys = Keys(
        [0, 10, 20, 30], [0.0, 10.0, 30.0, 35.0], still + 9, still - 9, still + FREE, [FLAT, STRAIGHT, BROKEN, 0]
    )
    healed = keys.healed()
    assert (healed.slopes_in[0], healed.slopes_out[0]) == (0, 0)
    assert (healed.slopes_in[1], healed.slopes_out[1]) == (1.0, 2.0)  # straight at both neighbours
    assert (healed.slopes_in[2], healed.slopes_out[2]) == (9, -9)  # by hand: left alone
    assert healed.slopes_in[3] == 0


# --- beyond the keys ----------------------------------------------------------------------------------


def test_a_column_goes_on_straight_or_cycles_outside_its_keys():
    ramp = replace(keys_by_hand([0.0, 10.0], [0.0, 5.0], [0.5, 0.5]), before=ON, after=ON)
    np.testing.assert_allclose(ramp.sample(np.array([-4.0, 5.0, 14.0])), [-2.0, 2.5, 7.0])
    wave = replace(smooth_keys([0, 5, 10], [0.0, 1.0, 0.0]), before=CYCLE, after=CYCLE)
    at = np.linspace(0, 10, 41)
    np.testing.assert_allclose(wave.sample(at + 30), wave.sample(at), atol=1e-12)
    np.testing.assert_allclose(wave.sample(at - 20), wave.sample(at), atol=1e-12)
    dense = Dense(0, np.array([0.0, 1.0, 3.0]), before=ON, after=CYCLE)
    np.testing.assert_allclose(dense.sample(np.array([-2.0, 3.0, 4.0])), [-2.0, 1.0, 0.0])


def test_dense_values_come_back_as_they_are_and_pass_smoothly_between():
    frames = np.arange(1, 41)
    column = Dense(1, np.sin(frames / 4.0))
    np.testing.assert_array_equal(column.sample(frames), column.values)
    at = np.linspace(4, 36, 300)
    assert np.abs(column.sample(at) - np.sin(at / 4.0)).max() < 2e-4  # joined straight it would be 8e-3


# --- rotations keyed as one ---------------------------------------------------------------------------

ORDER = "ZXY"


def test_on_the_sphere_an_eased_turn_goes_evenly_about_one_axis():
    ends = rotation.to_euler(ORDER, rotation.exp(np.array([[0.0, 0.0, 0.0], [0.9, -0.6, 1.2]])))
    turns = smooth_turns([0, 10], ends, ORDER, kind=LINEAR, eased=SPHERE)
    at = np.array([2.5, 5.0, 7.5])
    np.testing.assert_allclose(rotation.log(turns.sample(at)), np.outer(at / 10, [0.9, -0.6, 1.2]), atol=1e-12)


@pytest.mark.parametrize("kind", [LINEAR, EASED, FREE])
@pytest.mark.parametrize("eased", [SPHERE, CHANNELS])
def test_nothing_flips_at_180_degrees(kind, eased):
    """Keyed by hand from 170° to -170°: 20° on, not 340° back."""
    start = smooth_turns([0], [[0.0, 0.0, np.radians(170)]], ORDER, kind=kind, eased=eased)
    turns = start.with_key(10, [0.0, 0.0, np.radians(-170)])
    at = np.linspace(0, 10, 101)
    q = rotation.continuous(turns.sample(at))
    step = rotation.log(rotation.multiply(rotation.conjugate(q[:-1]), q[1:]))
    assert np.degrees(np.linalg.norm(step, axis=1).sum()) == pytest.approx(20, abs=0.1)
    assert np.abs(np.diff(turns.sample_angles(at), axis=0)).max() < 0.1


def test_a_whole_turn_keyed_by_channels_is_a_whole_turn():
    turns = smooth_turns([0, 24], [[0, 0, 0], [0, 0, 2 * np.pi]], ORDER, kind=LINEAR)
    assert np.degrees(rotation.log(turns.sample(np.array([6.0])))[0, 1]) == pytest.approx(90)


def test_a_free_turn_on_the_sphere_is_smooth_through_its_keys():
    rng = np.random.default_rng(3)
    turns = smooth_turns([0, 7, 12, 20], rng.uniform(-1.2, 1.2, (4, 3)), ORDER, eased=SPHERE)
    np.testing.assert_allclose(np.abs((turns.sample(turns.frames) * turns._keyed).sum(axis=1)), 1.0, atol=1e-12)
    h = 1e-4
    for frame in (7.0, 12.0):
        before, here, after = turns.sample(np.array([frame - h, frame, frame + h]))
        rates = [
            rotation.log(rotation.multiply(rotation.conjugate(a), b)) / h for a, b in ((before, here), (here, after))
        ]
        np.testing.assert_allclose(rates[0], rates[1], atol=1e-3)


@given(seed=st.integers(0, 40))
def test_channels_become_one_rotation_and_the_curve_stays(seed):
    rng = np.random.default_rng(seed)

    def keys_of(n):
        frames = np.sort(rng.choice(np.arange(1, 60), n, replace=False)).astype(float)
        into, out = rng.uniform(-0.2, 0.2, (2, n))
        return Keys(frames, rng.uniform(-3, 3, n), into, out, rng.choice([LINEAR, EASED, FREE], n), np.full(n, BROKEN))

    channels = {0: keys_of(4), 2: keys_of(int(rng.integers(1, 6)))}
    turns = turns_of_channels(channels, ORDER)
    at = np.linspace(-5, 70, 301)
    np.testing.assert_allclose(turns.sample_angles(at)[:, 0], channels[0].sample(at), atol=1e-9)
    np.testing.assert_allclose(turns.sample_angles(at)[:, 2], channels[2].sample(at), atol=1e-9)
    assert not turns.sample_angles(at)[:, 1].any()
