"""All of a motion played slower or faster than it was: told by its flights, and put right with no pose changed."""

from dataclasses import replace
from types import SimpleNamespace

import numpy as np
import pytest

from ironarc.core import rotation
from ironarc.core.edits.commands import COMMANDS
from ironarc.core.errors import EditError
from ironarc.core.motion.poses import poses_of
from ironarc.core.reading import read_shot, see
from ironarc.core.truing import CORRECTIONS, Try, plan, propose
from ironarc.core.truing.corrections import speed
from ironarc.core.truing.residue import gained_from_nothing, harm, residue
from ironarc.core.truing.trial import best, judged, outcomes, tried
from tests.core.test_corrections import POSES, SOUND
from tests.figures import dense_shot

G = 9.81
N = len(POSES.frames)


def played(moments: np.ndarray):
    """The sound hop, its poses taken at these moments (frames,), counted from 0."""
    low = np.minimum(moments.astype(int), N - 2)
    share = moments - low
    joints = len(POSES.rig)
    local = rotation.slerp(POSES.local[low], POSES.local[low + 1], np.broadcast_to(share[:, None], (len(low), joints)))
    place = POSES.translation[low] + (POSES.translation[low + 1] - POSES.translation[low]) * share[:, None, None]
    return dense_shot(poses_of(POSES.rig, np.arange(1, len(low) + 1), POSES.dt, local, place), SOUND)


def at_pace(pace: float):
    return played(np.arange(0, N - 1 + 1e-9, pace))


def flight_alone(pace: float):
    """The flight alone at another pace."""
    (flight,) = read_shot(SOUND).flights
    a, b = flight.start - 2, flight.end
    return played(np.concatenate([np.arange(a), np.arange(a, b, pace), np.arange(b, N - 1)]))


def told(g: float, se: float = 0.1, speed_ms: float = 2.0, step_ms: float = 0.0):
    ends = {f"{end}_ms": np.array([0, speed_ms, 0]) for end in ("take_off", "landing")}
    steps = {f"kink_{end}_ms": np.array([0, step_ms, 0]) for end in ("take_off", "landing")}
    return SimpleNamespace(implied_g=g, implied_g_se=se, hang_frames=10, **ends, **steps)


def test_the_speed_is_the_root_of_what_gravity_is_short_of():
    alone = speed.speed_of([told(G / 4)], G)
    assert alone.factor == pytest.approx(2.0)
    # half of what gravity is unsure by: its own error, a fiftieth of the shot's, and a twentieth that all share
    one = np.hypot(0.1, 0.02 * G) / (G / 4)
    assert alone.error == pytest.approx(np.hypot(one, 0.05), rel=1e-6)
    many = speed.speed_of([told(G / 4)] * 9, G)
    assert many.error == pytest.approx(np.hypot(one / 3, 0.05), rel=1e-6)
    sure, unsure = told(G / 4, 0.1), told(G / 3, 3.0)
    assert speed.speed_of([sure, unsure], G).factor == pytest.approx(2.0, abs=0.01)


def test_flights_that_differ_tell_no_speed():
    assert speed.speed_of([told(G / 4), told(G)], G) is None
    assert speed.speed_of([told(G, np.inf)], G) is None
    assert speed.speed_of([told(-1.0)], G) is None
    assert speed.speed_of([], G) is None
    assert speed.speed_of([told(G / 4)], 0.0) is None


@pytest.mark.parametrize(("step", "smooth"), [(0.3, True), (0.5, False)])
def test_where_speeds_step_at_its_ends_the_flight_alone_was_slowed(step, smooth):
    """Slowed alone from 2.5 to 2 m/s it would step by 0.5; with 0.8 of that, 0.4, it may have been all of it."""
    assert speed.speed_of([told(G / 1.25**2, step_ms=step)], G).smooth is smooth


@pytest.mark.parametrize("pace", [0.75, 0.6])
def test_a_motion_slowed_as_a_whole_is_played_at_its_true_speed(pace):
    seen = see(at_pace(pace))
    before = judged(seen)
    hang = next(f for f in before if f.kind == "hang")
    outcome = best(seen, before, hang, thorough=True)
    assert outcome.wanted.correction.name == "true_speed"
    assert outcome.proposal.pace == pytest.approx(1 / pace, rel=0.03)
    after = outcome.seen.reading
    (flight,) = after.flights
    assert flight.implied_g == pytest.approx(G, rel=0.05)
    assert outcome.seen.shot.frames == pytest.approx(N, abs=2)
    assert not {f.kind for f in outcome.findings} & {"hang", "arc", "phantom"}
    # no pose changes: each is one that was there, between two frames at most
    was = np.interp(after.own, np.arange(1, len(seen.reading.poses.frames) + 1), seen.reading.com[:, 1])
    np.testing.assert_allclose(after.com[:, 1], was, atol=0.004)


def test_a_flight_slowed_alone_is_put_right_alone():
    seen = see(flight_alone(0.75))
    before = judged(seen)
    hang = next(f for f in before if f.kind == "hang")
    assert best(seen, before, hang).wanted.correction.name != "true_speed"


def test_a_sound_motion_has_no_other_speed():
    assert speed.places(see(SOUND)) == []


def test_frames_in_all_can_be_asked_for_and_nonsense_is_refused():
    seen = see(at_pace(0.75))
    have = len(seen.reading.poses.frames)
    made = CORRECTIONS["true_speed"]
    outcome = tried(seen, judged(seen), Try(made, made.options(have // 2)))
    assert outcome.proposal.frames == have // 2 - have
    assert outcome.seen.shot.frames == seen.shot.frames + have // 2 - have
    assert f"{(have - 1) / (have // 2 - 1) * 100:.0f} %" in outcome.proposal.cost.says
    for frames, says in ((have, f"takes {have} frames already"), (1, "can't be played in 1")):
        with pytest.raises(EditError, match=says):
            propose(seen, Try(made, made.options(frames)))
    standing = see(played(np.arange(12)))
    with pytest.raises(EditError, match="No flight tells how fast"):
        propose(standing, Try(made, made.options()))


def test_with_its_layer_the_speed_goes_too():
    seen = see(at_pace(0.75))
    before = judged(seen)
    outcome = next(o for o in outcomes(seen, before, before[0]) if o.wanted.correction.name == "true_speed")
    layer = outcome.seen.performer.layers[-1]
    back = COMMANDS["delete_layer"](outcome.seen, layer_id=layer.id).apply(outcome.seen.shot)
    assert back.frames == seen.shot.frames
    assert not back.performer.timing.retimings
    np.testing.assert_allclose(read_shot(back).com, seen.reading.com, atol=1e-9)


def test_force_from_nothing_at_another_speed_is_that_of_the_motion_played_so():
    seen = see(at_pace(0.5)).reading
    quick = replace(seen.poses, dt=seen.poses.dt / 2)
    twice = see(replace(at_pace(0.5), frame_time_s=quick.dt)).reading
    assert gained_from_nothing(seen, 2.0) == pytest.approx(residue(twice).gained_ms, abs=0.15)
    assert gained_from_nothing(seen, 1.0) > gained_from_nothing(seen, 2.0) + 0.5


def test_what_plays_faster_may_jerk_by_the_third_power_of_it():
    was = residue(read_shot(SOUND))
    jerky = replace(was, jerk=was.jerk * 7, speed=was.speed * 2)
    assert harm(was, jerky, -10) == "jerkier"
    assert harm(was, jerky, -10, pace=2.0) == ""
    assert harm(was, replace(was, speed=was.speed * 5), -10, pace=2.0) == "faster"


def test_what_nothing_settled_is_tried_again_once_more_is_put_right(monkeypatch):
    """The landing is settno driving force while the knee is bent past straight."""
    seen = see(at_pace(0.75))
    kinds = [SimpleNamespace(kind=k, left=False, own=(n * 40, n * 40), start=n, end=n, part="", grade="cracked")
             for n, k in ((1, "bend"), (2, "landing"))]  # fmt: skip
    settled: list[str] = []
    monkeypatch.setattr(plan, "judged", lambda _: [f for f in kinds if f.kind not in settled])
    asked = []

    def found(_, __, finding, thorough):
        asked.append(finding.kind)
        if finding.kind == "landing" and "bend" not in settled and len(asked) < 2:
            return None
        settled.append(finding.kind)
        done = SimpleNamespace(cost=SimpleNamespace(says=""), edit=None)
        way = SimpleNamespace(correction=SimpleNamespace(name=finding.kind))
        return SimpleNamespace(
            harm="", new=(), worse=(), settled=[finding], wanted=way, label="", proposal=done, seen=seen
        )

    monkeypatch.setattr(plan, "best", found)
    monkeypatch.setattr(plan, "CORRECTIONS", {
        "a": SimpleNamespace(settles=("landing",), order=1), "b": SimpleNamespace(settles=("bend",), order=2),
    })  # fmt: skip
    _, _, steps, skipped = plan._all(seen, None, None)
    assert asked == ["landing", "bend", "landing"]
    assert [s.name for s in steps] == ["bend", "landing"]
    assert skipped == []
