"""Necks, spines and shoulders keep within their range, and are found where they don't."""

from dataclasses import replace

import numpy as np
import pytest

from ironarc.core import rotation
from ironarc.core.errors import EditError
from ironarc.core.exchange.bring_in import shot_from_file
from ironarc.core.exchange.take_home import motion_file
from ironarc.core.figure.crew import BRAM, rig_of
from ironarc.core.figure.ranges import ANKLE_DEG, HIP_DEG, NECK_DEG, SHOULDER_DEG
from ironarc.core.figure.weighing import mirrored, weighing_from_plain, weighing_to_plain
from ironarc.core.judging.findings import find
from ironarc.core.posing import Reach, Turn, moved, stand_at
from ironarc.core.reading import read_shot, see
from tests.conftest import demo
from tests.figures import Ask


def with_turn(joint: str, channel: str, degrees: float):
    """The gap hop with one channel of a joint set from frame 20 to 30, all else as it is."""
    shot = shot_from_file(motion_file(demo("Gap hop")), "Hop", scale_to_m=0.01, floor_m=0.0)
    layer = shot.performer.layers[0]
    dense = layer.columns[joint, channel]
    values = dense.values.copy()
    values[19:30] = np.radians(degrees)
    turned = layer.with_columns({(joint, channel): replace(dense, values=values)})
    return shot.with_item(replace(shot.performer, layers=(turned, *shot.performer.layers[1:])))


@pytest.mark.parametrize(("degrees", "grade"), [(70.0, None), (112.0, "strained"), (160.0, "cracked")])
def test_a_neck_turned_past_its_range_is_found(degrees, grade):
    shot = with_turn("Head", "ry", degrees)
    found = [f for f in find(read_shot(shot)) if f.kind == "turned"]
    assert [f.grade for f in found] == ([grade] if grade else [])
    if found:
        (finding,) = found
        assert (finding.start, finding.end, finding.part) == (20, 30, "neck")
        assert finding.value == pytest.approx(degrees - NECK_DEG, abs=20)  # the hop leans and bends besides
        assert "The neck is turned by" in finding.says


def test_a_twist_of_a_shoulder_is_told_about_the_arm_s_own_axis():
    rig = rig_of(BRAM)
    body = demo("Gap hop").performer.body()
    shoulder = next(r for r in body.ranges if r.part == "left shoulder")
    world = np.tile(rotation.IDENTITY, (len(rig), 1))
    for degrees in (30.0, 170.0):
        half = np.radians(degrees) / 2
        world[shoulder.joint] = [np.cos(half), *(np.sin(half) * shoulder.about)]
        assert np.degrees(shoulder.turned_rad(world)) == pytest.approx(degrees)
    # an arm swung right up is not twisted
    across = np.cross(shoulder.about, [0.0, 0.0, 1.0])
    world[shoulder.joint] = [np.cos(np.pi / 3), *(np.sin(np.pi / 3) * across / np.linalg.norm(across))]
    assert np.degrees(shoulder.turned_rad(world)) == pytest.approx(0.0, abs=1e-6)
    assert SHOULDER_DEG < 170


def test_a_head_that_keeps_its_gaze_turns_no_farther_than_its_neck():
    """The chest is brought far round: the head stays behind as far as the neck allows."""
    stand = stand_at(see(demo("Gap hop")), 8)
    neck = next(r for r in stand.body.ranges if r.part == "neck")
    turned = rotation.about_axis("Y", np.array([np.radians(169.0)]))
    world = stand.posed.world.copy()
    world[:, neck.base] = rotation.multiply(turned, world[:, neck.base])
    held, over = neck.held_within(world, stand.posed.world[:, neck.joint])
    assert over.all()
    world[:, neck.joint] = held
    assert np.degrees(neck.turned_rad(world)) == pytest.approx(NECK_DEG)
    # where it can be kept it is
    made = moved(stand, (Reach("reach", ("chest",), (0.03, 0.0, 0.02), how="body", gaze=True),)).stand
    head = neck.joint
    np.testing.assert_allclose(made.posed.world[0, head], stand.posed.world[0, head], atol=1e-6)


@pytest.mark.parametrize(
    ("joint", "part", "most"), [("LeftUpLeg", "left hip", HIP_DEG), ("LeftFoot", "left ankle", ANKLE_DEG)]
)
def test_hips_and_ankles_have_ranges(joint, part, most):
    shot = with_turn(joint, "rx", -(most + 25.0) if part == "left hip" else most + 40.0)
    found = [f for f in find(read_shot(shot)) if f.kind == "turned" and f.part == part]
    assert found
    assert 20 <= found[0].start < found[0].end <= 30
    assert not [f for f in find(read_shot(demo("Deck somersault"))) if f.kind == "turned"]


def test_a_range_that_is_typed_counts_and_goes_with_the_weighing():
    shot = with_turn("Head", "ry", 70.0)
    assert "turned" not in {f.kind for f in find(read_shot(shot))}
    stiff = Ask("set_joint_range", part="neck", degrees=40.0).apply(shot)
    (finding,) = (f for f in find(read_shot(stiff)) if f.kind == "turned")
    assert finding.part == "neck"
    again = weighing_from_plain(weighing_to_plain(stiff.performer.weighing))
    assert again.ranges == (("neck", 40.0),)
    assert Ask("set_joint_range", part="neck").apply(stiff).performer.weighing.ranges == ()
    with pytest.raises(EditError, match=r"no range for 'tail'\. There is one for neck, spine, left shoulder"):
        Ask("set_joint_range", part="tail", degrees=30.0).apply(shot)
    with pytest.raises(EditError, match="between 5 and 360°; 900 was given"):
        Ask("set_joint_range", part="neck", degrees=900.0).apply(shot)
    one_side = replace(stiff.performer.weighing, ranges=(("left hip", 90.0), ("neck", 40.0)))
    assert dict(mirrored(one_side, shot.performer.rig, "left").ranges) == {
        "left hip": 90.0,
        "neck": 40.0,
        "right hip": 90.0,
    }


def test_a_pose_past_a_range_says_so_once():
    stand = stand_at(see(demo("Gap hop")), 20)
    made = moved(stand, [Turn("turn", "head", (0.0, float(np.radians(150.0)), 0.0))])
    assert any(s.startswith("The neck is") and s.endswith("past its range.") for s in made.says)
    assert moved(stand, [Turn("turn", "head", (0.0, 0.3, 0.0))]).says == ()
    assert not any("range" in s for s in moved(made.stand, [Turn("turn", "left hand", (0.1, 0.0, 0.0))]).says)
