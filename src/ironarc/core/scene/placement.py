"""Where a performer stands as a whole: moved, turned about the up axis and scaled. No joint angle changes."""

from dataclasses import dataclass, replace

import numpy as np

from ironarc.core import rotation
from ironarc.core.errors import EditError, check_number

MAX_SCALE = 100.0
MAX_OFFSET_M = 1000.0


@dataclass(frozen=True)
class Placement:
    """world = offset + R_y(turn) (scale × own place).

    offset_m : (3,) m; turn_rad : about the up axis, from +Z towards +X; scale : more than 0
    """

    offset_m: tuple[float, float, float] = (0.0, 0.0, 0.0)
    turn_rad: float = 0.0
    scale: float = 1.0

    @property
    def rotation(self) -> np.ndarray:
        """(4,) unit quaternion of the turn."""
        return rotation.about_axis("Y", self.turn_rad)

    @property
    def is_identity(self) -> bool:
        return self == Placement()

    def to_world(self, own: np.ndarray) -> np.ndarray:
        """Places (..., 3) m from the performer's own axes into the world's."""
        return rotation.rotate(self.rotation, np.asarray(own) * self.scale) + np.array(self.offset_m)

    def to_own(self, world: np.ndarray) -> np.ndarray:
        """The way back of `to_world`."""
        return rotation.rotate(self.rotation, np.asarray(world) - np.array(self.offset_m), back=True) / self.scale

    def shift_to_own(self, shift: np.ndarray) -> np.ndarray:
        """A shift (..., 3) m in world axes as one in the performer's own."""
        return rotation.rotate(self.rotation, np.asarray(shift), back=True) / self.scale

    def about(self, pivot_m: np.ndarray, turn_rad: float | None = None, scale: float | None = None) -> "Placement":
        """The placement with another turn or scale that leaves the world point `pivot_m` (3,) where it is."""
        own = self.to_own(pivot_m)
        changed = replace(
            self,
            turn_rad=self.turn_rad if turn_rad is None else turn_rad,
            scale=self.scale if scale is None else scale,
        ).checked()
        return changed.moved(np.asarray(pivot_m) - changed.to_world(own))

    def moved(self, by_m: np.ndarray) -> "Placement":
        """The placement shifted by (3,) m."""
        at = tuple(float(v) for v in np.array(self.offset_m) + np.asarray(by_m))
        return replace(self, offset_m=at).checked()

    def checked(self) -> "Placement":
        """Itself; EditError for a scale that is not more than zero or a place out of all bounds."""
        if not (np.isfinite(self.scale) and 0 < self.scale <= MAX_SCALE):
            raise EditError(
                f"A scale must be more than 0 and up to {MAX_SCALE * 100:.0f} %; {self.scale * 100:g} % was given."
            )
        if not np.isfinite([*self.offset_m, self.turn_rad]).all() or np.abs(self.offset_m).max() > MAX_OFFSET_M:
            raise EditError(f"A place lies within {MAX_OFFSET_M:.0f} m of the middle of the stage.")
        check_number("The turn", self.turn_rad)
        return self
