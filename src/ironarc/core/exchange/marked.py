"""Markers from files into a shot, and a shot's joints, center of gravity, plumb and pushes out as markers."""

from collections.abc import Mapping, Sequence

import numpy as np

from ironarc.core.document import Performer, Shot
from ironarc.core.formats import MARKER_FORMATS, FileMarkers, Forces, MarkerFormat
from ironarc.core.reading import Reading
from ironarc.core.reading.forces import read_forces
from ironarc.core.reading.marked import COM, PLUMB, fitted
from ironarc.core.scene.markers import MarkerSet

TALLEST_M = 3.0  # that a capture of a person reaches up
_UNITS = {"metres": 1.0, "centimetres": 0.01, "millimetres": 0.001}


def markers_from_file(
    data: bytes, name: str, format: MarkerFormat, shot: Shot, performer: Performer
) -> tuple[MarkerSet, tuple[str, ...]]:  # fmt: skip
    """Markers that begin as the shot does, lined up with a performer, and sentences on what was assumed.

    Raises FileError for what can't be read.
    """
    read = format.parse(data)
    places, says = upright(read)
    found = MarkerSet(
        shot.free_id("markers"), name[:60] or "Markers", read.names, places.reshape(len(places), -1),
        float(shot.first_frame), read.seconds,
    ).checked()  # fmt: skip
    return fitted(found, performer.id, shot.poses(performer.id, shot.frame_numbers())), (*read.says, *says)


def upright(read: FileMarkers) -> tuple[np.ndarray, tuple[str, ...]]:
    """(rows, markers, 3) m with y up, and what was assumed where the file does not say."""
    says, up, to_m = [], read.up, read.to_m
    if up is None:
        up = _guessed_up(read.places)
        says.append(f"The file does not say which way is up; {up} was assumed.")
    places = np.stack([read.places[..., 0], read.places[..., 2], -read.places[..., 1]], axis=-1) if up == "Z" else (
        read.places
    )  # fmt: skip
    if to_m is None:
        unit = _guessed_unit(places)
        to_m = _UNITS[unit]
        says.append(f"The file does not say its unit; {unit} were assumed.")
    return places * to_m, tuple(says)


def _guessed_up(places: np.ndarray) -> str:
    """Y or Z: the one whose lowest marker, frame by frame, keeps to one height, as feet on a floor do."""
    lows = [np.nanmin(np.where(np.isnan(places[..., axis]), np.inf, places[..., axis]), axis=1) for axis in (1, 2)]
    steady = [float(np.median(np.abs(low - np.median(low)))) for low in (x[np.isfinite(x)] for x in lows)]
    return "Y" if steady[0] < steady[1] else "Z"


def _guessed_unit(places: np.ndarray) -> str:
    """The largest unit in which the markers reach no higher than a person does."""
    heights = places[..., 1][np.isfinite(places[..., 1])]
    tall = float(np.quantile(heights, 0.98) - np.quantile(heights, 0.02))
    return next((unit for unit, to_m in _UNITS.items() if tall * to_m <= TALLEST_M), "millimetres")


def places_file(shot: Shot, readings: Mapping[str, Reading], ending: str, who: Sequence[str] = ()) -> bytes:
    """Joints, center of gravity and its plumb on the floor as markers, and pushes on the feet and all else that bears.

    readings : by performer id; who : ids of the performers, all for none. FileError where the format has no room.
    """
    performers = [p for p in shot.performers if not who or p.id in who]
    names, places, channels = [], [], {}
    for performer in performers:
        reading, prefix = readings[performer.id], f"{performer.name}: " if len(performers) > 1 else ""
        plumb = reading.com.copy()
        plumb[:, 1] = reading.floor_m
        names += [prefix + name for name in (*reading.poses.rig.names, COM, PLUMB)]
        places.append(np.concatenate([reading.poses.position, reading.com[:, None], plumb[:, None]], axis=1))
        forces = reading.ask(read_forces)
        # body weights are those of the shot's own gravity; where nothing can be told there is no number
        newtons = np.where(forces.told[:, None], forces.grf, np.nan) * reading.mass_kg[:, None] * reading.g
        channels |= {f"{prefix}push {axis}": newtons[:, i] for i, axis in enumerate("xyz")}
    marked = FileMarkers(tuple(names), np.concatenate(places, axis=1), shot.frame_time_s)
    return MARKER_FORMATS[ending].write(marked, Forces(channels))
