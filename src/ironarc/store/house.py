"""Limits of findings that hold for the house: for every shot that has none of its own."""

import hashlib

from sqlalchemy import delete, select
from sqlalchemy.dialects.postgresql import insert
from sqlalchemy.orm import Session

from ironarc.core.document import Limit
from ironarc.core.judging.version import rules_version
from ironarc.store.models import HouseLimitRow


def limits(session: Session) -> tuple[Limit, ...]:
    """What the house changed, by kind."""
    rows = session.scalars(select(HouseLimitRow).order_by(HouseLimitRow.kind))
    return tuple(Limit(row.kind, row.strained, row.cracked) for row in rows)


def keep(session: Session, limit: Limit) -> None:
    """Sets the limits of one kind. The caller commits."""
    row = {"kind": limit.kind, "strained": limit.strained, "cracked": limit.cracked}
    session.execute(insert(HouseLimitRow).values(row).on_conflict_do_update(index_elements=["kind"], set_=row))


def reset(session: Session, kind: str = "") -> None:
    """The table's own limits again, of one kind or of all. The caller commits."""
    gone = delete(HouseLimitRow)
    session.execute(gone.where(HouseLimitRow.kind == kind) if kind else gone)


def rules(session: Session) -> str:
    """The mark of what a grade is worked out by: the code's rules and the house's limits."""
    return rules_by(limits(session))


def rules_by(changed: tuple[Limit, ...]) -> str:
    """The same, of limits that were asked for already."""
    if not changed:
        return rules_version()
    said = ";".join(f"{x.kind} {x.strained!r} {x.cracked!r}" for x in changed)
    return f"{rules_version()}-{hashlib.sha256(said.encode()).hexdigest()[:8]}"
