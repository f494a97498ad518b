"""What is asked of a file that leaves something open when it is brought in: each way to take it, with a picture."""

from dataclasses import dataclass

from ironarc.core.exchange.unsaid import UNIT, UP, Choice, Option, Understood, understood
from ironarc.core.formats import FileMotion
from ironarc.web.picture import Picture, taken_picture

PERSON_M = 1.75  # that stands beside a figure to tell its size


@dataclass(frozen=True)
class Question:
    """choice : what is open; answers : each way with its picture, or None"""

    choice: Choice
    answers: tuple[tuple[Option, Picture | None], ...]


def questions(motion: FileMotion, told: Understood) -> list[Question]:
    """What a person is to say of a motion, as it came, that was understood."""
    return [
        Question(c, tuple((o, _picture(motion, told, c, o) if c.what in (UNIT, UP) else None) for o in c.options))
        for c in told.choices if not c.sure
    ]  # fmt: skip


def _picture(motion: FileMotion, told: Understood, choice: Choice, option: Option) -> Picture:
    if choice.what == UP:
        return taken_picture(understood(motion, {UP: option.value}).motion, 1.0, 0.0)
    tallest = max(PERSON_M, *(o.height_m for o in choice.options))
    return taken_picture(told.motion, option.height_m / tallest, PERSON_M / tallest)
