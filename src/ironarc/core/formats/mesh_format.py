"""What every format of meshes gives: a surface that stands by itself, to be a prop."""

from collections.abc import Callable, Mapping
from dataclasses import dataclass

import numpy as np


@dataclass(frozen=True)
class FileMesh:
    """points : (n, 3) in the file's unit, y up; triangles : (m, 3); to_m : metres in its unit, None where it doesn't
    say"""

    points: np.ndarray
    triangles: np.ndarray
    to_m: float | None = 1.0


@dataclass(frozen=True)
class MeshFormat:
    """An open format of meshes. parse : bytes, and files that came along by name, to FileMesh; FileError for what can't
    be read"""

    word: str
    ending: str
    parse: Callable[[bytes, Mapping[str, bytes]], FileMesh]
