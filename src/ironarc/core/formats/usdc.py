"""OpenUSD in its binary form (.usdc)."""

import numpy as np

from ironarc.core.figure.rig import Rig
from ironarc.core.formats import glb
from ironarc.core.formats.format import Extras, FileMotion, Format
from ironarc.core.formats.usd import converted
from ironarc.core.skin import SkinMesh


def parse(data: bytes) -> FileMotion:
    """Raises FileError for what can't be read."""
    return glb.parse(converted(data, "usdc", "glb"))


def skin(data: bytes, beside=None) -> SkinMesh:
    """The surface alone. Raises FileError where there is none."""
    return glb.skin(converted(data, "usdc", "glb"))


def write(rig: Rig, table: np.ndarray, frame_time_s: float, extras: Extras | None = None) -> bytes:
    """Skeleton, every clip, and the skin where there is one."""
    return converted(glb.write(rig, table, frame_time_s, extras), "glb", "usdc")


FORMAT = Format("OpenUSD as binary", "usdc", "model/vnd.usdc", parse, write, skin=skin, tells_units=True)
