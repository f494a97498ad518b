"""What every format of markers gives and takes: points that were seen, one beside the other, with no skeleton."""

from collections.abc import Callable, Mapping
from dataclasses import dataclass, field

import numpy as np

MOST_MARKERS = 300


@dataclass(frozen=True)
class FileMarkers:
    """A file of markers as it stands.

    names : of the markers; places : (rows, markers, 3) in the file's unit and axes, NaN where one was not seen
    seconds : between rows; to_m : metres in its unit, None where it doesn't say; up : "Y" or "Z", None where it doesn't
    says : sentences on what was left out or assumed on the way
    """

    names: tuple[str, ...]
    places: np.ndarray
    seconds: float
    to_m: float | None = 1.0
    up: str | None = "Y"
    says: tuple[str, ...] = ()


@dataclass(frozen=True)
class Forces:
    """What pushes a body, to lie beside its markers: channels by name, (rows,) each, in newtons,
    NaN where it is not known."""

    channels: Mapping[str, np.ndarray] = field(default_factory=dict)


@dataclass(frozen=True)
class MarkerFormat:
    """An open format of markers. parse : bytes to FileMarkers, FileError for what can't be read; write : markers in
    metres with y up, and forces, to bytes. begins : how a file begins, for an ending that other things have too"""

    word: str
    ending: str
    media_type: str
    parse: Callable[[bytes], FileMarkers]
    write: Callable[[FileMarkers, Forces], bytes]
    begins: bytes = b""
