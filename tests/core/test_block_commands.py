"""What an animator asks of curves, layers, feet, pins and room, and how it is answered where it can't be done."""

from dataclasses import replace
from itertools import pairwise

import numpy as np
import pytest

from ironarc.core import rotation
from ironarc.core.columns import Dense
from ironarc.core.columns.keys import keys_by_hand, smooth_keys
from ironarc.core.columns.turns import smooth_turns
from ironarc.core.document import Shot
from ironarc.core.edits import AddLayer
from ironarc.core.edits.commands.keys import poses_that_count
from ironarc.core.edits.commands.layers import copied_layer
from ironarc.core.edits.commands.overlap import handed_height
from ironarc.core.errors import EditError
from ironarc.core.figure.grips import grip_called
from ironarc.core.keying import keying
from ironarc.core.motion.layers import Layer
from ironarc.core.motion.pin import Pin
from ironarc.core.posing import Reach, moved, stand_at
from ironarc.core.posing.answer import answer
from ironarc.core.posing.reach import missed_pins
from ironarc.core.reading import see
from ironarc.core.scene.guide import Guide
from ironarc.core.scene.props import Hold, Prop
from ironarc.core.scene.reference import Reference
from ironarc.core.scene.retiming import Retiming
from tests.conftest import demo
from tests.core.test_keying import WHO, column, hop
from tests.core.test_pins import HELD_M, at_of, here, pinned, standing, swaying
from tests.core.test_posing import captured
from tests.figures import Ask, bake_shot

HIPS_UP = (("Hips", "ty"),)


def hips_up(*frames: int):
    """Keys of the curve of the hips' height."""
    return ((*HIPS_UP[0], frames),)


CRATE = Prop("prop1", "Crate", "box", (0.3, 0.3, 0.3), (0.2, 0.0, 0.6))


# --- curves ----------------------------------------------------------------------------------------------------


def slopes(shot: Shot, frame: int) -> tuple[float, float]:
    keys = column(shot, "Hips", "ty")
    at = keys.frames.tolist().index(frame)
    return float(keys.slopes_in[at]), float(keys.slopes_out[at])


def test_a_slope_s_other_side_goes_along_unless_it_is_broken():
    shot = Ask("set_slopes", **WHO, keys=hips_up(37), how="worked out").apply(hop())
    was = slopes(shot, 37)
    whole = Ask("set_slope", **WHO, joint="Hips", channel="ty", frame=37, side="out", slope=-2.0).apply(shot)
    assert slopes(whole, 37) == pytest.approx((-2.0, -2.0))
    broken = Ask(
        "set_slope", **WHO, joint="Hips", channel="ty", frame=37, side="in", slope=1.5, broken=True
    ).apply(shot)  # fmt: skip
    assert slopes(broken, 37) == pytest.approx((1.5, was[1]))
    joined = Ask("set_slopes", **WHO, keys=hips_up(37), how="joined").apply(broken)
    assert slopes(joined, 37) == pytest.approx(((1.5 + was[1]) / 2,) * 2)
    flat = Ask("set_slopes", **WHO, keys=hips_up(37), how="flat").apply(broken)
    assert slopes(flat, 37) == (0.0, 0.0)
    again = Ask("set_slopes", **WHO, keys=hips_up(37), how="worked out").apply(flat)
    np.testing.assert_allclose(bake_shot(again).position, bake_shot(shot).position, atol=1e-9)


def test_a_slope_of_an_angle_is_told_in_degrees_a_frame():
    shot = hop()
    rig = shot.performer.rig
    place = rig.joints[rig.index("LeftArm")].rotation_channels.index("rx")
    after = Ask("set_slope", **WHO, joint="LeftArm", channel="rx", frame=20, side="out", slope=6.0).apply(shot)
    arm = column(after, "LeftArm")
    assert np.degrees(arm.slopes_out[arm.frames.tolist().index(20)][place]) == pytest.approx(6.0)


def test_a_curve_shifted_and_reversed_twice_is_itself():
    shot = hop()
    every = tuple(int(f) for f in column(shot, "Hips", "ty").frames)
    up = Ask("shift_curve", **WHO, keys=hips_up(*every), by=7.0).apply(shot)
    rise = bake_shot(up).position - bake_shot(shot).position
    np.testing.assert_allclose(rise, np.broadcast_to([0.0, 0.07, 0.0], rise.shape), atol=1e-9)
    down = Ask("shift_curve", **WHO, keys=hips_up(*every), by=-7.0).apply(up)
    twice = down
    for _ in range(2):
        twice = Ask("reverse_curve", **WHO, curves=HIPS_UP, start=21, end=45).apply(twice)
    once = Ask("reverse_curve", **WHO, curves=HIPS_UP, start=21, end=45).apply(down)
    np.testing.assert_allclose(bake_shot(twice).position, bake_shot(shot).position, atol=1e-9)
    was, now = (column(s, "Hips", "ty").sample(np.array([21.0, 45.0])) for s in (shot, once))
    np.testing.assert_allclose(now, was[::-1])


def test_keys_are_smoothed_towards_the_line_of_their_neighbours():
    shot = hop()
    spiked = Ask("shift_curve", **WHO, keys=hips_up(37), by=12.0).apply(shot)
    after = Ask("smooth_curve", **WHO, parts=("hips",), start=37, end=37, strength=10.0).apply(spiked)
    keys = column(spiked, "Hips", "ty")
    at = keys.frames.tolist().index(37)
    a, b = keys.frames[at - 1], keys.frames[at + 1]
    line = np.interp(37, [a, b], [keys.values[at - 1], keys.values[at + 1]])
    assert column(after, "Hips", "ty").values[at] == pytest.approx(line)
    less = Ask("smooth_curve", **WHO, parts=("hips",), start=37, end=37, strength=5.0).apply(spiked)
    assert column(less, "Hips", "ty").values[at] == pytest.approx((line + keys.values[at]) / 2)
    np.testing.assert_array_equal(column(after, "Hips", "ty").values[:at], keys.values[:at])


def test_a_place_that_moves_fast_is_smoothed_as_it_is():
    """More than π centimetres a frame: a place does not go round as an angle does."""
    shot = captured()
    base = shot.performer.layers[0]
    fast = replace(column(shot, "Hips", "tz"), values=20.0 * np.arange(72.0))
    shot = shot.with_item(replace(shot.performer, layers=(base.with_columns({("Hips", "tz"): fast}),)))
    after = Ask("smooth_curve", **WHO, parts=("hips",), start=20, end=60, strength=6.0).apply(shot)
    np.testing.assert_allclose(column(after, "Hips", "tz").values, fast.values, atol=0.5)


def test_keys_are_put_on_twos_and_held():
    after = Ask("on_steps", **WHO, start=1, end=9, step=2, parts=("left arm",)).apply(hop())
    arm = bake_shot(after).local[:, after.performer.rig.index("LeftArm")]
    for frame in (1, 3, 5, 7):
        np.testing.assert_allclose(arm[frame], arm[frame - 1], atol=1e-12)
    assert not np.allclose(arm[8], arm[20])


def test_only_the_keys_selected_are_deleted_and_moved():
    """Two keys of two parts on two frames: not the four of all those parts on all those frames."""
    two = {"left arm": (20,), "head": (29,)}
    gone = Ask("delete_keys", **WHO, keys=two).apply(hop())
    assert [f in column(gone, "LeftArm").frames for f in (20, 29)] == [False, True]
    assert [f in column(gone, "Head").frames for f in (20, 29)] == [True, False]
    moved = Ask("move_keys", **WHO, keys=two, by=2).apply(hop())
    assert {22, 29} <= set(column(moved, "LeftArm").frames)
    assert {20, 31} <= set(column(moved, "Head").frames)
    with pytest.raises(EditError, match="No key is selected"):
        Ask("delete_keys", **WHO, keys={"head": ()}).apply(hop())


def test_a_value_is_shifted_on_the_keys_of_each_curve_alone():
    keys = (("Hips", "ty", (37,)), ("Hips", "tz", (21,)))
    after = Ask("shift_curve", **WHO, keys=keys, by=5.0).apply(hop())
    for channel, frame in (("ty", 37), ("tz", 21)):
        off = column(after, "Hips", channel).values - column(hop(), "Hips", channel).values
        assert [f for f, by in zip(column(after, "Hips", channel).frames, off, strict=True) if abs(by) > 1e-9] == [
            frame
        ]


def test_extremes_and_breakdowns_come_through_twos():
    """Poses off the grid come to its nearest frames, and are not cut off."""
    shot = Ask("mark_beat", **WHO, frame=20, beat="extreme").apply(hop())
    shot = Ask("mark_beat", **WHO, frame=24, beat="breakdown").apply(shot)
    after = Ask("on_steps", **WHO, start=1, end=71, step=2).apply(shot)
    was, now = bake_shot(shot).local, bake_shot(after).local
    poses = poses_that_count(shot.performer, shot.performer.layers[0])
    assert len(poses) > 6
    marks = {b.frame: b.kind for b in after.performer.beats}
    assert sorted(marks.values()) == ["breakdown", "extreme"]
    for frame, kind in ((20, "extreme"), (24, "breakdown")):
        at = min((f for f in marks if marks[f] == kind), key=lambda f: abs(f - frame))
        assert abs(at - frame) <= 1
        np.testing.assert_allclose(now[at - 1], was[frame - 1], atol=1e-9)
    hips, height = column(after, "Hips", "ty"), column(shot, "Hips", "ty")
    kept = [f for f in height.frames if f in poses]
    for f, value in zip(height.frames, height.values, strict=True):
        assert f not in kept or np.abs(hips.values - value).min() < 1e-9, f


def test_where_two_poses_want_one_step_the_second_stays():
    shown, stay = keying.poses_on_steps(1, 9, 4, {4: "breakdown", 5: "extreme", 6: "breakdown"})
    assert shown == {5: 5}
    assert stay == [4, 6]
    assert keying.poses_on_steps(1, 9, 2, {2: "breakdown", 8: "extreme", 20: "extreme"}) == ({1: 2, 7: 8}, [])


def test_a_pose_is_held_on_a_layer_that_has_no_key_there():
    shot = Ask("set_keys", **WHO, frame=20, parts=("head",)).apply(captured())
    layer = shot.performer.layers[-1]
    only = layer.with_columns({k: c.kept(c.frames == 20) for k, c in layer.columns.items()})
    shot = shot.with_item(replace(shot.performer, layers=(*shot.performer.layers[:-1], only)))
    after = Ask("hold_pose", **WHO, frame=12, to=28, parts=("head",)).apply(shot)
    assert list(column(after, "Head", layer=-1).frames) == [12, 28]


def test_keys_turned_round_in_time_keep_the_kind_of_each_span():
    shot = Ask("set_span_kind", **WHO, start=20, end=21, how="stepped", parts=("head",)).apply(hop())
    head = column(shot, "Head")
    frames = [int(f) for f in head.frames if 8 <= f <= 37]
    back = Ask("stretch_keys", **WHO, keys={"head": tuple(frames)}, about=22, factor=-1.0).apply(shot)
    kinds = dict(zip(head.frames, head.kinds, strict=True))
    turned = column(back, "Head")
    now = dict(zip(turned.frames, turned.kinds, strict=True))
    spans = {(a, b): kinds[a] for a, b in pairwise(frames)}
    assert len(set(spans.values())) > 1
    for (a, b), kind in spans.items():
        assert now[44 - b] == kind, (a, b)


def test_a_moved_key_takes_its_mark_along():
    shot = Ask("mark_beat", **WHO, frame=20, beat="extreme").apply(hop())
    shot = Ask("mark_beat", **WHO, frame=29, beat="breakdown").apply(shot)
    after = Ask("move_keys", **WHO, keys={"": (20,)}, by=3).apply(shot)
    assert [(b.frame, b.kind) for b in after.performer.beats] == [(23, "extreme"), (29, "breakdown")]
    unmarked = Ask("mark_beat", **WHO, frame=23, beat="").apply(after)
    assert [b.frame for b in unmarked.performer.beats] == [29]


# --- room ------------------------------------------------------------------------------------------------------


def test_room_for_everybody_takes_what_is_carried_guides_and_references_along():
    carried = replace(CRATE, holds=(Hold("hold1", "performer1", "LeftHand", 10, 44, (0.0, 0.0, 0.0)),))
    guide = Guide("guide1", "Arc", "gravity", ((0.0, 1.0, 0.0), (0.0, 1.0, 1.0)), 40, 8)
    film = Reference("ref1", "Film", "frames", ("a.png",), "image/png", 640, 360, first=50)
    still = replace(film, id="ref2", locked=True)
    shot = replace(hop(), props=(carried,), guides=(guide,), references=(film, still))
    after = Ask("make_room", **WHO, after=37, by=5, everyone=True).apply(shot)
    assert (after.props[0].holds[0].start, after.props[0].holds[0].end) == (10, 49)
    assert after.guides[0].first == 45
    assert [r.first for r in after.references] == [55, 50]  # what is locked stays
    back = Ask("make_room", **WHO, after=37, by=-5, everyone=True).apply(after)
    assert (back.props[0].holds, back.guides, back.references) == (shot.props[0].holds, shot.guides, shot.references)


def test_room_moves_what_a_layer_and_a_retiming_are_timed_by():
    layer = Layer(
        "layer1", "Lean", columns={("Head", "rx"): smooth_keys([10, 50], [0.0, 0.2])}, span=(20, 60),
        weight_keys=smooth_keys([25, 55], [0.0, 1.0]),
    )  # fmt: skip
    shot = AddLayer(layer).apply(hop())
    after = Ask("make_room", **WHO, after=37, by=6).apply(shot).performer.layer("layer1")
    assert after.span == (20, 66)
    assert after.weight_keys.frames.tolist() == [25, 61]
    assert after.columns["Head", "rx"].frames.tolist() == [10, 56]


# --- layers ----------------------------------------------------------------------------------------------------


def two_performers(order: str = "ZXY") -> Shot:
    """Bram, and a Bram twice the size whose left arm turns in another order."""
    shot = standing()
    other = replace(shot.performer, id="performer2", name="Other")
    joints = tuple(
        replace(j, channels=tuple("r" + a.lower() for a in order)) if j.name == "LeftArm" else j
        for j in other.rig.joints
    )
    bare = {k: c for k, c in other.layers[0].columns.items() if k[0] != "LeftArm"}
    other = replace(
        other, rig=replace(other.rig, joints=joints), layers=(replace(other.layers[0], columns=bare),),
        placement=replace(other.placement, scale=2.0),
    )  # fmt: skip
    return replace(shot, performers=(shot.performer, other))


def test_a_copied_layer_turns_joints_alike_in_another_order_and_size():
    shot = two_performers()
    own = shot.performer.rig.joints[shot.performer.rig.index("LeftArm")].order
    assert own != "ZXY"
    layer = Layer(
        "layer1", "Lean",
        columns={
            ("LeftArm", "turn"): smooth_turns([5, 15], [[0, 0, 0], [0.3, -0.4, 0.6]], own),
            ("Hips", "ty"): smooth_keys([5, 15], [0.0, 10.0]),
        },
    )  # fmt: skip
    shot = AddLayer(layer).apply(shot)
    edit, lost = copied_layer(shot.performer, "layer1", shot.performers[1], by=3)
    after = edit.apply(shot)
    assert lost == []
    copy = after.performers[1].layers[-1]
    angles = copy.columns["LeftArm", "turn"].angles[1]
    np.testing.assert_allclose(
        np.abs(rotation.from_euler("ZXY", angles) @ rotation.from_euler(own, np.array([0.3, -0.4, 0.6]))), 1.0
    )
    assert copy.columns["LeftArm", "turn"].frames.tolist() == [8, 18]
    # ten centimetres are ten centimetres on a body twice the size
    lift = [np.ptp(after.poses(p.id, after.frame_numbers()).position[:, 0, 1]) for p in after.performers]
    assert lift[1] == pytest.approx(lift[0], abs=1e-9)


def test_angles_one_by_one_are_not_copied_to_another_order():
    shot = AddLayer(Layer("layer1", "Lift", columns={("LeftArm", "rx"): smooth_keys([5], [0.3])})).apply(
        two_performers()
    )
    with pytest.raises(EditError, match="LeftArm turns in another order there"):
        copied_layer(shot.performer, "layer1", shot.performers[1])
    odd = replace(shot.performer, layers=(*shot.performer.layers, Layer("layer2", "None", columns={})))
    with pytest.raises(EditError, match="No joint that None moves answers to one of Other"):
        copied_layer(odd, "layer2", shot.performers[1])
    with pytest.raises(EditError, match="base layer is the motion itself"):
        copied_layer(shot.performer, "base", shot.performers[1])


@pytest.mark.parametrize("make", [hop, captured], ids=["keyed", "brought in"])
def test_a_lifted_layer_merged_down_lifts_as_before(make):
    lift = Layer("layer1", "Lift", columns={("Hips", "ty"): smooth_keys([10, 20, 30], [0, 8.0, 0])})
    shot = AddLayer(lift).apply(make())
    after = Ask("merge_layer", "layer1", **WHO).apply(shot)
    assert [layer.id for layer in after.performer.layers] == ["base"]
    np.testing.assert_allclose(bake_shot(after).position, bake_shot(shot).position, atol=2e-4)
    assert isinstance(column(after, "Hips", "ty"), Dense) == (make is captured)


def test_a_layer_with_half_its_weight_and_an_own_span_is_merged_as_it_counts():
    half = Layer(
        "layer1",
        "Nod",
        columns={("Head", "rx"): smooth_keys([1, 72], [0.5, 0.5])},
        weight=0.5,
        span=(20, 40),
        ease_in=4,
        ease_out=4,
    )
    shot = AddLayer(half).apply(captured())
    after = Ask("merge_layer", "layer1", **WHO).apply(shot)
    np.testing.assert_allclose(bake_shot(after).position, bake_shot(shot).position, atol=1e-9)
    head = shot.performer.rig.index("Head")
    assert np.allclose(bake_shot(after).local[9, head], bake_shot(captured()).local[9, head])


# --- feet and pins -----------------------------------------------------------------------------------------------


def soles(shot: Shot) -> np.ndarray:
    """(frames, points, 3) m of all soles."""
    track = see(shot).reading.traced.track
    return track.at[:, track.skin.named("heel", "ball", "toe")]


def test_feet_sunk_into_a_prop_come_out_of_it():
    slab = Prop("prop1", "Slab", "box", (3.0, 0.03, 3.0))
    shot = replace(standing(), props=(slab,))
    with pytest.raises(EditError, match="it has a pose at 1 and is held beside that"):
        Ask("feet_to_floor", **WHO, start=1, end=30, how="out").apply(shot)
    keyed = Ask("set_keys", **WHO, frame=30, parts=()).apply(shot)
    after = Ask("feet_to_floor", **WHO, start=1, end=30, how="out").apply(keyed)
    assert soles(shot)[..., 1].min() < 0.005
    assert soles(after)[..., 1].min() > 0.03 - 2e-3
    assert soles(after)[..., 1].min(axis=1).max() < 0.03 + 5e-3


def test_a_foot_that_stands_too_high_comes_down_without_a_jerk():
    raised = AddLayer(Layer("layer1", "Up", columns={("Hips", "ty"): smooth_keys([1], [3.0])})).apply(hop())
    after = Ask("feet_to_floor", **WHO, start=12, end=40, how="onto").apply(raised)
    stands = see(raised).reading.footing.on[:, see(raised).reading.traced.track.skin.named("heel", "ball", "toe")]
    borne = np.flatnonzero(stands.any(axis=1))
    borne = borne[(borne > 13) & (borne < 26)]  # crouched: legs that stand straight can't come further down
    was, now = (soles(s)[..., 1].min(axis=1) for s in (raised, after))
    assert was[borne].min() > 0.02
    assert np.abs(now[borne]).max() < 0.01
    moved = was - now
    assert np.abs(np.diff(moved)).max() < 0.025  # it does not drop by three centimetres in a frame
    assert now.min() > -5e-3


def test_a_leg_nearly_straight_is_not_locked_by_a_foot_brought_down():
    raised = AddLayer(Layer("layer1", "Up", columns={("Hips", "ty"): smooth_keys([1, 30], [6.0, 5.0])})).apply(
        standing()
    )
    after = Ask("feet_to_floor", **WHO, start=1, end=30, how="onto").apply(raised)
    knee = after.performer.rig.index("LeftLeg")
    bend = np.degrees(np.linalg.norm(rotation.log(bake_shot(after).local[:, knee]), axis=1))
    assert bend.min() > 3.0
    closed = soles(raised)[..., 1].min(axis=1) - soles(after)[..., 1].min(axis=1)
    assert closed.min() > 2e-3  # as far as the leg goes


def test_what_slides_is_pinned_only_where_it_is_near_and_let_go_gently():
    slid = Layer("layer1", "Slide", columns={("Hips", "tz"): smooth_keys([1, 22], [0.0, 22.0])})
    shot = AddLayer(slid).apply(hop())
    after = Ask("pin_touching", **WHO, frame=11).apply(shot)
    for pin in after.performer.pins:
        strayed = np.linalg.norm(at_of(shot, pin.part) - at_of(shot, pin.part)[10], axis=1)
        assert strayed[pin.start - 1 : pin.end].max() <= 0.05
        assert strayed[pin.end + 1] > 0.05
        held = at_of(after, pin.part)
        assert np.linalg.norm(held[10] - at_of(shot, pin.part)[10]) < HELD_M
        around = held[max(pin.start - 4, 0) : pin.end + 3]
        assert np.linalg.norm(np.diff(around, 2, axis=0), axis=1).max() < 0.03


def test_a_pinned_head_keeps_its_direction_and_comes_as_near_as_its_spine_lets():
    shot = standing()
    head = shot.performer.rig.index("Head")
    world = bake_shot(shot).rotation[7, head]
    pin = here(shot, "head", 8, 2, 28, direction=True, turn=tuple(map(float, world)))
    held = pinned(swaying(shot, up=0.0, aside=4.0), pin)
    turned = held.poses("", held.frame_numbers()).rotation[1:28, head]
    assert np.degrees(2 * np.arccos(np.clip(np.abs(turned @ world), 0, 1))).max() < 0.5
    off = np.linalg.norm(at_of(held, "head")[1:28] - at_of(shot, "head")[7], axis=1)
    # hips that sway by 4 cm and tip by 11° take the root of a straight spine away: less than a centimetre is lacking
    assert off.max() < 0.01
    assert np.abs(np.diff(off, 2)).max() < 2e-3


def test_a_pin_that_is_missed_is_named_with_where_it_holds_to():
    far = Pin("pin1", "left foot", 5, 10, (0.0, 5.0, 0.0), ease_in=0, ease_out=0)
    stand = stand_at(see(pinned(hop(), far)), 7)
    missed = missed_pins(stand)
    assert list(missed) == ["left foot"]
    np.testing.assert_allclose(missed["left foot"], [0.0, 5.0, 0.0], atol=1e-9)
    assert missed_pins(stand_at(see(pinned(hop(), here(hop(), "left foot", 7, 5, 10))), 7)) == {}


def test_a_hand_snaps_to_the_face_of_a_prop():
    shot = hop()
    before = stand_at(see(shot), 20)
    hand = before.at(grip_called(before.body, "right hand"))
    side = Prop("prop1", "Board", "box", (0.02, 3.0, 3.0), (float(hand[0]) - 0.06, 0.0, float(hand[2])))
    before = stand_at(see(replace(shot, props=(side,))), 20)
    near = (-0.03, 0.0, 0.0)  # two centimetres short of the board's face
    free = moved(before, [Reach("reach", ("right hand",), near, "spine")]).stand
    snapped = moved(before, [Reach("reach", ("right hand",), near, "spine", snap=True)]).stand
    grip = grip_called(before.body, "right hand")
    assert abs(float(side.distance(free.at(grip) - np.array(side.at_m)))) > 0.015
    assert abs(float(side.distance(snapped.at(grip) - np.array(side.at_m)))) < 1e-3


def test_a_foot_over_a_slab_snaps_to_its_top_and_not_to_the_floor_under_it():
    slab = Prop("prop1", "Slab", "box", (3.0, 0.04, 3.0))
    shot = replace(standing(), props=(slab,))
    before = stand_at(see(shot), 1)
    foot = grip_called(before.body, "left foot")
    made = moved(before, [Reach("reach", ("left foot",), (0.0, 0.01, 0.0), stay="pins", snap=True)]).stand
    assert made.at(foot)[1] - before.at(foot)[1] == pytest.approx(0.04, abs=1e-3)


def test_who_holds_on_is_told_so_and_not_where_the_plumb_falls():
    seen = see(demo("Net-perch"))
    hanging, landed = (stand_at(seen, frame) for frame in (14, 80))
    told = [answer(moved(s, [Reach("reach", ("hips",), (0.0, 0.01, 0.0), "body")]), None) for s in (hanging, landed)]
    assert [t.holds_on for t in told] == [True, False]
    assert told[0].margin_m is None
    assert told[0].hull is None
    assert told[1].margin_m is not None


def test_an_eased_layer_over_part_of_a_joint_takes_a_whole_pose():
    """A layer that keys one angle of a joint has all three after a pose is kept on it."""
    shot = AddLayer(Layer("layer1", "Nod", columns={("Head", "rx"): smooth_keys([10, 30], [0.1, 0.3])})).apply(hop())
    after = Ask("set_keys", **WHO, frame=20, parts=("head",), layer="layer1").apply(shot)
    layer = after.performer.layer("layer1")
    assert ("Head", "turn") in layer.columns
    assert ("Head", "rx") not in layer.columns
    head = shot.performer.rig.index("Head")
    was, now = bake_shot(shot).local[:, head], bake_shot(after).local[:, head]
    np.testing.assert_allclose(np.abs((was[[9, 19, 29]] * now[[9, 19, 29]]).sum(axis=-1)), 1.0, atol=1e-9)


# --- what can't be done --------------------------------------------------------------------------------------------


@pytest.mark.parametrize(
    ("command", "named", "says"),
    [
        (
            "set_slope",
            {"joint": "Hips", "channel": "ty", "frame": 10, "side": "in", "slope": 1.0},
            "no key of Hips at 10",
        ),
        ("scale_curve", {"keys": hips_up(37), "factor": 1e6, "about": 0.0}, "up to 10,000 %"),
        ("smooth_curve", {"parts": (), "start": 1, "end": 40, "strength": 0.0}, "bumps of up to 60 frames"),
        ("move_curve_keys", {"keys": (), "by_frames": 1, "by_value": 0.0}, "No curve is selected"),
        (
            "move_curve_keys",
            {"keys": (("Tail", "rx", (37,)),), "by_frames": 1, "by_value": 0.0},
            "There is no curve Tail rx",
        ),
        ("stretch_keys", {"keys": {"": (20,)}, "about": 8, "factor": 0.0}, "between 1 and 10,000 %; 0 % was given"),
        ("on_steps", {"start": 9, "end": 3, "step": 2}, "9 to 3 on 2 was given"),
        ("favour_span", {"start": 8, "end": 20, "share": 0.9}, "between 15 and 85 % of the way; 90 % was given"),
        ("make_room", {"after": 90, "by": 3}, "Frame 90 lies outside this shot"),
        ("make_room", {"after": 20, "by": 0}, "1 to 5000 frames"),
        ("feet_to_floor", {"start": 9, "end": 9}, "two frames or more"),
        ("add_pin", {"parts": ("left foot",), "start": 20, "end": 10, "frame": 15}, "20 to 10"),
        ("roll_foot", {"sides": ("left",), "start": 10, "to_ball": 9, "to_toe": 24, "end": 29}, "each later than"),
    ],
)  # fmt: skip
def test_what_cannot_be_done_is_said_in_words(command, named, says):
    with pytest.raises(EditError, match=says):
        Ask(command, **WHO, **named).apply(hop())


@pytest.mark.parametrize(
    ("command", "named", "says"),
    [
        ("feet_to_floor", {"start": 32, "end": 40, "how": "both"}, "32 to 40 are played at another pace"),
        ("take_height", {"source": "prop1", "start": 32, "end": 40}, "32 to 40 are played at another pace"),
        ("trail_part", {"parts": ("left arm",)}, "1 to 72 reach beyond this motion"),
    ],
)
def test_a_value_a_frame_is_not_kept_where_frames_are_played_at_another_pace(command, named, says):
    shot = replace(hop(), props=(CRATE,))
    faster = Retiming("retiming1", "Shorter", keys_by_hand([30.0, 42.0], [30.0, 46.0], [1.0, 1.0]))
    sunk = AddLayer(Layer("layer1", "Sink", columns={("Hips", "ty"): smooth_keys([1], [-40.0])})).apply(shot)
    p = sunk.performer
    hurried = sunk.with_item(replace(p, timing=p.timing.with_retiming(faster)))
    with pytest.raises(EditError, match=says):
        Ask(command, **WHO, **named).apply(hurried)


def test_a_delay_counts_as_the_eye_sees_where_time_is_retimed():
    """Slowed down, four frames on the screen are fewer of its own."""
    slower = Retiming("retiming1", "Slower", keys_by_hand([30.0, 60.0], [30.0, 52.5], [0.75, 0.75]))
    p = hop().performer
    shot = hop().with_item(replace(p, timing=p.timing.with_retiming(slower)))
    after = Ask("delay_part", **WHO, parts=("left arm",), by=4).apply(shot)
    before, now = (column(s, "LeftArm").frames for s in (shot, after))
    moments = np.linspace(1, 72, 7101)
    own = shot.performer.timing.unheld(moments)
    was, is_ = (np.interp(frames, own, moments) for frames in (before, now))
    inside = [i for i, f in enumerate(before) if 32 < f < 46]
    assert inside
    for i in inside:
        assert is_[i] - was[i] == pytest.approx(4.0, abs=0.01)
        assert now[i] - before[i] < 3.9


def test_a_carried_ball_gives_the_height_it_is_carried_at():
    ball = replace(CRATE, holds=(Hold("hold1", "performer1", "LeftHand", 20, 50, (0.0, 0.0, 0.0)),))
    shot = replace(hop(), props=(ball,))
    hand = bake_shot(shot).position[:, shot.performer.rig.index("LeftHand"), 1]
    frames, heights, scale = handed_height(see(shot), "prop1", 25, 45, "root", 1.0)
    at, turn = shot.track_of(ball, frames)
    assert np.abs(at[:, 1] - hand[24:45]).max() < 1e-9
    middle = at + rotation.rotate(turn, np.array([0.0, 0.15, 0.0]))
    np.testing.assert_allclose(heights, middle[:, 1] * scale, atol=1e-9)
