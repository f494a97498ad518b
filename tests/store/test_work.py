"""Work for the background: the queue on the database, progress, stopping, and workers that die."""

import os
import signal
import subprocess
import sys
import time

import pytest
from sqlalchemy.orm import Session

from ironarc import worker
from ironarc.core.edits.base import Together
from ironarc.core.errors import EditError
from ironarc.core.judging import judge
from ironarc.core.reading.shot import see
from ironarc.store import shots, work
from ironarc.store.database import URL_SETTING, connect
from ironarc.store.shots import NotFound
from tests.conftest import demo

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


def findings(shot):
    seen = see(shot)
    return judge(shot, seen.performer, seen.reading)


def test_a_span_is_worked_out_told_and_kept(session, hop):
    work_id = work.ask(session, asked(hop))
    assert work.look(session, work_id).state == work.WAITING
    worker.do(session, work_id)
    row = work.look(session, work_id)
    assert (row.state, row.share) == (work.DONE, 1.0)
    assert "borne by its contacts" in row.says
    shot = shots.load(session, *hop)
    assert len(findings(shot)) > 0
    assert findings(work.result(row).apply(shot)) == []
    worker.do(session, work_id)  # what is done is not done again
    assert work.look(session, work_id).moved_at == row.moved_at


def test_a_plan_is_one_step_with_a_layer_each(session, hop):
    work_id = work.ask(session, asked(hop, "plan", "arc:time,span"))
    worker.do(session, work_id)
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
        ("true_nothing(a=1)", "no correction"), ("true_span(start=18,end=60,parts=tail:1)", "How willingly"),
    ):  # fmt: skip
        work_id = work.ask(session, asked(hop, asked=what))
        worker.do(session, work_id)
        row = work.look(session, work_id)
        assert row.state == work.FAILED
        assert words in row.says
        with pytest.raises(EditError, match="Nothing came of this work"):
            work.result(row)
    with pytest.raises(NotFound):
        work.look(session, 10**6)


def test_it_stops_before_it_begins_and_in_the_middle(session, hop):
    waits = work.ask(session, asked(hop))
    assert work.stop(session, waits) == work.STOPPED
    worker.do(session, waits)
    assert work.look(session, waits).state == work.STOPPED
    runs = work.ask(session, asked(hop))

    def stop_at_once():
        if work.look(session, runs).state == work.WORKING:
            work.stop(session, runs)
        return False

    worker.do(session, runs, stop_at_once)
    row = work.look(session, runs)
    assert (row.state, row.result) == (work.STOPPED, None)


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
    # a hundred small pieces in a row keep a worker busy long enough to be killed over one
    first = workers()
    ids = [work.ask(session, asked(hop)) for _ in range(3)]

    def state(i):
        with Session(engine) as other:
            return work.look(other, i).state

    until(lambda: any(state(i) == work.WORKING for i in ids))
    first.send_signal(signal.SIGKILL)
    first.wait()
    assert not all(state(i) == work.DONE for i in ids)
    workers()
    until(lambda: all(state(i) == work.DONE for i in ids))
    engine.dispose()
