"""Notes on frames: made, answered, settled and taken away."""

from dataclasses import replace

from ironarc.core.edits.base import Edit
from ironarc.core.edits.commands.registry import Frame, command
from ironarc.core.edits.of_shot import SetShot
from ironarc.core.errors import EditError
from ironarc.core.reading.shot import Seen
from ironarc.core.scene.remark import Answer, Remark, Stroke

MOST_REMARKS = 300
SHOWN = 24  # letters of a note that undo shows


@command
def add_remark(seen: Seen, performer: str, frame: Frame, text: str, by: str = "", part: str = "") -> Edit:
    """A note on a frame, of a performer or of a part of it."""
    remarks = seen.shot.remarks
    if len(remarks) >= MOST_REMARKS:
        raise EditError(f"A shot has up to {MOST_REMARKS} notes. Delete some that are settled.")
    number = max((int(r.id.removeprefix("remark")) for r in remarks), default=0) + 1
    made = Remark(f"remark{number}", by.strip(), frame, text.strip(), part, seen.performer.id).checked()
    return _with((*remarks, made), f"Note on {frame}: {_short(text)}")


@command
def answer_remark(seen: Seen, remark: str, text: str, by: str = "") -> Edit:
    """An answer to a note, which is open again with it."""
    was = _called(seen, remark)
    answered = replace(was, answers=(*was.answers, Answer(by.strip(), text.strip())), settled=False).checked()
    return _changed(seen, answered, f"Answer on {was.frame}: {_short(text)}")


@command
def draw_remark(seen: Seen, remark: str, stroke: str, points_m: tuple[tuple[float, float, float], ...]) -> Edit:
    """A line, an arrow or a circle drawn over the view, for a note."""
    was = _called(seen, remark)
    drawn = replace(was, strokes=(*was.strokes, Stroke(stroke, points_m))).checked()
    return _changed(seen, drawn, f"Draw on the note on {was.frame}")


@command
def clear_remark(seen: Seen, remark: str) -> Edit:
    """All that was drawn for a note goes."""
    was = _called(seen, remark)
    return _changed(seen, replace(was, strokes=()), f"Clear the note on {was.frame}")


@command
def settle_remark(seen: Seen, remark: str, settled: bool = True) -> Edit:
    """A note is done with, or open again."""
    was = _called(seen, remark)
    return _changed(seen, replace(was, settled=settled), f"{'Settle' if settled else 'Reopen'} the note on {was.frame}")


@command
def remove_remark(seen: Seen, remark: str) -> Edit:
    """A note and its answers are taken away."""
    was = _called(seen, remark)
    return _with(tuple(r for r in seen.shot.remarks if r.id != remark), f"Delete the note on {was.frame}")


def _called(seen: Seen, remark: str) -> Remark:
    found = next((r for r in seen.shot.remarks if r.id == remark), None)
    if found is None:
        raise EditError("That note is not there any more. Look at the list as it is now.")
    return found


def _changed(seen: Seen, changed: Remark, words: str) -> Edit:
    return _with(tuple(changed if r.id == changed.id else r for r in seen.shot.remarks), words)


def _with(remarks: tuple[Remark, ...], words: str) -> Edit:
    return SetShot({"remarks": remarks}, words)


def _short(text: str) -> str:
    text = " ".join(text.split())
    return text if len(text) <= SHOWN else f"{text[: SHOWN - 1]}…"
