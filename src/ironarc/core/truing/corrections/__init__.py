"""One module a correction: its `CORRECTION` is known by being in this folder; nothing else names it."""

from importlib import import_module
from pkgutil import iter_modules

from ironarc.core.truing.correction import Correction

_FOUND = [import_module(f"{__name__}.{module.name}").CORRECTION for module in iter_modules(__path__)]
CORRECTIONS: dict[str, Correction] = {found.name: found for found in sorted(_FOUND, key=lambda found: found.order)}
