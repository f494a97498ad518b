"""Open file formats of motion: one module a format, whose `FORMAT` is known by being in this folder. Shell, pages, drop
and downloads read this registry; nothing else names a format."""

from importlib import import_module
from pathlib import Path
from pkgutil import iter_modules

from ironarc.core.errors import FileError
from ironarc.core.formats.format import Extras, FileCamera, FileMotion, Format

_MODULES = [import_module(f"{__name__}.{module.name}") for module in iter_modules(__path__)]
FORMATS: dict[str, Format] = {m.FORMAT.ending: m.FORMAT for m in _MODULES if hasattr(m, "FORMAT")}
USUAL = "bvh"  # what is written where nobody says


def ending_of(name: str) -> str:
    """The ending of a file's name, of those that can be read and written. FileError for any other."""
    ending = name.rsplit(".", 1)[-1].lower() if "." in name else ""
    if ending not in FORMATS:
        known = ", ".join(f".{known}" for known in FORMATS)
        raise FileError(f"{name[-60:]} has no ending of a motion that can be read and written here: {known}.")
    return ending


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


__all__ = ["FORMATS", "USUAL", "Extras", "FileCamera", "FileMotion", "Format", "ending_of", "is_motion"]
