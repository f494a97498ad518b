"""What ./start does once the system is ready: database, migrations, demo shots, server; Ctrl-C stops all of it."""

import argparse
import os
import shutil
import signal
import sys
import time
from contextlib import suppress
from pathlib import Path

import psutil
from sqlalchemy.exc import SQLAlchemyError

from ironarc.core.errors import IronArcError
from ironarc.processes import STOPS, Process, account
from ironarc.store.cluster import Cluster, ClusterError, port_is_free, who_listens
from ironarc.store.database import URL_SETTING, migrate
from ironarc.store.place import PORT_SETTING, only_one, own_cluster, web_port
from ironarc.store.secret import kept_secret
from ironarc.web.serve import KEY_SETTING, serve

LEAST_FREE_BYTES = 300 * 1024 * 1024
LOOK_EVERY_S = 0.5
SERVER_BYTES = min(8 * 2**30, psutil.virtual_memory().total * 3 // 5)


def _check_room(folder: Path) -> None:
    folder.mkdir(parents=True, exist_ok=True)
    free = shutil.disk_usage(folder).free
    if free < LEAST_FREE_BYTES:
        raise ClusterError(f"Only {free // 2**20} MB of disk are free at {folder}; Iron Arc needs 300 MB to start.")


def main(argv: list[str] | None = None) -> int:
    parser = argparse.ArgumentParser(prog="./start", description="Starts Iron Arc.")
    parser.add_argument("--fresh", action="store_true", help="take everything away and begin again with the demo shots")
    parser.add_argument("--yes", action="store_true", help="don't ask before --fresh takes everything away")
    args = parser.parse_args(argv)
    try:
        return _run(args.fresh, args.yes)
    except IronArcError as error:
        _tell(f"Iron Arc can't start: {error}", sys.stderr)
    except SQLAlchemyError as error:
        _tell(f"Iron Arc can't start: the database reported an error: {error.args[0]}", sys.stderr)
    except OSError as error:
        where = f" ({error.filename})" if error.filename else ""
        _tell(f"Iron Arc can't start: {error.strerror}{where}.", sys.stderr)
    return 1


def _tell(words: str, stream=None) -> None:
    with suppress(OSError):  # the terminal may have been closed
        print(words, file=stream or sys.stdout, flush=True)


def _run(fresh: bool, yes: bool) -> int:
    port = web_port()
    if not port_is_free(port):
        raise ClusterError(
            f"Port {port} is taken by {who_listens(port)}. If that is Iron Arc, it is running at "
            f"http://127.0.0.1:{port} already. Stop that process, or set {PORT_SETTING} to a free port."
        )
    cluster = own_cluster()
    folder = cluster.data.parent
    _check_room(folder)
    with only_one(folder):
        return _run_alone(folder, port, cluster, fresh, yes)


def _run_alone(folder: Path, port: int, cluster: Cluster, fresh: bool, yes: bool) -> int:
    # Ctrl-C, a plain kill and a closed terminal all end in the finally below, also where a shell had them ignored
    for stop in STOPS:
        signal.signal(stop, signal.default_int_handler)
    # it may still run from a start that was killed; it is ours all the same, and is stopped at the end
    cluster.start()
    try:
        os.environ[URL_SETTING] = cluster.url
        os.environ[KEY_SETTING] = kept_secret(folder / "web" / "secret-key")
        migrate(cluster.url)
        if fresh and not _may_begin_again(yes):
            _tell("Nothing was deleted.")
            return 1
        _load_demo(fresh, cluster.url)
        _tell(f"\n  Iron Arc is ready: http://127.0.0.1:{port}\n  Ctrl-C stops it.\n")
        return _serve_and_watch(port, cluster)
    except KeyboardInterrupt:
        return 0
    finally:
        for stop in STOPS:  # what stops is not stopped again half-way
            signal.signal(stop, signal.SIG_IGN)
        cluster.stop()
        _tell("Iron Arc has stopped; your shots are kept.")


def _may_begin_again(yes: bool) -> bool:
    from ironarc.demo.load import count

    shots = count(os.environ[URL_SETTING])
    if yes or not shots:
        return True
    if not sys.stdin.isatty():
        raise ClusterError(f"--fresh would take {shots} shots for good. Add --yes to confirm.")
    answer = input(f"Delete all {shots} shots for good, with pictures and weighings? Type yes: ")
    return answer.strip().lower() == "yes"


def _load_demo(fresh: bool, url: str) -> None:
    from ironarc.demo.load import load

    load(fresh=fresh, only_if_new=True, url=url)


def _work() -> int:
    """Does the work of the background."""
    from ironarc.worker import run

    return run()


def _serve_and_watch(port: int, cluster: Cluster) -> int:
    """Server and worker in processes of their own, so that their end, however it comes, still stops the database; they
    and the database are begun again when they die."""
    who, why = account()
    if why:
        _tell(f"  Server and worker run as root: {why}.\n")
    server = Process("server", lambda: serve(port), who, SERVER_BYTES)
    worker = Process("worker", _work, who)
    for process in (server, worker):
        process.begin()
    try:
        while True:
            for process in (server, worker):
                if process.has_died():
                    if process.is_hopeless():
                        _tell(f"The {process.name} keeps dying; see above for why.", sys.stderr)
                        return 1
                    _tell(f"The {process.name} has died; starting it again.")
                    process.begin()
            if not cluster.is_alive:
                _start_again(cluster)
            time.sleep(LOOK_EVERY_S)
    except KeyboardInterrupt:
        return 0
    finally:
        for process in (server, worker):
            process.end()


def _start_again(cluster: Cluster) -> None:
    _tell("The database has died; starting it again.")
    try:
        cluster.start()
        _tell("The database runs again; every acknowledged edit is there.")
    except IronArcError as error:
        _tell(f"It could not be started yet: {error}", sys.stderr)
        time.sleep(5)


if __name__ == "__main__":
    sys.exit(main())
