"""Shots and their revisions: bring in, look up, edit, undo, redo."""

from collections.abc import Callable, Mapping
from dataclasses import dataclass
from datetime import datetime, timedelta
from typing import NoReturn

from sqlalchemy import case, delete, func, select, update
from sqlalchemy.exc import DBAPIError
from sqlalchemy.orm import Session

from ironarc.core.document import Shot
from ironarc.core.document.codec import shot_from_plain, shot_to_plain
from ironarc.core.edits import Edit
from ironarc.core.errors import IronArcError
from ironarc.core.judging.card import card_of
from ironarc.core.reading import Reading, read_all
from ironarc.store import house, uses, work
from ironarc.store.blobs import BlobWriter, addresses_in, load_blobs
from ironarc.store.errors import NotFound, OutcomeUnknown, StaleRevision
from ironarc.store.models import RevisionRow, ShotRow, now
from ironarc.store.parts import PartWriter, joined

GONE = "There is no such shot. It may have been deleted."
# A shot that was taken away can be put back for so long
KEPT_FOR = timedelta(days=1)
# What the server answers a commit with, where it says itself that nothing was kept: any error but those of its own end
_ENDING = ("08", "57")


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


MOST_TAKES = 30
BY_NAME, BY_VERDICT, BY_CHANGE, BY_SEQUENCE = "name", "verdict", "change", "sequence"
SORTS = (BY_NAME, BY_SEQUENCE, BY_VERDICT, BY_CHANGE)


@dataclass(frozen=True)
class YardEntry:
    """One card of the Yard. is_current : whether it was worked out by the rules there are"""

    shot_id: int
    card: dict
    changed_at: datetime
    is_current: bool = True


def create(session: Session, shot: Shot, author: str = "", is_demo: bool = False) -> int:
    """Keeps a new shot; returns its id."""
    shot_id = add(session, shot, author, is_demo)
    commit(session)
    return shot_id


def commit(session: Session) -> None:
    """Commits. Raises OutcomeUnknown where the answer was lost, so that nobody is told a thing that may be wrong."""
    try:
        session.commit()
    except DBAPIError as error:
        state = getattr(error.orig, "sqlstate", None)
        if state is None or state.startswith(_ENDING):
            raise OutcomeUnknown(
                "The database was cut off while this was being kept, so it isn't known whether it was. Reload the page "
                "to see the shot as it stands."
            ) from error
        raise


def add(session: Session, shot: Shot, author: str = "", is_demo: bool = False) -> int:
    """Adds a new shot; returns its id. The caller commits."""
    row = ShotRow(is_demo=is_demo)
    session.add(row)
    session.flush()
    says = f"Bring in {shot.source}" if shot.source else f"Key {shot.name}"
    revision = _write(session, row.id, None, _written(session, shot, read_all(shot), None), says, author)
    row.head_id = row.tip_id = revision
    session.flush()
    return row.id


@dataclass(frozen=True)
class _Written:
    """A shot and the edit that made it as plain data, their arrays, its card, and all the addresses they name."""

    document: dict
    edit: dict | None
    blobs: BlobWriter
    parts: PartWriter
    card: dict
    uses: set[str]


def _written(session: Session, shot: Shot, readings: Readings, edit: Edit | None) -> _Written:
    blobs = BlobWriter()
    document = shot_to_plain(shot, blobs)
    plain_edit = edit.to_plain(blobs) if edit else None
    limits = house.limits(session)
    card = card_of(shot, readings, limits) | {"rules": house.rules_by(limits)}
    used = blobs.addresses.union(*(reference.files for reference in shot.references))
    parts = PartWriter()
    cut, cut_edit = parts(document), parts(plain_edit)
    return _Written(cut, cut_edit, blobs, parts, card, used | parts.addresses)


def _write(session: Session, shot_id: int, parent: int | None, written: _Written, says: str, author: str) -> int:
    new = uses.not_yet(session, shot_id, written.uses)
    written.blobs.save(session, new)
    written.parts.save(session, new)
    row = RevisionRow(
        shot_id=shot_id, parent_id=parent, author=author, says=says, edit=written.edit, document=written.document,
        card=written.card,
    )  # fmt: skip
    session.add(row)
    session.flush()
    uses.note(session, shot_id, new)
    return row.id


def yard(
    session: Session, find: str = "", by: str = BY_NAME, first: int = 0, most: int | None = None
) -> list[YardEntry]:
    """Shots that hold all the words of `find` in their names or their sequences', by name, by sequence, by verdict
    (worst first) or by change (newest first), from the one numbered `first` on; one whose card was worked out by other
    rules says so."""
    rules, name = house.rules(session), func.lower(RevisionRow.card["name"].astext)
    sequence = func.coalesce(RevisionRow.card["sequence"].astext, "")
    grade = case({"cracked": 0, "strained": 1}, value=RevisionRow.card["grade"].astext, else_=2)
    orders = {
        BY_NAME: (name,), BY_VERDICT: (grade, RevisionRow.card["findings"].as_integer().desc(), name),
        BY_CHANGE: (RevisionRow.created_at.desc(),),
        # those in none come last
        BY_SEQUENCE: (sequence == "", func.lower(sequence), name),
    }  # fmt: skip
    wanted = _holding(find)
    rows = session.execute(
        select(ShotRow.id, RevisionRow.card, RevisionRow.created_at)
        .join(RevisionRow, ShotRow.head_id == RevisionRow.id)
        .where(ShotRow.removed_at.is_(None), *wanted)
        .order_by(*orders[by], ShotRow.id)
        .offset(first)
        .limit(most)
    )
    return [YardEntry(shot_id, card, changed, card.get("rules") == rules) for shot_id, card, changed in rows]


def verdicts(session: Session, find: str = "") -> dict[str, int]:
    """How many shots that hold all the words of `find` have each verdict."""
    grade, wanted = RevisionRow.card["grade"].astext, _holding(find)
    rows = session.execute(
        select(grade, func.count())
        .select_from(ShotRow)
        .join(RevisionRow, ShotRow.head_id == RevisionRow.id)
        .where(ShotRow.removed_at.is_(None), *wanted)
        .group_by(grade)
    )
    return {str(found): int(n) for found, n in rows}


def _holding(find: str) -> list:
    """That a shot holds each of these words in its name or its sequence's."""
    said = (RevisionRow.card["name"].astext, func.coalesce(RevisionRow.card["sequence"].astext, ""))
    whole = func.lower(func.concat(said[0], " ", said[1]))
    return [whole.contains(word, autoescape=True) for word in find.lower().split()]


@dataclass(frozen=True)
class Take:
    """A take that was there before another one came in. revision : the last one that had it; says : what ended it"""

    revision: int
    says: str
    until: datetime


def takes(session: Session, shot_id: int, words: str) -> list[Take]:
    """The takes there were before the one that stands, the newest first. words : that an edit which ends one begins
    with"""
    row = session.get(ShotRow, shot_id)
    way = select(RevisionRow.id, RevisionRow.parent_id).where(RevisionRow.id == row.head_id).cte(recursive=True)
    above = select(RevisionRow.id, RevisionRow.parent_id).join(way, RevisionRow.id == way.c.parent_id)
    way = way.union_all(above)
    found = (
        select(RevisionRow.parent_id, RevisionRow.says, RevisionRow.created_at)
        .join(way, RevisionRow.id == way.c.id)
        .where(RevisionRow.says.startswith(words, autoescape=True), RevisionRow.parent_id.is_not(None))
        .order_by(RevisionRow.id.desc())
        .limit(MOST_TAKES)
    )
    return [Take(*row) for row in session.execute(found)]


def stale_cards(session: Session) -> list[tuple[int, int]]:
    """(shot, revision) of every head whose card was worked out by other rules than there are now."""
    heads = select(ShotRow.id, RevisionRow.id).join(RevisionRow, ShotRow.head_id == RevisionRow.id)
    other = RevisionRow.card["rules"].astext.is_distinct_from(house.rules(session))
    return [tuple(row) for row in session.execute(heads.where(ShotRow.removed_at.is_(None), other))]


def make_card(session: Session, shot_id: int, revision: int) -> None:
    """Works a card out anew. A shot that can't be read any more keeps the numbers it had."""
    rules = house.rules(session)
    try:
        shot = load(session, shot_id, revision)
        made = card_of(shot, read_all(shot), house.limits(session))
    except IronArcError:
        made = session.get(RevisionRow, revision).card
    session.execute(update(RevisionRow).where(RevisionRow.id == revision).values(card=made | {"rules": rules}))
    session.commit()


def load(session: Session, shot_id: int, revision: int) -> Shot:
    """The shot as it was at a revision. Raises NotFound."""
    row = session.get(RevisionRow, revision)
    if row is None or row.shot_id != shot_id:
        raise NotFound("There is no such shot, or no such revision of it.")
    document = joined(session, row.document)
    blobs = load_blobs(session, addresses_in(document))
    return shot_from_plain(document, blobs.__getitem__)


def standing(session: Session, shot_id: int) -> Standing:
    """Where the shot stands now. Raises NotFound."""
    row = session.get(ShotRow, shot_id)
    if row is None or row.removed_at is not None:
        raise NotFound(GONE)
    return _standing(session, row)


def check_head(session: Session, shot_id: int, revision: int) -> None:
    """StaleRevision for a shot that moved on from a revision; NotFound for one that is not there."""
    head = session.scalar(select(ShotRow.head_id).where(ShotRow.id == shot_id, ShotRow.removed_at.is_(None)))
    if head is None:
        raise NotFound(GONE)
    if head != revision:
        refuse_stale()


def check_there(session: Session, shot_id: int) -> None:
    """NotFound for a shot that is not there, or was taken away, whatever of it is still in memory."""
    if not session.scalar(select(ShotRow.id).where(ShotRow.id == shot_id, ShotRow.removed_at.is_(None))):
        raise NotFound(GONE)


def _standing(session: Session, row: ShotRow) -> Standing:
    says, parent = _words(session, row.head_id)
    after = _next_towards_tip(session, row)
    return Standing(row.id, row.head_id, says if parent else None, _words(session, after)[0] if after else None)


def _words(session: Session, revision: int) -> tuple[str, int | None]:
    """What a revision's edit says, and its parent; the document, which may be long, stays where it is."""
    found = select(RevisionRow.says, RevisionRow.parent_id).where(RevisionRow.id == revision)
    return tuple(session.execute(found).one())


def _next_towards_tip(session: Session, row: ShotRow) -> int | None:
    """The revision redo moves to: the child of the head on the way to the tip."""
    if row.head_id == row.tip_id:
        return None
    children = session.scalars(select(RevisionRow.id).where(RevisionRow.parent_id == row.head_id)).all()
    if len(children) == 1:
        return children[0]  # the tip is never anywhere but below the head
    way = select(RevisionRow.id, RevisionRow.parent_id).where(RevisionRow.id == row.tip_id).cte(recursive=True)
    above = select(RevisionRow.id, RevisionRow.parent_id).join(way, RevisionRow.id == way.c.parent_id)
    # back no farther than to the head, whose id is smaller than that of all that came after it
    way = way.union_all(above.where(RevisionRow.id > row.head_id))
    return session.scalar(select(way.c.id).where(way.c.parent_id == row.head_id))


def locked(session: Session, shot_id: int, revision: int) -> ShotRow:
    """The shot's row, locked for this change. Raises NotFound, or StaleRevision if it moved on."""
    row = session.scalar(select(ShotRow).where(ShotRow.id == shot_id).with_for_update())
    if row is None or row.removed_at is not None:
        raise NotFound(GONE)
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
    along: Callable[[Session], object] | None = None,
) -> Applied:
    """Applies an edit made on `revision`, which becomes the parent of a new one.

    before : the shot at `revision`, where it is in memory; read : reads the new shot for its card
    along : keeps what must be kept along with it
    """
    shot = before or load(session, shot_id, revision)
    says, after = edit.says(shot), edit.apply(shot)
    readings = read(after)
    written = _written(session, after, readings, edit)
    # all is worked out; only now is the shot locked, and looked at again
    row = locked(session, shot_id, revision)
    if along:
        along(session)
    made = _write(session, shot_id, revision, written, says, author)
    row.head_id = row.tip_id = made
    # nothing is read after the commit: what was kept is answered, whatever becomes of the connection
    commit(session)
    return Applied(Standing(shot_id, made, says, None), after, readings)


def undo(session: Session, shot_id: int, revision: int | None = None) -> Standing:
    """Moves the head back by one edit; at the beginning it stays. Without a revision: from where it stands."""
    row = _row_to_move(session, shot_id, revision)
    _, parent = _words(session, row.head_id)
    return _moved(session, row, parent)


def redo(session: Session, shot_id: int, revision: int) -> Standing:
    """Moves the head forward by one edit; at the tip it stays."""
    row = _row_to_move(session, shot_id, revision)
    return _moved(session, row, _next_towards_tip(session, row))


def _row_to_move(session: Session, shot_id: int, revision: int | None) -> ShotRow:
    return locked(session, shot_id, standing(session, shot_id).revision if revision is None else revision)


def _moved(session: Session, row: ShotRow, to: int | None) -> Standing:
    row.head_id = to or row.head_id
    session.flush()
    now = _standing(session, row)
    commit(session)
    return now


def remove(session: Session, shot_id: int) -> str:
    """Takes a shot away, to be put back for a while; returns its name. Raises NotFound."""
    row = session.scalar(select(ShotRow).where(ShotRow.id == shot_id).with_for_update())
    if row is None or row.removed_at is not None:
        raise NotFound("There is no such shot. It may be deleted already.")
    name = session.get(RevisionRow, row.head_id).card["name"]
    row.removed_at = now()
    work.stop_all_of(session, shot_id)
    commit(session)
    return name


def put_back(session: Session, shot_id: int) -> None:
    """Puts a shot back that was taken away. Raises NotFound for one that is gone for good."""
    row = session.scalar(select(ShotRow).where(ShotRow.id == shot_id).with_for_update())
    if row is None:
        raise NotFound("That shot is gone for good.")
    row.removed_at = None
    commit(session)


def removed(session: Session) -> list[tuple[int, str]]:
    """(id, name) of the shots that can be put back, the last one taken away first."""
    heads = select(ShotRow.id, RevisionRow.card).join(RevisionRow, ShotRow.head_id == RevisionRow.id)
    rows = session.execute(heads.where(ShotRow.removed_at.is_not(None)).order_by(ShotRow.removed_at.desc()))
    return [(shot_id, card["name"]) for shot_id, card in rows]


def purge(session: Session, older_than: timedelta = KEPT_FOR) -> list[int]:
    """Takes away for good what was taken away so long ago, and whatever nothing else uses; returns the ids."""
    due = select(ShotRow).where(ShotRow.removed_at < now() - older_than)
    rows = session.scalars(due.order_by(ShotRow.id).with_for_update()).all()
    ids = [row.id for row in rows]
    if ids:
        session.execute(update(ShotRow).where(ShotRow.id.in_(ids)).values(head_id=None, tip_id=None))
        uses.collect(session, ids)
        session.execute(delete(RevisionRow).where(RevisionRow.shot_id.in_(ids)))
        session.execute(delete(ShotRow).where(ShotRow.id.in_(ids)))
    commit(session)
    return ids


def names_of_demo(session: Session) -> set[str]:
    """Names of the demo shots that are there, under the names they were loaded with."""
    first = select(func.min(RevisionRow.id)).join(ShotRow, ShotRow.id == RevisionRow.shot_id)
    first = first.where(ShotRow.is_demo, ShotRow.removed_at.is_(None)).group_by(RevisionRow.shot_id)
    return {card["name"] for card in session.scalars(select(RevisionRow.card).where(RevisionRow.id.in_(first)))}
