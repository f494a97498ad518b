"""Shared: the demo shots, and a PostgreSQL cluster on loopback for the tests that need one."""

import shutil
import tempfile
from collections.abc import Iterator
from contextlib import contextmanager
from functools import cache
from pathlib import Path

import pytest
from hypothesis import settings
from sqlalchemy import text
from sqlalchemy.orm import Session

from ironarc.core.document import Shot
from ironarc.demo.load import SHOTS
from ironarc.store.cluster import Cluster, free_port
from ironarc.store.database import connect, migrate

# the machine's speed is no matter of these tests: timings belong in bench/
settings.register_profile("ironarc", deadline=None, max_examples=40)
settings.load_profile("ironarc")


# keyed once a run, also where the demo is loaded into a database
SHOTS.update({name: cache(make) for name, make in SHOTS.items()})


def demo(word: str) -> Shot:
    """The demo shot whose name holds `word`."""
    return next(make for name, make in SHOTS.items() if word in name)()


@contextmanager
def temporary_database() -> Iterator[str]:
    """Address of a migrated, empty database in a cluster of its own, gone at the end."""
    folder = Path(tempfile.mkdtemp(prefix="ironarc-test-"))
    folder.chmod(0o711)  # the server's own user must reach its folder below
    cluster = Cluster(folder / "postgres", free_port(), durable=False)
    cluster.start()
    try:
        migrate(cluster.url)
        yield cluster.url
    finally:
        cluster.stop()
        shutil.rmtree(folder, ignore_errors=True)


@pytest.fixture(scope="session")
def database_url():
    with temporary_database() as url:
        yield url


TABLES = "work, blob, part, file, weighing, shelf, part_set, use, shot, revision"


@pytest.fixture
def session(database_url):
    """A session on an empty database."""
    engine = connect(database_url)
    with Session(engine) as open_session:
        open_session.execute(text(f"TRUNCATE {TABLES} RESTART IDENTITY CASCADE"))
        # another data folder, as far as a browser knows that keeps what it has seen
        open_session.execute(text("UPDATE identity SET demo_loaded = false, mark = left(md5(random()::text), 16)"))
        open_session.commit()
        yield open_session
    engine.dispose()
