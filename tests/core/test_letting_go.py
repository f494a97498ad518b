"""A body that is let go, against what physics says of it."""

from dataclasses import replace

import numpy as np
import pytest

from ironarc.core import rotation
from ironarc.core.errors import EditError
from ironarc.core.figure.rig import forward
from ironarc.core.judging.findings import find
from ironarc.core.judging.judge import judge
from ironarc.core.passive.company import Around
from ironarc.core.passive.letting import Falling
from ironarc.core.passive.limp import fall, fall_together
from ironarc.core.reading import read_shot, see
from ironarc.core.reading.floor import Floor
from ironarc.core.scene.placement import Placement
from ironarc.core.scene.props import Prop
from ironarc.core.truing import propose, read_try
from ironarc.core.truing.again import true_again
from ironarc.demo.by_hand import Hand
from tests.conftest import demo
from tests.figures import Ask

G = 9.81
DEEP = Floor(-60.0)  # so far down that nothing lands


@pytest.fixture(scope="module")
def hop():
    return see(demo("Gap hop"))


def let_go(seen, start: int, frames: int, tone: float, floor=None, **more):
    """Poses as world rotations and places (frames, joints, ...), of a body let go on a frame of the shot."""
    reading = seen.reading
    found = fall(
        reading.poses, reading.body, start - 1, frames, G, floor or reading.floor, lambda share, joint: tone, **more
    )  # fmt: skip
    return found, *forward(reading.poses.rig, found.local, found.translation)


def com_of(body, world, at) -> np.ndarray:
    parts = at[:, body.joints] + rotation.rotate(world[:, body.joints], body.coms)
    return np.einsum("b,fbi->fi", body.masses / body.masses.sum(), parts)


def spin_of(body, world, at, dt) -> np.ndarray:
    """(frames - 2, 3) kg·m²/s about the center of gravity, by central differences."""
    parts = at[:, body.joints] + rotation.rotate(world[:, body.joints], body.coms)
    com = com_of(body, world, at)
    v, v_com = (x[2:] - x[:-2] for x in (parts, com))
    turn = world[:, body.joints]
    w = rotation.log(rotation.multiply(turn[2:], rotation.conjugate(turn[:-2])))
    r = rotation.to_matrix(turn[1:-1])
    inertia = np.einsum("fbij,bjk,fblk->fbil", r, body.inertias, r)
    arms = parts[1:-1] - com[1:-1, None]
    own = np.einsum("fbij,fbj->fi", inertia, w)
    return (own + np.einsum("b,fbi->fi", body.masses, np.cross(arms, v - v_com[:, None]))) / (2 * dt)


@pytest.mark.parametrize("tone", [0.0, 0.3, 1.0])
@pytest.mark.parametrize(("word", "frame"), [("Gap hop", 34), ("Deck somersault", 33)])
def test_in_the_air_the_center_of_gravity_stays_on_its_parabola_and_the_spin_stays(word, frame, tone):
    seen = see(demo(word))
    body, dt = seen.reading.body, seen.reading.poses.dt
    _, world, at = let_go(seen, frame, 30, tone, DEEP)
    com, t = com_of(body, world, at), np.arange(30) * dt
    beside = slice(frame - 2, frame + 1)
    before = com_of(body, seen.reading.poses.rotation[beside], seen.reading.poses.position[beside])
    velocity = (before[2] - before[0]) / (2 * dt)
    np.testing.assert_allclose(com, com[0] + np.outer(t, velocity) - np.outer(G * t * t / 2, [0, 1, 0]), atol=1e-4)
    # as far as frames tell a spin: parts turn several times faster than the whole, and fastest as they are let go
    L = spin_of(body, world, at, dt)[1:]
    own = spin_of(body, seen.reading.poses.rotation, seen.reading.poses.position, dt)[frame - 2]
    np.testing.assert_allclose(L, np.broadcast_to(own, L.shape), atol=0.1 * np.linalg.norm(own) + 0.15)


def test_a_held_body_keeps_to_its_keys_and_a_limp_one_does_not(hop):
    keys = hop.reading.poses.local[33:53]
    off = {}
    for tone in (0.0, 0.3, 1.0):
        found, *_ = let_go(hop, 34, 20, tone, DEEP)
        turned = rotation.log(rotation.multiply(rotation.conjugate(found.local), keys))[:, 1:]
        off[tone] = np.degrees(np.linalg.norm(turned, axis=-1)).mean()
    assert off[1.0] < 1.0
    assert off[1.0] < off[0.3] < off[0.0]


def test_a_limp_arm_of_a_body_that_falls_without_turning_does_not_turn(hop):
    """Everything falls alike: gravity turns no joint."""
    reading = hop.reading
    poses = reading.poses
    one = {k: np.repeat(getattr(poses, k)[36:37], 40, axis=0) for k in ("local", "translation", "rotation", "position")}
    still = replace(poses, frames=np.arange(1, 41), **one)
    found = fall(still, reading.body, 0, 30, G, DEEP, lambda share, joint: 0.0)
    np.testing.assert_allclose(np.abs((found.local * still.local[:30]).sum(axis=-1)), 1.0, atol=1e-6)


def test_it_lands_on_the_floor_and_on_what_stands_there_and_comes_to_lie(hop):
    found, _, at = let_go(hop, 20, 53, 0.06)
    assert found.touches[1:10].all()  # it stands as it is let go
    assert at[-1, :, 1].max() < 0.6
    assert np.linalg.norm(np.diff(found.translation[-6:, 0], axis=0), axis=1).max() < 0.05
    assert at[:, hop.reading.body.joints, 1].min() > -0.03
    crate = Prop("prop1", "Coal crate", "box", (3.0, 0.2, 3.0), at_m=(0.0, 0.0, 1.2))
    held, _, on = let_go(hop, 37, 36, 0.1, around=Around(still=[crate]))
    assert held.touches.any()
    assert on[-1, :, 1].min() > 0.15


@pytest.mark.parametrize("start", [20, 30, 37])
def test_knees_and_elbows_hardly_bend_the_wrong_way_and_necks_and_spines_keep_their_range(hop, start):
    after = propose(hop, read_try(f"let_go(start={start},end=72,tone=0.0,tone_end=0.0)")).edit.apply(hop.shot)
    found = [f for f in find(see(after).reading) if f.end > start]
    assert not [f for f in found if f.kind == "turned" and f.part in ("neck", "spine")]
    assert max((f.value for f in found if f.kind == "bend"), default=0.0) < 12.0
    assert "stretch" not in {f.kind for f in found}


def test_two_runs_are_the_same_to_the_bit(hop):
    one, two = (let_go(hop, 20, 40, 0.2)[0] for _ in range(2))
    assert one.local.tobytes() == two.local.tobytes()


# --- as a correction ---------------------------------------------------------------------------------------


def test_letting_go_changes_nothing_before_and_is_known_to_be_stale_when_that_changes(hop):
    edit = propose(hop, read_try("let_go(start=24,end=72)")).edit
    after = edit.apply(hop.shot)
    was, now = hop.reading.poses, read_shot(after).poses
    np.testing.assert_allclose(now.position[:24], was.position[:24], atol=1e-9)
    assert np.linalg.norm(now.position[-1] - was.position[-1], axis=-1).max() > 0.5
    (layer,) = after.performer.corrections
    assert layer.made_by == "let_go"


def test_nothing_pushes_from_nowhere_while_it_falls(hop):
    after = propose(hop, read_try("let_go(start=20,end=72)")).edit.apply(hop.shot)
    from_nowhere = {"phantom", "arc", "hang", "kink", "spin", "hover", "sink"}
    assert [f for f in find(see(after).reading) if f.kind in from_nowhere] == []


def test_what_slides_while_it_falls_is_no_fault_and_what_slides_elsewhere_is():
    shot = demo("Crate strikes")
    seen = see(shot)
    slides = [f for f in judge(shot, seen.performer, seen.reading) if f.kind == "slide"]
    assert slides
    assert {f.left for f in slides} == {"The body is let go there, and slides."}
    layers = tuple(replace(x, span=(80, 84)) if x.made_by else x for x in seen.performer.layers)
    elsewhere = judge(shot, replace(seen.performer, layers=layers), seen.reading)
    assert {f.left for f in elsewhere if f.kind == "slide" and f.end < 70} == {""}


def test_the_keys_take_it_back_over_frames(hop):
    after = propose(hop, read_try("let_go(start=32,end=44,back=6,tone=0.3)")).edit.apply(hop.shot)
    was, now = hop.reading.poses, read_shot(after).poses
    # the last of it is worked out together with what follows
    np.testing.assert_allclose(now.position[56:], was.position[56:], atol=1e-9)
    assert np.linalg.norm(now.position[36] - was.position[36], axis=-1).max() > 0.05


@pytest.mark.parametrize(
    ("options", "says"),
    [
        ("start=20,end=40", "The motion goes on to frame 72, so the body would jump back at 41"),
        ("start=20,end=20", "2 to 1500 frames"),
        ("start=30,end=40,back=20", "takes? it back over fewer frames"),
        ("start=-3,end=40", "not all within the motion"),
    ],
)
def test_what_can_not_be_let_go_says_why(hop, options, says):
    with pytest.raises(EditError, match=says):
        propose(hop, read_try(f"let_go({options})"))


def test_a_body_that_stands_in_a_crate_is_not_let_go(hop):
    crate = Prop("prop1", "Coal crate", "box", (0.6, 0.5, 0.6))
    inside = see(replace(hop.shot, props=(crate,)))
    with pytest.raises(EditError, match=r"is \d+ cm inside Coal crate as the body is let go. Part them first"):
        propose(inside, read_try("let_go(start=5,end=72)"))


def test_a_body_is_taken_back_as_a_body_can_go(hop):
    """By a blend alone its center of gravity would be jolted and its feet would slide."""
    done = propose(hop, read_try("let_go(start=24,end=60,back=16,tone=0.3,tone_end=0.2)"))
    assert "The way back is worked out over 38–72" in done.cost.says
    after = done.edit.apply(hop.shot)
    seen = see(after)
    found = [f for f in judge(after, seen.performer, seen.reading) if not f.left]
    assert {f.kind for f in found} <= {"jerk"}
    (layer,) = after.performer.corrections
    assert layer.made_by == "let_go"
    was, now = hop.reading.poses, seen.reading.poses
    assert np.linalg.norm(now.position[40] - was.position[40], axis=-1).max() > 0.3
    np.testing.assert_allclose(now.position[:22], was.position[:22], atol=1e-9)


def test_what_a_hand_carries_into_the_fall_is_no_obstacle():
    sack = demo("Mail-sack")
    seen = see(sack)
    after = propose(seen, read_try("let_go(start=20,end=60,tone=0.3)")).edit.apply(sack)
    assert see(after).reading.poses.position[-1, 0, 1] < 0.6


def test_a_runner_who_goes_limp_keeps_her_pace_and_is_taken_back_on_hands_and_knees():
    shot = demo("mid stride")
    seen = see(shot)
    reading = seen.reading
    found = [f for f in judge(shot, seen.performer, reading) if not f.left]
    assert found == []
    names, at = reading.poses.rig.names, reading.poses.position
    # she goes on at her own speed as she is let go, and lies with her face to the ground
    com = reading.com
    pace = (com[26] - com[25]) / reading.poses.dt
    np.testing.assert_allclose((com[28] - com[27]) / reading.poses.dt, pace, atol=0.35)
    assert np.linalg.norm(pace[[0, 2]]) > 2.5
    assert at[52, names.index("Hips"), 1] < 0.3
    chest = rotation.rotate(reading.poses.rotation[52, names.index("Chest")], np.array([0.0, 0.0, 1.0]))
    assert chest[1] < -0.5
    # then she is on hands and knees
    assert at[-1, names.index("LeftHand"), 1] < 0.2
    assert at[-1, names.index("Hips"), 1] > 0.35
    assert {c.point for c in reading.contacts if c.end == 112} >= {"palm"}


# --- collapse, brace, keyed tone ---------------------------------------------------------------------------


@pytest.fixture(scope="module")
def stands():
    hand = Hand("Stands", "tansy", 60)
    hand.do("copy_pose", frame=1, to=(60,))
    return see(hand.shot)


def fallen_by(seen, text: str):
    """The body after it was let go, with the options of a try."""
    done = propose(seen, read_try(f"let_go(start=1,end=60,{text})")).edit.apply(seen.shot)
    return see(done).reading.poses


def lowest_speed(poses, name: str) -> float:
    """m/s at which a joint comes down at most."""
    return float(-(np.diff(poses.position[:, poses.rig.index(name), 1]) / poses.dt).min())


def bent_deg(poses, name: str) -> np.ndarray:
    j = poses.rig.index(name)
    turned = rotation.multiply(rotation.conjugate(poses.local[:1, j]), poses.local[:, j])
    return np.degrees(np.linalg.norm(rotation.log(turned), axis=-1))


def test_arms_that_reach_for_the_ground_take_what_the_head_would_have_taken(stands):
    free = fallen_by(stands, "tone=0.6,tone_end=0.2")
    braces = fallen_by(stands, "tone=0.6,tone_end=0.2,brace=True")
    assert lowest_speed(braces, "Head") < 0.75 * lowest_speed(free, "Head")
    hand, head = (braces.position[:, braces.rig.index(n), 1] for n in ("LeftHand", "Head"))
    assert int(np.argmax(hand < 0.06)) < int(np.argmax(head < 0.3))
    # nobody reaches before he has felt that he falls
    arm = bent_deg(braces, "LeftArm")
    assert arm[3] < 5 < arm[:36].max() - 20


def test_where_the_tone_falls_first_gives_way_first(stands):
    legs = fallen_by(stands, "tone=0.5,tone_end=0.02,first=legs")
    spine = fallen_by(stands, "tone=0.5,tone_end=0.02,first=spine")
    knee = [bent_deg(p, "LeftLeg")[20] for p in (legs, spine)]
    assert knee[0] > knee[1] + 10
    back = [bent_deg(p, "UpperChest")[20] for p in (legs, spine)]
    assert back[0] < back[1]


def test_a_keyed_tone_holds_where_it_is_high_and_is_the_sliders_curve_where_it_is_keyed_so(stands):
    keyed = fallen_by(stands, "keyed=0:0.75;0.5:0.75;0.55:0.0;1:0.0")
    held = fallen_by(stands, "tone=0.75,tone_end=0.75")
    np.testing.assert_allclose(keyed.local[:30], held.local[:30], atol=1e-9)
    assert np.abs(keyed.position[-1] - held.position[-1]).max() > 0.04
    np.testing.assert_allclose(
        fallen_by(stands, "keyed=0:0.3;1:0.3").local, fallen_by(stands, "tone=0.3,tone_end=0.3").local, atol=1e-9
    )


@pytest.mark.parametrize(
    ("text", "says"),
    [
        ("keyed=0:0.4;0.5", "up to 12 keys such as 0:0.4;0.5:0.06"),
        ("keyed=0:0.4;0.5:1.6", "a tone from 0 to 1"),
        ("keyed=0:0.4;0:0.2", "is a share|keys such as"),
        ("keyed=half", "“half” was given"),
    ],
)
def test_a_tone_that_is_none_is_refused_in_words(stands, text, says):
    with pytest.raises(EditError, match=says):
        fallen_by(stands, text)


def test_a_body_that_reaches_for_no_ground_says_so():
    seen = see(demo("Gull"))
    with pytest.raises(EditError, match="no arms that are understood"):
        propose(seen, read_try("let_go(start=1,end=40,brace=True,back=10)"))


# --- several at once -------------------------------------------------------------------------------------


def beside(poses, shift_m):
    """The same motion elsewhere."""
    by, root = np.array(shift_m), poses.rig.roots[0]
    moved = poses.translation.copy()
    moved[:, root] += by
    return replace(poses, position=poses.position + by, translation=moved)


def fallen_together(reading, shift_m, start: int, frames: int):
    falling = [
        Falling(p, reading.body, start, lambda share, joint: 0.05)
        for p in (reading.poses, beside(reading.poses, shift_m))
    ]
    return fall_together(falling, frames, G, DEEP)


def test_two_that_fall_far_apart_fall_as_each_does_alone(hop):
    reading = hop.reading
    one, two = fallen_together(reading, (9.0, 0.0, 0.0), 32, 20)
    alone = fall(reading.poses, reading.body, 32, 20, G, DEEP, lambda share, joint: 0.05)
    np.testing.assert_allclose(one.local, alone.local, atol=1e-7)
    np.testing.assert_allclose(two.local, alone.local, atol=1e-5)
    np.testing.assert_allclose(two.translation[:, 0] - alone.translation[:, 0] - [9.0, 0.0, 0.0], 0.0, atol=1e-5)
    assert not (one.touches | two.touches).any()


def test_two_that_touch_in_the_air_keep_their_momentum_and_spin_together(hop):
    reading = hop.reading
    poses, body, n, dt = reading.poses, reading.body, 24, reading.poses.dt
    found = fallen_together(reading, (0.4, 0.0, 0.0), 32, n)
    assert any(x.touches.any() for x in found)
    coms, spins = [], []
    for x in found:
        world, at = forward(poses.rig, x.local, x.translation)
        coms.append(com_of(body, world, at))
        spins.append(spin_of(body, world, at, dt))
    # each is thrown off its own parabola, the two together are not
    t, both = np.arange(n) * dt, np.mean(coms, axis=0)
    path = both[0] + np.outer(t, (both[1] - both[0]) / dt + [0, G * dt / 2, 0]) - np.outer(G * t * t / 2, [0, 1, 0])
    np.testing.assert_allclose(both, path, atol=2e-3)
    assert np.abs(coms[0] - coms[0][0] - (both - both[0])).max() > 5e-3
    v = [(c[2:] - c[:-2]) / (2 * dt) for c in coms]
    whole = sum(spins) + sum(
        body.mass_kg * np.cross(c[1:-1] - both[1:-1], x - np.mean(v, axis=0)) for c, x in zip(coms, v, strict=True)
    )
    np.testing.assert_allclose(
        whole, np.broadcast_to(whole[0], whole.shape), atol=0.15 * np.linalg.norm(whole[0]) + 0.5
    )


@pytest.fixture(scope="module")
def two():
    """Bram and Old Halloran within reach of each other."""
    shot = demo("Swinging crate")
    near = replace(shot.performers[1], placement=Placement((0.25, 0.0, 2.25), float(np.radians(-10.0))))
    return shot.with_item(near)


def test_two_performers_are_let_go_in_one_run_and_come_and_go_together(two):
    seen = see(two)
    found = propose(seen, read_try("let_go(start=20,end=48,tone=0.3,others=performer2)"))
    fell = found.edit.apply(two)
    own, theirs = (p.layers[-1] for p in fell.performers)
    assert (own.made_by, theirs.made_by, theirs.name) == ("let_go", "let_go", "Let go, with Bram Okoro")
    at = [fell.poses(p.id, fell.frame_numbers()).position[:, 0, 1] for p in fell.performers]
    assert max(y[-1] for y in at) < 0.7 < min(y[18] for y in at)
    # made anew it takes the place of both, deleted it takes both away
    anew = true_again(see(fell), own.id, {"tone": 0.1}).apply(fell)
    assert [len(p.layers) for p in anew.performers] == [2, 2]
    assert anew.performers[1].layers[-1].columns != theirs.columns
    gone = Ask("delete_layer", layer_id=own.id).apply(anew)
    assert [len(p.layers) for p in gone.performers] == [1, 1]


def test_who_is_not_in_the_shot_or_is_locked_is_not_let_go(two):
    for who, says in (("performer9", "no other performer"), ("performer1", "no other performer")):
        with pytest.raises(EditError, match=says):
            propose(see(two), read_try(f"let_go(start=20,end=48,others={who})"))
    locked = two.with_item(replace(two.performers[1], locked=True))
    with pytest.raises(EditError, match="is locked"):
        propose(see(locked), read_try("let_go(start=20,end=48,others=performer2)"))
