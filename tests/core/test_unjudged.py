"""What no grade speaks of: a single pose, and a body whose joints are not understood."""

from dataclasses import replace

import pytest

from ironarc.core.exchange.bring_in import shot_from_file
from ironarc.core.exchange.take_home import motion_file
from ironarc.core.judging import SOUND, grade_of, judge
from ironarc.core.judging.card import card_of
from ironarc.core.judging.unjudged import nothing_moves, unjudged, unjudged_of_all
from ironarc.core.reading import read_all, read_shot, see
from tests.conftest import demo
from tests.figures import Ask


def alone(shot):
    """A stock body in one pose, by itself."""
    there = Ask("add_stock", member="bram", pose="standing").apply(shot)
    return replace(there, performers=there.performers[-1:], props=(), guides=(), references=())


def test_one_pose_is_not_called_sound_without_saying_that_nothing_else_was_judged():
    shot = alone(demo("Gap hop"))
    readings = read_all(shot)
    assert unjudged_of_all(shot, readings) == [f"{shot.performer.name} has one pose: only its balance is judged."]
    assert nothing_moves(shot, readings)
    card = card_of(shot, readings)
    assert (card["moves"], card["unjudged"]) == (False, unjudged_of_all(shot, readings))
    moving = demo("Gap hop")
    assert unjudged_of_all(moving, read_all(moving)) == []
    assert not nothing_moves(moving, read_all(moving))


@pytest.mark.parametrize(("kg", "falls"), [(1.0, False), (60.0, True)])
def test_a_single_pose_that_a_load_pulls_out_of_its_footing_is_found(kg, falls):
    shot = alone(demo("Gap hop"))
    performer = shot.performer.id
    shot = Ask("add_load", joints=("LeftHand",), frame=1, kg=kg, performer=performer).apply(shot)
    # held throughout, far out to the side
    (load,) = shot.performer.loads
    out = replace(load, start=1, end=shot.frames, ease_in=0, ease_out=0, offset_m=(0.6, 0.0, 0.0))
    shot = shot.with_item(replace(shot.performer, loads=(out,)))
    reading = read_shot(shot)
    kinds = {f.kind for f in judge(shot, shot.performer, reading)}
    assert ("balance" in kinds) is falls


def test_joints_that_are_not_understood_are_said_beside_the_grade():
    text = motion_file(demo("Gap hop")).decode()
    for number, name in enumerate(demo("Gap hop").performer.rig.names):
        # two legs alone have names: what is left is no shape of two arms either
        if "Arm" in name or "Hand" in name or "Shoulder" in name:
            text = text.replace(f" {name}\n", f" widget{number}\n")
    shot = shot_from_file(text.encode(), "Odd", "odd.bvh", scale_to_m=0.01)
    seen = see(shot)
    unknown = len(seen.reading.body.anatomy.unexplained)
    if unknown:
        assert unjudged(seen.performer, seen.reading) == [
            f"{seen.performer.name} is weighed by guess: {unknown} of {len(seen.performer.rig)} joints not understood. "
            "Say what they are in Weigh."
        ]
    given = dict.fromkeys((n for n in seen.performer.rig.names if n.startswith("widget")), "none")
    sure = seen.performer
    for joint, role in given.items():
        shot = Ask("assign_joint", joint=joint, role=role, performer=sure.id).apply(shot)
    assert unjudged(shot.performer, read_shot(shot)) == []
    assert grade_of([]) == SOUND
