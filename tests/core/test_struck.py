"""Blows: what a body does at one, what a prop and a body do to each other, and what is said of it."""

from dataclasses import replace

import numpy as np
import pytest
from scipy.special import ellipk

from ironarc.core import rotation
from ironarc.core.edits.commands import COMMANDS
from ironarc.core.edits.commands.rigging import line_of
from ironarc.core.errors import EditError
from ironarc.core.figure.grips import joints_of
from ironarc.core.figure.rig import forward
from ironarc.core.judging.judge import blows_of, exchanges_of, judge
from ironarc.core.judging.on_blows import blows_on
from ironarc.core.judging.others import Beside, Others
from ironarc.core.passive.company import Around
from ironarc.core.passive.flight import fly
from ironarc.core.passive.letting import Blow, Letting
from ironarc.core.passive.limp import fall
from ironarc.core.passive.world import Flesh, Free
from ironarc.core.reading import see
from ironarc.core.reading.floor import Floor
from ironarc.core.scene.placement import Placement
from ironarc.core.scene.props import Hold, Prop, middle_of
from ironarc.core.truing import CORRECTIONS, propose, read_try
from ironarc.demo.by_hand import Hand
from ironarc.demo.sack_caught import stiff
from tests.conftest import demo
from tests.core.test_letting_go import com_of, spin_of

G = 9.81
DEEP = Floor(-60.0)
UPRIGHT = np.array([1.0, 0.0, 0.0, 0.0])


@pytest.fixture(scope="module")
def hop():
    return see(demo("Gap hop"))


@pytest.fixture(scope="module")
def grazed():
    """Old Halloran with his back to a crate that swings into it; he has not answered yet."""
    shot = demo("grazes")
    layers = tuple(x for x in shot.performer.layers if not x.made_by)
    return see(shot.with_item(replace(shot.performer, layers=layers)))


def held_still(poses, index: int, frames: int):
    """Poses of a body that keeps the one on an index."""
    one = {
        k: np.repeat(getattr(poses, k)[index : index + 1], frames, axis=0)
        for k in ("local", "translation", "rotation", "position")
    }
    return replace(poses, frames=np.arange(1, frames + 1), **one)


def turned_deg(poses, found, start: int) -> np.ndarray:
    keys = poses.local[start : start + len(found.local)]
    return np.degrees(np.linalg.norm(rotation.log(rotation.multiply(rotation.conjugate(keys), found.local)), axis=-1))


# --- on a line ---------------------------------------------------------------------------------------------


@pytest.mark.parametrize(("widest", "long"), [(0.1, 2.0), (0.8, 2.0), (0.5, 3.6)])
def test_what_hangs_on_a_line_swings_with_its_period_and_its_line_holds(widest, long):
    hook, half = np.array([0.0, 6.0, 0.0]), 0.05
    bob = Prop("prop1", "Bob", "ball", (0.1, 0.1, 0.1), mass_kg=5.0, hung_from_m=tuple(hook))
    middle = hook + long * np.array([0.0, -np.cos(widest), np.sin(widest)])
    turn = rotation.between(np.array([0.0, 1.0, 0.0]), (hook - middle) / long)
    foot = middle - rotation.rotate(turn, np.array([0.0, half, 0.0]))
    free = Free(bob, 5.0, foot, turn, np.zeros(3), np.zeros(3))
    found = fly([free], DEEP, G, 1, 600, 1 / 60)["prop1"]
    at = middle_of(bob, found.at, found.turn)
    down = np.flatnonzero((at[:-1, 2] > 0) & (at[1:, 2] <= 0))
    period = np.diff([(i + at[i, 2] / (at[i, 2] - at[i + 1, 2])) / 60 for i in down]).mean()
    inertia = long**2 + 0.4 * half**2
    known = 4 * np.sqrt(inertia / (G * long)) * ellipk(np.sin(widest / 2) ** 2)
    assert period == pytest.approx(known, rel=1e-3)
    assert np.abs(np.linalg.norm(at - hook, axis=-1) - long).max() < 1e-3
    assert at[down[-1] - 140 : down[-1], 2].max() == pytest.approx(long * np.sin(widest), rel=0.02)


# --- a body that lives -------------------------------------------------------------------------------------


def test_a_body_that_lives_keeps_to_its_keys_where_nothing_strikes_it(hop):
    poses, body = hop.reading.poses, hop.reading.body
    feet = {j: np.ones(18, dtype=bool) for j, m in enumerate(body.anatomy.meanings) if m.role == "foot"}
    stands = fall(poses, body, 0, 18, G, hop.reading.floor, lambda s, j: 0.3, letting=Letting(planted=feet, lives=True))
    assert turned_deg(poses, stands, 0).max() < 1.5
    flies = fall(poses, body, 32, 10, G, DEEP, lambda s, j: 0.3, letting=Letting(lives=True))
    assert turned_deg(poses, flies, 32).max() < 1.0
    assert np.abs(flies.translation[:, 0] - poses.translation[32:42, 0]).max() < 0.005


def test_a_blow_in_the_air_gives_its_momentum_and_its_spin(hop):
    poses, body = hop.reading.poses, hop.reading.body
    head = joints_of(body, ["head"])[-1]
    push, at = np.array([12.0, 3.0, -20.0]), poses.position[34, head]
    runs, quiet = [], None
    for blows in ((), (Blow(2.0, head, at, push),)):
        letting = Letting(lives=True, blows=blows, quiet=quiet)
        found = fall(poses, body, 32, 12, G, DEEP, lambda s, j: 0.2, letting=letting)
        quiet = found
        world, places = forward(poses.rig, found.local, found.translation)
        runs.append((com_of(body, world, places), spin_of(body, world, places, poses.dt)))
    (com, spin), (struck, spun) = runs
    v = np.diff(struck - com, axis=0)[3:] / poses.dt * body.mass_kg
    np.testing.assert_allclose(v, np.broadcast_to(push, v.shape), atol=0.001 * np.linalg.norm(push))
    arm = at - com[2]
    given = (spun - spin)[3:]
    np.testing.assert_allclose(given, np.broadcast_to(np.cross(arm, push), given.shape), atol=0.6)


def test_planted_feet_stay_and_the_body_sways_and_comes_back(hop):
    poses, body = hop.reading.poses, hop.reading.body
    still = held_still(poses, 0, 60)
    feet = {j: np.ones(60, dtype=bool) for j, m in enumerate(body.anatomy.meanings) if m.role == "foot"}
    chest = joints_of(body, ["spine"])[-1]
    blow = Blow(2.0, chest, still.position[2, chest], np.array([0.0, 0.0, -30.0]))
    letting = Letting(planted=feet, lives=True, blows=(blow,))
    found = fall(still, body, 0, 60, G, hop.reading.floor, lambda s, j: 0.25, letting=letting)
    _, at = forward(poses.rig, found.local, found.translation)
    assert max(np.abs(at[:, j] - still.position[:, j]).max() for j in feet) < 0.005
    back = still.position[:, chest, 2] - at[:, chest, 2]
    assert 0.03 < back.max() < 0.4
    assert abs(back[-1]) < 0.15 * back.max()


def test_the_rest_of_a_body_keeps_to_its_keys_while_an_arm_is_let_go(hop):
    poses, body = hop.reading.poses, hop.reading.body
    arm = frozenset(joints_of(body, ["left arm"]))
    found = fall(poses, body, 20, 40, G, hop.reading.floor, lambda s, j: 0.0, letting=Letting(joints=arm))
    off = turned_deg(poses, found, 20)
    others = [j for j in range(len(poses.rig)) if j not in arm]
    assert off[:, others].max() < 0.3
    assert off[:, sorted(arm)].max() > 20


def test_a_led_arm_that_hangs_limp_swings_as_a_pendulum_that_is_driven(hop):
    """A body pushed level at a steady 4 m/s²: an arm that hangs freely comes to lean back by atan(4 / g)."""
    poses, body = hop.reading.poses, hop.reading.body
    n = 96
    still = held_still(poses, 0, n)
    t = np.arange(n) * poses.dt
    way = np.zeros((n, 3))
    way[:, 2] = 4.0 * t * t / 2
    moved = replace(
        still, translation=still.translation.copy(), position=still.position + way[:, None]
    )  # fmt: skip
    moved.translation[:, 0] += way
    arm = frozenset(joints_of(body, ["left arm"]))
    found = fall(moved, body, 0, n, G, DEEP, lambda s, j: 0.0, letting=Letting(joints=arm))
    _, at = forward(poses.rig, found.local, found.translation)
    names = poses.rig.names
    down = at[:, names.index("LeftHand")] - at[:, names.index("LeftArm")]
    lean = np.degrees(np.arctan2(-down[:, 2], -down[:, 1]))
    assert lean[-36:].mean() == pytest.approx(np.degrees(np.arctan2(4.0, G)), abs=6.0)


# --- with what moves beside it -----------------------------------------------------------------------------


def test_a_body_and_a_ball_that_meet_in_the_air_keep_their_momentum(hop):
    poses, body = hop.reading.poses, hop.reading.body
    chest = joints_of(body, ["spine"])[-1]
    ball = Prop("prop1", "Buoy", "ball", (0.3, 0.3, 0.3), mass_kg=8.0)
    at = poses.position[32, chest] + [0.0, -0.15, 0.8]
    free = Free(ball, 8.0, at, UPRIGHT, np.array([0.0, 1.0, -2.5]), np.zeros(3))
    found = fall(poses, body, 32, 20, G, DEEP, lambda s, j: 0.2, around=Around(free=[free]), performer="who")
    world, places = forward(poses.rig, found.local, found.translation)
    own = np.gradient(com_of(body, world, places), poses.dt, axis=0) * body.mass_kg
    its = np.gradient(middle_of(ball, found.at["prop1"], found.turn["prop1"]), poses.dt, axis=0) * 8.0
    fell = np.outer(np.arange(20) * poses.dt, [0.0, -G * (body.mass_kg + 8.0), 0.0])
    total = (own + its - fell)[1:-1]
    assert found.met["prop1"]
    struck = found.met["prop1"][0]
    assert struck.surface.startswith("who:")
    k = int(struck.frame) - 33  # by frames, so that what is told of a step is left out
    before, after = total[: max(k - 1, 1)].mean(axis=0), total[k + 4 :].mean(axis=0)
    np.testing.assert_allclose(after, before, atol=0.01 * np.linalg.norm(its[0]) + 0.5)
    given = (own[-2] - own[1] - fell[-2] * body.mass_kg / (body.mass_kg + 8.0))[2]
    assert abs(given) > 5.0


def test_what_another_performer_does_strikes_a_body_that_is_let_go(hop):
    """A fist led through the chest carries it along; the other way round nothing gives."""
    poses, body = hop.reading.poses, hop.reading.body
    still = held_still(poses, 0, 24)
    hand = joints_of(body, ["right hand"])[0]
    chest = still.position[0, joints_of(body, ["spine"])[-1]]
    at = chest + np.column_stack([np.zeros(24), np.zeros(24), 0.5 - 0.05 * np.arange(24)])
    turn = np.repeat(still.rotation[:1, hand], 24, axis=0)
    fist = Flesh("performer2:RightHand", "Fist", body, hand, at, turn, lambda k, at: np.zeros((3, 3)))
    alone = fall(still, body, 0, 24, G, hop.reading.floor, lambda s, j: 0.3)
    struck = fall(still, body, 0, 24, G, hop.reading.floor, lambda s, j: 0.3, around=Around(flesh=[fist]))
    assert struck.translation[-1, 0, 2] < alone.translation[-1, 0, 2] - 0.1


def test_a_crate_that_swings_into_a_back_throws_the_body_over_and_is_slowed():
    shot = demo("Crate strikes")
    crate = shot.props[0]
    hit = crate.flight.touches[0]
    assert hit.surface == "performer1:Hips"
    assert hit.impulse_ns > 100
    reading = see(shot).reading
    head = reading.poses.rig.index("Head")
    assert reading.poses.position[-1, head, 1] < 0.25
    assert reading.poses.position[-1, head, 2] > shot.props[1].at_m[2] + 0.3  # beyond the coaming
    at = shot.track_of(crate, np.arange(22, 32))[0]
    assert np.linalg.norm(at[1] - at[0]) > 1.8 * np.linalg.norm(at[9] - at[8])
    found = judge(shot, shot.performer, reading)
    assert {f.kind for f in found if not f.left} == set()
    blown = [f for f in found if f.kind == "phantom" and "Coal crate strikes there" in f.left]
    assert blown
    # nobody left it so, thus nobody can take it up again
    assert not any(f.by_hand for f in blown)


def test_letting_go_and_what_it_moves_are_one_step_to_undo():
    shot = demo("Crate strikes")
    keyed = demo("Swinging crate").props[0]
    assert shot.props[0].flight.start == 23
    before = shot.track_of(shot.props[0], np.arange(1, 22))[0]
    np.testing.assert_allclose(before, shot.track_of(keyed, np.arange(1, 22))[0], atol=1e-6)


# --- reactions ---------------------------------------------------------------------------------------------


def test_a_blow_that_nobody_answers_is_found_and_a_reaction_settles_it(grazed):
    found = judge(grazed.shot, grazed.performer, grazed.reading)
    assert {(f.kind, f.grade) for f in found} == {("unmoved", "cracked")}
    assert "Even a stiff body" in found[0].says
    (place,) = CORRECTIONS["react"].places(grazed)
    assert place.options.part == "Hips"
    assert abs(place.options.heading) < 10  # from behind: it pushes ahead
    text = ",".join(f"{k}={v}" for k, v in vars(place.options).items())
    done = propose(grazed, read_try(f"react({text})"))
    after = done.edit.apply(grazed.shot)
    assert [f for f in judge(after, after.performer, see(after).reading) if not f.left] == []
    assert "Coal crate gives" in done.cost.says
    was, now = grazed.shot.props[0], after.props[0]
    assert np.abs(after.track_of(now, np.array([40]))[0] - grazed.shot.track_of(was, np.array([40]))[0]).max() > 0.02


def test_the_blow_of_a_light_prop_is_its_own_momentum_and_little_more(grazed):
    """It can't give more than comes and goes back, by its bounce, and what its line adds."""
    (blow,) = blows_of(grazed)
    text = ",".join(f"{k}={v}" for k, v in vars(CORRECTIONS["react"].places(grazed)[0].options).items())
    after = propose(grazed, read_try(f"react({text})")).edit.apply(grazed.shot)
    hit = max(after.props[0].flight.touches, key=lambda t: t.impulse_ns)
    crate = after.props[0]
    assert hit.impulse_ns < 1.35 * crate.mass_kg * blow.touch.speed_ms
    assert hit.impulse_ns > 0.4 * crate.mass_kg * blow.touch.speed_ms


def test_an_answer_before_the_blow_is_told_with_its_frames():
    shot = demo("grazes")
    found = judge(shot, shot.performer, see(shot).reading)
    (early,) = [f for f in found if f.kind == "mistimed"]
    assert early.says == "Answered 3 frames early: Coal crate hits the hips on 25.6."
    assert early.grade == "strained"


def test_more_tone_and_less_size_make_less_of_a_reaction(hop):
    def head_cm(**how) -> float:
        options = {"frame": 8, "part": "chest", "impulse": 40.0, "heading": 180.0} | how
        text = ",".join(f"{k}={v}" for k, v in options.items())
        after = propose(hop, read_try(f"react({text})")).edit.apply(hop.shot)
        at = see(after).reading.poses.position[:, hop.performer.rig.index("Head")]
        return float(np.linalg.norm(at - hop.reading.poses.position[:, hop.performer.rig.index("Head")], axis=-1).max())

    usual = head_cm()
    assert usual > 0.03
    assert head_cm(tone=0.6) < 0.7 * usual
    assert head_cm(size=0.5) == pytest.approx(0.5 * usual, rel=0.1)
    assert head_cm(impulse=80.0) > 1.6 * usual


@pytest.mark.parametrize(
    ("text", "says"),
    [
        ("react(frame=8,part=tentacle)", "tentacle"),
        ("react(frame=8,together=True)", "Nothing strikes Bram Okoro on 8 or after it."),
        ("react(frame=71)", "A reaction needs 4 frames"),
        ("react(frame=8,impulse=0)", "blow lies between 0.5 and 1000"),
        ("let_go(start=36,end=72,what=all but the feet)", "No foot is planted from frame 36 on"),
        ("let_go(start=20,end=72,what=wings)", "wings"),
    ],
)
def test_what_cannot_be_is_refused_in_words(hop, text, says):
    shot = replace(hop.shot, frames=44) if "36" in text else hop.shot
    with pytest.raises(EditError, match=says):
        propose(see(shot), read_try(text.replace("end=72", "end=44") if "36" in text else text))


@pytest.mark.parametrize("what", ["left arm", "upper body", "head", "all but the feet"])
def test_parts_let_go_come_back_to_their_keys(hop, what):
    after = propose(hop, read_try(f"let_go(start=4,end=18,tone=0.2,back=6,what={what})")).edit.apply(hop.shot)
    was, now = hop.reading.poses, see(after).reading.poses
    np.testing.assert_allclose(now.position[18:], was.position[18:], atol=1e-9)
    np.testing.assert_allclose(now.position[:3], was.position[:3], atol=1e-9)
    assert np.linalg.norm(now.position - was.position, axis=-1).max() > 0.005
    feet = [j for j, m in enumerate(hop.reading.body.anatomy.meanings) if m.role == "foot"]
    assert np.abs(now.position[:18, feet] - was.position[:18, feet]).max() < 0.01


def test_a_throw_is_paid_for_by_who_throws():
    """What the sack is given in the swing, its thrower is given back, the other way."""
    seen = see(demo("Mail-sack"))
    (place,) = CORRECTIONS["react"].places(seen)
    assert place.ways[0].label == "Recoil of the throw"
    sack = seen.shot.props[0]
    thrown = np.array(sack.flight.velocity_ms) * sack.mass_kg
    assert place.options.impulse < 1.1 * np.linalg.norm(thrown)
    assert place.options.impulse > 0.3 * np.linalg.norm(thrown)
    assert place.options.up < -20  # it was swung up and away
    text = ",".join(f"{k}={v}" for k, v in vars(place.options).items())
    after = propose(seen, read_try(f"react({text})")).edit.apply(seen.shot)
    moved = see(after).reading.poses.position - seen.reading.poses.position
    assert 0.02 < np.linalg.norm(moved, axis=-1).max() < 0.4


# --- what is sent and what is caught -----------------------------------------------------------------------


def kicked(speed: float) -> tuple:
    shot = demo("Buoy kick")
    ahead = tuple(float(v) for v in np.array([0.0, 0.3, 1.0]) * speed)
    shot = COMMANDS["let_fly"](see(shot), item="prop1", frame=19, velocity_ms=ahead).apply(shot)
    seen = see(shot)
    return [f for f in judge(shot, seen.performer, seen.reading) if f.kind == "given"]


def test_a_kick_that_cannot_have_given_that_speed_is_found():
    (found,) = kicked(30.0)
    assert found.grade == "cracked"
    assert found.says.startswith("Float leaves the right toe at 31.3 m/s")
    assert kicked(3.0) == []
    asked = demo("Buoy kick")
    assert judge(asked, asked.performer, see(asked).reading) == []


def sent_off(speed: float):
    shot = demo("Buoy kick")
    ahead = tuple(float(v) for v in np.array([0.0, 0.3, 1.0]) * speed / np.hypot(0.3, 1.0))
    return see(COMMANDS["let_fly"](see(shot), item="prop1", frame=19, velocity_ms=ahead).apply(shot))


def test_a_leg_swings_as_fast_as_what_it_kicks_leaves_and_stays_on_its_way():
    seen = sent_off(11.6)
    poses, toe = seen.reading.poses, seen.performer.rig.index("RightToe")
    (place,) = CORRECTIONS["swing"].places(seen)
    done = propose(seen, read_try(f"swing(frame={place.options.frame})"))
    assert "The right toe goes at 7.2 m/s where Float leaves; it went at 6.7" in done.cost.says
    after = done.edit.apply(seen.shot)
    now = see(after).reading.poses
    # on the very frame, and away from the swing, it stands as it did; in between it is later, then ahead
    np.testing.assert_allclose(now.position[18], poses.position[18], atol=1e-6)
    np.testing.assert_allclose(now.position[30:], poses.position[30:], atol=1e-6)
    assert now.position[16, toe, 2] < poses.position[16, toe, 2] - 0.01
    assert now.position[20, toe, 2] > poses.position[20, toe, 2] + 0.01
    left = seen.performer.rig.index("LeftFoot")
    np.testing.assert_allclose(now.position[:, left], poses.position[:, left], atol=1e-6)
    assert CORRECTIONS["swing"].places(see(after)) == []


def test_a_swing_that_is_asked_for_too_much_says_how_fast_the_prop_may_leave():
    done = propose(sent_off(30.0), read_try("swing(frame=19)"))
    assert "or let it leave at 11.9 m/s" in done.cost.says
    with pytest.raises(EditError, match=r"at 6\.7 m/s there already"):
        propose(sent_off(8.0), read_try("swing(frame=19)"))
    with pytest.raises(EditError, match="No arm or leg of Tansy Vale sends a prop off on 30"):
        propose(sent_off(8.0), read_try("swing(frame=30)"))


def caught(off_m=(0.0, 0.0, 0.0), speed: float = 4.0):
    """Bram stands; a weight comes level into his right hand on frame 12 and stops there."""
    hop = demo("Gap hop")
    hand = hop.performer.rig.index("RightHand")
    dt = hop.frame_time_s
    palm = hop.poses("", np.array([12])).position[0, hand]
    arrives = 11 * dt
    velocity = np.array([0.0, G * arrives / 2, speed])
    start = palm + off_m - velocity * arrives - np.array([0.0, -G * arrives**2 / 2, 0.0])
    weight = Prop("prop1", "Shackle", "ball", (0.1, 0.1, 0.1), tuple(start - [0.0, 0.05, 0.0]), mass_kg=6.0)
    shot = replace(hop, props=(weight,))
    flown = COMMANDS["let_fly"](see(shot), item="prop1", frame=1, velocity_ms=tuple(map(float, velocity)))
    shot = flown.apply(shot)
    ball = shot.props[0]
    poses = shot.poses("", np.array([12]))
    own = rotation.rotate(poses.rotation[0, hand], palm - [0.0, 0.05, 0.0] - poses.position[0, hand], back=True)
    hold = Hold("hold1", "performer1", "RightHand", 12, 72, tuple(map(float, own)))
    shot = shot.with_item(replace(ball, holds=(hold,)))
    seen = see(shot)
    return {f.kind: f for f in judge(shot, seen.performer, seen.reading) if f.kind in ("caught", "missed")}


def test_a_catch_that_stops_a_weight_within_a_frame_is_found():
    found = caught(speed=8.0)
    assert found["caught"].grade == "strained"
    assert "Shackle comes to the right hand" in found["caught"].says
    assert "missed" not in found
    assert "caught" not in caught(speed=2.0)


def test_a_hand_that_is_not_there_is_found_by_how_far():
    found = caught((0.15, 0.0, 0.0), 3.0)
    assert found["missed"].value == pytest.approx(0.15, abs=0.02)
    assert found["missed"].grade == "cracked"


def test_what_a_body_gives_takes_the_sting_out_of_a_catch():
    shot = stiff()
    seen = see(shot)
    (found,) = [f for f in judge(shot, seen.performer, seen.reading) if not f.left]
    assert found.kind == "caught"
    assert [p.options.frame for p in CORRECTIONS["give_catch"].places(seen)] == [14]
    done = propose(seen, read_try("give_catch(frame=14,tone=0.25)"))
    assert "the trunk gives" in done.cost.says
    after = done.edit.apply(shot)
    assert [f for f in judge(after, after.performer, see(after).reading) if not f.left] == []
    # her feet stay, and she comes back to her keys
    was, now = seen.reading.poses, see(after).reading.poses
    feet = [j for j, m in enumerate(seen.reading.body.anatomy.meanings) if m.role == "foot"]
    assert np.abs(now.position[:, feet] - was.position[:, feet]).max() < 0.01
    np.testing.assert_allclose(now.position[45:], was.position[45:], atol=1e-6)
    stiffer = propose(seen, read_try("give_catch(frame=14,tone=0.8)")).edit.apply(shot)
    chest = seen.performer.rig.index("UpperChest")
    gives = [np.abs(see(s).reading.poses.position[:, chest] - was.position[:, chest]).max() for s in (after, stiffer)]
    assert gives[1] < 0.6 * gives[0]
    with pytest.raises(EditError, match="catches nothing on 20"):
        propose(seen, read_try("give_catch(frame=20)"))


# --- between two performers --------------------------------------------------------------------------------


def punched(reach_m: float = 0.6):
    """Tansy's right fist goes at Bram, who stands before her."""
    tansy = Hand("Punch", "tansy", 40)
    tansy.do("copy_pose", frame=1, to=(8, 11, 16, 40))
    for frame, place in ((8, (-0.12, 1.15, 0.1)), (11, (0.0, 1.22, reach_m)), (16, (-0.1, 1.1, 0.2))):
        tansy.reach(frame, "right hand", place)
    bram = Hand("Punch", "bram", 40)
    bram.do("copy_pose", frame=1, to=(20, 40))
    stands = replace(bram.shot.performer, id="performer2", placement=Placement((0.0, 0.0, 0.66), np.pi))
    return replace(tansy.shot, performers=(tansy.shot.performer, stands))


def test_a_fist_that_runs_into_a_trunk_is_a_blow_and_one_that_stops_short_is_none():
    shot = punched()
    seen = see(shot, "performer2")
    (blow,) = blows_of(seen)
    assert blow.by == "Tansy Vale's right hand"
    assert 9 < blow.frame < 11
    assert blow.way[2] > 0.8
    assert 2 < blow.touch.impulse_ns < 40
    found = [f for f in judge(shot, seen.performer, seen.reading) if f.kind == "unmoved"]
    assert len(found) == 1
    assert "Tansy Vale's right hand hits the trunk" in found[0].says
    # she who strikes is not struck
    assert blows_of(see(shot)) == []
    assert blows_of(see(punched(0.3), "performer2")) == []
    (place,) = CORRECTIONS["react"].places(seen)
    text = ",".join(f"{k}={v}" for k, v in vars(place.options).items())
    after = propose(seen, read_try(f"react({text})")).edit.apply(shot)
    answered = judge(after, after.performers[1], see(after, "performer2").reading)
    assert [f.kind for f in answered if f.kind in ("unmoved", "mistimed")] == []


def answered_by_hand(*keys, hold: int):
    """Bram stands until `hold`; then grips, at frames, are keyed so far back, in m."""
    bram = Hand("Punch", "bram", 40)
    bram.do("copy_pose", frame=1, to=(hold, 40))
    for frame, grip, back_m in keys:
        reading = see(bram.shot).reading
        at = reading.poses.position[frame - 1, reading.poses.rig.index(grip.title())]
        bram.reach(frame, grip, tuple(at - [0.0, 0.0, back_m]))
    stands = replace(bram.shot.performer, id="performer2", placement=Placement((0.0, 0.0, 0.66), np.pi))
    shot = replace(punched(), performers=(punched().performer, stands))
    return {f.kind: f for f in judge(shot, stands, see(shot, "performer2").reading)}


def test_a_body_that_flies_off_faster_than_the_blow_throws_it_is_told_so():
    found = answered_by_hand((12, "hips", 0.3), hold=10)
    assert found["overdone"].grade == "cracked"
    assert "throws a limp body off at 1.2 m/s there; here it is 3.4" in found["overdone"].says
    assert "wrong_first" not in found
    assert "overdone" not in answered_by_hand((14, "hips", 0.06), hold=10)


def test_a_head_that_goes_before_the_trunk_that_is_struck_is_told_so():
    found = answered_by_hand((12, "head", 0.15), (15, "hips", 0.3), hold=8)
    assert found["wrong_first"].part == "head"
    assert "the head goes 3 frames before it" in found["wrong_first"].says


def test_a_machine_that_leaps_at_a_back_strikes_with_its_end():
    """Its joints have no human segment's name: its lamp, at the front, comes first."""
    stands = {who: Hand("Leap", who, 24) for who in ("bram", "gull")}
    for hand in stands.values():
        hand.do("copy_pose", frame=1, to=(24,))
    bram, gull = see(stands["bram"].shot), see(stands["gull"].shot).reading
    comes = np.zeros((24, 1, 3))
    comes[:, 0, 1:] = np.stack([np.full(24, 0.5), np.linspace(-2.6, -0.3, 24)], axis=1)
    there = replace(gull.poses, position=gull.poses.position + comes)
    (blow,) = blows_on(bram.reading, Others("performer1", (Beside("gull", "Gull", gull.body, lambda: there),)))
    assert blow.by == "Gull's Lamp"
    assert blow.way[2] > 0.7


# --- both momenta ------------------------------------------------------------------------------------------


def test_what_a_crate_loses_the_body_that_is_let_go_has():
    shot = demo("Crate strikes")
    first = exchanges_of(see(shot))[0]
    assert (first.other.name, first.part, first.strikes) == ("Coal crate", "hips", False)
    crate, frames = shot.props[0], np.arange(shot.first_frame, shot.last_frame + 1)
    at = middle_of(crate, *shot.track_of(crate, frames))
    comes = np.linalg.norm(at[23] - at[22]) * shot.fps
    assert first.other.before == pytest.approx(crate.mass_kg * comes, rel=0.05)
    assert first.other.before - first.other.after > 200
    assert abs(first.lost) < 0.02 * first.other.before


def test_what_nobody_answers_is_missing_from_the_sum(grazed):
    (e,) = exchanges_of(grazed)[:1]
    assert e.lost > 0.8 * (e.other.before - e.other.after) > 50


def test_a_kicked_float_has_what_the_foot_gave_it():
    shot = demo("Buoy kick")
    e = exchanges_of(see(shot))[0]
    assert e.strikes
    assert e.part == "right foot"
    assert e.other.before == pytest.approx(0.0, abs=1e-6)
    # what it has, gravity taken out of it, is what the blow was worked out to give it
    assert e.other.after == pytest.approx(e.impulse_ns, rel=0.05)


# --- several props -----------------------------------------------------------------------------------------


def stacked():
    """Ten barrels in a pile and a heavy ball that comes at them."""
    barrel = Prop("prop1", "Barrel", "box", (0.5, 0.6, 0.5), (3.0, 0.0, 0.0), mass_kg=30.0, bounce=0.2)
    shot = replace(demo("Gap hop"), props=(barrel,))
    shot = COMMANDS["set_out"](see(shot), item="prop1", count=9, way="pile").apply(shot)
    ball = Prop("prop20", "Ball", "ball", (0.4, 0.4, 0.4), (3.9, 0.5, -3.0), mass_kg=60.0, bounce=0.2)
    return replace(shot, props=(*shot.props, ball))


def test_ten_barrels_are_set_out_at_once_and_stand_until_something_meets_them():
    shot = stacked()
    assert [p.name for p in shot.props[:3]] == ["Barrel", "Barrel 2", "Barrel 3"]
    assert sorted({round(p.at_m[1], 3) for p in shot.props[:10]}) == [0.0, 0.6, 1.2, 1.8]
    assert len({p.id for p in shot.props}) == 11
    still = replace(shot, props=shot.props[:10])
    stands = COMMANDS["let_all_fly"](see(still), frame=1).apply(still)
    for prop in stands.props:
        assert np.abs(stands.track_of(prop, np.array([72]))[0][0] - prop.at_m).max() < 0.03
    shot = COMMANDS["let_fly"](see(shot), item="prop20", frame=1, velocity_ms=(0.0, 2.0, 8.0)).apply(shot)
    hit = COMMANDS["let_all_fly"](see(shot), frame=1).apply(shot)
    # what was said of the ball stands, and what it meets goes over
    assert hit.props[-1].flight.velocity_ms == (0.0, 2.0, 8.0)
    moved = [np.linalg.norm(hit.track_of(p, np.array([72]))[0][0] - p.at_m) for p in hit.props[:10]]
    assert max(moved) > 1.0
    assert all(hit.track_of(p, np.array([72]))[0][0][1] > -0.02 for p in hit.props)


def test_a_prop_is_hung_on_a_line_and_swings_from_it():
    crate = Prop("prop1", "Crate", "box", (0.4, 0.4, 0.4), (2.0, 1.0, 0.0), mass_kg=20.0)
    shot = replace(demo("Gap hop"), props=(crate,))
    hung = COMMANDS["hang_prop"](see(shot), item="prop1", line_m=2.0).apply(shot)
    assert hung.props[0].hung_from_m == pytest.approx((2.0, 3.4, 0.0))
    assert line_of(hung, hung.props[0]) == pytest.approx(2.0)
    swung = COMMANDS["let_fly"](see(hung), item="prop1", frame=1, velocity_ms=(1.0, 0.0, 0.0)).apply(hung)
    at, turn = swung.track_of(swung.props[0], np.arange(1, 73))
    top = at + rotation.rotate(turn, np.array([0.0, 0.4, 0.0]))
    np.testing.assert_allclose(np.linalg.norm(top - [2.0, 3.4, 0.0], axis=-1), 2.0, atol=0.005)
    assert at[:, 0].max() > 2.3
    off = COMMANDS["hang_prop"](see(hung), item="prop1", line_m=0).apply(hung)
    assert off.props[0].hung_from_m is None
    with pytest.raises(EditError, match="5 cm to 100 m long"):
        COMMANDS["hang_prop"](see(shot), item="prop1", line_m=-1.0)
    with pytest.raises(EditError, match="1 to 30 more"):
        COMMANDS["set_out"](see(shot), item="prop1", count=0, way="row")
