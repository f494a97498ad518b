"""The Weigh step through the client: each command, what it refuses, and weighings kept by name."""

import json

import numpy as np
import pytest

from ironarc.core.exchange.bring_in import shot_from_file
from ironarc.core.exchange.take_home import motion_file
from ironarc.core.reading import read_shot
from ironarc.store import shots, weighings
from tests.conftest import demo
from tests.figures import as_read
from tests.web.blocks import tracks, wanted
from tests.web.test_scene import Bench, says


@pytest.fixture
def bench(client, token, session, hop):
    return Bench(client, token, session, hop[0])


def kg(shot, joint: str) -> float:
    body = shot.performer.body()
    return sum(p.mass_kg for p in body.parts if shot.performer.rig.names[p.joint] == joint and p.segment != "point")


def test_total_build_preset_parts_and_locks(bench):
    bench.command("weigh_total", kg=100)
    bench.command("weigh_part", joint="Head", kg=9)
    bench.command("lock_part", joint="LeftHand", locked=True)
    hand = kg(bench.shot, "LeftHand")
    bench.command("weigh_preset", preset="heavy legs")
    bench.command("weigh_build", female=0.5)
    shot = bench.shot
    assert kg(shot, "Head") == pytest.approx(9)
    assert kg(shot, "LeftHand") == pytest.approx(hand)
    assert shot.performer.body().masses.sum() == pytest.approx(100, abs=1e-9)
    sources = {p.source for p in shot.performer.body().parts if p.locked}
    assert sources == {"typed", "table"}  # a lock alone types nothing
    bench.command("lock_part", joint="LeftHand", locked=False)
    bench.command("reset_parts", joint="Head")
    assert bench.shot.performer.weighing.held == ()


def test_masses_are_told_at_the_size_in_the_shot(bench):
    bench.command("place_performer", performer="performer1", offset_m=[0, 0, 0], turn_rad=0, scale=2)
    bench.command("weigh_total", kg=800)
    bench.command("weigh_part", joint="Head", kg=40)
    shot = bench.shot
    assert shot.performer.weighing.mass_kg == pytest.approx(100)
    assert kg(shot, "Head") == pytest.approx(40)
    bench.command("add_point", name="Pack", joint="Chest", kg=80, at_m=[0, 0, -0.4])
    assert bench.shot.performer.weighing.points[0].kg == pytest.approx(10)


@pytest.mark.parametrize(
    ("kind", "fields", "words"),
    [
        ("weigh_part", {"joint": "Head", "kg": -1}, "The mass of Head must be more than 0"),
        ("weigh_part", {"joint": "Head", "kg": 500}, "nothing is left for the other parts"),
        ("weigh_part", {"joint": "Fin", "kg": 5}, "Bram Okoro has no joint called Fin"),
        ("weigh_total", {"kg": 0}, "The body's mass must be more than 0"),
        ("weigh_preset", {"preset": "odd"}, "A build to begin with is one of"),
        ("assign_joint", {"joint": "Head", "role": "wing"}, "Head can be one of"),
        ("weigh_length", {"density_kgm3": 0}, "A density lies between"),
        ("weigh_length", {"joint": "Head", "girth": 0}, "The girth of Head"),
        ("weigh_length", {"joint": "Head", "share": 2}, "The share of Head"),
        ("remove_point", {"number": 0}, "is deleted already"),
        ("figure_height", {"height_m": 0}, "between 5 cm and 100 m tall"),
        ("fit_weighing", {"name": "x", "weighing": {"weighing": 2}}, "This is not a weighing"),
        ("set_load", {"load": "load1", "kg": 3}, "is deleted already"),
        ("add_load", {"joints": ["Fin"], "frame": 3}, "no joint called Fin to hold Load"),
        ("set_display", {"marker": True, "foot": True, "parts": False, "path_of": "", "size": 9}, "25 and 400 %"),
    ],
)  # fmt: skip
def test_what_can_not_be_weighed_so_is_refused_and_changes_nothing(bench, kind, fields, words):
    before = bench.revision
    assert words in says(bench.command(kind, **fields))
    assert shots.standing(bench.session, bench.id).revision == before


def test_a_load_is_held_shown_and_read(bench):
    bench.command("add_load", joints=["RightHand"], frame=10, kg=20)
    bench.command(
        "set_load", load="load1", start=12, end=30, ease_in=4, ease_out=0, size_m=[0.2, 0.2, 0.2], name="Sack"
    )
    data = bench.get("reading.json").json
    (load,) = data["loads"]
    counts = np.array(load["counts"])
    assert (load["start"], load["end"]) == (12, 30)
    assert (np.flatnonzero(counts) + 1).tolist() == list(range(12, 31))
    reading = read_shot(bench.shot)
    held_at = reading.loads[0].centre[19]
    wrist = reading.poses.position[19, reading.poses.rig.index("RightHand")]
    assert np.linalg.norm(held_at - wrist) < 0.12  # in the palm
    com = tracks(bench.get(wanted("tracks")))["com"]
    np.testing.assert_allclose(com[19], (82 * reading.body_com[19] + 20 * held_at) / 102, atol=1e-4)
    page = bench.get("panels/weigh").text
    apart = np.linalg.norm(reading.com - reading.body_com, axis=1).max() * 100
    assert f"{apart:.1f} cm" in page
    assert f"{apart:.1f} cm" in bench.get("panels/read").text
    (told,) = bench.get("export.json").json["performers"][0]["loads"]
    assert told["moves_com_m"] == pytest.approx(apart / 100)
    assert (told["start"], told["end"], told["mass_kg"]) == (12, 30, 20)
    bench.command("remove_load", load="load1")
    assert bench.get("reading.json").json["loads"] == []


def test_an_offset_and_what_is_shown_stay_with_the_shot(bench):
    bench.command("set_offset", offset_m=[0, 0, 0.05])
    bench.command("set_display", marker=True, foot=False, parts=True, path_of="Head", size=1.5)
    told = tracks(bench.get(wanted("tracks")))
    assert bench.get("reading.json").json["columns"]["computed"] == 3
    apart = told["com"] - told["computed"]
    np.testing.assert_allclose(np.linalg.norm(apart, axis=1), 0.05, atol=2e-5)
    assert bench.get("scene.json").json["display"] == {
        "marker": True, "foot": False, "parts": True, "path_of": "Head", "size": 1.5,
    }  # fmt: skip


def test_the_size_is_checked_and_corrected(bench):
    assert "This figure is" in bench.get("panels/weigh").text
    bench.command("figure_height", height_m=1.9)
    reading = read_shot(bench.shot)
    assert reading.body.anatomy.height_m == pytest.approx(1.9)
    assert not bench.shot.performer.unit_guessed


def test_a_weighing_is_kept_and_used_on_another_rig(bench, client, token, session):
    bench.command("weigh_total", kg=96)
    bench.command("weigh_part", joint="UpperChest", kg=20)
    keep = {"shot": bench.id, "revision": bench.revision, "name": "  Deckhand,   heavy "}
    answer = client.post("/weighings", json=keep, headers={"X-CSRFToken": token})
    assert answer.json == {"name": "Deckhand, heavy"}
    ((weighing_id, name),) = weighings.names(session)
    kept = client.get(f"/weighings/{weighing_id}.json").json
    assert kept["name"] == name == "Deckhand, heavy"
    other = Bench(client, token, session, shots.create(session, demo("Gangway slip")))
    other.command("fit_weighing", name=kept["name"], weighing=kept["weighing"])
    assert kg(other.shot, "UpperChest") == pytest.approx(20)
    gull = Bench(client, token, session, shots.create(session, demo("Gull")))
    used = gull.command("fit_weighing", name=kept["name"], weighing=kept["weighing"])
    assert used.json["undo_says"] == "Use Deckhand, heavy; not in this rig: UpperChest"
    home = bench.get("weighing.json")
    assert json.loads(home.data)["held"] == {"UpperChest": {"kg": 20.0, "typed": True}}
    assert client.post(f"/weighings/{weighing_id}/remove", headers={"X-CSRFToken": token}).status_code == 200
    assert client.get(f"/weighings/{weighing_id}.json").status_code == 404
    assert client.post("/weighings", json=keep | {"name": " "}, headers={"X-CSRFToken": token}).status_code == 422


def test_what_is_not_understood_is_set_apart_with_a_way_to_settle_it(client, token, session):
    bench = Bench(client, token, session, shots.create(session, demo("Gull")))
    page = bench.get("panels/weigh").text
    assert "Not understood" in page
    assert page.count('class="weigh-row"') == 14
    assert "by length and girth" in page
    bench.command("assign_joint", joint="Rudder", role="none")
    assert kg(bench.shot, "Rudder") == 0
    bench.command("weigh_length", joint="LeftStrut", share=0.2)
    legs = sum(kg(bench.shot, f"Left{part}") for part in ("Strut", "Piston", "Shoe"))
    assert legs == pytest.approx(0.2 * 34)
    assert bench.shot.performer.body().masses.sum() == pytest.approx(34, abs=1e-9)


def test_a_joint_with_an_odd_name_is_told_by_the_body_s_shape_and_settled_at_a_click(client, token, session):
    text = motion_file(demo("Gap hop")).replace(b"LeftLeg", b"LeftQux")
    bench = Bench(client, token, session, shots.create(session, shot_from_file(text, "Odd")))
    page = bench.get("panels/weigh").text
    assert "1 joint is told by the shape of the body" in as_read(page)
    assert "Not understood" not in page
    bench.command("settle_shape")
    page = bench.get("panels/weigh").text
    assert "by the shape of the body" not in page
    assert "said by hand" in page


def test_mirroring_gives_one_side_to_the_other(bench):
    bench.command("weigh_part", joint="LeftForeArm", kg=3)
    bench.command("mirror_weighing", from_side="left")
    assert kg(bench.shot, "RightForeArm") == pytest.approx(3)
