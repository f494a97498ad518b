"""The shapes of a body's parts for the engine: capsules, soles where the figure's soles are, a trunk across."""

import mujoco
import numpy as np

from ironarc.core import rotation
from ironarc.core.figure.body import Body, Part
from ironarc.core.reading.skin import SOLE

SOLE_M = 0.018  # radius of a sole's edge


def add_shapes(node, body: Body, joint: int, name: str, how: dict) -> list[str]:
    """The parts that ride on a joint, as shapes of a node; gives their names. how : what they touch, and how"""
    soles = [p.position_m for p in body.anatomy.contact_points if p.joint == joint and p.point in SOLE]
    before = len(node.geoms)
    for n, part in enumerate(p for p in body.parts if p.joint == joint):
        if part.segment == "foot" and soles:
            _add_sole(node, part, np.array(soles), f"{name}_{n}", how)
        else:
            _add_flesh(node, part, f"{name}_{n}", how)
    return [geom.name for geom in node.geoms[before:]]


def _add_sole(node, part: Part, at: np.ndarray, name: str, how: dict) -> None:
    """A foot by its sole (points, 3): two rounded edges along it, which lie on the ground where the sole does."""
    along = at[-1] - at[0] if len(at) > 1 else part.end_m - part.start_m
    side = part.across[0]
    up = np.cross(along, side)
    up = up / max(float(np.linalg.norm(up)), 1e-9)
    if up @ at.mean(axis=0) > 0:  # the joint stands over its sole
        up = -up
    half = max(part.half_width_m - SOLE_M, 0.005)
    for k, way in enumerate((-1.0, 1.0)):
        edge = [p + up * SOLE_M + side * half * way for p in (at[0], at[-1])]
        shape = {"name": f"{name}_{k}", "mass": 0.0, **how}
        if len(at) > 1:
            node.add_geom(
                type=mujoco.mjtGeom.mjGEOM_CAPSULE, size=[SOLE_M, 0.0, 0.0], fromto=[*edge[0], *edge[1]], **shape
            )
        else:
            node.add_geom(type=mujoco.mjtGeom.mjGEOM_SPHERE, size=[SOLE_M, 0.0, 0.0], pos=list(edge[0]), **shape)


def _add_flesh(node, part: Part, name: str, more: dict) -> None:
    """A part as a capsule; a foot with no sole that is known as a box, the trunk as a capsule across."""
    along = part.end_m - part.start_m
    length = float(np.linalg.norm(along))
    if length < 1e-6:
        return
    u, wide, deep = along / length, max(part.half_width_m, 0.012), max(part.half_depth_m, 0.012)
    middle = (part.start_m + part.end_m) / 2
    how = {"name": name, "mass": 0.0, **more}
    if part.segment == "trunk":
        side = part.across[0] * max(wide - deep, 0.005)
        ends = [*(middle - side), *(middle + side)]
        node.add_geom(type=mujoco.mjtGeom.mjGEOM_CAPSULE, size=[min(deep, 0.14), 0.0, 0.0], fromto=ends, **how)
    elif part.segment == "foot":
        frame = np.stack([part.across[0], u, part.across[1]], axis=1)
        if np.linalg.det(frame) < 0:
            frame[:, 0] *= -1
        node.add_geom(
            type=mujoco.mjtGeom.mjGEOM_BOX, size=[wide, length / 2, deep * 0.8], pos=list(middle),
            quat=list(rotation.from_matrix(frame)), **how,
        )  # fmt: skip
    else:
        r = min(float(np.sqrt(wide * deep)), 0.11)
        if length < 2.2 * r:
            node.add_geom(
                type=mujoco.mjtGeom.mjGEOM_SPHERE, size=[max(r, length / 2), 0.0, 0.0], pos=list(middle), **how
            )
        else:
            ends = [*(part.start_m + u * r), *(part.end_m - u * r)]
            node.add_geom(type=mujoco.mjtGeom.mjGEOM_CAPSULE, size=[r, 0.0, 0.0], fromto=ends, **how)
