"""Props that move by themselves, against answers that are known."""

from dataclasses import replace

import numpy as np
import pytest

from ironarc.core import rotation
from ironarc.core.document import Shot
from ironarc.core.edits.flown import is_older
from ironarc.core.edits.items import AddItem
from ironarc.core.errors import EditError
from ironarc.core.judging.judge import judge
from ironarc.core.passive.aim import path, release, release_over
from ironarc.core.passive.aim_off import off_face, off_ground
from ironarc.core.passive.flight import Flown, fly
from ironarc.core.passive.impulse import Body, Meeting, impulses
from ironarc.core.passive.limp import gives_at
from ironarc.core.passive.lines import Lines
from ironarc.core.passive.world import Flesh, Free, Led
from ironarc.core.reading import see
from ironarc.core.reading.floor import Floor
from ironarc.core.scene.props import Prop, middle_of
from tests.conftest import demo
from tests.figures import Ask

G, FPS = 9.81, 24
FLAT, UPRIGHT, STILL = Floor(0.0), np.array([1.0, 0.0, 0.0, 0.0]), np.zeros(3)


def ball(**more) -> Prop:
    return Prop("prop1", "Buoy", "ball", (0.2, 0.2, 0.2), **({"mass_kg": 0.5} | more))


def box(**more) -> Prop:
    return Prop("prop1", "Crate", "box", (0.4, 0.2, 0.4), **({"mass_kg": 5.0} | more))


def flown(prop: Prop, at, v=(0, 0, 0), w=(0, 0, 0), turn=UPRIGHT, frames=72, fps=FPS, **more) -> Flown:
    free = Free(prop, prop.mass_kg, *(np.array(x, dtype=float) for x in (at, turn, v, w)))
    return fly([free], more.pop("floor", FLAT), G, 1, frames, 1 / fps, **more)[prop.id]


# --- in the air ------------------------------------------------------------------------------------------


@pytest.mark.parametrize("fps", [12, 24, 60])
def test_what_flies_lies_on_its_parabola_at_any_rate(fps):
    found = flown(ball(), (0, 40, 0), (2, 3, -1), frames=2 * fps, fps=fps)
    t = np.arange(2 * fps) / fps
    np.testing.assert_allclose(found.at, np.column_stack([2 * t, 40 + 3 * t - G * t * t / 2, -t]), atol=1e-9)


def test_a_body_that_tumbles_keeps_its_angular_momentum_and_its_energy():
    crate = Prop("prop1", "Crate", "box", (0.3, 0.5, 0.8), mass_kg=6.0)
    turn = rotation.exp(np.array([0.4, 0.2, -0.3]))
    found = flown(crate, (0, 60, 0), (0, 0, 0), (1.0, 4.0, 2.0), turn, frames=49)
    own = crate.inertia(6.0)
    w = rotation.log(rotation.multiply(found.turn[1:], rotation.conjugate(found.turn[:-1]))) * FPS
    half = rotation.multiply(rotation.exp(w / FPS / 2), found.turn[:-1])
    L = rotation.rotate(half, rotation.rotate(half, w, back=True) @ own)
    np.testing.assert_allclose(L, np.broadcast_to(L[0], L.shape), rtol=0.02, atol=0.02)


def test_the_air_slows_what_flies_as_the_formula_has_it():
    shuttle = ball(mass_kg=0.005, drag=0.6)
    found = flown(shuttle, (0, 30, 0), (20, 0, 0), frames=25)
    slows = 1.2 * 0.6 * np.pi * 0.01 / 2 / 0.005
    end = path(np.array([0.0, 30.0, 0.0]), np.array([[20.0, 0.0, 0.0]]), 1.0, G, slows)[-1, 0]
    np.testing.assert_allclose(middle_of(shuttle, found.at, found.turn)[-1] - [0, 0.1, 0], end, atol=0.02)


# --- bounces ---------------------------------------------------------------------------------------------


@pytest.mark.parametrize("shape", [ball, box])
@pytest.mark.parametrize("bounce", [0.3, 0.5, 0.7, 0.9])
def test_a_bounce_comes_back_to_e_squared_of_the_height(shape, bounce):
    found = flown(shape(bounce=bounce), (0, 1.0, 0), frames=60, fps=60)
    first = found.touches[0]
    assert first.surface == "floor"
    assert first.leaves_ms**2 / (2 * G) == pytest.approx(bounce**2, rel=0.01)
    # when it is told to touch is when it does
    assert (first.frame - 1) / 60 == pytest.approx(np.sqrt(2 / G), rel=0.002)
    if bounce >= 0.5:
        rise = found.at[:, 1][int(first.frame) :].max()
        assert rise == pytest.approx(bounce**2, abs=0.003)


def test_a_ball_comes_to_rest_and_says_when():
    found = flown(ball(bounce=0.5), (0, 1.0, 0))
    # a geometric row of bounces ends: t = sqrt(2h/g) (1 + e) / (1 - e)
    ends = np.sqrt(2 / G) * 1.5 / 0.5 * FPS + 1
    assert found.rests == pytest.approx(ends, abs=2)
    np.testing.assert_allclose(found.at[found.rests :, 1], 0.0, atol=1e-3)
    assert flown(ball(bounce=0.9), (0, 1.0, 0)).rests is None


@pytest.mark.parametrize("friction", [0.2, 0.4, 0.8])
def test_a_crate_slides_as_far_as_friction_lets_it(friction):
    found = flown(box(friction=friction, bounce=0.0), (0, 0, 0), (3, 0, 0), frames=60)
    assert found.at[-1, 0] == pytest.approx(9 / (2 * friction * G), rel=0.025)
    assert found.at[:, 1].max() < 0.002


def test_a_crate_stays_on_a_slope_that_friction_holds_and_slides_on_one_it_does_not():
    slope = np.tan(np.radians(20.0))
    tilt = rotation.about_axis("Z", np.array([np.arctan(slope)]))[0]
    for friction, slides in ((0.6, False), (0.2, True)):
        crate = box(friction=friction, bounce=0.0)
        found = flown(crate, (0, 0, 0), turn=tilt, frames=25, floor=Floor(0.0, (slope, 0.0)))
        gone = -found.at[-1, 0]
        a = G * (np.sin(np.radians(20)) - friction * np.cos(np.radians(20)))
        assert gone == pytest.approx(a / 2 * np.cos(np.radians(20)), rel=0.05) if slides else abs(gone) < 0.02


def test_backspin_slows_a_ball_and_topspin_speeds_it_up():
    ends = [flown(ball(bounce=0.5), (0, 1, 0), (2, 0, 0), (0, 0, w)).at[20, 0] for w in (25.0, 0.0, -25.0)]
    assert ends[0] < ends[1] < ends[2]


def test_a_ball_comes_back_off_a_wall_at_its_own_share_of_the_speed():
    wall = Prop("prop2", "Deckhouse", "wall", (2.0, 2.4, 0.12), at_m=(0, 0, 2))
    found = flown(ball(bounce=0.6), (0, 0.5, 0), (0, 2, 6), still=[wall])
    assert found.touches[0].surface == "prop2"
    assert found.touches[0].speed_ms == pytest.approx(6.0, rel=0.01)
    assert found.touches[0].leaves_ms == pytest.approx(3.6, rel=0.01)
    assert found.at[-1, 2] < 1.8


def test_two_that_meet_in_the_air_keep_their_momentum_and_part_as_their_bounce_has_it():
    a = Prop("a", "A", "ball", (0.2, 0.2, 0.2), mass_kg=1.0, bounce=0.8)
    b = Prop("b", "B", "ball", (0.2, 0.2, 0.2), mass_kg=2.0, bounce=0.8)
    free = [
        Free(a, 1.0, np.array([0.0, 9.0, 0.0]), UPRIGHT, np.array([4.0, 0, 0]), STILL),
        Free(b, 2.0, np.array([1.0, 9.05, 0.0]), UPRIGHT, STILL, STILL),
    ]
    found = fly(free, FLAT, G, 1, 16, 1 / FPS)
    v = {k: np.diff(middle_of(a, f.at, f.turn)[-2:], axis=0)[0] * FPS for k, f in found.items()}
    np.testing.assert_allclose(v["a"][[0, 2]] + 2 * v["b"][[0, 2]], [4.0, 0.0], atol=1e-6)
    touch = found["a"].touches[0]
    assert touch.leaves_ms / touch.speed_ms == pytest.approx(0.8, rel=0.01)


def test_what_is_led_is_not_slowed_by_what_it_strikes():
    paddle = Prop("prop2", "Paddle", "box", (0.3, 0.3, 0.1))
    n = 30
    at = np.column_stack([np.zeros(n), np.full(n, 0.9), -1.0 + 4.0 * np.arange(n) / FPS])
    led = Led(paddle, at, np.broadcast_to(UPRIGHT, (n, 4)))
    found = flown(ball(bounce=0.5), (0, 1.0, 0), (0, 1.2, 0), frames=n, led=[led])
    hit = next(t for t in found.touches if t.surface == "prop2")
    # it comes away at the paddle's speed and half of that it was met with
    after = int(np.ceil(hit.frame)) + 1
    v = np.diff(middle_of(ball(), found.at, found.turn)[after : after + 2], axis=0)[0] * FPS
    assert v[2] == pytest.approx(4.0 + 0.5 * 4.0, rel=0.03)


# --- impulses --------------------------------------------------------------------------------------------


def test_an_off_centre_blow_turns_a_rod_as_the_formula_has_it():
    rod = Body(2.0, np.diag([0.01, 0.2, 0.2]), UPRIGHT, STILL, np.array([0.0, -3.0, 0.0]), STILL)
    touch = Meeting(0, -1, np.array([0.5, 0.0, 0.0]), np.array([0.0, 1.0, 0.0]), 0.4, 0.0, STILL)
    ((v, w),), _ = impulses([rod], [touch], 0.0)
    push = 3.0 * 1.4 / (1 / 2.0 + 0.25 / 0.2)
    assert v[1] == pytest.approx(-3.0 + push / 2.0)
    assert w[2] == pytest.approx(0.5 * push / 0.2)
    assert v[1] + 0.5 * w[2] == pytest.approx(0.4 * 3.0)


def test_friction_stops_a_ball_from_sliding_or_takes_what_the_cone_allows():
    I = 0.4 * 1.0 * 0.01
    sphere = Body(1.0, np.eye(3) * I, UPRIGHT, np.array([0.0, 0.1, 0.0]), np.array([2.0, -1.0, 0.0]), STILL)
    touch = Meeting(0, -1, STILL, np.array([0.0, 1.0, 0.0]), 0.5, 5.0, STILL)
    ((v, w),), _ = impulses([sphere], [touch], 0.0)
    assert v[0] == pytest.approx(2.0 * 5 / 7)  # rolls
    assert v[0] + 0.1 * w[2] == pytest.approx(0.0, abs=1e-9)
    ((v, w),), _ = impulses([sphere], [replace(touch, friction=0.1)], 0.0)
    assert v[0] == pytest.approx(2.0 - 0.1 * 1.5)
    assert v[1] == pytest.approx(0.5)


# --- aiming ----------------------------------------------------------------------------------------------


@pytest.mark.parametrize("drag", [0.0, 0.5, 1.2])
def test_an_aim_lands_within_a_centimetre_when_it_is_stepped(drag):
    target, time = np.array([3.0, 1.4, 1.0]), 20 / FPS
    prop = ball(drag=drag)
    slows = 1.2 * drag * np.pi * 0.01 / 2 / 0.5
    start = np.array([0.0, 1.5, 0.0])
    v = release(start, target, time, G, slows)
    found = flown(prop, start - [0, 0.1, 0], v, frames=21)
    np.testing.assert_allclose(middle_of(prop, found.at, found.turn)[20], target, atol=0.01)


@pytest.mark.parametrize("drag", [0.0, 0.8])
def test_an_aim_that_rises_to_a_height_comes_down_where_it_should(drag):
    target, top = np.array([2.0, 0.9, 1.0]), 2.6
    prop = ball(drag=drag)
    slows = 1.2 * drag * np.pi * 0.01 / 2 / 0.5
    start = np.array([0.0, 1.5, 0.0])
    v, time_s = release_over(start, target, top, G, slows)
    found = flown(prop, start - [0, 0.1, 0], v, frames=60)
    at = middle_of(prop, found.at, found.turn)
    frames = time_s * FPS
    k = int(frames)
    np.testing.assert_allclose(at[k] + (at[k + 1] - at[k]) * (frames - k), target, atol=0.02)
    # between frames it rises some 9 mm over the highest of them at most
    assert at[: k + 1, 1].max() == pytest.approx(top, abs=0.009)
    if not drag:
        assert v[1] == pytest.approx(np.sqrt(2 * G * 1.1))


def test_a_height_that_is_not_over_both_ends_is_refused():
    with pytest.raises(EditError, match="to 152 cm at least"):
        release_over(np.array([0.0, 1.5, 0.0]), np.array([2.0, 0.9, 0.0]), 1.4, G)


def off_shot():
    """The thrown buoy, 1.2 m up at frame 20, a wall to the right."""
    shot = thrown_shot()
    wall = Prop("prop9", "Wall", "wall", (4.0, 3.0, 0.2), (-2.5, 0.0, 1.5), (np.pi / 2, 0.0, 0.0))
    return replace(shot, props=(replace(shot.props[0], bounce=0.6), wall))


@pytest.mark.parametrize(("off", "at_m", "arrives"), [("prop9", (-0.9, 0.9, 2.6), 50), ("floor", (0.4, 0.7, 3.0), 50)])
def test_an_aim_by_way_of_a_bounce_is_there_after_it(off, at_m, arrives):
    shot = Ask("aim_prop", item="prop1", frame=29, at_m=at_m, arrives=arrives, off=off).apply(off_shot())
    prop = shot.props[0]
    np.testing.assert_allclose(middle_of(prop, *shot.track_of(prop, np.array([arrives])))[0], at_m, atol=0.01)
    met = [t.surface for t in prop.flight.touches if t.frame < arrives]
    assert off in met


def test_a_bounce_that_can_not_be_is_said():
    with pytest.raises(EditError, match="same side of a face"):
        Ask("aim_prop", item="prop1", frame=29, at_m=(-4.0, 1.0, 1.5), arrives=50, off="prop9").apply(off_shot())
    with pytest.raises(EditError, match="Off the floor it can"):
        Ask("aim_prop", item="prop1", frame=29, at_m=(0.4, 9.0, 3.0), arrives=34, off="floor").apply(off_shot())
    with pytest.raises(EditError, match="Say on which it is there"):
        Ask("aim_prop", item="prop1", frame=29, at_m=(0.4, 1.0, 3.0), rises_m=2.0, off="floor").apply(off_shot())


def test_a_guess_off_a_wall_and_off_the_ground_is_exact_where_nothing_rubs():
    start, target = np.array([0.0, 1.5, 0.0]), np.array([0.5, 1.0, 1.0])
    v = off_face(start, target, 1.2, G, np.array([-1.0, 0.0, 0.0]), -2.0, 0.5)
    hits = 2.0 / v[0]
    assert start[0] + 2.0 - 0.5 * v[0] * (1.2 - hits) == pytest.approx(target[0])
    v = off_ground(start, target, 1.2, G, 0.2, 0.8)
    lands = (v[1] + np.sqrt(v[1] ** 2 + 2 * G * 1.3)) / G
    after = 1.2 - lands
    up = 0.8 * np.sqrt(v[1] ** 2 + 2 * G * 1.3)
    assert 0.2 + up * after - G * after**2 / 2 == pytest.approx(target[1], abs=0.05)


def test_what_can_not_be_thrown_is_said():
    with pytest.raises(EditError, match=r"would have to leave at 4\d\d m/s; 60 m/s is the most"):
        release(STILL, np.array([20.0, 0, 0]), 1 / 24, G)
    with pytest.raises(EditError, match="later frame"):
        release(STILL, np.array([2.0, 0, 0]), 0.0, G)
    with pytest.raises(EditError, match="Let it arrive later"):
        release(STILL, np.array([90.0, 0, 0]), 1.0, G, 0.9)


# --- kicks -----------------------------------------------------------------------------------------------


def foot_at(speed_ms: float, frames: int, gives: np.ndarray, height: float = 1.0) -> Flesh:
    """Bram's right foot, led straight ahead at a speed; ahead of it lies what is to be struck."""
    body = demo("Gap hop").performer.body()
    joint = body.anatomy.rig.index("RightFoot")
    at = np.column_stack([np.zeros(frames), np.full(frames, height), speed_ms * (np.arange(frames) - 6) / FPS])
    turn = np.broadcast_to(UPRIGHT, (frames, 4))
    return Flesh("performer1:RightFoot", "Bram's foot", body, joint, at, turn, lambda k, where: gives)


@pytest.mark.parametrize("kg", [0.5, 2.0, np.inf])
def test_what_is_kicked_leaves_as_its_bounce_and_the_limb_s_weight_have_it(kg):
    """A foot that gives way as so many kilograms would: v = (1 + e) u M / (M + m), straight through the middle."""
    gives = np.eye(3) / kg if np.isfinite(kg) else np.zeros((3, 3))
    prop = ball(mass_kg=0.43, bounce=0.6, friction=0.0)
    free = Free(prop, 0.43, np.array([0.0, 0.85, 0.9]), UPRIGHT, STILL, STILL)
    found = fly([free], Floor(-20.0), 1e-6, 1, 20, 1 / FPS, flesh=[foot_at(6.0, 20, gives)])["prop1"]
    hit = found.touches[0]
    assert hit.surface == "performer1:RightFoot"
    m, push = 0.43, hit.impulse_ns
    share = 1.0 / (1.0 + (m / kg if np.isfinite(kg) else 0.0))
    assert push == pytest.approx(m * 1.6 * 6.0 * share, rel=0.01)
    assert hit.leaves_ms == pytest.approx(0.6 * hit.speed_ms, rel=0.02)


def test_flesh_goes_between_frames_on_cubics_that_keep_its_speed():
    """On a circle: straight lines between 24 frames a second lose a fifth of a fast foot's speed at the turn."""
    n, w, r = 13, 9.0, 0.8
    t = np.arange(n) / FPS
    piece = replace(
        foot_at(0.0, n, np.zeros((3, 3))),
        at=np.column_stack([np.zeros(n), r * np.cos(w * t), r * np.sin(w * t)]),
        turn=rotation.about_axis("X", w * t),
    )
    lines = Lines([piece.id], piece.at[:, None], piece.turn[:, None], 1 / FPS)
    for k, u in ((3, 0.5), (5, 0.25), (8, 0.9)):
        places, turns = lines.at(k, u)
        angle = w * (k + u) / FPS
        np.testing.assert_allclose(places[0], [0, r * np.cos(angle), r * np.sin(angle)], atol=2e-3)
        tip = places[0] + rotation.rotate(turns[0], np.array([0.0, 0.2, 0.0]))
        speed = lines.speed("performer1:RightFoot", tip)
        np.testing.assert_allclose(np.linalg.norm(speed), w * (r + 0.2), rtol=0.02)


def test_a_limb_gives_way_by_its_own_weight_and_not_by_the_whole_body_s():
    reading = see(demo("Gap hop")).reading
    toe, hips = (reading.body.anatomy.rig.index(name) for name in ("RightFoot", "Hips"))
    answers = {}
    for joint in (toe, hips):
        place = reading.poses.position[9, joint] + [0.0, 0.0, 0.05]
        gives = gives_at(reading.poses, reading.body, 9, joint, place, reading.floor)
        np.testing.assert_allclose(gives, gives.T, atol=1e-9)
        assert np.linalg.eigvalsh(gives).min() > 0
        answers[joint] = 1 / gives[2, 2]
    # kilograms against a push from the front: a foot is light, the hips bear on all that hangs on them
    assert 0.3 < answers[toe] < 8.0
    assert answers[toe] < answers[hips] < reading.body.mass_kg


def test_a_ball_that_lies_waits_for_the_foot_that_comes():
    shot = demo("Gap hop")
    poses = see(shot).reading.poses
    foot = poses.position[46, shot.performer.rig.index("RightToe")]
    # where he lands, a little ahead of the foot that slides in
    lies = replace(ball(), at_m=(float(foot[0]), 0.0, float(foot[2]) + 0.12))
    after = Ask("let_fly", item="prop1", frame=5).apply(AddItem(lies).apply(replace(shot, props=())))
    flight = after.props[0].flight
    struck = [t for t in flight.touches if t.surface.startswith("performer1:")]
    assert struck
    assert struck[0].frame > 38
    assert struck[0].impulse_ns > 0
    before = after.track_of(after.props[0], np.arange(5, 38))[0]
    np.testing.assert_allclose(before, np.broadcast_to(before[0], before.shape), atol=2e-3)


# --- guards ----------------------------------------------------------------------------------------------


def test_what_can_not_be_followed_is_refused_in_words():
    with pytest.raises(EditError, match="Buoy weighs nothing yet"):
        fly([Free(ball(), 0.0, STILL, UPRIGHT, STILL, STILL)], FLAT, G, 1, 5, 1 / 24)
    crate = Prop("prop2", "Coal crate", "box", (1.0, 1.0, 1.0))
    with pytest.raises(EditError, match=r"Buoy starts \d+ cm inside Coal crate at frame 1. Part them first"):
        flown(ball(), (0, 0.4, 0), still=[crate])
    with pytest.raises(EditError, match="Buoy has left the world by frame"):
        flown(ball(), (0, 450.0, 0), (0, 58, 50), frames=400)


def test_two_runs_are_the_same_to_the_bit():
    runs = [flown(box(bounce=0.4), (0, 1, 0), (1, 0, 0.5), (3, 2, 1)) for _ in range(2)]
    assert runs[0].at.tobytes() == runs[1].at.tobytes()
    assert runs[0].touches == runs[1].touches


# --- in a shot -------------------------------------------------------------------------------------------


def thrown_shot() -> Shot:
    """The hop, with a buoy carried in the right hand until frame 30."""
    hop = demo("Gap hop")
    hand = see(hop).reading.poses.position[19, hop.performer.rig.index("RightHand")]
    buoy = replace(ball(), at_m=tuple(map(float, hand - [0, 0.1, 0])))
    shot = AddItem(buoy).apply(replace(hop, props=()))
    carry = Ask("carry_prop", performer="performer1", item="prop1", part="right hand", start=1, end=30, frame=20)
    return carry.apply(shot)


def test_a_prop_is_let_go_with_the_motion_of_the_hand_that_carries_it():
    shot = thrown_shot()
    at, turn = shot.track_of(shot.props[0], np.arange(20, 31))
    before = middle_of(shot.props[0], at, turn)
    after = Ask("let_fly", item="prop1", frame=29).apply(shot)
    prop = after.props[0]
    assert prop.holds[0].end == 29
    np.testing.assert_allclose(
        prop.flight.velocity_ms, (3 * before[9] - 4 * before[8] + before[7]) * FPS / 2, atol=1e-9
    )
    # the hand still has it up to there, and from there on it falls as everything does
    np.testing.assert_allclose(after.track_of(prop, np.arange(20, 30))[0], at[:10], atol=1e-9)
    places = middle_of(prop, *after.track_of(prop, np.arange(29, 34)))
    fall = np.diff(places, 2, axis=0) * FPS**2
    np.testing.assert_allclose(fall, np.broadcast_to([0, -shot.g, 0], fall.shape), atol=1e-3)
    assert not is_older(after, prop)


def test_a_flight_is_older_than_a_motion_that_changed_and_is_run_again():
    after = Ask("let_fly", item="prop1", frame=29).apply(thrown_shot())
    moved = replace(after, performers=(replace(after.performer, timing=after.performer.timing.with_slip(3)),))
    assert is_older(moved, moved.props[0])
    again = Ask("fly_again", item="prop1").apply(moved)
    assert not is_older(again, again.props[0])
    assert again.props[0].flight.velocity_ms != after.props[0].flight.velocity_ms


def test_an_aimed_prop_is_there_on_its_frame_and_a_flight_can_be_ended():
    shot = thrown_shot()
    aimed = Ask("aim_prop", item="prop1", frame=29, at_m=(0.5, 1.0, 3.0), arrives=45).apply(shot)
    prop = aimed.props[0]
    np.testing.assert_allclose(middle_of(prop, *aimed.track_of(prop, np.array([45])))[0], (0.5, 1.0, 3.0), atol=0.01)
    assert prop.flight.given
    tossed = Ask("aim_prop", item="prop1", frame=29, at_m=(0.5, 1.0, 3.0), rises_m=2.0).apply(shot).props[0]
    highest = middle_of(tossed, *shot.with_item(tossed).track_of(tossed, np.arange(29, 60)))[:, 1].max()
    assert highest == pytest.approx(2.0, abs=0.01)
    ended = Ask("end_flight", item="prop1").apply(aimed).props[0]
    assert ended.flight is None
    still = ended.track(np.arange(30, 60))[0]
    np.testing.assert_allclose(still, np.broadcast_to(still[0], still.shape))


@pytest.mark.parametrize(
    ("command", "more", "says"),
    [
        ("let_fly", {"frame": 72}, "no frame to fly on after 72"),
        ("fly_again", {}, "does not fly by itself"),
        ("end_flight", {}, "does not fly by itself"),
        ("aim_prop", {"frame": 20, "at_m": (0.0, 1.0, 3.0), "arrives": 20}, "later frame"),
        ("aim_prop", {"frame": 20, "at_m": (0.0, 1.0, 3.0)}, "how high it rises"),
        ("set_item", {"changes": {"mass_kg": -1.0}}, "The mass of Buoy must be more than 0"),
        ("set_item", {"changes": {"bounce": 1.5}}, "The bounce of Buoy lies between 0 and 0.95"),
    ],
)
def test_what_can_not_be_done_with_a_prop_says_why(command, more, says):
    with pytest.raises(EditError, match=says):
        Ask(command, item="prop1", **more).apply(thrown_shot())


def test_a_prop_with_no_mass_does_not_fly():
    shot = thrown_shot()
    bare = replace(shot, props=(replace(shot.props[0], mass_kg=None),))
    with pytest.raises(EditError, match=r"Buoy has no mass yet\. Type what it weighs"):
        Ask("let_fly", item="prop1", frame=29).apply(bare)


def test_a_crate_that_tips_over_its_edge_meets_the_floor_twice_and_lies_flat():
    tipped = rotation.exp(np.array([0.0, 0.0, 0.5]))
    crate = Prop("prop1", "Crate", "box", (0.34, 0.42, 0.26), mass_kg=9.0, bounce=0.05, friction=0.7)
    found = flown(crate, (0, 0.5, 0), turn=tipped, frames=48)
    # once on the edge, once as it falls flat: not once a step while it pivots
    assert 2 <= len(found.touches) <= 4
    assert found.rests is not None
    np.testing.assert_allclose(np.abs(found.turn[-1]), UPRIGHT, atol=0.01)


def test_what_is_carried_weighs_on_its_carrier_and_bears_nobody():
    shot = thrown_shot()
    light, heavy = (see(replace(shot, props=(replace(shot.props[0], mass_kg=kg),))).reading for kg in (None, 8.0))
    assert not light.loads
    (track,) = heavy.loads
    assert track.load.name == "Buoy"
    np.testing.assert_allclose(heavy.mass_kg[:30], heavy.body.mass_kg + 8.0)
    np.testing.assert_allclose(heavy.mass_kg[31:], heavy.body.mass_kg)
    assert "prop1" not in heavy.touch


def test_the_mail_sack_flies_on_from_the_hands_and_lands():
    shot = demo("Mail-sack")
    (sack,) = shot.props
    load = see(shot).reading.loads[0]
    at = middle_of(sack, *shot.track_of(sack, np.arange(1, 61)))
    held = load.load.end
    np.testing.assert_allclose(at[:held], load.centre[:held], atol=1e-6)
    steps = np.linalg.norm(np.diff(at, axis=0), axis=1) * FPS
    # it leaves with the speed it has, and nothing jumps
    assert np.abs(np.diff(steps[held - 3 : held + 3])).max() < 1.2
    assert any(t.surface == "floor" for t in sack.flight.touches)
    assert at[-1, 1] < 0.35


def test_the_float_is_kicked_against_the_deckhouse_and_comes_back_by_its_bounce():
    shot = demo("Buoy kick")
    flight = next(p for p in shot.props if p.flight).flight
    foot = flight.touches[0]
    wall = next(t for t in flight.touches if t.surface == "prop2")
    assert foot.surface.startswith("performer1:Right")
    assert foot.frame < wall.frame < 40
    assert wall.leaves_ms == pytest.approx(0.62 * wall.speed_ms, rel=0.03)
    # as fast as the foot can have made it: no more than its own speed and what the bounce adds
    assert wall.speed_ms < 1.62 * foot.speed_ms
    seen = see(shot)
    assert judge(shot, seen.performer, seen.reading) == []
