"""The worker: takes work from the queue on the database and does it. ./start runs one; more run with
`ironarc work`, on this machine or another that reaches the database.

Each piece of work is done in a process of its own with a limit on its memory. The worker looks after it: it keeps the
row fresh, ends the process at once where the work is to stop, and writes down how it ended, whatever it ended by.
"""

import logging
import multiprocessing
import os
import resource
import signal
import sys
import threading
import time
from collections.abc import Callable
from multiprocessing import forkserver

import procrastinate
import psutil
from procrastinate.job_context import JobContext
from sqlalchemy import Engine, make_url
from sqlalchemy.exc import DBAPIError, SQLAlchemyError
from sqlalchemy.orm import Session

from ironarc.carrying_out import carry_out
from ironarc.core.whole_numbers import whole_number
from ironarc.processes import die_with_parent
from ironarc.store import batches, work
from ironarc.store.database import URL_SETTING, connect, database_url

LOOK_S = 0.2  # how often the worker looks after what is being worked out
FRESH_S = 2.0  # how often it says so in the row
TAKE_UP_S = 2.0  # how often it looks for work that lost its worker
READ_S = 150.0  # that a file may take to be read
ALONG_S = 10.0  # for which one process goes on with the files of a batch
AWAY_S = 60.0  # how long it waits for a database that is away to write down how work ended
MEMORY_SETTING = "IRONARC_WORK_MB"
MEMORY_BYTES = min(4 * 2**30, psutil.virtual_memory().total // 2)  # of one piece of work, unless the setting says so
OUT_OF_MEMORY = ("out of memory", "cannot allocate memory")  # as the database's driver says it
TOO_LARGE, AGAIN = 70, 75  # how the process of a piece of work ends: out of memory; the database was away
ABORTED = -signal.SIGABRT  # as Python ends where it has not even the memory to say that it has none

app = procrastinate.App(connector=procrastinate.PsycopgConnector())
log = logging.getLogger(__name__)
# forked from a process that has everything imported and no threads
_forks = multiprocessing.get_context("forkserver")
_forks.set_forkserver_preload(["ironarc.worker"])


@app.task(name=work.TASK, queue=work.QUEUE, pass_context=True, retry=False)
def true(context: JobContext, work_id: int) -> None:
    """Does one piece of work, from beginning to end."""
    look_after(work_id, database_url(), context.should_abort)


@app.task(name=batches.TASK, queue=work.QUEUE, retry=False)
def read_file(file_id: int) -> None:
    """Reads a file that was handed in, and others of its batch while it is at it."""
    engine = connect(database_url())
    with Session(engine) as session:
        waits = batches.waits(session, file_id)
    engine.dispose()
    if not waits:
        return  # whoever read another one took it along
    process = _forks.Process(target=_read_in_its_own, args=(database_url(), file_id, memory_bytes()), daemon=True)
    process.start()
    process.join(READ_S)
    # it may hang, or want more memory than there is: then nobody waits for it for ever
    code = process.exitcode
    process.kill()
    process.join()
    if code != 0:
        engine = connect(database_url())
        with Session(engine) as session:
            batches.give_up(session, file_id, f"It could not be read within {READ_S:.0f} s and the memory there is.")
        engine.dispose()


def _read_in_its_own(address: str, file_id: int, most_bytes: int) -> None:
    from ironarc.queued import read_asked  # which takes in the command line, which runs this

    die_with_parent(signal.SIGKILL)
    signal.signal(signal.SIGINT, signal.SIG_IGN)
    resource.setrlimit(resource.RLIMIT_DATA, (most_bytes, most_bytes))
    engine = connect(address)
    with Session(engine) as session:
        row, until = batches.begin(session, file_id), time.monotonic() + ALONG_S
        while row is not None:
            batches.end(session, row.id, read_asked(row))
            row = batches.begin_next(session, row.batch) if time.monotonic() < until else None
    engine.dispose()


def look_after(work_id: int, address: str, leaves: Callable[[], bool] = lambda: False) -> None:
    """Has work done that waits, and sees to it that it ends in words or is back on the queue.

    leaves : whether the worker is to go home
    """
    engine = connect(address)
    try:
        with Session(engine) as session:
            tries = work.begin(session, work_id)
        if tries is None:
            return  # it was stopped before it began, or somebody else has it
        process = _forks.Process(target=_in_its_own, args=(address, work_id, tries, memory_bytes()), daemon=True)
        process.start()
        try:
            sent_home = _watch(engine, process, work_id, tries, leaves)
        finally:
            process.kill()
            process.join()
        _put_down(engine, work_id, tries, process.exitcode, sent_home)
    finally:
        engine.dispose()


def _watch(engine: Engine, process, work_id: int, tries: int, leaves: Callable[[], bool]) -> bool:
    """Until it ends or is to end; whether that is because the worker goes home."""
    told = 0.0
    while True:
        process.join(LOOK_S)
        if process.exitcode is not None:
            return False
        if leaves():
            return True
        try:
            with Session(engine) as session:
                if time.monotonic() - told > FRESH_S:
                    state, told = work.keep_fresh(session, work_id, tries), time.monotonic()
                else:
                    state = work.state_of(session, work_id, tries)
            if state != work.WORKING:
                return False
        except DBAPIError:
            log.warning("The database does not answer; work %d goes on meanwhile.", work_id)


def _put_down(engine: Engine, work_id: int, tries: int, code: int, sent_home: bool) -> None:
    """How it ended, where that is not written down yet."""
    until = time.monotonic() + AWAY_S
    while True:
        try:
            with Session(engine) as session:
                state = work.state_of(session, work_id, tries)
                if state == work.STOPPING:
                    work.end(session, work_id, tries, work.STOPPED, work.STOPPED_SAYS)
                elif state == work.WORKING and code in (TOO_LARGE, ABORTED):
                    work.end(session, work_id, tries, work.FAILED, too_large())
                elif state == work.WORKING:
                    if not sent_home:
                        log.error("Work %d ended with %d at its try %d.", work_id, code, tries)
                    work.hand_back(session, work_id, tries, counted=not sent_home)
            return
        except SQLAlchemyError:
            if time.monotonic() > until:
                log.exception("How work %d ended could not be written down; it is taken up again later.", work_id)
                return
            time.sleep(1.0)


def too_large() -> str:
    return (
        f"This needs more memory than the {memory_bytes() / 2**30:.1f} GB that work in the background may take. "
        "Nothing was changed. Choose fewer frames."
    )


def memory_bytes() -> int:
    """That one piece of work may take."""
    return max(whole_number(os.environ.get(MEMORY_SETTING, "")) or 0, 0) * 2**20 or MEMORY_BYTES


def _in_its_own(address: str, work_id: int, tries: int, most_bytes: int) -> None:
    """What the process of a piece of work does; it ends with the process that looks after it."""
    die_with_parent(signal.SIGKILL)
    signal.signal(signal.SIGINT, signal.SIG_IGN)
    resource.setrlimit(resource.RLIMIT_DATA, (most_bytes, most_bytes))
    engine = connect(address)
    try:
        with Session(engine) as session:
            carry_out(session, work_id, tries)
    except (MemoryError, SystemError):  # which is how extensions fail that have no memory to say so
        os._exit(TOO_LARGE)  # at once: what Python does as it ends may want memory too
    except DBAPIError as error:
        # the driver tells its own want of memory as an error of the database
        if any(words in str(error.orig) for words in OUT_OF_MEMORY):
            os._exit(TOO_LARGE)
        log.exception("The database went away from work %d.", work_id)
        sys.exit(AGAIN)


def _take_up(address: str, ends: threading.Event) -> None:
    """Looks for work that lost its worker, every now and then."""
    engine = connect(address)
    while not ends.is_set():
        try:
            with Session(engine) as session:
                work.take_up(session)
        except SQLAlchemyError:
            log.warning("Lost work could not be looked for; the database does not answer.")
        ends.wait(TAKE_UP_S)
    engine.dispose()


def run(url: str | None = None) -> int:
    """Works until it is stopped."""
    if url:
        os.environ[URL_SETTING] = url
    logging.basicConfig(level=logging.WARNING, format="%(asctime)s %(name)s: %(message)s")
    logging.getLogger("psycopg.pool").setLevel(logging.CRITICAL)  # it tells every try to reach a database that is away
    address = database_url()
    conninfo = make_url(address).set(drivername="postgresql").render_as_string(hide_password=False)
    forkserver.ensure_running()  # so that the first piece of work need not wait for it
    ends = threading.Event()
    threading.Thread(target=_take_up, args=(address, ends), daemon=True).start()
    try:
        with app.replace_connector(procrastinate.PsycopgConnector(conninfo=conninfo)) as there:
            there.run_worker(
                queues=[work.QUEUE], concurrency=1, wait=True, listen_notify=True, delete_jobs="always",
                update_heartbeat_interval=2.0, stalled_worker_timeout=8.0, abort_job_polling_interval=1.0,
                fetch_job_polling_interval=1.0, shutdown_graceful_timeout=0.1,
            )  # fmt: skip
    finally:
        ends.set()
    return 0
