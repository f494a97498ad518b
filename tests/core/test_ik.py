"""Limbs in closed form and the body by least squares, against forward kinematics."""

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st

from ironarc.core import rotation
from ironarc.core.figure.body import weigh
from ironarc.core.figure.crew import BRAM
from ironarc.core.figure.grips import limbs_of
from ironarc.core.figure.rig import forward
from ironarc.core.motion import ik, least_squares
from ironarc.core.reading.momentum import body_centres, whole_com
from tests.figures import BRAM_RIG, CM, stiff_poses

BODY = weigh(BRAM_RIG, CM, BRAM.weighing)
LEG, ARM = limbs_of(BODY)[0], limbs_of(BODY)[1]
angles = st.floats(-0.9, 0.9)


def bent_pose(frames: int = 1, knee: float = 0.6, twist=(0.0, 0.0, 0.0)):
    """Local rotations and origins of Bram with knees and elbows bent, the whole turned by `twist`."""
    poses = stiff_poses(
        BRAM_RIG, np.tile(rotation.exp(np.array(twist)), (frames, 1)), np.tile([0.1, 1.0, 0.2], (frames, 1)), 1 / 24
    )
    local = poses.local.copy()
    for name in ("LeftLeg", "RightLeg"):
        local[:, BRAM_RIG.index(name)] = rotation.about_axis("X", np.full(frames, knee))
    for name in ("LeftForeArm", "RightForeArm"):
        local[:, BRAM_RIG.index(name)] = rotation.about_axis("X", np.full(frames, -0.7))
    return local, poses.translation


def end_of(limb, local, translation):
    world, at = forward(BRAM_RIG, local, translation)
    return at[:, limb.lower] + rotation.rotate(world[:, limb.lower], ik.wrist_of(limb, translation))


@pytest.mark.parametrize("limb", [LEG, ARM], ids=["leg", "arm"])
@given(
    where=st.tuples(st.floats(-1, 1), st.floats(-1, 1), st.floats(-1, 1)),
    far=st.floats(0.2, 0.98),
    whole=st.tuples(angles, angles, angles),
)
def test_forward_of_inverse_is_the_target(limb, where, far, whole):
    local, translation = bent_pose(twist=whole)
    way = np.array(where) + np.array([1e-3, 0, 0])
    _, at = forward(BRAM_RIG, local, translation)
    target = at[:, limb.upper] + way / np.linalg.norm(way) * ik.limb_length(limb, translation)[:, None] * far
    solved = ik.limb_to(BRAM_RIG, local, translation, limb, target)
    np.testing.assert_allclose(end_of(limb, solved, translation), target, atol=1e-6)


def test_what_is_there_already_stays_as_it_is():
    local, translation = bent_pose()
    for limb in limbs_of(BODY):
        solved = ik.limb_to(BRAM_RIG, local, translation, limb, end_of(limb, local, translation))
        np.testing.assert_allclose(np.abs((solved * local).sum(axis=-1)), 1.0, atol=1e-12)


def test_out_of_reach_the_limb_points_at_the_target_and_no_bone_grows():
    local, translation = bent_pose()
    _, at = forward(BRAM_RIG, local, translation)
    target = at[:, LEG.upper] + np.array([[0.4, -1.5, 0.9]])
    solved = ik.limb_to(BRAM_RIG, local, translation, LEG, target)
    reached = end_of(LEG, solved, translation) - at[:, LEG.upper]
    to = target - at[:, LEG.upper]
    np.testing.assert_allclose(reached / np.linalg.norm(reached), to / np.linalg.norm(to), atol=1e-6)
    assert np.linalg.norm(reached) == pytest.approx(ik.limb_length(LEG, translation)[0], rel=1e-6)


def test_the_knee_goes_through_straight_without_a_pop():
    """The hip rises from a crouch until the leg is straight and on beyond: the knee's angle never jumps, and its
    side stays the front."""
    n = 400
    local, translation = bent_pose(n, knee=0.9)
    foot = end_of(LEG, local, translation)
    translation[:, 0, 1] += np.linspace(0.0, 0.25, n)
    _, at = forward(BRAM_RIG, local, translation)
    full = ik.limb_length(LEG, translation)
    to = foot - at[:, LEG.upper]
    far = np.linalg.norm(to, axis=1)
    assert far.min() < 0.95 * full[0] < full[0] * 1.02 < far.max()
    reach = ik.softened(far, full)
    target = at[:, LEG.upper] + to / far[:, None] * reach[:, None]
    solved = ik.limb_to(BRAM_RIG, local, translation, LEG, target)
    bend = rotation.log(solved[:, LEG.lower])[:, 0]
    assert (bend > 0).all()
    assert np.degrees(np.abs(np.diff(bend))).max() < 0.9  # 0.6 mm a step
    hard = ik.limb_to(BRAM_RIG, local, translation, LEG, foot)
    assert np.degrees(np.abs(np.diff(rotation.log(hard[:, LEG.lower])[:, 0]))).max() > 1.5


def test_a_knee_that_starts_a_little_the_wrong_way_comes_back():
    local, translation = bent_pose(knee=-np.radians(3))
    target = end_of(LEG, local, translation) + np.array([0, 0.3, 0])
    solved = ik.limb_to(BRAM_RIG, local, translation, LEG, target)
    assert rotation.log(solved[0, LEG.lower])[0] > 0.5


def test_the_middle_of_a_limb_is_steered_and_its_end_stays():
    local, translation = bent_pose()
    end = end_of(LEG, local, translation)
    _, at = forward(BRAM_RIG, local, translation)
    steer = at[:, LEG.lower] + np.array([0.5, 0.0, 0.0])
    solved = ik.limb_to(BRAM_RIG, local, translation, LEG, end, steer=steer)
    _, after = forward(BRAM_RIG, solved, translation)
    np.testing.assert_allclose(end_of(LEG, solved, translation), end, atol=1e-9)
    assert after[0, LEG.lower, 0] > at[0, LEG.lower, 0] + 0.05


@given(turn=st.tuples(angles, angles, angles), shift=st.tuples(angles, angles, angles))
def test_moving_and_turning_the_whole_moves_and_turns_what_is_solved(turn, shift):
    local, translation = bent_pose()
    target = end_of(ARM, local, translation) + np.array([[0.1, 0.2, 0.15]])
    solved = ik.limb_to(BRAM_RIG, local, translation, ARM, target)
    q = rotation.exp(np.array(turn))
    moved, carried = local.copy(), translation.copy()
    moved[:, 0] = rotation.multiply(q, local[:, 0])
    carried[:, 0] = rotation.rotate(q, translation[:, 0]) + shift
    again = ik.limb_to(BRAM_RIG, moved, carried, ARM, rotation.rotate(q, target) + shift)
    np.testing.assert_allclose(again[:, 1:], solved[:, 1:], atol=1e-9)


def whole_body(goals, balance=None, frames: int = 1, passes: int = 8):
    local, translation = bent_pose(frames)
    spread = np.full(len(BRAM_RIG), 0.3)
    may = least_squares.Stiffness(
        tuple(range(len(BRAM_RIG))), spread, 0.3, tuple(least_squares.Hinge(limb) for limb in limbs_of(BODY))
    )
    return least_squares.solve(BRAM_RIG, local, translation, goals, may, passes, balance)


def kept(joint: str, by=(0.0, 0.0, 0.0)):
    local, translation = bent_pose()
    world, at = forward(BRAM_RIG, local, translation)
    j = BRAM_RIG.index(joint)
    return least_squares.Goal(j, np.zeros(3), at[:, j] + by, world[:, j])


def test_the_whole_body_gives_to_a_hand_while_feet_stay():
    hand = kept("RightHand", (0.3, 0.25, 0.5))
    goals = [kept("LeftFoot"), kept("RightFoot"), least_squares.Goal(hand.joint, hand.at_m, hand.place)]
    local, translation = whole_body(goals)
    _, at = forward(BRAM_RIG, local, translation)
    for goal in goals:
        np.testing.assert_allclose(at[:, goal.joint], goal.place, atol=5e-4)
    assert np.linalg.norm(translation[0, 0] - bent_pose()[1][0, 0]) > 0.01


def test_the_center_of_gravity_stays_where_it_is_told():
    local, translation = bent_pose()
    world, at = forward(BRAM_RIG, local, translation)
    centres = at[:, BODY.joints] + rotation.rotate(world[:, BODY.joints], BODY.coms)
    com = (centres * (BODY.masses / BODY.masses.sum())[:, None]).sum(axis=1)
    hand = kept("RightHand", (0.2, 0.2, 0.4))
    goals = [kept("LeftFoot"), kept("RightFoot"), least_squares.Goal(hand.joint, hand.at_m, hand.place)]
    solved, moved = whole_body(goals, least_squares.Balance(BODY.joints, BODY.masses, BODY.coms, com))
    world, at = forward(BRAM_RIG, solved, moved)
    centres = at[:, BODY.joints] + rotation.rotate(world[:, BODY.joints], BODY.coms)
    np.testing.assert_allclose((centres * (BODY.masses / BODY.masses.sum())[:, None]).sum(axis=1), com, atol=5e-4)


def test_the_balance_s_center_is_the_reading_s():
    poses = stiff_poses(BRAM_RIG, np.array([[1.0, 0, 0, 0]]), np.array([[0.1, 1.0, 0.2]]), 1 / 24)
    com = whole_com(body_centres(poses, BODY), BODY)
    at = poses.position[:, BODY.joints] + rotation.rotate(poses.rotation[:, BODY.joints], BODY.coms)
    np.testing.assert_allclose((at * (BODY.masses / BODY.masses.sum())[:, None]).sum(axis=1), com, atol=1e-12)


def test_a_goal_that_is_met_moves_nothing():
    local, translation = whole_body([kept("LeftFoot"), kept("RightHand")])
    before, origins = bent_pose()
    np.testing.assert_allclose(local, before, atol=1e-9)
    np.testing.assert_allclose(translation, origins, atol=1e-9)


def test_a_frame_is_solved_as_if_it_were_alone():
    """What other frames ask for, and how far they have to go, changes nothing here."""
    local, translation = bent_pose(3)
    _, at = forward(BRAM_RIG, local, translation)
    feet = [BRAM_RIG.index("LeftFoot"), BRAM_RIG.index("RightFoot")]
    reached = at[:, BRAM_RIG.index("RightHand")] + [[0.0, 0.002, 0.0], [0.3, 0.25, 0.5], [0.1, -0.3, 0.3]]

    def solved(on: slice):
        goals = [least_squares.Goal(j, np.zeros(3), at[on, j]) for j in feet]
        goals.append(least_squares.Goal(BRAM_RIG.index("RightHand"), np.zeros(3), reached[on]))
        return whole_body(goals, frames=len(reached[on]), passes=30)

    together = solved(slice(None))
    for f in range(3):
        for mine, alone in zip(together, solved(slice(f, f + 1)), strict=True):
            np.testing.assert_allclose(mine[f], alone[0], atol=1e-12)
