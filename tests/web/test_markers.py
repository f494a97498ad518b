"""Markers of a capture through the client: brought in, lined up, compared, and a shot's own taken home."""

import io

import numpy as np
import pytest

from ironarc.core.exchange.marked import places_file
from ironarc.core.reading import read_all
from ironarc.store import shots
from tests.conftest import demo
from tests.web.test_scene import Bench, says


@pytest.fixture
def bench(client, token, hop, session):
    return Bench(client, token, session, hop[0])


@pytest.fixture(scope="module")
def capture():
    """The hop's own places, as C3D and as CSV."""
    shot = demo("Gap hop")
    readings = read_all(shot)
    return {ending: places_file(shot, readings, ending) for ending in ("c3d", "csv")}


@pytest.mark.parametrize("ending", ["c3d", "csv"])
def test_markers_come_in_beside_the_performer_and_are_seen_where_they_are(bench, capture, ending):
    answer = bench.send("performers", [(f"hop take.{ending}", capture[ending])])
    assert (answer.status_code, answer.json["says"]) == (200, "")
    (markers,) = bench.get("scene.json").json["marker_sets"]
    assert (markers["id"], markers["name"], markers["performer"]) == ("markers1", "hop take", "performer1")
    sent = np.frombuffer(bench.get("markers/markers1?as=now").data, "<f4")
    there, worn = sent.reshape(2, 72, len(markers["names"]), 3)
    # the last two are no part of a body
    np.testing.assert_allclose(there[:, :-2], worn[:, :-2], atol=5e-5)
    assert np.isnan(worn[:, -2:]).all()
    np.testing.assert_allclose(there[:, 3], bench.shot.poses("", np.arange(1, 73)).position[:, 3], atol=5e-5)
    panel = bench.get("panels/set?pick=markers1").text
    assert "24 markers" in panel
    assert "0.0 cm" in panel
    assert "center of gravity, plumb" in panel


def test_the_panel_tells_how_far_a_changed_performer_is_from_its_capture(bench, capture):
    bench.send("performers", [("hop.c3d", capture["c3d"])])
    move = {"do": "reach", "grips": ["right hand"], "by_m": [0.0, 0.15, 0.0], "how": "limb"}
    assert bench.command("pose", performer="performer1", frame=20, moves=[move]).status_code == 200
    panel = bench.get("panels/set?pick=markers1").text
    rows = panel.split('id="marked"')[1].split("<tr")
    assert "RightHand" in rows[2]
    assert 'data-frame="20"' in rows[2]


def test_markers_are_lined_up_placed_hidden_and_undone_like_anything_else(bench, capture):
    bench.send("performers", [("hop.c3d", capture["c3d"])])
    assert bench.command("place_markers", item="markers1", x_m=2.0, turn_rad=1.0).status_code == 200
    assert bench.shot.item("markers1").placement.offset_m[0] == 2.0
    assert bench.command("line_up_markers", item="markers1").status_code == 200
    np.testing.assert_allclose(bench.shot.item("markers1").placement.offset_m, [0, 0, 0], atol=1e-5)
    assert bench.command("hide_item", item="markers1", hidden=True).status_code == 200
    assert bench.command("duplicate_item", item="markers1").status_code == 200
    assert [m.id for m in bench.shot.marker_sets] == ["markers1", "markers2"]
    assert bench.command("remove_item", item="markers1").status_code == 200
    assert says(bench.command("line_up_markers", item="markers1")).startswith("That is not in the shot any more")


def test_who_they_stand_beside_may_go_and_they_stay(bench, capture):
    bench.command("add_stock", member="tansy", pose="standing")
    bench.send("performers", [("hop.c3d", capture["c3d"])], performer="performer2")
    assert bench.shot.item("markers1").performer == "performer2"
    assert bench.command("remove_item", item="performer2").status_code == 200
    sent = np.frombuffer(bench.get("markers/markers1").data, "<f4").reshape(2, 72, -1, 3)
    assert np.isfinite(sent[0]).all()
    assert np.isnan(sent[1]).all()
    assert "is not in the shot any more" in bench.get("panels/set?pick=markers1").text


def test_what_can_t_be_read_is_said_and_nothing_is_kept(bench, client, token, capture, session):
    answer = bench.send("performers", [("hop.c3d", b"\x02\x50" + bytes(600))])
    assert answer.status_code == 422
    assert says(answer) == "hop.c3d could not be read. It does not begin as a C3D file does."
    answer = bench.send("performers", [("hop.csv", b"frame,seconds,a x,a y,a z\n1,0,0,0,0\n2,0.1,0,x,0\n")])
    assert says(answer) == "hop.csv could not be read. Line 3: a value is 'x', which is no number."
    assert bench.shot.marker_sets == ()
    assert bench.get("markers/performer1").status_code == 404
    headers = {"X-CSRFToken": token, "Accept": "application/json"}
    yard = client.post("/shots", data={"file": (io.BytesIO(capture["c3d"]), "a.c3d")}, headers=headers)
    assert "holds markers and no skeleton" in yard.text
    assert len(shots.yard(session)) == 1


def test_a_shot_s_places_are_taken_home(bench, capture):
    for ending in ("c3d", "csv"):
        answer = bench.get(f"places.{ending}")
        assert answer.data == capture[ending]
        assert f"PF-010 Gap hop places.{ending}" in answer.headers["Content-Disposition"].replace("%20", " ")
    assert bench.get("places.bvh").status_code == 404
    assert "Places as C3D" in bench.get("panels/show").text
