from dataclasses import replace

import numpy as np
import pytest

from ironarc.core.columns.keys import keys_by_hand
from ironarc.core.document.take_home import motion_file
from ironarc.core.edits.bring_in import shot_from_file
from ironarc.core.errors import EditError
from ironarc.core.formats import bvh
from ironarc.core.judging.findings import find
from ironarc.core.reading import read_shot
from ironarc.core.reading.shot import Seen
from ironarc.core.scene.timing import Retiming
from ironarc.core.truing import Try, arc, offers, propose, read_try
from ironarc.demo import gap_hop
from ironarc.demo.posing import Leap, Score, key_shot
from tests.conftest import demo
from tests.figures import Ask, bake_shot

MIDDLE = 37


@pytest.fixture(scope="module")
def hop():
    shot = demo("Gap hop")
    return shot, read_shot(shot)


def proposed(shot, reading=None, frame=MIDDLE):
    return arc.propose(Seen(shot, shot.performer, reading or read_shot(shot)), arc.Options(frame))


@pytest.fixture(scope="module")
def trued(hop):
    return proposed(*hop).edit.apply(hop[0])


def test_the_flight_is_on_the_arc_to_a_millimetre(trued):
    (flight,) = read_shot(trued).flights
    assert (flight.start, flight.end) == (30, 45)
    assert flight.arc_max_m < 1e-3
    assert flight.implied_g == pytest.approx(9.81, abs=0.01)


def test_nothing_outside_the_flight_and_no_joint_has_turned(hop, trued):
    before, after = bake_shot(hop[0]), bake_shot(trued)
    outside = (before.frames < 30) | (before.frames > 45)
    np.testing.assert_array_equal(after.position[outside], before.position[outside])
    np.testing.assert_array_equal(after.local, before.local)


def test_hang_and_arc_are_settled_and_the_kink_is_said(hop, trued):
    assert {"hang", "arc"} < {f.kind for f in find(hop[1])}
    after = find(read_shot(trued))
    assert not {"hang", "arc"} & {f.kind for f in after}
    assert {f.grade for f in after} == {"strained"}
    (kink,) = (f for f in after if f.kind == "kink")
    assert "Leaves with a jerk" in kink.says


def test_the_cost_agrees_with_the_reading_after(hop, trued):
    cost = proposed(*hop).cost
    (flight,) = read_shot(trued).flights
    assert cost.rise_before_m == pytest.approx(hop[1].flights[0].rise_m)
    assert cost.rise_after_m == pytest.approx(flight.rise_m, abs=0.01)
    assert cost.take_off_jump_ms == pytest.approx(np.linalg.norm(flight.kink_take_off_ms), abs=0.02)
    assert cost.landing_jump_ms == pytest.approx(np.linalg.norm(flight.kink_landing_ms), abs=0.02)


def test_a_kink_says_which_way_it_goes(trued):
    """The floating hop, trued, leaves faster than its push; under stronger gravity, trued to weaker, slower."""
    rushed = key_shot(with_gravity(gap_hop.SCORE, 3.0))
    slower = proposed(rushed).edit.apply(rushed)
    faster = " ".join(f.says for f in find(read_shot(trued)))
    assert "more than the push" in faster
    less = " ".join(f.says for f in find(read_shot(slower)))
    assert "less than the push" in less
    assert "faster from contact than it fell" in less


def with_gravity(score: Score, share: float) -> Score:
    """The score with its leap under another share of gravity."""
    path = tuple(replace(s, gravity=share) if isinstance(s, Leap) else s for s in score.path)
    return replace(score, path=path)


@pytest.mark.parametrize("weight", [0.0, 0.25, 0.5])
def test_the_weight_takes_a_share_of_the_move(hop, trued, weight):
    layer = trued.performer.layers[1]
    part = read_shot(Ask("set_layer_weight", layer.id, weight).apply(trued)).com
    none, whole = hop[1].com, read_shot(trued).com
    np.testing.assert_allclose(part, none + weight * (whole - none), atol=1e-12)


def test_a_sound_flight_hardly_moves():
    shot = demo("Gangway slip")
    cost = proposed(shot, frame=31).cost
    assert cost.moved_max_m < 0.002


def test_trueing_again_changes_nothing_more(trued):
    cost = proposed(trued).cost
    assert cost.moved_max_m < 1e-6


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


def test_the_exported_file_carries_the_correction_and_only_it(hop, trued):
    before, after = (bvh.parse(motion_file(s)) for s in (hop[0], trued))
    assert after.rig == before.rig
    moved = {
        key for key in before.columns if np.abs(after.columns[key].values - before.columns[key].values).max() > 1e-4
    }
    assert moved <= {("Hips", c) for c in ("tx", "ty", "tz")}
    assert ("Hips", "ty") in moved
    again = read_shot(shot_from_file(motion_file(trued), "Again", scale_to_m=0.01, floor_m=0.0))
    assert again.flights[0].arc_max_m < 1e-3


def test_a_range_is_exported_and_a_wrong_one_refused(trued):
    assert bvh.parse(motion_file(trued, 30, 45)).frames == 16
    for first, last in ((0, 10), (40, 30), (1, 73)):
        with pytest.raises(EditError, match="not a range within this shot"):
            motion_file(trued, first, last)


def test_a_try_goes_through_an_address_and_is_offered_on_what_it_settles(hop):
    seen = Seen(hop[0], hop[0].performer, hop[1])
    for kind, some in (("hang", True), ("arc", True), ("kink", False), ("spin", False)):
        assert bool(offers(seen, 30, 45, kind)) == some
    (tried,) = offers(seen, 30, 45)
    assert tried.text == "true_arc(frame=37)"
    assert read_try(tried.text) == tried
    assert propose(seen, tried).cost == proposed(*hop).cost
    assert not offers(seen, 2, 8)
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
