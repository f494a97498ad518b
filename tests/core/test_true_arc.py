import re
from dataclasses import replace

import numpy as np
import pytest

from ironarc.core.columns.keys import keys_by_hand
from ironarc.core.errors import EditError
from ironarc.core.exchange.bring_in import shot_from_file
from ironarc.core.exchange.take_home import motion_file
from ironarc.core.formats import bvh
from ironarc.core.judging.findings import find
from ironarc.core.reading import read_shot
from ironarc.core.reading.shot import Seen, see
from ironarc.core.scene.retiming import Retiming
from ironarc.core.truing import Try, first_offer, places_at, propose, read_try
from ironarc.core.truing.corrections import arc
from ironarc.demo.posing import Leap, Score
from tests.conftest import demo
from tests.figures import Ask, bake_shot

MIDDLE = 37


@pytest.fixture(scope="module")
def hop():
    shot = demo("Gap hop")
    return shot, read_shot(shot)


def proposed(shot, reading=None, frame=MIDDLE):
    return propose(Seen(shot, shot.performer, reading or read_shot(shot)), Try(arc.CORRECTION, arc.Options(frame)))


@pytest.fixture(scope="module")
def trued(hop):
    return proposed(*hop).edit.apply(hop[0])


def test_the_flight_is_on_the_arc_to_a_millimetre(trued):
    (flight,) = read_shot(trued).flights
    assert (flight.start, flight.end) == (30, 45)
    assert flight.arc_max_m < 1e-3
    assert flight.implied_g == pytest.approx(9.81, abs=0.01)


def test_push_and_landing_are_bent_and_the_rest_stays(hop, trued):
    before, after = bake_shot(hop[0]), bake_shot(trued)
    led = (before.frames >= 23) & (before.frames <= 52)
    np.testing.assert_allclose(after.position[~led], before.position[~led], atol=1e-9)
    # feet stand where they stood while they bear
    rig, on = before.rig, before.frames <= 27
    for foot in ("LeftFoot", "RightFoot"):
        j = rig.index(foot)
        np.testing.assert_allclose(after.position[on, j], before.position[on, j], atol=2e-3)


def test_hang_and_arc_are_settled_and_no_kink_is_left(hop, trued):
    assert {"hang", "arc"} < {f.kind for f in find(hop[1])}
    assert find(read_shot(trued)) == []


def test_the_cost_agrees_with_the_reading_after(hop, trued):
    cost = proposed(*hop).cost
    (flight,) = read_shot(trued).flights
    was = hop[1].flights[0].rise_m
    told = re.search(r"the rise goes from (\d+) to (\d+) cm", cost.says)
    assert int(told[1]) == round(was * 100)
    assert int(told[2]) == pytest.approx(flight.rise_m * 100, abs=3)  # it leaves between two frames
    moved = np.linalg.norm(bake_shot(trued).position - bake_shot(hop[0]).position, axis=-1).max()
    assert cost.moved_m == pytest.approx(moved, abs=1e-6)
    assert cost.frames == 0


def with_gravity(score: Score, share: float) -> Score:
    """The score with its leap under another share of gravity."""
    path = tuple(replace(s, gravity=share) if isinstance(s, Leap) else s for s in score.path)
    return replace(score, path=path)


@pytest.mark.parametrize("weight", [0.0, 0.25, 0.5])
def test_the_weight_takes_a_share_of_the_move(hop, trued, weight):
    layer = trued.performer.layers[1]
    part = read_shot(Ask("set_layer_weight", layer.id, weight).apply(trued)).com
    none, whole = hop[1].com, read_shot(trued).com
    # joints turn too where feet are held, so what lies between is not quite a straight line
    np.testing.assert_allclose(part, none + weight * (whole - none), atol=2e-3)


def test_a_sound_flight_does_not_move():
    with pytest.raises(EditError, match="follows its arc already"):
        proposed(demo("Gangway slip"), frame=31)


def test_trueing_again_changes_nothing_more(trued):
    with pytest.raises(EditError, match="follows its arc already"):
        proposed(trued)


def timed(shot, **options):
    seen = see(shot)
    edit = propose(seen, Try(arc.CORRECTION, arc.Options(MIDDLE, **options))).edit
    return see(edit.apply(shot))


def test_by_time_the_height_stays_and_frames_go(hop):
    after = timed(hop[0], hang=12)
    (flight,) = after.reading.flights
    assert flight.hang_frames == 12
    assert flight.implied_g == pytest.approx(9.81, abs=0.05)
    assert flight.rise_m == pytest.approx(hop[1].flights[0].rise_m, abs=0.05)
    assert after.shot.frames == hop[0].frames - 4
    assert not {"hang", "arc", "kink"} & {f.kind for f in find(after.reading)}
    # poses before the push are as they were, and those after the landing come four frames earlier
    was, now = hop[1].poses, after.reading.poses
    np.testing.assert_allclose(now.position[:15], was.position[:15], atol=1e-9)
    np.testing.assert_allclose(now.position[-15:], was.position[-15:], atol=1e-9)


def test_by_time_with_push_and_landing_worked_out_all_is_sound(hop):
    after = timed(hop[0], hang=12, hold=True)
    assert [f.hang_frames for f in after.reading.flights] == [12]
    assert find(after.reading) == []


def test_half_way_lies_between_time_and_height(hop):
    (flight,) = timed(hop[0], hang=14).reading.flights
    assert flight.hang_frames == 14
    assert flight.implied_g == pytest.approx(9.81, abs=0.05)
    time, height = (timed(hop[0], hang=n).reading.flights[0].rise_m for n in (12, 16))
    assert time + 0.05 < flight.rise_m < height - 0.05


def test_what_follows_stays_where_it_is_if_asked(hop):
    after = timed(hop[0], hang=12, follow=False)
    assert after.shot.frames == hop[0].frames
    np.testing.assert_allclose(after.reading.poses.position[-1], hop[1].poses.position[-1], atol=1e-9)
    assert [f.hang_frames for f in after.reading.flights] == [12]


def test_a_rise_is_asked_for_and_one_that_time_forbids_is_refused(hop):
    (flight,) = timed(hop[0], rise=40.0).reading.flights
    assert flight.rise_m == pytest.approx(0.40, abs=0.04)  # as near as whole frames let it be
    with pytest.raises(EditError, match=r"A rise of 40 cm takes \d+ frames under gravity, and 20 were asked for"):
        timed(hop[0], rise=40.0, hang=20)


def test_time_is_weighed_with_its_correction_and_taken_away_with_it(hop):
    after = timed(hop[0], hang=12)
    (layer,) = after.performer.corrections
    half = Ask("set_layer_weight", layer.id, 0.5).apply(after.shot)
    assert [r.weight for r in half.performer.timing.retimings] == [0.5]
    hangs = [read_shot(Ask("set_layer_weight", layer.id, w).apply(after.shot)).flights[0].hang_frames for w in (0, 1)]
    assert hangs == [16, 12]
    gone = Ask("delete_layer", layer.id).apply(after.shot)
    assert gone.frames == hop[0].frames
    assert not gone.performer.timing.retimings
    np.testing.assert_array_equal(bake_shot(gone).position, bake_shot(hop[0]).position)


def test_no_flight_no_arc(hop):
    with pytest.raises(EditError, match="no flight at frame 3"):
        proposed(*hop, 3)


def test_a_root_without_position_channels_is_refused(hop):
    shot, reading = hop
    rig = shot.performer.rig
    fixed = replace(rig.joints[0], channels=("rz", "rx", "ry"))
    pinned = shot.with_item(replace(shot.performer, rig=replace(rig, joints=(fixed, *rig.joints[1:]))))
    with pytest.raises(EditError, match="Hips has no position channels"):
        proposed(pinned, reading)


def test_the_exported_file_carries_the_correction(hop, trued):
    after = bvh.parse(motion_file(trued))
    assert after.rig == bvh.parse(motion_file(hop[0])).rig
    again = read_shot(shot_from_file(motion_file(trued), "Again", scale_to_m=0.01, floor_m=0.0))
    assert again.flights[0].arc_max_m < 1e-3


def test_a_range_is_exported_and_a_wrong_one_refused(trued):
    assert bvh.parse(motion_file(trued, 30, 45)).frames == 16
    for first, last in ((0, 10), (40, 30), (1, 73)):
        with pytest.raises(EditError, match="not a range within this shot"):
            motion_file(trued, first, last)


def test_a_try_goes_through_an_address_and_is_offered_on_what_it_settles(hop):
    seen = Seen(hop[0], hop[0].performer, hop[1])
    for kind, some in (("hang", "true_arc"), ("arc", "true_arc"), ("kink", "true_arc"), ("spin", "true_spin")):
        assert first_offer(seen, 30, 45, kind).correction.name == some
    tried = first_offer(seen, 30, 45, "arc")
    assert tried.text == "true_arc(frame=37,hang=12,rise=0.0,lead=0,follow=True,hold=True,early=0,past=0)"
    assert read_try(tried.text) == tried
    assert read_try("true_arc(frame=37)").options == arc.Options(37)
    assert "true_arc" not in [ways[0][0].correction.name for ways in places_at(seen, 2, 8)]
    assert read_try("now") is None
    assert read_try("true_everything(frame=1)") is None
    for text, words in (
        ("true_arc(frame=x)", "frame can't be read"),
        ("true_arc(height=3)", "no option called 'height'"),
    ):
        with pytest.raises(EditError, match=words):
            read_try(text)
    with pytest.raises(EditError, match="no correction called 'true_all'"):
        Try.of("true_all", {}, {})


def test_a_flight_that_is_played_at_another_pace_is_trued_too(hop):
    """Its own frames then lie between whole ones; the layer lies on whole ones, and the path on the arc."""
    shot, _ = hop
    keys = keys_by_hand([20.0, 41.0], [20.0, 46.0], [1.0, 1.0])
    p = shot.performer
    hurried = shot.with_item(replace(p, timing=p.timing.with_retiming(Retiming("r", "Hurry", keys))))
    (flight,) = read_shot(hurried).flights
    assert flight.hang_frames < 16
    (after,) = read_shot(proposed(hurried, frame=flight.apex_frame).edit.apply(hurried)).flights
    assert flight.arc_max_m > 0.02
    assert after.arc_max_m < 0.004
