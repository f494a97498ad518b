"""One module a kind of finding: its `KIND` is known by being in this folder; nothing else names it."""

from importlib import import_module
from pkgutil import iter_modules

from ironarc.core.judging.kind import Kind

_FOUND = [import_module(f"{__name__}.{module.name}").KIND for module in iter_modules(__path__)]
KINDS: dict[str, Kind] = {found.name: found for found in sorted(_FOUND, key=lambda found: found.order)}
