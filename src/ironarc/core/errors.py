"""Errors a person can act on. Every message says what is wrong, where, and what to do."""

import math

from ironarc.core.settings import LARGEST_KG, LEAST_KG, MAX_FRAME_NUMBER, MAX_NUMBER


class IronArcError(Exception):
    """Something the user can put right; its text is shown as it is."""


class FileError(IronArcError):
    """A file that can't be read. `line` is its 1-based line, where there is one."""

    def __init__(self, message: str, line: int | None = None):
        self.line = line
        super().__init__(f"Line {line}: {message}" if line is not None else message)


class EditError(IronArcError):
    """An edit that can't be made on this shot."""


def check_frame(what: str, frame: int) -> None:
    """EditError for a frame number beyond all reason."""
    if abs(frame) > MAX_FRAME_NUMBER:
        raise EditError(f"{what} lies within {MAX_FRAME_NUMBER:,} of 0; {frame:.6g} was given.")


def check_number(what: str, value: float) -> None:
    """EditError for what is no number, or beyond all reason."""
    if not abs(value) <= MAX_NUMBER:
        raise EditError(f"{what} lies within {MAX_NUMBER:,.0f} of 0; {value:g} was given.")


def check_mass(what: str, kg: float) -> None:
    """EditError for a mass that is negative, zero, not a number or beyond reason."""
    if not (math.isfinite(kg) and LEAST_KG <= kg <= LARGEST_KG):
        raise EditError(f"{what} must be more than 0 and up to {LARGEST_KG:.0f} kg; {kg:g} kg was given.")
