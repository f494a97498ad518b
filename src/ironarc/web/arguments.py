"""What a request asks for, read within limits: bodies, numbers and texts that can be kept, ids that can exist."""

import json
from collections.abc import Iterable
from contextlib import closing
from pathlib import PurePath
from typing import Any, TypeVar

from flask import request
from pydantic import TypeAdapter
from werkzeug.routing import BaseConverter, IntegerConverter

from ironarc.core.errors import EditError, FileError, IronArcError
from ironarc.core.formats import FORMATS, MARKER_FORMATS, MESH_FORMATS
from ironarc.core.settings import MAX_NUMBER
from ironarc.core.whole_numbers import whole_number

LARGEST_ID = 2**31 - 1  # of a row in the database
LARGEST_BODY = 1024 * 1024
LONGEST_TEXT = 10_000
IDS = frozenset({"shot", "revision"})
T = TypeVar("T")


class Unreadable(IronArcError):
    """A request that can't be read."""


class IdConverter(IntegerConverter):
    """A row's id in an address; what can't be one is no address of ours."""

    def __init__(self, map):
        super().__init__(map, min=1, max=LARGEST_ID)


class AddressConverter(BaseConverter):
    """The SHA-256 that something is kept under."""

    regex = "[0-9a-f]{64}"


def read_body(adapter: TypeAdapter[T], data: bytes) -> T:
    """What a JSON body asks for. Raises EditError for numbers and texts that can't be kept, ValidationError for a
    body of another shape."""
    if len(data) > LARGEST_BODY:
        raise Unreadable("The request is longer than 1 MB, more than any edit is.")
    try:
        plain = json.loads(data)
        check_plain(plain)
    except RecursionError:
        raise Unreadable("The request can't be read: it is nested too deeply.") from None
    except ValueError:
        raise Unreadable("The request can't be read: it is not JSON.") from None
    return adapter.validate_json(data)


def check_plain(plain: Any, where: str = "") -> None:
    """EditError for a number beyond reason, or a text that can't be kept, anywhere in JSON data."""
    if isinstance(plain, dict):
        for key, value in plain.items():
            check_text(key, "a name")
            if not (key in IDS and where == "" and isinstance(value, int)):
                check_plain(value, f"{where}.{key}" if where else key)
            elif abs(value) > LARGEST_ID:
                raise EditError(f"There is no {key} {str(value)[:20]}.")
    elif isinstance(plain, list):
        for number, value in enumerate(plain):
            check_plain(value, f"{where}.{number}" if where else str(number))
    elif isinstance(plain, str):
        check_text(plain, where or "the text")
    elif isinstance(plain, int | float) and not abs(plain) <= MAX_NUMBER:
        raise EditError(f"{where or 'The number'} lies within {MAX_NUMBER:,.0f} of 0; {str(plain)[:20]} was given.")


def check_text(text: str, what: str) -> str:
    """The text itself; EditError for one that is too long, or holds what no text can: a NUL, half of a letter."""
    if len(text) > LONGEST_TEXT:
        raise EditError(f"{what} can have up to {LONGEST_TEXT:,} characters; {len(text):,} were given.")
    if "\x00" in text or any("\ud800" <= letter <= "\udfff" for letter in text):
        raise EditError(f"{what} holds a letter that can't be kept. Leave it out.")
    return text


def file_name(name: str) -> str:
    """A file's own name, without any folder."""
    return check_text(PurePath(name.replace("\\", "/")).name, "The file's name")


def files_sent() -> list[tuple[str, bytes]]:
    """Names, without any folder, and bytes of the files sent."""
    out = []
    for sent in request.files.getlist("file"):
        with closing(sent):  # a large one lies in a file of its own
            if sent.filename:
                out.append((file_name(sent.filename), sent.read()))
    return out


def motion_sent(otherwise: str = "") -> tuple[str, bytes, dict[str, bytes]]:
    """Name and bytes of the motion sent, and the files that came along with it, by name. otherwise : what else than
    choosing a file can be done"""
    sent = files_sent()
    if not sent:
        raise FileError(f"No file was chosen. Choose a {motion_words()} file{otherwise}.")
    along = {ending for known in FORMATS.values() for ending in known.beside}
    own = [name for name, _ in sent if name.rsplit(".", 1)[-1].lower() not in along] or [sent[0][0]]
    if len(own) > 1:
        raise FileError(f"{own[0]} and {own[1]} are two motions. Bring in one at a time.")
    data = dict(sent)
    return own[0], data.pop(own[0]), data


def skin_words() -> str:
    """The formats that a skin can come in, in words."""
    return " or ".join(f".{known.ending}" for known in FORMATS.values() if known.skin)


def motion_words() -> str:
    """The formats that a motion can come in, in words."""
    return _either(known.word for known in FORMATS.values())


def mesh_words() -> str:
    """The formats that a mesh can come in, in words."""
    return _either(known.word for known in MESH_FORMATS.values())


def marker_words() -> str:
    """The formats that markers can come in, in words."""
    return _either(known.word for known in MARKER_FORMATS.values())


def _either(words: Iterable[str]) -> str:
    *some, last = dict.fromkeys(word.partition(" as ")[0] for word in words)
    return f"{', '.join(some)} or {last}" if some else last


def frame_argument(name: str) -> int | None:
    """The frame an address asks for, or None for none. Raises EditError for what is no frame's number."""
    text = request.args.get(name, "").strip()
    if not text:
        return None
    frame = whole_number(text)
    if frame is None:
        raise EditError(f"A frame is a whole number; {text[:20]!r} was given.")
    return frame
