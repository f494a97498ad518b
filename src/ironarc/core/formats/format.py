"""What every format of motion gives and takes."""

from collections.abc import Callable, Mapping
from dataclasses import dataclass

import numpy as np

from ironarc.core.columns import Dense
from ironarc.core.figure.rig import Rig
from ironarc.core.mannequin import Mannequin
from ironarc.core.skin import SkinMesh


@dataclass(frozen=True)
class FileCamera:
    """A camera beside a motion. tall_rad : how much it sees upwards, throughout; aspect : width over height
    place : (frames, 3) in the file's unit; turn : (frames, 4) w x y z, looking along its own −z with y up
    """

    name: str
    tall_rad: float
    aspect: float
    place: np.ndarray
    turn: np.ndarray


@dataclass(frozen=True)
class FileMotion:
    """A file as it stands: rig and columns in the file's own length unit, angles in radians.

    columns : {(joint, channel): Dense}, every one from the first frame, which is 1
    says : sentences on what was left out or assumed on the way
    skin : the surface that came along, in the rig's unit; cameras : those that came along
    """

    rig: Rig
    columns: dict[tuple[str, str], Dense]
    frames: int
    frame_time_s: float
    says: tuple[str, ...] = ()
    skin: SkinMesh | None = None
    cameras: tuple[FileCamera, ...] = ()


@dataclass(frozen=True)
class Extras:
    """What formats that have room for it write besides the motion.

    scale_to_m : metres in one of the rig's units; name : of the shot
    clips : (name, first and last row) of ranges that are motions of their own
    mannequin : the figure that is shown, on the joints that `worn_by` names in its order
    skin : the performer's own, in place of the mannequin, in the rig's unit; cameras : of the shot, in metres
    """

    scale_to_m: float = 1.0
    name: str = "motion"
    clips: tuple[tuple[str, int, int], ...] = ()
    mannequin: Mannequin | None = None
    worn_by: tuple[str, ...] = ()
    skin: SkinMesh | None = None
    cameras: tuple[FileCamera, ...] = ()


@dataclass(frozen=True)
class Format:
    """An open format. parse : bytes to FileMotion, FileError for what can't be read; write : a rig, its channels
    (frames, channels) in file order (file length unit, degrees), the frame time in s and Extras, to bytes.

    beside : endings of files that may lie beside one; parse then takes them, by name, as a second argument
    skin : the surface in a file, which need not move; None for formats that have none
    tells_units : whether the format itself says what its unit is and which way is up
    begins : how a file begins, for an ending that other things have too
    """

    word: str
    ending: str
    media_type: str
    parse: Callable[..., FileMotion]
    write: Callable[[Rig, np.ndarray, float, Extras], bytes]
    beside: tuple[str, ...] = ()
    skin: Callable[[bytes, Mapping[str, bytes]], SkinMesh] | None = None
    tells_units: bool = False
    begins: bytes = b""

    def read(self, data: bytes, beside: Mapping[str, bytes] | None = None) -> FileMotion:
        """A file, with those that came along."""
        return self.parse(data, beside or {}) if self.beside else self.parse(data)
