"""The shelf: poses and short runs of keys kept by name for every shot, and sets of parts."""

from sqlalchemy import select
from sqlalchemy.dialects.postgresql import insert
from sqlalchemy.orm import Session

from ironarc.core.edits.base import clean_name
from ironarc.core.edits.shelf import Kept, kept_from_plain, kept_to_plain
from ironarc.core.errors import EditError
from ironarc.store.errors import NotFound
from ironarc.store.models import PartSetRow, ShelfRow, now

MOST_KEPT = 2000
MOST_SETS = 200


def keep(session: Session, kept: Kept) -> int:
    """Keeps a pose or a run under its name, in place of one that had it; returns its id."""
    name = clean_name(kept.name)
    there = session.scalar(select(ShelfRow.id).where(ShelfRow.name == name))
    if there is None and len(session.scalars(select(ShelfRow.id)).all()) >= MOST_KEPT:
        raise EditError(f"The shelf holds up to {MOST_KEPT} poses. Delete some first.")
    row = {"name": name, "plain": kept_to_plain(kept), "created_at": now()}
    made = insert(ShelfRow).values(row).on_conflict_do_update(index_elements=["name"], set_=row).returning(ShelfRow.id)
    shelf_id = session.scalar(made)
    session.commit()
    return shelf_id


def found(session: Session, words: str = "") -> list[tuple[int, dict]]:
    """(id, plain data) of what has all these words in its name, by name."""
    rows = select(ShelfRow.id, ShelfRow.plain).order_by(ShelfRow.name)
    for word in words.split():
        rows = rows.where(ShelfRow.name.icontains(word, autoescape=True))
    return [tuple(row) for row in session.execute(rows)]


def load(session: Session, shelf_id: int) -> Kept:
    """What is kept under an id. Raises NotFound."""
    return kept_from_plain(_row(session, shelf_id).plain)


def rename(session: Session, shelf_id: int, name: str) -> None:
    """Another name. Raises NotFound; EditError for one that is taken."""
    row, name = _row(session, shelf_id), clean_name(name)
    if session.scalar(select(ShelfRow.id).where(ShelfRow.name == name, ShelfRow.id != shelf_id)):
        raise EditError(f"There is a pose called {name} on the shelf already.")
    row.name, row.plain = name, dict(row.plain) | {"name": name}
    session.commit()


def remove(session: Session, shelf_id: int) -> None:
    """Takes one away; shots it was used on keep what it gave them. Raises NotFound."""
    session.delete(_row(session, shelf_id))
    session.commit()


def _row(session: Session, shelf_id: int) -> ShelfRow:
    row = session.get(ShelfRow, shelf_id)
    if row is None:
        raise NotFound("That pose is no longer on the shelf. Choose another one.")
    return row


def keep_set(session: Session, name: str, parts: list[str]) -> None:
    """Keeps a set of parts under a name, in place of one that had it."""
    if not parts:
        raise EditError("Select the parts of the set first.")
    name = clean_name(name)
    if len(session.scalars(select(PartSetRow.name)).all()) >= MOST_SETS:
        raise EditError(f"Up to {MOST_SETS} sets are kept. Delete some first.")
    row = {"name": name, "parts": parts}
    session.execute(insert(PartSetRow).values(row).on_conflict_do_update(index_elements=["name"], set_=row))
    session.commit()


def sets(session: Session) -> dict[str, list[str]]:
    """Sets of parts by name."""
    return {row.name: row.parts for row in session.scalars(select(PartSetRow).order_by(PartSetRow.name))}


def remove_set(session: Session, name: str) -> None:
    """Takes a set away. Raises NotFound."""
    row = session.get(PartSetRow, name)
    if row is None:
        raise NotFound("There is no such set any more.")
    session.delete(row)
    session.commit()
