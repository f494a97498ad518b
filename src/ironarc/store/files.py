"""Pictures and video of references, kept in the database once under the SHA-256 of their bytes."""

import hashlib

from sqlalchemy import text
from sqlalchemy.dialects.postgresql import insert
from sqlalchemy.orm import Session

from ironarc.store.models import FileRow


def keep(session: Session, data: bytes, media_type: str) -> str:
    """Keeps a file; returns its address. The caller commits."""
    address = hashlib.sha256(data).hexdigest()
    session.execute(
        insert(FileRow).on_conflict_do_nothing(), [{"address": address, "media_type": media_type, "data": data}]
    )
    return address


def load(session: Session, address: str) -> FileRow | None:
    return session.get(FileRow, address)


def collect(session: Session) -> None:
    """Takes away the files no revision of any shot names any more."""
    session.execute(
        text(
            # documents of form 3, and of form 2
            "DELETE FROM file WHERE address NOT IN (SELECT jsonb_path_query(document, "
            "'$.shot.references[*].files[*]') #>> '{}' FROM revision UNION SELECT jsonb_path_query(document, "
            "'$.items[*].files[*]') #>> '{}' FROM revision)"
        )
    )
