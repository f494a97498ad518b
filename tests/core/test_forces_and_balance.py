"""What contacts can and can't give, and where a body would tip, on figures whose statics are known."""

from dataclasses import replace
from itertools import pairwise

import numpy as np
import pytest
from scipy.integrate import solve_ivp
from scipy.optimize import nnls
from scipy.spatial import ConvexHull

from ironarc.core import rotation
from ironarc.core.document import HandContact
from ironarc.core.figure.body import weigh
from ironarc.core.figure.weighing import PointMass, Weighing
from ironarc.core.judging import find
from ironarc.core.motion.loads import Load, track_loads
from ironarc.core.reading.balance import TIPPED, _tips_in, convex_hulls, read_balance, signed_distances
from ironarc.core.reading.floor import Floor
from ironarc.core.reading.forces import kept_up, read_forces
from ironarc.core.reading.impact import _sudden, _turning, enough_depth, needed_bw, read_pushes
from ironarc.core.reading.read import read
from ironarc.core.reading.thrown import read_taken, read_thrown
from ironarc.core.reading.wrench import nearest
from ironarc.core.scene.props import Prop
from tests.figures import BRAM_RIG, CM, carried, identity, posed, stiff_poses

BODY = weigh(BRAM_RIG, CM)
G = 9.81
STILL = np.zeros(40)
MIDDLE = 20


def on_floor(first, last):
    """A person's word that the body is borne."""
    return (HandContact("", "", first, last, "floor"),)


def lifted(side, first=1, last=40):
    return tuple(
        HandContact(f"{side}{joint}", point, first, last)
        for joint, point in (("Foot", "heel"), ("Foot", "ball"), ("Toe", "toe"))
    )


def kinds(reading):
    return {f.kind for f in find(reading)}


# --- pushes -------------------------------------------------------------------------------------------


def test_a_body_at_rest_is_borne_by_its_weight_under_its_plumb():
    reading = read(carried(STILL), BODY, G, 0.0)
    forces = reading.ask(read_forces)
    np.testing.assert_allclose(forces.grf[MIDDLE], [0.0, 1.0, 0.0], atol=1e-9)
    np.testing.assert_allclose(forces.cop[MIDDLE, [0, 2]], reading.com[MIDDLE, [0, 2]], atol=0.02)
    assert forces.size.max() < 1e-9
    assert dict(zip(forces.parts, forces.share[MIDDLE], strict=True)) == {
        "left foot": pytest.approx(0.5, abs=0.02), "right foot": pytest.approx(0.5, abs=0.02)
    }  # fmt: skip
    assert find(reading) == []


def test_two_feet_share_the_weight_by_the_lever_rule():
    hand = PointMass("Bag", "LeftHand", 8.0, (0.0, 0.0, 0.0))
    reading = read(carried(STILL), weigh(BRAM_RIG, CM, Weighing(75.0, points=(hand,))), G, 0.0)
    forces = reading.ask(read_forces)
    share = dict(zip(forces.parts, forces.share[MIDDLE], strict=True))
    soles = reading.traced.track.at[MIDDLE, :, 0]
    skin = reading.traced.track.skin
    middle = {
        side: soles[skin.named("heel", "ball", "toe") & np.array([p.side == side for p in skin.points])].mean()
        for side in ("left", "right")
    }
    lever = (reading.com[MIDDLE, 0] - middle["right"]) / (middle["left"] - middle["right"])
    assert lever > 0.6
    assert share["left foot"] == pytest.approx(lever, abs=0.12)


def test_feet_that_would_have_to_pull_are_a_phantom_force():
    t = np.arange(40) / 60
    falls = np.where(t > 0.2, -G * (t - 0.2) ** 2, 0.0)  # twice as fast as gravity
    reading = read(carried(falls), BODY, G, 0.0, by_hand=on_floor(1, 40))
    phantom = reading.ask(read_forces).phantom[25]
    np.testing.assert_allclose(phantom, [0.0, -1.0, 0.0], atol=0.02)
    (found,) = (f for f in find(reading) if f.kind == "phantom")
    assert found.grade == "cracked"
    assert "Pulled down by its own feet" in found.says


def test_what_glides_with_no_grip_is_called_so():
    t = np.arange(60) / 60
    reading = read(
        carried(np.zeros(60), along=0.5 * 1.6 * G * np.clip(t - 0.3, 0, None) ** 2),
        BODY,
        G,
        0.0,
        by_hand=on_floor(1, 60),
    )
    found = [f for f in find(reading) if f.kind == "phantom"]
    assert found
    assert any("Glides" in f.says or "Leans" in f.says for f in found)


@pytest.mark.parametrize(("slope", "holds"), [(0.5, True), (0.75, True), (1.1, False)])
def test_a_slope_holds_inside_the_friction_cone_and_not_outside(slope, holds):
    reading = read(carried(STILL), BODY, G, Floor(0.0, (0.0, slope)), by_hand=on_floor(1, 40))
    left_over = reading.ask(read_forces).size[MIDDLE]
    assert (left_over < 0.12) == holds


def test_a_body_hangs_by_hands_that_grip_and_not_by_hands_that_push():
    arms = {"LeftArm": np.array([0.0, 0.0, 1.4]), "RightArm": np.array([0.0, 0.0, -1.4])}
    poses = posed(carried(np.full(40, 0.6)), arms)  # held out to the sides
    palms = [i for i, p in enumerate(read(poses, BODY, G, 0.0).traced.track.skin.points) if p.point == "palm"]
    at = read(poses, BODY, G, 0.0).traced.track.middle[MIDDLE, palms]
    # a bar over each hand, as the arms hang: the hands are below it, and could only push it up
    bars = tuple(
        Prop(f"bar{i}", f"Bar {i}", "bar", (0.05, 0.04, 0.04), (x, y + 0.02, z)) for i, (x, y, z) in enumerate(at)
    )

    def hands(pulls):
        skin = read(poses, BODY, G, 0.0).traced.track.skin
        return tuple(
            HandContact(BRAM_RIG.names[skin.points[p].joint], "palm", 1, 40, f"bar{i}", pulls)
            for i, p in enumerate(palms)
        )

    pushing = read(poses, BODY, G, 0.0, bars, by_hand=hands(False)).ask(read_forces)
    holding = read(poses, BODY, G, 0.0, bars, by_hand=hands(True))
    assert pushing.size[MIDDLE] == pytest.approx(1.0, abs=0.05)
    assert holding.ask(read_forces).size[MIDDLE] < 0.05
    np.testing.assert_allclose(holding.ask(read_forces).grf[MIDDLE], [0.0, 1.0, 0.0], atol=0.05)
    assert "balance" not in kinds(holding)


def test_what_is_kept_up_is_the_most_of_the_least_over_windows():
    size = np.array([1, 2, 3, 4, 0, 0, 3, 3, 3, 1.0])
    np.testing.assert_array_equal(kept_up(size, 3), [1, 2, 2, 2, 0, 0, 3, 3, 3, 1])
    assert kept_up(size, 20).max() == 0


def test_pushes_found_with_their_neighbours_are_those_found_one_by_one():
    rng = np.random.default_rng(6)
    counts = np.repeat([8, 24, 0, 24], [30, 50, 10, 40])
    ends = np.concatenate([[0], np.cumsum(counts)])
    # cones and wrenches that drift from frame to frame, some of them out of reach
    base = {8: rng.normal(size=(8, 6)), 24: rng.normal(size=(24, 6)), 0: np.zeros((0, 6))}
    grid = np.concatenate([base[c] + 0.01 * i * np.sin(np.arange(6)) for i, c in enumerate(counts)])
    wrench = np.cumsum(rng.normal(0, 0.2, (len(counts), 6)), axis=0)
    shares = nearest(grid, ends, wrench)
    assert shares.min() >= 0
    for i in range(len(counts)):
        rows = slice(ends[i], ends[i + 1])
        if counts[i]:
            _, left = nnls(grid[rows].T, wrench[i])
            assert np.linalg.norm(wrench[i] - grid[rows].T @ shares[rows]) == pytest.approx(left, abs=1e-8)


# --- balance ------------------------------------------------------------------------------------------


def leaning(angle_deg: float, frames: int = 60, speed: float = 0.0):
    """Bram stiff, leaning forward about his ankles' height, soles flat by word, carried at a speed (m/s)."""
    n = frames
    turn = np.repeat(rotation.about_axis("X", np.array([np.radians(angle_deg)])), n, axis=0)
    along = speed * np.arange(n) / 60
    return carried(np.zeros(n), along=along, turn=turn)


def test_one_leg_bears_no_more_than_lies_over_it():
    reading = read(carried(STILL), BODY, G, 0.0, by_hand=lifted("Right"))
    balance = reading.ask(read_balance)
    skin = reading.traced.track
    edge = min(
        skin.at[MIDDLE, i, 0] - next(q.half_width_m for q in BODY.parts if q.joint == p.joint and q.segment == "foot")
        for i, p in enumerate(skin.skin.points)
        if p.side == "left" and p.point in ("heel", "ball", "toe")
    )
    outside = abs(edge - reading.com[MIDDLE, 0])
    assert balance.margin_m[MIDDLE] == pytest.approx(-outside, abs=0.01)
    (found,) = (f for f in find(reading) if f.kind == "balance")
    assert "to the right" in found.says
    assert np.isfinite(balance.tips_in_s[MIDDLE])


def test_a_body_that_lies_on_one_point_alone_is_a_doubt_about_what_touches():
    def prone(over_m: float):
        """Flat on his face, so far over the floor, borne by a word that says so."""
        turn = np.repeat(rotation.about_axis("X", np.array([np.pi / 2])), 40, axis=0)
        poses = carried(STILL, turn=turn)
        down = poses.position[..., 1].min() - over_m
        return read(poses, BODY, G, down, by_hand=(HandContact("LeftLeg", "knee", 1, 40, "floor"),))

    (found,) = (f for f in find(prone(0.15)) if f.kind == "balance")
    assert found.grade == "strained"
    assert "Only the left knee is read as touching" in found.says
    assert "something else must bear the body" in found.says
    # one who stands and leans as far is out of balance: nothing near the floor could bear him
    (leans,) = (f for f in find(read(leaning(50), BODY, G, 0.0, by_hand=on_floor(1, 60))) if f.kind == "balance")
    assert leans.grade == "cracked"
    assert "Held out of balance" in leans.says


def test_a_lean_past_the_toes_is_a_finding_at_rest_and_none_when_passed_through():
    still, running = (read(leaning(16, speed=v), BODY, G, 0.0, by_hand=on_floor(1, 60)) for v in (0.0, 3.0))
    assert "balance" in kinds(still)
    assert "balance" not in kinds(running)
    (found,) = (f for f in find(still) if f.kind == "balance")
    assert "ahead of its footing" in found.says


def test_the_moving_margin_is_the_plumb_s_and_what_speed_adds():
    slow = read(carried(np.zeros(60), along=0.3 * np.arange(60) / 60), BODY, G, 0.0)
    balance = slow.ask(read_balance)
    height = slow.com[30, 1] - slow.traced.track.at[30, :, 1].min()
    ahead = balance.xcom[30, 1] - slow.com[30, 2]
    assert ahead == pytest.approx(0.3 / np.sqrt(G / height), rel=0.02)


@pytest.mark.parametrize(("past", "speed"), [(0.05, 0.0), (-0.05, 0.4), (0.1, 0.3)])
def test_time_to_tip_is_that_of_an_inverted_pendulum(past, speed):
    height, rate = 0.95, np.sqrt(G / 0.95)
    goal = lambda t, x: x[0] - TIPPED * height  # noqa: E731
    goal.terminal = True
    done = solve_ivp(lambda t, x: [x[1], rate**2 * x[0]], (0, 5), [past, speed], events=goal, rtol=1e-9, atol=1e-9)
    found = _tips_in(np.array([past]), np.array([speed]), np.array([rate]), np.array([height]))
    assert found[0] == pytest.approx(done.t_events[0][0], rel=1e-6)


def distance_to_edge(point, a, b):
    share = np.clip((point - a) @ (b - a) / ((b - a) @ (b - a)), 0, 1)
    return np.linalg.norm(point - (a + share * (b - a)))


def test_hulls_and_distances_are_those_of_an_independent_library():
    rng = np.random.default_rng(4)
    points, on = rng.normal(size=(60, 12, 2)), rng.random((60, 12)) < 0.7
    hulls = convex_hulls(points, on)
    asked = rng.normal(size=(60, 4, 2)) * 1.5
    far, way = signed_distances(hulls, asked)
    for i in range(60):
        ours, theirs = np.unique(hulls[i].round(12), axis=0), ConvexHull(points[i, on[i]])
        np.testing.assert_allclose(ours, np.unique(theirs.points[theirs.vertices].round(12), axis=0))
        inside = (theirs.equations[:, :2] @ asked[i].T + theirs.equations[:, 2:]).max(axis=0)
        np.testing.assert_allclose(far[i][inside <= 0], -inside[inside <= 0])
        ring = theirs.points[[*theirs.vertices, theirs.vertices[0]]]
        for k in np.flatnonzero(inside > 0):
            apart = min(distance_to_edge(asked[i, k], a, b) for a, b in pairwise(ring))
            assert far[i, k] == pytest.approx(-apart)
            np.testing.assert_allclose(np.linalg.norm(way[i, k]), 1.0)


def test_a_hull_is_wrapped_once_where_points_of_an_edge_differ_in_their_last_digits():
    """Four feet side by side: the one farthest to the left is a hair farther, and no corner."""
    square = np.array(
        [[0.0, 0.0], [-1e-13, 0.5], [0.0, 1.0], [1.0, 1.0], [1.0, 0.5], [1.0, 0.0], [0.0, 1.0], [0.0, 0.5]]
    )
    hull = convex_hulls(square[None], np.ones((1, len(square)), dtype=bool))
    np.testing.assert_allclose(hull[0], [[0, 0], [1, 0], [1, 1], [0, 1]], atol=1e-9)
    assert signed_distances(hull, np.array([[[0.4, 0.5]]]))[0][0, 0] == pytest.approx(0.4)


@pytest.mark.parametrize("corners", [[[0.0, 0.0]], [[0.0, 0.0], [1.0, 0.0]], [[0.0, 0.0], [0.5, 0.0], [1.0, 0.0]]])
def test_a_line_or_a_point_has_no_inside(corners):
    hull = convex_hulls(np.array([corners]), np.ones((1, len(corners)), dtype=bool))
    far, _ = signed_distances(hull, np.array([[[0.5, 0.2], [2.0, 0.0]]]))
    assert far[0, 1] == pytest.approx(-1.0 if len(corners) > 1 else -2.0)
    assert (far <= 0).all()


# --- wind-up and landing ------------------------------------------------------------------------------


def test_the_mean_push_and_the_depth_that_is_enough_are_inverse():
    for speed, push in ((2.0, 3.0), (4.0, 8.0)):
        assert needed_bw(speed, enough_depth(speed, push, G), G) == pytest.approx(push)


def jump(push_bw: float, speed: float, give_m: float, dt: float = 1 / 60):
    """Heights: stands low, pushes evenly off the ground at `speed`, flies, and is stopped evenly over `give_m`."""
    a = (push_bw - 1) * G
    t_push, depth = speed / a, speed**2 / (2 * a)
    t_fly = 2 * speed / G
    stop = speed**2 / (2 * give_m) if give_m else np.inf
    t = np.arange(round((1.2 + t_push + t_fly) / dt)) * dt - 0.4
    heights = np.full(len(t), -depth)
    pushing, flying, landing = (t > 0) & (t <= t_push), (t > t_push) & (t < t_push + t_fly), t >= t_push + t_fly
    heights[pushing] = -depth + a * t[pushing] ** 2 / 2
    u = t[flying] - t_push
    heights[flying] = speed * u - G / 2 * u * u
    u = np.minimum(t[landing] - t_push - t_fly, speed / stop if give_m else 0.0)
    heights[landing] = -speed * u + (stop * u * u / 2 if give_m else 0.0)
    frames = np.arange(1, len(t) + 1)
    borne = (
        HandContact("", "", 1, int(frames[~flying & ~landing][-1]), "floor"),
        HandContact("", "", int(frames[landing][0]), int(frames[-1]), "floor"),
    )
    return read(carried(heights, dt), BODY, G, 0.0, by_hand=borne)


@pytest.mark.parametrize("fps", [24, 30, 60])
def test_a_push_and_a_landing_are_told_with_the_force_they_take(fps):
    take_off, landing = jump(2.5, 2.4, 0.3, 1 / fps).ask(read_pushes)
    assert take_off.at_take_off
    assert not landing.at_take_off
    assert take_off.mean_bw == pytest.approx(2.5, rel=0.35)
    assert landing.mean_bw == pytest.approx(1 + 2.4**2 / (2 * G * 0.3), rel=0.25)
    assert take_off.speed_ms == pytest.approx(2.4, rel=0.08)
    assert landing.recoil_m < 0.02


@pytest.mark.parametrize("give", [0.3, 0.02])
def test_a_push_takes_at_most_no_less_than_it_does_on_average(give):
    for push in jump(2.5, 2.4, give, 1 / 24).ask(read_pushes):
        assert push.peak_bw >= push.mean_bw > 1


def test_a_push_and_a_landing_are_told_on_the_frames_they_take():
    reading = jump(2.5, 2.4, 0.3)
    assert not reading.ask(read_pushes)[0].wind_up_frames  # from a low stand: nothing goes down before
    take_off, landing = (p for p in reading.ask(read_pushes))
    begins, leaves = 0.4 * 60, (0.4 + 2.4 / (1.5 * G)) * 60
    lands = leaves + 2 * 2.4 / G * 60
    stops = lands + 2 * 0.3 / 2.4 * 60
    assert (take_off.start, take_off.end) == pytest.approx((begins + 1, leaves), abs=1.6)
    assert (landing.start, landing.end) == pytest.approx((lands + 1, stops), abs=2.1)
    assert (take_off.depth_m, landing.depth_m) == pytest.approx((2.4**2 / (3 * G), 0.3), abs=0.04)


def test_a_shot_numbered_from_elsewhere_tells_its_pushes_there():
    heights = np.concatenate(
        [np.zeros(20), 2.4 * np.arange(1, 12) / 24 - G / 2 * (np.arange(1, 12) / 24) ** 2, np.zeros(20)]
    )
    poses = carried(heights, 1 / 24)
    here = read(poses, BODY, G, 0.0).ask(read_pushes)
    there = read(replace(poses, frames=poses.frames + 256), BODY, G, 0.0).ask(read_pushes)
    assert here
    assert [(p.start + 256, p.end + 256) for p in here] == [(p.start, p.end) for p in there]


@pytest.mark.parametrize(("size", "speed", "stops_dead"), [(1, 1.0, True), (4, 1.0, False), (4, 1.8, True)])
def test_what_stops_dead_is_measured_by_the_size_of_the_body(size, speed, stops_dead):
    """0.8 m/s at our size, times the root of the size: a giant's heel comes down faster."""
    y = np.concatenate([np.arange(6, 0, -1) * speed / 24, np.zeros(12)])
    assert (_sudden(y, 6, speed, 1 / 24, G, size) > 2) is stops_dead


def test_a_path_turns_where_it_comes_back_by_more_than_the_noise():
    y = np.array([5.0, 3.0, 2.0, 2.5, 1.0, 1.75, 0.0])
    assert _turning(y, 0.5) == 4  # 2.0 to 2.5 is as much as the noise, not more
    assert _turning(y, 0.4) == 2
    assert _turning(y, 5.0) == 6


def test_a_landing_that_stops_dead_cracks_and_a_soft_one_does_not():
    assert "landing" in {f.kind for f in find(jump(2.5, 2.4, 0.0)) if f.grade == "cracked"}
    assert "landing" not in kinds(jump(2.5, 2.4, 0.35))


def test_a_jump_from_a_stand_with_no_wind_up_takes_more_than_a_body_has():
    t = np.arange(60) / 24
    up = np.where(t > 1.0, 2.2 * (t - 1.0) - G / 2 * (t - 1.0) ** 2, 0.0)
    heights = np.maximum(up, 0.0)
    found = {f.kind: f for f in find(read(carried(heights, 1 / 24), BODY, G, 0.0))}
    assert {"push", "kink"} & set(found)
    assert any(found[k].grade == "cracked" for k in ("push", "kink") if k in found)


def test_a_tumbling_block_keeps_its_spin_and_its_arc():
    dt, n = 1 / 60, 50
    t = np.arange(n)[:, None] * dt
    turn = rotation.exp(np.array([4.0, 0.0, 0.0]) * t)
    middle = weigh(BRAM_RIG, CM)
    still = read(stiff_poses(BRAM_RIG, identity(n), np.zeros((n, 3)), dt), middle, G, -9.0).com[0]
    path = np.array([0.0, 3.0, 0.0]) + np.array([0.3, 3.0, 1.0]) * t - np.array([0.0, G / 2, 0.0]) * t * t
    root = path - rotation.rotate(turn, np.broadcast_to(still, (n, 3)))
    reading = read(stiff_poses(BRAM_RIG, turn, root, dt), middle, G, -9.0)
    (flight,) = reading.flights
    assert flight.implied_g == pytest.approx(G, abs=1e-6)
    L = reading.angular_momentum
    np.testing.assert_allclose(L, np.broadcast_to(L[n // 2], L.shape), atol=1e-6 * np.abs(L).max())
    assert find(reading) == []


def test_a_knee_bent_on_the_spot_moves_the_weight_and_nothing_else():
    bent = posed(carried(STILL), {"LeftArm": np.array([0.0, 0.0, 0.6])})
    forces = read(bent, BODY, G, 0.0).ask(read_forces)
    assert forces.size.max() < 1e-6


# --- thrown and taken up ------------------------------------------------------------------------------


def test_a_load_that_is_let_go_flies_on_from_the_hand_and_pushes_its_thrower_back():
    t = np.arange(40) / 60
    poses = carried(2.0 * t, along=3.0 * t)
    sack = Load("load1", "Sack", ("RightHand",), -9, 20, 8.0, ease_in=0, ease_out=0)
    reading = read(poses, BODY, G, 0.0, (), track_loads((sack,), poses, BODY.anatomy, poses.frames, 1.0))
    (thrown,) = reading.ask(read_thrown)
    assert (thrown.frame, thrown.speed_ms) == (20, pytest.approx(np.hypot(2, 3)))
    assert thrown.angle_deg == pytest.approx(np.degrees(np.arctan2(2, 3)))
    assert thrown.turns_per_s == pytest.approx(0.0, abs=1e-9)
    assert thrown.path[-1, 1] == pytest.approx(0.0, abs=1e-9)
    np.testing.assert_allclose(thrown.path[-1, 2] - thrown.path[0, 2], 3.0 * thrown.after_s)
    # body and sack went the same way: letting go changes nothing
    assert thrown.pushed_ms == pytest.approx(0.0, abs=1e-9)


def test_a_load_taken_up_on_the_move_jolts_by_its_weight_and_the_hand_s_speed():
    t = np.arange(60) / 60
    poses = carried(np.zeros(60), along=3.0 * t)
    sack = Load("load1", "Sack", ("RightHand",), 30, 99, 8.0, ease_in=4, ease_out=0)
    reading = read(poses, BODY, G, 0.0, (), track_loads((sack,), poses, BODY.anatomy, poses.frames, 1.0))
    (taken,) = reading.ask(read_taken)
    assert taken.frame == 30
    assert taken.hand_ms == pytest.approx(3.0)
    assert taken.jolt_bw == pytest.approx(8.0 * 3.0 / (BODY.mass_kg * G * taken.frames / 60))
