"""Whole numbers that a person typed or a file holds: one way to read them all.

`int` itself takes digits of any script, blanks and lines under figures, and breaks on thousands of them; `isdigit` is
True of "²". Here a whole number is a sign or none, and up to nine figures from 0 to 9.
"""

import re

_WHOLE = re.compile(r"[+-]?[0-9]{1,9}")


def whole_number(text: str) -> int | None:
    """The number that a text is; None for what is none."""
    text = text.strip()
    return int(text) if _WHOLE.fullmatch(text) else None
