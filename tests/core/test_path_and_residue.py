"""The path made anew without a change of pose, what ways are priced and refused by, and joints made anew."""

from dataclasses import replace

import numpy as np
import pytest

from ironarc.core import rotation
from ironarc.core.errors import EditError
from ironarc.core.motion.poses import poses_of
from ironarc.core.reading import read, read_shot, see
from ironarc.core.reading.momentum import body_centres, whole_com
from ironarc.core.solve.path import Course, shift_along
from ironarc.core.truing import CORRECTIONS, Try, plan, propose, trial
from ironarc.core.truing.anew import as_elsewhere, between, spoiled_span
from ironarc.core.truing.plan import carry_out
from ironarc.core.truing.residue import from_nothing, harm, moved, price, residue
from ironarc.core.truing.trial import judged
from ironarc.core.truing.upright import turned_back
from tests.conftest import demo
from tests.core.test_contacts import BODY
from tests.core.test_corrections import POSES, SOUND, N, eased, spoiled, up
from tests.figures import carried, changed_poses, dense_shot

G, FPS = 9.81, 30
SOUND_FLIGHT = read_shot(SOUND).flights[0]


def course(path: np.ndarray, on: np.ndarray, **more) -> Course:
    """A body as a point 1 m over a sole of two corners that goes along with it, on the ground where `on`."""
    n = len(path)
    corners = path[:, None] - [0.0, 1.0, 0.0] + np.array([[-0.1, 0, 0], [0.1, 0, 0]])
    moved = np.zeros((n, 1, 2))
    moved[:-1, 0] = np.diff(path[:, [0, 2]], axis=0)
    height = path[:, 1:2] - 1.0
    return Course(
        path, np.zeros((n, 3)), corners, np.repeat(on[:, None], 2, axis=1), moved, height,
        on[:, None].astype(float), height[:, 0], 1 / FPS, G, 1.0, more.get("level", True), False,
    )  # fmt: skip


def test_a_glide_is_taken_out_and_a_stand_stays():
    t = np.arange(40) / FPS
    stands = np.column_stack([0 * t, 1 + 0 * t, 0 * t])
    on = np.ones(40, dtype=bool)
    np.testing.assert_allclose(shift_along(course(stands, on)), 0.0, atol=1e-6)
    glides = stands + np.outer(t, [0.8, 0.0, -0.3])
    shifted = glides + shift_along(course(glides, on))
    np.testing.assert_allclose(shifted, stands, atol=1e-4)


def test_a_shove_comes_out_on_the_frame_it_went_in_and_what_follows_goes_where_it_would_have_gone():
    t = np.arange(60) / FPS
    flies = (t > 0.5) & (t < 1.1)
    up = G * 0.6 / 2
    rise = np.where(flies, up * (t - 0.5) - G / 2 * (t - 0.5) ** 2, 0.0)
    clean = np.column_stack([1.5 * np.clip(t - 0.5, 0, 0.6), 1 + rise, 0 * t])
    shoved = clean + np.outer(np.clip(t - 0.8, 0, 0.3), [0.0, 0.0, 1.0])
    on = ~flies
    moved_by = shift_along(course(shoved, on, level=False))
    still = shift_along(course(clean, on, level=False))
    np.testing.assert_allclose((shoved + moved_by - clean)[:, 2], still[:, 2], atol=0.02)
    assert abs(moved_by[-1, 2] + 0.3) < 0.02


def test_what_stands_too_high_comes_down_and_nothing_gets_under_the_ground():
    t = np.arange(40) / FPS
    high = np.column_stack([0 * t, 1.1 + 0 * t, 0 * t])
    down = shift_along(course(high, np.ones(40, dtype=bool)))
    assert np.all(np.abs(down[2:-2, 1] + 0.1) < 0.01)
    kept = shift_along(course(high, np.ones(40, dtype=bool), level=False))
    np.testing.assert_allclose(kept[:, 1], 0.0, atol=1e-9)


def test_true_path_moves_the_whole_and_turns_nothing():
    gliding = see(spoiled(shift=np.outer(np.arange(N) / 24, [0.5, 0.0, 0.0])))
    options = CORRECTIONS["true_path"].places(gliding)[0].options
    made = propose(gliding, Try(CORRECTIONS["true_path"], options))
    after = see(made.edit.apply(gliding.shot))
    assert made.cost.turned_deg < 0.1
    np.testing.assert_allclose(after.reading.poses.local, gliding.reading.poses.local, atol=1e-9)
    slid = residue(gliding.reading).slid_m
    assert slid > 0.3
    assert residue(after.reading).slid_m < 0.3 * slid
    again = propose(after, Try(CORRECTIONS["true_path"], options))
    assert again.cost.moved_m < 0.03 * made.cost.moved_m


def test_a_clean_shot_has_no_place_for_it():
    assert CORRECTIONS["true_path"].places(see(demo("Gangway slip"))) == []


def still(n: int = 40) -> np.ndarray:
    return np.zeros(n)


def test_force_from_nothing_is_seen_where_a_body_is_held_up_or_stops_between_two_frames():
    stands = read(carried(still(), 1 / FPS), BODY, G, 0.0)
    assert max(x.max() for x in from_nothing(stands)) < 0.01
    t = np.arange(40) / FPS
    stops = read(carried(still(), 1 / FPS, along=np.minimum(t, 0.7) * 2.0), BODY, G, 0.0)
    force, _ = from_nothing(stops)
    assert force.max() > 1.0  # 2 m/s in a frame, with 0.8 of its weight to stop it by
    assert abs(int(force.argmax()) - 21) <= 2


def test_what_is_worse_by_more_than_may_be_is_called_by_its_name():
    t = np.arange(40) / FPS
    fine = residue(read(carried(still(), 1 / FPS), BODY, G, 0.0))
    slides = residue(read(carried(still(), 1 / FPS, along=0.2 * t), BODY, G, 0.0))
    sinks = residue(read(carried(np.where(t > 0.6, -0.05, 0.0), 1 / FPS), BODY, G, 0.0))
    assert harm(fine, fine, 0) == ""
    assert harm(fine, slides, 0) == "feet slide"
    assert harm(slides, fine, 0) == ""
    assert harm(fine, sinks, 0) in ("soles under the ground", "more force from nowhere")
    assert price(slides, fine, 0) < slides.loss + 6.0 * moved(slides, fine)
    assert price(fine, fine, 3) > price(fine, fine, -3) > price(fine, fine, 0) == fine.loss


def test_a_shift_that_lasts_counts_by_its_changes_and_a_bump_by_its_size():
    base = residue(read(carried(still(90), 1 / FPS), BODY, G, 0.0))
    for_good = residue(read(carried(np.where(np.arange(90) < 45, 0.0, 0.1), 1 / FPS), BODY, G, 0.0))
    bump = residue(read(carried(np.where(np.abs(np.arange(90) - 45) < 5, 0.1, 0.0), 1 / FPS), BODY, G, 0.0))
    assert moved(base, base) == 0.0
    assert moved(base, for_good) == pytest.approx(0.1 / 90, rel=0.2)
    assert moved(base, bump) > 5 * moved(base, for_good)


def swing(frames: int) -> np.ndarray:
    t = np.arange(frames) / FPS
    return rotation.exp(np.column_stack([0.8 * np.sin(3 * t), 0.2 * np.cos(2 * t), 0 * t]))


def test_a_spoiled_joint_is_found_between_its_clean_neighbours():
    clean = swing(60)
    spoiled = clean.copy()
    spoiled[28:33] = rotation.multiply(clean[28:33], rotation.exp(np.array([-0.9, 0.0, 0.0])))
    x, y = spoiled_span(spoiled, 29, 32, 1 / FPS)
    assert x <= 28
    assert y >= 33
    off = rotation.log(rotation.multiply(rotation.conjugate(clean), between(spoiled, x, y)))
    assert np.degrees(np.linalg.norm(off, axis=1).max()) < 2.0
    assert spoiled_span(spoiled, 0, 60, 1 / FPS) is None


def test_a_joint_is_as_it_was_where_all_others_did_the_same():
    once = np.stack([swing(40), swing(40), swing(40)], axis=1)
    local = np.concatenate([once, once])
    spoiled = local.copy()
    spoiled[55:60, 2] = rotation.IDENTITY
    found = as_elsewhere(spoiled, 2, [0], 54, 61)
    off = rotation.log(rotation.multiply(rotation.conjugate(local[:, 2]), found))
    assert np.linalg.norm(off, axis=1).max() < 1e-6
    assert as_elsewhere(spoiled[:70], 1, [0, 2], 2, 68) is None  # never twice in so short a motion


def test_a_flipped_knee_is_made_anew_by_its_joint_alone():
    bend = rotation.log(POSES.local[:, POSES.rig.index("LeftLeg")])
    hat = eased(12, 15, 17, 20)
    over = -bend * hat[:, None] + np.outer(hat, [-0.35, 0.0, 0.0]) * np.sign(bend[:, :1] + 1e-9)
    knee = spoiled(turns={"LeftLeg": over})
    seen = see(knee)
    place = CORRECTIONS["unbend"].places(seen)[0]
    made = propose(seen, Try(CORRECTIONS["unbend"], place.way("joint").options))
    after = see(made.edit.apply(knee)).reading.poses
    assert not CORRECTIONS["unbend"].places(see(made.edit.apply(knee)))
    was = np.linalg.norm(seen.reading.poses.position - POSES.position, axis=-1).max()
    assert np.linalg.norm(after.position - POSES.position, axis=-1).max() < 0.25 * was


def off_from(clean, poses) -> float:
    """m, the farthest that any joint of a motion is from where another one has it on the same frame."""
    return float(np.linalg.norm(poses.position - clean.position, axis=-1).max())


def settled_by(name: str, way: str, shot, kind: str):
    """A proposal by one way of a correction for a shot's first finding of a kind, and the reading with it."""
    seen = see(shot)
    finding = next(f for f in judged(seen) if f.kind == kind)
    place = next(p for p in CORRECTIONS[name].places(seen) if p.start <= finding.end and finding.start <= p.end)
    made = propose(seen, Try(CORRECTIONS[name], place.way(way).options))
    return made, see(made.edit.apply(shot)).reading


STANDS = carried(still(90), 1 / FPS)


def stands_but(**changes):
    return dense_shot(changed_poses(STANDS, **changes), SOUND)


def test_a_spin_that_was_wrong_from_the_push_on_is_joined_before_the_take_off():
    first, last = (SOUND_FLIGHT.start - 4, SOUND_FLIGHT.end + 3)
    hat = eased(first, first + 6, last - 5, last)
    about, turn = whole_com(body_centres(POSES, BODY), BODY), rotation.about_axis("Y", 1.6 * hat)
    local, translation = POSES.local.copy(), POSES.translation.copy()
    local[:, 0] = rotation.multiply(turn, local[:, 0])
    translation[:, 0] = about + rotation.rotate(turn, translation[:, 0] - about)
    wrong = dense_shot(poses_of(POSES.rig, POSES.frames, POSES.dt, local, translation), SOUND)
    by = {way: settled_by("true_spin", way, wrong, "spin")[1].poses for way in ("body", "joined")}
    was = off_from(POSES, see(wrong).reading.poses)
    assert off_from(POSES, by["joined"]) < 0.5 * off_from(POSES, by["body"]) < was
    jerk = {way: np.linalg.norm(np.diff(p.position, 3, axis=0), axis=-1).max() for way, p in by.items()}
    assert jerk["joined"] < 0.9 * jerk["body"]


def test_a_lean_is_turned_back_about_the_feet():
    hat = np.interp(np.arange(90), [10, 20, 60, 75], [0.0, 1.0, 1.0, 0.0])
    turn = rotation.about_axis("X", 0.25 * hat)
    feet = [STANDS.rig.index(name) for name in ("LeftFoot", "RightFoot")]
    about = STANDS.position[:, feet].mean(axis=1)
    local, translation = STANDS.local.copy(), STANDS.translation.copy()
    local[:, 0] = rotation.multiply(turn, local[:, 0])
    translation[:, 0] = about + rotation.rotate(turn, translation[:, 0] - about)
    for foot in feet:
        local[:, foot] = rotation.multiply(rotation.conjugate(turn), local[:, foot])
    lean = dense_shot(poses_of(STANDS.rig, STANDS.frames, STANDS.dt, local, translation), SOUND)
    made, reading = settled_by("true_balance", "upright", lean, "balance")
    assert off_from(STANDS, see(lean).reading.poses) > 0.3
    assert off_from(STANDS, reading.poses) < 0.05
    assert "about its feet" in made.cost.words
    with pytest.raises(EditError, match="as upright as"):
        turned_back(see(stands_but()).reading, 40, 50)
    with pytest.raises(EditError, match="No foot stands"):
        turned_back(read(carried(np.full(40, 1.0), 1 / FPS), BODY, G, 0.0), 10, 20)


def test_frames_beside_a_slowed_flight_that_are_as_slow_are_played_at_its_pace():
    a, b = SOUND_FLIGHT.start - 2, SOUND_FLIGHT.end + 2
    at = np.concatenate([np.arange(a), np.arange(a, b, 2 / 3), np.arange(b, N)])
    low = np.minimum(at.astype(int), N - 2)
    u = at - low
    local = rotation.slerp(
        POSES.local[low], POSES.local[low + 1], np.broadcast_to(u[:, None], (len(at), len(POSES.rig)))
    )
    place = POSES.translation[low] + (POSES.translation[low + 1] - POSES.translation[low]) * u[:, None, None]
    slow = dense_shot(poses_of(POSES.rig, np.arange(1, len(at) + 1), POSES.dt, local, place), SOUND)
    gained = {}
    for way in ("time", "edges"):
        made, reading = settled_by("true_arc", way, slow, "hang")
        gained[way] = residue(reading).gained_ms
        assert made.frames < 0
    assert gained["edges"] < 0.95 * gained["time"]


def test_a_step_up_onto_nothing_comes_down_with_the_stand_it_leads_to():
    lifted = stands_but(shift=np.outer(np.interp(np.arange(90), [50, 53], [0.0, 0.12]), [0.0, 1.0, 0.0]))
    _, reading = settled_by("true_path", "", lifted, "hover")
    assert off_from(STANDS, reading.poses) < 0.02


def test_a_small_slide_is_for_the_path_unless_it_may_be_a_capture_s_own():
    slide = np.outer(np.interp(np.arange(90), [55, 75], [0.0, 0.08]), [1.0, 0.0, 0.0])
    assert CORRECTIONS["true_path"].places(see(stands_but(shift=slide)))
    _, reading = settled_by("true_path", "", stands_but(shift=slide), "slide")
    assert off_from(STANDS, reading.poses) < 0.01
    rng = np.random.default_rng(3)
    noise = {name: rng.normal(0, 0.004, (90, 3)) for name in STANDS.rig.names[1:]}
    noisy = see(stands_but(shift=slide, turns=noise))
    assert noisy.reading.traced.captured
    assert [f.kind for f in judged(noisy)].count("slide")
    assert not CORRECTIONS["true_path"].places(noisy)


def test_a_longer_flight_takes_in_what_its_edges_always_had_and_that_is_no_harm_to_the_spin():
    base = residue(read(carried(still(), 1 / FPS), BODY, G, 0.0))
    steady = np.tile([10.0, 0.0, 0.0], (39, 1))
    loose = steady.copy()
    loose[[8, 21]] *= 3.0
    before = replace(base, momentum=loose, flights=((10.0, 20.0),))
    assert before.wavers(before.flights) == 0.0
    assert before.wavers(((8.0, 24.0),)) > 0.4
    assert harm(before, replace(before, flights=((8.0, 24.0),), spin=0.6), 0) == ""
    inside = loose.copy()
    inside[14] *= 4.0
    assert harm(before, replace(before, momentum=inside), 0) == "the spin wavers more"
    # what a joint does alone may give the whole back the spin that it had
    assert harm(before, replace(before, momentum=inside), 0, of_joints=True) == ""


def test_a_plan_takes_what_settles_more_than_it_brings(monkeypatch):
    lifted = see(spoiled(shift=up(0.06)))
    hover = next(f for f in judged(lifted) if f.kind == "hover")

    def telling(settled: str, brought: str):
        def judge(seen):
            if seen.shot is lifted.shot:
                return [replace(hover, grade=settled)]
            return [replace(hover, kind="jerk", grade=brought, start=3, end=3, own=(3, 3))]

        return judge

    for module in (plan, trial):
        monkeypatch.setattr(module, "judged", telling("cracked", "strained"))
    assert [s.name for s in carry_out(lifted, "all").steps][:1]
    for module in (plan, trial):
        monkeypatch.setattr(module, "judged", telling("strained", "cracked"))
    refused = carry_out(lifted, "all")
    assert refused.steps == ()
    assert "nothing settles it without harm" in refused.skipped[0]


def test_a_step_is_put_under_who_stands_on_nothing():
    lifted = stands_but(shift=np.outer(np.full(90, 0.2), [0.0, 1.0, 0.0]))
    made, reading = settled_by("put_step", "", lifted, "hover")
    assert "20 cm high" in made.cost.words
    assert [f for f in judged(see(made.edit.apply(lifted))) if f.kind == "hover"] == []
    assert off_from(see(lifted).reading.poses, reading.poses) == 0.0
    (box,) = made.edit.apply(lifted).props
    assert box.size_m[1] == pytest.approx(0.2, abs=0.01)
    assert {c.surface for c in reading.contacts} == {box.id}
    # it is offered, and never taken unasked
    seen = see(lifted)
    finding = next(f for f in judged(seen) if f.kind == "hover")
    assert "put_step" in {o.wanted.correction.name for o in trial.outcomes(seen, judged(seen), finding)}
    assert trial.best(seen, judged(seen), finding).wanted.correction.name != "put_step"
    with pytest.raises(EditError, match="stands on the ground"):
        propose(see(stands_but()), Try(CORRECTIONS["put_step"], CORRECTIONS["put_step"].options(10, 20)))
