"""Numbers that a reading, a verdict or a correction hangs on, each against what it is worked out from by hand."""

from dataclasses import replace

import numpy as np
import pytest

from ironarc.core import rotation
from ironarc.core.errors import EditError
from ironarc.core.figure.body import weigh
from ironarc.core.formats import bvh
from ironarc.core.judging.judge import match
from ironarc.core.motion.pin import Pin
from ironarc.core.reading import read, read_shot, see
from ironarc.core.reading.balance import read_balance
from ironarc.core.reading.faults import HOVER, SINK, SLIDE, contact_faults
from ironarc.core.reading.flights import Moving, measure_flight
from ironarc.core.reading.forces import read_forces
from ironarc.core.reading.impact import needed_bw, read_pushes
from ironarc.core.reading.skin import SOLE
from ironarc.core.scene.cuts import Cut
from ironarc.core.scene.timing import Timing
from ironarc.core.truing import CORRECTIONS, Try, trial
from ironarc.core.truing.carry import lead_in, lead_out
from tests.conftest import demo
from tests.core.test_contacts import BODY
from tests.core.test_corrections import spoiled, up
from tests.core.test_pins import pinned
from tests.figures import BRAM_RIG, SMALL_BVH, carried, identity, posed

G = 9.81


def stood(n: int = 30, fps: int = 30):
    return carried(np.zeros(n), 1 / fps)


def test_a_body_is_past_saving_at_half_its_height():
    lean = rotation.about_axis("X", np.full(30, 0.35))
    feet = dict.fromkeys(("LeftFoot", "RightFoot"), (-0.35, 0, 0))
    reading = read(posed(carried(np.full(30, -0.02), 1 / 30, turn=lean), feet), BODY, G, 0.0)
    balance = reading.ask(read_balance)
    k = 15
    past, height = -balance.margin_m[k], float(reading.com[k, 1])
    assert past > 0.05
    # an inverted pendulum let go from there: x = past cosh(t √(g / h)), until x is half of h
    wanted = np.arccosh(0.5 * height / past) / np.sqrt(G / height)
    assert balance.tips_in_s[k] == pytest.approx(wanted, rel=0.04)


@pytest.mark.parametrize(("share", "falls"), [(0.2, False), (0.45, True)])
def test_a_path_that_falls_by_a_third_of_gravity_or_more_near_the_ground_is_not_held_up(share, falls):
    fps, hang = 24, 0.4
    t = np.arange(0, hang + 1.0, 1 / fps) - 0.5
    rise = share * G / 2 * np.clip(t, 0, hang) * (hang - np.clip(t, 0, hang))
    reading = read(carried(rise + np.where((t > 0) & (t < hang), 0.02, 0.0), 1 / fps), BODY, G, 0.0)
    assert bool(reading.flights) is falls


def test_a_kink_is_told_against_the_contact_s_own_frame():
    fps, v = 24, 2.6
    t = np.arange(0, 2 * v / G + 1.0, 1 / fps) - 0.5
    heights = np.where((t > 0) & (t < 2 * v / G), v * t - G / 2 * t * t, 0.0)
    (flight,) = read(carried(heights, 1 / fps), BODY, G, 0.0).flights
    # it leaves a stand with all of its speed at once, and comes to one with all of it
    before, after = t[flight.start - 2], t[flight.end]
    assert flight.kink_take_off_ms[1] == pytest.approx(v - G * before, abs=0.06)
    assert flight.kink_landing_ms[1] == pytest.approx(v - G * after, abs=0.06)


def slid(turns: dict, by: float = 0.12) -> float:
    along = np.interp(np.arange(60), [20, 40], [0.0, by])
    poses = posed(carried(np.zeros(60), 1 / 30, along=along), turns)
    soles = read(poses, BODY, G, -1.0).traced.track
    low = float(soles.at[:, soles.skin.named(*SOLE), 1].min())
    reading = read(poses, BODY, G, low)
    return max((f.value_m for f in reading.ask(contact_faults) if f.kind == SLIDE), default=0.0)


def test_a_foot_on_its_ball_slides_by_half():
    flat = slid({})
    tip_toe = dict.fromkeys(("LeftFoot", "RightFoot"), (0.6, 0, 0))
    assert flat == pytest.approx(0.12, abs=0.01)
    assert slid(tip_toe) == pytest.approx(flat / 2, abs=0.008)


@pytest.mark.parametrize(("share", "sinks"), [(0.28, False), (0.75, True)])
def test_a_round_part_gives_way_by_a_third_of_its_half_width(share, sinks):
    lying = carried(np.zeros(40), 1 / 30, turn=rotation.about_axis("X", np.full(40, -np.pi / 2)))
    track = read(lying, BODY, G, 0.0).traced.track
    skin = track.skin
    soft = ~skin.named(*SOLE, "palm", "tip")
    lowest = int(np.where(soft, track.at[20, :, 1], np.inf).argmin())
    deep = share * float(skin.half[lowest].min())
    reading = read(lying, BODY, G, float(track.at[20, lowest, 1]) + deep)
    found = [f for f in reading.ask(contact_faults) if f.kind == SINK and skin.points[lowest].point in f.what + "hip"]
    assert bool(found) is sinks


def test_a_landing_gets_the_benefit_of_a_doubt_of_half_a_frame():
    reading = read_shot(demo("Net-perch"))
    push = next(p for p in reading.ask(read_pushes) if not p.at_take_off)
    doubt = push.speed_ms * reading.poses.dt / 2
    assert push.mean_bw == pytest.approx(needed_bw(push.speed_ms, push.depth_m + doubt, reading.g), rel=1e-3)
    assert push.mean_bw < 0.95 * needed_bw(push.speed_ms, push.depth_m, reading.g)


def test_the_hips_give_six_hundredths_of_a_limb_to_a_pin_out_of_reach():
    shot = demo("Gap hop")
    held = pinned(shot, Pin("pin1", "left foot", 5, 10, (0.0, 5.0, 0.0), ease_in=0, ease_out=0))
    was, now = (s.poses("", s.frame_numbers()) for s in (shot, held))
    given = np.linalg.norm(now.position[6, 0] - was.position[6, 0])
    rig = shot.performer.rig
    leg = sum(float(np.linalg.norm(rig.offsets[rig.index(n)])) * 0.01 for n in ("LeftLeg", "LeftFoot"))
    assert given == pytest.approx(0.06 * leg, rel=0.02)


def test_two_cuts_need_room_for_both_their_blends():
    timing = Timing().with_cut(Cut(20, 29, 6), (1, 100))
    with pytest.raises(EditError, match="blend"):
        timing.with_cut(Cut(34, 40, 4), (1, 100))
    assert len(timing.with_cut(Cut(36, 42, 4), (1, 100)).cuts) == 2


def test_a_finding_that_grows_by_a_twentieth_is_worse(monkeypatch):
    seen = see(spoiled(shift=up(0.06)))
    found = trial.judged(seen)
    for grows, worse in ((1.02, 0), (1.05, 1)):
        after = [replace(found[0], value=found[0].value * grows)]
        monkeypatch.setattr(trial, "judged", lambda _, after=after: after)
        place = CORRECTIONS["true_footing"].places(seen)[0]
        outcome = trial.tried(seen, found[:1], Try(CORRECTIONS["true_footing"], place.ways[0].options))
        assert len(outcome.worse) == worse


def test_findings_on_one_and_the_same_frame_are_the_same():
    found = trial.judged(see(spoiled(turns={"RightForeArm": np.outer(np.arange(72) == 60, [0, 0, 0.9])})))
    pop = next(f for f in found if f.kind == "pop")
    assert pop.own[0] == pop.own[1]
    assert match([pop], [replace(pop, value=2.0)])[pop.id].value == 2.0


def test_a_trunk_is_wider_than_it_is_deep():
    trunk = [p for p in weigh(BRAM_RIG, 0.01).parts if p.segment == "trunk"]
    assert all(p.half_width_m > 1.1 * p.half_depth_m for p in trunk)
    assert all(np.allclose(np.abs(p.across[0]), [1, 0, 0], atol=1e-6) for p in trunk)


def test_what_leads_in_and_out_begins_and_ends_without_a_jerk():
    n = 400
    out, into = lead_out(n), np.concatenate([[0.0], lead_in(n)])
    assert out[1] - out[0] == pytest.approx(1.0, abs=0.01)  # a speed of one a frame where it comes from the air
    assert into[-1] - into[-2] == pytest.approx(1.0, abs=0.01)
    # at the far end speed and acceleration are nothing: only the third difference is left
    assert abs(np.diff(out, 2)[-1]) < 0.02 * np.abs(np.diff(out, 2)).max()
    assert abs(np.diff(into, 2)[0]) < 0.02 * np.abs(np.diff(into, 2)).max()
    assert (out[n // 2], into[n // 2]) == pytest.approx((n / 16, -n / 16))


@pytest.mark.parametrize(("place", "meaning"), [("0 30 0", "replaces"), ("0 20 0", "adds")])
def test_a_joint_s_positions_are_places_where_they_lie_nearer_its_offset(place, meaning):
    channels = "CHANNELS 6 Xposition Yposition Zposition Yrotation Xrotation Zrotation"
    text = SMALL_BVH.replace("CHANNELS 3 Yrotation Xrotation Zrotation", channels)
    head, motion = text.split("MOTION")
    lines = motion.strip().split("\n")
    rows = [" ".join([*line.split()[:6], *place.split(), *line.split()[6:]]) for line in lines[2:]]
    told = bvh.parse((f"{head}MOTION\n{lines[0]}\n{lines[1]}\n" + "\n".join(rows) + "\n").encode())
    assert told.rig.joints[1].position == meaning  # its OFFSET is 50 up


def test_hovering_is_told_from_lying_on_by_the_whole_body():
    reading = read(carried(np.full(40, 0.04), 1 / 30, turn=identity(40)), BODY, G, 0.0)
    (fault,) = [f for f in reading.ask(contact_faults) if f.kind == HOVER]
    assert fault.value_m == pytest.approx(0.04, abs=0.002)
    assert not [f for f in read(stood(), BODY, G, 0.0).ask(contact_faults) if f.kind == HOVER]


def test_between_two_flights_a_push_lies_between_them():
    fps, v, stands = 30, 2.4, 0.5
    air = 2 * v / G
    t = np.arange(0, 3 * stands + 2 * air, 1 / fps)
    rise = np.zeros(len(t))
    for start in (stands, 2 * stands + air):
        own = np.clip(t - start, 0, air)
        rise += v * own - G / 2 * own**2
    reading = read(carried(rise, 1 / fps), BODY, G, 0.0)
    first, second = reading.flights
    pushes = read_pushes(reading)
    assert [push.at_take_off for push in pushes] == [True, False, True, False]
    landing, push = pushes[1:3]
    assert first.end < landing.start <= landing.end < second.start
    assert first.end < push.start <= push.end <= second.start


def test_spin_is_held_against_each_whole_and_not_against_a_cut_end():
    n, a, b = 40, 10, 30
    L = np.zeros((n, 3))
    L[a:20], L[20:b] = [0.0, 0.0, 4.0], [0.0, 0.0, 9.0]
    path = np.zeros((n, 3))
    path[:, 1] = 3.0 - G / 2 * ((np.arange(n) - 20) / 30) ** 2
    moving = Moving(path, np.gradient(path, 1 / 30, axis=0), L, np.arange(1, n + 1), 1 / 30)
    inertia = np.broadcast_to(np.eye(3), (b - a, 3, 3))
    assert measure_flight(moving, (a, b), inertia, G, ((a, 20), (20, b))).spin.rms_dev == pytest.approx(0.0, abs=1e-12)
    assert measure_flight(moving, (a, b), inertia, G).spin.rms_dev == pytest.approx(2.5)
    # over the range's end a derivative has one side only: that frame is left out
    L[b - 1] = [50.0, 0.0, 0.0]
    cut = Moving(path[:b], moving.com_velocity[:b], L[:b], np.arange(1, b + 1), 1 / 30)
    assert measure_flight(cut, (20, b), inertia[:10], G).spin.rms_dev == pytest.approx(0.0, abs=1e-12)
    assert measure_flight(moving, (20, b), inertia[:10], G).spin.rms_dev > 10


def test_of_a_flight_of_three_frames_no_force_is_told():
    heights = np.zeros(40)
    heights[19:22] = [0.15, 0.16, 0.15]
    reading = read(carried(heights, 1 / 24), BODY, G, 0.0)
    ((a, b),) = reading.footing.flights
    told = reading.ask(read_forces).told
    assert b - a == 3
    assert not told[a:b].any()
    assert told[a - 1]
    assert told[b]
    long = carried(np.concatenate([np.zeros(20), np.full(8, 0.2), np.zeros(20)]), 1 / 24)
    assert read(long, BODY, G, 0.0).ask(read_forces).told[20:28].all()
