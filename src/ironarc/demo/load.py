"""Puts the demo shots into the database."""

from collections.abc import Callable

from sqlalchemy import select
from sqlalchemy.orm import Session

from ironarc.core.document import Shot
from ironarc.demo import deck_somersault, gangway_slip, gap_hop, gull_hop, mail_sack, swinging_crate
from ironarc.demo.posing import key_shot
from ironarc.demo.references import with_references
from ironarc.store import shots
from ironarc.store.database import connect
from ironarc.store.models import ShotRow

SCORES = (gap_hop.SCORE, gangway_slip.SCORE, deck_somersault.SCORE)
# Every demo shot by name; pictures of references are added where there is a database to keep them
SHOTS: dict[str, Callable[[], Shot]] = {
    **{score.name: lambda score=score: key_shot(score) for score in SCORES},
    mail_sack.NAME: mail_sack.make,
    swinging_crate.NAME: swinging_crate.make,
    gull_hop.NAME: gull_hop.make,
}


def load(fresh: bool = False, only_if_new: bool = False, url: str | None = None) -> list[str]:
    """Adds the demo shots that are not there; with `fresh`, takes every shot away first.

    With `only_if_new`, fills nothing but a database that never held a shot, so that a demo shot that was
    taken away stays away.
    """
    engine = connect(url)
    try:
        with Session(engine) as session:
            return _load(session, fresh, only_if_new)
    finally:
        engine.dispose()


def _load(session: Session, fresh: bool, only_if_new: bool) -> list[str]:
    if fresh:
        for shot_id in session.scalars(select(ShotRow.id)).all():
            shots.remove(session, shot_id)
    elif only_if_new and not shots.never_used(session):
        return []
    there = shots.names_of_demo(session)
    wanted = [name for name in SHOTS if name not in there]
    for name in wanted:
        shot = SHOTS[name]()
        if name == gap_hop.SCORE.name:
            shot = with_references(shot, session)
        shots.create(session, shot, author="demo", is_demo=True)
    return wanted
