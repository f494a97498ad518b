"""Center of gravity and momentum against motions whose physics is known."""

import numpy as np
import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from ironarc.core import rotation
from ironarc.core.figure.body import weigh
from ironarc.core.figure.weighing import Weighing
from ironarc.core.motion.poses import Poses
from ironarc.core.reading import read_shot
from ironarc.core.reading.derivatives import derivative
from ironarc.core.reading.momentum import body_centres, groups_of, momentum, whole_com, whole_inertia
from ironarc.core.reading.read import read
from ironarc.core.reading.spin import read_spin_parts
from tests.conftest import demo
from tests.figures import BRAM_RIG, CM, bake_shot, identity, stiff_poses

DT = 1 / 120
BODY = weigh(BRAM_RIG, CM, Weighing(82.0))


def measure(poses: Poses):
    centres = body_centres(poses, BODY)
    com = whole_com(centres, BODY)
    return centres, com, momentum(poses, BODY, centres, com, [])


def test_a_thrown_stiff_figure_keeps_g_and_has_the_velocity_it_was_thrown_with():
    t = np.arange(80) * DT
    path = np.stack([1.5 * t, 1 + 3.0 * t - 0.5 * 9.81 * t * t, -0.5 * t], axis=-1)
    _, _, m = measure(stiff_poses(BRAM_RIG, identity(80), path, DT))
    np.testing.assert_allclose(m.com_acceleration, np.tile([0, -9.81, 0], (80, 1)), atol=1e-6)
    np.testing.assert_allclose(m.com_velocity[:, 1], 3.0 - 9.81 * t, atol=1e-9)
    np.testing.assert_allclose(m.angular_momentum, 0, atol=1e-9)


@pytest.mark.parametrize("axis", [[1.0, 0, 0], [0, 1.0, 0], [0, 0, 1.0], [0.6, -0.64, 0.48]])
def test_a_stiff_figure_turning_evenly_has_the_angular_momentum_of_a_rigid_body(axis):
    omega = 9.0 * np.array(axis)
    t = np.arange(120)[:, None] * DT
    poses = stiff_poses(BRAM_RIG, rotation.exp(omega * t), np.zeros((120, 3)), DT)
    centres, com, m = measure(poses)
    expected = whole_inertia(poses, BODY, centres, com, slice(None)) @ omega
    np.testing.assert_allclose(m.angular_momentum, expected, atol=1e-9 * np.linalg.norm(expected, axis=1).max())


def test_each_group_of_parts_carries_the_spin_of_its_own_bodies():
    omega = 6.0 * np.array([0.6, -0.64, 0.48])
    t = np.arange(60)[:, None] * DT
    poses = stiff_poses(BRAM_RIG, rotation.exp(omega * t), np.zeros((60, 3)), DT)
    centres, com, m = measure(poses)
    d, turn = centres - com[:, None], rotation.to_matrix(poses.rotation[:, BODY.joints])
    own = turn @ BODY.inertias @ np.swapaxes(turn, -1, -2) @ omega
    each = own + BODY.masses[:, None] * np.cross(d, np.cross(omega, d))
    for k, (name, of_it) in enumerate(groups_of(BODY).items()):
        expected = each[:, of_it > 0].sum(axis=1)
        np.testing.assert_allclose(m.spins[:, k], expected, atol=1e-9 * np.abs(each).max() * 20, err_msg=name)
    assert list(groups_of(BODY)) == ["trunk and head", "left arm", "right arm", "left leg", "right leg"]
    reading = read(poses, BODY, 9.81, 0.0)
    axis = m.angular_momentum / rotation.length(m.angular_momentum)[:, None]
    about = np.einsum("fij,fi,fj->f", whole_inertia(poses, BODY, centres, com, slice(None)), axis, axis)
    np.testing.assert_allclose(reading.ask(read_spin_parts).inertia, about, rtol=1e-9)


def test_a_dumb_bell_s_angular_momentum():
    """Two heavy lumps far apart: L = 2 m r² ω, whatever the lumps' own inertia adds is small and known."""
    from ironarc.core.figure.rig import Joint, Rig

    rig = Rig((Joint("a", -1, (0, 0, 0)), Joint("b", 0, (0.0, 100.0, 0)), Joint("c", 1, (0.0, 100.0, 0))))
    bell = weigh(rig, CM, Weighing(20.0))
    t = np.arange(100)
    poses = stiff_poses(rig, rotation.about_axis("X", 2.0 * t * DT), np.zeros((100, 3)), DT)
    centres = body_centres(poses, bell)
    m = momentum(poses, bell, centres, whole_com(centres, bell), [])
    # two equal rods of 10 kg and 1 m end to end make one rod of 20 kg and 2 m: I = m l² / 12 + m r² / 4
    inertia = 20 * 2.0**2 / 12 + 20 * 0.15**2 / 4
    np.testing.assert_allclose(
        m.angular_momentum[20:-20], np.tile([inertia * 2.0, 0, 0], (60, 1)), rtol=2e-3, atol=1e-9
    )


def test_derivatives_do_not_reach_across_a_break():
    t = np.arange(60) * DT
    kinked = np.where(t < 30 * DT, 2.0 * t, 2.0 * 30 * DT - 3.0 * (t - 30 * DT))[:, None]
    with_break = derivative(kinked, DT, 1, (30,))[:, 0]
    np.testing.assert_allclose(with_break[:30], 2.0, atol=1e-9)
    np.testing.assert_allclose(with_break[31:], -3.0, atol=1e-9)
    assert np.abs(derivative(kinked, DT, 1)[25:35, 0] - np.where(np.arange(25, 35) < 30, 2.0, -3.0)).max() > 0.5


@pytest.mark.parametrize("n", [1, 2, 3, 4])
def test_derivatives_of_very_short_spans_are_finite(n):
    x = np.arange(n, dtype=float)[:, None] ** 2
    assert np.isfinite(derivative(x, DT, 1)).all()
    assert np.isfinite(derivative(x, DT, 2)).all()


def moved(poses: Poses, turn: np.ndarray, shift: np.ndarray) -> Poses:
    """The whole motion turned about the origin and moved."""
    from dataclasses import replace

    return replace(
        poses, rotation=rotation.multiply(turn, poses.rotation), position=rotation.rotate(turn, poses.position) + shift
    )


@settings(max_examples=12, deadline=None)
@given(yaw=st.floats(-3.1, 3.1), x=st.floats(-50, 50), y=st.floats(-2, 2), z=st.floats(-50, 50))
def test_moving_or_turning_the_whole_shot_changes_nothing_that_matters(yaw, x, y, z):
    shot = demo("Gap hop")
    body, poses = shot.performer.body(), bake_shot(shot)
    turn, shift = rotation.about_axis("Y", np.array(yaw)), np.array([x, y, z])
    a, b = read(poses, body, 9.81, 0.0), read(moved(poses, turn, shift), body, 9.81, y)
    np.testing.assert_allclose(b.com, rotation.rotate(turn, a.com) + shift, atol=1e-9)
    np.testing.assert_allclose(b.angular_momentum, rotation.rotate(turn, a.angular_momentum), atol=1e-7)
    assert [(f.start, f.end) for f in a.flights] == [(f.start, f.end) for f in b.flights]
    assert a.flights[0].implied_g == pytest.approx(b.flights[0].implied_g, abs=1e-7)
    assert a.flights[0].spin.turns_per_s == pytest.approx(b.flights[0].spin.turns_per_s, abs=1e-7)


@pytest.mark.parametrize("word", ["Gap hop", "somersault"])
def test_mass_scales_momentum_and_leaves_the_com(word):
    from dataclasses import replace

    shot = demo(word)
    heavy = shot.with_item(
        replace(shot.performer, weighing=replace(shot.performer.weighing, mass_kg=2 * shot.performer.weighing.mass_kg))
    )
    a, b = read_shot(shot), read_shot(heavy)
    np.testing.assert_allclose(a.com, b.com, atol=1e-12)
    np.testing.assert_allclose(2 * a.angular_momentum, b.angular_momentum, atol=1e-9)
