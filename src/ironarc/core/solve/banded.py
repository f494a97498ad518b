"""Symmetric systems whose blocks reach two blocks to either side, as motion over time gives them."""

import numpy as np
from numpy.lib.stride_tricks import as_strided
from scipy.linalg.lapack import dpbtrf, dpbtrs


class Pentadiagonal:
    """Blocks (frames, n, n) on the diagonal, beside it and one farther, in LAPACK's lower banded storage, which is
    kept from one solution to the next."""

    def __init__(self, frames: int, n: int):
        self.frames, self.n = frames, n
        self._rows = 3 * n
        self._store = np.zeros((frames * n + 3 * n) * self._rows)

    def _view(self, offset: int, count: int) -> np.ndarray:
        """(count, n, n) of the storage as [block, column, row]: element (row, column) lies at column · (rows - 1) +
        row."""
        n, rows = self.n, self._rows
        return as_strided(self._store[offset:], (count, n, n), (8 * n * rows, 8 * (rows - 1), 8))

    def solve(self, middle: np.ndarray, beside: np.ndarray, beyond: np.ndarray, right: np.ndarray) -> np.ndarray | None:
        """x (frames, n) of H x = right (frames, n); None where H is not positive definite.

        middle (frames, n, n); beside (frames - 1, n, n) between a block's rows and the next one's columns; beyond
        (frames - 2, n, n) the same for the one after it
        """
        frames, n = self.frames, self.n
        self._store[:] = 0.0
        self._view(0, frames)[...] = np.tril(middle).swapaxes(-1, -2)
        if frames > 1:
            self._view(n, frames - 1)[...] = beside
        if frames > 2:
            self._view(2 * n, frames - 2)[...] = beyond
        table = self._store[: frames * n * self._rows].reshape(frames * n, self._rows).T
        factor, failed = dpbtrf(table, lower=1, overwrite_ab=1)
        if failed:
            return None
        x, failed = dpbtrs(factor, right.reshape(-1, 1), lower=1)
        return None if failed else x.reshape(frames, n)
