"""One performer's motion as a file."""

from dataclasses import replace
from fractions import Fraction

import numpy as np

from ironarc.core import rotation
from ironarc.core.document.performer import Performer
from ironarc.core.document.shot import Shot
from ironarc.core.errors import EditError
from ironarc.core.exchange.delivery import WRITTEN_IN, Z_UP, Delivery, in_unit, resampled, z_up
from ironarc.core.exchange.root_motion import TRAVELS, WITHIN, parted
from ironarc.core.figure.rig import Rig
from ironarc.core.formats import FORMATS, USUAL, Extras, FileCamera, Format
from ironarc.core.mannequin import mannequin_of
from ironarc.core.motion.write import channel_rows
from ironarc.core.scene.camera import CHANNELS, FOCAL, Camera, turned

FOCAL_AT = CHANNELS.index(FOCAL)


def motion_file(
    shot: Shot, first: int | None = None, last: int | None = None, performer_id: str = "", format: str = USUAL,
    travel: str = WITHIN, delivery: Delivery | None = None,
) -> bytes:  # fmt: skip
    """One performer (the first for "") as a file, everything written in, over frames first … last of the shot.

    Channels that no layer, cut or placement touches are written as they came. A scaled performer is written at
    its size in the shot. travel : where the way it goes over the ground is written, of TRAVELS; delivery : unit, upward
    axis and rate. Raises EditError for a range the shot does not have.
    """
    if travel not in TRAVELS:
        raise EditError(f"Travel is {', '.join(TRAVELS)}; {travel[:30]!r} was given.")
    first = shot.first_frame if first is None else first
    last = shot.last_frame if last is None else last
    if not shot.first_frame <= first <= last <= shot.last_frame:
        raise EditError(
            f"Frames {first} to {last} are not a range within this shot, which has frames "
            f"{shot.first_frame} to {shot.last_frame}."
        )
    performer = shot.performer_called(performer_id)
    frames = np.arange(first, last + 1)
    anchors = shot.anchors(performer, frames)
    rig, rows = channel_rows(performer.motion, frames, shot.frame_time_s, anchors)
    if travel != WITHIN:
        rig, rows = parted(shot, performer.id, rig, rows, frames, travel)
    extras = _extras(shot, performer, first, last)
    if delivery is None:
        return FORMATS[format].write(rig, rows, shot.frame_time_s, extras)
    return _delivered(FORMATS[format], rig, rows, shot, extras, delivery.checked())


def _delivered(written: Format, rig: Rig, rows: np.ndarray, shot: Shot, extras: Extras, delivery: Delivery) -> bytes:
    """As another program wants it. A format that says its own unit and axis, as glTF does, keeps them."""
    rate = delivery.rate or shot.rate
    rows = resampled(rig, rows, shot.rate, rate)
    extras = _at_rate(extras, shot.rate, rate, len(rows))
    if not written.tells_units:
        if WRITTEN_IN[delivery.unit]:
            rig, rows = in_unit(rig, rows, extras.scale_to_m / WRITTEN_IN[delivery.unit])
        if delivery.up == Z_UP:
            rig, rows = z_up(rig, rows)
    return written.write(rig, rows, float(1 / rate), extras)


def _at_rate(extras: Extras, own: Fraction, wanted: Fraction, rows: int) -> Extras:
    if own == wanted:
        return extras

    def at(row: int) -> int:
        return min(round(row * wanted / own), rows - 1)

    clips = tuple((name, at(a), at(b)) for name, a, b in extras.clips)
    moments = np.arange(rows) * float(own / wanted)
    cameras = tuple(_camera_at(camera, moments) for camera in extras.cameras)
    return replace(extras, clips=clips, cameras=cameras)


def _camera_at(camera: FileCamera, moments: np.ndarray) -> FileCamera:
    rows = np.arange(len(camera.place))
    place = np.column_stack([np.interp(moments, rows, v) for v in camera.place.T])
    before = np.minimum(moments.astype(int), len(rows) - 1)
    after = np.minimum(before + 1, len(rows) - 1)
    turn = rotation.slerp(camera.turn[before], camera.turn[after], moments - before)
    return replace(camera, place=place, turn=turn)


def _extras(shot: Shot, performer: Performer, first: int, last: int) -> Extras:
    """The figure as it is shown, and the clips that lie within the range; a clip that lies partly outside is left."""
    clips = [
        (strip.name, strip.start - first, strip.end - first)
        for strip in performer.strips_seen()
        if first <= strip.start and strip.end <= last
    ]
    frames = np.arange(first, last + 1)
    worn = performer.skin if performer.skin is not None and performer.skin.shown else None
    return Extras(
        performer.scale_to_m, shot.name, ((shot.name, 0, last - first), *clips),
        None if worn else mannequin_of(performer.body(), performer.weighing.female), performer.rig.names,
        worn.mesh.sized(performer.placement.scale) if worn else None,
        tuple(_camera(camera, frames) for camera in shot.cameras),
    )  # fmt: skip


def _camera(camera: Camera, frames: np.ndarray) -> FileCamera:
    """A shot camera on `frames`; a lens that zooms as it is on the first."""
    track = camera.track(frames)
    tall = 2 * np.arctan(camera.sensor_mm / (2 * track[0, FOCAL_AT]) / camera.aspect)
    return FileCamera(camera.name, float(tall), camera.aspect, track[:, :3], turned(track))
