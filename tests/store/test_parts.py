"""Documents kept by content: taken apart and put together again, and what a revision costs."""

import json

from hypothesis import given
from hypothesis import strategies as some
from sqlalchemy import event, func, select
from sqlalchemy.orm import Session

from ironarc.core.document.codec import shot_to_plain
from ironarc.core.edits.commands import COMMANDS
from ironarc.core.reading import see
from ironarc.store import parts, shots, uses
from ironarc.store.blobs import BlobWriter
from ironarc.store.models import PartRow, RevisionRow, UseRow
from tests.conftest import demo

WORDS = some.sampled_from(["a", "columns", "§part", "§entries", "§items", "§whole", "x" * 300])
PLAIN = some.recursive(
    some.none() | some.booleans() | some.integers() | some.floats(allow_nan=False, allow_infinity=False) | WORDS,
    lambda inner: some.lists(inner, max_size=60) | some.dictionaries(WORDS | some.text(max_size=3), inner, max_size=60),
    max_leaves=120,
)


@given(PLAIN)
def test_what_is_taken_apart_is_put_together_the_same(plain):
    writer = parts.PartWriter()
    cut = json.loads(json.dumps(writer(plain)))
    assert parts._whole(cut, {a: json.loads(text) for a, text in writer._parts.items()}) == plain
    assert all(len(text) > parts.PART for text in writer._parts.values())


def kept_letters(session) -> int:
    own = session.scalar(select(func.sum(func.length(func.cast(RevisionRow.document, PartRow.text.type)))))
    return own + session.scalar(select(func.sum(func.length(PartRow.text))))


def test_a_revision_costs_the_parts_that_its_edit_changed(session):
    shot_id = shots.create(session, demo("Gap hop"))
    first = kept_letters(session)
    revision = shots.standing(session, shot_id).revision
    for number in range(10):
        shot = shots.load(session, shot_id, revision)
        edit = COMMANDS["set_notes"](see(shot), f"Note {number}")
        revision = shots.apply(session, shot_id, revision, edit).standing.revision
    assert (kept_letters(session) - first) / 10 < 0.1 * first
    assert shots.load(session, shot_id, revision).notes == "Note 9"


def test_an_edit_looks_only_for_what_its_shot_did_not_use_before(session):
    shot_id = shots.create(session, demo("Gap hop"))
    shot = shots.load(session, shot_id, shots.standing(session, shot_id).revision)
    used = set(session.scalars(select(UseRow.address).where(UseRow.shot_id == shot_id)))
    assert len(used) > 3
    assert uses.not_yet(session, shot_id, {*used, "elsewhere"}) == {"elsewhere"}
    asked = []
    event.listen(session.get_bind(), "before_cursor_execute", lambda *args: asked.append(args[2]))
    with Session(session.get_bind()) as mine:
        edit = COMMANDS["set_notes"](see(shot), "Lower")
        shots.apply(mine, shot_id, shots.standing(session, shot_id).revision, edit, before=shot)
    assert not [statement for statement in asked if " blob" in statement]
    assert len(asked) < 12


def test_parts_go_with_the_last_shot_that_uses_them(session):
    one, two = (shots.create(session, demo("Gap hop")) for _ in range(2))
    there = session.scalar(select(func.count()).select_from(PartRow))
    assert there > 1
    for shot_id, left in ((one, there), (two, 0)):
        shots.remove(session, shot_id)
        shots.purge(session, older_than=-shots.KEPT_FOR)
        assert session.scalar(select(func.count()).select_from(PartRow)) == left
    assert session.scalar(select(func.count()).select_from(UseRow)) == 0


def test_a_document_that_was_kept_whole_is_read_as_it_is(session):
    shot_id = shots.create(session, demo("Gap hop"))
    revision = shots.standing(session, shot_id).revision
    shot = shots.load(session, shot_id, revision)
    row = session.get(RevisionRow, revision)
    row.document = parts.joined(session, row.document)
    session.commit()
    assert shot_to_plain(shots.load(session, shot_id, revision), BlobWriter()) == shot_to_plain(shot, BlobWriter())
