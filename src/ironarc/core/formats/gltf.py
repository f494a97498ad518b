"""glTF 2.0 as text, its data within."""

import numpy as np

from ironarc.core.figure.rig import Rig
from ironarc.core.formats.format import Extras, Format
from ironarc.core.formats.glb import BESIDE, mesh, parse, skin
from ironarc.core.formats.gltf_container import text_of
from ironarc.core.formats.gltf_writing import document_of
from ironarc.core.formats.mesh_format import MeshFormat


def write(rig: Rig, table: np.ndarray, frame_time_s: float, extras: Extras | None = None) -> bytes:
    """As `glb.write` does, as text."""
    return text_of(*document_of(rig, table, frame_time_s, extras or Extras()))


FORMAT = Format("glTF as text", "gltf", "model/gltf+json", parse, write, BESIDE, skin, tells_units=True)
MESH = MeshFormat("glTF as text", "gltf", mesh)
