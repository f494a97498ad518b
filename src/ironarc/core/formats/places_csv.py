"""Places as CSV: a row a frame, its seconds, and x, y, z of every marker in metres, y up."""

import csv
import io

import numpy as np

from ironarc.core.errors import FileError
from ironarc.core.formats.csv_cells import frame_time, number_in, rows_of
from ironarc.core.formats.marker_format import MOST_MARKERS, FileMarkers, Forces, MarkerFormat
from ironarc.core.settings import MAX_FRAMES

HEAD = ["frame", "seconds"]
FORCE = "newtons"
_AXES = ("x", "y", "z")


def write(markers: FileMarkers, forces: Forces) -> bytes:
    """Numbers to a tenth of a millimetre and a tenth of a newton; an empty cell where one was not seen, or
    is not known."""
    out = io.StringIO()
    rows = csv.writer(out, lineterminator="\n")
    named = [f"{name} {axis}" for name in markers.names for axis in _AXES]
    rows.writerow([*HEAD, *named, *(f"{name} {FORCE}" for name in forces.channels)])
    channels = list(forces.channels.values())
    for i, places in enumerate(markers.places):
        cells = [_cell(v, 5) for v in places.ravel()] + [_cell(c[i], 1) for c in channels]
        rows.writerow([i + 1, f"{i * markers.seconds:.6f}", *cells])
    return out.getvalue().encode()


def _cell(value: float, digits: int) -> str:
    return "" if np.isnan(value) else f"{value:.{digits}f}"


def parse(data: bytes) -> FileMarkers:
    """Raises FileError, with the line, for what can't be understood. Columns in newtons are left out."""
    try:
        text = data.decode("utf-8-sig")
    except UnicodeDecodeError as error:
        raise FileError("it is no text in UTF-8, so it is no CSV of places.") from error
    reader = csv.reader(io.StringIO(text.replace("\x00", "?")))
    try:
        return _markers(reader)
    except csv.Error as error:
        raise FileError(f"this is no CSV: {error}.", reader.line_num) from error


def _markers(reader) -> FileMarkers:
    head = [cell.strip() for cell in next(reader, [])]
    named = [cell for cell in head[2:] if not cell.endswith(f" {FORCE}")]
    names = tuple(cell[:-2][:80] for cell in named[::3])
    wanted = [f"{name} {axis}" for name in names for axis in _AXES]
    if head[:2] != HEAD or not names or [cell[:82] for cell in named] != wanted:
        raise FileError("its first row is not frame, seconds and then x, y, z of every marker.", 1)
    if len(names) > MOST_MARKERS or len(set(names)) < len(names):
        raise FileError(f"up to {MOST_MARKERS} markers, each with a name of its own, can be read.", 1)
    values: list[list[float]] = []
    for row in rows_of(reader, len(head)):
        values.append(
            [
                number_in(cell, reader.line_num, "a value") if cell.strip() else np.nan
                for cell in row[1 : 2 + len(named)]
            ]
        )
    if not 2 <= len(values) <= MAX_FRAMES:
        raise FileError(f"it has {len(values):,} frames; 2 to {MAX_FRAMES:,} can be read.")
    table = np.array(values)
    seconds = frame_time(table[:, 0])
    places = table[:, 1:].reshape(len(table), len(names), 3)
    places[np.isnan(places).any(axis=2)] = np.nan
    if np.isnan(places).all():
        raise FileError("none of its markers is seen on any frame.")
    return FileMarkers(names, places, seconds)


MARKERS = MarkerFormat("CSV", "csv", "text/csv", parse, write, begins=",".join(HEAD).encode())
