"""Notes for the hand: against changes of known amounts, and the difference laid over the motion again."""

import csv
import io

import numpy as np
import pytest

from ironarc.core import rotation
from ironarc.core.errors import EditError
from ironarc.core.exchange.bring_in import shot_from_file
from ironarc.core.posing import Turn
from ironarc.core.reading import see
from ironarc.core.truing import propose, read_try
from ironarc.core.truing.by_hand import MOST_FRAMES, by_hand, difference_file
from ironarc.demo.by_hand import Hand
from tests.conftest import demo


@pytest.fixture(scope="module")
def hop():
    return see(demo("Gap hop"))


@pytest.fixture(scope="module")
def trued(hop):
    return see(propose(hop, read_try("true_arc(frame=37)")).edit.apply(hop.shot))


def stands(*moves) -> tuple:
    """Tansy stands, keyed on 1, 20 and 40; and the same with moves on frame 20."""
    hand = Hand("Stands", "tansy", 40)
    hand.do("copy_pose", frame=1, to=(20, 40))
    before = see(hand.shot)
    for move in moves:
        move(hand)
    return before, see(hand.shot)


def changes_on(told, frame: int) -> dict:
    return {c.part: c for c in told.changes if c.frame == frame}


def test_a_hand_that_was_lifted_is_told_by_how_much_and_where():
    def lift(hand: Hand) -> None:
        poses = see(hand.shot).reading.poses
        x, y, z = poses.position[19, poses.rig.index("LeftHand")]
        hand.reach(20, "left hand", (x, y + 0.1, z + 0.06))

    before, now = stands(lift)
    told = changes_on(by_hand(before, now), 20)
    assert set(told) == {"left hand"}
    assert told["left hand"].up == pytest.approx(10, abs=0.3)
    assert told["left hand"].ahead == pytest.approx(6, abs=0.3)
    assert told["left hand"].says.startswith("left hand 10 cm up, 6 cm ahead")


def test_a_head_that_nods_is_told_in_degrees_beside_the_neck():
    before, now = stands(lambda hand: hand.pose(20, Turn("turn", "head", (np.radians(15.0), 0.0, 0.0))))
    told = changes_on(by_hand(before, now), 20)
    assert set(told) == {"head"}
    assert told["head"].forward == pytest.approx(15, abs=0.5)
    assert told["head"].says == "head 15° forward"


def test_what_goes_as_one_is_told_as_the_whole_body_and_thinned(hop, trued):
    told = by_hand(hop, trued)
    assert told.timing == ()
    apex = changes_on(told, 37)
    rises = trued.reading.com[36, 1] - hop.reading.com[36, 1]
    assert set(apex) == {"whole body"}
    assert apex["whole body"].up == pytest.approx(100 * rises, abs=1.0)
    frames = [frame for frame, _ in told.by_frame]
    assert frames == sorted(frames)
    assert 3 <= len(frames) <= 12
    # what lies between them is on straight lines, within the tolerance
    up = trued.reading.poses.position[:, 0, 1] - hop.reading.poses.position[:, 0, 1]
    between = np.interp(np.arange(1, 73), frames, [up[f - 1] for f in frames])
    assert np.abs(up - between)[frames[0] - 1 : frames[-1]].max() < 0.025


def test_a_time_that_changed_is_told_first(hop):
    now = see(propose(hop, read_try("true_arc(frame=37,hang=12)")).edit.apply(hop.shot))
    told = by_hand(hop, now)
    assert told.timing[0] == "From 32 on, keys are 1 frame earlier."
    assert told.timing[-1].endswith("4 frames earlier.")
    with pytest.raises(EditError, match="changed the timing"):
        difference_file(hop, now)


def test_nothing_changed_is_nothing_told(hop):
    assert by_hand(hop, hop).changes == ()


def test_there_are_never_more_frames_than_a_hand_would_set():
    shot = demo("Crate strikes")
    bare = shot.with_item(type(shot.performer)(**{
        **{f: getattr(shot.performer, f) for f in shot.performer.__dataclass_fields__},
        "layers": tuple(x for x in shot.performer.layers if not x.made_by),
    }))  # fmt: skip
    told = by_hand(see(bare), see(shot))
    assert 4 < len(told.by_frame) <= MOST_FRAMES


def test_the_table_has_a_row_a_change(hop, trued):
    told = by_hand(hop, trued)
    rows = list(csv.DictReader(io.StringIO(told.csv())))
    assert len(rows) == len(told.changes)
    assert {row["part"] for row in rows} <= {"whole body", "hips"}
    assert float(rows[2]["up_cm"]) > 20


def test_the_difference_laid_over_the_motion_is_the_motion_as_it_stands(hop, trued):
    alone = shot_from_file(difference_file(hop, trued), "Difference", floor_m=0.0, scale_to_m=0.01)
    off = alone.poses("", np.arange(1, 73))
    was, now = hop.reading.poses, trued.reading.poses
    made = rotation.multiply(was.local, off.local)
    turned = rotation.log(rotation.multiply(rotation.conjugate(made), now.local))
    assert np.degrees(np.abs(turned).max()) < 1e-3
