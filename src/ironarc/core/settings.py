"""Every threshold of the readings, in one table: default, unit and reason. Interface, docs and command line read it."""

from dataclasses import dataclass

GRAVITY_MS2 = 9.81
REFERENCE_HEIGHT_M = 1.75  # lengths in these tables belong to a figure this tall, and scale with it
# What can be brought in, set or worked out at once. Beyond, numbers lose their meaning or a machine its memory.
MAX_FRAMES = 20_000
MAX_JOINTS = 200
MAX_FRAMES_X_JOINTS = 2_500_000  # of all performers of a shot together
MAX_FRAME_NUMBER = 100_000  # either side of 0
MAX_NUMBER = 1e7  # of anything that is typed or read from a file, either side of 0


@dataclass(frozen=True)
class Setting:
    """One threshold of the reading."""

    value: float
    unit: str
    reason: str


SETTINGS = {
    "contact_near": Setting(0.045, "m", "a point this near the floor may be resting on it"),
    "contact_leave": Setting(0.075, "m", "a resting point above this has left the floor"),
    "contact_slow": Setting(0.60, "m/s", "a point slower than this may be resting"),
    "contact_fast": Setting(1.20, "m/s", "a resting point faster than this has left"),
    "contact_deep": Setting(0.15, "m", "a point this far inside a prop passes through it and does not rest on it"),
    "flight_frames": Setting(3, "frames", "a shorter gap between contacts is not called a flight"),
    "position_noise": Setting(0.002, "m", "least noise of the center of gravity; sets the error of implied g"),
    "hang_errors": Setting(2.0, "standard errors", "implied g must be off by more than this to be graded"),
    "spin_floor": Setting(5.0, "kg·m²/s", "unsteadiness below this is not graded; for 75 kg and 1.75 m"),
    "believed_height_min": Setting(1.2, "m", "a figure is believed to be from this tall"),
    "believed_height_max": Setting(2.6, "m", "to this tall"),
}
