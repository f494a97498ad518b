"""The way a motion goes."""

import numpy as np

from ironarc.core import rotation
from ironarc.core.reading.early import Early
from ironarc.core.reading.read import Reading


def travel_direction(reading: Reading | Early) -> np.ndarray:
    """(3,) unit, level: the way the center of gravity travels, or across the figure's front if it stays."""
    span = reading.com[-1] - reading.com[0]
    span[1] = 0.0
    if np.linalg.norm(span) > 0.3:
        return span / np.linalg.norm(span)
    forward = rotation.rotate(reading.poses.rotation[0, reading.poses.rig.roots[0]], reading.body.anatomy.forward)
    forward[1] = 0.0
    size = np.linalg.norm(forward)
    return forward / size if size > 1e-6 else np.array([0.0, 0.0, 1.0])
