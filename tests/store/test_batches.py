"""Files of a report handed to the queue, and read by whichever worker comes first."""

import argparse
from dataclasses import replace
from functools import partial

import pytest
from sqlalchemy import select, update

from ironarc.cli import QUEUED, _parser, main, seen_file
from ironarc.core.exchange.take_home import motion_file
from ironarc.queued import read_asked, rows_by_queue
from ironarc.report import rows_of
from ironarc.store import batches
from ironarc.store.database import URL_SETTING
from ironarc.store.models import BatchFileRow, now
from ironarc.worker import read_file
from tests.conftest import demo
from tests.figures import SMALL_BVH
from tests.store.test_work import workers  # noqa: F401

WORDS = ("Gap hop", "Gangway slip", "Hold hatch", "Net-perch")


@pytest.fixture
def folder(tmp_path):
    for word in WORDS:
        (tmp_path / f"{word.split()[0].lower()}.bvh").write_bytes(motion_file(demo(word)))
    (tmp_path / "bad.bvh").write_text(SMALL_BVH.replace("Frames: 3", "Frames: 5"))
    return tmp_path


def given(folder) -> argparse.Namespace:
    return _parser().parse_args(["report", str(folder)])


def options(folder) -> dict:
    return {k: v for k, v in vars(given(folder)).items() if k in QUEUED}


def put(session, batch: str, **files: bytes) -> list[int]:
    batches.hand_in(session, batch, options("."), [(name, "mark", data) for name, data in files.items()])
    return list(session.scalars(select(BatchFileRow.id).where(BatchFileRow.batch == batch).order_by(BatchFileRow.id)))


def test_two_workers_read_what_one_process_reads(folder, session, database_url, workers):  # noqa: F811
    args = given(folder)
    plain = argparse.Namespace(**{k: v for k, v in vars(args).items() if k != "run"})
    paths = sorted(folder.glob("*.bvh"))
    here = {row.file: row for row in rows_of(paths, "asked", partial(seen_file, plain), 1, {})}
    workers()
    workers()
    there = {row.file: row for row in rows_by_queue(paths, "asked", options(folder), {}, database_url)}
    assert set(there) == {str(path) for path in paths}
    for name, row in here.items():
        assert replace(there[name], picture=None) == replace(row, picture=None)
    assert "bad.bvh" in there[str(folder / "bad.bvh")].error
    # nothing is left behind, and what is known is not handed in again
    assert session.scalar(select(BatchFileRow.id)) is None
    again = list(rows_by_queue(paths, "asked", options(folder), there, database_url))
    assert {row.file: row for row in again} == there


def test_a_file_whose_worker_is_gone_is_handed_on_and_given_up_in_words(session):
    (first,) = put(session, "one", **{"a.bvh": motion_file(demo("Gap hop"))})
    assert batches.begin(session, first) is not None
    batches.hand_on(session, "one")
    assert session.get(BatchFileRow, first).tries == 1  # its worker may still be at it
    old = update(BatchFileRow).where(BatchFileRow.id == first).values(moved_at=now() - 2 * batches.LOST)
    session.execute(old)
    batches.hand_on(session, "one")
    row = batches.begin(session, first)
    made = read_asked(row)
    assert (made["file"], made["verdict"]) == ("a.bvh", "cracked")
    session.execute(old)
    batches.hand_on(session, "one")
    (found,) = batches.fetch(session, "one")
    assert (found["verdict"], found["file"]) == ("unreadable", "a.bvh")
    assert "begun 2 times" in found["error"]
    # what comes late of a worker that was thought dead changes nothing
    batches.end(session, first, made)
    assert list(batches.fetch(session, "one")) == []


def test_the_first_row_that_comes_counts_and_a_batch_that_is_given_up_is_gone(session):
    ids = put(session, "two", **{"a.bvh": b"x", "b.bvh": b"y"})
    batches.end(session, ids[0], batches.unread("a.bvh", "mark", "first"))
    batches.end(session, ids[0], batches.unread("a.bvh", "mark", "second"))
    assert [row["error"] for row in batches.fetch(session, "two")] == ["first"]
    batches.forget(session, "two")
    assert batches.begin(session, ids[1]) is None


def test_what_nobody_fetched_is_cleared_away_after_a_day(session):
    (old,) = put(session, "old", **{"a.bvh": b"x"})
    session.execute(update(BatchFileRow).values(moved_at=now() - 2 * batches.KEPT_FOR))
    put(session, "new", **{"b.bvh": b"y"})
    assert session.get(BatchFileRow, old) is None


def test_a_file_that_breaks_its_reader_ends_in_words(session, database_url, monkeypatch):
    monkeypatch.setenv(URL_SETTING, database_url)
    (broken,) = put(session, "three", **{"a.bvh": motion_file(demo("Gap hop"))})
    session.execute(update(BatchFileRow).where(BatchFileRow.id == broken).values(data=b"not packed"))
    session.commit()
    read_file(broken)
    (found,) = batches.fetch(session, "three")
    assert "could not be read within" in found["error"]


def test_what_can_not_be_queued_is_said(folder, capsys, monkeypatch):
    weighed = main(["report", "--queue", "--weighing", str(folder / "x.json"), str(folder)])
    assert (weighed, "no --weighing or --judging lies" in capsys.readouterr().err) == (2, True)
    monkeypatch.setenv(URL_SETTING, "postgresql+psycopg://nobody@127.0.0.1:9/none")
    assert main(["report", "--queue", str(folder)]) == 2
    assert "The queue's database can't be reached" in capsys.readouterr().err
