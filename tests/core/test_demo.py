"""The demo shots are keyed, not baked, and their feet stay where they were planted."""

import numpy as np
import pytest

from ironarc.core.columns import Keys, Turns
from ironarc.core.edits import SetLayer
from ironarc.core.judging import judge
from ironarc.core.reading import see
from ironarc.demo.load import SCORES
from ironarc.demo.posing import SIDES, _ball_at, com_path
from tests.conftest import demo
from tests.figures import bake_shot


@pytest.mark.parametrize("score", SCORES, ids=lambda s: s.name)
def test_keys_are_sparse_columns_with_slopes(score):
    columns = demo(score.name).performer.layers[0].columns
    assert all(isinstance(c, Keys | Turns) for c in columns.values())
    body = [c for (joint, _), c in columns.items() if not joint.endswith(("Leg", "Foot", "Toe")) and joint != "Hips"]
    assert max(len(c.frames) for c in body) <= 14


@pytest.mark.parametrize("score", SCORES, ids=lambda s: s.name)
def test_the_center_of_gravity_keeps_to_its_path(score):
    from ironarc.core.reading import read_shot

    assert np.abs(read_shot(demo(score.name)).com - com_path(score) / 100).max() < 0.004


@pytest.mark.parametrize("score", SCORES, ids=lambda s: s.name)
def test_planted_feet_stay_put_and_knees_bend_forward(score):
    poses = bake_shot(demo(score.name))
    for plant in score.plants:
        side = SIDES[plant.side][0]
        ball, knee = poses.rig.index(side + "Toe"), poses.rig.index(side + "Leg")
        frames = np.arange(plant.start, plant.end + 1)
        for frame, at in zip(frames, _ball_at(plant, frames) / 100, strict=True):
            off = poses.position[frame - 1, ball] - at
            assert np.hypot(off[0], off[2]) < 0.015
            assert abs(off[1]) < 0.035
            assert poses.local[frame - 1, knee, 1] * np.sign(poses.local[frame - 1, knee, 0]) >= -1e-6


def test_the_net_perch_drop_is_blocked_by_keys_pins_and_layers_alone():
    shot = demo("Net-perch")
    performer = shot.performer
    base, *over = performer.layers
    assert all(isinstance(c, Keys | Turns) for c in base.columns.values())
    assert max(len(c.frames) for c in base.columns.values()) <= 14
    assert [layer.role for layer in over] == ["keyed"]
    assert {p.part for p in performer.pins} == {"left hand", "right hand", "left foot", "right foot"}
    seen = see(shot)
    reading = seen.reading
    pulling = [c for c in reading.contacts if c.pulls]
    assert {c.side for c in pulling} == {"left", "right"}
    assert {c.surface for c in pulling} == {"prop1"}
    (flight,) = reading.flights
    assert (flight.start, flight.end) == (30, 39)
    assert 0.7 < flight.implied_g / shot.g < 0.9  # the flaw
    assert [f.kind for f in judge(shot, performer, reading, ())] == ["hang"]
    # deep, and little bounce: he never comes up faster than a slow rise
    assert reading.com[45:55, 1].min() < 0.55
    assert reading.com_velocity[48:, 1].max() < 0.8
    mended = SetLayer(over[0].id, {"weight": 1.0}, "All of it").apply(shot)
    assert judge(mended, mended.performer, see(mended).reading, ()) == []
