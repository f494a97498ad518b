"""Named clips: loops against motions that are periodic by construction, over the ground, and one after another."""

from dataclasses import replace

import numpy as np
import pytest

from ironarc.core import rotation
from ironarc.core.columns import Dense
from ironarc.core.document import Shot
from ironarc.core.edits.commands import COMMANDS
from ironarc.core.edits.shelf import kept_clip, put_on
from ironarc.core.errors import EditError
from ironarc.core.exchange.order import laid_out, laid_out_together, names_of, strips_in
from ironarc.core.exchange.stock import STANDING, stock_performer
from ironarc.core.judging.judge import judge
from ironarc.core.motion.layers import BROUGHT_IN, REPLACES, Layer
from ironarc.core.motion.posing import Pose, mirrored
from ironarc.core.reading import see
from ironarc.core.reading.loops import falls_of, loop_seam, twins_of
from ironarc.core.scene.placement import Placement
from ironarc.core.truing import CORRECTIONS, propose, read_try
from ironarc.core.truing.carry import Figure
from ironarc.core.truing.difference import layer_between
from ironarc.core.truing.rounds import read_round
from ironarc.demo import hold_hatch, mid_stride
from ironarc.demo.by_hand import Hand
from tests.conftest import demo

FPS, AROUND = 24, 24  # frames of a cycle
PACE_M = 0.05  # a frame


def swings(frames: int = 72, pace_m: float = 0.0, drift_rad: float = 0.0, turn_rad: float = 0.0) -> Shot:
    """Bram stands and swings: arms and trunk go round once in AROUND frames, exactly. A drift of an arm, a way ahead
    and a turn about the upright are put in by so much a frame."""
    empty = Shot("Swings", (), 1 / FPS, 1, frames, floor_m=0.0, floor_by_hand=True)
    bram = stock_performer("bram", STANDING, empty)
    still = replace(empty, performers=(bram,)).poses("", np.arange(1, frames + 1))
    t = np.arange(frames) / AROUND * 2 * np.pi
    local, columns = still.local.copy(), {}
    waves = {"LeftArm": 0.4 * np.sin(t), "RightArm": -0.4 * np.sin(t), "Chest": 0.1 * np.sin(t + 1.0)}
    waves["LeftForeArm"] = drift_rad * np.arange(frames)
    for name, angle in waves.items():
        j = bram.rig.index(name)
        local[:, j] = rotation.multiply(local[:, j], rotation.about_axis("X", angle))
    root = bram.rig.roots[0]
    local[:, root] = rotation.multiply(rotation.about_axis("Y", turn_rad * np.arange(frames)), local[:, root])
    place = still.translation[:, root].copy()
    if turn_rad:
        way = np.cumsum(np.stack([np.sin(turn_rad * np.arange(frames)), np.cos(turn_rad * np.arange(frames))]), axis=1)
        place[:, [0, 2]] += pace_m * way.T
    else:
        place[:, 2] += pace_m * np.arange(frames)
    place[:, 1] += 0.01 * np.cos(2 * t)
    for j, joint in enumerate(bram.rig.joints):
        angles = rotation.each_after_the_other(rotation.to_euler(joint.order, local[:, j]))
        values = dict(zip(joint.rotation_channels, angles.T, strict=True))
        if j == root:
            rest = 0.0 if joint.position == "replaces" else joint.offset
            values |= dict(zip(("tx", "ty", "tz"), (place / bram.scale_to_m - rest).T, strict=True))
        columns |= {(joint.name, c): Dense(1, values[c].copy()) for c in joint.channels if c in values}
    base = Layer("base", "Swings", BROUGHT_IN, REPLACES, columns)
    return replace(empty, performers=(replace(bram, layers=(base,), clip=(1, frames)),))


def did(shot: Shot, command: str, *values, **asked) -> Shot:
    return COMMANDS[command](see(shot), *values, **asked).apply(shot)


def with_clip(shot: Shot, start: int, end: int, played: str = "loop", name: str = "Cycle") -> Shot:
    return did(shot, "add_clip", performer="performer1", name=name, start=start, end=end, played=played)


def found_on(shot: Shot) -> list:
    return [f for f in judge(shot, shot.performer, see(shot).reading) if f.kind == "loop"]


# --- loops -----------------------------------------------------------------------------------------------


@pytest.mark.parametrize("pace", [0.0, PACE_M])
@pytest.mark.parametrize("turn", [0.0, 0.02])
def test_a_cycle_that_is_exact_closes_over_the_ground_and_round_a_bend(pace, turn):
    shot = swings(pace_m=pace, turn_rad=turn)
    seen = see(shot).reading
    seam = loop_seam(seen.poses, seen.body, 10, 10 + AROUND - 1, False)
    assert seam.gap_m.max() < 1e-3
    assert seam.speed_ms.max() < 0.02
    assert not seam.repeats
    assert found_on(with_clip(shot, 11, 10 + AROUND)) == []
    # turned on by what it turns in a cycle
    angle = 2 * np.arccos(np.clip(seam.turn[0], -1, 1))
    assert angle == pytest.approx(turn * AROUND, abs=1e-6)


def test_a_loop_that_ends_on_its_first_pose_halts():
    shot = with_clip(swings(), 11, 11 + AROUND)
    (found,) = found_on(shot)
    assert f"End it on {10 + AROUND}" in found.says
    shorter = did(shot, "set_clip", performer="performer1", clip="strip1", end=10 + AROUND)
    assert found_on(shorter) == []


def test_a_gap_is_as_great_as_it_was_made_and_told_where_it_is():
    drift = 0.01
    shot = with_clip(swings(drift_rad=drift), 11, 10 + AROUND)
    (found,) = found_on(shot)
    reading = see(shot).reading
    hand, elbow = (reading.poses.position[10, reading.poses.rig.index(n)] for n in ("LeftHand", "LeftForeArm"))
    # the forearm comes round by a cycle's drift of the hand about the elbow, to a tenth
    assert found.value == pytest.approx(np.linalg.norm(hand - elbow) * drift * AROUND, rel=0.1)
    assert found.part == "left hand"
    done = propose(see(shot), read_try(f"close_loop(start=11,end={10 + AROUND})"))
    after = done.edit.apply(shot)
    assert found_on(after) == []
    was, now = shot.poses("", np.arange(1, 73)).position, after.poses("", np.arange(1, 73)).position
    np.testing.assert_allclose(now[: 10 + AROUND - 11], was[: 10 + AROUND - 11], atol=1e-9)
    foot = reading.poses.rig.index("LeftFoot")
    np.testing.assert_allclose(now[:, foot], was[:, foot], atol=2e-3)


def test_a_loop_in_place_must_come_back_to_where_it_was():
    shot = with_clip(swings(pace_m=PACE_M), 11, 10 + AROUND, "loop in place")
    (found,) = found_on(shot)
    assert found.value == pytest.approx(PACE_M * AROUND, rel=0.05)
    done = propose(see(shot), read_try(f"close_loop(start=11,end={10 + AROUND},in_place=True,over=20)"))
    after = done.edit.apply(shot)
    root = shot.performer.rig.roots[0]
    at = after.poses("", np.array([11, 10 + AROUND])).position[:, root]
    assert np.linalg.norm(at[1] - at[0]) < 1.5 * PACE_M


@pytest.mark.parametrize(("pace", "turn"), [(0.0, 0.0), (PACE_M, 0.0), (PACE_M, 0.02)])
def test_the_end_of_a_cycle_is_found(pace, turn):
    shot = did(
        with_clip(swings(pace_m=pace, turn_rad=turn), 11, 50), "find_loop", performer="performer1", clip="strip1"
    )
    assert shot.performer.strips[0].end == 10 + AROUND
    assert found_on(shot) == []


def test_the_end_of_a_run_s_cycle_is_found_and_a_clip_that_is_no_loop_has_none():
    run = demo("mid stride")
    bare = run.with_item(replace(run.performer, strips=()))
    shot = did(with_clip(bare, 3, 8), "find_loop", performer="performer1", clip="strip1")
    assert shot.performer.strips[0].end == 18
    with pytest.raises(EditError, match="not played as a loop"):
        did(with_clip(bare, 3, 18, "once"), "find_loop", performer="performer1", clip="strip1")
    with pytest.raises(EditError, match="move its first frame back"):
        did(with_clip(bare, 109, 112), "find_loop", performer="performer1", clip="strip1")


def test_twins_are_the_same_joint_of_the_other_side():
    body = demo("Gap hop").performer.body()
    names = body.anatomy.rig.names
    twins = twins_of(body)
    assert names[twins[names.index("LeftFoot")]] == "RightFoot"
    assert names[twins[names.index("Hips")]] == "Hips"
    np.testing.assert_array_equal(twins[twins], np.arange(len(names)))


# --- over the ground -------------------------------------------------------------------------------------


def test_a_run_that_is_brought_in_place_goes_as_fast_as_before_by_its_own_feet():
    shot = with_clip(demo("mid stride"), 3, 18)
    root = shot.performer.rig.roots[0]
    was = shot.poses("", np.arange(3, 19)).position[:, root, 2]
    there = propose(see(shot), read_try("travel(start=3,end=18,how=in place)")).edit.apply(shot)
    still = there.poses("", np.arange(3, 19)).position[:, root, 2]
    assert abs(still[-1] - still[0]) < 1e-6
    back = propose(see(there), read_try("travel(start=3,end=18,how=by its feet)"))
    again = back.edit.apply(there).poses("", np.arange(3, 19)).position[:, root, 2]
    assert again[-1] - again[0] == pytest.approx(was[-1] - was[0], rel=0.02)
    assert "3.1" in back.cost.says
    # what follows moves along
    late = back.edit.apply(there).poses("", np.array([18, 19])).position[:, root, 2]
    assert abs(late[1] - late[0]) < 0.3


def test_a_cycle_at_a_speed_goes_at_it_and_says_how_feet_slide():
    shot = with_clip(demo("mid stride"), 3, 18)
    done = propose(see(shot), read_try("travel(start=3,end=18,how=at a speed,speed=4)"))
    root = shot.performer.rig.roots[0]
    at = done.edit.apply(shot).poses("", np.array([3, 18])).position[:, root]
    assert np.linalg.norm((at[1] - at[0])[[0, 2]]) == pytest.approx(4 * 15 / 24, rel=1e-3)
    # a foot that stood slides by what is asked over what it runs at, some 0.9 m/s
    slide = float(done.cost.says.split("slide by ")[1].split(" cm")[0])
    assert slide == pytest.approx((4 - 3.12) / 24 * 100, rel=0.1)


def guided(shot, *points):
    return did(shot, "add_guide", performer="performer1", curve="drawn", points_m=points, first=1, frames=40)


def test_a_cycle_along_a_straight_guide_goes_as_by_its_feet():
    shot = with_clip(demo("mid stride"), 3, 18)
    root = shot.performer.rig.roots[0]
    frames = np.arange(3, 19)
    at = shot.poses("", frames).position[:, root]
    way = (at[-1] - at[0]) * [1, 0, 1]
    way /= np.linalg.norm(way)
    shot = guided(shot, *(tuple(at[0] + way * d) for d in (-1.0, 0.7, 3.0)))
    by_feet = propose(see(shot), read_try("travel(start=3,end=18,how=by its feet)")).edit.apply(shot)
    found = propose(see(shot), read_try("travel(start=3,end=18,how=along a guide)"))
    assert "led along Drawn path 1" in found.cost.says
    was, now = (s.poses("", np.arange(1, 30)).position for s in (by_feet, found.edit.apply(shot)))
    np.testing.assert_allclose(now, was, atol=2e-3)


def test_a_cycle_along_a_bend_faces_where_it_goes_as_fast_as_its_feet_stand():
    shot = with_clip(demo("mid stride"), 3, 18)
    rig = shot.performer.rig
    root = rig.roots[0]
    middle = shot.poses("", np.array([3])).position[0, root] + [2.5, 0.0, 0.0]
    turns = np.linspace(0, np.pi, 13)
    ring = [tuple(middle + 2.5 * np.array([-np.cos(t), 0.0, np.sin(t)])) for t in turns]
    shot = guided(shot, *ring)
    found = propose(see(shot), read_try("travel(start=3,end=18,how=along a guide)"))
    before, after = (s.poses("", np.arange(1, 40)) for s in (shot, found.edit.apply(shot)))
    hips = after.position[:, root]
    round_it = np.linalg.norm((hips - middle)[2:18, [0, 2]], axis=1)
    sway = np.ptp(before.position[2:18, root, 0])
    np.testing.assert_allclose(round_it, 2.5, atol=sway + 0.01)
    gone = 3.12 * 15 / 24 / 2.5  # rad, at the speed of its feet
    a, b = np.arctan2(hips[[2, 17], 2] - middle[2], -(hips[[2, 17], 0] - middle[0]))
    assert b - a == pytest.approx(gone, rel=0.05)
    turned = rotation.log(rotation.multiply(after.rotation[17, root], rotation.conjugate(before.rotation[17, root])))
    np.testing.assert_allclose(np.abs(turned), [0, gone, 0], atol=0.06)
    # a body that turns about its hips slides at the foot by the width of a step, and says so
    slide = float(found.cost.says.split("slide by ")[1].split(" cm")[0])
    assert slide < 2.5
    # nothing jumps where it begins and ends
    steps = np.linalg.norm(np.diff(hips, axis=0), axis=1)
    was = np.linalg.norm(np.diff(before.position[:, root], axis=0), axis=1)
    assert np.abs(steps - was).max() < 0.02


def test_no_guide_and_one_that_leads_nowhere_are_said():
    shot = with_clip(demo("mid stride"), 3, 18)
    with pytest.raises(EditError, match="Tansy Vale has no drawn guide curve that shows"):
        propose(see(shot), read_try("travel(start=3,end=18,how=along a guide)"))
    up = guided(shot, (0, 0, 0), (0, 1, 0), (0, 2, 0))
    with pytest.raises(EditError, match="leads nowhere over the ground"):
        propose(see(up), read_try("travel(start=3,end=18,how=along a guide)"))


def test_feet_that_never_come_down_carry_nobody():
    high = replace(demo("Gull's hop"), floor_m=-1.0, floor_by_hand=True)
    shot = did(high, "add_clip", performer="performer1", name="Hop", start=5, end=20, played="loop")
    with pytest.raises(EditError, match="Nothing of it comes down"):
        propose(see(shot), read_try("travel(start=5,end=20,how=by its feet)"))


def test_a_trot_on_three_legs_goes_by_its_own_feet_and_loops():
    shot = demo("Gull's trot")
    seen = see(shot)
    speed = np.diff(seen.reading.com[[12, 36], 2])[0] / 1.0
    # a front foot goes back 30 cm while it stands, 0.54 of a cycle of 12 frames
    assert speed == pytest.approx(0.30 / (0.54 * 0.5), rel=0.02)
    assert judge(shot, shot.performer, seen.reading) == []
    muted = did(shot, "mute_layer", layer_id=shot.performer.layers[-1].id, muted=True)
    assert abs(np.diff(see(muted).reading.com[[12, 36], 2])[0]) < 1e-3
    assert read_round(seen, "strip1").grade == "sound"


def test_everybody_who_has_the_clips_plays_the_order_from_where_they_begin():
    shot = demo("mid stride")
    other = replace(shot.performer, id="performer2", name="Second", placement=Placement((2.0, 0.0, 0.0)))
    third = replace(other, id="performer3", name="Third", strips=shot.performer.strips[:1])
    both = replace(shot, performers=(shot.performer, other, third))
    alone, joins = laid_out(shot, shot.performer, "Start, Run x 2")
    made, same, along = laid_out_together(both, shot.performer, "Start, Run x 2")
    assert (along, [p.id for p in made.performers]) == (["Second"], ["performer1", "performer2"])
    assert same == joins
    frames = np.arange(1, alone.frames + 1)
    one, two = (made.poses(p.id, frames).position for p in made.performers)
    np.testing.assert_allclose(one, alone.poses("", frames).position, atol=1e-9)
    np.testing.assert_allclose(two - one, np.broadcast_to([2.0, 0.0, 0.0], one.shape), atol=1e-6)


# --- loops that fall, and rounds -------------------------------------------------------------------------


def test_a_loop_in_the_air_is_one_about_what_falls():
    shot = demo("Hold hatch")
    seen = see(shot)
    assert judge(shot, shot.performer, seen.reading) == []
    fall = shot.performer.strips[1]
    a, b = fall.start - 1, fall.end - 1
    assert falls_of(seen.reading, a, b)[b] < -0.8
    assert not falls_of(seen.reading, a, b + 20).any()  # that reaches the ground
    alone = loop_seam(seen.reading.poses, seen.reading.body, a, b, False)
    assert alone.gap_m.max() > 0.5
    round_ = read_round(seen, fall.id)
    assert (round_.flights, round_.grade) == (((fall.start, fall.end),), "sound")
    # a frame less is told by what it misses, and is closed where it falls
    shorter = did(shot, "set_clip", performer="performer1", clip=fall.id, end=fall.end - 1)
    (found,) = judge(shorter, shorter.performer, seen.reading)
    assert (found.kind, found.value < 0.3) == ("loop", True)
    closed = propose(see(shorter), read_try(f"close_loop(start={fall.start},end={fall.end - 1},over=4)")).edit.apply(
        shorter
    )
    gaps = [x.value for x in judge(closed, closed.performer, see(closed).reading) if x.kind == "loop"]
    assert max(gaps, default=0.0) < 0.2 * found.value
    there, was = (see(x).reading.com[b - 1, 1] for x in (closed, shot))
    assert there == pytest.approx(was, abs=0.05)


def test_the_hatch_says_where_its_clips_do_not_meet_and_how_deep_its_landing_goes():
    shot = demo("Hold hatch")
    _, joins = laid_out(shot, shot.performer, hold_hatch.ORDER)
    into = {(j.before, j.after): j for j in joins}
    assert into["Start", "Fall"].gap_m < 0.002
    assert into["Fall", "Fall"].gap_m < 0.002
    assert into["Fall", "Land"].gap_m > 0.05  # the flaw
    assert "suits drops of 1.9 to 3.0 m" in into["Fall", "Land"].lands


def test_a_round_has_the_flights_of_a_run_across_its_seam_and_what_only_the_seam_brings():
    shot = demo("mid stride")
    run = shot.performer.strips[1]
    found = read_round(see(shot), run.id)
    # two steps of eight frames, the second of which comes down on the next round's first frames
    assert [end - start for start, end in found.flights] == [2, 2]
    assert (found.grade, found.new) == ("sound", ())
    # cut short, legs go from one pose to another within a frame, though every frame of it is right
    short = did(shot, "set_clip", performer="performer1", clip=run.id, end=run.end - 6)
    broken = read_round(see(short), run.id)
    assert broken.grade != "sound"
    assert broken.new
    assert all(run.start <= f.start <= run.end - 6 for f in broken.findings)
    with pytest.raises(EditError, match="gone, or does not loop"):
        read_round(see(shot), "strip1")


# --- the second half mirrored ----------------------------------------------------------------------------


@pytest.fixture(scope="module")
def run_shot():
    return did(mid_stride.keyed(), "add_clip", performer="performer1", name="Run", start=3, end=18, played="loop")


def test_the_second_half_of_a_run_becomes_its_first_half_mirrored(run_shot):
    seen = see(run_shot)
    # an arm that hangs through the second half alone
    arm = seen.performer.rig.index("LeftArm")
    figure = Figure.of(seen.reading, slice(10, 18))
    figure.local[:, arm] = rotation.multiply(figure.local[:, arm], rotation.exp(np.array([0.6, 0.0, 0.0])))
    layer = layer_between(seen.performer, figure.was, figure.local, figure.translation, "Arm", "")
    off = run_shot.with_item(replace(seen.performer, layers=(*seen.performer.layers, layer)))
    mended = propose(see(off), read_try("mirror_half(start=3,end=18)")).edit.apply(off)
    frames = np.arange(3, 19)
    was, hurt, now = (s.poses("", frames) for s in (run_shot, off, mended))
    elbow = seen.performer.rig.index("LeftForeArm")
    assert np.linalg.norm(hurt.position[8:, elbow] - was.position[8:, elbow], axis=-1).max() > 0.1
    assert np.linalg.norm(now.position[8:] - was.position[8:], axis=-1).max() < 0.03
    np.testing.assert_allclose(now.local[:8], hurt.local[:8], atol=1e-9)
    # mirrored once more it is the first half
    back = mirrored(Pose(now.local[8:], now.translation[8:, 0]), seen.reading.body.anatomy).local
    same = np.abs((back[:, 1:] * now.local[:8, 1:]).sum(axis=-1))
    np.testing.assert_allclose(same, 1.0, atol=1e-6)


def test_halves_need_an_even_number_of_frames(run_shot):
    with pytest.raises(EditError, match="A loop of 15 frames has no two halves"):
        propose(see(run_shot), read_try("mirror_half(start=3,end=17)"))


def test_bram_waits_with_his_feet_where_they_stand_and_loops():
    shot = demo("Bram waits")
    reading = see(shot).reading
    assert judge(shot, shot.performer, reading) == []
    assert read_round(see(shot), "strip1").grade == "sound"
    chest = reading.poses.position[:, reading.poses.rig.index("UpperChest")]
    assert 0.002 < np.ptp(chest[:, 1]) < 0.03


# --- the order of play -----------------------------------------------------------------------------------


def three() -> Shot:
    shot = demo("mid stride")
    shot = shot.with_item(replace(shot.performer, strips=()))
    for name, start, end, played in (("Start", 1, 18, "once"), ("Run", 3, 18, "loop"), ("Fall", 19, 60, "once")):
        shot = with_clip(shot, start, end, played, name)
    return shot


def test_an_order_goes_on_from_where_it_is_and_brings_nothing_that_was_not_there():
    shot = three()
    made, joins = laid_out(shot, shot.performer, "Start, run x3, FALL")
    assert made.frames == 18 + 3 * 16 + 42
    assert [j.frame for j in joins] == [19, 35, 51, 67]
    assert max(j.gap_m for j in joins) < 0.01
    root = made.performer.rig.roots[0]
    z = made.poses("", made.frame_numbers()).position[:, root, 2]
    pace = np.diff(z[5:66])
    assert pace.min() > 0.11
    assert pace.max() < 0.17
    bad = {f.kind for f in judge(made, made.performer, see(made).reading) if 15 < f.start < 66}
    assert bad == set()


def test_a_join_is_blended_so_that_nothing_jumps():
    shot = with_clip(with_clip(swings(drift_rad=0.02), 1, 24, "once", "A"), 40, 70, "once", "B")
    raw, (join,) = laid_out(shot, shot.performer, "A, B", blend=0)
    eased, _ = laid_out(shot, shot.performer, "A, B", blend=8)
    assert join.gap_m > 0.03
    hand = shot.performer.rig.index("LeftHand")
    steps = [
        np.linalg.norm(np.diff(s.poses("", s.frame_numbers()).position[:, hand], axis=0), axis=1) for s in (raw, eased)
    ]
    assert steps[0][23] > 2 * steps[1][23]
    late = [s.poses("", np.array([40])).local for s in (raw, eased)]
    np.testing.assert_allclose(late[0], late[1], atol=1e-6)


def test_a_machine_with_several_parts_on_a_joint_is_laid_out_too():
    gull = with_clip(demo("Gull"), 2, 40, "once", "Hop")
    made, (join,) = laid_out(gull, gull.performer, "Hop x 2")
    assert made.frames == 78
    assert join.spin >= 0


def test_a_clip_that_turns_leads_the_next_one_round():
    shot = with_clip(swings(pace_m=PACE_M, turn_rad=0.03), 1, 24, "loop", "Bend")
    made, _ = laid_out(shot, shot.performer, "Bend x 4")
    root = made.performer.rig.roots[0]
    at = made.poses("", made.frame_numbers()).position[:, root][:, [0, 2]]
    steps = np.diff(at, axis=0)
    angles = np.unwrap(np.arctan2(steps[:, 0], steps[:, 1]))
    np.testing.assert_allclose(np.diff(angles), 0.03, atol=0.004)
    np.testing.assert_allclose(np.linalg.norm(steps, axis=1), PACE_M, rtol=0.02)


def dropped(rounds: int):
    """The drop from the net with its flight as a loop, laid out with so many rounds of it."""
    shot = demo("Net-perch")
    for name, start, end, played in (
        ("Start", 1, 32, "once"),
        ("Fall", 33, 36, "loop in place"),
        ("Land", 37, 88, "once"),
    ):
        shot = with_clip(shot, start, end, played, name)
    made, joins = laid_out(shot, shot.performer, f"Start, Fall x {rounds}, Land")
    return shot, made, joins


def test_a_loop_in_the_air_falls_on_as_gravity_has_it_and_comes_down_on_the_ground():
    shot, made, joins = dropped(5)
    reading = see(made).reading
    # from two frames before the first round to the last one's end
    com = reading.com[30 : 32 + 5 * 4]
    fall = np.diff(com, n=2, axis=0) * made.fps**2
    np.testing.assert_allclose(fall[1:, 1], -made.g, atol=0.05)
    np.testing.assert_allclose(fall[1:, [0, 2]], 0.0, atol=0.05)
    assert reading.com[-1, 1] == pytest.approx(see(shot).reading.com[-1, 1], abs=0.01)
    # what it hangs on is as far up as it begins
    rope, was = made.props[0], shot.props[0]
    assert rope.at_m[1] - was.at_m[1] > 3
    assert reading.com[0, 1] - rope.at_m[1] == pytest.approx(see(shot).reading.com[0, 1] - was.at_m[1], abs=0.01)
    told = joins[-1].lands
    assert told.startswith("Land comes in at 10.")
    assert "It was animated for 4.0 m/s and suits drops of 0.6 to 1.0 m" in told
    assert [j.lands for j in joins[:-1]] == [""] * 5


def test_more_rounds_come_down_faster_by_what_gravity_gives_in_their_time():
    speeds = [float(dropped(n)[2][-1].lands.split(" at ")[1].split(" m/s")[0]) for n in (1, 3, 5)]
    # made² + what is gained: as good as 4 frames of gravity a round
    gained = np.diff(speeds) / 2 / (4 / 24)
    np.testing.assert_allclose(gained, 9.81, rtol=0.12)


@pytest.mark.parametrize(
    ("text", "says"),
    [
        ("Start, Jump", "There is no clip called “Jump”. The clips are: Start, Run, Fall"),
        ("", "Name the clips in the order"),
        ("Run x 900", "1 to 100 times"),
        ("Run x 100, Run x 100, Run x 100", "Up to 200 clips"),
    ],
)
def test_an_order_that_can_not_be_is_refused_in_words(text, says):
    shot = three()
    with pytest.raises(EditError, match=says):
        laid_out(shot, shot.performer, text)


def test_a_name_may_end_in_a_number():
    shot = with_clip(with_clip(swings(), 1, 24, "once", "Take x 2"), 30, 50, "once", "Take")
    assert [s.name for s in strips_in(shot.performer, "take x 2, Take x2")] == ["Take x 2", "Take", "Take"]
    assert names_of(strips_in(shot.performer, "Take x2, Take x 2")) == "Take x 2, Take x 2"


# --- the clips themselves --------------------------------------------------------------------------------


def test_clips_follow_the_numbers_the_rate_and_the_room_of_a_shot():
    shot = with_clip(demo("Gap hop"), 20, 40, "once", "Hop")
    later = did(shot, "renumber", 1001)
    assert [(s.start, s.end) for s in later.performer.strips_seen()] == [(1020, 1040)]
    faster = COMMANDS["set_rate"](see(shot), rate="48", keep="seconds").apply(shot)
    (strip,) = faster.performer.strips_seen()
    assert (strip.start, strip.end) == (39, 80)
    roomier = COMMANDS["make_room"](see(shot), performer="performer1", after=30, by=5).apply(shot)
    assert [(s.start, s.end) for s in roomier.performer.strips_seen()] == [(20, 45)]


@pytest.mark.parametrize(
    ("more", "says"),
    [
        ({"start": 40, "end": 20}, "1 or more of them; 40 to 20 was given"),
        ({"start": 20, "end": 22, "played": "loop"}, "4 or more of them"),
        ({"start": 20, "end": 40, "played": "backwards"}, "is played once, loop, loop in place"),
        ({"start": 20, "end": 40, "name": "x" * 61}, "up to 60 letters"),
    ],
)
def test_a_clip_that_can_not_be_is_refused_in_words(more, says):
    with pytest.raises(EditError, match=says):
        did(demo("Gap hop"), "add_clip", **({"performer": "performer1", "name": "Hop"} | more))


def test_clips_are_named_apart_doubled_and_taken_away():
    shot = with_clip(with_clip(demo("Gap hop"), 20, 40, "once", "Hop"), 30, 50, "once", "Hop")
    assert [s.name for s in shot.performer.strips] == ["Hop", "Hop 2"]
    shot = did(shot, "double_clip", performer="performer1", clip="strip1")
    assert [s.name for s in shot.performer.strips] == ["Hop", "Hop 2", "Hop 3"]
    with pytest.raises(EditError, match="a clip called Hop already"):
        did(shot, "set_clip", performer="performer1", clip="strip3", name="Hop")
    shot = did(shot, "remove_clip", performer="performer1", clip="strip2")
    assert [s.id for s in shot.performer.strips] == ["strip1", "strip3"]
    with pytest.raises(EditError, match="no such clip any more"):
        did(shot, "remove_clip", performer="performer1", clip="strip2")


def test_a_clip_begins_with_the_pose_that_another_one_ends_on():
    shot = demo("Hold hatch")
    fall, land = shot.performer.strips[1:]
    begun = did(shot, "begin_clip", performer="performer1", clip=land.id, other=fall.id)
    was, now = (s.poses("", np.array([fall.end, land.start])).local[:, 1:] for s in (shot, begun))
    apart = 2 * np.arccos(np.minimum(np.abs((was[0] * was[1]).sum(axis=-1)), 1.0)).max()
    assert apart > np.radians(5)
    np.testing.assert_allclose(np.abs((now[0] * now[1]).sum(axis=-1)), 1.0, atol=1e-5)
    with pytest.raises(EditError, match="the end of another one"):
        did(shot, "begin_clip", performer="performer1", clip=land.id, other=land.id)


def test_a_whole_clip_lies_on_the_shelf_and_is_put_on_mirrored_in_another_shot():
    seen = see(demo("Hold hatch"))
    kept = kept_clip(seen, "Fall", 28, 35)
    assert [frame for frame, _ in kept.poses] == list(range(8))
    hand = Hand("Elsewhere", "tansy", 40)
    edit, _ = put_on(see(hand.shot), kept, 10, (), 1.0, True)
    made = edit.apply(hand.shot).poses("", np.arange(10, 18))
    names = seen.performer.rig.names
    left, right = (names.index(f"{side}ForeArm") for side in ("Left", "Right"))
    one, other = seen.shot.poses("", np.arange(28, 36)).local[:, left], made.local[:, right]
    np.testing.assert_allclose(np.abs(other), np.abs(one), atol=1e-4)
    # one that is longer than the shelf takes is kept evenly, with its end
    frames = [frame for frame, _ in kept_clip(see(demo("mid stride")), "All", 1, 112).poses]
    assert (frames[0], frames[-1], len(frames) <= 120) == (0, 111, True)


def test_the_ways_of_a_loop_are_offered_where_it_is_off():
    off = with_clip(swings(drift_rad=0.01), 11, 10 + AROUND)
    assert len(CORRECTIONS["close_loop"].places(see(off))) == 1
    assert CORRECTIONS["close_loop"].places(see(with_clip(swings(), 11, 10 + AROUND))) == []


# --- notes on frames -------------------------------------------------------------------------------------


def noted(shot: Shot) -> Shot:
    return did(shot, "add_remark", performer="performer1", frame=40, text=" Too floaty here ", by="Ada", part="head")


def test_a_note_is_answered_settled_reopened_by_an_answer_and_taken_away():
    shot = noted(demo("Gap hop"))
    (note,) = shot.remarks
    assert (note.by, note.frame, note.text, note.part, note.settled) == ("Ada", 40, "Too floaty here", "head", False)
    shot = did(shot, "settle_remark", remark=note.id)
    assert shot.remarks[0].settled
    shot = did(shot, "answer_remark", remark=note.id, text="Two frames out", by="Bo")
    assert not shot.remarks[0].settled
    assert [a.text for a in shot.remarks[0].answers] == ["Two frames out"]
    shot = did(noted(shot), "remove_remark", remark=note.id)
    assert [r.id for r in shot.remarks] == ["remark2"]
    with pytest.raises(EditError, match="not there any more"):
        did(shot, "settle_remark", remark=note.id)


def test_notes_follow_the_numbers_the_rate_and_the_room_of_a_shot():
    shot = noted(demo("Gap hop"))
    assert did(shot, "renumber", 1001).remarks[0].frame == 1040
    assert did(shot, "set_rate", rate="48", keep="seconds").remarks[0].frame == 79
    assert did(shot, "make_room", performer="performer1", after=30, by=5).remarks[0].frame == 45
    assert did(shot, "make_room", performer="performer1", after=50, by=5).remarks[0].frame == 40


@pytest.mark.parametrize(
    ("more", "says"),
    [({"text": "  "}, "has words"), ({"text": "x" * 1001}, "1000 characters"), ({"by": "x" * 61}, "60 letters")],
)
def test_a_note_that_says_nothing_or_too_much_is_refused(more, says):
    with pytest.raises(EditError, match=says):
        did(demo("Gap hop"), "add_remark", **({"performer": "performer1", "frame": 40, "text": "Hm"} | more))


def test_a_note_changes_no_reading():
    from ironarc.core.reading.shot import reads_alike

    hop = demo("Gap hop")
    assert reads_alike(hop, noted(hop), "performer1")


# --- an idle ---------------------------------------------------------------------------------------------


@pytest.fixture(scope="module")
def stands():
    hand = Hand("Idle", "bram", 96)
    hand.do("copy_pose", frame=1, to=(96,))
    return with_clip(hand.shot, 1, 96, "loop in place", "Idle")


def test_a_pose_breathes_with_its_feet_held_and_loops_exactly(stands):
    (place,) = CORRECTIONS["breathe"].places(see(stands))
    assert place.options.breaths == 1
    after = propose(see(stands), read_try("breathe(start=1,end=96,breaths=2)")).edit.apply(stands)
    reading = see(after).reading
    seam = loop_seam(reading.poses, reading.body, 0, 95, True)
    assert seam.gap_m.max() < 1e-6
    assert not seam.repeats
    assert judge(after, after.performer, reading) == []
    names = reading.poses.rig.names
    at = {n: reading.poses.position[:, names.index(n)] for n in ("LeftFoot", "RightFoot", "Head", "LeftHand")}
    for foot in ("LeftFoot", "RightFoot"):
        assert np.ptp(at[foot], axis=0).max() < 5e-4
    # two breaths: the head goes back twice, and stands in between as it did
    back = at["Head"][:, 2] - at["Head"][0, 2]
    assert np.argmin(back[:48]) == pytest.approx(24, abs=2)
    np.testing.assert_allclose(back[:48], back[48:], atol=1e-4)
    twice = propose(see(stands), read_try("breathe(start=1,end=96,breaths=2,breathing=2)")).edit.apply(stands)
    head = see(twice).reading.poses.position[:, names.index("Head"), 2]
    assert np.ptp(head) == pytest.approx(2 * np.ptp(back), rel=0.05)


def test_an_idle_too_short_for_its_breaths_is_refused(stands):
    with pytest.raises(EditError, match="12 frames or more"):
        propose(see(stands), read_try("breathe(start=1,end=8)"))
    with pytest.raises(EditError, match="too fast to show"):
        propose(see(stands), read_try("breathe(start=1,end=30,breaths=12)"))


# --- drawn for a note ------------------------------------------------------------------------------------


def to_draw_on() -> Shot:
    return did(demo("Gap hop"), "add_remark", performer="performer1", frame=37, text="Higher", by="Ines")


def test_what_is_drawn_for_a_note_stays_with_it_until_it_is_cleared():
    shot = did(to_draw_on(), "draw_remark", remark="remark1", stroke="arrow", points_m=((0, 1, 0), (0, 1.5, 0.2)))
    shot = did(shot, "draw_remark", remark="remark1", stroke="line", points_m=((0, 1, 0), (0, 1, 1), (0, 2, 1)))
    (note,) = shot.remarks
    assert [s.kind for s in note.strokes] == ["arrow", "line"]
    later = did(shot, "renumber", first=101)
    assert (later.remarks[0].frame, later.remarks[0].strokes) == (137, note.strokes)
    answered = did(later, "answer_remark", remark="remark1", text="Done")
    assert answered.remarks[0].strokes == note.strokes
    assert did(answered, "clear_remark", remark="remark1").remarks[0].strokes == ()
    bare = to_draw_on()
    assert judge(shot, shot.performer, see(shot).reading) == judge(bare, bare.performer, see(bare).reading)


@pytest.mark.parametrize(
    ("stroke", "points", "says"),
    [
        ("star", ((0, 0, 0), (1, 0, 0)), "line, arrow, circle"),
        ("line", ((0, 0, 0),), "2 to 400 points; 1 were given"),
        ("line", ((0, 0, 0),) * 401, "2 to 400 points; 401 were given"),
        ("line", ((0, 0, 0), (0, 5000, 0)), "within 1000 m"),
        ("line", ((0, 0, 0), (0, np.nan, 0)), "nan was given"),
    ],
)
def test_what_can_not_be_drawn_is_refused_in_words(stroke, points, says):
    with pytest.raises(EditError, match=says):
        did(to_draw_on(), "draw_remark", remark="remark1", stroke=stroke, points_m=points)
