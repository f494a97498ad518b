"""Arrays that are mostly another one: what both have in common is in memory once.

After an edit most of a long motion is what it was, and copying it took longer than working out the rest. Here a copy is
a map of the same pages of memory, and only those that are written become its own: a private mapping of a file in memory
(Linux), which nobody writes after it was made.
"""

import ctypes
import mmap
import os
from collections.abc import Callable
from errno import EMFILE
from weakref import WeakSet, finalize

import numpy as np

from ironarc.core.rows import Span, rows_of, runs

LEAST_BYTES = 256 * 1024  # of an array; a smaller one is copied as fast
MOST = 0.25  # of its rows, that an array may have of its own before it is the ground of those to come
MOST_FILES = 100  # open at once, of the thousand that a process may have: beyond, arrays are copied

# Python's own maps keep their file open, one for each
_LIBRARY = ctypes.CDLL(None)
_LIBRARY.mmap.restype = ctypes.c_void_p
_LIBRARY.mmap.argtypes = [ctypes.c_void_p, ctypes.c_size_t, ctypes.c_int, ctypes.c_int, ctypes.c_int, ctypes.c_long]
_LIBRARY.munmap.argtypes = [ctypes.c_void_p, ctypes.c_size_t]
_FAILED = ctypes.c_void_p(-1).value


class _Ground:
    """What several arrays are mostly: a file in memory."""

    def __init__(self, x: np.ndarray):
        """Raises OSError where no more files or memory are to be had."""
        if len(_GROUNDS) >= MOST_FILES:
            raise OSError(EMFILE, "So many files are open already.")
        self.nbytes, self.arrays = x.nbytes, 0
        self.file = os.memfd_create("ironarc")
        finalize(self, os.close, self.file).atexit = False
        left = memoryview(x).cast("B")
        while left:
            left = left[os.write(self.file, left) :]
        _GROUNDS.add(self)

    def one_less(self) -> None:
        """One array less."""
        self.arrays -= 1


_GROUNDS: WeakSet[_Ground] = WeakSet()


class _Pages:
    """The memory of an array like `x`, as it stands in `ground`. own : (rows,) bool, those it may have otherwise"""

    def __init__(self, ground: _Ground, own: np.ndarray, x: np.ndarray):
        self.ground, self.own = ground, own
        at = _LIBRARY.mmap(None, ground.nbytes, mmap.PROT_READ | mmap.PROT_WRITE, mmap.MAP_PRIVATE, ground.file, 0)
        if at == _FAILED:
            raise MemoryError("No more memory can be mapped.")
        # arrays may be read to the very end of a process
        finalize(self, _LIBRARY.munmap, at, ground.nbytes).atexit = False
        ground.arrays += 1
        finalize(self, ground.one_less).atexit = False
        # what NumPy makes an array of
        self.__array_interface__ = {"version": 3, "shape": x.shape, "typestr": x.dtype.str, "data": (at, False)}


def mostly(x: np.ndarray, spans: list[Span]) -> np.ndarray:
    """A copy of an array (rows, …) of which only the rows in `spans` will be written; what is written elsewhere is
    not carried on to copies of the copy."""
    if x.nbytes < LEAST_BYTES or not x.flags.c_contiguous or not hasattr(os, "memfd_create"):
        return x.copy()
    rows, pages = rows_of(spans, len(x)), x.base
    if isinstance(pages, _Pages) and (pages.own | rows).mean() <= MOST:
        out = np.asarray(_Pages(pages.ground, pages.own | rows, x))
        for a, b in runs(pages.own):
            out[a:b] = x[a:b]
        return out
    try:
        return np.asarray(_Pages(_Ground(x), rows, x))
    except OSError:  # there is no more of it: a copy will do, or says so
        return x.copy()


def own_bytes(x: np.ndarray) -> int:
    """Bytes that an array takes: its own rows, and its part in what it shares."""
    pages = x.base
    if not isinstance(pages, _Pages):
        return x.nbytes
    return round(x.nbytes * pages.own.mean() + pages.ground.nbytes / max(pages.ground.arrays, 1))


def patched(known: np.ndarray, spans: list[Span], work: Callable[[int, int], np.ndarray]) -> np.ndarray:
    """`known` with the rows of some spans taken from work(a, b)."""
    if not spans:
        return known
    out = mostly(known, spans)
    for a, b in spans:
        out[a:b] = work(a, b)
    return out
