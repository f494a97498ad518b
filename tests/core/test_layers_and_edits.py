import hashlib
import json
from dataclasses import replace

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st

from ironarc.core import edits, rotation
from ironarc.core.columns import Dense
from ironarc.core.columns.keys import keys_by_hand, smooth_keys
from ironarc.core.columns.turns import smooth_turns
from ironarc.core.document import HandContact, Left, Limit, Shot
from ironarc.core.document.codec import shot_from_plain, shot_to_plain
from ironarc.core.errors import EditError
from ironarc.core.exchange.bring_in import shot_from_file
from ironarc.core.exchange.stock import stock_performer
from ironarc.core.exchange.take_home import motion_file
from ironarc.core.figure.weighing import Weighing
from ironarc.core.formats import bvh
from ironarc.core.keying.keying import Beat
from ironarc.core.motion.layers import Layer
from ironarc.core.motion.loads import Load
from ironarc.core.motion.pin import Pin
from ironarc.core.scene.guide import Guide
from ironarc.core.scene.placement import Placement
from ironarc.core.scene.props import Prop
from ironarc.core.scene.retiming import Retiming
from ironarc.core.scene.timing import Timing
from tests.conftest import demo
from tests.figures import Ask, bake_shot

BOW = Layer("layer1", "Bow", columns={("Chest", "rx"): smooth_keys([1, 30, 60], [0.0, 0.8, 0.0])})


def with_bow(**changes):
    return edits.AddLayer(replace(BOW, **changes)).apply(demo("Gap hop"))


def test_an_additive_turn_is_composed_within_the_joint():
    before, after = bake_shot(demo("Gap hop")), bake_shot(with_bow())
    j = before.rig.index("Chest")
    delta = rotation.multiply(rotation.conjugate(before.local[:, j]), after.local[:, j])
    wanted = smooth_keys([1, 30, 60], [0.0, 0.8, 0.0]).sample(before.frames)
    np.testing.assert_allclose(rotation.log(delta)[:, 0], wanted, atol=1e-12)
    others = [i for i in range(len(before.rig)) if i != j]
    np.testing.assert_array_equal(after.local[:, others], before.local[:, others])


@given(weight=st.floats(0.01, 1.0))
def test_a_layer_s_weight_scales_the_turn_on_the_sphere(weight):
    before, after = bake_shot(demo("Gap hop")), bake_shot(with_bow(weight=weight))
    j = before.rig.index("Chest")
    delta = rotation.multiply(rotation.conjugate(before.local[29, j]), after.local[29, j])
    np.testing.assert_allclose(rotation.log(delta), [0.8 * weight, 0, 0], atol=1e-9)


def test_a_muted_layer_and_one_out_of_its_span_do_nothing():
    before = bake_shot(demo("Gap hop"))
    np.testing.assert_array_equal(bake_shot(with_bow(muted=True)).local, before.local)
    spanned = bake_shot(with_bow(span=(20, 25)))
    changed = np.abs(spanned.local - before.local).max(axis=(1, 2)) > 1e-9
    assert before.frames[changed].tolist() == list(range(20, 26))


def test_a_turned_joint_is_exported_as_angles_near_its_own():
    shot = with_bow()
    again = bake_shot(shot_from_file(motion_file(shot), "Again", scale_to_m=0.01))
    np.testing.assert_allclose(again.position, bake_shot(shot).position, atol=1e-6)
    base, out = bvh.parse(motion_file(demo("Gap hop"))), bvh.parse(motion_file(shot))
    steps = np.abs(np.diff(out.columns["Chest", "rx"].values))
    assert steps.max() < np.abs(np.diff(base.columns["Chest", "rx"].values)).max() + 0.1


def test_turning_a_joint_with_too_few_channels_can_not_be_exported():
    shot = with_bow()
    rig = shot.performer.rig
    j = rig.index("Chest")
    one_axis = replace(rig.joints[j], channels=("rz",))
    joints = (*rig.joints[:j], one_axis, *rig.joints[j + 1 :])
    columns = {k: c for k, c in shot.performer.layers[0].columns.items() if k[0] != "Chest"}
    base = replace(shot.performer.layers[0], columns=columns)
    stuck = shot.with_item(replace(shot.performer, rig=replace(rig, joints=joints), layers=(base, BOW)))
    with pytest.raises(EditError, match="Chest has too few rotation channels"):
        motion_file(stuck)


def stored():
    kept = {}

    def put(array):
        key = hashlib.sha256(array.tobytes()).hexdigest() + str(array.shape)
        kept[key] = array
        return key

    return kept, put


HALF = smooth_keys([1], [0.5])
HATCH = Prop("prop1", "Hatch", "box", (0.6, 0.4, 0.6), columns={"ty": smooth_keys([1, 9], [0.0, 1.0])})
NOD = smooth_turns([1, 20, 40], [[0.0, 0.0, 0.0], [0.2, 0.5, 0.0], [0.0, 0.0, 0.1]], "ZXY")
WHEEL = Retiming("retiming1", "Hurry", keys_by_hand([20.0, 40.0], [20.0, 44.0], [1.0, 1.0]))


def full_shot():
    """A shot with something of everything an edit can change."""
    shot = Ask("cut_performer", "performer1", 50, 55, 2).apply(with_bow())
    shot = edits.AddItem(HATCH).apply(edits.AddLayer(replace(BOW, id="layer9", name="Over", weight=0.2)).apply(shot))
    return edits.AddItem(Guide("guide1", "Path", "gravity", ((0.0, 1.0, 0.0), (0.0, 1.0, 1.0)), 29, 12.0)).apply(shot)


def of_performer(**changes):
    return edits.SetItem("performer1", "performer", changes, "Change Bram")


ALL_EDITS = [
    edits.AddLayer(replace(BOW, id="layer2", columns={("Hips", "ty"): Dense(5, np.arange(4.0))}, span=(5, 8))),
    edits.SetLayer("layer1", {"weight": 0.4, "span": (3, 40), "ease_in": 6, "weight_keys": HALF}, "W"),
    edits.RemoveLayer("layer1"),
    edits.OrderLayers(("base", "layer9", "layer1"), "Bow up"),
    edits.SetColumns("layer1", {("Head", "turn"): NOD, ("Chest", "rx"): None}, "Nod"),
    edits.SetShot({"name": "  PF-011  Gap hop ", "g": 1.62, "limits": (Limit("hang", 0.2, 0.4),)}, "Moon"),
    edits.SetRate("25", "frames"),
    edits.Renumber(1001),
    edits.AddItem(replace(HATCH, id="prop2")),
    edits.RemoveItem("prop1"),
    edits.SetItem("prop1", "prop", {"at_m": (1.0, 0.0, 0.0), "name": "Cover"}, "Move"),
    of_performer(
        weighing=Weighing(90.0).holding("Head", 6.0), placement=Placement((1.0, 0.0, 2.0), 0.3, 1.1),
        loads=(Load("load1", "Sack", ("LeftHand",), 10, 30, 9.0),), timing=Timing(4, (10, 60), (), (WHEEL,)),
        contacts=(HandContact("LeftToe", "toe", 5, 9),), left=(Left("hang", 30, 45, "She floats on purpose."),),
        pins=(Pin("pin1", "left foot", 5, 20, (0.1, 0.0, 0.2), to="prop1", pulls=True),),
        beats=(Beat(12, "breakdown"),),
    ),
    edits.Together((edits.SetItem("prop1", "prop", {"hidden": True}, "Hide"), edits.Renumber(5)), "Both"),
]  # fmt: skip


def marks_of(shot):
    """Everything a shot holds, arrays in full, to tell whether anything was changed in place."""
    kept, put = stored()
    plain = json.dumps(shot_to_plain(shot, put))
    return plain, {key: array.copy() for key, array in kept.items()}


@pytest.mark.parametrize("edit", ALL_EDITS, ids=lambda e: e.kind)
def test_every_edit_is_pure_plain_data_and_says_what_it_does(edit):
    shot = full_shot()
    plain, arrays = marks_of(shot)
    changed = edit.apply(shot)
    again_plain, again = marks_of(shot)
    assert again_plain == plain  # addresses are hashes of whole arrays: a number changed in place gives another
    assert all((again[key] == array).all() for key, array in arrays.items())
    assert marks_of(changed)[0] != plain
    kept, put = stored()
    read = edits.edit_from_plain(json.loads(json.dumps(edit.to_plain(put))), kept.__getitem__)
    assert marks_of(read.apply(shot))[0] == marks_of(changed)[0]
    assert edit.says(shot)


def test_all_kinds_of_edit_are_tried_here():
    assert {type(e) for e in ALL_EDITS} == set(edits.EDITS.values())


def test_together_makes_all_of_its_edits_or_none():
    shot = full_shot()
    both = edits.Together((edits.Renumber(11), edits.RemoveItem("prop1")), "Both")
    assert both.apply(shot).first_frame == 11
    assert not both.apply(shot).props
    with pytest.raises(EditError, match="scene sheet"):
        edits.Together((edits.RemoveItem("prop1"), edits.RemoveItem("prop1")), "Twice").apply(shot)


def test_a_locked_performer_refuses_every_edit_of_its_layers_and_fields():
    shot = Ask("lock_item", "performer1", True).apply(full_shot())
    kinds = (edits.AddLayer, edits.SetLayer, edits.RemoveLayer, edits.SetColumns, edits.OrderLayers)
    tried = [e for e in ALL_EDITS if isinstance(e, kinds) or (isinstance(e, edits.SetItem) and e.of == "performer")]
    assert len(tried) == 6
    for edit in tried:
        with pytest.raises(EditError, match="is locked"):
            edit.apply(shot)
    assert Ask("lock_item", "performer1", False).apply(shot).performer.locked is False
    assert Ask("hide_item", "performer1", True).apply(shot).performer.hidden
    with pytest.raises(EditError, match="is locked"):
        Ask("rename_item", "performer1", "Bram").apply(shot)


@pytest.mark.parametrize(
    ("edit", "words"),
    [
        (Ask("set_layer_weight", "layer1", 1.2), "between 0 and 100 %; 120 %"),
        (Ask("set_layer_weight", "layer1", float("nan")), "between 0 and 100 %"),
        (Ask("set_layer_weight", "layer9", 0.5), "no layer 'layer9'"),
        (Ask("set_layer_weight", "base", 0.5), "base layer is the motion itself"),
        (Ask("delete_layer", "base"), "base layer is the motion itself"),
        (Ask("rename_layer", "layer1", "   "), "at least one letter"),
        (Ask("rename_shot", "x" * 61), "up to 60 characters; this one has 61"),
        (edits.AddLayer(BOW), "already a layer 'layer1'"),
        (edits.AddLayer(replace(BOW, id="layer2", weight=7.0)), "between 0 and 100 %; 700 %"),
        (edits.AddLayer(replace(BOW, id="layer2", columns={("Tail", "rx"): BOW.columns["Chest", "rx"]})), "moves Tail"),
        (edits.AddLayer(replace(BOW, id="layer2", parts=("Tail",))), "can't reach Tail"),
        (edits.SetColumns("layer1", {("Chest", "turn"): NOD}, "x"), "both as one rotation and by its channels"),
        (edits.SetColumns("layer1", {("Head", "turn"): replace(NOD, order="XYZ")}, "x"), "turns in the order ZXY"),
        (edits.SetColumns("layer1", {("Head", "up"): smooth_keys([1], [0.0])}, "x"), "no channel called up"),
        (edits.SetLayer("layer1", {"columns": {}}, "x"), "can't be set this way"),
        (edits.SetLayer("layer1", {"span": (5, 8), "ease_in": 3, "ease_out": 2}, "x"), "leaves none between"),
        (edits.SetItem("performer1", "performer", {"rig": None}, "x"), "can't be set this way"),
        (edits.SetItem("performer1", "prop", {"name": "x"}, "x"), "is not a prop"),
    ],
)
def test_an_edit_that_can_not_be_made_says_why(edit, words):
    with pytest.raises(EditError, match=words):
        edit.apply(with_bow())


def test_an_unknown_edit_is_refused():
    with pytest.raises(EditError, match="no edit called 'fly'"):
        edits.edit_from_plain({"kind": "fly"}, {}.__getitem__)


def test_a_layer_reaches_beyond_the_base_s_last_key():
    """A performer with one pose, and a layer that bends it from frame 10 on."""
    shot = Shot(
        "New", (stock_performer("bram", "standing", Shot("New", (), 1 / 24, 1, 48, floor_m=0.0)),), 1 / 24, 1, 48
    )
    bend = Layer("layer1", "Bend", columns={("Chest", "rx"): smooth_keys([10, 30], [0.0, 0.8])})
    bent = edits.AddLayer(bend).apply(shot)
    assert bent.performer.clip == (1, 30)
    j = shot.performer.rig.index("Chest")
    turned = rotation.log(bake_shot(bent).local[:, j])[:, 0] - rotation.log(bake_shot(shot).local[:, j])[:, 0]
    wanted = smooth_keys([10, 30], [0.0, 0.8]).sample(np.arange(1, 49))
    np.testing.assert_allclose(turned, wanted, atol=1e-12)


def test_columns_can_be_keyed_past_the_clip():
    shot = demo("Gap hop")
    hips = shot.performer.layers[0].columns["Hips", "ty"]
    longer = edits.SetColumns("base", {("Hips", "ty"): hips.with_key(90, 150.0)}, "Up").apply(shot)
    assert longer.performer.clip == (1, 90)
    far = longer.performer.poses(np.array([90]), shot.frame_time_s)
    assert far.position[0, 0, 1] == pytest.approx(1.5)


def test_a_clip_that_was_set_does_not_grow_to_what_was_there_before():
    shorter = demo("Gap hop").with_item(replace(demo("Gap hop").performer, clip=(5, 50)))
    nod = edits.AddLayer(replace(BOW, columns={("Head", "rx"): smooth_keys([10, 20], [0.0, 0.2])}))
    assert nod.apply(shorter).performer.clip == (5, 50)
    assert edits.AddLayer(BOW).apply(shorter).performer.clip == (1, 60)


def test_before_is_without_corrections_but_with_what_the_hand_keyed():
    by_hand = edits.AddLayer(replace(BOW, role="keyed", id="layer1"))
    corrected = edits.AddLayer(replace(BOW, id="layer2")).apply(by_hand.apply(demo("Gap hop")))
    before = corrected.without_corrections().performer
    assert [layer.id for layer in before.layers] == ["base", "layer1"]


@pytest.mark.parametrize("word", ["Gap hop", "Gangway slip"])
def test_a_shot_survives_plain_data(word):
    shot = edits.AddLayer(replace(BOW, weight=0.3)).apply(demo(word))
    kept, put = stored()
    again = shot_from_plain(json.loads(json.dumps(shot_to_plain(shot, put))), kept.__getitem__)
    assert again.performer.rig == shot.performer.rig
    np.testing.assert_array_equal(bake_shot(again).position, bake_shot(shot).position)


def test_a_shot_from_another_version_is_refused():
    with pytest.raises(EditError, match="saved in form 99"):
        shot_from_plain({"form": 99}, {}.__getitem__)
