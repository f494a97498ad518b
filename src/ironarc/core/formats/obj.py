"""Wavefront OBJ: corners and faces of a mesh; colours, normals and all else are left out."""

from collections.abc import Mapping
from itertools import pairwise

import numpy as np

from ironarc.core.errors import FileError
from ironarc.core.formats.mesh_format import FileMesh, MeshFormat
from ironarc.core.settings import MAX_MESH_POINTS, MAX_MESH_TRIANGLES, MAX_NUMBER


def parse(data: bytes, beside: Mapping[str, bytes] | None = None) -> FileMesh:
    """Raises FileError, with the line, for what can't be understood."""
    if b"\0" in data:
        raise FileError("it holds bytes that are no text, so it is no OBJ.")
    points: list[list[float]] = []
    triangles: list[tuple[int, int, int]] = []
    for number, line in enumerate(data.decode("utf-8", "replace").splitlines(), 1):
        word, *cells = line.split()[:2000] or [""]
        if word == "v":
            points.append(_place(cells, number))
        elif word == "f":
            corners = [_corner(cell, len(points), number) for cell in cells]
            if len(corners) < 3:
                raise FileError(f"a face has three corners or more; {len(corners)} are there.", number)
            triangles += [(corners[0], a, b) for a, b in pairwise(corners[1:])]
        if len(points) > MAX_MESH_POINTS or len(triangles) > MAX_MESH_TRIANGLES:
            raise FileError(
                f"more than {MAX_MESH_POINTS:,} points or {MAX_MESH_TRIANGLES:,} triangles are more than can be read.",
                number,
            )
    return FileMesh(np.array(points, dtype=float).reshape(-1, 3), np.array(triangles, dtype=int).reshape(-1, 3), None)


def _place(cells: list[str], line: int) -> list[float]:
    try:
        place = [float(cell) for cell in cells[:3]]
    except ValueError:
        raise FileError(f"a corner is {' '.join(cells)[:40]!r}, which is no place.", line) from None
    if len(place) < 3 or not all(abs(v) <= MAX_NUMBER for v in place):
        raise FileError(f"a corner needs three numbers within {MAX_NUMBER:,.0f} of 0.", line)
    return place


def _corner(cell: str, there: int, line: int) -> int:
    """Which corner a face names: from 1 on, or from the last one back."""
    try:
        named = int(cell.partition("/")[0])
    except ValueError:
        raise FileError(f"a face names {cell[:20]!r}, which is no corner.", line) from None
    number = named - 1 if named > 0 else there + named
    if not 0 <= number < there:
        raise FileError(f"a face names corner {named}; {there:,} are there so far.", line)
    return number


MESH = MeshFormat("OBJ", "obj", parse)
