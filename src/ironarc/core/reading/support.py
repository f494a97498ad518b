"""Pads: the patches of ground that a body's contacts press on."""

from dataclasses import dataclass

import numpy as np

from ironarc.core import rotation
from ironarc.core.by_identity import ByIdentity
from ironarc.core.figure.skeleton import SIDES
from ironarc.core.reading.read import Reading
from ironarc.core.reading.skin import SOLE
from ironarc.core.rows import MANY, blocks

WIDENED_M = 0.03  # that a contact reaches to each side, of a figure 1.75 m tall
BEYOND = 0.3  # of that, a sole reaches beyond its heel and its toe


@dataclass(frozen=True)
class Pads:
    """Two corners of every contact, on all frames; `on` says which count.

    at : (frames, points, 3) m, the skin there; corners : (frames, points, 2, 3) m, where it presses, or would
    normal : (frames, points, 3) unit, out of what it lies on; on, pulls : (frames, points) bool
    between : (frames, points) bool, a ball whose heel and toe bear too
    """

    at: np.ndarray
    corners: np.ndarray
    normal: np.ndarray
    on: np.ndarray
    pulls: np.ndarray
    between: np.ndarray


def pads_on(reading: Reading) -> Pads:
    """Pads of all that touches. Forces and balance ask for the same ones in turn, so those of the last reading that was
    asked are kept; of more than one they would take too much memory."""
    global _last
    found = _last.get(reading)
    if found is None:
        found = read_pads(reading, reading.footing.on)
        _last = ByIdentity()
        _last[reading] = found
    return found


_last: ByIdentity[Pads] = ByIdentity()


def read_pads(reading: Reading, among: np.ndarray | None = None) -> Pads:
    """Not kept with the reading: they are a third as large as all else in it, and made faster than read.

    A sole reaches half its breadth to each side, and a little beyond heel and toe; any other part a little each way.

    among : (frames, points) bool, whose corners and normals are asked for: all if not told; 0 for the others
    """
    track, body, poses = reading.traced.track, reading.body, reading.poses
    skin, on = track.skin, reading.footing.on
    n, points = on.shape
    rows = np.nonzero(np.ones(on.shape, dtype=bool) if among is None else among)
    out_of = np.broadcast_to(reading.floor.normal, (n, points, 3)).copy()
    for name, touch in reading.touch.items():
        out_of[touch] = np.broadcast_to(reading.surfaces[name].normal, out_of.shape)[touch]
    wide = WIDENED_M * reading.size
    # the way a foot points; for other parts any level way will do
    joints = np.where(skin.named(*SOLE), skin.joints, poses.rig.roots[0])
    breadth, reach = np.full(points, wide), np.zeros(points)
    for i, point in enumerate(skin.points):
        if point.point in SOLE:
            half = [p.half_width_m for p in body.parts if p.joint == point.joint and p.segment == "foot"]
            breadth[i] = max(half, default=wide)
    reach[skin.named("heel")], reach[skin.named("toe")] = -BEYOND * wide, BEYOND * wide
    normal, corners = np.zeros((n, points, 3)), np.zeros((n, points, 2, 3))
    for a, b in blocks(len(rows[0]), MANY):
        frame, point = at = rows[0][a:b], rows[1][a:b]
        normal[at] = up = out_of[at]
        # by matrices: however few they are, they are worked out one way
        ahead = rotation.turned(rotation.to_matrix(poses.rotation[frame, joints[point]]), body.anatomy.forward)
        aside = rotation.cross(up, ahead)
        length = rotation.length(aside)[:, None]
        aside = np.where(length > 1e-6, aside / np.maximum(length, 1e-6), [1.0, 0.0, 0.0])
        across, beyond = aside * breadth[point, None], rotation.cross(aside, up) * reach[point, None]
        corners[at] = track.at[at][:, None] + beyond[:, None] + np.stack([across, -across], axis=1)
    pulls = np.zeros(on.shape, dtype=bool) if reading.said is None else reading.said.pulls & on
    between = np.zeros(on.shape, dtype=bool)
    for side in SIDES:
        of_side = np.array([p.side == side for p in skin.points], dtype=bool)
        heel, ball, toe = (np.flatnonzero(of_side & skin.named(name)) for name in SOLE)
        if len(heel) == len(ball) == len(toe) == 1:
            between[:, ball] = on[:, heel] & on[:, toe]
    return Pads(track.at, corners, normal, on, pulls, between)
