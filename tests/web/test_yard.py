"""The Yard with many shots: found by name, put in order, told in a table, several at once."""

import io
import re
import zipfile
from dataclasses import replace

import pytest
from sqlalchemy import select

from ironarc.core.exchange.bring_in import shot_from_file
from ironarc.store import shots
from ironarc.store.models import WorkRow
from tests.conftest import demo
from tests.figures import as_read


@pytest.fixture
def three(session):
    """A cracked hop, a sound run, and a strained perch, made in this order."""
    out = {}
    for name in ("Gap hop", "mid stride", "Net-perch"):
        shot = demo(name)
        out[shot.name] = shots.create(session, shot)
    return out


NAMES = re.compile(r'<h2 class="truncate[^>]*>([^<]*)<|<a class="font-medium[^>]*>([^<]*)<')


def names(client, **asked) -> list[str]:
    page = as_read(client.get("/", query_string=asked).text)
    return [card or row for card, row in NAMES.findall(page.split('id="shots"')[1])]


def test_shots_are_found_by_words_of_their_names(client, three):
    assert names(client, find="HOP gap") == ["PF-010 Gap hop"]
    assert names(client, find="pf-0") == sorted(three)
    # what a pattern would mean is only a letter here
    assert names(client, find="%") == []
    page = as_read(client.get("/", query_string={"find": "nothing such"}).text)
    assert "No shot matches “nothing such”" in page
    assert "No shots yet" not in page


def test_the_worst_come_first_and_the_newest(client, three):
    first = names(client, by="verdict")
    assert first[0] == "PF-010 Gap hop"
    assert first[-1] == "PF-090 Shot in mid stride"
    assert names(client, by="change")[0] == list(three)[-1]
    assert names(client, by="nonsense") == sorted(three)


def test_a_table_tells_hang_gravity_and_findings(client, three):
    page = as_read(client.get("/", query_string={"as": "table"}).text)
    row = re.search(r"<tr[^>]*>(?:(?!</tr>).)*Gap hop.*?</tr>", page, flags=re.DOTALL).group()
    assert "17.0 f" in row
    assert "56 %" in row
    assert "Hang time" in row
    assert "3 shots" in page


def test_several_are_deleted_at_once_and_can_be_put_back(client, token, three):
    chosen = [three["PF-010 Gap hop"], three["PF-090 Shot in mid stride"]]
    client.post("/shots/remove", data={"csrf_token": token, "shot": [str(n) for n in chosen]})
    assert len(names(client)) == 1
    assert f"/shots/{chosen[0]}/put-back" in client.get("/").text
    answer = client.post("/shots/remove", data={"csrf_token": token})
    assert (answer.status_code, "No shot selected" in answer.text) == (422, True)


def test_several_are_exported_as_one_zip_that_reads_back(client, token, session, three):
    twice = replace(demo("Gap hop"), name="PF-010 Gap hop")
    ids = [three["PF-010 Gap hop"], shots.create(session, twice)]
    answer = client.post("/shots/export.zip", data={"csrf_token": token, "shot": [str(n) for n in ids]})
    assert answer.mimetype == "application/zip"
    with zipfile.ZipFile(io.BytesIO(answer.data)) as found:
        assert found.namelist() == ["PF-010 Gap hop.bvh", f"PF-010 Gap hop ({ids[1]}).bvh"]
        shot = shot_from_file(found.read(found.namelist()[0]), "Back")
    assert shot.frames == 72


def test_more_shots_than_a_page_holds_come_as_one_scrolls(client, session, monkeypatch):
    monkeypatch.setattr("ironarc.web.yard.CARDS", 2)
    hop = demo("Gap hop")
    for n in range(5):
        shots.create(session, replace(hop, name=f"Hop {n}"))
    assert names(client) == ["Hop 0", "Hop 1"]
    found, address = [], "/"
    page = as_read(client.get(address).text)
    while True:
        found += re.findall(r"<h2[^>]*>(Hop \d)<", page)
        onward = re.search(r'hx-get="([^"]*first=\d+[^"]*)"', page)
        if not onward:
            break
        page = as_read(client.get(onward.group(1).replace("&amp;", "&"), headers={"HX-Request": "true"}).text)
        assert "<!doctype" not in page
    assert found == [f"Hop {n}" for n in range(5)]


# --- sequences -------------------------------------------------------------------------------------------


def test_chosen_shots_stand_in_one_sequence_under_its_name(client, token, session, three):
    chosen = [three["PF-010 Gap hop"], three["PF-090 Shot in mid stride"]]
    answer = client.post(
        "/shots/sequence", data={"csrf_token": token, "shot": [str(n) for n in chosen], "sequence": " The quay "}
    )
    assert answer.status_code == 302
    assert [shots.load(session, n, shots.standing(session, n).revision).sequence for n in chosen] == ["The quay"] * 2
    for form in ("cards", "table"):
        page = as_read(client.get("/", query_string={"by": "sequence", "as": form}).text).split('id="shots"')[1]
        places = [page.index(words) for words in ("The quay", "PF-010", "PF-090", "In no sequence", "PF-060")]
        assert places == sorted(places)
    # its name finds them too, also beside words of their own
    assert names(client, find="quay") == ["PF-010 Gap hop", "PF-090 Shot in mid stride"]
    assert names(client, find="quay hop") == ["PF-010 Gap hop"]
    # each is a step to undo, and one that stands there already gets none
    at = shots.standing(session, chosen[0])
    assert at.undo_says == "Sequence The quay"
    client.post("/shots/sequence", data={"csrf_token": token, "shot": str(chosen[0]), "sequence": "The quay"})
    assert shots.standing(session, chosen[0]).revision == at.revision
    refused = client.post("/shots/sequence", data={"csrf_token": token, "sequence": "The quay"})
    assert (refused.status_code, "No shot selected" in refused.text) == (422, True)


def test_a_sequence_that_goes_on_over_pages_has_its_name_once(client, token, session, monkeypatch):
    monkeypatch.setattr("ironarc.web.yard.CARDS", 2)
    hop = demo("Gap hop")
    for n in range(4):
        shots.create(session, replace(hop, name=f"Hop {n}", sequence="The quay" if n < 3 else ""))
    page = as_read(client.get("/", query_string={"by": "sequence"}).text)
    onward = re.search(r'hx-get="([^"]*first=\d+[^"]*)"', page).group(1).replace("&amp;", "&")
    more = as_read(client.get(onward, headers={"HX-Request": "true"}).text)
    assert (page.count(">The quay<"), more.count(">The quay<"), more.count(">In no sequence<")) == (1, 0, 1)


def test_several_are_trued_in_the_background_where_there_is_anything_to_put_right(client, token, session, three):
    chosen = [str(three[name]) for name in ("PF-010 Gap hop", "PF-090 Shot in mid stride")]
    answer = client.post("/shots/true", data={"csrf_token": token, "shot": chosen})
    assert "worked out in the" in as_read(client.get(answer.headers["Location"]).text)
    asked = session.scalars(select(WorkRow)).all()
    assert [(row.shot_id, row.what, row.asked) for row in asked] == [(three["PF-010 Gap hop"], "plan", "all")]
    refused = client.post("/shots/true", data={"csrf_token": token})
    assert (refused.status_code, "No shot selected" in refused.text) == (422, True)
