"""Keys in time, curves, springs: pure functions, and the commands that use them on a shot."""

from dataclasses import replace

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st

from ironarc.core import rotation
from ironarc.core.columns import Dense
from ironarc.core.columns.keys import BROKEN, EASED, smooth_keys
from ironarc.core.columns.turns import smooth_turns
from ironarc.core.document import Shot
from ironarc.core.edits import AddLayer
from ironarc.core.edits.commands.layers import affected
from ironarc.core.edits.commands.overlap import chain_of, handed_height
from ironarc.core.errors import EditError
from ironarc.core.figure.grips import grip_called
from ironarc.core.keying import keying, thinning
from ironarc.core.motion.layers import Layer
from ironarc.core.motion.springs import Springiness, swing
from ironarc.core.reading import see
from ironarc.core.scene.guide import Guide
from ironarc.core.scene.props import Prop
from tests.conftest import demo
from tests.core.test_pins import here, pinned
from tests.core.test_posing import captured
from tests.figures import Ask, bake_shot

CURVE = smooth_keys([1, 10, 20, 40], [0.0, 2.0, -1.0, 3.0])
AT = np.linspace(-5, 50, 221)
WHO = {"performer": "performer1"}


def hop() -> Shot:
    return demo("Gap hop")


def column(shot: Shot, joint: str, channel: str = "turn", layer: int = 0):
    return shot.performer.layers[layer].columns[joint, channel]


# --- pure functions -----------------------------------------------------------------------------------------


def test_a_key_with_eased_neighbours_changes_nothing_beyond_them():
    layer = smooth_keys([5, 30], [0.0, 0.0], EASED)
    out = keying.with_eased_key(layer, 18, 1.5, 6)
    assert out.sample(np.array([18.0]))[0] == 1.5
    beyond = (AT < 12) | (AT > 24)
    np.testing.assert_allclose(out.sample(AT)[beyond], layer.sample(AT)[beyond], atol=1e-12)


def test_keys_are_moved_copied_and_take_the_place_of_others():
    moved = keying.moved_keys(CURVE, [10, 20], lambda f: f + 3, "x")
    assert moved.frames.tolist() == [1, 13, 23, 40]
    assert moved.values.tolist() == [0, 2, -1, 3]
    copied = keying.moved_keys(CURVE, [10], lambda f: 20.0, "x", copy=True)
    assert copied.frames.tolist() == [1, 10, 20, 40]
    assert copied.values.tolist() == [0, 2, 2, 3]
    with pytest.raises(EditError, match="fall on one frame"):
        keying.moved_keys(CURVE, [10, 20], lambda f: 15.0, "x")


@given(factor=st.sampled_from([-1.0, 0.5, 2.0, 3.0]))
def test_stretching_keys_stretches_the_curve_between_them(factor):
    whole = keying.moved_keys(CURVE, [1, 10, 20, 40], lambda f: f * factor, "x")
    at = np.linspace(1, 40, 80)
    # slopes worked out from the neighbours go with the keys
    np.testing.assert_allclose(whole.sample(at * factor), CURVE.sample(at), atol=1e-12)


def test_room_moves_what_is_later_and_nothing_else():
    out = keying.room_made(CURVE, 12, 5, "x")
    assert out.frames.tolist() == [1, 10, 25, 45]
    back = keying.room_made(out, 12, -5, "x")
    np.testing.assert_allclose(back.sample(AT), CURVE.sample(AT), atol=1e-12)
    with pytest.raises(EditError, match="key at frame 10 lies within the 10 frames"):
        keying.room_made(CURVE, 5, -10, "Arm")
    dense = Dense(1, np.arange(20.0))
    wider = keying.room_made(dense, 10, 4, "x")
    np.testing.assert_allclose(wider.values[10:14], 9 + np.arange(1, 5) / 5)
    np.testing.assert_array_equal(wider.values[14:], dense.values[10:])
    np.testing.assert_array_equal(keying.room_made(wider, 10, -4, "x").values, dense.values)


@given(leaves=st.floats(0, 3), arrives=st.floats(0, 3), count=st.integers(1, 30))
def test_the_ease_chart_s_ticks_are_the_curve(leaves, arrives, count):
    line = smooth_keys([0, count + 1], [5.0, 9.0])
    eased = keying.eased_span(line, 0, count + 1, leaves, arrives)
    frames = np.arange(1, count + 1, dtype=float)
    np.testing.assert_allclose((eased.sample(frames) - 5) / 4, keying.span_shares(leaves, arrives, count), atol=1e-12)


@given(tick=st.integers(1, 9), share=st.floats(0.2, 0.8))
def test_a_tick_that_is_dragged_comes_to_where_it_is_dragged(tick, share):
    leaves, arrives = keying.ease_through(0.5, 0.5, tick, 9, share)
    if 0 < leaves < keying.STEEPEST and 0 < arrives < keying.STEEPEST:
        assert keying.span_shares(leaves, arrives, 9)[tick - 1] == pytest.approx(share)


def test_the_named_eases_are_what_they_say():
    shares = {name: keying.span_shares(*slopes, 3) for name, slopes in keying.EASES.items()}
    np.testing.assert_allclose(shares["even"], [0.25, 0.5, 0.75])
    assert shares["slow out"][0] < 0.25 < shares["slow in"][0]
    assert shares["slow out and in"][1] == 0.5
    assert keying.span_shares(*keying.favoured(0.7), 1)[0] == pytest.approx(0.7)


@given(leaves=st.floats(0, 3), arrives=st.floats(0, 3))
def test_how_a_span_is_eased_is_read_back(leaves, arrives):
    line = keying.eased_span(smooth_keys([0, 8, 20], [5.0, 9.0, 1.0]), 0, 8, leaves, arrives)
    assert keying.eases_of([line])[0.0, 8.0] == pytest.approx((leaves, arrives))
    falling = keying.eased_span(smooth_keys([0, 8], [9.0, -2.0]), 0, 8, leaves, arrives)
    assert keying.eases_of([line, falling])[0.0, 8.0] == pytest.approx((leaves, arrives))
    assert keying.eases_of([smooth_keys([0, 8], [1.0, 1.0])]) == {}


def test_smoothing_takes_noise_and_leaves_lines_and_ends():
    frames = np.arange(60.0)
    line = np.column_stack([0.3 * frames, 5 - 0.1 * frames])
    np.testing.assert_allclose(thinning.smoothed(line, 8), line, atol=1e-6)
    rng = np.random.default_rng(4)
    noisy = np.sin(frames / 12) + rng.normal(0, 0.05, 60)
    smooth = thinning.smoothed(noisy, 6)
    assert np.abs(np.diff(smooth, 2)).mean() < 0.2 * np.abs(np.diff(noisy, 2)).mean()
    np.testing.assert_allclose(smooth[[0, -1]], noisy[[0, -1]], atol=1e-5)


@pytest.mark.parametrize("within", [0.001, 0.01, 0.1])
def test_thinning_keeps_what_it_promises(within):
    frames = np.arange(1, 200)
    values = np.sin(frames / 9) + 0.3 * np.cos(frames / 23)
    made, keyed = thinning.thinned(
        {"a": (values, "")}, frames, [], lambda m, at: np.abs(m["a"].sample(at.astype(float)) - values), within
    )
    assert np.abs(made["a"].sample(frames.astype(float)) - values).max() <= within
    assert len(keyed) < 80
    assert {1, 199} <= set(keyed)


def test_a_curve_on_twos_holds_each():
    out = keying.on_steps(CURVE, 1, 20, 2)
    assert (
        out.sample(np.array([3.0, 4.0]))[0]
        == out.sample(np.array([4.0]))[0]
        == pytest.approx(CURVE.sample(np.array([3.0]))[0])
    )
    np.testing.assert_allclose(out.sample(np.array([40.0])), [3.0])


def test_a_slope_by_hand_breaks_in_two():
    joined = keying.slope_by_hand(CURVE, 10, "out", 0.4)
    assert (joined.slopes_in[1], joined.slopes_out[1]) == (0.4, 0.4)
    broken = keying.slope_by_hand(joined, 10, "out", -0.2, broken=True)
    assert (broken.slopes_in[1], broken.slopes_out[1], broken.meant[1]) == (0.4, -0.2, BROKEN)
    h = 1e-6
    at = broken.sample(np.array([10 - h, 10.0, 10 + h]))
    np.testing.assert_allclose(np.diff(at) / h, [0.4, -0.2], atol=1e-4)


@given(factor=st.floats(-3, 3), about=st.floats(-5, 5))
def test_values_scaled_about_a_line_leave_the_line(factor, about):
    every = CURVE.frames.tolist()
    out = keying.values_changed(CURVE, every, lambda v: about + (v - about) * factor, None, factor)
    np.testing.assert_allclose(out.sample(AT), about + (CURVE.sample(AT) - about) * factor, atol=1e-9)


def test_reversing_twice_is_the_curve():
    again = keying.reversed_keys(keying.reversed_keys(CURVE, 1, 40), 1, 40)
    np.testing.assert_allclose(again.sample(AT), CURVE.sample(AT), atol=1e-12)


def test_a_rotation_moves_in_time_as_one():
    turns = smooth_turns([1, 10, 20], [[0, 0, 0], [0.4, 0.1, 0], [0.2, 0, 0.3]], "ZXY")
    moved = keying.offset(turns, 3)
    np.testing.assert_allclose(moved.sample(AT + 3), turns.sample(AT), atol=1e-12)


# --- springs -------------------------------------------------------------------------------------------------


@pytest.mark.parametrize("damping", [0.1, 0.4])
@pytest.mark.parametrize("stiffness", [0.0, 2.0])
def test_a_small_swing_is_that_of_a_damped_pendulum(damping, stiffness):
    """A still anchor, the pose hanging straight down, let go from a small angle made by a shove of the anchor: after it
    θ'' = -ω² θ - 2 ζ ω θ' with ω² = (2 π f)² + g / l."""
    length, g, dt, n = 0.4, 9.81, 1 / 48, 400
    anchor, down = np.zeros((n, 3)), np.tile([0.0, -1.0, 0.0], (n, 1))
    anchor[3:, 0] = 0.004
    how = Springiness(1.0, stiffness, damping, 1.0)
    angle = np.arcsin(swing(anchor, down, length, dt, how, g)[:, 0])
    omega = np.sqrt((2 * np.pi * stiffness) ** 2 + g / length)
    # the shove is over after two frames: what follows is the free swing of the state it left
    start = 6
    t = (np.arange(start, n) - start) * dt
    wd = omega * np.sqrt(1 - damping**2)
    basis = np.exp(-damping * omega * t)[:, None] * np.column_stack([np.cos(wd * t), np.sin(wd * t)])
    fit, *_ = np.linalg.lstsq(basis, angle[start:], rcond=None)
    off = angle[start:] - basis @ fit
    assert np.abs(off).max() < 0.06 * np.abs(angle[start:]).max()
    assert np.abs(angle).max() > 1e-4


def test_a_chain_at_rest_stays_and_does_not_look_ahead():
    n, dt = 60, 1 / 24
    anchor, ahead = np.zeros((n, 3)), np.tile([0.0, 0.0, 1.0], (n, 1))
    still = swing(anchor, ahead, 0.3, dt, Springiness(), 9.81)
    np.testing.assert_allclose(still, np.tile(still[0], (n, 1)), atol=1e-9)
    assert still[0, 1] < 0  # gravity pulls it down a little, from the first frame on
    moved = anchor.copy()
    moved[30:, 0] = np.linspace(0.1, 1.0, 30)
    swung = swing(moved, ahead, 0.3, dt, Springiness(), 9.81)
    np.testing.assert_allclose(swung[:30], still[:30], atol=1e-9)
    assert swung[30:40, 0].min() < -0.05  # it lags behind


# --- commands ------------------------------------------------------------------------------------------------


def test_keys_of_a_part_are_moved_and_the_rest_stays():
    shot = hop()
    after = Ask("move_keys", **WHO, keys={"left arm": (20,)}, by=2).apply(shot)
    assert 22 in column(after, "LeftArm").frames
    assert 20 not in column(after, "LeftArm").frames
    assert column(after, "RightArm") is column(shot, "RightArm")
    assert Ask("move_keys", **WHO, keys={"left arm": (20,)}, by=2).says(shot) == "Move keys of left arm at 20 by +2"
    with pytest.raises(EditError, match="come to frame 82, outside the shot's 1 to 72"):
        Ask("move_keys", **WHO, keys={"": (72,)}, by=10).apply(shot)


def test_keys_are_copied_stretched_and_deleted():
    shot = hop()
    copied = Ask("move_keys", **WHO, keys={"head": (20,)}, by=3, stays=True).apply(shot)
    head = column(copied, "Head")
    at = head.frames.tolist()
    np.testing.assert_allclose(head.angles[at.index(23)], head.angles[at.index(20)])
    wide = Ask("stretch_keys", **WHO, keys={"head": (8, 20, 29)}, about=8, factor=0.5).apply(shot)
    assert {8, 14, 18} <= set(column(wide, "Head").frames)
    gone = Ask("delete_keys", **WHO, keys={"head": (20,)}).apply(shot)
    assert 20 not in column(gone, "Head").frames


def test_deleting_the_last_keys_of_a_layer_takes_its_columns():
    shot = captured()
    raised = Ask("set_keys", **WHO, frame=20, parts=("head",)).apply(shot)
    layer = raised.performer.layers[-1]
    frames = tuple(sorted({int(f) for c in layer.columns.values() for f in c.frames}))
    gone = Ask("delete_keys", **WHO, keys={"head": frames}, layer=layer.id).apply(raised)
    assert not gone.performer.layers[-1].columns


def test_room_is_made_for_everything_that_is_later():
    shot = pinned(hop(), here(hop(), "left foot", 50, 48, 60))
    shot = Ask("mark_beat", **WHO, frame=53, beat="breakdown").apply(shot)
    after = Ask("make_room", **WHO, after=37, by=4).apply(shot)
    assert after.frames == 76
    assert (after.performer.pins[0].start, after.performer.pins[0].end) == (52, 64)
    assert [(b.frame, b.kind) for b in after.performer.beats] == [(57, "breakdown")]
    was, now = bake_shot(shot), bake_shot(after)
    np.testing.assert_allclose(now.position[56:], was.position[52:], atol=1e-3)
    back = Ask("make_room", **WHO, after=37, by=-4).apply(after)
    np.testing.assert_allclose(bake_shot(back).position, was.position, atol=1e-9)
    assert Ask("make_room", **WHO, after=37, by=4).says(shot) == "Make room for 4 f after 37"


def test_room_for_everybody_takes_props_along():
    crate = Prop("prop1", "Crate", "box", (0.3, 0.3, 0.3), columns={"tz": smooth_keys([1, 60], [0.0, 1.0])})
    shot = replace(hop(), props=(crate,))
    alone = Ask("make_room", **WHO, after=37, by=4).apply(shot)
    assert alone.props[0].columns["tz"].frames.tolist() == [1, 60]
    all_ = Ask("make_room", **WHO, after=37, by=4, everyone=True).apply(shot)
    assert all_.props[0].columns["tz"].frames.tolist() == [1, 64]


def test_a_hold_is_flat_and_a_moving_hold_drifts():
    shot = hop()
    flat = Ask("hold_pose", **WHO, frame=8, to=14, parts=("left arm",)).apply(shot)
    arm = bake_shot(flat).local[:, flat.performer.rig.index("LeftArm")]
    np.testing.assert_allclose(np.abs((arm[7:14] * arm[7]).sum(axis=-1)), 1.0, atol=1e-12)
    drift = Ask("hold_pose", **WHO, frame=8, to=14, parts=("left arm",), drift=0.1).apply(shot)
    held = column(drift, "LeftArm")
    was = column(shot, "LeftArm")
    a, b = (was.angles[was.frames.tolist().index(f)] for f in (8, 20))
    np.testing.assert_allclose(held.angles[held.frames.tolist().index(14)], a + 0.1 * (b - a), atol=1e-12)


def test_a_span_is_eased_favoured_stepped():
    shot = hop()
    eased = Ask("ease_span", **WHO, start=8, end=20, leaves=0.0, arrives=1.6, parts=("left arm",)).apply(shot)
    arm = column(eased, "LeftArm")
    a, b = arm.angles[arm.frames.tolist().index(8)], arm.angles[arm.frames.tolist().index(20)]
    np.testing.assert_allclose(
        arm.sample_angles(np.array([14.0]))[0], a + (b - a) * keying.span_shares(0.0, 1.6, 11)[5], atol=1e-12
    )
    favoured = column(Ask("favour_span", **WHO, start=8, end=20, share=0.7, parts=("left arm",)).apply(shot), "LeftArm")
    np.testing.assert_allclose(favoured.sample_angles(np.array([14.0]))[0], a + (b - a) * 0.7, atol=1e-9)
    stepped = column(
        Ask("set_span_kind", **WHO, start=8, end=20, how="stepped", parts=("left arm",)).apply(shot), "LeftArm"
    )
    np.testing.assert_allclose(stepped.sample_angles(np.array([19.0]))[0], a, atol=1e-12)
    with pytest.raises(EditError, match="No part has a key at 9 and its next one at 20"):
        Ask("ease_span", **WHO, start=9, end=20, leaves=0.0, arrives=0.0, parts=("left arm",)).apply(shot)


def test_a_curve_is_scaled_about_the_floor():
    shot = hop()
    hips = column(shot, "Hips", "ty")
    every = tuple(int(f) for f in hips.frames)
    after = Ask("scale_curve", **WHO, keys=(("Hips", "ty", every),), factor=0.9, about=0.0).apply(shot)
    np.testing.assert_allclose(bake_shot(after).position[:, 0, 1], 0.9 * bake_shot(shot).position[:, 0, 1], atol=1e-9)
    moved = Ask("place_performer", **WHO, offset_m=(0.0, 0.5, 0.0), turn_rad=0.0, scale=1.0).apply(shot)
    on_deck = Ask("scale_curve", **WHO, keys=(("Hips", "ty", every),), factor=0.9, about=50.0).apply(moved)
    np.testing.assert_allclose(
        bake_shot(on_deck).position[:, 0, 1] - 0.5, 0.9 * (bake_shot(moved).position[:, 0, 1] - 0.5), atol=1e-9
    )


def test_curve_keys_move_in_degrees_and_centimetres():
    shot = hop()
    turned = Ask("move_curve_keys", **WHO, keys=(("LeftArm", "rx", (20,)),), by_frames=0, by_value=10.0).apply(shot)
    place = shot.performer.rig.joints[shot.performer.rig.index("LeftArm")].rotation_channels.index("rx")
    at = column(shot, "LeftArm").frames.tolist().index(20)
    change = column(turned, "LeftArm").angles[at] - column(shot, "LeftArm").angles[at]
    np.testing.assert_allclose(np.degrees(change), np.eye(3)[place] * 10, atol=1e-9)
    raised = Ask("shift_curve", **WHO, keys=(("Hips", "ty", (21,)),), by=5.0).apply(shot)
    lift = bake_shot(raised).position[20, 0, 1] - bake_shot(shot).position[20, 0, 1]
    assert lift == pytest.approx(0.05, abs=1e-9)
    broken = Ask("set_slope", **WHO, joint="Hips", channel="ty", frame=37, side="out", slope=-2.0, broken=True).apply(
        shot
    )
    key = column(broken, "Hips", "ty")
    assert key.slopes_out[key.frames.tolist().index(37)] == pytest.approx(-2.0)
    with pytest.raises(EditError, match="no keys on Head tx"):
        Ask("shift_curve", **WHO, keys=(("Head", "tx", (20,)),), by=5.0).apply(shot)


@pytest.mark.parametrize("within", [2.0, 10.0])
def test_dense_motion_is_thinned_to_keys_within_millimetres(within):
    shot = captured()
    after = Ask("thin", **WHO, within_mm=within).apply(shot)
    off = np.linalg.norm(bake_shot(after).position - bake_shot(shot).position, axis=-1)
    assert off.max() <= within / 1000 + 1e-9
    keys = column(after, "LeftArm").frames
    assert len(keys) < (70 if within < 5 else 50)
    with pytest.raises(EditError, match="keyed already"):
        Ask("thin", **WHO, within_mm=within).apply(after)


def test_rough_motion_is_smoothed_over_a_span_only():
    shot = captured()
    rough = column(shot, "LeftArm", "rx")
    rng = np.random.default_rng(1)
    noisy = replace(rough, values=rough.values + rng.normal(0, 0.02, len(rough.values)))
    layer = shot.performer.layers[0].with_columns({("LeftArm", "rx"): noisy})
    shot = replace(shot, performers=(replace(shot.performer, layers=(layer,)),))
    after = Ask("smooth_curve", **WHO, parts=("left arm",), start=20, end=60, strength=6.0).apply(shot)
    smooth = column(after, "LeftArm", "rx").values
    np.testing.assert_array_equal(smooth[:19], noisy.values[:19])
    assert np.abs(np.diff(smooth[20:58], 2)).mean() < 0.4 * np.abs(np.diff(noisy.values[20:58], 2)).mean()


def test_a_chain_follows_from_root_to_tip():
    shot = hop()
    chain = [shot.performer.rig.names[j] for j in chain_of(shot.performer, ("left arm",))]
    assert chain == ["LeftCollar", "LeftArm", "LeftForeArm", "LeftHand"]
    after = Ask("offset_chain", **WHO, parts=("left arm",), by=(2,)).apply(shot)
    for i, joint in enumerate(chain):
        np.testing.assert_allclose(column(after, joint).frames, column(shot, joint).frames + 2 * i)
    drawn = Ask("offset_chain", **WHO, parts=("left arm",), by=(0, 1, 3, 6)).apply(shot)
    assert column(drawn, "LeftHand").frames[0] == column(shot, "LeftHand").frames[0] + 6
    with pytest.raises(EditError, match="has 4 joints"):
        Ask("offset_chain", **WHO, parts=("left arm",), by=(1, 2)).apply(shot)
    late = Ask("delay_part", **WHO, parts=("left leg",), by=3).apply(shot)
    assert column(late, "LeftLeg").frames[0] == column(shot, "LeftLeg").frames[0] + 3


def test_a_tail_trails_on_a_layer_of_its_own():
    shot = demo("Gull")
    after = Ask("trail_part", **WHO, parts=("Rudder",), stiffness_hz=2.0).apply(shot)
    layer = after.performer.layers[-1]
    assert (layer.role, layer.way, layer.joints) == ("baked", "adds", {"Rudder"})
    was, now = bake_shot(shot), bake_shot(after)
    rudder = was.rig.index("Rudder")
    turned = np.linalg.norm(
        rotation.log(rotation.multiply(rotation.conjugate(was.local[:, rudder]), now.local[:, rudder])), axis=1
    )
    assert turned.max() > 0.05
    others = [j for j in range(len(was.rig)) if j != rudder]
    np.testing.assert_allclose(now.position[:, others], was.position[:, others], atol=1e-9)
    with pytest.raises(EditError, match="no driving force"):
        Ask("trail_part", **WHO, parts=("Rudder",), stiffness_hz=0.0, gravity=0.0).apply(shot)


def test_a_ball_gives_its_height_to_the_hips():
    ball = Prop("prop1", "Ball", "ball", (0.2, 0.2, 0.2), columns={"ty": smooth_keys([30, 37, 45], [0.1, 0.6, 0.1])})
    shot = replace(hop(), props=(ball,))
    after = Ask("take_height", **WHO, source="prop1", start=30, end=45, scale=2.0).apply(shot)
    frames = np.arange(30, 46)
    middle = ball.track(frames)[0][:, 1] + 0.1
    np.testing.assert_allclose(bake_shot(after).position[29:45, 0, 1], 2.0 * middle, atol=1e-9)
    np.testing.assert_allclose(bake_shot(after).position[:28], bake_shot(shot).position[:28], atol=1e-12)
    _, heights, scale = handed_height(see(shot), "prop1", 30, 45, "root", None)
    assert heights[0] == pytest.approx(bake_shot(shot).position[29, 0, 1], abs=1e-9)
    assert scale == pytest.approx(heights[0] / 0.2)
    com = Ask("take_height", **WHO, source="prop1", start=30, end=45, of="com", scale=2.0).apply(shot)
    np.testing.assert_allclose(see(com).reading.com[29:45, 1], 2.0 * middle, atol=1e-9)
    short = Guide("guide1", "Arc", "gravity", ((0, 0.5, 0), (0, 0.5, 1)), 30, 5.0)
    with pytest.raises(EditError, match="runs from frame 30 to 35"):
        Ask("take_height", **WHO, source="guide1", start=30, end=45).apply(replace(shot, guides=(short,)))


# --- layers --------------------------------------------------------------------------------------------------

ARM = Layer(
    "layer1", "Arm", "keyed", "adds",
    {
        ("LeftArm", "turn"): smooth_turns([10, 20, 30], [[0, 0, 0], [0.3, 0.2, 0], [0, 0, 0]], "YXZ"),
        ("Head", "rx"): smooth_keys([10, 20, 30], [0, 0.2, 0]),
    },
)  # fmt: skip


@pytest.mark.parametrize("make", [hop, captured], ids=["keyed", "brought in"])
def test_a_layer_merged_down_moves_the_body_as_before(make):
    shot = AddLayer(ARM).apply(make())
    after = Ask("merge_layer", "layer1", **WHO).apply(shot)
    assert len(after.performer.layers) == 1
    np.testing.assert_allclose(bake_shot(after).position, bake_shot(shot).position, atol=1e-3 if make is hop else 1e-9)


def test_two_hand_layers_become_one():
    second = replace(
        ARM,
        id="layer2",
        name="More",
        columns={("LeftArm", "turn"): smooth_turns([15, 25], [[0, 0, 0], [0.1, 0, 0.2]], "YXZ")},
    )
    shot = AddLayer(second).apply(AddLayer(ARM).apply(captured()))
    after = Ask("merge_layer", "layer2", **WHO).apply(shot)
    assert [layer.name for layer in after.performer.layers] == ["As brought in", "Arm"]
    np.testing.assert_allclose(bake_shot(after).position, bake_shot(shot).position, atol=1e-3)


def test_a_layer_is_split_ordered_soloed_and_its_weight_keyed():
    shot = AddLayer(replace(ARM, id="layer2", name="Second")).apply(AddLayer(ARM).apply(hop()))
    split = Ask("split_layer", "layer2", ("head",), **WHO).apply(shot)
    assert [layer.name for layer in split.performer.layers] == ["Keys", "Arm", "Second", "Second, head"]
    np.testing.assert_allclose(bake_shot(split).position, bake_shot(shot).position, atol=1e-12)
    ordered = Ask("move_layer", "layer2", "down", **WHO).apply(shot)
    assert [layer.id for layer in ordered.performer.layers] == ["base", "layer2", "layer1"]
    with pytest.raises(EditError, match="can't go further up"):
        Ask("move_layer", "layer2", "up", **WHO).apply(shot)
    only = Ask("only_layer", "layer1", **WHO).apply(shot)
    assert [layer.muted for layer in only.performer.layers] == [False, False, True]
    assert not any(layer.muted for layer in Ask("only_layer", "layer1", **WHO).apply(only).performer.layers)
    keyed = Ask("key_layer_weight", "layer1", 15, 0.5, **WHO).apply(shot)
    assert keyed.performer.layer("layer1").weight_keys.values.tolist() == [0.5]
    assert Ask("key_layer_weight", "layer1", 15, None, **WHO).apply(keyed).performer.layer("layer1").weight_keys is None


def test_a_layer_names_the_corrections_it_may_undo():
    fix = Layer("layer3", "Arc of 30–45", "correction", "adds", {("Hips", "ty"): smooth_keys([25, 40], [0, 1])})
    shot = AddLayer(fix).apply(AddLayer(ARM).apply(hop()))
    assert affected(shot.performer, shot.performer.layer("layer1")) == ["Arc of 30–45"]


# --- pins by command -------------------------------------------------------------------------------------------


def test_what_touches_is_pinned_for_as_long_as_it_does():
    after = Ask("pin_touching", **WHO, frame=10).apply(hop())
    assert [(p.part, p.start, p.end, p.direction) for p in after.performer.pins] == [
        ("left foot", 1, 23, True),
        ("right foot", 1, 23, True),
    ]
    with pytest.raises(EditError, match="not pinned already"):
        Ask("pin_touching", **WHO, frame=10).apply(after)
    np.testing.assert_allclose(bake_shot(after).position[9], bake_shot(hop()).position[9], atol=5e-3)


def test_a_foot_rolls_from_heel_over_ball_to_toe():
    after = Ask("roll_foot", **WHO, sides=("left",), start=10, to_ball=18, to_toe=24, end=29).apply(hop())
    assert [p.part for p in after.performer.pins] == ["left heel", "left ball", "left toe"]
    poses = after.poses("", after.frame_numbers())
    for pin in after.performer.pins:
        grip = grip_called(after.performer.body(), pin.part)
        at = poses.position[:, grip.joint] + rotation.rotate(poses.rotation[:, grip.joint], grip.at_m)
        inside = at[pin.start + pin.ease_in - 1 : pin.end - pin.ease_out]
        assert np.ptp(inside, axis=0).max() < 1e-3
    with pytest.raises(EditError, match="each later than the one before"):
        Ask("roll_foot", **WHO, sides=("left",), start=10, to_ball=9, to_toe=24, end=29).apply(hop())


def test_a_pin_is_changed_and_taken_away():
    shot = Ask("pin_touching", **WHO, frame=10).apply(hop())
    pin = shot.performer.pins[0].id
    moved = Ask("set_pin", **WHO, pin=pin, start=5, end=20, weight=0.5).apply(shot).performer.pins
    assert [(p.start, p.end, p.weight) for p in moved if p.id == pin] == [(5, 20, 0.5)]
    assert len(Ask("remove_pin", **WHO, pin=pin).apply(shot).performer.pins) == 1
    with pytest.raises(EditError, match="not there any more"):
        Ask("remove_pin", **WHO, pin="pin99").apply(shot)


def test_a_pin_does_not_run_over_a_cut():
    shot = Ask("cut_performer", **WHO, start=20, end=25, blend=2).apply(hop())
    with pytest.raises(EditError, match="run over the cut before frame 20"):
        Ask("add_pin", **WHO, parts=("left foot",), start=10, end=30, frame=12).apply(shot)


def test_feet_are_lifted_out_of_the_floor_and_set_onto_it():
    shot = hop()
    sunk = AddLayer(Layer("layer1", "Sink", columns={("Hips", "ty"): smooth_keys([1], [-4.0])})).apply(shot)
    after = Ask("feet_to_floor", **WHO, start=2, end=20, how="out").apply(sunk)
    track, skin = see(after).reading.traced.track, see(after).reading.traced.track.skin
    soles = skin.named("heel", "ball", "toe")
    assert see(sunk).reading.traced.track.at[10][soles, 1].min() == pytest.approx(-0.04, abs=0.01)
    assert track.at[5:17][:, soles, 1].min() > -2e-3
    with pytest.raises(EditError, match="where they should be"):
        Ask("feet_to_floor", **WHO, start=2, end=20, how="out").apply(shot)
