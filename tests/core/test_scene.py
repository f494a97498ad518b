"""Performers placed, slipped, trimmed and cut; props as surfaces; rates; what is in the shot comes and goes."""

from dataclasses import replace
from fractions import Fraction

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st

from ironarc.core import edits, rotation
from ironarc.core.columns.keys import smooth_keys
from ironarc.core.edits.rate import KEEP_FRAMES, KEEP_SECONDS, at_rate, rate_effects
from ironarc.core.errors import EditError
from ironarc.core.exchange.bring_in import ASIDE_M, performer_from_file, shot_from_file
from ironarc.core.exchange.stock import POSES, stock_performer
from ironarc.core.exchange.take_home import motion_file
from ironarc.core.figure.crew import STOCK
from ironarc.core.motion.evaluate import layered
from ironarc.core.reading import read_all, read_shot
from ironarc.core.scene.guide import GRAVITY, Guide
from ironarc.core.scene.placement import Placement
from ironarc.core.scene.props import Prop
from ironarc.core.scene.rate import parse_rate, rate_of, whole_frame
from tests.conftest import demo
from tests.figures import Ask, bake_shot

HOP = demo("Gap hop")
ONE = HOP.performer.id


def two() -> "Shot":  # noqa: F821
    """The hop, with Tansy standing by."""
    return edits.AddItem(stock_performer("tansy", "standing", HOP)).apply(HOP)


# --- placing, slipping, trimming ----------------------------------------------------------------------


@given(
    at=st.tuples(st.floats(-4, 4), st.floats(-1, 1), st.floats(-4, 4)), turn=st.floats(-3.1, 3.1),
    scale=st.floats(0.3, 3), slip=st.integers(-20, 20),
)  # fmt: skip
def test_placing_and_slipping_never_change_a_joint_angle(at, turn, scale, slip):
    shot = Ask("slip_performer", ONE, slip).apply(Ask("place_performer", ONE, at, turn, scale).apply(HOP))
    before, after = bake_shot(HOP), bake_shot(shot)
    own = np.clip(np.arange(72) - slip, 0, 71)
    np.testing.assert_array_equal(after.local[:, 1:], before.local[own, 1:])
    placement = Placement(at, turn, scale)
    np.testing.assert_allclose(after.position, placement.to_world(before.position[own]), atol=1e-9)


def test_moving_and_turning_the_whole_changes_no_finding_and_no_reading():
    shot = Ask("place_performer", ONE, (3.0, 0.0, -2.0), 1.1, 1.0).apply(HOP)
    before, after = read_shot(HOP), read_shot(shot)
    (f,), (g,) = before.flights, after.flights
    assert (f.start, f.end) == (g.start, g.end)
    assert g.implied_g == pytest.approx(f.implied_g, rel=1e-9)
    np.testing.assert_allclose(
        np.linalg.norm(after.angular_momentum, axis=1), np.linalg.norm(before.angular_momentum, axis=1), atol=1e-6
    )


def test_a_body_twice_the_size_in_the_same_frames_seems_to_fall_at_twice_the_gravity():
    shot = Ask("place_performer", ONE, (0.0, 0.0, 0.0), 0.0, 2.0).apply(HOP)
    (flight,), (was,) = read_shot(shot).flights, read_shot(HOP).flights
    assert flight.implied_g == pytest.approx(2 * was.implied_g, rel=1e-6)
    assert shot.performer.body().mass_kg == pytest.approx(8 * 82)


def test_a_trim_holds_the_end_poses():
    shot = Ask("trim_performer", ONE, 20, 50).apply(HOP)
    before, after = bake_shot(HOP), bake_shot(shot)
    np.testing.assert_allclose(after.position[:20], np.repeat(before.position[19:20], 20, axis=0), atol=1e-12)
    np.testing.assert_allclose(after.position[20:49], before.position[20:49], atol=1e-12)
    np.testing.assert_allclose(after.position[50:], np.repeat(before.position[49:50], 22, axis=0), atol=1e-12)
    assert shot.performer.plays == (20, 50)


def test_frames_seen_and_own_frames_lead_to_each_other():
    timing = Ask("slip_performer", ONE, 7).apply(Ask("cut_performer", ONE, 20, 29, 4).apply(jogging())).performer.timing
    for seen in (8, 26, 27, 60):
        assert timing.seen_frame(timing.own_frame(seen)) == seen
    assert timing.own_frame(27) == 30


# --- cuts ---------------------------------------------------------------------------------------------


def jogging(frames: int = 120):
    """A hop whose hips travel at an even 1.5 m/s while everything else swings at 1 Hz: nothing hides a seam."""
    at = np.arange(1, frames + 1)
    swing = {}
    for joint, size in (("LeftUpLeg", 0.6), ("RightUpLeg", -0.6), ("Spine", 0.2), ("LeftArm", -0.5)):
        swing[joint, "rx"] = smooth_keys(at, size * np.sin(2 * np.pi * at / 24))
    place = {
        ("Hips", "tz"): smooth_keys(at, 150 / 24 * at),
        ("Hips", "ty"): smooth_keys(at, 100 + 3 * np.sin(2 * np.pi * at / 12)),
        ("Hips", "tx"): smooth_keys(at, 0 * at),
    }
    base = replace(HOP.performer.layers[0], columns=swing | place)
    return replace(HOP, performers=(replace(HOP.performer, layers=(base,), clip=None),), frames=frames)


@pytest.mark.parametrize(("start", "end", "blend"), [(40, 63, 6), (40, 63, 12), (41, 60, 10), (52, 70, 8)])
def test_a_cut_with_a_blend_keeps_the_speed_at_its_seams(start, end, blend):
    shot = Ask("cut_performer", ONE, start, end, blend).apply(jogging())
    com = read_shot(shot).com
    speed = np.linalg.norm(np.diff(com, axis=0), axis=1)
    seam = start - 2  # step from the last frame before the cut to the first after
    edges = [seam - blend // 2 - 1, seam + blend // 2 + 1]
    for edge in edges:
        steps = speed[edge - 1 : edge + 2]
        assert np.abs(np.diff(steps)).max() < 0.1 * steps.mean()
    assert shot.performer.plays == (1, 120 - (end - start + 1))


def test_a_carried_cut_goes_on_where_it_was_and_another_does_not():
    carried = Ask("cut_performer", ONE, 40, 63, 4).apply(jogging())
    left = Ask("cut_performer", ONE, 40, 63, 4, carry=False).apply(jogging())
    step = [float(np.diff(bake_shot(s).position[:96, 0, 2]).max()) for s in (carried, left)]
    assert step[0] == pytest.approx(1.5 / 24, rel=0.05)
    assert step[1] > 5 * step[0]


def test_a_second_cut_is_told_in_the_frames_that_are_seen_and_mending_gives_all_back():
    once = Ask("cut_performer", ONE, 20, 29, 4).apply(jogging())
    twice = Ask("cut_performer", ONE, 60, 69, 4).apply(once)
    assert [(c.start, c.end) for c in twice.performer.timing.cuts] == [(20, 29), (70, 79)]
    assert twice.performer.timing.seams() == [19.5, 59.5]
    back = Ask("mend_cut", ONE, 0).apply(Ask("mend_cut", ONE, 1).apply(twice))
    np.testing.assert_array_equal(bake_shot(back).position, bake_shot(jogging()).position)
    with pytest.raises(EditError, match="mended already"):
        Ask("mend_cut", ONE, 0).apply(back)


@pytest.mark.parametrize(
    ("start", "end", "blend", "words"),
    [
        (10, 500, 0, "A cut of 491 frames is longer than the clip, which has 72"),
        (30, 20, 0, "from its first to its last frame; 30 to 20"),
        (30, 40, 12, "between 0 frames and the cut's own 11; 12 was given"),
        (2, 30, 8, "needs 4 frames of the clip on each side"),
    ],
)
def test_a_cut_that_can_not_be_made_says_why(start, end, blend, words):
    with pytest.raises(EditError, match=words):
        Ask("cut_performer", ONE, start, end, blend).apply(HOP)


def test_two_cuts_may_not_meet():
    once = Ask("cut_performer", ONE, 30, 40, 4).apply(HOP)
    with pytest.raises(EditError, match="11 frames are cut out already before frame 30, with a blend of 4"):
        Ask("cut_performer", ONE, 29, 31, 2).apply(once)


def test_a_placed_cut_and_scaled_performer_is_written_as_it_is_seen():
    shot = Ask("place_performer", ONE, (1.0, 0.2, -0.5), 2.0, 1.3).apply(HOP)
    shot = Ask("slip_performer", ONE, 5).apply(Ask("cut_performer", ONE, 50, 60, 6).apply(shot))
    again = shot_from_file(motion_file(shot), "Again", scale_to_m=0.01)
    np.testing.assert_allclose(bake_shot(again).position, bake_shot(shot).position, atol=1e-5)


# --- props --------------------------------------------------------------------------------------------


def test_standing_on_a_box_is_contact_and_without_the_box_it_is_a_flight():
    lifted = Ask("place_performer", ONE, (0.0, 0.8, 0.0), 0.0, 1.0).apply(HOP)
    assert {c.surface for c in read_shot(lifted).contacts} == set()
    pier = Prop("prop1", "Pier", "box", (1.0, 0.8, 1.0), (0.0, 0.0, 0.1))
    deck = Prop("prop2", "Deck", "box", (1.0, 0.8, 1.0), (0.0, 0.0, 1.5))
    shot = edits.AddItem(deck).apply(edits.AddItem(pier).apply(lifted))
    reading, was = read_shot(shot), read_shot(HOP)
    assert [(f.start, f.end) for f in reading.flights] == [(f.start, f.end) for f in was.flights]
    assert {c.surface for c in reading.contacts} == {"prop1", "prop2"}
    assert all(c.end <= 29 for c in reading.contacts if c.surface == "prop1")


def test_a_moving_prop_carries_who_stands_on_it():
    rise = smooth_keys([1, 72], [0.0, 2.0])
    lift = Prop("prop1", "Lift", "box", (3, 0.5, 3), (0.0, -0.5, 0.0), columns={"ty": replace_values(rise, -0.5)})
    tansy = replace(stock_performer("tansy", "standing", HOP), id=ONE)
    root = tansy.rig.names[0]
    base = tansy.layers[0]
    up = replace(rise, values=rise.values * 100 + base.columns[root, "ty"].values[0])
    shot = replace(
        HOP,
        performers=(
            replace(tansy, layers=(replace(base, columns=dict(base.columns) | {(root, "ty"): up}),), clip=None),
        ),
    )
    alone = replace(shot, floor_m=-9.0)
    assert read_shot(alone).flights
    assert not read_shot(replace(alone, props=(lift,))).flights


def replace_values(keys, by):
    return replace(keys, values=keys.values + by)


def test_moving_a_keyed_prop_moves_its_keys_and_its_hook():
    crate = Prop(
        "prop1",
        "Crate",
        "box",
        (1, 1, 1),
        columns={"tx": smooth_keys([1, 10], [2.0, 3.0])},
        hung_from_m=(2.5, 5.0, 0.0),
    )
    shot = Ask("set_item", "prop1", {"at_m": [1.0, 0.5, 0.0]}).apply(edits.AddItem(crate).apply(HOP))
    at, _ = shot.item("prop1").track(np.array([1, 10]))
    np.testing.assert_allclose(at, [[3.0, 0.5, 0.0], [4.0, 0.5, 0.0]])
    assert shot.item("prop1").hung_from_m == (3.5, 5.5, 0.0)


# --- rate, range, numbering ---------------------------------------------------------------------------


@pytest.mark.parametrize(
    ("text", "rate"),
    [("24", Fraction(24)), ("23.976", Fraction(24000, 1001)), ("23.98", Fraction(24000, 1001)),
     ("29,97", Fraction(30000, 1001)), ("12.5", Fraction(25, 2)), ("60000/1001", Fraction(60000, 1001))],
)  # fmt: skip
def test_rates_are_exact_ratios(text, rate):
    assert parse_rate(text) == rate
    assert rate_of(round(float(1 / rate), 6)) == rate
    assert rate_of(0.016666) == 60


@pytest.mark.parametrize("text", ["", "fast", "0", "-24", "11", "241", "1/0"])
def test_a_rate_that_is_none_is_refused(text):
    with pytest.raises(EditError, match="frame rate"):
        parse_rate(text)


def test_keeping_seconds_keeps_the_hang_and_keeping_frames_keeps_the_keys():
    dense = shot_from_file(motion_file(HOP), "Dense", floor_m=0.0)
    (was,) = read_shot(dense).flights
    (kept,) = read_shot(at_rate(dense, Fraction(60), KEEP_SECONDS)).flights
    assert kept.hang_s == pytest.approx(was.hang_s, abs=1.5 / 24)  # a contact lies somewhere between two frames
    assert kept.implied_g == pytest.approx(was.implied_g, rel=0.02)
    (played,) = read_shot(at_rate(dense, Fraction(30), KEEP_FRAMES)).flights
    assert played.hang_frames == was.hang_frames
    assert played.implied_g == pytest.approx(was.implied_g * (30 / 24) ** 2, rel=1e-6)


def test_seconds_come_back_after_a_rate_and_back_and_first_frames_stay():
    shot = edits.Renumber(101).apply(HOP)
    there = edits.SetRate("48", KEEP_SECONDS).apply(shot)
    assert (there.first_frame, there.frames, there.rate) == (101, 143, 48)
    back = edits.SetRate("24", KEEP_SECONDS).apply(there)
    np.testing.assert_allclose(bake_shot(back).position, bake_shot(HOP).position, atol=1e-9)


@pytest.mark.parametrize("rate", ["30", "23.976", "60", "12"])
def test_a_rate_keeps_the_motion_at_every_moment(rate):
    """Keys may lie between frames: the pose of each moment is the same, the arch does not step, and no key is lost."""
    there = edits.SetRate(rate, KEEP_SECONDS).apply(HOP)
    factor = float(there.rate / HOP.rate)
    keys = [sum(len(c.key_frames) for c in s.performer.layers[0].columns.values()) for s in (HOP, there)]
    assert keys[0] == keys[1]
    moments = np.linspace(1, 72, 500)
    was, now = (layered(s.performer.motion, 1 + (moments - 1) * f) for s, f in ((HOP, 1.0), (there, factor)))
    np.testing.assert_allclose(now.translation, was.translation, atol=1e-6)
    assert (np.abs((now.rotation * was.rotation).sum(axis=-1)) > 1 - 1e-9).all()


def test_what_is_keyed_after_a_change_of_rate_replaces_the_key_seen_there():
    there = edits.SetRate("30", KEEP_SECONDS).apply(HOP)
    column = there.performer.layers[0].columns["Head", "turn"]
    between = next(f for f in column.frames if f != int(f))
    frame = there.performer.timing.seen_frame(whole_frame(between))
    after = Ask("set_keys", performer="performer1", frame=frame, parts=("head",)).apply(there)
    frames = after.performer.layers[0].columns["Head", "turn"].frames
    assert float(frame) in frames
    assert len(frames) == len(column.frames)
    gone = Ask("delete_keys", performer="performer1", keys={"head": (frame,)}).apply(there)
    assert len(gone.performer.layers[0].columns["Head", "turn"].frames) == len(column.frames) - 1
    nearer = Ask("move_keys", performer="performer1", keys={"head": (frame,)}, by=1).apply(there)
    assert between + 1 in nearer.performer.layers[0].columns["Head", "turn"].frames


def test_what_a_rate_does_to_each_flight_is_told_beforehand():
    (kept,) = rate_effects(HOP, Fraction(30), KEEP_FRAMES)
    assert (kept.was_frames, kept.now_frames) == pytest.approx((17, 17), abs=0.1)
    assert kept.now_s == pytest.approx(kept.now_frames / 30)
    dense = shot_from_file(motion_file(HOP), "Dense", floor_m=0.0)
    (moved,) = rate_effects(dense, Fraction(48), KEEP_SECONDS)
    assert moved.now_frames == pytest.approx(34, abs=1)
    assert moved.now_g == pytest.approx(moved.was_g, rel=0.03)
    (short,) = rate_effects(dense, Fraction(12), KEEP_SECONDS)
    assert short.now_frames == pytest.approx(8.5, abs=0.5)


def test_everything_moves_along_when_frames_are_renumbered_and_the_range_touches_no_key():
    shot = edits.AddItem(Prop("prop1", "C", "box", (1, 1, 1), columns={"tx": smooth_keys([1, 9], [0.0, 1.0])})).apply(
        HOP
    )
    shot = edits.AddItem(Guide("guide1", "G", GRAVITY, ((0, 0, 0), (0, 0, 1)), 30, 12)).apply(shot)
    moved = edits.Renumber(1001).apply(shot)
    np.testing.assert_allclose(bake_shot(moved).position, bake_shot(shot).position, atol=1e-14)
    assert moved.item("prop1").columns["tx"].frames.tolist() == [1001, 1009]
    assert moved.item("guide1").first == 1030
    assert read_shot(moved).flights[0].start == 1030
    cropped = Ask("set_range", 20, 60).apply(shot)
    np.testing.assert_allclose(bake_shot(cropped).position, bake_shot(shot).position[19:60], atol=1e-14)
    assert Ask("set_range", 1, 72).apply(cropped).frames == 72


# --- who is in the shot -------------------------------------------------------------------------------


@pytest.mark.parametrize("pose", POSES)
@pytest.mark.parametrize("key", STOCK)
def test_the_stock_crew_stands_on_the_floor_in_balance(key, pose):
    member = stock_performer(key, pose, HOP)
    shot = replace(HOP, performers=(member,))
    reading = read_shot(shot)
    assert not reading.flights
    track = reading.poses.position
    assert track[..., 1].min() > -0.01
    feet = [c.joint for c in reading.contacts]
    assert len(set(feet)) >= (3 if key == "gull" else 2)
    points = [i for i, n in enumerate(reading.poses.rig.names) if n in feet]
    low, high = track[0, points].min(axis=0) - 0.12, track[0, points].max(axis=0) + 0.12
    assert (low[[0, 2]] < reading.com[0, [0, 2]]).all()
    assert (reading.com[0, [0, 2]] < high[[0, 2]]).all()
    assert reading.body.mass_kg == pytest.approx(STOCK[key].mass_kg)
    assert reading.body.anatomy.height_m * 100 == pytest.approx(STOCK[key].stature_cm, rel=0.03)


def test_a_file_at_another_rate_joins_with_its_seconds_kept():
    other = at_rate(shot_from_file(motion_file(HOP), "Dense", floor_m=0.0), Fraction(60), KEEP_SECONDS)
    joined = performer_from_file(motion_file(other), "Guest", edits.Renumber(101).apply(HOP))
    assert joined.id == "performer2"
    assert joined.plays == (101, 172)
    shot = edits.AddItem(joined).apply(edits.Renumber(101).apply(HOP))
    apart = bake_shot(shot, "performer2").position - bake_shot(shot).position
    np.testing.assert_allclose(apart, np.broadcast_to([ASIDE_M, 0.0, 0.0], apart.shape), atol=0.02)


def test_every_performer_is_read_on_one_floor():
    shot = edits.AddItem(stock_performer("halloran", "rest", two())).apply(two())
    readings = read_all(shot)
    assert list(readings) == ["performer1", "performer2", "performer3"]
    assert {r.floor_m for r in readings.values()} == {0.0}
    assert [len(r.flights) for r in readings.values()] == [1, 0, 0]


def test_a_copy_stands_beside_and_the_last_performer_stays():
    shot = Ask("duplicate_item", ONE).apply(HOP)
    copy = shot.performers[1]
    assert (copy.id, copy.name) == ("performer2", "Bram Okoro 2")
    assert np.linalg.norm(bake_shot(shot, copy.id).position[0, 0] - bake_shot(shot).position[0, 0]) > 0.5
    with pytest.raises(EditError, match="only performer"):
        edits.RemoveItem(ONE).apply(HOP)


def test_a_performer_s_guides_go_with_it():
    shot = edits.AddItem(Guide("guide1", "G", GRAVITY, ((0, 0, 0), (0, 0, 1)), 30, 12, performer="performer2")).apply(
        two()
    )
    edit = edits.RemoveItem("performer2")
    assert edit.says(shot) == "Remove Tansy Vale and 1 guide curve"
    assert [i.id for i in edit.apply(shot).items()] == [ONE]


@pytest.mark.parametrize(
    "edit",
    [Ask("place_performer", ONE, (1.0, 0.0, 0.0), 0.0, 1.0), Ask("slip_performer", ONE, 3), edits.RemoveItem(ONE),
     Ask("trim_performer", ONE, 5, 9)],
    ids=lambda e: getattr(e, 'kind', None) or e.make.__name__,
)  # fmt: skip
def test_what_is_locked_refuses_to_change(edit):
    locked = Ask("lock_item", ONE, True).apply(two())
    with pytest.raises(EditError, match=r"Bram Okoro is locked\. Unlock it on the scene sheet"):
        edit.apply(locked)
    assert edit.apply(Ask("lock_item", ONE, False).apply(locked))


def test_what_an_item_does_not_have_can_not_be_set():
    shot = edits.AddItem(Prop("prop1", "C", "box", (1, 1, 1))).apply(HOP)
    with pytest.raises(EditError, match="opacity of C can't be set"):
        Ask("set_item", "prop1", {"opacity": 1}).apply(shot)
    with pytest.raises(EditError, match="not in the shot any more"):
        Ask("set_item", "prop9", {"at_m": [0, 0, 0]}).apply(shot)


def test_a_turn_about_the_root_faces_the_other_way():
    root = bake_shot(HOP).position[36, 0]
    placed = HOP.performer.placement.about(root, turn_rad=np.pi)
    shot = Ask("place_performer", ONE, placed.offset_m, placed.turn_rad, placed.scale).apply(HOP)
    before, after = bake_shot(HOP), bake_shot(shot)
    np.testing.assert_allclose(after.position[36, 0], root, atol=1e-9)
    ahead = [rotation.rotate(p.rotation[36, 0], np.array([0.0, 0.0, 1.0])) for p in (before, after)]
    np.testing.assert_allclose(ahead[1][[0, 2]], -ahead[0][[0, 2]], atol=1e-9)
