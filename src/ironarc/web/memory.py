"""Memory that nobody uses any more, given back to the system.

Working out a long reading takes some hundred MB of small arrays that are gone again when it is done. The C library
keeps their memory for what may come, and a server would hold it for ever.
"""

import ctypes

_TRIM = getattr(ctypes.CDLL(None), "malloc_trim", None)  # of glibc alone


def give_back() -> None:
    """Takes some 10 ms after a reading of 10,000 frames, and nothing where there is nothing to give."""
    if _TRIM is not None:
        _TRIM(0)
