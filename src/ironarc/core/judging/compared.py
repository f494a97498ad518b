"""All flights of a performer held against each other."""

import numpy as np

from ironarc.core.judging.grades import GRADES
from ironarc.core.reading import Reading

_WORDS = ("first", "second", "third", "fourth", "fifth", "sixth", "seventh", "eighth")


def compared(reading: Reading) -> list[str]:
    """Sentences on flights that are in another gravity than the first one, by more than both errors and 12 %."""
    out = []
    flights = [f for f in reading.flights if np.isfinite(f.implied_g_se)]
    for word, flight in zip(_WORDS[1:], flights[1:], strict=False):
        first = flights[0]
        error = 2 * float(np.hypot(first.implied_g_se, flight.implied_g_se))
        gap = flight.implied_g - first.implied_g
        if abs(gap) > max(error, GRADES["hang"].strained * reading.g):
            out.append(
                f"The {word} flight is in {'lighter' if gap < 0 else 'heavier'} gravity than the first: "
                f"{flight.implied_g:.1f} against {first.implied_g:.1f} m/s²."
            )
    return out
