"""Every threshold of the readings, in one table: default, unit and reason. Interface, docs and command line read it."""

from dataclasses import dataclass

GRAVITY_MS2 = 9.81
REFERENCE_HEIGHT_M = 1.75  # lengths in these tables belong to a figure this tall, and scale with it
# What can be brought in, set or worked out at once. Beyond, numbers lose their meaning or a machine its memory.
MAX_FRAMES = 20_000
MAX_JOINTS = 200
MAX_FRAMES_X_JOINTS = 2_500_000  # of all performers of a shot together
MAX_FRAME_NUMBER = 100_000  # either side of 0
MIN_G_MS2, MAX_G_MS2 = 0.01, 300.0  # from that of a small asteroid to beyond the sun's
MAX_FLOOR_M = 1000.0  # that a floor lies from 0
LEAST_KG, LARGEST_KG = 1e-9, 1e6  # of a body, a part or a load
LEAST_FIGURE_M = 1e-3  # that a figure reaches from end to end, at the size it is brought in at
MAX_NUMBER = 1e7  # of anything that is typed or read from a file, either side of 0


@dataclass(frozen=True)
class Setting:
    """One threshold of the reading."""

    value: float
    unit: str
    reason: str


SETTINGS = {
    "contact_rest": Setting(0.03, "m", "a point begins to rest this near a surface"),
    "contact_slow": Setting(0.30, "m/s", "and slower than this"),
    "contact_hold": Setting(0.05, "m", "a resting point goes on resting up to this height"),
    "contact_fast": Setting(0.70, "m/s", "and up to this speed"),
    "contact_near": Setting(0.045, "m", "a point this near bears too, on frames on which the body is borne"),
    "contact_clear": Setting(0.075, "m", "with nothing nearer than this and nothing at rest a frame is clear"),
    "contact_deep": Setting(0.15, "m", "a point this far inside a prop passes through it and does not rest on it"),
    "floor_slow": Setting(0.60, "m/s", "the lowest skin, slower than this, tells of the floor"),
    "floor_seen": Setting(0.03, "share of frames", "with fewer than these the floor is unseen, and at 0"),
    "floor_band": Setting(0.015, "m", "heights this near one another are one level"),
    "floor_zero_share": Setting(0.35, "share", "of the most common level's frames near 0 that make 0 the floor"),
    "floor_far": Setting(0.05, "m", "a level farther from 0 than this is doubted more"),
    "floor_far_share": Setting(0.08, "share", "of its frames near 0 that make 0 the floor then"),
    "free_window": Setting(0.10, "s", "of a true free arc, in which a point near a surface rests by chance only"),
    "free_gravity": Setting(0.12, "share of g", "that such an arc may be off"),
    "free_y": Setting(0.002, "m", "that its height may be off"),
    "free_xz": Setting(0.003, "m", "that its level axes may be off"),
    "free_touch": Setting(0.015, "m", "a point nearer than this"),
    "free_still": Setting(0.15, "m/s", "and slower than this rests all the same"),
    "hover_time": Setting(0.12, "s", "clear for longer than this"),
    "hover_reach": Setting(0.12, "m", "but never by this much"),
    "hover_still": Setting(0.35, "m/s", "and slower than this: a body that should rest and floats"),
    "flight_gap": Setting(0.034, "s", "clear spans this near one another are one flight"),
    "flight_rms": Setting(0.004, "m", "that one arc through two clear spans, or through doubt, may be off"),
    "flight_reach": Setting(0.20, "s", "that a flight may begin before and end after its clear span"),
    "flight_deep": Setting(-0.04, "m", "a flight never begins or ends with a point under this"),
    "flight_gain": Setting(2.5, "squares", "of misfit that a frame more in the air is worth"),
    "proof_shortest": Setting(0.085, "s", "the shortest flight that doubt alone can prove"),
    "proof_longest": Setting(0.60, "s", "and the longest"),
    "proof_se": Setting(0.15, "share of g", "error of its implied gravity"),
    "position_noise": Setting(0.002, "m", "least noise of the center of gravity; sets the error of implied g"),
    "hang_errors": Setting(2.0, "standard errors", "implied g must be off by more than this to be graded"),
    "spin_floor": Setting(9.0, "kg·m²/s", "unsteadiness below this is not graded; for 75 kg and 1.75 m"),
    "friction": Setting(0.8, "share of the push", "that a contact can give along a surface before it slips"),
    "phantom_kept": Setting(0.10, "s", "that a force from nowhere must last to be told; a frame of it is noise"),
    "believed_height_min": Setting(1.2, "m", "a figure is believed to be from this tall"),
    "believed_height_max": Setting(2.6, "m", "to this tall"),
}
