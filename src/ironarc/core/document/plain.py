"""Plain data of anything the document is made of, and the way back, derived from the fields of its dataclasses.

Plain data are JSON types. A dataclass is an object of its fields; a mapping is a list of pairs, since objects lose the
order of their keys where they are kept. Arrays are put aside, all those of one dataclass side by side in one table. A
field that is not there takes its default, so that an older document opens; what can't be understood is refused in
words.
"""

import json
import re
import types
from collections.abc import Callable, Mapping
from dataclasses import MISSING, fields, is_dataclass
from functools import cache
from hashlib import sha256
from typing import Any, Union, get_args, get_origin, get_type_hints
from weakref import WeakKeyDictionary, WeakValueDictionary

import numpy as np

from ironarc.core.by_identity import ByIdentity
from ironarc.core.columns import Column, Dense, Keys, Turns
from ironarc.core.document.performer import Performer
from ironarc.core.errors import EditError
from ironarc.core.figure.rig import Rig
from ironarc.core.motion.layers import Layer
from ironarc.core.scene.camera import Camera
from ironarc.core.scene.guide import Guide
from ironarc.core.scene.markers import MarkerSet
from ironarc.core.scene.props import Prop
from ironarc.core.scene.reference import Reference
from ironarc.core.scene.shape import Shape
from ironarc.core.settings import MAX_NUMBER
from ironarc.core.skin import OwnSkin

PutBlob = Callable[[np.ndarray], str]
GetBlob = Callable[[str], np.ndarray]

# Where one of several may stand, each says which it is
_WORDS = {
    Keys: "keys", Dense: "dense", Turns: "turns", Performer: "performer", Prop: "prop", Reference: "reference",
    Guide: "guide", Camera: "camera", MarkerSet: "markers",
}  # fmt: skip


def to_plain(value: Any, put: PutBlob) -> Any:
    """Plain data of anything the document is made of."""
    if is_dataclass(value):
        return _dataclass_to_plain(value, put)
    if isinstance(value, Mapping):
        return [[to_plain(key, put), to_plain(v, put)] for key, v in value.items()]
    if isinstance(value, tuple | list):
        return [to_plain(v, put) for v in value]
    if isinstance(value, np.generic):
        return value.item()
    if value is None or isinstance(value, bool | int | float | str):
        return value
    raise TypeError(f"the document holds no {type(value).__name__}")


class Known(dict):
    """Plain data of something large that never changes: the same object for the same thing, so that whoever takes it
    apart may know it again."""


# and its arrays, each with the name it was put aside under, and what its content is known by
_PLAIN: ByIdentity[tuple[Known, dict[int, tuple[np.ndarray, str]], tuple | None]] = ByIdentity()


def _dataclass_to_plain(value: Any, put: PutBlob) -> dict:
    if not isinstance(value, _LARGE):
        return _fields_to_plain(value, put)
    known = _PLAIN.get(value)
    # its arrays are put aside every time: they may be known by other names, or nowhere yet
    if known is None or any(put(array) != name for array, name in known[1].values()):
        arrays: dict[int, tuple[np.ndarray, str]] = {}

        def noted(array: np.ndarray) -> str:
            arrays[id(array)] = array, put(array)
            return arrays[id(array)][1]

        plain = Known(_fields_to_plain(value, noted))
        known = _PLAIN[value] = plain, arrays, _content(type(value), plain)
    if known[2]:
        _alive.setdefault(known[2], value)
    return known[0]


def _fields_to_plain(value: Any, put: PutBlob) -> dict:
    word = _WORDS.get(type(value))
    out = {"is": word} if word else {}
    arrays = []
    for name, hint in _shape(type(value)).items():
        if hint is np.ndarray:
            arrays.append(name)
        else:
            out[name] = to_plain(getattr(value, name), put)
    if arrays:
        out["blob"] = put(_table_of(value, arrays))
        out["columns_of"] = [[name, getattr(value, name)[0].size] for name in arrays]
    return out


# What is large is in memory once, whatever revisions have it and however they came there: an undo, or somebody else's
# edit, then finds the very columns that all that was worked out of them is kept with
_LARGE = (Performer, Layer, Rig, OwnSkin, MarkerSet, Shape, *get_args(Column))
_BLOBS, _HASH = re.compile(r'"blob": "([^"]*)"'), 64
_alive: WeakValueDictionary[tuple[type, str], Any] = WeakValueDictionary()


def _content(cls: type, plain: Mapping) -> tuple[type, str] | None:
    """What something large is known by: its plain data, where all arrays in it are named by the hash of their bytes;
    None where they have other names, which say nothing of what is in them."""
    text = json.dumps(plain, sort_keys=True)
    hashed = all(len(name) == _HASH for name in _BLOBS.findall(text))
    return (cls, sha256(text.encode()).hexdigest()) if hashed else None


_TABLES: WeakKeyDictionary[Any, np.ndarray] = WeakKeyDictionary()


def _table_of(column: Any, names: list[str]) -> np.ndarray:
    """A column's arrays side by side; kept with the column, so that what an edit did not touch is known again."""
    if len(names) == 1:
        return getattr(column, names[0])
    table = _TABLES.get(column)
    if table is None:
        table = _TABLES[column] = np.column_stack([np.asarray(getattr(column, n), dtype=float) for n in names])
    return table


def from_plain(plain: Any, hint: Any, get: GetBlob, where: str = "") -> Any:
    """What `to_plain` was given, of the type `hint`. Raises EditError for plain data that is not of that type."""
    origin = get_origin(hint)
    if origin in (Union, types.UnionType):
        return _one_of(plain, get_args(hint), get, where)
    if is_dataclass(hint):
        return _dataclass_from_plain(plain, hint, get, where)
    try:
        if origin is tuple:
            return _tuple_from_plain(plain, get_args(hint), get, where)
        if origin is not None and issubclass(origin, Mapping):
            return _mapping_from_plain(plain, get_args(hint), get)
        if hint in (float, int) and isinstance(plain, int | float) and abs(plain) <= MAX_NUMBER:
            if hint is float:
                return float(plain)
            if int(plain) == plain:
                return int(plain)
        if hint is Any or (hint in (bool, str) and isinstance(plain, hint)):
            return plain
    except (TypeError, ValueError, OverflowError):
        pass  # said below, with where it stands
    raise EditError(f"{where or 'This'} can't be read: {str(plain)[:40]!r} was found.")


def _one_of(plain: Any, options: tuple, get: GetBlob, where: str) -> Any:
    if plain is None and type(None) in options:
        return None
    options = [option for option in options if option is not type(None)]
    if len(options) == 1:
        return from_plain(plain, options[0], get, where)
    word = plain.get("is") if isinstance(plain, Mapping) else None
    for option in options:
        if word is not None and _WORDS.get(option) == word:
            return from_plain(plain, option, get, where)
    raise EditError(f"{where or 'This'} can't be read: there is no {word!r} in a shot.")


def _dataclass_from_plain(plain: Any, cls: type, get: GetBlob, where: str) -> Any:
    if not isinstance(plain, Mapping):
        raise EditError(f"{where or cls.__name__} can't be read: {str(plain)[:40]!r} was found.")
    if cls not in _LARGE:
        return _made(plain, cls, get, where)
    key = _content(cls, plain)
    if key is None:
        return _made(plain, cls, get, where)
    found = _alive.get(key)
    return _alive.setdefault(key, _made(plain, cls, get, where)) if found is None else found


def _made(plain: Mapping, cls: type, get: GetBlob, where: str) -> Any:
    values, defaults = {}, _defaults(cls)
    for name, hint in _shape(cls).items():
        if hint is np.ndarray:
            continue
        if name in plain:
            values[name] = from_plain(plain[name], hint, get, f"{where}, {name}" if where else name)
        elif name not in defaults:
            raise EditError(f"{where or cls.__name__} can't be read: it has no {name}.")
    if "columns_of" in plain:
        table, at = get(plain["blob"]), 0
        for name, width in plain["columns_of"]:
            if table.ndim == 1:
                values[name] = table
            else:
                values[name] = table[:, at] if width == 1 else table[:, at : at + width]
            at += width
    return cls(**values, **({"where": where} if where and "where" in _init_only(cls) else {}))


def _tuple_from_plain(plain: Any, args: tuple, get: GetBlob, where: str) -> tuple:
    if len(args) == 2 and args[1] is Ellipsis:
        return tuple(from_plain(v, args[0], get, where) for v in plain)
    if len(plain) != len(args):
        raise ValueError
    return tuple(from_plain(v, arg, get, where) for v, arg in zip(plain, args, strict=True))


def _mapping_from_plain(plain: Any, args: tuple, get: GetBlob) -> dict:
    out = {}
    for key, value in plain:
        read = from_plain(key, args[0], get)
        out[read] = from_plain(value, args[1], get, " ".join(read) if isinstance(read, tuple) else str(read))
    return out


@cache
def _shape(cls: type) -> dict[str, Any]:
    """Field names and types of a dataclass, those it is made of."""
    hints = get_type_hints(cls)
    return {f.name: hints[f.name] for f in fields(cls) if f.init}


@cache
def _defaults(cls: type) -> frozenset[str]:
    return frozenset(
        f.name for f in fields(cls) if f.default is not MISSING or f.default_factory is not MISSING
    )  # fmt: skip


@cache
def _init_only(cls: type) -> frozenset[str]:
    return frozenset(cls.__annotations__) - {f.name for f in fields(cls)}
