"""Where two motions may differ is told by what they follow from; only there are poses made anew."""

from dataclasses import replace

import numpy as np
import pytest

from ironarc.core.columns.turns import smooth_turns
from ironarc.core.motion.layers import KEYED, REPLACES, TURN, Layer
from ironarc.core.motion.pin import Pin
from ironarc.core.scene.placement import Placement
from ironarc.core.scene.timing import Cut
from tests.conftest import demo

HOP = demo("Gap hop")
FRAMES = HOP.frame_numbers()
WAS = HOP.evaluate("", FRAMES)


def layer(frames, degrees, **changes):
    """A layer that turns the head."""
    order = HOP.performer.rig.joints[HOP.performer.rig.index("Head")].order
    angles = np.radians([[0.0, d, 0.0] for d in degrees])
    columns = {("Head", TURN): smooth_turns(np.array(frames, dtype=float), angles, order)}
    return Layer("layer9", "Head", KEYED, columns=columns, **changes)


def with_layer(*args, shot=HOP, **changes):
    p = shot.performer
    below = tuple(x for x in p.layers if x.id != "layer9")
    return replace(shot, performers=(p.with_layers((*below, layer(*args, **changes))),))


def with_performer(**changes):
    return replace(HOP, performers=(replace(HOP.performer, **changes),))


NOD = with_layer((10, 20, 30, 40), (0, 30, 30, 0))
ADDED = {  # before, after, and the first and last frame on which they may differ
    "a layer that is nothing at its ends": (HOP, NOD, (11, 39)),
    "a layer with a span": (HOP, with_layer((10, 20), (30, 30), span=(15, 25)), (15, 25)),
    "a key of it": (NOD, with_layer((10, 20, 30, 40), (0, 30, 10, 0)), (11, 39)),
    "its last key, which holds": (
        with_layer((10, 20, 40, 60), (0, 30, 30, 0)),
        with_layer((10, 20, 40, 60), (0, 30, 30, 5)),
        (41, 72),
    ),
    "its weight": (NOD, with_layer((10, 20, 30, 40), (0, 30, 30, 0), weight=0.5), (1, 72)),
    "a pin": (HOP, with_performer(pins=(Pin("pin1", "left hand", 30, 40, (0.3, 1.2, 0.2)),)), (30, 40)),
    "a layer that is muted": (NOD, with_layer((10, 20, 30, 40), (0, 30, 30, 0), muted=True), (1, 72)),
}


@pytest.mark.parametrize("what", ADDED)
def test_poses_are_made_anew_where_they_can_differ_and_nowhere_else(what):
    before, after, (first, last) = ADDED[what]
    was = before.evaluate("", FRAMES)
    made, whole = after.evaluate("", FRAMES, was=was), after.evaluate("", FRAMES)
    assert made.differs is not None
    moved = FRAMES[made.differs]
    assert len(moved)
    assert first <= moved[0] <= moved[-1] <= last
    for name in ("local", "translation", "rotation", "position"):
        np.testing.assert_array_equal(getattr(made.poses, name), getattr(whole.poses, name))
    for name in ("turned", "moved"):
        np.testing.assert_array_equal(getattr(made, name)[made.differs], getattr(whole, name)[made.differs])
    # what did not change is what it was, and what did is told
    off = (made.poses.local != was.poses.local).any(axis=(1, 2))
    np.testing.assert_array_equal(off, made.differs)


@pytest.mark.parametrize(
    "after",
    [
        with_performer(placement=Placement((1.0, 0.0, 0.0))),
        with_performer(timing=replace(HOP.performer.timing, cuts=(Cut(20, 22),))),
        with_performer(timing=replace(HOP.performer.timing, slip=3)),
    ],
    ids=["moved as a whole", "cut", "slipped"],
)
def test_what_moves_everything_is_evaluated_whole(after):
    made = after.evaluate("", FRAMES, was=WAS)
    assert made.differs is None
    np.testing.assert_array_equal(made.poses.position, after.evaluate("", FRAMES).poses.position)


def test_a_layer_that_replaces_begins_from_what_is_below_it():
    over = layer((30, 40), (20, 20), way=REPLACES, span=(25, 45), ease_in=5, ease_out=5)
    over = replace(over, id="layer10")

    def covered(shot):
        return replace(shot, performers=(shot.performer.with_layers((*shot.performer.layers, over)),))

    before, after = covered(NOD), covered(with_layer((10, 20, 30, 40), (0, 30, 250, 0)))
    made = after.evaluate("", FRAMES, was=before.evaluate("", FRAMES))
    np.testing.assert_array_equal(made.poses.local, after.evaluate("", FRAMES).poses.local)


def test_a_whole_turn_that_changes_the_side_of_all_that_follows_is_evaluated_whole():
    round_and_round = with_layer((10, 20, 30, 40), (0, 120, 240, 360))
    made = round_and_round.evaluate("", FRAMES, was=WAS)
    np.testing.assert_array_equal(made.poses.local, round_and_round.evaluate("", FRAMES).poses.local)


def test_nothing_changed_is_nothing_evaluated():
    made = replace(HOP, g=5.0).evaluate("", FRAMES, was=WAS)
    assert made.poses is WAS.poses
    assert not made.differs.any()
