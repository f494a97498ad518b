"""glTF 2.0 in one binary file."""

from collections.abc import Mapping

import numpy as np

from ironarc.core.figure.rig import Rig
from ironarc.core.formats.format import Extras, FileMotion, Format
from ironarc.core.formats.gltf_container import binary_of, opened
from ironarc.core.formats.gltf_reading import mesh_alone, motion_of, skin_alone
from ironarc.core.formats.gltf_writing import document_of
from ironarc.core.formats.mesh_format import FileMesh, MeshFormat
from ironarc.core.skin import SkinMesh

BESIDE = ("bin", "png", "jpg", "jpeg")  # endings of what a glTF file may have in files of its own


def parse(data: bytes, beside: Mapping[str, bytes] | None = None) -> FileMotion:
    """In either wrapping. beside : files that came along, by name. Raises FileError for what can't be read."""
    return motion_of(opened(data, beside))


def mesh(data: bytes, beside: Mapping[str, bytes] | None = None) -> FileMesh:
    """All meshes as they stand. Raises FileError where there is none."""
    return mesh_alone(opened(data, beside))


def skin(data: bytes, beside: Mapping[str, bytes] | None = None) -> SkinMesh:
    """The surface alone, of a file that need not move. Raises FileError where there is none."""
    return skin_alone(opened(data, beside))


def write(rig: Rig, table: np.ndarray, frame_time_s: float, extras: Extras | None = None) -> bytes:
    """Skeleton, motion, and the skin where there is one."""
    return binary_of(*document_of(rig, table, frame_time_s, extras or Extras()))


FORMAT = Format("glTF", "glb", "model/gltf-binary", parse, write, BESIDE, skin, tells_units=True)
MESH = MeshFormat("glTF", "glb", mesh)
