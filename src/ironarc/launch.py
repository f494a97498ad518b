"""What ./start does once the system is ready: database, migrations, demo shots, server; Ctrl-C stops all of it."""

import argparse
import fcntl
import hashlib
import os
import shutil
import signal
import subprocess
import sys
from collections.abc import Iterator
from contextlib import contextmanager
from pathlib import Path

from sqlalchemy.exc import SQLAlchemyError

from ironarc.core.errors import IronArcError
from ironarc.store.cluster import SERVER_USER, Cluster, ClusterError, port_is_free
from ironarc.store.database import URL_SETTING, migrate
from ironarc.web.serve import KEY_SETTING, secret_key, serve

LEAST_FREE_BYTES = 300 * 1024 * 1024
ROOT = Path(__file__).resolve().parents[2]


def state_folder() -> Path:
    """Where this checkout keeps its data: var/ in the checkout, or beside PostgreSQL's own data if that user,
    who must own the cluster when root starts it, can't reach the checkout."""
    folder = Path(os.environ.get("IRONARC_DATA", ROOT / "var"))
    if os.geteuid() != 0:
        return folder
    folder.mkdir(parents=True, exist_ok=True)
    reach = subprocess.run(["runuser", "-u", SERVER_USER, "--", "test", "-x", str(folder)], check=False)
    if reach.returncode == 0:
        return folder
    mark = hashlib.sha256(str(ROOT).encode()).hexdigest()[:8]
    return Path(f"/var/lib/postgresql/ironarc-{mark}")


def _check_room(folder: Path) -> None:
    folder.mkdir(parents=True, exist_ok=True)
    free = shutil.disk_usage(folder).free
    if free < LEAST_FREE_BYTES:
        raise ClusterError(f"Only {free // 2**20} MB of disk are free at {folder}; Iron Arc needs 300 MB to start.")


def _port(name: str, default: int) -> int:
    text = os.environ.get(name, str(default))
    if not text.isdigit() or not 1024 <= int(text) <= 65535:
        raise ClusterError(f"{name} must be a port from 1024 to 65535; it is {text!r}.")
    return int(text)


def main(argv: list[str] | None = None) -> int:
    parser = argparse.ArgumentParser(prog="./start", description="Starts Iron Arc.")
    parser.add_argument("--fresh", action="store_true", help="begin again with the demo shots alone")
    args = parser.parse_args(argv)
    try:
        return _run(args.fresh)
    except IronArcError as error:
        print(f"Iron Arc can't start: {error}", file=sys.stderr)
    except SQLAlchemyError as error:
        print(f"Iron Arc can't start: the database did not do its part: {error.args[0]}", file=sys.stderr)
    except OSError as error:
        where = f" ({error.filename})" if error.filename else ""
        print(f"Iron Arc can't start: {error.strerror}{where}.", file=sys.stderr)
    return 1


def _run(fresh: bool) -> int:
    web_port, db_port = _port("IRONARC_PORT", 8765), _port("IRONARC_DB_PORT", 54817)
    if not port_is_free(web_port):
        raise ClusterError(
            f"Port {web_port} is taken; perhaps Iron Arc is running already at http://127.0.0.1:{web_port}. "
            "Stop that program, or set IRONARC_PORT to a free port."
        )
    folder = state_folder()
    _check_room(folder)
    with _only_one(folder):
        return _run_alone(folder, web_port, db_port, fresh)


@contextmanager
def _only_one(folder: Path) -> Iterator[None]:
    """Holds this folder's lock; it is let go with the process, however that ends."""
    with (folder / "lock").open("w") as lock:
        try:
            fcntl.flock(lock, fcntl.LOCK_EX | fcntl.LOCK_NB)
        except BlockingIOError as error:
            raise ClusterError("it is running already from this folder. Stop that one first.") from error
        yield


def _run_alone(folder: Path, web_port: int, db_port: int, fresh: bool) -> int:
    # Ctrl-C and a plain kill both end in the finally below, also where a shell had Ctrl-C ignored
    for stop in (signal.SIGINT, signal.SIGTERM):
        signal.signal(stop, signal.default_int_handler)
    cluster = Cluster(folder / "postgres", db_port)
    # it may still run from a start that was killed; it is ours all the same, and is stopped at the end
    cluster.start()
    try:
        os.environ[URL_SETTING] = cluster.url
        os.environ[KEY_SETTING] = secret_key(folder / "web")
        migrate(cluster.url)
        _load_demo(fresh, cluster.url)
        print(f"\n  Iron Arc is ready: http://127.0.0.1:{web_port}\n  Ctrl-C stops it.\n", flush=True)
        return _serve_in_child(web_port)
    except KeyboardInterrupt:
        return 0
    finally:
        cluster.stop()
        print("Iron Arc has stopped; your shots are kept.", flush=True)


def _load_demo(fresh: bool, url: str) -> None:
    from ironarc.demo.load import load

    load(fresh=fresh, only_if_new=True, url=url)


def _serve_in_child(port: int) -> int:
    """The server in a process of its own, so that its end, however it comes, still stops the database."""
    child = os.fork()
    if child == 0:
        for stop in (signal.SIGINT, signal.SIGTERM):
            signal.signal(stop, signal.SIG_DFL)
        try:
            serve(port)
        finally:
            os._exit(0)
    try:
        _, status = os.waitpid(child, 0)
        return os.waitstatus_to_exitcode(status)
    except KeyboardInterrupt:
        os.kill(child, signal.SIGTERM)
        os.waitpid(child, 0)
        return 0


if __name__ == "__main__":
    sys.exit(main())
