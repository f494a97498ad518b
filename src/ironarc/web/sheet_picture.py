"""Drawings of an inspection sheet, as plain numbers for the template's SVG."""

import numpy as np

from ironarc.core.judging.card import part_ends, side_view
from ironarc.core.mannequin import Mannequin
from ironarc.core.reading import Reading
from ironarc.core.reading.gravity_arc import gravity_arc
from ironarc.core.reading.travel import travel_direction
from ironarc.core.scene.remark import Remark
from ironarc.web.bench_data import piers
from ironarc.web.picture import path_data
from ironarc.web.variants import View

WIDE, STRIP_HIGH, LEAST_HIGH = 1040, 272, 60
POSES, APART, BELOW = 11, 0.55, 20  # figures, statures between them, px under the floor for their frames
NOTE_WIDE, NOTE_HIGH, HEAD = 120, 96, 0.28  # of a note's picture, px; of an arrow's length, its head
FLAT, UPRIGHT = 0.05, 0.2  # what is thinner is one straight line; a view that is steeper is one from above
LEFT, RULER, ROW, DEPTH = 74, 14, 11, 96  # of the trestle: gutter, ruler, a pier's row, the height curve


def strip_picture(reading: Reading, figure: Mannequin | None) -> dict:
    """Key poses side by side along the way, with the path of the center of gravity and each one's frame."""
    moments = _moments(reading)
    figures, path = side_view(reading, moments, figure, APART)
    corners = [np.array([v for polygon in polygons for v in polygon]).reshape(-1, 2) for polygons in figures]
    points = np.concatenate([*corners, np.array(path)])
    left, right = points[:, 0].min() - 0.15, points[:, 0].max() + 0.15
    scale = min((WIDE - 20) / max(right - left, 0.5), (STRIP_HIGH - BELOW - 10) / max(points[:, 1].max() + 0.1, 1.0))
    # no higher than what is on it: one who crawls leaves the room to what is said
    high = max(points[:, 1].max() * scale, LEAST_HIGH) + BELOW + 14
    shift, floor = WIDE / 2 - (left + right) / 2 * scale, high - BELOW
    drawn = []

    def place(x: float, y: float) -> tuple[float, float]:
        return round(x * scale + shift, 1), round(floor - y * scale, 1)

    for moment, polygons, own in zip(moments, figures, corners, strict=True):
        middle = float(own[:, 0].mean() if len(own) else 0.0) * scale + shift
        frame = int(reading.poses.frames[0]) + moment
        drawn.append({"drawn": path_data(polygons, place), "x": round(middle, 1), "frame": frame})
    at = np.array(path)
    beads = " ".join(f"{x * scale + shift:.1f},{floor - y * scale:.1f}" for x, y in at)
    return {"width": WIDE, "height": round(high, 1), "floor": round(floor, 1), "figures": drawn, "path": beads}


def _moments(reading: Reading) -> list[int]:
    """Frame indices: both ends, take-offs, tops and landings, and others between, none too near another."""
    last, first = len(reading.com) - 1, int(reading.poses.frames[0])
    keys = [0, last]
    for f in sorted(reading.flights, key=lambda flight: -flight.hang_frames):
        keys += [max(f.start - first - 1, 0), f.apex_frame - first, min(f.end - first + 1, last)]
    out: list[int] = []
    for k in (*keys, *np.linspace(0, last, POSES).round().astype(int).tolist()):
        if len(out) < POSES and all(abs(k - other) >= max(last / (2 * POSES), 1) for other in out):
            out.append(int(k))
    return sorted(out)


def note_picture(reading: Reading, note: Remark) -> dict | None:
    """The figure on a note's frame and what was drawn over it, seen as flat as it was drawn; None for nothing drawn, or
    a frame that is not there."""
    moment = note.frame - int(reading.poses.frames[0])
    if not note.strokes or not 0 <= moment < len(reading.com):
        return None
    strokes = [np.array(stroke.points_m) for stroke in note.strokes]
    right, up = _facing(np.concatenate(strokes), travel_direction(reading))
    flat = np.stack([right, -up], axis=1)
    starts, ends = (found[0] @ flat for found in part_ends(reading, [moment]))
    seen = [points @ flat for points in strokes]
    every = np.concatenate([starts, ends, *seen])
    low, size = every.min(axis=0) - 0.1, np.ptp(every, axis=0) + 0.2
    scale = min(NOTE_WIDE / size[0], NOTE_HIGH / size[1])
    low = low - (np.array([NOTE_WIDE, NOTE_HIGH]) / scale - size) / 2
    widths = [max(float(np.sqrt(p.half_width_m * p.half_depth_m)) * 1.6 * scale, 1.2) for p in reading.body.parts]
    lines = np.column_stack([(starts - low) * scale, (ends - low) * scale, widths]).round(1).tolist()
    drawn = [(points - low) * scale for points in seen]
    for stroke, points in zip(note.strokes, list(drawn), strict=True):
        if stroke.kind == "arrow":
            drawn.append(_arrow_head(points))
    paths = [" ".join(f"{x:.1f},{y:.1f}" for x, y in points) for points in drawn]
    return {"width": NOTE_WIDE, "height": NOTE_HIGH, "frame": note.frame, "lines": lines, "strokes": paths}


def _facing(points: np.ndarray, across: np.ndarray) -> tuple[np.ndarray, np.ndarray]:
    """Right and up (3,) each, unit, of the view that (n, 3) m were drawn in, the way of travel going to the right.

    One straight line lies in many views: it is seen as near to the side as shows it in full length.
    """
    side = np.cross(across, [0.0, 1.0, 0.0])
    _, sizes, ways = np.linalg.svd(points - points.mean(axis=0))
    normal = ways[2] if sizes[1] > FLAT * sizes[0] else side - (side @ ways[0]) * ways[0]
    level = np.cross([0.0, 1.0, 0.0], normal)
    if np.linalg.norm(level) < UPRIGHT * np.linalg.norm(normal) or np.linalg.norm(normal) < UPRIGHT:
        normal, level = np.array([0.0, 1.0, 0.0]), across  # drawn as seen from above
    right = level / np.linalg.norm(level)
    right = right if right @ across >= 0 else -right
    up = np.cross(normal / np.linalg.norm(normal), right)
    return right, up if up[1] >= 0 else -up


def _arrow_head(points: np.ndarray) -> np.ndarray:
    """(3, 2) px: one side of an arrow's head, its point, and the other side."""
    way = points[-1] - points[0]
    back = points[-1] - way * HEAD
    aside = np.array([-way[1], way[0]]) * HEAD / 2
    return np.stack([back + aside, points[-1], back - aside])


def trestle_picture(view: View) -> dict:
    """The center of gravity's height with flights and the arcs gravity asks for, footing in rows, and findings."""
    reading = view.reading
    frames = reading.poses.frames
    first, last = int(frames[0]), int(frames[-1])
    rows = piers(reading)
    top = RULER + 6

    def x(frame: float) -> float:
        return round(LEFT + (frame - first + 0.5) / (last - first + 1) * (WIDE - LEFT - 6), 1)

    height = reading.com[:, 1] - reading.floor_m
    arcs = [gravity_arc(reading, f) for f in reading.flights]
    tops = [height.max(), *(arc[:, 1].max() - reading.floor_m for arc in arcs)]
    low, high = float(height.min()), max(float(max(tops)), float(height.min()) + 0.2)

    def y(metres: float) -> float:
        return round(top + DEPTH - (metres - low) / (high - low) * (DEPTH - 4), 1)

    step = next(n for n in (1, 2, 5, 10, 20, 50, 100, 200, 500, 1000, 2000, 5000) if n * 26 >= last - first)
    begins = -(-first // step) * step
    return {
        "width": WIDE, "height": top + DEPTH + 8 + ROW * len(rows) + 14, "left": LEFT, "ruler": RULER, "top": top,
        "deck": top + DEPTH, "ticks": [(f, x(f)) for f in range(begins, last + 1, step)],
        "curve": " ".join(f"{x(f)},{y(h)}" for f, h in zip(frames, height, strict=True)),
        "flights": [
            {"x0": x(f.start - 0.5), "x1": x(f.end + 0.5), "arc": " ".join(
                f"{x(f.start + i)},{y(p[1] - reading.floor_m)}" for i, p in enumerate(arc))}
            for f, arc in zip(reading.flights, arcs, strict=True)
        ],
        "low": f"{low * 100:.0f}", "high": f"{high * 100:.0f}",
        "rows": [
            {"name": row["limb"].capitalize(), "y": top + DEPTH + 8 + i * ROW, "spans": [
                (x(s["start"] - 0.5), x(s["end"] + 0.5), s["doubt"]) for s in row["spans"]]}
            for i, row in enumerate(rows)
        ],
        "findings": [
            (x(f.start - 0.5), x(f.end + 0.5), f.grade) for f in view.findings if not f.left
        ],
        "marks": top + DEPTH + 10 + ROW * len(rows),
    }  # fmt: skip
