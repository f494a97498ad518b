"""What the application at work has open: database sessions, and shots as they are seen."""

from flask import current_app

from ironarc.store import shots
from ironarc.web.variants import Variants, View


def open_session():
    """A database session of the application at work."""
    return current_app.extensions["sessions"]()


def variants() -> Variants:
    """What the application at work keeps in memory."""
    return current_app.extensions["variants"]


def check_head(session, shot_id: int, revision: int) -> None:
    """Raises StaleRevision for a shot that moved on from a revision, NotFound for one that is not there."""
    shots.check_head(session, shot_id, revision)
    _found(session).add(shot_id)


def _found(session) -> set[int]:
    """The shots that are there, as far as this request has asked."""
    return session.info.setdefault("there", set())


def see(session, shot_id: int, revision: int, variant: str = "now", who: str = "") -> View:
    """A revision as it is seen in a variant, with one performer's reading. Raises NotFound for a shot that was taken
    away, whatever of it is still in memory."""
    if shot_id not in _found(session):
        shots.check_there(session, shot_id)
        _found(session).add(shot_id)
    return variants().get(session, shot_id, revision, variant, who)
