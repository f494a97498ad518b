"""Units of length that files come in, and which of them a figure's own height speaks for."""

import numpy as np

from ironarc.core.figure.anatomy import find_anatomy
from ironarc.core.figure.rig import Rig
from ironarc.core.settings import SETTINGS

UNITS = {"cm": 0.01, "m": 1.0, "in": 0.0254, "mm": 0.001, "ft": 0.3048, "dm": 0.1}
ADULT_M = 1.7


def guess_scale(rig: Rig) -> tuple[float, bool]:
    """Metres a unit, and whether the figure is then as tall as a person: cm, m, inch, mm, foot or dm.

    Of the units that make it a believed height, the one nearest an ordinary adult; else centimetres.
    """
    tall = find_anatomy(rig, 1.0).height_m
    low, high = (SETTINGS[k].value for k in ("believed_height_min", "believed_height_max"))
    fits = [scale for scale in UNITS.values() if low <= tall * scale <= high]
    if not fits:
        return UNITS["cm"], False
    return min(fits, key=lambda scale: abs(np.log(tall * scale / ADULT_M))), True
