"""Open file formats of motion, markers and meshes: one module a format, whose `FORMAT`, `MARKERS` or `MESH` is known
by being in this folder. Shell, pages, drop and downloads read this registry; nothing else names a format."""

from importlib import import_module
from pathlib import Path
from pkgutil import iter_modules

from ironarc.core.errors import FileError
from ironarc.core.formats.format import Extras, FileCamera, FileMotion, Format
from ironarc.core.formats.marker_format import FileMarkers, Forces, MarkerFormat
from ironarc.core.formats.mesh_format import FileMesh, MeshFormat

_MODULES = [import_module(f"{__name__}.{module.name}") for module in iter_modules(__path__)]
FORMATS: dict[str, Format] = {m.FORMAT.ending: m.FORMAT for m in _MODULES if hasattr(m, "FORMAT")}
MARKER_FORMATS: dict[str, MarkerFormat] = {m.MARKERS.ending: m.MARKERS for m in _MODULES if hasattr(m, "MARKERS")}
MESH_FORMATS: dict[str, MeshFormat] = {m.MESH.ending: m.MESH for m in _MODULES if hasattr(m, "MESH")}
USUAL = "bvh"  # what is written where nobody says


def ending_of(name: str) -> str:
    """The ending of a file's name, of those that can be read and written. FileError for any other."""
    ending = name.rsplit(".", 1)[-1].lower() if "." in name else ""
    if ending not in FORMATS and ending in MARKER_FORMATS:
        raise FileError(
            f"{name[-60:]} holds markers and no skeleton. Open a shot and bring it in there, beside its performer."
        )
    if ending not in FORMATS:
        known = ", ".join(f".{known}" for known in FORMATS)
        raise FileError(f"{name[-60:]} has no ending of a motion that can be read and written here: {known}.")
    return ending


def markers_of(name: str, data: bytes) -> MarkerFormat | None:
    """The format of markers that a file is in; None for one that holds none."""
    known = MARKER_FORMATS.get(name.rsplit(".", 1)[-1].lower())
    begins = data.removeprefix(b"\xef\xbb\xbf").startswith(known.begins) if known else False
    return known if begins else None


def is_motion(path: Path) -> bool:
    """Whether a file of a folder is a motion: by its ending, and where other things have that too, by how it begins."""
    known = FORMATS.get(path.suffix.lower().lstrip("."))
    if known is None or not path.is_file():
        return False
    if not known.begins:
        return True
    try:
        with path.open("rb") as file:
            return file.read(len(known.begins) + 3).removeprefix(b"\xef\xbb\xbf").startswith(known.begins)
    except OSError:
        return False


__all__ = [
    "FORMATS", "MARKER_FORMATS", "MESH_FORMATS", "USUAL", "Extras", "FileCamera", "FileMarkers", "FileMesh",
    "FileMotion", "Forces", "Format", "MarkerFormat", "MeshFormat", "ending_of", "is_motion", "markers_of",
]  # fmt: skip
