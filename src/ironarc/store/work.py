"""Work for the background: what was asked, how far it is, and what came of it. The queue itself is procrastinate's."""

import base64
import zlib
from dataclasses import dataclass
from io import BytesIO
from typing import Any

import numpy as np
from sqlalchemy import select, text
from sqlalchemy.orm import Session

from ironarc.core.edits import Edit
from ironarc.core.edits.base import edit_from_plain
from ironarc.core.errors import EditError
from ironarc.store.models import WorkRow, now
from ironarc.store.shots import NotFound

WAITING, WORKING, STOPPING, STOPPED, DONE, FAILED = "waiting", "working", "stopping", "stopped", "done", "failed"
ENDED = (STOPPED, DONE, FAILED)
QUEUE, TASK = "true", "true"
MOST_WAITING = 200


@dataclass(frozen=True)
class Asked:
    """What is asked of the background.

    shot_id, revision, performer : of what; what : "correction" or "plan"; asked : a correction with its options as an
    address names it, or a plan; start, end : frames that a plan is for, or None
    """

    shot_id: int
    revision: int
    performer: str
    what: str
    asked: str
    start: int | None = None
    end: int | None = None


def ask(session: Session, asked: Asked) -> int:
    """Puts work on the queue, along with what was asked, and returns its id."""
    waiting = session.scalar(select(text("count(*)")).select_from(WorkRow).where(WorkRow.state == WAITING))
    if waiting >= MOST_WAITING:
        raise EditError(f"{waiting} things wait to be worked out already. Wait for some of them, or stop them.")
    row = WorkRow(**vars(asked), state=WAITING, share=0.0, says="Waits for a worker.", picture=[])
    session.add(row)
    session.flush()
    # in the same transaction: what is asked is never on the queue without its row, nor the other way round
    session.execute(
        text(
            "SELECT procrastinate_defer_jobs_v1(ARRAY[ROW(:queue, :task, 0, NULL, NULL, "
            "jsonb_build_object('work_id', CAST(:work AS integer)), NULL)::procrastinate_job_to_defer_v1])"
        ),
        {"queue": QUEUE, "task": TASK, "work": row.id},
    )
    session.commit()
    return row.id


def look(session: Session, work_id: int) -> WorkRow:
    """The work of an id, as it stands. Raises NotFound."""
    session.expire_all()
    row = session.get(WorkRow, work_id)
    if row is None:
        raise NotFound("There is no such work. It may have been taken away with its shot.")
    return row


def stop(session: Session, work_id: int) -> str:
    """Asks for work to be stopped; what waits never begins. Returns the state it is in then."""
    row = look(session, work_id)
    if row.state == WAITING:
        row.state, row.says = STOPPED, "Stopped before it began."
    elif row.state == WORKING:
        row.state, row.says = STOPPING, "Stopping."
    session.commit()
    return row.state


def report(session: Session, work_id: int, share: float, says: str, picture: list) -> bool:
    """Writes down how far work is; whether it is to go on."""
    row = look(session, work_id)
    if row.state != WORKING:
        return False
    row.share, row.says, row.picture, row.moved_at = float(share), says, picture, now()
    session.commit()
    return True


def end(session: Session, work_id: int, state: str, says: str, edit: Edit | None = None) -> None:
    """Writes down how work ended, with the edit that came of it."""
    row = look(session, work_id)
    row.state, row.says, row.moved_at = state, says, now()
    if edit is not None:
        row.result, row.share = edit_to_text(edit), 1.0
    session.commit()


def result(row: WorkRow) -> Edit:
    """The edit that came of work. EditError where none did."""
    if row.result is None:
        raise EditError("Nothing came of this work that could be shown or taken.")
    return edit_from_text(row.result)


def edit_to_text(edit: Edit) -> dict:
    """An edit as plain data with its arrays inside."""
    arrays: dict[str, str] = {}

    def put(array: np.ndarray) -> str:
        store = BytesIO()
        np.save(store, array, allow_pickle=False)
        name = str(len(arrays))
        arrays[name] = base64.b64encode(zlib.compress(store.getvalue(), 1)).decode()
        return name

    return {"edit": edit.to_plain(put), "arrays": arrays}


def edit_from_text(plain: dict[str, Any]) -> Edit:
    """The way back of `edit_to_text`."""

    def get(name: str) -> np.ndarray:
        return np.load(BytesIO(zlib.decompress(base64.b64decode(plain["arrays"][name]))), allow_pickle=False)

    return edit_from_plain(plain["edit"], get)
