"""Where this checkout keeps its data, and the ports it uses; all of it can be set in the environment."""

import fcntl
import hashlib
import os
import subprocess
from collections.abc import Iterator
from contextlib import contextmanager
from pathlib import Path

from sqlalchemy.exc import SQLAlchemyError

from ironarc.core.whole_numbers import whole_number
from ironarc.store.cluster import SERVER_USER, Cluster, ClusterError

ROOT = Path(__file__).resolve().parents[3]
DATA_SETTING, PORT_SETTING, DB_PORT_SETTING = "IRONARC_DATA", "IRONARC_PORT", "IRONARC_DB_PORT"


def state_folder() -> Path:
    """The folder that IRONARC_DATA names, from where we are if it is relative; else var/ in the checkout.

    PostgreSQL will not run as root: started by root, its own user must reach the folder. Where that one can't reach
    var/, a folder beside PostgreSQL's own data is taken; where it can't reach the folder asked for, that is said.
    """
    named = os.environ.get(DATA_SETTING, "").strip()
    folder = Path(named).expanduser().absolute() if named else ROOT / "var"
    if folder.exists() and not folder.is_dir():
        raise ClusterError(f"{folder} is not a folder. Set {DATA_SETTING} to a folder for Iron Arc's data.")
    if os.geteuid() != 0:
        return folder
    folder.mkdir(parents=True, exist_ok=True)
    if _reached(folder):
        return folder
    if named:
        raise ClusterError(
            f"{DATA_SETTING} is {folder}, which the user {SERVER_USER} can't reach; PostgreSQL runs as that user when "
            "root starts it. Let others pass through the folders above it (chmod o+x), or choose another folder."
        )
    mark = hashlib.sha256(str(ROOT).encode()).hexdigest()[:8]
    return Path(f"/var/lib/postgresql/ironarc-{mark}")


def _reached(folder: Path) -> bool:
    return subprocess.run(["runuser", "-u", SERVER_USER, "--", "test", "-x", str(folder)], check=False).returncode == 0


def port(name: str, default: int) -> int:
    """A port from the environment."""
    text = os.environ.get(name, str(default))
    number = whole_number(text)
    if number is None or not 1024 <= number <= 65535:
        raise ClusterError(f"{name} must be a port from 1024 to 65535; it is {text[:20]!r}.")
    return number


def web_port() -> int:
    return port(PORT_SETTING, 8765)


def own_cluster() -> Cluster:
    """The cluster of this checkout's data folder."""
    return Cluster(state_folder() / "postgres", port(DB_PORT_SETTING, 54817))


_locks: list[int] = []  # file numbers that hold one


@contextmanager
def only_one(folder: Path) -> Iterator[None]:
    """Holds this folder's lock; it is let go with the process, however that ends."""
    with (folder / "lock").open("a+") as lock:
        try:
            fcntl.flock(lock, fcntl.LOCK_EX | fcntl.LOCK_NB)
        except BlockingIOError as error:
            lock.seek(0)
            who = lock.read(20).strip()
            raise Running(
                f"it is running already from this folder{f', as process {who}' if who else ''}. Stop that one first."
            ) from error
        lock.truncate(0)
        lock.write(str(os.getpid()))
        lock.flush()
        _locks.append(lock.fileno())
        try:
            yield
        finally:
            _locks.remove(lock.fileno())


def leave_locks() -> None:
    """For a process that was forked off: the folder is its parent's alone, and free as soon as that one ends."""
    for lock in _locks:
        os.close(lock)
    _locks.clear()


class Running(ClusterError):
    """Iron Arc runs from this folder."""


@contextmanager
def database_at_hand(alone: bool = False) -> Iterator[str]:
    """The address of this checkout's database: the one that runs, or started for as long as it is needed.

    alone : Running is raised where Iron Arc runs
    """
    cluster = own_cluster()
    cluster.data.parent.mkdir(parents=True, exist_ok=True)
    try:
        with only_one(cluster.data.parent):
            cluster.start()
            try:
                yield cluster.url
            finally:
                cluster.stop()
    except Running:
        if alone:
            raise
        yield cluster.url
    except PermissionError as error:
        raise ClusterError(f"{error.filename} is another account's; Iron Arc's data are its alone.") from error
    except SQLAlchemyError as error:
        raise ClusterError(f"the database reported an error: {error.args[0]}") from error
