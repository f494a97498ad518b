from datetime import timedelta

import numpy as np
import pytest
from sqlalchemy import func, select
from sqlalchemy.orm import Session

from ironarc.core.reading import see
from ironarc.core.truing import propose, read_try
from ironarc.demo import load
from ironarc.store import shots
from ironarc.store.blobs import decode, encode
from ironarc.store.database import connect
from ironarc.store.models import BlobRow, RevisionRow, UseRow
from tests.conftest import demo
from tests.figures import Ask, bake_shot


def count(session, model) -> int:
    return session.scalar(select(func.count()).select_from(model))


def ask(session, shot_id: int, name: str, *args):
    """The edit a command means on a shot as it stands now."""
    return Ask(name, *args).edit(shots.load(session, shot_id, shots.standing(session, shot_id).revision))


@pytest.fixture
def hop(session):
    """Id of a stored Gap hop, and the edit that trues it."""
    shot = demo("Gap hop")
    return shots.create(session, shot), propose(see(shot), read_try("true_arc(frame=37)")).edit


def test_a_shot_comes_back_as_it_was_kept(session, hop):
    at = shots.standing(session, hop[0])
    again = shots.load(session, hop[0], at.revision)
    np.testing.assert_array_equal(bake_shot(again).position, bake_shot(demo("Gap hop")).position)
    assert (at.undo_says, at.redo_says) == (None, None)


def test_an_edit_makes_a_revision_and_keeps_only_what_it_touched(session, hop):
    shot_id, edit = hop
    blobs_before = count(session, BlobRow)
    at = shots.apply(session, shot_id, shots.standing(session, shot_id).revision, edit, author="Bram").standing
    assert at.undo_says == "True the arc 30–45"
    columns = edit.layer.columns.values()
    assert count(session, BlobRow) - blobs_before == len(columns)
    row = session.get(RevisionRow, at.revision)
    assert (row.author, row.edit["kind"], row.card["grade"]) == ("Bram", "add_layer", "sound")


def test_undo_and_redo_move_the_head_and_outlive_the_session(session, hop, database_url):
    shot_id, edit = hop
    first = shots.standing(session, shot_id).revision
    second = shots.apply(session, shot_id, first, edit).standing.revision
    third = shots.apply(session, shot_id, second, ask(session, shot_id, "mute_layer", "layer1", True)).standing.revision
    assert shots.undo(session, shot_id, third).revision == second
    engine = connect(database_url)
    with Session(engine) as other:  # as after a restart
        at = shots.undo(other, shot_id, second)
        assert (at.revision, at.undo_says, at.redo_says) == (first, None, "True the arc 30–45")
        assert shots.undo(other, shot_id, first).revision == first  # at the beginning it stays
        assert shots.redo(other, shot_id, first).revision == second
        assert shots.redo(other, shot_id, second).revision == third
        assert shots.redo(other, shot_id, third).revision == third
    engine.dispose()


def test_an_edit_after_undo_starts_a_new_branch(session, hop):
    shot_id, edit = hop
    first = shots.standing(session, shot_id).revision
    second = shots.apply(session, shot_id, first, edit).standing.revision
    shots.undo(session, shot_id, second)
    other = shots.apply(session, shot_id, first, ask(session, shot_id, "rename_shot", "Another way")).standing
    assert other.redo_says is None
    assert shots.undo(session, shot_id, other.revision).redo_says == "Rename the shot to Another way"


def test_a_stale_edit_is_refused_and_changes_nothing(session, hop):
    shot_id, edit = hop
    first = shots.standing(session, shot_id).revision
    second = shots.apply(session, shot_id, first, edit).standing.revision
    for late in (
        lambda: shots.apply(session, shot_id, first, ask(session, shot_id, "rename_shot", "Late")),
        lambda: shots.undo(session, shot_id, first),
        lambda: shots.redo(session, shot_id, first),
    ):
        with pytest.raises(shots.StaleRevision, match="changed elsewhere"):
            late()
        session.rollback()
    assert shots.standing(session, shot_id).revision == second


def test_an_edit_that_fails_leaves_no_revision(session, hop):
    from ironarc.core.errors import EditError

    at = shots.standing(session, hop[0])
    with pytest.raises(EditError):
        shots.apply(session, hop[0], at.revision, ask(session, hop[0], "delete_layer", "nothing"))
    session.rollback()
    assert count(session, RevisionRow) == 1


def test_the_same_columns_are_kept_once(session, hop):
    before = count(session, BlobRow)
    shots.create(session, demo("Gap hop"))
    assert count(session, BlobRow) == before


def test_a_removed_shot_is_gone_with_its_revisions(session, hop):
    assert shots.remove(session, hop[0]) == "PF-010 Gap hop"
    assert shots.yard(session) == []
    assert shots.purge(session) == []  # it can be put back for a while
    assert shots.purge(session, timedelta(0)) == [hop[0]]
    assert [count(session, row) for row in (RevisionRow, BlobRow, UseRow)] == [0, 0, 0]
    for missing in (lambda: shots.standing(session, hop[0]), lambda: shots.remove(session, hop[0])):
        with pytest.raises(shots.NotFound):
            missing()


def test_a_revision_of_another_shot_is_not_found(session, hop):
    other = shots.create(session, demo("somersault"))
    with pytest.raises(shots.NotFound):
        shots.load(session, hop[0], shots.standing(session, other).revision)


def test_the_yard_lists_shots_by_name_with_their_cards(session, hop):
    shots.create(session, demo("somersault"))
    names = [entry.card["name"] for entry in shots.yard(session)]
    assert names == ["PF-010 Gap hop", "PF-050 Deck somersault"]
    card = shots.yard(session)[0].card
    assert (card["frames"], card["grade"], card["findings"]) == (72, "cracked", 1)
    assert len(card["figures"]) >= 5


def test_the_demo_is_loaded_once_and_fresh_begins_again(session, database_url):
    assert len(load.load(url=database_url)) == len(load.SHOTS)
    assert load.load(url=database_url) == []
    first = shots.yard(session)[0].shot_id
    shots.create(session, demo("Gap hop"))
    session.commit()
    assert len(load.load(fresh=True, url=database_url)) == len(load.SHOTS)
    session.expire_all()
    assert len(shots.yard(session)) == len(load.SHOTS)
    assert first not in [entry.shot_id for entry in shots.yard(session)]


def test_a_demo_shot_taken_away_stays_away_at_the_next_start(session, database_url):
    load.load(only_if_new=True, url=database_url)
    shots.remove(session, shots.yard(session)[0].shot_id)
    assert load.load(only_if_new=True, url=database_url) == []
    assert len(shots.yard(session)) == len(load.SHOTS) - 1
    assert load.load(url=database_url) == ["PF-010 Gap hop"]  # asked for by hand


def test_blobs_are_open_npy_and_survive():
    array = np.linspace(0, 1, 7)[::2]
    data = encode(array)
    assert data.startswith(b"\x93NUMPY")
    np.testing.assert_array_equal(decode(data), array)
    assert encode(array) == encode(array.copy())
    with pytest.raises(ValueError, match="read-only"):
        decode(data)[0] = 1.0  # held by every shot that names it


def test_a_large_skin_that_is_held_is_read_once(session, monkeypatch):
    """One that the cache has no room for, of a shot that somebody looks at."""
    monkeypatch.setattr("ironarc.store.blobs._CACHE_BYTES", 8)
    shot_id = shots.create(session, demo("Coat on"))
    revision = shots.standing(session, shot_id).revision
    first = shots.load(session, shot_id, revision)
    asked = []
    monkeypatch.setattr("ironarc.store.blobs.decode", lambda data: asked.append(data))
    assert shots.load(session, shot_id, revision).performer.skin is first.performer.skin
    assert asked == []
