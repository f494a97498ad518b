"""Named points of what is in a shot: a body's center of gravity, its hips, a joint; a prop's top or middle."""

import numpy as np

from ironarc.core import rotation
from ironarc.core.body import Body
from ironarc.core.errors import EditError
from ironarc.core.motion.bake import Poses
from ironarc.core.reading.momentum import body_centres, whole_com
from ironarc.core.scene.guide import COM, ROOT, Guide
from ironarc.core.shot import Performer, Shot

TOP, MIDDLE, FOOT = "top", "middle", "foot"
PROP_POINTS = {TOP: 1.0, MIDDLE: 0.5, FOOT: 0.0}  # share of the height


def body_point(poses: Poses, body: Body, of: str) -> np.ndarray:
    """(frames, 3) m: the center of gravity ("com"), the hips ("root") or a joint. EditError for none of that name."""
    if of == COM:
        return whole_com(body_centres(poses, body), body)
    if of == ROOT:
        return poses.position[:, poses.rig.roots[0]]
    if of not in poses.rig:
        raise EditError(f"There is no joint called {of}. Choose another point.")
    return poses.position[:, poses.rig.index(of)]


def point_at(shot: Shot, item_id: str, of: str, frame: int) -> np.ndarray:
    """(3,) m: where a point of a performer or prop is at a frame of the shot."""
    item = shot.item(item_id)
    frames = np.array([frame])
    if isinstance(item, Performer):
        return body_point(item.poses(frames, shot.frame_time_s), item.body(), of)[0]
    if of not in PROP_POINTS:
        raise EditError(f"{item.name} has a {', a '.join(PROP_POINTS)}; {of} was given.")
    at, turn = item.track(frames)
    up = np.array([0.0, item.size_m[1] * PROP_POINTS[of], 0.0])
    return at[0] + rotation.rotate(turn[0], up)


def guide_distance(shot: Shot, guide: Guide, poses: Poses, body: Body) -> np.ndarray:
    """(frames,) m from where the guided point is to where the guide has it; NaN where the guide doesn't reach."""
    path = guide.path(poses.frames, shot.frame_time_s, shot.g)
    return np.linalg.norm(body_point(poses, body, guide.of) - path, axis=1)
