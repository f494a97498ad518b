"""C3D: markers and forces of a capture, as https://www.c3d.org lays it down. Read and written here, since the readers
there are hang or crash on a damaged file."""

import struct
from dataclasses import dataclass
from math import prod

import numpy as np

from ironarc.core.errors import FileError
from ironarc.core.formats.marker_format import MOST_MARKERS, FileMarkers, Forces, MarkerFormat
from ironarc.core.settings import MAX_FRAMES, MAX_NUMBER

BLOCK, KEY = 512, 0x50
INTEL, DEC, MIPS = 84, 85, 86  # processors, by which numbers are laid out
TEXT, BYTE, WHOLE, REAL = -1, 1, 2, 4  # kinds of parameters
TO_M = {"mm": 0.001, "cm": 0.01, "m": 1.0, "in": 0.0254, "ft": 0.3048}
MOST_WORD = 65535
LABEL = 32  # letters of a marker's name


@dataclass(frozen=True)
class _Numbers:
    """How a file lays out its numbers."""

    processor: int

    def whole(self, data: bytes) -> np.ndarray:
        return np.frombuffer(data, ">i2" if self.processor == MIPS else "<i2")

    def real(self, data: bytes) -> np.ndarray:
        if self.processor != DEC:
            return np.frombuffer(data, ">f4" if self.processor == MIPS else "<f4").astype(float)
        # halves the other way round, and an exponent that is two more
        halves = np.frombuffer(data, "<u2").reshape(-1, 2)[:, ::-1].copy()
        return halves.view("<f4").ravel().astype(float) / 4.0


def parse(data: bytes) -> FileMarkers:
    """Raises FileError for what can't be understood."""
    with np.errstate(all="ignore"):  # damaged numbers are looked for by what came of them
        return _parsed(data)


def _parsed(data: bytes) -> FileMarkers:
    if len(data) < 2 * BLOCK or data[1] != KEY:
        raise FileError("it does not begin as a C3D file does.")
    at = (data[0] - 1) * BLOCK
    if at < 0 or at + 4 > len(data):
        raise FileError("its parameters lie beyond its end.")
    processor = data[at + 3]
    if processor not in (INTEL, DEC, MIPS):
        raise FileError(f"its numbers are laid out as those of processor {processor}, which C3D does not know.")
    numbers = _Numbers(processor)
    told = _parameters(data[at : at + max(data[at + 2], 1) * BLOCK], numbers)
    head = numbers.whole(data[:BLOCK]).astype(int) & MOST_WORD
    return _markers(data, numbers, told, head)


def _parameters(data: bytes, numbers: _Numbers) -> dict[tuple[str, str], list]:
    """Values of all parameters by the names of their group and their own."""
    groups: dict[int, str] = {}
    found: dict[tuple[int, str], list] = {}
    at = 4
    while at + 2 <= len(data):
        letters, group = struct.unpack_from("bb", data, at)
        letters = abs(letters)
        if letters == 0 or at + 4 + letters > len(data):
            break
        name = data[at + 2 : at + 2 + letters].decode("latin-1").strip().upper()
        step = int(numbers.whole(data[at + 2 + letters : at + 4 + letters])[0])
        if group < 0:
            groups[-group] = name
        else:
            found[group, name] = _values(data, at + 4 + letters, numbers)
        if step <= 0:
            break
        at += 2 + letters + step
    return {(groups.get(group, ""), name): values for (group, name), values in found.items()}


def _values(data: bytes, at: int, numbers: _Numbers) -> list:
    short = FileError("one of its parameters is damaged or cut off.")
    if at + 2 > len(data):
        raise short
    kind, dimensions = struct.unpack_from("bB", data, at)
    shape = list(data[at + 2 : at + 2 + dimensions])
    begins = at + 2 + dimensions
    ends = begins + abs(kind) * prod(shape)
    if len(shape) < dimensions or ends > len(data) or kind not in (TEXT, BYTE, WHOLE, REAL):
        raise short
    raw = data[begins:ends]
    if kind == TEXT:
        wide = shape[0] if shape else 1
        return [raw[i : i + wide].decode("latin-1").strip("\0 ") for i in range(0, len(raw), wide)] if wide else []
    if kind == BYTE:
        return list(raw)
    return (numbers.whole(raw) if kind == WHOLE else numbers.real(raw)).tolist()


def _markers(data: bytes, numbers: _Numbers, told: dict[tuple[str, str], list], head: np.ndarray) -> FileMarkers:
    count, analogs, begins = int(head[1]), int(head[2]), (int(head[8]) - 1) * BLOCK
    scale, rate = numbers.real(data[12:16])[0], numbers.real(data[20:24])[0]
    if told.get(("POINT", "RATE")):
        rate = _number(told["POINT", "RATE"][0])
    if not 1 <= count <= MOST_MARKERS:
        raise FileError(f"it has {count:,} markers; 1 to {MOST_MARKERS} can be read.")
    if not 0 < rate <= 10_000:
        raise FileError(f"its rate is {rate:g} frames a second.")
    if begins <= 0 or begins > len(data):
        raise FileError("its frames lie beyond its end.")
    wide, points = (2, 8 * count) if scale > 0 else (4, 16 * count)
    step = points + analogs * wide
    rows = _rows(told, head, (len(data) - begins) // step)
    table = np.frombuffer(data[begins : begins + rows * step], np.uint8).reshape(rows, step)[:, :points].tobytes()
    values = numbers.whole(table).astype(float) if scale > 0 else numbers.real(table)
    values = values.reshape(rows, count, 4)
    places = values[..., :3] * scale if scale > 0 else values[..., :3].copy()
    places[(values[..., 3] < 0) | ~(np.abs(places) <= MAX_NUMBER).all(axis=2)] = np.nan
    if not np.isfinite(places).any():
        raise FileError("none of its markers is seen on any frame.")
    unit = _word(told, "UNITS").lower()
    return FileMarkers(_names(told, count), places, 1.0 / rate, TO_M.get(unit), _up(told))


def _word(told: dict[tuple[str, str], list], name: str) -> str:
    """The first word of a parameter of the points, or none."""
    return str((told.get(("POINT", name)) or [""])[0])


def _number(value) -> float:
    """A parameter's value; NaN for what is none."""
    return float(value) if isinstance(value, int | float) else np.nan


def _rows(told: dict[tuple[str, str], list], head: np.ndarray, there: int) -> int:
    """How many frames there are: a word of the head holds 65,535 at most."""
    said = int(head[4]) - int(head[3]) + 1
    long = told.get(("TRIAL", "ACTUAL_END_FIELD")), told.get(("TRIAL", "ACTUAL_START_FIELD"))
    if all(field and len(field) == 2 and all(abs(_number(v)) <= MOST_WORD for v in field) for field in long):
        last, first = ((int(low) & MOST_WORD) + ((int(high) & MOST_WORD) << 16) for low, high in long)
        said = last - first + 1 if last >= first else said
    elif said == MOST_WORD or int(head[4]) == MOST_WORD:
        said = there
    if said < 1:
        raise FileError("it says that it has no frames.")
    if said > there:
        raise FileError(f"it says that it has {said:,} frames; {there:,} are there.")
    if said > MAX_FRAMES:
        raise FileError(f"it has {said:,} frames; up to {MAX_FRAMES:,} can be read.")
    return said


def _names(told: dict[tuple[str, str], list], count: int) -> tuple[str, ...]:
    """A name of its own for each marker: labels beyond 255 stand in lists of their own."""
    labels: list[str] = []
    for name in ("LABELS", "LABELS2"):
        labels += told.get(("POINT", name), [])
    out: list[str] = []
    for i in range(count):
        label = str(labels[i] if i < len(labels) else "")[:80] or f"marker {i + 1}"
        out.append(label if label not in out else f"{label} ({i + 1})")
    return tuple(out)


def _up(told: dict[tuple[str, str], list]) -> str | None:
    """The axis that is said to be up on the screen."""
    said = _word(told, "Y_SCREEN").upper().lstrip("+")
    return said if said in ("Y", "Z") else None


def write(markers: FileMarkers, forces: Forces) -> bytes:
    """Millimetres with z up, in floating point for Intel processors; a force that is not known is 0 there. FileError
    for more than it can name."""
    rows, count, _ = markers.places.shape
    if count > 255 or len(forces.channels) > 255:
        raise FileError(f"a C3D file names up to 255 markers; there are {count}.")
    rate = 1.0 / markers.seconds
    channels = np.column_stack(list(forces.channels.values())) if forces.channels else np.zeros((rows, 0))
    parameters = _parameter_blocks(markers, list(forces.channels), rate, rows)
    first = 2 + len(parameters) // BLOCK
    head = bytearray(BLOCK)
    head[0], head[1] = 2, KEY
    struct.pack_into("<HHHHHfHHf", head, 2, count, channels.shape[1], 1, min(rows, MOST_WORD), 0, -1.0, first,
                     1 if channels.shape[1] else 0, rate)  # fmt: skip
    x, y, z = np.moveaxis(markers.places * 1000.0, 2, 0)
    seen = np.isfinite(x)
    table = np.nan_to_num(np.stack([x, -z, y, np.where(seen, 0.0, -1.0)], axis=2)).reshape(rows, -1)
    table[:, 3::4] = np.where(seen, 0.0, -1.0)
    data = np.hstack([table, np.nan_to_num(channels)]).astype("<f4").tobytes()
    return bytes(head) + parameters + data + bytes(-len(data) % BLOCK)


def _parameter_blocks(markers: FileMarkers, channels: list[str], rate: float, rows: int) -> bytes:
    count, out = len(markers.names), bytearray()
    low, high = rows & MOST_WORD, rows >> 16
    groups = {
        "POINT": {
            "USED": (WHOLE, [count]), "SCALE": (REAL, [-1.0]), "RATE": (REAL, [rate]),
            "FRAMES": (WHOLE, [min(rows, MOST_WORD)]), "DATA_START": (WHOLE, [0]),
            "LABELS": (TEXT, markers.names), "DESCRIPTIONS": (TEXT, [""] * count),
            "UNITS": (TEXT, ["mm"]), "X_SCREEN": (TEXT, ["+X"]), "Y_SCREEN": (TEXT, ["+Z"]),
        },
        "ANALOG": {
            "USED": (WHOLE, [len(channels)]), "RATE": (REAL, [rate]), "LABELS": (TEXT, channels),
            "UNITS": (TEXT, ["N"] * len(channels)), "SCALE": (REAL, [1.0] * len(channels)), "GEN_SCALE": (REAL, [1.0]),
            "OFFSET": (WHOLE, [0] * len(channels)), "DESCRIPTIONS": (TEXT, [""] * len(channels)),
        },
        "TRIAL": {"ACTUAL_START_FIELD": (WHOLE, [1, 0]), "ACTUAL_END_FIELD": (WHOLE, [low, high])},
        "FORCE_PLATFORM": {"USED": (WHOLE, [0])},
    }  # fmt: skip
    where = 0
    for number, (group, parameters) in enumerate(groups.items(), 1):
        out += struct.pack("<bb", len(group), -number) + group.encode() + struct.pack("<hB", 3, 0)
        for name, (kind, values) in parameters.items():
            if name == "DATA_START":
                where = len(out) + 2 + len(name) + 4
            out += _parameter(number, name, kind, list(values))
    blocks = -(-(4 + len(out)) // BLOCK)
    struct.pack_into("<h", out, where, 2 + blocks)
    whole = bytes([1, KEY, blocks, INTEL]) + bytes(out)
    return whole + bytes(blocks * BLOCK - len(whole))


def _parameter(group: int, name: str, kind: int, values: list) -> bytes:
    """One value stands alone, several are a list; text is as wide as its longest."""
    if kind == TEXT:
        words = [v.encode("latin-1", "replace")[:LABEL] for v in values]
        wide = max([1, *map(len, words)])
        shape = [wide, len(words)] if len(words) != 1 else [wide]
        raw = b"".join(word.ljust(wide) for word in words)
    else:
        shape = [len(values)] if len(values) != 1 else []
        raw = np.array(values).astype("<u2" if kind == WHOLE else "<f4").tobytes()
    body = struct.pack("<bB", kind, len(shape)) + bytes(shape) + raw + b"\0"
    return struct.pack("<bb", len(name), group) + name.encode() + struct.pack("<h", len(body) + 2) + body


MARKERS = MarkerFormat("C3D", "c3d", "application/octet-stream", parse, write)
