"""The one road to poses: one frame is the whole, weights on the sphere, what was touched, and back to channels."""

from dataclasses import replace

import numpy as np
import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from ironarc.core import edits, rotation
from ironarc.core.columns import Dense, smooth_keys
from ironarc.core.columns.keys import LINEAR, keys_by_hand
from ironarc.core.columns.turns import smooth_turns
from ironarc.core.edits.retiming import retimed as retimed_edit
from ironarc.core.exchange.bring_in import shot_from_file
from ironarc.core.exchange.take_home import motion_file
from ironarc.core.motion.evaluate import Stage
from ironarc.core.motion.layers import REPLACES, Layer
from ironarc.core.scene.reference import Mark, Reference
from ironarc.core.scene.retiming import Retiming
from ironarc.core.scene.timing import Timing
from tests.conftest import demo
from tests.figures import Ask, bake_shot

ONE = "performer1"
HOP = demo("Gap hop")


def with_layer(shot=HOP, **fields):
    return edits.AddLayer(Layer("layer1", "Layer", **fields)).apply(shot)


def full():
    """A shot that goes through every stage: layers of both ways, a cut with a blend, a retiming, a place."""
    head = {("Head", "turn"): smooth_turns([5, 30, 60], [[0, 0, 0], [0.3, 0.8, 0.2], [0, 0.2, 0]], "ZXY")}
    shot = with_layer(columns=head, way=REPLACES, weight=0.7, span=(8, 50), ease_in=6)
    sway = {("Hips", "tx"): smooth_keys([1, 20, 40], [0.0, 12.0, 0.0]), ("Chest", "ry"): smooth_keys([1, 30], [0, 0.6])}
    shot = edits.AddLayer(Layer("layer2", "Sway", columns=sway, weight_keys=smooth_keys([1, 40], [0.0, 1.0]))).apply(
        shot
    )
    shot = Ask("cut_performer", ONE, 50, 57, 6).apply(Ask("place_performer", ONE, (1, 0, 2), 0.8, 1.1).apply(shot))
    slower = Retiming("r1", "Slower", keys_by_hand([20.0, 45.0], [20.0, 40.0], [1.0, 1.0]), 0.5)
    p = shot.performer
    return shot.with_item(replace(p, timing=p.timing.with_retiming(slower)))


@given(frame=st.integers(-20, 100))
@settings(max_examples=25)
def test_one_frame_alone_is_that_frame_of_the_whole(frame):
    shot = full()
    whole = shot.performer.evaluate(np.arange(-20, 101), shot.frame_time_s)
    alone = shot.performer.evaluate(np.array([frame]), shot.frame_time_s)
    i = frame + 20
    np.testing.assert_allclose(alone.poses.position[0], whole.poses.position[i], atol=1e-12)
    np.testing.assert_allclose(np.abs((alone.poses.local[0] * whole.poses.local[i]).sum(-1)), 1.0, atol=1e-12)
    assert alone.own[0] == whole.own[i]
    np.testing.assert_array_equal(alone.turned[0], whole.turned[i])


# --- weights ------------------------------------------------------------------------------------------

FRAMES = np.arange(1, 73)


def steps_deg(poses, joint: str) -> np.ndarray:
    """Degrees a joint turns from frame to frame."""
    q = poses.local[:, poses.rig.index(joint)]
    return np.degrees(np.linalg.norm(rotation.log(rotation.multiply(rotation.conjugate(q[:-1]), q[1:])), axis=1))


@pytest.mark.parametrize("degrees", [170, 270, 540, 1080])
@pytest.mark.parametrize("weight", [0.25, 0.5, 0.9])
@pytest.mark.parametrize("made", ["keys", "dense", "turn"])
def test_a_part_of_a_turn_beyond_180_degrees_goes_on_evenly(degrees, weight, made):
    values = np.linspace(0, np.radians(degrees), 72)
    wrapped = (values + np.pi) % (2 * np.pi) - np.pi  # as a file would have it
    columns = {
        "keys": {("Hips", "ry"): smooth_keys([1, 72], [0, values[-1]], LINEAR)},
        "dense": {("Hips", "ry"): Dense(1, wrapped)},
        "turn": {("Hips", "turn"): smooth_turns([1, 72], [[0, 0, 0], [0, 0, values[-1]]], "ZXY", LINEAR)},
    }[made]
    still = replace(HOP, performers=(replace(HOP.performer, layers=(replace(HOP.performer.layers[0], columns={}),)),))
    turned = bake_shot(with_layer(still, columns=columns, weight=weight))
    np.testing.assert_allclose(steps_deg(turned, "Hips"), degrees * weight / 71, atol=1e-6)


def test_a_layer_that_replaces_passes_over_evenly_too():
    """Half of a turn of 270°, over a base that stands still, and over one that turns the other way."""
    still = replace(HOP, performers=(replace(HOP.performer, layers=(replace(HOP.performer.layers[0], columns={}),)),))
    round_up = {("Hips", "turn"): smooth_turns([1, 72], [[0, 0, 0], [0, 0, np.radians(270)]], "ZXY", LINEAR)}
    half = bake_shot(with_layer(still, columns=round_up, way=REPLACES, weight=0.5))
    np.testing.assert_allclose(steps_deg(half, "Hips"), 135 / 71, atol=1e-6)
    facing = {("Hips", "turn"): smooth_turns([1], [[0, 0, np.radians(170)]], "ZXY")}
    other = {("Hips", "turn"): smooth_turns([1], [[0, 0, np.radians(-170)]], "ZXY")}
    base = replace(still.performer.layers[0], columns=facing)
    shot = with_layer(
        still.with_item(replace(still.performer, layers=(base,))), columns=other, way=REPLACES, weight=0.5
    )
    middle = rotation.log(bake_shot(shot).local[0, 0])
    assert abs(np.degrees(middle[1])) == pytest.approx(180)  # the shorter way round, behind, not in front


def test_a_layer_comes_and_goes_over_its_eases_and_by_its_own_weight():
    lift = {("Hips", "ty"): smooth_keys([1], [10.0])}
    shot = with_layer(columns=lift, span=(20, 40), ease_in=3, ease_out=1)
    up = (bake_shot(shot).position[:, 0, 1] - bake_shot(HOP).position[:, 0, 1]) * 10
    ramp = [0, 0.15625, 0.5, 0.84375, 1]  # t² (3 - 2t) at quarters
    np.testing.assert_allclose(up[18:23], ramp, atol=1e-9)
    np.testing.assert_allclose(up[38:42], [1, 0.5, 0, 0], atol=1e-9)
    grows = with_layer(columns=lift, weight_keys=smooth_keys([10, 16], [0.0, 1.0], LINEAR), weight=0.5)
    up = (bake_shot(grows).position[:, 0, 1] - bake_shot(HOP).position[:, 0, 1]) * 10
    np.testing.assert_allclose(up[[8, 9, 12, 15, 40]], [0, 0, 0.25, 0.5, 0.5], atol=1e-9)


def test_a_layer_reaches_its_parts_only():
    columns = {(j, "rx"): smooth_keys([1], [0.4]) for j in ("LeftArm", "RightArm")}
    moved = steps_from(HOP, with_layer(columns=columns, parts=("LeftArm",)))
    assert moved == {"LeftArm"}


def steps_from(before, after) -> set[str]:
    a, b = bake_shot(before), bake_shot(after)
    apart = np.abs(a.local - b.local).max(axis=(0, 2)) > 1e-9
    return {name for name, on in zip(a.rig.names, apart, strict=True) if on}


# --- what was touched, and back to channels -----------------------------------------------------------


def test_each_stage_says_which_joints_it_touched_and_when():
    shot = with_layer(columns={("Head", "rx"): smooth_keys([1], [0.4])}, span=(20, 25))
    shot = Ask("cut_performer", ONE, 50, 57, 6).apply(shot)
    done = shot.performer.evaluate(shot.frame_numbers(), shot.frame_time_s)
    head = shot.performer.rig.index("Head")
    on = np.flatnonzero(done.turned[:, head] & Stage.LAYERED) + 1
    assert on.tolist() == list(range(20, 26))
    assert not (done.turned[:, 0] & Stage.LAYERED).any()
    blend = np.flatnonzero(done.turned[:, 0] & Stage.TIMED) + 1
    assert blend.tolist() == list(range(47, 53))
    placed = Ask("place_performer", ONE, (1, 0, 0), 0.0, 1.0).apply(HOP)
    done = placed.performer.evaluate(placed.frame_numbers(), placed.frame_time_s)
    assert (done.moved[:, 0] == Stage.PLACED).all()
    assert not done.turned.any()
    assert not done.moved[:, 1:].any()


def test_a_writer_gives_back_a_channel_as_it_came_wherever_nothing_touched_it():
    """Angles written in no usual way (beyond 180°, in the other of their two sets) outlive a layer beside them."""
    text = motion_file(HOP).decode().splitlines()
    rows = [line.split() for line in text[-72:]]
    for row in rows:
        for i in range(9, len(row)):
            row[i] = f"{float(row[i]) + 360 * ((i % 3) - 1):.6f}"
    odd = "\n".join([*text[:-72], *(" ".join(row) for row in rows)])
    shot = shot_from_file(odd.encode(), "Odd", scale_to_m=0.01)
    before = motion_file(shot).decode().splitlines()[-72:]
    assert [line.split() for line in before] == rows
    nod = with_layer(shot, columns={("Head", "rx"): smooth_keys([1], [0.4])}, span=(20, 25))
    after = motion_file(nod).decode().splitlines()[-72:]
    changed = [i + 1 for i, (a, b) in enumerate(zip(before, after, strict=True)) if a != b]
    assert changed == list(range(20, 26))
    for i in changed:
        apart = [n for n, (a, b) in enumerate(zip(before[i - 1].split(), after[i - 1].split(), strict=True)) if a != b]
        assert 1 <= len(apart) <= 3


def test_whatever_goes_through_every_stage_comes_back_from_its_file():
    shot = full()
    again = shot_from_file(motion_file(shot), "Again", scale_to_m=0.01)
    np.testing.assert_allclose(bake_shot(again).position, bake_shot(shot).position, atol=2e-6)


# --- retiming -----------------------------------------------------------------------------------------

SHORTER = Retiming("retiming1", "Shorter", keys_by_hand([30.0, 42.0], [30.0, 46.0], [1.0, 1.0]))


def retimed(weight=1.0, muted=False):
    p = HOP.performer
    return replace(p, timing=p.timing.with_retiming(replace(SHORTER, weight=weight, muted=muted)))


@pytest.mark.parametrize(("weight", "frames"), [(0.0, 0), (0.5, 2), (1.0, 4)])
def test_a_span_is_played_shorter_as_far_as_it_is_weighed(weight, frames):
    p = retimed(weight)
    own = p.evaluate(np.arange(1, 73), 1 / 24).own
    assert own[29] == pytest.approx(30)
    assert own[45 - frames] == pytest.approx(46)
    assert own[59] == pytest.approx(min(60 + frames, 72))
    assert (np.diff(own[: 72 - frames]) > 0).all()
    assert p.plays == (1, 72 - frames)
    assert p.timing.seen_frame(46) == 46 - frames
    pace = np.diff(own[29 : 46 - frames])
    # true pace at both ends, and between them no more than a cubic needs: no frame makes up for the others
    assert pace.max() <= 1.5 * pace.mean() - 0.5 + 1e-9


def test_a_muted_retiming_changes_nothing():
    np.testing.assert_array_equal(retimed(muted=True).poses(FRAMES, 1 / 24).position, bake_shot(HOP).position)


@given(
    seen=st.lists(st.integers(1, 100), min_size=2, max_size=5, unique=True),
    own=st.lists(st.integers(1, 100), min_size=5, max_size=5, unique=True),
    weight=st.floats(0.0, 1.0),
)
def test_time_only_goes_on_and_leads_back(seen, own, weight):
    keys = smooth_keys(sorted(seen), sorted(own)[: len(seen)])
    retiming = Retiming("r", "R", keys, weight).checked()
    at = np.linspace(-20, 130, 400)
    down = retiming.down(at)
    assert (np.diff(down) > 0).all()
    np.testing.assert_allclose(retiming.up(down), at, atol=1e-6)
    np.testing.assert_allclose(np.diff(retiming.down(np.array([-9.0, -8.0, 140.0, 141.0])))[[0, 2]], 1.0)


def test_cuts_loads_and_layers_follow_a_retiming():
    """All are told in own frames: what is cut, held or layered stays with the poses it belongs to."""
    cut = Ask("cut_performer", ONE, 60, 63, 0).apply(
        with_layer(columns={("Head", "rx"): smooth_keys([1], [0.5])}, span=(50, 50))
    )
    p = cut.performer
    moved = replace(p, timing=p.timing.with_retiming(SHORTER))
    before, after = (x.evaluate(np.arange(1, 66), 1 / 24) for x in (p, moved))
    head = p.rig.index("Head")
    for done, shift in ((before, 0), (after, 4)):
        assert (np.flatnonzero(done.turned[:, head] & Stage.LAYERED) + 1).tolist() == [50 - shift]
        gone = np.flatnonzero(np.diff(done.own) > 4)
        assert done.own[gone].tolist() == pytest.approx([59])
        assert gone.tolist() == [58 - shift]
    assert moved.timing.seams() == [55.5]


def test_stills_and_marks_go_with_the_pose_they_belong_to():
    def still(number: int, frame: int, **more) -> Reference:
        return Reference(f"reference{number}", "Still", "still", ("ab",), "image/png", 64, 48, pose_frame=frame, **more)

    pinned = [still(1, 10), still(2, 46), still(3, 60, locked=True)]
    film = Reference("reference4", "Film", "video", ("cd",), "video/webm", 64, 48, 90, marks=(Mark(46, "contact"),))
    drawn = replace(film, id="reference5", marks=(Mark(46, "contact", 46), Mark(50, "over")))
    shot = replace(HOP, references=(*pinned, film, drawn))
    p = shot.performer
    after = retimed_edit(shot, p, p.timing.with_retiming(SHORTER), "Hang 12 frames").apply(shot)
    assert [r.pose_frame for r in after.references] == [10, 42, 60, None, None]
    assert after.performer.plays == (1, 68)
    assert after.references[3] == film
    assert after.references[4].marks == (Mark(46, "contact", 42), Mark(50, "over"))
    assert after.references[4].marked_frame(after.references[4].marks[0], shot.rate) == 42


def test_slip_moves_a_retiming_with_the_motion():
    p = retimed()
    slipped = replace(p, timing=p.timing.with_slip(100))
    np.testing.assert_allclose(
        slipped.poses(FRAMES + 100, 1 / 24).position, p.poses(FRAMES, 1 / 24).position, atol=1e-12
    )


def test_a_retiming_that_turns_back_is_refused():
    from ironarc.core.errors import EditError

    back = Retiming("r", "Back", keys_by_hand([1.0, 5.0, 9.0], [1.0, 8.0, 6.0], np.zeros(3)))
    with pytest.raises(EditError, match="play backwards or stand still at frame 9"):
        Timing().with_retiming(back)
    with pytest.raises(EditError, match="between 0 and 100 %; 700 %"):
        Timing().with_retiming(replace(SHORTER, weight=7.0))
