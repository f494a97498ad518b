"""How deep points lie inside the solid parts of a body: its own, or somebody else's."""

from collections.abc import Sequence

import numpy as np

from ironarc.core import rotation
from ironarc.core.figure.body import Part
from ironarc.core.motion.poses import Poses

JOINT_SHARE = 0.1  # of a bone at either end that is its joint, where parts overlap by nature
GIVES = 0.3  # of its half-depth that a part gives way where another one presses into it


def depth_in(at: np.ndarray, parts: Sequence[Part], poses: Poses) -> np.ndarray:
    """(..., frames) m that points (..., frames, 3) lie inside the deepest of some parts, less what flesh gives way by.

    Inside a part it is told by how near it lies to the part's axis, as a share of the section there.
    """
    depth = np.zeros(at.shape[:-1])
    for part in parts:
        axis = part.end_m - part.start_m
        origin = poses.position[:, part.joint]
        reach = max(np.linalg.norm(part.start_m), np.linalg.norm(part.end_m))
        reach += max(part.half_width_m, part.half_depth_m)
        # mostly it is nowhere near
        off = at - origin
        near = np.nonzero(np.einsum("...i,...i->...", off, off) < reach * reach)
        if not len(near[-1]):
            continue
        own = rotation.rotate(poses.rotation[near[-1], part.joint], off[near], back=True)
        share = ((own - part.start_m) @ axis) / max(axis @ axis, 1e-9)
        off = own - part.start_m - share[:, None] * axis
        across = off @ part.across.T / [part.half_width_m, part.half_depth_m]
        inside = 1 - np.linalg.norm(across, axis=1)
        within = (share > JOINT_SHARE) & (share < 1 - JOINT_SHARE)
        thin = min(part.half_width_m, part.half_depth_m)
        depth[near] = np.maximum(depth[near], np.where(within, inside, 0.0) * thin)
    give = GIVES * min((p.half_depth_m for p in parts), default=0.0)
    return np.maximum(depth - give, 0.0)
