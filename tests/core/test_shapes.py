"""Meshes as props: their hull against solids whose surface, weight and fall are known, and files of them."""

from dataclasses import replace
from itertools import product

import numpy as np
import pytest
from scipy.spatial import ConvexHull

from ironarc.core.edits.commands import COMMANDS
from ironarc.core.edits.commands.scene import add_shape
from ironarc.core.errors import EditError, FileError
from ironarc.core.exchange.take_home import motion_file
from ironarc.core.formats import MESH_FORMATS
from ironarc.core.reading import see
from ironarc.core.scene.props import Prop
from ironarc.core.scene.shape import shape_of
from ironarc.core.scene.solid import MESH, Solid
from tests.conftest import demo

OBJ = MESH_FORMATS["obj"]
CRATE = np.array(list(product([-0.3, 0.3], [0, 0.5], [-0.4, 0.4])))
WEDGE = np.array([[-1, 0, -1], [1, 0, -1], [1, 0, 1], [-1, 0, 1], [1, 1, 1], [-1, 1, 1]]) * [0.5, 0.5, 0.8]


def solid(points: np.ndarray) -> Solid:
    shape, size = shape_of("made", points, ConvexHull(points).simplices)
    return Solid(MESH, size, shape=shape)


@pytest.mark.parametrize(
    ("points", "known"), [(CRATE, Solid("box", (0.6, 0.5, 0.8))), (WEDGE, Solid("ramp", (1.0, 0.5, 1.6)))]
)
def test_a_hull_is_the_solid_that_it_has_the_shape_of(points, known):
    made = solid(points + np.array([3.0, 1.0, 2.0]))  # wherever it stands in its file
    assert made.size_m == pytest.approx(known.size_m)
    assert made.volume_m3 == pytest.approx(known.volume_m3)
    np.testing.assert_allclose(made.middle_m, known.middle_m, atol=1e-12)
    np.testing.assert_allclose(made.spread(), known.spread(), atol=1e-12)
    # within, and over its faces
    at = np.random.default_rng(0).uniform(-0.2, 0.2, (400, 3)) + np.array([0, 0.25, 0])
    for stands in (False, True):
        np.testing.assert_allclose(made.distance(at, stands), known.distance(at, stands), atol=1e-9)


def test_a_hull_is_turned_and_sized_as_solids_are():
    turned = replace(solid(CRATE), size_m=(1.2, 0.25, 0.8), at_m=(1.0, 0.2, 0.0), turn_rad=(0.4, 0.1, -0.2))
    known = Solid("box", (1.2, 0.25, 0.8), (1.0, 0.2, 0.0), (0.4, 0.1, -0.2))
    at = np.random.default_rng(1).uniform(-0.1, 0.1, (200, 3)) + known.middle_m
    np.testing.assert_allclose(turned.distance(at), known.distance(at), atol=1e-9)
    np.testing.assert_allclose(turned.spread(), known.spread(), atol=1e-12)


def test_a_round_mesh_keeps_its_weight_and_nearly_its_surface():
    ways = np.random.default_rng(1).normal(size=(5000, 3))
    ball = 0.2 * ways / np.linalg.norm(ways, axis=1)[:, None] + [0, 0.2, 0]
    made, known = solid(ball), Solid("ball", (0.4, 0.4, 0.4))
    assert len(made.shape.hull.corners) <= 128
    assert made.volume_m3 == pytest.approx(known.volume_m3, rel=0.01)
    np.testing.assert_allclose(np.diag(made.spread()), np.diag(known.spread()), rtol=0.01)
    at = 0.25 * ways[:500] / np.linalg.norm(ways[:500], axis=1)[:, None] + [0, 0.2, 0]
    np.testing.assert_allclose(made.distance(at), 0.05, atol=0.022)


def test_a_mesh_falls_and_lands_as_the_box_it_is():
    """In the engine too: let fly from the same place, both come to lie at the same."""
    hop = demo("Gap hop")
    shape, size = shape_of("crate", CRATE, ConvexHull(CRATE).simplices)
    rests = []
    for prop in (Prop("prop1", "Crate", "box", size), Prop("prop1", "Crate", MESH, size, shape=shape)):
        stood = replace(prop, at_m=(4.0, 1.2, 4.0), turn_rad=(0.3, 0.5, 0.0), mass_kg=20.0)
        shot = COMMANDS["let_fly"](see(replace(hop, props=(stood,))), item="prop1", frame=1).apply(
            replace(hop, props=(stood,))
        )
        at, turn = shot.track_of(shot.props[0], shot.frame_numbers())
        rests.append((at, turn))
        assert at[-1, 1] < 0.6  # it has come down
    (a, p), (b, q) = rests
    np.testing.assert_allclose(a[:12], b[:12], atol=1e-6)  # free fall
    assert np.abs(a[-1, 1] - b[-1, 1]) < 0.03
    assert 2 * np.degrees(np.arccos(min(1.0, abs(float(p[5] @ q[5]))))) < 0.01


def test_feet_stand_on_a_mesh_as_on_a_box():
    hop = demo("Gap hop")
    up = replace(hop.performer, placement=hop.performer.placement.moved([0.0, 0.2, 0.0]))
    size = (3.0, 0.2, 6.0)
    slab = np.array(list(product([-0.5, 0.5], [0, 1], [-0.5, 0.5]))) * size
    shape, _ = shape_of("slab", slab, ConvexHull(slab).simplices)
    stood = []
    for prop in (Prop("prop1", "Slab", "box", size), Prop("prop1", "Slab", MESH, size, shape=shape)):
        reading = see(replace(hop, performers=(up,), props=(prop,))).reading
        stood.append([(c.joint, c.point, c.surface, c.start, c.end) for c in reading.contacts])
    assert stood[0] == stood[1]
    assert {surface for _, _, surface, *_ in stood[0]} == {"prop1"}


# --- files ----------------------------------------------------------------------------------------------

CUBE = b"""# a cube, its faces by corners, by corner/texture/normal, and counted back
v 0 0 0
v 100 0 0
v 100 100 0
v 0 100 0
v 0 0 100
v 100 0 100
v 100 100 100
v 0 100 100
vn 0 0 1
f 1 2 3 4
f 5//1 6//1 7//1 8//1
f -8 -7 -3 -4
f 4/1 3/1 7/1 8/1
usemtl wood
f 1 4 8 5
f 2 3 7 6
"""


def test_an_obj_is_read_and_becomes_a_prop_of_a_size_a_room_has():
    mesh = OBJ.parse(CUBE, {})
    assert (mesh.points.shape, mesh.triangles.shape, mesh.to_m) == ((8, 3), (12, 3), None)
    hop = demo("Gap hop")
    edit, said = add_shape(see(hop), mesh, "Cube", 1)
    prop = edit.apply(hop).props[0]
    assert said.startswith("The file does not say its unit; centimetres were assumed")
    assert (prop.name, prop.kind, prop.size_m) == ("Cube", MESH, pytest.approx((1.0, 1.0, 1.0)))
    assert prop.at_m[1] == pytest.approx(see(hop).reading.floor_m, abs=1e-3)
    assert prop.volume_m3 == pytest.approx(1.0)


@pytest.mark.parametrize(
    ("text", "words"),
    [
        (b"v 1 2\n", "Line 1: a corner needs three numbers"),
        (b"v 1 2 x\n", "Line 1: a corner is '1 2 x'"),
        (b"v 0 0 0\nf 1 2 3\n", "Line 2: a face names corner 2; 1 are there"),
        (b"v 0 0 0\nf 1 1\n", "Line 2: a face has three corners"),
        (b"v 0 0 0\nf one two three\n", "names 'one'"),
        (b"\0\0", "no OBJ"),
    ],
)
def test_what_is_wrong_with_an_obj_is_said_with_its_line(text, words):
    with pytest.raises(FileError, match=words):
        OBJ.parse(text, {})


@pytest.mark.parametrize(
    ("points", "triangles", "words"),
    [
        (CRATE, np.zeros((0, 3), dtype=int), "no faces"),
        (CRATE * [1, 0, 1], np.array([[0, 1, 2]]), "it is flat"),
        (CRATE[[0, 3, 5]], np.array([[0, 1, 2]]), "one plane"),
        (np.zeros((70_001, 3)), np.arange(69_999).reshape(-1, 3), "Export a lighter one"),
    ],
)
def test_what_can_be_no_prop_is_said(points, triangles, words):
    with pytest.raises(FileError, match=words):
        shape_of("none", points, triangles)


def test_a_gltf_s_meshes_are_a_prop_as_they_stand():
    mesh = MESH_FORMATS["glb"].parse(motion_file(demo("Coat on"), format="glb"), {})
    assert np.ptp(mesh.points[:, 1]) == pytest.approx(1.6, abs=0.2)
    shape, size = shape_of("figure", mesh.points, mesh.triangles)
    assert 0.02 < Solid(MESH, size, shape=shape).volume_m3 < 1.0
    with pytest.raises(FileError, match="it has no mesh"):
        MESH_FORMATS["gltf"].parse(b'{"asset": {"version": "2.0"}, "nodes": [{"name": "a"}]}', {})


def test_a_mesh_that_was_made_a_box_is_a_box_and_can_be_a_mesh_again():
    shape, size = shape_of("wedge", WEDGE, ConvexHull(WEDGE).simplices)
    prop = Prop("prop1", "Wedge", MESH, size, shape=shape)
    box = replace(prop, kind="box").checked()
    assert (box.solids[0].shape, box.volume_m3) == (None, pytest.approx(2 * prop.volume_m3))
    assert replace(box, kind=MESH).checked().volume_m3 == pytest.approx(prop.volume_m3)


def test_a_kind_needs_its_mesh():
    with pytest.raises(EditError, match="A prop is one of box"):
        Prop("prop1", "None", MESH, (1.0, 1.0, 1.0)).checked()
