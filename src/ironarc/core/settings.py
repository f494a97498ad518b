"""Every threshold of the readings, in one table: default, unit and reason. Interface, docs and command line read it."""

from dataclasses import dataclass

GRAVITY_MS2 = 9.81
REFERENCE_HEIGHT_M = 1.75  # lengths in these tables belong to a figure this tall, and scale with it
CAPTURED = 1.75  # times the heights and limits of what a capture's markers blur
# What can be brought in, set or worked out at once. Beyond, numbers lose their meaning or a machine its memory.
MAX_FRAMES = 20_000
MAX_JOINTS = 200
MAX_FRAMES_X_JOINTS = 2_500_000  # of all performers of a shot together
MAX_MESH_POINTS, MAX_MESH_TRIANGLES = 60_000, 120_000  # of a prop
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
    "floor_close": Setting(0.6, "share", "of the most common level's frames that make another level as likely"),
    "floor_far": Setting(0.05, "m", "a level farther from 0 than this is doubted more"),
    "floor_far_share": Setting(0.08, "share", "of its frames near 0 that make 0 the floor then"),
    "free_window": Setting(0.10, "s", "of a true free arc, in which a point near a surface rests by chance only"),
    "free_gravity": Setting(0.12, "share of g", "that such an arc may be off"),
    "free_y": Setting(0.002, "m", "that its height may be off"),
    "free_xz": Setting(0.003, "m", "that its level axes may be off"),
    "free_touch": Setting(0.015, "m", "a point nearer than this"),
    "free_still": Setting(0.15, "m/s", "and slower than this rests all the same"),
    "hover_time": Setting(0.12, "s", "a stance on something unseen lasts for longer than this"),
    "hover_still": Setting(0.35, "m/s", "what hovers is slower than this, unless it stands on something unseen"),
    "hover_gravity": Setting(0.3, "share of g", "a path that falls by less is held up, where something may lie"),
    "step_window": Setting(0.10, "s", "over which what is lowest stays at one height where it may stand"),
    "step_level": Setting(0.012, "m", "to within this"),
    "step_reach": Setting(0.25, "m", "and up to this height: a step, a crate"),
    "held": Setting(0.03, "m/s", "with nothing faster than this a pose is held"),
    "stand_held": Setting(0.25, "s", "a pose held for less is a hitch and no stance on something unseen"),
    "stand_gain": Setting(3.0, "squares", "that a frame of a stance on something unseen is worth"),
    "stand_cost": Setting(8.0, "squares", "that such a stance costs to begin with"),
    "unborne": Setting(30.0, "squares", "that a clear frame costs which nothing bears"),
    "arc_cost": Setting(13.5, "squares", "that an arc costs to begin with: three frames make any parabola"),
    "arc_longest": Setting(3.0, "s", "the longest arc, and the longest part of a stance"),
    "flight_gap": Setting(0.034, "s", "clear spans this near one another are one flight"),
    "flight_rms": Setting(0.004, "m", "that one arc through two clear spans, or through doubt, may be off"),
    "flight_deep": Setting(-0.04, "m", "a flight has no point under this"),
    "deep_cost": Setting(50.0, "squares", "that a frame with one costs"),
    "flight_gain": Setting(2.5, "squares", "of misfit that a frame more in the air is worth"),
    "flight_edge": Setting(0.8, "frames", "that a frame with nothing clear is worth; one that is clear, one more"),
    "slow_doubt": Setting(2.0, "squares", "that a frame in doubt costs whose lowest point is slow"),
    "flight_short": Setting(4, "frames", "a flight of fewer tells of its gravity by the frames beside it"),
    "short_gravity": Setting(0.5, "share of g", "that an arc may be off at the cost of one square"),
    "quiet": Setting(0.4, "share", "of a capture's noise that a path without one may be off its arcs by"),
    "proof_shortest": Setting(0.085, "s", "the shortest flight that doubt alone can prove"),
    "proof_longest": Setting(0.60, "s", "and the longest"),
    "proof_se": Setting(0.15, "share of g", "error of its implied gravity"),
    "proof_least": Setting(0.8, "share of g", "from which implied gravity proves it"),
    "proof_pull": Setting(2.2, "share of g", "to which it does: nothing on the ground can pull"),
    "common_least": Setting(3, "spans", "of doubt that fall at one gravity, and prove one another"),
    "common_within": Setting(0.10, "share", "that they may differ by"),
    "common_shortest": Setting(0.08, "s", "the shortest flight of several that prove one another"),
    "common_slowest": Setting(0.20, "share of g", "from which gravity may be common"),
    "level_doubt": Setting(3.0, "squares", "that a frame costs in it where a point is low and level"),
    "position_noise": Setting(0.002, "m", "least noise of the center of gravity; sets the error of implied g"),
    "errors": Setting(2.0, "standard errors", "that a gravity, a spin and a plumb must be off by to be graded"),
    "spin_floor": Setting(9.0, "kg·m²/s", "unsteadiness below this is not graded; for 75 kg and 1.75 m"),
    "friction": Setting(0.8, "share of the push", "that a contact can give along a surface before it slips"),
    "push_reach": Setting(0.03, "m", "the farthest from a surface that a point can push on it"),
    "push_blur": Setting(0.05, "s", "either side, within which it came as near as that"),
    "sole_thick": Setting(0.025, "m", "that soles may be thicker than the rig says, where they rest alike"),
    "sole_thin": Setting(-0.012, "m", "and thinner"),
    "sole_rest": Setting(0.005, "m", "within which soles rest on one level"),
    "glide_borne": Setting(0.3, "body weights", "needed from below while something bears"),
    "glide_smooth": Setting(0.10, "s", "over which the steps of what bears are averaged"),
    "glide_lasts": Setting(0.10, "s", "that nothing which bears stays, to be a glide"),
    "glide_captured": Setting(0.40, "s", "the same with a capture's noise: its feet drag along low for up to 0.37 s"),
    "phantom_kept": Setting(0.08, "s", "that a force from nowhere must last to be told; a frame of it is noise"),
    "believed_height_min": Setting(1.2, "m", "a figure is believed to be from this tall"),
    "believed_height_max": Setting(2.6, "m", "to this tall"),
}
