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
    if not parts:
        return depth
    # mostly it is nowhere near the body, and then near few of its parts
    origins, reaches = poses.position[:, [part.joint for part in parts]], np.array([_reach(part) for part in parts])
    middle = origins.mean(axis=1)
    wide = (rotation.length(origins - middle[:, None]) + reaches).max(axis=1)
    about = np.nonzero(_square(at - middle) < wide * wide)
    places = at[about]
    for k, (part, reach) in enumerate(zip(parts, reaches, strict=True)):
        axis = part.end_m - part.start_m
        off = places - origins[about[-1], k]
        close = np.flatnonzero(_square(off) < reach * reach)
        if not len(close):
            continue
        near = tuple(index[close] for index in about)
        own = rotation.rotate(poses.rotation[near[-1], part.joint], off[close], back=True)
        share = ((own - part.start_m) @ axis) / max(axis @ axis, 1e-9)
        off = own - part.start_m - share[:, None] * axis
        across = off @ part.across.T / [part.half_width_m, part.half_depth_m]
        inside = 1 - np.linalg.norm(across, axis=1)
        within = (share > JOINT_SHARE) & (share < 1 - JOINT_SHARE)
        thin = min(part.half_width_m, part.half_depth_m)
        depth[near] = np.maximum(depth[near], np.where(within, inside, 0.0) * thin)
    return np.maximum(depth - GIVES * min(p.half_depth_m for p in parts), 0.0)


def _reach(part: Part) -> float:
    """m from its joint that no place in a part is farther than."""
    along = max(float(np.linalg.norm(part.start_m)), float(np.linalg.norm(part.end_m)))
    return along + max(part.half_width_m, part.half_depth_m)


def _square(v: np.ndarray) -> np.ndarray:
    return rotation.dot(v, v)
