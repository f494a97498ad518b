"""Kills at random moments while edits are made: python -m bench.crash [seconds] [seed].

Iron Arc is started, edits are sent as fast as they are answered, and something is killed: the database, the server, or
all of it. Every edit that was acknowledged must be there afterwards, each whole, in the order it was made. tests/
test_launch.py runs it for a few seconds.
"""

import os
import random
import signal
import sys
import threading
import time
from collections.abc import Callable
from http.client import HTTPException
from pathlib import Path
from urllib.error import HTTPError, URLError

import psutil

from tests.starting import Started, open_folder, until

LEAST_S, MOST_S = 0.05, 1.2  # how long edits go on before a kill


class Lost(AssertionError):
    """An acknowledged edit that is not there, or one that is torn."""


class Writer:
    """Edits the notes of the first shot over and over: each edit's number is what it writes."""

    def __init__(self, iron: Started, begin: int):
        self.iron, self.number, self.acknowledged, self.going = iron, begin, [], True
        iron.sign_in()
        self.shot = iron.first_shot()
        self.revision = iron.standing(self.shot)

    def run(self) -> None:
        while self.going:
            self.number += 1
            body = {"revision": self.revision, "edit": {"kind": "set_notes", "notes": f"edit {self.number}"}}
            try:
                self.revision = self.iron.post(f"/shots/{self.shot}/edits", body)["revision"]
            except (HTTPError, URLError, HTTPException, ConnectionError, TimeoutError, ValueError):
                return  # what is not acknowledged may be there or not
            self.acknowledged.append((self.revision, f"edit {self.number}"))

    def has_begun(self) -> bool:
        return bool(self.acknowledged)


def kill_database(iron: Started) -> None:
    os.kill(int((iron.cluster.data / "postmaster.pid").read_text().split()[0]), signal.SIGKILL)


def kill_server(iron: Started) -> None:
    """The process that serves, and the one that works: their launcher begins them again."""
    for child in psutil.Process(iron.process.pid).children():
        if "python" in child.name():
            child.kill()
            child.wait()


def kill_all(iron: Started) -> None:
    iron.process.kill()
    kill_database(iron)


def check(iron: Started, shot: int, acknowledged: list[tuple[int, str]]) -> None:
    """Raises Lost unless every acknowledged edit is a revision that opens and says what it was given."""
    notes = iron.notes_of(shot)
    for revision, said in acknowledged:
        if notes.get(revision) != said:
            raise Lost(f"revision {revision} should say {said!r}; it says {notes.get(revision)!r}")
    iron.get(f"/shots/{shot}")
    iron.get(f"/shots/{shot}/r/{iron.standing(shot)}/reading.json")


def crash(start: Callable[[], Started], seconds: float, seed: int) -> dict:
    """Goes on for so long, twice at least; raises Lost. Returns how many kills and acknowledged edits there were."""
    dice, end, counts = random.Random(seed), time.monotonic() + seconds, {"kills": 0, "edits": 0}
    acknowledged: list[tuple[int, str]] = []
    iron = start()
    until(iron.is_ready)
    while counts["kills"] < 2 or time.monotonic() < end:
        writer = Writer(iron, counts["edits"] + 1000 * counts["kills"])
        thread = threading.Thread(target=writer.run)
        thread.start()
        until(writer.has_begun)  # however busy the machine is
        time.sleep(dice.uniform(LEAST_S, MOST_S))
        kill = (kill_database, kill_all, kill_server)[counts["kills"] % 3]
        kill(iron)
        counts["kills"] += 1
        thread.join()
        acknowledged += writer.acknowledged
        counts["edits"] = len(acknowledged)
        if kill is not kill_all:
            until(iron.answers)
        else:
            iron.process.wait()
            iron = start()
            until(iron.is_ready)
        check(iron, writer.shot, acknowledged)
    return counts


def main() -> None:
    seconds = float(sys.argv[1]) if len(sys.argv) > 1 else 120.0
    seed = int(sys.argv[2]) if len(sys.argv) > 2 else random.randrange(10**6)
    print(f"seed {seed}", flush=True)
    with open_folder() as folder:
        last: list[Started] = []

        def start() -> Started:
            last.append(Started(Path(folder), same_ports_as=last[-1] if last else None))
            return last[-1]

        try:
            print(crash(start, seconds, seed))
        finally:
            last[-1].end()


if __name__ == "__main__":
    main()
