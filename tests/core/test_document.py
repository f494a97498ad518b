"""The document to and from plain data: every field there and back, and documents of the forms before."""

import gc
import hashlib
import json
import types
from dataclasses import fields, is_dataclass, replace
from pathlib import Path
from typing import Any, Union, get_args, get_origin, get_type_hints

import numpy as np
import pytest

from ironarc.core.by_identity import ByIdentity
from ironarc.core.columns import Dense, Keys, Turns
from ironarc.core.document import Performer, Shot
from ironarc.core.document.codec import shot_from_plain, shot_to_plain
from ironarc.core.document.plain import from_plain, to_plain
from ironarc.core.errors import EditError
from ironarc.core.motion.layers import CORRECTION, KEYED, TURN
from ironarc.core.reading import read_shot
from ironarc.core.scene.markers import MarkerSet
from ironarc.core.scene.shape import Shape
from ironarc.core.skin import OwnSkin
from tests.conftest import demo
from tests.figures import bake_shot

OLDER = Path(__file__).parent / "older"


def there_and_back(value: Any, hint: Any) -> Any:
    kept: dict[str, np.ndarray] = {}

    def put(array):
        kept[str(len(kept))] = np.array(array)
        return str(len(kept) - 1)

    return from_plain(json.loads(json.dumps(to_plain(value, put), sort_keys=True)), hint, kept.__getitem__)


# --- every field --------------------------------------------------------------------------------------

WORDS = {"order": "XZY", "eased": "sphere", "before": "cycles", "after": "cycles"}


TWO = np.ones(2)
ARRAYS = {
    Keys: {
        "frames": [1.0, 4.0], "values": [2.0, 3.0], "slopes_in": TWO, "slopes_out": 2 * TWO, "kinds": [1, 3],
        "meant": [3, 4],
    },
    Dense: {"values": [1.0, 2.5, 4.0]},
    Shape: {"packed": np.arange(5, dtype=np.uint8)},
    MarkerSet: {"places": np.arange(6.0).reshape(2, 3)},
    OwnSkin: {"packed": np.arange(9, dtype=np.uint8)},
    Turns: {
        "frames": [1.0, 4.0], "angles": [[0.1, 0.2, 0.3], [0.4, 0.5, 0.6]], "slopes_in": np.ones((2, 3)),
        "slopes_out": np.full((2, 3), 2.0), "kinds": [2, 3], "meant": [3, 4],
    },
}  # fmt: skip


def sample(hint: Any, name: str = "") -> Any:
    """A value of a type that is not its default, made from the type alone."""
    origin, args = get_origin(hint), get_args(hint)
    if origin in (Union, types.UnionType):
        return sample(next(a for a in args if a is not type(None)), name)
    if is_dataclass(hint):
        return of_class(hint)
    if origin is tuple:
        return (sample(args[0], name),) if args[1:] == (Ellipsis,) else tuple(sample(a, name) for a in args)
    if origin is not None:  # a mapping
        return {sample(args[0], name): sample(args[1], name)}
    return {bool: True, int: 7, float: 7.25, str: WORDS.get(name, "other")}[hint]


def of_class(cls: type) -> Any:
    arrays = ARRAYS.get(cls, {})
    hints = get_type_hints(cls)
    rest = {f.name: sample(hints[f.name], f.name) for f in fields(cls) if f.init and hints[f.name] is not np.ndarray}
    # what is true as it comes is tried as false
    rest |= {f.name: False for f in fields(cls) if f.default is True}
    return cls(**rest, **arrays)


def same(a: Any, b: Any) -> bool:
    if isinstance(a, np.ndarray):
        return a.dtype == b.dtype and np.array_equal(a, b)
    if is_dataclass(a):
        return type(a) is type(b) and all(same(getattr(a, f.name), getattr(b, f.name)) for f in fields(a) if f.init)
    if isinstance(a, tuple):
        return isinstance(b, tuple) and len(a) == len(b) and all(map(same, a, b))
    if hasattr(a, "items"):
        return list(a) == list(b) and all(same(a[k], b[k]) for k in a)
    return type(a) is type(b) and a == b


def classes_in(hint: Any, found: dict[type, None] | None = None) -> dict[type, None]:
    """Every dataclass the document is made of, found from the types of its fields."""
    found = {} if found is None else found
    for arg in get_args(hint):
        classes_in(arg, found)
    if is_dataclass(hint) and hint not in found:
        found[hint] = None
        for inner in get_type_hints(hint).values():
            classes_in(inner, found)
    return found


@pytest.mark.parametrize("cls", classes_in(Shot), ids=lambda c: c.__name__)
def test_every_field_goes_through_plain_data(cls):
    """Made from the types alone, so that a field nobody thought of here is tried too."""
    value = of_class(cls)
    for f in fields(cls):
        if f.init and f.default is not None and not isinstance(f.default, type) and is_plain(f.default):
            assert not same(getattr(value, f.name), f.default), f"{f.name} is not varied"
    assert same(there_and_back(value, cls), value)


def is_plain(value: Any) -> bool:
    return isinstance(value, bool | int | float | str | tuple)


def test_the_codec_knows_that_something_is_wrong():
    begun = {"name": "x", "performers": []}
    for plain, words in (
        ({"name": 3}, "name can't be read"),
        ({"name": "x", "performers": "none"}, "performers can't be read"),
        (begun | {"frame_time_s": float("nan")}, "frame_time_s can't be read"),
        (begun | {"frame_time_s": 0.04, "first_frame": 1.5}, "first_frame can't be read"),
        (begun, "has no frame_time_s"),
    ):
        with pytest.raises(EditError, match=words):
            from_plain(plain, Shot, {}.__getitem__)


def test_a_broken_column_is_told_with_joint_and_channel():
    kept = {}

    def put(array):
        kept[str(len(kept))] = np.array(array)
        return str(len(kept) - 1)

    plain = json.loads(json.dumps(shot_to_plain(demo("Gap hop"), put)))
    columns = plain["shot"]["performers"][0]["layers"][0]["columns"]
    blob = next(column["blob"] for key, column in columns if key == ["Hips", "ty"])
    kept[blob][4, 1] = np.nan
    with pytest.raises(EditError, match="Hips ty: the value at frame 9 is not a number"):
        shot_from_plain(plain, kept.__getitem__)


# --- documents of before ------------------------------------------------------------------------------


@pytest.mark.parametrize("form", ["form1", "form2"])
def test_older_forms_open_and_stand_as_they_stood(form):
    kept = json.loads((OLDER / f"{form}.json").read_text())
    arrays = {key: np.array(values) for key, values in kept["arrays"].items()}
    shot = shot_from_plain(kept["document"], arrays.__getitem__)
    for who, positions in kept["positions"].items():
        np.testing.assert_allclose(bake_shot(shot, who).position[kept["frames"]], positions, atol=1e-11)
    assert [layer.role for layer in shot.performer.corrections] == [CORRECTION]
    assert there_and_back(shot, Shot).performer.timing == shot.performer.timing


def test_form_2_keeps_all_that_stood_in_a_shot():
    kept = json.loads((OLDER / "form2.json").read_text())
    shot = shot_from_plain(kept["document"], {k: np.array(v) for k, v in kept["arrays"].items()}.__getitem__)
    sway, tansy = shot.performers
    assert (sway.clip, sway.timing.slip, len(sway.timing.cuts), sway.loads[0].name) == ((1, 24), 3, 1, "Sack")
    assert sway.layers[1].made_by == "true_arc"
    assert tansy.layers[0].role == KEYED
    arm = tansy.layers[0].columns["LeftArm", TURN]
    assert arm.frames.tolist() == [1, 7, 9, 15, 20]
    assert shot.floor_by_hand
    assert shot.props[0].columns["tx"].sample(np.array([5.0]))[0] == pytest.approx(0.5)
    assert shot.references[0].marks[0].word == "apex"
    assert (shot.guides[0].frames, shot.display.path_of) == (12.0, "Head")
    assert read_shot(shot).loads[0].load.mass_kg == 9.0


def test_form_3_keeps_which_parts_may_pull():
    shot = demo("Net-perch")
    blobs: dict[str, np.ndarray] = {}

    def put(array):
        blobs[str(len(blobs))] = array
        return str(len(blobs) - 1)

    plain = json.loads(json.dumps(shot_to_plain(shot, put)).replace('"pulls"', '"grips"'))
    older = shot_from_plain(plain | {"form": 3}, blobs.__getitem__)
    assert [pin.pulls for pin in older.performer.pins] == [pin.pulls for pin in shot.performer.pins]
    assert any(pin.pulls for pin in older.performer.pins)


def test_a_performer_has_an_explicit_clip():
    shot = demo("Gap hop")
    assert shot.performer.clip == (1, 72)
    assert there_and_back(replace(shot.performer, clip=(5, 90)), Performer).clip == (5, 90)
    far = replace(shot.performer, clip=(5, 90)).evaluate(np.array([1, 80]), shot.frame_time_s)
    assert far.own.tolist() == [5, 80]


# --- what is large is in memory once ------------------------------------------------------------------


def by_content(kept: dict):
    def put(array):
        address = hashlib.sha256(np.ascontiguousarray(array).tobytes()).hexdigest()
        kept[address] = np.array(array)
        return address

    return put


def like_no_other(shot):
    """With columns that nothing else in memory is like."""
    base, off = shot.performer.layers[0], 0.00123
    columns = {
        key: replace(c, angles=c.angles + off) if isinstance(c, Turns) else replace(c, values=c.values + off)
        for key, c in base.columns.items()
    }
    return replace(shot, performers=(shot.performer.with_layers((base.with_columns(columns),)),))


def test_a_shot_that_is_read_again_has_the_columns_that_are_in_memory():
    kept: dict = {}
    shot = like_no_other(demo("Gap hop"))
    plain = json.loads(json.dumps(shot_to_plain(shot, by_content(kept))))
    again = shot_from_plain(plain, kept.__getitem__)
    assert again.performer is shot.performer
    # one key of one column is another: that column is, and what holds it, and nothing else
    base = shot.performer.layers[0]
    column = base.columns["Hips", "ty"]
    other = replace(column, values=column.values + 1.0)
    moved = replace(shot, performers=(shot.performer.with_layers((base.with_columns({("Hips", "ty"): other}),)),))
    plain = json.loads(json.dumps(shot_to_plain(moved, by_content(kept))))
    del moved, other
    gc.collect()
    found = shot_from_plain(plain, kept.__getitem__).performer
    assert found is not shot.performer
    assert found.rig is shot.performer.rig
    same = {key for key, c in found.layers[0].columns.items() if c is base.columns[key]}
    # columns that are alike are one
    alive = {id(c) for c in base.columns.values()}
    assert {key for key, c in found.layers[0].columns.items() if id(c) not in alive} == {("Hips", "ty")}
    assert len(same) > len(base.columns) / 2
    np.testing.assert_array_equal(found.layers[0].columns["Hips", "ty"].values, column.values + 1.0)


def test_arrays_by_names_that_say_nothing_of_them_are_read_each_time():
    kept: list = []

    def put(array):
        kept.append(np.array(array))
        return str(len(kept) - 1)

    plain = shot_to_plain(demo("Gap hop"), put)
    first, second = (shot_from_plain(plain, lambda name: kept[int(name)]) for _ in range(2))
    assert first.performer is not second.performer
    assert first.performer.layers[0].columns["Hips", "ty"] is not second.performer.layers[0].columns["Hips", "ty"]


# --- what is known of what did not change ---------------------------------------------------------------


def test_plain_data_of_what_an_edit_left_alone_are_the_same_object_whatever_its_arrays_are_called():
    shot = demo("Gap hop")
    by_hash = lambda array: hashlib.sha256(np.ascontiguousarray(array).tobytes()).hexdigest()  # noqa: E731
    layer = shot.performer.layers[0]
    known = to_plain(layer, by_hash)
    put = []
    assert to_plain(layer, lambda array: put.append(array) or by_hash(array)) is known
    assert len(put) == len(layer.columns)  # they are put aside every time
    named = json.dumps(to_plain(layer, lambda _: "here"))
    assert '"blob": "here"' in named
    assert by_hash(put[0]) not in named
    assert json.dumps(to_plain(layer, by_hash)) == json.dumps(known)


def test_what_is_known_of_an_object_goes_with_it_and_is_never_told_of_another():
    class Thing:
        __eq__ = lambda self, other: True  # noqa: E731
        __hash__ = None

    known: ByIdentity[str] = ByIdentity()
    one, other = Thing(), Thing()
    known[one] = "the one"
    assert (known.get(one), known.get(other)) == ("the one", None)
    del one
    gc.collect()
    assert len(known) == 0
