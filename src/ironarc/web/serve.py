"""The server: gunicorn on loopback."""

import os
import secrets
from pathlib import Path

from gunicorn.app.base import BaseApplication

from ironarc.web.app import create_app

KEY_SETTING = "IRONARC_SECRET_KEY"


def secret_key(folder: Path) -> str:
    """The key that signs sessions: made once, kept in `folder`, readable by its owner only."""
    path = folder / "secret-key"
    if not path.exists():
        folder.mkdir(parents=True, exist_ok=True)
        path.touch(mode=0o600)
        path.write_text(secrets.token_hex(32))
    return path.read_text()


class _Server(BaseApplication):
    def __init__(self, port: int, workers: int, threads: int):
        self.port, self.workers, self.threads = port, workers, threads
        super().__init__()

    def load_config(self) -> None:
        settings = {
            "bind": f"127.0.0.1:{self.port}", "workers": self.workers, "threads": self.threads,
            "worker_class": "gthread", "timeout": 120,
            "accesslog": None, "loglevel": "warning", "proc_name": "ironarc", "control_socket_disable": True,
        }  # fmt: skip
        for key, value in settings.items():
            if key in self.cfg.settings:
                self.cfg.set(key, value)

    def load(self):
        # made in each worker, after the fork: database connections must not be shared
        return create_app(os.environ.get(KEY_SETTING) or secrets.token_hex(32))


# One process: what one request has read, the next one finds in memory (bench/serving.py has the figures)
WORKERS, THREADS = 1, 8


def serve(port: int, workers: int = WORKERS, threads: int = THREADS) -> int:
    """Runs until it is stopped. Sessions outlive a restart if the key comes from the environment."""
    os.environ.setdefault(KEY_SETTING, secrets.token_hex(32))
    _Server(port, workers, threads).run()
    return 0
