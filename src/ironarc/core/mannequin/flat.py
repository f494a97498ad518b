"""A figure seen flat, as few corners as a small picture needs: for each bone the outline of what hangs on it."""

from contextlib import suppress
from weakref import WeakKeyDictionary

import numpy as np
from scipy.spatial import ConvexHull, QhullError

from ironarc.core.figure.body import Body
from ironarc.core.mannequin.build import LIGHT, Mannequin, mannequin_of
from ironarc.core.mannequin.painting import FAR_M
from ironarc.core.mannequin.posed import posed
from ironarc.core.skin import OwnSkin

_WAYS = 14  # directions that a part's outline is looked for in
_MOMENTS = 64  # of a figure that are kept
_LEAST = 4  # points of a part that has an outline

Polygon = list[float]  # x0, y0, x1, y1, …


def shown_figure(body: Body, female: float = 0.0, own: OwnSkin | None = None) -> Mannequin | None:
    """What a performer is shown as, light: its own skin, or its mannequin. own : the skin, if it is shown"""
    if own is None or not own.shown:
        return mannequin_of(body, female, LIGHT)
    known = _OWN.get(own, {}).get(body.scale_to_m)
    if known is None:
        known = _OWN.setdefault(own, {})[body.scale_to_m] = _as_mannequin(own, body)
    return known


_OWN: WeakKeyDictionary[OwnSkin, dict[float, Mannequin]] = WeakKeyDictionary()


def _as_mannequin(own: OwnSkin, body: Body) -> Mannequin:
    mesh, rig, scale = own.light, body.anatomy.rig, body.scale_to_m
    number = np.array([rig.index(name) for name in mesh.joints])
    return Mannequin(
        mesh.points * scale, mesh.normals, mesh.triangles, number[mesh.bones], mesh.shares,
        np.full((len(mesh.points), 4), -FAR_M), np.ones(len(mesh.points)),
        np.tile([1.0, 0.0, 0.0, 0.0], (len(rig), 1)), rig.rest_positions * scale, rig.parents, (),
    )  # fmt: skip


def outlines(figure: Mannequin, rotation: np.ndarray, position: np.ndarray, axes: np.ndarray) -> list[list[Polygon]]:
    """Polygons in metres, of each moment a list, corners one after the other and all the same way round.

    rotation : (moments, joints, 4) w x y z; position : (moments, joints, 3) m; axes : (2, 3) to the right and up, unit
    """
    seen, out = _SEEN.setdefault(figure, {}), []
    for turn, place in zip(rotation, position, strict=True):
        # most moments of a card are those of the card before
        key = turn.tobytes(), place.tobytes(), axes.tobytes()
        found = seen.pop(key, None)
        seen[key] = _outlined(figure, turn, place, axes) if found is None else found
        out.append(seen[key])
    for oldest in list(seen)[:-_MOMENTS]:
        del seen[oldest]
    return out


_SEEN: WeakKeyDictionary[Mannequin, dict[tuple[bytes, bytes, bytes], list[Polygon]]] = WeakKeyDictionary()


def _outlined(figure: Mannequin, turn: np.ndarray, place: np.ndarray, axes: np.ndarray) -> list[Polygon]:
    """Of one moment."""
    few, groups = _corners(figure)
    angles = np.arange(_WAYS) * 2 * np.pi / _WAYS
    ways = np.stack([np.cos(angles), np.sin(angles)])
    flat = posed(few, turn, place) @ axes.T
    polygons = []
    for a, b in groups:
        corners = flat[a:b]
        at = np.argmax(corners @ ways, axis=0)
        at = at[np.concatenate([[True], at[1:] != at[:-1]])]
        polygons.append(np.round(corners[at], 3).ravel().tolist())
    return [polygon for polygon in polygons if len(polygon) >= 6]


_CORNERS: WeakKeyDictionary[Mannequin, tuple[Mannequin, list[tuple[int, int]]]] = WeakKeyDictionary()


def _corners(figure: Mannequin) -> tuple[Mannequin, list[tuple[int, int]]]:
    """Only the points that can be corners of a part's outline, a part's beside one another, and the spans of them."""
    if figure in _CORNERS:
        return _CORNERS[figure]
    held = figure.bones[np.arange(len(figure.bones)), np.argmax(figure.shares, axis=1)]
    joints = len(figure.rotation)
    held = np.where(held >= joints, np.array([*figure.halves, 0])[np.maximum(held - joints, 0)], held)
    kept, spans, begin = [], [], 0
    for joint in np.unique(held):
        mine = np.flatnonzero(held == joint)
        if len(mine) < _LEAST:
            continue
        with suppress(QhullError):  # all in one plane: each may be a corner
            mine = mine[ConvexHull(figure.points[mine]).vertices]
        kept.append(mine)
        spans.append((begin, begin + len(mine)))
        begin += len(mine)
    rows = np.concatenate(kept) if kept else np.zeros(0, dtype=int)
    few = Mannequin(
        figure.points[rows], figure.normals[rows], figure.triangles[:0], figure.bones[rows], figure.shares[rows],
        figure.painted[rows], figure.shade[rows], figure.rotation, figure.position, figure.parents, figure.halves,
    )  # fmt: skip
    _CORNERS[figure] = few, spans
    return _CORNERS[figure]
