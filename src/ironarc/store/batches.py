"""Files handed to the queue to be read by whichever worker comes first: what was asked, and the row that came of it.

A file that was begun and whose row does not come has lost its worker; whoever waits for the batch hands it on again.
"""

import zlib
from collections.abc import Iterator, Mapping, Sequence
from datetime import timedelta
from typing import Any

from sqlalchemy import delete, select, update
from sqlalchemy.orm import Session

from ironarc.store.models import BatchFileRow, now
from ironarc.store.work import defer

TASK = "read_file"
LOST = timedelta(minutes=3)  # after which a file that was begun is handed on again
MOST_TRIES = 2
KEPT_FOR = timedelta(days=1)  # of what nobody fetched
KILLED = f"It was begun {MOST_TRIES} times, and its worker was killed each time."


def hand_in(session: Session, batch: str, options: Mapping[str, Any], files: Sequence[tuple[str, str, bytes]]) -> None:
    """Puts files (name, mark, bytes) on the queue, and clears away what nobody fetched."""
    session.execute(delete(BatchFileRow).where(BatchFileRow.moved_at < now() - KEPT_FOR))
    rows = [
        BatchFileRow(batch=batch, name=name, mark=mark, data=zlib.compress(data), options=dict(options))
        for name, mark, data in files
    ]
    session.add_all(rows)
    session.flush()
    defer(session, TASK, "file_id", [row.id for row in rows])
    session.commit()


def begin(session: Session, file_id: int) -> BatchFileRow | None:
    """A file to be read now, with its bytes; None where it is read already, or gone."""
    tries = update(BatchFileRow).where(BatchFileRow.id == file_id, BatchFileRow.row.is_(None))
    session.execute(tries.values(tries=BatchFileRow.tries + 1, moved_at=now()))
    session.commit()
    row = session.get(BatchFileRow, file_id, populate_existing=True)
    return row if row is not None and row.row is None else None


def begin_next(session: Session, batch: str) -> BatchFileRow | None:
    """Another file of a batch that nobody has begun; None where there is none."""
    first = select(BatchFileRow.id).where(BatchFileRow.batch == batch, BatchFileRow.tries == 0)
    found = session.scalar(first.order_by(BatchFileRow.id).with_for_update(skip_locked=True).limit(1))
    return None if found is None else begin(session, found)


def waits(session: Session, file_id: int) -> bool:
    """Whether a file is still to be begun, or was handed on."""
    row = session.get(BatchFileRow, file_id)
    return row is not None and row.row is None and (row.tries == 0 or row.handed_on)


def data_of(row: BatchFileRow) -> bytes:
    return zlib.decompress(row.data)


def end(session: Session, file_id: int, row: Mapping[str, Any]) -> None:
    """Writes down what came of a file, unless another worker was first."""
    mine = (BatchFileRow.id == file_id, BatchFileRow.row.is_(None))
    session.execute(update(BatchFileRow).where(*mine).values(row=dict(row), moved_at=now()))
    session.commit()


def fetch(session: Session, batch: str) -> Iterator[dict]:
    """The rows that have come since the last look; they are gone then."""
    for file_id, row in session.execute(
        select(BatchFileRow.id, BatchFileRow.row).where(BatchFileRow.batch == batch, BatchFileRow.row.is_not(None))
    ).all():
        session.execute(delete(BatchFileRow).where(BatchFileRow.id == file_id))
        session.commit()
        yield row


def hand_on(session: Session, batch: str) -> None:
    """Files that lost their worker, or a job that would have one read them, go back on the queue; those lost too often
    end as unread."""
    lost = (BatchFileRow.batch == batch, BatchFileRow.row.is_(None), BatchFileRow.moved_at < now() - LOST)
    what = select(BatchFileRow.id, BatchFileRow.tries, BatchFileRow.name, BatchFileRow.mark)
    for file_id, tries, name, mark in session.execute(what.where(*lost)).all():
        if tries >= MOST_TRIES:
            end(session, file_id, unread(name, mark, KILLED))
        else:
            again = update(BatchFileRow).where(BatchFileRow.id == file_id)
            session.execute(again.values(moved_at=now(), handed_on=True))
            defer(session, TASK, "file_id", [file_id])
    session.commit()


def give_up(session: Session, file_id: int, why: str) -> None:
    """Ends a file that could not be read."""
    row = session.get(BatchFileRow, file_id)
    if row is not None:
        end(session, file_id, unread(row.name, row.mark, why))


def unread(name: str, mark: str, why: str) -> dict[str, Any]:
    """The row of a file that could not be read, as plain data."""
    return {"file": name, "mark": mark, "verdict": "unreadable", "error": why}


def forget(session: Session, batch: str) -> None:
    """Takes back what nobody has begun, and what came that nobody fetched."""
    session.execute(delete(BatchFileRow).where(BatchFileRow.batch == batch))
    session.commit()
