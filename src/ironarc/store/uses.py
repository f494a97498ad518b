"""Which blobs, files and parts of documents the shots use, and taking away what none uses any more.

Keeping and collecting never meet: who keeps something holds a lock, shared with others who do, until it is
committed along with the revision that names it; who collects holds it alone. Rows of shots are locked before it.
"""

from collections.abc import Iterable

from sqlalchemy import Text, cast, delete, exists, func, select
from sqlalchemy.dialects.postgresql import ARRAY, insert
from sqlalchemy.orm import Session

from ironarc.store.models import BlobRow, FileRow, PartRow, UseRow

_LOCK = 1_180_900_129  # a number of our own, in this database of our own


def keeping(session: Session) -> None:
    """To be called before a blob or file is looked up to be kept; lasts until the transaction ends."""
    session.execute(select(func.pg_advisory_xact_lock_shared(_LOCK)))


def not_yet(session: Session, shot_id: int, addresses: Iterable[str]) -> set[str]:
    """Those of these that no revision of a shot uses so far. What one uses is kept as long as the shot is there,
    so that an edit need look at no others."""
    address = func.unnest(cast(sorted(addresses), ARRAY(Text))).column_valued("asked")
    used = exists().where(UseRow.shot_id == shot_id, UseRow.address == address)
    return set(session.scalars(select(address).where(~used)))


def note(session: Session, shot_id: int, addresses: Iterable[str]) -> None:
    """Notes that a shot uses these."""
    rows = [{"shot_id": shot_id, "address": address} for address in sorted(addresses)]
    if rows:
        session.execute(insert(UseRow).on_conflict_do_nothing(), rows)


def uses(session: Session, shot_id: int, address: str) -> bool:
    """Whether some revision of a shot uses what is kept at an address."""
    row = select(UseRow.shot_id).where(UseRow.shot_id == shot_id, UseRow.address == address)
    return session.scalar(row) is not None


def collect(session: Session, shot_ids: Iterable[int]) -> None:
    """Takes away what these shots used and no other does; the caller takes the shots away, and commits."""
    session.execute(select(func.pg_advisory_xact_lock(_LOCK)))
    gone = session.scalars(delete(UseRow).where(UseRow.shot_id.in_(shot_ids)).returning(UseRow.address))
    addresses = sorted(set(gone))
    for table in (BlobRow, FileRow, PartRow):
        unused = ~exists().where(UseRow.address == table.address)
        session.execute(delete(table).where(table.address == func.any(addresses), unused))
