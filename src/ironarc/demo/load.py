"""Puts the demo shots into the database."""

from sqlalchemy import select
from sqlalchemy.orm import Session

from ironarc.core.shot import Shot
from ironarc.demo import deck_somersault, gangway_slip, gap_hop
from ironarc.demo.posing import key_shot
from ironarc.store import shots
from ironarc.store.database import connect
from ironarc.store.models import ShotRow

SCORES = (gap_hop.SCORE, gangway_slip.SCORE, deck_somersault.SCORE)


def demo_shots() -> list[Shot]:
    """Every demo shot, keyed anew."""
    return [key_shot(score) for score in SCORES]


def load(fresh: bool = False, url: str | None = None) -> list[str]:
    """Adds the demo shots that have never been loaded; with `fresh`, takes every shot away first.

    A demo shot that was taken away stays away: only an empty Yard that never had one is filled.
    """
    engine = connect(url)
    with Session(engine) as session:
        if fresh:
            for shot_id in session.scalars(select(ShotRow.id)).all():
                shots.remove(session, shot_id)
        there = shots.names_of_demo(session)
        wanted = [score for score in SCORES if score.name not in there]
        for score in wanted:
            shots.create(session, key_shot(score), author="demo", is_demo=True)
    engine.dispose()
    return [score.name for score in wanted]
