"""Where the floor is: the height a body's skin comes to rest at."""

from dataclasses import dataclass

import numpy as np

from ironarc.core.reading.skin import SkinTrack
from ironarc.core.settings import SETTINGS

LOWEST_PERCENT = 5  # of all frames that lie under the floor where it is not seen
AT_ZERO_BANDS = 1.5  # bands of one level either side of 0 that count as at 0
MEASURED, AT_ZERO, UNSEEN, SET = "measured", "at zero", "unseen", "set"


@dataclass(frozen=True)
class Floor:
    """A level or tilted plane: y = height_m + slope · (x, z).

    other_m : another height that nearly as many frames rest at, or None: the floor may as well be there
    slope : (2,) rise per metre along x and z; how : "measured", "at zero" (beside a level that rests higher),
        "unseen" (nothing ever rests) or "set"
    """

    height_m: float
    slope: tuple[float, float] = (0.0, 0.0)
    how: str = SET
    other_m: float | None = None

    @property
    def normal(self) -> np.ndarray:
        """(3,) unit, out of the floor."""
        n = np.array([-self.slope[0], 1.0, -self.slope[1]])
        return n / np.linalg.norm(n)

    def levels_but(self, height_m: float, size: float) -> float | None:
        """Of the two levels it may be at, the one that is not at some height; None where there is one only."""
        if self.other_m is None:
            return None
        near = SETTINGS["floor_band"].value * size
        return next((h for h in (self.height_m, self.other_m) if abs(h - height_m) > 2 * near), None)

    def clearance(self, points: np.ndarray) -> np.ndarray:
        """(...,) m of points (..., 3) over the floor, square to it; less than 0 inside."""
        if self.slope == (0.0, 0.0):
            return points[..., 1] - self.height_m
        return (points - [0.0, self.height_m, 0.0]) @ self.normal


def estimate_floor(track: SkinTrack, size: float, tilted: bool = False, falls: np.ndarray | None = None) -> Floor:
    """The level that the body rests at.

    Over the frames on which the lowest skin is slow, the floor is the height with most of them within a band of
    1.5 cm either side. A body that mostly rests elsewhere (seated, on a box) and sometimes near 0 stands on 0.
    falls : (frames,) bool, of a body that falls freely: nothing rests then, and it has no vote
    Where another level is nearly as common, it is told too.
    size : height of the figure over 1.75 m; tilted : fit a plane to those frames instead of a height
    """
    height = track.at[..., 1]
    if height.size == 0:
        return Floor(0.0, how=UNSEEN)
    rows = np.arange(len(height))
    point = height.argmin(axis=1)
    lowest = height[rows, point]
    slow = track.speed[rows, point] < SETTINGS["floor_slow"].value * size
    if falls is not None:
        slow &= ~falls
    rest = np.sort(lowest[slow])
    if len(rest) < max(3, SETTINGS["floor_seen"].value * len(height)):
        under = float(lowest.min())
        # nothing rests: what flies throughout flies over 0, unless it would be under it
        return Floor(
            0.0 if under > -SETTINGS["contact_hold"].value * size else float(np.percentile(lowest, LOWEST_PERCENT)),
            how=UNSEEN,
        )
    band = SETTINGS["floor_band"].value * size
    # sorted: the frames within the band of each height lie between two places
    within = np.searchsorted(rest, rest + band, "left") - np.searchsorted(rest, rest - band, "right")
    best = rest[within >= within.max()]
    mode = float(best[len(best) // 2])  # one of them: two levels may be as common, and neither lies between
    mode = float(np.median(rest[np.abs(rest - mode) < band]))
    at_zero = int((np.abs(rest) < AT_ZERO_BANDS * band).sum())
    far = abs(mode) > SETTINGS["floor_far"].value * size
    share = SETTINGS["floor_far_share" if far else "floor_zero_share"].value
    if abs(mode) > 2 * band and at_zero >= max(3, share * within.max()):
        close = at_zero >= SETTINGS["floor_close"].value * within.max()
        return Floor(0.0, how=AT_ZERO, other_m=mode if close else None)
    apart = np.abs(rest - mode) > 2 * band
    other = float(rest[apart][within[apart].argmax()]) if apart.any() else None
    if other is not None and within[apart].max() < SETTINGS["floor_close"].value * within.max():
        other = None
    if not tilted:
        return Floor(mode, how=MEASURED, other_m=other)
    at = track.at[rows, point][slow]
    design = np.column_stack([np.ones(len(at)), at[:, 0], at[:, 2]])
    # a body that stays on one spot says nothing of a slope: the least change from level
    spread = design - design.mean(axis=0)
    solved = np.linalg.pinv(spread[:, 1:], rcond=0.02) @ (at[:, 1] - at[:, 1].mean())
    return Floor(
        float(at[:, 1].mean() - at[:, [0, 2]].mean(axis=0) @ solved), tuple(float(x) for x in solved), MEASURED
    )
