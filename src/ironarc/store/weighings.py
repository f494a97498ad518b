"""Weighings kept by name, to be used on other shots."""

from sqlalchemy import select
from sqlalchemy.dialects.postgresql import insert
from sqlalchemy.orm import Session

from ironarc.core.edits.base import clean_name
from ironarc.core.figure.weighing import Weighing, weighing_from_plain, weighing_to_plain
from ironarc.store.errors import NotFound
from ironarc.store.models import WeighingRow


def keep(session: Session, name: str, weighing: Weighing) -> str:
    """Keeps a weighing under a name, in place of one that had it; returns the name as it is kept."""
    name = clean_name(name)
    row = {"name": name, "plain": weighing_to_plain(weighing)}
    session.execute(insert(WeighingRow).values(row).on_conflict_do_update(index_elements=["name"], set_=row))
    session.commit()
    return name


def names(session: Session) -> list[tuple[int, str]]:
    """(id, name) of all that are kept, by name."""
    return [tuple(row) for row in session.execute(select(WeighingRow.id, WeighingRow.name).order_by(WeighingRow.name))]


def load(session: Session, weighing_id: int) -> tuple[str, Weighing]:
    """Name and weighing. Raises NotFound."""
    row = _row(session, weighing_id)
    return row.name, weighing_from_plain(row.plain)


def remove(session: Session, weighing_id: int) -> None:
    """Takes one away; shots it was used on keep what it gave them. Raises NotFound."""
    session.delete(_row(session, weighing_id))
    session.commit()


def _row(session: Session, weighing_id: int) -> WeighingRow:
    row = session.get(WeighingRow, weighing_id)
    if row is None:
        raise NotFound("That weighing has been deleted. Choose another one.")
    return row
