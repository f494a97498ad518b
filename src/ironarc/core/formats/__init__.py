"""Open file formats: one module a format, one registry."""

from ironarc.core.formats import bvh
from ironarc.core.formats.motion import FileMotion, Format

FORMATS = {"bvh": Format("BVH", "bvh", bvh.parse, bvh.write)}

__all__ = ["FORMATS", "FileMotion", "Format"]
