"""What every correction is: a name, typed options with words and units, what it settles, and how it is proposed."""

import re
from collections.abc import Callable, Mapping
from dataclasses import dataclass, field, fields
from typing import Any, Protocol, get_type_hints

from ironarc.core.document.codec import from_plain
from ironarc.core.edits.base import Edit
from ironarc.core.errors import EditError
from ironarc.core.reading.shot import Seen

_TRY = re.compile(r"([a-z_]{1,30})\(([^()]{0,300})\)")
NO_ARRAYS: dict = {}


def option(words: str, unit: str = "", **more: Any) -> Any:
    """A field of a correction's options: what it is called on a form, and the unit it is told in."""
    return field(metadata={"words": words, "unit": unit}, **more)


class Cost(Protocol):
    """What a correction costs, as one sentence or several."""

    @property
    def says(self) -> str: ...


@dataclass(frozen=True)
class Proposal:
    """A correction that can be taken: the edit, and what it costs."""

    edit: Edit
    cost: Cost


@dataclass(frozen=True)
class Place:
    """A span of the shot's frames where a correction can be tried, with the options it begins with."""

    start: int
    end: int
    options: Any


@dataclass(frozen=True)
class Correction:
    """One way to put something right.

    name : in addresses, requests and stored layers; label : on buttons; flag : at the shell; says : what it does
    options : a frozen dataclass whose fields are made by `option`
    settles : kinds of finding it settles
    places : where it can be tried on what is seen
    propose : the edit and its cost, of what is seen and its options; raises EditError where it can't be made
    """

    name: str
    label: str
    flag: str
    says: str
    options: type
    settles: tuple[str, ...]
    places: Callable[[Seen], list[Place]]
    propose: Callable[[Seen, Any], Proposal]


@dataclass(frozen=True)
class Try:
    """A correction with options, to be looked at before it is taken."""

    correction: Correction
    options: Any

    @property
    def plain(self) -> dict[str, Any]:
        """The options as plain data."""
        return {f.name: getattr(self.options, f.name) for f in fields(self.options)}

    @property
    def text(self) -> str:
        """As an address names it: "true_arc(frame=37)"."""
        return f"{self.correction.name}({','.join(f'{name}={value}' for name, value in self.plain.items())})"

    @classmethod
    def of(cls, name: str, options: Mapping[str, Any], known: Mapping[str, Correction]) -> "Try":
        """The correction called `name` with plain options. Raises EditError for one that isn't, or can't be."""
        found = known.get(name)
        if found is None:
            raise EditError(f"There is no correction called {name[:40]!r}.")
        foreign = set(options) - {f.name for f in fields(found.options)}
        if foreign:
            raise EditError(f"{found.label} has no option called {sorted(foreign)[0][:40]!r}.")
        return cls(found, from_plain(options, found.options, NO_ARRAYS.__getitem__, found.label))

    @classmethod
    def read(cls, text: str, known: Mapping[str, Correction]) -> "Try | None":
        """The one that `text` wrote; None for what is no correction. Raises EditError for options that can't be."""
        found = _TRY.fullmatch(text)
        if found is None or found[1] not in known:
            return None
        hints = get_type_hints(known[found[1]].options)
        given = dict(part.partition("=")[::2] for part in found[2].split(",") if part)
        return cls.of(found[1], {name: _typed(value, hints.get(name)) for name, value in given.items()}, known)


def _typed(text: str, hint: Any) -> Any:
    """An option's value from an address, where everything is text."""
    if hint is bool:
        return {"True": True, "False": False}.get(text, text)
    try:
        return hint(text) if hint in (int, float) else text
    except ValueError:
        return text
