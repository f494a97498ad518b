"""What is asked of the shot's cameras."""

import numpy as np

from ironarc.core.edits.base import Edit
from ironarc.core.edits.commands.registry import Frame, command
from ironarc.core.edits.items import AddItem, set_item_of
from ironarc.core.errors import EditError
from ironarc.core.reading.shot import Seen
from ironarc.core.scene.camera import AIM, FOCAL, PLACE, ROLL, Camera, camera_at

Point = tuple[float, float, float]
FIRST_MM = 50.0


@command
def add_camera(
    seen: Seen, frame: Frame, place_m: Point, aim_m: Point, focal_mm: float = FIRST_MM, aspect: float | None = None
) -> Edit:
    """A camera that stands somewhere and looks at something."""
    number = len(seen.shot.cameras) + 1
    made = camera_at(
        seen.shot.free_id("camera"), f"Camera {number}" if number > 1 else "Camera", frame, place_m, aim_m, focal_mm
    )
    return AddItem(made if aspect is None else Camera(**vars(made) | {"aspect": aspect}))


@command
def move_camera(
    seen: Seen, item: str, frame: Frame, place_m: Point | None = None, aim_m: Point | None = None,
    focal_mm: float | None = None, roll_rad: float | None = None, key: bool = False,
) -> Edit:  # fmt: skip
    """Where a camera stands, what it looks at, its lens and roll, on a frame. One that has a single key keeps that one,
    wherever it lies, unless `key` asks for another here."""
    camera = _camera(seen, item)
    values: dict[str, float] = {}
    for channels, given in ((PLACE, place_m), (AIM, aim_m)):
        if given is not None:
            values |= dict(zip(channels, given, strict=True))
    values |= {channel: v for channel, v in ((FOCAL, focal_mm), (ROLL, roll_rad)) if v is not None}
    if not np.isfinite(list(values.values())).all():
        raise EditError("A camera's place, aim, lens and roll are numbers.")
    (only, *others) = camera.key_frames
    at = frame if key or others else only
    there = camera.keyed(at, values)
    words = f"Key {camera.name} at {at}" if others or key else f"Move {camera.name}"
    return set_item_of(camera, {"columns": there.columns}, words)


@command
def unkey_camera(seen: Seen, item: str, frame: Frame) -> Edit:
    """Takes a camera's key on a frame away."""
    camera = _camera(seen, item)
    return set_item_of(camera, {"columns": camera.unkeyed(frame).columns}, f"Remove key of {camera.name} at {frame}")


def _camera(seen: Seen, item: str) -> Camera:
    found = seen.shot.item(item)
    if not isinstance(found, Camera):
        raise EditError(f"{found.name} is not a camera.")
    return found
