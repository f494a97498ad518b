"""A new take over the old one: what was done stays, corrections are made anew, and what no longer fits is told."""

import numpy as np
import pytest

from ironarc.core.edits.commands import COMMANDS
from ironarc.core.errors import EditError
from ironarc.core.exchange.bring_in import performer_from_file, shot_from_file
from ironarc.core.exchange.take_home import motion_file
from ironarc.core.reading import see
from ironarc.core.truing import propose, read_try
from ironarc.core.truing.new_take import new_take, set_beside
from ironarc.demo.by_hand import Hand
from tests.conftest import demo


def did(shot, command: str, **asked):
    return COMMANDS[command](see(shot), **asked).apply(shot)


@pytest.fixture(scope="module")
def worked_on():
    """The hop brought in, weighed, its arc trued, a clip named and a note made."""
    shot = shot_from_file(motion_file(demo("Gap hop")), "Hop", "hop.bvh")
    shot = did(shot, "weigh_total", performer="performer1", kg=70.0)
    shot = propose(see(shot), read_try("true_arc(frame=37)")).edit.apply(shot)
    shot = did(shot, "add_clip", performer="performer1", name="Air", start=29, end=46)
    shot = did(shot, "add_clip", performer="performer1", name="Settle", start=62, end=72)
    return did(shot, "add_remark", performer="performer1", frame=37, text="Higher")


def taken(shot, data: bytes):
    seen = see(shot)
    found = new_take(seen, performer_from_file(data, "Bram", shot), "hop_2.bvh")
    return found, found.edit.apply(shot)


def test_the_same_motion_again_changes_nothing(worked_on):
    found, after = taken(worked_on, motion_file(demo("Gap hop")))
    assert found.muted == ()
    assert found.lost == ()
    assert (found.settled, found.new) == (0, 0)
    frames = worked_on.frame_numbers()
    np.testing.assert_allclose(
        after.poses("", frames).position, worked_on.poses("", frames).position, atol=1e-5
    )  # fmt: skip


def test_a_shorter_take_keeps_what_fits_and_tells_what_does_not(worked_on):
    found, after = taken(worked_on, motion_file(demo("Gap hop"), last=60))
    assert after.frames == 60
    assert after.performer.body().mass_kg == pytest.approx(70.0)
    assert [s.name for s in after.performer.strips] == ["Air"]
    assert found.lost == ("The clip Settle lies beyond the new take and is taken away.",)
    assert after.remarks == worked_on.remarks
    assert found.anew == (worked_on.performer.corrections[0].name,)
    # the arc is true on the new take as well: made of it, and not brought along
    (flight,) = see(after).reading.flights
    assert flight.implied_g == pytest.approx(9.81, rel=0.03)


def test_a_take_that_needs_no_correction_any_more_settles_what_was_found():
    shot = shot_from_file(motion_file(demo("Gap hop")), "Hop", "hop.bvh")
    hop = demo("Gap hop")
    trued = propose(see(hop), read_try("true_arc(frame=37)")).edit.apply(hop)
    found, after = taken(shot, motion_file(trued))
    assert found.settled >= 1
    assert found.new == 0
    assert found.says.startswith(f"Against the take before: {found.settled} settled, 0 new")
    frames = after.frame_numbers()
    np.testing.assert_allclose(after.poses("", frames).position, trued.poses("", frames).position, atol=1e-4)


def test_a_correction_that_can_not_be_made_again_is_muted_and_says_why(worked_on):
    # a take that stands still flies nowhere
    hand = Hand("Still", "bram", 72)
    hand.do("copy_pose", frame=1, to=(72,))
    found, after = taken(worked_on, motion_file(hand.shot))
    ((name, why),) = found.muted
    assert name == worked_on.performer.corrections[0].name
    assert why
    assert after.performer.corrections[0].muted
    assert f"{name} could not be made anew and is muted: {why}" in found.says


@pytest.mark.parametrize(
    ("other", "says"),
    [("Gull", "another skeleton: it lacks"), ("Deck somersault", "other lengths")],
)
def test_another_skeleton_is_refused_with_what_differs(worked_on, other, says):
    with pytest.raises(EditError, match=says):
        taken(worked_on, motion_file(demo(other)))


def test_an_earlier_take_stands_beside_the_one_there_is_with_its_own_motion(worked_on):
    before = worked_on
    _, after = taken(before, motion_file(before, last=50))
    made = set_beside(see(after), before.performer).apply(after)
    names = [p.name for p in made.performers]
    assert names == [after.performer.name, f"{after.performer.name}, earlier 1"]
    frames = np.arange(1, 51)
    was, now = before.poses("", frames).position, made.poses(made.performers[1].id, frames).position
    np.testing.assert_allclose(now - was, np.broadcast_to([0.9, 0.0, 0.0], now.shape), atol=1e-9)
    again = set_beside(see(made), before.performer).apply(made)
    assert again.performers[2].name.endswith("earlier 2")
