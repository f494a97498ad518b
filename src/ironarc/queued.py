"""Files of a report read by the workers on the queue, on whatever machines they run."""

import argparse
import time
from collections.abc import Iterable, Iterator
from contextlib import suppress
from dataclasses import asdict
from functools import partial
from pathlib import Path
from tempfile import TemporaryDirectory
from typing import Any
from uuid import uuid4

from sqlalchemy.exc import DBAPIError
from sqlalchemy.orm import Session

from ironarc.cli import seen_file
from ironarc.core.errors import FileError
from ironarc.report import UNREADABLE, Row, row_of, sifted
from ironarc.store import batches
from ironarc.store.database import connect
from ironarc.store.models import BatchFileRow

LOOK_S, HAND_ON_S = 0.2, 5.0
AT_ONCE = 200  # files that are on the queue at a time: their bytes lie in the database meanwhile
ALONE_S = 15.0  # without a row, after which it is said that no worker may be there


def read_asked(row: BatchFileRow) -> dict:
    """What comes of a file that was handed in, as plain data."""
    with TemporaryDirectory(prefix="ironarc-read-") as folder:
        path = Path(folder) / Path(row.name).name
        path.write_bytes(batches.data_of(row))
        made = row_of(path, row.mark, partial(seen_file, argparse.Namespace(**row.options)))
    return asdict(made) | {"file": row.name, "error": made.error.replace(str(path), row.name)}


def rows_by_queue(
    paths: Iterable[Path], asked: str, options: dict[str, Any], kept: dict[str, Row], url: str | None = None,
    say=lambda words: None,
) -> Iterator[Row]:  # fmt: skip
    """A row for each file as a worker has read it; those that are known are not read again. say : told once where no
    worker seems to be there"""
    known, todo = sifted(paths, asked, kept)
    yield from known
    engine, batch = connect(url), uuid4().hex
    try:
        with Session(engine) as session:
            yield from _through(session, batch, todo, options, say)
    except DBAPIError as error:
        raise FileError(f"The queue's database can't be reached: {str(error.orig).strip().splitlines()[0]}") from error
    finally:
        with suppress(DBAPIError), Session(engine) as session:
            batches.forget(session, batch)
        engine.dispose()


def _through(session: Session, batch: str, todo: list[tuple[Path, str]], options: dict, say) -> Iterator[Row]:
    out, moved, handed, told = 0, time.monotonic(), time.monotonic(), False
    while todo or out:
        if todo and out < AT_ONCE // 2:
            some, todo = todo[: AT_ONCE - out], todo[AT_ONCE - out :]
            files = []
            for path, mark in some:
                try:
                    files.append((str(path), mark, path.read_bytes()))
                except OSError as error:  # taken away since its mark was made
                    yield Row(str(path), "", UNREADABLE, error=f"{path} can't be read: {error.strerror}.")
            batches.hand_in(session, batch, options, files)
            out += len(files)
        came = list(batches.fetch(session, batch))
        for plain in came:
            out -= 1
            yield Row(**plain)
        if came:
            moved = time.monotonic()
        elif time.monotonic() - moved > ALONE_S and not told:
            told = True
            say("Nothing has come back yet. Is a worker running? ./start runs one; ironarc work runs another.")
        if time.monotonic() - handed > HAND_ON_S:
            handed = time.monotonic()
            batches.hand_on(session, batch)
        session.commit()
        time.sleep(LOOK_S if not came else 0.0)
