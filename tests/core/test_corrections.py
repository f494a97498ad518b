"""Every correction against a case whose answer is known: a sound motion, spoiled by a known amount."""

import json
from dataclasses import replace

import numpy as np
import pytest

from ironarc.core import rotation
from ironarc.core.columns import Dense
from ironarc.core.document import Limit
from ironarc.core.document.content import is_stale
from ironarc.core.edits.commands import COMMANDS
from ironarc.core.edits.items import RemoveItem
from ironarc.core.edits.motion import SetColumns
from ironarc.core.edits.rate import KEEP_SECONDS, at_rate
from ironarc.core.errors import EditError
from ironarc.core.judging.findings import find
from ironarc.core.judging.grades import GRADES
from ironarc.core.reading import read_shot, see
from ironarc.core.reading.balance import read_balance
from ironarc.core.scene.placement import Placement
from ironarc.core.scene.props import Prop
from ironarc.core.solve.spin import own_spin
from ironarc.core.truing import CORRECTIONS, Try, again, asked, propose, read_try
from ironarc.core.truing.plan import carry_out, read_plan
from ironarc.core.truing.trial import best, judged, outcomes, ways
from ironarc.demo import gap_hop
from ironarc.demo.posing import Leap, key_shot
from tests.conftest import demo
from tests.figures import Ask, bake_shot, changed_poses, dense_shot, picked_poses

ONE = "performer1"


def _sound():
    path = tuple(replace(s, gravity=1.0) if isinstance(s, Leap) else s for s in gap_hop.SCORE.path)
    return key_shot(replace(gap_hop.SCORE, path=path))


SOUND = _sound()
POSES = bake_shot(SOUND)
N = len(POSES.frames)


def spoiled(**changes):
    return dense_shot(changed_poses(POSES, **changes), SOUND)


def eased(a: int, b: int, c: int, d: int) -> np.ndarray:
    """(frames,) 0 to 1 from index a to b, and back from c to d."""
    at = np.arange(N)
    u = np.clip(np.minimum((at - a) / (b - a), (d - at) / max(d - c, 1)), 0, 1)
    return u * u * (3 - 2 * u)


def kinds(shot) -> set[str]:
    return {f.kind for f in find(read_shot(shot))}


def taken(shot, text: str):
    return propose(see(shot), read_try(text)).edit.apply(shot)


def up(by: float, a=50, b=56, c=66, d=71) -> np.ndarray:
    return np.outer(eased(a, b, c, d), [0.0, by, 0.0])


# name: (the motion with its fault, the kind that tells of it)
def slowed():
    at = np.arange(0, N - 1 + 1e-9, 0.75)
    low = np.minimum(at.astype(int), N - 2)
    share = at - low
    local = rotation.slerp(
        POSES.local[low], POSES.local[low + 1], np.broadcast_to(share[:, None], (len(at), len(POSES.rig)))
    )
    place = POSES.translation[low] + (POSES.translation[low + 1] - POSES.translation[low]) * share[:, None, None]
    from ironarc.core.motion.poses import poses_of

    return dense_shot(poses_of(POSES.rig, np.arange(1, len(at) + 1), POSES.dt, local, place), SOUND)


def leaned(by_rad=0.25):
    """Turned ahead about the ankles as a whole over the last stand, feet kept flat."""
    hat = eased(54, 60, 70, 90)
    turn = rotation.about_axis("X", by_rad * hat)
    local, translation = POSES.local.copy(), POSES.translation.copy()
    feet = [POSES.rig.index(n) for n in ("LeftFoot", "RightFoot")]
    pivot = POSES.position[:, feet].mean(axis=1)
    local[:, 0] = rotation.multiply(turn, local[:, 0])
    translation[:, 0] = pivot + rotation.rotate(turn, translation[:, 0] - pivot)
    from ironarc.core.motion.poses import poses_of

    out = poses_of(POSES.rig, POSES.frames, POSES.dt, local, translation)
    for foot in feet:
        above = int(POSES.rig.parents[foot])
        local[:, foot] = rotation.multiply(rotation.conjugate(out.rotation[:, above]), POSES.rotation[:, foot])
    return dense_shot(poses_of(POSES.rig, POSES.frames, POSES.dt, local, translation), SOUND)


def popped():
    return spoiled(turns={"RightForeArm": np.outer(np.arange(N) == 60, [0.0, 0.0, 0.9])})


CASES = {
    "slowed": (slowed, "hang"),
    "raised": (lambda: spoiled(shift=up(0.12, 28, 36, 37, 45)), "hang"),
    "slid": (lambda: spoiled(shift=np.outer(eased(3, 14, 98, 99), [0.10, 0.0, 0.0])), "slide"),
    "sunk": (lambda: spoiled(shift=up(-0.06)), "sink"),
    "hovering": (lambda: spoiled(shift=up(0.06)), "hover"),
    "leaned": (leaned, "balance"),
    "popped": (popped, "pop"),
    "jerked": (lambda: spoiled(shift=np.outer(np.arange(N) == 62, [0.05, 0.0, 0.0])), "jerk"),
    "stiff": (lambda: dense_shot(picked_poses(POSES, np.minimum(np.arange(N), 46)), SOUND), "landing"),
    "flipped": (lambda: spoiled(turns={"LeftForeArm": np.outer(eased(52, 56, 62, 66), [0.0, -1.4, 0.0])}), None),
}


@pytest.mark.parametrize("name", [n for n in CASES if n != "flipped"])
def test_what_is_offered_first_settles_it_and_harms_nothing(name):
    make, kind = CASES[name]
    seen = see(make())
    found = judged(seen)
    finding = next(f for f in found if f.kind == kind)
    outcome = best(seen, found, finding)
    assert outcome is not None
    assert outcome.settles(finding)
    assert not outcome.worse
    assert not outcome.new
    # what is said of it is what it does
    assert outcome.seen.shot.frames == seen.shot.frames + outcome.proposal.cost.frames
    assert "Settles" in outcome.says


def test_a_motion_slowed_to_three_quarters_gets_its_own_frames_back():
    shot = taken(slowed(), "true_arc(frame=49,hang=16)")
    (flight,) = read_shot(shot).flights
    assert flight.hang_frames == 16  # as many as before it was slowed
    assert flight.implied_g == pytest.approx(9.81, abs=0.1)


def test_a_flight_that_was_raised_comes_back_down_to_where_it_was():
    shot = CASES["raised"][0]()
    after = bake_shot(taken(shot, "true_arc(frame=37)"))
    air = slice(30, 44)
    was = np.linalg.norm(bake_shot(shot).position[air] - POSES.position[air], axis=-1).max()
    now = np.linalg.norm(after.position[air] - POSES.position[air], axis=-1).max()
    assert was > 0.11
    assert now < 0.03


def test_feet_that_slid_by_ten_centimetres_stand_in_one_place():
    shot = CASES["slid"][0]()
    after = bake_shot(taken(shot, "true_footing(start=4,end=16)"))
    for foot in ("LeftFoot", "RightFoot"):
        j = POSES.rig.index(foot)
        planted = after.position[2:16, j, [0, 2]]
        assert np.ptp(planted, axis=0).max() < 0.012  # but for what the heel rolled before
    # the hips follow: the whole is where it was, all along by as much
    apart = after.position[:16] - POSES.position[:16]
    assert np.ptp(apart[..., 0]) < 0.02


@pytest.mark.parametrize(("name", "by"), [("sunk", -0.06), ("hovering", 0.06)])
def test_feet_in_the_floor_or_over_it_come_back_to_it(name, by):
    shot = CASES[name][0]()
    after = bake_shot(taken(shot, "true_footing(start=50,end=72)"))
    at = slice(56, 66)
    for foot in ("LeftFoot", "RightFoot"):
        j = POSES.rig.index(foot)
        assert np.abs(bake_shot(shot).position[at, j, 1] - POSES.position[at, j, 1] - by).max() < 1e-6
        assert np.abs(after.position[at, j, 1] - POSES.position[at, j, 1]).max() < 0.012
    untouched = slice(0, 40)
    np.testing.assert_allclose(after.position[untouched], POSES.position[untouched], atol=1e-3)


def test_the_plumb_of_a_leaning_pose_comes_as_far_inside_as_asked():
    shot = leaned()
    (finding,) = (f for f in find(read_shot(shot)) if f.kind == "balance")
    seen = see(taken(shot, f"true_balance(start={finding.start},end={finding.end},inside=2.5)"))
    first = int(seen.reading.poses.frames[0])
    margin = seen.reading.ask(read_balance).margin_m[finding.start - first : finding.end - first + 1]
    assert margin.min() == pytest.approx(0.025, abs=0.012)
    assert "balance" not in {f.kind for f in find(seen.reading)}
    # by the spine as well, the hips move less
    half = see(taken(shot, f"true_balance(start={finding.start},end={finding.end},spine=0.5)"))
    hips = [np.abs(s.reading.poses.position[60, 0] - bake_shot(shot).position[60, 0]).max() for s in (seen, half)]
    assert hips[1] < hips[0]


def test_a_pop_is_led_through_its_neighbours():
    after = bake_shot(taken(popped(), "smooth_pop(start=61,end=61)"))
    j = POSES.rig.index("RightForeArm")
    apart = rotation.log(rotation.multiply(rotation.conjugate(POSES.local[60, j]), after.local[60, j]))
    assert np.degrees(np.linalg.norm(apart)) < 2.0
    others = np.arange(N) != 60
    np.testing.assert_allclose(after.local[others], bake_shot(popped()).local[others], atol=1e-6)


def test_a_knee_past_straight_goes_round_with_its_foot_where_it_is():
    shin = POSES.rig.index("LeftLeg")
    bend = rotation.log(POSES.local[:, shin])
    hat = eased(2, 5, 7, 10)
    # from nearly straight to twenty degrees the wrong way
    over = -bend * hat[:, None] + np.outer(hat, [-0.35, 0.0, 0.0]) * np.sign(bend[:, :1] + 1e-9)
    shot = spoiled(turns={"LeftLeg": over})
    assert "bend" in kinds(shot)
    (finding,) = (f for f in find(read_shot(shot)) if f.kind == "bend")
    was = bake_shot(shot)
    after = bake_shot(taken(shot, f"unbend(start={finding.start},end={finding.end})"))
    assert "bend" not in kinds(taken(shot, f"unbend(start={finding.start},end={finding.end})"))
    foot = POSES.rig.index("LeftFoot")
    np.testing.assert_allclose(after.position[:, foot], was.position[:, foot], atol=2e-4)


def test_a_turn_too_fast_to_see_takes_the_same_way_over_more_frames():
    whirl = np.zeros((N, 3))
    whirl[60:, 1] = 1.5  # a quarter turn and more within a frame, and it stays
    shot = spoiled(turns={"Head": whirl})
    (finding,) = (f for f in find(read_shot(shot)) if f.kind == "fast")
    after = taken(shot, f"spread_turn(start={finding.start},end={finding.end})")
    assert "fast" not in kinds(after)
    j = POSES.rig.index("Head")
    np.testing.assert_allclose(bake_shot(after).local[[40, 71], j], bake_shot(shot).local[[40, 71], j], atol=1e-6)


def test_a_jerk_is_evened_out_with_feet_held():
    shot = CASES["jerked"][0]()
    (finding,) = (f for f in find(read_shot(shot)) if f.kind == "jerk")
    after = taken(shot, f"even_out(start={finding.start},end={finding.end})")
    assert "jerk" not in kinds(after)
    was, now = read_shot(shot).com[62], read_shot(after).com[62]
    clean = read_shot(SOUND).com[62]
    assert np.linalg.norm(was - clean) > 0.045
    assert np.linalg.norm(now - clean) < 0.01


def test_a_bone_that_stretches_is_as_long_as_before():
    p = SOUND.performer
    j = p.rig.index("LeftForeArm")
    rig = replace(
        p.rig,
        joints=tuple(
            replace(x, channels=("tx", "ty", "tz", *x.rotation_channels), position="adds") if i == j else x
            for i, x in enumerate(p.rig.joints)
        ),
    )
    longer = np.outer(eased(50, 54, 60, 64), p.rig.offsets[j] * 0.3)
    columns = {
        ("LeftForeArm", c): Dense(1, np.ascontiguousarray(longer[:, i])) for i, c in enumerate(("tx", "ty", "tz"))
    }
    shot = SOUND.with_item(replace(p, rig=rig))
    shot = SetColumns(shot.performer.layers[0].id, columns, "Stretch").apply(shot)
    (finding,) = (f for f in find(read_shot(shot)) if f.kind == "stretch")
    for ends in (True, False):
        after = taken(shot, f"unstretch(start={finding.start},end={finding.end},ends={ends})")
        assert "stretch" not in kinds(after)
        length = np.linalg.norm(bake_shot(after).translation[:, j], axis=-1)
        np.testing.assert_allclose(length, length[0], rtol=1e-6)


def test_a_hand_in_a_box_is_led_around_it():
    hand = POSES.position[64, POSES.rig.index("LeftHand")]
    box = Prop("prop1", "Crate", size_m=(0.6, 0.6, 0.6), at_m=tuple(hand - [0.0, 0.3, 0.0]), kind="box")
    shot = replace(dense_shot(POSES, SOUND), props=(box,))
    found = [f for f in find(read_shot(shot)) if f.kind == "through"]
    assert found
    outcome = best(see(shot), judged(see(shot)), next(f for f in judged(see(shot)) if f.kind == "through"))
    assert outcome is not None
    assert outcome.wanted.correction.name == "push_out"
    assert len([f for f in outcome.findings if f.kind == "through"]) < len(found)


def test_a_landing_that_stops_dead_is_taken_over_depth_and_time():
    shot = CASES["stiff"][0]()
    assert {"landing", "stop"} <= kinds(shot)
    after = taken(shot, "true_landing(frame=47)")
    assert not {"landing", "stop"} & kinds(after)
    feet = [POSES.rig.index(n) for n in ("LeftFoot", "RightFoot")]
    was, now = bake_shot(shot), bake_shot(after)
    np.testing.assert_allclose(now.position[48:, feet], was.position[48:, feet], atol=4e-3)
    assert (was.position[50, 0, 1] - now.position[50, 0, 1]) > 0.03  # the hips go on down


def test_a_jump_from_a_stand_gets_a_wind_up():
    at = np.concatenate([np.zeros(12, dtype=int), np.arange(26, N)])
    shot = dense_shot(picked_poses(POSES, at), SOUND)
    assert "push" in kinds(shot)
    (flight,) = read_shot(shot).flights
    for hold in (0, 3):
        after = taken(shot, f"true_push(frame={flight.apex_frame},hold={hold})")
        assert "push" not in kinds(after)


def test_uneven_spin_becomes_steady_and_more_turns_are_made():
    shot = demo("Deck somersault")
    after = see(taken(shot, "true_spin(frame=35)"))
    assert "spin" not in {f.kind for f in find(after.reading)}
    p = after.reading.poses
    own = own_spin(p.rig, after.reading.body, p.local[26:43], p.translation[26:43], p.dt)
    np.testing.assert_allclose(own, np.broadcast_to(own[0], own.shape), atol=0.05)
    # the poses it leaves and lands in are met
    was, now = bake_shot(shot), after.reading.poses
    for k in (25, 43):
        np.testing.assert_allclose(now.position[k], was.position[k], atol=2e-3)
    com = [read_shot(s).com for s in (shot, after.shot)]
    np.testing.assert_allclose(com[0], com[1], atol=2e-3)
    with pytest.raises(EditError, match="let the last pose go"):
        taken(shot, "true_spin(frame=35,turns=0.25)")
    part = propose(see(demo("Gap hop")), read_try("true_spin(frame=37,turns=0.25)")).cost.says
    assert "Whole turns alone meet the last pose: +0 were made" in part
    free = propose(see(demo("Gap hop")), read_try("true_spin(frame=37,turns=0.25,meet=False)")).cost.says
    assert "Whole turns" not in free
    with pytest.raises(EditError, match="Who leads is one of hips, legs, chest"):
        taken(shot, "true_spin(frame=35,order=tail)")


@pytest.mark.parametrize("options", ["lead=0.6", "tuck=0.5", "gaze=0.8", "cause=6", "ease=3"])
def test_every_option_of_the_spin_leaves_it_steady(options):
    after = see(taken(demo("Deck somersault"), f"true_spin(frame=35,{options})"))
    (flight,) = after.reading.flights
    assert flight.spin.unsteadiness < 0.25  # as filters made for capture read a fast keyed spin
    assert flight.implied_g == pytest.approx(9.81, abs=0.6)


def test_it_is_said_that_a_float_is_meant():
    shot = taken(demo("Gap hop"), "as_meant(frame=37)")
    assert all(f.left.startswith("Meant: this flight has 0.56") for f in judged(see(shot)) if f.kind in ("hang", "arc"))
    np.testing.assert_array_equal(bake_shot(shot).position, bake_shot(demo("Gap hop")).position)


# --- what holds for all of them ----------------------------------------------------------------------------


@pytest.mark.parametrize("name", list(CORRECTIONS))
def test_what_is_sound_does_not_move(name):
    for shot in (SOUND, demo("Gangway slip")):
        seen = see(shot)
        for place in CORRECTIONS[name].places(seen):
            for way in place.ways:
                if name in ("true_spin", "true_push", "true_landing"):
                    continue  # asked for by hand they do what is asked; no plan asks for them on what is sound
                with pytest.raises(EditError):
                    propose(seen, Try(CORRECTIONS[name], way.options))
    made = carry_out(see(SOUND), f"{CORRECTIONS[name].flag}")
    assert made.edit is None
    assert made.steps == ()


@pytest.mark.parametrize("name", ["slowed", "slid", "sunk", "leaned", "popped", "stiff"])
def test_moved_and_turned_as_a_whole_the_answer_is_the_same(name):
    make, kind = CASES[name]
    shot = make()
    placed = Placement((1.3, 0.0, -2.1), 0.8)
    other = shot.with_item(replace(shot.performer, placement=placed))
    a, b = see(shot), see(other)
    one = best(a, judged(a), next(f for f in judged(a) if f.kind == kind))
    two = propose(b, Try(one.wanted.correction, one.wanted.options)).edit.apply(other)
    np.testing.assert_allclose(
        bake_shot(two).position, placed.to_world(bake_shot(one.seen.shot).position), atol=2e-3
    )  # fmt: skip


@pytest.mark.parametrize("name", ["raised", "sunk", "leaned", "popped", "stiff"])
def test_weight_nothing_is_as_it_was_and_half_lies_between(name):
    make, kind = CASES[name]
    shot = make()
    seen = see(shot)
    finding = next(f for f in judged(seen) if f.kind == kind)
    after = best(seen, judged(seen), finding).seen.shot
    layer = after.performer.corrections[-1]
    part = {w: bake_shot(Ask("set_layer_weight", layer.id, w).apply(after)).position for w in (0.0, 0.5, 1.0)}
    np.testing.assert_allclose(part[0.0][:N], bake_shot(shot).position[: len(part[0.0])], atol=1e-9)
    far = np.linalg.norm(part[1.0] - part[0.0], axis=-1)
    half = np.linalg.norm(part[0.5] - part[0.0], axis=-1)
    k = np.unravel_index(far.argmax(), far.shape)
    assert 0.35 * far[k] < half[k] < 0.65 * far[k]


def test_bad_input_is_said_before_anything_runs():
    for text, words in (
        ("true_footing(start=1,end=9)", "Nothing slides, sinks or hovers from 1 to 9"),
        ("true_balance(start=60,end=500)", "not all within the motion, which plays from 1 to 72"),
        ("smooth_pop(start=40,end=41)", "No joint pops"), ("unbend(start=3,end=9)", "No knee or elbow"),
        ("even_out(start=3,end=9)", "goes smoothly"), ("spread_turn(start=3,end=9)", "Nothing turns too fast"),
        ("push_out(start=3,end=9)", "Nothing passes through"), ("unstretch(start=3,end=9)", "No bone stretches"),
        ("true_span(start=33,end=40)", "No contact is confirmed"), ("true_push(frame=3)", "No push leads to a flight"),
        ("true_landing(frame=500)", "not within the shot"), ("true_spin(frame=3)", "no flight at frame 3"),
        ("as_meant(frame=37)", "Nothing is found of the flight"), ("true_arc(frame=37,hang=1)", "can't be seen"),
        ("true_spin(frame=37,turns=9)", "lies between -4 and 4"),
        ("true_span(start=2,end=60,keep=x)", "by their frames"),
        ("true_span(start=2,end=60,keep=99)", "lies outside"),
        ("true_span(start=2,end=60,parts=tail:1)", "How freely parts may change"),
    ):  # fmt: skip
        with pytest.raises(EditError, match=words):
            taken(SOUND, text)
    locked = CASES["sunk"][0]()
    locked = locked.with_item(replace(locked.performer, locked=True))
    with pytest.raises(EditError, match="is locked"):
        taken(locked, "true_footing(start=50,end=72)")


def test_poses_that_are_wanted_and_parts_that_may_not_change_stay():
    shot = demo("Gap hop")
    free, held = (taken(shot, f"true_span(start=16,end=58{more})") for more in ("", ",keep=37,parts=left arm:0"))
    was = bake_shot(shot)
    arm = [was.rig.index(n) for n in ("LeftArm", "LeftForeArm", "LeftHand")]
    np.testing.assert_allclose(bake_shot(held).local[:, arm], was.local[:, arm], atol=1e-6)
    # the pose is kept; where the whole is follows from the arc
    moved = [np.abs(bake_shot(s).local[36, 1:] - was.local[36, 1:]).max() for s in (free, held)]
    assert moved[1] < 0.3 * moved[0]


# --- plans, and made anew ----------------------------------------------------------------------------------


def test_a_plan_is_carried_out_in_its_order_and_says_what_it_could_not_do():
    made = carry_out(see(CASES["sunk"][0]()), "footing,arc:time,landing")
    assert [s.name for s in made.steps] == ["true_footing"]
    assert len(made.after) < len(made.before)
    everything = carry_out(see(demo("Gap hop")), "all")
    assert everything.after == ()
    assert len(everything.seen.performer.corrections) == len(everything.steps)
    beside = carry_out(see(demo("Gap hop")), "arc:time", span=(1, 10))
    assert beside.edit is None
    for text, words in (("arcs", "no correction called 'arcs'"), (" , ", "names at least one")):
        with pytest.raises(EditError, match=words):
            read_plan(text)
    told = []
    carry_out(see(demo("Gap hop")), "all", report=lambda done, in_all, what: bool(told.append(what)))
    assert len(told) == 1  # stopped at once


def test_a_correction_is_made_anew_with_other_options_in_its_place():
    shot = taken(demo("Gap hop"), "true_arc(frame=37,hang=12)")
    shot = Ask("set_layer_weight", shot.performer.corrections[0].id, 0.8).apply(shot)
    layer = shot.performer.corrections[0]
    other = again.made_again(see(shot), layer.id, {"hang": 14})[0].apply(shot)
    (anew,) = other.performer.corrections
    assert (anew.id, anew.name, anew.weight) == (layer.id, layer.name, 0.8)
    assert [r.weight for r in other.performer.timing.retimings] == [0.8]
    whole = Ask("set_layer_weight", anew.id, 1.0).apply(other)
    assert [f.hang_frames for f in read_shot(whole).flights] == [14]
    assert whole.frames == demo("Gap hop").frames - 2
    assert json.loads(anew.asked)["options"]["hang"] == 14
    with pytest.raises(EditError, match="was not made by a correction"):
        again.made_again(see(shot), shot.performer.layers[0].id)


def test_a_correction_says_when_what_is_below_it_has_changed():
    shot = taken(CASES["sunk"][0](), "true_footing(start=50,end=72)")
    (layer,) = shot.performer.corrections
    assert not is_stale(shot, shot.performer, layer)
    slipped = Ask("slip_performer", ONE, 7).apply(shot)
    assert not is_stale(slipped, slipped.performer, layer)
    again_there = asked.asked_of(slipped, slipped.performer, layer, CORRECTIONS)
    first = asked.asked_of(shot, shot.performer, layer, CORRECTIONS)
    assert (again_there.options.start, again_there.options.end) == (first.options.start + 7, first.options.end + 7)
    # twice as many frames a second: so many of them are what was asked for
    timed = taken(demo("Gap hop"), "true_arc(frame=37,hang=12)")
    fine = at_rate(timed, 48, KEEP_SECONDS)
    (arc,) = fine.performer.corrections
    assert not is_stale(fine, fine.performer, arc)
    assert asked.asked_of(fine, fine.performer, arc, CORRECTIONS).options.hang == 24
    assert Ask("delete_layer", arc.id).apply(fine).frames == at_rate(demo("Gap hop"), 48, KEEP_SECONDS).frames
    base = shot.performer.layers[0]
    key = ("Hips", "ty")
    lower = Dense(1, base.columns[key].values + 4.0)
    changed = SetColumns(base.id, {key: lower}, "Raise").apply(shot)
    assert is_stale(changed, changed.performer, changed.performer.corrections[0])


def changes_below(shot):
    """A shot with a correction, changed below it in every way there is but one that moves it along."""
    base, who = shot.performer.layers[0], shot.performer
    hips = base.columns["Hips", "ty"]
    nudged = hips.values.copy()
    nudged[3] += 1e-4  # a single value, and far from what any sample of a few frames sees
    yield "one value", SetColumns(base.id, {("Hips", "ty"): Dense(1, nudged)}, "x").apply(shot)
    yield "gravity", replace(shot, g=3.7)
    yield "weight", shot.with_item(replace(who, weighing=replace(who.weighing, mass_kg=60.0)))
    yield "size", shot.with_item(replace(who, scale_to_m=who.scale_to_m * 1.1))
    yield "a contact", Ask("set_contact", ONE, "left foot", "floor", 60, 66).apply(shot)
    yield "a pin", Ask("add_pin", ONE, ("left hand",), 60, 66, 62).apply(shot)
    yield "a cut", Ask("cut_performer", ONE, 10, 12, 0).apply(shot)
    yield "a prop", Ask("add_prop", "box", 1).apply(shot)
    yield "the floor", replace(shot, floor_m=-0.02, floor_by_hand=True)


def test_any_change_below_a_correction_is_told_and_none_that_is_none():
    shot = taken(CASES["sunk"][0](), "true_footing(start=50,end=72)")
    (layer,) = shot.performer.corrections
    for what, changed in changes_below(shot):
        assert is_stale(changed, changed.performer, layer), what
    for edit in (
        Ask("rename_item", ONE, "Another name"), Ask("set_layer_weight", layer.id, 0.5),
        Ask("add_hand_layer", ONE), Ask("hide_item", ONE, True),
    ):  # fmt: skip
        same = edit.apply(shot)
        assert not is_stale(same, same.performer, same.performer.corrections[0]), edit.named
    # there and back again it is what it was
    box = Ask("add_prop", "box", 1).apply(shot)
    back = RemoveItem(box.props[0].id).apply(box)
    assert not is_stale(back, back.performer, layer)


def test_a_merged_correction_keeps_the_time_it_gave():
    shot = taken(demo("Gap hop"), "true_arc(frame=37,hang=12)")
    merged = Ask("merge_layer", shot.performer.corrections[0].id).apply(shot)
    assert merged.performer.corrections == ()
    assert merged.frames == shot.frames
    assert [f.hang_frames for f in read_shot(merged).flights] == [12]
    there, was = (read_shot(s).poses for s in (merged, shot))
    # the two layers are put together on whole own frames, and played between them
    assert np.abs(there.position - was.position).max() < 6e-3


def test_halves_of_a_split_correction_can_not_be_made_anew():
    shot = taken(CASES["leaned"][0](), "true_balance(start=58,end=72)")
    layer = shot.performer.corrections[0]
    assert layer.asked
    halves = Ask("split_layer", layer.id, ("left leg",)).apply(shot)
    assert [half.asked for half in halves.performer.corrections] == ["", ""]
    for half in halves.performer.corrections:
        assert asked.asked_of(halves, halves.performer, half, CORRECTIONS) is None
    there, was = (read_shot(s).poses for s in (halves, shot))
    assert np.abs(there.position - was.position).max() < 1e-6


def test_an_id_that_something_still_speaks_of_is_not_given_again():
    shot = Ask("add_prop", "box", 1).apply(demo("Gap hop"))
    box = shot.props[0].id
    shot = Ask("set_contact", ONE, "left hand", box, 5, 9).apply(shot)
    gone = RemoveItem(box).apply(shot)
    another = Ask("add_prop", "box", 1).apply(gone).props[0].id
    assert another != box
    assert RemoveItem(box).apply(Ask("add_prop", "box", 1).apply(demo("Gap hop"))).free_id("prop") == box


TIGHT = {
    "pop": lambda: spoiled(turns={"RightForeArm": np.outer(np.arange(N) == 60, [0.0, 0.0, 0.3])}),
    "slide": lambda: spoiled(shift=np.outer(eased(55, 60, 98, 99), [0.012, 0.0, 0.0])),
    "hang": lambda: spoiled(shift=up(0.02, 28, 36, 37, 45)),
    "jerk": lambda: spoiled(shift=np.outer(np.arange(N) == 62, [0.008, 0.0, 0.0])),
}


@pytest.mark.parametrize("house", [False, True])
@pytest.mark.parametrize("kind", TIGHT)
def test_a_limit_that_was_tightened_is_one_that_corrections_settle(kind, house):
    shot = TIGHT[kind]()
    sound = see(shot)
    assert kind not in {f.kind for f in judged(sound)}
    tight = (Limit(kind, GRADES[kind].strained / 4, GRADES[kind].cracked / 4),)
    seen = see(shot, house=tight) if house else see(replace(shot, limits=tight))
    finding = next(f for f in judged(seen) if f.kind == kind and f.start > 25)
    chosen = best(seen, judged(seen), finding)
    assert chosen is not None
    assert not [f for f in judged(chosen.seen) if f.kind == kind and abs(f.start - finding.start) < 5]


def test_a_finding_that_a_wider_limit_lets_be_has_no_place():
    seen = see(replace(CASES["popped"][0](), limits=(Limit("pop", 400, 500),)))
    assert CORRECTIONS["smooth_pop"].places(seen) == []
    assert carry_out(seen, "pop").steps == ()


def test_ways_are_told_with_the_best_first():
    seen = see(CASES["leaned"][0]())
    found = judged(seen)
    finding = next(f for f in found if f.kind == "balance")
    assert {way.name for _, way in ways(seen, finding.start, finding.end, "balance")} >= {"hips", "spine"}
    told = outcomes(seen, found, finding)
    assert told[0].settles(finding)
    prices = [o.price for o in told if o.settles(finding) and not o.way.choice]
    assert prices == sorted(prices)
    assert "true_by_plan" in COMMANDS


def test_a_big_change_for_what_is_only_strained_says_so():
    seen = see(demo("Net-perch"))
    before = judged(seen)
    (hang,) = (f for f in before if f.kind == "hang")
    assert hang.grade == "strained"
    told = {o.label: o.dear(hang) for o in outcomes(seen, before, hang)}
    assert told["Keep the height, change the time"] == ""
    moved = next(words for label, words in told.items() if label.startswith("Move the whole body"))
    assert moved.startswith("A big change to the acting for 22 %")
    hop = see(demo("Gap hop"))
    cracked = next(f for f in judged(hop) if f.kind == "hang")
    assert not any(o.dear(cracked) for o in outcomes(hop, judged(hop), cracked))
