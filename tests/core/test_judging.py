"""Findings that are known again, left as they are, held against other limits; contacts set by hand; the floor."""

from dataclasses import replace
from fractions import Fraction

import numpy as np
import pytest

from ironarc.core import edits, truing
from ironarc.core.columns import smooth_keys
from ironarc.core.document import HandContact, Left, Limit
from ironarc.core.edits.rate import KEEP_SECONDS, at_rate
from ironarc.core.errors import EditError
from ironarc.core.exchange.bring_in import performer_from_file, shot_from_file
from ironarc.core.exchange.take_home import motion_file
from ironarc.core.judging import find, grade_of, judge, match
from ironarc.core.judging.card import card_of
from ironarc.core.judging.version import rules_version
from ironarc.core.motion.layers import Layer
from ironarc.core.motion.loads import Load, LoadTrack, track_loads
from ironarc.core.reading import read, read_all, read_shot, see
from ironarc.core.reading.flights import Moving, measure_flight
from ironarc.core.reading.gravity_arc import gravity_arc
from ironarc.core.reading.read import constant_spans
from ironarc.core.scene.guide import Guide
from tests.conftest import demo
from tests.figures import BRAM_RIG, Ask, identity, stiff_poses

ONE = "performer1"
HOP = demo("Gap hop")


def captured():
    """The hop as it would come from a file: values on every frame, which any rate can take anew."""
    return shot_from_file(motion_file(HOP), "Hop", scale_to_m=0.01, weighing=HOP.performer.weighing)


def judged(shot):
    return judge(shot, shot.performer, read_shot(shot))


def trued(shot, frame=37):
    return truing.propose(see(shot), truing.read_try(f"true_arc(frame={frame})")).edit.apply(shot)


# --- known again --------------------------------------------------------------------------------------


def test_a_finding_keeps_its_identity_when_only_numbers_change():
    before = judged(HOP)
    for change in (Ask("slip_performer", ONE, 5), edits.Renumber(1001)):
        after = judged(change.apply(HOP))
        assert [f.id for f in after] == [f.id for f in before]
        assert after[0].start != before[0].start
    assert {"performer1:hang:37", "performer1:arc:37"} < {f.id for f in before}


def test_after_an_edit_findings_are_matched_by_overlap_and_a_settled_one_by_none():
    before = judged(HOP)
    shorter = judged(Ask("cut_performer", ONE, 40, 41, 0).apply(HOP))
    found = match(before, shorter)
    assert found[before[0].id].kind == before[0].kind
    after = match(before, judged(trued(HOP)))
    assert {f.kind for f in before if after[f.id] is None} == {"hang", "arc", "phantom"}
    half = Ask("set_layer_weight", trued(HOP).performer.layers[1].id, 0.4).apply(trued(HOP))
    still = match(before, judged(half))
    assert {f.kind for f in before if still[f.id] is not None} >= {"hang", "arc"}


def test_what_is_left_as_it_is_stays_quiet_and_follows_the_motion():
    left = tuple(Left(kind, 27, 40, "She floats on purpose.") for kind in ("hang", "arc", "phantom"))
    shot = HOP.with_item(replace(HOP.performer, left=left))
    found = judged(shot)
    assert {f.left for f in found} == {"She floats on purpose."}
    assert grade_of(found) == "sound"
    card = card_of(shot, read_all(shot))
    assert (card["grade"], card["findings"], card["rules"]) == ("sound", 0, rules_version())
    assert all(f.left for f in judged(Ask("slip_performer", ONE, 9).apply(shot)))
    elsewhere = HOP.with_item(replace(HOP.performer, left=(Left("hang", 2, 9, "Not here."),)))
    assert grade_of(judged(elsewhere)) == "cracked"


def test_one_frame_that_was_left_does_not_silence_a_longer_finding_of_its_kind():
    hang = next(f for f in judged(HOP) if f.kind == "hang")
    a, b = hang.own
    for span, silenced in (((a, a), False), ((a, (a + b) // 2 - 1), False), ((a, (a + b) // 2 + 1), True)):
        left = HOP.with_item(replace(HOP.performer, left=(Left("hang", *span, "So."),)))
        assert bool(next(f for f in judged(left) if f.kind == "hang").left) is silenced


def test_what_was_left_speaks_again_when_it_has_grown():
    hang = next(f for f in judged(HOP) if f.kind == "hang")
    left = Ask("leave_findings", ONE, [hang.id], "She floats on purpose.").apply(HOP)
    assert left.performer.left[0].value == pytest.approx(hang.value)
    assert next(f for f in judged(left) if f.kind == "hang").left
    smaller = replace(left.performer.left[0], value=hang.value / 1.5)
    grown = left.with_item(replace(left.performer, left=(smaller,)))
    assert not next(f for f in judged(grown) if f.kind == "hang").left


def test_a_shot_s_own_limits_are_the_ones_that_count():
    assert {f.kind for f in judged(HOP) if f.grade == "cracked"} == {"hang", "arc"}
    more = (Limit("phantom", 1, 2), Limit("gone", 1, 2))
    lax = replace(HOP, limits=(Limit("hang", 0.4, 0.6), Limit("arc", 0.5, 0.9), *more))
    found = judged(lax)
    assert [(f.kind, f.grade, f.limit) for f in found] == [("hang", "strained", 0.4)]
    with pytest.raises(EditError, match="strained comes before cracked"):
        edits.SetShot({"limits": (Limit("arc", 0.9, 0.5),)}, "x").apply(HOP)


def test_contacts_set_by_hand_win_over_those_detected_and_follow_the_motion():
    assert [(f.start, f.end) for f in read_shot(HOP).flights] == [(30, 45)]
    touch = HandContact("LeftToe", "toe", 36, 38, "floor")
    shot = HOP.with_item(replace(HOP.performer, contacts=(touch,)))
    assert [(f.start, f.end) for f in read_shot(shot).flights] == [(30, 35), (39, 45)]
    slipped = Ask("slip_performer", ONE, 3).apply(shot)
    assert [(f.start, f.end) for f in read_shot(slipped).flights] == [(33, 38), (42, 48)]
    lifted = tuple(
        HandContact(c.joint, c.point, 46, 48) for c in read_shot(HOP).contacts if c.start <= 48 and c.end >= 46
    )
    longer = read_shot(HOP.with_item(replace(HOP.performer, contacts=lifted))).flights
    assert [(f.start, f.end) for f in longer] == [(30, 48)]


# --- loads in the air ---------------------------------------------------------------------------------


def test_a_load_let_go_in_the_air_is_no_fault_and_says_what_it_took_along():
    """A stiff body and its sack fly one arc; from the moment it opens its hand, the body flies on alone."""
    dt, g = 1 / 24, 9.81
    t = np.arange(24)[:, None] * dt
    root = np.array([0.0, 1.2, 0.0]) + np.array([0.2, 3.0, 1.0]) * t - np.array([0.0, g / 2, 0.0]) * t * t
    poses, body = stiff_poses(BRAM_RIG, identity(24), root, dt), HOP.performer.body()

    def reading(*loads):
        return read(poses, body, g, -9.0, (), track_loads(loads, poses, body.anatomy, poses.frames, 1.0))

    sack = Load("load1", "Sack", ("RightHand",), -5, 12, 12.0, ease_in=0, ease_out=0)
    (flight,) = reading(sack).flights
    (step,) = flight.steps
    assert (step.frame, flight.hang_frames) == (13, 24)
    arm = reading(sack).body_com[0] - reading(sack).com[0]
    assert np.linalg.norm(arm) > 0.03
    np.testing.assert_allclose(step.shift_m, arm, atol=1e-9)
    np.testing.assert_allclose(step.speed_ms, 0, atol=1e-9)
    assert flight.implied_g == pytest.approx(g, abs=1e-6)
    assert flight.arc_max_m < 1e-9
    assert find(reading(sack)) == []
    np.testing.assert_allclose(gravity_arc(reading(sack), flight), reading(sack).com, atol=1e-9)
    (eased,) = reading(replace(sack, ease_out=3)).flights
    assert eased.arc_max_m < 1e-9
    assert not reading(replace(sack, end=99)).flights[0].steps


def test_a_load_let_go_at_the_very_take_off_tells_no_jerk_there():
    """The arc then is that of another whole than the one that pushed off, and a single frame has no arc."""
    dt, n = 1 / 24, 16
    t = np.arange(n)[:, None] * dt
    com = np.array([0.0, 1.0, 0.0]) + np.array([0.3, 2.0, 1.0]) * t - np.array([0.0, 9.81 / 2, 0.0]) * t * t
    faster = np.tile([0.0, 5.0, 0.0], (n, 1))  # what the contact beside it would have to have given
    L, inertia = np.zeros((n, 3)), np.tile(np.eye(3), (n - 4, 1, 1))

    def flight(*spans):
        return measure_flight(Moving(com, faster, L, np.arange(1, n + 1), dt), (2, n - 2), inertia, 9.81, spans)

    whole, late, early = flight((2, n - 2)), flight((4, n - 2)), flight((2, n - 4))
    assert np.linalg.norm(whole.kink_take_off_ms) > 2
    assert (late.kink_take_off_ms == 0).all()
    np.testing.assert_allclose(late.kink_landing_ms, whole.kink_landing_ms, atol=1e-9)
    assert (early.kink_landing_ms == 0).all()
    counts = np.array([1.0] + [0.0] * (n - 1))
    track = LoadTrack(Load("load1", "Sack", ("Hips",), 1, 1, 9.0), counts, com, identity(n), np.eye(3))
    assert constant_spans((track,), 0, n) == ((1, n),)


def test_an_exact_body_that_lets_go_reads_exactly():
    """Two arcs made by hand, one curvature: place and speed jump where the load goes."""
    dt, n, at = 1 / 24, 20, 9
    t = np.arange(n)[:, None] * dt
    com = np.array([0.0, 1.0, 0.0]) + np.array([0.3, 2.0, 1.0]) * t - np.array([0.0, 9.81 / 2, 0.0]) * t * t
    jump, faster = np.array([0.01, -0.05, 0.02]), np.array([0.0, -0.4, 0.1])
    com[at:] += jump + faster * (t[at:] - (at - 0.5) * dt)
    L, inertia = np.zeros((n, 3)), np.tile(np.eye(3), (n, 1, 1))
    moving = Moving(com, np.zeros_like(com), L, np.arange(1, n + 1), dt)
    flight = measure_flight(moving, (0, n), inertia, 9.81, ((0, at), (at, n)))
    assert flight.implied_g == pytest.approx(9.81, abs=1e-9)
    assert flight.arc_max_m < 1e-12
    np.testing.assert_allclose(flight.steps[0].shift_m, jump, atol=1e-12)
    np.testing.assert_allclose(flight.steps[0].speed_ms, faster, atol=1e-12)
    one_arc = measure_flight(moving, (0, n), inertia, 9.81)
    assert one_arc.arc_max_m > 0.02  # fitted over both, it would have been a fault


# --- rates --------------------------------------------------------------------------------------------


def test_a_trued_arc_stays_true_at_twice_the_rate():
    shot = trued(HOP)
    (flight,) = read_shot(shot).flights
    assert flight.arc_max_m < 1e-3
    (faster,) = read_shot(at_rate(shot, Fraction(48), KEEP_SECONDS)).flights
    assert (
        faster.arc_max_m < 0.004
    )  # it was 3.2 cm while a layer had hard edges, and contacts were found by other speeds
    (back,) = read_shot(at_rate(at_rate(shot, Fraction(48), KEEP_SECONDS), Fraction(24), KEEP_SECONDS)).flights
    assert back.arc_max_m < 0.004


def test_layers_loads_and_all_told_in_own_frames_keep_their_seconds():
    sack = Load("load1", "Sack", ("RightHand",), 11, 40, 9.0, ease_in=5, ease_out=3)
    contact, left = HandContact("LeftToe", "toe", 9, 12), Left("hang", 30, 45, "So.")
    full = trued(captured())
    full = full.with_item(replace(full.performer, loads=(sack,), contacts=(contact,), left=(left,)))
    slow, fast = (at_rate(full, Fraction(rate), KEEP_SECONDS).performer for rate in (12, 48))
    for q, k in ((slow, 0.5), (fast, 2.0)):
        load = q.loads[0]
        # t² (3 - 2t) half-way up and half-way down lies at the same moment, to half a frame of the slower rate
        for ease, edge, sign in ((load.ease_in, load.start, 1), (load.ease_out, load.end, -1)):
            was = (sack.start - 1 + 3.0) if sign == 1 else (sack.end + 1 - 2.0)
            half = edge - sign + sign * (ease + 1) / 2
            assert abs((half - 1) / k + 1 - was) <= 1.01
        assert (q.contacts[0].end - q.contacts[0].start + 1) == pytest.approx(4 * k, abs=1)
        assert (q.left[0].end - q.left[0].start + 1) == pytest.approx(16 * k, abs=1)
        assert q.clip[1] - q.clip[0] == pytest.approx(71 * k, abs=1)
    assert (slow.loads[0].ease_in, slow.loads[0].ease_out) != (5, 3)


def test_a_correction_does_not_carry_frame_numbers_in_its_name():
    shot = edits.Renumber(1001).apply(trued(HOP))
    (layer,) = shot.performer.corrections
    assert layer.name == "True the arc"
    assert tuple(map(shot.performer.timing.seen_frame, layer.span)) == (1023, 1052)


def test_sampling_anew_does_not_change_the_verdict():
    """Between captured frames nothing more was measured: the same hop in a shot of four times its rate."""
    slow = captured()
    host = replace(slow, frame_time_s=1 / 96, frames=slow.frames * 4)
    shot = edits.AddItem(performer_from_file(motion_file(slow), "Guest", host)).apply(host)
    guest = shot.performers[1]
    assert guest.sample_time_s == pytest.approx(1 / 24)
    before, after = read_shot(slow), read_shot(shot, performer_id=guest.id)
    found = judge(shot, guest, after)
    assert [(f.kind, f.grade) for f in found] == [(f.kind, f.grade) for f in judged(slow)]
    (was,), (now,) = before.flights, after.flights
    assert abs(now.start - ((was.start - 1) * 4 + 1)) <= 3
    assert now.implied_g == pytest.approx(was.implied_g, abs=0.25)
    # four times the frames say no more than those that were measured
    assert now.implied_g_se == pytest.approx(was.implied_g_se, rel=0.35)


# --- floor and guides ---------------------------------------------------------------------------------


def test_the_floor_is_written_down_when_motion_is_brought_in():
    shot = shot_from_file(motion_file(HOP), "Hop", scale_to_m=0.01)
    assert shot.floor_m is not None
    assert not shot.floor_by_hand
    foot = {("LeftFoot", "rx"): smooth_keys([1], [0.6])}
    bent = edits.AddLayer(Layer("layer1", "Layer", columns=foot)).apply(shot)
    assert read_shot(bent).floor_m == read_shot(shot).floor_m


def test_another_unit_leaves_a_floor_that_was_set_and_finds_an_estimated_one_again():
    shot = shot_from_file(motion_file(HOP), "Hop", scale_to_m=0.01)
    tall = Ask("figure_height", 3.62)
    assert tall.apply(Ask("set_floor", 0.21).apply(shot)).floor_m == 0.21
    again = tall.apply(shot)
    assert again.floor_m == pytest.approx(2 * shot.floor_m, abs=0.002)
    assert not again.floor_by_hand
    back = Ask("set_floor", None).apply(Ask("set_floor", 0.21).apply(shot))
    assert back.floor_m == pytest.approx(shot.floor_m)


def test_a_guide_of_a_joint_or_performer_that_is_not_there_is_refused():
    def guide(**changes):
        return replace(Guide("guide1", "Path", "gravity", ((0, 1, 0), (0, 1, 1)), 5, 12.0), **changes)

    with pytest.raises(EditError, match="no joint called Fin for Path to guide"):
        edits.AddItem(guide(of="Fin")).apply(HOP)
    with pytest.raises(EditError, match="for a performer that is not in the shot"):
        edits.AddItem(guide(performer="performer9")).apply(HOP)
    shot = edits.AddItem(guide(of="LeftHand")).apply(Ask("add_stock", "gull", "standing").apply(HOP))
    with pytest.raises(EditError, match="Gull has no joint called LeftHand"):
        Ask("set_item", "guide1", {"performer": "performer2"}).apply(shot)


def test_a_weighing_of_the_whole_is_one_at_its_size_in_the_shot():
    """A body twice the size is told in the kilograms that are seen: eight times those at its own size."""
    tall = Ask("place_performer", ONE, (0, 0, 0), 0.0, 2.0).apply(HOP)
    heavy = Ask("weigh_total", 800.0).apply(tall)
    assert heavy.performer.weighing == replace(HOP.performer.weighing, mass_kg=100.0)
    assert heavy.performer.body().mass_kg == pytest.approx(800.0)
