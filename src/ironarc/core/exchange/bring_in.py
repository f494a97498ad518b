"""Motion brought in from files: as a shot of its own, or as one more performer."""

from dataclasses import replace

import numpy as np

from ironarc.core.document import Performer, Shot
from ironarc.core.errors import FileError
from ironarc.core.figure.units import guess_scale
from ironarc.core.figure.weighing import Weighing
from ironarc.core.formats import FORMATS, USUAL, FileMotion
from ironarc.core.motion.layers import BROUGHT_IN, REPLACES, Layer
from ironarc.core.motion.retime import retime_layers
from ironarc.core.reading.shot import settled
from ironarc.core.scene.rate import rate_of
from ironarc.core.scene.timing import Timing
from ironarc.core.settings import GRAVITY_MS2, LEAST_FIGURE_M, MAX_FRAMES

ASIDE_M = 0.9  # one who would stand in somebody else is moved aside by this, and again
ROOM_M = 0.7


def shot_from_file(
    data: bytes,
    name: str,
    source: str = "",
    scale_to_m: float | None = None,
    weighing: Weighing | None = None,
    g: float = GRAVITY_MS2,
    floor_m: float | None = None,
    format: str = USUAL,
) -> Shot:
    """A shot from a file, its motion a base layer with a value on every frame.

    scale_to_m : metres a unit, guessed from the figure's height if not told; floor_m : estimated if not told, and
    written down either way, so that no later change of a foot moves it. Raises FileError for what can't be read.
    """
    motion = FORMATS[format].parse(data)
    performer = _performer_of(motion, "Performer", scale_to_m, weighing or Weighing())
    return settled(
        Shot(
            name, (performer,), motion.frame_time_s, 1, motion.frames, g, floor_m, source,
            floor_by_hand=floor_m is not None,
        )
    )  # fmt: skip


def _performer_of(motion: FileMotion, name: str, scale_to_m: float | None, weighing: Weighing) -> Performer:
    guessed = scale_to_m is None
    if guessed:
        scale_to_m, _ = guess_scale(motion.rig)
    if motion.rig.span * scale_to_m < LEAST_FIGURE_M:
        raise FileError(
            f"the figure is less than {LEAST_FIGURE_M * 1000:g} mm from end to end, so nothing can be measured on it: "
            "its OFFSETs are all but 0. Export the skeleton with its bones' lengths."
        )
    base = Layer("base", "As brought in", BROUGHT_IN, REPLACES, motion.columns)
    performer = Performer(name, motion.rig, (base,), scale_to_m, guessed, weighing, clip=(1, motion.frames))
    performer.body()  # a rig that can't be weighed is refused now, not on the first look
    return performer


def performer_from_file(data: bytes, name: str, shot: Shot, format: str = USUAL) -> Performer:
    """A performer for `shot` from a file: its seconds are kept at the shot's rate, from the shot's first frame."""
    motion = FORMATS[format].parse(data)
    own = rate_of(motion.frame_time_s)
    if motion.frames * shot.rate / own > MAX_FRAMES:
        raise FileError(
            f"its {motion.frames * motion.frame_time_s:.0f} s would be more than {MAX_FRAMES:,} frames at this shot's "
            "rate, the most that can be brought in. Cut it shorter."
        )
    performer = _performer_of(motion, name, None, Weighing())
    if own != shot.rate:
        layers = retime_layers(performer.rig, performer.layers, 1, shot.rate / own)
        sampled = motion.frame_time_s if shot.rate > own else 0.0
        performer = replace(performer, layers=layers, clip=layers[0].reach() or performer.clip, sample_time_s=sampled)
    timing = Timing(slip=shot.first_frame - performer.clip[0])
    joined = replace(performer, id=shot.free_id("performer"), timing=timing)
    return _beside(joined, shot)


def _beside(joined: Performer, shot: Shot) -> Performer:
    """The performer, moved aside until it begins where nobody else does."""
    first = np.array([shot.first_frame])

    def hips(performer: Performer) -> np.ndarray:
        return performer.poses(first, shot.frame_time_s).position[0, performer.rig.roots[0], [0, 2]]

    taken, at = [hips(p) for p in shot.performers], hips(joined)
    aside, steps = np.array([ASIDE_M, 0.0]), 0
    while any(np.linalg.norm(at + steps * aside - other) < ROOM_M for other in taken):
        steps += 1
    return replace(joined, placement=joined.placement.moved([steps * ASIDE_M, 0.0, 0.0])) if steps else joined


def file_error(error: FileError, name: str) -> FileError:
    """The error of a file that could not be read, with the file's name."""
    return FileError(f"{name} could not be read. {error}")
