import os
import re
import shutil
import tempfile
from pathlib import Path

import psycopg
import pytest

from ironarc.store.cluster import Cluster, ClusterError, free_port, port_is_free
from ironarc.store.place import only_one
from ironarc.store.secret import kept_secret, write_private


@pytest.fixture
def folder():
    made = Path(tempfile.mkdtemp(prefix="ironarc-test-"))
    made.chmod(0o711)
    yield made
    shutil.rmtree(made, ignore_errors=True)


def test_a_cluster_starts_once_moves_to_another_port_and_stops(folder):
    first = Cluster(folder / "postgres", free_port(), durable=False)
    assert first.start()
    try:
        assert not first.start()
        assert not port_is_free(first.port)
        second = Cluster(folder / "postgres", free_port(), durable=False)
        assert second.start()  # what a killed start left on another port is taken over
        assert port_is_free(first.port)
    finally:
        first.stop()
    assert not first.running()


def test_a_taken_port_is_said_and_a_half_made_cluster_is_made_anew(folder, database_url):
    taken = int(database_url.rsplit(":", 1)[1].split("/")[0])
    (folder / "postgres").mkdir()
    (folder / "postgres" / "PG_VERSION").write_text("half")
    with pytest.raises(ClusterError, match=f"Port {taken}, meant for the database, is taken"):
        Cluster(folder / "postgres", taken).start()
    assert (folder / "postgres" / "ironarc.ready").exists()


def testonly_one_start_runs_in_a_folder(folder):
    with only_one(folder), pytest.raises(ClusterError, match="running already"), only_one(folder):
        pytest.fail("a second start got in")
    with only_one(folder):
        pass


def test_a_cluster_that_trusted_every_account_is_closed_and_keeps_what_it_holds(folder):
    old = Cluster(folder / "postgres", free_port(), durable=False)
    old.data.mkdir(mode=0o700)
    if os.geteuid() == 0:
        shutil.chown(old.data, "postgres", "postgres")
    # as versions before made it: the superuser `ironarc`, trusted whoever says to be it
    old._run("initdb", "-D", str(old.data), "-U", "ironarc", "-A", "trust", "-E", "UTF8", "--no-sync")
    (old.data / "ironarc.ready").touch()
    options = f"-p {old.port} -c listen_addresses=127.0.0.1 -c unix_socket_directories='' -c fsync=off"
    old._run("pg_ctl", "-D", str(old.data), "-l", str(old.data / "server.log"), "-o", options, "-w", "-s", "start")
    there = {"host": "127.0.0.1", "port": old.port, "user": "ironarc"}
    with psycopg.connect(**there, dbname="postgres", autocommit=True) as db:
        db.execute("CREATE DATABASE ironarc")
    with psycopg.connect(**there, dbname="ironarc") as db:
        db.execute("CREATE TABLE shot (id serial PRIMARY KEY, name text)")
        db.execute("INSERT INTO shot (name) VALUES ('Gap hop')")
    assert old.start()  # it ran, open to all, and runs again, closed
    try:
        with pytest.raises(psycopg.OperationalError):
            psycopg.connect(**there, dbname="ironarc")
        with psycopg.connect(old.url.replace("+psycopg", "")) as db:
            assert db.execute("SELECT name FROM shot").fetchall() == [("Gap hop",)]
            db.execute("INSERT INTO shot (name) VALUES ('Somersault')")
            db.execute("ALTER TABLE shot ADD COLUMN removed boolean")
        assert not old.start()
    finally:
        old.stop()


@pytest.mark.parametrize("damaged", ["", "3f", "3f" * 32 + "00", "G" * 64])
def test_a_secret_that_is_damaged_is_made_anew_and_one_that_is_whole_stays(tmp_path, damaged):
    path = tmp_path / "web" / "secret-key"
    path.parent.mkdir()
    path.write_text(damaged)
    made = kept_secret(path)
    assert re.fullmatch("[0-9a-f]{64}", made)
    assert kept_secret(path) == made
    assert path.stat().st_mode & 0o777 == 0o600
    assert [p.name for p in path.parent.iterdir()] == ["secret-key"]


def test_a_secret_that_can_not_be_written_leaves_the_old_one(tmp_path, monkeypatch):
    path = tmp_path / "secret-key"
    write_private(path, "old")
    monkeypatch.setattr(os, "fsync", lambda _: (_ for _ in ()).throw(OSError(28, "No space left on device")))
    with pytest.raises(OSError, match="No space"):
        write_private(path, "new")
    assert [p.read_text() for p in tmp_path.iterdir()] == ["old"]
