"""The nearest wrench that pushes can give: a non-negative least squares a frame, neighbours solved along with it."""

from itertools import pairwise

import numpy as np
from scipy.optimize import nnls

REACH = 12  # frames to either side that are tried with the same pushes
TOGETHER = 24  # frames that are solved together: what pushes on others tells nothing of them
SLACK = 1e-9  # that a push left out may still be asked for


def nearest(grid: np.ndarray, ends: np.ndarray, wrench: np.ndarray, begins: int = 0) -> np.ndarray:
    """Shares (rows,) of the pushes `grid` (rows, 6) that come nearest to the wrenches (frames, 6): argmin ‖Gᵀ x − w‖,
    x ≥ 0, of every frame.

    ends : (frames + 1,) where each frame's rows begin and end. Frames next to one another mostly push with the same
        few edges: those found for one are tried on its neighbours, all at once, and kept where the solution they give
        is proven by its own conditions (no share below nothing, no push left out that would help).
    begins : index of the first frame in the whole motion, so that the same frames are together in a part of it
    """
    shares = np.zeros(len(grid))
    counts = np.diff(ends)
    n = len(counts)
    edges = sorted({0, *(np.flatnonzero(np.diff(counts)) + 1).tolist(), *range(-begins % TOGETHER, n, TOGETHER), n})
    for a, b in pairwise(edges):
        rows = int(counts[a]) if a < b else 0
        if rows:
            block = grid[ends[a] : ends[b]].reshape(b - a, rows, 6)
            shares[ends[a] : ends[b]] = _run(block, wrench[a:b]).ravel()
    return shares


def _run(grid: np.ndarray, wrench: np.ndarray) -> np.ndarray:
    """Shares (frames, rows) over frames with as many rows each: grid (frames, rows, 6)."""
    n = len(grid)
    shares = np.zeros(grid.shape[:2])
    to_do = np.ones(n, dtype=bool)
    at = 0
    while at < n:
        if not to_do[at]:
            at += 1
            continue
        # a frame from whose middle the neighbours on both sides are reached
        i = min(at + REACH // 2, n - 1)
        i = i if to_do[i] else at
        shares[i], _ = nnls(grid[i].T, wrench[i])
        to_do[i] = False
        pushed = np.flatnonzero(shares[i])
        near = at + np.flatnonzero(to_do[at : i + REACH + 1])
        if len(pushed) and len(near):
            _spread(grid, wrench, shares, to_do, near, pushed)
    return shares


def _spread(grid, wrench, shares, to_do, near, pushed) -> None:
    few = grid[near][:, pushed]
    normal = few @ np.swapaxes(few, 1, 2) + 1e-13 * np.eye(len(pushed))
    found = np.linalg.solve(normal, few @ wrench[near][..., None])
    left = wrench[near] - (np.swapaxes(few, 1, 2) @ found)[..., 0]
    helps = (grid[near] @ left[..., None])[..., 0].max(axis=1)
    proven = (found[..., 0] >= 0).all(axis=1) & (helps <= SLACK)
    kept = near[proven]
    shares[np.ix_(kept, pushed)] = found[proven, :, 0]
    to_do[kept] = False
