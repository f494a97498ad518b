"""Footing as the cheapest account: what falls, what bears, and what stands on something unseen."""

import numpy as np
import pytest

from ironarc.core import rotation
from ironarc.core.figure.body import weigh
from ironarc.core.judging.finding import CRACKED
from ironarc.core.judging.findings import find
from ironarc.core.motion.poses import poses_of
from ironarc.core.reading import read
from ironarc.core.reading.arcs import Arcs
from ironarc.core.reading.derivatives import is_captured
from ironarc.core.reading.faults import HOVER, SLIDE, contact_faults
from ironarc.core.reading.flight_search import falling
from ironarc.core.reading.floor import AT_ZERO, UNSEEN, estimate_floor
from ironarc.core.reading.footing import find_footing
from ironarc.core.reading.forces import read_forces
from ironarc.core.reading.glides import read_glides
from ironarc.core.reading.skin import follow, skin_of
from tests.core.test_contacts import BODY, SIZE
from tests.figures import BRAM_RIG, CM, carried

G = 9.81


def leap(start: float, end: float, up_ms: float, fps: int, stand_s: float = 0.5) -> np.ndarray:
    """Heights of soles that stand at `start`, fly off at a speed, and stand at `end`, higher or lower."""
    air_s = (up_ms + np.sqrt(up_ms**2 - 2 * G * (end - start))) / G
    t = np.arange(0, 2 * stand_s + air_s, 1 / fps) - stand_s
    return np.where(t < 0, start, np.where(t > air_s, end, start + up_ms * t - G / 2 * t * t))


@pytest.mark.parametrize("fps", [24, 30, 60])
@pytest.mark.parametrize("step", [0.06, 0.12, 0.20])
def test_a_hop_onto_an_untold_step_is_a_flight_and_a_stance(fps, step):
    reading = read(carried(leap(0.0, step, 2.6, fps), 1 / fps), BODY, G, 0.0)
    (flight,) = reading.flights
    assert flight.implied_g == pytest.approx(G, rel=0.06)
    if step > 0.075:  # nearer, what is lowest bears it all the same, and hovers
        ((a, b),) = reading.footing.hovers
        assert a >= flight.end - 1
        assert b == len(reading.com)
    (fault,) = [f for f in contact_faults(reading) if f.kind == HOVER]
    assert fault.value_m == pytest.approx(step, abs=0.01)
    says = next(f.says for f in find(reading) if f.kind == HOVER)
    assert ("a step? Put one there" in says) is bool(reading.footing.hovers)
    assert not [f for f in find(reading) if f.kind == "hang"]


def test_a_pose_held_for_a_moment_up_there_is_a_hitch_of_the_flight_and_no_stance():
    heights = leap(0.0, 0.0, 2.6, 24)
    top = int(heights.argmax())
    held = read(carried(np.insert(heights, top, [heights[top]] * 3), 1 / 24), BODY, G, 0.0)
    assert held.footing.hovers == ()
    assert len(held.flights) == 1


@pytest.mark.parametrize("pace", [1.0, 0.8])
def test_strides_are_told_from_the_fall_alone(pace):
    """Four frames in the air and five borne, the foot never at rest and never clear; played slower it falls slower."""
    fps, g = 24, G * pace**2
    every = np.array([g * 4 / 5] * 5 + [-g] * 4)
    rise = np.tile(every, 6) / fps**2
    speed = np.cumsum(rise)
    path = np.zeros((len(rise), 3))
    path[:, 1] = 1.0 + np.cumsum(speed - speed.mean())
    path[:, 2] = 3.0 * np.arange(len(rise)) / fps
    in_air = np.tile([False] * 5 + [True] * 4, 6)
    clearance = np.where(in_air, 0.06, 0.02)[:, None]
    found = find_footing(clearance, np.full(clearance.shape, 2.0), Arcs(path, 1 / fps), G, 1.0, captured=False)
    if pace == 1.0:
        assert len(found.flights) == 6
        assert (found.air == in_air).mean() > 0.85
    else:  # what falls at 0.64 of gravity, and is not clear, proves nothing
        assert found.flights == ()


@pytest.mark.parametrize(
    ("pace", "strides", "flies"), [(0.8, 6, True), (0.6, 6, True), (1.3, 6, True), (0.8, 2, False)]
)
def test_strides_at_another_pace_prove_one_another(pace, strides, flies):
    """The foot rests in each stance; the paths between all fall alike, and nothing is clear of the floor."""
    fps, g, stance, air = 60, G * pace**2, 12, 9
    every = np.array([g * (air + 1) / (stance - 1)] * (stance - 1) + [-g] * (air + 1))
    speed = np.cumsum(np.tile(every, strides)) / fps
    path = np.zeros((len(speed), 3))
    path[:, 1] = 1.0 + np.cumsum(speed - speed.mean()) / fps
    path[:, 2] = 3.0 * np.arange(len(speed)) / fps
    in_air = np.tile([False] * stance + [True] * air, strides)
    hop = 0.05 * np.sin(np.pi * (np.arange(air) + 1) / (air + 1))
    clearance = np.tile(np.concatenate([np.zeros(stance), hop]), strides)[:, None]
    found = find_footing(clearance, np.where(in_air, 2.0, 0.0)[:, None], Arcs(path, 1 / fps), G, 1.0, captured=False)
    if flies:
        assert len(found.flights) == strides
        assert (found.air == in_air).mean() > 0.9
    else:
        assert found.flights == ()


def test_paths_that_fall_each_in_its_own_way_prove_nothing():
    fps, stance, air = 60, 12, 9
    path = np.zeros((0, 3))
    for pace in [0.5, 0.6, 0.7, 0.8, 0.55, 0.75]:
        g = G * pace**2
        every = np.array([g * (air + 1) / (stance - 1)] * (stance - 1) + [-g] * (air + 1))
        stride = np.zeros((stance + air, 3))
        speed = np.cumsum(every) / fps
        stride[:, 1] = 1.0 + np.cumsum(speed - speed.mean()) / fps
        path = np.concatenate([path, stride])
    in_air = np.tile([False] * stance + [True] * air, 6)
    clearance = np.where(in_air, 0.03, 0.0)[:, None]
    found = find_footing(clearance, np.where(in_air, 2.0, 0.0)[:, None], Arcs(path, 1 / fps), G, 1.0, captured=False)
    assert found.flights == ()


@pytest.mark.parametrize("speed", [0.35, 0.8, 2.0])
@pytest.mark.parametrize("fps", [24, 60])
def test_a_body_that_glides_slides_at_any_speed(speed, fps):
    t = np.arange(0, 1.5, 1 / fps)
    reading = read(carried(np.zeros(len(t)), 1 / fps, along=speed * t), BODY, G, 0.0)
    far = max(f.value_m for f in contact_faults(reading) if f.kind == SLIDE)
    assert far == pytest.approx(speed * t[-1], rel=0.2)
    assert any(f.kind == "slide" and f.grade == CRACKED for f in find(reading))


def test_what_glides_for_a_moment_or_stays_does_not():
    t = np.arange(0, 1.5, 1 / 60)
    stays = read(carried(np.zeros(len(t)), along=0.0 * t), BODY, G, 0.0)
    assert not stays.ask(read_glides)[0].any()
    assert not [f for f in contact_faults(stays) if f.kind == SLIDE and f.value_m > 0.001]
    jolt = np.where(t < 0.7, 0.0, np.minimum((t - 0.7) * 1.0, 0.05))
    assert not read(carried(np.zeros(len(t)), along=jolt), BODY, G, 0.0).ask(read_glides)[0].any()


def test_a_step_of_thirty_centimetres_is_told_however_quick():
    t = np.arange(0, 1.5, 1 / 30)
    for lasts in (0.3, 0.6):
        u = np.clip((t - 0.5) / lasts, 0, 1)
        reading = read(carried(np.zeros(len(t)), 1 / 30, along=0.3 * u * u * (3 - 2 * u)), BODY, G, 0.0)
        assert max(f.value_m for f in contact_faults(reading) if f.kind == SLIDE) > 0.2


def test_nothing_within_reach_gives_no_force_whatever_bears_a_body_in_doubt():
    t = np.arange(0, 1.0, 1 / 60)
    for height, gets in ((0.0, 0.0), (0.06, 1.0)):
        reading = read(carried(np.full(len(t), height), along=1.0 * t), BODY, G, 0.0)
        assert reading.flights == ()
        assert np.median(reading.ask(read_forces).size[10:-10]) == pytest.approx(gets, abs=0.05)


def floor_of(poses):
    track = follow(skin_of(BODY), poses)
    path = poses.position[:, 0]
    return estimate_floor(track, SIZE, falls=falling(Arcs(path, poses.dt), G, SIZE))


def test_frames_in_free_fall_have_no_vote_on_the_floor():
    t = np.arange(-0.3, 0.3, 1 / 60)
    floor = floor_of(carried(1.8 - G / 2 * t * t))  # slow enough about its top to seem to rest there
    assert (floor.how, floor.height_m) == (UNSEEN, 0.0)
    assert estimate_floor(follow(skin_of(BODY), carried(1.8 - G / 2 * t * t)), SIZE).height_m > 1.0


def test_two_levels_that_are_nearly_as_common_are_both_told():
    both = floor_of(carried(np.concatenate([np.full(60, 0.0), np.full(45, 0.3)])))
    assert both.height_m == pytest.approx(0.0, abs=0.01)
    assert both.other_m == pytest.approx(0.3, abs=0.01)
    assert floor_of(carried(np.concatenate([np.full(60, 0.0), np.full(20, 0.3)]))).other_m is None
    # more frames up there than on the floor: it stays at 0, and the other one is told
    above = floor_of(carried(np.concatenate([np.full(45, 0.0), np.full(60, 0.3)])))
    assert (above.how, above.height_m) == (AT_ZERO, 0.0)
    assert above.other_m == pytest.approx(0.3, abs=0.01)
    assert above.levels_but(0.0, SIZE) == pytest.approx(0.3, abs=0.01)
    assert above.levels_but(0.3, SIZE) == pytest.approx(0.0, abs=0.01)
    assert floor_of(carried(np.concatenate([np.full(20, 0.0), np.full(60, 0.3)]))).other_m is None


def test_soles_that_are_thicker_than_the_rig_says_do_not_hover():
    reading = read(carried(np.full(60, 0.02)), BODY, G, 0.0)
    assert not [f for f in contact_faults(reading) if f.kind == HOVER]
    leaves = read(carried(np.where(np.arange(60) < 30, 0.0, 0.02)), BODY, G, 0.0)
    assert [f for f in contact_faults(leaves) if f.kind == HOVER]


@pytest.mark.parametrize("fps", [30, 120])
def test_noise_is_a_captures_and_a_quick_smooth_motion_is_none(fps):
    t = np.arange(0, 2.0, 1 / fps)
    turn = rotation.exp(np.column_stack([2.0 * np.sin(9 * t), 0 * t, 0 * t]))[:, None]
    assert not is_captured(turn, 1 / fps)
    shaken = rotation.multiply(turn, rotation.exp(np.random.default_rng(3).normal(0, np.radians(0.3), (len(t), 1, 3))))
    assert is_captured(shaken, 1 / fps)


def test_noise_of_two_millimetres_breaks_no_push_at_120_frames_a_second():
    fps, rng = 120, np.random.default_rng(4)
    stand, air = 0.5, 0.4
    t = np.arange(0, 2 * stand + air, 1 / fps) - stand
    # down and up over 20 cm before and after a flight of 0.4 s
    up = G * air / 2
    depth = 0.20
    push = up**2 / (2 * depth)
    lasts = up / push
    before = np.where(t < -lasts, -depth, -depth + push / 2 * (t + lasts) ** 2)
    after = np.where(t > air + lasts, -depth, -depth + push / 2 * (air + lasts - t) ** 2)
    heights = np.where(t < 0, before, np.where(t > air, after, up * t - G / 2 * t * t))
    reading = read(carried(heights + rng.normal(0, 0.002, len(t)), 1 / fps), BODY, G, float(-depth))
    assert not [f for f in find(reading) if f.kind in ("push", "landing") and f.grade == CRACKED]


def grown(poses, times: float):
    """The same motion of a figure that is that much larger, at the same pace."""
    return poses_of(poses.rig, poses.frames, poses.dt, poses.local, poses.translation * times)


HELD_UP = np.insert(leap(0.0, 0.0, 2.6, 24), 17, [leap(0.0, 0.0, 2.6, 24)[17]] * 3)


@pytest.mark.parametrize("times", [0.25, 4.0])
@pytest.mark.parametrize(
    ("heights", "fps"),
    [
        (leap(0.0, 0.12, 2.6, 30), 30),
        (leap(0.0, 0.0, 2.6, 60) + 0.09, 60),
        (leap(0.3, 0.0, 1.2, 24), 24),
        (HELD_UP, 24),
        (np.abs(np.sin(np.arange(60) / 9)) * 0.05, 30),
        (np.r_[np.zeros(20), np.linspace(0, 0.2, 12), np.full(20, 0.2)], 24),
    ],
)
def test_what_bears_is_told_alike_at_any_size(heights, fps, times):
    """Lengths and gravity grow alike, so everything happens at the same moments."""
    poses = carried(heights, 1 / fps)
    here = read(poses, BODY, G, 0.0)
    there = read(grown(poses, times), weigh(BRAM_RIG, CM * times), G * times, 0.0)
    assert (there.footing.flights, there.footing.hovers) == (here.footing.flights, here.footing.hovers)
    told = [[(f.kind, f.what, f.start, f.end) for f in contact_faults(r)] for r in (here, there)]
    assert told[0] == told[1]
    values = [[f.value_m for f in contact_faults(r)] for r in (here, there)]
    np.testing.assert_allclose(values[1], np.multiply(values[0], times), rtol=0.02, atol=1e-4 * times)
