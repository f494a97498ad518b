"""The solvers, against what is known: differences, a dense solution, a body that must fall, steady spin."""

import numpy as np
import pytest

from ironarc.core import rotation
from ironarc.core.reading import see
from ironarc.core.solve.banded import Pentadiagonal
from ironarc.core.solve.model import com_change, model_of, point_change, spins, stance
from ironarc.core.solve.span import solve_span
from ironarc.core.solve.spin import own_spin, steady
from ironarc.core.truing.corrections import whole
from tests.conftest import demo
from tests.figures import bake_shot


@pytest.fixture(scope="module")
def leap():
    """A model, and its poses over push, flight and landing."""
    shot = demo("Deck somersault")
    poses, body = bake_shot(shot), shot.performer.body()
    at = slice(20, 48)
    return model_of(poses.rig, body), poses.local[at], poses.translation[at], poses.dt


@pytest.mark.parametrize("what", ["com", "point", "spin"])
def test_small_changes_do_what_the_derivatives_say(leap, what):
    model, local, translation, dt = leap
    x = np.random.default_rng(3).normal(size=(len(local), model.unknowns))
    hand = model.rig.index("LeftHand")

    def after(step: float):
        moved = rotation.multiply(local, rotation.exp(step * x[:, 3:].reshape(len(local), -1, 3)))
        there = translation.copy()
        there[:, 0] += step * x[:, :3]
        return stance(model, moved, there)

    def told(s):
        return {"com": lambda: s.com, "point": lambda: s.at[:, hand], "spin": lambda: spins(model, s, dt).L}[what]()

    s, h = after(0.0), 1e-6
    numeric = (told(after(h)) - told(after(-h))) / (2 * h)
    if what == "spin":
        made = spins(model, s, dt, True)
        exact = (made.first @ x[:-1, :, None] + made.second @ x[1:, :, None])[..., 0]
    else:
        change = com_change(model, s) if what == "com" else point_change(model, s, hand, s.at[:, hand])
        exact = (change @ x[..., None])[..., 0]
    # how far a chord falls short of its arc is taken as it stands, and the middle rotation turns by half of each
    assert np.abs(exact - numeric).max() < (0.05 if what == "spin" else 1e-6) * np.abs(numeric).max()


def test_a_banded_system_is_solved_as_a_dense_one():
    rng, n, frames = np.random.default_rng(5), 4, 7
    middle = rng.normal(size=(frames, n, n))
    middle = middle @ middle.swapaxes(1, 2) + 12 * np.eye(n)
    beside, beyond = rng.normal(size=(frames - 1, n, n)), rng.normal(size=(frames - 2, n, n))
    dense = np.zeros((frames * n, frames * n))
    for f in range(frames):
        for far, blocks in ((0, middle), (1, beside), (2, beyond)):
            if f + far < frames:
                a, b = slice(f * n, f * n + n), slice((f + far) * n, (f + far) * n + n)
                dense[a, b], dense[b, a] = blocks[f], blocks[f].T
    right = rng.normal(size=(frames, n))
    system = Pentadiagonal(frames, n)
    for _ in range(2):  # its storage is used again
        x = system.solve(middle, beside, beyond, right)
        np.testing.assert_allclose(x.ravel(), np.linalg.solve(dense, right.ravel()), rtol=1e-9)
    assert system.solve(-middle, beside, beyond, right) is None


def test_a_span_falls_as_it_must_and_its_edges_stay():
    seen = see(demo("Gap hop"))
    at, task = whole.span_task(seen, whole.Options(16, 58))
    told = []
    solved = solve_span(task, lambda number, left: told.append((number, left)) or True)
    assert solved.done
    assert solved.left.max() < 0.02
    assert solved.missed_m < 0.005
    assert told[0][1] > 5 * told[-1][1]
    for k in (0, 1, -2, -1):
        np.testing.assert_array_equal(solved.local[k], task.local[k])
        np.testing.assert_array_equal(solved.translation[k], task.translation[k])
    com = stance(task.model, solved.local, solved.translation).com
    air = ~seen.reading.footing.on[at].any(axis=1)
    fall = (com[2:] - 2 * com[1:-1] + com[:-2]) / task.dt**2
    np.testing.assert_allclose(fall[air[1:-1]], np.tile([0.0, -9.81, 0.0], (int(air.sum()), 1)), atol=0.2)


def test_a_span_stops_where_it_is_told_to():
    _, task = whole.span_task(see(demo("Gap hop")), whole.Options(16, 58))
    solved = solve_span(task, lambda number, left: number < 3)
    assert (solved.passes, solved.done) == (3, False)


def test_a_stiff_body_that_turns_unevenly_turns_evenly_about_one_axis():
    """Nothing turns but the root: with inertia the same about the axis, the angle then grows by as much every frame."""
    rig, body = demo("Gap hop").performer.rig, demo("Gap hop").performer.body()
    n, dt = 20, 1 / 24
    uneven = np.linspace(0, 2.2, n) + 0.25 * np.sin(np.linspace(0, 2 * np.pi, n))
    local = np.zeros((n, len(rig), 4))
    local[..., 0] = 1.0
    local[:, 0] = rotation.about_axis("Y", uneven)
    translation = np.repeat(rig.offsets[None] * 0.01, n, axis=0)
    before = own_spin(rig, body, local, translation, dt)
    assert np.linalg.norm(before - before.mean(axis=0), axis=1).max() > 0.2 * np.linalg.norm(before.mean(axis=0))
    made = steady(rig, body, local, translation, dt)
    angle = 2 * np.arctan2(made.local[:, 0, 2], made.local[:, 0, 0])
    np.testing.assert_allclose(angle, np.linspace(0, 2.2, n), atol=0.02)  # not quite upright about its own axis
    after = own_spin(rig, body, made.local, made.translation, dt)
    np.testing.assert_allclose(after, np.broadcast_to(made.L, after.shape), atol=1e-6)
    assert made.missed_rad < 1e-6
    turned = steady(rig, body, local, translation, dt, more_turns=1.0)
    assert turned.turns == pytest.approx(made.turns + 1.0, abs=0.02)
