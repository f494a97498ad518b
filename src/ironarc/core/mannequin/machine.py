"""Solids of bones that no name explains, and of limbs that lack a part: turned pieces by their girths, with a pinned
drum at every hinge.

What stands gets a shoe or a hoof, a stout end held high is a head, a root that many chains hang on is a hull."""

import numpy as np

from ironarc.core.figure.body import Part
from ironarc.core.mannequin.fields import Box, Cone, Disc, Ellipsoid, Sweep, unit
from ironarc.core.mannequin.making import Half, Making, Ring
from ironarc.core.mannequin.spread import SIDE, X, Y, Z

_LEAST_M = 1e-4
_STOUT = 0.22  # girth by length from which an end is a head
_SHOE = 0.45  # of the bone above: shorter is a shoe, longer a shank that stands on its own end


def add_unexplained(making: Making) -> None:
    """Pieces for all parts that nothing stands for yet, and the hinges between them."""
    parts = [p for p in making.spread.body.parts if (p.segment, p.side) not in making.drawn and _length(p) > _LEAST_M]
    for part in parts:
        _piece(making, part, [p for p in parts if p.joint == part.joint])
    for root in making.spread.rig.roots:
        _hull(making, root, parts)
    _hinges(making, parts)
    if not making.spread.is_person:
        for part in parts:
            _left_cuff(making, part)


def _length(part: Part) -> float:
    return float(np.linalg.norm(part.end_m - part.start_m))


def _ends(making: Making, part: Part) -> tuple[np.ndarray, np.ndarray]:
    return making.spread.at(part.joint, part.start_m), making.spread.at(part.joint, part.end_m)


def _across(along: np.ndarray) -> np.ndarray:
    """Side to side, square to a bone."""
    side = X - along * (along @ X)
    return unit(side) if np.linalg.norm(side) > 0.3 else unit(Z - along * (along @ Z))


def _round(*rows: tuple[float, float], r: float) -> list[tuple[float, ...]]:
    return [(at, *(share * r,) * 4) for at, share in rows]


def _piece(making: Making, part: Part, mine: list[Part]) -> None:
    spread, joint = making.spread, part.joint
    start, end = _ends(making, part)
    long, r = _length(part), part.half_width_m
    along = unit(end - start)
    side = _across(along)
    front = np.cross(side, along)
    main = max(mine, key=lambda p: p.mass_kg)
    tip = not any(np.linalg.norm(spread.position[c] - end) < 1e-6 for c in spread.rig.children[joint])
    if part is not main and long < 0.6 * _length(main) and not tip:
        making.add(joint, Cone(start, end, 0.8 * r, 0.8 * r), 0.02)  # a bracket to where the next chain hangs
    elif tip and _stands(making, joint):
        above = spread.rig.joints[joint].parent
        span = float(np.linalg.norm(spread.position[joint] - spread.position[above])) if above >= 0 else long
        if long > _SHOE * span:
            _hoof(making, joint, start, end, side, front, r)
        else:
            _shoe(making, joint, start, end, r)
    elif tip and r / long > _STOUT and end[1] > spread.lowest + 0.25 * spread.anatomy.height_m:
        _lamp(making, joint, start, end, side, front, r)
    elif tip:
        rows = _round((0.0, 0.9), (0.3, 1.1), (1.0, 0.5), r=r)
        making.add(joint, Sweep(start, end, side, front, rows), 0.02)
    elif len(spread.rig.children[joint]) > 1 or spread.rig.joints[joint].parent < 0:
        rows = _round((-0.06, 0.8), (0.15, 1.05), (0.5, 1.1), (0.85, 1.05), (1.06, 0.8), r=r)
        making.add(joint, Sweep(start, end, side, front, rows, caps=(0.6, 0.6), power=2.8), 0.012)
    else:
        rows = _round((0.0, 0.86), (0.18, 1.06), (0.55, 1.08), (0.85, 0.92), (1.0, 0.8), r=r)
        making.add(joint, Sweep(start, end, side, front, rows, caps=(0.6, 0.6)), 0.012)


def _stands(making: Making, joint: int) -> bool:
    spread = making.spread
    low = spread.lowest + 0.06 * spread.anatomy.height_m
    return any(
        point.joint == joint and point.point == "tip" and spread.at(joint, point.position_m)[1] < low
        for point in spread.anatomy.contact_points
    )


def _hoof(making: Making, joint: int, start, end, side, front, r: float) -> None:
    along, long = unit(end - start), float(np.linalg.norm(end - start))
    rows = _round((0.0, 0.9), (0.2, 1.05), (0.8, 0.72), (0.93, 0.7), r=r)
    making.add(joint, Sweep(start, end, side, front, rows, caps=(0.6, 0.4)), 0.012)
    making.add(joint, Disc(end - along * 0.07 * long, along, r, 0.07 * long, 0.4 * r), 0.012)


def _shoe(making: Making, joint: int, start, end, r: float) -> None:
    long = float(np.linalg.norm(end - start))
    flat = (end - start) * [1, 0, 1]
    ahead = unit(flat) if np.linalg.norm(flat) > 0.2 * long else Z
    size = max(r, 0.55 * long / 1.4)
    centre = np.array([start[0], end[1] + 0.32 * size, start[2]]) + ahead * 0.45 * long
    axes = np.array([np.cross(Y, ahead), Y, ahead])
    half = (0.95 * size, 0.32 * size, 0.85 * size + 0.4 * long)
    making.add(joint, Box(centre, half, axes, 0.24 * size), 0.01)
    making.add(joint, Cone(start, centre, 0.75 * size, 0.6 * size), 0.02)


def _lamp(making: Making, joint: int, start, end, side, front, r: float) -> None:
    """A head: flared, hollow in front, a brow over it."""
    along, long = unit(end - start), float(np.linalg.norm(end - start))
    rows = _round((0.0, 0.7), (0.3, 1.05), (0.8, 1.18), (1.0, 1.12), r=r)
    making.add(joint, Sweep(start, end, side, front, rows, caps=(0.6, 0.22), power=2.6), 0.015)
    up = front if front[1] > 0 else -front
    brow = end + up * 1.12 * r - along * 0.1 * long
    making.add(joint, Cone(brow - side * 0.8 * r, brow + side * 0.8 * r, 0.2 * r, 0.2 * r), 0.012)
    making.cut(Ellipsoid(end + along * 0.1 * r, (0.82 * r, 0.82 * r, 0.28 * r), np.array([side, front, along])), 0.008)
    making.lamp = Ring(end, along, 0.5 * r, 0.80 * r)


def _hull(making: Making, root: int, parts: list[Part]) -> None:
    spread = making.spread
    hung = np.array([spread.position[c] for c in spread.rig.children[root]])
    own = [p for p in parts if p.joint == root]
    if len(hung) < 4 or not own:
        return
    r, middle = max(p.half_width_m for p in own), hung.mean(axis=0)
    along = unit(np.linalg.svd(hung - middle)[2][0])
    reach = float(np.abs((hung - middle) @ along).max())
    side = unit(X - along * (along @ X)) if abs(along @ X) < 0.9 else Z
    wide = max(r, 0.85 * float(np.abs((hung - middle) @ side).max()))
    deep = max(r, 0.55 * wide)
    rows = [
        (at, w * wide, w * wide, d * deep, d * deep)
        for at, w, d in ((-0.08, 0.7, 0.7), (0.15, 1, 1), (0.5, 0.86, 0.9), (0.85, 1, 1), (1.08, 0.7, 0.7))
    ]
    ends = middle - along * reach, middle + along * reach
    making.add(root, Sweep(*ends, side, np.cross(side, along), rows, caps=(0.5, 0.5), power=2.6), 0.02)


def _hinges(making: Making, parts: list[Part]) -> None:
    spread = making.spread
    girth: dict[int, float] = {}
    for part in parts:
        girth[part.joint] = max(girth.get(part.joint, 0.0), part.half_width_m)
    for joint, mine in girth.items():
        above = spread.rig.joints[joint].parent
        if above not in girth:
            continue
        own = [p for p in parts if p.joint == joint]
        k = 1.15 * max(mine, 0.7 * min(girth[above], 1.6 * mine))
        k = min(k, 0.45 * max(map(_length, own)))
        along = unit(spread.at(joint, max(own, key=lambda p: p.mass_kg).end_m) - spread.position[joint])
        side, centre = _across(along), spread.position[joint]
        making.add(Half(joint), Disc(centre, side, k, 0.95 * k, 0.34 * k), 0.012)
        for s in SIDE.values():
            making.pins.append(Ring(centre + s * side * 0.95 * k, side, 0.58 * k, 0.36 * k))
        making.hinge(joint, along, 0.9 * k)


def _left_cuff(making: Making, part: Part) -> None:
    """On legs of the left: told by where they stand, as no name says it."""
    spread = making.spread
    start, end = _ends(making, part)
    hangs = start[1] - end[1] > 0.5 * _length(part)
    if hangs and _length(part) > 0.1 * spread.anatomy.height_m and min(start[0], end[0]) > part.half_width_m:
        making.cuff(part.joint, start, end, 0.66, 0.20, 1.22 * part.half_width_m)
