"""Mannequins as they are sent to the bench."""

import html
import json
import re

import numpy as np
import pytest

from ironarc.core.figure.body import weigh
from ironarc.core.figure.crew import BRAM, rig_of
from ironarc.core.mannequin import LIGHT, mannequin_of
from ironarc.web.skins import PAINT_MOST_M, packed_skin


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
