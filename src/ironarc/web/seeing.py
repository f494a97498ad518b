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


def see(session, shot_id: int, revision: int, variant: str = "now", who: str = "") -> View:
    """A revision as it is seen in a variant, with one performer's reading. Raises NotFound for a shot that was taken
    away, whatever of it is still in memory."""
    there = session.info.setdefault("there", set())
    if shot_id not in there:  # asked once a request
        shots.check_there(session, shot_id)
        there.add(shot_id)
    return variants().get(session, shot_id, revision, variant, who)
