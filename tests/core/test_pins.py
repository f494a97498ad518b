"""Pins: parts stay where they are held, on every frame, whatever the body does above them."""

from dataclasses import replace

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st

from ironarc.core import rotation
from ironarc.core.columns.keys import smooth_keys
from ironarc.core.document import Shot
from ironarc.core.edits import AddLayer, SetItem
from ironarc.core.edits.items import set_item_of
from ironarc.core.edits.rate import at_rate
from ironarc.core.errors import EditError
from ironarc.core.exchange.stock import stock_performer
from ironarc.core.figure.grips import grip_called, limbs_of
from ironarc.core.motion.layers import Layer
from ironarc.core.motion.pin import Pin
from ironarc.core.reading import see
from ironarc.core.scene.placement import Placement
from ironarc.core.scene.props import Prop
from tests.conftest import demo
from tests.figures import Ask

HELD_M = 1e-4


def hop() -> Shot:
    return demo("Gap hop")


def standing(frames: int = 30) -> Shot:
    """Bram in his relaxed standing pose."""
    empty = Shot("New", (), 1 / 24, 1, frames, floor_m=0.0)
    return replace(empty, performers=(stock_performer("bram", "standing", empty),))


def at_of(shot: Shot, part: str, performer: str = "") -> np.ndarray:
    """(frames, 3) m: where a grip is."""
    poses, grip = bake_shot_held(shot, performer), grip_called(shot.performer_called(performer).body(), part)
    return poses.position[:, grip.joint] + rotation.rotate(poses.rotation[:, grip.joint], grip.at_m)


def bake_shot_held(shot: Shot, performer: str = ""):
    return shot.poses(performer, shot.frame_numbers())


def swaying(shot: Shot, up: float = -9.0, aside: float = 6.0) -> Shot:
    """The hips sway and sink, cm, over all the feet do."""
    columns = {
        ("Hips", "tx"): smooth_keys([1, 10, 20, 30], [0, aside, -aside, 0]),
        ("Hips", "ty"): smooth_keys([1, 8, 16, 24, 30], [0, up, 0.4 * up, up, 0]),
        ("Hips", "rx"): smooth_keys([1, 15, 30], [0, 0.2, 0]),
    }
    return AddLayer(Layer("layer9", "Sway", columns=columns)).apply(shot)


def pinned(shot: Shot, *pins: Pin) -> Shot:
    return set_item_of(shot.performer, {"pins": pins}, "Pins").apply(shot)


def here(shot: Shot, part: str, frame: int, start: int, end: int, **more) -> Pin:
    """A pin of a part where it is on a frame, with no ease."""
    stood = at_of(shot, part)[frame - 1]
    own = shot.performer.placement.to_own(stood)
    return replace(Pin("pin" + part.replace(" ", ""), part, start, end, tuple(own)), ease_in=0, ease_out=0, **more)


@pytest.mark.parametrize(
    "part", ["left foot", "right heel", "left ball", "right toe", "right hand", "left knee", "hips", "head"]
)
def test_a_pinned_part_stays_where_it_is_held_on_every_frame(part):
    # a spine bends, and gets no longer
    shot, sway = standing(), {"up": 0.0, "aside": 4.0} if part == "head" else {}
    held = pinned(swaying(shot, **sway), here(shot, part, 8, 2, 28))
    off = np.linalg.norm(at_of(held, part)[1:28] - at_of(shot, part)[7], axis=1)
    assert off.max() < HELD_M
    moved = np.linalg.norm(at_of(swaying(shot, **sway), part)[1:28] - at_of(shot, part)[7], axis=1)
    assert moved.max() > 0.02  # without the pin it would have gone along


def test_both_feet_hold_while_the_hips_sway_between_them():
    shot = hop()
    held = pinned(swaying(shot), here(shot, "left foot", 8, 2, 28), here(shot, "right foot", 8, 2, 28))
    for part in ("left foot", "right foot"):
        assert np.linalg.norm(at_of(held, part)[1:28] - at_of(shot, part)[7], axis=1).max() < HELD_M


def test_a_pin_changes_nothing_on_the_frames_it_does_not_act_on():
    """How far the hips give is a matter of the pins that hold there and then."""
    shot = swaying(standing(), up=6.0)
    knee = here(shot, "left knee", 20, 20, 26)
    far = Pin("pin1", "right foot", 2, 12, (0.0, -1.5, 0.0), ease_in=0, ease_out=0)
    both, alone = (bake_shot_held(pinned(shot, *pins)) for pins in ((far, knee), (far,)))
    np.testing.assert_allclose(both.position[:19], alone.position[:19], atol=1e-12)
    assert np.abs(both.position[19:26] - alone.position[19:26]).max() > 0.01


def test_no_bone_grows_and_what_is_out_of_reach_is_pointed_at():
    shot = hop()
    far = Pin("pin1", "left foot", 5, 10, (0.0, 5.0, 0.0), ease_in=0, ease_out=0)
    before, after = bake_shot_held(shot), bake_shot_held(pinned(shot, far))
    leg = limbs_of(shot.performer.body())[0]
    for a, b in ((leg.upper, leg.lower), (leg.lower, leg.end)):
        bones = [np.linalg.norm(p.position[:, b] - p.position[:, a], axis=1) for p in (before, after)]
        np.testing.assert_allclose(bones[1], bones[0], atol=1e-9)
    way = after.position[6, leg.end] - after.position[6, leg.upper]
    to = np.array([0.0, 5.0, 0.0]) - after.position[6, leg.upper]
    assert way @ to / np.linalg.norm(way) / np.linalg.norm(to) > 0.9999


def test_a_knee_does_not_pop_where_a_pinned_leg_comes_to_its_full_length():
    shot = standing()
    rising = AddLayer(Layer("layer9", "Rise", columns={("Hips", "ty"): smooth_keys([1, 30], [-30.0, 3.5])})).apply(shot)
    held = pinned(rising, *(here(shot, f"{side} foot", 1, 1, 30) for side in ("left", "right")))
    poses = held.performer.evaluate(np.linspace(1, 30, 600), 0.01).poses
    knee = poses.rig.index("LeftLeg")
    bend = np.linalg.norm(rotation.log(poses.local[:, knee]), axis=1)
    assert np.degrees(np.abs(np.diff(bend))).max() < 0.9  # the hips rise by 0.8 mm a step at most
    assert np.degrees(bend[-1]) > 1.0  # never locked
    assert np.linalg.norm(at_of(held, "left foot") - at_of(shot, "left foot")[0], axis=1).max() < HELD_M


def test_a_pin_eases_on_and_off_and_counts_by_its_weight():
    shot = hop()
    pin = replace(here(shot, "left foot", 8, 5, 20), ease_in=4, ease_out=4)
    lifted = swaying(shot, up=0.0, aside=0.0)
    raised = AddLayer(Layer("layer8", "Up", columns={("Hips", "ty"): smooth_keys([1], [10.0])})).apply(lifted)
    free, whole = at_of(raised, "left foot"), at_of(pinned(raised, pin), "left foot")
    half = at_of(pinned(raised, replace(pin, weight=0.5)), "left foot")
    np.testing.assert_allclose(whole[3], free[3], atol=1e-12)  # the frame before it
    gone = np.linalg.norm(whole - free, axis=1)
    assert 0 < gone[4] < gone[6] < gone[10]
    assert np.linalg.norm(half[11] - (free[11] + whole[11]) / 2) < 2e-3
    muted = at_of(pinned(raised, replace(pin, muted=True)), "left foot")
    np.testing.assert_array_equal(muted, free)


def test_a_part_follows_the_prop_it_is_held_to():
    shot = hop()
    crate = Prop(
        "prop1",
        "Crate",
        "box",
        (0.3, 0.3, 0.3),
        columns={"tz": smooth_keys([1, 30], [0.2, 0.5]), "ry": smooth_keys([1, 30], [0.0, 0.4])},
    )
    with_crate = replace(shot, props=(crate,))
    hand = at_of(with_crate, "right hand")[9]
    at, turn = crate.track(np.array([10]))
    own = rotation.rotate(turn[0], hand - at[0], back=True)
    held = pinned(with_crate, Pin("pin1", "right hand", 8, 14, tuple(own), to="prop1", ease_in=0, ease_out=0))
    at, turn = crate.track(shot.frame_numbers())
    np.testing.assert_allclose(at_of(held, "right hand")[7:14], (at + rotation.rotate(turn, own))[7:14], atol=HELD_M)


def test_a_hand_is_held_to_a_thigh_of_its_own_body():
    shot, at = hop(), (-0.05, -0.2, 0.12)
    pin = Pin("pin1", "right hand", 16, 22, at, to=shot.performer.id, joint="RightUpLeg", ease_in=0, ease_out=0)
    held = pinned(shot, pin)
    poses = bake_shot_held(held)
    knee = poses.rig.index("RightUpLeg")
    wanted = poses.position[:, knee] + rotation.rotate(poses.rotation[:, knee], np.array(at))
    np.testing.assert_allclose(at_of(held, "right hand")[15:22], wanted[15:22], atol=HELD_M)


def pair() -> Shot:
    shot = hop()
    other = replace(shot.performer, id="performer2", name="Tansy Vale", placement=Placement((0.5, 0.0, 0.0), 0.3))
    return replace(shot, performers=(shot.performer, other))


def test_a_hand_is_held_to_another_performer_who_moves():
    shot = pair()
    pin = Pin("pin1", "left hand", 5, 15, (0.0, 0.0, 0.0), to="performer2", joint="RightHand", ease_in=0, ease_out=0)
    held = pinned(shot, pin)
    there = bake_shot_held(held, "performer2")
    goal = there.position[:, there.rig.index("RightHand")]
    assert np.linalg.norm(at_of(held, "left hand")[4:15] - goal[4:15], axis=1).max() < HELD_M


def test_performers_who_hold_each_other_are_a_circle_that_is_refused():
    shot = pair()
    mine = Pin("pin1", "left hand", 5, 15, (0.0, 0.0, 0.0), to="performer2", joint="RightHand")
    theirs = Pin("pin1", "right hand", 5, 15, (0.0, 0.0, 0.0), to="performer1", joint="LeftHand")
    held = pinned(shot, mine)
    circle = held.with_item(replace(held.performers[1], pins=(theirs,)))
    with pytest.raises(EditError, match="circle"):
        circle.evaluate("", np.array([8]))


@given(turn=st.floats(-3, 3), x=st.floats(-5, 5), z=st.floats(-5, 5))
def test_whoever_is_moved_as_a_whole_takes_pins_along(turn, x, z):
    shot = hop()
    held = pinned(swaying(shot), here(shot, "left foot", 8, 2, 28), here(shot, "right hand", 8, 2, 28))
    there = Placement((x, 0.2, z), turn)
    moved = SetItem("performer1", "performer", {"placement": there}, "Move").apply(held)
    before, after = bake_shot_held(held), bake_shot_held(moved)
    np.testing.assert_allclose(after.position, there.to_world(before.position), atol=1e-8)
    along = np.abs((after.local[:, 1:] * before.local[:, 1:]).sum(axis=-1))
    np.testing.assert_allclose(along, 1.0, atol=1e-10)


def test_a_cut_slip_and_rate_take_pins_along():
    shot = hop()
    held = pinned(swaying(shot), here(shot, "left foot", 8, 2, 28))
    slipped = Ask("slip_performer", performer="performer1", by=3).apply(held)
    np.testing.assert_allclose(at_of(slipped, "left foot")[3:40], at_of(held, "left foot")[:37], atol=1e-9)
    faster = at_rate(held, 2 * held.rate, "seconds")
    pin = faster.performer.pins[0]
    assert (pin.start, pin.end) in {(3, 55), (2, 56), (3, 56), (2, 55)}
    assert np.linalg.norm(at_of(faster, "left foot")[6:50] - at_of(shot, "left foot")[7], axis=1).max() < HELD_M


@pytest.mark.parametrize(
    ("change", "says"),
    [
        ({"part": "left wing"}, "no part called 'left wing'"), ({"end": 1}, "first to its last frame"),
        ({"ease_in": 40}, "leaves none between"), ({"weight": 1.5}, "between 0 and 100 %"),
        ({"place": False}, "its place, its direction, or both"),
        ({"turn": (2.0, 0.0, 0.0, 0.0)}, "not a valid rotation"),
    ],
)  # fmt: skip
def test_a_pin_that_cannot_be_says_what_and_where(change, says):
    shot = hop()
    with pytest.raises(EditError, match=says):
        pinned(shot, replace(here(shot, "left foot", 8, 5, 20), **change))


def test_one_part_is_not_pinned_twice_at_a_time():
    shot = hop()
    one, two = here(shot, "left foot", 8, 5, 20), replace(here(shot, "left foot", 8, 18, 25), id="pin2")
    with pytest.raises(EditError, match="left foot is pinned already from 5 to 20"):
        pinned(shot, one, two)


def test_a_part_is_not_held_to_what_it_carries():
    shot = hop()
    with pytest.raises(EditError, match="same limb"):
        pinned(shot, Pin("pin1", "right hand", 5, 9, (0.0, 0.0, 0.0), to="performer1", joint="RightForeArm"))


def test_a_gripping_hand_bears_the_body_in_the_reading():
    shot = hop()
    bar = Prop("prop1", "Bar", "bar", (1.6, 0.04, 0.04), (0.0, 1.5, 0.3))
    over = replace(shot, props=(bar,))
    pin = replace(here(over, "right hand", 37, 34, 42), to="prop1", pulls=True)
    at, turn = bar.track(np.array([37]))
    pin = replace(pin, at_m=tuple(rotation.rotate(turn[0], at_of(over, "right hand")[36] - at[0], back=True)))
    reading = see(pinned(over, pin)).reading
    assert any(c.surface == "prop1" and c.pulls and c.start <= 36 <= c.end for c in reading.contacts)
    assert not any(f.start <= 38 <= f.end for f in reading.flights)


def test_a_prop_is_carried_by_a_hand_and_put_down():
    crate = Prop("prop1", "Crate", "box", (0.3, 0.3, 0.3), (0.2, 0.0, 0.6))
    shot = replace(hop(), props=(crate,))
    after = Ask("carry_prop", performer="performer1", item="prop1", part="left hand", start=10, end=30, frame=10).apply(
        shot
    )
    prop, frames = after.props[0], shot.frame_numbers()
    at, _ = after.track_of(prop, frames)
    np.testing.assert_allclose(at[9], crate.at_m, atol=1e-9)  # taken up as it lay
    poses = bake_shot_held(after)
    j = poses.rig.index("LeftHand")
    to_hand = rotation.rotate(poses.rotation[:, j], at - poses.position[:, j], back=True)
    np.testing.assert_allclose(to_hand[9:30], np.tile(to_hand[9], (21, 1)), atol=1e-9)
    np.testing.assert_allclose(at[40], crate.at_m)
    standing_prop = see(after).reading.traced.props[0]
    np.testing.assert_allclose(standing_prop.track(frames)[0], at, atol=1e-9)
    assert Ask("put_down", item="prop1", hold="hold1").apply(after).props[0].holds == ()
    with pytest.raises(EditError, match="carried already"):
        Ask("carry_prop", performer="performer1", item="prop1", part="right hand", start=25, end=40, frame=25).apply(
            after
        )


def test_who_carries_a_prop_is_not_held_to_it():
    crate = Prop("prop1", "Crate", "box", (0.3, 0.3, 0.3), (0.2, 0.0, 0.6))
    shot = replace(hop(), props=(crate,))
    carried = Ask(
        "carry_prop", performer="performer1", item="prop1", part="left hand", start=10, end=30, frame=10
    ).apply(shot)
    pin = Ask("add_pin", performer="performer1", parts=("right hand",), start=12, end=20, frame=12, to="prop1")
    with pytest.raises(EditError, match="carries Crate and is held to it: a circle"):
        pin.apply(carried)
