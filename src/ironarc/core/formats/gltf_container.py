"""The two wrappings of glTF 2.0, binary (.glb) and text with its data within (.gltf), and the arrays inside.

Khronos Group, glTF 2.0 Specification (ISO/IEC 12113:2022)."""

import base64
import binascii
import json
import struct
from collections.abc import Mapping
from dataclasses import dataclass, field
from urllib.parse import unquote

import numpy as np

from ironarc.core.errors import FileError

_MAGIC, _JSON, _BINARY = 0x46546C67, 0x4E4F534A, 0x004E4942
_WIDTHS = {"SCALAR": 1, "VEC2": 2, "VEC3": 3, "VEC4": 4, "MAT2": 4, "MAT3": 9, "MAT4": 16}
FLOAT, BYTE, UBYTE, SHORT, USHORT, UINT = 5126, 5120, 5121, 5122, 5123, 5125
_KINDS = {BYTE: "i1", UBYTE: "u1", SHORT: "<i2", USHORT: "<u2", UINT: "<u4", FLOAT: "<f4"}
_MOST_BYTES = 2**28
MOST_NESTED = 2000  # nodes and arrays that are looked at


@dataclass
class Document:
    """tree : the JSON; buffers : the bytes that it tells of; beside : files that came along, by name"""

    tree: dict
    buffers: list[bytes]
    beside: Mapping[str, bytes] = field(default_factory=dict)

    def list(self, name: str) -> list:
        """A list of the tree, empty where there is none."""
        found = self.tree.get(name, [])
        if not isinstance(found, list) or not all(isinstance(item, dict) for item in found):
            raise FileError(f"its {name} are not a list, so it is no glTF. Export it again.")
        return found

    def item(self, name: str, number, what: str) -> dict:
        """One of a list, by its number as another part of the file gives it."""
        found = self.list(name)
        if not isinstance(number, int) or isinstance(number, bool) or not 0 <= number < len(found):
            raise FileError(f"{what} names number {number!r} of its {name}, and there are {len(found)}.")
        return found[number]

    def array(self, number, what: str, width: int | None = None) -> np.ndarray:
        """(count, width) float of an accessor, whole numbers brought to −1 … 1 where it says so. FileError, with the
        accessor's number, for one that reaches past its data."""
        told = self.item("accessors", number, what)
        kind, own = told.get("componentType"), _WIDTHS.get(told.get("type"))
        count = told.get("count")
        if kind not in _KINDS or own is None or not isinstance(count, int) or count < 0:
            raise FileError(f"accessor {number} ({what}) has no type that glTF knows. Export it again.")
        if width is not None and own != width:
            raise FileError(f"accessor {number} ({what}) holds {own} numbers each; {width} are needed.")
        if "sparse" in told:
            raise FileError(f"accessor {number} ({what}) is sparse, which is not read. Export it without.")
        if "bufferView" not in told:
            return np.zeros((count, own))
        view = self.item("bufferViews", told["bufferView"], f"accessor {number}")
        data = self._buffer(view.get("buffer"), number)
        dtype = np.dtype(_KINDS[kind])
        begin = _whole(view.get("byteOffset", 0)) + _whole(told.get("byteOffset", 0))
        stride = _whole(view.get("byteStride", 0)) or dtype.itemsize * own
        end = begin + stride * (count - 1) + dtype.itemsize * own if count else begin
        limit = min(_whole(view.get("byteOffset", 0)) + _whole(view.get("byteLength", 0)), len(data))
        if end > limit:
            raise FileError(f"accessor {number} ({what}) reaches {end - limit:,} bytes past its data: the file is cut.")
        rows = np.ndarray((count, own), dtype, data, begin, (stride, dtype.itemsize)).astype(float)
        if told.get("normalized") and kind != FLOAT:
            rows = np.maximum(rows / np.iinfo(dtype).max, -1.0)
        if not np.isfinite(rows).all():
            raise FileError(f"accessor {number} ({what}) holds values that are no numbers.")
        return rows

    def image(self, number, what: str) -> bytes:
        """The bytes of a picture; none where it lies in a file that did not come along."""
        told = self.item("images", number, what)
        if "bufferView" in told:
            view = self.item("bufferViews", told["bufferView"], f"image {number}")
            begin = _whole(view.get("byteOffset", 0))
            return self._buffer(view.get("buffer"), f"of image {number}")[
                begin : begin + _whole(view.get("byteLength"))
            ]
        uri = told.get("uri")
        return _data_of(uri, self.beside, f"image {number}") if isinstance(uri, str) else b""

    def _buffer(self, number, accessor) -> bytes:
        if not isinstance(number, int) or not 0 <= number < len(self.buffers):
            raise FileError(f"accessor {accessor} lies in buffer {number!r}, and there are {len(self.buffers)}.")
        return self.buffers[number]


def _whole(value) -> int:
    if not isinstance(value, int) or isinstance(value, bool) or not 0 <= value <= _MOST_BYTES:
        raise FileError("a place or a length of its data is no whole number. Export it again.")
    return value


def opened(data: bytes, beside: Mapping[str, bytes] | None = None) -> Document:
    """Either wrapping. beside : files that came along, by name. Raises FileError for what is neither, another version,
    or has its data in files that did not come along."""
    beside = beside or {}
    if data[:4] == b"glTF":
        return _opened_binary(data, beside)
    try:
        tree = json.loads(data.decode("utf-8"))
    except (UnicodeDecodeError, json.JSONDecodeError, RecursionError) as error:
        raise FileError("this is no glTF: neither its binary form nor JSON.", getattr(error, "lineno", None)) from error
    return _document(tree, None, beside)


def _opened_binary(data: bytes, beside: Mapping[str, bytes]) -> Document:
    if len(data) < 20:
        raise FileError(f"the file ends after {len(data)} bytes, within its head: it is cut.")
    _, version, length = struct.unpack_from("<III", data)
    if version != 2:
        raise FileError(f"this is glTF {version}; version 2 is read. Export it as glTF 2.0.")
    if length > len(data):
        raise FileError(f"the file says it has {length:,} bytes, and {len(data):,} are there: it is cut.")
    at, tree, binary = 12, None, None
    while at + 8 <= length:
        size, kind = struct.unpack_from("<II", data, at)
        if at + 8 + size > length:
            raise FileError(f"a part at byte {at:,} reaches past the file's end: it is cut.")
        body = data[at + 8 : at + 8 + size]
        if kind == _JSON and tree is None:
            try:
                tree = json.loads(body.decode("utf-8"))
            except (UnicodeDecodeError, json.JSONDecodeError, RecursionError) as error:
                raise FileError("what it says of itself (its JSON part) can't be read: the file is damaged.") from error
        elif kind == _BINARY and binary is None:
            binary = body
        at += 8 + size + (-size % 4)
    if tree is None:
        raise FileError("it has no JSON part, so nothing says what is in it.")
    return _document(tree, binary, beside)


def _document(tree, binary: bytes | None, beside: Mapping[str, bytes]) -> Document:
    if not isinstance(tree, dict) or not isinstance(tree.get("asset"), dict):
        raise FileError("this is JSON, but no glTF: it has no asset part.")
    version = str(tree["asset"].get("version", ""))
    if not version.startswith("2."):
        raise FileError(f"this is glTF {version or 'of no version'}; version 2 is read. Export it as glTF 2.0.")
    needed = tree.get("extensionsRequired") or []
    if needed:
        words = ", ".join(map(str, needed))[:80]
        raise FileError(f"it needs {words}, which is not read. Export it without compression.")
    document = Document(tree, [], beside)
    for i, told in enumerate(document.list("buffers")):
        document.buffers.append(_buffer(told.get("uri"), binary, i, beside))
    return document


def _buffer(uri, binary: bytes | None, number: int, beside: Mapping[str, bytes]) -> bytes:
    if uri is None:
        if number or binary is None:
            raise FileError(f"buffer {number} has no data in the file. Export it as one .glb.")
        return binary
    found = _data_of(uri, beside, f"the data of buffer {number}")
    if not found:
        raise FileError(
            f"its data lies beside it, in {str(uri)[:60]}. Bring both files together, or export it as one .glb."
        )
    return found


def _data_of(uri, beside: Mapping[str, bytes], what: str) -> bytes:
    """What an address in the file leads to: bytes written into it, or a file that came along; b"" for one that did
    not."""
    if not isinstance(uri, str) or not uri.startswith("data:"):
        return beside.get(unquote(str(uri)).replace("\\", "/").rsplit("/", 1)[-1], b"")
    try:
        return base64.b64decode(uri.partition(",")[2], validate=True)
    except (binascii.Error, ValueError) as error:
        raise FileError(f"{what} is no base64: the file is damaged.") from error


@dataclass
class Builder:
    """Arrays of a document that is written, one after the other in one buffer."""

    data: bytearray = field(default_factory=bytearray)
    views: list[dict] = field(default_factory=list)
    accessors: list[dict] = field(default_factory=list)

    def add(self, values: np.ndarray, kind: str, component: int = FLOAT, **also) -> int:
        """The number of a new accessor. values : (count, width) or (count,); kind : "VEC3" and so on; also : bounds,
        target, normalized."""
        values = np.ascontiguousarray(values, dtype=_KINDS[component])
        self.data += b"\0" * (-len(self.data) % 4)
        view = {"buffer": 0, "byteOffset": len(self.data), "byteLength": values.nbytes}
        if "target" in also:
            view["target"] = also["target"]
        self.views.append(view)
        accessor = {
            "bufferView": len(self.views) - 1, "componentType": component, "count": len(values), "type": kind,
        }  # fmt: skip
        if also.get("bounds"):
            rows = values.reshape(len(values), -1)
            accessor |= {"min": rows.min(axis=0).tolist(), "max": rows.max(axis=0).tolist()}
        if also.get("normalized"):
            accessor["normalized"] = True
        self.accessors.append(accessor)
        self.data += values.tobytes()
        return len(self.accessors) - 1

    def raw(self, data: bytes) -> int:
        """The number of a new view onto bytes that are no array."""
        self.data += b"\0" * (-len(self.data) % 4)
        self.views.append({"buffer": 0, "byteOffset": len(self.data), "byteLength": len(data)})
        self.data += data
        return len(self.views) - 1


def binary_of(tree: Mapping, built: Builder) -> bytes:
    """One .glb."""
    data = bytes(built.data) + b"\0" * (-len(built.data) % 4)
    text = json.dumps(_whole_tree(tree, built, {}), separators=(",", ":")).encode()
    text += b" " * (-len(text) % 4)
    parts = struct.pack("<II", len(text), _JSON) + text + struct.pack("<II", len(data), _BINARY) + data
    return struct.pack("<III", _MAGIC, 2, 12 + len(parts)) + parts


def text_of(tree: Mapping, built: Builder) -> bytes:
    """One .gltf, its data within."""
    uri = "data:application/octet-stream;base64," + base64.b64encode(bytes(built.data)).decode()
    return json.dumps(_whole_tree(tree, built, {"uri": uri}), indent=1).encode()


def _whole_tree(tree: Mapping, built: Builder, where: dict) -> dict:
    size = len(built.data) + (0 if where else -len(built.data) % 4)
    buffers = [{**where, "byteLength": size}]
    return {**tree, "accessors": built.accessors, "bufferViews": built.views, "buffers": buffers}
