"""What is read is read once: after an edit, for several who ask at once, and no longer than memory allows."""

import threading
from collections import Counter
from dataclasses import replace

import pytest
from sqlalchemy import update
from sqlalchemy.orm import Session

from ironarc.core import edits
from ironarc.core.document import Limit
from ironarc.core.exchange.bring_in import shot_from_file
from ironarc.core.scene.guide import Guide
from ironarc.store import shots
from ironarc.store.database import connect, identity
from ironarc.store.models import RevisionRow
from ironarc.web import variants as variants_module
from ironarc.web.variants import Variants
from tests.conftest import demo, temporary_database
from tests.figures import SMALL_BVH, Ask, as_read
from tests.web.blocks import wanted


@pytest.fixture
def readings(monkeypatch):
    """How often each performer is read."""
    count = Counter()
    real = variants_module.read_shot

    def counted(shot, body=None, performer_id="", traced=None, was=None):
        count[performer_id] += 1
        return real(shot, body, performer_id, traced, was)

    monkeypatch.setattr(variants_module, "read_shot", counted)
    return count


@pytest.fixture
def crate(session):
    """Id and revision of the shot with two performers."""
    shot_id = shots.create(session, demo("Swinging crate"))
    return shot_id, shots.standing(session, shot_id).revision


def test_after_an_edit_the_card_s_reading_is_the_one_the_bench_gets(session, crate, readings):
    kept = Variants()
    shot_id, revision = crate
    kept.get(session, shot_id, revision, who="performer1")
    kept.get(session, shot_id, revision, who="performer2")
    assert readings == {"performer1": 1, "performer2": 1}
    shot = kept.shot(session, shot_id, revision)
    nudge = Ask("place_performer", "performer2", (1.0, 0.0, 1.0), 0.0, 1.0).edit(shot)
    done = kept.apply(session, shot_id, revision, nudge)
    for who in ("performer1", "performer2"):
        kept.get(session, shot_id, done.revision, who=who)
    # the one that moved was read once more, the other not at all
    assert readings == {"performer1": 1, "performer2": 2}
    assert session.get(RevisionRow, done.revision).card["performers"] == 2
    was, now = (kept.get(session, shot_id, r, who="performer1").reading for r in (revision, done.revision))
    assert was is now


def test_what_a_reading_rests_on_makes_it_be_read_anew(session, crate, readings):
    kept = Variants()
    shot_id, revision = crate
    for change in (Ask("set_gravity", 1.62), Ask("set_floor", 0.1), Ask("set_item", "prop2", {"at_m": [0, 0, 1]})):
        kept.get(session, shot_id, revision, who="performer1")
        before = readings["performer1"]
        revision = kept.apply(session, shot_id, revision, change.edit(kept.shot(session, shot_id, revision))).revision
        assert readings["performer1"] == before + 1


def test_several_who_ask_at_once_get_one_reading(session, crate, readings, database_url):
    kept, engine, got = Variants(), connect(database_url), []
    begin = threading.Barrier(6)

    def ask():
        with Session(engine) as own:
            begin.wait()
            got.append(kept.get(own, *crate, who="performer2").reading)

    threads = [threading.Thread(target=ask) for _ in range(6)]
    for thread in threads:
        thread.start()
    for thread in threads:
        thread.join()
    engine.dispose()
    assert readings["performer2"] == 1
    assert all(reading is got[0] for reading in got)
    assert not kept._making


def test_memory_is_bounded_by_bytes_and_a_removed_shot_is_let_go(session, crate, readings):
    one = variants_module._nbytes(Variants().get(session, *crate).reading)
    assert one > 48 * 20 * 14 * 8  # its poses alone
    kept = Variants(kept_bytes=int(2.5 * one))
    for percent in range(6):
        kept.get(session, *crate, variant="before" if percent % 2 else "now", who=f"performer{percent % 2 + 1}")
    assert kept._kept.currsize <= 2.5 * one
    assert 1 <= len(kept._kept) <= 2
    kept.forget(crate[0])
    assert not kept._kept
    assert not kept._shots


def test_an_edit_that_fails_leaves_nothing_in_memory(session, crate):
    kept = Variants()
    with pytest.raises(Exception, match="no layer"):
        kept.apply(session, *crate, edits.RemoveLayer("layer9"))
    session.rollback()
    assert list(kept._shots) == [crate]


# --- cards and marks ----------------------------------------------------------------------------------


def test_a_card_that_other_rules_made_is_made_anew(session, crate):
    row = session.get(RevisionRow, crate[1])
    row.card = dict(row.card) | {"rules": "old", "grade": "cracked", "findings": 9}
    session.commit()
    (entry,) = shots.yard(session)
    assert (entry.is_current, entry.card["findings"]) == (False, 9)
    assert shots.stale_cards(session) == [crate]
    shots.make_card(session, *crate)
    (entry,) = shots.yard(session)
    assert (entry.is_current, entry.card["grade"], entry.card["findings"]) == (True, "sound", 0)
    assert shots.stale_cards(session) == []
    without = {k: v for k, v in row.card.items() if k != "rules"}  # as an earlier version wrote it
    row.card = without
    session.commit()
    assert not shots.yard(session)[0].is_current


def test_the_yard_opens_at_once_and_its_cards_are_made_in_the_background(session, app, client, crate):
    session.execute(update(RevisionRow).values(card=session.get(RevisionRow, crate[1]).card | {"rules": "old"}))
    session.commit()
    page = client.get("/").text
    assert "being read" in page
    assert 'hx-select="#cards"' in page
    app.extensions["cards"].wait()
    page = client.get("/").text
    assert "being read" not in page
    assert 'hx-select="#cards"' not in page


def test_other_limits_of_the_house_judge_what_was_read_and_read_nothing_again(session, monkeypatch):
    kept, shot_id = Variants(), shots.create(session, demo("Gap hop"))
    at = shot_id, shots.standing(session, shot_id).revision
    seen = kept.get(session, *at)
    monkeypatch.setattr("ironarc.web.variants.read_shot", lambda *args, **named: 1 / 0)
    kept.judge_anew([Limit("hang", 5.0, 9.0)])
    again = kept.get(session, *at)
    assert again.reading is seen.reading
    assert {f.kind for f in seen.findings} - {f.kind for f in again.findings} == {"hang"}


def test_two_databases_have_two_marks(session):
    with temporary_database() as url:
        engine = connect(url)
        with Session(engine) as other:
            assert identity(other) != identity(session)
            assert len(identity(other)) == 16
        engine.dispose()


# --- pages that must not break ------------------------------------------------------------------------


def test_a_guide_of_what_is_not_there_breaks_no_page(client, session):
    """Kept so by a version that let it in: for a performer that is gone, and for a joint that Gull lacks."""
    shot = Ask("add_stock", "gull", "standing").apply(demo("Gap hop"))
    guides = [
        Guide("guide1", "Path", "gravity", ((0, 1, 0), (0, 1, 1)), 5, 12.0, of="LeftHand", performer="performer2"),
        Guide("guide2", "Lost", "gravity", ((0, 1, 0), (0, 1, 1)), 5, 12.0, performer="performer9"),
    ]
    shot_id = shots.create(session, replace(shot, guides=tuple(guides)))
    for query in ("", "?who=performer9", "?who=performer2&pick=guide1&step=set", "?step=set&pick=guide2", "?who=prop1"):
        answer = client.get(f"/shots/{shot_id}{query}")
        assert answer.status_code == 200, query
    revision = shots.standing(session, shot_id).revision
    for who in ("performer1", "performer2"):
        data = client.get(f"/shots/{shot_id}/r/{revision}/reading.json?who={who}")
        assert data.status_code == 200
        assert "Lost" not in [g["name"] for g in data.json["off_guide"]]
    # whom somebody took away meanwhile is read no more: the first one is, and it says so
    assert client.get(f"/shots/{shot_id}/r/{revision}/reading.json?who=performer9").json["who"] == "performer1"
    answer = client.get(f"/shots/{shot_id}/r/{revision}/{wanted('motion', 'performer9')}")
    assert (answer.status_code, "scene sheet" in answer.json["error"]) == (422, True)


def test_the_true_panel_speaks_in_the_shot_s_frames(client, session):
    from ironarc.core import truing
    from ironarc.core.reading import see

    hop = demo("Gap hop")
    seen = see(hop)
    trued = truing.propose(seen, truing.read_try("true_arc(frame=37)")).edit.apply(hop)
    shot_id = shots.create(session, Ask("renumber", 1001).apply(trued))
    revision = shots.standing(session, shot_id).revision
    panel = as_read(client.get(f"/shots/{shot_id}/r/{revision}/panels/true").text)
    assert "1023–1052" in panel
    assert "30–45" not in panel


def test_a_blow_is_shown_with_both_momenta_and_what_comes_after_it_folded(client, session):
    shot_id = shots.create(session, demo("Crate strikes"))
    panel = as_read(client.get(f"/shots/{shot_id}/r/1/panels/read").text)
    blows = panel[panel.index(">Blows<") :]
    assert blows.index("Coal crate, into the hips") < blows.index("right shin") < blows.index("<details")
    assert "670 → 436 N·s" in blows
    assert "15 → 248 N·s" in blows
    still = shots.create(session, demo("Gap hop"))
    assert ">Blows<" not in client.get(f"/shots/{still}/r/1/panels/read").text


def test_a_file_that_is_brought_in_has_its_floor_written_down(session):
    shot_id = shots.create(session, shot_from_file(SMALL_BVH.encode(), "Small"))
    shot = shots.load(session, shot_id, shots.standing(session, shot_id).revision)
    assert shot.floor_m is not None
