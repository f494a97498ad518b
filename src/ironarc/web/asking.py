"""What is asked of a file that leaves something open when it is brought in: each way to take it, with a picture."""

from dataclasses import dataclass

import numpy as np

from ironarc.core.exchange.unsaid import UNIT, UP, Choice, Option, Understood, performer_of, understood
from ironarc.core.formats import FileMotion

PERSON_M = 1.75  # that stands beside a figure to tell its size
WIDE, HIGH, FOOT = 150, 130, 118  # px of a picture, and where its floor lies
ROOM = 0.9  # of the way from floor to top, that the tallest takes up


@dataclass(frozen=True)
class Picture:
    """A figure as lines (x0, y0, x1, y1), and how high an adult beside it is, px; 0 for none."""

    lines: tuple[tuple[float, float, float, float], ...]
    person: float


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
    taken = understood(motion, {UP: option.value}).motion if choice.what == UP else told.motion
    frame = np.array([max(taken.frames // 2, 1)])
    at = performer_of(taken, 1.0).poses(frame, taken.frame_time_s).position[0]
    size = max(float(np.ptp(at, axis=0).max()), 1e-9)
    if choice.what == UNIT:
        tallest = max(PERSON_M, *(o.height_m for o in choice.options))
        high, person = option.height_m / tallest, PERSON_M / tallest * ROOM * FOOT
    else:
        high, person = 1.0, 0.0
    scale = ROOM * FOOT * high / size
    x = WIDE * 0.4 + (at[:, 0] - np.median(at[:, 0])) * scale
    y = FOOT - (at[:, 1] - at[:, 1].min()) * scale
    lines = [
        (round(x[j.parent], 1), round(y[j.parent], 1), round(x[i], 1), round(y[i], 1))
        for i, j in enumerate(taken.rig.joints) if j.parent >= 0
    ]  # fmt: skip
    return Picture(tuple(lines), round(person, 1))
