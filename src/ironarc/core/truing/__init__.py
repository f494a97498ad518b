"""Corrections: one module each, and one registry that addresses, commands, buttons and the shell read.

A module in this folder whose `CORRECTION` is a Correction is known; nothing else names it.
"""

from importlib import import_module
from pkgutil import iter_modules

from ironarc.core.edits.base import Edit
from ironarc.core.edits.commands import command
from ironarc.core.reading.shot import Seen
from ironarc.core.truing.correction import Correction, Place, Proposal, Try

CORRECTIONS: dict[str, Correction] = {
    found.name: found
    for module in iter_modules(__path__)
    if (found := getattr(import_module(f"{__name__}.{module.name}"), "CORRECTION", None)) is not None
}

__all__ = ["CORRECTIONS", "Correction", "Place", "Proposal", "Try", "offers", "propose", "read_try", "settles", "true"]


def settles() -> dict[str, str]:
    """The name of the correction that settles each kind of finding, the first that does."""
    out: dict[str, str] = {}
    for found in CORRECTIONS.values():
        for kind in found.settles:
            out.setdefault(kind, found.name)
    return out


def offers(seen: Seen, start: int, end: int, kind: str = "") -> list[Try]:
    """What can be tried on a span of the shot's frames; with `kind`, only what settles that kind of finding."""
    out = []
    for found in CORRECTIONS.values():
        if kind and kind not in found.settles:
            continue
        place = next((p for p in found.places(seen) if p.start - 1 <= end and start <= p.end + 1), None)
        if place is not None:
            out.append(Try(found, place.options))
    return out


def read_try(text: str) -> Try | None:
    """The correction and options an address names, as `Try.text` writes them; None for what is none."""
    return Try.read(text, CORRECTIONS)


def propose(seen: Seen, wanted: Try) -> Proposal:
    """The edit a correction would be, and what it costs. Raises EditError where it can't be made."""
    return wanted.correction.propose(seen, wanted.options)


@command
def true(seen: Seen, correction: str, options: dict[str, float | int | str | bool], performer: str = "") -> Edit:
    """Takes a correction."""
    return propose(seen, Try.of(correction, options, CORRECTIONS)).edit
