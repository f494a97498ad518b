"""Pictures and video of references, kept in the database once under the SHA-256 of their bytes."""

import hashlib

from sqlalchemy.dialects.postgresql import insert
from sqlalchemy.orm import Session

from ironarc.store.models import FileRow
from ironarc.store.uses import keeping


def address_of(data: bytes) -> str:
    """The address that these bytes are kept at."""
    return hashlib.sha256(data).hexdigest()


def keep(session: Session, data: bytes, media_type: str) -> str:
    """Keeps a file; returns its address. The caller commits, along with the revision that names it."""
    keeping(session)
    address = address_of(data)
    session.execute(
        insert(FileRow).on_conflict_do_nothing(), [{"address": address, "media_type": media_type, "data": data}]
    )
    return address


def load(session: Session, address: str) -> FileRow | None:
    return session.get(FileRow, address)
