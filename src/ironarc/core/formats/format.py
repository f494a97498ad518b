"""What every format of motion gives and takes."""

from collections.abc import Callable
from dataclasses import dataclass

import numpy as np

from ironarc.core.columns import Dense
from ironarc.core.figure.rig import Rig


@dataclass(frozen=True)
class FileMotion:
    """A file as it stands: rig and columns in the file's own length unit, angles in radians.

    columns : {(joint, channel): Dense}, every one from the first frame, which is 1
    """

    rig: Rig
    columns: dict[tuple[str, str], Dense]
    frames: int
    frame_time_s: float


@dataclass(frozen=True)
class Format:
    """An open format. parse : bytes to FileMotion, FileError for what can't be read; write : a rig, its channels
    (frames, channels) in file order (file length unit, degrees) and the frame time in s, to bytes."""

    word: str
    ending: str
    media_type: str
    parse: Callable[[bytes], FileMotion]
    write: Callable[[Rig, np.ndarray, float], bytes]
