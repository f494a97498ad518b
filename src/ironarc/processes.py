"""Processes that ./start begins: server and worker, each as an account that can do no more than it needs, with a
limit on its memory, begun again when it dies."""

import ctypes
import os
import pwd
import resource
import signal
import subprocess
import sys
import time
from collections.abc import Callable
from contextlib import suppress
from dataclasses import dataclass, field

from ironarc.store.cluster import SERVER_USER
from ironarc.store.place import leave_locks

STOPS = (signal.SIGINT, signal.SIGTERM, signal.SIGHUP)
PDEATHSIG = 1  # of prctl(2)
PATIENCE_S = 8.0  # that a process is given to end by itself
MOST_DEATHS, WITHIN_S = 5, 60.0  # a process that dies so often in so long is given up
_SEES_ALL = "import ironarc.launch, ironarc.worker, ironarc.web, ironarc.demo.load"


def die_with_parent(how: int = signal.SIGTERM) -> None:
    """Has this process get a signal when the one that began it ends, however that ends."""
    ctypes.CDLL(None).prctl(PDEATHSIG, how)


def account() -> tuple[str, str]:
    """(the account that server and worker run as, "" for our own; why it is our own though root's, or "")."""
    if os.geteuid() != 0:
        return "", ""
    try:
        command = ["runuser", "-u", SERVER_USER, "--", sys.executable, "-c", _SEES_ALL]
        tried = subprocess.run(command, cwd="/", capture_output=True, text=True, timeout=60)
    except (OSError, subprocess.TimeoutExpired):
        return "", f"the account {SERVER_USER} could not be tried"
    if tried.returncode == 0:
        return SERVER_USER, ""
    return "", f"the account {SERVER_USER} can't read {sys.executable} or the code"


def _become(name: str) -> None:
    who = pwd.getpwnam(name)
    os.initgroups(name, who.pw_gid)
    os.setgid(who.pw_gid)
    os.setuid(who.pw_uid)
    os.environ |= {"HOME": who.pw_dir, "USER": name, "LOGNAME": name}
    with suppress(OSError):
        os.chdir("/")


@dataclass
class Process:
    """One that is kept running. run : what it does; most_bytes : of memory it may take, 0 for any number"""

    name: str
    run: Callable[[], object]
    account: str = ""
    most_bytes: int = 0
    pid: int = 0
    _deaths: list[float] = field(default_factory=list)

    def begin(self) -> None:
        self.pid = os.fork()
        if self.pid == 0:
            try:
                leave_locks()
                if self.account:
                    _become(self.account)
                die_with_parent()  # a change of account takes this back, so it comes after it
                if self.most_bytes:
                    resource.setrlimit(resource.RLIMIT_DATA, (self.most_bytes, self.most_bytes))
                for stop in STOPS:
                    signal.signal(stop, signal.SIG_DFL)
                self.run()
            finally:
                os._exit(0)

    def has_died(self) -> bool:
        return bool(os.waitpid(self.pid, os.WNOHANG)[0])

    def is_hopeless(self) -> bool:
        """Notes a death; whether it died too often lately for another try to help."""
        now = time.monotonic()
        self._deaths = [at for at in self._deaths if now - at < WITHIN_S] + [now]
        return len(self._deaths) >= MOST_DEATHS

    def end(self) -> None:
        """Ends it, if need be by force."""
        until = time.monotonic() + PATIENCE_S
        with suppress(ProcessLookupError, ChildProcessError):
            os.kill(self.pid, signal.SIGTERM)
            while not self.has_died():
                if time.monotonic() > until:
                    os.kill(self.pid, signal.SIGKILL)
                time.sleep(0.02)
