"""Rows of arrays, a frame each: where they differ, and worked out anew on some spans only."""

from collections.abc import Iterator

import numpy as np

Span = tuple[int, int]  # frame indices [a, b)
BLOCK = 256  # frames worked on at once, so that what comes between stays in the cache
MANY = 1024  # the same where little comes of each frame, so that less time goes to calling
LEAST = 4  # frames worked on at once: one or two are multiplied another way, and differ in their last digit
MOST = 0.5  # of all frames, from which everything is worked out anew
NEAR = 64  # frames between two spans, under which they are one


def runs(flags: np.ndarray) -> list[Span]:
    """Index spans [a, b) over which `flags` (n,) is True."""
    padded = np.zeros(len(flags) + 2, dtype=bool)
    padded[1:-1] = flags
    edges = np.flatnonzero(padded[1:] != padded[:-1]).tolist()
    return list(zip(edges[::2], edges[1::2], strict=True))


def differing(a: np.ndarray, b: np.ndarray, among: np.ndarray | None = None) -> np.ndarray:
    """(frames,) bool: rows of two arrays of one shape that are not the same to the last digit; NaN is like NaN.
    among : (frames,) bool, rows outside of which they are known to be the same"""
    if a is b:
        return np.zeros(len(a), dtype=bool)
    if among is not None:
        found, at = np.zeros(len(a), dtype=bool), np.flatnonzero(among)
        if len(at):
            found[at] = differing(a[at], b[at])
        return found
    off = (a != b).reshape(len(a), -1)
    found = off.any(axis=1)
    if a.dtype.kind == "f" and found.any():
        rows = np.flatnonzero(found)
        x, y = a[rows].reshape(len(rows), -1), b[rows].reshape(len(rows), -1)
        found[rows] = ~((x == y) | (np.isnan(x) & np.isnan(y))).all(axis=1)
    return found


def grown(rows: np.ndarray, by: int) -> np.ndarray:
    """(frames,) bool: those within `by` frames of one of `rows`."""
    if by <= 0 or not rows.any():
        return rows
    marks = np.zeros(len(rows) + 1, dtype=int)
    at = np.flatnonzero(rows)
    np.add.at(marks, np.maximum(at - by, 0), 1)
    np.add.at(marks, np.minimum(at + by + 1, len(rows)), -1)
    return np.cumsum(marks[:-1]) > 0


def spans_of(rows: np.ndarray) -> list[Span]:
    """Index spans [a, b) that hold all of `rows` (frames,) bool, `LEAST` frames long or all of them; those close to one
    another are one."""
    out: list[Span] = []
    for a, b in runs(rows):
        short = LEAST - (b - a)
        if short > 0:
            a = max(min(a - short // 2, len(rows) - LEAST), 0)
            b = max(b, min(a + LEAST, len(rows)))
        if out and a - out[-1][1] < NEAR:
            out[-1] = (min(out[-1][0], a), max(out[-1][1], b))
        else:
            out.append((a, b))
    return out


def blocks(n: int, block: int = BLOCK) -> Iterator[Span]:
    """Index spans [a, b) that n frames are worked on by, one after the other."""
    a = 0
    while a < n:
        b = a + block if n - a - block >= LEAST else n
        yield a, b
        a = b


def rows_of(spans: list[Span], n: int) -> np.ndarray:
    """(n,) bool: the rows in these spans."""
    out = np.zeros(n, dtype=bool)
    for a, b in spans:
        out[a:b] = True
    return out


def as_wide(x: np.ndarray, wide: int) -> np.ndarray:
    """(frames, wide, …): x (frames, columns, …) with its last column repeated, as hulls have their last corner."""
    if x.ndim < 3 or x.shape[1] == wide:
        return x
    return np.concatenate([x, np.repeat(x[:, -1:], wide - x.shape[1], axis=1)], axis=1)


def widened(span: Span, by: int, n: int) -> Span:
    return max(span[0] - by, 0), min(span[1] + by, n)
