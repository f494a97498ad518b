"""One file with everything in it, made while shots are edited, and brought back whole or not at all."""

from pathlib import Path

import pytest
from sqlalchemy import select, text
from sqlalchemy.orm import Session

from ironarc.core.edits.of_shot import SetShot
from ironarc.core.errors import FileError
from ironarc.demo.load import load
from ironarc.store import files, shots, weighings
from ironarc.store.backup import BackupError, backup, restore
from ironarc.store.database import NewerDatabase, connect, identity
from ironarc.store.models import BlobRow, RevisionRow
from tests.conftest import demo, temporary_database

OLDER = Path(__file__).parent / "older" / "backup-0004.ironarc"  # written by the version before the trash


@pytest.fixture(scope="module")
def other_url():
    with temporary_database() as url:
        yield url


@pytest.fixture
def other(other_url):
    engine = connect(other_url)
    with Session(engine) as open_session:
        yield open_session
    engine.dispose()


def everything(session: Session) -> list:
    session.expire_all()
    revisions = session.execute(select(RevisionRow.id, RevisionRow.document, RevisionRow.says).order_by(RevisionRow.id))
    blobs = session.execute(select(BlobRow.address, BlobRow.data).order_by(BlobRow.address))
    return [list(map(tuple, revisions)), list(map(tuple, blobs)), weighings.names(session)]


def test_a_backup_brings_everything_back_somewhere_else(session, database_url, other, other_url, tmp_path):
    load(url=database_url)
    weighings.keep(session, "Heavy Bram", demo("Gap hop").performer.weighing)
    mark = identity(session)
    assert backup(database_url, tmp_path / "all.ironarc") > 100_000
    assert (tmp_path / "all.ironarc").stat().st_mode & 0o077 == 0
    restore(other_url, tmp_path / "all.ironarc")
    assert everything(other) == everything(session)
    assert identity(other) not in ("", mark)  # what a browser kept of what was there is not taken for this
    assert load(only_if_new=True, url=other_url) == []


def test_a_backup_of_a_version_before_opens_and_can_be_edited(other, other_url):
    restore(other_url, OLDER)
    names = {entry.card["name"]: entry.shot_id for entry in shots.yard(other)}
    assert set(names) == {"Gap hop, kept", "PF-110 Gull hop"} or len(names) == 2
    hop = names["Gap hop, kept"]
    at = shots.standing(other, hop)
    assert at.undo_says == "Rename the shot to Gap hop, kept"
    shot = shots.load(other, hop, at.revision)
    assert all(files.load(other, address) for reference in shot.references for address in reference.files)
    assert [name for _, name in weighings.names(other)] == ["Heavy Bram"]
    made = shots.apply(other, hop, at.revision, SetShot({"notes": "still there"}, "Notes"))
    assert shots.undo(other, hop, made.standing.revision).revision == at.revision
    # what that version kept is known to be used, and goes with its last shot
    for shot_id in names.values():
        shots.remove(other, shot_id)
    shots.purge(other, shots.KEPT_FOR * 0)
    assert everything(other)[:2] == [[], []]


def test_a_file_that_is_none_or_is_cut_short_leaves_what_is_there(session, database_url, tmp_path):
    shots.create(session, demo("Gap hop"))
    before = everything(session)
    whole = OLDER.read_bytes()
    for name, data in (
        ("words", b"words"),
        ("empty", b""),
        ("short", whole[:-2000]),
        ("half", whole[: len(whole) // 2]),
    ):
        (tmp_path / name).write_bytes(data)
        with pytest.raises((BackupError, FileError)):
            restore(database_url, tmp_path / name)
        assert everything(session) == before
    with pytest.raises(BackupError, match="There is no file"):
        restore(database_url, tmp_path / "nowhere")


def test_a_backup_of_a_later_version_is_refused_in_words(session, database_url, other, other_url, tmp_path):
    shots.create(session, demo("Gap hop"))
    before = everything(session)
    restore(other_url, OLDER)
    other.execute(text("UPDATE alembic_version SET version_num = '9999'"))
    other.commit()
    backup(other_url, tmp_path / "later")
    with pytest.raises(NewerDatabase, match=r"later version of Iron Arc \(tables of version 9999"):
        restore(database_url, tmp_path / "later")
    assert everything(session) == before
    other.execute(text("UPDATE alembic_version SET version_num = '0005'"))
    other.commit()


def test_a_backup_that_can_not_be_written_says_so_and_leaves_no_half_file(database_url, tmp_path):
    with pytest.raises(BackupError, match="could not be written"):
        backup(database_url, tmp_path / "nowhere" / "all.ironarc")
    assert list(tmp_path.iterdir()) == []
