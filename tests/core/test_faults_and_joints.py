"""Contacts gone wrong and joints gone wrong, each put in by hand at a known size on known frames."""

from dataclasses import replace

import numpy as np
import pytest

from ironarc.core import rotation
from ironarc.core.document import Shot
from ironarc.core.figure.body import weigh
from ironarc.core.judging import find
from ironarc.core.judging.findings import evidence_of
from ironarc.core.judging.grades import GRADES
from ironarc.core.judging.judge import judge, others
from ironarc.core.motion.poses import poses_of
from ironarc.core.reading import see
from ironarc.core.reading.faults import _farthest, contact_faults
from ironarc.core.reading.inside import depth_in
from ironarc.core.reading.joints import read_joints
from ironarc.core.reading.read import read
from ironarc.core.scene.placement import Placement
from ironarc.core.scene.props import Prop
from tests.conftest import demo
from tests.figures import BRAM_RIG, CM, carried, posed

BODY = weigh(BRAM_RIG, CM)
G, N, SIZE = 9.81, 90, 1.81 / 1.75
T = np.arange(N) / 60


def eased(first: int, last: int, to: float) -> np.ndarray:
    """(N,) from 0 to `to` over frames first to last (indices), smoothly."""
    u = np.clip((np.arange(N) - first) / (last - first), 0, 1)
    return to * u * u * (3 - 2 * u)


def bump(first: int, last: int, by: float, ramp: int = 6) -> np.ndarray:
    """(N,) `by` from frame first to last, eased in and out."""
    return eased(first, first + ramp, by) - eased(last - ramp, last, by)


def reading(heights=0.0, along=0.0, turn=None, props=(), turns=None):
    poses = carried(np.zeros(N) + heights, along=along, turn=turn)
    return read(posed(poses, turns) if turns else poses, BODY, G, 0.0, props)


def of_kind(found, kind):
    return [f for f in find(found) if f.kind == kind]


# --- contacts -----------------------------------------------------------------------------------------


@pytest.mark.parametrize(("way", "grade"), [(0.015, None), (0.04, "strained"), (0.10, "cracked")])
def test_planted_feet_that_slide_are_told_with_how_far_and_when(way, grade):
    found = of_kind(reading(along=eased(20, 60, way)), "slide")
    assert [f.grade for f in found] == ([grade] if grade else [])
    for f in found:
        assert f.value == pytest.approx(way, rel=0.1)
        assert f.part == "both feet"
        assert 20 <= f.start <= 32
        assert 50 <= f.end <= 62


@pytest.mark.parametrize("turns", [0.0, 0.3, 2.0])
def test_how_far_a_slide_goes_is_between_the_two_places_that_lie_farthest_apart(turns):
    rng = np.random.default_rng(3)
    t = np.linspace(0, 1, 150)
    path = np.column_stack([t * np.cos(turns * t * 6), t * np.sin(turns * t * 6)]) + rng.normal(0, 0.01, (150, 2))
    table = np.linalg.norm(path[:, None] - path, axis=-1)
    i, j, far = _farthest(path)
    assert (i, j, far) == (*sorted(np.unravel_index(table.argmax(), table.shape)), pytest.approx(table.max()))


def test_a_foot_that_turns_about_its_ball_does_not_slide():
    ball = next(p for p in BODY.anatomy.contact_points if (p.point, p.side) == ("ball", "left"))
    turn = rotation.about_axis("Y", eased(20, 70, 0.7))
    still = carried(np.zeros(N))
    at = still.position[0, ball.joint] + ball.position_m
    # the whole body turns about the left ball, on which alone it stands
    root = at + rotation.rotate(turn, np.broadcast_to(still.position[0, 0] - at, (N, 3)))
    local = np.concatenate([turn[:, None], still.local[:, 1:]], axis=1)
    translation = np.concatenate([root[:, None], still.translation[:, 1:]], axis=1)
    poses = poses_of(still.rig, still.frames, still.dt, local, translation)
    faults = [f for f in read(poses, BODY, G, 0.0).ask(contact_faults) if f.kind == "slide" and "left" in f.what]
    assert max((f.value_m for f in faults), default=0.0) < 0.02


@pytest.mark.parametrize(
    ("kind", "by", "grade"),
    [
        ("sink", -0.03, "strained"), ("sink", -0.06, "cracked"),
        ("hover", 0.035, "strained"), ("hover", 0.065, "cracked"),
    ],
)  # fmt: skip
def test_feet_under_the_floor_and_over_it(kind, by, grade):
    (found,) = of_kind(reading(bump(15, 80, by, 16)), kind)
    assert found.grade == grade
    assert found.value == pytest.approx(abs(by), rel=0.1)
    assert 15 <= found.start <= 34
    assert 62 <= found.end <= 82
    assert "feet" in found.says.lower()


def test_a_touch_of_a_frame_or_two_under_the_floor_is_no_finding():
    assert of_kind(reading(np.where((np.arange(N) > 40) & (np.arange(N) < 43), -0.06, 0.0)), "sink") == []


def test_a_foot_in_a_box_is_a_finding_whether_it_stands_in_it_or_passes_through():
    shallow, deep = (Prop("box1", "Crate", "box", (1.5, height, 1.5), (0.0, 0.0, 0.1)) for height in (0.12, 0.4))
    (sunk,) = of_kind(reading(props=(shallow,)), "sink")
    assert sunk.grade == "cracked"
    assert "into Crate" in sunk.says
    assert any("through Crate" in f.says for f in of_kind(reading(props=(deep,)), "through"))
    assert of_kind(reading(), "through") == []


def test_a_hand_through_the_chest_is_told_and_arms_at_the_sides_are_not():
    into = {"RightForeArm": np.array([0.0, 0.0, 2.4])}
    found = of_kind(reading(turns=into), "through")
    assert found
    assert all("right hand" in f.part for f in found)


# --- joints -------------------------------------------------------------------------------------------


@pytest.mark.parametrize("side", ["Left", "Right"])
@pytest.mark.parametrize(("angle", "grade"), [(-12, "strained"), (-30, "cracked"), (40, None)])
def test_a_knee_bends_one_way_only(side, angle, grade):
    # turned about x, the shank's free end goes back for a positive angle
    turn = np.zeros((N, 3))
    turn[:, 0] = np.radians(bump(30, 60, angle))
    found = of_kind(reading(turns={f"{side}Leg": turn}), "bend")
    assert [f.grade for f in found] == ([grade] if grade else [])
    for f in found:
        assert f.value == pytest.approx(abs(angle), abs=1.5)
        assert f.part == f"{side.lower()} knee"
        assert 30 <= f.start <= 36
        assert 54 <= f.end <= 61


def test_an_elbow_bends_the_way_it_mostly_does():
    bend = np.zeros((N, 3))
    bend[:, 0] = -np.radians(60) * np.sin(3 * T) ** 2
    assert of_kind(reading(turns={"LeftForeArm": bend}), "bend") == []
    flipped = bend.copy()
    flipped[50:62, 0] = np.radians(25)
    (found,) = of_kind(reading(turns={"LeftForeArm": flipped}), "bend")
    assert (found.part, found.grade) == ("left elbow", "cracked")


def test_a_joint_that_pops_for_a_frame_or_jumps_and_stays_is_told_at_its_frame():
    out_and_back, stays = np.zeros((N, 3)), np.zeros((N, 3))
    out_and_back[50, 0] = stays[50:, 0] = -0.6
    for turn in (out_and_back, stays):
        (found,) = of_kind(reading(turns={"RightForeArm": turn}), "pop")
        assert (found.start, found.part, found.grade) == (51, "right forearm", "cracked")


def test_a_fast_swing_is_no_pop():
    swing = np.zeros((N, 3))
    swing[:, 0] = -1.2 * np.exp(-(((np.arange(N) - 45) / 3.0) ** 2))
    assert of_kind(reading(turns={"RightForeArm": swing}), "pop") == []


def test_a_part_that_turns_too_far_in_a_frame_is_told_once_for_all_that_hangs_on_it():
    whirl = np.zeros((N, 3))
    whirl[:, 0] = -np.cumsum(np.where((np.arange(N) > 40) & (np.arange(N) <= 44), np.radians(60), 0.0))
    found = of_kind(reading(turns={"LeftUpLeg": whirl}), "fast")
    assert [(f.part, f.grade) for f in found] == [("left thigh", "strained")]
    both = of_kind(reading(turns={"LeftUpLeg": whirl, "RightUpLeg": whirl}), "fast")
    assert [f.part for f in both] == ["both thighs"]


def test_a_bone_that_stretches_is_told_with_its_share():
    poses = carried(np.zeros(N))
    longer = poses.translation.copy()
    longer[40:60, BRAM_RIG.index("LeftForeArm")] *= 1.1
    found = of_kind(read(poses_of(poses.rig, poses.frames, poses.dt, poses.local, longer), BODY, G, 0.0), "stretch")
    assert [(f.part, f.start, f.end) for f in found] == [("left forearm", 41, 60)]
    assert found[0].value == pytest.approx(0.1, abs=1e-6)


def test_everything_that_stops_within_a_frame_stops_dead_and_what_settles_does_not():
    swing = np.zeros((N, 3))
    swing[:, 0] = -np.minimum(T, 0.8) * 2.5
    (found,) = of_kind(reading(turns={"RightArm": swing}), "stop")
    assert found.start == 49
    swing[:, 0] = -2.0 * (1 - np.exp(-3 * T))
    assert of_kind(reading(turns={"RightArm": swing}), "stop") == []


def test_a_single_odd_frame_of_the_hips_is_a_jerk_with_its_frame():
    odd = np.zeros(N)
    odd[45] = 0.03
    (found,) = of_kind(reading(along=odd), "jerk")
    assert found.start == 46
    assert "with no contact to give" in found.says


def test_turning_nothing_is_no_finding():
    assert find(reading()) == []
    assert read_joints(reading()).jump_rate.max() == 0.0


# --- evidence -----------------------------------------------------------------------------------------


def test_every_finding_opens_to_a_curve_that_passes_its_limit():
    spoiled = {
        "slide": reading(along=eased(20, 60, 0.1)), "sink": reading(bump(25, 70, -0.06)),
        "hover": reading(bump(15, 80, 0.065, 16)), "bend": reading(turns={"LeftLeg": np.array([-0.5, 0.0, 0.0])}),
    }  # fmt: skip
    for kind, read_so in spoiled.items():
        (found,) = of_kind(read_so, kind)
        proof = evidence_of(found, read_so, GRADES)
        (line,) = (value for value, grade in proof.limits if grade == found.grade)
        worst = np.nanmax(proof.measured) if line > 0 else -np.nanmin(proof.measured)
        assert worst > abs(line), kind
        assert proof.frames[0] <= found.start <= proof.frames[-1]


# --- invariances --------------------------------------------------------------------------------------


def spoiled_hop():
    """Slides, sinks, then a wrong knee, so that there is something to find."""
    turn = np.zeros((N, 3))
    turn[:, 0] = np.radians(bump(60, 85, -30))
    poses = posed(carried(bump(35, 55, -0.06), along=eased(8, 28, 0.12)), {"LeftLeg": turn})
    return poses


def told(poses, body=BODY):
    return sorted((f.kind, f.grade, f.start, f.end, f.part) for f in find(read(poses, body, G, 0.0)))


def test_moved_and_turned_about_the_up_axis_the_same_is_found():
    poses = spoiled_hop()
    about = rotation.about_axis("Y", np.full(N, 0.9))
    local, translation = poses.local.copy(), poses.translation.copy()
    local[:, 0] = rotation.multiply(about, local[:, 0])
    translation[:, 0] = rotation.rotate(about, translation[:, 0]) + np.array([3.0, 0.0, -7.0])
    moved = poses_of(poses.rig, poses.frames, poses.dt, local, translation)
    assert told(moved) == told(poses)
    assert {"slide", "sink", "bend"} <= {row[0] for row in told(poses)}


def test_left_and_right_exchanged_the_same_is_found_on_the_other_side():
    poses = spoiled_hop()
    names = BRAM_RIG.names
    other = [
        names.index(n.replace("Left", "Right") if "Left" in n else n.replace("Right", "Left")) for n in names
    ]  # fmt: skip
    mirror = np.array([1.0, 1.0, -1.0, -1.0])
    local = poses.local[:, other] * mirror
    translation = poses.translation[:, other] * [-1.0, 1.0, 1.0]
    found = told(poses_of(poses.rig, poses.frames, poses.dt, local, translation))
    other_side = {"left": "right", "right": "left"}
    swapped = [(*row, " ".join(other_side.get(word, word) for word in part.split())) for *row, part in told(poses)]
    assert found == sorted(swapped)


@pytest.mark.parametrize("g", [6.0, 9.81])
def test_twice_the_frames_of_an_analytic_hop_change_its_readings_by_less_than_their_error(g):
    def hop(dt):
        up = np.sqrt(2 * 0.3 / g)
        t = np.arange(round((1.2 + 2 * up) / dt)) * dt - 0.6
        return read(carried(np.where((t > 0) & (t < 2 * up), 0.3 - g / 2 * (t - up) ** 2, 0.0), dt), BODY, G, 0.0)

    (slow,), (fast,) = hop(1 / 30).flights, hop(1 / 60).flights
    assert abs(slow.implied_g - fast.implied_g) < slow.implied_g_se + fast.implied_g_se
    assert slow.hang_s == pytest.approx(fast.hang_s, abs=1.1 / 30)  # no push bends it at its ends


def test_noise_of_a_capture_widens_the_limits_of_what_it_blurs():
    rng = np.random.default_rng(2)
    poses = spoiled_hop()
    shaken = rotation.multiply(poses.local, rotation.exp(rng.normal(0, np.radians(0.1), (*poses.local.shape[:2], 3))))
    noisy = read(poses_of(poses.rig, poses.frames, poses.dt, shaken, poses.translation), BODY, G, 0.0)
    quiet = read(poses, BODY, G, 0.0)
    assert (noisy.traced.captured, quiet.traced.captured) == (True, False)
    limits = [next(f.limit for f in find(r) if f.kind == "slide") for r in (noisy, quiet)]
    assert limits[0] == pytest.approx(1.75 * limits[1])
    assert replace(GRADES["slide"], noisy=False).cracked == GRADES["slide"].cracked


# --- two bodies ------------------------------------------------------------------------------------------


def pair(apart_m: float) -> Shot:
    """Two who hop side by side, the same hop, so far apart."""
    hop = demo("Gap hop")
    other = replace(hop.performer, id="performer2", name="Tansy Vale", placement=Placement((apart_m, 0.0, 0.0)))
    return replace(hop, performers=(hop.performer, other))


@pytest.mark.parametrize("apart_m", [0.0, 0.2])
def test_bodies_that_stand_in_each_other_are_found_whoever_is_read(apart_m):
    shot = pair(apart_m)
    for who, other in (("performer1", "Tansy Vale"), ("performer2", "Bram Okoro")):
        seen = see(shot, who)
        found = [f for f in judge(shot, seen.performer, seen.reading) if f.kind == "within"]
        assert found
        assert found[0].grade == "cracked"
        assert f"inside {other}" in found[0].says
        proof = evidence_of(found[0], seen.reading, GRADES, others(shot, seen.performer))
        assert max(proof.measured) == pytest.approx(found[0].value * 100, rel=0.25)


def test_bodies_side_by_side_and_a_body_alone_are_not_inside_anybody():
    shot = pair(0.7)
    seen = see(shot)
    assert "within" not in {f.kind for f in judge(shot, seen.performer, seen.reading)}
    assert "within" not in {f.kind for f in find(see(demo("Gap hop")).reading)}


def test_a_point_on_the_axis_of_a_part_is_as_deep_as_the_part_is_thick():
    seen = see(demo("Gap hop"))
    poses, body = seen.reading.poses, seen.reading.body
    shank = next(p for p in body.parts if p.segment == "shank" and p.side == "left")
    middle = (shank.start_m + shank.end_m) / 2
    at = poses.position[:, shank.joint] + rotation.rotate(poses.rotation[:, shank.joint], middle)
    thin, give = min(shank.half_width_m, shank.half_depth_m), 0.3 * shank.half_depth_m
    np.testing.assert_allclose(depth_in(at, [shank], poses), thin - give, atol=1e-12)
    aside = poses.position[:, shank.joint] + rotation.rotate(
        poses.rotation[:, shank.joint], middle + shank.across[0] * shank.half_width_m * 1.1
    )
    np.testing.assert_allclose(depth_in(np.stack([at, aside]), [shank], poses)[1], 0.0)
