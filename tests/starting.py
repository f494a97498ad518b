"""Iron Arc as ./start runs it, in a process of its own, for tests and for bench/crash.py."""

import json
import os
import re
import signal
import subprocess
import sys
import tempfile
import time
from collections.abc import Iterator
from contextlib import contextmanager
from http.cookiejar import CookieJar
from pathlib import Path
from typing import Self
from urllib.error import HTTPError, URLError
from urllib.request import HTTPCookieProcessor, Request, build_opener

from sqlalchemy import select
from sqlalchemy.orm import Session

from ironarc.store import shots
from ironarc.store.cluster import Cluster, free_port, port_is_free
from ironarc.store.database import connect
from ironarc.store.models import RevisionRow

PATIENCE_S = 120


def until(condition):
    """Waits for a condition and returns what it gave."""
    stop = time.monotonic() + PATIENCE_S
    while not (found := condition()):
        assert time.monotonic() < stop, "this never came"
        time.sleep(0.02)
    return found


class Started:
    """Iron Arc started from a data folder of its own."""

    def __init__(self, folder: Path, *arguments: str, same_ports_as: Self | None = None, **environment: str):
        self.folder = folder
        self.port, self.db_port = free_port(), free_port()
        if same_ports_as:
            self.port, self.db_port = same_ports_as.port, same_ports_as.db_port
        self.log = (folder / "said").open("w+")
        env = {
            **os.environ, "IRONARC_DATA": str(folder / "data"), "IRONARC_PORT": str(self.port),
            "IRONARC_DB_PORT": str(self.db_port), **environment,
        }  # fmt: skip
        self.process = subprocess.Popen(
            [sys.executable, "-m", "ironarc.launch", *arguments],
            env=env, stdin=subprocess.DEVNULL, stdout=self.log, stderr=self.log,
        )  # fmt: skip
        self.opener = build_opener(HTTPCookieProcessor(CookieJar()))

    @property
    def cluster(self) -> Cluster:
        return Cluster(self.folder / "data" / "postgres", self.db_port)

    def said(self) -> str:
        return (self.folder / "said").read_text()

    def is_ready(self) -> bool:
        assert self.process.poll() is None, self.said()
        return "Iron Arc is ready" in self.said() and not port_is_free(self.port)

    def get(self, path: str = "/") -> str:
        return self.opener.open(f"http://127.0.0.1:{self.port}{path}", timeout=PATIENCE_S).read().decode()

    def post(self, path: str, plain: dict) -> dict:
        headers = {"X-CSRFToken": self.token, "Content-Type": "application/json"}
        request = Request(f"http://127.0.0.1:{self.port}{path}", json.dumps(plain).encode(), headers)
        return json.loads(self.opener.open(request, timeout=PATIENCE_S).read())

    def sign_in(self) -> None:
        self.token = re.search(r'csrf-token" content="([^"]+)"', self.get())[1]

    @contextmanager
    def _session(self) -> Iterator[Session]:
        engine = connect(self.cluster.url)
        try:
            with Session(engine) as session:
                yield session
        finally:
            engine.dispose()

    def first_shot(self) -> int:
        with self._session() as session:
            return shots.yard(session)[0].shot_id

    def standing(self, shot: int) -> int:
        with self._session() as session:
            return shots.standing(session, shot).revision

    def notes_of(self, shot: int) -> dict[int, str]:
        """The notes of each revision of a shot."""
        with self._session() as session:
            rows = session.scalars(select(RevisionRow.id).where(RevisionRow.shot_id == shot)).all()
            return {revision: shots.load(session, shot, revision).notes for revision in rows}

    def answers(self) -> bool:
        try:
            return "Gap hop" in self.get()
        except (HTTPError, URLError, ConnectionError, TimeoutError):
            return False

    def end(self, how: int = signal.SIGTERM) -> int:
        self.process.send_signal(how)
        return self.process.wait(PATIENCE_S)


@contextmanager
def open_folder() -> Iterator[Path]:
    """A folder that the database's own user can pass through."""
    with tempfile.TemporaryDirectory(prefix="ironarc-test-", ignore_cleanup_errors=True) as name:
        Path(name).chmod(0o711)
        yield Path(name)
