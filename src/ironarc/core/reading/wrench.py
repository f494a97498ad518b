"""The nearest wrench that pushes can give: a non-negative least squares a frame, neighbours solved along with it."""

import numpy as np
from scipy.optimize import nnls

from ironarc.core import rotation

REACH = 12  # frames to either side that are tried with the same pushes
TOGETHER = 24  # frames that are solved together: what pushes on others tells nothing of them
SLACK = 1e-9  # that a push left out may still be asked for


def nearest(grid: np.ndarray, ends: np.ndarray, wrench: np.ndarray, begins: int = 0) -> np.ndarray:
    """Shares (rows,) of the pushes `grid` (rows, 6) that come nearest to the wrenches (frames, 6): argmin ‖Gᵀ x − w‖,
    x ≥ 0, of every frame.

    ends : (frames + 1,) where each frame's rows begin and end. Frames next to one another mostly push with the same
        few edges: those found for one are tried on its neighbours, and kept where the solution they give is proven by
        its own conditions (no share below nothing, no push left out that would help).
    begins : index of the first frame in the whole motion, so that the same frames are together in a part of it
    """
    shares, counts = np.zeros(len(grid)), np.diff(ends)
    n = len(counts)
    cut = np.diff(counts, prepend=-1) != 0
    cut[-begins % TOGETHER :: TOGETHER] = True
    starts = np.flatnonzero(cut)
    last = np.append(starts[1:], n) - 1
    to_do = counts > 0
    # frames that are together are done one after the other, but a frame of each in every round
    while len(starts):
        starts, last = _undone(starts, last, to_do)
        # a frame from whose middle the neighbours on both sides are reached
        tried = np.minimum(starts + REACH // 2, last)
        tried = np.where(to_do[tried], tried, starts)
        pushed = []
        for i in tried.tolist():
            rows = slice(ends[i], ends[i + 1])
            shares[rows], _ = nnls(grid[rows].T, wrench[i])
            pushed.append(np.flatnonzero(shares[rows]))
        to_do[tried] = False
        _spread(grid, ends, wrench, shares, to_do, starts, np.minimum(tried + REACH, last), pushed)
    return shares


def _undone(starts: np.ndarray, last: np.ndarray, to_do: np.ndarray) -> tuple[np.ndarray, np.ndarray]:
    """Of frames [start, last] that are together: the first that is left to do, and the last; without those done."""
    following = np.minimum.accumulate(np.where(to_do, np.arange(len(to_do)), len(to_do))[::-1])[::-1]
    starts = following[starts]
    left = starts <= last
    return starts[left], last[left]


def _from_each(starts: np.ndarray, counts: np.ndarray) -> np.ndarray:
    """start, start + 1, …: so many numbers from each start, one after the other."""
    return np.repeat(starts - np.cumsum(counts) + counts, counts) + np.arange(counts.sum())


def _spread(grid, ends, wrench, shares, to_do, starts, last, pushed) -> None:
    """Tries on the frames [start, last] that are left to do the edges that push on one of them."""
    which = np.repeat(np.arange(len(starts)), last - starts + 1)
    near = _from_each(starts, last - starts + 1)
    count = np.array([len(edges) for edges in pushed], dtype=int)
    left = to_do[near] & (count[which] > 0)
    which, near = which[left], near[left]
    if not len(near):
        return
    # edges one after the other, and nothing from there on: each as one equation that says 0
    edges = np.zeros((len(pushed), count.max()), dtype=int)
    used = np.arange(edges.shape[1]) < count[:, None]
    edges[used] = np.concatenate(pushed)
    edges, used = edges[which], used[which]
    few = np.where(used[..., None], grid[ends[near, None] + edges], 0.0)
    normal = few @ np.swapaxes(few, 1, 2) + np.where(used, 1e-13, 1.0)[..., None] * np.eye(edges.shape[1])
    found = np.linalg.solve(normal, few @ wrench[near][..., None])
    rest = wrench[near] - (np.swapaxes(few, 1, 2) @ found)[..., 0]
    found = found[..., 0]
    proven = (found >= 0).all(axis=1)
    if not proven.any():
        return
    begins, rest = ends[near[proven]], rest[proven]
    many = ends[near[proven] + 1] - begins
    of_rows = rotation.dot(grid[_from_each(begins, many)], np.repeat(rest, many, axis=0))
    proven[proven] = np.maximum.reduceat(of_rows, np.cumsum(many) - many) <= SLACK
    used = used[proven]
    shares[(ends[near[proven], None] + edges[proven])[used]] = found[proven][used]
    to_do[near[proven]] = False
