"""./start as a person runs it: in a process of its own, ended and disturbed in every way a day brings."""

import os
import re
import signal
import subprocess

import psutil
import pytest
from sqlalchemy import create_engine, text
from sqlalchemy.exc import OperationalError, ProgrammingError
from sqlalchemy.orm import Session

from bench.crash import crash
from ironarc.demo.load import SHOTS
from ironarc.store import shots
from ironarc.store.cluster import OWNER, ROLE, port_is_free
from ironarc.store.database import connect
from tests.starting import PATIENCE_S, Started, open_folder, until

CRASH_S = 6  # bench/crash.py goes on for as long as one likes


@pytest.fixture
def folder():
    with open_folder() as made:
        yield made


@pytest.fixture(scope="module")
def data_of_a_start():
    """The data folder that a first start made, and an end."""
    with open_folder() as made:
        first = Started(made)
        until(first.is_ready)
        first.end()
        first.log.close()
        yield made / "data"


@pytest.fixture(scope="module")
def running(data_of_a_start):
    """One that runs from such data, for tests that leave it as it is."""
    with open_folder() as made:
        subprocess.run(["cp", "-a", data_of_a_start, made / "data"], check=True)
        iron = Started(made)
        until(iron.is_ready)
        until(iron.answers)
        yield iron
        iron.end()
        iron.log.close()


@pytest.fixture
def start(folder):
    running = []

    def begin(*arguments: str, **environment: str) -> Started:
        running.append(Started(folder, *arguments, **environment))
        return running[-1]

    yield begin
    for one in running:
        if one.process.poll() is None:
            one.end()
        one.log.close()


@pytest.fixture
def start_again(start, folder, data_of_a_start):
    """As `start`, on data that are there."""
    subprocess.run(["cp", "-a", data_of_a_start, folder / "data"], check=True)
    return start


def test_a_killed_database_is_started_again_and_a_closed_terminal_ends_all(start_again):
    iron = start_again()
    until(iron.is_ready)
    assert iron.answers()
    os.kill(int((iron.cluster.data / "postmaster.pid").read_text().split()[0]), signal.SIGKILL)
    until(lambda: "The database runs again" in iron.said())
    until(iron.answers)
    assert iron.end(signal.SIGHUP) == 0
    assert not iron.cluster.running()
    assert port_is_free(iron.port)


def test_a_start_beside_a_running_one_names_the_process_that_is_in_its_way(start, running):
    server = next(c for c in psutil.Process(running.process.pid).children() if "python" in c.name())
    second = start(IRONARC_PORT=str(running.port))
    assert second.process.wait(PATIENCE_S) == 1
    assert f"Port {running.port} is taken by the process {server.pid}" in second.said()
    third = start(IRONARC_DATA=str(running.folder / "data"))
    assert third.process.wait(PATIENCE_S) == 1
    assert f"running already from this folder, as process {running.process.pid}" in third.said()
    assert running.answers()


def test_a_server_does_not_outlive_the_launcher_that_was_killed(start_again):
    iron = start_again()
    until(iron.is_ready)
    iron.end(signal.SIGKILL)
    until(lambda: port_is_free(iron.port))
    iron.cluster.stop()


def test_a_first_start_that_is_killed_leaves_all_demo_shots_or_none(start):
    first = start()
    until(lambda: (first.cluster.data / "ironarc.closed").exists() and first.cluster.is_alive)
    until(lambda: some_tables(first.cluster.url))
    first.end(signal.SIGKILL)
    again = start(IRONARC_DB_PORT=str(first.db_port))
    again.db_port = first.db_port
    until(again.is_ready)
    names = set(re.findall(r"PF-\d+", again.get()))
    assert names == {name.split()[0] for name in SHOTS}


def some_tables(url: str) -> bool:
    engine = create_engine(url)
    try:
        with engine.connect() as connection:
            return bool(connection.scalar(text("SELECT to_regclass('shot')")))
    except OperationalError:
        return False
    finally:
        engine.dispose()


def test_fresh_asks_first_and_leaves_nothing(start_again):
    iron = start_again()
    until(iron.is_ready)
    engine = connect(iron.cluster.url)
    with Session(engine) as session:
        held = shots.yard(session)
        kept = held[0].shot_id
    iron.end()
    asked = start_again("--fresh", IRONARC_DB_PORT=str(iron.db_port))
    assert asked.process.wait(PATIENCE_S) == 1
    assert f"would take {len(held)} shots for good. Add --yes" in asked.said()
    done = start_again("--fresh", "--yes", IRONARC_DB_PORT=str(iron.db_port))
    until(done.is_ready)
    with Session(engine) as session:
        entries = shots.yard(session)
        assert len(entries) == len(held)
        assert kept not in [entry.shot_id for entry in entries]
    engine.dispose()


def test_what_root_starts_runs_as_another_account_or_says_why_not(running):
    children = [child for child in psutil.Process(running.process.pid).children() if "python" in child.name()]
    accounts = {child.username() for child in children}
    if os.geteuid() != 0:
        assert accounts == {psutil.Process().username()}
    elif accounts == {"root"}:
        assert "Server and worker run as root: the account postgres can't read" in running.said()
    else:
        assert accounts == {"postgres"}


def test_a_data_folder_that_can_not_be_used_is_refused_in_words(start, folder):
    (folder / "file").write_text("no folder")
    assert start(IRONARC_DATA=str(folder / "file")).process.wait(PATIENCE_S) == 1
    assert "is not a folder. Set IRONARC_DATA" in (folder / "said").read_text()
    if os.geteuid() == 0:
        (folder / "mine").mkdir(mode=0o700)
        assert start(IRONARC_DATA=str(folder / "mine" / "data")).process.wait(PATIENCE_S) == 1
        assert "which the user postgres can't reach" in (folder / "said").read_text()


def test_a_relative_data_folder_is_taken_from_where_one_stands(folder, monkeypatch):
    from ironarc.store.place import state_folder

    monkeypatch.chdir(folder)
    monkeypatch.setenv("IRONARC_DATA", "shots")
    assert state_folder() == folder / "shots"


def test_nobody_gets_in_without_the_password_and_the_role_can_do_no_more_than_it_needs(running):
    for role, database in ((ROLE, "ironarc"), (OWNER, "ironarc"), (OWNER, "postgres"), ("postgres", "postgres")):
        engine = create_engine(f"postgresql+psycopg://{role}@127.0.0.1:{running.db_port}/{database}")
        with pytest.raises(OperationalError), engine.connect():
            pytest.fail(f"{role} got into {database}")
    password = running.cluster.data.parent / "database-password"
    assert password.stat().st_mode & 0o077 == 0
    engine = connect(running.cluster.url)
    with Session(engine) as session:
        rights = "SELECT rolsuper OR rolcreaterole OR rolcreatedb FROM pg_roles WHERE rolname = current_user"
        assert session.scalar(text(rights)) is False
        for forbidden in (
            "COPY shot TO PROGRAM 'true'", "CREATE ROLE another", "CREATE DATABASE another",
            "SELECT pg_read_file('/etc/passwd')",
        ):  # fmt: skip
            session.rollback()
            session.connection(execution_options={"isolation_level": "AUTOCOMMIT"})
            with pytest.raises(ProgrammingError, match="InsufficientPrivilege"):
                session.execute(text(forbidden))
    engine.dispose()


def test_no_acknowledged_edit_is_lost_or_torn_whatever_is_killed(start_again, folder):
    running: list[Started] = []

    def start() -> Started:
        running.append(start_again(same_ports_as=running[-1] if running else None))
        return running[-1]

    done = crash(start, CRASH_S, seed=4)
    assert done["kills"] >= 2
    assert done["edits"] >= done["kills"]
