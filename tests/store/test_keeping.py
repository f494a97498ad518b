"""What was acknowledged is there, what nobody names is not, and nobody is told a thing that may be wrong."""

import threading
from dataclasses import replace

import pytest
from sqlalchemy import event, func, select, text
from sqlalchemy.orm import Session

from ironarc.core.edits.of_shot import SetShot
from ironarc.core.scene.reference import Reference
from ironarc.store import files, shots
from ironarc.store.database import connect
from ironarc.store.models import BlobRow, RevisionRow
from tests.conftest import demo

AT_ONCE = 12


@pytest.fixture
def engine(database_url, session):
    made = connect(database_url)
    yield made
    made.dispose()


@pytest.fixture
def hop(session):
    return shots.create(session, demo("Gap hop"))


def at(session, shot_id: int) -> int:
    return shots.standing(session, shot_id).revision


def with_picture(data: bytes, address: str):
    return replace(demo("Gap hop"), references=(Reference("reference1", "S", "still", (address,), "image/png", 8, 8),))


def test_a_picture_kept_for_one_shot_while_the_other_that_has_it_goes_is_not_lost(engine):
    """One keeps what another collects, over and over, begun at the same moment."""

    def give(number: int, ready: threading.Barrier, given: list) -> None:
        with Session(engine) as session:
            ready.wait()
            address = files.keep(session, b"picture %d" % number, "image/png")
            given.append((shots.create(session, with_picture(b"", address)), address))

    def take_away(shot_id: int, ready: threading.Barrier) -> None:
        with Session(engine) as session:
            shots.remove(session, shot_id)
            ready.wait()
            shots.purge(session, shots.KEPT_FOR * 0)

    given = []
    for number in range(AT_ONCE):
        with Session(engine) as session:
            address = files.keep(session, b"picture %d" % number, "image/png")
            first = shots.create(session, with_picture(b"", address))
        ready = threading.Barrier(2)
        both = [
            threading.Thread(target=give, args=(number, ready, given)),
            threading.Thread(target=take_away, args=(first, ready)),
        ]
        for one in both:
            one.start()
        for one in both:
            one.join()
    with Session(engine) as session:
        assert len(given) == AT_ONCE
        assert [number for number, (_, address) in enumerate(given) if files.load(session, address) is None] == []
        for shot_id, _ in given:  # and its columns are there
            shots.load(session, shot_id, at(session, shot_id))


def test_what_was_kept_is_answered_even_if_the_connection_is_cut_right_after(session, engine, hop):
    revision = at(session, hop)

    def cut(_) -> None:
        """Ends the connection at hand, once what was asked of it is committed."""
        with engine.connect() as other:
            other.execute(text("SELECT pg_terminate_backend(:pid)"), {"pid": pid})

    with Session(engine) as mine:
        pid = mine.scalar(select(func.pg_backend_pid()))

        event.listen(mine, "after_commit", cut)
        done = shots.apply(mine, hop, revision, SetShot({"notes": "kept"}, "Notes"))
    assert done.standing.revision != revision
    session.expire_all()
    assert at(session, hop) == done.standing.revision
    with Session(engine) as mine:
        pid = mine.scalar(select(func.pg_backend_pid()))
        event.listen(mine, "after_commit", cut)
        back = shots.undo(mine, hop, done.standing.revision)
    assert (back.revision, back.redo_says) == (revision, "Notes")


def test_a_commit_whose_answer_was_lost_is_called_unknown_and_not_undone(session, engine, hop):
    with Session(engine) as mine:
        pid = mine.scalar(select(func.pg_backend_pid()))

        @event.listens_for(mine, "before_commit")
        def before(_):
            with engine.connect() as other:
                other.execute(text("SELECT pg_terminate_backend(:pid)"), {"pid": pid})

        with pytest.raises(shots.OutcomeUnknown, match="known whether it was"):
            shots.apply(mine, hop, at(session, hop), SetShot({"notes": "kept?"}, "Notes"))


def test_redo_finds_the_branch_that_was_made_last(session, hop):
    first = at(session, hop)
    old = shots.apply(session, hop, first, SetShot({"notes": "old"}, "Old")).standing
    shots.undo(session, hop, old.revision)
    revision = first
    for number in range(6):
        revision = shots.apply(
            session, hop, revision, SetShot({"notes": str(number)}, f"Note {number}")
        ).standing.revision
    for number in reversed(range(6)):
        here = shots.undo(session, hop, at(session, hop))
        assert here.redo_says == f"Note {number}"
    assert here.revision == first
    assert shots.redo(session, hop, first).undo_says == "Note 0"


def test_a_history_is_walked_in_a_handful_of_questions_however_long_it_is(session, engine, hop):
    revision = at(session, hop)
    document, card = session.execute(select(RevisionRow.document, RevisionRow.card)).one()
    for number in range(300):
        row = RevisionRow(shot_id=hop, parent_id=revision, says=f"Step {number}", document=document, card=card)
        session.add(row)
        session.flush()
        revision = row.id
    session.execute(text("UPDATE shot SET head_id = :r, tip_id = :r"), {"r": revision})
    session.commit()
    asked = []
    event.listen(engine, "before_cursor_execute", lambda *args: asked.append(args[2]))
    with Session(engine) as mine:
        for _ in range(20):
            revision = shots.undo(mine, hop, revision).revision
    assert len(asked) <= 20 * 10


def test_a_shot_taken_away_is_put_back_as_it_was_and_is_nowhere_meanwhile(session, hop):
    revision = at(session, hop)
    shots.remove(session, hop)
    assert shots.removed(session) == [(hop, "PF-010 Gap hop")]
    for look in (lambda: at(session, hop), lambda: shots.check_there(session, hop)):
        with pytest.raises(shots.NotFound):
            look()
    with pytest.raises(shots.NotFound):
        shots.apply(session, hop, revision, SetShot({"notes": "?"}, "Notes"))
    session.rollback()
    shots.put_back(session, hop)
    assert at(session, hop) == revision
    assert shots.removed(session) == []
    shots.remove(session, hop)
    shots.purge(session, shots.KEPT_FOR * 0)
    with pytest.raises(shots.NotFound, match="gone for good"):
        shots.put_back(session, hop)
    assert session.scalar(select(func.count()).select_from(BlobRow)) == 0
