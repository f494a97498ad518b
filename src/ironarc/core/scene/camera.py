"""Shot cameras: where one stands, what it looks at, through which lens, over the shot's frames."""

from collections.abc import Mapping
from dataclasses import dataclass, field, replace

import numpy as np

from ironarc.core import rotation
from ironarc.core.columns import Keys, smooth_keys
from ironarc.core.errors import EditError

PLACE, AIM = ("px", "py", "pz"), ("ax", "ay", "az")
ROLL, FOCAL = "roll", "focal"
CHANNELS = (*PLACE, *AIM, ROLL, FOCAL)
# Widths of common sensors, mm, and shapes of pictures
SENSORS = {"full frame": 36.0, "three-perf film": 24.9, "APS-C": 23.5, "one inch": 13.2}
ASPECTS = {"16:9": 16 / 9, "1.85": 1.85, "2.39": 2.39, "4:3": 4 / 3, "square": 1.0, "9:16": 9 / 16}
LEAST_MM, MOST_MM = 4.0, 1200.0
NEAREST_M = 0.01
FARTHEST_M = 10_000.0
UP = np.array([0.0, 1.0, 0.0])
_STEEP = 1e-6


@dataclass(frozen=True)
class Camera:
    """A camera of the shot.

    columns : {channel: Keys} in the shot's frames, a key or more of each of CHANNELS: where it stands and what it looks
    at (m), roll (rad, clockwise as one looks through it), focal length (mm)
    sensor_mm : width of the sensor; aspect : the picture's width over its height, cut from the sensor's whole width
    """

    id: str
    name: str
    columns: Mapping[str, Keys] = field(default_factory=dict)
    sensor_mm: float = SENSORS["full frame"]
    aspect: float = ASPECTS["16:9"]
    hidden: bool = False
    locked: bool = False

    def checked(self) -> "Camera":
        """Itself; EditError for what no camera can be."""
        if set(self.columns) != set(CHANNELS):
            raise EditError(f"{self.name} needs a place, an aim, a roll and a focal length on a frame or more.")
        if not (np.isfinite(self.sensor_mm) and 1 <= self.sensor_mm <= 200):
            raise EditError(f"A sensor is 1 to 200 mm wide; {self.sensor_mm:g} was given.")
        if not (np.isfinite(self.aspect) and 0.2 <= self.aspect <= 5):
            raise EditError(f"A picture is 0.2 to 5 times as wide as it is high; {self.aspect:g} was given.")
        focal = self.columns[FOCAL].values
        if focal.min() < LEAST_MM or focal.max() > MOST_MM:
            raise EditError(f"A focal length lies between {LEAST_MM:g} and {MOST_MM:g} mm.")
        if any(np.abs(self.columns[c].values).max() > FARTHEST_M for c in (*PLACE, *AIM)):
            raise EditError(f"A camera stands and looks within {FARTHEST_M / 1000:g} km of the middle of the stage.")
        at = np.column_stack([self.columns[c].values for c in PLACE])
        to = np.column_stack([self.columns[c].values for c in AIM])
        if at.shape == to.shape and (np.linalg.norm(at - to, axis=1) < NEAREST_M).any():
            raise EditError("A camera can't look at where it stands. Give it a place to look at.")
        return self

    @property
    def key_frames(self) -> tuple[int, ...]:
        """Frames that it has a key on, of any channel."""
        return tuple(sorted({round(f) for keys in self.columns.values() for f in keys.frames.tolist()}))

    def track(self, frames: np.ndarray) -> np.ndarray:
        """(frames, 8): CHANNELS on `frames`."""
        at = np.asarray(frames, dtype=float)
        return np.column_stack([self.columns[channel].sample(at) for channel in CHANNELS])

    def keyed(self, frame: int, values: Mapping[str, float]) -> "Camera":
        """With a key of every channel on a frame: those given, the others as they are there."""
        now = dict(zip(CHANNELS, self.track(np.array([frame]))[0], strict=True)) | dict(values)
        columns = {c: self.columns[c].with_key(frame, float(now[c])) for c in CHANNELS}
        return replace(self, columns=columns)

    def unkeyed(self, frame: int) -> "Camera":
        """Without its keys on a frame. EditError where there is none, or no other."""
        if frame not in self.key_frames:
            raise EditError(f"{self.name} has no key on frame {frame}.")
        if len(self.key_frames) == 1:
            raise EditError(f"The key on frame {frame} is the only one {self.name} has; it needs one.")
        return replace(self, columns={c: k.kept(np.round(k.frames) != frame) for c, k in self.columns.items()})


def camera_at(
    camera_id: str, name: str, frame: int, place_m: tuple, aim_m: tuple, focal_mm: float, roll_rad: float = 0.0
) -> Camera:
    """A camera with one key."""
    values = dict(zip(CHANNELS, (*place_m, *aim_m, roll_rad, focal_mm), strict=True))
    return Camera(camera_id, name, {c: smooth_keys([frame], [float(v)]) for c, v in values.items()})


def turned(track: np.ndarray) -> np.ndarray:
    """(frames, 4) w x y z: how a camera with a track (frames, 8) is turned, looking along its own −z with y up."""
    back = track[:, :3] - track[:, 3:6]
    back = back / np.maximum(np.linalg.norm(back, axis=1, keepdims=True), 1e-12)
    right = np.cross(UP, back)
    steep = np.linalg.norm(right, axis=1) < _STEEP
    right[steep] = [1.0, 0.0, 0.0]
    right = right / np.linalg.norm(right, axis=1, keepdims=True)
    upward = np.cross(back, right)
    level = rotation.from_matrix(np.stack([right, upward, back], axis=2))
    return rotation.multiply(level, rotation.about_axis("Z", -track[:, 6]))


def looked(rotation_wxyz: np.ndarray, place_m: np.ndarray, far_m: float) -> tuple[np.ndarray, np.ndarray]:
    """(frames, 3) m and (frames,) rad: what a camera with these turns and places looks at, `far_m` ahead, and its
    roll. Where it looks straight up or down, its roll is 0."""
    ahead = rotation.rotate(rotation_wxyz, np.array([0.0, 0.0, -1.0]))
    right = rotation.rotate(rotation_wxyz, np.array([1.0, 0.0, 0.0]))
    upward = rotation.rotate(rotation_wxyz, np.array([0.0, 1.0, 0.0]))
    steep = np.linalg.norm(np.cross(UP, ahead), axis=1) < 1e-4
    roll = np.where(steep, 0.0, np.arctan2(-right[:, 1], upward[:, 1]))
    return place_m + far_m * ahead, np.unwrap(roll)
