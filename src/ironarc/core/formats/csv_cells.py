"""What CSV of channels and of places read alike."""

from collections.abc import Iterator
from itertools import islice

import numpy as np

from ironarc.core.errors import FileError
from ironarc.core.settings import MAX_FRAMES, MAX_NUMBER


def rows_of(reader, wide: int) -> Iterator[list[str]]:
    """The rows of a CSV reader that hold anything, one more than can be read at most; FileError, with the line, for one
    that is not so many cells wide."""
    for row in islice(reader, MAX_FRAMES + 1):
        if not any(cell.strip() for cell in row):
            continue
        if len(row) != wide:
            raise FileError(f"a frame has {wide} cells; {len(row)} are there.", reader.line_num)
        yield row


def number_in(cell: str, line: int, what: str) -> float:
    """The number in a cell; FileError, with the line, for none, or one beyond reason."""
    try:
        value = float(cell)
    except ValueError:
        raise FileError(f"{what} is {cell[:20]!r}, which is no number.", line) from None
    if not abs(value) <= MAX_NUMBER:
        raise FileError(f"{what} is beyond {MAX_NUMBER:,.0f}.", line)
    return value


def frame_time(seconds: np.ndarray) -> float:
    """Seconds a frame of the moments (frames,) that rows stand for; FileError for an uneven pace."""
    steps = np.diff(seconds)
    if not ((steps > 0).all() and np.ptp(steps) <= 0.02 * np.median(steps) + 1e-6):
        raise FileError("its frames don't follow one another at an even pace.")
    return float(seconds[-1] - seconds[0]) / (len(seconds) - 1)
