"""Clips that lie in a flight, as an order of play has them: a loop of those falls on as gravity has it."""

from dataclasses import replace

import numpy as np

from ironarc.core.exchange.joins import com_of
from ironarc.core.motion.poses import Poses
from ironarc.core.reading import Reading
from ironarc.core.reading.flights import Flight
from ironarc.core.scene.strip import Strip

UP = np.array([0.0, 1.0, 0.0])
LIKE = 0.11  # of the speed of a landing, by which another one still looks right


class Falling:
    """Clips that lie in a flight: a loop of those falls on as gravity has it, round after round."""

    def __init__(self, reading: Reading):
        self.reading, self.g, self.dt = reading, reading.g, reading.poses.dt

    def _in_air(self, strip: Strip) -> Flight | None:
        """The flight that a clip begins in."""
        return next((f for f in self.reading.flights if f.start <= strip.start <= f.end), None)

    def _loops(self, strip: Strip) -> bool:
        flight = self._in_air(strip)
        return strip.is_loop and flight is not None and strip.end <= flight.end

    def goes_on(
        self, before: Strip, after: Strip, piece: Poses, ends
    ) -> tuple[np.ndarray, float, str, np.ndarray | None]:
        """By how much a clip is moved up on each of its frames (frames,) m, by how much then all of it and all before
        it, what is said of the landing, and the center of gravity's path (frames, 3) m through a loop.

        ends : local rotations and origins of the last two frames before it
        """
        still = np.zeros(len(piece.frames))
        leaves = self._in_air(replace(before, start=before.end))
        if not (self._loops(after) or (self._loops(before) and self._in_air(after))) or leaves is None:
            return still, 0.0, "", None
        own = com_of(piece, self.reading.body, piece.local, piece.translation)[:, 1]
        last = com_of(piece, self.reading.body, *ends)
        t = np.arange(1, len(own) + 1)[:, None] * self.dt
        v = (last[1] - last[0]) / self.dt - UP * self.g * self.dt / 2
        path = last[1] + v * t - UP * self.g * t * t / 2
        if self._loops(after):
            return path[:, 1] - own, 0.0, "", path
        lift = float(own[0] - path[0, 1])
        return still - lift, lift, self._lands(after, own, float(v[1]) - self.g * self.dt), None

    def share(self, strip: Strip, frames: int) -> np.ndarray:
        """(frames,) 1 where a clip that begins in a flight is still in it."""
        flight = self._in_air(strip)
        return (np.arange(frames) + strip.start <= flight.end).astype(float)

    def _lands(self, after: Strip, own: np.ndarray, comes: float) -> str:
        """How fast a landing is come to, beside what it was made for."""
        flight = self._in_air(after)
        k = flight.end + 1 - after.start
        if not flight.landing_seen or k >= len(own):
            return ""
        # as much faster at the touch as it is now, by what it has gained beside its own
        was = float(own[1] - own[0]) / self.dt + self.g * self.dt / 2
        made = float(-flight.landing_ms[1])
        at = float(np.sqrt(max(made**2 + comes**2 - was**2, 0.0)))
        low, high = ((made * share) ** 2 / (2 * self.g) for share in (1 - LIKE, 1 + LIKE))
        return (
            f"{after.name} comes in at {at:.1f} m/s, a fall of {at**2 / (2 * self.g):.1f} m. It was animated for "
            f"{made:.1f} m/s and suits drops of {low:.1f} to {high:.1f} m."
        )
