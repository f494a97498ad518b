"""Bringing two chosen points together at a frame, by moving or by scaling one performer."""

import numpy as np

from ironarc.core.errors import EditError
from ironarc.core.scene.placement import Placement

ON_FLOOR, FREELY, BY_SIZE = "on_floor", "freely", "by_size"
WAYS = {ON_FLOOR: "moving over the floor", FREELY: "moving freely", BY_SIZE: "scaling, then moving over the floor"}


def line_up(placement: Placement, point: np.ndarray, target: np.ndarray, floor_m: float, how: str) -> Placement:
    """The placement that brings a performer's `point` (3,) to `target` (3,), both m in the world.

    how : "on_floor" leaves heights alone and matches the two seen from above; "freely" meets the target;
    "by_size" scales about the floor until the heights agree, then moves, and so meets it too
    """
    if how not in WAYS:
        raise EditError(f"Lining up is done by {', '.join(WAYS.values())}; {how!r} was given.")
    if how == FREELY:
        return placement.moved(target - point)
    if how == BY_SIZE:
        above, wanted = point[1] - floor_m, target[1] - floor_m
        if above <= 0.01 or wanted <= 0.01:
            raise EditError("To line up by size both points must be off the floor. Choose higher points, or move it.")
        foot = np.array([point[0], floor_m, point[2]])
        placement = placement.about(foot, scale=placement.scale * float(wanted / above))
        point = np.array([point[0], target[1], point[2]])
    return placement.moved((target - point) * [1.0, 0.0, 1.0])
