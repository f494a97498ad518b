"""One test for each convention in ironarc.core."""

import numpy as np

from ironarc.core import rotation
from ironarc.core.columns import Dense
from ironarc.core.figure.rig import Joint, Rig
from ironarc.core.motion.layers import BROUGHT_IN, REPLACES, Layer
from tests.figures import bake


def test_quaternions_are_w_first_and_i_times_j_is_k():
    i, j, k = np.eye(4)[1:]
    np.testing.assert_array_equal(rotation.multiply(i, j), k)


def test_rotations_are_active_and_right_handed():
    quarter_about_z = rotation.about_axis("Z", np.pi / 2)
    np.testing.assert_allclose(rotation.rotate(quarter_about_z, np.array([1.0, 0, 0])), [0, 1, 0], atol=1e-15)


def test_euler_order_is_the_order_of_multiplication():
    a, b, c = 0.3, -0.7, 1.1
    product = np.eye(3)
    for axis, angle in zip("ZXY", (a, b, c), strict=True):
        product = product @ rotation.to_matrix(rotation.about_axis(axis, np.array(angle)))
    np.testing.assert_allclose(rotation.to_matrix(rotation.from_euler("ZXY", np.array([a, b, c]))), product, atol=1e-15)


def test_a_child_turns_within_its_parent_and_lengths_become_metres():
    rig = Rig((Joint("Root", -1, (0, 0, 0), ("tx", "rz")), Joint("Tip", 0, (100.0, 0, 0), ("ry",))))
    columns = {
        ("Root", "tx"): Dense(1, np.array([10.0])),
        ("Root", "rz"): Dense(1, np.array([np.pi / 2])),
        ("Tip", "ry"): Dense(1, np.array([np.pi / 2])),
    }
    poses = bake(rig, (Layer("b", "b", BROUGHT_IN, REPLACES, columns),), np.array([1]), 1 / 24, 0.01)
    np.testing.assert_allclose(poses.position[0, 1], [0.1, 1.0, 0.0], atol=1e-15)
    # R_world_child = R_world_parent @ R_local: the child's x axis goes to -z, then the parent leaves z alone
    np.testing.assert_allclose(rotation.rotate(poses.rotation[0, 1], np.array([1.0, 0, 0])), [0, 0, -1], atol=1e-15)
