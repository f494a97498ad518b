"""How thick soles are: the rig does not say, the motion's own rests do."""

import numpy as np

from ironarc.core.reading.contacts import FLOOR
from ironarc.core.reading.read import Reading
from ironarc.core.reading.skin import SOLE
from ironarc.core.settings import SETTINGS

LEAST_FRAMES = 6  # of rest that tell of a sole
SHARE = 0.05  # of all rest that has to be at a height that soles can have
MOST = 0.5  # of that, that has to be at one level


def sole_level(away: np.ndarray, still: np.ndarray, size: float) -> float:
    """m over the floor at which soles rest: of the levels that are plausible the one with most of their rest.

    away : (frames, points) m of the soles; still : (frames,) bool, whether what is lowest rests; 0 where nothing tells
    """
    height = away.min(axis=1) / size
    rest = np.sort(height[still & (height > SETTINGS["sole_thin"].value) & (height < SETTINGS["sole_thick"].value)])
    if len(rest) < max(LEAST_FRAMES, SHARE * still.sum()):
        return 0.0
    inside = np.searchsorted(rest, rest + SETTINGS["sole_rest"].value) - np.arange(len(rest))
    k = int(inside.argmax())
    tells = inside[k] >= max(LEAST_FRAMES, MOST * len(rest))
    return float(np.median(rest[k : k + inside[k]])) * size if tells else 0.0


def read_soles(reading: Reading) -> np.ndarray:
    """(points,) m over the floor at which points rest: as thick as the soles are, 0 for all else.

    Of a body that glides nothing rests: all on which it is borne tells then.
    """
    soles = reading.traced.track.skin.named(*SOLE)
    level = reading.ask(_at_rest)
    if not level and soles.any():
        level = sole_level(reading.surfaces[FLOOR].away[:, soles], ~reading.footing.air, reading.size)
    return level * soles


def _at_rest(reading: Reading) -> float:
    """m over the floor at which soles rest by themselves, 0 for not at all."""
    floor = reading.surfaces[FLOOR]
    was, level = reading.before(_at_rest) or (None, 0.0)
    if was is not None and was.surfaces[FLOOR] is floor:
        return level
    soles = reading.traced.track.skin.named(*SOLE)
    if not soles.any():
        return 0.0
    away, speed = floor.away[:, soles], floor.speed[:, soles]
    rests = speed[np.arange(len(away)), away.argmin(axis=1)] < SETTINGS["free_still"].value * reading.size
    return sole_level(away, rests, reading.size)
