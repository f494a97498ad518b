"""Markers of a capture in the shot: points that were seen, set beside a performer to be compared with it."""

from dataclasses import dataclass, field

import numpy as np

from ironarc.core.errors import EditError, check_frame
from ironarc.core.scene.placement import Placement

MOST_MARKERS = 300
MOST_VALUES = 2_500_000
ON_A_ROW = 1e-3  # rows: rates in files are rounded


@dataclass(frozen=True)
class Worn:
    """That a marker sits on a joint of the performer. at_m : (3,) m from the joint, in the joint's own axes"""

    marker: str
    joint: str
    at_m: tuple[float, float, float]


@dataclass(frozen=True, eq=False)
class MarkerSet:
    """Markers that were brought in.

    names : of the markers; places : (rows, 3 × markers) m, own axes with y up; NaN where one was not seen
    first : frame of the shot that the first row is seen on; row_s : seconds between rows
    performer : id of the one they are compared with; worn : where each of them sits on it, as far as that was found
    """

    id: str
    name: str
    names: tuple[str, ...]
    places: np.ndarray
    first: float
    row_s: float
    placement: Placement = field(default_factory=Placement)
    performer: str = ""
    worn: tuple[Worn, ...] = ()
    hidden: bool = False
    locked: bool = False

    def checked(self) -> "MarkerSet":
        """Itself; EditError for what no markers can be."""
        rows, wide = self.places.shape
        if not 1 <= len(self.names) <= MOST_MARKERS or wide != 3 * len(self.names) or len(set(self.names)) != wide // 3:
            raise EditError(f"{self.name} needs 1 to {MOST_MARKERS} markers, each with a name of its own.")
        if rows < 1 or self.places.size > MOST_VALUES:
            raise EditError(f"{self.name} is too long: {rows:,} frames of {len(self.names)} markers.")
        if not 1e-5 <= self.row_s <= 100:
            raise EditError(f"The rate of {self.name} is out of reach.")
        check_frame(f"The first frame of {self.name}", self.first)
        self.placement.checked()
        return self

    def own_at(self, frames: np.ndarray, frame_s: float) -> np.ndarray:
        """(frames, markers, 3) m in own axes on the shot's `frames`, `frame_s` seconds apart: straight between the two
        rows around, NaN where one of those was not seen, and before and after all rows."""
        at = (np.asarray(frames, dtype=float) - self.first) * frame_s / self.row_s
        last = len(self.places) - 1
        at = np.where(np.abs(at - np.round(at)) < ON_A_ROW, np.round(at), at)
        low = np.clip(np.floor(at).astype(int), 0, last)
        high = np.clip(np.ceil(at).astype(int), 0, last)
        share = (at - low)[:, None]
        # what lies on a row is that row, whatever the next one has
        between = self.places[low] * (1 - share) + np.where(share > 0, self.places[high] * share, 0.0)
        between[(at < 0) | (at > last)] = np.nan
        return between.reshape(len(at), -1, 3)

    def at(self, frames: np.ndarray, frame_s: float) -> np.ndarray:
        """(frames, markers, 3) m in the world, as `own_at` has them."""
        return self.placement.to_world(self.own_at(frames, frame_s))
