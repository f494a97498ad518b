"""Shots and their revisions: bring in, look up, edit, undo, redo."""

from collections.abc import Callable, Mapping
from dataclasses import dataclass
from datetime import datetime
from typing import NoReturn

from sqlalchemy import delete, func, select, text
from sqlalchemy.orm import Session

from ironarc.core.document import Shot
from ironarc.core.document.codec import shot_from_plain, shot_to_plain
from ironarc.core.edits import Edit
from ironarc.core.errors import IronArcError
from ironarc.core.judging.card import card_of
from ironarc.core.judging.version import rules_version
from ironarc.core.reading import Reading, read_all
from ironarc.store import files
from ironarc.store.blobs import BlobWriter, addresses_in, load_blobs
from ironarc.store.models import RevisionRow, ShotRow


class NotFound(IronArcError):
    """No such shot or revision."""


class StaleRevision(IronArcError):
    """The shot has moved on since the revision an edit was made on."""


@dataclass(frozen=True)
class Standing:
    """Where a shot stands: its head revision, and what undo and redo would do."""

    shot_id: int
    revision: int
    undo_says: str | None
    redo_says: str | None


Readings = Mapping[str, Reading]


@dataclass(frozen=True)
class Applied:
    """What an edit made: where the shot stands now, the shot, and the readings its card was made from."""

    standing: Standing
    shot: Shot
    readings: Readings


@dataclass(frozen=True)
class YardEntry:
    """One card of the Yard."""

    shot_id: int
    card: dict
    changed_at: datetime


def create(session: Session, shot: Shot, author: str = "", is_demo: bool = False) -> int:
    """Keeps a new shot; returns its id."""
    row = ShotRow(is_demo=is_demo)
    session.add(row)
    session.flush()
    says = f"Bring in {shot.source}" if shot.source else f"Key {shot.name}"
    revision = _write(session, row.id, None, shot, read_all(shot), says, None, author)
    row.head_id = row.tip_id = revision
    session.commit()
    return row.id


def _write(
    session: Session, shot_id: int, parent: int | None, shot: Shot, readings: Readings, says: str, edit: Edit | None,
    author: str,
) -> int:  # fmt: skip
    blobs = BlobWriter()
    document = shot_to_plain(shot, blobs)
    plain_edit = edit.to_plain(blobs) if edit else None
    blobs.save(session)
    row = RevisionRow(
        shot_id=shot_id, parent_id=parent, author=author, says=says, edit=plain_edit, document=document,
        card=card_of(shot, readings),
    )  # fmt: skip
    session.add(row)
    session.flush()
    return row.id


def yard(session: Session) -> list[YardEntry]:
    """All shots, by name; a card that was worked out by other rules is worked out anew, and kept."""
    heads = select(ShotRow.id, RevisionRow).join(RevisionRow, ShotRow.head_id == RevisionRow.id)
    stale = heads.where(RevisionRow.card["rules"].astext.is_distinct_from(rules_version()))
    for shot_id, revision in session.execute(stale).all():
        try:
            shot = load(session, shot_id, revision.id)
            revision.card = card_of(shot, read_all(shot))
        except IronArcError:
            continue  # what can't be read any more keeps the card it had: the Yard opens all the same
    session.commit()
    rows = session.execute(
        select(ShotRow.id, RevisionRow.card, RevisionRow.created_at).join(
            RevisionRow, ShotRow.head_id == RevisionRow.id
        )
    )
    return sorted((YardEntry(*row) for row in rows), key=lambda e: (e.card["name"].lower(), e.shot_id))


def load(session: Session, shot_id: int, revision: int) -> Shot:
    """The shot as it was at a revision. Raises NotFound."""
    row = session.get(RevisionRow, revision)
    if row is None or row.shot_id != shot_id:
        raise NotFound("There is no such shot, or no such revision of it.")
    blobs = load_blobs(session, addresses_in(row.document))
    return shot_from_plain(row.document, blobs.__getitem__)


def standing(session: Session, shot_id: int) -> Standing:
    """Where the shot stands now. Raises NotFound."""
    row = session.get(ShotRow, shot_id)
    if row is None:
        raise NotFound("There is no such shot. It may have been taken away.")
    head = session.get(RevisionRow, row.head_id)
    after = _next_towards_tip(session, row)
    return Standing(shot_id, head.id, head.says if head.parent_id else None, after.says if after else None)


def _next_towards_tip(session: Session, row: ShotRow) -> RevisionRow | None:
    """The revision redo moves to: the child of the head on the way to the tip."""
    at = session.get(RevisionRow, row.tip_id)
    while at is not None and at.id != row.head_id:
        if at.parent_id == row.head_id:
            return at
        at = session.get(RevisionRow, at.parent_id) if at.parent_id else None
    return None


def _locked(session: Session, shot_id: int, revision: int) -> ShotRow:
    """The shot's row, locked for this change. Raises NotFound, or StaleRevision if it moved on."""
    row = session.scalar(select(ShotRow).where(ShotRow.id == shot_id).with_for_update())
    if row is None:
        raise NotFound("There is no such shot. It may have been taken away.")
    if row.head_id != revision:
        refuse_stale()
    return row


def refuse_stale() -> NoReturn:
    raise StaleRevision(
        "This shot was changed elsewhere after you opened it, so nothing was changed now. "
        "Reload to see it as it stands, then make your change again."
    )


def apply(
    session: Session,
    shot_id: int,
    revision: int,
    edit: Edit,
    author: str = "",
    before: Shot | None = None,
    read: Callable[[Shot], Readings] = read_all,
) -> Applied:
    """Applies an edit made on `revision`, which becomes the parent of a new one.

    before : the shot at `revision`, where it is in memory; read : reads the new shot for its card
    """
    row = _locked(session, shot_id, revision)
    shot = before or load(session, shot_id, revision)
    says, after = edit.says(shot), edit.apply(shot)
    readings = read(after)
    row.head_id = row.tip_id = _write(session, shot_id, revision, after, readings, says, edit, author)
    session.commit()
    return Applied(Standing(shot_id, row.head_id, says, None), after, readings)


def undo(session: Session, shot_id: int, revision: int) -> Standing:
    """Moves the head back by one edit; at the beginning it stays."""
    row = _locked(session, shot_id, revision)
    head = session.get(RevisionRow, row.head_id)
    if head.parent_id:
        row.head_id = head.parent_id
    session.commit()
    return standing(session, shot_id)


def redo(session: Session, shot_id: int, revision: int) -> Standing:
    """Moves the head forward by one edit; at the tip it stays."""
    row = _locked(session, shot_id, revision)
    after = _next_towards_tip(session, row)
    if after:
        row.head_id = after.id
    session.commit()
    return standing(session, shot_id)


def remove(session: Session, shot_id: int) -> None:
    """Takes a shot away with all its revisions."""
    row = session.get(ShotRow, shot_id)
    if row is None:
        raise NotFound("There is no such shot. It may have been taken away already.")
    row.head_id = row.tip_id = None
    session.flush()
    session.execute(delete(RevisionRow).where(RevisionRow.shot_id == shot_id))
    session.delete(row)
    session.flush()
    files.collect(session)
    session.commit()


def never_used(session: Session) -> bool:
    """True of a database that has not held a shot yet."""
    return not session.scalar(text("SELECT is_called FROM shot_id_seq"))


def names_of_demo(session: Session) -> set[str]:
    """Names of the demo shots that are there, under the names they were loaded with."""
    first = select(func.min(RevisionRow.id)).join(ShotRow, ShotRow.id == RevisionRow.shot_id)
    first = first.where(ShotRow.is_demo).group_by(RevisionRow.shot_id)
    return {card["name"] for card in session.scalars(select(RevisionRow.card).where(RevisionRow.id.in_(first)))}
