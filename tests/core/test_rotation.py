import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st
from hypothesis.extra.numpy import arrays
from scipy.spatial.transform import Rotation

from ironarc.core import rotation

angles = arrays(float, (5, 3), elements=st.floats(-3.1, 3.1, allow_subnormal=False))
vectors = arrays(float, (5, 3), elements=st.floats(-1.7, 1.7, allow_subnormal=False))


def scipy_matrix(order: str, values: np.ndarray) -> np.ndarray:
    return Rotation.from_euler(order, values).as_matrix()  # upper case: intrinsic, so products in that order


@pytest.mark.parametrize("order", rotation.ORDERS)
@given(values=angles)
def test_from_euler_agrees_with_scipy(order, values):
    ours = rotation.to_matrix(rotation.from_euler(order, values))
    np.testing.assert_allclose(ours, scipy_matrix(order, values), atol=1e-12)


@pytest.mark.parametrize("order", rotation.ORDERS)
@given(values=angles)
def test_to_euler_gives_the_same_rotation_back(order, values):
    q = rotation.from_euler(order, values)
    again = rotation.from_euler(order, rotation.to_euler(order, q))
    np.testing.assert_allclose(rotation.to_matrix(again), rotation.to_matrix(q), atol=1e-7)


@pytest.mark.parametrize("order", rotation.ORDERS)
@pytest.mark.parametrize("pole", [-np.pi / 2, np.pi / 2])
def test_to_euler_at_the_pole(order, pole):
    q = rotation.from_euler(order, np.array([0.4, pole, -0.9]))
    again = rotation.from_euler(order, rotation.to_euler(order, q))
    np.testing.assert_allclose(rotation.to_matrix(again), rotation.to_matrix(q), atol=1e-7)


@given(values=angles)
def test_followed_angles_stay_the_same_rotation_and_within_half_a_turn(values):
    near = values + 0.2
    followed = rotation.follow_euler(rotation.to_euler("ZXY", rotation.from_euler("ZXY", values)), near)
    np.testing.assert_allclose(
        rotation.to_matrix(rotation.from_euler("ZXY", followed)), scipy_matrix("ZXY", values), atol=1e-7
    )
    assert np.abs(followed[:, 0] - near[:, 0]).max() <= np.pi + 0.2


def test_followed_angles_keep_a_curve_through_the_pole():
    lean = np.linspace(0.0, 4 * np.pi, 100)  # two somersaults on the middle axis
    keyed = np.stack([np.zeros(100), lean, np.zeros(100)], axis=-1)
    found = rotation.to_euler("ZXY", rotation.from_euler("ZXY", keyed))
    np.testing.assert_allclose(rotation.follow_euler(found, keyed), keyed, atol=1e-7)


@given(v=vectors)
def test_log_undoes_exp(v):
    np.testing.assert_allclose(rotation.log(rotation.exp(v)), v, atol=1e-12)


@given(v=vectors, weight=st.floats(0, 1))
def test_a_share_of_a_rotation_lies_along_the_same_axis(v, weight):
    np.testing.assert_allclose(rotation.log(rotation.share(rotation.exp(v), weight)), v * weight, atol=1e-12)


@given(v=vectors)
def test_matrix_round_trip(v):
    for q in rotation.exp(v):
        again = rotation.from_matrix(rotation.to_matrix(q))
        assert abs(again @ q) == pytest.approx(1.0, abs=1e-12)


@given(a=vectors, b=vectors)
def test_rotate_agrees_with_matrices(a, b):
    q = rotation.exp(a)
    np.testing.assert_allclose(rotation.rotate(q, b), np.einsum("nij,nj->ni", rotation.to_matrix(q), b), atol=1e-12)


def test_continuous_signs_never_jump():
    q = rotation.about_axis("X", np.linspace(0, 12, 200))[:, None]
    flipped = q.copy()
    flipped[::3] *= -1
    assert (np.einsum("fji,fji->fj", *(lambda c: (c[1:], c[:-1]))(rotation.continuous(flipped))) > 0).all()


def test_steps_are_the_logs_of_what_leads_from_each_rotation_to_the_next():
    rng = np.random.default_rng(8)
    q = rng.normal(size=(40, 5, 4))
    q /= np.linalg.norm(q, axis=-1, keepdims=True)
    q[10] = q[11]  # nothing turns here
    q[20] = -q[21]  # nor here, written the other way
    there = rotation.log(rotation.multiply(rotation.conjugate(q[:-1]), q[1:]))
    np.testing.assert_allclose(rotation.steps(q), there, atol=1e-12)


def test_lengths_have_the_digits_of_the_general_norm():
    v = np.random.default_rng(1).normal(size=(200, 5, 3))
    np.testing.assert_array_equal(rotation.length(v), np.linalg.norm(v, axis=-1))


def test_matrices_turn_one_vector_as_they_turn_many():
    """What few are turned by and what many are has one last digit."""
    random = np.random.default_rng(2)
    q, v = random.normal(size=(300, 4)), random.normal(size=(300, 3))
    matrix = rotation.to_matrix(q / rotation.length(q)[:, None])
    many = rotation.turned(matrix, v)
    np.testing.assert_allclose(many, np.einsum("fij,fj->fi", matrix, v), atol=1e-12)
    np.testing.assert_array_equal(rotation.turned(matrix[7:8], v[7:8]), many[7:8])
