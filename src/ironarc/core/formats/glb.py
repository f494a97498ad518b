"""glTF 2.0 in one binary file."""

import numpy as np

from ironarc.core.figure.rig import Rig
from ironarc.core.formats.format import Extras, FileMotion, Format
from ironarc.core.formats.gltf_container import binary_of, opened
from ironarc.core.formats.gltf_reading import motion_of
from ironarc.core.formats.gltf_writing import document_of


def parse(data: bytes) -> FileMotion:
    """Raises FileError for what can't be read, in either wrapping."""
    return motion_of(opened(data))


def write(rig: Rig, table: np.ndarray, frame_time_s: float, extras: Extras | None = None) -> bytes:
    """Skeleton, motion, and the skin where there is one."""
    return binary_of(*document_of(rig, table, frame_time_s, extras or Extras()))


FORMAT = Format("glTF", "glb", "model/gltf-binary", parse, write)
