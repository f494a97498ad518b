"""A PostgreSQL cluster of our own: in a data folder of ours, on a port of ours, on loopback only.

PostgreSQL will not run as root; started by root, the cluster runs as the user `postgres`.
"""

import os
import shutil
import socket
import subprocess
from dataclasses import dataclass
from pathlib import Path

from ironarc.core.errors import IronArcError

SERVER_USER = "postgres"
ROLE = "ironarc"


class ClusterError(IronArcError):
    """The database can't be set up or started."""


def port_is_free(port: int) -> bool:
    with socket.socket() as probe:
        probe.setsockopt(socket.SOL_SOCKET, socket.SO_REUSEADDR, 1)
        try:
            probe.bind(("127.0.0.1", port))
        except OSError:
            return False
    return True


def free_port() -> int:
    with socket.socket() as probe:
        probe.bind(("127.0.0.1", 0))
        return probe.getsockname()[1]


def _programs() -> Path:
    """The folder of Debian's newest PostgreSQL server programs."""
    found = sorted(Path("/usr/lib/postgresql").glob("*/bin/postgres"), key=lambda p: int(p.parts[-3]))
    if not found:
        raise ClusterError("PostgreSQL is not installed. Run ./start, or install Debian's package postgresql.")
    return found[-1].parent


@dataclass(frozen=True)
class Cluster:
    """data : the cluster's folder; durable=False trades safety for speed, for tests."""

    data: Path
    port: int
    durable: bool = True

    @property
    def url(self) -> str:
        return f"postgresql+psycopg://{ROLE}@127.0.0.1:{self.port}/{ROLE}"

    def _run(self, program: str, *args: str) -> subprocess.CompletedProcess:
        command = [str(_programs() / program), *args]
        if os.geteuid() == 0:
            command = ["runuser", "-u", SERVER_USER, "--", *command]
        # no pipe for pg_ctl: the server inherits what pg_ctl was given and would hold it open
        out = subprocess.DEVNULL if program == "pg_ctl" else subprocess.PIPE
        return subprocess.run(command, cwd="/", stdin=subprocess.DEVNULL, stdout=out, stderr=out, text=True)

    def create(self) -> None:
        """Makes the cluster if it isn't there; what a broken attempt left is cleared away first."""
        if (self.data / "PG_VERSION").exists() and (self.data / "ironarc.ready").exists():
            return
        shutil.rmtree(self.data, ignore_errors=True)
        self.data.mkdir(parents=True, mode=0o700)
        if os.geteuid() == 0:
            shutil.chown(self.data, SERVER_USER, SERVER_USER)
        done = self._run(
            "initdb",
            "-D",
            str(self.data),
            "-U",
            ROLE,
            "-A",
            "trust",
            "-E",
            "UTF8",
            "--locale=C.UTF-8",
            "--no-sync",
        )
        if done.returncode:
            shutil.rmtree(self.data, ignore_errors=True)
            raise ClusterError(f"The database cluster could not be made in {self.data}: {_last_line(done.stderr)}")
        (self.data / "ironarc.ready").touch()

    def start(self) -> bool:
        """Starts the server if it isn't running on this port; True if this call started it."""
        self.create()
        if self.running():
            if self._running_port() == self.port:
                return False
            self.stop()  # left over from a start on another port that was killed
        if not port_is_free(self.port):
            raise ClusterError(
                f"Port {self.port}, meant for the database, is taken by another program. "
                f"Stop it, or set IRONARC_DB_PORT to a free port."
            )
        options = f"-p {self.port} -c listen_addresses=127.0.0.1 -c unix_socket_directories=''"
        if not self.durable:
            options += " -c fsync=off -c synchronous_commit=off -c full_page_writes=off"
        log = self.data / "server.log"
        done = self._run("pg_ctl", "-D", str(self.data), "-l", str(log), "-o", options, "-w", "-s", "start")
        if done.returncode:
            lines = log.read_text().strip() if log.exists() else ""
            raise ClusterError(f"The database could not be started: {_last_line(lines)}")
        self._ensure_database()
        return True

    def running(self) -> bool:
        return self._run("pg_ctl", "-D", str(self.data), "-s", "status").returncode == 0

    def _running_port(self) -> int:
        """The port the running server listens on: line 4 of its pid file, as PostgreSQL documents."""
        return int((self.data / "postmaster.pid").read_text().splitlines()[3])

    def stop(self) -> None:
        self._run("pg_ctl", "-D", str(self.data), "-m", "fast", "-w", "-s", "stop")

    def _ensure_database(self) -> None:
        import psycopg

        with psycopg.connect(host="127.0.0.1", port=self.port, user=ROLE, dbname="postgres", autocommit=True) as db:
            if not db.execute("SELECT 1 FROM pg_database WHERE datname = %s", (ROLE,)).fetchone():
                db.execute(f"CREATE DATABASE {ROLE}")


def _last_line(text: str) -> str:
    lines = [line for line in text.strip().splitlines() if line.strip()]
    return lines[-1] if lines else "it gave no reason."
