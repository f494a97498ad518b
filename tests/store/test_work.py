"""Work for the background: the queue on the database, progress, stopping, and everything it can end by."""

import logging
import multiprocessing
import os
import signal
import subprocess
import sys
import threading
import time
from datetime import timedelta

import psutil
import psycopg
import pytest
from sqlalchemy import text, update
from sqlalchemy.exc import OperationalError
from sqlalchemy.orm import Session

from ironarc import carrying_out, worker
from ironarc.core.edits.base import Together
from ironarc.core.errors import EditError
from ironarc.core.judging import judge
from ironarc.core.reading.shot import see
from ironarc.store import shots, work
from ironarc.store.database import URL_SETTING, connect
from ironarc.store.models import WorkRow, now
from ironarc.store.shots import NotFound
from tests.conftest import demo
from tests.figures import long_shot

SPAN = "true_span(start=18,end=60)"


@pytest.fixture
def hop(session):
    """Id and revision of a Gap hop."""
    shot_id = shots.create(session, demo("Gap hop"))
    return shot_id, shots.standing(session, shot_id).revision


def asked(hop, what="correction", asked=SPAN, **more) -> work.Asked:
    return work.Asked(hop[0], hop[1], "performer1", what, asked, **more)


def until(condition, patience_s=60):
    end = time.monotonic() + patience_s
    while not (found := condition()):
        assert time.monotonic() < end, "not in time"
        time.sleep(0.05)
    return found


def do(session, work_id: int) -> int | None:
    """Begins work and carries it out in this process."""
    tries = work.begin(session, work_id)
    if tries is not None:
        carrying_out.carry_out(session, work_id, tries)
    return tries


def findings(shot):
    seen = see(shot)
    return judge(shot, seen.performer, seen.reading)


def test_a_span_is_worked_out_told_and_kept(session, hop):
    work_id = work.ask(session, asked(hop))
    assert work.look(session, work_id).state == work.WAITING
    do(session, work_id)
    row = work.look(session, work_id)
    assert (row.state, row.share) == (work.DONE, 1.0)
    assert "borne by its contacts" in row.says
    shot = shots.load(session, *hop)
    assert len(findings(shot)) > 0
    assert findings(work.result(row).apply(shot)) == []
    do(session, work_id)  # what is done is not done again
    assert work.look(session, work_id).moved_at == row.moved_at


def test_a_plan_is_one_step_with_a_layer_each(session, hop):
    work_id = work.ask(session, asked(hop, "plan", "arc:time,span"))
    do(session, work_id)
    row = work.look(session, work_id)
    assert row.state == work.DONE
    assert "findings before, 0 after" in row.says
    edit, shot = work.result(row), shots.load(session, *hop)
    assert isinstance(edit, Together)
    after = edit.apply(shot)
    assert [layer.made_by for layer in after.performer.corrections] == ["true_arc", "true_span"]


def test_what_can_not_be_done_says_so_and_changes_nothing(session, hop):
    for what, words in (
        ("true_span(start=1,end=4)", "too short"), ("true_span(start=1,end=999)", "reach beyond this motion"),
        ("true_span(start=33,end=40)", "No contact is confirmed from 33 to 40"),
        ("true_nothing(a=1)", "no correction"), ("true_span(start=18,end=60,parts=tail:1)", "How freely"),
    ):  # fmt: skip
        work_id = work.ask(session, asked(hop, asked=what))
        do(session, work_id)
        row = work.look(session, work_id)
        assert row.state == work.FAILED
        assert words in row.says
        with pytest.raises(EditError, match="The job gave no result"):
            work.result(row)
    with pytest.raises(NotFound):
        work.look(session, 10**6)


def test_it_stops_before_it_begins_and_in_the_middle(session, hop, monkeypatch):
    waits = work.ask(session, asked(hop))
    assert work.stop(session, waits) == work.STOPPED
    assert do(session, waits) is None
    runs = work.ask(session, asked(hop))
    told = work.report

    def stop_at_the_third(*args):
        calls.append(args)
        if len(calls) == 3:
            work.stop(session, runs)
        return told(*args)

    calls = []
    monkeypatch.setattr(work, "report", stop_at_the_third)
    monkeypatch.setattr(carrying_out, "TELL_S", 0.0)
    do(session, runs)
    row = work.look(session, runs)
    assert (row.state, row.result, len(calls)) == (work.STOPPED, None, 3)


def test_what_breaks_ends_in_words_with_its_traceback_in_the_log(session, hop, monkeypatch, caplog):
    monkeypatch.setattr(carrying_out.truing, "propose", lambda *args: 1 / 0)
    broken = work.ask(session, asked(hop))
    with caplog.at_level(logging.ERROR):
        do(session, broken)
    row = work.look(session, broken)
    assert (row.state, row.says) == (work.FAILED, carrying_out.BROKE)
    assert "ZeroDivisionError" in caplog.text


def test_a_database_that_goes_away_and_want_of_memory_are_for_the_worker_to_tell(session, hop, monkeypatch):
    for error in (OperationalError("", {}, Exception()), MemoryError()):

        def breaks(*args, error=error):
            raise error

        monkeypatch.setattr(carrying_out.truing, "propose", breaks)
        work_id = work.ask(session, asked(hop))
        with pytest.raises(type(error)):
            do(session, work_id)
        assert work.look(session, work_id).state == work.WORKING


# --- work that has lost its worker ---------------------------------------------------------------------------


def jobs(session) -> set[int]:
    """Ids of the work that the queue has a job for."""
    return {int(i) for i in session.scalars(text("SELECT args ->> 'work_id' FROM procrastinate_jobs"))}


def left_alone(session, work_id: int, state: str, tries: int = 1, since: timedelta = work.DEAD * 2) -> None:
    """As after a crash: a row in some state that nobody has looked after since then, and no job."""
    session.execute(
        update(WorkRow).where(WorkRow.id == work_id).values(state=state, tries=tries, moved_at=now() - since)
    )
    session.execute(text("DELETE FROM procrastinate_jobs"))
    session.commit()


def test_lost_work_is_put_back_and_ended_after_three_tries(session, hop):
    work_id = work.ask(session, asked(hop))
    for tries in range(1, work.MOST_TRIES):
        left_alone(session, work_id, work.WORKING, tries)
        work.take_up(session)
        assert work.look(session, work_id).state == work.WAITING
        assert jobs(session) == {work_id}
        assert work.begin(session, work_id) == tries + 1
    left_alone(session, work_id, work.WORKING, work.MOST_TRIES)
    work.take_up(session)
    row = work.look(session, work_id)
    assert (row.state, row.says) == (work.FAILED, work.LOST)


def test_work_that_was_to_stop_when_its_worker_died_is_stopped(session, hop):
    work_id = work.ask(session, asked(hop))
    left_alone(session, work_id, work.STOPPING)
    work.take_up(session)
    assert work.look(session, work_id).state == work.STOPPED
    left_alone(session, work_id, work.WORKING)
    assert work.stop(session, work_id) == work.STOPPED  # at once, with no worker to hear it


def test_what_waits_without_a_job_is_given_one_and_what_is_fresh_is_left_alone(session, hop):
    waits, works = work.ask(session, asked(hop)), work.ask(session, asked(hop))
    left_alone(session, waits, work.WAITING, tries=0)
    left_alone(session, works, work.WORKING, since=timedelta(0))
    work.take_up(session)
    work.take_up(session)
    assert jobs(session) == {waits}
    assert work.look(session, works).state == work.WORKING


def test_a_try_that_was_given_up_for_dead_changes_nothing_any_more(session, hop):
    work_id = work.ask(session, asked(hop))
    first = work.begin(session, work_id)
    left_alone(session, work_id, work.WORKING, first)
    work.take_up(session)
    second = work.begin(session, work_id)
    assert work.report(session, work_id, first, 0.5, "I live.", []) is False
    work.end(session, work_id, first, work.DONE, "I was first.")
    assert work.look(session, work_id).state == work.WORKING
    assert work.report(session, work_id, second, 0.5, "So do I.", []) is True


def test_ended_work_is_cleared_away_after_a_day(session, hop):
    old, fresh = work.ask(session, asked(hop)), work.ask(session, asked(hop))
    left_alone(session, old, work.DONE, since=work.KEPT_FOR * 2)
    left_alone(session, fresh, work.FAILED)
    work.take_up(session)
    assert work.look(session, fresh).state == work.FAILED
    with pytest.raises(NotFound):
        work.look(session, old)


def test_work_of_a_shot_that_is_taken_away_stops_and_is_nowhere(session, hop):
    waits, works = work.ask(session, asked(hop)), work.ask(session, asked(hop))
    tries = work.begin(session, works)
    shots.remove(session, hop[0])
    for work_id in (waits, works):
        with pytest.raises(NotFound):
            work.look(session, work_id)
    assert work.begin(session, waits) is None
    assert work.state_of(session, works, tries) == work.STOPPING
    shots.put_back(session, hop[0])
    assert work.look(session, waits).state == work.STOPPED


# --- in a process of its own ---------------------------------------------------------------------------------


@pytest.fixture
def long_hop(session):
    """Id and revision of a hop that goes on for long enough to be interrupted."""
    shot_id = shots.create(session, long_shot(2400))
    return shot_id, shots.standing(session, shot_id).revision


def long_work(session, long_hop) -> int:
    return work.ask(session, asked(long_hop, asked="true_span(start=1,end=2400)"))


def own_process() -> psutil.Process | None:
    """The process that work is being done in."""
    return next((psutil.Process(p.pid) for p in multiprocessing.active_children()), None)


@pytest.fixture
def looked_after(database_url):
    """Has work looked after in the background of this test; what it began has ended when the test ends."""
    leaves, threads = threading.Event(), []

    def start(work_id: int) -> threading.Event:
        threads.append(threading.Thread(target=worker.look_after, args=(work_id, database_url, leaves.is_set)))
        threads[-1].start()
        return leaves

    yield start
    leaves.set()
    for thread in threads:
        thread.join()


def until_it_solves(session, work_id):
    until(lambda: "pass" in work.look(session, work_id).says.lower())


def test_work_is_done_in_a_process_of_its_own(session, hop, database_url):
    work_id = work.ask(session, asked(hop))
    worker.look_after(work_id, database_url)
    row = work.look(session, work_id)
    assert (row.state, row.tries) == (work.DONE, 1)
    assert findings(work.result(row).apply(shots.load(session, *hop))) == []


def test_it_is_cancelled_in_the_middle_of_anything(session, long_hop, looked_after):
    work_id = long_work(session, long_hop)
    looked_after(work_id)
    until_it_solves(session, work_id)
    assert work.stop(session, work_id) == work.STOPPING
    until(lambda: work.look(session, work_id).state == work.STOPPED)
    until(lambda: own_process() is None)


def test_a_worker_that_goes_home_hands_its_work_back(session, long_hop, looked_after):
    work_id = long_work(session, long_hop)
    session.execute(text("DELETE FROM procrastinate_jobs"))
    session.commit()
    leaves = looked_after(work_id)
    until_it_solves(session, work_id)
    leaves.set()
    until(lambda: work.look(session, work_id).state == work.WAITING)
    assert work.look(session, work_id).tries == 0  # that try does not count
    assert jobs(session) == {work_id}


def test_work_whose_process_is_killed_is_put_back(session, long_hop, looked_after):
    work_id = long_work(session, long_hop)
    looked_after(work_id)
    until_it_solves(session, work_id)
    own_process().kill()
    until(lambda: work.look(session, work_id).state == work.WAITING)
    assert work.look(session, work_id).tries == 1


@pytest.mark.parametrize(("said", "ends"), [("out of memory", "TOO_LARGE"), ("server closed", "AGAIN")])
def test_a_driver_out_of_memory_is_no_database_that_went_away(session, database_url, monkeypatch, said, ends):
    def breaks(*_):
        raise OperationalError("SELECT", {}, psycopg.OperationalError(said))

    monkeypatch.setattr(worker, "carry_out", breaks)
    monkeypatch.setattr(worker, "die_with_parent", lambda *_: None)
    monkeypatch.setattr(worker.signal, "signal", lambda *_: None)
    monkeypatch.setattr(worker.resource, "setrlimit", lambda *_: None)
    monkeypatch.setattr(worker.os, "_exit", sys.exit)  # it would end this very process
    with pytest.raises(SystemExit) as ended:
        worker._in_its_own(database_url, 1, 1, 0)
    assert ended.value.code == getattr(worker, ends)


def test_work_that_wants_too_much_memory_says_so(session, hop, database_url, monkeypatch):
    monkeypatch.setenv(worker.MEMORY_SETTING, "64")
    work_id = work.ask(session, asked(hop))
    worker.look_after(work_id, database_url)
    row = work.look(session, work_id)
    assert row.state == work.FAILED
    assert row.says.startswith("This needs more memory than the 0.1 GB")


def test_work_survives_a_database_that_cuts_everybody_off(session, long_hop, looked_after):
    work_id = long_work(session, long_hop)
    looked_after(work_id)
    until_it_solves(session, work_id)
    cut_off = "SELECT pg_terminate_backend(pid) FROM pg_stat_activity WHERE pid <> pg_backend_pid() AND usename = user"
    session.execute(text(cut_off))
    session.commit()
    share = work.look(session, work_id).share
    until(lambda: work.look(session, work_id).share > share)
    assert work.look(session, work_id).tries == 1


@pytest.fixture
def workers(database_url):
    """Starts workers as processes of their own; they are gone at the end."""
    started = []

    def start():
        started.append(
            subprocess.Popen(
                [sys.executable, "-m", "ironarc.cli", "work"], env=os.environ | {URL_SETTING: database_url},
                stdout=subprocess.DEVNULL, stderr=subprocess.DEVNULL,
            )
        )  # fmt: skip
        return started[-1]

    yield start
    for process in started:
        process.kill()
        process.wait()


def test_a_worker_that_is_killed_is_noticed_and_its_work_taken_up(session, hop, database_url, workers, monkeypatch):
    engine = connect(database_url)
    first = workers()
    ids = [work.ask(session, asked(hop)) for _ in range(3)]

    def state(i):
        with Session(engine) as other:
            return work.look(other, i).state

    until(lambda: any(state(i) == work.WORKING for i in ids))
    first.send_signal(signal.SIGKILL)
    first.wait()
    assert not all(state(i) == work.DONE for i in ids)
    # as if nobody had looked after them for long enough
    session.execute(update(WorkRow).where(WorkRow.state == work.WORKING).values(moved_at=now() - 2 * work.DEAD))
    session.commit()
    workers()
    until(lambda: all(state(i) == work.DONE for i in ids))
    engine.dispose()


def test_a_worker_that_is_told_to_end_hands_its_work_back_and_another_ends_it(session, long_hop, database_url, workers):
    work_id = long_work(session, long_hop)
    first = workers()
    until_it_solves(session, work_id)
    first.send_signal(signal.SIGTERM)
    first.wait()
    assert work.look(session, work_id).state == work.WAITING
    workers()
    until_it_solves(session, work_id)
    work.stop(session, work_id)
    until(lambda: work.look(session, work_id).state == work.STOPPED)
