"""One piece of work of the background, from what was asked to what comes of it; every end is written down."""

import logging
import time

from sqlalchemy.exc import DBAPIError
from sqlalchemy.orm import Session

from ironarc.core import truing
from ironarc.core.errors import EditError, IronArcError
from ironarc.core.reading.shot import Seen, see
from ironarc.core.solve.windows import Pass
from ironarc.core.truing import plan
from ironarc.core.truing.trial import judged
from ironarc.store import house, shots, work
from ironarc.store.models import WorkRow

TELL_S = 0.1  # progress is written down so often at most
BROKE = (
    "Something broke on our side while this was worked out. Nothing was changed. Try fewer frames, or another way to "
    "put it right."
)
log = logging.getLogger(__name__)


class _Stopped(Exception):
    """It is to stop, or somebody else has it."""


def carry_out(session: Session, work_id: int, tries: int) -> None:
    """Works out what a row asks for, telling how far it is. Raises DBAPIError where the database goes away,
    MemoryError and SystemError; anything else is written down as how it ended, with its traceback in the log."""
    try:
        row = work.look(session, work_id)
        says, edit = _made(session, row, _Teller(session, work_id, tries))
        work.end(session, work_id, tries, work.DONE, says, edit)
    except _Stopped:
        work.end(session, work_id, tries, work.STOPPED, work.STOPPED_SAYS)
    except IronArcError as error:
        session.rollback()
        work.end(session, work_id, tries, work.FAILED, str(error))
    except (DBAPIError, MemoryError, SystemError):
        raise
    except Exception:
        log.exception("Work %d broke.", work_id)
        session.rollback()
        work.end(session, work_id, tries, work.FAILED, BROKE)


class _Teller:
    """Tells how far work is, not oftener than it is worth; raises _Stopped where it is to stop."""

    def __init__(self, session: Session, work_id: int, tries: int):
        self.session, self.work_id, self.tries = session, work_id, tries
        self.picture: list = []
        self.told = 0.0

    def __call__(self, share: float, says: str, point: list | None = None) -> None:
        if point is not None:
            self.picture.append(point)
        if time.monotonic() - self.told < TELL_S:
            return
        self.told = time.monotonic()
        if not work.report(self.session, self.work_id, self.tries, share, says, _thinned(self.picture)):
            raise _Stopped


MOST_POINTS = 240  # of the picture of how it goes


def _thinned(picture: list) -> list:
    """The points, every other one left out until few enough are left."""
    return picture[:: -(-len(picture) // MOST_POINTS) or 1]


def _made(session: Session, row: WorkRow, tell: _Teller):
    """What is said of the outcome, and the edit."""
    what, asked, performer = row.what, row.asked, row.performer
    span = None if row.start is None or row.end is None else (row.start, row.end)
    shot = shots.load(session, row.shot_id, row.revision)
    limits = house.limits(session)
    session.commit()
    tell(0.0, "Reads the motion.")
    seen = see(shot, performer, tuple(limits))
    if what == "plan":
        return _by_plan(seen, asked, span, tell)
    wanted = truing.read_try(asked)
    if wanted is None:
        raise EditError(f"There is no correction called {asked[:40]!r}.")
    tell(0.0, f"{wanted.correction.label}.")
    parts = 1

    def solved(at: Pass) -> bool:
        nonlocal parts
        parts = at.parts
        where = f"Part {at.part} of {at.parts}, pass {at.number}" if at.parts > 1 else f"Pass {at.number}"
        tell(at.share, f"{where}: up to {at.left:.2f} body weights from nowhere are left.", [at.number, at.left])
        return True

    found = truing.propose(seen, wanted, solved)
    if parts == 1:
        return found.cost.says, found.edit
    # what was solved in parts is read once more as a whole, seams and all
    tell(1.0, "Reads what came of it.")
    before, after = judged(seen), judged(seen.on(found.edit.apply(shot)))
    was, now = plan.over(before, after)
    return f"{counted(was)} before, {now} after, in {parts} parts. {found.cost.says}", found.edit


def counted(findings: int) -> str:
    return "1 finding" if findings == 1 else f"{findings} findings"


def _by_plan(seen: Seen, asked: str, span, tell: _Teller):
    def step(done: int, in_all: int, what: str) -> bool:
        tell(done / max(in_all, 1), f"{done} of {in_all}: {what}", [done, in_all])
        return True

    made = plan.carry_out(seen, asked, span, step)
    if made.edit is None:
        raise EditError(f"There is nothing to put right. {' '.join(made.skipped)}".strip())
    was, now = plan.over(made.before, made.after)
    steps = " ".join(f"{s.start}–{s.end}: {s.label}. {s.says}" for s in made.steps)
    skipped = f" Not done: {' '.join(made.skipped)}" if made.skipped else ""
    return f"{counted(was)} before, {now} after. {steps}{skipped}", made.edit
