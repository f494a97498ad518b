"""Channels as CSV: first what the skeleton is, a joint or an end a row, then a row of values a frame."""

import csv
import io

import numpy as np

from ironarc.core.columns import Dense
from ironarc.core.errors import FileError
from ironarc.core.figure.rig import POSITION_CHANNELS, ROTATION_CHANNELS, EndSite, Joint, Rig
from ironarc.core.formats.csv_cells import frame_time, number_in, rows_of
from ironarc.core.formats.format import Extras, FileMotion, Format
from ironarc.core.settings import MAX_FRAMES, MAX_FRAMES_X_JOINTS, MAX_JOINTS

HEAD = ["joint", "parent", "x", "y", "z", "channels"]
END = "(end)"
_CHANNELS = {*POSITION_CHANNELS, *ROTATION_CHANNELS}
_DIGITS = 7


def write(rig: Rig, table: np.ndarray, frame_time_s: float, extras: Extras | None = None) -> bytes:
    """The skeleton's rows, an empty one, then frame, seconds and every channel."""
    out = io.StringIO()
    rows = csv.writer(out, lineterminator="\n")
    rows.writerow(HEAD)
    for joint in rig.joints:
        parent = rig.joints[joint.parent].name if joint.parent >= 0 else ""
        adds = " adds" if joint.has_position and joint.position == "adds" else ""
        rows.writerow([joint.name, parent, *map(_number, joint.offset), " ".join(joint.channels) + adds])
    for end in rig.ends:
        rows.writerow([END, rig.joints[end.parent].name, *map(_number, end.offset), ""])
    rows.writerow([])
    rows.writerow(["frame", "seconds", *(f"{joint.name} {c}" for joint in rig.joints for c in joint.channels)])
    for i, values in enumerate(table):
        rows.writerow([i + 1, _number(i * frame_time_s), *map(_number, values)])
    return out.getvalue().encode()


def _number(value: float) -> str:
    return f"{value:.{_DIGITS}f}".rstrip("0").rstrip(".")


def parse(data: bytes) -> FileMotion:
    """Raises FileError, with the line, for what can't be understood."""
    try:
        text = data.decode("utf-8-sig")
    except UnicodeDecodeError as error:
        raise FileError("it is no text in UTF-8, so it is no CSV of channels.") from error
    if "\x00" in text:
        raise FileError("it holds bytes that are no text, so it is no CSV of channels.")
    reader = csv.reader(io.StringIO(text))
    try:
        rig = _rig(reader)
        return _motion(reader, rig)
    except csv.Error as error:
        raise FileError(f"this is no CSV: {error}.", reader.line_num) from error


def _rig(reader) -> Rig:
    head = next(reader, [])
    if [word.strip().lower() for word in head[:2]] == ["frame", "seconds"]:
        raise FileError("it holds places and no skeleton. Open a shot and bring it in there, beside its performer.", 1)
    if [word.strip().lower() for word in head] != HEAD:
        raise FileError(f"its first row is not {','.join(HEAD)}, so nothing says what its skeleton is.", 1)
    joints: list[Joint] = []
    ends: list[EndSite] = []
    for row in reader:
        if not any(cell.strip() for cell in row):
            break
        if len(row) < len(HEAD):
            raise FileError(f"a joint has {len(HEAD)} cells; {len(row)} are there.", reader.line_num)
        name, parent, *offset = (cell.strip() for cell in row[:5])
        place = tuple(number_in(cell, reader.line_num, f"the offset of {name}") for cell in offset)
        above = next((i for i, joint in enumerate(joints) if joint.name == parent), -1)
        if parent and above < 0:
            raise FileError(f"{name} hangs on {parent}, which does not stand above it.", reader.line_num)
        if name == END:
            ends.append(EndSite(above, place, sum(j.parent == above for j in joints)))
            continue
        *channels, last = row[5].split() or [""]
        position = "adds" if last == "adds" else "replaces"
        channels = tuple(channels if last in ("adds", "") else [*channels, last])
        if not set(channels) <= _CHANNELS or len(set(channels)) < len(channels):
            raise FileError(f"{name} has channels other than tx ty tz rx ry rz, or one twice.", reader.line_num)
        if not name or any(joint.name == name for joint in joints):
            raise FileError(f"a joint needs a name of its own; {name or 'none'} was given.", reader.line_num)
        joints.append(Joint(name[:80], above, place, channels, position))
        if len(joints) > MAX_JOINTS:
            raise FileError(f"it has more than {MAX_JOINTS} joints, the most that can be read.", reader.line_num)
    if not joints:
        raise FileError("it has no joints.", reader.line_num)
    return Rig(tuple(joints), tuple(ends))


def _motion(reader, rig: Rig) -> FileMotion:
    wanted = [(joint.name, c) for joint in rig.joints for c in joint.channels]
    if not wanted:
        raise FileError("none of its joints has a channel, so nothing can move.", reader.line_num)
    head = [word.strip() for word in next(reader, [])]
    names = [f"{joint} {channel}" for joint, channel in wanted]
    if head[:2] != ["frame", "seconds"] or head[2:] != names:
        missing = next(
            (n for n, got in zip(names, [*head[2:], *[""] * len(names)], strict=False) if n != got), names[-1]
        )
        raise FileError(f"its second head needs frame, seconds and every channel in order; {missing} is missing there.",
                        reader.line_num)  # fmt: skip
    values: list[list[float]] = []
    for row in rows_of(reader, len(head)):
        values.append([number_in(cell, reader.line_num, "a value") for cell in row[1:]])
    if len(values) < 2 or len(values) > MAX_FRAMES or len(values) * len(rig) > MAX_FRAMES_X_JOINTS:
        raise FileError(f"it has {len(values):,} frames; 2 to {MAX_FRAMES:,} of a body like this can be read.")
    table = np.array(values)
    seconds = frame_time(table[:, 0])
    columns = {
        (joint, c): Dense(1, np.ascontiguousarray(np.radians(v) if c in ROTATION_CHANNELS else v))
        for (joint, c), v in zip(wanted, table[:, 1:].T, strict=True)
    }
    return FileMotion(rig, columns, len(table), seconds)


FORMAT = Format("CSV", "csv", "text/csv", parse, write, begins=",".join(HEAD).encode())
