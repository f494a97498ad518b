"""Motion brought in from files: as a shot of its own, or as one more performer."""

from collections.abc import Mapping, Sequence
from dataclasses import replace
from fractions import Fraction

import numpy as np

from ironarc.core.columns.keys import LINEAR, smooth_keys
from ironarc.core.document import Performer, Shot
from ironarc.core.errors import FileError
from ironarc.core.exchange.unsaid import UNIT, Understood, understood
from ironarc.core.figure.weighing import Weighing
from ironarc.core.formats import FORMATS, USUAL, FileCamera
from ironarc.core.motion.layers import BROUGHT_IN, REPLACES, Layer
from ironarc.core.motion.retime import retime_keys, retime_layers
from ironarc.core.reading.shot import settled
from ironarc.core.scene.camera import CHANNELS, LEAST_MM, MOST_MM, Camera, looked
from ironarc.core.scene.rate import rate_of
from ironarc.core.scene.timing import Timing
from ironarc.core.settings import GRAVITY_MS2, LEAST_FIGURE_M, MAX_FRAMES
from ironarc.core.skin import own_skin

ASIDE_M = 0.9  # one who would stand in somebody else is moved aside by this, and again
ROOM_M = 0.7
LEAST_FAR_M, STILL = 0.5, 1e-6
_ACROSS = {"px": 0, "py": 1, "pz": 2, "ax": 0, "ay": 1, "az": 2}  # which way a channel of a camera goes


def shot_from_file(
    data: bytes,
    name: str,
    source: str = "",
    scale_to_m: float | None = None,
    weighing: Weighing | None = None,
    g: float = GRAVITY_MS2,
    floor_m: float | None = None,
    format: str = USUAL,
    answers: Mapping[str, str] | None = None,
    beside: Mapping[str, bytes] | None = None,
) -> Shot:
    """A shot from a file, its motion a base layer with a value on every frame.

    scale_to_m : metres a unit, and answers, by what is asked: told by evidence if not given, see `unsaid`
    beside : files that came along with it, by name
    floor_m : estimated if not told, and written down either way, so that no later change of a foot moves it
    Raises FileError for what can't be read.
    """
    told = understood(FORMATS[format].read(data, beside), answers)
    return shot_of(told, name, source, scale_to_m, weighing, g, floor_m)


def shot_of(
    told: Understood, name: str, source: str = "", scale_to_m: float | None = None, weighing: Weighing | None = None,
    g: float = GRAVITY_MS2, floor_m: float | None = None,
) -> Shot:  # fmt: skip
    """A shot of a motion as it was understood."""
    motion = told.motion
    performer = _performer_of(told, "Performer", scale_to_m, weighing or Weighing(), source or name)
    seen = [_camera(c, f"camera{i}", performer, motion.frame_time_s) for i, c in enumerate(motion.cameras, 1)]
    return settled(
        Shot(
            name, (performer,), motion.frame_time_s, told.first, motion.frames - told.first + 1, g, floor_m, source,
            floor_by_hand=floor_m is not None, assumed=assumed(told, scale_to_m),
            cameras=tuple(seen),
        )
    )  # fmt: skip


def _camera(told: FileCamera, camera_id: str, performer: Performer, dt: float) -> Camera:
    """A camera of the file: a key a frame where it moves, looking as far ahead as the figure is, `dt` s a frame."""
    frames, place = np.arange(1, len(told.place) + 1), told.place * performer.scale_to_m
    figure = performer.poses(frames, dt).position[:, performer.rig.roots[0]]
    far = max(float(np.median(np.linalg.norm(place - figure, axis=1))), LEAST_FAR_M)
    aim, roll = looked(told.turn, place, far)
    camera = Camera(camera_id, told.name, aspect=told.aspect)
    focal = camera.sensor_mm / camera.aspect / 2 / np.tan(told.tall_rad / 2)
    values = np.column_stack([place, aim, roll, np.full(len(frames), np.clip(focal, LEAST_MM, MOST_MM))])
    still = np.ptp(values, axis=0).max() < STILL
    kept = slice(0, 1) if still else slice(None)
    columns = {c: smooth_keys(frames[kept], values[kept, i], LINEAR) for i, c in enumerate(CHANNELS)}
    return replace(camera, columns=columns)


def assumed(told: Understood, scale_to_m: float | None = None) -> tuple[str, ...]:
    """What was assumed on bringing in, in sentences; what was given is not."""
    chosen = (c.says for c in told.choices if c.told and not (c.what == UNIT and scale_to_m is not None))
    return (*told.motion.says, *chosen)


def _performer_of(
    told: Understood, name: str, scale_to_m: float | None, weighing: Weighing, skin_name: str
) -> Performer:
    motion = told.motion
    guessed = scale_to_m is None
    if guessed:
        scale_to_m = told.scale_to_m
    if motion.rig.span * scale_to_m < LEAST_FIGURE_M:
        raise FileError(
            f"the figure is less than {LEAST_FIGURE_M * 1000:g} mm from end to end, so nothing can be measured on it: "
            "its OFFSETs are all but 0. Export the skeleton with its bones' lengths."
        )
    base = Layer("base", "As brought in", BROUGHT_IN, REPLACES, motion.columns)
    timing = Timing(trim=(told.first, motion.frames) if told.first > 1 else None)
    performer = Performer(
        name, motion.rig, (base,), scale_to_m, guessed, weighing, timing=timing, clip=(1, motion.frames)
    )  # fmt: skip
    performer.body()  # a rig that can't be weighed is refused now, not on the first look
    if motion.skin is not None:
        performer = replace(performer, skin=own_skin(motion.skin, skin_name, motion.rig))
    return performer


def performer_from_file(
    data: bytes, name: str, shot: Shot, format: str = USUAL, beside: Mapping[str, bytes] | None = None
) -> Performer:
    """A performer for `shot` from a file, as `joining` has it."""
    return joining(data, name, shot, format, beside)[0]


def joining(
    data: bytes, name: str, shot: Shot, format: str = USUAL, beside: Mapping[str, bytes] | None = None
) -> tuple[Performer, tuple[Camera, ...]]:
    """A performer for `shot` from a file, and the cameras that came with it: seconds are kept at the shot's rate, from
    the shot's first frame. Cameras go aside with a performer that would stand in somebody."""
    motion = FORMATS[format].read(data, beside)
    if motion.frames * shot.rate * Fraction(motion.frame_time_s) > MAX_FRAMES:
        raise FileError(
            f"its {motion.frames * motion.frame_time_s:.0f} s would be more than {MAX_FRAMES:,} frames at this shot's "
            "rate, the most that can be brought in. Cut it shorter."
        )
    told = understood(motion)
    motion, own = told.motion, rate_of(told.motion.frame_time_s)
    performer = _performer_of(told, name, None, Weighing(), name)
    seen = [_camera(c, "camera", performer, motion.frame_time_s) for c in motion.cameras]
    if own != shot.rate:
        layers = retime_layers(performer.rig, performer.layers, 1, shot.rate / own)
        sampled = motion.frame_time_s if shot.rate > own else 0.0
        performer = replace(performer, layers=layers, clip=layers[0].reach() or performer.clip, sample_time_s=sampled)
    timing = Timing(slip=shot.first_frame - performer.clip[0])  # a rest pose in front is of no use to a second one
    joined = _beside(replace(performer, id=shot.free_id("performer"), timing=timing), shot)
    number = int(shot.free_id("camera").removeprefix("camera"))
    there = (_along(camera, shot, shot.rate / own, joined.placement.offset_m) for camera in seen)
    return joined, tuple(replace(camera, id=f"camera{number + i}") for i, camera in enumerate(there))


def _along(camera: Camera, shot: Shot, factor: Fraction, aside_m: Sequence[float]) -> Camera:
    """A camera of a file at a shot's rate, from the shot's first frame, moved as the performer was."""
    columns = {}
    for channel, keys in camera.columns.items():
        by_m = aside_m[_ACROSS[channel]] if channel in _ACROSS else 0.0
        columns[channel] = retime_keys(keys, 1, factor).shifted(shot.first_frame - 1, by_m)
    return replace(camera, columns=columns)


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
    says = str(error)
    if says.startswith(name):
        return FileError(says)
    return FileError(f"{name} could not be read. {says[:1].upper()}{says[1:]}")
