"""Contacts gone wrong: slides, sinks, hovers, passes through."""

from collections.abc import Iterator

from ironarc.core.judging.finding import Bench, Finding, cm
from ironarc.core.reading.faults import HOVER, SINK, SLIDE, ContactFault, contact_faults


def faults(bench: Bench) -> Iterator[Finding]:
    """Every fault of a contact that is past its limit."""
    for fault in bench.reading.ask(contact_faults):
        says = _says(bench, fault)
        yield from bench.raised(
            fault.kind, fault.value_m, fault.start, fault.end, says, fault.what, f"{fault.kind}-{fault.start}"
        )


def _says(bench: Bench, fault: ContactFault) -> str:
    what, where = fault.what.capitalize(), bench.surface(fault.surface)
    far = cm(fault.value_m)
    if fault.kind == SLIDE:
        over = "" if fault.surface == "floor" else f" over {where}"
        return f"{what} {_verb(fault, 'slides')} {far}{over} while bearing weight."
    if fault.kind == SINK:
        return f"{what} {_verb(fault, 'sinks')} {far} into {where}."
    if fault.kind == HOVER:
        return f"{what} {_verb(fault, 'hovers')} {far} over {where} where the body should rest on something."
    through = "the body" if not fault.surface else where
    return f"{what} {_verb(fault, 'passes')} through {through}, {far} deep."


def _verb(fault: ContactFault, one: str) -> str:
    many = fault.what == "feet" or fault.what.startswith("both ")
    return {"passes": "pass"}.get(one, one[:-1]) if many else one
