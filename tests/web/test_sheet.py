"""The inspection sheet: a page a performer, with what was found and done."""

import io
import re
from dataclasses import replace

import numpy as np
import pytest
from PIL import Image

from ironarc.core import truing
from ironarc.core.errors import FileError
from ironarc.core.reading import see
from ironarc.media import look
from ironarc.store import shots
from ironarc.web.sheet import pages_of as pages_of_shot
from ironarc.web.sheet_pdf import OWN, _own, pdf_of
from ironarc.web.sheet_picture import note_picture
from tests.conftest import demo
from tests.figures import Ask, as_read, pages_of_pdf


def pages_of(client, session, shot, **asked) -> list[str]:
    shot_id = shots.create(session, shot)
    revision = shots.standing(session, shot_id).revision
    answer = client.get(f"/shots/{shot_id}/r/{revision}/sheet", query_string=asked)
    assert answer.status_code == 200
    return re.findall(r"<section class=\"sheet.*?</section>", as_read(answer.text), flags=re.DOTALL)


def test_a_page_tells_poses_flights_findings_and_the_verdict(client, session):
    (page,) = pages_of(client, session, demo("Gap hop"))
    frames = [
        int(n)
        for n in re.findall(r"<text [^>]*text-anchor=\"middle\"[^>]*>(\d+)</text>", page.split("sheet-trestle")[0])
    ]
    assert {1, 37, 72} <= set(frames)
    assert frames == sorted(frames)
    assert "17.0 f" in page
    assert "56 %" in page
    assert re.search(r"Hang time.*Cracked", page, flags=re.DOTALL)
    assert "82.0 kg" in page
    assert 'class="sheet-verdict is-cracked"' in page


def test_what_a_correction_settled_and_what_was_left_is_told(client, session):
    hop = demo("Gap hop")
    trued = truing.propose(see(hop), truing.read_try("true_arc(frame=37)")).edit.apply(hop)
    (page,) = pages_of(client, session, trued)
    assert "cracked before its corrections" in page
    assert re.search(r"Hang time.*Settled", page, flags=re.DOTALL)
    assert '<tr class="was"><td>before</td><td>17.0 f</td>' in re.sub(r"\s+(?=<)", "", page)
    (struck,) = pages_of(client, session, demo("Crate strikes"))
    assert "Left: The body is let go there, and slides." in struck


def test_everybody_has_a_page_and_one_can_be_asked_for(client, session):
    shot = Ask("add_stock", "tansy", "standing").apply(demo("Gap hop"))
    pages = pages_of(client, session, shot, paper="letter")
    assert len(pages) == 2
    assert all("is-letter" in page for page in pages)
    assert "2 of 2" in pages[1]
    (only,) = pages_of(client, session, shot, who=shot.performers[1].id)
    assert "Tansy Vale" in only


@pytest.mark.parametrize(
    ("asked", "says"), [({"paper": "a0"}, "printed on a4 or letter"), ({"who": "x"}, "no such performer")]
)
def test_what_is_no_sheet_is_said(client, session, asked, says):
    shot_id = shots.create(session, demo("Gap hop"))
    answer = client.get(f"/shots/{shot_id}/r/1/sheet", query_string=asked)
    assert answer.status_code == 422
    assert says in answer.text


def test_several_shots_have_their_sheets_at_once(client, session):
    ids = [shots.create(session, demo(name)) for name in ("Gap hop", "Gangway slip")]
    page = as_read(client.get("/sheets", query_string={"shot": ids, "paper": "letter"}).text)
    summary, *each = page.split('<section class="sheet is-letter"')[1:]
    assert len(each) == 2
    assert "2 performers in 2 shots" in summary
    assert re.search(
        r"PF-010 Gap hop.*Cracked.*Hang time, 27–45.*PF-030 Gangway slip.*Sound.*nothing", summary, re.DOTALL
    )
    assert "PF-010 Gap hop</td>" in each[0]
    assert "PF-030 Gangway slip</td>" in each[1]
    assert f"shot={ids[0]}&amp;shot={ids[1]}" in page
    answer = client.get("/sheets")
    assert (answer.status_code, "Select 1 to 40 shots" in answer.text) == (422, True)


def test_notes_for_the_hand_are_a_page_a_table_and_a_motion(client, session):
    hop = demo("Gap hop")
    bare = shots.create(session, hop)
    answer = client.get(f"/shots/{bare}/r/{shots.standing(session, bare).revision}/by-hand")
    assert (answer.status_code, "has no corrections yet" in answer.text) == (422, True)
    trued = truing.propose(see(hop), truing.read_try("true_arc(frame=37)")).edit.apply(hop)
    shot_id = shots.create(session, trued)
    base = f"/shots/{shot_id}/r/{shots.standing(session, shot_id).revision}"
    page = as_read(client.get(f"{base}/by-hand").text)
    assert "Whole body 27 cm up." in page
    assert "by-hand.csv" in page
    table = client.get(f"{base}/by-hand.csv")
    assert table.mimetype == "text/csv"
    assert table.text.startswith("frame,part,up_cm")
    assert client.get(f"{base}/difference.bvh").text.startswith("HIERARCHY")


# --- what is drawn for a note -----------------------------------------------------------------------------


def ring(middle, normal, radius=0.3, points=25):
    """Points all round a circle that is seen flat along a normal."""
    across = np.cross(normal, [0.0, 1.0, 0.0] if abs(normal[1]) < 0.9 else [1.0, 0.0, 0.0])
    across = across / np.linalg.norm(across)
    turns = np.linspace(0, 2 * np.pi, points)[:, None]
    return np.array(middle) + radius * (np.cos(turns) * across + np.sin(turns) * np.cross(normal, across))


def noted(*strokes):
    shot = Ask("add_remark", performer="performer1", frame=37, text="Higher").apply(demo("Gap hop"))
    for kind, points in strokes:
        shot = Ask(
            "draw_remark", remark="remark1", stroke=kind, points_m=tuple(map(tuple, np.array(points).tolist()))
        ).apply(shot)
    return shot, see(shot).reading


def seen_points(text: str) -> np.ndarray:
    return np.array([[float(v) for v in pair.split(",")] for pair in text.split()])


@pytest.mark.parametrize("normal", [(1, 0, 0), (-0.6, 0.0, 0.8), (0.48, 0.6, 0.64), (0, 1, 0)])
def test_what_is_drawn_is_seen_flat_and_where_it_lies_on_the_figure(normal):
    normal, (_, reading) = np.array(normal, dtype=float), noted()
    shot, reading = noted(("circle", ring(reading.com[36], normal)))
    picture = note_picture(reading, shot.remarks[0])
    circle = seen_points(picture["strokes"][0])
    wide, high = np.ptp(circle, axis=0)
    assert wide == pytest.approx(high, rel=0.02)
    lines = np.array(picture["lines"])
    middle = np.average((lines[:, :2] + lines[:, 2:4]) / 2, axis=0, weights=[p.mass_kg for p in reading.body.parts])
    assert np.linalg.norm(middle - circle[:-1].mean(axis=0)) < wide * 0.15
    every = np.concatenate([lines[:, :2], lines[:, 2:4], circle])
    assert (every >= 0).all()
    assert (every <= [picture["width"], picture["height"]]).all()


def test_an_arrow_is_seen_in_full_length_with_its_head_and_stands_on_the_sheet(client, session):
    shot, reading = noted()
    start, way = reading.com[36], np.array([0.2, 0.4, 0.1])
    shot, reading = noted(("arrow", [start, start + way]), ("circle", ring(start, np.array([1.0, 0, 0]), 0.4)))
    picture = note_picture(reading, replace(shot.remarks[0], strokes=shot.remarks[0].strokes[:1]))
    shaft, head = (seen_points(points) for points in picture["strokes"])
    bones = np.array(picture["lines"])
    thigh = max(reading.body.parts, key=lambda p: np.linalg.norm(np.subtract(p.end_m, p.start_m)))
    seen = bones[reading.body.parts.index(thigh)]
    scale = np.linalg.norm(seen[2:4] - seen[:2]) / np.linalg.norm(np.subtract(thigh.end_m, thigh.start_m))
    assert np.linalg.norm(shaft[1] - shaft[0]) >= scale * np.linalg.norm(way) * 0.98
    np.testing.assert_allclose(head[1], shaft[1])
    assert shaft[1][1] < shaft[0][1]  # up is up
    (page,) = pages_of(client, session, shot)
    assert 'aria-label="Drawn on frame 37"' in page
    assert len(re.findall("<polyline", page.split('class="sheet-drawn"')[1].split("</div>")[0])) == 3
    assert len(pages_of_pdf(pdf_of(pages_of_shot(shot), "a4"))) == 1


def test_nothing_drawn_is_no_picture():
    shot, reading = noted()
    assert note_picture(reading, shot.remarks[0]) is None


# --- as a PDF ---------------------------------------------------------------------------------------------


def test_after_a_sheet_a_picture_cut_short_is_refused_as_before():
    pdf_of(pages_of_shot(demo("Gap hop")), "a4")
    out = io.BytesIO()
    Image.new("RGB", (64, 48), (200, 90, 30)).save(out, "PNG")
    with pytest.raises(FileError, match="cut short"):
        look([("a.png", out.getvalue()[:80])])


@pytest.mark.parametrize(("paper", "size"), [("a4", (841.9, 595.3)), ("letter", (792.0, 612.0))])
def test_a_sheet_is_a_page_of_its_paper_as_a_pdf(client, session, paper, size):
    shot = Ask("add_stock", "tansy", "standing").apply(demo("Gap hop"))
    shot_id = shots.create(session, shot)
    base = f"/shots/{shot_id}/r/{shots.standing(session, shot_id).revision}"
    page = client.get(f"{base}/sheet", query_string={"paper": paper})
    assert f"sheet.pdf?paper={paper}" in page.text
    answer = client.get(f"{base}/sheet.pdf", query_string={"paper": paper})
    assert (answer.mimetype, answer.data[:5]) == ("application/pdf", b"%PDF-")
    assert 'filename="PF-010 Gap hop sheet.pdf"' in answer.headers["Content-Disposition"]
    assert [pytest.approx(box, abs=0.5) for box in pages_of_pdf(answer.data)] == [size, size]
    refused = client.get(f"{base}/sheet.pdf", query_string={"paper": "a0"})
    assert (refused.status_code, "printed on a4 or letter" in refused.text) == (422, True)


def test_several_sheets_are_one_pdf(client, session):
    ids = [shots.create(session, demo(name)) for name in ("Gap hop", "Crate strikes")]
    answer = client.get("/sheets.pdf", query_string={"shot": ids})
    assert len(pages_of_pdf(answer.data)) == 3  # with a page that sums them up
    assert 'filename="sheets.pdf"' in answer.headers["Content-Disposition"]


@pytest.mark.parametrize(
    "name", ["Gap hop", "Deck somersault", "Crate strikes", "mid stride", "Bram waits", "Gull's trot"]
)
def test_every_page_holds_what_stands_on_it(name):
    """What doesn't fit would go on to a page of its own."""
    pages = pages_of_shot(demo(name))
    assert len(pages_of_pdf(pdf_of(pages, "letter"))) == len(pages)


def test_a_page_takes_in_nothing_but_its_own_fonts():
    with pytest.raises(ValueError, match="takes in nothing from file:///etc/passwd"):
        _own("file:///etc/passwd")
    assert _own(f"{OWN}IBMPlexSans-Regular.woff2").read(4) == b"wOF2"
