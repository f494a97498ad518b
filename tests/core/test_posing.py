"""Poses: mirrored, shared, copied; moves, and the keys that keep them."""

from dataclasses import replace

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st

from ironarc.core import rotation
from ironarc.core.columns import Dense
from ironarc.core.columns.keys import smooth_keys
from ironarc.core.document import Shot
from ironarc.core.edits import AddLayer
from ironarc.core.edits.keep import pose_edit
from ironarc.core.edits.shelf import kept_from_plain, kept_of, kept_to_plain, put_on
from ironarc.core.errors import EditError, FileError
from ironarc.core.exchange.stock import stock_performer
from ironarc.core.figure.grips import grip_called, grips_of, joints_of, limbs_of, parts_of_body
from ironarc.core.motion import ik, posing
from ironarc.core.motion.layers import Layer
from ironarc.core.motion.pin import Pin
from ironarc.core.motion.posing import Pose
from ironarc.core.posing import Between, Mirror, Paste, Reach, Reset, Turn, moved, stand_at
from ironarc.core.posing.answer import answer
from ironarc.core.posing.copied import Copied, copied
from ironarc.core.reading import see
from tests.conftest import demo
from tests.figures import Ask, bake_shot

quaternions = st.tuples(*[st.floats(-1, 1)] * 4).filter(lambda q: np.linalg.norm(q) > 0.1)


def stand(frame: int = 20, word: str = "Gap hop"):
    return stand_at(see(demo(word)), frame)


def captured() -> Shot:
    """The hop as motion that was brought in: a value on every frame."""
    shot = demo("Gap hop")
    poses, rig = bake_shot(shot), shot.performer.rig
    columns = {}
    for j, joint in enumerate(rig.joints):
        angles = rotation.to_euler(joint.order, poses.local[:, j])
        for i in range(1, len(angles)):
            angles[i] = rotation.follow_euler(angles[i : i + 1], angles[i - 1 : i])[0]
        for i, channel in enumerate(joint.rotation_channels):
            columns[joint.name, channel] = Dense(1, np.ascontiguousarray(angles[:, i]))
    for axis, channel in enumerate(("tx", "ty", "tz")):
        columns["Hips", channel] = Dense(1, np.ascontiguousarray(poses.translation[:, 0, axis] * 100))
    base = Layer("base", "As brought in", "brought in", "replaces", columns)
    return replace(shot, performers=(replace(shot.performer, layers=(base,)),))


# --- pure functions of poses ---------------------------------------------------------------------------


@pytest.mark.parametrize("word", ["Gap hop", "Gull"])
def test_the_mirror_of_a_mirror_is_the_pose(word):
    pose, anatomy = stand(20, word).pose, stand(20, word).body.anatomy
    again = posing.mirrored(posing.mirrored(pose, anatomy), anatomy)
    np.testing.assert_allclose(again.local, pose.local, atol=1e-12)


def test_a_mirrored_pose_stands_as_in_a_mirror():
    before = stand(33)
    after = moved(before, [Mirror("mirror")]).stand
    hips, facing = before.posed.position[0, 0], posing.heading(before.local[0, 0])
    for left, right in (("left hand", "right hand"), ("left foot", "right foot"), ("head", "head")):
        a = rotation.rotate(facing, before.at(grip_called(before.body, left)) - hips, back=True)
        b = rotation.rotate(facing, after.at(grip_called(after.body, right)) - hips, back=True)
        np.testing.assert_allclose(b, a * [-1, 1, 1], atol=1e-9)


def test_one_side_is_posed_as_the_other():
    after = moved(stand(33), [Mirror("mirror", "left to right")]).stand
    names, normal = after.rig.names, posing.lateral(after.body.anatomy)
    for joint in ("Arm", "ForeArm", "UpLeg", "Leg"):
        left, right = names.index(f"Left{joint}"), names.index(f"Right{joint}")
        np.testing.assert_allclose(after.local[0, right], posing.reflected(after.local[0, left], normal), atol=1e-12)
    np.testing.assert_array_equal(after.local[0, names.index("LeftArm")], stand(33).local[0, names.index("LeftArm")])


@given(a=quaternions, b=quaternions, share=st.sampled_from([0.0, 0.5, 1.0]))
def test_a_breakdown_lies_on_the_sphere_between_two_poses(a, b, share):
    q, p = (np.array(v) / np.linalg.norm(v) for v in (a, b))
    way = Pose(q[None], np.zeros(3)), Pose(p[None], np.array([0.0, 2.0, 0.0]))
    there = posing.towards(*way, share)
    whole = np.linalg.norm(rotation.log(rotation.multiply(rotation.conjugate(q), p)))
    gone = np.linalg.norm(rotation.log(rotation.multiply(rotation.conjugate(q), there.local[0])))
    assert gone == pytest.approx(whole * share, abs=1e-7)
    assert there.root_m[1] == pytest.approx(2 * share)


def test_a_breakdown_favours_and_goes_beyond():
    before = stand(24)
    a, b = stand(20), stand(29)
    for share in (-0.3, 0.0, 0.25, 1.0, 1.4):
        made = moved(before, [Between("between", 20, 29, share)]).stand
        arm = made.rig.index("LeftArm")
        turn = rotation.multiply(rotation.conjugate(a.local[0, arm]), made.local[0, arm])
        whole = rotation.log(rotation.multiply(rotation.conjugate(a.local[0, arm]), b.local[0, arm]))
        assert abs(turn @ rotation.exp(whole * share)) == pytest.approx(1.0, abs=1e-12)


# --- grips and parts -------------------------------------------------------------------------------------


def test_every_body_can_be_taken_hold_of():
    names = {g.name for g in grips_of(stand().body)}
    assert {"hips", "chest", "neck", "head", "left hand", "right elbow", "left heel", "right toe", "left knee"} <= names
    gull = {g.name for g in grips_of(stand(20, "Gull").body)}
    assert {"hips", "LeftShoe, its tip", "AftShoe", "Rudder, its tip", "Lamp"} <= gull


def test_parts_cover_every_joint_once():
    for word in ("Gap hop", "Gull"):
        body = stand(20, word).body
        joints = [j for part in parts_of_body(body) for j in joints_of(body, [part])]
        assert sorted(joints) == list(range(len(body.anatomy.rig)))
    body = stand().body
    assert set(joints_of(body, ["arms"])) == set(joints_of(body, ["left arm"])) | set(joints_of(body, ["right arm"]))
    with pytest.raises(EditError, match="no part called 'third arm'"):
        joints_of(body, ["third arm"])


# --- moves ---------------------------------------------------------------------------------------------


@pytest.mark.parametrize("how", ["limb", "spine", "body"])
@pytest.mark.parametrize("grip", ["right hand", "left foot", "left heel"])
def test_a_grip_comes_to_where_it_is_brought(how, grip):
    before = stand(20)
    by = np.array([0.03, 0.12, 0.08])
    made = moved(before, [Reach("reach", (grip,), tuple(by), how)])
    held = grip_called(before.body, grip)
    np.testing.assert_allclose(made.stand.at(held), before.at(held) + by, atol=2e-4 if how != "limb" else 1e-9)
    assert not made.missed


def test_what_touches_stays_while_the_hips_go_down():
    before = stand(8)
    made = moved(before, [Reach("reach", ("hips",), (0.0, -0.2, 0.05), "body")]).stand
    for side in ("left", "right"):
        for point in ("heel", "ball", "toe"):
            grip = grip_called(before.body, f"{side} {point}")
            np.testing.assert_allclose(made.at(grip), before.at(grip), atol=1e-6)
    hips = grip_called(before.body, "hips")
    np.testing.assert_allclose(made.at(hips) - before.at(hips), [0, -0.2, 0.05], atol=1e-3)


def test_a_knee_is_steered_and_its_foot_stays():
    before = stand(20)
    made = moved(before, [Reach("reach", ("left knee",), (0.2, 0.0, 0.0))]).stand
    knee, foot = (grip_called(before.body, f"left {word}") for word in ("knee", "foot"))
    assert made.at(knee)[0] - before.at(knee)[0] > 0.03
    np.testing.assert_allclose(made.at(foot), before.at(foot), atol=1e-9)


@pytest.mark.parametrize(("keep", "frame"), [("here", 20), ("feet", 20), ("arc", 37)])
def test_the_center_of_gravity_is_kept_while_a_hand_is_pushed(keep, frame):
    before = stand(frame)
    made = moved(before, [Reach("reach", ("right hand",), (0.1, 0.15, 0.25), "body", keep, "touching")]).stand
    if keep == "here":
        np.testing.assert_allclose(made.com, before.com, atol=1e-3)
    elif keep == "arc":
        np.testing.assert_allclose(made.com, before.arc_place(), atol=1e-3)
    else:
        on = before.reading.footing.on[before.index]
        touching = before.reading.traced.track.at[before.index][on][:, [0, 2]]
        middle = (touching.min(axis=0) + touching.max(axis=0)) / 2
        np.testing.assert_allclose(made.com[[0, 2]], middle, atol=1e-3)


def test_there_is_no_arc_to_keep_to_on_the_ground():
    with pytest.raises(EditError, match="lies in no flight"):
        moved(stand(8), [Reach("reach", ("right hand",), (0.1, 0.0, 0.0), "body", "arc")])


def test_out_of_reach_nothing_stretches_unless_it_is_asked_for():
    before = stand(20)
    grip, far = grip_called(before.body, "right hand"), (0.0, 0.0, 2.0)
    made = moved(before, [Reach("reach", ("right hand",), far)])
    assert list(made.missed) == ["right hand"]
    np.testing.assert_allclose(made.stand.translation, before.translation)
    longer = moved(before, [Reach("reach", ("right hand",), far, stretch=True)])
    np.testing.assert_allclose(longer.stand.at(grip), before.at(grip) + far, atol=1e-6)
    assert not longer.missed


def test_the_head_keeps_its_gaze():
    before = stand(20)
    made = moved(before, [Reach("reach", ("right hand",), (0.2, 0.3, 0.6), "body", gaze=True)]).stand
    head = before.rig.index("Head")
    np.testing.assert_allclose(np.abs(made.posed.world[0, head] @ before.posed.world[0, head]), 1.0, atol=1e-9)


def test_a_sole_snaps_to_the_floor():
    before = stand(37)
    foot = grip_called(before.body, "left foot")
    soles = [p for p in before.body.anatomy.contact_points if p.side == "left"]

    def lowest(s):
        return min(
            (s.posed.position[0, p.joint] + rotation.rotate(s.posed.world[0, p.joint], p.position_m))[1]
            for p in soles
            if p.point != "palm"
        )

    down = before.reading.floor_m - lowest(before) + 0.03
    made = moved(before, [Reach("reach", ("left foot",), (0.0, down, 0.0), "body", stay="pins", snap=True)]).stand
    assert lowest(made) == pytest.approx(before.reading.floor_m, abs=1e-3)
    assert made.at(foot)[1] < before.at(foot)[1]


def test_a_bone_swings_by_its_far_end_and_twists_about_itself():
    before = stand(20)
    elbow, hand = grip_called(before.body, "right elbow"), grip_called(before.body, "right hand")
    made = moved(before, [Turn("turn", "right elbow", (0.0, 0.5, 0.0))]).stand
    shoulder = before.posed.position[0, before.rig.index("RightArm")]
    wanted = shoulder + rotation.rotate(rotation.exp(np.array([0, 0.5, 0])), before.at(elbow) - shoulder)
    np.testing.assert_allclose(made.at(elbow), wanted, atol=1e-9)
    below = moved(before, [Turn("turn", "right hand", (0.0, 0.5, 0.0), bone="ends")]).stand
    assert np.linalg.norm(below.at(hand) - before.at(hand)) > 0.02  # the forearm swings by the hand
    np.testing.assert_allclose(below.at(elbow), before.at(elbow), atol=1e-9)
    twisted = moved(before, [Turn("turn", "right elbow", twist_rad=0.7)]).stand
    np.testing.assert_allclose(twisted.at(elbow), before.at(elbow), atol=1e-9)
    assert np.linalg.norm(twisted.at(hand) - before.at(hand)) > 0.02
    held = moved(before, [Turn("turn", "right elbow", (0.0, 0.5, 0.0), rest="holds")]).stand
    fore = before.rig.index("RightForeArm")
    np.testing.assert_allclose(held.posed.world[0, fore], before.posed.world[0, fore], atol=1e-9)


def test_a_foot_rolls_over_its_ball():
    before = stand(8)
    ball, heel = grip_called(before.body, "left ball"), grip_called(before.body, "left heel")
    made = moved(before, [Turn("turn", "left ball", (0.4, 0.0, 0.0))]).stand
    np.testing.assert_allclose(made.at(ball), before.at(ball), atol=1e-6)
    assert made.at(heel)[1] > before.at(heel)[1] + 0.03


def spots(of, side: str = "left") -> dict[str, np.ndarray]:
    return {word: of.at(grip_called(of.body, f"{side} {word}")) for word in ("heel", "ball", "toe", "foot", "knee")}


@pytest.mark.parametrize("how", ["limb", "body"])
def test_a_heel_comes_up_over_the_ball_and_the_toes_stay_on_the_ground(how):
    before = stand(8)
    made = moved(before, [Reach("reach", ("left heel",), (0.0, 0.1, 0.0), how)])
    was, now = spots(before), spots(made.stand)
    np.testing.assert_allclose(now["heel"][1] - was["heel"][1], 0.1, atol=1e-6)
    np.testing.assert_allclose(now["ball"], was["ball"], atol=2e-4)
    np.testing.assert_allclose(now["toe"][1], was["toe"][1], atol=2e-4)
    assert now["foot"][2] - was["foot"][2] > 0.04  # the ankle comes forward over the ball
    assert not made.missed
    down = moved(made.stand, [Reach("reach", ("left heel",), (0.0, -0.1, 0.0), how)]).stand
    np.testing.assert_allclose(spots(down)["heel"], was["heel"], atol=2e-3)


def test_toes_come_up_over_the_heel():
    before = stand(8)
    made = moved(before, [Reach("reach", ("left ball",), (0.0, 0.05, 0.0))]).stand
    was, now = spots(before), spots(made)
    np.testing.assert_allclose(now["ball"][1] - was["ball"][1], 0.05, atol=1e-6)
    np.testing.assert_allclose(now["heel"], was["heel"], atol=1e-6)
    assert now["toe"][1] - was["toe"][1] > 0.05


def test_a_foot_lifted_by_its_ankle_leaves_the_ground_with_its_toes_last():
    before = stand(8)
    was = spots(before)
    for up in (0.03, 0.25):
        made = moved(before, [Reach("reach", ("left foot",), (0.0, up, 0.0))]).stand
        now = spots(made)
        np.testing.assert_allclose(now["foot"][1] - was["foot"][1], up, atol=1e-6)
        assert now["heel"][1] - was["heel"][1] > now["ball"][1] - was["ball"][1]
    # 3 cm: the ball is still where it was; 25 cm: it is in the air
    low = spots(moved(before, [Reach("reach", ("left foot",), (0.0, 0.03, 0.0))]).stand)
    np.testing.assert_allclose(low["ball"], was["ball"], atol=1e-6)
    assert now["ball"][1] - was["ball"][1] > 0.1


@pytest.mark.parametrize(("frame", "by"), [(8, (0.1, 0.02, 0.1)), (37, (0.0, 0.1, 0.0))])
def test_a_foot_that_is_led_along_or_flies_keeps_the_way_it_is_turned(frame, by):
    before = stand(frame)
    made = moved(before, [Reach("reach", ("left foot",), by)]).stand
    foot = before.rig.index("LeftFoot")
    np.testing.assert_allclose(np.abs(made.posed.world[0, foot] @ before.posed.world[0, foot]), 1.0, atol=1e-12)


def test_hips_that_go_up_beyond_the_legs_bring_the_heels_off_first():
    before = stand(8)
    was = {side: spots(before, side) for side in ("left", "right")}
    for up, leaves in ((0.06, False), (0.3, True)):
        made = moved(before, [Reach("reach", ("hips",), (0.0, up, 0.0))])
        hips = grip_called(before.body, "hips")
        np.testing.assert_allclose(made.stand.at(hips) - before.at(hips), [0, up, 0], atol=1e-4)
        for side, places in was.items():
            now = spots(made.stand, side)
            assert now["heel"][1] - places["heel"][1] > 0.05
            rise = now["ball"][1] - places["ball"][1]
            assert rise > 0.1 if leaves else abs(rise) < 1e-3
            limb = next(x for x in limbs_of(before.body) if x.name == f"{side} leg")
            thigh = made.stand.posed.position[0, limb.upper]
            reach = np.linalg.norm(now["foot"] - thigh) / ik.limb_length(limb, made.stand.translation)[0]
            assert reach == pytest.approx(0.999, abs=1e-3)


def test_a_pinned_foot_stays_flat_when_the_hips_go_up():
    shot = demo("Gap hop")
    as_it_is, foot = stand(8), stand(8).rig.index("LeftFoot")
    place, turn = as_it_is.posed.position[0, foot], as_it_is.posed.world[0, foot]
    pin = Pin("p1", "left foot", 1, 20, tuple(place), tuple(turn), direction=True)
    shot = replace(shot, performers=(replace(shot.performer, pins=(pin,)),))
    before = stand_at(see(shot), 8)
    made = moved(before, [Reach("reach", ("hips",), (0.0, 0.1, 0.0))])
    np.testing.assert_allclose(np.abs(made.stand.posed.world[0, foot] @ before.posed.world[0, foot]), 1.0, atol=1e-9)


def test_a_chest_led_by_itself_bends_the_spine_over_still_hips():
    before = stand(8)
    by = (0.0, -0.08, 0.15)
    made = moved(before, [Reach("reach", ("chest",), by, "limb")])
    np.testing.assert_allclose(made.stand.translation, before.translation, atol=1e-12)
    hips = before.rig.index("Hips")
    np.testing.assert_allclose(made.stand.local[0, hips], before.local[0, hips], atol=1e-12)
    chest = grip_called(before.body, "chest")
    np.testing.assert_allclose(made.stand.at(chest) - before.at(chest), by, atol=1e-3)


def test_a_hand_rides_along_with_its_forearm_unless_it_is_to_hold_its_direction():
    before = stand(20)
    hand = before.rig.index("RightHand")
    rides = moved(before, [Reach("reach", ("right hand",), (0.2, 0.3, 0.2))]).stand
    np.testing.assert_allclose(rides.local[0, hand], before.local[0, hand], atol=1e-12)
    assert abs(rides.posed.world[0, hand] @ before.posed.world[0, hand]) < 0.999
    holds = moved(before, [Reach("reach", ("right hand",), (0.2, 0.3, 0.2), rest="holds")]).stand
    np.testing.assert_allclose(np.abs(holds.posed.world[0, hand] @ before.posed.world[0, hand]), 1.0, atol=1e-12)


def test_parts_are_reset_and_the_rest_stays():
    before = stand(20)
    arm = list(joints_of(before.body, ["left arm"]))
    made = moved(before, [Reset("reset", "rest", ("left arm",))]).stand
    np.testing.assert_allclose(made.local[0, arm], np.tile(rotation.IDENTITY, (len(arm), 1)))
    others = [j for j in range(len(before.rig)) if j not in arm]
    np.testing.assert_array_equal(made.local[0, others], before.local[0, others])
    posed = AddLayer(Layer("layer9", "Bow", columns={("Chest", "rx"): smooth_keys([20], [0.6])})).apply(demo("Gap hop"))
    came = moved(stand_at(see(posed), 20), [Reset("reset", "came", ())]).stand
    np.testing.assert_allclose(came.local, before.local, atol=1e-12)
    was = moved(before, [Reset("reset", "previous", ("left arm",))]).stand
    earlier = stand_at(before.seen, 19)  # the legs are keyed on ones
    np.testing.assert_allclose(was.local[0, arm], earlier.local[0, arm], atol=1e-12)


def test_a_bone_is_not_turned_beyond_reason():
    for move in (
        Turn("turn", "head", (99.0, 0.0, 0.0)),
        Reach("reach", ("head",), (99.0, 0.0, 0.0)),
        Reach("reach", (), (0.1, 0, 0)),
    ):
        with pytest.raises(EditError):
            moved(stand(20), [move])


# --- keys --------------------------------------------------------------------------------------------------

MOVES = [
    [Reach("reach", ("right hand",), (0.1, 0.3, 0.2))], [Reach("reach", ("hips",), (0.05, -0.15, 0.0), "body")],
    [Turn("turn", "head", (0.2, 0.4, 0.0))], [Mirror("mirror")], [Between("between", 8, 29, 0.3)],
    [Reach("reach", ("left hand",), (0.0, 0.2, 0.2)), Turn("turn", "chest", (0.0, 0.3, 0.0))],
]  # fmt: skip


@pytest.mark.parametrize("make", [lambda: demo("Gap hop"), captured], ids=["keyed", "brought in"])
@pytest.mark.parametrize("number", range(len(MOVES)))
def test_what_was_posed_is_what_stands_after_it_is_keyed(make, number):
    shot = make()
    before = stand_at(see(shot), 20)
    made = moved(before, MOVES[number])
    after = pose_edit(before, made.stand, "Pose").apply(shot)
    np.testing.assert_allclose(after.poses("", np.array([20])).position[0], made.stand.posed.position[0], atol=1e-8)


def test_a_single_pose_that_was_brought_in_is_blocked_from_key_to_key():
    shot = captured()
    base = shot.performer.layers[0]
    still = replace(base, columns={k: Dense(1, np.full(72, c.values[0])) for k, c in base.columns.items()})
    shot = replace(shot, performers=(replace(shot.performer, layers=(still,)),))
    for frame, up in ((10, 0.0), (20, 0.3), (50, 0.3)):
        before = stand_at(see(shot), frame)
        after = moved(before, [Reach("reach", ("right hand",), (0.0, up - 0.1, 0.1))])
        shot = pose_edit(before, after.stand, "Pose", which="whole").apply(shot)
    hand = grip_called(shot.performer.body(), "right hand")
    at = [stand_at(see(shot), f).at(hand) for f in (20, 35, 50, 70)]
    # nothing comes back to the pose below between two keys, or after the last
    assert at[1][1] > min(at[0][1], at[2][1]) - 0.05
    np.testing.assert_allclose(at[3], at[2], atol=1e-9)
    # motion that moves is mended: a key on it comes and goes
    mended = captured()
    before = stand_at(see(mended), 20)
    layer = pose_edit(before, moved(before, [Reach("reach", ("right hand",), (0.0, 0.1, 0.0))]).stand, "Pose")
    assert layer.apply(mended).performer.layers[1].way == "adds"
    assert shot.performer.layers[1].way == "replaces"


def test_on_brought_in_motion_nothing_else_changes():
    shot = captured()
    before = stand_at(see(shot), 20)
    made = moved(before, [Reach("reach", ("right hand",), (0.0, 0.1, 0.0))])
    after = pose_edit(before, made.stand, "Raise", ease=6).apply(shot)
    was, now = bake_shot(shot), bake_shot(after)
    changed = np.flatnonzero(np.abs(was.position - now.position).max(axis=(1, 2)) > 1e-9) + 1
    assert changed.min() == 15
    assert changed.max() == 25
    layer = after.performer.layers[-1]
    assert (layer.role, layer.way) == ("keyed", "adds")
    assert after.performer.layers[0] is shot.performer.layers[0]
    hand = now.rig.index("RightHand")
    lift = (now.position - was.position)[:, hand, 1]
    grip = grip_called(before.body, "right hand")
    assert lift[19] == pytest.approx((made.stand.at(grip) - before.at(grip))[1], abs=1e-6)
    assert (np.diff(lift[14:20]) > 0).all()


def test_a_second_key_goes_to_the_same_layer():
    shot = captured()
    for frame in (20, 30):
        before = stand_at(see(shot), frame)
        made = moved(before, [Reach("reach", ("right hand",), (0.0, 0.1, 0.0))])
        shot = pose_edit(before, made.stand, "Raise").apply(shot)
    assert len(shot.performer.layers) == 2


@pytest.mark.parametrize("weight", [1.0, 0.5])
def test_a_key_under_other_layers_still_gives_the_pose_that_was_seen(weight):
    shot = Ask("add_hand_layer", "performer1", "Below").apply(captured())
    over = Layer(
        "layer7", "Over", "keyed", "adds", {("RightArm", "rz"): smooth_keys([1, 40], [0.2, 0.6])}, weight=weight
    )
    shot = AddLayer(over).apply(shot)
    before = stand_at(see(shot), 20)
    made = moved(before, [Reach("reach", ("right hand",), (0.05, 0.1, 0.1))])
    after = pose_edit(before, made.stand, "Pose", "layer1").apply(shot)
    np.testing.assert_allclose(after.poses("", np.array([20])).position[0], made.stand.posed.position[0], atol=1e-8)


def test_a_layer_that_replaces_hides_keys_below_it_and_says_so():
    shot = AddLayer(
        Layer("layer7", "Stiff", "keyed", "replaces", {("RightArm", "rz"): smooth_keys([1, 40], [0.2, 0.6])})
    ).apply(demo("Gap hop"))
    before = stand_at(see(shot), 20)
    made = moved(before, [Reach("reach", ("right hand",), (0.05, 0.1, 0.1))])
    with pytest.raises(EditError, match="Stiff lies over this layer and replaces RightArm"):
        pose_edit(before, made.stand, "Pose", "base")


def test_a_layer_with_parts_takes_no_keys_of_others():
    shot = Ask("add_hand_layer", "performer1", "Head", ("head",)).apply(captured())
    before = stand_at(see(shot), 20)
    made = moved(before, [Reach("reach", ("right hand",), (0.05, 0.1, 0.1))])
    with pytest.raises(EditError, match="Head reaches only"):
        pose_edit(before, made.stand, "Pose", "layer1")


def test_a_first_key_of_a_joint_keeps_the_poses_beside_it():
    shot = Shot("New", (), 1 / 24, 1, 40, floor_m=0.0)
    shot = replace(shot, performers=(stock_performer("bram", "standing", shot),))
    for frame, by in ((20, 0.2), (30, -0.1)):
        before = stand_at(see(shot), frame)
        shot = pose_edit(before, moved(before, [Turn("turn", "left toe", (by, 0, 0))]).stand, "Toe").apply(shot)
    toe = shot.performer.rig.index("LeftToe")
    local = bake_shot(shot).local[:, toe]
    np.testing.assert_allclose(local[0], rotation.IDENTITY, atol=1e-12)
    np.testing.assert_allclose(rotation.log(local[19])[0], 0.2, atol=1e-5)


def test_nothing_moved_is_nothing_to_key():
    with pytest.raises(EditError, match="Nothing was changed"):
        pose_edit(stand(20), stand(20), "Pose")


def test_a_pose_is_not_keyed_in_the_blend_of_a_cut():
    shot = Ask("cut_performer", performer="performer1", start=10, end=15, blend=4).apply(demo("Gap hop"))
    before = stand_at(see(shot), 9)
    with pytest.raises(EditError, match="blend of a cut"):
        pose_edit(before, moved(before, [Turn("turn", "head", (0.2, 0, 0))]).stand, "Pose")


# --- the clipboard and the shelf ---------------------------------------------------------------------------


def test_a_pose_is_pasted_on_another_frame_and_body():
    source, goal = stand(20), stand(8, "Mail-sack")
    made = moved(goal, [Paste("paste", copied(source))]).stand
    same = [j for j, name in enumerate(made.rig.names) if name != "Hips"]
    np.testing.assert_allclose(np.abs((made.local[0, same] * source.local[0, same]).sum(axis=-1)), 1.0, atol=1e-9)
    np.testing.assert_allclose(made.translation[0, 0, [0, 2]], goal.translation[0, 0, [0, 2]])
    share = made.translation[0, 0, 1] / made.body.anatomy.height_m
    assert share == pytest.approx(source.translation[0, 0, 1] / source.body.anatomy.height_m, abs=0.01)


def test_a_share_of_a_pose_and_some_parts_of_it():
    source, goal = stand(20), stand(37)
    made = moved(goal, [Paste("paste", copied(source), ("left arm",), 0.3)]).stand
    arm = made.rig.index("LeftArm")
    whole = rotation.log(rotation.multiply(rotation.conjugate(goal.local[0, arm]), source.local[0, arm]))
    gone = rotation.log(rotation.multiply(rotation.conjugate(goal.local[0, arm]), made.local[0, arm]))
    np.testing.assert_allclose(gone, 0.3 * whole, atol=1e-9)
    np.testing.assert_array_equal(made.local[0, made.rig.index("RightArm")], goal.local[0, made.rig.index("RightArm")])


def test_a_mirrored_part_goes_to_the_other_side():
    source, goal = stand(20), stand(8)
    made = moved(goal, [Paste("paste", copied(source, ("left arm",)), (), 1.0, True)]).stand
    right, left = made.rig.index("RightArm"), made.rig.index("LeftArm")
    np.testing.assert_allclose(
        made.local[0, right], posing.reflected(source.local[0, left], posing.lateral(made.body.anatomy)), atol=1e-9
    )
    np.testing.assert_array_equal(made.local[0, left], goal.local[0, left])


def test_a_pose_that_matches_nothing_is_refused_with_its_joints():
    with pytest.raises(EditError, match=r"No joint of this pose answers to one of Bram Okoro: it has Wing"):
        moved(stand(8), [Paste("paste", Copied({"Wing": (1.0, 0.0, 0.0, 0.0)}))])
    made = moved(stand(8), [Paste("paste", Copied({"Wing": (1.0, 0.0, 0.0, 0.0), "LeftArm": (1.0, 0.0, 0.0, 0.0)}))])
    assert made.says == ("Wing of the pose has no match on Bram Okoro.",)


def test_what_is_kept_on_the_shelf_comes_back_from_plain_data():
    seen = see(demo("Gap hop"))
    kept = kept_of(seen, "Wind-up  and push", (20, 24, 29), ())
    again = kept_from_plain(kept_to_plain(kept))
    assert again == kept
    assert again.name == "Wind-up and push"
    assert [f for f, _ in again.poses] == [0, 4, 9]
    edit, says = put_on(seen, again, 50, (), 1.0, False)
    after = edit.apply(seen.shot)
    arm = seen.performer.rig.index("LeftArm")
    for a, b in ((20, 50), (24, 54), (29, 59)):
        was, now = (s.poses("", np.array([f])).local[0, arm] for s, f in ((seen.shot, a), (after, b)))
        np.testing.assert_allclose(abs(was @ now), 1.0, atol=1e-9)
    assert says == []
    with pytest.raises(EditError, match="outside the shot's 1 to 72"):
        put_on(seen, again, 70, (), 1.0, False)


@pytest.mark.parametrize(
    ("spoil", "says"),
    [
        (lambda p: p.pop("shelf"), "nothing from a shelf"), (lambda p: p["poses"][0].pop("turns"), "turns is missing"),
        (lambda p: p["poses"][0]["turns"].update(LeftArm=[1, 2]), "rotation of LeftArm in pose 1"),
        (lambda p: p["poses"][0]["turns"].update(LeftArm=[9, 0, 0, 0]), "rotation of LeftArm"),
        (lambda p: p.update(poses=[]), "1 to 120 poses"), (lambda p: p["poses"][0].update(frame=3), "the first on 0"),
    ],
)  # fmt: skip
def test_a_shelf_file_that_is_none_says_what_is_wrong(spoil, says):
    plain = kept_to_plain(kept_of(see(demo("Gap hop")), "Wind-up", (20,), ()))
    spoil(plain)
    with pytest.raises(FileError, match=says):
        kept_from_plain(plain)


# --- how the body answers -------------------------------------------------------------------------------


def test_the_answer_is_what_the_reading_says_once_it_is_kept():
    shot = demo("Gap hop")
    before = stand_at(see(shot), 37)
    made = moved(before, [Reach("reach", ("hips",), (0.0, 0.1, 0.0), "body", stay="pins")])
    edit = pose_edit(before, made.stand, "Lift")
    told = answer(made, edit, "right hand")
    after = see(edit.apply(shot)).reading
    np.testing.assert_allclose(told.com, after.com[36], atol=1e-9)
    frames, paths = told.beads
    assert frames.tolist() == [36, 37, 38]  # the hips are keyed on ones in the air
    np.testing.assert_allclose(paths["com"], after.com[frames - 1], atol=1e-9)
    assert told.off_arc_m == pytest.approx(np.linalg.norm(told.com - before.arc_place()))
    assert told.margin_m is None


def test_the_answer_says_whether_the_body_would_stand():
    before = stand(8)
    there = answer(moved(before, [Reach("reach", ("right hand",), (0.0, 0.05, 0.0))]), None)
    over = answer(moved(before, [Reach("reach", ("hips",), (0.0, -0.1, -0.4), "body")]), None)
    assert there.margin_m > 0 > over.margin_m
    lost = answer(moved(before, [Reach("reach", ("right hand",), (0.0, 3.0, 0.0))]), None)
    at, to = lost.missed["right hand"]
    assert np.linalg.norm(to - at) > 1.5


@pytest.mark.parametrize("name", ["Gap hop", "Net-perch", "Deck somersault"])
def test_off_the_arc_while_posing_is_what_the_reading_says(name):
    seen = see(demo(name))
    flight = seen.reading.flights[0]
    off = []
    for frame in range(flight.start, flight.end + 1):
        stand = stand_at(seen, frame)
        com = seen.reading.com[frame - seen.shot.first_frame]
        off.append(float(np.linalg.norm(com - stand.arc_place())))
    assert max(off) == pytest.approx(flight.arc_max_m, abs=1e-9)
    assert np.sqrt(np.mean(np.square(off))) == pytest.approx(flight.arc_rms_m, abs=1e-9)
