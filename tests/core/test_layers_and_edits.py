import json
from dataclasses import replace

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st
from ironarc.core.plain import shot_from_plain, shot_to_plain
from ironarc.core.shot import bake_shot, from_bvh, to_bvh

from ironarc.core import edits, rotation
from ironarc.core.columns.keys import Dense, smooth_keys
from ironarc.core.errors import EditError
from ironarc.core.figure.weighing import Weighing
from ironarc.core.formats import bvh
from ironarc.core.motion.layers import Layer
from ironarc.core.motion.loads import Load
from ironarc.core.scene.guide import Guide
from ironarc.core.scene.props import Prop
from tests.conftest import demo

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
    again = bake_shot(from_bvh(to_bvh(shot), "Again", scale_to_m=0.01))
    np.testing.assert_allclose(again.position, bake_shot(shot).position, atol=1e-6)
    base, out = bvh.parse(to_bvh(demo("Gap hop"))), bvh.parse(to_bvh(shot))
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
        to_bvh(stuck)


def stored():
    kept = {}

    def put(array):
        key = f"{array.tobytes().hex()[:40]}{array.shape}{len(kept)}"
        kept[key] = array
        return key

    return kept, put


ALL_EDITS = [
    edits.AddLayer(replace(BOW, id="layer2", columns={("Hips", "ty"): Dense(5, np.arange(4.0))}, span=(5, 8))),
    edits.SetLayerWeight("layer1", 0.4),
    edits.MuteLayer("layer1", True),
    edits.RenameLayer("layer1", "  A deeper   bow "),
    edits.DeleteLayer("layer1"),
    edits.RenameShot("PF-011 Gap hop, lower"),
    edits.SetNotes("Less float, please."),
    edits.SetRate("25", "frames"),
    edits.SetRange(10, 60),
    edits.Renumber(1001),
    edits.SetFloor(0.02),
    edits.SetGravity(1.62),
    edits.SetDisplay(False, True, True, "Head", 1.5),
    edits.SetWeighing("performer1", Weighing(90.0).holding("Head", 6.0), "Heavier"),
    edits.SetLoads("performer1", (Load("load1", "Sack", ("LeftHand",), 10, 30, 9.0),), "Sack"),
    edits.SetUnit("performer1", 0.011),
    edits.PlacePerformer("performer1", (1.0, 0.0, 2.0), 0.3, 1.1),
    edits.SlipPerformer("performer1", 4),
    edits.TrimPerformer("performer1", 10, 60),
    edits.CutPerformer("performer1", 58, 61, 2),
    edits.MendCut("performer1", 0),
    edits.AddItem(Guide("guide1", "Path", "gravity", ((0.0, 1.0, 0.0), (0.0, 1.0, 1.0)), 29, 12.0)),
    edits.RemoveItem("prop1"),
    edits.RenameItem("prop1", "Hatch cover"),
    edits.HideItem("prop1", True),
    edits.LockItem("prop1", True),
    edits.DuplicateItem("prop1"),
    edits.SetItem("prop1", {"at_m": [1.0, 0.0, 0.0]}),
]


@pytest.mark.parametrize("edit", ALL_EDITS, ids=lambda e: e.kind)
def test_every_edit_is_pure_plain_data_and_says_what_it_does(edit):
    hatch = Prop("prop1", "Hatch", "box", (0.6, 0.4, 0.6), columns={"ty": smooth_keys([1, 9], [0.0, 1.0])})
    shot = edits.AddItem(hatch).apply(edits.CutPerformer("performer1", 50, 55, 2).apply(with_bow()))
    before = shot_to_plain(shot, stored()[1])
    changed = edit.apply(shot)
    assert shot_to_plain(shot, stored()[1]) == before
    kept, put = stored()
    plain = json.loads(json.dumps(edit.to_plain(put)))
    again = edits.edit_from_plain(plain, kept.__getitem__).apply(shot)
    a, b = (stored() for _ in range(2))
    assert shot_to_plain(changed, a[1]) == shot_to_plain(again, b[1])
    assert edit.says(shot)


def test_all_kinds_of_edit_are_tried_here():
    assert {type(e) for e in ALL_EDITS} == set(edits.EDITS.values())


@pytest.mark.parametrize(
    ("edit", "words"),
    [
        (edits.SetLayerWeight("layer1", 1.2), "between 0 and 100 %; 120 %"),
        (edits.SetLayerWeight("layer9", 0.5), "no layer 'layer9'"),
        (edits.SetLayerWeight("base", 0.5), "base layer is the motion itself"),
        (edits.DeleteLayer("base"), "base layer is the motion itself"),
        (edits.RenameLayer("layer1", "   "), "at least one letter"),
        (edits.RenameShot("x" * 61), "up to 60 letters; this one has 61"),
        (edits.AddLayer(BOW), "already a layer 'layer1'"),
    ],
)
def test_an_edit_that_can_not_be_made_says_why(edit, words):
    with pytest.raises(EditError, match=words):
        edit.apply(with_bow())


def test_an_unknown_edit_is_refused():
    with pytest.raises(EditError, match="no edit called 'fly'"):
        edits.edit_from_plain({"kind": "fly"}, {}.__getitem__)


@pytest.mark.parametrize("word", ["Gap hop", "Gangway slip"])
def test_a_shot_survives_plain_data(word):
    shot = edits.AddLayer(replace(BOW, weight=0.3)).apply(demo(word))
    kept, put = stored()
    again = shot_from_plain(json.loads(json.dumps(shot_to_plain(shot, put))), kept.__getitem__)
    assert again.performer.rig == shot.performer.rig
    np.testing.assert_array_equal(bake_shot(again).position, bake_shot(shot).position)


def test_a_shot_from_another_version_is_refused():
    with pytest.raises(EditError, match="saved in form 99"):
        shot_from_plain({"schema": 99}, {}.__getitem__)
