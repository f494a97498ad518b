"""The mannequin: one closed surface skinned to a rig, made from each part's length, girth and mass."""

from ironarc.core.mannequin.build import FINE, LIGHT, Mannequin, known_by, mannequin_of
from ironarc.core.mannequin.flat import Polygon, outlines, shown_figure
from ironarc.core.mannequin.posed import posed

__all__ = ["FINE", "LIGHT", "Mannequin", "Polygon", "known_by", "mannequin_of", "outlines", "posed", "shown_figure"]
