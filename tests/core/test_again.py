"""A reading after an edit is worked out only where the edit reaches, and equals one of the whole, number by number."""

from dataclasses import replace
from fractions import Fraction

import numpy as np
import pytest

from bench.blocking import long_capture
from ironarc.core.columns.turns import SPHERE, smooth_turns
from ironarc.core.document import Shot
from ironarc.core.edits.rate import KEEP_SECONDS, at_rate
from ironarc.core.judging.findings import find
from ironarc.core.judging.judge import judge
from ironarc.core.reading import read_shot, see
from ironarc.core.reading.faults import contact_faults
from ironarc.core.reading.forces import read_forces
from ironarc.core.reading.wrench import TOGETHER, nearest
from ironarc.core.rows import LEAST, differing, grown, spans_of
from ironarc.core.scene.placement import Placement
from ironarc.core.scene.props import Prop
from ironarc.core.shared import patched
from ironarc.web.commands import EDIT_REQUEST, to_edit
from tests.again import apart, edited, everything, told
from tests.conftest import demo


def among_props(frames: int) -> Shot:
    """The capture on a box, beside a crate that swings."""
    shot = long_capture(frames)
    x, _, z = map(float, read_shot(shot).com[0])
    box = Prop("prop1", "Box", "box", (0.5, 0.3, 0.5), (x, -0.28, z))
    crate = next(p for p in demo("Swinging crate").props if p.is_keyed)
    return replace(shot, props=(box, replace(crate, id="prop2", at_m=(x, 0.5, z))))


MOTIONS = {
    "a capture": lambda: long_capture(600),
    "among props": lambda: among_props(600),
    "at another rate": lambda: at_rate(long_capture(300), Fraction(60), KEEP_SECONDS),
}


@pytest.mark.parametrize(
    ("motion", "seed"), [*(("a capture", n) for n in (1, 2)), ("among props", 5), ("at another rate", 4)]
)
def test_after_random_edits_of_every_kind_it_is_as_one_of_the_whole(motion, seed):
    taken, kinds = 0, set()
    for step in edited(MOTIONS[motion](), 16, seed):
        whole = read_shot(step.shot)
        assert apart(everything(step.reading), everything(whole)) == {}, step.what
        assert told(step.reading) == told(whole), step.what
        taken += not step.whole
        kinds.add(step.what)
    assert taken >= 5
    assert len(kinds) >= 4


def test_where_nothing_is_the_same_everything_is_read_anew():
    hop = demo("Gap hop")
    was = read_shot(hop)
    moved = replace(hop, performers=(replace(hop.performer, placement=Placement((1.0, 0.0, 0.0))),))
    now = read_shot(moved, was=was)
    assert now.again is None
    assert apart(everything(now), everything(read_shot(moved))) == {}


def test_an_edit_that_changes_nothing_asks_nothing_anew():
    shot = long_capture(600)
    was = read_shot(shot)
    forces = was.ask(read_forces)
    now = read_shot(replace(shot, name="Another name"), was=was)
    assert now.again.spans == []
    assert now.ask(read_forces) is forces
    assert now.flights == was.flights


def test_what_an_edit_does_not_reach_is_found_once():
    shot = long_capture(1500)
    was = read_shot(shot)
    before = find(was)
    asked = {"kind": "lift_contact", "part": "left foot", "start": 700, "end": 704, "performer": shot.performer.id}
    edit = to_edit(EDIT_REQUEST.validate_python({"revision": 1, "edit": asked}).edit, see(shot))
    now = read_shot(edit.apply(shot), was=was)
    found, known = find(now), set(map(id, before))
    assert told(now) == told(read_shot(edit.apply(shot)))
    anew = [f for f in found if id(f) not in known]
    assert anew
    assert all(f.end > 600 and f.start < 800 for f in anew)
    assert len(found) - len(anew) > 20
    faults = set(map(id, was.ask(contact_faults)))
    assert all(f.end > 600 and f.start < 800 for f in now.ask(contact_faults) if id(f) not in faults)


def test_whom_an_edit_did_not_touch_is_judged_anew_only_by_what_it_meets():
    shot = long_capture(240)
    beside = replace(shot.performer, id="performer2", name="Tansy Vale", placement=Placement((0.4, 0.0, 0.0)))
    two = replace(shot, performers=(shot.performer, beside))
    readings = {p.id: read_shot(two, performer_id=p.id) for p in two.performers}
    before = judge(two, two.performer, readings["performer1"], readings=readings)
    nearer = replace(beside, placement=Placement((0.15, 0.0, 0.0)))
    after = replace(two, performers=(two.performer, nearer))
    now = {**readings, "performer2": read_shot(after, performer_id="performer2")}
    found = judge(after, after.performer, now["performer1"], readings=now)
    anew = judge(after, after.performer, read_shot(after, performer_id="performer1"))
    assert found == anew
    assert {f.kind for f in found} != {f.kind for f in before}
    assert "within" in {f.kind for f in found}


def test_pushes_of_a_part_of_a_motion_are_those_of_the_whole():
    rng = np.random.default_rng(4)
    grid, wrench = rng.normal(size=(200, 6, 6)), rng.normal(size=(200, 6))
    ends = np.arange(0, 200 * 6 + 1, 6)
    whole = nearest(grid.reshape(-1, 6), ends, wrench)
    begins = 30
    part = nearest(grid[begins:].reshape(-1, 6), ends[: 200 - begins + 1], wrench[begins:], begins)
    # from the first frames that are solved together in both
    same = (-begins % TOGETHER) * 6
    assert np.array_equal(part[same:], whole[begins * 6 + same :])
    # and each is the nearest: what is left is at right angles to what is used, and against nothing that would help
    left = wrench - np.einsum("frw,fr->fw", grid, whole.reshape(200, 6))
    assert np.abs(np.einsum("frw,fw,fr->fr", grid, left, whole.reshape(200, 6))).max() < 1e-9
    assert np.einsum("frw,fw->fr", grid, left).max() < 1e-8


def test_a_turn_is_its_key_on_the_key_s_frame_and_beyond_the_last():
    angles = np.radians([[0.0, 0.0, 0.0], [37.0, 11.0, -23.0], [0.0, 0.0, 0.0]])
    turns = smooth_turns([1, 9, 17], angles, "ZXY", eased=SPHERE)
    at = turns.sample(np.array([1.0, 9.0, 17.0, 18.0, 400.0]))
    assert np.array_equal(at[2:], np.tile([1.0, 0.0, 0.0, 0.0], (3, 1)))
    assert np.array_equal(at[1], turns.sample(np.array([9.0]))[0])


def test_rows_are_compared_to_the_last_digit_and_patched_in_spans():
    a = np.zeros((500, 2))
    a[3] = np.nan
    b = a.copy()
    b[400, 1] = 1e-300
    assert np.flatnonzero(differing(a, b)).tolist() == [400]
    assert np.flatnonzero(grown(differing(a, b), 2)).tolist() == [398, 399, 400, 401, 402]
    ((first, end),) = spans_of(differing(a, b))
    assert (end - first, first <= 400 < end) == (LEAST, True)
    assert spans_of(np.arange(500) > 498) == [(500 - LEAST, 500)]
    assert spans_of(np.zeros(500, dtype=bool)) == []
    asked = []
    out = patched(a[:, 0], [(100, 300)], lambda x, y: asked.append((x, y)) or np.ones(y - x))
    assert (asked, out[99], out[100], out[299], out[300]) == ([(100, 300)], 0.0, 1.0, 1.0, 0.0)
