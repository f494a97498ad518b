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


class Stencil:
    """rate · (1 + τ⁴ D₂ᵀ D₂) over frames, D₂ the second difference: what a change over time costs, and bending it.

    middle (frames,), beside (frames - 1,), beyond (frames - 2,) : its diagonal and the two above it
    """

    def __init__(self, frames: int, rate: float, bend: float):
        each = np.ones(max(frames - 2, 0))
        middle, beside = np.zeros(frames), np.zeros(max(frames - 1, 0))
        for k, weight in enumerate((1.0, 4.0, 1.0)):
            middle[k : k + len(each)] += weight * each
        for k in range(2):
            beside[k : k + len(each)] -= 2.0 * each
        self.middle, self.beside, self.beyond = rate * (1 + bend * middle), rate * bend * beside, rate * bend * each

    def times(self, d: np.ndarray) -> np.ndarray:
        """K d of (frames, columns)."""
        out = self.middle[:, None] * d
        out[:-1] += self.beside[:, None] * d[1:]
        out[1:] += self.beside[:, None] * d[:-1]
        out[:-2] += self.beyond[:, None] * d[2:]
        out[2:] += self.beyond[:, None] * d[:-2]
        return out
