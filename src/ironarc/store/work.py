"""Work for the background: what was asked, how far it is, and what came of it.

The row is the truth; a job of procrastinate only wakes a worker. Whoever begins a row takes its next `tries`, and only
who holds the newest may change it; while it is being done its `moved_at` is kept fresh. So a row whose worker is gone
is known by its age, whatever became of the job, and `take_up` puts it back or ends it in words.
"""

import base64
import zlib
from collections.abc import Sequence
from dataclasses import dataclass
from datetime import timedelta
from io import BytesIO
from typing import Any

import numpy as np
from sqlalchemy import case, delete, func, select, text, update
from sqlalchemy.orm import Session

from ironarc.core.edits import Edit
from ironarc.core.edits.base import edit_from_plain
from ironarc.core.errors import EditError
from ironarc.store.errors import NotFound
from ironarc.store.models import ShotRow, WorkRow, now

WAITING, WORKING, STOPPING, STOPPED, DONE, FAILED = "waiting", "working", "stopping", "stopped", "done", "failed"
ENDED = (STOPPED, DONE, FAILED)
QUEUE, TASK = "true", "true"
MOST_WAITING = 200
MOST_TRIES = 3
DEAD = timedelta(seconds=8)  # work that nobody kept fresh for so long has lost its worker
UNQUEUED = timedelta(seconds=5)  # what waits for so long without a job is given one
KEPT_FOR = timedelta(days=1)  # of work that has ended
WAITS, STOPPED_SAYS = "Waits for a worker.", "Stopped. Nothing was changed."
LOST = (
    f"This was started {MOST_TRIES} times and killed each time, perhaps because the machine ran out of memory. "
    "Nothing was changed. Choose fewer frames."
)


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
    waiting = session.scalar(select(func.count()).select_from(WorkRow).where(WorkRow.state == WAITING))
    if waiting >= MOST_WAITING:
        raise EditError(f"{waiting} things wait to be worked out already. Wait for some of them, or stop them.")
    row = WorkRow(**vars(asked), state=WAITING, share=0.0, says=WAITS, picture=[], tries=0)
    session.add(row)
    session.flush()
    defer(session, TASK, "work_id", [row.id])
    session.commit()
    return row.id


def defer(session: Session, task: str, key: str, ids: Sequence[int]) -> None:
    """A job of a task for each id, told as `key`, in the caller's transaction: no row is kept without its job."""
    for each in ids:
        session.execute(
            text(
                "SELECT procrastinate_defer_jobs_v1(ARRAY[ROW(:queue, :task, 0, NULL, NULL, "
                "jsonb_build_object(CAST(:key AS text), CAST(:id AS integer)), NULL)::procrastinate_job_to_defer_v1])"
            ),
            {"queue": QUEUE, "task": task, "key": key, "id": each},
        )


def look(session: Session, work_id: int) -> WorkRow:
    """The work of an id, as it stands. Raises NotFound, also where its shot was taken away."""
    session.expire_all()
    found = select(WorkRow).join(ShotRow, ShotRow.id == WorkRow.shot_id)
    row = session.scalar(found.where(WorkRow.id == work_id, ShotRow.removed_at.is_(None)))
    if row is None:
        raise NotFound("This work is gone: its shot was removed, or it was cleared away after a day.")
    return row


def newest(session: Session, shot_id: int, revision: int) -> WorkRow | None:
    """The work of a shot that somebody who comes back to it wants to know of: what is on its way, else what ended last
    on this revision."""
    session.expire_all()
    of_shot = select(WorkRow).where(WorkRow.shot_id == shot_id).order_by(WorkRow.id.desc()).limit(1)
    going = session.scalar(of_shot.where(WorkRow.state.not_in(ENDED)))
    return going or session.scalar(of_shot.where(WorkRow.revision == revision))


def queue_says(session: Session, row: WorkRow) -> str:
    """What work that waits waits for: those before it, or a worker where none is at work."""
    count = select(func.count()).select_from(WorkRow)
    before = session.scalar(count.where(WorkRow.state == WAITING, WorkRow.id < row.id)) or 0
    busy = session.scalar(count.where(WorkRow.state == WORKING, WorkRow.moved_at >= now() - DEAD)) or 0
    if not busy and row.moved_at < now() - UNQUEUED:
        return "No worker has taken it yet. ./start runs one beside the server; ironarc work runs another."
    ahead = before + busy
    return f"{WAITS[:-1]}: {ahead} {'job is' if ahead == 1 else 'jobs are'} before it." if ahead else WAITS


def stop(session: Session, work_id: int) -> str:
    """Asks for work to be stopped; what waits, or has lost its worker, is stopped at once. Returns its state then."""
    look(session, work_id)
    mine, lost = WorkRow.id == work_id, WorkRow.moved_at < now() - DEAD
    for of, state, says in (
        (WorkRow.state == WAITING, STOPPED, "Stopped before it began."),
        (WorkRow.state.in_((WORKING, STOPPING)) & lost, STOPPED, STOPPED_SAYS),
        (WorkRow.state == WORKING, STOPPING, "Stopping."),
    ):
        session.execute(update(WorkRow).where(mine, of).values(state=state, says=says, moved_at=now()))
    session.commit()
    return look(session, work_id).state


def begin(session: Session, work_id: int) -> int | None:
    """Begins work that waits; the number of this try, or None where there is nothing to begin."""
    there = select(ShotRow.id).where(ShotRow.id == WorkRow.shot_id, ShotRow.removed_at.is_(None)).exists()
    tries = session.scalar(
        update(WorkRow)
        .where(WorkRow.id == work_id, WorkRow.state == WAITING, there)
        .values(state=WORKING, tries=WorkRow.tries + 1, says="Begins.", picture=[], share=0.0, moved_at=now())
        .returning(WorkRow.tries)
    )
    session.commit()
    return tries


def _mine(work_id: int, tries: int) -> tuple:
    return WorkRow.id == work_id, WorkRow.tries == tries, WorkRow.state.in_((WORKING, STOPPING))


def keep_fresh(session: Session, work_id: int, tries: int) -> str | None:
    """Says that somebody is at it; the state it is in, or None where it is no longer this try's."""
    fresh = update(WorkRow).where(*_mine(work_id, tries)).values(moved_at=now()).returning(WorkRow.state)
    state = session.scalar(fresh)
    session.commit()
    return state


def state_of(session: Session, work_id: int, tries: int) -> str | None:
    """The state a try's work is in, or None where it has ended or is no longer this try's."""
    state = session.scalar(select(WorkRow.state).where(*_mine(work_id, tries)))
    session.rollback()
    return state


def report(session: Session, work_id: int, tries: int, share: float, says: str, picture: list) -> bool:
    """Writes down how far work is; whether it is to go on."""
    going = update(WorkRow).where(*_mine(work_id, tries), WorkRow.state == WORKING)
    told = going.values(share=float(share), says=says, picture=picture, moved_at=now()).returning(WorkRow.id)
    goes_on = session.scalar(told) is not None
    session.commit()
    return goes_on


def end(session: Session, work_id: int, tries: int, state: str, says: str, edit: Edit | None = None) -> None:
    """Writes down how a try ended, with the edit that came of it; what is no longer this try's stays as it is."""
    made = {} if edit is None else {"result": edit_to_text(edit), "share": 1.0}
    values = {"state": state, "says": says, "moved_at": now()} | made
    session.execute(update(WorkRow).where(*_mine(work_id, tries)).values(values))
    session.commit()


def hand_back(session: Session, work_id: int, tries: int, counted: bool) -> None:
    """Puts a try's work back on the queue, or ends it: where it was to stop, or was tried often enough.

    counted : whether the try counts, as it does where its worker died, and not where it was only sent home
    """
    keep = tries if counted else tries - 1
    given_up = keep >= MOST_TRIES
    state = case((WorkRow.state == STOPPING, STOPPED), else_=FAILED if given_up else WAITING)
    says = case((WorkRow.state == STOPPING, STOPPED_SAYS), else_=LOST if given_up else WAITS)
    back = update(WorkRow).where(*_mine(work_id, tries))
    became = session.scalar(
        back.values(state=state, says=says, tries=keep, share=0.0, picture=[], moved_at=now()).returning(WorkRow.state)
    )
    if became == WAITING:
        defer(session, TASK, "work_id", [work_id])
    session.commit()


def take_up(session: Session) -> None:
    """Looks after work that nobody looks after: what lost its worker is put back or ended, what waits without a job is
    given one, what ended long ago is cleared away."""
    lost = WorkRow.state.in_((WORKING, STOPPING)) & (WorkRow.moved_at < now() - DEAD)
    for work_id, tries in session.execute(select(WorkRow.id, WorkRow.tries).where(lost)).all():
        hand_back(session, work_id, tries, counted=True)
    jobs = text("SELECT args ->> 'work_id' FROM procrastinate_jobs WHERE status = 'todo' AND task_name = :task")
    queued = {int(number) for number in session.scalars(jobs, {"task": TASK})}
    waits = select(WorkRow.id).where(WorkRow.state == WAITING, WorkRow.moved_at < now() - UNQUEUED)
    defer(session, TASK, "work_id", [work_id for work_id in session.scalars(waits) if work_id not in queued])
    # a job that a worker took with it; what it was for is looked after above
    session.execute(text("DELETE FROM procrastinate_jobs WHERE status <> 'todo' AND worker_id IS NULL"))
    session.execute(delete(WorkRow).where(WorkRow.state.in_(ENDED), WorkRow.moved_at < now() - KEPT_FOR))
    session.commit()


def stop_all_of(session: Session, shot_id: int) -> None:
    """Stops the work of a shot that is taken away; the caller commits."""
    of = WorkRow.shot_id == shot_id
    says = "Stopped: its shot was deleted."
    session.execute(update(WorkRow).where(of, WorkRow.state == WAITING).values(state=STOPPED, says=says))
    session.execute(update(WorkRow).where(of, WorkRow.state == WORKING).values(state=STOPPING, says=says))


def result(row: WorkRow) -> Edit:
    """The edit that came of work. EditError where none did."""
    if row.result is None:
        raise EditError("The job gave no result.")
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
