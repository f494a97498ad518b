"""glTF 2.0 in and out: against the format's own sums, worked out here by hand, and the Khronos validator."""

import base64
import contextlib
import json
import shutil
import struct
import subprocess
from pathlib import Path

import numpy as np
import pytest

from ironarc.core import rotation as rot
from ironarc.core.errors import FileError
from ironarc.core.exchange.bring_in import shot_from_file
from ironarc.core.exchange.take_home import motion_file
from ironarc.core.formats import FORMATS
from ironarc.core.formats.gltf_container import Builder, binary_of, opened, text_of
from ironarc.core.mannequin import mannequin_of, posed
from ironarc.core.reading import see
from tests.conftest import demo

HALF = np.sqrt(0.5)
parse = FORMATS["glb"].parse
VALIDATOR = Path(__file__).parents[1] / "vendor" / "gltf_validator.js"


def poses_of(shot):
    return shot.performer.poses(np.arange(shot.first_frame, shot.last_frame + 1), shot.frame_time_s)


def apart_deg(a, b):
    return np.degrees(np.linalg.norm(rot.log(rot.multiply(rot.conjugate(a), b)), axis=-1))


@pytest.fixture(scope="module")
def hop():
    return demo("Gap hop")


@pytest.fixture(scope="module")
def hop_glb(hop):
    return motion_file(hop, format="glb")


@pytest.mark.parametrize("ending", ["glb", "gltf"])
@pytest.mark.parametrize("name", ["Gap hop", "Deck somersault", "Gull's hop"])
def test_a_motion_comes_back_as_it_went(name, ending):
    shot = demo(name)
    back = shot_from_file(motion_file(shot, format=ending), "back", scale_to_m=1.0, format=ending)
    a, b = poses_of(shot), poses_of(back)
    assert back.performer.rig.names == shot.performer.rig.names
    assert [j.channels for j in back.performer.rig.joints] == [j.channels for j in shot.performer.rig.joints]
    assert apart_deg(a.rotation, b.rotation).max() < 1e-4
    assert np.abs(a.position - b.position).max() < 1e-5
    assert back.fps == pytest.approx(shot.fps)
    assert len(back.performer.rig.ends) == len(shot.performer.rig.ends)
    # what it reads as is what the same motion reads as from the other format
    before, after = (see(s).reading.flights for s in (shot_from_file(motion_file(shot), "bvh"), back))
    assert [f.take_off_at for f in after] == pytest.approx([f.take_off_at for f in before], abs=1e-3)


@pytest.mark.skipif(shutil.which("node") is None, reason="the validator runs on Node")
@pytest.mark.parametrize("ending", ["glb", "gltf"])
@pytest.mark.parametrize("name", ["Gap hop", "Net-perch drop", "Gull's trot", "Hold hatch"])
def test_the_khronos_validator_finds_nothing_wrong(name, ending, tmp_path):
    assert validated(motion_file(demo(name), format=ending), tmp_path) == []


@pytest.mark.skipif(shutil.which("node") is None, reason="the validator runs on Node")
def test_the_validator_would_find_something_wrong(hop_glb, tmp_path):
    tree, _ = taken_apart(hop_glb)
    assert validated(hop_glb.replace(b'"VEC4"', b'"VEC3"', 1), tmp_path) != []
    assert tree["skins"]


def validated(data, tmp_path):
    path = tmp_path / "file"
    path.write_bytes(data)
    told = subprocess.run(["node", VALIDATOR.parent / "validate.js", path], capture_output=True, text=True, check=True)
    return json.loads(told.stdout)


def taken_apart(data):
    long = struct.unpack_from("<I", data, 12)[0]
    return json.loads(data[20 : 20 + long]), data[28 + long :]


def values(tree, binary, number):
    told = tree["accessors"][number]
    view = tree["bufferViews"][told["bufferView"]]
    width = {"SCALAR": 1, "VEC3": 3, "VEC4": 4, "MAT4": 16}[told["type"]]
    kind = {5121: "u1", 5123: "<u2", 5125: "<u4", 5126: "<f4"}[told["componentType"]]
    return np.frombuffer(binary, kind, told["count"] * width, view["byteOffset"]).reshape(-1, width).astype(float)


def test_the_skin_stands_as_the_stage_draws_it(hop, hop_glb):
    """Skinned as the format says, node by node, at one frame."""
    tree, binary = taken_apart(hop_glb)
    at, frame = 28, 29
    world = {}

    def matrix(node, up):
        own = tree["nodes"][node]
        turn, place = np.array([1.0, 0, 0, 0]), np.array(own.get("translation", [0, 0, 0]))
        for channel in tree["animations"][0]["channels"]:
            if channel["target"]["node"] == node:
                sampler = tree["animations"][0]["samplers"][channel["sampler"]]
                rows = values(tree, binary, sampler["output"])
                row = rows[min(at, len(rows) - 1)]
                if channel["target"]["path"] == "rotation":
                    turn = row[[3, 0, 1, 2]]
                else:
                    place = row
        m = np.eye(4)
        m[:3, :3], m[:3, 3] = rot.to_matrix(turn), place
        world[node] = up @ m
        for child in own.get("children", []):
            matrix(child, world[node])

    for root in tree["scenes"][0]["nodes"]:
        matrix(root, np.eye(4))
    skin, mesh = tree["skins"][0], tree["meshes"][0]["primitives"][0]
    bind = values(tree, binary, skin["inverseBindMatrices"]).reshape(-1, 4, 4).swapaxes(1, 2)
    bones = np.array([world[j] for j in skin["joints"]]) @ bind
    points = values(tree, binary, mesh["attributes"]["POSITION"])
    which = values(tree, binary, mesh["attributes"]["JOINTS_0"]).astype(int)
    share = values(tree, binary, mesh["attributes"]["WEIGHTS_0"]) / 255
    found = np.einsum("nk,nkij,nj->ni", share, bones[which], np.column_stack([points, np.ones(len(points))]))[:, :3]
    body, poses = hop.performer.body(), hop.performer.poses(np.array([frame]), hop.frame_time_s)
    wanted = posed(mannequin_of(body, hop.performer.weighing.female), poses.rotation[0], poses.position[0])
    assert np.abs(found - wanted).max() < 0.002  # shares are whole parts of 255


def test_clips_are_animations_of_their_own():
    shot = demo("Hold hatch")
    tree, _ = taken_apart(motion_file(shot, format="glb"))
    names = [animation["name"] for animation in tree["animations"]]
    assert names == [shot.name, *(strip.name for strip in shot.performer.strips_seen())]
    back = shot_from_file(motion_file(shot, format="glb"), "back", format="glb")
    assert any(f"Of {len(names)} motions in the file, {shot.name} was brought in." in says for says in back.assumed)


# --- files of others ----------------------------------------------------------------------------------


def others(times, turns, how="LINEAR", wrap=binary_of, **also):
    """Two bones along their own y, turned in rest, under a holder at a hundredth and z up; the second bends."""
    built = Builder()
    tree = {
        "asset": {"version": "2.0"},
        "scenes": [{"nodes": [0]}],
        "nodes": [
            {"name": "Holder", "rotation": [-HALF, 0, 0, HALF], "scale": [0.01] * 3, "children": [1]},
            {"name": "upper", "translation": [0, 0, 100], "rotation": [HALF, 0, 0, HALF], "children": [2]},
            {"name": "lower", "translation": [0, 50, 0], "children": [3]},
            {"name": "tip", "translation": [0, 40, 0]},
        ],
        "animations": [{
            "name": "bends",
            "samplers": [{
                "input": built.add(np.asarray(times), "SCALAR", bounds=True), "interpolation": how,
                "output": built.add(np.asarray(turns)[..., [1, 2, 3, 0]].reshape(-1, 4), "VEC4"),
            }],
            "channels": [{"sampler": 0, "target": {"node": 2, "path": "rotation"}}],
        }],
    }  # fmt: skip
    tree.update(also)
    return wrap(tree, built)


def bent(rad):
    return rot.exp(np.array([rad, 0.0, 0.0]))


def test_bones_with_turns_in_rest_under_a_scaled_holder_stand_where_they_stood():
    motion = parse(others([0.0, 1.0], [bent(0), bent(1.0)], skins=[{"joints": [1, 2]}]))
    assert motion.rig.names == ("upper", "lower")
    # z up became y up: the upper bone begins 1 m up and goes on upwards, in metres
    assert motion.rig.offsets[0] == pytest.approx([0, 1, 0], abs=1e-6)
    assert motion.rig.offsets[1] == pytest.approx([0, 0.5, 0], abs=1e-6)
    assert motion.rig.ends[0].offset == pytest.approx((0, 0.4, 0), abs=1e-6)
    turned = [motion.columns["lower", c].values[-1] for c in motion.rig.joints[1].rotation_channels]
    local = rot.from_euler(motion.rig.joints[1].order, np.array(turned))
    assert apart_deg(local, bent(1.0)) == pytest.approx(0, abs=1e-3)
    assert all(np.ptp(motion.columns["upper", c].values) < 1e-6 for c in ("rx", "ry", "rz"))


@pytest.mark.parametrize("share", [0.25, 0.5, 0.75])
@pytest.mark.parametrize("how", ["LINEAR", "STEP", "CUBICSPLINE"])
def test_what_lies_between_keys_is_as_the_format_says(how, share):
    a, b = bent(0.0), bent(1.2)
    leaves, comes = np.array([0.0, 2.0, 0, 0]), np.array([0.0, -1.0, 0, 0])
    zero = np.zeros(4)
    turns = [zero, a, leaves, comes, b, zero] if how == "CUBICSPLINE" else [a, b]
    motion = parse(others([0.0, 1.0], turns, how))
    lower = motion.rig.joints[motion.rig.index("lower")]
    at = round(share / motion.frame_time_s)
    local = rot.from_euler(
        lower.order, np.array([motion.columns["lower", c].values[at] for c in lower.rotation_channels])
    )
    s = at * motion.frame_time_s
    if how == "LINEAR":
        wanted = bent(1.2 * s)
    elif how == "STEP":
        wanted = a
    else:
        wanted = (
            (2 * s**3 - 3 * s**2 + 1) * a + (s**3 - 2 * s**2 + s) * leaves
            + (-2 * s**3 + 3 * s**2) * b + (s**3 - s**2) * comes
        )  # fmt: skip
        wanted /= np.linalg.norm(wanted)
    assert apart_deg(local, wanted) == pytest.approx(0, abs=1e-3)


@pytest.mark.parametrize(
    ("times", "fps"),
    [
        (np.arange(40) / 30, 30), (np.arange(0, 41, 4) / 24, 24), (np.array([0, 3, 7, 20]) / 24, 24),
        (np.array([0, 1, 2, 5]) / 60, 60), (np.arange(50) / 59.94, 59.94), (np.array([0, 0.111, 0.417, 1.303]), 30),
    ],
)  # fmt: skip
def test_the_rate_is_the_slowest_whose_frames_the_keys_lie_on(times, fps):
    motion = parse(others(times, [bent(0.1 * i) for i in range(len(times))]))
    assert 1 / motion.frame_time_s == pytest.approx(fps, rel=1e-4)
    assert motion.frames == round((times[-1] - times[0]) * fps) + 1


def test_the_pose_at_rest_is_the_one_the_skin_was_bound_in():
    """Nodes that stand bent, and a skin bound straight: the bones are those of the straight one."""
    built = Builder()
    straight = [np.eye(4), np.eye(4)]
    straight[1][1, 3] = -0.5
    nodes = [
        {"name": "upper", "children": [1]},
        {"name": "lower", "translation": [0.5, 0, 0], "rotation": [0, 0, np.sqrt(0.5), np.sqrt(0.5)]},
    ]
    tree = {
        "asset": {"version": "2.0"}, "nodes": nodes,
        "skins": [{
            "joints": [0, 1],
            "inverseBindMatrices": built.add(np.array([m.T.ravel() for m in straight]), "MAT4"),
        }],
        "animations": [{
            "samplers": [{
                "input": built.add(np.arange(3) / 24, "SCALAR"),
                "output": built.add(np.tile([0, 0, 0, 1.0], (3, 1)), "VEC4"),
            }],
            "channels": [{"sampler": 0, "target": {"node": 1, "path": "rotation"}}],
        }],
    }  # fmt: skip
    motion = parse(binary_of(tree, built))
    assert motion.rig.offsets[1] == pytest.approx([0, 0.5, 0], abs=1e-9)
    # it stands where the node is, which is not where it was bound
    assert [motion.columns["lower", c].values[0] for c in ("tx", "ty", "tz")] == pytest.approx([0.5, 0, 0], abs=1e-6)


def test_a_text_file_is_the_same_motion():
    binary, text = (others([0.0, 1.0], [bent(0), bent(1)], wrap=wrap) for wrap in (binary_of, text_of))
    a, b = parse(binary), parse(text)
    assert a.rig == b.rig
    assert all((a.columns[key].values == b.columns[key].values).all() for key in a.columns)


TURNS = [bent(0), bent(1)]


@pytest.mark.parametrize(
    ("data", "says"),
    [
        (b"", "no glTF"),
        (b"glTF\x02\0\0\0", "it is cut"),
        (others([0.0, 1.0], TURNS)[:-40], "it is cut"),
        (struct.pack("<4sIIII", b"glTF", 1, 20, 0, 0), "version 2 is read"),
        (b'{"asset": {"version": "1.0"}}', "glTF 1.0"),
        (b'{"nodes": []}', "no asset part"),
        (b'{"asset": {"version": "2.0"}}', "no nodes"),
        (others([0.0, 1.0], TURNS, animations=[]), "nothing in it moves"),
        (others([0.0, 1.0], TURNS, extensionsRequired=["KHR_draco_mesh_compression"]), "KHR_draco_mesh_compression"),
        (others([1.0, 0.0], TURNS), "don't follow one another"),
        (others([0.0, 0.5, 1.0], TURNS), "must match"),
        (others([0.0, 90_000.0], TURNS), "Cut it shorter"),
        (others([0.0, 1.0], TURNS, skins=[{"joints": [77]}]), "names number 77 of its nodes"),
        (others([0.0, 1.0], TURNS, nodes=[{"children": [0]}, {}, {}]), "hangs on itself"),
        (others([0.0, 1.0], TURNS, nodes=[{"children": [2]}, {"children": [2]}, {}]), "hangs on two others"),
        (others([0.0, 1.0], [[np.nan] * 4, [0, 0, 0, 1]]), "no numbers"),
        (
            json.dumps({"asset": {"version": "2.0"}, "buffers": [{"uri": "hop.bin", "byteLength": 4}]}).encode(),
            "its data lies beside it, in hop.bin",
        ),
        (
            json.dumps({"asset": {"version": "2.0"}, "buffers": [{"uri": "data:,?!", "byteLength": 4}]}).encode(),
            "no base64",
        ),
    ],
)  # fmt: skip
def test_what_cannot_be_read_is_said_in_words(data, says):
    with pytest.raises(FileError) as refused:
        parse(data)
    assert says in str(refused.value)


def test_a_spoiled_file_is_refused_or_read_and_never_worse(hop_glb):
    chance = np.random.default_rng(24)
    tree, binary = taken_apart(others([0.0, 1.0], TURNS))
    text = json.dumps(tree)
    for _ in range(300):
        at = int(chance.integers(len(text)))
        spoiled = text[:at] + chance.choice(list('0123456789-[]{}",:nul')) + text[at + 1 :]
        body = spoiled.encode() + b" " * (-len(spoiled.encode()) % 4)
        whole = struct.pack("<II", len(body), 0x4E4F534A) + body + struct.pack("<II", len(binary), 0x004E4942) + binary
        with contextlib.suppress(FileError):
            parse(struct.pack("<4sII", b"glTF", 2, 12 + len(whole)) + whole)


def test_accessors_with_strides_and_whole_numbers_are_read():
    rows = np.array([[0, 32767, 7], [-32768, 16384, 7]], dtype="<i2").tobytes()
    document = opened(json.dumps({
        "asset": {"version": "2.0"},
        "buffers": [{"byteLength": 12, "uri": "data:;base64," + base64.b64encode(rows).decode()}],
        "bufferViews": [{"buffer": 0, "byteLength": 12, "byteStride": 6}],
        "accessors": [{"bufferView": 0, "componentType": 5122, "count": 2, "type": "VEC2", "normalized": True}],
    }).encode())  # fmt: skip
    assert document.array(0, "x") == pytest.approx(np.array([[0, 1], [-1, 16384 / 32767]]))


# --- skins of others ----------------------------------------------------------------------------------


def clothed(shares=None, joints=None, wrap=binary_of, picture=b"", **also):
    """The two bones of `others` in a square tube of cloth, 10 cm wide, its lower half on the lower bone."""
    built = Builder()
    base, _ = others_parts()
    ring = np.array([[-5, 0, -5], [5, 0, -5], [5, 0, 5], [-5, 0, 5]], dtype=float)
    points = np.concatenate([ring + np.array([0, y, 0]) for y in (0, 45, 90)])
    triangles = [(4 * k + i, 4 * k + 4 + i, 4 * k + 4 + (i + 1) % 4) for k in (0, 1) for i in range(4)]
    triangles += [(4 * k + i, 4 * k + 4 + (i + 1) % 4, 4 * k + (i + 1) % 4) for k in (0, 1) for i in range(4)]
    held = np.zeros((12, 4)) if joints is None else np.asarray(joints)
    if joints is None:
        held[8:, 0] = 1
    given = np.tile([1.0, 0, 0, 0], (12, 1)) if shares is None else np.asarray(shares)
    # bound where the bones stand in their own room: 100 up z became up y, in hundredths
    bind = [np.eye(4), np.eye(4)]
    bind[1][1, 3] = -50
    tree = base | {
        "skins": [{"joints": [1, 2], "inverseBindMatrices": built.add(np.array([m.T.ravel() for m in bind]), "MAT4")}],
        "meshes": [{"name": "Coat", "primitives": [{
            "attributes": {
                "POSITION": built.add(points, "VEC3", bounds=True), "WEIGHTS_0": built.add(given, "VEC4"),
                "JOINTS_0": built.add(held, "VEC4", 5121), "TEXCOORD_0": built.add(points[:, :2] / 90, "VEC2"),
            },
            "indices": built.add(np.array(triangles).ravel(), "SCALAR", 5125), "material": 0,
        }]}],
        "materials": [{"pbrMetallicRoughness": {"baseColorFactor": [0.5, 0.25, 0.125, 1]}}],
        "animations": [{
            "samplers": [{
                "input": built.add(np.arange(2.0), "SCALAR", bounds=True),
                "output": built.add(np.array(TURNS)[:, [1, 2, 3, 0]], "VEC4"),
            }],
            "channels": [{"sampler": 0, "target": {"node": 2, "path": "rotation"}}],
        }],
    }  # fmt: skip
    if picture:
        tree["images"], tree["textures"] = [{"bufferView": built.raw(picture)}], [{"source": 0}]
        tree["materials"][0]["pbrMetallicRoughness"]["baseColorTexture"] = {"index": 0}
    tree["nodes"] = [*base["nodes"], {"name": "Cloth", "mesh": 0, "skin": 0}]
    return wrap(tree | also, built)


def others_parts():
    tree = json.loads(others([0.0, 1.0], TURNS, wrap=text_of))
    return {key: tree[key] for key in ("asset", "scenes", "nodes")}, tree


def test_a_skin_stands_where_it_was_bound_in_the_rigs_rest_pose():
    skin = parse(clothed()).skin
    assert skin.joints == ("upper", "lower")
    # the tube goes up from the upper bone's foot at 1 m, 5 cm to each side
    assert skin.points.min(axis=0) == pytest.approx([-0.05, 1.0, -0.05], abs=1e-6)
    assert skin.points.max(axis=0) == pytest.approx([0.05, 1.9, 0.05], abs=1e-6)
    assert skin.tints[0] == pytest.approx([0.5, 0.25, 0.125])
    low, high = skin.points[:, 1] < 1.5, skin.points[:, 1] > 1.8
    assert set(skin.held_by[low]) == {0}
    assert set(skin.held_by[high]) == {1}
    outward = np.einsum("ni,ni->n", skin.normals[:, [0, 2]], skin.points[:, [0, 2]])
    assert (outward > 0).all()


def test_weights_that_do_not_add_up_are_brought_to_one_and_said():
    shares = np.tile([0.3, 0.3, 0, 0], (12, 1))
    shares[0] = 0
    motion = parse(clothed(shares, np.tile([0, 1, 0, 0], (12, 1))))
    assert motion.skin.shares.sum(axis=1) == pytest.approx(1.0)
    assert any("Weights of 12 vertices" in says for says in motion.says)
    assert any("hang on no joint, and now go with the root: 1." in says for says in motion.says)


@pytest.mark.parametrize(
    ("data", "says"),
    [
        (
            clothed(joints=[*np.tile([0, 0, 0, 0], (11, 1)).tolist(), [9, 0, 0, 0]]),
            "vertex 11 of Coat hangs on joint 9",
        ),
        (clothed(meshes=[{"primitives": [{"attributes": {}}]}]), "names number None"),
        (clothed(picture=b"GIF89a"), "PNG and JPEG"),
    ],
)
def test_a_skin_that_cannot_be_used_leaves_the_motion_and_says_so(data, says):
    motion = parse(data)
    assert motion.frames > 1
    assert any(says in said for said in motion.says), motion.says


def test_a_skin_of_too_many_vertices_is_left_out(monkeypatch):
    monkeypatch.setattr("ironarc.core.formats.gltf_skin.MOST_VERTICES", 11)
    motion = parse(clothed())
    assert motion.skin is None
    assert "12 vertices" in motion.says[0]


def test_a_file_with_its_data_beside_it_is_read_with_it():
    tree, whole = json.loads(clothed(wrap=text_of)), parse(clothed())
    data = base64.b64decode(tree["buffers"][0]["uri"].partition(",")[2])
    tree["buffers"][0]["uri"] = "cloth%20one.bin"
    text = json.dumps(tree).encode()
    found = FORMATS["gltf"].read(text, {"cloth one.bin": data})
    assert found.skin.points == pytest.approx(whole.skin.points)
    with pytest.raises(FileError, match="Bring both files together"):
        FORMATS["gltf"].read(text)


def test_a_picture_comes_along():
    skin = parse(clothed(picture=b"\x89PNG and so on")).skin
    assert [image.media_type for image in skin.images] == ["image/png"]
    assert skin.images[0].data == b"\x89PNG and so on"
    assert skin.groups.tolist() == [[0, 16, 0]]
    assert skin.uv.max() == pytest.approx(1.0)


@pytest.mark.skipif(shutil.which("node") is None, reason="the validator runs on Node")
def test_the_validator_finds_nothing_wrong_with_a_worn_skin(tmp_path):
    assert validated(motion_file(demo("Coat on"), format="glb"), tmp_path) == []
