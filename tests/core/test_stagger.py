"""Steps that catch a body: the pendulum against its closed form, and the body against what a foot must do."""

import numpy as np
import pytest

from ironarc.core.errors import EditError
from ironarc.core.judging.judge import judge
from ironarc.core.reading import see
from ironarc.core.truing import propose, read_try
from ironarc.core.truing.caught import BEYOND_M, REACTS_S, SWINGS_S, Foot, catch_oneself
from ironarc.demo.by_hand import Hand

OMEGA = 3.3
FEET = [Foot(-0.02, -0.06, 0.16), Foot(-0.02, -0.06, 0.16)]


def test_what_its_feet_stop_takes_no_step():
    assert catch_oneself(0.0, 0.25, FEET, OMEGA, 0, 0.55) is None


def test_a_push_goes_as_the_closed_form_has_it_until_the_first_foot_is_down():
    found = catch_oneself(0.0, 0.8, FEET, OMEGA, 0, 0.55)
    edge = -0.02 + 0.16 - 0.01
    # the push stands at the edge of the feet as soon as the weight would go beyond them
    t = found.times[found.times <= REACTS_S + SWINGS_S]
    c, s = np.cosh(OMEGA * t), np.sinh(OMEGA * t)
    np.testing.assert_allclose(found.weight[: len(t)], edge + (0.0 - edge) * c + 0.8 / OMEGA * s, atol=1e-9)
    first = found.steps[0]
    speed = (0.0 - edge) * OMEGA * s[-1] + 0.8 * c[-1]
    assert first.end == pytest.approx(found.weight[len(t) - 1] + speed / OMEGA + BEYOND_M, abs=0.01)


def test_it_stands_as_it_stood_farther_along_and_is_pushed_only_where_a_foot_is():
    found = catch_oneself(0.0, 1.1, FEET, OMEGA, 0, 0.55)
    assert found.stands
    assert found.weight[-1] == pytest.approx(found.moved, abs=0.01)
    for number, foot in enumerate(FEET):
        at, lift = found.foot_at(number, foot.at, found.times)
        assert at[-1] == pytest.approx(foot.at + found.moved, abs=1e-9)
        assert (lift[at == at[-1]] == 0).any()
    places = [found.foot_at(i, f.at, found.times) for i, f in enumerate(FEET)]
    for k, push in enumerate(found.push):
        bears = [i for i in (0, 1) if places[i][1][k] == 0]
        assert any(places[i][0][k] + FEET[i].low - 1e-6 <= push for i in bears)
        assert any(push <= places[i][0][k] + FEET[i].high + 1e-6 for i in bears)


def test_more_push_takes_more_steps_and_too_much_is_never_caught():
    steps = [len(catch_oneself(0.0, v, FEET, OMEGA, 0, 0.55).steps) for v in (0.7, 1.4)]
    assert steps[0] < steps[1]
    assert not catch_oneself(0.0, 4.0, FEET, OMEGA, 0, 0.55).stands


@pytest.fixture(scope="module")
def stands():
    hand = Hand("Stands", "tansy", 120)
    hand.do("copy_pose", frame=1, to=(120,))
    return see(hand.shot)


@pytest.fixture(scope="module")
def staggered(stands):
    done = propose(stands, read_try("stagger(frame=10,impulse=60,heading=0)"))
    return done, see(done.edit.apply(stands.shot))


def test_nothing_is_wrong_with_a_stagger_but_the_blow_that_nothing_gives(staggered):
    _, seen = staggered
    found = judge(seen.shot, seen.performer, seen.reading)
    assert {f.kind for f in found} <= {"phantom"}
    assert all(8 <= f.start <= f.end <= 12 for f in found)


def test_feet_stand_between_their_steps_and_everything_ends_as_far_along(stands, staggered):
    done, now = staggered
    was, poses = stands.reading.poses, now.reading.poses
    ends = int(done.cost.says.split("stands again on ")[1].split(",")[0])
    moved = poses.position[ends + 2, 0] - was.position[ends + 2, 0]
    assert 0.4 < moved[2] < 0.9
    farther = poses.position[ends:] - was.position[ends:]
    np.testing.assert_allclose(farther, np.broadcast_to(moved, farther.shape), atol=1e-3)
    np.testing.assert_allclose(poses.position[:9], was.position[:9], atol=1e-9)
    for name in ("LeftFoot", "RightFoot"):
        foot = poses.position[:, poses.rig.index(name)]
        level = np.linalg.norm(np.diff(foot[:, [0, 2]], axis=0), axis=1)
        # while it is low it does not slide
        low = foot[:-1, 1] < was.position[0, was.rig.index(name), 1] + 0.002
        assert level[low & (foot[1:, 1] < foot[0, 1] + 0.002)].max() < 0.012


def test_the_chest_is_thrown_from_under_the_head_before_the_foot_is_down(stands, staggered):
    _, now = staggered
    off = now.reading.poses.position[:, :, 2] - stands.reading.poses.position[:, :, 2]
    chest, head = (now.reading.poses.rig.index(n) for n in ("UpperChest", "Head"))
    assert off[11, chest] - off[11, 0] > 0.01
    assert off[11, head] < off[11, chest]


@pytest.mark.parametrize(
    ("asked", "says"),
    [
        ("frame=10,impulse=20,heading=0", "stays over its feet: a Reaction is enough"),
        ("frame=10,impulse=400,heading=0", "Let it go instead"),
        ("frame=105,impulse=60,heading=0", "the motion ends on 120"),
    ],
)
def test_what_no_step_catches_or_needs_is_said(stands, asked, says):
    with pytest.raises(EditError, match=says):
        propose(stands, read_try(f"stagger({asked})"))
