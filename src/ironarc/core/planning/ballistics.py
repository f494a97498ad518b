"""The timing of a jump before there is a body: closed forms of a thrown body; arcs and bounces.

Up is y. With take-off speed v at angle a over the level, vx = v cos a and vy = v sin a:
rise = vy² / 2g, drop = g t₂² / 2, hang = vy / g + t₂, distance = vx hang, where t₂ is the time from apex to landing.
"""

from collections.abc import Iterator
from dataclasses import dataclass
from itertools import pairwise

import numpy as np

from ironarc.core.errors import EditError
from ironarc.core.settings import GRAVITY_MS2

MOST_FRAMES = 2_000  # of anything that is drawn frame by frame
MOST_HOPS = 2_000
WORLDS = {
    "Earth": GRAVITY_MS2, "Moon": 1.62, "Mars": 3.71, "Venus": 8.87, "Jupiter": 24.79,
}  # fmt: skip


@dataclass(frozen=True)
class Plan:
    """A flight in full.

    rise_m, drop_m : take-off to apex, apex to landing; hang_s; distance_m : over the level, None if not asked
    up_ms : vertical take-off speed; along_ms : level speed or None; g : m/s²; fps : frames a second
    assumed : a sentence for what was taken for granted, or ""
    """

    rise_m: float
    drop_m: float
    hang_s: float
    up_ms: float
    g: float
    fps: float
    distance_m: float | None = None
    along_ms: float | None = None
    assumed: str = ""

    @property
    def frames(self) -> float:
        """Frames in the air, not rounded."""
        return self.hang_s * self.fps

    @property
    def whole_frames(self) -> int:
        return max(int(np.floor(self.frames + 0.5)), 1)

    @property
    def rise_s(self) -> float:
        """Seconds from take-off to apex."""
        return self.up_ms / self.g

    @property
    def speed_ms(self) -> float | None:
        return None if self.along_ms is None else float(np.hypot(self.along_ms, self.up_ms))

    @property
    def angle_rad(self) -> float | None:
        return None if self.along_ms is None else float(np.arctan2(self.up_ms, self.along_ms))

    @property
    def whole_frame_g(self) -> float:
        """The gravity that rise and drop imply if the flight takes the nearest whole number of frames, m/s²."""
        return implied_gravity(self.rise_m, self.drop_m, self.whole_frames / self.fps)

    def height(self, seconds: np.ndarray) -> np.ndarray:
        """Heights (times,) m over take-off."""
        return self.up_ms * np.asarray(seconds) - self.g / 2 * np.asarray(seconds) ** 2

    def frame_table(self) -> list[dict]:
        """One row a frame from take-off (0) to the last whole frame, and the landing itself.

        height_m over take-off; share of the rise; moved_m since the row before; along_m over the level, or None
        """
        times = np.append(np.arange(int(np.ceil(self.frames - 1e-9))) / self.fps, self.hang_s)
        heights = self.height(times)
        steps = np.diff(heights, prepend=heights[0])
        return [
            {
                "frame": float(t * self.fps),
                "seconds": float(t),
                "height_m": float(h),
                "share": float(h / self.rise_m) if self.rise_m > 0 else 0.0,
                "moved_m": float(step),
                "along_m": None if self.along_ms is None else float(self.along_ms * t),
            }
            for t, h, step in zip(times, heights, steps, strict=True)
        ]


def hang_time(rise_m: float, drop_m: float, g: float = GRAVITY_MS2) -> float:
    """Seconds in the air: sqrt(2 rise / g) + sqrt(2 drop / g)."""
    return float(np.sqrt(2 * rise_m / g) + np.sqrt(2 * drop_m / g))


def implied_gravity(rise_m: float, drop_m: float, hang_s: float) -> float:
    """Gravity (m/s²) under which a rise and a drop take `hang_s`: (sqrt(2 rise) + sqrt(2 drop))² / hang²."""
    return float((np.sqrt(2 * rise_m) + np.sqrt(2 * drop_m)) ** 2 / hang_s**2)


def hang_over(start_y: float, end_y: float, apex_y: float, g: float) -> float:
    """Seconds from a take-off height over an apex to a landing height, m; EditError for an apex below either."""
    if apex_y < max(start_y, end_y):
        raise EditError(
            f"The apex, {apex_y * 100:.0f} cm, lies below the {'landing' if end_y > start_y else 'take-off'} at "
            f"{max(start_y, end_y) * 100:.0f} cm. Raise it."
        )
    return hang_time(apex_y - start_y, apex_y - end_y, g)


@dataclass(frozen=True)
class Bounce:
    """One hop of a series: its height, its time in the air, and when it begins (s after the drop begins)."""

    rise_m: float
    hang_s: float
    start_s: float


def bounces(drop_m: float, factor: float, g: float = GRAVITY_MS2, rest_m: float = 0.005) -> tuple[list[Bounce], float]:
    """Hops of something dropped from `drop_m` until one would be lower than `rest_m`; and when it rests, s.

    factor : speed after a bounce over speed before it, 0 to less than 1; each hop is factor² as high and
    factor as long as the one before.
    """
    if not (np.isfinite(drop_m) and drop_m > 0):
        raise EditError(f"A bounce needs a height to fall from, more than 0; {drop_m:g} was given.")
    if not (np.isfinite(g) and g > 0):
        raise EditError(f"Gravity must be more than 0 for anything to fall; {g:g} was given.")
    if not 0 <= factor < 1:
        raise EditError(f"The bounce factor lies from 0 to less than 1; {factor:g} was given. At 1 it never rests.")
    hops, start, rise = [], float(np.sqrt(2 * drop_m / g)), drop_m * factor**2
    while rise >= rest_m:
        if len(hops) == MOST_HOPS:
            raise EditError(
                f"With a bounce factor of {factor:g} it would hop more than {MOST_HOPS:,} times before it rests. "
                "Make the factor smaller."
            )
        hang = 2 * float(np.sqrt(2 * rise / g))
        hops.append(Bounce(rise, hang, start))
        start, rise = start + hang, rise * factor**2
    return hops, start


def check_frames(what: str, frames: float) -> None:
    """EditError for more frames than are drawn one by one."""
    if not frames <= MOST_FRAMES:
        raise EditError(f"{what} takes {frames:,.0f} frames; up to {MOST_FRAMES:,} can be shown. Make it shorter.")


def whole_frame_starts(hops: list[Bounce], rest_s: float, fps: float) -> Iterator[tuple[int, int]]:
    """First frame and frames of each hop, with every contact on its nearest whole frame."""
    contacts = [round(hop.start_s * fps) for hop in hops] + [round(rest_s * fps)]
    yield from ((a, b - a) for a, b in pairwise(contacts))
