"""Puts the demo shots into the database."""

from collections.abc import Callable
from dataclasses import replace

from sqlalchemy import func, select
from sqlalchemy.orm import Session

from ironarc.core.document import Shot
from ironarc.demo import (
    bram_waits,
    buoy_kick,
    coat_on,
    crate_strikes,
    deck_somersault,
    gangway_slip,
    gap_hop,
    gull_hop,
    gull_trot,
    hold_hatch,
    mail_sack,
    mid_stride,
    net_perch,
    sack_caught,
    swinging_crate,
)
from ironarc.demo.posing import key_shot
from ironarc.demo.references import with_references
from ironarc.store import shots
from ironarc.store.database import begin_again, connect
from ironarc.store.models import IdentityRow, ShotRow

SCORES = (gap_hop.SCORE, gangway_slip.SCORE, deck_somersault.SCORE)
# Every demo shot by name; pictures of references are added where there is a database to keep them
SHOTS: dict[str, Callable[[], Shot]] = {
    **{score.name: lambda score=score: key_shot(score) for score in SCORES},
    mail_sack.NAME: mail_sack.make,
    sack_caught.NAME: sack_caught.make,
    swinging_crate.NAME: swinging_crate.make,
    net_perch.NAME: net_perch.make,
    gull_hop.NAME: gull_hop.make,
    gull_trot.NAME: gull_trot.make,
    buoy_kick.NAME: buoy_kick.make,
    crate_strikes.STRIKES: crate_strikes.strikes,
    crate_strikes.GRAZES: crate_strikes.grazes,
    crate_strikes.SHOVES: crate_strikes.shoves,
    mid_stride.NAME: mid_stride.make,
    hold_hatch.NAME: hold_hatch.make,
    bram_waits.NAME: bram_waits.make,
    coat_on.NAME: coat_on.make,
}


# Sequences by the first letters of the names of the shots that stand in them
SEQUENCES = {
    "PF-01": "Coming alongside", "PF-02": "Coming alongside", "PF-03": "Coming alongside", "PF-04": "The hoist",
    "PF-06": "The hoist", "PF-11": "The hoist",
    "PF-13": "Coming alongside",
}  # fmt: skip


def load(fresh: bool = False, only_if_new: bool = False, url: str | None = None) -> list[str]:
    """Adds the demo shots that are not there, all of them or none; with `fresh`, takes everything away first.

    With `only_if_new`, fills nothing but a database that never had them, so that a demo shot that was taken away
    stays away.
    """
    engine = connect(url)
    try:
        with Session(engine) as session:
            return _load(session, fresh, only_if_new)
    finally:
        engine.dispose()


def count(url: str) -> int:
    """How many shots there are, those that can be put back included."""
    engine = connect(url)
    try:
        with Session(engine) as session:
            return session.scalar(select(func.count()).select_from(ShotRow))
    finally:
        engine.dispose()


def _load(session: Session, fresh: bool, only_if_new: bool) -> list[str]:
    identity = session.scalars(select(IdentityRow).with_for_update()).one()
    if fresh:
        begin_again(session)
    elif only_if_new and identity.demo_loaded:
        return []
    there = set() if fresh else shots.names_of_demo(session)
    wanted = [name for name in SHOTS if name not in there]
    for name in wanted:
        shot = replace(SHOTS[name](), sequence=SEQUENCES.get(name[:5], ""))
        if name == gap_hop.SCORE.name:
            shot = with_references(shot, session)
        shots.add(session, shot, author="demo", is_demo=True)
    identity.demo_loaded = True
    shots.commit(session)
    return wanted
