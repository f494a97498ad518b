"""The scene through the client: commands, uploads, and what the bench is told of it."""

import io
import json

import numpy as np
import pytest
from PIL import Image

from ironarc.core.exchange.take_home import motion_file
from ironarc.core.scene.solid import KINDS
from ironarc.demo.references import FOLDER, VIDEO
from ironarc.store import shots
from tests.conftest import demo
from tests.figures import as_read, bake_shot
from tests.web.blocks import floats, tracks, wanted


class Bench:
    """A shot as a script uses it: each command names the revision the one before it made."""

    def __init__(self, client, token, session, shot_id: int):
        self.client, self.token, self.session, self.id = client, token, session, shot_id
        self.revision = shots.standing(session, shot_id).revision

    def command(self, kind: str, **fields):
        body = {"revision": self.revision, "edit": {"kind": kind, **fields}}
        return self._took(self.client.post(f"/shots/{self.id}/edits", json=body, headers={"X-CSRFToken": self.token}))

    def send(self, path: str, files, **fields):
        data = {"revision": str(self.revision), "file": [(io.BytesIO(d), n) for n, d in files], **fields}
        headers = {"X-CSRFToken": self.token, "Accept": "application/json"}
        return self._took(self.client.post(f"/shots/{self.id}/{path}", data=data, headers=headers))

    def _took(self, answer):
        if answer.status_code == 200:
            self.revision = answer.json["revision"]
        return answer

    @property
    def shot(self):
        self.session.rollback()
        return shots.load(self.session, self.id, self.revision)

    def get(self, path: str):
        return self.client.get(f"/shots/{self.id}/r/{self.revision}/{path}")


@pytest.fixture
def bench(client, token, session, hop):
    return Bench(client, token, session, hop[0])


def says(answer) -> str:
    assert answer.status_code in (400, 404, 422), answer.status_code
    assert "Traceback" not in answer.text
    return answer.json["error"]


@pytest.mark.parametrize("member", ["bram", "tansy", "halloran", "gull"])
@pytest.mark.parametrize("pose", ["standing", "rest"])
def test_every_one_of_the_crew_can_join(bench, member, pose):
    assert bench.command("add_stock", member=member, pose=pose).status_code == 200
    scene = bench.get("scene.json").json
    assert [p["id"] for p in scene["performers"]] == ["performer1", "performer2"]
    motion = floats(bench.get(wanted("motion", "performer2")))
    assert motion.size == 72 * scene["performers"][1]["figure"]["joints"] * 7
    # beside the one who is there already, on the floor
    table = motion.reshape(72, -1, 7)
    assert table[0, 0, 0] == pytest.approx(0.9, abs=0.01)


def test_a_new_shot_has_one_of_the_crew_standing_on_the_floor(client, token, session):
    answer = client.post("/shots/new", data={"csrf_token": token})
    bench = Bench(client, token, session, int(answer.location.split("/shots/")[1].split("?")[0]))
    shot = bench.shot
    assert [p.name for p in shot.performers] == ["Bram Okoro"]
    assert bench.get("reading.json").json["flights"] == []
    assert bench.get("scene.json").json["floor"] == 0.0


def test_one_who_is_not_of_the_crew_is_refused(bench):
    assert "The crew has bram, tansy, halloran, gull" in says(bench.command("add_stock", member="x", pose="rest"))


def test_turning_and_scaling_about_the_floor_keep_the_feet_there(bench):
    before = bake_shot(bench.shot).position[36, 0]
    bench.command("place_about", performer="performer1", frame=37, about="floor", turn_rad=1.0, scale=1.5)
    after = bake_shot(bench.shot).position[36, 0]
    np.testing.assert_allclose(after[[0, 2]], before[[0, 2]], atol=1e-9)
    assert after[1] == pytest.approx(1.5 * before[1])
    bench.command("place_about", performer="performer1", frame=37, about="root", scale=1.0)
    np.testing.assert_allclose(bake_shot(bench.shot).position[36, 0], after, atol=1e-9)
    assert "A scale must be more than 0" in says(
        bench.command("place_about", performer="performer1", frame=37, about="root", scale=0)
    )


def test_lining_up_two_by_a_hand_and_a_chest(bench):
    bench.command("add_stock", member="tansy", pose="standing")
    ask = {"item": "performer2", "point": "RightHand", "other_point": "UpperChest", "frame": 40}
    assert bench.command("line_up", other="performer1", how="by_size", **ask).status_code == 200
    shot = bench.shot
    hand, chest = (
        bake_shot(shot, who).position[39, shot.item(who).rig.index(joint)]
        for who, joint in (("performer2", "RightHand"), ("performer1", "UpperChest"))
    )
    np.testing.assert_allclose(hand, chest, atol=1e-9)
    assert shot.item("performer2").placement.scale != 1.0
    assert "can't be lined up with itself" in says(bench.command("line_up", other="performer2", how="freely", **ask))
    assert "no joint called Wing" in says(
        bench.command("line_up", other="performer1", how="freely", **(ask | {"point": "Wing"}))
    )
    assert "Lining up is done by" in says(bench.command("line_up", other="performer1", how="magic", **ask))


@pytest.mark.parametrize("kind", KINDS)
def test_props_stand_ahead_of_the_performer_and_are_told_to_the_stage(bench, kind):
    bench.command("add_prop", prop=kind, frame=1)
    (prop,) = bench.get("scene.json").json["props"]
    assert prop["kind"] == kind
    assert prop["track"] == [[*prop["at"], 1, 0, 0, 0]]
    assert prop["at"][2] == pytest.approx(1.2, abs=0.1)
    bench.command("set_item", item="prop1", changes={"size_m": [1, 0.2, 2], "turn_rad": [0.1, 0, 0]})
    assert bench.shot.props[0].size_m == (1.0, 0.2, 2.0)
    assert "height must lie between 1 cm" in says(
        bench.command("set_item", item="prop1", changes={"size_m": [1, 0, 1]})
    )


@pytest.mark.parametrize(
    ("changes", "words"),
    [
        ({"size_m": "large"}, "size_m"),
        ({"size_m": [1, 2]}, "size_m"),
        ({"colour": "red"}, "colour"),
        ({"at_m": [0, None, 0]}, "at_m"),
    ],
)
def test_a_change_of_the_wrong_shape_is_refused_in_words(bench, changes, words):
    bench.command("add_prop", prop="box", frame=1)
    assert words in says(bench.command("set_item", item="prop1", changes=changes))


def test_a_keyed_prop_has_a_row_a_frame(client, token, session):
    bench = Bench(client, token, session, shots.create(session, demo("Swinging crate")))
    crate, _ = bench.get("scene.json").json["props"]
    assert len(crate["track"]) == 48
    # it swings as a pendulum of 4 m does: a quarter of its time is 24 frames
    z = np.array(crate["track"])[:, 2]
    assert abs(z[24]) < 0.06
    assert z[47] == pytest.approx(-z[0], abs=0.02)


def test_guides_follow_gravity_and_their_distance_is_told(bench):
    com = tracks(bench.get(wanted("tracks")))["com"].astype(float)
    bench.command("add_guide", curve="gravity", points_m=[com[28].tolist(), com[45].tolist()], first=29, frames=17)
    data = bench.get("reading.json").json
    (off,) = data["off_guide"]
    assert off["cm"][27] is None
    assert off["cm"][28] == pytest.approx(0, abs=0.01)
    arc = np.array(data["flights"][0]["gravity_arc"])
    np.testing.assert_allclose(off["cm"][29:45], np.linalg.norm(com[29:45] - arc, axis=1) * 100, atol=0.3)
    bench.command("guide_apex", guide="guide1", apex_m=1.2)
    shot = bench.shot
    assert shot.guides[0].apex_m(shot.frame_time_s, shot.g) == pytest.approx(1.2, abs=1e-9)
    assert "lies below the take-off" in says(bench.command("guide_apex", guide="guide1", apex_m=0.3))
    assert "needs 3 points or more" in says(
        bench.command("add_guide", curve="drawn", points_m=[[0, 0, 0]], first=1, frames=12)
    )


def test_a_plan_goes_into_the_shot_only_under_its_own_gravity(bench):
    bench.command("plan_guide", plan={"rise_cm": 30.6, "drop_cm": 40, "distance_cm": 100}, frame=29)
    (guide,) = bench.shot.guides
    assert guide.points_m[1][1] - guide.points_m[0][1] == pytest.approx(-0.094)
    assert "The plan's gravity is 1.62" in says(bench.command("plan_guide", plan={"rise_cm": 30, "g": 1.62}, frame=29))
    assert "a flight open" in says(bench.command("plan_guide", plan={"distance_cm": 3}, frame=29)).replace("the", "a")


def test_a_file_of_another_performer_joins_and_a_bad_one_leaves_nothing(bench):
    assert bench.send("performers", [("hop again.bvh", motion_file(demo("somersault")))]).status_code == 200
    assert bench.shot.performers[1].name == "hop again"
    before = bench.revision
    assert "x.bvh could not be read" in says(bench.send("performers", [("x.bvh", b"soup")]))
    assert "No file was chosen" in says(bench.send("performers", []))
    assert shots.standing(bench.session, bench.id).revision == before


def test_references_are_kept_served_and_stepped(bench):
    pictures = [(p.name, p.read_bytes()) for p in sorted(FOLDER.glob("*.png"))]
    assert bench.send("references", pictures, frame="1").status_code == 200
    assert bench.send("references", [(VIDEO.name, VIDEO.read_bytes())], frame="1").status_code == 200
    sequence, film = bench.get("scene.json").json["references"]
    assert (sequence["name"], sequence["kind"], len(sequence["files"])) == ("gap_hop", "sequence", 36)
    assert film["own"] == list(range(1, 73))
    answer = bench.client.get(f"/shots/{bench.id}/files/{sequence['files'][4]}")
    assert (answer.data, answer.mimetype) == (pictures[4][1], "image/png")
    assert "immutable" in answer.headers["Cache-Control"]
    assert bench.client.get(f"/shots/{bench.id}/files/nothing").status_code == 404
    # a browser seeks in a film by asking for parts of it
    part = bench.client.get(f"/shots/{bench.id}/files/{film['files'][0]}", headers={"Range": "bytes=100-199"})
    assert (part.status_code, part.data) == (206, VIDEO.read_bytes()[100:200])
    assert part.headers["Content-Range"] == f"bytes 100-199/{len(VIDEO.read_bytes())}"
    bench.command("set_item", item="reference1", changes={"marks": [{"frame": 19, "word": "apex"}], "rate_fps": 12})
    sequence = bench.get("scene.json").json["references"][0]
    assert sequence["marks"] == [{"own": 19, "word": "apex", "frame": 37, "pose_frame": None}]


def test_a_reference_that_can_not_be_shown_leaves_no_file_behind(bench):
    out = io.BytesIO()
    Image.new("RGB", (8, 8)).save(out, "PNG")
    refused = bench.send("references", [("a_1.png", out.getvalue()), ("a_3.png", out.getvalue())], frame="1")
    assert "The sequence has a hole: frame 2" in says(refused)
    bench.revision -= 1  # a stale page
    assert bench.send("references", [("a_1.png", out.getvalue())], frame="1").status_code in (404, 409)
    from sqlalchemy import text

    assert bench.session.execute(text("SELECT count(*) FROM file")).scalar() == 0


def test_what_a_rate_does_is_told_and_refused_before_anything_changes(bench):
    page = as_read(bench.get("rate?rate=30&keep=frames").text)
    assert "17.0 f · 0.57 s" in page
    assert "88 % g" in page  # 0.5625 × (30 / 24)²
    for query, words in (
        ("rate=24&keep=frames", "at 24 fps already"),
        ("rate=x&keep=frames", "such as 24, 23.976"),
        ("rate=30&keep=both", "keeps the seconds or the frames"),
    ):
        answer = bench.client.get(f"/shots/{bench.id}/r/{bench.revision}/rate?{query}", headers={"HX-Request": "true"})
        assert answer.status_code == 422
        assert words in answer.text
    assert bench.shot.rate == 24


def test_the_panel_shows_whoever_is_picked(bench):
    bench.command("add_stock", member="gull", pose="standing")
    bench.command("add_prop", prop="bar", frame=1)
    for pick, words in (
        ("", "Frame rate"), ("performer2", "of Bram Okoro"), ("prop1", "Thickness"), ("gone", "Frame rate"),
    ):  # fmt: skip
        assert words in as_read(bench.get(f"panels/set?pick={pick}").text)
    page = bench.client.get(f"/shots/{bench.id}?step=set&pick=prop1&who=performer2").text
    setup = json.loads(page.split("data-setup='")[1].split("'")[0].replace("&#34;", '"'))
    assert (setup["who"], setup["pick"]) == ("performer2", "prop1")


def test_a_correction_belongs_to_the_performer_it_was_made_for(bench):
    bench.send("performers", [("copy.bvh", motion_file(demo("Gap hop")))])
    tried = bench.get("reading.json?as=true_arc(frame=37)&who=performer2").json
    assert tried["flights"][0]["arc_max_m"] < 1e-3
    bench.command("true", correction="true_arc", options={"frame": 37}, performer="performer2")
    shot = bench.shot
    assert [len(p.layers) for p in shot.performers] == [1, 2]
    assert bench.get("reading.json?who=performer1").json["corrections"] == 0
    bench.command("mute_layer", layer_id=shot.performers[1].layers[1].id, muted=True, performer="performer2")
    assert bench.shot.performers[1].layers[1].muted


def test_json_and_bvh_name_their_performer(bench):
    bench.command("add_stock", member="tansy", pose="standing")
    data = bench.get("export.json").json
    assert [p["name"] for p in data["performers"]] == ["Bram Okoro", "Tansy Vale"]
    first = bench.get("export.json?schema=1&who=performer2").json
    assert (first["schema"], first["com_m"]) == (1, data["performers"][1]["com_m"])
    answer = bench.get("motion.bvh?who=performer2")
    assert "Tansy Vale.bvh" in answer.headers["Content-Disposition"]
    assert as_read(bench.client.get("/").text).count("2 performers") == 1


# --- the planner --------------------------------------------------------------------------------------


def test_the_planner_s_page_shows_arch_chart_and_tables(client):
    page = as_read(client.get("/planner").text)
    assert page.count("<circle") >= 12
    assert "Jupiter" in page
    assert "Old Halloran" in page
    assert "bounces 5 times" in page


@pytest.mark.parametrize(
    ("query", "words"),
    [
        ("hang_frames=12&g=9.81&fps=24", "Exactly 12 frames at 24 fps"),
        ("rise_cm=30&drop_cm=30&hang_frames=20&g=&fps=24", "3.46 m/s²"),
        ("rise_cm=abc&g=9.81&fps=24", "Rise must be a number"),
        ("rise_cm=30&drop_cm=30&hang_s=2&g=9.81&fps=24", "Leave one of the three empty"),
        ("rise_cm=30&g=9.81&fps=1000", "between 12 and 240"),
        ("rise_cm=0&drop_cm=50&g=9.81&fps=24", "It only falls"),
        ("rise_cm=1e9&g=9.81&fps=24", "Rise must be a number"),
        ("angle_deg=90&distance_cm=50&g=9.81&fps=24", "less than 90°"),
    ],
)
def test_the_planner_answers_or_says_why_not(client, query, words):
    answer = client.get(f"/planner/answer?{query}")
    assert answer.status_code == 200
    assert words in answer.text


def test_bounces_are_told_and_refused(client):
    answer = client.get("/planner/bounces?bounce_cm=100&factor=0.3&g=9.81&fps=24")
    assert "bounces 2 times" in as_read(answer.text)
    assert "At 1 it never rests" in client.get("/planner/bounces?bounce_cm=100&factor=1&g=9.81&fps=24").text


TENT = b"v 0 0 0\nv 2 0 0\nv 2 0 2\nv 0 0 2\nv 1 1 1\nf 1 2 5\nf 2 3 5\nf 3 4 5\nf 4 1 5\nf 4 3 2 1\n"


def test_a_mesh_becomes_a_prop_that_is_seen_sized_joined_and_let_fly(bench):
    answer = bench.send("props", [("Tent.obj", TENT)], frame="1")
    assert answer.json["says"].startswith("The file does not say its unit; metres were assumed")
    (prop,) = bench.get("scene.json").json["props"]
    (solid,) = prop["solids"]
    assert (prop["name"], prop["kind"], prop["size"]) == ("Tent", "shape", [2.0, 1.0, 2.0])
    sent = bench.get(f"shapes/{solid['shape']}")
    assert int.from_bytes(sent.data[:4], "little") == 5
    points = np.frombuffer(sent.data[4:64], "<f4").reshape(5, 3)
    np.testing.assert_allclose([points.min(axis=0), points.max(axis=0)], [[-0.5, 0, -0.5], [0.5, 1, 0.5]], atol=1e-6)
    assert np.frombuffer(sent.data[64:], "<u4").max() == 4
    assert "A mesh of 6 triangles" in as_read(bench.get("panels/set?pick=prop1").text)
    assert bench.command("set_item", item="prop1", changes={"size_m": [1.0, 0.5, 1.0]}).status_code == 200
    assert bench.shot.props[0].volume_m3 == pytest.approx(0.5 / 3)
    assert bench.command("duplicate_item", item="prop1").status_code == 200
    assert bench.command("join_prop", item="prop1", other="prop2").status_code == 200
    assert [s.kind for s in bench.shot.props[0].solids] == ["shape", "shape"]
    assert bench.get("shapes/none").status_code == 404


def test_a_mesh_that_can_be_no_prop_is_refused_in_words(bench):
    before = bench.revision
    for name, data, words in (
        ("flat.obj", b"v 0 0 0\nv 1 0 0\nv 0 0 1\nf 1 2 3\n", "flat.obj could not be read. It is flat"),
        ("bad.obj", b"v 0 0\n", "bad.obj could not be read. Line 1: a corner needs three numbers"),
        ("hop.bvh", b"HIERARCHY", "hop.bvh is no mesh that can be read here: it comes as glTF or OBJ"),
        ("no.glb", b"glTF", "no.glb could not be read."),
    ):
        assert says(bench.send("props", [(name, data)], frame="1")).startswith(words)
    assert shots.standing(bench.session, bench.id).revision == before
