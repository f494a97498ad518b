"""Guide curves: where a chosen point of the body should be at each frame. They guide; nothing is driven by them."""

from dataclasses import dataclass

import numpy as np
from scipy.interpolate import CubicSpline

from ironarc.core.errors import EditError, check_frame
from ironarc.core.scene.fall import leap_between
from ironarc.core.settings import MAX_FRAMES

DRAWN, GRAVITY = "drawn", "gravity"
COM, ROOT = "com", "root"
LEVEL_SHARE = 0.1  # of its length: a path that travels this far over the floor is timed by that travel


@dataclass(frozen=True)
class Guide:
    """A path through the air.

    kind : "drawn" through all its points, or "gravity", an arc from the first point to the last
    points_m : (points, 3) m, world
    first : frame of the first point; frames : frames from there to the last point, whole or not
    of : "com" (center of gravity), "root" (hips), or the name of a joint
    performer : id of the one it is for
    """

    id: str
    name: str
    kind: str
    points_m: tuple[tuple[float, float, float], ...]
    first: int
    frames: float
    of: str = COM
    performer: str = ""
    hidden: bool = False
    locked: bool = False

    def checked(self) -> "Guide":
        """Itself; EditError for too few points or frames."""
        wanted = 2 if self.kind == GRAVITY else 3
        if self.kind not in (DRAWN, GRAVITY):
            raise EditError(f"A guide curve is drawn or follows gravity; {self.kind!r} was given.")
        if len(self.points_m) < wanted or (self.kind == GRAVITY and len(self.points_m) > 2):
            raise EditError(
                "A guide drawn by gravity has a take-off and a landing point."
                if self.kind == GRAVITY
                else f"A guide curve needs {wanted} points or more; it has {len(self.points_m)}."
            )
        if not np.isfinite(self.points_m).all() or np.abs(self.points_m).max() > 1000:
            raise EditError("A guide's points lie within 1000 m of the middle of the stage.")
        if not (np.isfinite(self.frames) and 1 <= self.frames <= MAX_FRAMES):
            raise EditError(f"A guide runs over 1 to {MAX_FRAMES:,} frames; {self.frames:g} was given.")
        check_frame(f"The first frame of {self.name}", self.first)
        return self

    @property
    def last(self) -> int:
        """The last whole frame on the curve."""
        return self.first + int(np.floor(self.frames + 1e-9))

    def apex_m(self, dt: float, g: float) -> float:
        """Height (m) of the top of a path drawn by gravity; of a drawn one, its highest point."""
        heights = [point[1] for point in self.points_m]
        if self.kind != GRAVITY:
            return max(heights)
        hang = self.frames * dt
        up = (heights[-1] - heights[0]) / hang + g * hang / 2
        # the top lies outside the flight where it only rises or only falls
        return heights[0] + up * up / (2 * g) if 0 < up < g * hang else max(heights)

    def frame_numbers(self) -> np.ndarray:
        return np.arange(self.first, self.last + 1)

    def path(self, frames: np.ndarray, dt: float, g: float) -> np.ndarray:
        """(frames, 3) m: the curve at the shot's `frames`, NaN where it does not reach."""
        t = (np.asarray(frames, dtype=float) - self.first) / self.frames
        inside = (t >= 0) & (t <= 1 + 1e-9)
        out = np.full((len(t), 3), np.nan)
        if self.kind == GRAVITY:
            start, end = np.array(self.points_m[0]), np.array(self.points_m[-1])
            out[inside] = leap_between(start, end, self.frames * dt, g, t[inside] * self.frames * dt)
        else:
            points = np.array(self.points_m)
            out[inside] = CubicSpline(point_times(points), points, axis=0, bc_type="natural")(t[inside])
        return out


def point_times(points: np.ndarray) -> np.ndarray:
    """(points,) from 0 to 1: when the curve passes each of points (points, 3).

    In the air a body travels evenly over the floor, so a path that goes anywhere is timed by its level
    travel: a drawn parabola then speeds up and slows down as gravity would have it. A path that goes
    straight up or stays is timed by its length.
    """
    steps = np.diff(points, axis=0)
    level, whole = np.linalg.norm(steps[:, [0, 2]], axis=1), np.linalg.norm(steps, axis=1)
    by = level if level.sum() > LEVEL_SHARE * whole.sum() else whole
    # points on one spot still come one after the other
    by = np.maximum(by, max(by.sum(), 1e-6) * 1e-3)
    times = np.concatenate([[0.0], np.cumsum(by)])
    return times / times[-1]
