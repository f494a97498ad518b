"""Mannequins as they are sent to the bench."""

import base64
import html
import io
import json
import re
from dataclasses import replace

import numpy as np
import pytest

from ironarc.core.exchange.take_home import motion_file
from ironarc.core.figure.body import weigh
from ironarc.core.figure.crew import BRAM, rig_of
from ironarc.core.formats import FORMATS, Extras
from ironarc.core.mannequin import LIGHT, mannequin_of
from ironarc.core.motion.pins import NO_ANCHORS
from ironarc.core.motion.write import channel_rows
from ironarc.core.skin.lighter import lighter
from ironarc.store import shots
from ironarc.web.skins import PAINT_MOST_M, packed_skin
from tests.conftest import demo


@pytest.fixture(scope="module")
def bram():
    return mannequin_of(weigh(rig_of(BRAM), 0.01, BRAM.weighing), 0.0, LIGHT)


def unpacked(sent):
    long = int.from_bytes(sent[:4], "little")
    head = json.loads(sent[4 : 4 + long])
    n, at, out = head["vertices"], 4 + long, {}
    for name, kind, many in (
        ("points", "<f4", 3 * n), ("shaded", "i1", 4 * n), ("painted", "i1", 4 * n), ("bones", "<u2", 4 * n),
        ("shares", "u1", 4 * n), ("triangles", "<u4", 3 * head["triangles"]),
    ):  # fmt: skip
        out[name] = np.frombuffer(sent, kind, many, at)
        at += out[name].nbytes
    assert at == len(sent)
    return head, out


def test_what_is_packed_is_what_was_built(bram):
    head, out = unpacked(packed_skin(bram))
    assert out["points"].reshape(-1, 3) == pytest.approx(bram.points, abs=1e-6)
    assert (out["triangles"].reshape(-1, 3) == bram.triangles).all()
    assert (out["shares"].reshape(-1, 4).sum(axis=1) == 255).all()
    assert out["shares"].reshape(-1, 4) / 255 == pytest.approx(bram.shares, abs=0.01)
    assert out["shaded"].reshape(-1, 4)[:, :3] / 127 == pytest.approx(bram.normals, abs=0.005)
    assert out["painted"].reshape(-1, 4) / 127 * PAINT_MOST_M == pytest.approx(bram.painted, abs=0.0004)
    assert np.reshape(head["position"], (-1, 3)) == pytest.approx(bram.position, abs=1e-5)
    assert head["halves"] == list(bram.halves)


def test_a_figure_with_nothing_to_show_is_sent_as_such():
    head, _ = unpacked(packed_skin(None))
    assert head["vertices"] == 0


def test_the_bench_asks_for_figures_at_once_and_they_are_kept(client, hop):
    page = client.get(f"/shots/{hop[0]}").text
    setup = json.loads(html.unescape(re.search(r"data-setup='([^']*)'", page)[1]))
    (performer,) = setup["scene"]["performers"]
    address = f"/shots/{hop[0]}/r/{setup['standing']['revision']}/skins/{performer['id']}"
    assert f"{address}/light?v=" in page
    answer = client.get(f"{address}/light?v={setup['mark']}")
    head, _ = unpacked(answer.data)
    assert head["vertices"] > 1500
    assert len(head["parents"]) == len(performer["joints"])
    assert "immutable" in answer.headers["Cache-Control"]
    fine, _ = unpacked(client.get(f"{address}/fine?v={setup['mark']}").data)
    assert fine["vertices"] > 3 * head["vertices"]


@pytest.mark.parametrize("rest", ["performer1/coarse", "nobody/light"])
def test_a_figure_that_is_not_there_is_said(client, hop, rest):
    answer = client.get(f"/shots/{hop[0]}/r/1/skins/{rest}")
    assert answer.status_code in (404, 422)
    assert "Back to the Yard" in answer.text


@pytest.fixture
def coat(session):
    shot_id = shots.create(session, demo("Coat on"))
    return shot_id, shots.standing(session, shot_id).revision


@pytest.fixture(scope="module")
def small():
    """The shot of the coat, two frames of it in a lighter skin, as an upload that the client keeps in memory."""
    shot = demo("Coat on")
    worn = shot.performer.skin
    few = replace(worn, packed=lighter(worn.mesh, 1500).packed())
    return replace(shot, performers=(replace(shot.performer, skin=few),))


def bones_alone():
    """A glTF of joints that move, and nothing else."""
    performer = demo("Gap hop").performer
    rig, rows = channel_rows(performer.motion, np.arange(1, 3), 1 / 24, NO_ANCHORS)
    return FORMATS["glb"].write(rig, rows, 1 / 24, Extras())


def colours_of(sent):
    long = int.from_bytes(sent[:4], "little")
    head = json.loads(sent[4 : 4 + long])
    n, at = head["vertices"], 4 + long
    at += n * (12 + 4 + 4 + 8 + 4) + head["triangles"] * 12
    tints = np.frombuffer(sent, "<f4", 3 * n, at).reshape(-1, 3)
    uv = np.frombuffer(sent, "<f4", 2 * n, at + tints.nbytes).reshape(-1, 2)
    return head, tints, uv, sent[at + tints.nbytes + uv.nbytes :]


def test_an_own_skin_is_sent_with_its_colours_and_pictures(client, coat):
    kept = demo("Coat on").performer.skin
    answer = client.get(f"/shots/{coat[0]}/r/{coat[1]}/skins/performer1/fine")
    head, tints, uv, pictures = colours_of(answer.data)
    assert head["vertices"] == kept.vertices
    assert head["groups"] == kept.mesh.groups.tolist()
    assert tints == pytest.approx(kept.mesh.tints)
    assert uv == pytest.approx(kept.mesh.uv)
    assert pictures == kept.mesh.images[0].data
    light = client.get(f"/shots/{coat[0]}/r/{coat[1]}/skins/performer1/light").data
    assert colours_of(light)[0]["vertices"] < kept.vertices / 3


def shape_of(client, shot_id):
    page = client.get(f"/shots/{shot_id}").text
    return json.loads(html.unescape(re.search(r"data-setup='([^']*)'", page)[1]))["scene"]["performers"][0]["figure"][
        "shape"
    ]


def test_clay_and_the_mannequin_are_other_figures(client, coat, token):
    shapes = [shape_of(client, coat[0])]
    revision = coat[1]
    for edit in ({"kind": "skin_in_clay", "clay": True}, {"kind": "show_skin", "shown": False}):
        answer = client.post(
            f"/shots/{coat[0]}/edits",
            json={"revision": revision, "edit": {**edit, "performer": "performer1"}},
            headers={"X-CSRFToken": token},
        )
        revision = answer.get_json()["revision"]
        shapes.append(shape_of(client, coat[0]))
    assert len(set(shapes)) == 3
    sent = client.get(f"/shots/{coat[0]}/r/{revision}/skins/performer1/light").data
    assert unpacked(sent)[0]["halves"]  # a mannequin has half-way bones


def test_a_skin_is_put_on_a_performer_whose_joints_match(client, hop, token, small):
    def put(name, data):
        return client.post(
            f"/shots/{hop[0]}/skin",
            data={"revision": hop[1], "performer": "performer1", "file": (io.BytesIO(data), name)},
            headers={"X-CSRFToken": token, "Accept": "application/json"},
        )

    for name, data, says in (
        ("hop.bvh", b"HIERARCHY", "has no skin in it"), ("coat.glb", b"glTF", "it is cut"),
        ("coat.glb", bones_alone(), "It has no skin"),
    ):  # fmt: skip
        refused = put(name, data)
        assert refused.status_code == 422, name
        assert says in refused.get_json()["error"], refused.get_json()
    done = put("coat.glb", motion_file(small, 1, 2, format="glb"))
    assert done.status_code == 200, done.text
    assert done.get_json()["says"] == ""
    panel = client.get(f"/shots/{hop[0]}/r/{done.get_json()['revision']}/panels/set?pick=performer1").text
    assert "coat.glb" in panel
    assert "Weigh by its volume" in panel


def test_a_text_gltf_comes_in_with_the_files_beside_it(client, token, session, small):
    tree = json.loads(motion_file(small, 1, 2, format="gltf"))
    data = base64.b64decode(tree["buffers"][0]["uri"].partition(",")[2])
    tree["buffers"][0]["uri"] = "coat.bin"
    sent = {"file": [(io.BytesIO(json.dumps(tree).encode()), "coat.gltf"), (io.BytesIO(data), "coat.bin")]}
    answer = client.post("/shots", data=sent, headers={"X-CSRFToken": token})
    assert answer.status_code == 302
    shot_id = int(re.search(r"/shots/(\d+)", answer.headers["Location"])[1])
    sent = client.get(f"/shots/{shot_id}/r/{shots.standing(session, shot_id).revision}/skins/performer1/light").data
    assert colours_of(sent)[0]["pictures"]
