"""What a person says of footing and findings, as commands: it wins, it follows, and it can be taken back."""

from dataclasses import replace
from fractions import Fraction

import pytest

from ironarc.core.columns import smooth_keys
from ironarc.core.document import Limit
from ironarc.core.edits.rate import KEEP_SECONDS, at_rate
from ironarc.core.errors import EditError, FileError
from ironarc.core.judging import grade_of, judge
from ironarc.core.judging.judging_json import judging_to_plain, with_judging
from ironarc.core.reading import read_shot
from ironarc.core.scene.props import Prop
from ironarc.core.scene.retiming import Retiming
from tests.conftest import demo
from tests.figures import Ask

ONE = "performer1"
HOP = demo("Gap hop")
PIER = ("left foot", "floor", 46, 72)


def flights(shot):
    return [(f.start, f.end) for f in read_shot(shot).flights]


def feet(shot, side="left"):
    return [(c.start, c.end, c.by_hand) for c in read_shot(shot).contacts if c.side == side and c.point == "toe"]


def found(shot):
    return judge(shot, shot.performer, read_shot(shot))


def test_an_end_of_a_pier_is_dragged_in_and_out():
    shorter = Ask("move_contact", ONE, *PIER, 49, 72).apply(HOP)
    assert feet(shorter)[-1] == (49, 72, True)
    assert feet(shorter, "right")[-1] == (46, 72, False)
    longer = Ask("move_contact", ONE, *PIER, 44, 72).apply(HOP)
    assert feet(longer)[-1] == (44, 72, True)
    assert flights(longer) == [(30, 43)]
    with pytest.raises(EditError, match="50 to 47 was given"):
        Ask("move_contact", ONE, *PIER, 50, 47).apply(HOP)


def test_both_feet_lifted_later_make_the_flight_longer():
    shot = HOP
    for foot in ("left foot", "right foot"):
        shot = Ask("move_contact", ONE, foot, "floor", 46, 72, 49, 72).apply(shot)
    assert flights(shot) == [(30, 48)]


def test_a_pier_is_split_added_and_taken_back():
    split = Ask("lift_contact", ONE, "left foot", 60, 60).apply(HOP)
    assert [s[:2] for s in feet(split)] == [(1, 29), (46, 59), (61, 72)]
    added = Ask("set_contact", ONE, "left foot", "floor", 36, 38).apply(HOP)
    assert (36, 38, True) in feet(added)
    assert flights(added) == [(30, 35), (39, 45)]
    back = Ask("detected_contacts", ONE, "left foot", 30, 45).apply(added)
    assert flights(back) == flights(HOP)
    assert not Ask("detected_contacts", ONE).apply(added).performer.contacts
    assert "Left foot rests on the floor, 36 to 38" in Ask("set_contact", ONE, "left foot", "floor", 36, 38).says(HOP)


def test_what_is_said_follows_a_slip_a_cut_and_another_rate():
    said = Ask("set_contact", ONE, "left foot", "floor", 36, 38).apply(HOP)
    assert flights(Ask("slip_performer", ONE, 5).apply(said)) == [(35, 40), (44, 50)]
    cut = Ask("cut_performer", ONE, 10, 13, 0).apply(said)
    assert flights(cut) == [(26, 31), (35, 41)]
    # frames 36 to 38 of 24 a second are 71 to 76 of 48
    (first, second) = flights(at_rate(said, Fraction(48), KEEP_SECONDS))
    assert (first[1], second[0]) == (70, 77)


def test_what_is_said_follows_another_pace():
    said = Ask("set_contact", ONE, "left foot", "floor", 36, 38).apply(HOP)
    p = said.performer
    # frames 30 to 46 in 12 instead of 16
    shorter = Retiming("retiming1", "Shorter", smooth_keys([30.0, 42.0], [30.0, 46.0]))
    seen = said.with_item(replace(p, timing=p.timing.with_retiming(shorter)))
    (pier,) = (c for c in read_shot(seen).contacts if c.by_hand and c.point == "toe")
    assert 33 <= pier.start <= pier.end <= 37
    assert pier.end - pier.start <= 2


def test_a_later_word_replaces_only_what_it_speaks_of():
    shot = Ask("set_contact", ONE, "left foot", "floor", 34, 40).apply(HOP)
    shot = Ask("lift_contact", ONE, "left foot", 36, 37).apply(shot)
    assert [s[:2] for s in feet(shot)] == [(1, 29), (34, 35), (38, 40), (46, 72)]


def test_a_doubt_is_settled_by_one_word():
    aloft = Ask("settle_doubt", ONE, 20, 25, "air").apply(HOP)
    assert (20, 25) in flights(aloft)
    borne = Ask("settle_doubt", ONE, 30, 45, "borne").apply(HOP)
    assert flights(borne) == []
    bar = Prop("bar1", "Line", "bar", (2.0, 0.04, 0.04), (0.0, 2.0, 0.0))
    with_bar = replace(HOP, props=(bar,))
    hangs = Ask("settle_doubt", ONE, 32, 40, "hanging", "bar1").apply(with_bar)
    pulling = [c for c in read_shot(hangs).contacts if c.pulls]
    assert {(c.point, c.surface, c.start, c.end) for c in pulling} == {("palm", "bar1", 32, 40)}
    with pytest.raises(EditError, match="choose the prop"):
        Ask("settle_doubt", ONE, 32, 40, "hanging").apply(HOP)
    with pytest.raises(EditError, match="no tail"):
        Ask("lift_contact", ONE, "tail", 3, 4).apply(HOP)


def test_a_finding_is_left_with_a_reason_and_taken_up_again():
    cracked = [f for f in found(HOP) if f.grade == "cracked"]
    shot = HOP
    for finding in cracked:
        shot = Ask("leave_findings", ONE, [finding.id], "She floats on purpose.").apply(shot)
    assert {f.left for f in found(shot) if f.grade == "cracked"} == {"She floats on purpose."}
    assert grade_of(found(shot)) == "strained"
    again = Ask("take_up_findings", ONE, [cracked[0].id]).apply(shot)
    assert grade_of(found(again)) == "cracked"
    assert len(again.performer.left) == len(shot.performer.left) - 1
    with pytest.raises(EditError, match="Say why"):
        Ask("leave_findings", ONE, [cracked[0].id], "  ").apply(HOP)
    with pytest.raises(EditError, match="not there any more"):
        Ask("leave_findings", ONE, ["performer1:hang:9999"], "No.").apply(HOP)


def test_a_limit_is_changed_for_the_shot_and_reset():
    lax = Ask("set_limit", "hang", 0.5, 0.6).apply(HOP)
    assert "hang" not in {f.kind for f in found(lax)}
    house = (Limit("hang", 0.9, 1.0), Limit("arc", 0.5, 0.9))
    assert {"hang", "arc"} & {f.kind for f in judge(HOP, HOP.performer, read_shot(HOP), house)} == set()
    strict = Ask("set_limit", "hang", 0.1, 0.2).apply(HOP)
    assert "hang" in {f.kind for f in judge(strict, strict.performer, read_shot(strict), house)}  # the shot's go before
    assert Ask("reset_limits", "hang").apply(lax).limits == ()
    assert Ask("reset_limits").apply(lax).limits == ()
    with pytest.raises(EditError, match="no finding called fun"):
        Ask("set_limit", "fun", 1, 2).apply(HOP)
    with pytest.raises(EditError, match="strained comes before cracked"):
        Ask("set_limit", "hang", 2, 1).apply(HOP)


def test_what_is_left_and_the_limits_go_home_as_a_file_and_come_back():
    hang = next(f for f in found(HOP) if f.kind == "hang")
    shot = Ask("leave_findings", ONE, [hang.id], "On purpose.").apply(Ask("set_limit", "arc", 0.5, 0.9).apply(HOP))
    back = with_judging(HOP, judging_to_plain(shot, shot.performer))
    assert (back.limits, back.performer.left) == (shot.limits, shot.performer.left)
    for bad in (
        [],
        {"judging": 2},
        {"judging": 1, "left": [{"kind": "hang"}]},
        {"judging": 1, "limits": {"arc": [2, 1]}},
    ):
        with pytest.raises(FileError):
            with_judging(HOP, bad)


def test_the_floor_is_set_with_a_slope_and_estimated_with_one():
    shot = Ask("set_floor", 0.02, 0.1, -0.05).apply(HOP)
    floor = read_shot(shot).floor
    assert (floor.height_m, floor.slope) == (0.02, (0.1, -0.05))
    level = Ask("estimate_slope").apply(HOP)
    assert abs(level.floor_slope[0]) < 0.02
    assert Ask("set_floor", None).apply(shot).floor_slope == (0.0, 0.0)
    with pytest.raises(EditError, match="is a wall"):
        Ask("set_floor", 0.0, 3.0, 0.0).apply(HOP)
