"""One performer's motion as a file."""

from dataclasses import replace
from fractions import Fraction

import numpy as np

from ironarc.core import rotation
from ironarc.core.document.performer import Performer
from ironarc.core.document.shot import Shot
from ironarc.core.errors import EditError
from ironarc.core.exchange.delivery import (
    ALL_LAYERS,
    NO_CORRECTIONS,
    WRITTEN_IN,
    Z_UP,
    Delivery,
    bare,
    in_unit,
    lowered,
    resampled,
    z_up,
)
from ironarc.core.exchange.root_motion import TRAVELS, WITHIN, parted
from ironarc.core.figure.rig import Rig
from ironarc.core.formats import FORMATS, USUAL, Extras, FileCamera, Format
from ironarc.core.mannequin import mannequin_of
from ironarc.core.motion.write import channel_rows
from ironarc.core.reading.shot import floor_of
from ironarc.core.scene.camera import CHANNELS, FOCAL, Camera, turned

FOCAL_AT = CHANNELS.index(FOCAL)


def motion_file(
    shot: Shot, first: int | None = None, last: int | None = None, performer_id: str = "", format: str = USUAL,
    travel: str = WITHIN, delivery: Delivery | None = None,
) -> bytes:  # fmt: skip
    """One performer (the first for "") as a file, everything written in, over frames first … last of the shot.

    Channels that no layer, cut or placement touches are written as they came. A scaled performer is written at
    its size in the shot. travel : where the way it goes over the ground is written, of TRAVELS; delivery : what the
    file is to be like. Raises EditError for a range the shot does not have.
    """
    wanted = (delivery or Delivery()).checked()
    shot = of_layers(shot, wanted.layers)
    if travel not in TRAVELS:
        raise EditError(f"Travel is {', '.join(TRAVELS)}; {travel[:30]!r} was given.")
    first = shot.first_frame if first is None else first
    last = shot.last_frame if last is None else last
    if wanted.layers != ALL_LAYERS:
        last = min(last, shot.last_frame)  # without what corrections added to its time it may be shorter
    if not shot.first_frame <= first <= last <= shot.last_frame:
        raise EditError(
            f"Frames {first} to {last} are not a range within this shot, which has frames "
            f"{shot.first_frame} to {shot.last_frame}."
        )
    performer = shot.performer_called(performer_id)
    frames = np.arange(first, last + 1)
    anchors = shot.anchors(performer, frames)
    rig, rows = channel_rows(performer.motion, frames, shot.frame_time_s, anchors)
    floor_m = floor_of(shot).height_m if wanted.floor_at_0 else 0.0
    if floor_m:
        rows = lowered(rig, rows, floor_m / performer.scale_to_m)
    if travel != WITHIN:
        rig, rows = parted(shot, performer.id, rig, rows, frames, travel)
    extras = _extras(shot, performer, first, last, floor_m)
    if delivery is None:
        return FORMATS[format].write(rig, rows, shot.frame_time_s, extras)
    return _delivered(FORMATS[format], rig, rows, shot, extras, wanted)


def of_layers(shot: Shot, layers: str) -> Shot:
    """The shot with these of its layers, of LAYERS. The base only is the motion as it was brought in or keyed first: no
    pins hold it, either."""
    if layers == ALL_LAYERS:
        return shot
    shot = shot.without_corrections()
    if layers == NO_CORRECTIONS:
        return shot
    return replace(shot, performers=tuple(replace(p, layers=p.layers[:1], pins=()) for p in shot.performers))


def _delivered(written: Format, rig: Rig, rows: np.ndarray, shot: Shot, extras: Extras, delivery: Delivery) -> bytes:
    """As another program wants it. A format that says its own unit and axis, as glTF does, keeps them, and the names
    that its figure hangs on."""
    rate = delivery.rate or shot.rate
    rows = resampled(rig, rows, shot.rate, rate)
    extras = _at_rate(extras, shot.rate, rate, len(rows))
    if not written.tells_units:
        if WRITTEN_IN[delivery.unit]:
            rig, rows = in_unit(rig, rows, extras.scale_to_m / WRITTEN_IN[delivery.unit])
        if delivery.up == Z_UP:
            rig, rows = z_up(rig, rows)
        if delivery.bare_names:
            rig = bare(rig)
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


def _extras(shot: Shot, performer: Performer, first: int, last: int, floor_m: float) -> Extras:
    """The figure as it is shown, and the clips that lie within the range; a clip that lies partly outside is left.
    floor_m : by how much all of it is lowered"""
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
        tuple(_camera(camera, frames, floor_m) for camera in shot.cameras),
    )  # fmt: skip


def _camera(camera: Camera, frames: np.ndarray, floor_m: float) -> FileCamera:
    """A shot camera on `frames`; a lens that zooms as it is on the first."""
    track = camera.track(frames)
    tall = 2 * np.arctan(camera.sensor_mm / (2 * track[0, FOCAL_AT]) / camera.aspect)
    return FileCamera(camera.name, float(tall), camera.aspect, track[:, :3] - [0.0, floor_m, 0.0], turned(track))
