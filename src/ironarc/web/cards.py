"""Cards of the Yard that other rules worked out, made anew in the background while the Yard is looked at."""

import logging
from threading import Lock, Thread

from sqlalchemy.orm import Session, sessionmaker

from ironarc.store import shots

log = logging.getLogger(__name__)


class Cards:
    """One thread at a time, for as long as there is a card to make."""

    def __init__(self, sessions: sessionmaker[Session]):
        self._sessions = sessions
        self._lock = Lock()
        self._thread: Thread | None = None

    def make(self) -> None:
        """Begins, unless it is being done already."""
        with self._lock:
            if self._thread is None or not self._thread.is_alive():
                self._thread = Thread(target=self._run, daemon=True)
                self._thread.start()

    def wait(self) -> None:
        """Until what was begun is done."""
        if self._thread is not None:
            self._thread.join()

    def _run(self) -> None:
        try:
            with self._sessions() as session:
                for shot_id, revision in shots.stale_cards(session):
                    shots.make_card(session, shot_id, revision)
        except Exception:  # the Yard shows what there is, and begins again when it is looked at
            log.exception("The cards could not be made anew.")
