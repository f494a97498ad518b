"""Free arcs fitted to any window of a path, all windows at once."""

from dataclasses import dataclass

import numpy as np


@dataclass(frozen=True)
class Windows:
    """Arcs over windows, one value each.

    rss_y : m², left of the height by the best parabola; rss_xz : m², left of the two level axes by the best lines
    implied_g : m/s², of the parabola; NaN for a window of less than three frames
    se_per_m : (m/s²)/m, standard error of implied_g for a scatter of 1 m
    """

    rss_y: np.ndarray
    rss_xz: np.ndarray
    implied_g: np.ndarray
    se_per_m: np.ndarray


class Arcs:
    """Lines to x and z and parabolas to y of a path (frames, 3) m, over any windows of it.

    A window's sums of t⁰ y, t¹ y, t² y and y² are differences of running sums, so a thousand windows cost what one
    does. The path is taken apart from its own best parabola first, which keeps the running sums small.
    """

    def __init__(self, path: np.ndarray, dt: float):
        n = len(path)
        self.path, self.dt, self.frames = path, dt, n
        t = np.arange(n) - (n - 1) / 2
        scale = max(np.abs(t).max(), 1.0)
        basis = np.column_stack([np.ones(n), t / scale, (t / scale) ** 2])
        bent, *_ = np.linalg.lstsq(basis, path[:, 1], rcond=None)
        level, *_ = np.linalg.lstsq(basis[:, :2], path[:, [0, 2]], rcond=None)
        # a path of one or two frames has no curvature of its own
        self._bend = -2 * bent[2] / (scale * dt) ** 2 if n > 2 else 0.0
        y = path[:, 1] - basis @ (bent if n > 2 else np.array([*bent[:2], 0.0]))
        xz = path[:, [0, 2]] - basis[:, :2] @ level
        self._t = t
        rows = [y, t * y, t * t * y, y * y, xz[:, 0], xz[:, 1], t * xz[:, 0], t * xz[:, 1], (xz * xz).sum(axis=1)]
        self._sums = np.zeros((n + 1, len(rows)))
        np.cumsum(np.array(rows).T, axis=0, out=self._sums[1:])

    def fit(self, a: np.ndarray, b: np.ndarray) -> Windows:
        """Arcs over the windows of indices [a, b), arrays of one shape."""
        a, b = np.asarray(a), np.asarray(b)
        length = (b - a).astype(float)
        y0, y1, y2, yy, x0, z0, x1, z1, xz = np.moveaxis(self._sums[b] - self._sums[a], -1, 0)
        middle = (self._t[a] + self._t[b - 1]) / 2
        s2 = length * (length**2 - 1) / 12
        s4 = length * (length**2 - 1) * (3 * length**2 - 7) / 240
        ty, tx, tz = y1 - middle * y0, x1 - middle * x0, z1 - middle * z0
        tty = y2 - 2 * middle * y1 + middle**2 * y0
        curved = s4 - s2**2 / length  # left of t² by the line
        safe2, safe4 = np.maximum(s2, 1e-12), np.maximum(curved, 1e-12)
        bend = (tty - s2 * y0 / length) / safe4
        enough = length > 2
        rss_y = yy - y0**2 / length - ty**2 / safe2 - np.where(enough, bend**2 * curved, 0.0)
        rss_xz = xz - (x0**2 + z0**2) / length - (tx**2 + tz**2) / safe2
        return Windows(
            np.where(enough, np.maximum(rss_y, 0.0), 0.0),
            np.where(length > 1, np.maximum(rss_xz, 0.0), 0.0),
            np.where(enough, self._bend - 2 * bend / self.dt**2, np.nan),
            np.where(enough, 2 / (np.sqrt(safe4) * self.dt**2), np.inf),
        )
