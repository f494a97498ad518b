"""The Block step through the client: what it draws, poses that are tried, the shelf, sets, layers copied, refusals."""

import io
import json

import numpy as np
import pytest

from ironarc.core.reading import read_shot
from ironarc.store import shelf, shots
from tests.conftest import demo
from tests.figures import bake_shot
from tests.web.blocks import floats, physics_table, wanted
from tests.web.test_scene import Bench, says

WHO = {"performer": "performer1"}
UP = {"do": "reach", "grips": ["right hand"], "by_m": [0, 0.1, 0]}


@pytest.fixture
def bench(client, token, session, hop):
    return Bench(client, token, session, hop[0])


def post(bench, path: str, body):
    return bench.client.post(path, json=body, headers={"X-CSRFToken": bench.token})


def tried(bench, **more):
    body = {"revision": bench.revision, **WHO, "frame": 8, "moves": [UP], "part": "right hand"} | more
    return post(bench, f"/shots/{bench.id}/try", body)


def test_what_the_step_draws(bench):
    data = bench.get("block.json?who=performer1").json
    assert {"hips", "head", "left hand", "right toe"} <= {g["name"] for g in data["grips"]}
    assert set(data["parts"]) == {"hips", "spine", "head", "left arm", "left leg", "right arm", "right leg"}
    rows = {row["part"]: row for row in data["rows"]}
    assert [f for f, _ in rows["head"]["keys"]] == [1, 8, 20, 29, 37, 46, 53, 62, 72]
    assert (data["layer"], data["layer_is_new"], data["dense"]) == ("base", False, False)
    curves = bench.get("curves.json?joints=Hips&part=right hand").json
    up = next(c for c in curves if c["channel"] == "ty")
    np.testing.assert_allclose(up["values"], bake_shot(bench.shot).position[:, 0, 1] * 100, atol=1e-3)
    assert up["keys"][0]["frame"] == 1
    height = curves[-1]
    assert (height["joint"], height["channel"], height["keys"]) == ("right hand", "height", [])
    path = np.array(bench.get("path.json?part=right hand").json)
    np.testing.assert_allclose(path[:, 1] * 100, height["values"], atol=0.02)
    panel = bench.get("panels/block").text
    for word in ("Reach", "Make", "Pin what touches", "Favour", "Thin to"):
        assert word in panel


def test_what_was_tried_is_what_is_kept(bench):
    seen = tried(bench).json
    frames = seen["beads"]["frames"]
    assert frames[0] < 8 < frames[-1]
    assert seen["margin_cm"] > 0
    before = bench.shot
    assert bench.revision == shots.standing(bench.session, bench.id).revision  # nothing was kept
    assert bench.command("pose", **WHO, frame=8, moves=[UP]).status_code == 200
    pose = np.array(seen["pose"]).reshape(-1, 7)
    np.testing.assert_allclose(bake_shot(bench.shot).position[7], pose[:, :3], atol=1e-5)
    assert before.performer is not bench.shot.performer


@pytest.mark.parametrize(
    ("body", "words"),
    [
        ({"frame": 99}, "Frame 99 lies outside this shot, which has frames 1 to 72"),
        ({"moves": [UP | {"grips": ["third hand"]}]}, "no part called 'third hand'"),
        ({"moves": [UP | {"by_m": [0, 900, 0]}]}, "up to 50 m at once"),
        ({"moves": [UP] * 50}, "Up to 40 moves"),
        ({"moves": [{"do": "dance"}]}, "can't be read"),
        ({"moves": [{"do": "between", "a": 1, "b": 8, "share": 9}]}, "between -100 and 200 %"),
        ({"performer": "prop7"}, "not in the shot any more"),
    ],
)  # fmt: skip
def test_a_move_that_cannot_be_made_is_refused_in_words(bench, body, words):
    assert words in says(tried(bench, **body))


def test_an_unreachable_place_says_what_is_missing(bench):
    seen = tried(bench, moves=[UP | {"by_m": [0, 2, 0]}]).json
    (missed,) = seen["missed"]
    assert missed["part"] == "right hand"
    assert missed["cm"] == pytest.approx(np.linalg.norm(np.subtract(missed["to"], missed["at"])) * 100, abs=0.1)
    longer = tried(bench, moves=[UP | {"by_m": [0, 2, 0], "stretch": True}]).json
    assert longer["missed"] == []
    assert "The right arm is stretched to" in longer["says"][0]


@pytest.mark.parametrize(
    ("kind", "fields", "words"),
    [
        ("pose", {"frame": 8, "moves": []}, "Nothing was moved"),
        ("pose", {"frame": 8, "moves": [UP], "layer": "layer9"}, "has no layer 'layer9' any more"),
        ("move_keys", {"keys": {"head": [2]}, "by": 1}, "no such key to change"),
        ("make_room", {"after": 20, "by": 0}, "Room is made for 1 to 5000 frames"),
        ("make_room", {"after": 20, "by": -12}, "lies within the 12 frames"),
        ("hold_pose", {"frame": 20, "to": 10}, "runs on to a later frame"),
        ("on_steps", {"start": 5, "end": 5, "step": 2}, "over a span"),
        ("ease_span", {"start": 8, "end": 20, "leaves": 9, "arrives": 0}, "would turn back"),
        ("thin", {"within_mm": 5}, "keyed already"),
        ("smooth_curve", {"parts": ["head"], "start": 1, "end": 72, "strength": 900}, "bumps of up to 60 frames"),
        ("add_pin", {"parts": ["left foot"], "start": 30, "end": 10, "frame": 20}, "first to its last frame"),
        ("add_pin", {"parts": ["head"], "start": 10, "end": 30, "frame": 20, "to": "performer1"}, "Choose which part"),
        ("trail_part", {"parts": []}, "whose joints follow each other"),
        ("add_pin", {"parts": ["tail"], "start": 10, "end": 30, "frame": 20}, "no part called 'tail'"),
        ("trail_part", {"parts": ["hips"]}, "whose joints follow each other"),
        ("take_height", {"source": "performer1", "start": 10, "end": 20}, "has no height curve"),
        ("merge_layer", {"layer_id": "base"}, "base layer is the motion itself"),
        ("add_hand_layer", {"parts": ["wing"]}, "no part called 'wing'"),
    ],
)  # fmt: skip
def test_what_can_not_be_done_says_what_and_changes_nothing(bench, kind, fields, words):
    assert words in says(bench.command(kind, **WHO, **fields))
    assert shots.standing(bench.session, bench.id).revision == bench.revision


def test_poses_are_kept_found_renamed_taken_home_and_brought_in(bench, client, token):
    def keep(name, frames=(20,), **more):
        return post(
            bench, "/shelf", {"shot": bench.id, "revision": bench.revision, "name": name, "frames": frames} | more
        )

    kept = keep("Wind-up").json
    keep("Push and fly", [20, 24, 29], parts=["left arm"])
    found = client.get("/shelf.json?words=push fly").json
    assert [(p["name"], p["poses"], p["frames"]) for p in found] == [("Push and fly", 3, 10)]
    assert len(client.get("/shelf.json").json[0]["picture"]) > 10
    home = client.get(f"/shelf/{kept['id']}.json")
    assert "attachment" in home.headers["Content-Disposition"]
    plain = json.loads(home.data)
    assert plain["shelf"] == 1
    assert post(bench, f"/shelf/{kept['id']}/rename", {"name": "Crouch"}).status_code == 200
    assert "on the shelf already" in says(post(bench, f"/shelf/{kept['id']}/rename", {"name": "Push and fly"}))

    def bring(data: bytes):
        headers = {"X-CSRFToken": token, "Accept": "application/json"}
        return client.post("/shelf/bring-in", data={"file": (io.BytesIO(data), "pose.json")}, headers=headers)

    assert bring(home.data).json["name"] == "Wind-up"
    plain["poses"][0]["turns"]["LeftArm"] = [3, 0, 0, 0]
    assert "rotation of LeftArm" in says(bring(json.dumps(plain).encode()))
    assert "not JSON" in says(bring(b"\xff\x00"))
    assert "No file was chosen" in says(
        client.post("/shelf/bring-in", data={}, headers={"X-CSRFToken": token, "Accept": "application/json"})
    )
    assert post(bench, f"/shelf/{kept['id']}/remove", {}).status_code == 200
    assert "no longer on the shelf" in says(post(bench, f"/shelf/{kept['id']}/remove", {}))


def test_a_pose_of_the_shelf_is_used_in_another_shot(bench, client, token, session):
    post(bench, "/shelf", {"shot": bench.id, "revision": bench.revision, "name": "Wind-up", "frames": [20]})
    (i, _), *_ = shelf.found(session)
    other = Bench(client, token, session, shots.create(session, demo("Mail-sack")))
    body = {"revision": other.revision, **WHO, "shelf": i, "frame": 50, "parts": ["left arm"], "share": 1.0}
    answer = other._took(post(other, f"/shots/{other.id}/use-pose", body))
    assert answer.json["says"] == []
    arm = other.shot.performer.rig.index("LeftArm")
    a, b = bake_shot(other.shot).local[49, arm], bake_shot(bench.shot).local[19, arm]
    assert abs(a @ b) == pytest.approx(1.0, abs=1e-9)
    gull = Bench(client, token, session, shots.create(session, demo("Gull")))
    wanted = body | {"revision": gull.revision, "frame": 20}
    assert "no part called 'left arm'" in says(post(gull, f"/shots/{gull.id}/use-pose", wanted))
    assert "No joint of this pose answers to one of Gull" in says(
        post(gull, f"/shots/{gull.id}/use-pose", wanted | {"parts": []})
    )


def test_sets_of_parts_are_kept_by_name(bench, client):
    assert post(bench, "/sets", {"name": "Punching arm", "parts": ["right arm", "chest"]}).status_code == 200
    assert client.get("/sets.json").json == {"Punching arm": ["right arm", "chest"]}
    assert post(bench, "/sets", {"name": "Punching arm", "parts": []}).status_code == 200
    assert client.get("/sets.json").json == {}
    assert "no such set" in says(post(bench, "/sets", {"name": "Punching arm", "parts": []}))


def test_a_layer_is_copied_to_another_shot(bench, client, token, session):
    bench.command("add_hand_layer", **WHO, name="Nod")
    bench.command(
        "pose", **WHO, frame=20, moves=[{"do": "turn", "grip": "head", "swing_rad": [0.3, 0, 0]}], layer="layer1"
    )
    goal = Bench(client, token, session, shots.create(session, demo("Mail-sack")))
    body = {"revision": bench.revision, **WHO, "layer": "layer1", "to_shot": goal.id}
    assert post(bench, f"/shots/{bench.id}/copy-layer", body).json["says"] == "Copied to PF-020 Mail-sack throw."
    after = shots.load(session, goal.id, shots.standing(session, goal.id).revision)
    assert after.performer.layers[-1].name == "Nod"
    turned = np.abs(bake_shot(after).local - bake_shot(demo("Mail-sack")).local).max(axis=(0, 2))
    assert turned[after.performer.rig.index("Head")] > 0.1
    assert {s["name"] for s in client.get("/shots.json").json} == {"PF-010 Gap hop", "PF-020 Mail-sack throw"}


def test_timing_is_looked_at_without_being_kept(bench):
    stepped = floats(bench.get(wanted("motion", variant="look-stepped"))).reshape(72, -1, 7)
    keyed = floats(bench.get(wanted("motion"))).reshape(72, -1, 7)
    neck = bench.shot.performer.rig.index("Neck")
    local = [np.abs(np.diff(m[9:19, neck, 3:], axis=0)).max() for m in (stepped, keyed)]
    assert local[1] > 1e-4
    arm = bench.shot.performer.rig.index("LeftForeArm")
    assert not np.allclose(stepped[14, arm], keyed[14, arm])
    assert "no view of a shot" in says(bench.get(wanted("motion", variant="look-wild")))


def test_what_the_hang_becomes_is_told_before_a_height_is_handed_on(bench):
    bench.command("add_guide", curve="gravity", points_m=[[0, 0.5, 0], [0, 0.5, 1]], first=30, frames=12)
    told = bench.get("handed.json?source=guide1&start=30&end=42&of=root").json
    assert told["scale"] == pytest.approx(bake_shot(bench.shot).position[29, 0, 1] / 0.5, abs=1e-6)
    assert told["hang_s"] == pytest.approx(2 * np.sqrt(2 * told["rise_cm"] / 100 / 9.81))
    assert "Type the first and the last frame" in says(bench.get("handed.json?source=guide1&of=root"))
    assert "number of per cent" in says(bench.get("handed.json?source=guide1&start=30&end=42&of=root&scale=wide"))
    assert bench.command("take_height", **WHO, source="guide1", start=30, end=42, of="root").status_code == 200
    assert bench.shot.performer.layers[-1].name.startswith("Height of")


def test_where_a_shot_stands_is_told_after_a_lost_answer(bench, client):
    bench.command("mark_beat", **WHO, frame=8, beat="extreme")
    assert client.get(f"/shots/{bench.id}/standing.json").json["revision"] == bench.revision
    assert "no such shot" in says(client.get("/shots/999/standing.json"))


def test_where_a_hand_holds_on_no_balance_is_drawn():
    told = physics_table(read_shot(demo("Net-perch")))
    hanging, landed = 13, 79
    assert np.isnan([told[name][hanging] for name in ("tips_s", "margin", "xcom_margin")]).all()
    assert told["hull"][hanging] == 0
    assert told["hull"][landed] > 2
    assert np.isfinite(told["margin"][landed])
    assert (told["holds_on"][hanging], told["holds_on"][landed]) == (1, 0)
