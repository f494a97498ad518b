"""A character's own skin: the surface that came with its skeleton, shown in place of the mannequin."""

from ironarc.core.skin.mesh import MOST_TRIANGLES, MOST_VERTICES, Image, SkinMesh
from ironarc.core.skin.own import OwnSkin, Touch, own_skin

__all__ = ["MOST_TRIANGLES", "MOST_VERTICES", "Image", "OwnSkin", "SkinMesh", "Touch", "own_skin"]
