import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st

from ironarc.core.columns.keys import EASED, FREE, KINDS, LINEAR, STEPPED, Dense, Keys, smooth_keys


def keys(kind: int) -> Keys:
    flat = np.zeros(2)
    return Keys(np.array([10.0, 20.0]), np.array([0.0, 1.0]), flat, flat, np.full(2, kind))


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
    curve = Keys(frames, cubic(frames), slope, slope, np.full(3, FREE))
    at = np.linspace(0, 12, 50)
    np.testing.assert_allclose(curve.sample(at), cubic(at), atol=1e-12)


def test_a_broken_slope_breaks():
    curve = Keys(
        np.array([0.0, 5.0, 10.0]), np.zeros(3), np.array([0, 1.0, 0]), np.array([0, -2.0, 0]), np.full(3, FREE)
    )
    h = 1e-6
    before, after = curve.sample(np.array([5 - h, 5 + h])) / h
    assert -before == pytest.approx(1.0, abs=1e-4)
    assert after == pytest.approx(-2.0, abs=1e-4)


@given(st.lists(st.floats(-100, 100), min_size=2, max_size=8))
def test_smooth_keys_never_overshoot(values):
    frames = np.arange(len(values)) * 5.0
    at = np.linspace(frames[0], frames[-1], 200)
    sampled = smooth_keys(frames, values).sample(at)
    i = np.clip(np.searchsorted(frames, at, side="right") - 1, 0, len(values) - 2)
    v = np.array(values)
    low, high = np.minimum(v[i], v[i + 1]), np.maximum(v[i], v[i + 1])
    assert (sampled >= low - 1e-9).all()
    assert (sampled <= high + 1e-9).all()


def test_keys_survive_their_table():
    curve = smooth_keys([1, 4, 9], [0.0, 2.0, 1.0])
    again = Keys.from_array(curve.to_array())
    at = np.linspace(1, 9, 30)
    np.testing.assert_array_equal(again.sample(at), curve.sample(at))


def test_dense_columns_hold_and_interpolate():
    column = Dense(101, np.array([1.0, 3.0, 2.0]))
    np.testing.assert_allclose(column.sample(np.array([90, 101, 101.5, 103, 110])), [1, 1, 2, 2, 2])
