"""What the pages say when something can't be: in words, with a way out, and never a 500."""

import io
import json
import math
import struct
import subprocess
import sys
import zlib
from dataclasses import replace

import pytest
from PIL import Image
from psycopg.errors import DiskFull
from sqlalchemy import text
from sqlalchemy.exc import OperationalError

from ironarc.core.edits.of_shot import SetShot
from ironarc.store import shots
from tests.conftest import demo
from tests.web.blocks import wanted


def post(client, token, path: str, plain):
    return client.post(path, json=plain, headers={"X-CSRFToken": token})


def edit(client, token, hop, **command):
    return post(client, token, f"/shots/{hop[0]}/edits", {"revision": hop[1], "edit": command})


def picture(width: int = 16, height: int = 12) -> bytes:
    out = io.BytesIO()
    Image.new("RGB", (width, height)).save(out, "PNG")
    return out.getvalue()


def said_to_be(size: int) -> bytes:
    """A small file of a picture that says it is size × size pixels."""
    head = b"IHDR" + struct.pack(">II", size, size) + picture()[24:29]
    return picture()[:12] + head + struct.pack(">I", zlib.crc32(head)) + picture()[33:]


def bring_in(client, token, path: str, hop, *files: tuple[str, bytes]):
    form = {"file": [(io.BytesIO(data), name) for name, data in files], "revision": str(hop[1]), "frame": "1"}
    headers = {"X-CSRFToken": token, "Accept": "application/json"}
    return client.post(path, data=form, headers=headers, content_type="multipart/form-data")


@pytest.mark.parametrize("number", [2**31, 2**63, 10**30])
def test_ids_no_row_can_have_are_nothing_at_this_address(client, token, hop, number):
    for path in (f"/shots/{number}", f"/shots/{hop[0]}/r/{number}/reading.json", f"/weighings/{number}.json"):
        assert client.get(path).status_code == 404
    answer = post(client, token, f"/shots/{hop[0]}/undo", {"revision": number})
    assert answer.status_code in (400, 409, 422)


@pytest.mark.parametrize(
    ("command", "words"),
    [
        ({"kind": "rename_shot", "name": "Gap\x00hop"}, "a letter that can't be kept"),
        ({"kind": "set_notes", "notes": "half \ud800 a letter"}, "a letter that can't be kept"),
        ({"kind": "set_notes", "notes": "n" * 20_000}, "up to 10,000 characters; 20,000 were given"),
        ({"kind": "set_gravity", "g": 1e30}, "edit.g lies within 10,000,000 of 0"),
        ({"kind": "set_item", "item": "performer1", "changes": {"a": [{"b": 2**63}]}}, "edit.changes.a.0.b lies"),
        ({"kind": "set_load", "load": None}, "load"),
        ({"kind": "set_load", "load": "load1", "start": 2**63}, "edit.start lies within"),
        ({"kind": "add_load", "joints": [None], "frame": 3}, "joints"),
    ],
)  # fmt: skip
def test_an_edit_that_can_not_be_kept_is_refused_in_words(client, token, hop, session, command, words):
    answer = edit(client, token, hop, **command)
    assert answer.status_code in (400, 422)
    assert words in answer.get_json()["error"]
    assert shots.standing(session, hop[0]).revision == hop[1]


def test_json_has_no_infinity_in_it(app, client, hop):
    with app.test_request_context(), pytest.raises(ValueError, match="JSON compliant"):
        app.json.dumps({"g": float("inf")})
    answer = client.get(f"/shots/{hop[0]}/r/{hop[1]}/export.json")
    json.loads(answer.text, parse_constant=lambda word: pytest.fail(f"the reading holds {word}"))


@pytest.mark.parametrize(
    "query",
    [
        "hang_s=1000000&fps=240", "hang_frames=100000", "rise_cm=1000000&g=0.0001", "rise_cm=30&fps=1e999999999",
        "rise_cm=30&g=0", "speed_ms=1e6&angle_deg=89.99", "rise_cm=nan", "rise_cm=%00",
    ],
)  # fmt: skip
def test_the_planner_says_what_it_can_not_draw(client, query):
    for path in ("answer", "drawer", ""):
        answer = client.get(f"/planner/{path}?{query}".replace("/?", "?"))
        assert answer.status_code == 200
        assert 'role="alert"' in answer.text
        assert len(answer.data) < 400_000


@pytest.mark.parametrize(
    "query", ["bounce_cm=100&factor=0.9999&g=9.81", "bounce_cm=100&factor=0.5&g=0", "bounce_cm=1e6&factor=0.9&g=0.01"]
)
def test_bounces_that_never_end_are_refused(client, query):
    answer = client.get(f"/planner/bounces?{query}&bounce_cm=100&fps=24")
    assert (answer.status_code, 'role="alert"' in answer.text) == (200, True)


SESSION = b"v=0\r\no=- 0 0 IN IP4 127.0.0.1\r\ns=x\r\nc=IN IP4 0.0.0.0\r\nt=0 0\r\nm=video 5004 RTP/AVP 96\r\n"
PLAYLIST = b"#EXTM3U\nhttp://127.0.0.1/a.ts\n"


@pytest.mark.parametrize(
    "data",
    [SESSION, b'<svg xmlns="http://www.w3.org/2000/svg"/>', PLAYLIST, b"ffconcat version 1.0\n"],
    ids=["session", "svg", "playlist", "list"],
)
def test_a_reference_that_is_no_film_is_never_opened_as_one(client, token, hop, monkeypatch, data):
    monkeypatch.setattr("av.open", lambda *args, **how: pytest.fail("it was opened"))
    answer = bring_in(client, token, f"/shots/{hop[0]}/references", hop, ("a.mp4", data))
    assert answer.status_code == 422
    assert "neither a picture nor a video" in answer.get_json()["error"]


def test_a_thousand_pictures_too_many_and_pictures_too_large_get_the_right_words(client, token, hop):
    many = [(f"a_{n}.png", b"") for n in range(1, 1200)]
    answer = bring_in(client, token, f"/shots/{hop[0]}/references", hop, *many)
    assert "up to 1000 pictures" in answer.get_json()["error"]
    for data in (picture(5000, 40), said_to_be(14_000)):
        answer = bring_in(client, token, f"/shots/{hop[0]}/references", hop, ("a.png", data))
        assert "4096" in answer.get_json()["error"]
    too_long = {"CONTENT_LENGTH": str(65 * 1024 * 1024), "CONTENT_TYPE": "multipart/form-data; boundary=x"}
    headers = {"X-CSRFToken": token, "Accept": "application/json"}
    answer = client.post(f"/shots/{hop[0]}/references", headers=headers, environ_overrides=too_long)
    assert (answer.status_code, "larger than 64 MB" in answer.get_json()["error"]) == (413, True)


@pytest.mark.parametrize(
    ("orig", "status", "words"),
    [(DiskFull("No space left"), 507, "The disk is full, so nothing"), (None, 503, "The database does not answer")],
)  # fmt: skip
def test_a_full_disk_and_a_database_that_is_away_are_called_that(client, token, hop, monkeypatch, orig, status, words):
    def fail(*args, **how):
        raise OperationalError("INSERT", {}, orig or Exception("connection refused"))

    monkeypatch.setattr(shots, "apply", fail)
    answer = edit(client, token, hop, kind="rename_shot", name="Hop")
    assert (answer.status_code, words in answer.get_json()["error"]) == (status, True)


def test_a_commit_that_may_have_been_kept_is_not_called_undone(client, token, hop, monkeypatch):
    def lost(*args, **how):
        raise shots.OutcomeUnknown("It isn't known whether it was kept. Reload the page.")

    monkeypatch.setattr(shots, "apply", lost)
    answer = edit(client, token, hop, kind="rename_shot", name="Hop")
    assert answer.status_code == 503
    assert "Nothing was changed" not in answer.get_json()["error"]


def test_a_shot_whose_page_breaks_offers_undo_and_opens_again(client, token, hop, session):
    shot_id, revision = hop
    broken = shots.apply(session, shot_id, revision, SetShot({"notes": "?"}, "Notes")).standing.revision
    # as a version before could keep it
    spoil = "UPDATE revision SET document = jsonb_set(document, '{shot,g}', '1e30') WHERE id = :id"
    session.execute(text(spoil), {"id": broken})
    session.commit()
    page = client.get(f"/shots/{shot_id}")
    assert page.status_code == 422
    assert "g can&#39;t be read" in page.text
    assert 'id="step-back"' in page.text
    assert client.get("/").status_code == 200
    answer = client.post(f"/shots/{shot_id}/step-back", headers={"X-CSRFToken": token})
    assert answer.headers["Location"] == f"/shots/{shot_id}"
    assert client.get(f"/shots/{shot_id}").status_code == 200


def test_a_shot_taken_away_is_put_back_from_the_yard(client, token, hop):
    assert client.get(f"/shots/{hop[0]}/r/{hop[1]}/{wanted('motion')}").status_code == 200
    client.post(f"/shots/{hop[0]}/remove", headers={"X-CSRFToken": token})
    yard = client.get("/").text
    assert f"/shots/{hop[0]}/put-back" in yard
    # nothing of it is answered from memory meanwhile
    for path in (
        "",
        f"/r/{hop[1]}/{wanted('motion')}",
        f"/r/{hop[1]}/reading.json",
        f"/r/{hop[1]}/motion.bvh",
        f"/r/{hop[1]}/panels/read",
    ):
        assert client.get(f"/shots/{hop[0]}{path}").status_code == 404
    client.post(f"/shots/{hop[0]}/put-back", headers={"X-CSRFToken": token})
    assert client.get(f"/shots/{hop[0]}").status_code == 200
    assert "put-back" not in client.get("/").text


def test_a_film_s_own_name_may_hold_anything_but_can_not_break_the_shot(client, token, session):
    for name in ("a\x00b.bvh", "../../é🦴.bvh", " .bvh"):
        form = {"file": (io.BytesIO(b"words"), name), "csrf_token": token}
        answer = client.post("/shots", data=form, content_type="multipart/form-data")
        assert answer.status_code == 422
    assert shots.yard(session) == []


def test_one_blas_thread_wherever_one_comes_in():
    for module in ("ironarc.cli", "ironarc.launch", "bench.reading"):
        code = (
            f"import {module}, scipy.linalg; from threadpoolctl import threadpool_info; "
            "print([pool['num_threads'] for pool in threadpool_info()])"
        )
        found = json.loads(subprocess.check_output([sys.executable, "-c", code], text=True))
        assert set(found) == {1}, module


def test_a_long_range_of_five_performers_is_refused_before_it_is_worked_out(client, token, session):
    hop = demo("Gap hop")
    crowd = replace(hop, performers=tuple(replace(hop.performer, id=f"performer{n}") for n in range(1, 6)))
    shot_id = shots.create(session, crowd)
    crowded = (shot_id, shots.standing(session, shot_id).revision)
    answer = edit(client, token, crowded, kind="set_range", first=1, last=100_000)
    assert "up to 20,000 frames" in answer.get_json()["error"]


@pytest.mark.parametrize("frame", ["", "--5", "\u00b2", "1e3", "99999999", "0", "73", "\u0663"])
def test_two_points_are_measured_at_a_frame_of_the_shot_only(client, hop, frame):
    asked = {"item": "performer1", "point": "com", "other": "performer1", "other_point": "Hips", "frame": frame}
    answer = client.get(f"/shots/{hop[0]}/r/{hop[1]}/line-up.json", query_string=asked)
    assert answer.status_code == 422
    assert "frame" in answer.get_json()["error"]


def test_the_gap_is_the_distance_of_two_points(client, hop):
    asked = {"item": "performer1", "point": "Head", "other": "performer1", "other_point": "Hips", "frame": "37"}
    gap = client.get(f"/shots/{hop[0]}/r/{hop[1]}/line-up.json", query_string=asked).get_json()
    assert gap["gap_cm"] == pytest.approx(100 * math.dist(gap["at"], gap["to"]))
    assert 40 < gap["gap_cm"] < 80


def test_show_compares_a_flight_with_the_same_one_or_with_none(client, token, hop, session):
    taken = edit(client, token, hop, kind="true", correction="true_arc", options={"frame": 37}).get_json()["revision"]
    panel = client.get(f"/shots/{hop[0]}/r/{taken}/panels/show").text
    assert all(words in panel for words in ("31 cm", "53 cm", "56 %", "100 %", "17.0 f"))
    assert "no flight" not in panel
