"""A body's mannequin, built once."""

from collections import OrderedDict
from dataclasses import dataclass
from hashlib import blake2b
from threading import Lock

import numpy as np

from ironarc.core import rotation as rot
from ironarc.core.figure.body import Body
from ironarc.core.mannequin.hanging import Hanging, on_trunk_or_head, smoothing
from ironarc.core.mannequin.machine import add_unexplained
from ironarc.core.mannequin.making import Making
from ironarc.core.mannequin.nets import Warp, normals_of, surface
from ironarc.core.mannequin.painting import hollows, paint
from ironarc.core.mannequin.person import add_person
from ironarc.core.mannequin.spread import Spread

FINE, LIGHT = "fine", "light"  # for what stands, and for what moves where drawing is slow
_KEPT = 16  # that were built last; a fine one is some 3 MB
_TIMES = {FINE: 1.0, LIGHT: 2.3}  # the cells of a light one are as many times as wide
# Cell of the grid at a person's and at a machine's usual area, m: everybody gets about as many vertices
_PERSON_CELL_M, _PERSON_AREA = 0.0152, 0.262
_MACHINE_CELL_M, _MACHINE_AREA = 0.0086, 0.0637


@dataclass(frozen=True, eq=False)
class Mannequin:
    """points, normals : (n, 3) m in the pose it is built in; triangles : (m, 3), turning left seen from outside
    bones : (n, 4), joints first, then half bones; shares : (n, 4), adding up to one
    painted : (n, 4) m, see painting.paint; shade : (n,) 1, less in hollows
    rotation, position : (joints, 4) w x y z and (joints, 3) m, the pose it is built in
    parents : (joints,); halves : joints that a half bone sits on
    """

    points: np.ndarray
    normals: np.ndarray
    triangles: np.ndarray
    bones: np.ndarray
    shares: np.ndarray
    painted: np.ndarray
    shade: np.ndarray
    rotation: np.ndarray
    position: np.ndarray
    parents: np.ndarray
    halves: tuple[int, ...]


def known_by(body: Body, female: float = 0.0) -> str:
    """A digest of all that a mannequin is made from: bodies with the same one look the same."""
    numbers = [np.array([body.anatomy.height_m, body.mass_kg, female]), body.anatomy.forward]
    numbers += [body.anatomy.rig.offsets * body.scale_to_m, body.anatomy.rig.parents]
    for part in body.parts:
        numbers += [part.start_m, part.end_m]
        numbers += [np.array([part.joint, part.half_width_m, part.half_depth_m, part.mass_kg])]
    numbers += [point.position_m for point in body.anatomy.contact_points]
    numbers += [np.array(end.offset) * body.scale_to_m for end in body.anatomy.rig.ends]
    words = [f"{part.segment}|{part.side}" for part in body.parts] + [m.role for m in body.anatomy.meanings]
    return blake2b(b"".join(n.tobytes() for n in numbers) + "\n".join(words).encode(), digest_size=12).hexdigest()


_kept: OrderedDict[tuple[str, str], Mannequin | None] = OrderedDict()  # the one used last at the end
_lock = Lock()


def mannequin_of(body: Body, female: float = 0.0, level: str = FINE) -> Mannequin | None:
    """A body's surface; None for one with nothing to show. female : 0 a man's build, 1 a woman's; level : FINE, LIGHT.
    Some 14,000 and 2,700 vertices for a person. Built once for all bodies that look the same."""
    key = known_by(body, female), level
    with _lock:
        if key not in _kept:
            _kept[key] = _built(body, female, level)
        _kept.move_to_end(key)
        while len(_kept) > _KEPT:
            _kept.popitem(last=False)
        return _kept[key]


def _built(body: Body, female: float, level: str) -> Mannequin | None:
    spread = Spread(body)
    making = Making(spread)
    if spread.is_person:
        add_person(making, female)
    add_unexplained(making)
    if not making.owned:
        return None
    points, triangles = surface(making.solids, _cell_m(spread) * _TIMES[level], Warp(making.finer))
    normals = normals_of(points, triangles)
    smooth = smoothing(len(points), triangles)
    hanging = Hanging(making, points, smooth)
    on_middle = on_trunk_or_head(hanging, [meaning.role for meaning in spread.anatomy.meanings])
    bones, shares = hanging.hang()
    return Mannequin(
        points, normals, triangles, bones, shares, paint(making, points, on_middle),
        hollows(points, normals, smooth, spread.size),
        rot.from_matrix(spread.rotation), spread.position, spread.rig.parents,
        tuple(making.halves),
    )  # fmt: skip


def _cell_m(spread: Spread) -> float:
    area = sum(
        np.sqrt(part.half_width_m * part.half_depth_m) * np.linalg.norm(part.end_m - part.start_m)
        for part in spread.body.parts
    )
    if spread.is_person:
        return _PERSON_CELL_M * float(np.sqrt(area / _PERSON_AREA))
    return _MACHINE_CELL_M * float(np.sqrt(area / _MACHINE_AREA))
