"""Frame rates as exact ratios."""

import re
from fractions import Fraction

import numpy as np

from ironarc.core.errors import EditError

MIN_FPS, MAX_FPS = 12, 240
# Rates of film and video that are not whole: 24000/1001 and its kin
NAMED = tuple(Fraction(n, 1001) for n in (24_000, 30_000, 48_000, 60_000, 120_000))
_TYPED = re.compile(r"[0-9]{1,6}(\.[0-9]{0,6}|/[0-9]{1,6})?")
SAME_RATE = 1e-4  # frame times in files have as few as five digits: 0.016666


def rate_of(frame_time_s: float) -> Fraction:
    """The rate meant by a frame time: a whole number or a named ratio where it is that near, else as it stands."""
    fps = 1.0 / frame_time_s
    for ratio in (Fraction(round(fps)), *NAMED):
        if ratio > 0 and abs(fps / float(ratio) - 1) < SAME_RATE:
            return ratio
    return Fraction(fps).limit_denominator(1001)


def parse_rate(text: str) -> Fraction:
    """A rate typed by a person: "24", "23.976", "24000/1001". Raises EditError for what is not one."""
    typed = text.strip().replace(",", ".")
    try:
        # a few digits and no power of ten: a fraction holds any number in full, however long it takes
        given = Fraction(typed if _TYPED.fullmatch(typed) else "")
    except (ValueError, ZeroDivisionError):
        raise EditError(
            f"A frame rate is a number such as 24, 23.976 or 24000/1001; {text[:20]!r} was given."
        ) from None
    if not MIN_FPS <= given <= MAX_FPS and not any(abs(given - n) < Fraction(1, 100) for n in NAMED):
        raise EditError(f"A frame rate lies between {MIN_FPS} and {MAX_FPS} frames a second; {text[:20]} was given.")
    # 23.976 and 23.98 both mean 24000/1001
    for ratio in NAMED:
        if given.denominator > 1 and abs(given - ratio) < Fraction(1, 150):
            return ratio
    return given.limit_denominator(1001)


def rate_text(rate: Fraction) -> str:
    """The rate as it is written: "24", "23.976", "12.5"."""
    return f"{float(rate):.3f}".rstrip("0").rstrip(".")


def whole_frame(at: float) -> int:
    """The whole frame that a moment between frames is seen on; halves go up."""
    return int(np.floor(at + 0.5))


def retime_frame(frame: float, about: int, factor: Fraction) -> int:
    """The whole frame nearest about + (frame - about) × factor; halves go up."""
    return whole_frame(about + (frame - about) * float(factor))
