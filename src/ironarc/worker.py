"""The worker: takes work from the queue on the database and does it. ./start runs one; more run with
`ironarc work`, on this machine or another that reaches the database.

A worker that dies stops giving signs of life; whichever worker sees it first puts its work back on the queue.
"""

import os
import time
from datetime import UTC, datetime

import procrastinate
from procrastinate.job_context import JobContext
from sqlalchemy import make_url
from sqlalchemy.orm import Session

from ironarc.core import truing
from ironarc.core.errors import EditError, IronArcError
from ironarc.core.judging import judge
from ironarc.core.reading.shot import Seen, see
from ironarc.core.truing import plan
from ironarc.core.truing.corrections import whole
from ironarc.store import house, shots, work
from ironarc.store.database import URL_SETTING, connect, database_url
from ironarc.store.models import WorkRow

SIGN_S, DEAD_S = 2.0, 8.0  # a worker gives a sign of life so often; without one for so long it is taken for dead
TELL_S = 0.1  # progress is written down so often at most
MOST_TRIES = 4

app = procrastinate.App(connector=procrastinate.PsycopgConnector())


class Stopped(Exception):
    """Asked to stop, by a person or because the worker ends."""


@app.task(name=work.TASK, queue=work.QUEUE, pass_context=True, retry=False)
def true(context: JobContext, work_id: int) -> None:
    """Does one piece of work, from beginning to end."""
    engine = connect(_address())
    try:
        with Session(engine) as session:
            if context.job.attempts >= MOST_TRIES:
                # taken up again and again, it may be what its workers die of
                work.end(session, work_id, work.FAILED, "Workers died over this several times. Try a shorter span.")
                return
            do(session, work_id, context.should_abort)
    finally:
        engine.dispose()


@app.periodic(cron="* * * * * */3")
@app.task(name="take_up", queue=work.QUEUE, queueing_lock="take_up", pass_context=True)
async def take_up(context: JobContext, timestamp: int) -> None:
    """Puts the work of workers that died back on the queue."""
    for job in await app.job_manager.get_stalled_jobs(seconds_since_heartbeat=DEAD_S):
        if job.task_name == work.TASK:
            await app.job_manager.retry_job(job, retry_at=datetime.now(UTC))


def do(session: Session, work_id: int, aborted=lambda: False) -> None:
    """Works out what a row asks for, telling how far it is; every end is written down."""
    try:
        row = work.look(session, work_id)
    except shots.NotFound:
        return  # its shot was taken away meanwhile
    if row.state in work.ENDED:
        return
    if row.state == work.STOPPING:
        work.end(session, work_id, work.STOPPED, "Stopped.")
        return
    row.state, row.says, row.picture, row.share = work.WORKING, "Begins.", [], 0.0
    session.commit()
    teller = _Teller(session, work_id, aborted)
    try:
        says, edit = _made(session, row, teller)
        work.end(session, work_id, work.DONE, says, edit)
    except Stopped:
        work.end(session, work_id, work.STOPPED, "Stopped. Nothing was changed.")
    except IronArcError as error:
        work.end(session, work_id, work.FAILED, str(error))


class _Teller:
    """Tells how far work is, not oftener than it is worth; raises Stopped where it is to stop."""

    def __init__(self, session: Session, work_id: int, aborted):
        self.session, self.work_id, self.aborted = session, work_id, aborted
        self.picture: list = []
        self.told = 0.0

    def __call__(self, share: float, says: str, point: list | None = None) -> None:
        if point is not None:
            self.picture.append(point)
        if self.aborted():
            raise Stopped
        if time.monotonic() - self.told < TELL_S:
            return
        self.told = time.monotonic()
        if not work.report(self.session, self.work_id, share, says, self.picture):
            raise Stopped


def _made(session: Session, row: WorkRow, tell: _Teller):
    """What is said of the outcome, and the edit."""
    shot = shots.load(session, row.shot_id, row.revision)
    limits = house.limits(session)
    seen = see(shot, row.performer)

    def judged(there: Seen):
        return judge(there.shot, there.performer, there.reading, limits)

    if row.what == "plan":
        span = None if row.start is None or row.end is None else (row.start, row.end)

        def step(done: int, in_all: int, what: str) -> bool:
            tell(done / max(in_all, 1), f"{done} of {in_all}: {what}", [done, in_all])
            return True

        made = plan.carry_out(seen, row.asked, span, judged, step)
        if made.edit is None:
            raise EditError(f"Nothing is to be put right. {' '.join(made.skipped)}".strip())
        was, now = plan.over(made.before, made.after)
        steps = " ".join(f"{s.start}–{s.end}: {s.label}. {s.says}" for s in made.steps)
        skipped = f" Not done: {' '.join(made.skipped)}" if made.skipped else ""
        return f"{was} findings before, {now} after. {steps}{skipped}", made.edit
    wanted = truing.read_try(row.asked)
    if wanted is None:
        raise EditError(f"There is no correction called {row.asked[:40]!r}.")
    if wanted.correction.name != whole.NAME:
        tell(0.1, f"{wanted.correction.label}.")
        found = truing.propose(seen, wanted)
        return found.cost.says, found.edit

    def solved(number: int, left: float) -> bool:
        share = number / (number + 6.0)  # nobody knows how many passes it takes: each is worth less
        tell(share, f"Pass {number}: up to {left:.2f} body weights from nowhere are left.", [number, left])
        return True

    found = truing.propose(seen, wanted, solved)
    return found.cost.says, found.edit


def _address() -> str:
    return os.environ.get(URL_SETTING) or database_url()


def run(url: str | None = None) -> int:
    """Works until it is stopped."""
    if url:
        os.environ[URL_SETTING] = url
    address = make_url(_address())
    conninfo = address.set(drivername="postgresql").render_as_string(hide_password=False)
    with app.replace_connector(procrastinate.PsycopgConnector(conninfo=conninfo)) as there:
        there.run_worker(
            queues=[work.QUEUE], concurrency=1, wait=True, listen_notify=True, delete_jobs="always",
            update_heartbeat_interval=SIGN_S, stalled_worker_timeout=DEAD_S, abort_job_polling_interval=1.0,
            fetch_job_polling_interval=1.0, shutdown_graceful_timeout=2.0,
        )  # fmt: skip
    return 0
