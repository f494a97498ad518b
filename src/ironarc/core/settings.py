"""Every threshold and grade, in one table: default, unit and reason. Interface, docs and command line read it."""

from dataclasses import dataclass

GRAVITY_MS2 = 9.81
REFERENCE_HEIGHT_M = 1.75  # lengths in these tables belong to a figure this tall, and scale with it
MAX_FRAMES = 20_000
MAX_JOINTS = 200


@dataclass(frozen=True)
class Grade:
    """Limits of one kind of finding. `scales` is how they grow with the figure: "" or "length"."""

    label: str
    strained: float
    cracked: float
    unit: str
    reason: str
    scales: str = ""


GRADES = {
    "hang": Grade(
        "Hang time", 0.12, 0.30, "share of g",
        "Captured flights lie within 3 %; a jump 12 % off reads as floaty or leaden."),
    "arc": Grade(
        "Off the arc", 0.03, 0.08, "m",
        "Captured leaps stay within 1 to 4 mm; 3 cm begins to show as a bump or a drift.", "length"),
    "spin": Grade(
        "Spin not steady", 0.20, 0.45, "share of mean spin",
        "Nothing can change the spin in the air; captured kicks hold it within 12 to 15 %."),
    "kink": Grade(
        "Kink at take-off or landing", 1.0, 2.0, "m/s",
        "Speed gained or lost between two neighbouring frames; captured leaps show 0.4 to 0.6 m/s.", "speed"),
}  # fmt: skip


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
