"""A report over many files: read in parallel, told as a table, CSV, JSON and one page of HTML."""

import csv
import hashlib
import io
import json
import os
from collections.abc import Callable, Iterable, Iterator
from concurrent.futures import ProcessPoolExecutor, as_completed
from contextlib import contextmanager
from dataclasses import asdict, dataclass, field
from functools import partial
from pathlib import Path

from jinja2 import Environment, PackageLoader

from ironarc.core.errors import FileError, IronArcError
from ironarc.core.judging import CRACKED, SOUND, STRAINED, grade_of, judge
from ironarc.core.judging.card import card_of
from ironarc.core.judging.findings import by_cause
from ironarc.core.judging.grades import GRADES
from ironarc.core.judging.version import rules_version
from ironarc.core.reading import Seen

UNREADABLE = "unreadable"
WORST = (UNREADABLE, CRACKED, STRAINED, SOUND)
COLUMNS = (
    "file", "verdict", "cracked", "strained", "flights", "frames", "fps", "seconds", "hang_frames", "gravity_share",
    "first", "error",
)  # fmt: skip
FORM = 1


@dataclass(frozen=True)
class Row:
    """What is told of a file. mark : of its bytes, the rules and what was asked, so that it is not read again

    verdict : a grade, or "unreadable" with the error; hang_frames, gravity_share : of the longest flight, or None
    findings : [kind, first frame, last frame, grade, sentence] of each cause, worst first; picture : of a card
    """

    file: str
    mark: str
    verdict: str
    frames: int = 0
    fps: float = 0.0
    flights: int = 0
    hang_frames: float | None = None
    gravity_share: float | None = None
    findings: list = field(default_factory=list)
    picture: dict | None = None
    error: str = ""

    @property
    def seconds(self) -> float:
        return self.frames / self.fps if self.fps else 0.0

    def counted(self, grade: str) -> int:
        return sum(found[3] == grade for found in self.findings)

    @property
    def first(self) -> str:
        """The worst finding, in words."""
        return f"{self.findings[0][1]}–{self.findings[0][2]}: {self.findings[0][4]}" if self.findings else ""

    @property
    def cells(self) -> dict:
        """The row as a table has it."""
        known = {"cracked": self.counted(CRACKED), "strained": self.counted(STRAINED)}
        return {name: known.get(name, getattr(self, name, "")) for name in COLUMNS}


def mark_of(path: Path, asked: str) -> str:
    """A mark of a file's bytes, of the rules, and of what was asked. FileError for one that can't be opened."""
    try:
        data = path.read_bytes()
    except OSError as error:
        raise FileError(f"{path} could not be opened: {error.strerror}.") from error
    return hashlib.sha256(b"\0".join([data, rules_version().encode(), asked.encode()])).hexdigest()[:16]


def row_of(path: Path, mark: str, load: Callable[[Path], Seen]) -> Row:
    """A file read and judged; what can't be read says why."""
    try:
        seen = load(path)
        findings = judge(seen.shot, seen.performer, seen.reading)
        card = card_of(seen.shot, {seen.performer.id: seen.reading})
    except IronArcError as error:
        return Row(str(path), mark, UNREADABLE, error=str(error))
    told = [[f[0].kind, f[0].start, f[0].end, f[0].grade, f[0].says] for f in by_cause(findings) if not f[0].left]
    return Row(
        str(path), mark, grade_of(findings), seen.shot.frames, round(seen.shot.fps, 4), len(seen.reading.flights),
        card.get("hang_frames"), card.get("gravity"), sorted(told, key=lambda f: f[3] != CRACKED),
        {"figures": card["figures"], "path": card["path"]},
    )  # fmt: skip


def kept_rows(path: Path | None) -> dict[str, Row]:
    """The rows of an earlier report by file, to go on from; none where there is no such report."""
    if path is None or not path.exists():
        return {}
    try:
        plain = json.loads(path.read_text(encoding="utf-8"))
        return {row["file"]: Row(**row) for row in plain["rows"]} if plain.get("form") == FORM else {}
    except (OSError, ValueError, KeyError, TypeError, AttributeError) as error:
        raise FileError(f"{path} is there and is no report. Choose another name, or take it away.") from error


def sifted(
    paths: Iterable[Path], asked: str, kept: dict[str, Row]
) -> tuple[list[Row], list[tuple[Path, str]]]:  # fmt: skip
    """Rows of files that are known, or can't be opened, and the files that are still to be read, with their marks."""
    known, todo = [], []
    for path in paths:
        try:
            mark = mark_of(path, asked)
        except FileError as error:
            known.append(Row(str(path), "", UNREADABLE, error=str(error)))
            continue
        row = kept.get(str(path))
        if row is not None and row.mark == mark:
            known.append(row)
        else:
            todo.append((path, mark))
    return known, todo


def rows_of(
    paths: Iterable[Path], asked: str, load: Callable[[Path], Seen], jobs: int, kept: dict[str, Row]
) -> Iterator[Row]:  # fmt: skip
    """A row for each file as it is done, in parallel; those that are known are not read again.

    load : reads a file; it goes to other processes, so it is a function of a module, or a partial of one
    """
    known, todo = sifted(paths, asked, kept)
    yield from known
    with parallel(min(jobs, len(todo))) as run:
        yield from run(partial(_row_of_pair, load), todo)


def _row_of_pair(load: Callable[[Path], Seen], pair: tuple[Path, str]) -> Row:
    return row_of(*pair, load)


@contextmanager
def parallel(jobs: int) -> Iterator[Callable[[Callable, list], Iterator]]:
    """Runs a function over things, so many at a time in processes of their own: what it gives, as it is done. It is a
    function of a module, or a partial of one."""
    if jobs <= 1:
        yield lambda work, things: (work(thing) for thing in things)
        return
    # one thread of linear algebra a process: with more they stand in each other's way
    for name in ("OPENBLAS_NUM_THREADS", "OMP_NUM_THREADS", "MKL_NUM_THREADS"):
        os.environ.setdefault(name, "1")
    with ProcessPoolExecutor(jobs) as pool:
        begun = []

        def run(work: Callable, things: list) -> Iterator:
            begun.extend(pool.submit(work, thing) for thing in things)
            return (future.result() for future in as_completed(begun))

        try:
            yield run
        finally:
            for future in begun:
                future.cancel()


def worst_first(rows: Iterable[Row]) -> list[Row]:
    """Rows by verdict, then by how much is found, then by name."""
    return sorted(rows, key=lambda r: (WORST.index(r.verdict), -len(r.findings), r.file))


def as_json(rows: Iterable[Row]) -> str:
    return json.dumps({"form": FORM, "rules": rules_version(), "rows": [asdict(row) for row in rows]})


def as_csv(rows: Iterable[Row]) -> str:
    out = io.StringIO()
    table = csv.DictWriter(out, COLUMNS, lineterminator="\n")
    table.writeheader()
    table.writerows(row.cells for row in rows)
    return out.getvalue()


def as_html(rows: list[Row], picture: Callable[[dict], dict]) -> str:
    """One page that needs nothing else. picture : draws a row's figures"""
    page = Environment(loader=PackageLoader("ironarc.web", "templates"), autoescape=True, trim_blocks=True)
    drawn = [(row, picture(row.picture) if row.picture else None) for row in worst_first(rows)]
    counts = {word: sum(row.verdict == word for row in rows) for word in WORST}
    return page.get_template("report.html").render(rows=drawn, counts=counts, grades=GRADES)
