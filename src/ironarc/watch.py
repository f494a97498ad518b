"""A folder that is watched: a motion that is saved anew comes into its shot as a new take."""

import time
from collections.abc import Callable, Iterator
from dataclasses import dataclass
from pathlib import Path

from sqlalchemy import select
from sqlalchemy.orm import Session

from ironarc.core.errors import FileError, IronArcError
from ironarc.core.exchange.bring_in import file_error, performer_from_file, shot_from_file
from ironarc.core.formats import ending_of, is_motion
from ironarc.core.reading import see
from ironarc.core.truing.new_take import new_take
from ironarc.store import house, shots
from ironarc.store.models import RevisionRow, ShotRow

LOOKS_S = 1.0
AUTHOR = "watched folder"

Mark = tuple[int, int]


def look(folder: Path) -> dict[Path, Mark]:
    """When each motion in a folder was saved, and how long it is. FileError for a folder that is gone."""
    if not folder.is_dir():
        raise FileError(f"{folder} is not there. Choose a folder that is, or bring it back.")
    out = {}
    for path in sorted(folder.iterdir()):
        if is_motion(path):
            try:
                found = path.stat()
            except OSError:
                continue  # it went between the two looks
            out[path] = (found.st_mtime_ns, found.st_size)
    return out


@dataclass
class Watch:
    """Tells which files were saved since they were last taken: those that two looks in a row find the same."""

    taken: dict[Path, Mark]
    seen: dict[Path, Mark]

    @classmethod
    def begin(cls, now: dict[Path, Mark]) -> "Watch":
        """What is there as it begins is known."""
        return cls(dict(now), dict(now))

    def saved(self, now: dict[Path, Mark]) -> Iterator[Path]:
        for path, mark in now.items():
            # one that is still being written is looked at again
            if mark != self.taken.get(path) and mark == self.seen.get(path):
                self.taken[path] = mark
                yield path
        self.seen = dict(now)


def shots_from(session: Session, source: str) -> list[int]:
    """The shots that came from a file of this name."""
    found = (
        select(ShotRow.id)
        .join(RevisionRow, ShotRow.head_id == RevisionRow.id)
        .where(ShotRow.removed_at.is_(None), RevisionRow.card["source"].astext == source)
        .order_by(ShotRow.id)
    )
    return list(session.scalars(found))


def take_in(session: Session, path: Path) -> list[str]:
    """A file that was saved: a new take of every shot that came from it, or a shot of its own; what came of it, in
    sentences. FileError for one that can't be read."""
    try:
        data = path.read_bytes()
    except OSError as error:
        raise FileError(f"{path} could not be opened: {error.strerror}.") from error
    ids = shots_from(session, path.name)
    try:
        if not ids:
            shot = shot_from_file(data, path.stem[:60] or "Untitled", path.name, format=ending_of(path.name))
            shots.create(session, shot, AUTHOR)
            return [f"{path.name}: a new shot, {shot.name}."]
        return [_taken(session, shot_id, path, data) for shot_id in ids]
    except FileError as error:
        raise file_error(error, path.name) from error


def _taken(session: Session, shot_id: int, path: Path, data: bytes) -> str:
    """What came of a new take of one shot."""
    revision = shots.standing(session, shot_id).revision
    shot = shots.load(session, shot_id, revision)
    seen = see(shot, "", house.limits(session))
    incoming = performer_from_file(data, seen.performer.name, shot, ending_of(path.name))
    found = new_take(seen, incoming, path.name)
    shots.apply(session, shot_id, revision, found.edit, AUTHOR)
    return f"{shot.name}: {found.says}"


def run(folder: Path, sessions: Callable[[], Session], tell: Callable[[str], None], stop: Callable[[], bool]) -> None:
    """Watches until `stop` says so. A file that can't be taken is told, and looked at again when it is saved again; a
    folder that is away for a while is waited for."""
    watch, away = Watch.begin(look(folder)), False
    while not stop():
        try:
            now = look(folder)
        except FileError as error:
            if not away:
                tell(str(error))
            away = True
            time.sleep(LOOKS_S)
            continue
        if away:
            tell(f"{folder} is there again.")
        away = False
        for path in watch.saved(now):
            try:
                with sessions() as session:
                    for says in take_in(session, path):
                        tell(says)
            except IronArcError as error:
                tell(str(error))
        time.sleep(LOOKS_S)
