"""Named points of what is in a shot: a body's center of gravity, its hips, a joint; a prop's top or middle."""

import numpy as np

from ironarc.core import rotation
from ironarc.core.document import Performer, Shot
from ironarc.core.errors import EditError
from ironarc.core.figure.body import Body
from ironarc.core.figure.rig import EndSite, Rig
from ironarc.core.motion.poses import Poses
from ironarc.core.reading.momentum import body_centres, whole_com
from ironarc.core.scene.guide import COM, ROOT, Guide
from ironarc.core.scene.props import Prop

TOP, MIDDLE, FOOT = "top", "middle", "foot"
PROP_POINTS = {TOP: 1.0, MIDDLE: 0.5, FOOT: 0.0}  # share of the height


def tips(rig: Rig) -> dict[str, EndSite]:
    """A rig's end sites by name: a hand, toe or head that is no joint of its own is the tip of one."""
    out: dict[str, EndSite] = {}
    for end in rig.ends:
        name = f"{rig.names[end.parent]}, its tip"
        number = sum(key.startswith(name) for key in out) + 1
        out[name if number == 1 else f"{name} {number}"] = end
    return out


def points_of(item: Performer | Prop) -> list[tuple[str, str]]:
    """(name, words) of every point of a performer or a prop that can be lined up."""
    if isinstance(item, Prop):
        return [(point, point) for point in PROP_POINTS]
    names = [*item.rig.names, *tips(item.rig)]
    return [(COM, "center of gravity"), *((name, name) for name in names)]


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
    """(3,) m: where a point of a performer or prop, as `points_of` names them, is at a frame of the shot."""
    item = shot.item(item_id)
    frames = np.array([frame])
    if isinstance(item, Performer):
        poses, end = shot.poses(item.id, frames), tips(item.rig).get(of)
        if end is None:
            return body_point(poses, item.body(), of)[0]
        offset = np.array(end.offset) * item.scale_to_m * item.placement.scale
        return poses.position[0, end.parent] + rotation.rotate(poses.rotation[0, end.parent], offset)
    if of not in PROP_POINTS:
        raise EditError(f"{item.name} has a {', a '.join(PROP_POINTS)}; {of} was given.")
    at, turn = shot.track_of(item, frames)
    up = np.array([0.0, item.size_m[1] * PROP_POINTS[of], 0.0])
    return at[0] + rotation.rotate(turn[0], up)


def guided(shot: Shot, guide: Guide) -> Performer | None:
    """The performer a guide is for; None where that one is gone, or has no such point."""
    found = [p for p in shot.performers if p.id == guide.performer] if guide.performer else [shot.performer]
    if not found or (guide.of not in (COM, ROOT) and guide.of not in found[0].rig):
        return None
    return found[0]


def check_guided(shot: Shot, guide: Guide) -> None:
    """EditError for a guide of a performer that isn't there, or of a joint that one lacks."""
    if guided(shot, guide) is not None:
        return
    if guide.performer and not any(p.id == guide.performer for p in shot.performers):
        raise EditError(f"{guide.name} is for a performer that is not in the shot. Choose one of those there.")
    name = shot.performer_called(guide.performer).name
    raise EditError(f"{name} has no joint called {guide.of} for {guide.name} to guide. Choose another point.")


def guide_distance(shot: Shot, guide: Guide, poses: Poses, body: Body) -> np.ndarray:
    """(frames,) m from where the guided point is to where the guide has it; NaN where the guide doesn't reach, and
    throughout for a joint the body lacks."""
    if guide.of not in (COM, ROOT) and guide.of not in poses.rig:
        return np.full(len(poses.frames), np.nan)
    path = guide.path(poses.frames, shot.frame_time_s, shot.g)
    return np.linalg.norm(body_point(poses, body, guide.of) - path, axis=1)
