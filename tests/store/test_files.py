"""Files of references live in the database, once, for as long as some revision names them."""

from dataclasses import replace
from datetime import timedelta

from sqlalchemy import func, select

from ironarc.core import edits
from ironarc.core.document import Shot
from ironarc.core.scene.reference import Reference
from ironarc.demo.load import load
from ironarc.store import files, shots
from ironarc.store.models import FileRow
from ironarc.web import create_app
from tests.conftest import demo


def still(address: str) -> Reference:
    return Reference("reference1", "Still", "still", (address,), "image/png", 8, 8)


def with_still(address: str) -> Shot:
    return replace(demo("Gap hop"), references=(still(address),))


def count(session) -> int:
    return session.scalar(select(func.count()).select_from(FileRow))


def test_a_file_is_kept_once_and_given_back_byte_for_byte(session):
    address = files.keep(session, b"\x89PNG picture", "image/png")
    assert files.keep(session, b"\x89PNG picture", "image/png") == address
    kept = files.load(session, address)
    assert (kept.data, kept.media_type) == (b"\x89PNG picture", "image/png")
    assert count(session) == 1
    assert files.load(session, "0" * 64) is None


def test_files_go_with_the_last_shot_that_names_them_even_in_its_past(session):
    address = files.keep(session, b"picture", "image/png")
    one, two = (shots.create(session, with_still(address)) for _ in range(2))
    # taken out of the shot it is still needed for undo
    shots.apply(session, two, shots.standing(session, two).revision, edits.RemoveItem("reference1"))
    shots.remove(session, one)
    shots.purge(session, timedelta(0))
    assert count(session) == 1
    shots.remove(session, two)
    assert count(session) == 1  # it can be put back
    shots.purge(session, timedelta(0))
    assert count(session) == 0


def test_the_demo_s_reference_is_lined_up_with_its_files_there(session, database_url):
    load(url=database_url)
    hop = next(e for e in shots.yard(session) if "Gap hop" in e.card["name"])
    shot = shots.load(session, hop.shot_id, shots.standing(session, hop.shot_id).revision)
    pictures, film = shot.references
    assert (pictures.kind, len(pictures.files), film.kind, film.frames) == ("sequence", 36, "video", 72)
    assert all(files.load(session, address) for address in (*pictures.files, *film.files))
    # rolled by 2.5° and 104 pixels a metre, as it was drawn; the marks lie where the hop has them
    assert abs(pictures.backdrop.roll_rad * 57.2958) - 2.5 < 0.1
    assert abs(pictures.backdrop.height_m - 320 / 104) < 0.02
    marks = {m.word: pictures.shot_frame(m.frame, shot.rate) for m in pictures.marks}
    assert marks == {"wind-up": 19, "last contact": 29, "apex": 37, "first contact": 47, "recovery": 55}


def test_a_file_answers_under_a_shot_that_uses_it_and_is_there(session, database_url):
    address = files.keep(session, b"picture", "image/png")
    uses, other = (shots.create(session, shot) for shot in (with_still(address), demo("Gap hop")))
    app = create_app("test key", database_url)
    client = app.test_client()
    try:
        assert client.get(f"/shots/{uses}/files/{address}").data == b"picture"
        for elsewhere in (other, 99_999):
            assert client.get(f"/shots/{elsewhere}/files/{address}").status_code == 404
        shots.remove(session, uses)
        assert client.get(f"/shots/{uses}/files/{address}").status_code == 404
    finally:
        app.extensions["engine"].dispose()
