"""A folder that is watched: only what is saved whole comes in, as a new take of what came from it."""

import os
from dataclasses import replace

import pytest

from ironarc.core.errors import FileError
from ironarc.core.exchange.take_home import motion_file
from ironarc.core.reading import see
from ironarc.core.truing import propose, read_try
from ironarc.store import shots
from ironarc.watch import Watch, look, run, shots_from, take_in
from tests.conftest import demo


@pytest.fixture
def folder(tmp_path):
    (tmp_path / "hop.bvh").write_bytes(motion_file(demo("Gap hop")))
    (tmp_path / "notes.txt").write_text("not a motion")
    return tmp_path


def stands(session, shot_id: int):
    return shots.load(session, shot_id, shots.standing(session, shot_id).revision)


def test_what_is_there_as_it_begins_is_known_and_a_file_counts_when_it_rests(folder):
    watch = Watch.begin(look(folder))
    assert list(watch.saved(look(folder))) == []
    hop = folder / "hop.bvh"
    hop.write_bytes(motion_file(demo("Gap hop"), last=60))
    os.utime(hop, ns=(1, 1))
    # still being written, as far as one look can tell
    assert list(watch.saved(look(folder))) == []
    assert list(watch.saved(look(folder))) == [hop]
    assert list(watch.saved(look(folder))) == []
    (folder / "new.bvh").write_bytes(b"x")
    assert list(watch.saved(look(folder))) == []
    assert [p.name for p in watch.saved(look(folder))] == ["new.bvh"]


def test_a_file_becomes_a_shot_and_saved_again_its_new_take(session, folder):
    (says,) = take_in(session, folder / "hop.bvh")
    assert says == "hop.bvh: a new shot, hop."
    (shot_id,) = shots_from(session, "hop.bvh")
    shot = stands(session, shot_id)
    edit = propose(see(shot), read_try("true_arc(frame=37)")).edit
    shots.apply(session, shot_id, shots.standing(session, shot_id).revision, edit)
    (folder / "hop.bvh").write_bytes(motion_file(demo("Gap hop"), last=60))
    (says,) = take_in(session, folder / "hop.bvh")
    assert says.startswith("hop: Against the take before:")
    after = stands(session, shot_id)
    assert after.frames == 60
    assert len(after.performer.corrections) == 1
    # one step to undo
    shots.undo(session, shot_id, shots.standing(session, shot_id).revision)
    assert stands(session, shot_id).frames == 72


def test_a_file_that_can_not_be_taken_is_told_and_changes_nothing(session, folder):
    take_in(session, folder / "hop.bvh")
    (shot_id,) = shots_from(session, "hop.bvh")
    before = shots.standing(session, shot_id)
    (folder / "hop.bvh").write_text("HIERARCHY\nROOT")
    with pytest.raises(FileError, match=r"hop\.bvh could not be read"):
        take_in(session, folder / "hop.bvh")
    assert shots.standing(session, shot_id) == before


def test_a_folder_that_goes_is_waited_for_and_a_bad_file_ends_nothing(session, folder, monkeypatch):
    monkeypatch.setattr("ironarc.watch.LOOKS_S", 0.0)
    take_in(session, folder / "hop.bvh")
    told, looks = [], iter(range(100))
    hop, away = folder / "hop.bvh", folder.with_name("away")
    steps = {
        2: lambda: hop.write_text("HIERARCHY\nROOT"),
        6: lambda: folder.rename(away),
        10: lambda: away.rename(folder),
        14: lambda: hop.write_bytes(motion_file(demo("Gap hop"), last=50)),
    }

    def stop() -> bool:
        k = next(looks)
        steps.get(k, lambda: None)()
        return k > 20

    class Again:
        def __enter__(self):
            return session

        def __exit__(self, *_):
            return None

    run(folder, Again, told.append, stop)
    words = ["could not be read", "is not there", "is there again", "Against the take before"]
    assert [next(w for w in words if w in says) for says in told] == words
    (shot_id,) = shots_from(session, "hop.bvh")
    assert stands(session, shot_id).frames == 50


def test_a_folder_that_never_was_is_said(tmp_path):
    with pytest.raises(FileError, match="is not there"):
        look(tmp_path / "nowhere")


def test_another_shot_of_the_same_name_is_left_alone(session, folder):
    other = shots.create(session, replace(demo("Gap hop"), source="other.bvh"))
    take_in(session, folder / "hop.bvh")
    assert other not in shots_from(session, "hop.bvh")
